package cufflink.desktop.view;

import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import javafx.util.StringConverter;

/** How ruler steps are offered: {@code in, to 1/16}. */
final class RulerNames extends StringConverter<RulerStep> {
    @Override
    public String toString(RulerStep step) {
        return step == null ? "" : step.unit() == LengthUnit.INCH ? "in, to " + step.label().replace(" in", "")
                : "mm, to " + step.label().replace(" mm", "");
    }

    @Override
    public RulerStep fromString(String text) {
        for (RulerStep step : RulerStep.values()) {
            if (toString(step).equals(text)) {
                return step;
            }
        }
        return RulerStep.SIXTEENTH_INCH;
    }
}
