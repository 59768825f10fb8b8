package cufflink.fold;

import cufflink.TestPieces;
import cufflink.crease.CreasePattern;
import cufflink.design.Fold;
import cufflink.design.Score;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;

/** Creases that meet in the middle of a square of 100 mm, and what theory says of them. */
final class Vertices {
    static final double SIDE = 100;

    /**
     * Sectors in degrees, in order round the vertex, and the folds on the ray after each: {@code folds[i]} lies between
     * sector i and the next.
     */
    record Vertex(double[] sectors, Fold[] folds) {
        CreasePattern pattern(double turn) {
            List<Score> scores = new ArrayList<>();
            double direction = turn;
            for (int i = 0; i < sectors.length; i++) {
                direction += sectors[i];
                double c = Math.cos(Math.toRadians(direction));
                double s = Math.sin(Math.toRadians(direction));
                double reach = SIDE / 2 / Math.max(Math.abs(c), Math.abs(s));
                scores.add(
                        TestPieces.score("r" + i, folds[i], SIDE / 2, SIDE / 2, SIDE / 2 + reach * c,
                                SIDE / 2 + reach * s));
            }
            return Maps.pattern(SIDE, SIDE, scores, 0);
        }

        List<String> names() {
            List<String> names = new ArrayList<>();
            for (int i = 0; i < sectors.length; i++) {
                names.add("r" + i);
            }
            return names;
        }

        /**
         * Whether paper can lie flat: the sectors, folded, are arcs of one circle; every order of them is tried, and no
         * crease passes through another arc or crease. The plainest statement of Justin's conditions at one vertex;
         * nothing of the engine is used.
         */
        boolean foldsFlat() {
            int n = sectors.length;
            double[] at = new double[n + 1];
            for (int i = 0; i < n; i++) {
                at[i + 1] = at[i] + (i % 2 == 0 ? sectors[i] : -sectors[i]);
            }
            return Math.abs(at[n]) < 1e-6 && anyOrder(new int[n], 0, new boolean[n], at);
        }

        /** {@code height[i]} of sector i, from 0 upwards; even sectors lie face up. */
        private boolean anyOrder(int[] height, int placed, boolean[] taken, double[] at) {
            int n = height.length;
            if (placed == n) {
                return isPaper(height, at);
            }
            for (int h = 0; h < n; h++) {
                if (!taken[h]) {
                    height[placed] = h;
                    boolean folded = placed == 0 || isRightWay(placed - 1, height[placed - 1], h);
                    taken[h] = true;
                    if (folded && anyOrder(height, placed + 1, taken, at)) {
                        return true;
                    }
                    taken[h] = false;
                }
            }
            return false;
        }

        /** A valley after an upward sector puts the next above, after a downward one below. */
        private boolean isRightWay(int crease, int here, int next) {
            return (next > here) == ((folds[crease] == Fold.VALLEY) == (crease % 2 == 0));
        }

        private boolean isPaper(int[] height, double[] at) {
            int n = height.length;
            if (!isRightWay(n - 1, height[n - 1], height[0])) {
                return false;
            }
            for (int crease = 0; crease < n; crease++) {
                int one = crease;
                int two = (crease + 1) % n;
                double place = at[crease + 1 == n ? 0 : crease + 1];
                int low = Math.min(height[one], height[two]);
                int high = Math.max(height[one], height[two]);
                for (int other = 0; other < n; other++) {
                    if (other != one && other != two && height[other] > low && height[other] < high
                            && Math.min(at[other], at[other + 1]) < place - 1e-6
                            && Math.max(at[other], at[other + 1]) > place + 1e-6) {
                        return false;
                    }
                }
                for (int second = 0; second < n; second++) {
                    if (second != crease && Math.abs(at[second + 1 == n ? 0 : second + 1] - place) < 1e-6
                            && interleaved(crease, second, height, at, place)) {
                        return false;
                    }
                }
            }
            return true;
        }

        private boolean interleaved(int a, int b, int[] height, double[] at, double place) {
            int n = height.length;
            boolean sameSide = (middle(a, at) < place) == (middle(b, at) < place);
            int a1 = Math.min(height[a], height[(a + 1) % n]);
            int a2 = Math.max(height[a], height[(a + 1) % n]);
            boolean first = height[b] > a1 && height[b] < a2;
            boolean second = height[(b + 1) % n] > a1 && height[(b + 1) % n] < a2;
            boolean shares = b == (a + 1) % n || a == (b + 1) % n;
            return sameSide && !shares && first != second;
        }

        private static double middle(int sector, double[] at) {
            return (at[sector] + at[sector + 1]) / 2;
        }
    }

    private Vertices() {
    }

    /**
     * Sectors of at least so many degrees whose alternate sums are 180, and folds of which two more are of one kind;
     * not every one of them folds flat.
     */
    static Vertex random(Random random, int degree, double least) {
        double[] sectors = new double[degree];
        for (int parity = 0; parity < 2; parity++) {
            double[] cuts = new double[degree / 2];
            double sum = 0;
            for (int i = 0; i < cuts.length; i++) {
                cuts[i] = 0.1 + random.nextDouble();
                sum += cuts[i];
            }
            for (int i = 0; i < cuts.length; i++) {
                sectors[2 * i + parity] = least + cuts[i] / sum * (180 - least * cuts.length);
            }
        }
        return new Vertex(sectors, folds(random, degree));
    }

    static Fold[] folds(Random random, int degree) {
        List<Fold> folds = new ArrayList<>();
        Fold most = random.nextBoolean() ? Fold.MOUNTAIN : Fold.VALLEY;
        for (int i = 0; i < degree; i++) {
            folds.add(i < degree / 2 + 1 ? most : most.seenFromBehind());
        }
        Collections.shuffle(folds, random);
        return folds.toArray(new Fold[0]);
    }
}
