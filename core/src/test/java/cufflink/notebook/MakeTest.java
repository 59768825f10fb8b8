package cufflink.notebook;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import cufflink.plan.Phase;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Finding makes, and telling two apart. */
class MakeTest {
    private static final Make CARD = new Make(7, Instant.parse("2026-11-20T18:00:00Z"), "Comet night",
            "Overlapping gate",
            24, "{}", List.of(new Figure("Width", "4 1/4 in"), new Figure("Envelope", "C6, 114 × 162 mm"),
                    new Figure("Paper, card", "Moonlight 240")),
            new Learned(Map.of(Phase.CUT, Duration.ofMinutes(12)),
                    List.of(new StepNote(3, "Base at 2 1/2", "The score cracked")), List.of(), List.of(), List.of(),
                    "Sleeve shorter next time"));

    @ParameterizedTest
    @CsvSource({"comet, true", "GATE comet, true", "114x162, true", "114 × 162, true", "'c6 114 x 162', true",
        "moonlight cracked, true", "shorter sleeve, true", "2026-11-20, true", "comet venus, false", "'', true",
        "115x162, false"})
    void everyWord_isLookedForEverywhere(String words, boolean found) {
        assertEquals(found, CARD.isFound(words));
    }

    @Test
    void differences_areTheFiguresThatAreNotTheSame() {
        Make other = new Make(8, CARD.at(), CARD.name(), CARD.design(), 12, "{}",
                List.of(new Figure("Width", "4 in"), new Figure("Paper, card", "Moonlight 240"),
                        new Figure("Ease", "1/8 in")),
                new Learned(Map.of(Phase.CUT, Duration.ofMinutes(12), Phase.GLUE, Duration.ofSeconds(40)), List.of(),
                        List.of(), List.of(), List.of(), ""));
        assertEquals(List.of(new Difference("Copies", "24", "12"), new Difference("Width", "4 1/4 in", "4 in"),
                new Difference("Envelope", "C6, 114 × 162 mm", ""), new Difference("Ease", "", "1/8 in"),
                new Difference("Time, Glue", "", "40 s")), Difference.of(CARD, other));
        assertEquals(List.of(), Difference.of(CARD, CARD));
    }

    @Test
    void timeInAll_isTheSumOfThePhases() {
        assertEquals(Duration.ofMinutes(15),
                new Learned(Map.of(Phase.CUT, Duration.ofMinutes(12), Phase.FOLD, Duration.ofMinutes(3)), List.of(),
                        List.of(), List.of(), List.of(), "").tookInAll());
    }

    /** A name that could lead out of the folder is none. */
    @ParameterizedTest
    @CsvSource({"../evil, png", "ab, jpg"})
    void pictureOfAnotherName_isRefused(String hash, String kind) {
        assertThrows(IllegalArgumentException.class, () -> new Photo(hash, kind, ""));
        assertThrows(IllegalArgumentException.class, () -> new Photo("0".repeat(64), "gif", ""));
    }
}
