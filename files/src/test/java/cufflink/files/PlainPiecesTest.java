package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Verdict;
import cufflink.design.DesignDefinition;
import cufflink.design.Fold;
import cufflink.directions.Directions;
import cufflink.directions.DirectionsReader;
import cufflink.files.directions.PlainPieces;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Directions of no design become a design file of plain pieces, folded so that the paper closes. */
class PlainPiecesTest {
    private static Plan plan(String text) {
        Directions read = new DirectionsReader().read(text, Optional.empty()).orThrow();
        DesignDefinition design = PlainPieces.read("mine", PlainPieces.text(read, "mine", "Mine")).orThrow();
        return Planner.plan(Project.of(design, RulerStep.usual(read.unit()))).orThrow();
    }

    private static boolean isClosed(Plan plan) {
        return plan.checks().stream().filter(check -> check.id().startsWith("closes"))
                .allMatch(check -> check.verdict() == Verdict.GOOD);
    }

    @ParameterizedTest
    @ValueSource(strings = {"Cover 9 x 4 in. Score it from the left at 3 and 6 in.",
        "Cover 10 x 4 in. Score it from the left at 1, 3 and 6 in.",
        "Cover 8 x 6 in. Score it from the left at 4 in and from the top at 3 in.",
        "Cover 200 x 100 mm. Tag 50 x 70 mm. 2 cards 30 x 40 mm."})
    void closes(String text) {
        assertTrue(isClosed(plan(text)));
    }

    @Test
    void foldsThatAreSaid_stayAsTheyAreSaid() {
        Plan plan = plan("Cover 9 x 4 in. Score it from the left at 3 in (mountain) and 6 in (valley).");
        assertEquals(List.of(Fold.MOUNTAIN, Fold.VALLEY),
                plan.design().main().scores().stream().map(score -> score.fold()).toList());
    }

    @Test
    void namesOfAnySign_areReadAgain() {
        Plan plan = plan("“A \"q\" {x}: \\\\n”: 9 x 4 in");
        assertEquals(1, plan.design().pieces().size());
    }
}
