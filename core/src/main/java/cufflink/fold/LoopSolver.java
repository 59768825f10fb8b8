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
 * <li>steps along the surface of angles that close, towards its point nearest to the wish (each the solution of the linearised problem);</li>
 * <li>Levenberg and Marquardt's damped least squares on the gaps that are left (Nocedal and Wright, <i>Numerical Optimization</i>, 2006, section 10.3; from memory).</li>
 * </ol>
 * From the same wish it always finds the same answer.
 */
final class LoopSolver {
    /** A gap below this counts as closed, millimetres. */
    static final double CLOSED = 1e-6;
    private static final int MOST_ROUNDS = 80;
    private static final int MOST_APPROACHES = 20;
    /** Degrees that one approach may change a crease. */
    private static final double LONGEST_STEP = 8;
    /** Degrees; the nearest angles need not be nearer than this, as long as the loops close. */
    private static final double NEAR_ENOUGH = 0.05;

    private final Linkage linkage;
    private final List<CreaseRef> free;
    private final Map<CreaseRef, Double> angles;

    private final double[] wish;

    private LoopSolver(Linkage linkage, Map<CreaseRef, Double> start, Map<CreaseRef, Double> wanted, List<CreaseRef> free) {
        this.linkage = linkage;
        this.free = free;
        this.angles = new HashMap<>(wanted);
        free.forEach(crease -> angles.put(crease, start.getOrDefault(crease, 0.0)));
        this.wish = free.stream().mapToDouble(crease -> wanted.getOrDefault(crease, 0.0)).toArray();
    }

    /** Angles in degrees: those wanted, with the free ones changed; absent if none near {@code start} close the loops. */
    static Optional<Map<CreaseRef, Double>> solve(Linkage linkage, Map<CreaseRef, Double> start, Map<CreaseRef, Double> wanted, List<CreaseRef> free) {
        return new LoopSolver(linkage, start, wanted, free).solve();
    }

    private Optional<Map<CreaseRef, Double>> solve() {
        approach();
        double[] gaps = gaps();
        double damping = 1;
        for (int round = 0; round < MOST_ROUNDS && largest(gaps) > CLOSED / 10; round++) {
            DMatrixRMaj slope = slope(gaps.length);
            double[] start = free.stream().mapToDouble(angles::get).toArray();
            boolean better = false;
            for (int attempt = 0; attempt < 12 && !better; attempt++) {
                Optional<double[]> step = step(slope, gaps, damping);
                for (int i = 0; i < start.length && step.isPresent(); i++) {
                    angles.put(free.get(i), start[i] + step.get()[i]);
                }
                double[] next = gaps();
                better = step.isPresent() && squares(next) < squares(gaps);
                damping = better ? Math.max(damping / 8, 1e-12) : damping * 4;
                gaps = better ? next : gaps;
            }
            if (!better) {
                for (int i = 0; i < start.length; i++) {
                    angles.put(free.get(i), start[i]);
                }
                break;
            }
        }
        return largest(gaps) < CLOSED ? Optional.of(angles) : Optional.empty();
    }

    /** Moves to about the nearest angles that close: each step is the wish's pull less what of it would open the loops. */
    private void approach() {
        for (int round = 0; round < MOST_APPROACHES; round++) {
            double[] gaps = gaps();
            DMatrixRMaj slope = slope(gaps.length);
            DMatrixRMaj pull = new DMatrixRMaj(free.size(), 1);
            for (int i = 0; i < wish.length; i++) {
                pull.set(i, 0, wish[i] - angles.get(free.get(i)));
            }
            DMatrixRMaj opens = new DMatrixRMaj(gaps.length, 1);
            CommonOps_DDRM.mult(slope, pull, opens);
            for (int k = 0; k < gaps.length; k++) {
                opens.add(k, 0, gaps[k]);
            }
            Optional<double[]> correction = step(slope, opens.getData(), 1e-3);
            if (correction.isEmpty()) {
                return;
            }
            double longest = 0;
            for (int i = 0; i < wish.length; i++) {
                pull.add(i, 0, correction.get()[i]);
                longest = Math.max(longest, Math.abs(pull.get(i, 0)));
            }
            double share = Math.min(1, LONGEST_STEP / Math.max(longest, 1e-12));
            for (int i = 0; i < wish.length; i++) {
                angles.merge(free.get(i), pull.get(i, 0) * share, Double::sum);
            }
            if (longest < NEAR_ENOUGH) {
                return;
            }
        }
    }

    private double[] gaps() {
        return linkage.gaps(linkage.place(this::angle), this::angle);
    }

    private double angle(CreaseRef crease) {
        return angles.getOrDefault(crease, 0.0);
    }

    private DMatrixRMaj slope(int rows) {
        DMatrixRMaj slope = new DMatrixRMaj(rows, free.size());
        double[][] columns = linkage.slopes(linkage.place(this::angle), this::angle, free);
        for (int i = 0; i < columns.length; i++) {
            for (int k = 0; k < rows; k++) {
                slope.set(k, i, columns[i][k]);
            }
        }
        return slope;
    }

    /** (JᵀJ + damping) step = −Jᵀ gaps. */
    private Optional<double[]> step(DMatrixRMaj slope, double[] gaps, double damping) {
        int n = free.size();
        DMatrixRMaj normal = new DMatrixRMaj(n, n);
        CommonOps_DDRM.multTransA(slope, slope, normal);
        for (int i = 0; i < n; i++) {
            normal.add(i, i, damping * 1e-3);
        }
        DMatrixRMaj right = new DMatrixRMaj(n, 1);
        CommonOps_DDRM.multTransA(slope, new DMatrixRMaj(gaps.length, 1, true, gaps), right);
        CommonOps_DDRM.changeSign(right);
        LinearSolverDense<DMatrixRMaj> solver = LinearSolverFactory_DDRM.chol(n);
        DMatrixRMaj step = new DMatrixRMaj(n, 1);
        if (!solver.setA(normal)) {
            return Optional.empty();
        }
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

    /** The largest of some gaps. */
    static double largest(double[] values) {
        double most = 0;
        for (double value : values) {
            most = Math.max(most, Math.abs(value));
        }
        return most;
    }
}
