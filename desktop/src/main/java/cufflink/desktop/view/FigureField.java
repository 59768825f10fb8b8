package cufflink.desktop.view;

import cufflink.directions.Said;
import cufflink.directions.Span;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthReading;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** A number of directions that can be typed over; it is written where it stands in the text. */
final class FigureField extends TextField {
    private final Said said;

    /**
     * @param name    what it is, for those who do not see it
     * @param light   is told where it stands when the keyboard comes to it
     * @param write   is told what was typed instead
     * @param refused is told why that is no length
     */
    FigureField(Said said, String name, Consumer<Span> light, BiConsumer<Said, String> write,
            Consumer<String> refused) {
        super(LengthFormat.of(said.unit()).number(said.length()));
        this.said = said;
        getStyleClass().add("figure-field");
        setAccessibleText(name);
        setPrefColumnCount(Math.max(3, getText().length()));
        focusedProperty().addListener((property, was, is) -> {
            if (is) {
                light.accept(said.span());
            } else {
                reset();
            }
        });
        setOnAction(press -> take(write, refused));
        addEventFilter(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.ESCAPE && !getText().equals(shown())) {
                reset();
                key.consume();
            }
        });
    }

    Said said() {
        return said;
    }

    private String shown() {
        return LengthFormat.of(said.unit()).number(said.length());
    }

    private void reset() {
        setText(shown());
    }

    private void take(BiConsumer<Said, String> write, Consumer<String> refused) {
        LengthReading<Length> read = LengthParser.read(getText(), said.unit());
        if (read.value().filter(Length::isPositive).isEmpty()) {
            refused.accept(read.value().isPresent() ? "Type a length of more than 0." : read.message());
        } else if (!read.value().get().equals(said.length())) {
            write.accept(said, getText().strip());
        }
    }
}
