package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.PanelRef;
import cufflink.drawing.FoldScene;
import cufflink.drawing.Shape;
import cufflink.drawing.StepDrawing;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.RunStep;
import cufflink.plan.StepSubject;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LinearRing;

/** What is cut out is seen from the step on in which it is cut, and not before. */
class HolesInPicturesTest {
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private static LinearRing ring(List<Shape.Spot> spots) {
        Coordinate[] ring = new Coordinate[spots.size() + 1];
        for (int i = 0; i <= spots.size(); i++) {
            ring[i] = new Coordinate(spots.get(i % spots.size()).x(), spots.get(i % spots.size()).y());
        }
        return FACTORY.createLinearRing(ring);
    }

    /** Square millimetres of paper in the picture of a step. */
    private static double paper(Plan plan, RunStep step) {
        double area = 0;
        for (Shape shape : StepDrawing.draw(plan, step, StepDrawing.Moment.done(), 0.3).shapes()) {
            double size = shape instanceof Shape.Area there ? FACTORY.createPolygon(ring(there.corners())).getArea()
                    : 0;
            area += shape.id().equals("paper") ? size : shape.id().equals("opening") ? -size : 0;
        }
        return area;
    }

    private static Optional<RunStep> step(Plan plan, Phase phase, String piece) {
        return plan.run().stream()
                .filter(step -> step.phase() == phase && (step.subject() instanceof StepSubject.OfScores of
                        && of.setup().piece().equals(piece)
                        || step.subject() instanceof StepSubject.OfPiece it && it.piece().equals(piece)))
                .findFirst();
    }

    @ParameterizedTest
    @CsvSource({"m-fold-holder, base", "little-bag, bag", "gusset-purse, holder", "pleated-tree, disc"})
    void scored_itIsStillWhole_punched_itIsNot(String design, String piece) {
        Plan plan = Plans.plan(Plans.project(design));
        double whole = plan.design().piece(piece).width().length().toMillimetres()
                * plan.design().piece(piece).height().length().toMillimetres();
        assertEquals(whole, paper(plan, step(plan, Phase.SCORE, piece).orElseThrow()), 1e-3);
        double cut = plan.pieces().get(piece).pattern().outline().getArea();
        RunStep last = plan.run().stream().filter(one -> one.subject() instanceof StepSubject.OfPiece it
                && it.piece().equals(piece)).reduce((a, b) -> b).orElseThrow();
        if (plan.design().piece(piece).cutOuts().isEmpty()) {
            assertTrue(plan.uncut(piece, last.number()).isEmpty() && !plan.uncut(piece, last.number() - 1).isEmpty());
        } else {
            assertEquals(cut, paper(plan, last), 1e-3);
        }
    }

    /** What is cut through the layers when they are on is closed until then. */
    @Test
    void cutThroughBoth_isClosedWhileTheLayersGoOn() {
        Plan plan = Plans.plan(Plans.project("m-fold-holder").withMats(Plans.project("m-fold-holder").mats()
                .withLayers(1)));
        List<RunStep> through = plan.run().stream().filter(step -> step.phase() == Phase.GLUE
                && step.subject() instanceof StepSubject.OfPiece).toList();
        through.forEach(step -> {
            String piece = ((StepSubject.OfPiece) step.subject()).piece();
            assertTrue(!plan.uncut(piece, step.number() - 1).isEmpty(), step.title());
            assertEquals(List.of(), List.copyOf(plan.uncut(piece, step.number())));
        });
        assertTrue(!through.isEmpty());
    }

    /** While it is folded the notch is closed, and the layer that will be glued on later is not there. */
    @Test
    void folded_itIsAsItIsOnTheTable() {
        Plan plan = Plans.plan(Plans.project("m-fold-holder").withMats(Plans.project("m-fold-holder").mats()
                .withLayers(1)));
        RunStep fold = plan.run().stream().filter(step -> step.phase() == Phase.FOLD).findFirst().orElseThrow();
        FoldScene scene = StepDrawing.foldScene(plan, ((StepSubject.OfFold) fold.subject()).stage(), 0.3)
                .orElseThrow();
        assertEquals(List.of(), scene.mats());
        PanelRef front = new PanelRef("base", "front");
        double closed = scene.whole().get(front).getArea();
        double open = plan.pieces().get("base").pattern().panel("front").orElseThrow().outline().getArea();
        assertTrue(closed > open + 100, closed + " and " + open);
        assertEquals(scene.whole().get(front).getEnvelope().getArea(), closed, 1e-6);
    }
}
