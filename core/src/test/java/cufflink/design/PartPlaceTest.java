package cufflink.design;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.TestDesigns;
import cufflink.words.DesignWords;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where parts go, as it is written, and what may go there. */
class PartPlaceTest {
    private static final DesignDefinition STRIP = TestDesigns.strip(List.of("width", "width"), "v", List.of("c1"));

    @ParameterizedTest
    @CsvSource({"base.back", "sleeve.strip.front", "pocket:sleeve", "pocket:tag.turn", "around", "pocket.front"})
    void place_isReadAsItIsWritten(String text) {
        assertEquals(Optional.of(text), PartPlace.read(text, Optional.empty()).map(PartPlace::text));
    }

    @ParameterizedTest
    @CsvSource({"base", "pocket", "Around", ".back", "base.", "''"})
    void anythingElse_isNoPlace(String text) {
        assertEquals(Optional.empty(), PartPlace.read(text, Optional.empty()));
    }

    @Test
    void onlyAPanelHasFaces() {
        Optional<Face> inside = Optional.of(Face.INSIDE);
        assertEquals(inside, PartPlace.read("base.back", inside).flatMap(PartPlace::face));
        assertEquals(Optional.empty(), PartPlace.read("around", inside));
        assertEquals(Optional.empty(), PartPlace.read("pocket:sleeve", inside));
    }

    @ParameterizedTest
    @CsvSource({"sleeve, Sleeve", "sleeve2, Sleeve 2", "tag12, Tag 12", "a1b, A1b"})
    void nameIsShown(String name, String shown) {
        assertEquals(shown, PartAdding.label(name));
    }

    @ParameterizedTest
    @CsvSource({"pocket:sleeve, HAS_NO_POCKET", "around, GOES_ROUND_NOTHING"})
    void stripHasNoPocket_andGoesRoundNothing(String place, DesignWords code) {
        assertEquals(List.of(code), PartAdding.part(STRIP, "part", STRIP,
                PartPlace.read(place, Optional.empty()).orElseThrow()).problems().stream()
                .map(problem -> problem.code()).toList());
    }

    /** A strip glued on a panel of a strip: its pieces and measures have its name in front, its joint is the host's. */
    @Test
    void partOnAPanel_isWorkedIntoItsHost() {
        PartDefinition part = PartAdding.part(STRIP, "small", STRIP,
                new PartPlace.OnPanel(new PanelRef("base", "p1"), Optional.of(Face.INSIDE))).orThrow();
        DesignDefinition whole = PartExpansion.of(STRIP, List.of(part));
        assertEquals(List.of("base", "small.base"),
                whole.pieces().stream().map(piece -> piece.what().id().fixed().orElseThrow()).toList());
        assertEquals(STRIP.measures().size() * 2 + 2, whole.measures().size());
        assertEquals(List.of("small"), whole.making().glue().stream()
                .map(glue -> glue.what().id().fixed().orElseThrow()).toList());
        assertEquals(Optional.empty(), whole.apart("small.base"));
    }

    @Test
    void conditionsTogether() {
        assertEquals(Optional.empty(), Formula.both(Optional.empty(), Optional.empty()));
        Optional<Formula> one = STRIP.measures().get(0).amount().value();
        assertEquals(one, Formula.both(one, Optional.empty()));
        assertEquals(one, Formula.both(Optional.empty(), one));
    }
}
