package cufflink.drawing;

import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.crease.Panel;
import cufflink.design.CreaseRef;
import cufflink.design.Face;
import cufflink.design.PanelRef;
import cufflink.drawing.Shape.Spot;
import cufflink.fold.Point3;
import cufflink.fold.RigidMotion;
import cufflink.fold.SpreadState;
import cufflink.mat.MatLayer;
import cufflink.paper.Stock;
import cufflink.stack.Attached;
import cufflink.stack.SoftSpan;
import cufflink.stack.StackLayer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Draws folded paper in space, sorted by depth. Layers that lie flat on each other are set apart, so that the sort sees
 * which is nearer; mats lie a hair above their face. The inside face of a paper is drawn a little darker than the
 * outside, and faces that turn from the light a little more.
 */
public final class FoldDrawing {
    private static final double HAIR = 0.12;
    private static final double INSIDE_SHADE = 0.93;
    /** How much darker a face seen edge on is than one seen square on. */
    private static final double SLANT_SHADE = 0.16;
    /** From how square on the names of pages are shown. */
    private static final double LEGIBLE = 0.5;
    private static final AffineTransformation MIRROR = AffineTransformation.scaleInstance(-1, 1);

    private final FoldScene scene;
    private final View view;
    private final double point;
    private final LiftedPaper lifted;
    private final List<DepthSorter.Face3> faces = new ArrayList<>();

    private FoldDrawing(FoldScene scene, View view, double point) {
        this.scene = scene;
        this.view = view;
        this.point = point;
        this.lifted = new LiftedPaper(scene);
    }

    /**
     * The scene; {@code point} is millimetres a point. Every area and line carries its panel as {@code piece.panel}.
     */
    public static Picture draw(FoldScene scene, View view, double point) {
        List<Shape> shapes = new ArrayList<>();
        sorted(scene, view, point).forEach(face -> shapes.addAll(face.shapes()));
        return new Picture(bounds(scene, view, point), point, shapes);
    }

    private static List<DepthSorter.Face3> sorted(FoldScene scene, View view, double point) {
        FoldDrawing drawing = new FoldDrawing(scene, view, point);
        scene.state().assembly().pieces().forEach(drawing::addPiece);
        scene.trim().spans().forEach(drawing::addSpan);
        scene.trim().spines().forEach(drawing::addSpine);
        return DepthSorter.farToNear(drawing.faces);
    }

    /** What shows of the scene, the largest share first. */
    static List<Shown> shown(FoldScene scene, View view) {
        return Shown.of(sorted(scene, view, 1));
    }

    /** What the scene takes up on the picture. */
    public static Envelope bounds(FoldScene scene, View view, double point) {
        Envelope bounds = new Envelope();
        for (PanelRef panel : scene.state().assembly().panels()) {
            scene.state().corners(panel).forEach(corner -> {
                View.Seen seen = view.see(corner.x(), corner.y(), corner.z());
                bounds.expandToInclude(seen.x(), seen.y());
            });
        }
        bounds.expandBy(4 * point);
        return bounds;
    }

    private void addPiece(CreasePattern pattern) {
        for (Panel panel : pattern.panels()) {
            addPanel(pattern, panel, new PanelRef(pattern.piece(), panel.id()));
        }
    }

    private void addPanel(CreasePattern pattern, Panel panel, PanelRef ref) {
        RigidMotion motion = scene.state().position().get(ref);
        double lift = scene.lift().getOrDefault(ref, 0.0);
        boolean upSeen = looksAtUs(motion);
        Face seen = upSeen ? pattern.up() : pattern.up().other();
        Stock stock = scene.papers().get(ref.piece());
        List<Shape> paper = new ArrayList<>();
        String colour = seen == Face.OUTSIDE ? stock.face() : stock.back();
        Optional<Polygon> whole = Optional.ofNullable(scene.whole().get(ref));
        List<Spot> outline = whole.map(closed -> Outlines.corners(closed.getExteriorRing()).stream()
                .map(corner -> lifted.at(ref, corner)).toList()).orElseGet(() -> lifted.ring(ref)).stream()
                .map(this::spot).toList();
        paper.add(new Shape.Area(ref.toString(), Ink.PAPER, outline, holes(whole.orElse(panel.outline()), motion, lift),
                shaded(colour, seen, motion),
                Optional.of(Colours.isLight(colour) ? Ink.PAPER_EDGE : Ink.DARK_PAPER_EDGE)));
        paper.addAll(print(pattern, panel, ref, stock, seen));
        pattern.hinges().stream().filter(hinge -> hinge.joins(panel.id()) && hinge.folds())
                .forEach(hinge -> addCrease(ref, hinge, upSeen, paper));
        pattern.bends(panel.id()).forEach(bend -> addBend(ref, bend, upSeen, paper));
        scene.trim().ribs().stream().filter(rib -> rib.on().equals(ref)).forEach(rib -> paper.add(
                new Shape.Path(rib.score(), Ink.DECORATIVE,
                        List.of(spot(motion.apply(rib.at().p0.x, rib.at().p0.y, lift)),
                                spot(motion.apply(rib.at().p1.x, rib.at().p1.y, lift))))));
        if (squareness(motion) > LEGIBLE) {
            Envelope bounds = panel.outline().getEnvelopeInternal();
            Spot middle = spot(motion.apply(bounds.centre().x,
                    bounds.getMinY() + PageNames.DOWN * bounds.getHeight(), lift));
            PageNames.label(scene.pages(), ref, seen, middle, bounds.getHeight(), colour, point).ifPresent(paper::add);
        }
        faces.add(new DepthSorter.Face3(Shown.panel(seen, panel.label()), ring(panel.outline(), motion, lift),
                paper));
        for (MatLayer mat : scene.mats()) {
            if (mat.on().face() == seen) {
                mat.on(ref, panel.outline()).ifPresent(
                        there -> addMat(ref, mat, there, motion, lift + HAIR * mat.layer() * (upSeen ? 1 : -1)));
            }
        }
        double above = HAIR * (scene.layers().size() + 1);
        // An ornament may be seen from behind, where it reaches past its panel, and so may contents.
        for (Attached trim : scene.trim().on()) {
            if (trim.on().equals(ref) && (trim.face() == seen || trim.kind() == StackLayer.Kind.ORNAMENT
                    || trim.kind() == StackLayer.Kind.CONTENTS)) {
                addTrim(ref, trim, motion, lift + above * (trim.face() == pattern.up() ? 1 : -1));
                above += HAIR / 10;
            }
        }
    }

    /** What is printed on a panel; on the face that lies down in the piece, right is left. */
    private List<Shape> print(CreasePattern pattern, Panel panel, PanelRef ref, Stock stock, Face seen) {
        boolean mirrored = seen != pattern.up();
        Polygon region = mirrored ? (Polygon) MIRROR.transform(panel.outline()) : panel.outline();
        return PrintDrawing.draw(stock, seen == Face.OUTSIDE, region,
                at -> spot(lifted.on(ref, new Coordinate(mirrored ? -at.x : at.x, at.y))),
                light(seen, scene.state().position().get(ref)));
    }

    private void addTrim(PanelRef ref, Attached trim, RigidMotion motion, double lift) {
        List<View.Seen> ring = ring(trim.outline(), motion, lift);
        Ink ink = TrimDrawing.ink(trim);
        // What lies in a pocket is no part of the panel that it moves with.
        String id = trim.kind() == StackLayer.Kind.CONTENTS ? trim.label() : ref.toString();
        faces.add(strip(trim.label(), id, ink, scene.trim().colours().getOrDefault(trim.id(), ink.colour()),
                ring));
    }

    private void addSpan(SoftSpan span) {
        faces.add(strip(span.label(), span.label(), Ink.SOFT, Ink.SOFT.colour(),
                span.corners().stream().map(this::seen).toList()));
    }

    private void addSpine(SpreadState.Spine spine) {
        Face up = scene.state().assembly().pattern(spine.piece()).up();
        Face seen = looksAtUs(spine.place()) ? up : up.other();
        Stock stock = scene.papers().get(spine.piece());
        List<View.Seen> ring = ring(spine.outline(), spine.place(), 0);
        // What lies over the whole piece lies over its spine.
        String colour = scene.mats().stream()
                .filter(mat -> mat.on().isWhole() && mat.on().on().piece().equals(spine.piece())
                        && mat.on().face() == seen)
                .reduce((lower, higher) -> higher).map(mat -> scene.layers().get(mat.layer()).face())
                .orElse(seen == Face.OUTSIDE ? stock.face() : stock.back());
        faces.add(new DepthSorter.Face3(seen.word() + " of the spine", ring,
                List.of(new Shape.Area(spine.piece(), Ink.PAPER,
                        ring.stream().map(corner -> new Spot(corner.x(), corner.y())).toList(), List.of(),
                        shaded(colour, seen, spine.place()),
                        Optional.of(Colours.isLight(colour) ? Ink.PAPER_EDGE : Ink.DARK_PAPER_EDGE)))));
    }

    private static DepthSorter.Face3 strip(String label, String id, Ink ink, String colour,
            List<View.Seen> ring) {
        return new DepthSorter.Face3(label, ring, List.of(new Shape.Area(id, ink,
                ring.stream().map(seen -> new Spot(seen.x(), seen.y())).toList(), List.of(),
                Optional.of(colour), Optional.of(Ink.DIMENSION))));
    }

    private void addMat(PanelRef ref, MatLayer mat, Polygon outline, RigidMotion motion, double lift) {
        Stock paper = scene.layers().get(mat.layer());
        List<Shape> shapes = new ArrayList<>();
        List<View.Seen> ring = ring(outline, motion, lift);
        List<Spot> seen = ring.stream().map(corner -> new Spot(corner.x(), corner.y())).toList();
        shapes.add(new Shape.Area(ref.toString(), Ink.MAT, seen, holes(outline, motion, lift),
                shaded(paper.face(), Face.OUTSIDE, motion), Optional.of(Ink.DIMENSION)));
        int top = mat.on().face() == Face.OUTSIDE ? scene.top().getOrDefault(ref, 0) : 0;
        boolean mirrored = mat.on().face() != scene.state().assembly().pattern(ref.piece()).up();
        shapes.addAll(PrintDrawing.draw(paper, true, laid(outline, top, mirrored),
                at -> {
                    Coordinate there = unlaid(at, outline, top, mirrored);
                    return spot(motion.apply(there.x, there.y, lift));
                }, light(Face.OUTSIDE, motion)));
        if (paper.directional() && !paper.print().isOn(true)) {
            addDirection(ref, outline, top, motion, lift, shapes);
        }
        faces.add(new DepthSorter.Face3(mat.label(), ring, shapes));
    }

    /** A layer as its own paper lies, the top of its pattern up, about its middle. */
    private static Polygon laid(Polygon outline, int top, boolean mirrored) {
        Coordinate middle = outline.getEnvelopeInternal().centre();
        AffineTransformation turn = AffineTransformation.translationInstance(-middle.x, -middle.y)
                .rotate(Math.toRadians(-top));
        return (Polygon) (mirrored ? turn.scale(-1, 1) : turn).transform(outline);
    }

    /** Where a point of a layer's paper lies on its piece. */
    private static Coordinate unlaid(Coordinate at, Polygon outline, int top, boolean mirrored) {
        Coordinate middle = outline.getEnvelopeInternal().centre();
        double x = mirrored ? -at.x : at.x;
        double turn = Math.toRadians(top);
        return new Coordinate(middle.x + x * Math.cos(turn) - at.y * Math.sin(turn),
                middle.y + x * Math.sin(turn) + at.y * Math.cos(turn));
    }

    /** An arrow towards the top of the pattern, turned from the top of the piece by degrees. */
    private void addDirection(PanelRef ref, Polygon outline, int turned, RigidMotion motion, double lift,
            List<Shape> shapes) {
        Coordinate centre = outline.getCentroid().getCoordinate();
        double reach = Math.min(outline.getEnvelopeInternal().getHeight() / 4, 12);
        double barb = reach / 3;
        RigidMotion spin = RigidMotion.spin(centre, turned);
        List<Coordinate> arrow = List.of(new Coordinate(centre.x, centre.y + reach),
                new Coordinate(centre.x, centre.y - reach), new Coordinate(centre.x - barb, centre.y - reach + barb),
                new Coordinate(centre.x, centre.y - reach), new Coordinate(centre.x + barb, centre.y - reach + barb));
        shapes.add(new Shape.Path(ref.toString(), Ink.DIMENSION, arrow.stream().map(corner -> {
            Point3 at = spin.apply(corner);
            return spot(motion.apply(at.x(), at.y(), lift));
        }).toList()));
    }

    /** It is drawn flat, since nothing turns there. */
    private void addBend(PanelRef ref, CreasePattern.Bend bend, boolean upSeen, List<Shape> shapes) {
        List<Spot> ends = List.of(spot(lifted.at(ref, bend.at().p0)), spot(lifted.at(ref, bend.at().p1)));
        if (scene.marked().contains(new CreaseRef(ref.piece(), bend.crease()))) {
            shapes.add(new Shape.Path(bend.crease(), Ink.NOW, ends));
        }
        shapes.add(new Shape.Path(bend.crease(),
                PieceDrawing.ink(upSeen ? bend.fold() : bend.fold().seenFromBehind()), ends));
    }

    /** Flat creases are drawn by their kind as seen from this side; marked ones as "now" whatever their angle. */
    private void addCrease(PanelRef ref, Hinge hinge, boolean upSeen, List<Shape> shapes) {
        CreaseRef crease = new CreaseRef(ref.piece(), hinge.crease());
        LineSegment at = hinge.side(ref.panel());
        List<Spot> ends = List.of(spot(lifted.at(ref, at.p0)), spot(lifted.at(ref, at.p1)));
        if (scene.marked().contains(crease)) {
            shapes.add(new Shape.Path(crease.crease(), Ink.NOW, ends));
        }
        if (Math.abs(scene.state().angle(crease)) < 1) {
            shapes.add(new Shape.Path(crease.crease(),
                    PieceDrawing.ink(upSeen ? hinge.fold() : hinge.fold().seenFromBehind()), ends));
        }
    }

    private boolean looksAtUs(RigidMotion motion) {
        return seen(motion.apply(0, 0, 1)).near() > seen(motion.apply(0, 0, 0)).near();
    }

    private Optional<String> shaded(String colour, Face face, RigidMotion motion) {
        return Optional.of(Colours.shade(colour, light(face, motion)));
    }

    private double light(Face face, RigidMotion motion) {
        return (face == Face.INSIDE ? INSIDE_SHADE : 1) * (1 - SLANT_SHADE * (1 - squareness(motion)));
    }

    /** 1 for what is looked at square on, 0 for what is seen edge on. */
    private double squareness(RigidMotion motion) {
        return Math.abs(seen(motion.apply(0, 0, 1)).near() - seen(motion.apply(0, 0, 0)).near());
    }

    private View.Seen seen(Point3 place) {
        return view.see(place.x(), place.y(), place.z());
    }

    private Spot spot(Point3 place) {
        View.Seen seen = seen(place);
        return new Spot(seen.x(), seen.y());
    }

    private List<View.Seen> ring(Polygon outline, RigidMotion motion, double lift) {
        return Outlines.corners(outline.getExteriorRing()).stream()
                .map(corner -> seen(motion.apply(corner.x, corner.y, lift))).toList();
    }

    private List<List<Spot>> holes(Polygon outline, RigidMotion motion, double lift) {
        return Outlines.holes(outline).stream()
                .map(hole -> hole.stream().map(corner -> spot(motion.apply(corner.x, corner.y, lift))).toList())
                .toList();
    }
}
