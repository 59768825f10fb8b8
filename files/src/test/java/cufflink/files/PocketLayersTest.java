package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Check;
import cufflink.check.Verdict;
import cufflink.design.PanelRef;
import cufflink.design.Side;
import cufflink.files.design.BuiltInDesigns;
import cufflink.files.design.DesignFileReader;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.stack.PocketSpace;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A pocket that a design speaks of, held against the one that its folds and glue make. */
class PocketLayersTest {
    private static final String SIDES = "edges: [top, bottom], free: [left]";

    private static Check judged(String design, String was, String is) {
        String text = BuiltInDesigns.text(design);
        assertTrue(text.contains(was), was);
        Project project = Project.of(DesignFileReader.read("mine.yaml", text.replace(was, is)).orThrow(),
                RulerStep.SIXTEENTH_INCH);
        return Plans.plan(project).checks().stream().filter(check -> check.id().equals("pocket-layers")).findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(strings = {"m-fold-holder", "back-fold-holder"})
    void builtInPockets_areMadeByTheirLayers(String design) {
        Plans.expect(Plans.project(design)).judges("pocket-layers", Verdict.GOOD);
        Plans.expect(Plans.metric(design)).judges("pocket-layers", Verdict.GOOD);
    }

    @Test
    void unglued_isNone() {
        Check check = judged("m-fold-holder", SIDES, "edges: [bottom], free: [left]");
        assertEquals(Verdict.GOOD, check.verdict(), "a fold and one glued side still hold");
        check = judged("m-fold-holder", SIDES, "edges: [], free: [left]");
        assertEquals(Verdict.BAD, check.verdict());
        assertTrue(check.text().startsWith("The pocket is none"), check.text());
    }

    /** Two triangles that cross, glued along the bottom: one space behind both, its V between two closed sides. */
    @Test
    void crossingTriangles_makeOnePocket_openInAV() {
        Plan plan = Plans.plan(Plans.project("criss-cross-pocket"));
        PocketSpace pocket = plan.stack().orElseThrow().spaces().stream()
                .filter(space -> space.behind().contains(new PanelRef("inner", "back"))).findFirst().orElseThrow();
        assertEquals(Set.of(new PanelRef("inner", "triangle"), new PanelRef("outer", "triangle")),
                Set.copyOf(pocket.front()));
        assertEquals(Set.of(Side.LEFT, Side.RIGHT, Side.BOTTOM), pocket.closed());
        assertEquals(Set.of(Side.TOP), pocket.open());
    }

    @Test
    void mouthOnTheFold_isRefused() {
        Check check = judged("m-fold-holder", "open: right", "open: left");
        assertEquals(Verdict.BAD, check.verdict());
        assertEquals("The pocket should open at the bottom; the layers close it there and leave it open at the top.",
                check.text());
    }

    @Test
    void measuresLargerThanThePaper_areRefused_byHowMuch() {
        Check check = judged("m-fold-holder", "depth: pocket,", "depth: pocket + 1/4 in,");
        assertEquals(Verdict.BAD, check.verdict());
        assertEquals(Plans.length("-1/4 in"), check.margin().orElseThrow());
    }

    /**
     * Squares that overlap are glued to each other too; what stands out past the strip is too narrow to hold anything.
     */
    @ParameterizedTest
    @EnumSource(RulerStep.class)
    void squaresGluedAllRound_overOneAnother_holdNothing(RulerStep step) {
        Project tree = Project.of(DesignFileReader.read("mine.yaml", BuiltInDesigns.text("diamond-tree")).orThrow(),
                step);
        assertEquals(List.of(), Plans.plan(tree).stack().orElseThrow().spaces());
    }
}
