package cufflink.files.corpus;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import cufflink.directions.Directions;
import cufflink.directions.DirectionsReader;
import cufflink.directions.finding.Findings;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Directions with words lost, doubled and changed places, as when somebody is still typing: read for what they are. */
class BrokenDirectionsTest {
    private static final int TEXTS = 800;

    @Test
    void areReadWithoutHarm() {
        Random random = new Random(17);
        List<List<String>> texts = ByHand.sets().stream().map(set -> List.of(set.text().split("(?<=\\s)"))).toList();
        List<String> words = texts.stream().flatMap(List::stream).toList();
        for (int i = 0; i < TEXTS; i++) {
            String text = broken(texts.get(random.nextInt(texts.size())), words, random);
            Directions read = new DirectionsReader().read(text, Optional.empty()).orThrow();
            assertEquals(text, read.text());
            Findings.of(read).forEach(finding -> assertFalse(finding.text().sentence().isBlank(), text));
        }
    }

    private static String broken(List<String> text, List<String> words, Random random) {
        List<String> broken = new ArrayList<>(text);
        for (int k = 0; k < 5 && !broken.isEmpty(); k++) {
            int at = random.nextInt(broken.size());
            String other = words.get(random.nextInt(words.size()));
            switch (random.nextInt(3)) {
                case 0 -> broken.remove(at);
                case 1 -> broken.add(at, other);
                default -> broken.set(at, other);
            }
        }
        return String.join("", broken);
    }
}
