package cufflink.design;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestPieces;
import cufflink.design.SizedDesign.Lap;
import cufflink.design.SizedDesign.Marks;
import cufflink.design.SizedDesign.Piece;
import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Pieces too long for their sheets. */
class PiecePartsTest {
    private static Length mm(int value) {
        return Length.ofMillimetres(value);
    }

    private static Lap lap(int from, int to) {
        return new Lap(mm(from), mm(to));
    }

    private static PieceParts parts(int width, int longest, Lap... laps) {
        Piece piece = TestPieces.piece("strip", width, 50,
                new Marks(List.of(), List.of(), List.of(), List.of(), List.of(laps)));
        return PieceParts.of(piece, mm(longest));
    }

    @Test
    void whatFits_isCutAsItIs() {
        assertEquals(List.of(lap(0, 300)), parts(300, 300, lap(100, 200)).parts());
    }

    @Test
    void whatDoesNot_isLappedWhereItMay() {
        PieceParts parts = parts(400, 300, lap(100, 200), lap(200, 300));
        assertEquals(List.of(lap(0, 300), lap(200, 400)), parts.parts());
        assertEquals(List.of(lap(200, 300)), parts.laps());
    }

    /** A tab saves a part; where it saves none, the wider lap holds better. */
    @Test
    void fewestParts_thenTheWidestLap() {
        assertEquals(2, parts(500, 300, lap(100, 250), lap(250, 300), lap(250, 260)).parts().size());
        assertEquals(List.of(lap(100, 250)), parts(380, 300, lap(100, 250), lap(200, 210)).laps());
        assertEquals(List.of(lap(200, 210)), parts(490, 300, lap(100, 250), lap(200, 210)).laps());
    }

    @Test
    void whereNoPlaceHelps_itStaysWhole() {
        assertEquals(List.of(lap(0, 900)), parts(900, 300, lap(100, 200), lap(200, 300)).parts());
        assertEquals(List.of(lap(0, 400)), parts(400, 300).parts());
    }

    /** A place every 10 mm: far more ways to choose than could be tried one by one. */
    @Test
    void veryManyPlaces_areNoMoreWork() {
        Lap[] places = IntStream.range(1, 200).mapToObj(i -> lap(10 * i, 10 * i + 10)).toArray(Lap[]::new);
        PieceParts parts = parts(2000, 300, places);
        assertEquals(7, parts.parts().size());
        assertTrue(parts.laps().stream().allMatch(lap -> lap.width().equals(mm(10))));
    }

    @Test
    void layers_meetAtCreases() {
        PieceParts parts = PieceParts.meeting(mm(400), List.of(mm(120), mm(250), mm(390)), mm(300));
        assertEquals(List.of(lap(0, 250), lap(250, 400)), parts.parts());
        assertEquals(Length.ZERO, parts.laps().get(0).width());
    }

    /** Held against all ways to choose places, tried plainly. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void parts_areAsFewAsCanBe(long seed) {
        Random random = new Random(seed);
        for (int round = 0; round < 200; round++) {
            int width = 200 + random.nextInt(600);
            List<Lap> places = new ArrayList<>();
            for (int i = 0; i < 6; i++) {
                int from = 1 + random.nextInt(width);
                places.add(lap(from, from + random.nextInt(120)));
            }
            PieceParts parts = parts(width, 250, places.toArray(new Lap[0]));
            int fewest = fewest(0, width, 250, places);
            assertEquals(fewest == Integer.MAX_VALUE ? 1 : fewest, parts.parts().size());
            for (Lap lap : parts.laps()) {
                assertTrue(places.contains(lap), lap.toString());
            }
            if (fewest < Integer.MAX_VALUE) {
                assertTrue(parts.parts().stream().noneMatch(part -> part.width().isLongerThan(mm(250))));
            }
        }
    }

    private static int fewest(int start, int width, int longest, List<Lap> places) {
        if (width - start <= longest) {
            return 1;
        }
        int best = Integer.MAX_VALUE;
        for (Lap place : places) {
            int from = (int) place.from().toMillimetres();
            int to = (int) place.to().toMillimetres();
            if (from > start && to - start <= longest && to < width) {
                int rest = fewest(from, width, longest, places);
                best = rest == Integer.MAX_VALUE ? best : Math.min(best, 1 + rest);
            }
        }
        return best;
    }
}
