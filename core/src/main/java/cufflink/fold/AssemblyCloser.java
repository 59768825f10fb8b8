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

/** Closes an assembly: every piece as its own sequence left it, the order between the pieces found and proved. */
public final class AssemblyCloser {
    private final Assembly assembly;
    private final Map<String, FoldedPiece> pieces;
    private final List<Nest> nests;

    private AssemblyCloser(Assembly assembly, Map<String, FoldedPiece> pieces, List<Nest> nests) {
        this.assembly = assembly;
        this.pieces = pieces;
        this.nests = nests;
    }

    /**
     * The closed card, or why it does not close.
     *
     * @param pieces folded each by itself, by id
     * @param stated what the design says about which panel lies before which
     * @param nests  parts that lie together where they are glued, if they can
     */
    public static Outcome<FlatFoldedState> close(Assembly assembly, Map<String, FoldedPiece> pieces,
            List<Layers> stated, List<Nest> nests) {
        List<Problem> problems = new ArrayList<>();
        assembly.pieces().forEach(pattern -> problems.addAll(pieces.get(pattern.piece()).problems()));
        return problems.isEmpty() ? new AssemblyCloser(assembly, pieces, nests).close(stated)
                : Outcome.failed(problems);
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
            if (join.lies() && !layers.places().overlap(join.part(), join.onto())) {
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
        if (!apart.isEmpty()) {
            return Outcome.failed(apart);
        }
        if (!nests.isEmpty()) {
            Outcome<FlatFoldedState> together = LayerProblem.of(state).knowing(known(state))
                    .knowing(together(state, stated)).stating(stated).solve();
            if (together.value().isPresent()) {
                return together;
            }
        }
        return layers.knowing(known(state)).stating(stated).solve();
    }

    /** Where each part's panels lie against what is not of it: as the panel does that it is glued on. */
    private List<LayerProblem.Known> together(FoldedState state, List<Layers> stated) {
        List<LayerProblem.Known> known = new ArrayList<>();
        Assembly bare = assembly.without(nests.stream().flatMap(nest -> nest.pieces().stream()).toList());
        Outcome<FlatFoldedState> host = new AssemblyCloser(bare, pieces, List.of()).close(stated.stream()
                .filter(line -> bare.panels().containsAll(List.of(line.front(), line.behind()))).toList());
        host.value().map(FlatFoldedState::relation).ifPresent(relation -> {
            for (int i = 0; i < nests.size(); i++) {
                together(nests.get(i), state, relation, known);
                for (int k = 0; k < i; k++) {
                    together(nests.get(k), nests.get(i), state, relation, known);
                }
            }
        });
        return known;
    }

    private void together(Nest nest, FoldedState state, LayerRelation host, List<LayerProblem.Known> known) {
        for (PanelRef panel : panels(nest)) {
            known.add(order(panel, nest.host(), isInFront(nest, state)));
            for (PanelRef other : host.panels()) {
                int side = other.equals(nest.host()) ? 0 : host.side(nest.host(), other);
                if (side != 0) {
                    known.add(order(panel, other, side > 0));
                }
            }
        }
    }

    /** Of two parts on one face the later lies on the earlier. */
    private void together(Nest earlier, Nest later, FoldedState state, LayerRelation host,
            List<LayerProblem.Known> known) {
        boolean same = earlier.host().equals(later.host());
        int side = same ? 0 : host.side(later.host(), earlier.host());
        if (same || side != 0) {
            boolean front = same ? isInFront(later, state) : side > 0;
            panels(later).forEach(one -> panels(earlier).forEach(other -> known.add(order(one, other, front))));
        }
    }

    private static LayerProblem.Known order(PanelRef one, PanelRef other, boolean front) {
        return front ? new LayerProblem.Known(one, other) : new LayerProblem.Known(other, one);
    }

    private List<PanelRef> panels(Nest nest) {
        return assembly.panels().stream().filter(nest::has).toList();
    }

    /** Whether a part is glued on the face of its panel that looks to the front of the closed card. */
    private boolean isInFront(Nest nest, FoldedState state) {
        return assembly.joins().stream().filter(join -> join.onto().equals(nest.host()) && nest.has(join.part()))
                .findFirst().map(join -> join.above() != state.position().get(nest.host()).turnsOver()).orElse(true);
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
