package cufflink.desktop.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;

import cufflink.design.PanelRef;
import cufflink.files.FaultReport;
import cufflink.files.design.DesignLibrary;
import cufflink.fit.Wish;
import cufflink.mat.MatSettings;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.NamedSize;
import cufflink.paper.PaperRole;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.score.ScoringStyle;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.beans.InvalidationListener;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class WorkspaceTest {
    private static Workspace open(String design) {
        return new Workspace(Planner
                .plan(Project.of(DesignLibrary.builtIn().find(design).orThrow(), RulerStep.SIXTEENTH_INCH)).orThrow(),
                new Reports(FaultReport.in(Path.of("unused"))));
    }

    @Test
    void change_replans_andCanBeUndoneAndRedone() {
        Workspace work = open("overlapping-gate");
        Plan before = work.plan();
        assertTrue(work.change(project -> project.withSet("cover", "3 in")).join());
        assertEquals(Length.ofInches(3), work.plan().measures().length("cover"));
        work.undo();
        assertEquals(before.project(), work.project());
        assertFalse(work.canUndoProperty().get());
        work.redo();
        assertEquals(Length.ofInches(3), work.plan().measures().length("cover"));
    }

    @Test
    void impossibleChange_changesNothing_andSaysWhy() {
        Workspace work = open("overlapping-gate");
        Plan before = work.plan();
        InvalidationListener listener = mock(InvalidationListener.class);
        work.planProperty().addListener(listener);
        assertFalse(work.change(project -> project.withSet("cover", "wide")).join());
        assertSame(before, work.plan());
        assertFalse(work.canUndoProperty().get());
        assertTrue(work.messageProperty().get().contains("does not start with a number"), work.messageProperty().get());
        verify(listener, never()).invalidated(any());
    }

    @Test
    void changesOfOneGesture_areOneStepToUndo() {
        Workspace work = open("overlapping-gate");
        Project before = work.project();
        for (int i = 0; i < 20; i++) {
            int sixteenths = 40 + i;
            work.change("slide cover", project -> project.withSet("cover", sixteenths + "/16 in"));
        }
        work.endGesture();
        work.change("slide cover", project -> project.withSet("cover", "3 in"));
        work.undo();
        assertEquals("59/16 in", work.project().set().get("cover"));
        work.undo();
        assertEquals(before, work.project());
    }

    @Test
    void newChange_forgetsWhatWasUndone() {
        Workspace work = open("overlapping-gate");
        work.change(project -> project.withCopies(2));
        work.undo();
        work.change(project -> project.withCopies(3));
        assertFalse(work.canRedoProperty().get());
    }

    @Test
    void next_goesThroughEveryNumberOfEveryStep_andBack() {
        Workspace work = open("m-fold-holder");
        int numbers = work.plan().run().stream().mapToInt(step -> Math.max(1, step.readings().size())).sum();
        for (int i = 1; i < numbers; i++) {
            work.next();
        }
        assertEquals(work.plan().run().size() - 1, work.stepProperty().get());
        work.next();
        assertEquals(work.plan().run().size() - 1, work.stepProperty().get());
        for (int i = 1; i < numbers; i++) {
            work.previous();
        }
        assertEquals(0, work.stepProperty().get());
        assertEquals(0, work.readingProperty().get());
    }

    @Test
    void shorterRun_keepsThePlaceInside() {
        Workspace work = open("accordion");
        work.goTo(work.plan().run().size() - 1);
        work.change(project -> project.withMats(project.mats().withLayers(0)).withSet("panels", "3"));
        assertTrue(work.stepProperty().get() < work.plan().run().size());
        work.goTo(9999);
        assertTrue(work.stepProperty().get() < work.plan().run().size());
    }

    @Test
    void pick_makesANumberTheCurrentOne() {
        Workspace work = open("overlapping-gate");
        while (!work.currentStep().title().startsWith("Base at")) {
            work.goTo(work.stepProperty().get() + 1);
        }
        assertTrue(work.pick("right"));
        assertEquals(1, work.readingProperty().get());
        assertFalse(work.pick("no such line"));
    }

    private static Stream<Arguments> changes() {
        Stock board = Stock.plain("Board", PublishedSizes.named(NamedSize.Kind.SHEET, "A4").orElseThrow(), 600);
        Optional<NamedSize> envelope = PublishedSizes.named(NamedSize.Kind.ENVELOPE, "A2");
        return Stream.<Map.Entry<String, UnaryOperator<Project>>>of(
                Map.entry("name", project -> project.withName("Other")),
                Map.entry("measure", project -> project.withSet("cover", "3 in")),
                Map.entry("measures", project -> project.withSet(Map.of("cover", "3 in", "width", "5 in"))),
                Map.entry("finished size",
                        project -> project.withWish(new Wish.FinishedSize(Length.ofInches(5), Length.ofInches(7)))),
                Map.entry("envelope wish",
                        project -> project
                                .withWish(new Wish.InEnvelope(envelope.orElseThrow(), Length.ofInches(1, 8)))),
                Map.entry("envelope", project -> project.withEnvelope(envelope)),
                Map.entry("ruler", project -> project.withStep(RulerStep.MILLIMETRE)),
                Map.entry("layers", project -> project.withMats(project.mats().withLayers(3))),
                Map.entry("border", project -> project.withMats(project.mats().withReveal(Length.ofInches(1, 4)))),
                Map.entry("panel", project -> project.withMats(project.mats().with(new PanelRef("base", "cover"),
                        new MatSettings.OnPanel(Optional.of(2), Optional.empty(), Optional.empty(),
                                Optional.empty())))),
                Map.entry("paper", project -> project.withPaper(project.cardRole(), board)),
                Map.entry("paper of a layer", project -> project.withPaper(PaperRole.layer(2), board)),
                Map.entry("scoring", project -> project.withScoring(ScoringStyle.OWN_FACE)),
                Map.entry("tools", project -> project.withTools(project.tools().withOnGrooves(true))),
                Map.entry("copies", project -> project.withCopies(12)),
                Map.entry("notes", project -> project.withNotes("Press it over night.")))
                .map(change -> Arguments.of(change.getKey(), change.getValue()));
    }

    /** Whatever a maker can change comes back exactly, with the plan that was there. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("changes")
    void everyChange_isTakenBackWhole_andMadeAgain(String name, UnaryOperator<Project> change) {
        Workspace work = open("overlapping-gate");
        work.change(project -> project.withCopies(2));
        Plan before = work.plan();
        assertTrue(work.change(change).join(), work.messageProperty().get());
        Plan after = work.plan();
        assertNotEquals(before.project(), after.project());
        work.undo();
        assertEquals(before, work.plan());
        work.redo();
        assertEquals(after, work.plan());
    }
}
