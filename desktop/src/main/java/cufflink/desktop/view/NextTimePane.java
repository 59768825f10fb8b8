package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.Listening;
import cufflink.desktop.control.NewestAnswer;
import cufflink.desktop.store.Background;
import cufflink.desktop.work.Workspace;
import cufflink.notebook.Correction;
import cufflink.notebook.Effect;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.plan.StepMark;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/**
 * What was learned of the design, offered one by one: applied, with its effect on every figure and check shown before,
 * kept as a reminder, or dropped. Nothing is shown when nothing is open.
 */
public final class NextTimePane extends VBox {
    /** The notebook, as far as it is asked here. */
    public interface Notebook {
        /** What was learned of a design. */
        List<Correction> corrections(String design);

        boolean decide(Correction correction, Correction.Standing standing);
    }

    private final Workspace work;
    private final Notebook notebook;
    private final List<Correction> all;
    private final NewestAnswer effects;
    private final VBox effect = new VBox();
    private final Button apply = new Button("Apply");
    private final CheckBox own = new CheckBox("Begin every new one so");
    private Optional<Correction> asked = Optional.empty();

    NextTimePane(Workspace work, Listening listening, Notebook notebook) {
        this.work = work;
        this.notebook = notebook;
        this.all = new ArrayList<>(notebook.corrections(work.plan().design().definition().id()));
        ExecutorService background = Background.thread("next time");
        listening.atEnd(background::shutdownNow);
        effects = new NewestAnswer(background);
        getStyleClass().add("next-time");
        setId("next-time");
        own.getStyleClass().add("shelf-tick");
        own.setId("next-own");
        effect.setId("next-effect");
        listening.to(work.planProperty(), this::show);
        show(work.plan());
    }

    private void show(Plan plan) {
        List<Correction> open = all.stream().filter(one -> one.isOpen(plan.project())).toList();
        setVisible(!open.isEmpty());
        setManaged(!open.isEmpty());
        if (open.isEmpty()) {
            getChildren().clear();
            asked = Optional.empty();
            return;
        }
        Correction first = open.get(0);
        if (asked.filter(first::equals).isEmpty()) {
            asked = Optional.of(first);
            own.setSelected(false);
            build(first, open.size());
        }
        preview(first, plan);
    }

    private void build(Correction correction, int open) {
        apply.setId("next-apply");
        apply.getStyleClass().setAll("button", "main-action");
        apply.setDisable(true);
        apply.setOnAction(press -> answer(correction, plan -> correction.applied(plan)));
        Button remind = new Button(correction.isChange() ? "Only remind me" : "Remind me");
        remind.setId("next-remind");
        remind.setOnAction(press -> answer(correction, plan -> Outcome.of(correction.kept(plan))));
        Button drop = new Button("Drop it");
        drop.setId("next-drop");
        drop.setOnAction(press -> drop(correction));
        FlowPane buttons = new FlowPane(6, 6);
        if (correction.isChange()) {
            buttons.getChildren().add(apply);
        }
        buttons.getChildren().addAll(remind, drop);
        getChildren().setAll(Rows.heading("From your notebook" + (open > 1 ? ", 1 of " + open : "")),
                new Fractions(correction.text(), "next-words"));
        if (correction.isChange() && !correction.target().said().equals(correction.text())) {
            getChildren().add(new Fractions(correction.target().said(), "field-note"));
        }
        getChildren().addAll(effect, buttons, own);
    }

    private void preview(Correction correction, Plan plan) {
        if (!correction.isChange()) {
            effects.ask(() -> title(plan, correction), title -> effect.getChildren()
                    .setAll(new Fractions("It would be told at step " + title, "field-note")));
            return;
        }
        effect.getChildren().setAll(new Fractions("Working out what it changes …", "field-note"));
        effects.ask(() -> Effect.of(plan, correction), found -> {
            apply.setDisable(found.value().isEmpty());
            effect.getChildren().setAll(found.value().map(Effect::lines)
                    .orElseGet(() -> found.problems().stream().map(NextTimePane::said).toList()).stream()
                    .map(line -> new Fractions(line, "next-line")).toList());
        });
    }

    private static String said(Problem problem) {
        return (problem.message().sentence() + " " + problem.message().remedy()).strip();
    }

    private static String title(Plan plan, Correction correction) {
        int number = StepMark.find(plan.run(), correction.target().step(plan));
        return (number + ", " + plan.run().get(number - 1).title() + ".").replace("….", "…");
    }

    /** What an answer makes of the project. */
    private interface Answer {
        Outcome<Project> of(Plan plan);
    }

    private void answer(Correction correction, Answer answer) {
        boolean always = own.isSelected();
        work.finish();
        Outcome<Project> answered = answer.of(work.plan());
        if (answered.value().isEmpty()) {
            work.say(answered.problems().stream().map(NextTimePane::said).collect(Collectors.joining(" ")));
            return;
        }
        work.change(project -> answered.value().get()).thenAccept(done -> {
            if (done && always) {
                decide(correction, Correction.Standing.OWN);
            }
        });
    }

    private void drop(Correction correction) {
        work.change(correction::left).thenAccept(done -> {
            decide(correction, Correction.Standing.DROPPED);
            work.say("Dropped. Your notebook can offer it again.");
        });
    }

    private void decide(Correction correction, Correction.Standing standing) {
        if (notebook.decide(correction, standing)) {
            all.replaceAll(one -> one.key().equals(correction.key()) ? correction.with(standing) : one);
        }
    }
}
