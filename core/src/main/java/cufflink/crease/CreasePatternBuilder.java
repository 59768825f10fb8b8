package cufflink.crease;

import cufflink.design.Fold;
import cufflink.design.PieceDefinition.CutShape;
import cufflink.design.Score;
import cufflink.design.SizedDesign;
import cufflink.design.SizedDesign.CutOut;
import cufflink.design.SizedDesign.Line;
import cufflink.design.SizedDesign.PanelName;
import cufflink.design.SizedDesign.Piece;
import cufflink.design.SizedDesign.Slit;
import cufflink.measure.Length;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.problem.Remembered;
import cufflink.words.Message;
import cufflink.words.PieceWords;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.PrecisionModel;
import org.locationtech.jts.operation.overlayng.UnaryUnionNG;
import org.locationtech.jts.operation.polygonize.Polygonizer;

/**
 * Divides a piece into panels:
 * <ol>
 * <li>the outline, less cut-outs and slits that have a width;</li>
 * <li>outline, folded score lines and slits are noded and polygonized, each region's ring put in its normal form, since
 * the order in which they come is not stated;</li>
 * <li>each stretch of a score line with a panel on both sides, and no slit on it, becomes a hinge; what lies between
 * the two lines of a spine is no panel.</li>
 * </ol>
 * Scores may be full, partial, diagonal; decorative ones and bends divide nothing.
 */
public final class CreasePatternBuilder {
    /**
     * More panels than this, in one piece or in all pieces of a design together, take too long to prove while a maker
     * waits.
     */
    public static final int MOST_PANELS = 200;
    /**
     * How near a panel's side must be to a score line to lie on it, millimetres; far below any ruler, far above
     * rounding.
     */
    private static final double ON_LINE = 1e-5;
    /** Lines meet on the nanometre, so that three through one point meet in one point. */
    private static final PrecisionModel GRID = new PrecisionModel(1e6);
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private static final Remembered<Piece, Outcome<CreasePattern>> BUILT = new Remembered<>(256,
            piece -> new CreasePatternBuilder(piece).build());

    private final Piece piece;
    private final List<Problem> problems = new ArrayList<>();

    private CreasePatternBuilder(Piece piece) {
        this.piece = piece;
    }

    /** The crease pattern, or what is wrong with the piece. */
    public static Outcome<CreasePattern> build(Piece piece) {
        return BUILT.of(piece);
    }

    private Outcome<CreasePattern> build() {
        linesInside();
        cutOutsWhole();
        if (problems.stream().anyMatch(Problem::isError)) {
            return Outcome.failed(problems);
        }
        Geometry rest = remaining();
        if (!(rest instanceof Polygon outline) || outline.isEmpty()) {
            problems.add(problem(rest.isEmpty() ? PieceWords.NOTHING_LEFT.of()
                    : PieceWords.CUT_APART.of("parts", rest.getNumGeometries())));
            return Outcome.failed(problems);
        }
        if (problems.stream().anyMatch(Problem::isError)) {
            return Outcome.failed(problems);
        }
        List<Panel> panels = panels(outline);
        if (panels.isEmpty()) {
            return Outcome.failed(problems);
        }
        HingeFinder finder = new HingeFinder(piece, panels);
        folded().forEach(score -> problems.addAll(finder.faults(score, outline)));
        List<Hinge> hinges = finder.hinges();
        List<LineSegment> slits = piece.slits().stream().filter(slit -> !slit.width().isPositive())
                .map(slit -> segment(slit.line())).toList();
        return Outcome.of(new CreasePattern(piece.id(), piece.up(), outline, panels, hinges, slits, bends(panels)),
                problems);
    }

    private Problem problem(Message message) {
        return Problem.error(piece.label(), message);
    }

    private void linesInside() {
        List<String> beyond = piece.lines().stream().filter(score -> !inside(score.line())).map(Score::id).toList();
        if (!beyond.isEmpty()) {
            problems.add(problem(PieceWords.SCORES_BEYOND.of("scores", beyond)));
        }
        for (Slit slit : piece.slits()) {
            if (!inside(slit.line())) {
                problems.add(
                        problem(PieceWords.SLIT_BEYOND.of("slit", slit.id())));
            } else if (segment(slit.line()).getLength() == 0 || slit.width().isNegative()) {
                problems.add(problem(PieceWords.SLIT_WITHOUT_SIZE.of("slit", slit.id())));
            }
        }
    }

    private boolean inside(Line line) {
        return within(line.x1(), piece.width().length()) && within(line.x2(), piece.width().length())
                && within(line.y1(), piece.height().length()) && within(line.y2(), piece.height().length());
    }

    /** A cut-out that crosses itself or turns itself inside out has no inside; one beside the piece cuts nothing. */
    private void cutOutsWhole() {
        Polygon whole = rectangle(0, 0, piece.width().length().toMillimetres(),
                piece.height().length().toMillimetres());
        for (CutOut cutOut : piece.cutOuts()) {
            Optional<Polygon> shape = Optional.of(cutOut).filter(CutShapes::hasSize)
                    .map(sized -> CutShapes.polygon(sized, FACTORY))
                    .filter(polygon -> polygon.isValid() && polygon.getArea() > 0);
            if (shape.isEmpty()) {
                problems.add(problem((cutOut.shape() == CutShape.POLYGON ? PieceWords.CUT_OUT_CROSSES_ITSELF
                        : PieceWords.CUT_OUT_WITHOUT_SIZE).of("cutOut", cutOut.id())));
            } else if (RobustOverlay.intersection(whole, shape.get()).getArea() <= 0) {
                problems.add(problem(PieceWords.CUT_OUT_BESIDE.of("cutOut", cutOut.id())));
            }
        }
    }

    private static boolean within(Length value, Length limit) {
        return !value.isNegative() && !value.isLongerThan(limit);
    }

    private Geometry remaining() {
        Geometry rest = rectangle(0, 0, piece.width().length().toMillimetres(),
                piece.height().length().toMillimetres());
        for (CutOut cutOut : piece.cutOuts()) {
            Polygon shape = CutShapes.polygon(cutOut, FACTORY);
            rest = cutOut.outside() ? RobustOverlay.intersection(rest, shape) : RobustOverlay.difference(rest, shape);
        }
        for (Slit slit : piece.slits()) {
            if (slit.width().isPositive()) {
                rest = RobustOverlay.difference(rest,
                        CutShapes.gap(segment(slit.line()), slit.width().toMillimetres(), FACTORY));
            }
        }
        return rest;
    }

    static Polygon rectangle(double x, double y, double width, double height) {
        return FACTORY.createPolygon(new Coordinate[] {new Coordinate(x, y), new Coordinate(x + width, y),
            new Coordinate(x + width, y + height), new Coordinate(x, y + height), new Coordinate(x, y)});
    }

    static LineSegment segment(Line line) {
        return new LineSegment(line.x1().toMillimetres(), line.y1().toMillimetres(), line.x2().toMillimetres(),
                line.y2().toMillimetres());
    }

    private List<Score> folded() {
        return piece.scores().stream().filter(Score::isHinge).toList();
    }

    /** Each lies on one panel and ends inside it at one end at least: otherwise it is a crease like any other. */
    private List<CreasePattern.Bend> bends(List<Panel> panels) {
        List<CreasePattern.Bend> bends = new ArrayList<>();
        for (Score score : piece.scores().stream().filter(Score::isBent).toList()) {
            LineSegment line = segment(score.line());
            Optional<Panel> panel = panels.stream()
                    .filter(one -> line.getLength() > ON_LINE && one.outline().buffer(ON_LINE).covers(line(line)))
                    .findFirst();
            if (score.fold() == Fold.DECORATIVE) {
                problems.add(problem(PieceWords.BEND_IS_DECORATIVE.of("score", score.id())));
            } else if (panel.isEmpty()) {
                problems.add(problem(PieceWords.BEND_OFF_ITS_PANEL.of("score", score.id())));
            } else if (isAtEdge(line.p0, panel.get()) && isAtEdge(line.p1, panel.get())) {
                problems.add(problem(PieceWords.BEND_RUNS_THROUGH.of("score", score.id())));
            } else {
                bends.add(new CreasePattern.Bend(score.id(), panel.get().id(), score.fold(), line));
            }
        }
        return bends;
    }

    private static boolean isAtEdge(Coordinate end, Panel panel) {
        return panel.outline().getBoundary().distance(FACTORY.createPoint(end)) < ON_LINE;
    }

    /** Between the two lines of a spine: no panel, since it has no width in the closed card. */
    private boolean isSpine(Polygon region) {
        return folded().stream().filter(score -> score.second().isPresent()).anyMatch(score -> {
            LineSegment first = segment(score.line());
            LineSegment second = segment(score.second().orElseThrow());
            Envelope between = new Envelope(first.p0, second.p1);
            between.expandBy(ON_LINE);
            return between.contains(region.getEnvelopeInternal());
        });
    }

    private List<Panel> panels(Polygon outline) {
        List<Geometry> lines = new ArrayList<>();
        lines.add(outline.getBoundary());
        folded().stream().flatMap(score -> score.lines().stream())
                .forEach(score -> lines.add(line(segment(score.line()))));
        piece.slits().stream().filter(slit -> !slit.width().isPositive())
                .forEach(slit -> lines.add(line(segment(slit.line()))));
        HingeFinder.joints(piece).forEach(slit -> lines.add(line(HingeFinder.across(slit, piece))));
        Polygonizer polygonizer = new Polygonizer();
        polygonizer.add(UnaryUnionNG.union(lines, GRID));
        Collection<?> regions = polygonizer.getPolygons();
        if (regions.size() > 2 * MOST_PANELS) {
            return tooMany(regions.size());
        }
        List<Polygon> inside = new ArrayList<>();
        for (Object region : regions) {
            Polygon polygon = (Polygon) region;
            if (SimplePointInAreaLocator.isContained(polygon.getInteriorPoint().getCoordinate(), outline)
                    && !isSpine(polygon)) {
                polygon.normalize();
                inside.add(polygon);
            }
        }
        if (inside.size() > MOST_PANELS) {
            return tooMany(inside.size());
        }
        inside.sort(Comparator
                .<Polygon>comparingDouble(region -> Math.rint(region.getEnvelopeInternal().getMinX() / ON_LINE))
                .thenComparingDouble(region -> region.getEnvelopeInternal().getMinY()));
        return named(inside);
    }

    private List<Panel> tooMany(int panels) {
        problems.add(problem(PieceWords.TOO_MANY_PANELS.of("panels", panels, "most", MOST_PANELS)));
        return List.of();
    }

    static LineString line(LineSegment segment) {
        return segment.toGeometry(FACTORY);
    }

    /** Names with a place go to the panel there; the others in reading order to those that are left. */
    private List<Panel> named(List<Polygon> regions) {
        Map<Integer, PanelName> placed = new HashMap<>();
        for (PanelName name : piece.marks().panelNames()) {
            name.at().ifPresent(at -> region(regions, at).ifPresentOrElse(i -> place(name, i, placed),
                    () -> problems.add(problem(PieceWords.NO_PANEL_AT.of("panel", name.id())))));
        }
        List<PanelName> unplaced = piece.marks().panelNames().stream().filter(name -> name.at().isEmpty()).toList();
        int next = 0;
        List<Panel> panels = new ArrayList<>();
        for (int i = 0; i < regions.size(); i++) {
            PanelName name = placed.get(i);
            if (name == null) {
                name = next < unplaced.size() ? unplaced.get(next++)
                        : PanelName.of("panel" + (i + 1), "panel " + (i + 1));
            }
            panels.add(new Panel(name.id(), name.label(), regions.get(i)));
        }
        if (next < unplaced.size()) {
            problems.add(
                    problem(PieceWords.OTHER_NUMBER_OF_PANELS.of("named", piece.marks().panelNames().size(), "made",
                            regions.size())));
        }
        return panels;
    }

    private void place(PanelName name, int region, Map<Integer, PanelName> placed) {
        PanelName other = placed.putIfAbsent(region, name);
        if (other != null) {
            problems.add(problem(PieceWords.TWO_NAMES_FOR_ONE_PANEL.of("one", other.id(), "other", name.id())));
        }
    }

    private static Optional<Integer> region(List<Polygon> regions, SizedDesign.Offset at) {
        Coordinate place = new Coordinate(at.x().toMillimetres(), at.y().toMillimetres());
        return IntStream.range(0, regions.size()).boxed()
                .filter(i -> SimplePointInAreaLocator.locate(place, regions.get(i)) == Location.INTERIOR).findFirst();
    }
}
