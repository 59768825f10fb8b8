package cufflink.fold;

import cufflink.design.CreaseRef;
import cufflink.design.PanelRef;
import cufflink.problem.Ordered;
import cufflink.problem.Outcome;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The way from one state to another. Every crease turns evenly; where that would tear a loop, the way is followed in
 * small steps instead, each to the nearest angles that close all loops and on towards the end, while creases that end
 * as they began stay if they can.
 */
public final class FoldMotion {
    private static final int SAMPLES = 8;
    private static final double[] PROBES = {0.07, 0.31, 0.5, 0.83};

    private final Folder folder;
    private final FoldedState from;
    private final Map<CreaseRef, Double> wanted;
    private final Set<CreaseRef> drivers;
    private final Set<CreaseRef> changing = new LinkedHashSet<>();
    private final boolean even;
    private List<Outcome<FoldedState>> samples = List.of();

    /**
     * A motion towards wanted angles; it ends at the nearest that close all loops. Creases that are not named stay if
     * they can; {@code drivers} are turned by hand, whatever the others do.
     */
    public FoldMotion(Folder folder, FoldedState from, Map<CreaseRef, Double> wanted, Set<CreaseRef> drivers) {
        this.drivers = Ordered.set(drivers);
        this.folder = folder;
        this.from = from;
        this.wanted = new LinkedHashMap<>(from.angles());
        this.wanted.putAll(wanted);
        this.wanted.keySet().stream().filter(crease -> Math.abs(this.wanted.get(crease) - from.angle(crease)) > 1e-9)
                .sorted((a, b) -> a.toString().compareTo(b.toString()))
                .forEach(changing::add);
        even = folder.loops() == 0 || isEven();
    }

    private boolean isEven() {
        for (double share : PROBES) {
            if (!folder.closes(angles(share))) {
                return false;
            }
        }
        return folder.closes(wanted);
    }

    private Map<CreaseRef, Double> angles(double share) {
        Map<CreaseRef, Double> angles = new LinkedHashMap<>(wanted);
        changing.forEach(
                crease -> angles.put(crease, from.angle(crease) + (wanted.get(crease) - from.angle(crease)) * share));
        return angles;
    }

    public FoldedState from() {
        return from;
    }

    /** The creases that are asked to turn. */
    public Set<CreaseRef> changing() {
        return changing;
    }

    /** Where it ends; a problem if the loops cannot close there. */
    public Outcome<FoldedState> end() {
        return at(1);
    }

    /** The state at a share of the way, 0 to 1; a problem if there the loops cannot close. */
    public Outcome<FoldedState> at(double share) {
        if (share <= 0 || changing.isEmpty()) {
            return Outcome.of(from);
        } else if (even) {
            return folder.fold(angles(Math.min(share, 1)));
        }
        List<Outcome<FoldedState>> path = path();
        double place = Math.min(share, 1) * SAMPLES;
        int before = (int) Math.floor(place);
        if (before >= SAMPLES || place - before < 1e-9 || path.get(before + 1).value().isEmpty()) {
            return path.get(Math.min(before, SAMPLES));
        }
        Map<CreaseRef, Double> mixed = new LinkedHashMap<>(wanted);
        FoldedState a = path.get(before).orThrow();
        FoldedState b = path.get(before + 1).orThrow();
        mixed.replaceAll((crease, angle) -> a.angle(crease) + (b.angle(crease) - a.angle(crease)) * (place - before));
        return folder.follow(mixed, mixed, List.of(Set.of()));
    }

    /** Whether every crease turns evenly all the way. */
    boolean turnsEvenly() {
        return even;
    }

    /** How two panels are joined, from link to link. */
    List<Linkage.Branch> between(PanelRef a, PanelRef b) {
        return folder.between(a, b);
    }

    /** Whether a link may turn on the way. */
    boolean turns(Linkage.Link link) {
        return link.turns() && (changing.contains(link.angle()) || !even && folder.isLooped(link.angle()));
    }

    /** Degrees by which a crease of an even motion turns on the whole way. */
    double turned(CreaseRef crease) {
        return wanted.get(crease) - from.angle(crease);
    }

    /** Where every panel is at a share of the way, in the assembly's order; absent where loops cannot close. */
    Optional<RigidMotion[]> positions(double share) {
        if (!even) {
            return at(share).value()
                    .map(state -> folder.panels().stream().map(state.position()::get).toArray(RigidMotion[]::new));
        }
        double[] start = folder.angles(from.angles());
        double[] angles = folder.angles(wanted);
        for (int i = 0; i < angles.length; i++) {
            angles[i] = start[i] + (angles[i] - start[i]) * share;
        }
        return Optional.of(folder.positions(angles));
    }

    private synchronized List<Outcome<FoldedState>> path() {
        if (samples.isEmpty()) {
            samples = follow();
        }
        return samples;
    }

    private List<Outcome<FoldedState>> follow() {
        Set<CreaseRef> kept = new LinkedHashSet<>(wanted.keySet());
        kept.removeAll(changing);
        kept.addAll(drivers);
        List<Outcome<FoldedState>> path = new ArrayList<>(List.of(Outcome.of(from)));
        for (int i = 1; i <= SAMPLES; i++) {
            Outcome<FoldedState> last = path.get(i - 1);
            int left = SAMPLES - i + 1;
            path.add(last.then(state -> {
                Map<CreaseRef, Double> next = new LinkedHashMap<>(wanted);
                next.replaceAll((crease, angle) -> state.angle(crease)
                        + (changing.contains(crease) ? (angle - state.angle(crease)) / left : 0));
                return folder.follow(
                        path.size() < 2 ? state.angles() : goingOn(path.get(path.size() - 2).orThrow(), state), next,
                        List.of(kept, drivers, Set.of()));
            }));
        }
        return path;
    }

    /** The angles after another step like the last: near where the next is to be found. */
    private static Map<CreaseRef, Double> goingOn(FoldedState before, FoldedState now) {
        Map<CreaseRef, Double> next = new LinkedHashMap<>(now.angles());
        next.replaceAll((crease, angle) -> 2 * angle - before.angle(crease));
        return next;
    }

    /** Two motions are equal if they lead from the same state towards the same angles. */
    @Override
    public boolean equals(Object other) {
        return other instanceof FoldMotion motion && from.equals(motion.from) && wanted.equals(motion.wanted)
                && drivers.equals(motion.drivers);
    }

    @Override
    public int hashCode() {
        return wanted.hashCode();
    }
}
