package cufflink.fold;

import cufflink.design.PanelRef;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.FoldWords;
import cufflink.words.Message;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What hits what on the way of a motion: as it leaves a flat state no layer may move through the one that lies on it;
 * between its ends no panel may pass through another ({@link Sweep}); where it ends none may stand across another
 * ({@link Crossings}).
 */
public final class PathChecker {
    /** Shares of the way at which the layers are compared just after the start and just before the end. */
    private static final double LEAVING = 0.02;
    /** Paper that has sunk this far below what it lay on moves through it, millimetres. */
    private static final double SUNK = 1e-3;

    private final FoldMotion motion;
    private final Optional<FlatFoldedState> layers;
    private final Set<Sweep.Pair> exchanged;

    private PathChecker(FoldMotion motion, Optional<FlatFoldedState> layers, Set<Sweep.Pair> exchanged) {
        this.motion = motion;
        this.layers = layers;
        this.exchanged = exchanged;
    }

    /**
     * What is in the way, at most one problem.
     *
     * @param layers    of the start, or of the last flat state before it, if there was one
     * @param exchanged panels that come past each other because the maker tucks one behind the other
     */
    static Optional<Problem> obstacle(FoldMotion motion, Optional<FlatFoldedState> layers, Set<Sweep.Pair> exchanged) {
        PathChecker checker = new PathChecker(motion, layers, exchanged);
        Optional<FlatFoldedState> start = layers
                .filter(flat -> Travel.between(flat.state(), motion.from()).isStill());
        return start.flatMap(checker::onTheWayOut).or(() -> start.isPresent() && checker.movesAsOne() ? Optional.empty()
                : checker.between().or(checker::atTheEnd));
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
                if (start.relation().side(upper, lower) > 0 && !exchanged.contains(Sweep.Pair.of(upper, lower))
                        && !travel.together(upper, lower)
                        && start.places().commonPoints(upper, lower).stream()
                                .anyMatch(place -> travel.rise(upper, lower, place) < -SUNK)) {
                    return Optional
                            .of(problem(upper, FoldWords.LIES_UNDER.of("creases", creases(), "upper", label(upper),
                                    "lower", label(lower))));
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

    private List<String> creases() {
        return motion.changing().stream().map(crease -> crease.crease()).sorted().toList();
    }

    private String label(PanelRef panel) {
        return motion.from().assembly().panel(panel).label();
    }

    private static Problem problem(PanelRef panel, Message message) {
        return Problem.error(panel.piece(), message);
    }

    private Optional<Problem> between() {
        return Sweep.first(motion, layers, exchanged)
                .map(hit -> hit.pair().map(pair -> problem(pair.one(), hits(hit, pair)))
                        .orElseGet(() -> problem(motion.from().assembly().anchor(),
                                FoldWords.STIFF.of("share", percent(hit), "creases", creases()))));
    }

    private Message hits(Sweep.Hit hit, Sweep.Pair pair) {
        boolean together = motion.changing().size() > 1 && motion.turnsEvenly();
        return (together ? FoldWords.HITS_TOGETHER : FoldWords.HITS).of("creases", creases(), "panel",
                label(pair.one()), "other", label(pair.other()), "share", percent(hit));
    }

    private static long percent(Sweep.Hit hit) {
        return Math.round(hit.share() * 100);
    }

    /** Panels that would stand or lie across each other when it is done. */
    private Optional<Problem> atTheEnd() {
        Outcome<FoldedState> end = motion.end();
        if (end.value().isEmpty()) {
            return Optional.of(end.problems().get(0));
        }
        return Crossings.first(end.value().get(), Travel.between(motion.from(), end.value().get()))
                .map(pair -> problem(pair.get(0), FoldWords.GOES_THROUGH.of("creases", creases(), "panel",
                        label(pair.get(0)), "other", label(pair.get(1)))));
    }
}
