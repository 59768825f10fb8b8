package cufflink.directions.finding;

import cufflink.directions.Directions;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

/** Every finding in directions, by the directions alone. */
public final class Findings {
    private static final List<Function<Directions, Stream<Finding>>> JUDGES = List.of(SizeJudge::find, CountJudge::find,
            ScoreJudge::find, HalfJudge::find, PanelJudge::find, UnitJudge::find, SheetJudge::find, LayerJudge::find,
            BorderJudge::find,
            PatternJudge::find);

    private Findings() {
    }

    /** What cannot be, then what is unlikely, then what to check; in the order of the text. */
    public static List<Finding> of(Directions directions) {
        return JUDGES.stream().flatMap(judge -> judge.apply(directions))
                .sorted(Comparator.comparing(Finding::grade).thenComparing(finding -> finding.places().get(0).from()))
                .toList();
    }
}
