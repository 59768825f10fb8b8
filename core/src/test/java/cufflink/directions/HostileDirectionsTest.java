package cufflink.directions;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.directions.finding.Findings;
import cufflink.problem.Outcome;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Texts that are none: read for what they are worth, or refused in words. */
class HostileDirectionsTest {
    private static List<String> texts() {
        Random random = new Random(17);
        StringBuilder noise = new StringBuilder();
        for (int i = 0; i < 14_000; i++) {
            noise.append((char) random.nextInt(0x3000));
        }
        return List.of("9".repeat(29_000), "9".repeat(400) + " x " + "9".repeat(400) + " in", "(".repeat(29_000),
                "1/".repeat(14_000), "1/0 x 1/0 in", "4 x 5 in, ".repeat(2_600), "\u202e\u202d\u0000\u0007 4 x 5 in",
                "x".repeat(29_000), "5 x ".repeat(7_000), "score at ".repeat(3_000), "\n".repeat(29_000),
                "Base 0 x 0 in, score at 0", "-4 x -5 in", "Base 4 x 5 in " + "\ud800".repeat(1_000), noise.toString(),
                "| ".repeat(14_000), "half of half of ".repeat(1_800), "and ".repeat(7_000),
                "4 cards 5 x 4 in. " + "For each one cut 900 mats, 4 x 3 in. ".repeat(40),
                "From a sheet of 0 x 0 in cut a base 4 x 5 in. Cut a sheet of 0 x 0 in half.",
                "Card 8 x 8 in. " + "Cut it in half. ".repeat(60),
                "Score and then score the long strip of this card as shown:\n3 in",
                "Base 8 x 5 in\nNow fold and score all of the long strip of this card:",
                "score every 1/64 in, 99999 x 1 in ".repeat(200));
    }

    @ParameterizedTest
    @MethodSource("texts")
    void isReadWithoutHarm(String text) {
        Directions read = new DirectionsReader().read(text, Optional.empty()).orThrow();
        assertEquals(text, read.text());
        read.pieces().forEach(piece -> assertTrue(piece.quantity() > 0, piece.toString()));
        Findings.of(read).forEach(finding -> assertFalse(finding.text().sentence().isBlank()));
    }

    @Test
    void aMegabyteOfDigits_isRefused_withTheLimit() {
        Outcome<Directions> read = new DirectionsReader().read("7".repeat(1_000_000), Optional.empty());
        assertTrue(read.value().isEmpty());
        assertTrue(read.problems().get(0).text().contains("30"), read.problems().get(0).text());
    }

    @Test
    void typedSignBySign_andTakenBack_readsAsIfItHadBeenReadAtOnce() {
        String text = "Card base\nCut one 8 x 5 in,\nscore at 4.\n\nMats (2): 3 3/4 x 4 3/4\nCut one 8 x 5 in,\n";
        DirectionsReader typing = new DirectionsReader();
        IntStream.concat(IntStream.rangeClosed(0, text.length()),
                IntStream.rangeClosed(0, text.length()).map(back -> text.length() - back)).mapToObj(
                        end -> text
                                .substring(0, end))
                .forEach(typed -> assertEquals(new DirectionsReader().read(typed, Optional.empty()),
                        typing.read(typed, Optional.empty()), typed));
    }
}
