package cufflink.mat;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestPieces;
import cufflink.crease.CreasedDesign;
import cufflink.crease.Panel;
import cufflink.design.Face;
import cufflink.design.Fold;
import cufflink.design.PanelRef;
import cufflink.design.PieceDefinition.CutShape;
import cufflink.design.SizedDesign;
import cufflink.design.SizedDesign.CutOut;
import cufflink.design.SizedDesign.Marks;
import cufflink.design.SizedDesign.PanelName;
import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.problem.Outcome;
import cufflink.words.DesignWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Polygon;

/** Layers on panels of any shape: each lies within what it lies on, with at least the border showing all round. */
class LayerLawsTest {
    private static final PanelRef LEFT = new PanelRef("card", "left");
    private static final PanelRef RIGHT = new PanelRef("card", "right");
    /** Millimetres by which a border may fall short through rounding of corners to the nanometre. */
    private static final double ROUNDING = 1e-4;

    /** A card with one score from its top edge to its bottom edge, layers on both panels. */
    private static CreasedDesign card(double width, double height, double top, double bottom, CutOut... cutOuts) {
        Marks marks = new Marks(List.of(TestPieces.score("fold", Fold.VALLEY, top, 0, bottom, height)), List.of(),
                List.of(cutOuts), List.of(PanelName.of("left", "left"), PanelName.of("right", "right")));
        return CreasedDesign.of(TestPieces.design(TestPieces.piece("card", width, height, marks),
                Stream.of(LEFT, RIGHT).map(on -> new SizedDesign.Mat(on, Face.OUTSIDE, on.panel(), false))
                        .toArray(SizedDesign.Mat[]::new)))
                .orThrow();
    }

    private static CutOut circle(double x, double y, double radius, boolean through) {
        return new CutOut("window", CutShape.CIRCLE,
                Stream.of(x, y, radius).map(Length::nearestToMillimetres).toList(), false, through);
    }

    private static MatSettings layers(int count, double reveal) {
        return new MatSettings(count, Length.nearestToMillimetres(reveal), Map.of());
    }

    private static List<MatLayer> on(PanelRef panel, List<MatLayer> layers) {
        return layers.stream().filter(layer -> layer.on().on().equals(panel)).toList();
    }

    @RepeatedTest(300)
    void layers_lieWithinWhatTheyLieOn_withTheBorderRound(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        double width = 80 + random.nextInt(200);
        double height = 60 + random.nextInt(200);
        double top = random.nextInt((int) width);
        double bottom = random.nextInt((int) width);
        if (top + bottom == 0) {
            top = width / 2;
        }
        double reveal = 2 + random.nextInt(5);
        RulerStep ruler = RulerStep.values()[random.nextInt(RulerStep.values().length)];
        CreasedDesign card = card(width, height, top, bottom);
        List<MatLayer> layers = MatSizer.size(card, layers(3, reveal), ruler).orThrow();
        for (PanelRef on : List.of(LEFT, RIGHT)) {
            Geometry under = card.panel(on).map(Panel::outline).orElseThrow();
            for (MatLayer layer : on(on, layers)) {
                double border = layer.outline().distance(((Polygon) under).getExteriorRing());
                assertTrue(under.buffer(ROUNDING).covers(layer.outline()), layer.label());
                assertTrue(border > reveal - ROUNDING, layer.label() + " shows only " + border + " of " + reveal);
                under = layer.outline();
            }
        }
    }

    /** What the maker marks on the paper is on the ruler, whatever the shape. */
    @RepeatedTest(100)
    void measuresOfLayers_areOnTheRuler(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        RulerStep ruler = RulerStep.values()[random.nextInt(RulerStep.values().length)];
        CreasedDesign card = card(150 + random.nextDouble(), 120 + random.nextDouble(), 40 + random.nextInt(60),
                40 + random.nextInt(60));
        MatSizer.size(card, layers(2, 3), ruler).orThrow().forEach(
                layer -> assertTrue(ruler.has(layer.width()) && ruler.has(layer.height()), layer.label()));
    }

    /** 4 1/4 × 5 1/2 with 1/8 in showing is 4 × 5 1/4, and 3 3/4 × 5 above it: common practice. */
    @Test
    void rectangle_isSmallerByTwiceTheBorder() {
        CreasedDesign card = card(8.5 * 25.4, 5.5 * 25.4, 4.25 * 25.4, 4.25 * 25.4);
        List<MatLayer> layers = on(LEFT, MatSizer.size(card,
                new MatSettings(2, MatSettings.OPEN_REVEAL, Map.of()), RulerStep.SIXTEENTH_INCH).orThrow());
        assertEquals(List.of(Length.ofInches(4), Length.ofInches(15, 4)),
                layers.stream().map(MatLayer::width).toList());
        assertEquals(List.of(Length.ofInches(21, 4), Length.ofInches(5)),
                layers.stream().map(MatLayer::height).toList());
        assertTrue(layers.stream().allMatch(MatLayer::isExact));
    }

    /** A square of 100 mm cut from corner to corner: the inner circle of each half shrinks by the border. */
    @Test
    void triangle_keepsItsShape() {
        List<MatLayer> layers = MatSizer.size(card(100, 100, 0, 100), layers(1, 5), RulerStep.HALF_MILLIMETRE)
                .orThrow();
        double radius = 100 - 50 * Math.sqrt(2);
        Length side = RulerStep.HALF_MILLIMETRE.down(Length.nearestToMillimetres(100 * (radius - 5) / radius));
        assertEquals(2, layers.size());
        layers.forEach(layer -> {
            assertEquals(LayerForm.Kind.TRIANGLE, layer.form().kind());
            assertEquals(List.of(side, side), List.of(layer.width(), layer.height()));
        });
    }

    @ParameterizedTest
    @CsvSource({"5, 3, 5", "20, 3, 2", "45, 3, 1", "50, 3, 0"})
    void layerWithoutRoom_isNamed_andEndsThePile(double reveal, int asked, int fit) {
        Outcome<List<MatLayer>> layers = MatSizer.size(card(200, 100, 100, 100), layers(asked, reveal),
                RulerStep.MILLIMETRE);
        assertEquals(Math.min(asked, fit), on(LEFT, layers.orThrow()).size());
        if (fit < asked) {
            assertEquals(DesignWords.NO_ROOM_FOR_LAYER, layers.problems().get(0).code());
            assertEquals(fit + 1, layers.problems().get(0).message().argument("layer"));
        }
    }

    @Test
    void windows_areLeftFree_withTheBorderOfEachLayer() {
        List<MatLayer> layers = on(LEFT, MatSizer.size(card(240, 160, 120, 120, circle(60, 80, 20, false)),
                layers(2, 4), RulerStep.MILLIMETRE).orThrow());
        Geometry middle = layers.get(0).outline().getFactory().createPoint(new Coordinate(60, 80));
        for (int i = 0; i < 2; i++) {
            double free = layers.get(i).outline().distance(middle);
            assertTrue(free > 20 + 4 * (i + 1) - 0.1, "layer " + (i + 1) + " begins at " + free);
        }
    }

    @Test
    void whatIsCutThroughBoth_hasNoBorder() {
        MatLayer layer = on(LEFT, MatSizer.size(card(240, 160, 120, 120, circle(60, 80, 20, true)), layers(1, 4),
                RulerStep.MILLIMETRE).orThrow()).get(0);
        assertEquals(112 * 152 - Math.PI * 400, layer.outline().getArea(), 3);
    }

    @Test
    void windowThatPartsALayer_leavesNoRoom() {
        CutOut slot = new CutOut("slot", CutShape.ROUNDED,
                Stream.of(2.0, 70.0, 116.0, 20.0, 0.0).map(Length::nearestToMillimetres).toList(), false, false);
        Outcome<List<MatLayer>> layers = MatSizer.size(card(240, 160, 120, 120, slot), layers(1, 4),
                RulerStep.MILLIMETRE);
        assertEquals(List.of(), on(LEFT, layers.orThrow()));
        assertFalse(layers.problems().isEmpty());
    }

    @Test
    void panelOfItsOwn_hasItsOwnLayers() {
        MatSettings settings = layers(1, 4).with(LEFT, new MatSettings.OnPanel(Optional.of(3),
                Optional.of(Length.ofMillimetres(6)), Optional.empty(), Optional.empty()));
        List<MatLayer> layers = MatSizer.size(card(240, 160, 120, 120), settings, RulerStep.MILLIMETRE).orThrow();
        assertEquals(List.of(Length.ofMillimetres(108), Length.ofMillimetres(96), Length.ofMillimetres(84)),
                on(LEFT, layers).stream().map(MatLayer::width).toList());
        assertEquals(List.of(Length.ofMillimetres(112)), on(RIGHT, layers).stream().map(MatLayer::width).toList());
    }

    @Test
    void layerThatIsCutAlready_liesInTheMiddle_andCarriesTheNext() {
        MatSettings settings = layers(2, 4).with(LEFT, new MatSettings.OnPanel(Optional.empty(), Optional.empty(),
                Optional.of(Length.ofMillimetres(80)), Optional.of(Length.ofMillimetres(50))));
        List<MatLayer> layers = on(LEFT,
                MatSizer.size(card(240, 160, 120, 120), settings, RulerStep.MILLIMETRE).orThrow());
        assertEquals(60, layers.get(0).outline().getCentroid().getX(), 1e-9);
        assertEquals(80, layers.get(0).outline().getCentroid().getY(), 1e-9);
        assertEquals(List.of(Length.ofMillimetres(80), Length.ofMillimetres(72)),
                layers.stream().map(MatLayer::width).toList());
    }

    @Test
    void settings_areWithinReason() {
        assertThrows(IllegalArgumentException.class, () -> layers(MatSettings.MOST_LAYERS + 1, 3));
        assertThrows(IllegalArgumentException.class, () -> layers(-1, 3));
        assertThrows(IllegalArgumentException.class, () -> layers(1, 0));
        assertEquals(List.of(MatSettings.OPEN_REVEAL, MatSettings.METRIC_REVEAL),
                Stream.of(LengthUnit.values()).map(unit -> MatSettings.usual(unit).reveal()).toList());
    }

    /** Every sub-list of a pile is the pile with fewer layers. */
    @Test
    void fewerLayers_areTheLowestOfMore() {
        CreasedDesign card = card(220, 150, 90, 120);
        List<MatLayer> five = on(LEFT, MatSizer.size(card, layers(5, 3), RulerStep.MILLIMETRE).orThrow());
        List<List<Length>> all = new ArrayList<>();
        IntStream.rangeClosed(0, 5).forEach(count -> all.add(
                on(LEFT, MatSizer.size(card, layers(count, 3), RulerStep.MILLIMETRE).orThrow()).stream()
                        .map(MatLayer::width).toList()));
        IntStream.rangeClosed(0, 5).forEach(
                count -> assertEquals(five.stream().limit(count).map(MatLayer::width).toList(), all.get(count)));
    }
}
