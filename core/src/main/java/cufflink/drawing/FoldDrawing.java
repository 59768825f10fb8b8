package cufflink.drawing;

import cufflink.crease.Hinge;
import cufflink.crease.Panel;
import cufflink.design.Face;
import cufflink.drawing.Shape.Spot;
import cufflink.fold.FoldedPiece;
import cufflink.fold.FoldedState;
import cufflink.fold.Point3;
import cufflink.fold.RigidMotion;
import cufflink.mat.MatLayer;
import cufflink.paper.Stock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;

/**
 * Draws a folded piece in space. Layers that lie flat on each other are set apart by a hair along their own stacking direction, so that the
 * depth sort sees which is nearer; mats lie a hair above their face.
 */
public final class FoldDrawing {
    private static final double HAIR = 0.25;
    private static final double OPPOSITE_SHADE = 0.93;

    private final FoldedPiece piece;
    private final FoldedState state;
    private final List<String> order;
    private final View view;
    private final Stock stock;
    private final List<DepthSorter.Face3> faces = new ArrayList<>();

    private FoldDrawing(FoldedPiece piece, FoldedState state, List<String> order, View view, Stock stock) {
        this.piece = piece;
        this.state = state;
        this.order = order;
        this.view = view;
        this.stock = stock;
    }

    /**
     * The piece in a state.
     *
     * @param order the layers from the viewer's side down at the end of the current fold; may be empty
     * @param mats  with the colour for a layer's number
     * @param point millimetres a point
     */
    public static Picture draw(FoldedPiece piece, FoldedState state, List<String> order, View view, Stock stock, List<MatLayer> mats,
                               Map<Integer, Stock> matPapers, double point) {
        FoldDrawing drawing = new FoldDrawing(piece, state, order, view, stock);
        drawing.panels(mats, matPapers);
        List<Shape> shapes = new ArrayList<>();
        Envelope bounds = new Envelope();
        for (DepthSorter.Face3 face : DepthSorter.farToNear(drawing.faces)) {
            List<Spot> corners = face.seen().stream().map(seen -> new Spot(seen.x(), seen.y())).toList();
            corners.forEach(corner -> bounds.expandToInclude(corner.x(), corner.y()));
            shapes.add(new Shape.Area(face.id(), Ink.PAPER, corners, Optional.of(face.colour()), Optional.of(face.edge())));
        }
        drawing.creases(shapes);
        bounds.expandBy(4 * point);
        return new Picture(bounds, point, shapes);
    }

    private void panels(List<MatLayer> mats, Map<Integer, Stock> matPapers) {
        Map<String, Integer> depth = new HashMap<>();
        for (int i = 0; i < order.size(); i++) {
            depth.put(order.get(i), i);
        }
        for (Panel panel : state.pattern().panels()) {
            RigidMotion motion = state.position().get(panel.id());
            double lift = HAIR * 4 * (order.size() - depth.getOrDefault(panel.id(), order.size())) * direction(panel);
            add(panel.id(), panel.outline(), motion, lift, colour(panel, motion), Ink.PAPER_EDGE);
            for (MatLayer mat : mats) {
                if (mat.on().on().piece().equals(state.pattern().piece()) && mat.on().on().panel().equals(panel.id())) {
                    boolean onUp = mat.on().face() == state.pattern().up();
                    if (onUp == looksAtUs(motion)) {
                        String colour = matPapers.get(mat.layer()).face();
                        add(panel.id(), mat.outline(), motion, lift + HAIR * mat.layer() * (onUp ? 1 : -1), colour, Ink.DIMENSION);
                    }
                }
            }
        }
    }

    /** +1 if the final stack's upward direction is the panel's own up side, −1 if it is turned over there. */
    private double direction(Panel panel) {
        if (order.isEmpty() || piece.stages().isEmpty()) {
            return 1;
        }
        return finalState().position().get(panel.id()).turnsOver() ? -1 : 1;
    }

    /** The state whose order is being drawn: the end of the fold that is under way. */
    private FoldedState finalState() {
        return piece.stages().stream().filter(stage -> stage.order().equals(order)).findFirst().map(stage -> stage.after()).orElse(state);
    }

    private boolean looksAtUs(RigidMotion motion) {
        View.Seen base = seen(motion.apply(0, 0, 0));
        View.Seen above = seen(motion.apply(0, 0, 1));
        return above.near() > base.near();
    }

    private String colour(Panel panel, RigidMotion motion) {
        boolean up = looksAtUs(motion);
        Face face = up ? state.pattern().up() : state.pattern().up().other();
        String colour = face == Face.OUTSIDE ? stock.face() : stock.back();
        return up ? colour : Colours.shade(colour, OPPOSITE_SHADE);
    }

    private View.Seen seen(Point3 point) {
        return view.see(point.x(), point.y(), point.z());
    }

    private void add(String id, Polygon outline, RigidMotion motion, double lift, String colour, Ink edge) {
        Coordinate[] ring = outline.getExteriorRing().getCoordinates();
        List<View.Seen> corners = Arrays.stream(ring, 0, ring.length - 1).map(corner -> seen(motion.apply(corner.x, corner.y, lift))).toList();
        faces.add(new DepthSorter.Face3(id, corners, colour, edge));
    }

    /** Creases still flat are drawn on the panels that can be seen from above only; folded ones show as edges. */
    private void creases(List<Shape> shapes) {
        for (Hinge hinge : state.pattern().hinges()) {
            double angle = state.angles().getOrDefault(hinge.crease(), 0.0);
            RigidMotion motion = state.position().get(hinge.first());
            if (angle == 0 && looksAtUs(motion) && order.isEmpty()) {
                View.Seen a = seen(motion.apply(hinge.at().p0));
                View.Seen b = seen(motion.apply(hinge.at().p1));
                shapes.add(Shape.line(hinge.crease(), PieceDrawing.ink(hinge.fold()), a.x(), a.y(), b.x(), b.y()));
            }
        }
    }
}
