package cufflink.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class DepthSorterTest {
    private static DepthSorter.Face3 level(String id, double near, double offset) {
        return new DepthSorter.Face3(id,
                List.of(new View.Seen(offset, 0, near), new View.Seen(offset + 10, 0, near),
                        new View.Seen(offset + 10, 10, near),
                        new View.Seen(offset, 10, near)),
                List.of());
    }

    @Test
    void stack_isPaintedFromTheBack_whateverTheOrderGiven() {
        List<DepthSorter.Face3> faces = new ArrayList<>(
                List.of(level("a", 0, 0), level("b", 1, 3), level("c", 2, 1), level("d", 3, 2)));
        for (long seed = 0; seed < 20; seed++) {
            Collections.shuffle(faces, new Random(seed));
            assertEquals(List.of("a", "b", "c", "d"),
                    DepthSorter.farToNear(faces).stream().map(DepthSorter.Face3::label).toList());
        }
    }

    /**
     * A long face that slopes towards the eye lies behind a small one above its far end, although its mean is nearer.
     */
    @Test
    void slopingFace_isSortedByItsPlane_notByItsMean() {
        DepthSorter.Face3 slope = new DepthSorter.Face3("slope", List.of(new View.Seen(0, 0, 0),
                new View.Seen(100, 0, 100), new View.Seen(100, 10, 100), new View.Seen(0, 10, 0)), List.of());
        DepthSorter.Face3 small = level("small", 30, 5);
        assertEquals(List.of("slope", "small"),
                DepthSorter.farToNear(List.of(small, slope)).stream().map(DepthSorter.Face3::label).toList());
    }
}
