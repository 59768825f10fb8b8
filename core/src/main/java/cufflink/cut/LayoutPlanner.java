package cufflink.cut;

import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/** A way of laying pieces out on sheets. */
public interface LayoutPlanner {
    /** A good plan at once. The same job always gets the same answer. */
    LayoutPlan plan(CutJob job);

    /**
     * The best plan that can be found: it goes on until fewest new sheets are proved, nothing more helps or it is
     * stopped.
     *
     * @param stop   asked often; true ends the search, and what is known by then is the answer
     * @param better told of every better plan or bound on the way, on the caller's thread
     */
    LayoutPlan improve(CutJob job, BooleanSupplier stop, Consumer<LayoutPlan> better);
}
