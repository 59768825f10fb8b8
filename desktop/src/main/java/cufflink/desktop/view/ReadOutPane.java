package cufflink.desktop.view;

import cufflink.check.Check;
import cufflink.check.Verdict;
import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.Listening;
import cufflink.desktop.control.NewestAnswer;
import cufflink.desktop.store.Background;
import cufflink.desktop.work.Workspace;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.plan.Reading;
import cufflink.plan.Reminder;
import cufflink.plan.Remedies;
import cufflink.plan.RunStep;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/**
 * The right pane: the numbers of this step, big; how the current one came about; the checks, worst first; last, what
 * shows.
 */
final class ReadOutPane extends VBox {
    private static final int MANY = 6;

    private final Workspace work;
    private final Consumer<String> focusMeasure;
    private final Runnable made;
    private final VBox step = new VBox();
    private final VBox checks = new VBox();
    private final ShowsPane shows;
    private final NewestAnswer offers;
    private final Map<Check, Hyperlink> links = new HashMap<>();
    private boolean goodTold;
    private List<Object> told = List.of();
    private final Fractions why = new Fractions("", "why");

    /**
     * As the work stands.
     *
     * @param focusMeasure brings the keyboard to a measure
     * @param made         puts what was made into the notebook
     */
    ReadOutPane(Workspace work, Listening listening, Consumer<String> focusMeasure, Runnable made) {
        this.work = work;
        this.focusMeasure = focusMeasure;
        this.made = made;
        getStyleClass().add("read-out");
        why.setId("why");
        ExecutorService background = Background.thread("read-out");
        listening.atEnd(background::shutdownNow);
        shows = new ShowsPane(background);
        offers = new NewestAnswer(background);
        getChildren().addAll(step, why, Rows.heading("Checks"), checks, shows);
        listening.to(work.planProperty(), change -> {
            if (now().equals(told)) {
                showWhatShows();
            } else {
                showStep();
            }
            showChecks();
        });
        listening.to(work.stepProperty(), change -> showStep());
        listening.to(work.readingProperty(), change -> showStep());
        showStep();
        showChecks();
    }

    /** Shows how a figure came about. */
    void explain(String derivation) {
        why.setText(derivation);
        why.setVisible(!derivation.isEmpty());
        why.setManaged(!derivation.isEmpty());
    }

    /** What the step's part of the pane tells. */
    private List<Object> now() {
        return List.of(work.currentStep(), work.plan().run().size(), work.plan().project().unit(),
                work.readingProperty().get());
    }

    private void showStep() {
        told = now();
        RunStep now = work.currentStep();
        Label phase = Rows.heading(now.phase().title() + ", step " + now.number() + " of " + work.plan().run().size());
        Fractions title = new Fractions(now.title(), "step-title");
        FlowPane numbers = new FlowPane();
        numbers.setMinWidth(0); // otherwise as wide as the longest label in one line
        numbers.getStyleClass().addAll("numbers",
                now.readings().size() > MANY ? "numbers-many"
                        : now.readings().stream().anyMatch(reading -> reading.size().isPresent()) ? "numbers-sizes"
                        : "numbers-few");
        for (int i = 0; i < now.readings().size(); i++) {
            numbers.getChildren().add(number(now.readings().get(i), i));
        }
        Fractions text = new Fractions(now.instructions(), "step-text");
        step.getChildren().setAll(phase, title, numbers, text);
        work.plan().reminders(now).forEach(reminder -> step.getChildren().add(reminder(reminder)));
        if (!now.caution().isEmpty()) {
            step.getChildren().add(new Fractions("▲ " + now.caution(), "caution"));
        }
        if (now.number() == work.plan().run().size()) {
            Hyperlink into = new Hyperlink("Made it: into the notebook …");
            into.setId("made-it");
            into.getStyleClass().add("more");
            into.setOnAction(click -> made.run());
            step.getChildren().add(into);
        }
        showWhatShows();
        explain(now.readings().isEmpty() ? "" : now.readings().get(work.readingProperty().get()).how());
    }

    /** What the maker wanted to be told here, until it is taken away. */
    private HBox reminder(Reminder reminder) {
        Fractions words = new Fractions("Remember: " + reminder.text(), "reminder-text");
        HBox.setHgrow(words, Priority.ALWAYS);
        Button away = new Button("✕");
        away.getStyleClass().add("part-remove");
        away.setMinWidth(USE_PREF_SIZE);
        away.setAccessibleText("Do not remind me: " + reminder.text());
        away.setOnAction(press -> work.change(project -> project.with(project.noted().without(reminder))));
        HBox row = new HBox(words, away);
        row.getStyleClass().add("reminder");
        return row;
    }

    private void showWhatShows() {
        if (work.currentStep().number() == work.plan().run().size()) {
            shows.show(work.plan());
        } else {
            shows.none();
        }
    }

    private VBox number(Reading reading, int index) {
        boolean isNow = index == work.readingProperty().get();
        Plan plan = work.plan();
        String figure = reading.number(plan.format());
        Fractions value = new Fractions(figure, "number-value");
        Label label = new Label(reading.label());
        label.getStyleClass().add("number-label");
        label.setWrapText(true);
        VBox box = new VBox(value, label);
        box.getStyleClass().addAll("number", isNow ? "number-now" : "number-later");
        box.setAccessibleText(figure + " " + reading.label());
        box.setOnMouseClicked(click -> work.pick(reading.id()));
        return box;
    }

    /** What is wrong or to be watched; what holds is one line, which tells all of it if it is asked to. */
    private void showChecks() {
        links.clear();
        checks.getChildren().setAll(work.plan().checks().stream().filter(check -> check.verdict() != Verdict.GOOD)
                .map(this::check).toList());
        offer(work.plan());
        List<Check> good = work.plan().checks().stream().filter(check -> check.verdict() == Verdict.GOOD).toList();
        if (good.isEmpty()) {
            return;
        }
        Hyperlink holds = new Hyperlink(
                Verdict.GOOD.mark() + " " + (good.size() == 1 ? "1 check holds" : good.size() + " checks hold"));
        holds.setId("good-checks");
        holds.getStyleClass().add("more");
        VBox told = new VBox();
        tell(told, good);
        holds.setOnAction(click -> {
            goodTold = !goodTold;
            tell(told, good);
        });
        checks.getChildren().addAll(holds, told);
    }

    /** Rows are made only if they are asked for: they would be made anew with every change. */
    private void tell(VBox told, List<Check> good) {
        told.getChildren().setAll(goodTold ? good.stream().map(this::check).toList() : List.of());
    }

    private HBox check(Check check) {
        Label mark = new Label(check.verdict().mark());
        mark.getStyleClass().addAll("check-mark", "check-" + check.verdict().word());
        VBox words = new VBox(new Fractions(check.text(), "check-text"));
        if (!check.remedy().isEmpty()) {
            words.getChildren().add(new Fractions(check.remedy(), "check-remedy"));
        }
        if (check.verdict() != Verdict.GOOD) {
            check.change().ifPresent(change -> words.getChildren().add(change(check, change)));
        }
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox row = new HBox(mark, words);
        row.getStyleClass().add("check");
        row.setAccessibleText(check.verdict().word() + ": " + check.text());
        return row;
    }

    /** Leads to the measure until it is known which value would do. */
    private Hyperlink change(Check check, Check.Change change) {
        Hyperlink link = new Hyperlink();
        link.getStyleClass().add("check-change");
        label(link, "Go to " + change.label().toLowerCase(Locale.ROOT));
        link.setOnAction(click -> focusMeasure.accept(change.measure()));
        links.put(check, link);
        return link;
    }

    private static void label(Hyperlink link, String words) {
        link.setGraphic(new Fractions(words, "link-text"));
        link.setAccessibleText(words);
    }

    /** What would mend a check is tried beside the window. */
    private void offer(Plan plan) {
        List<Check> wanted = List.copyOf(links.keySet());
        offers.ask(() -> {
            Map<Check, Remedies.Offer> found = new LinkedHashMap<>();
            wanted.forEach(check -> Remedies.offer(plan, check).ifPresent(offer -> found.put(check, offer)));
            return found;
        }, found -> found.forEach((check, offer) -> {
            Hyperlink link = links.get(check);
            label(link, "Use " + plan.format().text(offer.value()) + " for " + offer.label().toLowerCase(Locale.ROOT));
            Project shown = plan.project();
            link.setOnAction(click -> work
                    .change(project -> project.equals(shown) ? offer.project() : project));
        }));
    }
}
