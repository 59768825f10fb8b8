package cufflink.desktop.work;

import cufflink.design.DesignDefinition.Head;
import cufflink.drawing.CardDrawing;
import cufflink.drawing.Picture;
import cufflink.drawing.PoseDrawing;
import cufflink.drawing.Shape;
import cufflink.drawing.View;
import cufflink.measure.RulerStep;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.words.Message;
import java.util.Optional;

/**
 * What the shelf shows of a design.
 *
 * @param way     which of the ways it is asked for in that gives it, from 0; see {@link ShelfWork.Wanted#ways}
 * @param takes   its size, and how much paper it takes
 * @param steps   of its run sheet
 * @param picture of the card half open; absent if it does not close
 */
public record ShelfCard(Head head, int way, String takes, int steps, Optional<Picture> picture) {
    /** Pixels that a picture has on the shelf at the usual size of text, and a millimetre at most. */
    private static final double WIDTH = 177;
    private static final double HEIGHT = 137;
    public static final double MOST = 3;
    /** Millimetres a pixel before the size of a picture is known. */
    private static final double ROUGHLY = 0.3;

    static ShelfCard of(Plan plan, RulerStep ruler) {
        String size = plan.workings().standing().isPresent() ? plan.size().map(Message::sentence).orElse("")
                : plan.stack().isPresent()
                        ? ruler.size(plan.closedWidth().orElseThrow(), plan.closedHeight().orElseThrow())
                : "";
        return new ShelfCard(plan.design().definition().head(), 0, size + " · " + sheets(plan), plan.run().size(),
                drawn(plan, ROUGHLY).flatMap(rough -> fitting(plan, rough)));
    }

    /** Pens as wide as they are in a picture of this size; only what has words in it is drawn again for that. */
    private static Optional<Picture> fitting(Plan plan, Picture rough) {
        double point = Math.max(1 / MOST, Math.max(rough.width() / WIDTH, rough.height() / HEIGHT));
        return rough.shapes().stream().anyMatch(Shape.Label.class::isInstance) ? drawn(plan, point)
                : Optional.of(new Picture(rough.bounds(), point, rough.shapes()));
    }

    /** The same, found in another of the ways in which it is asked for. */
    ShelfCard at(int found) {
        return new ShelfCard(head, found, takes, steps, picture);
    }

    private static Optional<Picture> drawn(Plan plan, double point) {
        return PoseDrawing
                .draw(plan, PoseDrawing.HALF_OPEN, View.of(plan.design().definition().shown().angle()), point)
                .or(() -> CardDrawing.draw(plan, point));
    }

    private static String sheets(Plan plan) {
        Stock card = plan.project().card();
        long count = plan.layout().sheets().stream().filter(sheet -> sheet.stock().name().equals(card.name())).count();
        String name = PublishedSizes.of(NamedSize.Kind.SHEET).stream()
                .filter(size -> size.width().equals(card.width()) && size.height().equals(card.height()))
                .findFirst().map(NamedSize::name).orElse("sheet");
        return plan.layout().unplaced().isEmpty() ? count + " " + name : "larger than " + name;
    }
}
