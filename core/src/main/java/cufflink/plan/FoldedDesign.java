package cufflink.plan;

import cufflink.crease.CreasePattern;
import cufflink.crease.CreasePatternBuilder;
import cufflink.crease.Panel;
import cufflink.design.DesignDefinition.Way;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign;
import cufflink.fit.PocketFit;
import cufflink.fold.Assembly;
import cufflink.fold.AssemblyBuilder;
import cufflink.fold.AssemblyCloser;
import cufflink.fold.Attached;
import cufflink.fold.ClosedStack;
import cufflink.fold.ClosedStackBuilder;
import cufflink.fold.FlatFoldedState;
import cufflink.fold.FoldSequencer;
import cufflink.fold.FoldedPiece;
import cufflink.fold.PosedCard;
import cufflink.fold.Refolding;
import cufflink.mat.MatLayer;
import cufflink.mat.MatRole;
import cufflink.mat.MatSizer;
import cufflink.measure.Length;
import cufflink.paper.Contents;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A sized design folded, layered and put together.
 *
 * @param design   with the creases that folding folded paper adds
 * @param assembly the pieces joined
 * @param pieces   each folded by itself, by id, in the order of the design
 * @param closed   the closed card, or why it does not close
 * @param poses    none while it does not close
 */
public record FoldedDesign(SizedDesign design, Map<String, FoldedPiece> pieces, Assembly assembly,
        Outcome<FlatFoldedState> closed, List<PosedCard> poses,
        List<MatLayer> mats, Optional<ClosedStack> stack) {
    public FoldedDesign {
        poses = List.copyOf(poses);
        mats = List.copyOf(mats);
    }

    /** Why a piece does not fold, the card does not close, or a pose cannot be taken; empty if nothing is wrong. */
    public List<Problem> faults() {
        List<Problem> faults = new ArrayList<>();
        pieces.values().forEach(piece -> faults.addAll(piece.problems()));
        if (faults.isEmpty()) {
            faults.addAll(closed.problems());
        }
        poses.forEach(posed -> {
            faults.addAll(posed.state().problems());
            posed.obstacle().ifPresent(faults::add);
        });
        return List.copyOf(faults);
    }

    /** Folds, layers and joins it; problems are mistakes in the design. */
    static Outcome<FoldedDesign> of(SizedDesign sized, Project project) {
        List<Problem> problems = new ArrayList<>();
        SizedDesign design = Refolding.complete(sized, FoldedDesign::anchor);
        Map<String, CreasePattern> patterns = new LinkedHashMap<>();
        for (SizedDesign.Piece piece : design.pieces()) {
            Outcome<CreasePattern> pattern = CreasePatternBuilder.build(piece);
            problems.addAll(pattern.problems());
            pattern.value().ifPresent(built -> patterns.put(piece.id(), built));
        }
        int panels = patterns.values().stream().mapToInt(pattern -> pattern.panels().size()).sum();
        if (panels > CreasePatternBuilder.MOST_PANELS) {
            problems.add(Problem.error(
                    design.definition().title(), "This makes " + panels + " panels; at most "
                            + CreasePatternBuilder.MOST_PANELS + " can be proved to fold.",
                    "Use fewer panels or creases."));
        }
        if (problems.stream().anyMatch(Problem::isError)) {
            return Outcome.failed(problems);
        }
        Map<String, FoldedPiece> folded = new LinkedHashMap<>();
        patterns.forEach((id, pattern) -> folded.put(id,
                FoldSequencer.foldAll(pattern, anchor(design, pattern), design.folding())));
        List<MatLayer> mats = MatSizer.size(design, patterns, project.mats(), project.step(), problems);
        CreasePattern main = patterns.values().iterator().next();
        Assembly assembly = AssemblyBuilder.build(design, patterns, new PanelRef(main.piece(), anchor(design, main)),
                problems);
        if (problems.stream().anyMatch(Problem::isError)) {
            return Outcome.failed(problems);
        }
        Outcome<FlatFoldedState> closed = AssemblyCloser.close(assembly, folded, design.stack());
        Optional<ClosedStack> stack = closed.value().map(flat -> stack(design, project, flat, mats));
        List<PosedCard> poses = closed.value().map(flat -> PosedCard.pose(flat, design.poses())).orElse(List.of());
        return Outcome.of(new FoldedDesign(design, folded, assembly, closed, poses, mats, stack), problems);
    }

    /**
     * The panel that the design names; without, a glued-on piece stays by the panel that is glued, any other by its
     * largest panel, the last of equals.
     */
    private static String anchor(SizedDesign design, CreasePattern pattern) {
        Optional<String> named = design.piece(pattern.piece()).rests()
                .filter(panel -> pattern.panel(panel).isPresent());
        if (named.isPresent()) {
            return named.get();
        }
        for (SizedDesign.Glue glue : design.glue()) {
            if (glue.way() != Way.SLOT && glue.way() != Way.LATER && glue.at().isPresent()
                    && glue.part().piece().equals(pattern.piece()) && pattern.panel(glue.part().panel()).isPresent()) {
                return glue.part().panel();
            }
        }
        Panel anchor = pattern.panels().get(0);
        for (Panel panel : pattern.panels()) {
            if (panel.bounds().getArea() >= anchor.bounds().getArea() - 1e-6) {
                anchor = panel;
            }
        }
        return anchor.id();
    }

    private static ClosedStack stack(SizedDesign design, Project project, FlatFoldedState closed, List<MatLayer> mats) {
        Map<String, Length> calipers = new LinkedHashMap<>();
        design.pieces().forEach(piece -> calipers.put(piece.id(), project.paper(piece.material()).caliper()));
        List<Attached> attached = mats.stream().map(mat -> new Attached(mat.on().on(), mat.on().face(), mat.outline(),
                project.paper(MatRole.of(mat.layer())).caliper(), mat.label(), mat.layer())).toList();
        Map<SizedDesign.Pocket, Contents> contents = new LinkedHashMap<>();
        design.pockets()
                .forEach(pocket -> PocketFit.contents(design, pocket).ifPresent(item -> contents.put(pocket, item)));
        return ClosedStackBuilder.build(closed, design.glue(), calipers, attached, contents);
    }
}
