package cufflink.directions.match;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Exact elimination, an equation at a time. Each is solved for one unknown that no earlier one was solved for, or is
 * found to follow from the earlier ones, or to contradict them. Unknowns that nothing is said of are 0.
 */
final class Elimination {
    private final int unknowns;
    private final BigFraction slack;
    private final List<BigFraction[]> rows;
    private final List<Integer> pivots;
    /** The unknown that stays 0; −1 for none. */
    private int still = -1;
    private int holding;
    private int contradictions;

    /** @param slack an equation that is off by less than that follows from the others */
    Elimination(int unknowns, BigFraction slack) {
        this.unknowns = unknowns;
        this.slack = slack;
        this.rows = new ArrayList<>();
        this.pivots = new ArrayList<>();
    }

    private Elimination(Elimination other) {
        this.unknowns = other.unknowns;
        this.slack = other.slack;
        this.rows = new ArrayList<>(other.rows.stream().map(BigFraction[]::clone).toList());
        this.pivots = new ArrayList<>(other.pivots);
        this.holding = other.holding;
        this.contradictions = other.contradictions;
        this.still = other.still;
    }

    /** The same without equations, where one unknown stays 0. */
    static Elimination holding(int still, int unknowns, BigFraction slack) {
        Elimination elimination = new Elimination(unknowns, slack);
        elimination.still = still;
        return elimination;
    }

    /** The same equations; more for one are none for the other. */
    Elimination copy() {
        return new Elimination(this);
    }

    /**
     * {@code coefficients} times the unknowns is {@code right}. The first unknown that it can be solved for is. Tells
     * whether it was solved for one.
     */
    boolean add(BigFraction[] coefficients, BigFraction right) {
        BigFraction[] row = new BigFraction[unknowns + 1];
        System.arraycopy(coefficients, 0, row, 0, unknowns);
        row[unknowns] = right;
        if (still >= 0) {
            row[still] = BigFraction.ZERO;
        }
        for (int i = 0; i < rows.size(); i++) {
            subtract(row, rows.get(i), row[pivots.get(i)]);
        }
        Optional<Integer> pivot = pivot(row);
        if (pivot.isEmpty()) {
            boolean holds = row[unknowns].abs().compareTo(slack) < 0;
            holding += holds ? 1 : 0;
            contradictions += holds ? 0 : 1;
            return false;
        }
        int at = pivot.get();
        BigFraction by = row[at];
        for (int i = 0; i <= unknowns; i++) {
            row[i] = isZero(row[i]) ? row[i] : row[i].divide(by);
        }
        rows.forEach(other -> subtract(other, row, other[at]));
        rows.add(row);
        pivots.add(at);
        holding++;
        return true;
    }

    private static void subtract(BigFraction[] from, BigFraction[] row, BigFraction times) {
        if (isZero(times)) {
            return;
        }
        for (int i = 0; i < from.length; i++) {
            if (!isZero(row[i])) {
                from[i] = from[i].subtract(row[i].multiply(times));
            }
        }
    }

    private Optional<Integer> pivot(BigFraction[] row) {
        for (int i = 0; i < unknowns; i++) {
            if (!isZero(row[i])) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    private static boolean isZero(BigFraction number) {
        return number.signum() == 0;
    }

    /** Equations that the unknowns satisfy. */
    int holding() {
        return holding;
    }

    int contradictions() {
        return contradictions;
    }

    /** Unknowns that are not 0. */
    int changed() {
        return (int) rows.stream().filter(row -> !isZero(row[unknowns])).count();
    }

    /** The unknowns; 0 for those that no equation was solved for. */
    List<BigFraction> solution() {
        List<BigFraction> solution = new ArrayList<>();
        for (int i = 0; i < unknowns; i++) {
            solution.add(BigFraction.ZERO);
        }
        for (int i = 0; i < rows.size(); i++) {
            solution.set(pivots.get(i), rows.get(i)[unknowns]);
        }
        return solution;
    }

    /** Whether an equation was solved for an unknown. */
    boolean isSolved(int unknown) {
        return pivots.contains(unknown);
    }
}
