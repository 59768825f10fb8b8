package cufflink.directions.match;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.apache.commons.numbers.fraction.BigFraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Equations made from a known solution are solved for it, exactly. */
class EliminationTest {
    private static final BigFraction SLACK = BigFraction.of(1, 1000);

    private static BigFraction[] row(int... coefficients) {
        BigFraction[] row = new BigFraction[coefficients.length];
        for (int i = 0; i < row.length; i++) {
            row[i] = BigFraction.of(coefficients[i], 8);
        }
        return row;
    }

    private static BigFraction times(BigFraction[] row, List<BigFraction> solution) {
        BigFraction sum = BigFraction.ZERO;
        for (int i = 0; i < row.length; i++) {
            sum = sum.add(row[i].multiply(solution.get(i)));
        }
        return sum;
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void everyEquation_holdsOfTheSolution(int seed) {
        Random random = new Random(seed);
        int unknowns = 1 + random.nextInt(6);
        List<BigFraction> known = new ArrayList<>();
        for (int i = 0; i < unknowns; i++) {
            known.add(BigFraction.of(random.nextInt(200) - 100, 1 + random.nextInt(16)));
        }
        Elimination elimination = new Elimination(unknowns, SLACK);
        List<BigFraction[]> rows = new ArrayList<>();
        for (int i = 0; i < 2 * unknowns; i++) {
            BigFraction[] row = row(random.ints(unknowns, -3, 4).toArray());
            rows.add(row);
            elimination.add(row, times(row, known));
        }
        assertEquals(0, elimination.contradictions());
        assertEquals(rows.size(), elimination.holding());
        rows.forEach(row -> assertEquals(times(row, known), times(row, elimination.solution())));
    }

    @Test
    void whatContradicts_isCounted_andChangesNothing() {
        Elimination elimination = new Elimination(1, SLACK);
        assertTrue(elimination.add(row(8), BigFraction.of(3)));
        elimination.add(row(8), BigFraction.of(4));
        assertEquals(1, elimination.contradictions());
        assertEquals(List.of(BigFraction.of(3)), elimination.solution());
    }

    @Test
    void aCopy_goesItsOwnWay() {
        Elimination first = new Elimination(1, SLACK);
        Elimination second = first.copy();
        second.add(row(8), BigFraction.of(5));
        assertEquals(0, first.holding());
        assertEquals(1, second.changed());
    }

    @Test
    void anUnknownOfWhichNothingIsSaid_isNothing() {
        Elimination elimination = new Elimination(2, SLACK);
        elimination.add(row(8, 0), BigFraction.of(5));
        assertEquals(List.of(BigFraction.of(5), BigFraction.ZERO), elimination.solution());
    }
}
