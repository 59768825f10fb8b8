package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Reading;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
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
}
