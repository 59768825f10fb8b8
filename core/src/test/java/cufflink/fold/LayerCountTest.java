package cufflink.fold;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.OptionalLong;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * The search counts the foldings of maps as published: strips of n labelled stamps OEIS A000136, 2 × n maps A001415, n
 * × n maps A001418. Offsets settled by hand: a strip of one stamp has 1 folding, of two 2; a 2 × 2 map 8.
 */
class LayerCountTest {
    @ParameterizedTest
    @CsvSource({"1,1", "2,2", "3,6", "4,16", "5,50", "6,144", "7,462", "8,1392", "9,4536", "10,14060"})
    void strip_hasAsManyFoldingsAsPublished(int stamps, long published) {
        assertEquals(OptionalLong.of(published), LayerProblem.anyWay(Maps.folded(stamps, 1)).count());
    }

    @ParameterizedTest
    @CsvSource({"1,2", "2,8", "3,60", "4,320", "5,1980"})
    void mapOfTwoRows_hasAsManyFoldingsAsPublished(int columns, long published) {
        assertEquals(OptionalLong.of(published), LayerProblem.anyWay(Maps.folded(columns, 2)).count());
    }

    @Test
    void mapOfThreeByThree_hasAsManyFoldingsAsPublished() {
        assertEquals(OptionalLong.of(1368), LayerProblem.anyWay(Maps.folded(3, 3)).count());
    }

    @Test
    void boundHit_isSaidSo() {
        assertTrue(LayerProblem.anyWay(Maps.folded(10, 1)).count(50).isEmpty());
    }
}
