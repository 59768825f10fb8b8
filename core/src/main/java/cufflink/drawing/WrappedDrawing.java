package cufflink.drawing;

import cufflink.design.PartDefinition;
import cufflink.design.SizedDesign;
import cufflink.drawing.Shape.Spot;
import cufflink.plan.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.locationtech.jts.geom.Envelope;

/**
 * Draws the closed card with what goes round it, the innermost first: each part as it is closed, its middle on the
 * card's, turned so that its longer way fits the card's side that is most like it.
 */
public final class WrappedDrawing {
    private WrappedDrawing() {
    }

    /** The parts that go round the card, the innermost first. */
    public static List<PartDefinition> rounds(Plan plan) {
        return plan.design().puts().stream().map(SizedDesign.PutStep::part)
                .filter(part -> part.isAround() && part.depth() == 0).toList();
    }

    /** The card with everything that goes round it; absent without such a part, or while something does not close. */
    public static Optional<Picture> draw(Plan plan, boolean fromBack, double point) {
        List<PartDefinition> rounds = rounds(plan);
        return rounds.isEmpty() ? Optional.empty() : upTo(plan, rounds.get(rounds.size() - 1), fromBack, point);
    }

    /** The card with what goes round it, up to one part; absent while something does not close. */
    public static Optional<Picture> upTo(Plan plan, PartDefinition last, boolean fromBack, double point) {
        Optional<Picture> wrapped = ClosedDrawing.draw(plan, fromBack, point);
        Optional<Envelope> card = wrapped.map(Picture::bounds);
        for (PartDefinition part : rounds(plan)) {
            Optional<Picture> round = plan.design().main(part)
                    .flatMap(piece -> ClosedDrawing.draw(plan, piece.id(), isSeamBehind(part) != fromBack, point));
            wrapped = wrapped.flatMap(inner -> round.map(own -> with(inner, own, card.orElseThrow())));
            if (part.equals(last)) {
                break;
            }
        }
        return wrapped;
    }

    /**
     * Whether what was folded over last, the front of a part by itself, lies at the back of the card: the seam of a
     * band does; the flap of an envelope does not, so that the front of the card is met when it is opened.
     */
    private static boolean isSeamBehind(PartDefinition part) {
        return !part.isPosted();
    }

    private static Picture with(Picture inner, Picture round, Envelope card) {
        Envelope own = round.bounds();
        boolean turns = Math.abs(own.getWidth() - card.getWidth()) > Math.abs(own.getWidth() - card.getHeight());
        double x = card.centre().x;
        double y = card.centre().y;
        UnaryOperator<Spot> place = spot -> {
            double across = spot.x() - own.centre().x;
            double down = spot.y() - own.centre().y;
            return turns ? new Spot(x - down, y + across) : new Spot(x + across, y + down);
        };
        List<Shape> shapes = new ArrayList<>(inner.shapes());
        Envelope bounds = new Envelope(inner.bounds());
        for (Shape shape : round.shapes()) {
            Shape.Area area = ((Shape.Area) shape).moved(place);
            area.corners().forEach(corner -> bounds.expandToInclude(corner.x(), corner.y()));
            shapes.add(area);
        }
        return new Picture(bounds, inner.point(), shapes);
    }
}
