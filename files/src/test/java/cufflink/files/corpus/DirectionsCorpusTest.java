package cufflink.files.corpus;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The sets that were written by hand or kept aside are read as well as docs/directions.md says. */
class DirectionsCorpusTest {
    private static List<CorpusResult> results = List.of();
    private static Corpus.Score score;

    @BeforeAll
    static void read() {
        results = Corpus.results(set -> set.aside() || set.isByHand());
        score = Corpus.Score.of(results);
    }

    private static String wrong() {
        return results.stream().filter(one -> !one.isAllRight()).map(one -> one.set() + "\n" + one.said())
                .collect(Collectors.joining("\n"));
    }

    @Test
    void thereAreEnough() {
        assertTrue(Corpus.sets().size() >= 60, "sets: " + Corpus.sets().size());
        assertTrue(Corpus.sets().stream().flatMap(set -> set.design().stream()).distinct().count() >= 20, "designs");
    }

    @Test
    void numbers_areReadRight() {
        assertTrue(score.numbers() >= 0.95, () -> score + "\n" + wrong());
    }

    @Test
    void plantedErrors_areFound() {
        assertTrue(score.errors() >= 0.95, () -> score + "\n" + wrong());
    }

    @Test
    void soundDirections_haveNoFindings() {
        assertEquals(0, score.falsely(), DirectionsCorpusTest::wrong);
    }

    @Test
    void theDesign_isTheFirst() {
        assertTrue(score.designs() >= 0.90, () -> score + "\n" + wrong());
    }
}
