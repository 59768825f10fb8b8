package cufflink.plan;

import cufflink.crease.CreasePattern;
import cufflink.crease.CreasePatternBuilder;
import cufflink.crease.Panel;
import cufflink.design.SizedDesign;
import cufflink.fit.PocketFit;
import cufflink.fold.Attached;
import cufflink.fold.ClosedStack;
import cufflink.fold.ClosedStackBuilder;
import cufflink.fold.FoldSequencer;
import cufflink.fold.FoldedPiece;
import cufflink.mat.MatLayer;
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

/** A sized design folded, layered and put together. */
record Assembly(Map<String, FoldedPiece> pieces, List<MatLayer> mats, Optional<ClosedStack> stack) {
    static Outcome<Assembly> of(SizedDesign design, Project project) {
        List<Problem> problems = new ArrayList<>();
        Map<String, CreasePattern> patterns = new LinkedHashMap<>();
        for (SizedDesign.Piece piece : design.pieces()) {
            Outcome<CreasePattern> pattern = CreasePatternBuilder.build(piece);
            problems.addAll(pattern.problems());
            pattern.value().ifPresent(built -> patterns.put(piece.id(), built));
        }
        if (problems.stream().anyMatch(Problem::isError)) {
            return Outcome.failed(problems);
        }
        Map<String, FoldedPiece> folded = new LinkedHashMap<>();
        patterns.forEach((id, pattern) -> folded.put(id, FoldSequencer.fold(pattern, anchor(design, pattern), design.folding())));
        List<MatLayer> mats = MatSizer.size(design, patterns, project.mats(), problems);
        boolean flat = folded.values().stream().allMatch(piece -> piece.flat().isPresent() && piece.problems().isEmpty());
        Optional<ClosedStack> stack = flat ? Optional.of(stack(design, project, folded, mats)) : Optional.empty();
        return Outcome.of(new Assembly(folded, mats, stack), problems);
    }

    /** A glued-on piece stays by the panel that is glued, any other by its largest panel, the last of equals. */
    private static String anchor(SizedDesign design, CreasePattern pattern) {
        for (SizedDesign.Glue glue : design.glue()) {
            if (glue.at().isPresent() && glue.part().piece().equals(pattern.piece())) {
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

    private static ClosedStack stack(SizedDesign design, Project project, Map<String, FoldedPiece> folded, List<MatLayer> mats) {
        Map<String, Length> calipers = new LinkedHashMap<>();
        design.pieces().forEach(piece -> calipers.put(piece.id(), project.paper(piece.material()).caliper()));
        List<Attached> attached = mats.stream().map(mat -> new Attached(mat.on().on(), mat.on().face(), mat.outline(),
                project.paper("mat " + mat.layer()).caliper(), mat.label(), mat.layer())).toList();
        Map<SizedDesign.Pocket, Contents> contents = new LinkedHashMap<>();
        design.pockets().forEach(pocket -> PocketFit.contents(design, pocket).ifPresent(item -> contents.put(pocket, item)));
        return ClosedStackBuilder.build(design.pieces().get(0).id(), folded, design.glue(), calipers, attached, contents);
    }
}
