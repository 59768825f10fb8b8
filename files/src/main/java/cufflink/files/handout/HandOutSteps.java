package cufflink.files.handout;

import cufflink.drawing.Picture;
import cufflink.drawing.StepDrawing;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Reading;
import cufflink.plan.RunStep;
import java.io.IOException;
import java.util.List;

/** Steps of the run sheet, each with a small picture beside its words and numbers. */
final class HandOutSteps {
    /** Of what stays together, points. */
    private static final double MOST = 400;

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

    /** Of words and picture, at most what any column has. */
    /** Points that a step takes. */
    double height(RunStep step) throws IOException {
        double words = flow.height(title(step), text * 1.1, indent(), true)
                + flow.height(step.text(), text, indent(), false) + flow.height(numbers(step), text, indent(), true);
        Picture picture = picture(step, 0.6);
        return Math.min(Math.max(words, picture.height() * scale(picture)) + 9, MOST);
    }

    /** The step with its picture, both in one column. */
    void write(RunStep step) throws IOException {
        double indent = indent();
        String numbers = numbers(step);
        double scale = scale(picture(step, 0.6));
        flow.ensure(height(step));
        flow.skip(5);
        double top = flow.y();
        Picture fitted = picture(step, 0.7 / scale);
        double high = fitted.height() * scale(fitted);
        flow.picture(fitted, 0, scale(fitted));
        flow.text(title(step), text * 1.1, indent, true);
        flow.text(step.text(), text, indent, false);
        if (!numbers.isEmpty()) {
            flow.text(numbers, text, indent, true);
        }
        flow.skip(Math.max(0, high + 4 - (top - flow.y())));
    }

    /** What several numbers are of is said once. */
    private String numbers(RunStep step) {
        StringBuilder all = new StringBuilder();
        String last = "";
        for (Reading reading : step.readings()) {
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
