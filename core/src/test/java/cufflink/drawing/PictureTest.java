package cufflink.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestDesigns;
import cufflink.design.PanelRef;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.plan.RunStep;
import cufflink.plan.StepSubject;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class PictureTest {
    private static final Plan GATE = Planner
            .plan(Project.of(TestDesigns.strip(List.of("2 in", "4 in", "3 in"), "vm", List.of("c1", "c2")),
                    RulerStep.SIXTEENTH_INCH))
            .orThrow();

    private static Picture piece(boolean mirrored) {
        return PieceDrawing.draw(GATE.design().piece("base"), GATE.pieces().get("base").pattern(), mirrored, 0.3,
                Optional.empty(), Optional.of(PieceDrawing.Naming.of(GATE)));
    }

    private static Shape.Path line(Picture picture, String id) {
        return (Shape.Path) picture.shapes().stream()
                .filter(shape -> shape.id().equals(id) && shape instanceof Shape.Path).findFirst().orElseThrow();
    }

    @Test
    void piece_scoreLinesLieAtTheirPositions_inTheirInk() {
        assertEquals(50.8, line(piece(false), "c1").points().get(0).x(), 1e-9);
        assertEquals(Ink.VALLEY, line(piece(false), "c1").ink());
        assertEquals(Ink.MOUNTAIN, line(piece(false), "c2").ink());
    }

    /** Turning the piece over mirrors it and swaps the marks. */
    @Test
    void pieceTurnedOver_isMirrored_withSwappedMarks() {
        assertEquals(9 * 25.4 - 50.8, line(piece(true), "c1").points().get(0).x(), 1e-9);
        assertEquals(Ink.MOUNTAIN, line(piece(true), "c1").ink());
        List<String> letters = piece(true).shapes().stream().filter(Shape.Mark.class::isInstance)
                .map(shape -> ((Shape.Mark) shape).text()).toList();
        assertEquals(List.of("M", "V"), letters);
    }

    @Test
    void quarterTurn_fourTimes_isTheSamePicture() {
        Picture picture = piece(false);
        Picture turned = picture;
        for (int i = 0; i < 4; i++) {
            turned = PictureTurn.quarter(turned);
        }
        assertEquals(line(picture, "c1").points().get(0).x(), line(turned, "c1").points().get(0).x(), 1e-9);
        assertEquals(picture.width(), PictureTurn.quarter(picture).height(), 1e-9);
    }

    @Test
    void ruler_hasATickOnEverySixteenth_andPinsHideTheFiguresUnderThem() {
        List<Shape> bare = RulerDrawing.draw(RulerStep.SIXTEENTH_INCH, false, 254, List.of(), 0.3);
        assertEquals(161, bare.stream().filter(shape -> shape.ink() == Ink.TICK).count());
        assertTrue(bare.stream().anyMatch(shape -> shape instanceof Shape.Label label && label.text().equals("3")));
        List<Shape> pinned = RulerDrawing.draw(RulerStep.SIXTEENTH_INCH, false, 254, List.of(Length.ofInches(3)), 0.3);
        assertFalse(pinned.stream().anyMatch(shape -> shape instanceof Shape.Label label && label.text().equals("3")));
    }

    @Test
    void everyStep_canBeDrawn_smallAndLarge_atAnyMoment() {
        for (RunStep step : GATE.run()) {
            for (double share : new double[] {0, 0.37, 1}) {
                for (double point : new double[] {0.05, 0.3, 2}) {
                    Picture picture = StepDrawing.draw(GATE, step, new StepDrawing.Moment(0, share, View.TILTED, true),
                            point);
                    assertTrue(picture.width() > 0 && picture.height() > 0 && !picture.shapes().isEmpty(),
                            step.title());
                    assertTrue(picture.withoutText().shapes().stream().noneMatch(Shape.Label.class::isInstance));
                }
            }
        }
    }

    /** A fold seen from straight above, flat, covers exactly the piece; shut, exactly the closed card. */
    @Test
    void foldSeenFromAbove_hasTheSizeOfThePaper() {
        RunStep fold = GATE.run().stream().filter(step -> step.subject() instanceof StepSubject.OfFold).findFirst()
                .orElseThrow();
        Picture flat = StepDrawing.draw(GATE, fold, new StepDrawing.Moment(0, 0, View.ABOVE, false), 0.001);
        assertEquals(9 * 25.4, flat.width(), 0.1);
        Picture shut = StepDrawing.draw(GATE, fold, new StepDrawing.Moment(0, 1, View.ABOVE, false), 0.001);
        assertEquals(7 * 25.4, shut.width(), 0.1);
    }

    @Test
    void edgeView_isThereForParallelCreases() {
        StepSubject.OfFold fold = (StepSubject.OfFold) GATE.run().stream().map(RunStep::subject)
                .filter(StepSubject.OfFold.class::isInstance).findFirst().orElseThrow();
        Picture edge = EdgeDrawing.draw(fold.stage().after(), fold.stage().after(), fold.stage().order(),
                Set.of(new PanelRef("base", "p1")), 0.3).orElseThrow();
        assertEquals(1, edge.shapes().stream().filter(shape -> shape.ink() == Ink.NOW).count());
    }

    @Test
    void colours_shadeAndLightness() {
        assertEquals("#7F0010", Colours.shade("#FE0020", 0.5));
        assertTrue(Colours.isLight("#F4ECD2"));
        assertFalse(Colours.isLight("#2B3454"));
    }
}
