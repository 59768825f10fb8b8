package cufflink.fold;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestPieces;
import cufflink.crease.CreasePattern;
import cufflink.crease.Panel;
import cufflink.design.CreaseRef;
import cufflink.design.Fold;
import cufflink.design.Score;
import cufflink.design.SizedDesign.FoldStep;
import cufflink.design.SizedDesign.Pose;
import cufflink.design.SizedDesign.Said;
import cufflink.words.FoldWords;
import cufflink.words.Message;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;

/**
 * Poses of gates: the upper leaf is lifted, then the lower one swings. Seen from the end both are straight lines, so
 * that a sweep in very small steps of two lines in the plane is the judge.
 */
class SweepTest {
    private static final int HEIGHT = 40;
    private static final int STEPS = 3000;

    private record Gate(int left, int middle, int right) {
        CreasePattern pattern() {
            return Maps.pattern(left + middle + right, HEIGHT,
                    List.of(TestPieces.score("left", Fold.VALLEY, left, 0, left, HEIGHT),
                            TestPieces.score("right", Fold.VALLEY, left + middle, 0, left + middle, HEIGHT)),
                    3);
        }

        /**
         * How deep the left leaf ever goes into the right one, lifted by some degrees, as it swings from shut to an
         * angle; along the shorter way out, millimetres.
         */
        double depth(double lifted, double end) {
            double deepest = 0;
            double up = Math.toRadians(lifted);
            for (int step = 0; step <= STEPS; step++) {
                double swing = Math.toRadians((180 - end) * step / STEPS);
                // Left hinge at 0, right hinge at the middle's width; shut leaves point inwards.
                double sine = Math.sin(swing + up);
                if (sine > 1e-9 && swing > 1e-6) {
                    double onLeft = middle * Math.sin(up) / sine;
                    double onRight = middle * Math.sin(swing) / sine;
                    deepest = Math.max(deepest, Math.min(left - onLeft, right - onRight));
                }
            }
            return deepest;
        }
    }

    private static CreaseRef crease(String name) {
        return new CreaseRef("base", name);
    }

    private static PosedCard swung(Gate gate, double lifted, double end) {
        FlatFoldedState shut = FoldSequencer.fold(gate.pattern(), "p2", List.of(step("left"), step("right"))).flat()
                .orElseThrow();
        Map<String, Pose> poses = new LinkedHashMap<>();
        poses.put("lifted", new Pose(Optional.empty(), Optional.empty(), Map.of(crease("right"), 180 - lifted)));
        poses.put("swung", new Pose(Optional.of("lifted"), Optional.empty(), Map.of(crease("left"), end)));
        List<PosedCard> posed = PosedCard.pose(shut, poses, piece -> false);
        assertEquals(Optional.empty(), posed.get(0).obstacle());
        return posed.get(1);
    }

    private static FoldStep step(String crease) {
        return new FoldStep("base", List.of(crease), 180, Said.of(""), false, false, List.of());
    }

    /**
     * The lower leaf comes out only past the upper one's tip, however short the moment is in which it would be in its
     * way.
     */
    @Test
    void lowerLeaf_swingsPastTheUpperOne_orHitsIt_asTheFineSweepSays() {
        Random random = new Random(11);
        int hits = 0;
        int free = 0;
        for (int i = 0; i < 225; i++) {
            int middle = 30 + random.nextInt(60);
            Gate gate = new Gate(10 + random.nextInt(middle - 9), middle, 10 + random.nextInt(middle - 9));
            double lifted = 1 + random.nextInt(90);
            double end = random.nextInt(4) * 30;
            double depth = gate.depth(lifted, end);
            String what = gate + " lifted by " + lifted + " to " + end + ", depth " + depth;
            Optional<?> obstacle = swung(gate, lifted, end).obstacle();
            if (depth > 4 * Sweep.GRAZE) {
                assertTrue(obstacle.isPresent(), what);
                hits++;
            } else if (depth < Sweep.GRAZE / 4) {
                assertFalse(obstacle.isPresent(), what + ": " + obstacle);
                free++;
            }
        }
        assertTrue(hits > 40 && free > 40, hits + " hits, " + free + " free");
    }

    @Test
    void leafUnderOneThatIsLiftedByTenDegrees_cannotSwingOut() {
        Message hits = swung(new Gate(30, 40, 30), 10, 0).obstacle().orElseThrow().message();
        assertEquals(FoldWords.HITS, hits.code());
        assertEquals(List.of("left"), hits.argument("creases"));
    }

    /**
     * Two leaves that lean against each other so far that they stand through one another, reached at once, or one after
     * the other from outside.
     */
    @Test
    void endInWhichLeavesStandThroughEachOther_isRefused() {
        FlatFoldedState shut = FoldSequencer
                .fold(new Gate(80, 90, 80).pattern(), "p2", List.of(step("left"), step("right"))).flat().orElseThrow();
        Map<String, Pose> poses = new LinkedHashMap<>();
        poses.put("at once",
                new Pose(Optional.empty(), Optional.empty(), Map.of(crease("left"), 150.0, crease("right"), 150.0)));
        poses.put("open",
                new Pose(Optional.empty(), Optional.empty(), Map.of(crease("left"), 0.0, crease("right"), 0.0)));
        poses.put("leaning", new Pose(Optional.of("open"), Optional.empty(), Map.of(crease("left"), 125.0)));
        poses.put("against it", new Pose(Optional.of("leaning"), Optional.empty(), Map.of(crease("right"), 120.0)));
        poses.put("through it", new Pose(Optional.of("leaning"), Optional.empty(), Map.of(crease("right"), 150.0)));
        Map<String, Boolean> refused = new LinkedHashMap<>();
        PosedCard.pose(shut, poses, piece -> false)
                .forEach(posed -> refused.put(posed.name(), posed.obstacle().isPresent()));
        assertEquals(Map.of("at once", true, "open", true, "leaning", false, "against it", false, "through it", true),
                refused);
    }

    private static CreasePattern strip(int[] widths) {
        List<Score> scores = new ArrayList<>();
        int x = 0;
        for (int i = 0; i + 1 < widths.length; i++) {
            x += widths[i];
            scores.add(TestPieces.score("c" + i, i % 2 == 0 ? Fold.VALLEY : Fold.MOUNTAIN, x, 0, x, HEIGHT));
        }
        return Maps.pattern(Arrays.stream(widths).sum(), HEIGHT, scores, widths.length);
    }

    /** The same with a corner more on a side of every panel, so that none is a rectangle to whoever counts corners. */
    private static CreasePattern cornered(CreasePattern strip) {
        return new CreasePattern(strip.piece(), strip.up(), strip.outline(), strip.panels().stream().map(panel -> {
            List<Coordinate> ring = new ArrayList<>(List.of(panel.outline().getExteriorRing().getCoordinates()));
            ring.add(1, new LineSegment(ring.get(0), ring.get(1)).midPoint());
            return new Panel(panel.id(), panel.label(),
                    panel.outline().getFactory().createPolygon(ring.toArray(new Coordinate[0])));
        }).toList(), strip.hinges(), strip.slits(), strip.bends());
    }

    private static Optional<Sweep.Hit> swept(CreasePattern pattern, Map<CreaseRef, Double> angles) {
        Folder folder = new Folder(Assembly.of(pattern, "p1"));
        FoldedState flat = folder.fold(Map.of()).orThrow();
        return Sweep.first(new FoldMotion(folder, flat, angles, angles.keySet()), Optional.empty(), Set.of());
    }

    /**
     * Rectangles in a row are looked at as lines in a plane; looked at in full they hit each other, about where a
     * stretch of the way ends.
     */
    @Test
    void rowsOfRectangles_hitAsPanelsOfAnyShapeDo() {
        Random random = new Random(5);
        int hits = 0;
        for (int i = 0; i < 150; i++) {
            int[] widths = random.ints(4 + random.nextInt(3), 8, 40).toArray();
            CreasePattern strip = strip(widths);
            Map<CreaseRef, Double> angles = new LinkedHashMap<>();
            for (int k = 0; k + 1 < widths.length; k++) {
                angles.put(crease("c" + k), (double) (random.nextInt(349) - 174));
            }
            Optional<Sweep.Hit> level = swept(strip, angles);
            Optional<Sweep.Hit> full = swept(cornered(strip), angles);
            String what = Arrays.toString(widths) + " to " + angles;
            assertEquals(full.isPresent(), level.isPresent(), what);
            if (full.isPresent()) {
                assertEquals(full.get().share(), level.get().share(), 0.05, what);
                hits++;
            }
        }
        assertTrue(hits > 30 && hits < 120, hits + " hits");
    }
}
