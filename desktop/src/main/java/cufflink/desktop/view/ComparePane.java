package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.notebook.Difference;
import cufflink.notebook.Make;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** What a make differs in from another of the same design. */
final class ComparePane extends VBox {
    private final ComboBox<Make> other = new ComboBox<>();
    private final VBox differences = new VBox();
    private Optional<Make> shown = Optional.empty();

    ComparePane() {
        getStyleClass().add("read-out");
        other.setId("compare-with");
        other.setMaxWidth(Double.MAX_VALUE);
        other.setPromptText("Another of this design …");
        other.setConverter(new Words<>(make -> make.name() + ", no. " + make.id()));
        other.valueProperty().addListener(change -> compare());
        differences.setId("differences");
    }

    void show(Optional<Make> make, List<Make> all) {
        shown = make;
        List<Make> others = make.map(one -> all.stream()
                .filter(two -> two.id() != one.id() && two.design().equals(one.design())).toList()).orElse(List.of());
        Make kept = others.stream().filter(one -> other.getValue() != null && one.id() == other.getValue().id())
                .findFirst().orElse(null);
        other.getItems().setAll(others);
        other.setValue(kept);
        getChildren().setAll(Rows.heading("Beside another"));
        if (others.isEmpty()) {
            getChildren().add(new Fractions(make.isEmpty() ? "Two makes of a design stand here side by side."
                    : "No other " + make.get().design().toLowerCase(Locale.ROOT) + " is in the notebook.",
                    "empty"));
        } else {
            getChildren().addAll(other, differences);
        }
        compare();
    }

    private void compare() {
        differences.getChildren().clear();
        if (shown.isEmpty() || other.getValue() == null) {
            return;
        }
        List<Difference> found = Difference.of(shown.get(), other.getValue());
        if (found.isEmpty()) {
            differences.getChildren().add(new Fractions("They are alike in every figure.", "empty"));
        }
        found.forEach(difference -> {
            Label what = new Label(difference.what());
            what.getStyleClass().add("number-label");
            VBox line = new VBox(what, side("this", difference.one()), side("other", difference.two()));
            line.getStyleClass().add("history-line");
            differences.getChildren().add(line);
        });
    }

    private static Fractions side(String which, String value) {
        return new Fractions(which + ": " + (value.isEmpty() ? "–" : value), "compare-" + which);
    }
}
