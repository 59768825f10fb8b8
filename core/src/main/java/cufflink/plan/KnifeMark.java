package cufflink.plan;

import cufflink.design.Side;
import cufflink.design.SizedDesign;
import cufflink.design.SizedDesign.CutOut;
import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;

/**
 * A corner of what is cut away with the knife: on an edge of the piece it takes one number, inside two. A corner of the
 * piece takes one only where the knife comes to it.
 *
 * @param beside which edge at the left or right it lies on
 * @param level  which edge at the top or bottom
 * @param x      from the left edge
 * @param y      from the top edge
 */
public record KnifeMark(Optional<Side> beside, Optional<Side> level, Length x, Length y) {
    /**
     * The corners of a polygon in the order in which the knife comes to them: from edge to edge if it leaves the piece
     * at all.
     */
    static List<KnifeMark> ring(SizedDesign.Piece piece, CutOut cut) {
        List<KnifeMark> ring = new ArrayList<>();
        for (int i = 0; i + 1 < cut.numbers().size(); i += 2) {
            ring.add(of(piece, cut.numbers().get(i), cut.numbers().get(i + 1)));
        }
        IntPredicate beginsCut = i -> runsAlongAnEdge(ring.get(Math.floorMod(i - 1, ring.size())), ring.get(i))
                && !runsAlongAnEdge(ring.get(i), ring.get((i + 1) % ring.size()));
        IntStream.range(0, ring.size()).filter(beginsCut).findFirst()
                .ifPresent(first -> Collections.rotate(ring, -first));
        return ring;
    }

    /** Those that are to be marked. */
    public static List<KnifeMark> measured(SizedDesign.Piece piece, CutOut cut) {
        List<KnifeMark> ring = ring(piece, cut);
        return IntStream.range(0, ring.size()).filter(i -> isMeasured(ring, i)).mapToObj(ring::get).toList();
    }

    /** Whether a corner of the ring is one of those: not a corner of the piece past which only its edges run. */
    static boolean isMeasured(List<KnifeMark> ring, int i) {
        KnifeMark mark = ring.get(i);
        return !mark.isCorner() || !runsAlongAnEdge(ring.get(Math.floorMod(i - 1, ring.size())), mark)
                || !runsAlongAnEdge(mark, ring.get((i + 1) % ring.size()));
    }

    private static KnifeMark of(SizedDesign.Piece piece, Length x, Length y) {
        return new KnifeMark(side(x, piece.width().length(), Side.LEFT, Side.RIGHT),
                side(y, piece.height().length(), Side.TOP, Side.BOTTOM), x, y);
    }

    private static Optional<Side> side(Length at, Length end, Side first, Side last) {
        return at.equals(Length.ZERO) ? Optional.of(first) : at.equals(end) ? Optional.of(last) : Optional.empty();
    }

    private static boolean runsAlongAnEdge(KnifeMark from, KnifeMark to) {
        return from.beside().isPresent() && from.beside().equals(to.beside())
                || from.level().isPresent() && from.level().equals(to.level());
    }

    /** The id of its number, counted from 1 in the order of the knife. */
    public static String id(CutOut cut, int number) {
        return cut.id() + " mark " + number;
    }

    private boolean isCorner() {
        return beside.isPresent() && level.isPresent();
    }

    Reading reading(CutOut cut, int number) {
        String label = cut.id() + ": mark " + number
                + (isCorner() ? ", at the " + level.get().word() + " " + beside.get().word() + " corner" : "");
        Optional<Side> edge = beside.or(() -> level);
        return edge.map(side -> new Reading(id(cut, number), label + ", " + side.word() + " edge, from its "
                + (beside.isPresent() ? "top" : "left") + " end", beside.isPresent() ? y : x, Optional.empty(), "",
                Optional.empty()))
                .orElseGet(() -> new Reading(id(cut, number), label + ", from left, top", x, Optional.of(y), "",
                        Optional.empty()));
    }

    /** Where it comes to lie on a piece of paper by its number; a corner may have none. */
    Optional<Coordinate> place(HandPaper paper, Optional<Reading> reading) {
        Optional<Double> edgeX = beside.map(side -> side == Side.LEFT ? 0 : paper.width());
        Optional<Double> edgeY = level.map(side -> side == Side.TOP ? 0 : paper.height());
        if (isCorner() && reading.isEmpty()) {
            return Optional.of(new Coordinate(edgeX.get(), edgeY.get()));
        }
        return reading.flatMap(number -> {
            double along = number.length().toMillimetres();
            return edgeX.map(at -> new Coordinate(at, along)).or(() -> edgeY.map(at -> new Coordinate(along, at)))
                    .or(() -> number.size().map(down -> new Coordinate(along, down.toMillimetres())));
        });
    }
}
