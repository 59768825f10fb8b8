package cufflink.desktop.work;

import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.function.BiPredicate;
import java.util.function.Supplier;

/**
 * Plans beside the window, one wish after the other. Of the wishes of one gesture that wait, the newest takes the place
 * of the others. To be used on the window's thread.
 */
final class PlanQueue {
    /**
     * What is wanted.
     *
     * @param gesture empty for a wish that stands for itself
     * @param project what is to be planned, asked when its turn comes; empty if there is nothing to do
     * @param planned takes what came of it; false if that is nothing
     */
    record Wanted(String gesture, Supplier<Optional<Project>> project, BiPredicate<Project, Outcome<Plan>> planned) {
    }

    private record Waiting(Wanted wanted, CompletableFuture<Boolean> taken) {
    }

    private record Running(Waiting what, Project project, CompletableFuture<Outcome<Plan>> outcome) {
    }

    private final Executor background;
    private final Executor window;
    private final Deque<Waiting> waiting = new ArrayDeque<>();
    private Optional<Running> running = Optional.empty();

    /**
     * @param background plans
     * @param window     hands plans to the window's thread
     */
    PlanQueue(Executor background, Executor window) {
        this.background = background;
        this.window = window;
    }

    /** Adds a wish; completed, on the window's thread, with whether something came of it. */
    CompletableFuture<Boolean> add(Wanted wanted) {
        Waiting last = new Waiting(wanted, new CompletableFuture<>());
        if (!wanted.gesture().isEmpty() && !waiting.isEmpty()
                && waiting.getLast().wanted().gesture().equals(wanted.gesture())) {
            CompletableFuture<Boolean> overtaken = waiting.removeLast().taken();
            last.taken().thenAccept(overtaken::complete);
        }
        waiting.add(last);
        startNext();
        return last.taken();
    }

    /** Whether everything that was wanted is planned. */
    boolean isAtRest() {
        return running.isEmpty() && waiting.isEmpty();
    }

    /** Waits until everything that was wanted is planned. */
    void finish() {
        while (running.isPresent()) {
            Running now = running.get();
            land(now, now.outcome().join());
        }
    }

    private void startNext() {
        while (running.isEmpty() && !waiting.isEmpty()) {
            Waiting next = waiting.remove();
            Optional<Project> project = Optional.empty();
            boolean asked = false;
            try {
                project = next.wanted().project().get();
                asked = true;
            } finally {
                if (project.isEmpty()) {
                    next.taken().complete(asked); // who waits for it is told, whatever went wrong
                }
            }
            project.ifPresent(wanted -> start(next, wanted));
        }
    }

    private void start(Waiting next, Project project) {
        Running now = new Running(next, project, new CompletableFuture<>());
        running = Optional.of(now);
        background.execute(() -> {
            now.outcome().complete(planned(project));
            window.execute(() -> land(now, now.outcome().join()));
        });
    }

    private static Outcome<Plan> planned(Project project) {
        try {
            return Planner.plan(project);
        } catch (RuntimeException fault) {
            return Outcome.failed(Problem.unforeseen("plan", fault));
        }
    }

    private void land(Running landed, Outcome<Plan> outcome) {
        if (running.filter(now -> now == landed).isPresent()) {
            running = Optional.empty();
            boolean taken = false;
            try {
                taken = landed.what().wanted().planned().test(landed.project(), outcome);
            } finally {
                landed.what().taken().complete(taken); // who waits for it is told, whatever went wrong
                startNext();
            }
        }
    }
}
