package cufflink.fold;

import cufflink.design.CreaseRef;
import cufflink.problem.Outcome;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The way from one state to another: every crease turns evenly; where creases lie on loops, one leads and the others follow at the nearest angles that close.
 */
public final class FoldMotion {
    private final Folder folder;
    private final FoldedState from;
    private final FoldedState to;
    private final Set<CreaseRef> changing = new LinkedHashSet<>();
    private final Optional<CreaseRef> leader;

    /** A motion of one assembly. */
    public FoldMotion(Folder folder, FoldedState from, FoldedState to) {
        this.folder = folder;
        this.from = from;
        this.to = to;
        Set<CreaseRef> all = new LinkedHashSet<>(from.assembly().creases());
        all.addAll(from.angles().keySet());
        all.addAll(to.angles().keySet());
        all.stream().filter(crease -> change(crease) > 1e-9).forEach(changing::add);
        leader = changing.stream().max((a, b) -> Double.compare(change(a), change(b)));
    }

    /** A motion between two states of one assembly. */
    public static FoldMotion between(FoldedState from, FoldedState to) {
        return new FoldMotion(new Folder(from.assembly()), from, to);
    }

    private double change(CreaseRef crease) {
        return Math.abs(to.angle(crease) - from.angle(crease));
    }

    public FoldedState from() {
        return from;
    }

    public FoldedState to() {
        return to;
    }

    /** The creases that turn. */
    public Set<CreaseRef> changing() {
        return changing;
    }

    /** The state at a share of the way, 0 to 1; a problem if there the loops cannot close. */
    public Outcome<FoldedState> at(double share) {
        if (share <= 0) {
            return Outcome.of(from);
        } else if (share >= 1) {
            return Outcome.of(to);
        }
        Map<CreaseRef, Double> wanted = new LinkedHashMap<>(from.angles());
        wanted.putAll(to.angles());
        changing.forEach(crease -> wanted.put(crease, from.angle(crease) + (to.angle(crease) - from.angle(crease)) * share));
        return folder.follow(wanted, leader.map(Set::of).orElse(Set.of()));
    }
}
