package cufflink.stack;

import cufflink.crease.Panel;
import cufflink.design.Soft;
import cufflink.fold.FoldedState;
import cufflink.fold.Point3;
import cufflink.fold.RigidMotion;
import java.util.ArrayList;
import java.util.List;

/**
 * A stretch of a soft piece that spans from one panel to another, as it is drawn in space.
 *
 * @param corners of the strip, in order, millimetres
 */
public record SoftSpan(String label, List<Point3> corners) {
    /** Shorter stretches only go round an edge, millimetres. */
    private static final double SHORTEST = 1;

    public SoftSpan {
        corners = List.copyOf(corners);
    }

    /** Those of a state; of a soft piece that lies otherwise in some poses none. */
    public static List<SoftSpan> of(StackedDesign stacked, FoldedState state) {
        List<SoftSpan> spans = new ArrayList<>();
        for (Soft soft : stacked.design().soft()) {
            for (int i = 0; soft.inPose().isEmpty() && i + 1 < soft.way().size(); i++) {
                Soft.Stay from = soft.way().get(i);
                Soft.Stay to = soft.way().get(i + 1);
                if (!from.panel().equals(to.panel()) && state.position().containsKey(from.panel())
                        && state.position().containsKey(to.panel())) {
                    add(soft, place(from, state), place(to, state), state.position().get(from.panel()), spans);
                }
            }
        }
        return spans;
    }

    private static Point3 place(Soft.Stay stay, FoldedState state) {
        Panel panel = state.assembly().panel(stay.panel());
        return state.position().get(stay.panel()).apply(Attachments.place(panel, stay.at()));
    }

    private static void add(Soft soft, Point3 from, Point3 to, RigidMotion panel, List<SoftSpan> spans) {
        Point3 way = to.minus(from);
        Point3 across = way.cross(panel.up());
        double length = across.distance(new Point3(0, 0, 0));
        if (from.distance(to) > SHORTEST && length > SHORTEST) {
            Point3 half = across.times(soft.strand().width().toMillimetres() / 2 / length);
            spans.add(new SoftSpan(soft.label(),
                    List.of(from.plus(half), to.plus(half), to.minus(half), from.minus(half))));
        }
    }
}
