package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.crease.VertexConditions;
import cufflink.design.CreaseRef;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign.FoldStep;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.FoldWords;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;

/**
 * Folds a piece along its sequence. Each step turns one crease or several at once (a collapse). What moves as one keeps
 * its order; of all other panels the motion itself tells which comes to lie on which, unless the step tucks them;
 * {@link LayerProblem} completes the order or refuses it, and {@link PathChecker} sees what is in the way.
 */
public final class FoldSequencer {
    /** How far before the end of a motion the coming order of the layers is read off, as a share of the way. */
    private static final double LANDING = 0.98;
    private static final double APART = 1e-3;

    private final Folder folder;
    private final String piece;
    private final List<FoldStage> stages = new ArrayList<>();
    private final List<Problem> problems = new ArrayList<>();
    private FoldedState state;
    private Optional<FlatFoldedState> flat;
    private Optional<FlatFoldedState> lastFlat;

    private FoldSequencer(Folder folder) {
        this.folder = folder;
        this.piece = folder.assembly().anchor().piece();
        this.state = folder.unfolded();
        this.flat = folder.loose().isEmpty()
                ? LayerOrderVerifier.verify(state, LayerRelation.apart(folder.assembly().panels())).value()
                : Optional.empty();
        this.lastFlat = flat;
    }

    /**
     * Folds the piece; steps of other pieces are passed over. Where there are none, but creases to fold, a sequence is
     * proposed.
     */
    public static FoldedPiece fold(CreasePattern pattern, String anchor, List<FoldStep> steps) {
        Folder folder = new Folder(Assembly.of(pattern, anchor));
        List<FoldStep> own = steps.stream().filter(step -> step.piece().equals(pattern.piece())).toList();
        return own.isEmpty() && pattern.hinges().stream().anyMatch(Hinge::folds) ? SequenceProposer.propose(folder)
                : fold(folder, own, false);
    }

    static FoldedPiece fold(Folder folder, List<FoldStep> steps, boolean proposed) {
        FoldSequencer sequencer = new FoldSequencer(folder);
        if (!folder.loose().isEmpty()) {
            sequencer.problems.addAll(folder.fold(Map.of()).problems());
        }
        sequencer.problems.addAll(VertexConditions.check(folder.assembly().pieces().get(0), shut(steps)));
        steps.forEach(sequencer::take);
        return new FoldedPiece(folder.assembly(), sequencer.stages, sequencer.flat, sequencer.problems, proposed);
    }

    /**
     * The folded piece of a design, in whose folding every crease has its step: one that none names was forgotten, or
     * is decorative.
     */
    public static FoldedPiece foldAll(CreasePattern pattern, String anchor, List<FoldStep> steps) {
        FoldedPiece folded = fold(pattern, anchor, steps);
        Set<String> named = folded.stages().stream().flatMap(stage -> stage.step().creases().stream())
                .collect(Collectors.toSet());
        List<String> never = Stream
                .concat(pattern.hinges().stream().filter(Hinge::folds).map(Hinge::crease), bends(pattern)).distinct()
                .filter(crease -> !named.contains(crease)).toList();
        return never.isEmpty() || !folded.problems().isEmpty() ? folded
                : folded.but(Problem.error(pattern.piece(), FoldWords.NEVER_FOLDED.of("creases", never)));
    }

    /** The creases that are shut when all is done. */
    private static Set<String> shut(List<FoldStep> steps) {
        Map<String, Double> last = new LinkedHashMap<>();
        steps.forEach(step -> step.creases().forEach(crease -> last.put(crease, step.angle())));
        last.values().removeIf(angle -> Math.abs(angle) < 179.999);
        return last.keySet();
    }

    private void take(FoldStep step) {
        if (!problems.isEmpty()) {
            return;
        }
        Map<CreaseRef, Double> angles = new LinkedHashMap<>(state.angles());
        Set<CreaseRef> known = folder.assembly().creases();
        for (String name : step.creases()) {
            CreaseRef crease = new CreaseRef(piece, name);
            if (bends().anyMatch(name::equals)) {
                continue;
            } else if (!known.contains(crease)) {
                problems.add(Problem.error(piece, FoldWords.NO_SUCH_CREASE.of("crease", name)));
                return;
            }
            angles.put(crease, step.angle());
        }
        step.tucks().forEach(tuck -> check(step, tuck));
        if (!problems.isEmpty()) {
            return;
        }
        Outcome<FoldedState> folded = folder.fold(angles);
        folded.problems().stream().map(this::atStep).forEach(problems::add);
        folded.value().ifPresent(after -> arrive(step, after));
    }

    /** The hands fold them; in the proof nothing turns there. */
    private Stream<String> bends() {
        return bends(folder.assembly().pieces().get(0));
    }

    private static Stream<String> bends(CreasePattern pattern) {
        return pattern.bends().stream().map(CreasePattern.Bend::crease);
    }

    /** A tuck names two panels of the piece, and says of them once which is behind. */
    private void check(FoldStep step, FoldStep.Tuck tuck) {
        for (String panel : List.of(tuck.behind(), tuck.front())) {
            if (!folder.assembly().panels().contains(new PanelRef(piece, panel))) {
                problems.add(
                        atStep(Problem.error(piece, FoldWords.TUCKS_NO_PANEL.of("panel", panel))));
            }
        }
        if (tuck.behind().equals(tuck.front())
                || step.tucks().contains(new FoldStep.Tuck(tuck.front(), tuck.behind()))) {
            problems.add(atStep(Problem.error(piece,
                    FoldWords.TUCKS_BOTH_WAYS.of("behind", tuck.behind(), "front", tuck.front()))));
        }
    }

    /** What was tucked lies where it can be behind the other. */
    private void checkTucked(FoldStep step, Optional<Places> places) {
        for (FoldStep.Tuck tuck : step.tucks()) {
            if (places
                    .filter(flat -> flat.overlap(new PanelRef(piece, tuck.behind()), new PanelRef(piece, tuck.front())))
                    .isEmpty()) {
                problems.add(atStep(Problem.error(piece,
                        FoldWords.TUCKED_APART.of("behind", tuck.behind(), "front", tuck.front()))));
            }
        }
    }

    private void arrive(FoldStep step, FoldedState after) {
        FoldMotion motion = new FoldMotion(folder, state, after.angles(), Set.of());
        Set<Sweep.Pair> exchanged = step.tucks().stream()
                .map(tuck -> Sweep.Pair.of(new PanelRef(piece, tuck.behind()), new PanelRef(piece, tuck.front())))
                .collect(Collectors.toSet());
        Optional<Problem> obstacle = PathChecker.obstacle(motion, lastFlat, exchanged);
        boolean anyWay = OneVertex.folds(motion, after);
        obstacle.filter(found -> !anyWay).map(this::atStep).ifPresent(problems::add);
        Set<PanelRef> moved = Travel.between(state, after).moved();
        state = after;
        flat = Optional.empty();
        if (after.isFlat() && problems.isEmpty()) {
            LayerProblem layers = LayerProblem.of(after);
            checkTucked(step, Optional.of(layers.places()));
            Outcome<FlatFoldedState> proof = obstacle.isPresent() ? layers.knowing(tucked(step)).solve()
                    : layers.knowing(known(step, motion, after, layers.places())).solve();
            if (proof.value().isEmpty() && anyWay && obstacle.isEmpty()) {
                // The way told an order that is none: it only grazed. Any that is one can be reached.
                proof = LayerProblem.of(after).knowing(tucked(step)).solve();
            }
            problems.addAll(proof.problems().stream().map(this::atStep).toList());
            flat = proof.value();
            lastFlat = flat;
        } else if (problems.isEmpty()) {
            checkTucked(step, Optional.empty());
        }
        stages.add(new FoldStage(step, motion, after, moved, flat.map(FlatFoldedState::order).orElse(List.of())));
    }

    private Problem atStep(Problem problem) {
        return problem.saying(FoldWords.AT_STEP.of("step", stages.size() + 1, "what", problem.message()));
    }

    private List<LayerProblem.Known> tucked(FoldStep step) {
        return step.tucks().stream().map(tuck -> new LayerProblem.Known(new PanelRef(piece, tuck.front()),
                new PanelRef(piece, tuck.behind()))).toList();
    }

    /** The order of all pairs about which the past or the motion leaves no doubt. */
    private List<LayerProblem.Known> known(FoldStep step, FoldMotion motion, FoldedState after, Places places) {
        List<LayerProblem.Known> known = new ArrayList<>();
        Optional<Travel> landing = motion.at(LANDING).value().map(near -> Travel.between(after, near));
        Optional<Travel> since = lastFlat.map(flat -> Travel.between(flat.state(), after));
        List<PanelRef> panels = folder.assembly().panels();
        for (int i = 0; i < panels.size(); i++) {
            for (int j = i + 1; j < panels.size(); j++) {
                if (places.cellsOf(i).intersects(places.cellsOf(j))) {
                    PanelRef a = panels.get(i);
                    PanelRef b = panels.get(j);
                    tucked(step, a, b).or(() -> since.flatMap(way -> kept(way, a, b)))
                            .or(() -> landing.flatMap(way -> landed(places, way, a, b)))
                            .ifPresent(above -> known
                                    .add(above ? new LayerProblem.Known(a, b) : new LayerProblem.Known(b, a)));
                }
            }
        }
        return known;
    }

    private Optional<Boolean> tucked(FoldStep step, PanelRef a, PanelRef b) {
        for (FoldStep.Tuck tuck : step.tucks()) {
            if (tuck.behind().equals(a.panel()) && tuck.front().equals(b.panel())) {
                return Optional.of(false);
            } else if (tuck.behind().equals(b.panel()) && tuck.front().equals(a.panel())) {
                return Optional.of(true);
            }
        }
        return Optional.empty();
    }

    /** Panels that moved as one since the last flat state lie as they lay, or all turned over. */
    private Optional<Boolean> kept(Travel since, PanelRef a, PanelRef b) {
        boolean turned = since.of(a).turnsOver();
        return since.together(a, b) ? lastFlat.get().relation().above(a, b).map(above -> above != turned)
                : Optional.empty();
    }

    /** What lies higher just before the end lies above. */
    private static Optional<Boolean> landed(Places places, Travel back, PanelRef a, PanelRef b) {
        double widest = 0;
        for (Coordinate place : places.commonPoints(a, b)) {
            double rise = back.rise(a, b, place);
            widest = Math.abs(rise) > Math.abs(widest) ? rise : widest;
        }
        return Math.abs(widest) < APART ? Optional.empty() : Optional.of(widest > 0);
    }
}
