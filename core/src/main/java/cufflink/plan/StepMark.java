package cufflink.plan;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** What a step of the run sheet is known by, however the numbers in it change: {@code fold base 1}. */
public final class StepMark implements StepSubject.Cases<String> {
    private StepMark() {
    }

    /** The marks of all steps in order, no two alike. */
    public static List<String> of(List<RunStep> run) {
        Map<String, Integer> seen = new HashMap<>();
        List<String> marks = new ArrayList<>();
        for (RunStep step : run) {
            String mark = phase(step) + " " + step.subject().accept(new StepMark());
            int count = seen.merge(mark, 1, Integer::sum);
            marks.add(count > 1 ? mark + " #" + count : mark);
        }
        return List.copyOf(marks);
    }

    private static String phase(RunStep step) {
        return step.phase().name().toLowerCase(Locale.ROOT);
    }

    /**
     * The number of the step that a mark means, from 1; if the project has it no more, that of the first of its phase,
     * or the first of all, so that what hangs on it is not lost.
     */
    public static int find(List<RunStep> run, String mark) {
        int exact = of(run).indexOf(mark);
        return exact >= 0 ? exact + 1
                : run.stream().filter(step -> mark.startsWith(phase(step) + " ")).findFirst().map(RunStep::number)
                        .orElse(1);
    }

    @Override
    public String sheet(StepSubject.OfSheet sheet) {
        return sheet.layout().stock().name();
    }

    @Override
    public String scores(StepSubject.OfScores scores) {
        return scores.setup().piece() + " " + scores.setup().faceUp().word()
                + (scores.setup().mirrored() ? " over" : "")
                + (scores.setup().turned() ? " turned" : "") + (scores.setup().positions().isEmpty() ? " slants" : "");
    }

    @Override
    public String layers(StepSubject.OfLayers layers) {
        return layers.panel().toString();
    }

    @Override
    public String mounted(StepSubject.OfMounted layers) {
        return "layers " + layers.panel();
    }

    @Override
    public String piece(StepSubject.OfPiece piece) {
        return piece.piece();
    }

    @Override
    public String fold(StepSubject.OfFold fold) {
        return fold.piece() + " " + fold.index();
    }

    @Override
    public String glue(StepSubject.OfGlue glue) {
        return glue.glue().id();
    }

    @Override
    public String part(StepSubject.OfPart part) {
        return "part " + part.part().name();
    }

    @Override
    public String strands(StepSubject.OfStrands strands) {
        return strands.ways().stream().map(way -> way.soft().id()).distinct().collect(Collectors.joining(", "));
    }

    @Override
    public String trim(StepSubject.OfTrim trim) {
        return "trim " + trim.id();
    }

    @Override
    public String pages(StepSubject.OfPages pages) {
        return "pages";
    }

    @Override
    public String card(StepSubject.OfCard card) {
        return "card";
    }
}
