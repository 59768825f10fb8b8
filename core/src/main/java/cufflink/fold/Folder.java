package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.crease.Panel;
import cufflink.design.Fold;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;

/** Puts every panel of a piece in its place for given crease angles, walking the hinges out from a panel that stays. */
public final class Folder {
    /** How far apart the two sides of a hinge may end up, millimetres. */
    private static final double CLOSES = 1e-6;

    private Folder() {
    }

    /**
     * The folded piece.
     *
     * @param anchor the panel that stays where it is
     * @param angles degrees from 0 to 180 by crease id; creases left out stay flat
     */
    public static Outcome<FoldedState> fold(CreasePattern pattern, String anchor, Map<String, Double> angles) {
        Map<String, RigidMotion> position = new LinkedHashMap<>();
        Deque<String> open = new ArrayDeque<>();
        position.put(anchor, RigidMotion.STAY);
        open.add(anchor);
        while (!open.isEmpty()) {
            String from = open.remove();
            for (Hinge hinge : pattern.hinges()) {
                if (!hinge.joins(from)) {
                    continue;
                }
                String to = hinge.across(from);
                RigidMotion there = position.get(from).after(turn(pattern, hinge, to, angles.getOrDefault(hinge.crease(), 0.0)));
                if (position.putIfAbsent(to, there) == null) {
                    open.add(to);
                } else if (gap(hinge, there, position.get(to)) > CLOSES) {
                    return Outcome.failed(Problem.error(pattern.piece(), "The panels around crease " + hinge.crease() + " do not close: they end "
                            + Math.round(gap(hinge, there, position.get(to)) * 100) / 100.0 + " mm apart.", "Change its angle."));
                }
            }
        }
        if (position.size() < pattern.panels().size()) {
            return Outcome.failed(Problem.error(pattern.piece(), "Some panels hang on no hinge.", "Look at its slits and score lines."));
        }
        return Outcome.of(new FoldedState(pattern, angles, position));
    }

    /** Valley brings the far panel towards the viewer of the near one, mountain away. */
    private static RigidMotion turn(CreasePattern pattern, Hinge hinge, String moved, double degrees) {
        double radians = Math.toRadians(hinge.fold() == Fold.VALLEY ? degrees : -degrees);
        Panel panel = pattern.panel(moved).orElseThrow();
        Coordinate inside = panel.outline().getInteriorPoint().getCoordinate();
        boolean rises = RigidMotion.about(hinge.at(), 1e-3).apply(inside).z() > 0;
        return RigidMotion.about(hinge.at(), rises ? radians : -radians);
    }

    private static double gap(Hinge hinge, RigidMotion a, RigidMotion b) {
        double ends = Math.max(a.apply(hinge.at().p0).distance(b.apply(hinge.at().p0)), a.apply(hinge.at().p1).distance(b.apply(hinge.at().p1)));
        Coordinate aside = hinge.at().pointAlongOffset(0.5, 10);
        return Math.max(ends, a.apply(aside).distance(b.apply(aside)));
    }
}
