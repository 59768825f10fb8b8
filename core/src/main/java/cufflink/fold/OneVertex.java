package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.crease.Panel;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.algorithm.Angle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;

/**
 * A piece whose creases all run from one place inside it to its edge. Whatever lies flat with it can be reached from
 * the open sheet with stiff panels that never pass through each other (Streinu and Whiteley, <i>Single-vertex origami
 * and spherical expansive motions</i>, 2005, from memory), even where the way that is shown does not find through.
 */
final class OneVertex {
    private static final double SAME_PLACE = 1e-5;
    private static final double SAME_DIRECTION = 1e-6;

    private OneVertex() {
    }

    /** Whether a motion folds such a piece from the open sheet to a flat state. */
    static boolean folds(FoldMotion motion, FoldedState after) {
        List<CreasePattern> pieces = motion.from().assembly().pieces();
        return pieces.size() == 1 && after.isFlat()
                && motion.from().angles().values().stream().allMatch(angle -> Math.abs(angle) < 1e-9)
                && isOne(pieces.get(0));
    }

    private static boolean isOne(CreasePattern pattern) {
        List<Hinge> hinges = pattern.hinges();
        if (hinges.size() < 4 || hinges.size() != pattern.panels().size()) {
            return false;
        }
        LineSegment first = hinges.get(0).at();
        Optional<Coordinate> centre = Stream.of(first.p0, first.p1)
                .filter(place -> hinges.stream().allMatch(hinge -> hinge.folds()
                        && (hinge.at().p0.distance(place) < SAME_PLACE || hinge.at().p1.distance(place) < SAME_PLACE)))
                .findFirst();
        return centre.filter(place -> pattern.panels().stream().allMatch(panel -> isSector(panel, pattern, place)))
                .isPresent();
    }

    /** Whether a panel lies between the directions of its two creases. */
    private static boolean isSector(Panel panel, CreasePattern pattern, Coordinate centre) {
        List<Double> rays = new ArrayList<>();
        pattern.hinges().stream().filter(hinge -> hinge.joins(panel.id())).forEach(hinge -> rays
                .add(Angle.angle(centre, hinge.at().p0.distance(centre) < SAME_PLACE ? hinge.at().p1 : hinge.at().p0)));
        if (rays.size() != 2) {
            return false;
        }
        double inside = Angle.angle(centre, panel.outline().getInteriorPoint().getCoordinate());
        boolean forwards = Angle.normalizePositive(inside - rays.get(0))
                < Angle.normalizePositive(rays.get(1) - rays.get(0));
        double from = forwards ? rays.get(0) : rays.get(1);
        double wide = Angle.normalizePositive((forwards ? rays.get(1) : rays.get(0)) - from);
        return wide < Math.PI && Stream.of(panel.outline().getCoordinates())
                .filter(corner -> corner.distance(centre) > SAME_PLACE).allMatch(corner -> {
                    double turn = Angle.normalizePositive(Angle.angle(centre, corner) - from + SAME_DIRECTION);
                    return turn < wide + 2 * SAME_DIRECTION;
                });
    }
}
