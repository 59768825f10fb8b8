package cufflink.design;

import static org.junit.jupiter.api.Assertions.assertDoesNotThrow;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.Value.Quantity;
import cufflink.measure.Length;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ExpressionTest {
    private static final Scope SCOPE = Scope.empty().with("width", Value.length(Length.ofInches(4)))
            .with("height", Value.length(Length.ofInches(3)))
            .with("panels", Value.number(5)).with("fold", new Value.Word("side"))
            .with("contents.width", Value.length(Length.ofMicrometres(85_600)));

    private static Value value(String text) throws ExpressionFault {
        return Evaluator.evaluate(ExpressionParser.parse(text), SCOPE);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|',
            value = {"width * 7/12| 59.266666667", "2 * width - 1/2 in| 190.5", "4 1/4 in| 107.95",
                "max(width, height, 98 mm)| 101.6", "(panels - 2) * width| 304.8",
                "if fold = 'side' then width else height| 101.6", "if not (fold = 'side') then width else height| 76.2",
                "sqrt(width * width + height * height)| 127", "width - -1 in| 127",
                "contents.width + 3 mm| 88.6", "1.5cm| 15", "width / 2 / 2| 25.4", "floor(panels / 2) * 1 in| 50.8",
                "width * cos(60 deg)| 50.8", "abs(height - width)| 25.4", "width * height / height| 101.6"})
    void evaluate_lengths(String text, double millimetres) throws ExpressionFault {
        assertEquals(millimetres, ((Quantity) value(text)).toLength().toMillimetres(), 1e-6);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"panels mod 2 = 1| true", "width > height and panels >= 5| true",
        "width <= height or panels != 5| false", "fold = 'top'| false"})
    void evaluate_conditions(String text, boolean holds) throws ExpressionFault {
        assertEquals(new Value.Truth(holds), value(text));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|',
            value = {"width +| 7| was expected", "width + 3| 6| stands between a length and a number",
                "depth * 2| 0| is not known", "width * height * width| 15| cannot be multiplied",
                "1 / (panels - 5)| 2| divides by 0", "width $ 2| 5| not understood", "frobnicate(2)| 0| no function",
                "(width| 6| was expected", "sqrt(0 - panels)| 0| not negative", "width 2| 6| not expected",
                "if panels then 1 else 2| 3| comparison was expected", "sin(panels)| 0| takes an angle",
                "'side' + 1| 1| not a word"})
    void faults_sayWhereAndWhat(String text, int position, String message) {
        ExpressionFault fault = assertThrows(ExpressionFault.class, () -> value(text));
        assertTrue(fault.getMessage().contains(message), fault.getMessage());
        assertEquals(position, fault.position(), fault.getMessage());
    }

    @Test
    void parse_hostileTexts_areRefusedQuickly() {
        assertThrows(ExpressionFault.class, () -> ExpressionParser.parse("(".repeat(300) + "1" + ")".repeat(300)));
        assertThrows(ExpressionFault.class, () -> ExpressionParser.parse("1+".repeat(3000) + "1"));
        assertThrows(ExpressionFault.class, () -> value("999999999 * 999999999 * 999999999 * 999999999"));
        assertEquals(Value.number(0), assertDoesNotThrow(() -> value(
                "1/999999937 * 1/999999929 * 1/999999893 * 1/999999883 * 1/999999797 * 1/999999761 * 1/999999757 * "
                        + "1/999999751 * 1/999999739")));
    }

    /**
     * However often it is divided by a tangent, a length stays one, to the nanometre; full and half turns are exact.
     */
    @Test
    void anglesInFormulas() throws ExpressionFault {
        assertEquals(Math.round(50e6 / Math.tan(Math.toRadians(104))),
                ((Value.Quantity) value("50 mm / tan(104 deg)")).toLength().nanometres());
        String chain = "50 mm" + " / tan(104 deg) * tan(104 deg)".repeat(12);
        assertEquals(Length.ofMillimetres(50), ((Value.Quantity) value(chain)).toLength());
        assertEquals(Value.number(-2), value("floor(3 / (0 - 2))"));
        assertEquals(Value.number(0), value("sin(180 deg)"));
        assertEquals(Value.number(0), value("cos(90 deg)"));
        assertEquals(Value.number(1), value("tan(45 deg)"));
        assertTrue(assertThrows(ExpressionFault.class, () -> value("tan(90 deg)")).getMessage()
                .contains("no value at 90"));
    }
}
