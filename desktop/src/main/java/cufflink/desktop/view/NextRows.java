package cufflink.desktop.view;

import cufflink.design.Measures;
import cufflink.design.PartDefinition;
import cufflink.desktop.control.Fractions;
import cufflink.notebook.Correction;
import cufflink.notebook.Make;
import cufflink.notebook.NextTime;
import cufflink.notebook.Target;
import cufflink.notebook.TargetReader;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.problem.Outcome;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What is to be different next time: those that are there, those that follow from what was measured, and a new one. */
final class NextRows extends VBox {
    /** What a correction can be tied to. */
    private enum Kind {
        MEASURE("A measure"), STEP("A step"), PART("A part"), PAPER("A paper"), BORDER("The layers' border");

        private final String words;

        Kind(String words) {
            this.words = words;
        }
    }

    /** Something to be chosen: what it is called in the design, and as shown. */
    private record Choice(String name, String label) {
    }

    private final Make make;
    private final Optional<Plan> plan;
    private final Supplier<List<Stock>> papers;
    private final Runnable changed;
    private final List<Correction> all;
    private List<Target> offered = List.of();
    private final List<Target> declined = new ArrayList<>();
    private final VBox rows = new VBox();
    private final VBox found = new VBox();
    private final ComboBox<Kind> kind = new ComboBox<>();
    private final ComboBox<Choice> what = new ComboBox<>();
    private final TextField change = new TextField();
    private final ComboBox<Choice> paper = new ComboBox<>();
    private final CheckBox leaveOut = new CheckBox("Leave it out");
    private final TextField text = new TextField();
    private final Label trouble = new Label();

    NextRows(Make make, Optional<Plan> plan, Supplier<List<Stock>> papers, Runnable changed) {
        this.make = make;
        this.plan = plan;
        this.papers = papers;
        this.changed = changed;
        this.all = new ArrayList<>(make.learned().next());
        getStyleClass().add("form-rows");
        rows.getStyleClass().add("form-rows");
        found.getStyleClass().add("form-rows");
        getChildren().addAll(rows, found);
        if (plan.isPresent()) {
            getChildren().add(editor());
        }
        show();
    }

    private VBox editor() {
        kind.getItems().setAll(Kind.values());
        if (plan.orElseThrow().design().parts().isEmpty()) {
            kind.getItems().remove(Kind.PART);
        }
        kind.setConverter(new Words<>(one -> one.words));
        kind.setId("next-kind");
        kind.setAccessibleText("What it is tied to");
        kind.setOnAction(chosen -> offerChoices());
        what.setConverter(new Words<>(Choice::label));
        what.setId("next-what");
        what.setAccessibleText("Which");
        what.setMaxWidth(Double.MAX_VALUE);
        what.setMinWidth(0);
        what.setOnAction(chosen -> showOwn());
        paper.setConverter(new Words<>(Choice::label));
        paper.setId("next-paper");
        paper.setMaxWidth(Double.MAX_VALUE);
        paper.setPromptText("Take … in its place");
        change.setId("next-change");
        leaveOut.setId("next-leave-out");
        text.setId("next-text");
        text.setPromptText("What, and why");
        text.setOnAction(enter -> add());
        trouble.getStyleClass().add("dialog-problem");
        trouble.setId("next-problem");
        trouble.setWrapText(true);
        Button add = new Button("Add it");
        add.setId("next-add");
        add.getStyleClass().add("paper-button");
        add.setOnAction(press -> add());
        HBox tied = new HBox(6, kind, what);
        HBox.setHgrow(what, Priority.ALWAYS);
        kind.setMinWidth(USE_PREF_SIZE);
        HBox last = new HBox(6, text, add);
        HBox.setHgrow(text, Priority.ALWAYS);
        add.setMinWidth(USE_PREF_SIZE);
        kind.setValue(Kind.MEASURE);
        offerChoices();
        VBox editor = new VBox(6, tied, change, paper, leaveOut, last, trouble);
        editor.getStyleClass().add("form-row");
        return editor;
    }

    private void offerChoices() {
        Plan known = plan.orElseThrow();
        what.getItems().setAll(switch (kind.getValue()) {
            case MEASURE -> known.measures().shown().stream().map(Measures.Sized::definition)
                    .filter(measure -> measure.canBeSet())
                    .map(measure -> new Choice(measure.name(), measure.label())).toList();
            case STEP -> known.run().stream()
                    .map(step -> new Choice(String.valueOf(step.number()), step.number() + ". " + step.title()))
                    .toList();
            case PART -> known.design().parts().stream().map(NextRows::part).toList();
            case PAPER -> known.project().papers().chosen().entrySet().stream()
                    .map(entry -> new Choice(entry.getKey().toString(),
                            entry.getKey().title() + ": " + entry.getValue().name()))
                    .toList();
            case BORDER -> List.of();
        });
        what.setValue(what.getItems().isEmpty() ? null : what.getItems().get(0));
        paper.getItems().setAll(papers.get().stream().map(stock -> new Choice(stock.name(), stock.name())).distinct()
                .toList());
        showOwn();
    }

    private static Choice part(PartDefinition part) {
        return new Choice(part.name(), part.label());
    }

    private void showOwn() {
        Kind now = kind.getValue();
        visible(what, now != Kind.BORDER);
        visible(change, now == Kind.MEASURE || now == Kind.BORDER);
        visible(paper, now == Kind.PAPER);
        boolean added = now == Kind.PART && what.getValue() != null && plan.orElseThrow().project().wanted().added()
                .stream().anyMatch(part -> part.name().equals(what.getValue().name()));
        visible(leaveOut, added);
        String step = plan.orElseThrow().project().step().text(plan.get().project().step().length());
        change.setPromptText(now == Kind.BORDER ? "+" + step + ", or empty to be reminded"
                : "-" + step + " less, or what it is to be; empty to be reminded");
        trouble.setText("");
    }

    private static void visible(Node node, boolean is) {
        node.setVisible(is);
        node.setManaged(is);
    }

    private void add() {
        if (text.getText().isBlank()) {
            trouble.setText("Say what is to be different, in your words.");
            return;
        }
        Outcome<Target> target = target();
        if (target.value().isEmpty()) {
            trouble.setText(target.problems().get(0).text());
            return;
        }
        add(target.value().get(), text.getText());
        text.clear();
        change.clear();
        paper.setValue(null);
        trouble.setText("");
    }

    private Outcome<Target> target() {
        TargetReader reader = new TargetReader(plan.orElseThrow(),
                name -> papers.get().stream().filter(stock -> stock.name().equals(name)).findFirst());
        String chosen = what.getValue() == null ? "" : what.getValue().name();
        return switch (kind.getValue()) {
            case MEASURE -> reader.measure(chosen, change.getText());
            case STEP -> reader.step(Integer.parseInt(chosen));
            case PART -> reader.part(chosen, leaveOut.isVisible() && leaveOut.isSelected());
            case PAPER -> reader.paper(chosen, Optional.ofNullable(paper.getValue()).map(Choice::name));
            case BORDER -> reader.border(change.getText());
        };
    }

    private void add(Target target, String words) {
        all.add(fresh(target, words, all));
        show();
        changed.run();
    }

    /** With a key that neither those that are there nor those that were there have. */
    private Correction fresh(Target target, String words, List<Correction> there) {
        NextTime next = new NextTime(plan.orElseThrow().design().definition().id(), make.at());
        Correction fresh;
        do {
            next.add(target, words);
            fresh = next.corrections().get(next.corrections().size() - 1);
        } while (isTaken(fresh.key(), there) || isTaken(fresh.key(), make.learned().next()));
        return fresh;
    }

    private static boolean isTaken(String key, List<Correction> there) {
        return there.stream().anyMatch(one -> one.key().equals(key));
    }

    /** What would set right what was measured: it is taken unless the maker unticks it. */
    void offered(List<Target> targets) {
        if (!targets.equals(offered)) {
            offered = targets;
            show();
        }
    }

    private List<Target> open() {
        return offered.stream().filter(target -> all.stream().noneMatch(one -> one.target().equals(target))).toList();
    }

    private void show() {
        rows.getChildren().setAll(all.stream().map(this::row).toList());
        found.getChildren().setAll(open().stream().map(target -> {
            CheckBox box = new CheckBox(target.said());
            box.getStyleClass().add("shelf-tick");
            box.setWrapText(true);
            box.setSelected(!declined.contains(target));
            box.setOnAction(press -> {
                if (box.isSelected()) {
                    declined.remove(target);
                } else {
                    declined.add(target);
                }
                changed.run();
            });
            return box;
        }).toList());
        if (!found.getChildren().isEmpty()) {
            found.getChildren().add(0, new Fractions("From what you measured, to be offered next time:", "field-note"));
        }
    }

    private HBox row(Correction correction) {
        Fractions words = new Fractions(correction.said(), "make-line");
        Button remove = new Button("✕");
        remove.getStyleClass().add("part-remove");
        remove.setAccessibleText("Take out: " + correction.text());
        remove.setOnAction(press -> {
            all.remove(correction);
            show();
            changed.run();
        });
        HBox.setHgrow(words, Priority.ALWAYS);
        remove.setMinWidth(USE_PREF_SIZE);
        HBox row = new HBox(words, remove);
        row.getStyleClass().add("form-row");
        return row;
    }

    /** Those that are there, with the offers that are ticked. */
    List<Correction> read() {
        List<Correction> kept = new ArrayList<>(all);
        if (plan.isPresent()) {
            open().stream().filter(target -> !declined.contains(target))
                    .forEach(target -> kept.add(fresh(target, target.said(), kept)));
        }
        return kept;
    }

    Optional<String> problem() {
        return text.getText().isBlank() ? Optional.empty()
                : Optional.of("Next time: “" + text.getText().strip() + "” is not added yet.");
    }
}
