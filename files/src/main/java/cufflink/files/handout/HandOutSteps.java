package cufflink.files.handout;

import cufflink.drawing.Picture;
import cufflink.drawing.StepDrawing;
import cufflink.plan.KnifeMark;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Reading;
import cufflink.plan.RunStep;
import cufflink.words.StepWords;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.locationtech.jts.geom.Envelope;

/** Steps of the run sheet, each with a small picture beside its words and numbers. */
final class HandOutSteps {
    /** Of what stays together, points. */
    private static final double MOST = 400;
    /** Of a mark on an edge, points. */
    private static final double ROUND_MARK = 9;

    private final Plan plan;
    private final PageFlow flow;
    private final double text;
    private final double box;

    /** {@code size} is how large everything is set, 1 for the usual size. */
    HandOutSteps(Plan plan, PageFlow flow, double size) {
        this.plan = plan;
        this.flow = flow;
        this.text = 9.4 * size;
        this.box = 76 * size;
    }

    List<RunStep> of(Phase phase) {
        return plan.run().stream().filter(step -> step.phase() == phase).toList();
    }

    void write(Phase phase) throws IOException {
        List<RunStep> steps = of(phase);
        if (steps.isEmpty()) {
            return;
        }
        // A heading stays with its first step.
        flow.heading(phase.heading(), text * 1.33, height(steps.get(0)));
        for (RunStep step : steps) {
            write(step);
        }
    }

    private double indent() {
        return box + 10;
    }

    private static String title(RunStep step) {
        return step.number() + ". " + step.title();
    }

    private Picture picture(RunStep step, double point) {
        return StepDrawing.draw(plan, step, StepDrawing.Moment.done(), point);
    }

    private double scale(Picture picture) {
        return Math.min(box / picture.width(), box / picture.height());
    }

    /** Points that a step takes, of words and picture, at most what any column has. */
    double height(RunStep step) throws IOException {
        if (isKnifeWork(step)) {
            Picture wide = knifeWork(step);
            double words = flow.height(title(step), text * 1.1, 0, true) + flow.height(step.text(), text, 0, false)
                    + flow.height(numbers(step), text, 0, true);
            for (String cut : cuts(step)) {
                words += flow.height(cut, text, 0, true);
            }
            return Math.min(words + wide.height() * wide(wide) + 15, MOST);
        }
        double words = flow.height(title(step), text * 1.1, indent(), true)
                + flow.height(step.text(), text, indent(), false) + flow.height(numbers(step), text, indent(), true);
        Picture picture = picture(step, 0.6);
        return Math.min(Math.max(words, picture.height() * scale(picture)) + 9, MOST);
    }

    /** The step with its picture, both in one column. */
    void write(RunStep step) throws IOException {
        flow.ensure(height(step));
        flow.skip(5);
        if (isKnifeWork(step)) {
            writeKnifeWork(step);
            return;
        }
        double indent = indent();
        double scale = scale(picture(step, 0.6));
        double top = flow.y();
        Picture fitted = picture(step, 0.7 / scale);
        double high = fitted.height() * scale(fitted);
        flow.picture(fitted, 0, scale(fitted));
        words(step, indent);
        flow.skip(Math.max(0, high + 4 - (top - flow.y())));
    }

    private void words(RunStep step, double indent) throws IOException {
        flow.text(title(step), text * 1.1, indent, true);
        flow.text(step.text(), text, indent, false);
        String numbers = numbers(step);
        if (!numbers.isEmpty()) {
            flow.text(numbers, text, indent, true);
        }
    }

    private static boolean isKnifeWork(RunStep step) {
        return step.readings().stream().anyMatch(reading -> KnifeMark.isOne(reading.id()));
    }

    /** The piece as wide as the column, its marks numbered; below it, cut by cut, where they lie. */
    private void writeKnifeWork(RunStep step) throws IOException {
        words(step, 0);
        Picture wide = knifeWork(step);
        flow.skip(5);
        flow.picture(wide, 0, wide(wide));
        flow.skip(wide.height() * wide(wide) + 4);
        for (String cut : cuts(step)) {
            flow.text(cut, text, 0, true);
        }
    }

    private Picture knifeWork(RunStep step) {
        Picture rough = StepDrawing.knifeWork(plan, step, 0.6);
        Picture fitted = StepDrawing.knifeWork(plan, step, 0.72 * text / 9.4 / wide(rough));
        Envelope bounds = new Envelope(fitted.bounds());
        bounds.expandBy(ROUND_MARK * fitted.point());
        return new Picture(bounds, fitted.point(), fitted.shapes());
    }

    private double wide(Picture picture) {
        return Math.min(flow.width() / picture.width(), 2 * box / picture.height());
    }

    /** A line for each cut: {@code upper gap: 1 top 2 1/2, 2 inside 3 3/4 × 1 1/4 …}. */
    private List<String> cuts(RunStep step) {
        Map<String, List<String>> cuts = new LinkedHashMap<>();
        KnifeMark.told(plan, step).forEach(mark -> step.readings().stream()
                .filter(reading -> reading.id().equals(mark.id())).findFirst()
                .ifPresent(reading -> cuts.computeIfAbsent(mark.cut().id(), key -> new ArrayList<>())
                        .add(mark.number() + " " + mark.mark().where(reading.number(plan.format())))));
        List<String> lines = new ArrayList<>();
        cuts.forEach((cut, marks) -> lines.add(cut + ": " + String.join(", ", marks)));
        lines.add(StepWords.MARKS_FROM.of("unit", plan.format().unit().symbol()).sentence());
        return lines;
    }

    /** What several numbers are of is said once; the knife's marks have lines of their own. */
    private String numbers(RunStep step) {
        StringBuilder all = new StringBuilder();
        String last = "";
        for (Reading reading : step.readings().stream().filter(one -> !KnifeMark.isOne(one.id())).toList()) {
            int colon = reading.label().indexOf(": ");
            String of = colon < 0 ? "" : reading.label().substring(0, colon + 2);
            all.append(all.isEmpty() ? "" : "; ").append(of.equals(last) ? "" : of)
                    .append(reading.label().substring(of.length())).append(of.isEmpty() ? ": " : " ")
                    .append(reading.text(plan.format()));
            last = of;
        }
        return all.toString();
    }
}
