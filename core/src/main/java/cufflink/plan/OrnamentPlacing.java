package cufflink.plan;

import cufflink.crease.CreasePattern;
import cufflink.crease.Panel;
import cufflink.design.Face;
import cufflink.design.Held;
import cufflink.design.Ornament;
import cufflink.design.Ornament.Along;
import cufflink.design.Ornament.Anchor;
import cufflink.design.OrnamentShape;
import cufflink.design.PanelRef;
import cufflink.design.Raise;
import cufflink.design.Side;
import cufflink.fold.FoldedState;
import cufflink.fold.Footprints;
import cufflink.fold.Point3;
import cufflink.fold.RigidMotion;
import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import cufflink.stack.ClosedStack;
import cufflink.stack.OrnamentOutlines;
import cufflink.stack.StackLayer;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;

/**
 * Lays an ornament on a closed card by hand: from where it is seen there to where it lies on its panel. Its face is
 * looked at with the card held upright.
 */
public final class OrnamentPlacing {
    /** So near the middle it is laid in the middle, millimetres. */
    private static final double SNAP = 1.5;

    private final Plan plan;
    private final Ornament ornament;
    private final Envelope panel;
    private final RigidMotion motion;
    private final boolean mirrored;

    private OrnamentPlacing(Plan plan, Ornament ornament, Panel panel, FoldedState closed) {
        this.plan = plan;
        this.ornament = ornament;
        this.panel = panel.bounds();
        this.motion = closed.position().get(ornament.on());
        this.mirrored = ornament.face() != closed.assembly().pattern(ornament.on().piece()).up();
    }

    /** An ornament of a plan; absent while its panel is not there or what it belongs to does not close. */
    public static Optional<OrnamentPlacing> of(Plan plan, Ornament ornament) {
        PanelRef on = ornament.on();
        return Optional.ofNullable(plan.pieces().get(on.piece())).map(piece -> piece.pattern())
                .flatMap(pattern -> pattern.panel(on.panel()))
                .flatMap(panel -> plan.workings().stacked().flat(on.piece())
                        .map(flat -> new OrnamentPlacing(plan, ornament, panel, flat.state())));
    }

    /**
     * Moved so far to the right and down on the piece as it lies flat with the ornament's face up, millimetres; on the
     * ruler, measured from the nearest edges, or in the middle where it comes near it.
     */
    public Ornament shifted(double right, double down) {
        Envelope box = box(right, down);
        return ornament.with(new Ornament.Put(along(box.getMinX(), box.getMaxX(), panel.getMinX(), panel.getMaxX()),
                along(box.getMinY(), box.getMaxY(), panel.getMinY(), panel.getMaxY()), ornament.put().turn()));
    }

    /** How a way on the closed card, seen from the front, goes on the panel seen with the ornament's face up. */
    public Coordinate onPanel(double right, double down) {
        Point3 way = motion.inverse().turn(new Point3(right, down, 0));
        return new Coordinate(mirrored ? -way.x() : way.x(), way.y());
    }

    /** As {@link #shifted}, but measured from where it was before. */
    public Ornament nudged(double right, double down) {
        Envelope box = box(right, down);
        Ornament.Put put = ornament.put();
        return ornament.with(new Ornament.Put(
                along(put.across().from(), box.getMinX(), box.getMaxX(), panel.getMinX(), panel.getMaxX()),
                along(put.down().from(), box.getMinY(), box.getMaxY(), panel.getMinY(), panel.getMaxY()), put.turn()));
    }

    private Envelope box(double right, double down) {
        Envelope box = box();
        box.translate(right, down);
        return box;
    }

    /** The same place from left to right, measured from elsewhere. */
    public Along across(Anchor from) {
        return along(from, box().getMinX(), box().getMaxX(), panel.getMinX(), panel.getMaxX());
    }

    /** The same place from top to bottom, measured from elsewhere. */
    public Along down(Anchor from) {
        return along(from, box().getMinY(), box().getMaxY(), panel.getMinY(), panel.getMaxY());
    }

    /** Its bounds on the panel, as the panel is seen with the ornament's face up. */
    private Envelope box() {
        Envelope own = OrnamentOutlines.turned(ornament).getEnvelopeInternal();
        double x = OrnamentOutlines.place(ornament.put().across(), panel.getMinX(), panel.getMaxX(), own.getWidth());
        double y = OrnamentOutlines.place(ornament.put().down(), panel.getMinY(), panel.getMaxY(), own.getHeight());
        return new Envelope(x, x + own.getWidth(), y, y + own.getHeight());
    }

    private Along along(double low, double high, double least, double most) {
        boolean isCentred = Math.abs(low + high - least - most) / 2 < SNAP;
        Anchor nearest = isCentred ? Anchor.MIDDLE : low - least <= most - high ? Anchor.START : Anchor.END;
        return isCentred ? Along.CENTRED : along(nearest, low, high, least, most);
    }

    private Along along(Anchor from, double low, double high, double least, double most) {
        double by = switch (from) {
            case START -> low - least;
            case MIDDLE -> (low + high - least - most) / 2;
            case END -> most - high;
        };
        return new Along(from, plan.project().step().nearest(Length.nearestToMillimetres(by)));
    }

    /** Where a side of the panel, seen with the ornament's face up as its piece lies flat, is on the upright card. */
    public Side seen(Side side) {
        Point3 on = motion.turn(new Point3(mirrored ? -side.x() : side.x(), side.y(), 0));
        Side front = held().seen(Side.towards(on.x(), on.y()));
        return looksBack() && front.x() != 0 ? Side.towards(-front.x(), front.y()) : front;
    }

    private Held held() {
        return plan.design().held(ornament.on().piece());
    }

    /** Whether its face looks to the back of the closed card. */
    public boolean looksBack() {
        return mirrored != motion.turnsOver();
    }

    /** The turn, degrees, with which it stands upright on the card. */
    public double upright() {
        Held held = held();
        Point3 top = motion.inverse().turn(new Point3(held.ownX(0, -1), held.ownY(0, -1), 0));
        double turn = Math.toDegrees(Math.atan2(mirrored ? -top.x() : top.x(), -top.y()));
        // Never −0, which would be written so.
        return Math.rint(turn * 1e6) / 1e6 + 0.0;
    }

    /** What is seen at a place of the closed card, the nearest first. */
    private static List<StackLayer> seen(ClosedStack stack, Coordinate place, boolean fromBack) {
        List<StackLayer> there = new ArrayList<>(stack.at(place));
        if (fromBack) {
            Collections.reverse(there);
        }
        return there;
    }

    /** The ornament that is seen at a place of the closed card, if one is. */
    public static Optional<Ornament> at(Plan plan, Coordinate place, boolean fromBack) {
        return plan.stack().flatMap(stack -> seen(stack, place, fromBack).stream().findFirst())
                .filter(layer -> layer.kind() == StackLayer.Kind.ORNAMENT)
                .flatMap(layer -> plan.design().ornament(layer.id()));
    }

    /**
     * A new ornament, a circle, upright in the middle of the panel that is seen at a place of the closed card; absent
     * where no paper is seen.
     */
    public static Optional<Ornament> fresh(Plan plan, Coordinate place, boolean fromBack, String id, String label) {
        Optional<PanelRef> seen = plan.stack().stream().flatMap(stack -> seen(stack, place, fromBack).stream())
                .flatMap(layer -> layer.panel().stream()).findFirst();
        return seen.map(panel -> {
            FoldedState closed = plan.closed().orElseThrow().state();
            CreasePattern pattern = closed.assembly().pattern(panel.piece());
            Face front = closed.position().get(panel).turnsOver() ? pattern.up().other() : pattern.up();
            return on(plan, panel, fromBack ? front.other() : front, id, label);
        });
    }

    /** The same on a panel that is named. */
    public static Ornament on(Plan plan, PanelRef panel, Face face, String id, String label) {
        Length across = plan.project().unit() == LengthUnit.INCH ? Length.ofInches(3, 2) : Length.ofMillimetres(40);
        Ornament flat = new Ornament(id, label, panel, face, new Ornament.Put(Along.CENTRED, Along.CENTRED, 0),
                new Ornament.Form(OrnamentShape.CIRCLE, across, across, Optional.empty()), Raise.FLAT.height(),
                Optional.empty());
        double turn = of(plan, flat).map(OrnamentPlacing::upright).orElse(0.0);
        return flat.with(new Ornament.Put(Along.CENTRED, Along.CENTRED, turn));
    }

    /** Its outline on the closed card, seen from the front. */
    public Polygon outline() {
        CreasePattern pattern = plan.pieces().get(ornament.on().piece()).pattern();
        return Footprints.of(OrnamentOutlines.on(ornament, pattern,
                pattern.panel(ornament.on().panel()).orElseThrow()), motion);
    }
}
