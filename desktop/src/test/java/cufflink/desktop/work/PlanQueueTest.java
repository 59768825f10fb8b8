package cufflink.desktop.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.files.FaultReport;
import cufflink.files.design.DesignLibrary;
import cufflink.measure.RulerStep;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentLinkedDeque;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/** Changes while their plans are on the way: planner and window take turns by hand. */
class PlanQueueTest {
    /** Does one thing when it is told to. */
    private static final class ByHand implements Executor {
        private final Deque<Runnable> tasks = new ConcurrentLinkedDeque<>();

        @Override
        public void execute(Runnable task) {
            tasks.add(task);
        }

        void once() {
            tasks.remove().run();
        }
    }

    private final ByHand planner = new ByHand();
    private final ByHand window = new ByHand();
    private final Workspace work = open(planner);

    private Workspace open(Executor background) {
        return new Workspace(Planner.plan(Project.of(DesignLibrary.builtIn().find("overlapping-gate").orThrow(),
                RulerStep.SIXTEENTH_INCH)).orThrow(), Optional.empty(),
                new Reports(FaultReport.in(Path.of("unused"))), background, window);
    }

    private static UnaryOperator<Project> copies(int count) {
        return project -> project.withCopies(count);
    }

    private void planOne() {
        planner.once();
        window.once();
    }

    @Test
    void whatWasShown_staysUntilThePlanIsThere() {
        CompletableFuture<Boolean> taken = work.change(copies(2));
        planner.once();
        assertEquals(1, work.project().copies());
        assertFalse(taken.isDone());
        window.once();
        assertEquals(2, work.project().copies());
        assertTrue(taken.join() && work.isAtRest());
    }

    @Test
    void ofOneGesture_onlyTheNewestThatWaitsIsPlanned() {
        List<Integer> shown = new ArrayList<>();
        work.planProperty().addListener((property, was, is) -> shown.add(is.project().copies()));
        List<CompletableFuture<Boolean>> taken = new ArrayList<>();
        for (int count = 2; count <= 6; count++) {
            taken.add(work.change("slide", copies(count)));
        }
        planOne();
        planOne();
        assertEquals(List.of(2, 6), shown);
        assertTrue(work.isAtRest() && taken.stream().allMatch(CompletableFuture::join));
        work.undo();
        planOne();
        assertEquals(1, work.project().copies());
    }

    /** A gesture that ended does not go on in the next of the same name. */
    @Test
    void twoGestures_areTwoStepsToUndo() {
        work.change("slide", copies(2));
        work.endGesture();
        work.change("slide", copies(3));
        planOne();
        planOne();
        work.undo();
        planOne();
        assertEquals(2, work.project().copies());
    }

    @Test
    void changesThatFollowOneAnother_buildOnEachOther() {
        UnaryOperator<Project> more = project -> project.withCopies(project.copies() + 1);
        work.change(more);
        work.change(more);
        work.change(more);
        planOne();
        planOne();
        planOne();
        assertEquals(4, work.project().copies());
    }

    @Test
    void aChangeThatCannotBe_leavesThoseAfterItAsTheyWere() {
        CompletableFuture<Boolean> wrong = work.change(project -> project.withSet("cover", "wide"));
        CompletableFuture<Boolean> right = work.change(copies(3));
        planOne();
        assertFalse(wrong.join());
        assertTrue(work.messageProperty().get().contains("does not start with a number"), work.messageProperty().get());
        planOne();
        assertTrue(right.join());
        assertEquals(Optional.empty(), Optional.ofNullable(work.project().set().get("cover")));
        assertEquals(3, work.project().copies());
    }

    /** A fault in one change is the window's to report; the others go on, and who waits for it hears of it. */
    @Test
    void aChangeThatFails_holdsUpNothing() {
        CompletableFuture<Boolean> first = work.change(copies(2));
        CompletableFuture<Boolean> faulty = work.change(project -> {
            throw new IllegalStateException("a fault");
        });
        planner.once();
        assertThrows(IllegalStateException.class, window::once);
        assertTrue(first.join());
        assertFalse(faulty.join());
        CompletableFuture<Boolean> next = work.change(copies(3));
        planOne();
        assertTrue(next.join());
        assertEquals(3, work.project().copies());
    }

    @Test
    void undoWhileAChangeIsOnTheWay_takesThatChangeBack() {
        work.change(copies(2));
        work.undo();
        planOne();
        planOne();
        assertEquals(1, work.project().copies());
        assertTrue(work.canRedoProperty().get());
    }

    /** Leaving the project: everything is planned, and what the window hears of it later is not taken twice. */
    @Test
    void finish_plansEverythingThatWaits() throws InterruptedException {
        ExecutorService beside = Executors.newSingleThreadExecutor();
        Workspace leaving = open(beside);
        leaving.change(copies(2));
        leaving.change("slide", copies(5));
        leaving.finish();
        assertEquals(5, leaving.project().copies());
        assertTrue(leaving.isAtRest());
        beside.shutdown();
        assertTrue(beside.awaitTermination(10, TimeUnit.SECONDS));
        window.once();
        window.once();
        assertEquals(5, leaving.project().copies());
        assertTrue(window.tasks.isEmpty());
    }
}
