package cufflink.fold;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestPieces;
import cufflink.crease.CreasePattern;
import cufflink.design.CreaseRef;
import cufflink.design.Fold;
import cufflink.design.PanelRef;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;

/**
 * How panels have moved between two states, and paper that passes through paper. A strip of four panels of 30 × 40 mm,
 * valley folds at 30, 60 and 90 mm.
 */
class CrossingsTest {
    private static final CreasePattern STRIP = Maps.pattern(120, 40,
            List.of(TestPieces.score("one", Fold.VALLEY, 30, 0, 30, 40),
                    TestPieces.score("two", Fold.VALLEY, 60, 0, 60, 40),
                    TestPieces.score("three", Fold.VALLEY, 90, 0, 90, 40)),
            4);
    private static final List<PanelRef> PANELS = STRIP.panels().stream().map(panel -> new PanelRef("base", panel.id()))
            .toList();
    private static final Folder FOLDER = new Folder(Assembly.of(STRIP, STRIP.panels().get(0).id()));

    private static FoldedState state(double one, double two, double three) {
        Map<CreaseRef, Double> angles = new HashMap<>();
        angles.put(new CreaseRef("base", "one"), one);
        angles.put(new CreaseRef("base", "two"), two);
        angles.put(new CreaseRef("base", "three"), three);
        return FOLDER.fold(angles).orThrow();
    }

    private static boolean crosses(FoldedState state) {
        return Crossings.first(state, Travel.between(FOLDER.unfolded(), state)).isPresent();
    }

    /**
     * Three right angles make a tube that just closes; 95 degrees each drive the last panel through the first; 85 leave
     * it open.
     */
    @Test
    void lastPanel_hitsTheFirst_onlyWhenTheTubeIsOverfolded() {
        assertFalse(crosses(state(85, 85, 85)));
        assertFalse(crosses(state(90, 90, 90)), "touching is not crossing");
        assertTrue(crosses(state(104, 104, 104)));
        assertEquals(List.of(PANELS.get(0), PANELS.get(3)), Crossings
                .first(state(104, 104, 104), Travel.between(FOLDER.unfolded(), state(104, 104, 104))).orElseThrow());
    }

    /** A zigzag of any angles never meets itself. */
    @Property(tries = 60, seed = "11")
    void zigzag_neverCrosses(@ForAll @IntRange(min = -170, max = 170) int one,
            @ForAll @IntRange(min = 0, max = 170) int two) {
        assertFalse(crosses(state(one, two * (one > 0 ? -1 : 1), one)));
    }

    @Test
    void travel_knowsWhatMoved_andWhatMovedAsOne() {
        Travel travel = Travel.between(FOLDER.unfolded(), state(0, 70, 0));
        assertEquals(List.of(PANELS.get(2), PANELS.get(3)), List.copyOf(travel.moved()));
        assertTrue(travel.together(PANELS.get(0), PANELS.get(1)));
        assertTrue(travel.together(PANELS.get(2), PANELS.get(3)));
        assertFalse(travel.together(PANELS.get(1), PANELS.get(2)));
    }

    /** Half of a right angle about the crease at 60 mm: a place 20 mm beyond it rises by 20 mm times the sine. */
    @Test
    void rise_isTheHeightOverTheOther() {
        Travel travel = Travel.between(FOLDER.unfolded(), state(0, 45, 0));
        assertEquals(20 * Math.sin(Math.toRadians(45)),
                travel.rise(PANELS.get(2), PANELS.get(1), new Coordinate(80, 20)), 1e-9);
    }
}
