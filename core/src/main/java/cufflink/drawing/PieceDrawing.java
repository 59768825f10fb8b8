package cufflink.drawing;

import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.crease.Openings;
import cufflink.crease.Panel;
import cufflink.crease.RobustOverlay;
import cufflink.design.Face;
import cufflink.design.Fold;
import cufflink.design.Page;
import cufflink.design.PanelRef;
import cufflink.design.Score;
import cufflink.design.SizedDesign;
import cufflink.drawing.Shape.Spot;
import cufflink.measure.LengthFormat;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.locationtech.jts.algorithm.construct.MaximumInscribedCircle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;

/**
 * Draws a flat piece: its outline with what is cut away, its scores with their marks, its panels with their names and
 * widths.
 */
public final class PieceDrawing {
    /** Points that one and two lines of a panel's name and size take. */
    private static final double ONE_LINE = 16;
    private static final double TWO_LINES = 34;
    /** The share of its bounds that a panel fills whose middle is theirs. */
    private static final double NEARLY_WHOLE = 0.9;
    /** Millimetres to which the middle of another one is found. */
    private static final double NEAR_ENOUGH = 0.5;
    /** Points that a letter of a name takes. */
    private static final double LETTER = 7;
    /** Points: a mark's radius, how far from the line's end it lies, and how far it may move at a time. */
    private static final double MARK = 7.5;
    private static final double MARK_FROM_END = 16;
    private static final double MARK_APART = 10;

    private final SizedDesign.Piece piece;
    private final CreasePattern pattern;
    private final Set<String> uncut;
    private final boolean mirrored;
    private final double point;
    private final List<Shape> shapes = new ArrayList<>();

    /** {@code uncut} are cut-outs and slits that are still closed. */
    private PieceDrawing(SizedDesign.Piece piece, CreasePattern pattern, Set<String> uncut, boolean mirrored,
            double point) {
        this.piece = piece;
        this.pattern = pattern;
        this.uncut = uncut;
        this.mirrored = mirrored;
        this.point = point;
    }

    /** The inks of the lines of a fold. */
    public static Ink ink(Fold fold) {
        return switch (fold) {
            case MOUNTAIN -> Ink.MOUNTAIN;
            case VALLEY -> Ink.VALLEY;
            case DECORATIVE -> Ink.DECORATIVE;
        };
    }

    /**
     * What panels are called.
     *
     * @param format of their widths
     * @param pages  sides of pages, which have names of their own
     * @param turned whether the picture will be turned a quarter, so that level names have the panels' heights as room
     */
    public record Naming(LengthFormat format, List<Page.Side> pages, boolean turned) {
        public Naming {
            pages = List.copyOf(pages);
        }

        /** Of the panels of a plan. */
        public static Naming of(Plan plan) {
            return new Naming(plan.format(), plan.design().sidesOfPages(), false);
        }

        /** For a picture that will be turned a quarter, or not. */
        public Naming turned(boolean quarter) {
            return new Naming(format, pages, quarter);
        }
    }

    /**
     * The piece as it lies.
     *
     * @param mirrored whether it is turned over its upright axis, with the marks of the other face
     * @param point    millimetres a point
     * @param stock    gives the paper its colour
     * @param names    what panels are called; they are not named if absent
     */
    public static Picture draw(SizedDesign.Piece piece, CreasePattern pattern, boolean mirrored, double point,
            Optional<Stock> stock, Optional<Naming> names) {
        return draw(piece, pattern, Set.of(), mirrored, point, stock, names);
    }

    /** The same while some of its cut-outs and slits, by their ids, are still closed. */
    public static Picture draw(SizedDesign.Piece piece, CreasePattern pattern, Set<String> uncut, boolean mirrored,
            double point, Optional<Stock> stock, Optional<Naming> names) {
        PieceDrawing drawing = new PieceDrawing(piece, pattern, uncut, mirrored, point);
        Face shown = mirrored ? piece.up().other() : piece.up();
        drawing.outline(stock.map(paper -> shown == Face.OUTSIDE ? paper.face() : paper.back()));
        drawing.scores();
        drawing.labels(names);
        return new Picture(drawing.bounds(), point, drawing.shapes);
    }

    /** Only the lines, each in the ink of its kind, for plotting. */
    public static List<Shape> lines(SizedDesign.Piece piece, CreasePattern pattern) {
        PieceDrawing drawing = new PieceDrawing(piece, pattern, Set.of(), false, 1);
        drawing.cutLines();
        drawing.scoreLines();
        return drawing.shapes;
    }

    private Envelope bounds() {
        return new Envelope(0, piece.width().length().toMillimetres(), 0, piece.height().length().toMillimetres());
    }

    private Spot spot(Coordinate at) {
        return new Spot(mirrored ? piece.width().length().toMillimetres() - at.x : at.x, at.y);
    }

    private List<Spot> ring(LineString ring) {
        return Arrays.stream(ring.getCoordinates()).map(this::spot).toList();
    }

    /** The paper that is there: what is cut later is still closed. */
    private Polygon paper() {
        Geometry paper = pattern.outline();
        Geometry sheet = pattern.outline().getFactory().toGeometry(bounds());
        for (SizedDesign.CutOut cut : piece.cutOuts()) {
            if (uncut.contains(cut.id())) {
                Polygon shape = Openings.of(cut);
                paper = RobustOverlay.union(paper, cut.outside() ? RobustOverlay.difference(sheet, shape)
                        : RobustOverlay.intersection(sheet, shape));
            }
        }
        for (SizedDesign.Slit slit : piece.slits()) {
            paper = uncut.contains(slit.id()) && slit.width().isPositive()
                    ? RobustOverlay.union(paper, Openings.of(slit)) : paper;
        }
        return paper instanceof Polygon whole ? whole : pattern.outline();
    }

    private void outline(Optional<String> colour) {
        Polygon outline = paper();
        shapes.add(new Shape.Area("paper", Ink.PAPER, ring(outline.getExteriorRing()), colour, Optional.of(Ink.CUT)));
        for (int i = 0; i < outline.getNumInteriorRing(); i++) {
            shapes.add(new Shape.Area("opening", Ink.BENCH, ring(outline.getInteriorRingN(i)), Optional.empty(),
                    Optional.of(Ink.CUT)));
        }
    }

    private void cutLines() {
        Polygon outline = pattern.outline();
        shapes.add(new Shape.Path("outline", Ink.CUT, ring(outline.getExteriorRing())));
        for (int i = 0; i < outline.getNumInteriorRing(); i++) {
            shapes.add(new Shape.Path("opening", Ink.CUT, ring(outline.getInteriorRingN(i))));
        }
        piece.slits().stream().filter(slit -> !slit.width().isPositive())
                .forEach(slit -> shapes.add(new Shape.Path(slit.id(), Ink.CUT, ends(slit.line()))));
    }

    private List<Spot> ends(SizedDesign.Line line) {
        return List.of(spot(new Coordinate(line.x1().toMillimetres(), line.y1().toMillimetres())),
                spot(new Coordinate(line.x2().toMillimetres(), line.y2().toMillimetres())));
    }

    private void scoreLines() {
        List<String> pinched = piece.scores().stream().filter(Score::isPinched).map(Score::id)
                .toList();
        for (Hinge hinge : pattern.hinges()) {
            if (pinched.contains(hinge.crease()) || !hinge.folds() && piece.slits().stream()
                    .anyMatch(slit -> slit.joint() && slit.id().equals(hinge.crease()))) {
                continue;
            }
            Fold fold = mirrored ? hinge.fold().seenFromBehind() : hinge.fold();
            crease(hinge.crease(), fold, hinge.at());
            if (hinge.width() > 0) {
                crease(Score.second(hinge.crease()), fold, hinge.beyond());
            }
        }
        pattern.bends().forEach(
                bend -> crease(bend.crease(), mirrored ? bend.fold().seenFromBehind() : bend.fold(), bend.at()));
        for (Score score : piece.lines()) {
            if (score.fold() == Fold.DECORATIVE) {
                shapes.add(new Shape.Path(score.id(), Ink.DECORATIVE, ends(score.line())));
            }
        }
    }

    private void crease(String id, Fold fold, LineSegment at) {
        shapes.add(new Shape.Path(id, ink(fold), List.of(spot(at.p0), spot(at.p1))));
    }

    private void scores() {
        piece.slits().stream().filter(slit -> !uncut.contains(slit.id()))
                .forEach(slit -> shapes.add(new Shape.Path(slit.id(), Ink.CUT, ends(slit.line()))));
        scoreLines();
    }

    /** The marks of the scores, and of the names of the panels those that no mark lies on. */
    private void labels(Optional<Naming> naming) {
        List<PanelName> names = naming.map(this::panelNames).orElse(List.of());
        LabelRoom withNames = new LabelRoom(names.stream().map(PanelName::box).toList(), point);
        LabelRoom marks = new LabelRoom(List.of(), point);
        for (Score score : piece.lines()) {
            if (score.fold() != Fold.DECORATIVE && !score.isPinched()) {
                List<Spot> ends = ends(score.line());
                List<Spot> places = marks.along(ends.get(1), ends.get(0), MARK_FROM_END, MARK_APART);
                withNames.free(places, MARK).or(() -> marks.free(places, MARK)).ifPresent(at -> {
                    withNames.take(at, MARK);
                    marks.take(at, MARK);
                    mark(score, at);
                });
            }
        }
        List<Shape.Label> shown = LabelRoom.apart(names.stream().map(PanelName::box).toList(), marks::isFree, point);
        names.stream().filter(name -> shown.contains(name.box())).forEach(name -> shapes.add(name.label()));
    }

    /**
     * The letter in a ring, so that the kind does not depend on colour; near the line's lower end if there is room, and
     * left out where lines lie closer than rings: their dashes tell them apart.
     */
    private void mark(Score score, Spot at) {
        Fold fold = mirrored ? score.fold().seenFromBehind() : score.fold();
        shapes.add(new Shape.Mark(score.id(), ink(fold), at, fold.letter(), MARK, Ink.PAPER.colour(), Ink.PAPER_EDGE));
    }

    private String name(Panel panel, List<Page.Side> pages) {
        Face shown = mirrored ? piece.up().other() : piece.up();
        return pages.stream()
                .filter(page -> page.face() == shown && page.panel().equals(new PanelRef(piece.id(), panel.id())))
                .findFirst().map(Page.Side::name).orElse(panel.label());
    }

    /**
     * A line of a panel's name.
     *
     * @param box the label as it lies on the piece: upright if it is level only once the picture is turned
     */
    private record PanelName(Shape.Label label, Shape.Label box) {
        static PanelName of(Shape.Label label, Spot centre, boolean turned) {
            return new PanelName(label, turned
                    ? new Shape.Label(label.id(), label.ink(), centre.plus(centre.y() - label.at().y(), 0),
                            label.text(),
                            label.size(), label.anchor(), label.bold(), true)
                    : label);
        }
    }

    /** The middle of the largest circle in a panel: the centroid of one with a corner cut out may lie on its edge. */
    private static Coordinate roomiest(Panel panel) {
        return MaximumInscribedCircle.getCenter(panel.outline(), NEAR_ENOUGH).getCoordinate();
    }

    private List<PanelName> panelNames(Naming names) {
        List<PanelName> labels = new ArrayList<>();
        boolean level = piece.scores().stream()
                .anyMatch(score -> score.line().along() == SizedDesign.Along.Y && score.fold() != Fold.DECORATIVE);
        for (Panel panel : pattern.panels()) {
            boolean whole = panel.outline().getArea() > NEARLY_WHOLE * panel.bounds().getArea();
            Spot centre = spot(whole ? panel.bounds().centre() : roomiest(panel));
            String size = names.format().number(level ? panel.height() : panel.width());
            double width = names.turned() ? panel.bounds().getHeight() : panel.bounds().getWidth();
            double height = names.turned() ? panel.bounds().getWidth() : panel.bounds().getHeight();
            if (width < size.length() * LETTER * point || height < ONE_LINE * point) {
                continue;
            }
            String name = name(panel, names.pages());
            boolean room = width > name.length() * LETTER * point && height > TWO_LINES * point;
            if (room) {
                labels.add(PanelName.of(
                        Shape.text(panel.id(), Ink.SOFT_TEXT, centre.x(), centre.y() - 8 * point, name, 11.5), centre,
                        names.turned()));
            }
            labels.add(PanelName.of(
                    Shape.bold(panel.id(), Ink.SOFT_TEXT, centre.x(), centre.y() + (room ? 8 * point : 0), size, 12.5),
                    centre, names.turned()));
        }
        return labels;
    }
}
