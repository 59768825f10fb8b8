package cufflink.plan;

import cufflink.design.PieceDefinition.CutShape;
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
    private static final String MARK = " mark ";

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
    private static List<KnifeMark> measured(SizedDesign.Piece piece, CutOut cut) {
        List<KnifeMark> ring = ring(piece, cut);
        return IntStream.range(0, ring.size()).filter(i -> isMeasured(ring, i)).mapToObj(ring::get).toList();
    }

    /** Whether a corner of the ring is one of those: not a corner of the piece past which only its edges run. */
    static boolean isMeasured(List<KnifeMark> ring, int i) {
        KnifeMark mark = ring.get(i);
        return !mark.isCorner() || !runsAlongAnEdge(ring.get(Math.floorMod(i - 1, ring.size())), mark)
                || !runsAlongAnEdge(mark, ring.get((i + 1) % ring.size()));
    }

    /**
     * A mark as a step tells it.
     *
     * @param id     of its number in the step
     * @param number by which it is called, counted through the step
     */
    public record Told(CutOut cut, String id, int number, KnifeMark mark) {
    }

    /** The marks of some cut-outs of a piece, in their order. */
    static List<Told> told(SizedDesign.Piece piece, List<CutOut> cutOuts) {
        List<Told> told = new ArrayList<>();
        cutOuts.stream().filter(cut -> cut.shape() == CutShape.POLYGON).forEach(cut -> {
            List<KnifeMark> marks = measured(piece, cut);
            for (int i = 0; i < marks.size(); i++) {
                told.add(new Told(cut, id(cut, i + 1), told.size() + 1, marks.get(i)));
            }
        });
        return told;
    }

    /** The marks that a step tells; none if it cuts nothing straight. */
    public static List<Told> told(Plan plan, RunStep step) {
        return step.subject() instanceof StepSubject.OfPiece of ? told(plan.design().piece(of.piece()),
                plan.design().piece(of.piece()).cutOuts().stream().filter(cut -> step.readings().stream()
                        .anyMatch(reading -> reading.id().equals(id(cut, 1)))).toList())
                : List.of();
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
    static String id(CutOut cut, int number) {
        return cut.id() + MARK + number;
    }

    /** Whether a number of a step is that of a mark. */
    public static boolean isOne(String id) {
        return id.matches(".*" + MARK + "\\d+");
    }

    /** In a word or two: the edge that it lies on with its number there, or the corner. */
    public String where(String number) {
        return isCorner() ? level.get().word() + " " + beside.get().word() + " corner"
                : beside.or(() -> level).map(Side::word).orElse("inside") + " " + number;
    }

    private boolean isCorner() {
        return beside.isPresent() && level.isPresent();
    }

    /** Its number; {@code shown} is what it is called. */
    Reading reading(String id, CutOut cut, int shown) {
        String label = cut.id() + ": mark " + shown
                + (isCorner() ? ", at the " + level.get().word() + " " + beside.get().word() + " corner" : "");
        Optional<Side> edge = beside.or(() -> level);
        return edge.map(side -> new Reading(id, label + ", " + side.word() + " edge, from its "
                + (beside.isPresent() ? "top" : "left") + " end", beside.isPresent() ? y : x, Optional.empty(), "",
                Optional.empty()))
                .orElseGet(() -> new Reading(id, label + ", from left, top", x, Optional.of(y), "",
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
