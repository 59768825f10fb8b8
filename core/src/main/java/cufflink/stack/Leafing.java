package cufflink.stack;

import cufflink.design.Held;
import cufflink.design.Page;
import cufflink.design.SizedDesign;
import cufflink.fold.Point3;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * How a closed card that has pages is leafed through.
 *
 * @param front      the side of a page that is its front cover
 * @param back       the one that is its back cover
 * @param spreads    what it shows, opened page by page from its front
 * @param turnedOver the same, turned over and opened from its back
 * @param upsideDown sides of pages whose top is not that of the card
 */
public record Leafing(Page.Side front, Page.Side back, List<Page.Spread> spreads, List<Page.Spread> turnedOver,
        List<Page.Side> upsideDown) {
    public Leafing {
        spreads = List.copyOf(spreads);
        turnedOver = List.copyOf(turnedOver);
        upsideDown = List.copyOf(upsideDown);
    }

    /** Of a design that closes; absent for one without pages, and where no page lies outermost. */
    public static Optional<Leafing> of(StackedDesign stacked) {
        List<Page> pages = stacked.design().pages().stream().filter(Page::isOwn).toList();
        return stacked.stack().filter(stack -> !pages.isEmpty()).flatMap(stack -> {
            List<Page.Side> sides = pages.stream().flatMap(Page::sides).toList();
            List<StackLayer> layers = new ArrayList<>(stack.layers());
            Optional<Page.Side> front = outermost(layers, sides, false);
            Collections.reverse(layers);
            Optional<Page.Side> back = outermost(layers, sides, true);
            List<Page.Side> fronts = pages.stream().map(Page::front).toList();
            List<Page.Spread> spreads = stacked.design().poses().values().stream()
                    .flatMap(pose -> pose.spread().stream()).toList();
            return front.flatMap(first -> back.map(last -> new Leafing(first, last,
                    spreads.stream().filter(spread -> fronts.contains(spread.left())).toList(),
                    spreads.stream().filter(spread -> !fronts.contains(spread.left())).toList(),
                    sides.stream().filter(side -> isUpsideDown(stacked.design(), stack, side)).toList())));
        });
    }

    /** The first panel that is a page with the face that looks out. */
    private static Optional<Page.Side> outermost(List<StackLayer> layers, List<Page.Side> sides, boolean behind) {
        return layers.stream().filter(layer -> layer.kind() == StackLayer.Kind.PANEL)
                .flatMap(layer -> sides.stream().filter(side -> layer.panel().filter(side.panel()::equals).isPresent()
                        && side.face() == (behind ? layer.facing().other() : layer.facing())))
                .findFirst();
    }

    private static boolean isUpsideDown(SizedDesign design, ClosedStack stack, Page.Side side) {
        Held held = design.definition().held();
        Point3 top = stack.flat().state().position().get(side.panel()).turn(new Point3(0, -1, 0));
        return held.seenY(top.x(), top.y()) > 0;
    }
}
