package cufflink.desktop.control;

import cufflink.measure.FractionText;
import javafx.geometry.VPos;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Font;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;

/**
 * Text with its fractions set: numerator over denominator, the bar at the height of a minus sign. Wraps like any text.
 */
public final class Fractions extends TextFlow {
    public static final String STYLE = "fractions";

    private String shown;

    public Fractions(String text, String... styles) {
        getStyleClass().add(STYLE);
        getStyleClass().addAll(styles);
        setText(text);
    }

    public Fractions() {
        this("");
    }

    /** Shows another text; the same one keeps its nodes, which are costly to style. */
    public void setText(String text) {
        if (text.equals(shown)) {
            return;
        }
        shown = text;
        getChildren().setAll(FractionText.runs(text).stream().map(run -> {
            if (run instanceof FractionText.Fraction fraction) {
                return new SetFraction(fraction);
            }
            Text plain = new Text(((FractionText.Plain) run).text());
            plain.getStyleClass().add("fractions-plain");
            return plain;
        }).toList());
        setAccessibleText(text);
    }

    /** Without a width to wrap at, one line. */
    @Override
    protected double computePrefHeight(double width) {
        return super.computePrefHeight(width < 0 ? prefWidth(-1) : width);
    }

    /**
     * One fraction. A hidden text takes font and colour from the style sheet as the text around it does; the parts
     * follow it. The baseline is chosen so that the bar stands a third of the text's size above the line.
     */
    private static final class SetFraction extends Region {
        private static final double SMALL = 0.66;
        private static final double BAR_HEIGHT = 0.35;
        private final Text model = new Text("0");
        private final Text numerator;
        private final Text denominator;
        private final Rectangle bar = new Rectangle();

        SetFraction(FractionText.Fraction fraction) {
            model.getStyleClass().add("fractions-plain");
            model.setVisible(false);
            model.setManaged(false);
            numerator = part(fraction.numerator());
            denominator = part(fraction.denominator());
            bar.fillProperty().bind(model.fillProperty());
            bar.setManaged(false);
            getChildren().addAll(model, numerator, bar, denominator);
            model.fontProperty().addListener(change -> follow());
            follow();
        }

        private Text part(String digits) {
            Text text = new Text(digits);
            text.setTextOrigin(VPos.BASELINE);
            text.setManaged(false);
            text.fillProperty().bind(model.fillProperty());
            return text;
        }

        private void follow() {
            Font small = new Font(model.getFont().getName(), model.getFont().getSize() * SMALL);
            numerator.setFont(small);
            denominator.setFont(small);
            requestLayout();
        }

        private double body() {
            return model.getFont().getSize();
        }

        private double rise() {
            return body() * SMALL * 0.72;
        }

        private double thickness() {
            return Math.max(1, body() * 0.06);
        }

        private double gap() {
            return body() * 0.09;
        }

        @Override
        protected double computePrefWidth(double height) {
            return Math.ceil(Math.max(numerator.getLayoutBounds().getWidth(), denominator.getLayoutBounds().getWidth())
                    + body() * 0.2);
        }

        @Override
        protected double computePrefHeight(double width) {
            return 2 * rise() + 2 * gap() + thickness();
        }

        @Override
        public double getBaselineOffset() {
            return rise() + gap() + thickness() / 2 + body() * BAR_HEIGHT;
        }

        @Override
        protected void layoutChildren() {
            double width = getWidth();
            numerator.setLayoutX((width - numerator.getLayoutBounds().getWidth()) / 2);
            numerator.setLayoutY(rise());
            denominator.setLayoutX((width - denominator.getLayoutBounds().getWidth()) / 2);
            denominator.setLayoutY(rise() * 2 + gap() * 2 + thickness());
            bar.setX(body() * 0.05);
            bar.setY(rise() + gap());
            bar.setWidth(width - body() * 0.1);
            bar.setHeight(thickness());
        }
    }
}
