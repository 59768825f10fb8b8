package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.PartDefinition;
import cufflink.drawing.ClosedDrawing;
import cufflink.drawing.Ink;
import cufflink.drawing.PartLight;
import cufflink.drawing.Picture;
import cufflink.drawing.Shape;
import cufflink.drawing.StepDrawing;
import cufflink.drawing.WrappedDrawing;
import cufflink.files.plan.FoldText;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.stack.ClosedSize;
import cufflink.stack.PartSizes;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;

/** Parts in pictures: what goes round the card, and what lights up under the pointer. */
class PartPicturesTest {
    private static Project card() {
        Project card = Plans.metric("pocket-fold");
        return Plans.adding(card, "band=belly-band@around").orThrow();
    }

    private static PartDefinition part(Plan plan, String name) {
        return plan.design().parts().stream().filter(part -> part.name().equals(name)).findFirst().orElseThrow();
    }

    private static long marked(Picture picture) {
        return picture.shapes().stream().filter(shape -> shape instanceof Shape.Path path && path.ink() == Ink.NOW)
                .count();
    }

    @Test
    void band_isDrawnRoundTheMiddleOfTheCard_bothWays() {
        for (String size : new String[] {"105 mm", "210 mm"}) {
            Plan plan = Plans.plan(card().withSet("width", size));
            Envelope bare = ClosedDrawing.draw(plan, false, 0.3).orElseThrow().bounds();
            Picture wrapped = WrappedDrawing.draw(plan, false, 0.3).orElseThrow();
            Envelope band = new Envelope();
            wrapped.shapes().subList(plan.stack().orElseThrow().layers().size(), wrapped.shapes().size())
                    .forEach(shape -> ((Shape.Area) shape).corners()
                            .forEach(corner -> band.expandToInclude(corner.x(), corner.y())));
            assertEquals(bare.centre().x, band.centre().x, 1e-6);
            assertEquals(bare.centre().y, band.centre().y, 1e-6);
            // Round the short way: past the card's shorter side, and much narrower than the longer one.
            boolean tall = bare.getHeight() > bare.getWidth();
            assertTrue((tall ? band.getWidth() - bare.getWidth() : band.getHeight() - bare.getHeight()) >= 0, size);
            assertTrue((tall ? band.getHeight() : band.getWidth()) < 60, size);
        }
    }

    @Test
    void envelope_holdsACardThatStandsUpright_lyingDown() {
        Plan plan = Plans.plan(Plans.adding(card(), "cover=envelope@around").orThrow());
        ClosedSize whole = PartSizes.of(plan.workings().stacked()).whole().orElseThrow();
        ClosedSize cover = plan.workings().stacked().wholeSize(
                plan.design().main(part(plan, "cover")).orElseThrow().id()).orElseThrow();
        assertEquals(cover.width(), whole.width());
        assertEquals(cover.height(), whole.height());
        String text = FoldText.of(plan, false);
        assertTrue(text.contains("Band around the closed card:") && text.contains("With what goes round it:"), text);
    }

    @Test
    void withoutRounds_nothingIsWrapped() {
        assertTrue(WrappedDrawing.draw(Plans.plan(Plans.metric("half-fold")), false, 0.3).isEmpty());
    }

    @Test
    void part_isMarkedOnItsSheet_andOnTheClosedCard() {
        Plan plan = Plans.plan(card());
        PartDefinition pocket = part(plan, "pocket");
        long onSheets = plan.run().stream().filter(step -> step.phase() == Phase.CUT)
                .mapToLong(step -> marked(
                        PartLight.on(StepDrawing.draw(plan, step, StepDrawing.Moment.done(), 0.3), pocket)))
                .sum();
        assertEquals(1, onSheets, "one pocket is cut");
        Picture closed = ClosedDrawing.draw(plan, false, 0.3).orElseThrow();
        assertEquals(1, marked(PartLight.onClosed(plan, false, closed, pocket)));
        assertEquals(0, marked(PartLight.onClosed(plan, false, closed, part(plan, "band"))));
    }
}
