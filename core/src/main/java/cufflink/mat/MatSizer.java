package cufflink.mat;

import cufflink.crease.CreasePattern;
import cufflink.crease.CreasedDesign;
import cufflink.crease.Openings;
import cufflink.crease.Panel;
import cufflink.crease.RobustOverlay;
import cufflink.design.SizedDesign.CutOut;
import cufflink.design.SizedDesign.Mat;
import cufflink.design.SizedDesign.Piece;
import cufflink.mat.LayerForm.Kind;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.DesignWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/**
 * Sizes the layers of a design: each takes the form of what it lies on, smaller by the border on every side and down to
 * the next mark of the ruler, and leaves openings and notches free by as much.
 */
public final class MatSizer {
    private static final BufferParameters MITRED = new BufferParameters(8, BufferParameters.CAP_FLAT,
            BufferParameters.JOIN_MITRE, 20);
    /** Square millimetres below which there is nothing to cut. */
    private static final double LEAST_AREA = 1;
    /** Square millimetres of a panel that its form may leave out by rounding. */
    private static final double SPECK = 1e-3;

    private final MatSettings settings;
    private final RulerStep step;
    private final List<Problem> notices = new ArrayList<>();

    private MatSizer(MatSettings settings, RulerStep step) {
        this.settings = settings;
        this.step = step;
    }

    /** All layers, place by place from the lowest up; a layer with no room left is a notice. */
    public static Outcome<List<MatLayer>> size(CreasedDesign design, MatSettings settings, RulerStep step) {
        MatSizer sizer = new MatSizer(settings, step);
        List<MatLayer> layers = new ArrayList<>();
        for (Mat mat : design.sized().mats()) {
            Optional<Polygon> under = mat.isWhole()
                    ? Optional.ofNullable(design.patterns().get(mat.on().piece())).map(CreasePattern::outline)
                    : design.panel(mat.on()).map(Panel::outline);
            under.ifPresent(
                    outline -> layers.addAll(
                            sizer.on(mat, place(mat, design.sized().mats()), outline,
                                    design.sized().piece(mat.on().piece()))));
        }
        return Outcome.of(List.copyOf(layers), sizer.notices);
    }

    private static String place(Mat mat, List<Mat> all) {
        boolean both = all.stream().anyMatch(other -> other.on().equals(mat.on()) && other.face() != mat.face());
        return mat.on() + (both ? " " + mat.face().word() : "");
    }

    private List<MatLayer> on(Mat mat, String place, Polygon lowest, Piece piece) {
        MatSettings.OnPanel exception = settings.byPanel().getOrDefault(mat.on(),
                new MatSettings.OnPanel(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty()));
        int count = exception.layers().orElse(settings.layers());
        Length reveal = exception.reveal().orElse(settings.reveal());
        Polygon closed = Openings.closed(lowest, piece);
        List<MatLayer> layers = new ArrayList<>();
        LayerForm under = FormFinder.of(closed);
        Geometry openings = RobustOverlay.difference(under.outline(), closed);
        for (int layer = 1; layer <= count; layer++) {
            boolean readyCut = layer == 1 && exception.width().isPresent() && exception.height().isPresent();
            Optional<LayerForm> form = readyCut
                    ? Optional.of(centred(under, exception.width().get(), exception.height().get()))
                    : inside(under, reveal);
            Length border = readyCut ? Length.ZERO : reveal.times(layer);
            Optional<Polygon> outline = form.flatMap(found -> open(found.outline(), openings, border, piece));
            if (outline.isEmpty()) {
                notices.add(Problem.notice(mat.label(), DesignWords.NO_ROOM_FOR_LAYER.of("layer", layer)));
                break;
            }
            boolean whole = layer > 1 || under.outline().getArea() > closed.convexHull().getArea() - SPECK;
            layers.add(new MatLayer(mat, place, layer, form.get(), reveal, outline.get(), under, whole));
            under = form.get();
        }
        return layers;
    }

    /** The form smaller by a border on every side; empty if nothing is left. */
    private Optional<LayerForm> inside(LayerForm under, Length border) {
        return switch (under.kind()) {
            case RECTANGLE -> rectangle(under, border);
            case TRIANGLE -> triangle(under, border);
            case OUTLINE ->
                BufferOp.bufferOp(under.outline(), -border.toMillimetres(), MITRED) instanceof Polygon smaller
                        && smaller.getArea() > LEAST_AREA
                                ? Optional.of(fromTheRuler(FormFinder.outline(smaller))) : Optional.empty();
        };
    }

    private Optional<LayerForm> rectangle(LayerForm under, Length border) {
        Length width = step.down(under.width().minus(border.times(2)));
        Length height = step.down(under.height().minus(border.times(2)));
        return width.isPositive() && height.isPositive() ? Optional.of(centred(under, width, height))
                : Optional.empty();
    }

    /** A rectangle on the middle of what is under it. */
    private static LayerForm centred(LayerForm under, Length width, Length height) {
        boolean whole = under.kind() == Kind.RECTANGLE;
        Coordinate middle = under.outline().getEnvelopeInternal().centre();
        double w = width.toMillimetres() / 2;
        double h = height.toMillimetres() / 2;
        AffineTransformation turned = new LayerForm(Kind.RECTANGLE, width, height, Optional.empty(), middle,
                whole ? under.turn() : 0, whole && under.flipped()).placing();
        return new LayerForm(Kind.RECTANGLE, width, height, Optional.empty(),
                turned.transform(new Coordinate(-w, -h), new Coordinate()), whole ? under.turn() : 0,
                whole && under.flipped());
    }

    /**
     * A triangle moved inwards by the border is a smaller one of the same shape: its sides shrink as the radius of the
     * circle inside does. Its right angle stays where the border puts it, so that shortening a side to the ruler only
     * widens the border.
     */
    private Optional<LayerForm> triangle(LayerForm under, Length border) {
        double a = under.width().toMillimetres();
        double b = under.height().toMillimetres();
        double by = border.toMillimetres();
        double radius = (a + b - Math.hypot(a, b)) / 2;
        double share = (radius - by) / radius;
        if (share <= 0) {
            return Optional.empty();
        }
        Length width = step.down(Length.nearestToMillimetres(a * share));
        Length height = step.down(Length.nearestToMillimetres(b * share));
        Coordinate at = under.placing().transform(new Coordinate(by, by), new Coordinate());
        return width.isPositive() && height.isPositive() ? Optional
                .of(new LayerForm(Kind.TRIANGLE, width, height, Optional.empty(), at, under.turn(), under.flipped()))
                : Optional.empty();
    }

    /** The rectangle that a shape is cut from by hand has its sides at the next marks of the ruler. */
    private LayerForm fromTheRuler(LayerForm form) {
        return new LayerForm(Kind.OUTLINE, step.up(form.width()), step.up(form.height()), form.shape(), form.at(),
                form.turn(), form.flipped());
    }

    /**
     * With the openings under it, a border round them, and what is cut through both; empty if nothing is left, or if an
     * opening parts it in two.
     */
    private static Optional<Polygon> open(Polygon layer, Geometry openings, Length border, Piece piece) {
        Geometry left = layer;
        if (openings.getArea() > SPECK) {
            left = RobustOverlay.difference(left, BufferOp.bufferOp(openings, border.toMillimetres(), MITRED));
        }
        for (CutOut cut : Openings.through(piece).toList()) {
            left = RobustOverlay.difference(left, Openings.of(cut));
        }
        return left instanceof Polygon polygon && polygon.getArea() > LEAST_AREA ? Optional.of(polygon)
                : Optional.empty();
    }
}
