package cufflink.directions.finding;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.directions.Directions;
import cufflink.directions.DirectionsReader;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What directions say that cannot be, each with the words of the text that are wrong, and what is right beside it. */
class FindingsTest {
    private static Directions read(String text) {
        return new DirectionsReader().read(text, Optional.empty()).orThrow();
    }

    private static String found(String text) {
        Directions read = read(text);
        return Findings.of(read).stream().map(finding -> finding.grade().words() + ", " + finding.kind() + " @ "
                + finding.places().get(0).in(text)
                + finding.suggestion().map(edit -> " > " + edit.text()).orElse("")).collect(Collectors.joining("; "));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "Base 8 x 5 in, scored at 4 in from the left. The base is 9 x 5 in. | cannot be, two sizes @ 9 x 5 in",
        "Mats 4 x 5 in, cut 3. Glue the 4 mats on. | cannot be, count @ 4 > 3",
        "Strip 11 x 4 in, scored at 3 and 12 in from the left. | cannot be, past the piece @ 12 in",
        "Strip 11 x 4 in. Score it along the 4 in side at 3, 5 and 8 in. | cannot be, wrong side @ along the 4 in side",
        "Strip 11 x 4 in, scored at 3, 6 and 5 in from the left. | unlikely, out of order @ 5 in",
        "Half a sheet of A4, 210 x 145 mm. | cannot be, half @ 145 mm > 148.5 mm",
        "Base 11 x 4 in. Score it at 5 1/2 in (150 mm) from the left. | cannot be, two units @ 5 1/2 in (150 mm)",
        "From one sheet of A4 cut 3 bases 210 x 148 mm. | cannot be, sheets @ sheet of A4",
        "Front 105 x 148 mm. Mat 99 x 140 mm (3 mm border) | unlikely, unequal borders @ 140 mm > 142 mm",
        "Strip 10 x 4 in, scored at 3 and 6 in from the left, which leaves a last panel of 5 in. | cannot be, panels @ 5 in > 4 in",
        "Layer 6 x 6 in. Layer 5 3/4 x 5 1/2 in. Each layer is 1/4 in smaller than the one below it. | unlikely, pattern @ 5 1/2 in > 5 3/4 in",
        "6 bases 8 x 5 in. 10 mats 3 x 4 in, two for each base. | cannot be, count @ two > 10",
        "Leaflet 297 x 210 mm, scored at 99 and 198 mm. Panels: 99 + 99 + 98 mm | cannot be, panels @ Panels: 99 + 99 + 98 mm",
        "Base 210 x 148 mm, scored at 105 mm from the left. Pocket on the base: 115 x 160 mm | cannot be, no panel @ 115 x 160 mm",
        "24 tags 60 x 110 mm. Punch a hole in each of the 22 tags. | cannot be, count @ 22 > 24",
        "Card 11 x 4 in, scored at 5 1/2 in from the left. The card is 12 x 4 in when open. | cannot be, two sizes @ 12 x 4 in",
        "Base 8 x 6 in, scored at 4 in from the left. Mats 4 3/4 x 5 3/4 in | unlikely, no panel @ 4 3/4 x 5 3/4 in",
        "From a sheet of 8 x 9 in cut a base of 10 x 5 in. | cannot be, sheet @ 10 x 5 in",
        "Rectangle 3 x 2 in with a smaller rectangle of 3 1/2 x 1 in on top | cannot be, not smaller @ 3 1/2 x 1 in",
        "Band 9 x 1 in. Wrap the band (9 1/2 x 1 in) round the card. | cannot be, two sizes @ 9 1/2 x 1 in",
        "Base 105 x 148 mm. Mat on the base: 105 x 142 mm | cannot be, not smaller @ 105 x 142 mm"})
    void faults(String text, String expected) {
        assertEquals(expected, found(text));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"Base 8 x 5 in, scored at 4 in from the left. The base is 8 x 5 in. | x",
        "Mats 4 x 5 in, cut 3. Glue the 3 mats on. | x", "Strip 11 x 4 in, scored at 3 and 8 in from the left. | x",
        "Half a sheet of A4, 210 x 148.5 mm. | x", "Half a sheet of A4, 148 x 210 mm. | x",
        "Base 11 x 4 in. Score it at 5 1/2 in (140 mm) from the left. | x",
        "From one sheet of A4 cut 2 bases 210 x 148 mm. | x",
        "Strip 11 x 4 in, scored at 8, 5 and 3 in from the left. | x",
        "Front 105 x 148 mm. Mat 99 x 142 mm (3 mm border) | x",
        "Strip 10 x 4 in, scored at 3 and 6 in from the left, which leaves a last panel of 4 in. | x",
        "6 bases 8 x 5 in. 12 mats 3 x 4 in, two for each base. | x",
        "Two mats 3 x 4 in. Add one mat to the front and the other inside. | x",
        "Card 11 x 4 in, scored at 5 1/2 in from the left. The card is 5 1/2 x 4 in. | x",
        "Base 8 x 6 in, scored at 4 in from the left. Mat 7 3/4 x 5 3/4 in | x",
        "Strip 8 x 1 in. A flip strip, 4 x 2 in | x",
        "Pocket 100 x 80 mm. Insert for the pocket: 95 x 78 mm | x"})
    void whatIsRight_hasNone(String text, String ignored) {
        assertEquals("", found(text));
    }

    @Test
    void ofSeveralAlike_oneIsSpokenOf() {
        assertEquals("The mat, 4 × 5 in, is not smaller than the Base that it lies on, 4 × 6 in.",
                Findings.of(read("Base 4 x 6 in. Two mats for the base: 4 x 5 in")).get(0).text().sentence());
    }

    @Test
    void oneFault_isOneFinding_howeverManyNumbersItSpoils() {
        assertEquals(1,
                Findings.of(read("Strip 11 x 4 in. Score it along the 4 in side at 3, 5, 6, 7 and 8 in.")).size());
    }

    @Test
    void theGravestComesFirst() {
        List<Finding> found = Findings.of(read("Strip 11 x 4 in, scored at 6, 5 and 12 in from the left."));
        assertEquals(Finding.Grade.CANNOT_BE, found.get(0).grade());
        assertEquals(2, found.size());
    }
}
