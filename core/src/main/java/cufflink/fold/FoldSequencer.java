package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.crease.Panel;
import cufflink.design.Fold;
import cufflink.design.SizedDesign.FoldStep;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.locationtech.jts.geom.Polygon;

/**
 * Folds a piece along its sequence. At each crease the part that does not hold the anchor moves as one, turned over, onto the
 * viewer's side or behind; whatever lies in its way is a problem, and every flat state is proved by {@link LayerOrderVerifier}.
 */
public final class FoldSequencer {
    /** Paper that overlaps by less than this many square millimetres only touches. */
    private static final double TOUCH = 1e-3;
    private static final double FLAT = 179.999;

    private final CreasePattern pattern;
    private final String anchor;
    private final List<Problem> problems = new ArrayList<>();
    private final List<FoldStage> stages = new ArrayList<>();
    private Map<String, Double> angles = Map.of();
    private FoldedState state;
    private List<String> order;
    private Optional<FlatFoldedState> proved = Optional.empty();

    private FoldSequencer(CreasePattern pattern, String anchor) {
        this.pattern = pattern;
        this.anchor = anchor;
        this.order = pattern.panels().stream().map(Panel::id).toList();
        this.state = Folder.fold(pattern, anchor, angles).orThrow();
    }

    /** Folds the piece; steps of other pieces are passed over. */
    public static FoldedPiece fold(CreasePattern pattern, String anchor, List<FoldStep> steps) {
        FoldSequencer sequencer = new FoldSequencer(pattern, anchor);
        sequencer.proved = LayerOrderVerifier.verify(sequencer.state, sequencer.order).value();
        steps.stream().filter(step -> step.piece().equals(pattern.piece())).forEach(sequencer::take);
        return new FoldedPiece(pattern, anchor, sequencer.stages, sequencer.proved, sequencer.problems);
    }

    private void take(FoldStep step) {
        if (!problems.isEmpty()) {
            return;
        }
        FoldedState before = state;
        Set<String> moved = new LinkedHashSet<>();
        List<String> layers = order;
        Map<String, Double> turned = new LinkedHashMap<>(angles);
        for (String crease : step.creases()) {
            List<Hinge> hinges = pattern.hinges().stream().filter(hinge -> hinge.crease().equals(crease)).toList();
            if (hinges.isEmpty()) {
                problems.add(Problem.error(pattern.piece(), "The folding names a crease “" + crease + "” that this piece does not have.", ""));
                return;
            }
            turned.put(crease, step.angle());
            layers = turn(hinges.get(0), moved, layers, step.angle() >= FLAT);
        }
        Outcome<FoldedState> folded = Folder.fold(pattern, anchor, turned);
        problems.addAll(folded.problems());
        if (folded.value().isEmpty()) {
            return;
        }
        angles = turned;
        state = folded.value().get();
        order = layers;
        boolean flat = angles.values().stream().allMatch(angle -> angle >= FLAT || angle == 0);
        if (flat) {
            Outcome<FlatFoldedState> proof = LayerOrderVerifier.verify(state, order);
            problems.addAll(proof.problems());
            proved = proof.value();
        } else {
            proved = Optional.empty();
        }
        stages.add(new FoldStage(step, before, state, moved, flat ? order : List.of()));
    }

    /** The order of layers after one crease is shut. */
    private List<String> turn(Hinge hinge, Set<String> moved, List<String> layers, boolean flat) {
        Set<String> side = beyond(hinge);
        moved.addAll(side);
        if (!flat) {
            return layers;
        }
        String near = side.contains(hinge.first()) ? hinge.second() : hinge.first();
        boolean above = (hinge.fold() == Fold.VALLEY) != state.position().get(near).turnsOver();
        inTheWay(hinge, side, layers, above);
        List<String> moving = new ArrayList<>(layers.stream().filter(side::contains).toList());
        List<String> staying = layers.stream().filter(panel -> !side.contains(panel)).toList();
        Collections.reverse(moving);
        List<String> after = new ArrayList<>(above ? moving : staying);
        after.addAll(above ? staying : moving);
        return after;
    }

    private void inTheWay(Hinge hinge, Set<String> side, List<String> layers, boolean above) {
        Map<String, Polygon> covered = new HashMap<>();
        pattern.panels().forEach(panel -> covered.put(panel.id(), state.footprint(panel)));
        for (int i = 0; i < layers.size(); i++) {
            for (int j = i + 1; j < layers.size(); j++) {
                String blocked = above ? layers.get(j) : layers.get(i);
                String blocking = above ? layers.get(i) : layers.get(j);
                if (side.contains(blocked) && !side.contains(blocking) && overlap(covered.get(blocked), covered.get(blocking))) {
                    problems.add(Problem.error(pattern.piece(), "Crease " + hinge.crease() + " cannot be folded now: the "
                            + label(blocking) + " lies on the " + label(blocked) + ".", "Fold it earlier."));
                    return;
                }
            }
        }
    }

    private static boolean overlap(Polygon first, Polygon second) {
        boolean near = first.getEnvelopeInternal().intersection(second.getEnvelopeInternal()).getArea() > TOUCH;
        return near && (first.isRectangle() && second.isRectangle() || first.intersection(second).getArea() > TOUCH);
    }

    private String label(String panel) {
        return pattern.panel(panel).orElseThrow().label();
    }

    /** The panels that can be reached from the far side of a crease without crossing it. */
    private Set<String> beyond(Hinge crossed) {
        Set<String> reached = new HashSet<>(Set.of(anchor));
        boolean grew = true;
        while (grew) {
            grew = false;
            for (Hinge hinge : pattern.hinges()) {
                if (!hinge.crease().equals(crossed.crease()) && reached.contains(hinge.first()) != reached.contains(hinge.second())) {
                    grew |= reached.add(hinge.first()) | reached.add(hinge.second());
                }
            }
        }
        Set<String> beyond = new LinkedHashSet<>(pattern.panels().stream().map(Panel::id).toList());
        beyond.removeAll(reached);
        return beyond;
    }
}
