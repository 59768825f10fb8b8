package cufflink.stack;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.measure.Length;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WindingTest {
    private static final Length CALIPER = Length.ofMicrometres(300);

    /**
     * Bookbinding: a sheet wound round the others retracts by a quarter circle per leaf, π/2 of its caliper for each
     * sheet in it. The printing trade's rule of thumb, one caliper for each, is less (from memory).
     */
    @ParameterizedTest
    @CsvSource({"1", "2", "5", "16"})
    void eachFurtherSheetOfABooklet_retractsByHalfPiOfItsCaliper(int inside) {
        Length creep = Winding.creep(CALIPER.times(2L * inside));
        assertEquals(inside * Math.PI / 2 * CALIPER.toMillimetres(), creep.toMillimetres(), 1e-5);
        assertTrue(creep.isLongerThan(CALIPER.times(inside)));
        assertTrue(CALIPER.times(2L * inside).isLongerThan(creep));
    }

    /** Two boards hinged at an edge, drawn as polylines: the middle of the sheet, measured along it. */
    @ParameterizedTest
    @CsvSource({"0.3, 2", "0.3, 0", "0.5, 6"})
    void wayRoundAStack_measuredOnManySmallPieces(double caliper, double stack) {
        double radius = (stack + caliper) / 2;
        double way = 0;
        int pieces = 20_000;
        for (int i = 0; i < pieces; i++) {
            double from = Math.PI * i / pieces;
            double to = Math.PI * (i + 1) / pieces;
            way += Math.hypot(radius * (Math.cos(to) - Math.cos(from)), radius * (Math.sin(to) - Math.sin(from)));
        }
        double flat = Math.PI * caliper / 2;
        Length creep = Winding.creep(Length.nearestToMillimetres(stack));
        assertEquals((way - flat) / 2, creep.toMillimetres(), 1e-5);
    }

    @Test
    void spine_isTheStackAndTheSheet() {
        assertEquals(Length.ofMicrometres(3300), Winding.spine(Length.ofMillimetres(3), CALIPER));
    }

    @Test
    void rimOfAnEvenStack_isItsThickness() {
        Winding.Layer card = new Winding.Layer(2, 90, CALIPER);
        assertEquals(CALIPER.times(3), Winding.rim(List.of(card, card, card), CALIPER.times(3)));
    }

    /** A brad in the middle: the tube goes straight from the edges to its head, two legs of a right triangle. */
    @ParameterizedTest
    @CsvSource({"60, 6, 2", "40, 10, 5", "100, 4, 1"})
    void rimOfAStackThickInItsMiddle_isTheWayOverIt(double width, double head, double bump) {
        Winding.Layer card = new Winding.Layer(0, width, CALIPER);
        Winding.Layer brad = new Winding.Layer((width - head) / 2, (width + head) / 2,
                Length.nearestToMillimetres(bump));
        double leg = (width - head) / 2;
        double over = CALIPER.toMillimetres() + 2 * (Math.hypot(leg, bump / 2) - leg);
        Length most = CALIPER.plus(Length.nearestToMillimetres(bump));
        assertEquals(over, Winding.rim(List.of(card, brad), most).toMillimetres(), 1e-3);
        assertTrue(most.isLongerThan(Winding.rim(List.of(card, brad), most)));
    }
}
