package cufflink.design;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

/** A card that is held turned: where its places and sides are seen. */
class HeldTest {
    @Property(tries = 60, seed = "7")
    void whereAPlaceIsSeen_leadsBackToIt(@ForAll Held held, @ForAll @DoubleRange(min = -200, max = 200) double x,
            @ForAll @DoubleRange(min = -200, max = 200) double y) {
        double seenX = held.seenX(x, y);
        double seenY = held.seenY(x, y);
        assertEquals(x, held.ownX(seenX, seenY), 1e-9);
        assertEquals(y, held.ownY(seenX, seenY), 1e-9);
    }

    /**
     * Turned, the end of a strip is its top; turned down, its beginning is. Going round clockwise stays clockwise:
     * nothing is mirrored.
     */
    @Test
    void sides_areSeenTurned_notMirrored() {
        List<Side> clockwise = List.of(Side.TOP, Side.RIGHT, Side.BOTTOM, Side.LEFT);
        assertEquals(clockwise, clockwise.stream().map(Held.UPRIGHT::seen).toList());
        assertEquals(List.of(Side.LEFT, Side.TOP, Side.RIGHT, Side.BOTTOM),
                clockwise.stream().map(Held.TURNED::seen).toList());
        assertEquals(List.of(Side.RIGHT, Side.BOTTOM, Side.LEFT, Side.TOP),
                clockwise.stream().map(Held.TURNED_DOWN::seen).toList());
    }

    @Test
    void topOfTheHeldCard_isTheSideThatIsSeenAtTheTop() {
        assertEquals(List.of(0, 90, 270), List.of(Held.UPRIGHT.top(), Held.TURNED.top(), Held.TURNED_DOWN.top()));
    }

    @Test
    void sides_asWords() {
        assertEquals("", Side.words(List.of()));
        assertEquals("left", Side.words(List.of(Side.LEFT)));
        assertEquals("left, right and bottom", Side.words(List.of(Side.BOTTOM, Side.RIGHT, Side.LEFT)));
    }
}
