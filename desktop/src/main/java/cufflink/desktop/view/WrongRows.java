package cufflink.desktop.view;

import cufflink.notebook.StepNote;
import cufflink.plan.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What went wrong, each at a step or at none. */
final class WrongRows extends VBox {
    private static final StepNote NONE = new StepNote(0, "At no step", "x");

    private record Line(ComboBox<StepNote> step, TextField text) {
    }

    private final List<StepNote> steps = new ArrayList<>(List.of(NONE));
    private final List<Line> lines = new ArrayList<>();
    private final VBox rows = new VBox();
    private final Runnable changed;

    WrongRows(Optional<Plan> plan, List<StepNote> notes, Runnable changed) {
        this.changed = changed;
        plan.ifPresent(known -> known.run()
                .forEach(step -> steps.add(new StepNote(step.number(), step.title(), "x"))));
        Button add = new Button("Something else went wrong");
        add.setId("wrong-add");
        add.getStyleClass().add("paper-button");
        add.setOnAction(press -> line(new StepNote(0, NONE.title(), "")).text().requestFocus());
        rows.getStyleClass().add("form-rows");
        getStyleClass().add("form-rows");
        getChildren().addAll(rows, add);
        notes.forEach(this::line);
        if (notes.isEmpty()) {
            line(new StepNote(0, NONE.title(), ""));
        }
    }

    private Line line(StepNote note) {
        ComboBox<StepNote> step = new ComboBox<>();
        StepNote at = steps.stream().filter(one -> one.step() == note.step() && (one.step() == 0
                || one.title().equals(note.title()))).findFirst()
                .orElseGet(() -> new StepNote(note.step(), note.title(), "x"));
        step.getItems().setAll(steps);
        if (!steps.contains(at)) {
            step.getItems().add(at);
        }
        step.setConverter(new Words<>(one -> one.step() == 0 ? NONE.title() : one.step() + ". " + one.title()));
        step.setValue(at);
        step.setMaxWidth(Double.MAX_VALUE);
        step.setMinWidth(0);
        step.setAccessibleText("At which step");
        step.setOnAction(chosen -> changed.run());
        TextField text = new TextField(note.text());
        text.setPromptText("The score cracked");
        text.setAccessibleText("What went wrong");
        text.textProperty().addListener(change -> changed.run());
        Line line = new Line(step, text);
        Button remove = new Button("✕");
        remove.getStyleClass().add("part-remove");
        remove.setAccessibleText("Take this line out");
        remove.setMinWidth(USE_PREF_SIZE);
        HBox head = new HBox(step, remove);
        HBox.setHgrow(step, Priority.ALWAYS);
        VBox row = new VBox(head, text);
        row.getStyleClass().add("form-row");
        remove.setOnAction(press -> {
            lines.remove(line);
            rows.getChildren().remove(row);
            changed.run();
        });
        lines.add(line);
        rows.getChildren().add(row);
        return line;
    }

    List<StepNote> read() {
        return lines.stream().filter(line -> !line.text().getText().isBlank())
                .map(line -> new StepNote(line.step().getValue().step(),
                        line.step().getValue().step() == 0 ? "" : line.step().getValue().title(),
                        line.text().getText().strip()))
                .toList();
    }

    Optional<String> problem() {
        return lines.stream()
                .filter(line -> line.text().getText().isBlank() && line.step().getValue().step() > 0).findFirst()
                .map(line -> "Step " + line.step().getValue().step()
                        + ": say what went wrong there, or take the line out.");
    }
}
