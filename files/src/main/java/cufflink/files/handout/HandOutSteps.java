package cufflink.files.handout;

import cufflink.drawing.Picture;
import cufflink.drawing.StepDrawing;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Reading;
import cufflink.plan.RunStep;
import java.io.IOException;
import java.util.List;
import java.util.stream.Collectors;

/** Steps of the run sheet, each with a small picture beside its words and numbers. */
final class HandOutSteps {
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
        flow.heading(phase.heading(), text * 1.33, box);
        for (RunStep step : steps) {
            write(step);
        }
    }

    /** The step with its picture, both in one column. */
    void write(RunStep step) throws IOException {
        double indent = box + 10;
        String title = step.number() + ". " + step.title();
        String numbers = numbers(step);
        double words = flow.height(title, text * 1.1, indent, true) + flow.height(step.text(), text, indent, false)
                + flow.height(numbers, text, indent, true);
        Picture picture = StepDrawing.draw(plan, step, StepDrawing.Moment.done(), 0.6);
        double scale = Math.min(box / picture.width(), box / picture.height());
        double high = picture.height() * scale;
        flow.ensure(Math.min(Math.max(words, high) + 9, 400));
        flow.skip(5);
        double top = flow.y();
        Picture fitted = StepDrawing.draw(plan, step, StepDrawing.Moment.done(), 0.7 / scale);
        flow.picture(fitted, 0, Math.min(box / fitted.width(), box / fitted.height()));
        flow.text(title, text * 1.1, indent, true);
        flow.text(step.text(), text, indent, false);
        if (!numbers.isEmpty()) {
            flow.text(numbers, text, indent, true);
        }
        flow.skip(Math.max(0, high + 4 - (top - flow.y())));
    }

    private String numbers(RunStep step) {
        return step.readings().stream().map(this::number).collect(Collectors.joining("; "));
    }

    private String number(Reading reading) {
        return reading.label() + ": " + reading.text(plan.format());
    }
}
