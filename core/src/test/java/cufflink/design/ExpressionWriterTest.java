package cufflink.design;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Formulas as people read them. */
class ExpressionWriterTest {
    private static final Map<String, Value> VALUES = Map.of("width", Value.length(Length.ofInches(4)), "panels",
            Value.number(5), "fold", new Value.Word("side"), "seven", Value.number(7));
    private static final ExpressionWriter WRITER = new ExpressionWriter(VALUES,
            Map.of("width", "finished width", "panels", "panels"), LengthFormat.of(LengthUnit.INCH));

    /** As long as a formula may be. */
    private static final int LONGEST = 400;

    /** A random formula over whole numbers that divides by nothing but 3 and 7. */
    private static String formula(Random random, int depth) {
        if (depth == 0 || random.nextInt(5) == 0) {
            return List.of("2", "13", "panels", "seven", "100").get(random.nextInt(5));
        }
        String left = formula(random, depth - 1);
        String right = formula(random, depth - 1);
        return switch (random.nextInt(7)) {
            case 0 -> "(" + left + ") + (" + right + ")";
            case 1 -> "(" + left + ") - (" + right + ")";
            case 2 -> "(" + left + ") * (" + right + ")";
            case 3 -> "(" + left + ") / 3";
            case 4 -> "-(" + left + ")";
            case 5 -> "if (" + left + ") > (" + right + ") then (" + left + ") else (" + right + ")";
            default -> "(" + left + ") / (seven)";
        };
    }

    private static Value value(String text) throws ExpressionFault {
        Scope scope = Scope.empty();
        for (Map.Entry<String, Value> entry : VALUES.entrySet()) {
            scope = scope.with(entry.getKey(), entry.getValue());
        }
        return Evaluator.evaluate(ExpressionParser.parse(text), scope);
    }

    /** Brackets stand wherever leaving them out would say something else. */
    @RepeatedTest(500)
    void whatIsWrittenInNumbers_comesToTheSame(RepetitionInfo run) throws ExpressionFault {
        Random random = new Random(run.getCurrentRepetition());
        String text = formula(random, 3);
        while (text.length() > LONGEST) {
            text = formula(random, 3);
        }
        String written = WRITER.inNumbers(ExpressionParser.parse(text));
        assertEquals(value(text), value(written.replace('×', '*').replace('−', '-')), text + " as " + written);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "width * 7 / 12| finished width × 7 / 12| 4 × 7 / 12",
        "width - (panels - 1) * 1/8 in| finished width − (panels − 1) × 1/8| 4 − (5 − 1) × 1/8",
        "max(width, 3 in)| the greatest of finished width, 3| the greatest of 4, 3",
        "if fold = 'side' then width else 3 in| if fold = side then finished width else 3| 4",
        "contents.width + 1 in| contents width + 1| contents width + 1",
        "not (fold = 'side')| not fold = side| not side = side"})
    void labelsInWords_valuesInNumbers(String text, String words, String numbers) throws ExpressionFault {
        assertEquals(words, WRITER.inWords(ExpressionParser.parse(text)));
        assertEquals(numbers, WRITER.inNumbers(ExpressionParser.parse(text)));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"30 deg| 30°", "1 in * 1 in| 645.16 mm²", "10 / 4| 2.5", "1 / 3| 0.333",
        "3 in| 3 in", "1 > 2| no", "fold| side", "0 - 1/10000| 0"})
    void valuesOfEveryKind_areShown(String text, String shown) throws ExpressionFault {
        assertEquals(shown, WRITER.value(value(text)));
    }
}
