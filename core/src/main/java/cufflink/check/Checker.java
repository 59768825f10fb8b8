package cufflink.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Runs every judge over a project. */
public final class Checker {
    private static final List<Judge> JUDGES = List.of(new FoldingJudge(), new PoseJudge(), new PagesJudge(),
            new SpineJudge(),
            new SoftJudge(), new OrnamentJudge(),
            new DesignRulesJudge(), new LinesJudge(), new PartsJudge(), new OutlineJudge(), new LaidContentsJudge(),
            new PocketJudge(),
            new PocketLayersJudge(), new LayerJudge(), new OpeningJudge(), new EnvelopeJudge(), new SheetJudge(),
            new GrainJudge(), new BoardJudge(), new PostJudge());

    private Checker() {
    }

    /** All checks, worst first; among equals the one with the smallest margin first. */
    public static List<Check> check(CheckSubject subject) {
        List<Check> checks = new ArrayList<>();
        JUDGES.forEach(judge -> checks.addAll(judge.judge(subject)));
        checks.sort(Comparator.comparing(Check::verdict).reversed()
                .thenComparing(check -> check.margin().map(margin -> margin.toMillimetres()).orElse(Double.MAX_VALUE)));
        return List.copyOf(checks);
    }
}
