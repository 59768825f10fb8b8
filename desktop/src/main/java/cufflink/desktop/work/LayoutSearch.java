package cufflink.desktop.work;

import cufflink.job.Job;
import cufflink.job.JobPlan;
import cufflink.job.JobPlanner;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stash.Stash;
import java.util.List;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicInteger;

/** Plans jobs beside the window: a first plan at once, then every better one. A new search, or {@link #stop}, ends the one before; nothing more is heard of it. */
public final class LayoutSearch {
    /** Is told, on the window's thread, how the search goes. */
    public interface Listener {
        void found(JobPlan better);

        void failed(List<Problem> reasons);

        /** The search is over: proved, or nothing more helps. Not told of a search that was stopped. */
        void ended();
    }

    private final Executor background;
    private final Executor window;
    private final AtomicInteger current = new AtomicInteger();

    /**
     * @param background runs one search after the other
     * @param window     hands what is found to the window's thread
     */
    public LayoutSearch(Executor background, Executor window) {
        this.background = background;
        this.window = window;
    }

    /** Ends the search that is running, if one is. */
    public void stop() {
        current.incrementAndGet();
    }

    void start(Job job, Stash stash, Listener listener) {
        int own = current.incrementAndGet();
        background.execute(() -> {
            if (own == current.get()) {
                run(own, job, stash, listener);
            }
        });
    }

    private void run(int own, Job job, Stash stash, Listener listener) {
        Outcome<JobPlan> first = JobPlanner.plan(job, stash);
        if (first.value().isEmpty()) {
            tell(own, () -> listener.failed(first.problems()));
        } else {
            JobPlan known = first.value().get();
            tell(own, () -> listener.found(known));
            JobPlan best = JobPlanner.improve(known, () -> own != current.get(), better -> {
                if (better.layout().sheets().size() < known.layout().sheets().size() || better.layout().bound() > known.layout().bound()) {
                    tell(own, () -> listener.found(better));
                }
            });
            tell(own, () -> listener.found(best));
        }
        tell(own, listener::ended);
    }

    private void tell(int own, Runnable news) {
        window.execute(() -> {
            if (own == current.get()) {
                news.run();
            }
        });
    }
}
