package cufflink.desktop.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;

import cufflink.files.FaultReport;
import cufflink.files.design.DesignLibrary;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import java.nio.file.Path;
import javafx.beans.InvalidationListener;
import org.junit.jupiter.api.Test;

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
        assertTrue(work.change(project -> project.withSet("cover", "3 in")));
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
        assertFalse(work.change(project -> project.withSet("cover", "wide")));
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
}
