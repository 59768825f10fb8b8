package cufflink.fold;

import cufflink.design.CreaseRef;
import cufflink.design.PanelRef;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.FoldWords;
import cufflink.words.Message;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Puts every panel of an assembly in its place for given crease angles. Angles on a loop depend on each other:
 * {@link #fold} takes them as they are and says where the loop does not close; {@link FoldMotion} changes them to the
 * nearest that close.
 */
public final class Folder {
    private final Assembly assembly;
    private final Linkage linkage;

    public Folder(Assembly assembly) {
        this.assembly = assembly;
        this.linkage = new Linkage(assembly);
    }

    public Assembly assembly() {
        return assembly;
    }

    /** How many independent loops of panels there are. */
    public int loops() {
        return linkage.loops();
    }

    /**
     * The folded assembly at exactly these angles (degrees from −180 to 180; creases left out stay flat), or where it
     * does not close and by how much.
     */
    public Outcome<FoldedState> fold(Map<CreaseRef, Double> angles) {
        if (!linkage.loose().isEmpty()) {
            return Outcome.failed(Problem.error(linkage.loose().get(0).piece(),
                    FoldWords.HANGS_LOOSE.of("panel", linkage.loose().get(0).panel())));
        }
        return closed(angles).map(Outcome::of).orElseGet(() -> Outcome.failed(doesNotClose(angles)));
    }

    /** The state at these angles if all loops close there. */
    private Optional<FoldedState> closed(Map<CreaseRef, Double> angles) {
        LinkageState placed = new LinkageState(linkage, linkage.angles(angles));
        return placed.isClosed() ? Optional.of(new FoldedState(assembly, angles, placed.positions()))
                : Optional.empty();
    }

    /** Whether all loops close at these angles. */
    boolean closes(Map<CreaseRef, Double> angles) {
        return new LinkageState(linkage, linkage.angles(angles)).isClosed();
    }

    private Problem doesNotClose(Map<CreaseRef, Double> angles) {
        LinkageState placed = new LinkageState(linkage, linkage.angles(angles));
        CreaseRef at = placed.widest().angle();
        boolean joint = assembly.joins().stream().anyMatch(join -> Assembly.slot(join).equals(at));
        return Problem.error(at.piece(), (joint ? FoldWords.JOINT_GAPES : FoldWords.CREASE_GAPES).of("crease",
                at.crease(), "gap", Math.round(placed.widestGap() * 100) / 100.0, "advice",
                nearest(angles).map(Folder::advice).orElseGet(FoldWords.NOTHING_NEAR_CLOSES::of)));
    }

    /** The crease that would have to change most for the loops to close: that one is at fault. */
    private record Fault(CreaseRef crease, double is, double wanted) {
    }

    private static Message advice(Fault fault) {
        return FoldWords.STAND_ELSEWHERE.of("crease", fault.crease().crease(), "wanted", Math.round(fault.wanted()),
                "is", Math.round(fault.is()));
    }

    private Optional<Fault> nearest(Map<CreaseRef, Double> angles) {
        return solved(angles, angles, Set.of()).flatMap(closed -> linkage.looped().stream()
                .map(crease -> new Fault(crease, angles.getOrDefault(crease, 0.0), closed.get(crease)))
                .max((a, b) -> Double.compare(Math.abs(a.wanted() - a.is()), Math.abs(b.wanted() - b.is()))));
    }

    /**
     * The folded assembly at the angles nearest to those wanted at which all loops close, sought from known angles. The
     * sets of creases that are to stay as wanted are tried in turn. Which crease is at fault and by how much, if no
     * angles close.
     */
    Outcome<FoldedState> follow(Map<CreaseRef, Double> start, Map<CreaseRef, Double> wanted,
            List<Set<CreaseRef>> kept) {
        Optional<FoldedState> exact = closed(wanted);
        if (exact.isPresent() || linkage.loops() == 0) {
            return exact.map(Outcome::of).orElseGet(() -> fold(wanted));
        }
        for (Set<CreaseRef> stay : kept) {
            Optional<FoldedState> found = solved(start, wanted, stay).flatMap(this::closed);
            if (found.isPresent()) {
                return Outcome.of(found.get());
            }
        }
        return fold(wanted);
    }

    private Optional<Map<CreaseRef, Double>> solved(Map<CreaseRef, Double> start, Map<CreaseRef, Double> wanted,
            Set<CreaseRef> kept) {
        List<CreaseRef> free = linkage.looped().stream().filter(crease -> !kept.contains(crease)).toList();
        return free.isEmpty() ? Optional.empty() : LoopSolver.solve(linkage, start, wanted, free);
    }

    /** The links on the way from one panel to another. */
    List<Linkage.Branch> between(PanelRef a, PanelRef b) {
        return linkage.between(a, b);
    }

    /** Panels by the numbers that links name them with. */
    List<PanelRef> panels() {
        return linkage.panels();
    }

    /** Degrees by the numbers of the angles. */
    double[] angles(Map<CreaseRef, Double> named) {
        return linkage.angles(named);
    }

    /** Where every panel lies at certain angles, by number, whether or not loops close. */
    RigidMotion[] positions(double[] angles) {
        return new LinkageState(linkage, angles).places();
    }

    /** Whether a crease cannot turn by itself. */
    boolean isLooped(CreaseRef crease) {
        return linkage.looped().contains(crease);
    }

    /** The flat, unfolded state. */
    FoldedState unfolded() {
        return new FoldedState(assembly, Map.of(), new LinkageState(linkage, linkage.angles(Map.of())).positions());
    }

    /** Panels that no crease or join reaches. */
    List<PanelRef> loose() {
        return linkage.loose();
    }
}
