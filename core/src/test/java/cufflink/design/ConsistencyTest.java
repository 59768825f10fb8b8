package cufflink.design;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.TestPieces;
import cufflink.design.DesignDefinition.Edges;
import cufflink.design.DesignDefinition.Way;
import cufflink.design.SizedDesign.FoldStep;
import cufflink.design.SizedDesign.Glue;
import cufflink.design.SizedDesign.Host;
import cufflink.design.SizedDesign.Making;
import cufflink.design.SizedDesign.Marks;
import cufflink.design.SizedDesign.PanelName;
import cufflink.design.SizedDesign.Piece;
import cufflink.design.SizedDesign.Pose;
import cufflink.design.SizedDesign.Said;
import cufflink.words.Code;
import cufflink.words.DesignWords;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What of a design says nothing, or two things at once. */
class ConsistencyTest {
    private static final Piece CARD = card("card", "left", "right");
    private static final Piece TAG = card("tag", "front", "back");

    private final Map<String, Pose> poses = new LinkedHashMap<>();
    private final List<Piece> pieces = new ArrayList<>(List.of(CARD));
    private final List<FoldStep> folding = new ArrayList<>();
    private final List<Glue> glue = new ArrayList<>();

    private static Piece card(String id, String... panels) {
        return TestPieces.piece(id, 100, 80,
                new Marks(List.of(TestPieces.score("spine", Fold.VALLEY, 50, 0, 50, 80)), List.of(), List.of(),
                        Stream.of(panels).map(panel -> PanelName.of(panel, panel)).toList()));
    }

    private static Glue glued(String id, String part, String onto) {
        return new Glue(id, Way.GLUE, PanelRef.read(part).orElseThrow(),
                new Host(PanelRef.read(onto).orElseThrow(), Face.INSIDE, Optional.empty()),
                new Edges(List.of(Side.LEFT), List.of(), false), SizedDesign.Passing.NOTHING,
                Said.of("Glue it."));
    }

    private static FoldStep fold(String piece, double angle, String... creases) {
        return new FoldStep(piece, List.of(creases), angle, Said.of("Fold it."), false, false, List.of());
    }

    private void pose(String name, String after, double angle) {
        poses.put(name, new Pose(Optional.ofNullable(after), Optional.empty(),
                Map.of(new CreaseRef("card", "spine"), angle)));
    }

    private List<Code> found(String... loose) {
        SizedDesign plain = TestPieces.design(CARD);
        SizedDesign design = new SizedDesign(plain.definition(), plain.measures(), pieces,
                new Making(List.of(), folding, glue, List.of(), List.of(), SizedDesign.Trim.NONE, List.of()), List.of(),
                new SizedDesign.Opening(poses, List.of()), List.of());
        return new Consistency(design, Set.of("card", "tag", "spare", "cord"), Set.of(loose)).problems().stream()
                .map(problem -> problem.code()).toList();
    }

    @Test
    void soundDesign_hasNothingAgainstIt() {
        pieces.add(TAG);
        folding.add(fold("card", 180, "spine"));
        folding.add(fold("spare", 180, "spine"));
        glue.add(glued("tag", "tag.front", "card.left"));
        pose("open", null, 90);
        pose("flat", "open", 0);
        assertEquals(List.of(), found());
    }

    @Test
    void namesUsedTwice_areNamedOnce() {
        pieces.set(0, new Piece("card", "card", CARD.source(), CARD.lying(), CARD.width(), CARD.height(),
                new Marks(List.of(CARD.scores().get(0), CARD.scores().get(0), CARD.scores().get(0)), List.of(),
                        List.of(), CARD.marks().panelNames())));
        assertEquals(List.of(DesignWords.TWO_OF_A_NAME), found());
    }

    @Test
    void twoPiecesOfAName_cannotBeToldApart() {
        pieces.add(CARD);
        assertEquals(List.of(DesignWords.TWO_OF_A_NAME), found());
    }

    @Test
    void sameNameInAnotherPiece_isAnotherCrease() {
        pieces.add(TAG);
        glue.add(glued("tag", "tag.front", "card.left"));
        assertEquals(List.of(), found());
    }

    @Test
    void foldingOfNoPiece_isAMistake_butNotOfOneThatIsLeftOut() {
        folding.add(fold("thread", 180, "spine"));
        assertEquals(List.of(DesignWords.FOLDS_NO_PIECE), found());
    }

    @Test
    void creaseTwiceInAStep_isAMistake() {
        folding.add(fold("card", 180, "spine", "spine"));
        assertEquals(List.of(DesignWords.TWO_OF_A_NAME), found());
    }

    @ParameterizedTest
    @ValueSource(doubles = {181, -181, 200, 360})
    void noCreaseFoldsBeyondShut(double angle) {
        folding.add(fold("card", angle, "spine"));
        pose("open", null, angle);
        assertEquals(List.of(DesignWords.BEYOND_SHUT, DesignWords.BEYOND_SHUT), found());
    }

    @ParameterizedTest
    @ValueSource(doubles = {180, -180, 0})
    void shut_isNotBeyond(double angle) {
        folding.add(fold("card", angle, "spine"));
        assertEquals(List.of(), found());
    }

    @Test
    void posesInACircle_orAfterThemselves_cannotBeReached() {
        pose("open", "flat", 90);
        pose("flat", "open", 0);
        pose("round", "round", 30);
        assertEquals(List.of(DesignWords.NO_POSE_BEFORE, DesignWords.NO_POSE_BEFORE), found());
    }

    @Test
    void pieceThatNothingHolds_isSaidToBeLoose_orAMistake() {
        pieces.add(TAG);
        assertEquals(List.of(DesignWords.HELD_BY_NOTHING), found());
        assertEquals(List.of(), found("tag"));
        glue.add(glued("tag", "tag.front", "card.left"));
        assertEquals(List.of(DesignWords.LOOSE_BUT_GLUED), found("tag"));
    }

    /** In whatever order the joints stand, a chain of pieces hangs together. */
    @Test
    void pieces_mayHangOnEachOther() {
        pieces.add(TAG);
        pieces.add(card("cord", "one", "two"));
        glue.add(glued("cord", "cord.one", "tag.back"));
        glue.add(glued("tag", "tag.front", "card.left"));
        assertEquals(List.of(), found());
    }

    @Test
    void panelGluedToItself_isAMistake() {
        glue.add(glued("fold", "card.left", "card.left"));
        assertEquals(List.of(DesignWords.PUT_ON_ITSELF), found());
    }
}
