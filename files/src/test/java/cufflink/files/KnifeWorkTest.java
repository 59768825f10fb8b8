package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.plan.Phase;
import cufflink.drawing.Shape;
import cufflink.drawing.StepDrawing;
import cufflink.measure.Length;
import cufflink.plan.RunStep;
import cufflink.plan.Plan;
import cufflink.plan.Reading;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What is cut away with the knife: by marks on the edges where it reaches them. */
class KnifeWorkTest {
    private static List<Reading> marks(Plan plan) {
        return plan.run().stream().filter(step -> step.phase() == Phase.PUNCH)
                .flatMap(step -> step.readings().stream()).filter(reading -> reading.label().contains(": mark "))
                .toList();
    }

    private static Map<String, List<Reading>> byCut(Plan plan) {
        return marks(plan).stream().collect(Collectors.groupingBy(reading -> reading.label().replaceAll(":.*", ""),
                LinkedHashMap::new, Collectors.toList()));
    }

    /** The squash fold: four corners cut off straight, four gaps cut in to the middle and out again. */
    @Test
    void squashFold_isCutFromEdgeToEdge() {
        Map<String, List<Reading>> cuts = byCut(Plans.plan(Plans.project("squash-fold")));
        assertEquals(8, cuts.size());
        cuts.forEach((cut, marks) -> {
            assertEquals(cut.contains("gap") ? 3 : 2, marks.size(), cut);
            for (Reading end : List.of(marks.get(0), marks.get(marks.size() - 1))) {
                assertTrue(end.size().isEmpty() && end.label().contains(" edge, from its "), end.toString());
            }
        });
    }

    /** On an edge one number, inside two. */
    @Test
    void marksInside_haveTwoNumbers() {
        marks(Plans.plan(Plans.project("squash-fold"))).forEach(
                mark -> assertEquals(mark.label().endsWith("from left, top"), mark.size().isPresent(), mark.label()));
    }

    /** The knife ends in a corner of the piece: that end is told as well, with the length of its edge. */
    @Test
    void cutIntoACorner_isToldByBothItsEnds() {
        List<Reading> marks = marks(Plans.plan(Plans.project("crossover")));
        assertEquals(List.of("top edge, from its left end", "at the bottom left corner, left edge, from its top end"),
                marks.stream().map(mark -> mark.label().replaceAll(".*: mark \\d+, ", "")).toList());
        assertEquals(Length.ofInches(11, 2), marks.get(1).length());
    }

    /** Numbers go on from one cut to the next, in the run sheet as in the drawing. */
    @Test
    void marks_areCountedThroughTheStep() {
        Plan plan = Plans.plan(Plans.project("squash-fold"));
        RunStep step = plan.run().stream().filter(one -> one.phase() == Phase.PUNCH).findFirst().orElseThrow();
        List<Integer> numbers = marks(plan).stream()
                .map(mark -> Integer.valueOf(mark.label().replaceAll(".*: mark (\\d+),.*", "$1"))).toList();
        assertEquals(IntStream.rangeClosed(1, 20).boxed().toList(), numbers);
        assertEquals(IntStream.rangeClosed(1, 20).mapToObj(String::valueOf).toList(),
                StepDrawing.knifeWork(plan, step, 0.5).shapes().stream()
                        .filter(shape -> shape instanceof Shape.Mark mark && mark.text().matches("\\d+"))
                        .map(shape -> ((Shape.Mark) shape).text()).toList());
    }
}
