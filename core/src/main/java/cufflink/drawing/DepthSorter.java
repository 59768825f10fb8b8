package cufflink.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Sorts flat faces for painting, the farthest first (Newell, Newell and Sancha, 1972, without splitting: folded paper
 * does not pass through itself). Of two faces that overlap on the screen, the one whose corners lie behind the other's
 * plane goes first, by the plane that divides them more clearly; then a topological sort, stable for faces that do not
 * meet. Cost O(n²) for n faces.
 */
final class DepthSorter {
    private static final double TOUCH = 1e-6;
    /** Sides up to which an outline is worth being told apart by its own sides; a round one has more. */
    private static final int FEW_SIDES = 12;
    /** How certain what is told by the means of two faces is. */
    private static final double UNSURE = 1e-3;

    /** A face as seen: what it is called, its corners with their nearness, and what is painted for it. */
    record Face3(String label, List<View.Seen> seen, List<Shape> shapes) {
        double mean() {
            return seen.stream().mapToDouble(View.Seen::near).average().orElse(0);
        }
    }

    private DepthSorter() {
    }

    static List<Face3> farToNear(List<Face3> faces) {
        List<Face3> rest = new ArrayList<>(faces);
        rest.sort(Comparator.comparingDouble(Face3::mean));
        double[][] behind = new double[rest.size()][rest.size()];
        for (int i = 0; i < rest.size(); i++) {
            for (int j = i + 1; j < rest.size(); j++) {
                double order = overlap(rest.get(i), rest.get(j)) ? compare(rest.get(i), rest.get(j)) : 0;
                behind[i][j] = Math.max(0, -order);
                behind[j][i] = Math.max(0, order);
            }
        }
        return topological(rest, behind);
    }

    /**
     * Where faces lie behind one another in a ring, the ring is broken where it is least certain: two that lie on one
     * panel are never exchanged for the sake of a strip that runs past both.
     *
     * @param behind how certain it is that one lies behind another, 0 where it does not
     */
    private static List<Face3> topological(List<Face3> faces, double[][] behind) {
        List<Face3> sorted = new ArrayList<>();
        boolean[] done = new boolean[faces.size()];
        for (int round = 0; round < faces.size(); round++) {
            int next = -1;
            double least = Double.MAX_VALUE;
            for (int i = 0; i < faces.size() && least > 0; i++) {
                double held = done[i] ? Double.MAX_VALUE : heldBack(i, behind, done);
                if (held < least) {
                    least = held;
                    next = i;
                }
            }
            done[next] = true;
            sorted.add(faces.get(next));
        }
        return sorted;
    }

    /** How certain it is that something still to be painted lies behind a face. */
    private static double heldBack(int face, double[][] behind, boolean[] done) {
        double most = 0;
        for (int other = 0; other < done.length; other++) {
            most = done[other] || other == face ? most : Math.max(most, behind[other][face]);
        }
        return most;
    }

    /** Whether two faces may be seen one over the other: no straight line was found that keeps them apart. */
    private static boolean overlap(Face3 a, Face3 b) {
        return !apart(a, b, 1, 0) && !apart(a, b, 0, 1) && !sideKeepsApart(a, a, b) && !sideKeepsApart(b, a, b);
    }

    /** Whether a side of a face keeps two apart; faces with many sides are curved and not looked at. */
    private static boolean sideKeepsApart(Face3 face, Face3 a, Face3 b) {
        List<View.Seen> ring = face.seen();
        for (int i = 0; i < ring.size() && ring.size() <= FEW_SIDES; i++) {
            View.Seen from = ring.get(i);
            View.Seen to = ring.get((i + 1) % ring.size());
            double length = Math.hypot(to.x() - from.x(), to.y() - from.y());
            if (length > TOUCH && apart(a, b, (to.y() - from.y()) / length, (from.x() - to.x()) / length)) {
                return true;
            }
        }
        return false;
    }

    /** Whether two faces lie apart in a direction of unit length. */
    private static boolean apart(Face3 a, Face3 b, double x, double y) {
        double[] one = range(a, x, y);
        double[] other = range(b, x, y);
        return one[1] <= other[0] + TOUCH || other[1] <= one[0] + TOUCH;
    }

    private static double[] range(Face3 face, double x, double y) {
        double low = Double.MAX_VALUE;
        double high = -Double.MAX_VALUE;
        for (View.Seen seen : face.seen()) {
            double value = seen.x() * x + seen.y() * y;
            low = Math.min(low, value);
            high = Math.max(high, value);
        }
        return new double[] {low, high};
    }

    /** Negative if a lies behind b; 1 or −1 if that is certain, nearer to 0 the less it is. */
    private static double compare(Face3 a, Face3 b) {
        Sides aAgainstB = sides(a, b);
        Sides bAgainstA = sides(b, a);
        double lean = aAgainstB.doubt() <= bAgainstA.doubt() ? aAgainstB.lean() : -bAgainstA.lean();
        double sure = Math.max(UNSURE, 1 - Math.min(aAgainstB.doubt(), bAgainstA.doubt()));
        return Math.abs(lean) < 1e-4 ? UNSURE * Double.compare(a.mean(), b.mean()) : sure * Math.signum(lean);
    }

    /** How far the corners of a face reach behind a plane (0 or less) and before it (0 or more), as the eye sees it. */
    private record Sides(double behind, double before) {
        double lean() {
            return before > -behind ? before : behind;
        }

        /** 0 if all corners lie on one side, 1 if they reach as far on both, or if nothing can be told. */
        double doubt() {
            double most = Math.max(before, -behind);
            return most < 1e-9 ? 1 : Math.min(before, -behind) / most;
        }
    }

    /** A plane seen edge on tells nothing. */
    private static Sides sides(Face3 face, Face3 plane) {
        double[] n = normal(plane);
        if (Math.abs(n[2]) < 1e-9) {
            return new Sides(0, 0);
        }
        View.Seen origin = plane.seen().get(0);
        double sign = Math.signum(n[2]);
        double low = 0;
        double high = 0;
        for (View.Seen seen : face.seen()) {
            double distance = sign * (n[0] * (seen.x() - origin.x()) + n[1] * (seen.y() - origin.y())
                    + n[2] * (seen.near() - origin.near()));
            low = Math.min(low, distance);
            high = Math.max(high, distance);
        }
        return new Sides(low, high);
    }

    /** Newell's normal of a polygon, unit length. */
    private static double[] normal(Face3 face) {
        double[] n = new double[3];
        List<View.Seen> ring = face.seen();
        for (int i = 0; i < ring.size(); i++) {
            View.Seen p = ring.get(i);
            View.Seen q = ring.get((i + 1) % ring.size());
            n[0] += (p.y() - q.y()) * (p.near() + q.near());
            n[1] += (p.near() - q.near()) * (p.x() + q.x());
            n[2] += (p.x() - q.x()) * (p.y() + q.y());
        }
        double length = Math.sqrt(n[0] * n[0] + n[1] * n[1] + n[2] * n[2]);
        return length == 0 ? n : new double[] {n[0] / length, n[1] / length, n[2] / length};
    }
}
