package cufflink.drawing;

import cufflink.crease.RobustOverlay;
import cufflink.design.Face;
import cufflink.words.Numbered;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.util.GeometryFixer;

/**
 * A face of folded paper that can be seen.
 *
 * @param label the panel or layer, and which of its faces
 * @param share of all that is seen, 0 to 1
 */
public record Shown(String label, double share) {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final double LEAST = 0.01;

    /** How a face of a panel is called. */
    static String panel(Face face, String label) {
        return face.word() + " of " + Numbered.runsWithArticles(List.of(label)).get(0);
    }

    /** What shows of faces that are sorted for painting, the largest share first; less than a hundredth is left out. */
    static List<Shown> of(List<DepthSorter.Face3> farToNear) {
        Map<String, Double> areas = new LinkedHashMap<>();
        Geometry covered = FACTORY.createPolygon();
        for (int i = farToNear.size() - 1; i >= 0; i--) {
            Geometry face = outline((Shape.Area) farToNear.get(i).shapes().get(0));
            areas.merge(farToNear.get(i).label(), RobustOverlay.difference(face, covered).getArea(), Double::sum);
            covered = RobustOverlay.union(covered, face);
        }
        double all = covered.getArea();
        List<Shown> shown = new ArrayList<>();
        areas.forEach((label, area) -> shown.add(new Shown(label, area / all)));
        shown.removeIf(face -> !(face.share() > LEAST));
        shown.sort(Comparator.comparingDouble(Shown::share).reversed());
        return shown;
    }

    /** As it is seen; nothing of a face that is seen edge on. */
    private static Geometry outline(Shape.Area area) {
        LinearRing[] holes = area.holes().stream().map(Shown::ring).toArray(LinearRing[]::new);
        return GeometryFixer.fix(FACTORY.createPolygon(ring(area.corners()), holes));
    }

    private static LinearRing ring(List<Shape.Spot> corners) {
        List<Coordinate> ring = new ArrayList<>(
                corners.stream().map(spot -> new Coordinate(spot.x(), spot.y())).toList());
        ring.add(ring.get(0));
        return FACTORY.createLinearRing(ring.toArray(new Coordinate[0]));
    }
}
