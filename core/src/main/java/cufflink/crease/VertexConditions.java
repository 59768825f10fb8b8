package cufflink.crease;

import cufflink.design.Fold;
import cufflink.problem.Problem;
import cufflink.words.Message;
import cufflink.words.PieceWords;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeMap;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;

/**
 * What every inner vertex must obey so that the paper around it can lie flat (Kawasaki, Justin and Maekawa; Hull, <i>On
 * the mathematics of flat origamis</i>, 1994, from memory): an even number of creases; alternate angles that add up to
 * 180 degrees each; two more creases of one kind than of the other; and where an angle is smaller than both its
 * neighbours, one mountain and one valley beside it (big-little-big).
 */
public final class VertexConditions {
    private static final double SAME_PLACE = 1e-5;
    private static final GeometryFactory FACTORY = new GeometryFactory();

    /** A hinge as it leaves a vertex: its direction and by how much that may be off, in degrees. */
    private record Ray(double direction, double slack, Hinge hinge) {
    }

    private final CreasePattern pattern;
    private final List<Problem> problems = new ArrayList<>();

    private VertexConditions(CreasePattern pattern) {
        this.pattern = pattern;
    }

    /** What is wrong at inner vertices when the given creases are shut and all others flat; empty if nothing is. */
    public static List<Problem> check(CreasePattern pattern, Set<String> shut) {
        VertexConditions conditions = new VertexConditions(pattern);
        conditions.vertices(shut).values().forEach(conditions::judge);
        return conditions.problems;
    }

    private TreeMap<Coordinate, List<Ray>> vertices(Set<String> shut) {
        TreeMap<Coordinate, List<Ray>> vertices = new TreeMap<>();
        for (Hinge hinge : pattern.hinges()) {
            if (shut.contains(hinge.crease()) && hinge.folds()) {
                add(vertices, hinge, hinge.at());
                add(vertices, hinge, new LineSegment(hinge.at().p1, hinge.at().p0));
            }
        }
        vertices.keySet().removeIf(this::isOnEdge);
        return vertices;
    }

    private static void add(TreeMap<Coordinate, List<Ray>> vertices, Hinge hinge, LineSegment outwards) {
        Coordinate place = vertices.keySet().stream().filter(known -> known.distance(outwards.p0) < SAME_PLACE)
                .findFirst().orElse(outwards.p0);
        vertices.computeIfAbsent(place, key -> new ArrayList<>())
                .add(new Ray(Math.toDegrees(outwards.angle()), Math.toDegrees(Slack.direction(outwards)), hinge));
    }

    /** On the outline or on a slit, where the paper is free to move. */
    private boolean isOnEdge(Coordinate place) {
        return pattern.outline().getBoundary().distance(FACTORY.createPoint(place)) < SAME_PLACE
                || pattern.slits().stream().anyMatch(slit -> slit.distance(place) < SAME_PLACE);
    }

    private void judge(List<Ray> rays) {
        rays.sort(Comparator.comparingDouble(Ray::direction));
        List<String> names = rays.stream().map(ray -> ray.hinge().crease()).distinct().toList();
        if (rays.size() % 2 == 1) {
            problems.add(problem(PieceWords.ODD_FOLDS.of("folds", rays.size(), "creases", names)));
            return;
        }
        double[] angles = angles(rays);
        double even = 0;
        for (int i = 0; i < angles.length; i += 2) {
            even += angles[i];
        }
        long mountains = rays.stream().filter(ray -> ray.hinge().fold() == Fold.MOUNTAIN).count();
        long valleys = rays.size() - mountains;
        double off = Math.abs(even - 180);
        if (off > 1e-9 + rays.stream().mapToDouble(Ray::slack).sum()) {
            int digits = Math.max(1, (int) Math.ceil(1 - Math.log10(off)));
            String exact = "%." + digits + "f°";
            problems.add(problem(PieceWords.ANGLES_OFF.of("creases", names, "sum",
                    String.format(Locale.ROOT, exact, even), "off", String.format(Locale.ROOT, exact, off))));
        } else if (Math.abs(mountains - valleys) != 2) {
            problems.add(problem(PieceWords.MOUNTAINS_AND_VALLEYS.of("creases", names, "mountains", mountains,
                    "valleys", valleys)));
        } else {
            littleAngles(rays, angles);
        }
    }

    private static double[] angles(List<Ray> rays) {
        double[] angles = new double[rays.size()];
        for (int i = 0; i < angles.length; i++) {
            double next = i + 1 < angles.length ? rays.get(i + 1).direction() : rays.get(0).direction() + 360;
            angles[i] = next - rays.get(i).direction();
        }
        return angles;
    }

    private void littleAngles(List<Ray> rays, double[] angles) {
        int n = angles.length;
        for (int i = 0; i < n && n > 2; i++) {
            Hinge a = rays.get(i).hinge();
            Hinge b = rays.get((i + 1) % n).hinge();
            double slack = 1e-9 + rays.get((i + n - 1) % n).slack() + rays.get(i).slack()
                    + rays.get((i + 1) % n).slack() + rays.get((i + 2) % n).slack();
            if (angles[i] < angles[(i + 1) % n] - slack && angles[i] < angles[(i + n - 1) % n] - slack
                    && a.fold() == b.fold()) {
                problems.add(problem(PieceWords.NARROW_BETWEEN_ALIKE.of("one", a.crease(), "other", b.crease(), "fold",
                        a.fold().word(), "instead", a.fold().seenFromBehind().word())));
            }
        }
    }

    private Problem problem(Message message) {
        return Problem.error(pattern.piece(), message);
    }
}
