package cufflink.fold;

import cufflink.design.CreaseRef;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.ejml.data.DMatrixRMaj;
import org.ejml.dense.row.CommonOps_DDRM;
import org.ejml.dense.row.factory.LinearSolverFactory_DDRM;
import org.ejml.interfaces.linsol.LinearSolverDense;

/**
 * Finds the angles nearest to wanted ones at which every loop closes:
 * <ol>
 * <li>steps along the surface of angles that close, towards its point nearest to the wish (each the solution of the
 * linearised problem);</li>
 * <li>Levenberg and Marquardt's damped least squares on the gaps that are left (Nocedal and Wright, <i>Numerical
 * Optimization</i>, 2006, section 10.3; from memory).</li>
 * </ol>
 * From the same wish it always finds the same answer.
 */
final class LoopSolver {
    /** Gaps below this are not made narrower, millimetres. */
    private static final double NARROW = 1e-7;
    private static final int MOST_ROUNDS = 80;
    private static final int MOST_APPROACHES = 20;
    /** Degrees that one approach may change a crease. */
    private static final double LONGEST_STEP = 8;
    /** Degrees; the nearest angles need not be nearer than this, as long as the loops close. */
    private static final double NEAR_ENOUGH = 0.05;

    private final Linkage linkage;
    private final int[] free;
    /** The loops that the free angles open and close. */
    private final int[] loops;
    /** Degrees by number, of every angle. */
    private final double[] wish;
    private final LinearSolverDense<DMatrixRMaj> solver;
    private final DMatrixRMaj normal;
    private final DMatrixRMaj right;
    private LinkageState placed;
    private double[] angles;
    private double[] gaps;

    private LoopSolver(Linkage linkage, double[] start, double[] wish, int[] free) {
        this.linkage = linkage;
        this.free = free;
        this.loops = linkage.loopsWith(free);
        this.wish = wish;
        this.solver = LinearSolverFactory_DDRM.chol(free.length);
        this.normal = new DMatrixRMaj(free.length, free.length);
        this.right = new DMatrixRMaj(free.length, 1);
        double[] first = wish.clone();
        for (int number : free) {
            first[number] = start[number];
        }
        stand(first);
    }

    /**
     * Angles in degrees: those wanted, with the free ones changed; absent if none near {@code start} close the loops.
     */
    static Optional<Map<CreaseRef, Double>> solve(Linkage linkage, Map<CreaseRef, Double> start,
            Map<CreaseRef, Double> wanted, List<CreaseRef> free) {
        int[] numbers = linkage.numbers(free);
        return new LoopSolver(linkage, linkage.angles(start), linkage.angles(wanted), numbers).solve().map(angles -> {
            Map<CreaseRef, Double> solved = new HashMap<>(wanted);
            for (int i = 0; i < numbers.length; i++) {
                solved.put(free.get(i), angles[numbers[i]]);
            }
            return solved;
        });
    }

    private void stand(double[] at) {
        angles = at;
        placed = new LinkageState(linkage, at);
        gaps = placed.gaps(loops);
    }

    private Optional<double[]> solve() {
        approach();
        double damping = 1;
        for (int round = 0; round < MOST_ROUNDS && largest(gaps) > NARROW; round++) {
            DMatrixRMaj slopes = placed.slopes(free, loops);
            double[] before = angles;
            double open = squares(gaps);
            boolean better = false;
            for (int attempt = 0; attempt < 12 && !better; attempt++) {
                Optional<double[]> step = step(slopes, gaps, damping);
                if (step.isPresent()) {
                    LinkageState last = placed;
                    double[] wide = gaps;
                    stand(moved(before, step.get(), 1));
                    better = squares(gaps) < open;
                    if (!better) {
                        angles = before;
                        placed = last;
                        gaps = wide;
                    }
                }
                damping = better ? Math.max(damping / 8, 1e-12) : damping * 4;
            }
            if (!better) {
                break;
            }
        }
        return placed.isClosed() ? Optional.of(angles) : Optional.empty();
    }

    private double[] moved(double[] from, double[] step, double share) {
        double[] to = from.clone();
        for (int i = 0; i < free.length; i++) {
            to[free[i]] += step[i] * share;
        }
        return to;
    }

    /**
     * Moves to about the nearest angles that close: each step is the wish's pull less what of it would open the loops.
     */
    private void approach() {
        for (int round = 0; round < MOST_APPROACHES; round++) {
            DMatrixRMaj slopes = placed.slopes(free, loops);
            DMatrixRMaj pull = new DMatrixRMaj(free.length, 1);
            for (int i = 0; i < free.length; i++) {
                pull.set(i, 0, wish[free[i]] - angles[free[i]]);
            }
            DMatrixRMaj opens = new DMatrixRMaj(gaps.length, 1);
            CommonOps_DDRM.mult(slopes, pull, opens);
            CommonOps_DDRM.addEquals(opens, DMatrixRMaj.wrap(gaps.length, 1, gaps));
            Optional<double[]> correction = step(slopes, opens.getData(), 1e-3);
            if (correction.isEmpty()) {
                return;
            }
            double longest = 0;
            for (int i = 0; i < free.length; i++) {
                pull.add(i, 0, correction.get()[i]);
                longest = Math.max(longest, Math.abs(pull.get(i, 0)));
            }
            stand(moved(angles, pull.getData(), Math.min(1, LONGEST_STEP / Math.max(longest, 1e-12))));
            if (longest < NEAR_ENOUGH) {
                return;
            }
        }
    }

    /** (JᵀJ + damping) step = −Jᵀ gaps. */
    private Optional<double[]> step(DMatrixRMaj slopes, double[] open, double damping) {
        CommonOps_DDRM.multTransA(slopes, slopes, normal);
        for (int i = 0; i < free.length; i++) {
            normal.add(i, i, damping * 1e-3);
        }
        CommonOps_DDRM.multTransA(-1, slopes, DMatrixRMaj.wrap(open.length, 1, open), right);
        if (!solver.setA(normal)) {
            return Optional.empty();
        }
        DMatrixRMaj step = new DMatrixRMaj(free.length, 1);
        solver.solve(right, step);
        return Optional.of(step.getData());
    }

    private static double squares(double[] values) {
        double sum = 0;
        for (double value : values) {
            sum += value * value;
        }
        return sum;
    }

    private static double largest(double[] values) {
        double most = 0;
        for (double value : values) {
            most = Math.max(most, Math.abs(value));
        }
        return most;
    }
}
