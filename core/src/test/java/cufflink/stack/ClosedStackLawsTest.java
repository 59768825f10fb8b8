package cufflink.stack;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestDesigns;
import cufflink.design.CreaseRef;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.Stock;
import cufflink.paper.Weight;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;

/** Closed strips as stacks: how thick, what each crease goes round, what shows; against looking at many places. */
class ClosedStackLawsTest {
    private static final Length CALIPER = Length.ofMicrometres(300);

    private static Plan plan(List<String> widths, String folds, List<String> sequence) {
        Project project = Project.of(TestDesigns.strip(widths, folds, sequence), RulerStep.SIXTEENTH_INCH);
        Stock card = project.card();
        Stock measured = new Stock(card.name(), Length.ofInches(40), Length.ofInches(12), Weight.gsm(250),
                Optional.of(CALIPER), "#FFFFFF", "#FFFFFF", false, Stock.Grain.UNKNOWN);
        return Planner.plan(project.withPaper(project.cardRole(), measured).withMats(project.mats().withLayers(0)))
                .orThrow();
    }

    private static ClosedStack closed(List<String> widths, String folds, List<String> sequence) {
        return plan(widths, folds, sequence).stack().orElseThrow();
    }

    /** An accordion of random widths: alternate folds always close, whatever the widths. */
    private static ClosedStack accordion(Random random) {
        int panels = 2 + random.nextInt(6);
        List<String> widths = IntStream.range(0, panels).mapToObj(i -> 8 + random.nextInt(30) + " / 8 * 1 in").toList();
        String folds = IntStream.range(1, panels).mapToObj(i -> i % 2 == 0 ? "m" : "v").collect(Collectors.joining());
        List<String> sequence = IntStream.range(1, panels).mapToObj(i -> "c" + i).toList();
        return closed(widths.stream().map(width -> "(" + width + ")").toList(), folds, sequence);
    }

    private static Length thickness(List<StackLayer> layers) {
        return layers.stream().map(StackLayer::thickness).reduce(Length.ZERO, Length::plus);
    }

    @RepeatedTest(40)
    void noPlaceIsThickerThanTheThickest(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        ClosedStack stack = accordion(random);
        assertEquals(stack.thickness(), thickness(stack.at(stack.thickest())));
        for (int i = 0; i < 200; i++) {
            Coordinate place = new Coordinate(
                    stack.bounds().getMinX() + random.nextDouble() * stack.bounds().getWidth(),
                    stack.bounds().getMinY() + random.nextDouble() * stack.bounds().getHeight());
            assertTrue(!thickness(stack.at(place)).isLongerThan(stack.thickness()), place.toString());
        }
    }

    /** What shows from one side is the whole outline of the card, once. */
    @RepeatedTest(40)
    void sharesOfWhatShows_addUp(RepetitionInfo run) {
        ClosedStack stack = accordion(new Random(run.getCurrentRepetition()));
        for (boolean front : new boolean[] {true, false}) {
            List<ClosedStack.Shown> shown = stack.shown(front);
            double sum = shown.stream().mapToDouble(ClosedStack.Shown::share).sum();
            assertTrue(sum > 1 - 0.01 * stack.layers().size() && sum < 1 + 1e-9, "they show " + sum);
            assertTrue(
                    IntStream.range(1, shown.size()).allMatch(i -> shown.get(i - 1).share() >= shown.get(i).share()));
        }
    }

    /** In an accordion nothing lies between the two panels of a crease. */
    @RepeatedTest(40)
    void creasesOfAnAccordion_goRoundNothing(RepetitionInfo run) {
        ClosedStack stack = accordion(new Random(run.getCurrentRepetition()));
        assertTrue(stack.enclosed().values().stream().allMatch(Length.ZERO::equals), stack.enclosed().toString());
    }

    /** A strip of equal panels rolled up: each crease goes round all panels before the one that it turns. */
    @ParameterizedTest
    @CsvSource({"3, 2", "4, 3", "5, 4"})
    void creasesOfARoll_goRoundWhatIsInside(int panels, int folds) {
        List<String> widths = IntStream.rangeClosed(1, panels).mapToObj(i -> "2 in").toList();
        ClosedStack stack = closed(widths, "v".repeat(folds),
                IntStream.rangeClosed(1, folds).mapToObj(i -> "c" + i).toList());
        Map<CreaseRef, Length> expected = IntStream.rangeClosed(1, folds).boxed()
                .collect(Collectors.toMap(i -> new CreaseRef("base", "c" + i), i -> CALIPER.times(i - 1)));
        assertEquals(expected, stack.enclosed());
        assertEquals(CALIPER.times(panels), stack.thickness());
    }

    @Test
    void closedSize_isThatOfTheWidestPanel() {
        ClosedStack stack = closed(List.of("2 in", "(5 / 2 * 1 in)", "1 in"), "vm", List.of("c1", "c2"));
        assertEquals(Length.ofInches(5, 2), stack.width());
        assertEquals(Length.ofInches(3), stack.height());
    }

    @Test
    void layersOfPaper_makeItThicker_whereTheyLie() {
        List<StackLayer> layers = new ArrayList<>(
                closed(List.of("width", "width"), "v", List.of("c1")).layers());
        assertEquals(List.of(StackLayer.Kind.PANEL, StackLayer.Kind.PANEL),
                layers.stream().map(StackLayer::kind).toList());
        assertEquals(CALIPER.times(2), thickness(layers));
    }

    @Test
    void besideTheCard_liesNothing() {
        ClosedStack stack = closed(List.of("width", "width"), "v", List.of("c1"));
        assertEquals(List.of(),
                stack.at(new Coordinate(stack.bounds().getMaxX() + 1, stack.bounds().centre().y)));
        assertEquals(2, stack.at(stack.bounds().centre()).size());
    }
}
