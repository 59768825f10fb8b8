package cufflink.desktop.work;

import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.List;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Supplier;

/**
 * Looks for better layouts beside the window: a first plan at once, then every better one. A new search, or
 * {@link #stop}, ends the one before; nothing more is heard of it.
 */
public final class LayoutSearch {
    /** Is told, on the window's thread, how the search goes. */
    public interface Listener<T> {
        void found(T better);

        void failed(List<Problem> reasons);

        /** The search is over: proved, or nothing more helps. Not told of a search that was stopped. */
        void ended();
    }

    /** Goes on from a plan until nothing more helps or it is stopped. */
    public interface Improver<T> {
        /** The best plan found; {@code better} is told of those on the way that are worth showing. */
        T improve(T known, BooleanSupplier stop, Consumer<T> better);
    }

    private final Executor background;
    private final Executor atRest;
    private final Executor window;
    private final AtomicInteger current = new AtomicInteger();

    /**
     * @param background runs one search after the other
     * @param atRest     as {@code background}, after a pause in which the maker may change something else
     * @param window     hands what is found to the window's thread
     */
    public LayoutSearch(Executor background, Executor atRest, Executor window) {
        this.background = background;
        this.atRest = atRest;
        this.window = window;
    }

    /** Ends the search that is running, if one is. */
    public void stop() {
        current.incrementAndGet();
    }

    <T> void start(Supplier<Outcome<T>> first, Improver<T> improver, Listener<T> listener) {
        start(background, first, improver, listener);
    }

    /**
     * As {@link #start} from a plan that is shown already, when nothing else was started for a while: to a maker who
     * drags a slider the whole machine belongs.
     */
    <T> void startAtRest(T known, Improver<T> improver, Listener<T> listener) {
        start(atRest, () -> Outcome.of(known), improver, listener);
    }

    private <T> void start(Executor executor, Supplier<Outcome<T>> first, Improver<T> improver, Listener<T> listener) {
        int own = current.incrementAndGet();
        executor.execute(() -> {
            if (own == current.get()) {
                run(own, first, improver, listener);
            }
        });
    }

    private <T> void run(int own, Supplier<Outcome<T>> first, Improver<T> improver, Listener<T> listener) {
        try {
            search(own, first, improver, listener);
        } catch (RuntimeException fault) {
            tell(own, () -> listener.failed(List.of(Problem.unforeseen("layout", fault))));
        }
        tell(own, listener::ended);
    }

    private <T> void search(int own, Supplier<Outcome<T>> first, Improver<T> improver, Listener<T> listener) {
        Outcome<T> known = first.get();
        if (known.value().isEmpty()) {
            tell(own, () -> listener.failed(known.problems()));
        } else {
            tell(own, () -> listener.found(known.value().get()));
            T best = improver.improve(known.value().get(), () -> own != current.get(),
                    better -> tell(own, () -> listener.found(better)));
            tell(own, () -> listener.found(best));
        }
    }

    private void tell(int own, Runnable news) {
        window.execute(() -> {
            if (own == current.get()) {
                news.run();
            }
        });
    }
}
