package cufflink.cut;

/** A way of laying pieces out on sheets. The same job always gets the same answer. */
public interface LayoutPlanner {
    LayoutPlan plan(CutJob job);
}
