package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.drawing.FoldDrawing;
import cufflink.drawing.FoldScene;
import cufflink.drawing.Picture;
import cufflink.drawing.PoseDrawing;
import cufflink.drawing.Shape;
import cufflink.drawing.Shown;
import cufflink.drawing.View;
import cufflink.files.design.DesignLibrary;
import cufflink.fold.Footprints;
import cufflink.fold.Point3;
import cufflink.fold.PosedCard;
import cufflink.fold.RigidMotion;
import cufflink.plan.Plan;
import cufflink.stack.StackLayer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;

/**
 * Hidden surfaces against a look through single points: seen from straight above or below, the panel that a ray meets
 * first must be the one that is painted there. Points at which two panels lie nearly as near, or near an edge, tell
 * nothing: layers are drawn a little apart.
 */
class HiddenSurfaceTest {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final double CLEAR = 8;
    private static final double FROM_EDGE = 4;

    static Stream<String> designs() {
        return DesignLibrary.builtIn().designs().keySet().stream();
    }

    @ParameterizedTest
    @MethodSource("designs")
    void whatARayMeetsFirst_isPaintedThere(String design) {
        Plan plan = Plans.plan(Plans.project(design).withMats(Plans.project(design).mats().withLayers(0)));
        Random random = new Random(design.hashCode());
        int told = 0;
        for (PosedCard posed : plan.poses()) {
            for (double share : new double[] {0.2, 0.55, 1}) {
                FoldScene scene = PoseDrawing.between(plan, posed, share).orElseThrow();
                for (boolean behind : new boolean[] {false, true}) {
                    Picture picture = FoldDrawing.draw(scene, behind ? new View(0, 0, 180) : View.ABOVE, 0.3);
                    Envelope box = picture.bounds();
                    for (int i = 0; i < 80; i++) {
                        Coordinate at = new Coordinate(box.getMinX() + random.nextDouble() * box.getWidth(),
                                box.getMinY() + random.nextDouble() * box.getHeight());
                        Optional<String> first = first(scene, behind ? new Coordinate(-at.x, at.y) : at, behind);
                        if (first.isPresent()) {
                            told++;
                            assertEquals(first, painted(picture, at),
                                    posed.name() + " at " + share + ", " + at);
                        }
                    }
                }
            }
        }
        assertTrue(plan.poses().isEmpty() || told > 5, told + " points told something");
    }

    /** What a ray may meet, as it is called in the picture. */
    private record Paper(String id, Polygon outline, RigidMotion place) {
    }

    private record Met(String id, double height) {
    }

    private static Stream<Paper> papers(FoldScene scene) {
        Stream<Paper> contents = scene.trim().on().stream().filter(one -> one.kind() == StackLayer.Kind.CONTENTS)
                .map(one -> new Paper(one.label(), one.outline(), scene.state().position().get(one.on())));
        return Stream.concat(Stream.concat(contents,
                scene.state().assembly().panels().stream()
                        .map(panel -> new Paper(panel.toString(), scene.state().assembly().panel(panel).outline(),
                                scene.state().position().get(panel)))),
                scene.trim().spines().stream()
                        .map(spine -> new Paper(spine.piece(), spine.outline(), spine.place())));
    }

    /** What is met first, if it is so clearly. */
    private static Optional<String> first(FoldScene scene, Coordinate at, boolean behind) {
        List<Met> met = new ArrayList<>();
        for (Paper paper : papers(scene).toList()) {
            RigidMotion motion = paper.place();
            Point3 up = motion.up();
            if (Math.abs(up.z()) < 0.15) {
                if (Footprints.of(paper.outline(), motion).distance(FACTORY.createPoint(at)) < FROM_EDGE) {
                    return Optional.empty();
                }
                continue;
            }
            double height = (up.dot(motion.apply(0, 0, 0)) - up.x() * at.x - up.y() * at.y) / up.z();
            Point3 own = motion.inverse().apply(at.x, at.y, height);
            Coordinate place = new Coordinate(own.x(), own.y());
            if (paper.outline().getBoundary().distance(FACTORY.createPoint(place)) < FROM_EDGE) {
                return Optional.empty();
            }
            if (SimplePointInAreaLocator.locate(place, paper.outline()) == Location.INTERIOR) {
                met.add(new Met(paper.id(), behind ? -height : height));
            }
        }
        met.sort(Comparator.comparingDouble(Met::height).reversed());
        return met.isEmpty() || met.size() > 1 && met.get(0).height() - met.get(1).height() < CLEAR ? Optional.empty()
                : Optional.of(met.get(0).id());
    }

    private static Optional<String> painted(Picture picture, Coordinate at) {
        Optional<String> top = Optional.empty();
        for (Shape shape : picture.shapes()) {
            if (shape instanceof Shape.Area area
                    && area.rings().stream().filter(ring -> polygon(ring).contains(FACTORY.createPoint(at))).count() % 2
                            == 1) {
                top = Optional.of(area.id());
            }
        }
        return top;
    }

    private static Polygon polygon(List<Shape.Spot> ring) {
        Coordinate[] corners = Stream.concat(ring.stream(), Stream.of(ring.get(0)))
                .map(spot -> new Coordinate(spot.x(), spot.y())).toArray(Coordinate[]::new);
        return FACTORY.createPolygon(corners);
    }

    /** All that shows adds up to the whole, from both sides. */
    @ParameterizedTest
    @MethodSource("designs")
    void whatShowsInAPose_addsUp(String design) {
        Plan plan = Plans.plan(Plans.project(design));
        for (PosedCard posed : plan.poses()) {
            for (boolean fromBack : List.of(false, true)) {
                double all = PoseDrawing.shown(plan, posed, fromBack).stream().mapToDouble(Shown::share).sum();
                assertTrue(all > 0.9 && all < 1 + 1e-6, posed.name() + " " + all);
            }
        }
    }
}
