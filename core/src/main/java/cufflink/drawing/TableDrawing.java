package cufflink.drawing;

import cufflink.design.DesignDefinition.Way;
import cufflink.design.Face;
import cufflink.design.SizedDesign;
import cufflink.drawing.Shape.Spot;
import cufflink.fold.FoldStage;
import cufflink.paper.PaperRole;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.plan.Tabletop;
import cufflink.plan.Tabletop.Lying;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;

/**
 * Draws what lies on the table in the middle of the work, side by side: flat paper with what was scored and cut into
 * it, folded pieces, and in place of its pieces what is joined to its end.
 */
public final class TableDrawing {
    /** Points between one thing and the next, and for a name below. */
    private static final double GAP = 12;
    private static final double NAME = 14;
    private static final double TEXT = 10;
    /** Points that a letter of a name takes. */
    private static final double LETTER = 5;
    private static final String PART = " · ";
    private static final int MOST_ROWS = 6;
    /** A row that is so full is full. */
    private static final double NEARLY = 0.95;

    private final Plan plan;
    private final Tabletop table;
    private final double point;
    private final List<Shape> shapes = new ArrayList<>();

    private TableDrawing(Plan plan, Tabletop table, double point) {
        this.plan = plan;
        this.table = table;
        this.point = point;
    }

    private record Thing(String label, Picture picture) {
    }

    /**
     * The table; absent while nothing lies on it.
     *
     * @param aspect how many times as wide as it is high it should be
     * @param point  millimetres a point
     */
    public static Optional<Picture> draw(Plan plan, Tabletop table, double aspect, double point) {
        return new TableDrawing(plan, table, point).picture(aspect);
    }

    private Optional<Picture> picture(double aspect) {
        List<Thing> things = things();
        double all = things.stream().mapToDouble(this::across).sum();
        // In the number of rows in which all of it is largest.
        return IntStream.rangeClosed(1, MOST_ROWS).mapToObj(rows -> inRows(things, all / rows))
                .filter(rows -> !rows.isEmpty())
                .min(Comparator.comparingDouble(rows -> Math.max(wide(rows), aspect * high(rows)))).map(rows -> {
                    double y = 0;
                    for (List<Thing> row : rows) {
                        double x = 0;
                        for (Thing thing : row) {
                            put(thing, x, y);
                            x += across(thing);
                        }
                        y += high(List.of(row));
                    }
                    return new Picture(new Envelope(0, wide(rows) - GAP * point, 0, y - GAP * point), point, shapes);
                });
    }

    private List<List<Thing>> inRows(List<Thing> things, double width) {
        List<List<Thing>> rows = new ArrayList<>();
        double x = width;
        for (Thing thing : things) {
            if (x >= width * NEARLY || rows.isEmpty()) {
                rows.add(new ArrayList<>());
                x = 0;
            }
            rows.get(rows.size() - 1).add(thing);
            x += across(thing);
        }
        return rows;
    }

    private double wide(List<List<Thing>> rows) {
        return rows.stream().mapToDouble(row -> row.stream().mapToDouble(this::across).sum()).max().orElse(0);
    }

    private double high(List<List<Thing>> rows) {
        return rows.stream().mapToDouble(row -> row.stream().mapToDouble(this::down).max().orElse(0)).sum();
    }

    private double across(Thing thing) {
        return thing.picture().width() + GAP * point;
    }

    private double down(Thing thing) {
        return thing.picture().height() + (NAME + GAP) * point;
    }

    private void put(Thing thing, double x, double y) {
        Envelope own = thing.picture().bounds();
        thing.picture().withoutText().shapes().forEach(shape -> shapes
                .add(shape.moved(spot -> spot.plus(x - own.getMinX(), y - own.getMinY()))));
        if (thing.label().length() * LETTER * point < own.getWidth() + GAP * point) {
            shapes.add(Shape.text("", Ink.CAPTION, x + own.getWidth() / 2, y + own.getHeight() + NAME / 2 * point,
                    thing.label(), TEXT));
        }
    }

    private List<Thing> things() {
        List<Thing> things = new ArrayList<>();
        Set<String> shown = new HashSet<>();
        for (Lying lying : table.lying()) {
            if (lying.layer() == 0 && shown.contains(lying.piece())) {
                continue;
            }
            Set<String> whole = lying.layer() == 0 ? joined(lying.piece()) : Set.of();
            Optional<Picture> closed = whole.isEmpty() ? Optional.empty()
                    : ClosedDrawing.draw(plan, lying.piece(), point);
            closed.ifPresent(picture -> shown.addAll(whole));
            things.add(thing(lying.label(), closed.or(() -> folded(lying)).orElseGet(() -> flat(lying))));
        }
        return things;
    }

    /** What is called like its part is called by its own name; all round it nothing is kept free. */
    private Thing thing(String label, Picture drawn) {
        Envelope tight = new Envelope();
        drawn.withoutText().shapes().forEach(shape -> shape.moved(spot -> {
            tight.expandToInclude(spot.x(), spot.y());
            return spot;
        }));
        return new Thing(label.contains(PART) ? label.substring(label.lastIndexOf(PART) + PART.length()) : label,
                new Picture(tight, point, drawn.shapes()));
    }

    /** The pieces that hang together with one, if there are several and each joint between them is made. */
    private Set<String> joined(String piece) {
        Set<String> together = new LinkedHashSet<>(Set.of(piece));
        boolean grown = true;
        while (grown) {
            grown = plan.design().glue().stream()
                    .filter(glue -> together.contains(glue.part().piece()) || together.contains(glue.onto().piece()))
                    .flatMap(glue -> Stream.of(glue.part().piece(), glue.onto().piece())).filter(together::add)
                    .count() > 0;
        }
        boolean made = plan.design().glue().stream()
                .filter(glue -> together.contains(glue.part().piece()) && glue.way() != Way.TIED)
                .map(SizedDesign.Glue::id).allMatch(table.joints()::contains);
        return made && together.size() > 1 ? together : Set.of();
    }

    private Optional<Picture> folded(Lying lying) {
        if (lying.folded().isEmpty()) {
            return Optional.empty();
        }
        FoldStage stage = plan.pieces().get(lying.piece()).stages().get(lying.folded().getAsInt());
        FoldScene scene = FoldScene.of(plan, stage.after(), stage.after(), stage.order());
        boolean bare = !lying.uncut().isEmpty()
                || table.lying().stream().anyMatch(one -> one.layer() > 0 && one.piece().equals(lying.piece()));
        return Optional.of(FoldDrawing.draw(bare
                ? scene.before(plan.design().piece(lying.piece()), new HashSet<>(lying.uncut())) : scene, View.ABOVE,
                point));
    }

    private Picture flat(Lying lying) {
        List<Shape> drawn = new ArrayList<>();
        for (int i = 0; i < lying.paper().getNumGeometries(); i++) {
            if (lying.paper().getGeometryN(i) instanceof Polygon part) {
                drawn.add(new Shape.Area(lying.piece(), Ink.PAPER, spots(part.getExteriorRing()), holes(part),
                        Optional.of(colour(lying)), Optional.of(Ink.PAPER_EDGE)));
            }
        }
        lying.lines().forEach(line -> drawn.add(Shape.line("", PieceDrawing.ink(line.fold()), line.at().p0.x,
                line.at().p0.y, line.at().p1.x, line.at().p1.y)));
        lying.slits().forEach(slit -> drawn.add(Shape.line("", Ink.CUT, slit.p0.x, slit.p0.y, slit.p1.x, slit.p1.y)));
        return new Picture(lying.paper().getEnvelopeInternal(), point, drawn);
    }

    private static List<List<Spot>> holes(Polygon part) {
        List<List<Spot>> holes = new ArrayList<>();
        for (int i = 0; i < part.getNumInteriorRing(); i++) {
            holes.add(spots(part.getInteriorRingN(i)));
        }
        return holes;
    }

    private static List<Spot> spots(LineString ring) {
        return Arrays.stream(ring.getCoordinates()).map((Coordinate at) -> new Spot(at.x, at.y)).toList();
    }

    private String colour(Lying lying) {
        SizedDesign.Piece piece = plan.design().piece(lying.piece());
        Stock stock = lying.layer() > 0 ? plan.project().paper(PaperRole.layer(lying.layer()))
                : plan.project().paper(piece);
        return lying.layer() > 0 || piece.up() == Face.OUTSIDE ? stock.face() : stock.back();
    }
}
