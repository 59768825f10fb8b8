package cufflink.fold;

import cufflink.design.CreaseRef;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign.Layers;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.FoldWords;
import cufflink.words.LayerWords;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** Closes an assembly: every piece as its own sequence left it, the order between the pieces found and proved. */
public final class AssemblyCloser {
    private final Assembly assembly;
    private final Map<String, FoldedPiece> pieces;

    private AssemblyCloser(Assembly assembly, Map<String, FoldedPiece> pieces) {
        this.assembly = assembly;
        this.pieces = pieces;
    }

    /**
     * The closed card, or why it does not close.
     *
     * @param pieces folded each by itself, by id
     * @param stated what the design says about which panel lies before which
     */
    public static Outcome<FlatFoldedState> close(Assembly assembly, Map<String, FoldedPiece> pieces,
            List<Layers> stated) {
        List<Problem> problems = new ArrayList<>();
        assembly.pieces().forEach(pattern -> problems.addAll(pieces.get(pattern.piece()).problems()));
        return problems.isEmpty() ? new AssemblyCloser(assembly, pieces).close(stated) : Outcome.failed(problems);
    }

    private Outcome<FlatFoldedState> close(List<Layers> stated) {
        FoldedPiece main = pieces.get(assembly.anchor().piece());
        if (assembly.equals(main.assembly()) && stated.isEmpty() && main.flat().isPresent()) {
            return Outcome.of(main.flat().get());
        }
        Map<CreaseRef, Double> angles = new LinkedHashMap<>();
        assembly.pieces().forEach(pattern -> angles.putAll(pieces.get(pattern.piece()).last().angles()));
        Outcome<FoldedState> folded = new Folder(assembly).fold(angles);
        return folded.then(state -> state.isFlat() ? order(LayerProblem.of(state), state, stated)
                : Outcome.failed(Problem.error(assembly.anchor().piece(), FoldWords.NOT_FLAT.of())));
    }

    private Outcome<FlatFoldedState> order(LayerProblem layers, FoldedState state, List<Layers> stated) {
        List<Problem> apart = new ArrayList<>();
        for (Join join : assembly.joins()) {
            if ((join.way() == Join.Way.GLUED || join.way() == Join.Way.SLIDING)
                    && !layers.places().overlap(join.part(), join.onto())) {
                apart.add(Problem.error("joint " + join.id(),
                        LayerWords.PUT_ON_APART.of("part", label(join.part()), "onto", label(join.onto()))));
            }
            join.passing().all().stream()
                    .filter(other -> !layers.places().overlap(join.part(), other))
                    .forEach(other -> apart.add(Problem.error("joint " + join.id(),
                            LayerWords.WOVEN_APART.of("part", label(join.part()), "other", label(other)))));
        }
        for (Layers line : stated) {
            if (!layers.places().overlap(line.front(), line.behind())) {
                apart.add(Problem.error("stack",
                        LayerWords.STACKED_APART.of("front", line.front(), "behind", line.behind())));
            }
        }
        return apart.isEmpty() ? layers.knowing(known(state)).stating(stated).solve() : Outcome.failed(apart);
    }

    private String label(PanelRef panel) {
        return assembly.panel(panel).label();
    }

    private List<LayerProblem.Known> known(FoldedState state) {
        List<LayerProblem.Known> known = new ArrayList<>();
        assembly.pieces()
                .forEach(pattern -> pieces.get(pattern.piece()).flat().ifPresent(flat -> keep(flat, state, known)));
        for (int later = 0; later < assembly.joins().size(); later++) {
            for (int earlier = 0; earlier < later; earlier++) {
                laterLiesOutside(assembly.joins().get(earlier), assembly.joins().get(later), state, known);
            }
        }
        return known;
    }

    /** A piece keeps the order in which it was folded, turned over with the piece. */
    private static void keep(FlatFoldedState piece, FoldedState state, List<LayerProblem.Known> known) {
        List<PanelRef> panels = piece.relation().panels();
        boolean turned = piece.state().position().get(panels.get(0)).turnsOver()
                != state.position().get(panels.get(0)).turnsOver();
        for (PanelRef a : panels) {
            for (PanelRef b : panels) {
                if (piece.relation().side(a, b) > 0) {
                    known.add(turned ? new LayerProblem.Known(b, a) : new LayerProblem.Known(a, b));
                }
            }
        }
    }

    /** Of two parts glued on one face, the later lies on the earlier. */
    private static void laterLiesOutside(Join earlier, Join later, FoldedState state, List<LayerProblem.Known> known) {
        boolean sameFace = earlier.onto().equals(later.onto()) && earlier.above() == later.above();
        if (sameFace && earlier.way() == Join.Way.GLUED && later.way() == Join.Way.GLUED && earlier.place().isPresent()
                && later.place().isPresent()
                && !earlier.part().equals(later.part())) {
            boolean front = later.above() != state.position().get(later.onto()).turnsOver();
            known.add(front ? new LayerProblem.Known(later.part(), earlier.part())
                    : new LayerProblem.Known(earlier.part(), later.part()));
        }
    }
}
