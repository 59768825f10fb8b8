package cufflink.desktop.view;

import cufflink.measure.Length;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthReading;
import cufflink.measure.LengthUnit;
import cufflink.paper.SheetSize;
import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import javafx.event.ActionEvent;
import javafx.scene.Node;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;

/**
 * A dialog with named fields. It closes only when every field is understood; until then it says which is not, and
 * nothing is taken over.
 */
abstract class FormDialog<R> extends Dialog<R> {
    private final GridPane grid = new GridPane();
    private final Label problem = new Label();
    private R result;

    FormDialog(String title, String header) {
        setTitle(title);
        setHeaderText(header);
        problem.getStyleClass().add("dialog-problem");
        problem.setId("dialog-problem");
        problem.setWrapText(true);
        grid.getStyleClass().add("dialog-grid");
        getDialogPane().setContent(grid);
        getDialogPane().getButtonTypes().setAll(ButtonType.OK, ButtonType.CANCEL);
        getDialogPane().lookupButton(ButtonType.OK).addEventFilter(ActionEvent.ACTION, press -> {
            Optional<R> read = read();
            read.ifPresent(found -> result = found);
            if (read.isEmpty()) {
                press.consume();
            }
        });
        setResultConverter(button -> button == ButtonType.OK ? result : null);
    }

    /** What the fields say, or nothing after {@link #fail}. */
    abstract Optional<R> read();

    final void row(String label, Node... fields) {
        int row = grid.getRowCount();
        grid.add(new Label(label), 0, row);
        for (int i = 0; i < fields.length; i++) {
            grid.add(fields[i], i + 1, row);
        }
    }

    /** To be called after the last row. */
    final void endRows() {
        grid.add(problem, 0, grid.getRowCount(), 3, 1);
    }

    final <T> Optional<T> fail(String text) {
        problem.setText(text);
        getDialogPane().getScene().getWindow().sizeToScene();
        return Optional.empty();
    }

    /** A length of more than 0 out of a field; a problem otherwise. */
    final Optional<Length> size(String name, TextField field, LengthUnit unit) {
        LengthReading<Length> read = LengthParser.read(field.getText(), unit);
        if (read.value().filter(Length::isPositive).isEmpty()) {
            return fail(name + ": " + (read.message().isEmpty() ? "it must be more than 0." : read.message()));
        }
        return read.value();
    }

    /** A width and a height of more than 0 out of a field; a problem otherwise. */
    final Optional<SheetSize> sheetSize(String name, TextField field, LengthUnit unit) {
        LengthReading<List<Length>> read = LengthParser.readSize(field.getText(), unit);
        Optional<List<Length>> sides = read.value()
                .filter(found -> found.size() == 2 && found.stream().allMatch(Length::isPositive));
        if (sides.isEmpty()) {
            return fail(name + ": " + (read.message().isEmpty()
                    ? "type a width and a height of more than 0 with × between them." : read.message()));
        }
        return sides.map(found -> new SheetSize(found.get(0), found.get(1)));
    }

    /** A whole number that is not negative; a problem otherwise. */
    final Optional<Integer> count(String name, TextField field) {
        return field.getText().strip().matches("\\d{1,5}") ? Optional.of(Integer.valueOf(field.getText().strip()))
                : fail(name + ": type a whole number such as 12.");
    }

    /** Whether a field holds a price or nothing; a problem otherwise. */
    final boolean isPrice(String name, TextField field) {
        boolean fine = field.getText().isBlank() || field.getText().strip().matches("\\d{1,6}([.,]\\d{1,4})?");
        if (!fine) {
            fail(name + ": type a number such as 0.45, or leave it empty.");
        }
        return fine;
    }

    /** The price in a field, or none. */
    static Optional<BigDecimal> price(TextField field) {
        return field.getText().isBlank() ? Optional.empty()
                : Optional.of(new BigDecimal(field.getText().strip().replace(',', '.')));
    }

    /** A name that is not empty; a problem otherwise. */
    final Optional<String> name(TextField field) {
        return field.getText().isBlank() ? fail("Name: give it a name.") : Optional.of(field.getText().strip());
    }
}
