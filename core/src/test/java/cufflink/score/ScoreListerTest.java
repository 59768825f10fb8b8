package cufflink.score;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestDesigns;
import cufflink.crease.CreasePatternBuilder;
import cufflink.design.Face;
import cufflink.design.Fold;
import cufflink.design.SizedDesign;
import cufflink.measure.Length;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.LongRange;
import org.junit.jupiter.api.Test;

class ScoreListerTest {
    private static SizedDesign.Piece piece(String folds) {
        return TestDesigns.sized(TestDesigns.strip(List.of("2 in", "3 in", "4 in", "1 in"), folds, List.of())).pieces()
                .get(0);
    }

    private static List<ScoreSetup> list(SizedDesign.Piece piece, ScoringStyle style) {
        return ScoreLister.list(piece, CreasePatternBuilder.build(piece).orThrow(), style);
    }

    private static List<Length> positions(ScoreSetup setup) {
        return setup.positions().stream().map(ScoreSetup.Position::at).toList();
    }

    @Test
    void oneFace_isOneSetup_ascending() {
        List<ScoreSetup> setups = list(piece("vmv"), ScoringStyle.ONE_FACE);
        assertEquals(1, setups.size());
        assertEquals(List.of(Length.ofInches(2), Length.ofInches(5), Length.ofInches(9)), positions(setups.get(0)));
        assertEquals(Face.INSIDE, setups.get(0).faceUp());
    }

    /**
     * Common practice: the ridge ends up inside the fold, so a valley is pressed from behind; positions are width − x
     * there.
     */
    @Test
    void ownFace_valleysAreMirroredOnTheOtherFace() {
        List<ScoreSetup> setups = list(piece("vmv"), ScoringStyle.OWN_FACE);
        assertEquals(2, setups.size());
        assertEquals(List.of(Length.ofInches(5)), positions(setups.get(0)));
        ScoreSetup behind = setups.get(1);
        assertTrue(behind.mirrored());
        assertEquals(Face.OUTSIDE, behind.faceUp());
        assertEquals(List.of(Length.ofInches(1), Length.ofInches(8)), positions(behind));
        assertTrue(behind.positions().stream().allMatch(position -> position.fold() == Fold.MOUNTAIN));
    }

    @Property(seed = "3")
    void mirroredScores_mirrorBack(@ForAll @LongRange(min = 0, max = 1_000_000_000) long at,
            @ForAll @LongRange(min = 0, max = 1_000_000_000) long extent) {
        Length position = Length.ofNanometres(at);
        Length across = Length.ofNanometres(extent);
        assertEquals(position, ScoreLister.mirrored(ScoreLister.mirrored(position, across), across));
        assertEquals(Fold.VALLEY, Fold.VALLEY.seenFromBehind().seenFromBehind());
    }

    @Test
    void decorativeScores_areScoredTooButNeverFolded() {
        SizedDesign.Piece piece = piece("vdv");
        assertEquals(3, list(piece, ScoringStyle.ONE_FACE).get(0).positions().size());
        assertFalse(CreasePatternBuilder.build(piece).orThrow().hinges().stream()
                .anyMatch(hinge -> hinge.fold() == Fold.DECORATIVE));
    }
}
