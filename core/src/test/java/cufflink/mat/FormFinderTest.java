package cufflink.mat;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.io.ParseException;
import org.locationtech.jts.io.WKTReader;

/** What a panel is to the hands: a rectangle, a right triangle, or an outline. */
class FormFinderTest {
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private static Polygon lying(Polygon shape, Random random) {
        AffineTransformation way = AffineTransformation.rotationInstance(random.nextInt(360) * Math.PI / 180);
        if (random.nextBoolean()) {
            way.compose(AffineTransformation.scaleInstance(-1, 1));
        }
        return (Polygon) way.compose(AffineTransformation.translationInstance(random.nextInt(200), random.nextInt(200)))
                .transform(shape);
    }

    /** However it lies, a rectangle is known by its sides, and rebuilt from them where it lies. */
    @RepeatedTest(200)
    void rectangle_isKnownHoweverItLies(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        double w = 10 + random.nextInt(200);
        double h = 10 + random.nextInt(200);
        Polygon panel = lying((Polygon) FACTORY.toGeometry(new Envelope(0, w, 0, h)), random);
        LayerForm form = FormFinder.of(panel);
        assertEquals(LayerForm.Kind.RECTANGLE, form.kind());
        assertEquals(Math.min(w, h), Math.min(form.width().toMillimetres(), form.height().toMillimetres()), 1e-5);
        assertEquals(Math.max(w, h), Math.max(form.width().toMillimetres(), form.height().toMillimetres()), 1e-5);
        assertTrue(form.outline().symDifference(panel.copy()).getArea() < 0.01, form.outline().toText());
    }

    @RepeatedTest(200)
    void rightTriangle_isKnownHoweverItLies(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        double w = 10 + random.nextInt(200);
        double h = 10 + random.nextInt(200);
        Polygon panel = lying((Polygon) FACTORY.createMultiPointFromCoords(
                new Coordinate[] {new Coordinate(0, 0), new Coordinate(w, 0), new Coordinate(0, h)}).convexHull(),
                random);
        LayerForm form = FormFinder.of(panel);
        assertEquals(LayerForm.Kind.TRIANGLE, form.kind());
        assertEquals(Math.min(w, h), Math.min(form.width().toMillimetres(), form.height().toMillimetres()), 1e-5);
        assertTrue(form.outline().symDifference(panel).getArea() < 0.01, form.outline().toText());
    }

    /** Triangles without a right angle, slanting quadrilaterals and steps are cut from the rectangle round them. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "POLYGON ((0 0, 100 0, 30 80, 0 0)) | 100 | 80",
        "POLYGON ((0 0, 100 10, 90 80, 0 70, 0 0)) | 100 | 80",
        "POLYGON ((0 0, 100 0, 100 40, 50 40, 50 80, 0 80, 0 0)) | 100 | 80"})
    void otherShapes_areOutlines(String shape, double width, double height) throws ParseException {
        Polygon panel = (Polygon) new WKTReader(FACTORY).read(shape);
        LayerForm form = FormFinder.of(panel);
        assertEquals(LayerForm.Kind.OUTLINE, form.kind());
        assertEquals(width, form.width().toMillimetres(), 1e-6);
        assertEquals(height, form.height().toMillimetres(), 1e-6);
        assertTrue(form.outline().symDifference(panel).getArea() < 1e-6);
        assertTrue(form.text(LengthFormat.of(LengthUnit.MILLIMETRE)).startsWith("from "));
    }

    /** A window, a notch at an edge and a corner's point between two others change nothing for the hands. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "POLYGON ((0 0, 100 0, 100 80, 0 80, 0 0), (30 30, 50 30, 50 50, 30 50, 30 30))",
        "POLYGON ((0 0, 100 0, 100 80, 60 80, 50 60, 40 80, 0 80, 0 0))",
        "POLYGON ((0 0, 50 0, 100 0, 100 80, 0 80, 0 0))",
        "POLYGON ((0 0, 100 0, 100 79.5, 60 79.5, 60 80, 0 80, 0 0))"})
    void openingsAndSpecks_areLeftOutOfAccount(String shape) throws ParseException {
        LayerForm form = FormFinder.of((Polygon) new WKTReader(FACTORY).read(shape));
        assertEquals(LayerForm.Kind.RECTANGLE, form.kind());
        assertEquals(100, form.width().toMillimetres(), 1e-6);
    }
}
