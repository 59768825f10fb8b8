package cufflink.design;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestDesigns;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.DesignWords;
import cufflink.words.FormulaWords;
import java.util.List;
import org.junit.jupiter.api.Test;

class DesignSizerTest {
    private static final DesignDefinition GATE = TestDesigns.strip(List.of("width * 7/12", "width", "width * 5/6"),
            "vv", List.of("c1", "c2"));
    private static final Given INCH = Given.defaults(RulerStep.SIXTEENTH_INCH, Length.ofMicrometres(300));
    private static final LengthFormat FORMAT = LengthFormat.of(LengthUnit.INCH);

    @Test
    void scores_areRunningSums_withTheirDerivation() {
        Score right = DesignSizer.size(GATE, INCH).orThrow().pieces().get(0).scores().get(1);
        assertEquals("score c2 = width × 7 / 12 + width = 4 × 7 / 12 + 4 = 6.3333 in",
                right.line().at().orElseThrow().derivation().text(FORMAT));
    }

    @Test
    void measureSetByHand_staysAsTyped_evenOffTheRuler() {
        Given given = INCH.with("width", Value.length(Length.ofMillimetres(100)));
        Measures.Sized width = DesignSizer.size(GATE, given).orThrow().measures().get("width").orElseThrow();
        assertEquals(Length.ofMillimetres(100), width.length());
        assertTrue(width.byHand());
        assertTrue(width.derivation().text(LengthFormat.of(LengthUnit.MILLIMETRE)).contains("100 mm (set by hand)"));
    }

    @Test
    void default_isPutOnTheMakersRuler() {
        SizedDesign metric = DesignSizer.size(GATE, Given.defaults(RulerStep.MILLIMETRE, Length.ofMicrometres(300)))
                .orThrow();
        assertEquals(Length.ofMillimetres(102), metric.measures().length("width"));
    }

    @Test
    void tooSmallByHand_isTheNearestPossible_andSaysSo() {
        Outcome<SizedDesign> outcome = DesignSizer.size(GATE, INCH.with("width", Value.length(Length.ofInches(1, 2))));
        assertEquals(Length.ofInches(1), outcome.orThrow().measures().length("width"));
        assertEquals("width: 1/2 in cannot be: it must be 1 in at least. The nearest possible, 1 in, is used.",
                outcome.problems().get(0).text());
    }

    @Test
    void wrongKind_andUnknownMeasure_areErrors() {
        Problem kind = DesignSizer.size(GATE, INCH.with("width", Value.number(4))).problems().get(0);
        assertEquals(FormulaWords.OTHER_KIND, kind.code());
        Problem unknown = DesignSizer.size(GATE, INCH.with("depth", Value.number(4))).problems().get(0);
        assertEquals(DesignWords.NO_SUCH_MEASURE, unknown.code());
        assertTrue(((List<?>) unknown.message().argument("measures")).containsAll(List.of("width", "height")));
    }

    @Test
    void reader_typedTexts() {
        assertEquals(Value.length(Length.ofInches(31, 8)),
                MeasureReader.set(GATE, INCH, "width", "3⅞").orThrow().values().get("width"));
        assertTrue(MeasureReader.set(GATE, INCH, "width", "three").problems().get(0).text()
                .contains("does not start with a number"));
        assertEquals(DesignWords.NO_SUCH_MEASURE, MeasureReader.set(GATE, INCH, "depth", "3").problems().get(0).code());
    }
}
