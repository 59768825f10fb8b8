package cufflink.plan;

import cufflink.design.SizedDesign;
import cufflink.design.SizedDesign.CutOut;
import cufflink.design.SizedDesign.Slit;
import cufflink.words.HandWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;

/** Knife, punch and glue on single pieces: parts that are joined, what comes out of waste, holes and slits. */
final class HandKnife {
    private static final int ROUND = 32;
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private final HandTable table;
    private final Workings plan;
    private final HandNumbers numbers;

    HandKnife(HandTable table, HandNumbers numbers) {
        this.table = table;
        this.plan = table.plan();
        this.numbers = numbers;
    }

    /** Parts laid over one another: the last one's place and its length are the whole. */
    void join(SizedDesign.Piece piece) {
        List<CutPart> parts = CutPart.of(plan.project(), piece);
        double end = 0;
        double slack = 0;
        for (int i = 0; i < parts.size(); i++) {
            Optional<HandTable.Blank> blank = table.blank(parts.get(i));
            Optional<Reading> place = i == 0 ? Optional.empty() : numbers.of(piece.id() + " lap " + i);
            if (blank.isEmpty() || i > 0 && place.isEmpty()) {
                table.fault(HandWords.NOT_THERE.of("piece", parts.get(i).label(), "step", numbers.step().number()));
                return;
            }
            double start = place.map(reading -> reading.length().toMillimetres()).orElse(0.0);
            double length = HandTable.isNear(blank.get().width(), parts.get(i).width(),
                    blank.get().slack() + table.slack(piece))
                            ? blank.get().width() : blank.get().height();
            slack = Math.max(slack, blank.get().slack());
            if (start > end + HandTable.SHARP) {
                table.fault(HandWords.GAP.of("piece", piece.label(), "step", numbers.step().number()));
            }
            end = start + length;
        }
        table.once("joined " + piece.id(), piece.label());
        table.lay(piece.id(), new HandPaper(end, parts.get(0).height().toMillimetres()), slack);
    }

    /** The first stands for all that come out of the same waste in this size. */
    void fromWaste(SizedDesign.Piece first, Reading size) {
        String host = first.from().orElseThrow();
        if (table.paper(host, numbers.step()).isEmpty()) {
            return;
        }
        plan.design().pieces().stream()
                .filter(piece -> piece.from().filter(host::equals).isPresent()
                        && piece.width().length().equals(first.width().length())
                        && piece.height().length().equals(first.height().length()))
                .forEach(piece -> {
                    table.once("from waste " + piece.id(), piece.label());
                    table.lay(piece.id(), new HandPaper(size.length().toMillimetres(),
                            size.size().orElse(size.length()).toMillimetres()), 0);
                });
    }

    void punch(SizedDesign.Piece piece, HandPaper paper) {
        boolean found = false;
        for (CutOut cut : piece.cutOuts()) {
            if (numbers.of(cut.id()).isPresent() || numbers.of(KnifeMark.id(cut, 1)).isPresent()) {
                table.once("punched " + piece.id() + " " + cut.id(), cut.id());
                shape(piece, cut, paper).map(shape -> new HandPaper.Hole(shape,
                        numbers.slack(cut.id(), table::slack) + off(piece, paper)))
                        .ifPresentOrElse(paper::punch,
                                () -> table.fault(
                                        HandWords.NO_NUMBER.of("what", cut.id(), "step", numbers.step().number())));
                found = true;
            }
        }
        for (Slit slit : piece.slits()) {
            if (numbers.of(slit.id()).isPresent()) {
                table.once("punched " + piece.id() + " " + slit.id(), slit.id());
                line(slit).map(line -> new HandPaper.Cut(line, numbers.slack(slit.id(), table::slack))).ifPresentOrElse(
                        paper::slit,
                        () -> table.fault(HandWords.NO_NUMBER.of("what", slit.id(), "step", numbers.step().number())));
                found = true;
            }
        }
        if (!found) {
            table.fault(HandWords.NOTHING_TO_CUT.of("piece", piece.label()));
        }
    }

    private Optional<Geometry> shape(SizedDesign.Piece piece, CutOut cut, HandPaper paper) {
        Optional<Coordinate> at = numbers.of(cut.id()).flatMap(this::point);
        Optional<Reading> size = numbers.of(cut.id() + " size");
        return switch (cut.shape()) {
            case CIRCLE -> at.flatMap(centre -> size.map(across -> FACTORY.createPoint(centre)
                    .buffer(across.length().toMillimetres() / 2, ROUND)));
            case ROUNDED -> at.flatMap(corner -> size.flatMap(this::point).map(sides -> {
                double radius = numbers.of(cut.id() + " corners").map(found -> found.length().toMillimetres())
                        .orElse(0.0);
                Geometry inner = FACTORY.toGeometry(new Envelope(corner.x + radius,
                        corner.x + sides.x - radius, corner.y + radius, corner.y + sides.y - radius));
                return radius > 0 ? inner.buffer(radius, ROUND) : inner;
            }));
            case POLYGON -> polygon(piece, cut, paper);
        };
    }

    /** From mark to mark; what lies on an edge of the paper is marked there, wherever that is. */
    private Optional<Geometry> polygon(SizedDesign.Piece piece, CutOut cut, HandPaper paper) {
        List<Coordinate> ring = new ArrayList<>();
        int number = 0;
        List<KnifeMark> corners = KnifeMark.ring(piece, cut);
        for (int i = 0; i < corners.size(); i++) {
            boolean measured = KnifeMark.isMeasured(corners, i);
            number += measured ? 1 : 0;
            Optional<Coordinate> place = corners.get(i).place(paper,
                    measured ? numbers.of(KnifeMark.id(cut, number)) : Optional.empty());
            if (place.isEmpty()) {
                return Optional.empty();
            }
            ring.add(place.get());
        }
        ring.add(ring.get(0));
        return Optional.of(FACTORY.createPolygon(ring.toArray(Coordinate[]::new)));
    }

    /** How far an edge of the paper lies from where the plan has it. */
    private static double off(SizedDesign.Piece piece, HandPaper paper) {
        return Math.max(Math.abs(paper.width() - piece.width().length().toMillimetres()),
                Math.abs(paper.height() - piece.height().length().toMillimetres()));
    }

    private Optional<Coordinate> point(Reading reading) {
        return reading.size().map(y -> new Coordinate(reading.length().toMillimetres(), y.toMillimetres()));
    }

    private static double millimetres(Reading reading) {
        return reading.length().toMillimetres();
    }

    private Optional<LineSegment> line(Slit slit) {
        Optional<Reading> at = numbers.of(slit.id());
        return switch (slit.line().along()) {
            case X -> numbers.of(slit.id() + " from").flatMap(from -> numbers.of(slit.id() + " to")
                    .map(to -> new LineSegment(millimetres(at.get()), millimetres(from), millimetres(at.get()),
                            millimetres(to))));
            case Y -> numbers.of(slit.id() + " from").flatMap(from -> numbers.of(slit.id() + " to")
                    .map(to -> new LineSegment(millimetres(from), millimetres(at.get()), millimetres(to),
                            millimetres(at.get()))));
            case LINE -> at.flatMap(this::point).flatMap(start -> numbers.of(slit.id() + " end").flatMap(this::point)
                    .map(end -> new LineSegment(start, end)));
        };
    }
}
