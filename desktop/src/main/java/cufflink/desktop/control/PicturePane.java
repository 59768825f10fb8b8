package cufflink.desktop.control;

import cufflink.drawing.Picture;
import cufflink.drawing.Shape;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Polygon;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.LineSegment;

/**
 * Shows a picture as large as it goes. The picture is asked for anew whenever the size changes, since it must know how
 * many millimetres a point takes.
 */
public final class PicturePane extends Pane {
    private static final double NEAR = 7;

    private final Canvas canvas = new Canvas();
    private final double margin;
    private final double most;
    private final double textScale;
    private DoubleFunction<Optional<Picture>> source = point -> Optional.empty();
    private Picture shown;
    private double scale = 1;
    private double dx;
    private double dy;

    /**
     * @param margin pixels kept free on each side
     * @param most   pixels a millimetre at most
     */
    public PicturePane(double margin, double most) {
        this(margin, most, 1);
    }

    /** As before, with text and pens {@code textScale} times their usual size, to be read from further away. */
    public PicturePane(double margin, double most, double textScale) {
        this.margin = margin;
        this.most = most;
        this.textScale = textScale;
        canvas.widthProperty().bind(widthProperty());
        canvas.heightProperty().bind(heightProperty());
        canvas.setFocusTraversable(false);
        getChildren().add(canvas);
        widthProperty().addListener(change -> repaint());
        heightProperty().addListener(change -> repaint());
        setMinSize(10, 10);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    }

    /** Says in words what the picture shows, for those who do not see it. */
    public void describe(String words) {
        setAccessibleText(words);
    }

    /** Shows what the source gives for a point size in millimetres. */
    public void show(DoubleFunction<Optional<Picture>> pictures) {
        source = pictures;
        repaint();
    }

    /** Paints again. */
    public void repaint() {
        double width = getWidth();
        double height = getHeight();
        if (width < 2 * margin + 4 || height < 2 * margin + 4) {
            return;
        }
        canvas.getGraphicsContext2D().clearRect(0, 0, width, height);
        shown = null;
        Optional<Picture> first = source.apply(0.3);
        if (first.isEmpty()) {
            return;
        }
        double point = textScale / fit(first.get());
        point = source.apply(point).map(picture -> textScale / fit(picture)).orElse(point);
        shown = source.apply(point).orElseThrow();
        scale = fit(shown);
        dx = (width - shown.width() * scale) / 2 - shown.bounds().getMinX() * scale;
        dy = (height - shown.height() * scale) / 2 - shown.bounds().getMinY() * scale;
        new PicturePainter(canvas.getGraphicsContext2D(), shown, scale, dx, dy).paint(shown);
    }

    private double fit(Picture picture) {
        double across = (getWidth() - 2 * margin) / Math.max(1e-3, picture.width());
        double down = (getHeight() - 2 * margin) / Math.max(1e-3, picture.height());
        return Math.min(most, Math.min(across, down));
    }

    /** What is shown; absent while nothing is. */
    public Optional<Picture> picture() {
        return Optional.ofNullable(shown);
    }

    /** How far a pixel goes on what is shown. */
    public double millimetresAPixel() {
        return 1 / scale;
    }

    /** The spot of the picture at a place of this pane; empty while nothing is shown. */
    public Optional<Shape.Spot> spotAt(double x, double y) {
        return shown == null ? Optional.empty() : Optional.of(new Shape.Spot((x - dx) / scale, (y - dy) / scale));
    }

    /** The id of the topmost shape at a place of this pane; empty if there is none. */
    public Optional<String> idAt(double x, double y) {
        if (shown == null) {
            return Optional.empty();
        }
        List<Shape> shapes = shown.shapes();
        for (int i = shapes.size() - 1; i >= 0; i--) {
            if (!shapes.get(i).id().isEmpty() && hits(shapes.get(i), x, y)) {
                return Optional.of(shapes.get(i).id());
            }
        }
        return Optional.empty();
    }

    private Polygon polygon(List<Shape.Spot> ring) {
        Polygon polygon = new Polygon();
        ring.forEach(corner -> polygon.getPoints().addAll(dx + corner.x() * scale, dy + corner.y() * scale));
        return polygon;
    }

    private boolean hits(Shape shape, double x, double y) {
        return shape.accept(new Shape.Cases<Boolean, RuntimeException>() {
            @Override
            public Boolean area(Shape.Area area) {
                return area.rings().stream().filter(ring -> polygon(ring).contains(x, y)).count() % 2 == 1;
            }

            @Override
            public Boolean path(Shape.Path path) {
                return isNear(path.points(), new Coordinate(x, y));
            }

            @Override
            public Boolean label(Shape.Label label) {
                return false;
            }

            @Override
            public Boolean mark(Shape.Mark mark) {
                return Math.hypot(dx + mark.at().x() * scale - x, dy + mark.at().y() * scale - y)
                        < mark.radius() * shown.point() * scale;
            }
        });
    }

    private boolean isNear(List<Shape.Spot> points, Coordinate place) {
        for (int i = 0; i + 1 < points.size(); i++) {
            LineSegment stretch = new LineSegment(dx + points.get(i).x() * scale, dy + points.get(i).y() * scale,
                    dx + points.get(i + 1).x() * scale, dy + points.get(i + 1).y() * scale);
            if (stretch.distance(place) < NEAR) {
                return true;
            }
        }
        return false;
    }
}
