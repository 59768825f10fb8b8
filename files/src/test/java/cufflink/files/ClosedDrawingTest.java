package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.drawing.ClosedDrawing;
import cufflink.drawing.Picture;
import cufflink.drawing.PoseDrawing;
import cufflink.drawing.Shape;
import cufflink.drawing.View;
import cufflink.files.design.BuiltInDesigns;
import cufflink.files.design.DesignFileReader;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;

/**
 * The closed card as it is held: nothing falls out of its pockets, tops are up, and a tap finds the place that was
 * tapped.
 */
class ClosedDrawingTest {
    private static Envelope box(Plan plan, String label) {
        Envelope box = new Envelope();
        ClosedDrawing.draw(plan, false, 0.3).orElseThrow().shapes().stream().filter(shape -> shape.id().equals(label))
                .forEach(shape -> ((Shape.Area) shape).corners()
                        .forEach(corner -> box.expandToInclude(corner.x(), corner.y())));
        assertTrue(!box.isNull(), label);
        return box;
    }

    @Test
    void giftCards_standOutOfTheirPockets_upwards() {
        Plan backFold = Plans.plan(Plans.project("back-fold-holder"));
        assertTrue(box(backFold, "gift card").getMinY() < box(backFold, "turned-up pocket").getMinY() - 10);
        assertEquals(box(backFold, "back").getMinY(), box(backFold, "folded-back half").getMinY(), 1e-6,
                "the half front hangs from the top");
        assertTrue(box(backFold, "turned-up pocket").getMaxY() > box(backFold, "back").getMaxY() - 5,
                "the pocket lies at the bottom");
        Plan mFold = Plans.plan(Plans.project("m-fold-holder"));
        assertTrue(box(mFold, "back of the pocket").getMaxY() < box(mFold, "back").getMaxY() - 5,
                "the pocket's fold is below, its mouth at the folds above");
        assertEquals(box(mFold, "back").getMinY(), box(mFold, "back of the pocket").getMinY(), 1e-6);
    }

    @Test
    void tent_hasItsFoldAbove() {
        Plan tent = Plans.plan(Plans.project("slim-tent"));
        assertEquals(box(tent, "front leaf").getMinY(), box(tent, "back leaf").getMinY(), 1e-6);
        assertTrue(box(tent, "front leaf").getMaxY() > box(tent, "back leaf").getMaxY() + 5);
    }

    @ParameterizedTest
    @ValueSource(strings = {"half-fold", "back-fold-holder", "slim-tent", "squash-fold"})
    void tappedPlace_isTheOneDrawnThere(String design) {
        Plan plan = Plans.plan(Plans.project(design));
        for (boolean fromBack : List.of(false, true)) {
            Shape.Area top = (Shape.Area) ClosedDrawing.draw(plan, fromBack, 0.3).orElseThrow().shapes()
                    .get(plan.stack().orElseThrow().layers().size() - 1);
            List<Coordinate> tapped = top.corners().stream().map(spot -> ClosedDrawing.place(plan, fromBack, spot))
                    .toList();
            var layers = plan.stack().orElseThrow().layers();
            Coordinate[] ring = layers.get(fromBack ? layers.size() - 1 : 0).footprint().getExteriorRing()
                    .getCoordinates();
            assertEquals(List.of(ring).subList(0, ring.length - 1), tapped);
        }
    }

    private static Plan windowed(String cutOuts) {
        String text = BuiltInDesigns.text("half-fold");
        String panels = text.lines().filter(line -> line.strip().startsWith("panels:")).findFirst().orElseThrow();
        Project project = Project.of(
                DesignFileReader.read("window.yaml", text.replace(panels, cutOuts + panels)).orThrow(),
                RulerStep.SIXTEENTH_INCH);
        return Plans.plan(project.withMats(project.mats().withLayers(0)));
    }

    private static double backSeen(Plan plan) {
        return PoseDrawing.shown(plan, plan.poses().get(0), false).stream()
                .filter(face -> face.label().equals("inside of the back leaf")).findFirst().orElseThrow().share();
    }

    /** A window in the front lets the inside show, closed and half open. */
    @Test
    void window_isOpen_closedAndHalfOpen() {
        Plan plan = windowed("    cutOuts:\n      - {id: window, circle: [width / 2, height / 2, 1 in]}\n");
        Shape.Area front = (Shape.Area) ClosedDrawing.draw(plan, false, 0.3).orElseThrow().shapes().get(1);
        assertEquals(1, front.holes().size());
        Picture open = PoseDrawing.draw(plan, PoseDrawing.HALF_OPEN, View.ABOVE, 0.3).orElseThrow();
        assertEquals(1, open.shapes().stream()
                .filter(shape -> shape instanceof Shape.Area area && !area.holes().isEmpty()).count());
        double most = Math.PI * 25.4 * 25.4 / (plan.stack().orElseThrow().bounds().getArea());
        double more = backSeen(plan) - backSeen(windowed(""));
        assertTrue(more > most / 3 && more < most, "of the back the window shows " + more + ", at most " + most);
    }
}
