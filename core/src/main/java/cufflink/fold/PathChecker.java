package cufflink.fold;

import cufflink.design.PanelRef;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What hits what on the way of a motion: as it leaves a flat state no layer may move through the one that lies on it; between its ends no panel may pierce another. The
 * way is looked at in samples, so that what only grazes between two of them is not seen.
 */
public final class PathChecker {
    /** Shares of the way at which the layers are compared just after the start and just before the end. */
    private static final double LEAVING = 0.02;
    /** Paper that has sunk this far below what it lay on moves through it, millimetres. */
    private static final double SUNK = 1e-3;

    private final FoldMotion motion;

    private PathChecker(FoldMotion motion) {
        this.motion = motion;
    }

    /**
     * What is in the way, at most one problem.
     *
     * @param start the layers at the start, if it is flat
     */
    static Optional<Problem> obstacle(FoldMotion motion, Optional<FlatFoldedState> start) {
        PathChecker checker = new PathChecker(motion);
        return start.flatMap(flat -> checker.onTheWayOut(flat)).or(() -> start.isPresent() && checker.movesAsOne() ? Optional.empty() : checker.between());
    }

    private Optional<Problem> onTheWayOut(FlatFoldedState start) {
        Outcome<FoldedState> leaving = motion.at(LEAVING);
        if (leaving.value().isEmpty()) {
            return Optional.of(leaving.problems().get(0));
        }
        Travel travel = Travel.between(start.state(), leaving.value().get());
        List<PanelRef> panels = start.order();
        for (PanelRef upper : panels) {
            for (PanelRef lower : panels) {
                if (start.relation().side(upper, lower) > 0 && !travel.together(upper, lower)
                        && start.places().commonPoints(upper, lower).stream().anyMatch(place -> travel.rise(upper, lower, place) < -SUNK)) {
                    return Optional.of(problem(upper, "Crease " + creases() + " cannot be folded now: the " + label(upper) + " lies on the " + label(lower) + ".", "Fold it earlier."));
                }
            }
        }
        return Optional.empty();
    }

    /** One part of a flat stack turning about a line sweeps the half space above it and meets nothing half way. */
    private boolean movesAsOne() {
        return motion.at(0.5).value().map(half -> {
            Travel travel = Travel.between(motion.from(), half);
            Set<PanelRef> moved = travel.moved();
            return moved.stream().allMatch(panel -> travel.together(moved.iterator().next(), panel));
        }).orElse(false);
    }

    private String creases() {
        return String.join(", ", motion.changing().stream().map(crease -> crease.crease()).sorted().toList());
    }

    private String label(PanelRef panel) {
        return motion.from().assembly().panel(panel).label();
    }

    private static Problem problem(PanelRef panel, String what, String remedy) {
        return Problem.error(panel.piece(), what, remedy);
    }

    private Optional<Problem> between() {
        for (double share : motion.stations()) {
            Outcome<FoldedState> at = motion.at(share);
            if (at.value().isEmpty()) {
                return Optional.of(at.problems().get(0));
            }
            FoldedState state = at.value().get();
            Optional<Problem> hit = Crossings.first(state, Travel.between(motion.from(), state)).map(pair -> problem(pair.get(0), "While " + creases() + " turns, the "
                    + label(pair.get(0)) + " hits the " + label(pair.get(1)) + " after " + Math.round(share * 100) + " % of the way.",
                    "Fold the creases one after the other, or in another order."));
            if (hit.isPresent()) {
                return hit;
            }
        }
        return Optional.empty();
    }
}
