package cufflink.crease;

import cufflink.design.Fixing;
import cufflink.design.PanelRef;
import cufflink.design.PanelScore;
import cufflink.design.PieceDefinition.CutShape;
import cufflink.design.Score;
import cufflink.design.SizedDesign;
import cufflink.design.Soft;
import cufflink.measure.Length;
import cufflink.problem.Ordered;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.PieceWords;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * The second stage of a plan: every piece of a sized design as panels and hinges.
 *
 * @param patterns by piece id, in the order of the design
 */
public record CreasedDesign(SizedDesign sized, Map<String, CreasePattern> patterns) {
    public CreasedDesign {
        patterns = Ordered.map(patterns);
    }

    /** The pieces creased, with a hole for each fixing that needs one; or what is wrong with each. */
    public static Outcome<CreasedDesign> of(SizedDesign sized) {
        Outcome<CreasedDesign> creased = creased(sized);
        List<Problem> lost = creased.value().map(CreasedDesign::lost).orElse(List.of());
        if (!lost.isEmpty()) {
            return Outcome.failed(lost);
        }
        SizedDesign punched = creased.value().map(known -> known.scored(known.punched())).orElse(sized);
        return punched.equals(sized) ? creased : creased(punched);
    }

    /** Soft pieces, fixings and the like on panels that their pieces do not have. */
    private List<Problem> lost() {
        Stream<Problem> soft = sized.soft().stream().flatMap(one -> one.stays().stream().map(Soft.Stay::panel)
                .filter(this::isLost).map(panel -> lost(one.label(), panel)));
        Stream<Problem> fixings = sized.fixings().stream().filter(one -> isLost(one.panel()))
                .map(one -> lost(one.label(), one.panel()));
        Stream<Problem> scores = sized.panelScores().stream().filter(one -> isLost(one.on()))
                .map(one -> lost(one.score().id(), one.on()));
        Stream<Problem> laid = sized.laid().stream().filter(one -> isLost(one.on()))
                .map(one -> lost(one.holds(), one.on()));
        return Stream.of(soft, fixings, scores, laid).flatMap(lines -> lines).toList();
    }

    private boolean isLost(PanelRef panel) {
        return patterns.containsKey(panel.piece()) && panel(panel).isEmpty();
    }

    private static Problem lost(String label, PanelRef panel) {
        return Problem.error(label, PieceWords.LIES_ON_NO_PANEL.of("panel", panel));
    }

    /** The design with the holes of its fixings; where a panel lies is known when its piece is creased. */
    private SizedDesign punched() {
        SizedDesign punched = sized;
        for (Fixing fixing : sized.fixings()) {
            Optional<Panel> panel = panel(fixing.panel());
            if (panel.isPresent() && fixing.sizes().hole().isPositive()) {
                punched = punched.with(punched.pieces().stream().map(piece -> piece.id().equals(fixing.panel().piece())
                        && piece.cutOuts().stream().noneMatch(cut -> cut.id().equals(sized.hole(fixing)))
                                ? piece.with(hole(fixing, panel.get())) : piece)
                        .toList());
            }
        }
        return punched;
    }

    /** A design with the lines that parts score on panels; where these lie is known when their pieces are creased. */
    private SizedDesign scored(SizedDesign design) {
        SizedDesign scored = design;
        for (PanelScore one : sized.panelScores()) {
            Optional<Panel> panel = panel(one.on());
            if (panel.isPresent()) {
                scored = scored.with(scored.pieces().stream().map(piece -> piece.id().equals(one.on().piece())
                        && piece.scores().stream().noneMatch(score -> score.id().equals(one.score().id()))
                                ? piece.with(onPiece(one, panel.get(), piece.up() != one.face())) : piece)
                        .toList());
            }
        }
        return scored;
    }

    private static Score onPiece(PanelScore one, Panel panel, boolean mirrored) {
        return one.onPiece(panel.label(), Length.nearestToMillimetres(panel.bounds().getMinX()),
                Length.nearestToMillimetres(panel.bounds().getMinY()),
                mirrored ? Length.nearestToMillimetres(panel.width().toMillimetres()) : Length.ZERO);
    }

    private SizedDesign.CutOut hole(Fixing fixing, Panel panel) {
        Length x = Length.nearestToMillimetres(panel.bounds().getMinX()).plus(fixing.at().x());
        Length y = Length.nearestToMillimetres(panel.bounds().getMinY()).plus(fixing.at().y());
        Length radius = Length.ofNanometres(fixing.sizes().hole().nanometres() / 2);
        return new SizedDesign.CutOut(sized.hole(fixing), CutShape.CIRCLE, List.of(x, y, radius), false, true);
    }

    private static Outcome<CreasedDesign> creased(SizedDesign sized) {
        List<Problem> problems = new ArrayList<>();
        Map<String, CreasePattern> patterns = new LinkedHashMap<>();
        for (SizedDesign.Piece piece : sized.pieces()) {
            Outcome<CreasePattern> pattern = CreasePatternBuilder.build(piece);
            problems.addAll(pattern.problems());
            pattern.value().ifPresent(built -> patterns.put(piece.id(), built));
        }
        int panels = patterns.values().stream().mapToInt(pattern -> pattern.panels().size()).sum();
        if (panels > CreasePatternBuilder.MOST_PANELS) {
            problems.add(
                    Problem.error(sized.definition().title(), PieceWords.TOO_MANY_PANELS.of("panels", panels, "most",
                            CreasePatternBuilder.MOST_PANELS)));
        }
        return problems.stream().anyMatch(Problem::isError) ? Outcome.failed(problems)
                : Outcome.of(new CreasedDesign(sized, patterns), problems);
    }

    public Optional<Panel> panel(PanelRef ref) {
        return Optional.ofNullable(patterns.get(ref.piece())).flatMap(pattern -> pattern.panel(ref.panel()));
    }
}
