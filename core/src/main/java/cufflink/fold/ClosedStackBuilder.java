package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.crease.Panel;
import cufflink.design.Face;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign.Glue;
import cufflink.design.SizedDesign.Offset;
import cufflink.design.SizedDesign.Pocket;
import cufflink.measure.Length;
import cufflink.paper.Contents;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * Stacks the folded main piece, the pieces glued onto its panels, the mats on every panel, and the contents of the pockets.
 * The thickest place is sought between all sides of all layers, which finds it for upright outlines.
 */
public final class ClosedStackBuilder {
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private final Map<String, FoldedPiece> pieces;
    private final Map<String, Length> calipers;
    private final List<Attached> attached;
    private final List<StackLayer> layers = new ArrayList<>();

    private ClosedStackBuilder(Map<String, FoldedPiece> pieces, Map<String, Length> calipers, List<Attached> attached) {
        this.pieces = pieces;
        this.calipers = calipers;
        this.attached = attached;
    }

    /**
     * The closed card.
     *
     * @param main     id of the piece the others are glued on
     * @param pieces   all pieces, each folded flat
     * @param glue     pieces glued on panels are those with a place; they follow the piece that they lie on
     * @param calipers thickness by piece id
     * @param contents by pocket, for the pockets that hold something
     */
    public static ClosedStack build(String main, Map<String, FoldedPiece> pieces, List<Glue> glue, Map<String, Length> calipers,
                                    List<Attached> attached, Map<Pocket, Contents> contents) {
        ClosedStackBuilder builder = new ClosedStackBuilder(pieces, calipers, attached);
        builder.layers.addAll(builder.piece(main, RigidMotion.STAY, false));
        for (Glue joint : glue) {
            joint.at().ifPresent(at -> builder.place(joint, at));
        }
        contents.forEach(builder::fill);
        return builder.stack();
    }

    /** The layers of one folded piece from the viewer's side down, moved as a whole. */
    private List<StackLayer> piece(String id, RigidMotion motion, boolean turnedOver) {
        FoldedPiece piece = pieces.get(id);
        FlatFoldedState flat = piece.flat().orElseThrow();
        List<StackLayer> result = new ArrayList<>();
        for (String panelId : flat.order()) {
            Panel panel = piece.pattern().panel(panelId).orElseThrow();
            RigidMotion place = motion.after(flat.state().position().get(panelId));
            result.addAll(panel(piece.pattern(), panel, place, flat.state().position().get(panelId).turnsOver()));
        }
        if (turnedOver) {
            Collections.reverse(result);
            result.replaceAll(layer -> new StackLayer(layer.kind(), layer.label(), layer.panel(), layer.level(), layer.facing().other(),
                    layer.footprint(), layer.thickness()));
        }
        return result;
    }

    private List<StackLayer> panel(CreasePattern pattern, Panel panel, RigidMotion place, boolean turned) {
        PanelRef ref = new PanelRef(pattern.piece(), panel.id());
        Face facing = turned ? pattern.up().other() : pattern.up();
        List<StackLayer> result = new ArrayList<>();
        attached.stream().filter(mat -> mat.on().equals(ref) && mat.face() == facing).forEach(mat -> result.add(0, mat(mat, place)));
        result.add(new StackLayer(StackLayer.Kind.PANEL, panel.label(), Optional.of(ref), 0, facing,
                Footprints.of(panel.outline(), place), calipers.get(pattern.piece())));
        attached.stream().filter(mat -> mat.on().equals(ref) && mat.face() != facing).forEach(mat -> result.add(mat(mat, place)));
        return result;
    }

    private static StackLayer mat(Attached mat, RigidMotion place) {
        return new StackLayer(StackLayer.Kind.MAT, mat.label(), Optional.of(mat.on()), mat.layer(), mat.face(),
                Footprints.of(mat.outline(), place), mat.thickness());
    }

    /** Lays a folded piece on a panel: on its up face as it is, on its other face turned over. */
    private void place(Glue joint, Offset at) {
        FoldedPiece host = pieces.get(joint.onto().piece());
        FoldedPiece guest = pieces.get(joint.part().piece());
        Panel hostPanel = host.pattern().panel(joint.onto().panel()).orElseThrow();
        Panel guestPanel = guest.pattern().panel(joint.part().panel()).orElseThrow();
        boolean onUpFace = joint.face() == host.pattern().up();
        double x = hostPanel.bounds().getMinX() + at.x().toMillimetres() - guestPanel.bounds().getMinX();
        double y = hostPanel.bounds().getMinY() + at.y().toMillimetres() - guestPanel.bounds().getMinY();
        RigidMotion lay = RigidMotion.shift(x, y);
        if (!onUpFace) {
            lay = RigidMotion.mirrorAt(hostPanel.bounds().centre().x).after(lay);
        }
        RigidMotion hostMotion = host.flat().orElseThrow().state().position().get(joint.onto().panel());
        boolean looksUp = onUpFace != hostMotion.turnsOver();
        int index = indexOf(joint.onto());
        layers.addAll(looksUp ? index : index + 1, piece(joint.part().piece(), hostMotion.after(lay), !looksUp));
    }

    private int indexOf(PanelRef ref) {
        for (int i = 0; i < layers.size(); i++) {
            StackLayer layer = layers.get(i);
            if (layer.kind() == StackLayer.Kind.PANEL && layer.panel().filter(ref::equals).isPresent()) {
                return i;
            }
        }
        throw new IllegalStateException("no layer for panel " + ref);
    }

    /** The contents lie at the closed end of the pocket, in the middle of its width. */
    private void fill(Pocket pocket, Contents item) {
        int front = indexOf(pocket.definition().front());
        int back = indexOf(pocket.definition().back());
        CreasePattern pattern = pieces.get(pocket.definition().back().piece()).pattern();
        Envelope panel = pattern.panel(pocket.definition().back().panel()).orElseThrow().bounds();
        double w = item.width().toMillimetres();
        double h = item.height().toMillimetres();
        Coordinate c = panel.centre();
        Envelope lies = switch (pocket.definition().open()) {
            case TOP -> new Envelope(c.x - w / 2, c.x + w / 2, panel.getMaxY() - h, panel.getMaxY());
            case BOTTOM -> new Envelope(c.x - w / 2, c.x + w / 2, panel.getMinY(), panel.getMinY() + h);
            case LEFT -> new Envelope(panel.getMaxX() - h, panel.getMaxX(), c.y - w / 2, c.y + w / 2);
            case RIGHT -> new Envelope(panel.getMinX(), panel.getMinX() + h, c.y - w / 2, c.y + w / 2);
        };
        StackLayer host = layers.get(back);
        Polygon footprint = Footprints.of((Polygon) FACTORY.toGeometry(lies), placed(pocket.definition().back(), host));
        layers.add(Math.max(front, back), new StackLayer(StackLayer.Kind.CONTENTS, item.name(), Optional.empty(), 0, Face.OUTSIDE,
                footprint, item.thickness()));
    }

    /** How a panel of a piece that may lie on another came to its layer's place. */
    private RigidMotion placed(PanelRef ref, StackLayer layer) {
        FoldedPiece piece = pieces.get(ref.piece());
        RigidMotion own = piece.flat().orElseThrow().state().position().get(ref.panel());
        Envelope folded = Footprints.of(piece.pattern().panel(ref.panel()).orElseThrow().outline(), own).getEnvelopeInternal();
        Envelope stacked = layer.footprint().getEnvelopeInternal();
        return RigidMotion.shift(stacked.getMinX() - folded.getMinX(), stacked.getMinY() - folded.getMinY()).after(own);
    }

    private ClosedStack stack() {
        Envelope bounds = new Envelope();
        TreeSet<Double> xs = new TreeSet<>();
        TreeSet<Double> ys = new TreeSet<>();
        for (StackLayer layer : layers) {
            Envelope box = layer.footprint().getEnvelopeInternal();
            if (layer.kind() == StackLayer.Kind.PANEL) {
                bounds.expandToInclude(box);
            }
            xs.addAll(List.of(box.getMinX(), box.getMaxX()));
            ys.addAll(List.of(box.getMinY(), box.getMaxY()));
        }
        Length most = Length.ZERO;
        Coordinate thickest = bounds.centre();
        for (double x : middles(xs)) {
            for (double y : middles(ys)) {
                Length here = thickness(x, y);
                if (here.isLongerThan(most)) {
                    most = here;
                    thickest = new Coordinate(x, y);
                }
            }
        }
        return new ClosedStack(layers, bounds, most, thickest);
    }

    private static List<Double> middles(TreeSet<Double> sides) {
        List<Double> middles = new ArrayList<>();
        Double last = null;
        for (Double side : sides) {
            if (last != null && side - last > 1e-6) {
                middles.add((side + last) / 2);
            }
            last = side;
        }
        return middles;
    }

    private Length thickness(double x, double y) {
        Length sum = Length.ZERO;
        for (StackLayer layer : layers) {
            Envelope box = layer.footprint().getEnvelopeInternal();
            if (x > box.getMinX() && x < box.getMaxX() && y > box.getMinY() && y < box.getMaxY()) {
                sum = sum.plus(layer.thickness());
            }
        }
        return sum;
    }
}
