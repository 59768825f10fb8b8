package cufflink.desktop.view;

import cufflink.desktop.control.Listening;
import cufflink.desktop.work.Workspace;
import cufflink.drawing.Picture;
import cufflink.drawing.StepDrawing;
import cufflink.drawing.View;
import cufflink.notebook.StepNote;
import cufflink.plan.Plan;
import cufflink.plan.Reading;
import cufflink.plan.RunStep;
import java.util.List;
import java.util.function.Predicate;

/** The steps of a project in table view. */
public final class ProjectTable implements TableSource {
    private final Workspace work;
    private final Predicate<StepNote> notes;

    /** {@code notes} keeps what went wrong at a step. */
    public ProjectTable(Workspace work, Predicate<StepNote> notes) {
        this.work = work;
        this.notes = notes;
    }

    @Override
    public boolean takesNotes() {
        return true;
    }

    @Override
    public boolean note(String text) {
        return notes.test(new StepNote(work.currentStep().number(), work.currentStep().title(), text));
    }

    @Override
    public String head() {
        return work.currentStep().phase().title() + ": " + work.currentStep().title();
    }

    @Override
    public String count() {
        return "step " + work.currentStep().number() + " of " + work.plan().run().size();
    }

    @Override
    public String text() {
        RunStep step = work.currentStep();
        return step.text() + (step.caution().isEmpty() ? "" : " " + step.caution());
    }

    @Override
    public String then() {
        Plan plan = work.plan();
        int number = work.currentStep().number();
        return number < plan.run().size() ? "then: " + plan.run().get(number).title() : "the last step";
    }

    @Override
    public List<Number> numbers() {
        List<Reading> readings = work.currentStep().readings();
        return readings.subList(Math.min(work.readingProperty().get(), readings.size()), readings.size()).stream()
                .map(this::number).toList();
    }

    private Number number(Reading reading) {
        Plan plan = work.plan();
        return new Number(reading.label(), reading.number(plan.format()), reading.size().isPresent());
    }

    @Override
    public Picture picture(double point) {
        return StepDrawing.draw(work.plan(), work.currentStep(),
                new StepDrawing.Moment(work.readingProperty().get(), 0.75, View.TILTED, true), point);
    }

    @Override
    public void onChange(Listening listening, Runnable listener) {
        listening.to(work.planProperty(), change -> listener.run());
        listening.to(work.stepProperty(), change -> listener.run());
        listening.to(work.readingProperty(), change -> listener.run());
    }
}
