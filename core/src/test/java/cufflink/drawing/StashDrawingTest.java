package cufflink.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.paper.SheetSize;
import cufflink.paper.Stock;
import cufflink.paper.Swatch;
import cufflink.paper.Weight;
import cufflink.stash.StashPaper;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class StashDrawingTest {
    private static final SheetSize ROOM = new SheetSize(Length.ofInches(12), Length.ofInches(12));

    private static StashPaper paper(int count, boolean directional, Stock.Grain grain) {
        return StashPaper.sheets(new Stock("Dusk", Length.ofInches(17, 2), Length.ofInches(11), Weight.gsm(240),
                Optional.empty(), "#2B3454", "#FFFFFF", directional, grain), count);
    }

    private static List<Shape> drawn(StashPaper paper) {
        return StashDrawing.draw(paper, ROOM, LengthFormat.of(LengthUnit.INCH), 0.5).shapes();
    }

    private static long count(List<Shape> shapes, String id) {
        return shapes.stream().filter(shape -> shape.id().equals(id)).count();
    }

    private static Shape.Area sheet(List<Shape> shapes) {
        return (Shape.Area) shapes.stream().filter(shape -> shape.id().equals("paper")).findFirst().orElseThrow();
    }

    @Test
    void everyPaper_isDrawnToTheSameScale() {
        Shape.Area area = sheet(drawn(paper(1, false, Stock.Grain.UNKNOWN)));
        double width = area.corners().stream().mapToDouble(Shape.Spot::x).max().orElse(0)
                - area.corners().stream().mapToDouble(Shape.Spot::x).min().orElse(0);
        assertEquals(215.9, width, 1e-9);
        assertEquals(
                StashDrawing.draw(paper(1, false, Stock.Grain.UNKNOWN), ROOM, LengthFormat.of(LengthUnit.INCH), 0.5)
                        .bounds(),
                StashDrawing.draw(
                        StashDrawing.plain("A6", new SheetSize(Length.ofInches(4), Length.ofInches(6)), "#FFFFFF"),
                        ROOM, LengthFormat.of(LengthUnit.INCH), 0.5).bounds());
    }

    @Test
    void sides_areReadInTheMakersUnit() {
        List<String> texts = drawn(paper(1, false, Stock.Grain.UNKNOWN)).stream().filter(Shape.Label.class::isInstance)
                .map(shape -> ((Shape.Label) shape).text()).toList();
        assertEquals(List.of("8 1/2", "11"), texts);
    }

    @Test
    void grainAndTheWayUp_areMarked_whereTheyAreKnown() {
        assertEquals(0, count(drawn(paper(1, false, Stock.Grain.UNKNOWN)), "grain"));
        assertEquals(3, count(drawn(paper(1, false, Stock.Grain.ALONG_WIDTH)), "grain"), "a line with two heads");
        assertEquals(1, count(drawn(paper(1, true, Stock.Grain.UNKNOWN)), "top"));
    }

    @Test
    void sheetsThatAreUsedUp_areHatched() {
        assertEquals(1, count(drawn(paper(0, false, Stock.Grain.UNKNOWN)), "none"));
        assertEquals(0, count(drawn(paper(3, false, Stock.Grain.UNKNOWN)), "none"));
    }

    @ParameterizedTest
    @EnumSource(Swatch.class)
    void pattern_staysOnTheSheet(Swatch swatch) {
        List<Shape> shapes = drawn(paper(1, false, Stock.Grain.UNKNOWN).withSwatch(swatch, false));
        Shape.Area sheet = sheet(shapes);
        double left = sheet.corners().get(0).x();
        double top = sheet.corners().get(0).y();
        List<Shape> pattern = shapes.stream().filter(shape -> shape.id().isEmpty()).toList();
        assertEquals(swatch == Swatch.PLAIN, pattern.isEmpty());
        for (Shape shape : pattern) {
            for (Shape.Spot spot : ((Shape.Area) shape).corners()) {
                assertTrue(spot.x() >= left - 1e-9 && spot.x() <= left + 215.9 + 1e-9 && spot.y() >= top - 1e-9
                        && spot.y() <= top + 279.4 + 1e-9, swatch + " at " + spot);
            }
        }
    }
}
