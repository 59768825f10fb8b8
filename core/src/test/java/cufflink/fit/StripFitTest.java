package cufflink.fit;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestDesigns;
import cufflink.design.DesignDefinition;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.words.FitWords;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Half folds, twice as wide flat as closed, fitted to sheets and envelopes; against trying every size. */
class StripFitTest {
    private static final DesignDefinition HALF_FOLD = TestDesigns.strip(List.of("width", "width"), "v", List.of("c1"));

    private static Project card(RulerStep ruler) {
        Project project = Project.of(HALF_FOLD, ruler);
        return project.withMats(project.mats().withLayers(0));
    }

    private static Plan fitted(Project project, Wish wish) {
        return Planner.plan(project.withWish(wish)).orThrow();
    }

    private static Wish.FromSheet sheet(Length width, Length height, SheetUse use) {
        return new Wish.FromSheet("sheet", width, height, 1, use);
    }

    private static Length width(Plan plan) {
        return plan.closedWidth().orElseThrow();
    }

    private static Length height(Plan plan) {
        return plan.closedHeight().orElseThrow();
    }

    /** The largest area of any card on the ruler that lies on the sheet, upright or turned. */
    private static double largest(Length sheetWidth, Length sheetHeight, RulerStep ruler) {
        double best = 0;
        for (boolean turned : new boolean[] {false, true}) {
            Length across = turned ? sheetHeight : sheetWidth;
            Length down = turned ? sheetWidth : sheetHeight;
            Length w = ruler.down(Length.ofNanometres(across.nanometres() / 2));
            best = Math.max(best, w.toMillimetres() * ruler.down(down).toMillimetres());
        }
        return best;
    }

    /** Where two shapes are as good to 2 %, the one nearer to the design's is taken. */
    @RepeatedTest(25)
    void wholeSheet_givesTheLargestCard(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        RulerStep ruler = RulerStep.values()[random.nextInt(RulerStep.values().length)];
        Length w = Length.ofMillimetres(120 + random.nextInt(300));
        Length h = Length.ofMillimetres(120 + random.nextInt(300));
        Plan plan = fitted(card(ruler), sheet(w, h, new SheetUse.Whole()));
        double largest = largest(w, h, ruler);
        double area = width(plan).toMillimetres() * height(plan).toMillimetres();
        assertTrue(area > 0.98 * largest - 1e-6 && area < largest + 1e-6,
                w + " × " + h + " gives " + width(plan) + " × " + height(plan));
        assertTrue(plan.layout().unplaced().isEmpty());
    }

    /** Twice a card's width and once its height lie side by side: so many cards come out of one sheet. */
    @ParameterizedTest
    @CsvSource({"1", "2", "3", "4", "6", "8"})
    void cardsFromOneSheet_allLieOnIt(int cards) {
        Project project = card(RulerStep.MILLIMETRE).withCopies(cards);
        Plan plan = fitted(project, sheet(Length.ofMillimetres(297), Length.ofMillimetres(420),
                new SheetUse.Cards(cards)));
        double area = width(plan).toMillimetres() * height(plan).toMillimetres() * 2 * cards;
        assertTrue(area > 0.6 * 297 * 420, cards + " cards take " + area);
        assertEquals(List.of(), plan.layout().unplaced());
        assertEquals(1, plan.layout().sheets().size());
    }

    @RepeatedTest(25)
    void cardThatKeepsItsShape_cannotBeLarger(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        Length w = Length.ofMillimetres(150 + random.nextInt(300));
        Length h = Length.ofMillimetres(150 + random.nextInt(300));
        RulerStep ruler = RulerStep.SIXTEENTH_INCH;
        Plan plan = fitted(card(ruler), sheet(w, h, new SheetUse.Shape()));
        double shape = width(plan).toMillimetres() / height(plan).toMillimetres();
        assertEquals(4.0 / 3, shape, 0.05);
        Length wider = width(plan).plus(ruler.length()).times(2);
        Length higher = height(plan).plus(ruler.length());
        boolean upright = !wider.isLongerThan(w) && !higher.isLongerThan(h);
        boolean turned = !wider.isLongerThan(h) && !higher.isLongerThan(w);
        assertFalse(upright || turned, "a larger one lies on " + w + " × " + h);
    }

    @ParameterizedTest
    @CsvSource({"A2, SIXTEENTH_INCH", "A6, SIXTEENTH_INCH", "A7, THIRTY_SECOND_INCH", "C6, MILLIMETRE",
        "C5, HALF_MILLIMETRE",
        "DL, MILLIMETRE"})
    void cardForAnEnvelope_goesIn_andOneStepLargerDoesNot(String name, RulerStep ruler) {
        NamedSize envelope = PublishedSizes.named(NamedSize.Kind.ENVELOPE, name).orElseThrow();
        Length ease = Wish.InEnvelope.usualEase(ruler.unit());
        Plan plan = fitted(card(ruler), new Wish.InEnvelope(envelope, ease));
        Length across = Length.longer(envelope.width(), envelope.height());
        Length down = Length.shorter(envelope.width(), envelope.height());
        assertFalse(width(plan).plus(ease).isLongerThan(across), width(plan).toString());
        assertFalse(height(plan).plus(ease).isLongerThan(down), height(plan).toString());
        assertTrue(width(plan).plus(ruler.length()).plus(ease).isLongerThan(across), width(plan).toString());
        assertTrue(height(plan).plus(ruler.length()).plus(ease).isLongerThan(down), height(plan).toString());
    }

    @Test
    void finishedSize_isTaken_orSaidToBeOffTheRuler() {
        Plan exact = fitted(card(RulerStep.SIXTEENTH_INCH),
                new Wish.FinishedSize(Length.ofInches(17, 4), Length.ofInches(11, 2)));
        assertEquals(List.of(Length.ofInches(17, 4), Length.ofInches(11, 2)), List.of(width(exact), height(exact)));
        assertEquals(List.of(), exact.changed());
        Plan small = fitted(card(RulerStep.SIXTEENTH_INCH),
                new Wish.FinishedSize(Length.ofInches(1, 2), Length.ofInches(2)));
        assertEquals(Length.ofInches(1), width(small));
        assertFalse(small.changed().isEmpty());
    }

    @Test
    void measureSetByHand_isKeptWhileTheOtherIsFitted() {
        Project project = card(RulerStep.SIXTEENTH_INCH).withSet("width", "3 in");
        Plan plan = fitted(project, sheet(Length.ofInches(17, 2), Length.ofInches(11), new SheetUse.Whole()));
        assertEquals(Length.ofInches(3), width(plan));
        assertEquals(Length.ofInches(11), height(plan));
    }

    @Test
    void sheetThatIsTooSmall_namesTheSmallestCard() {
        Plan plan = fitted(card(RulerStep.SIXTEENTH_INCH),
                sheet(Length.ofInches(1), Length.ofInches(1), new SheetUse.Whole()));
        assertEquals(Optional.of(FitWords.EVEN_THE_SMALLEST),
                plan.fit().limits().stream().findFirst().map(message -> message.code()));
        assertFalse(plan.layout().unplaced().isEmpty());
    }

    @Test
    void envelopeThatNoSizeFits_namesIt() {
        Project project = card(RulerStep.SIXTEENTH_INCH).withSet("width", "9 in");
        NamedSize small = PublishedSizes.named(NamedSize.Kind.ENVELOPE, "A2").orElseThrow();
        Plan plan = fitted(project, new Wish.InEnvelope(small, Length.ofInches(1, 4)));
        assertEquals(List.of(FitWords.NO_SIZE_FOR_ENVELOPE),
                plan.fit().limits().stream().map(message -> message.code()).toList());
    }
}
