package cufflink.crease;

import cufflink.design.PanelRef;
import cufflink.design.SizedDesign;
import cufflink.problem.Ordered;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.PieceWords;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The second stage of a plan: every piece of a sized design as panels and hinges.
 *
 * @param patterns by piece id, in the order of the design
 */
public record CreasedDesign(SizedDesign sized, Map<String, CreasePattern> patterns) {
    public CreasedDesign {
        patterns = Ordered.map(patterns);
    }

    /** The pieces creased, or what is wrong with each. */
    public static Outcome<CreasedDesign> of(SizedDesign sized) {
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
