package cufflink.files.drawing;

import cufflink.crease.CreasePattern;
import cufflink.cut.Placement;
import cufflink.cut.SheetLayout;
import cufflink.design.Ornament;
import cufflink.design.SizedDesign;
import cufflink.drawing.Ink;
import cufflink.drawing.OrnamentDrawing;
import cufflink.drawing.PieceDrawing;
import cufflink.drawing.Shape;
import cufflink.plan.Plan;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * The lines of one true-to-size drawing, by layer.
 *
 * @param name   for the file
 * @param width  millimetres
 * @param height millimetres
 * @param layers cut, mountain, valley, decorative: always all four, in this order
 */
public record PlotLines(String name, double width, double height, Map<String, List<Shape.Path>> layers) {
    private static final Map<Ink, String> LAYERS = new LinkedHashMap<>();

    static {
        LAYERS.put(Ink.CUT, "cut");
        LAYERS.put(Ink.MOUNTAIN, "mountain");
        LAYERS.put(Ink.VALLEY, "valley");
        LAYERS.put(Ink.DECORATIVE, "decorative");
    }

    /** Every piece, every ornament that is no rectangle, and every sheet of a plan. */
    public static List<PlotLines> of(Plan plan) {
        List<PlotLines> all = new ArrayList<>();
        for (SizedDesign.Piece piece : plan.design().pieces()) {
            CreasePattern pattern = plan.pieces().get(piece.id()).pattern();
            all.add(of(piece.id(), piece.width().length().toMillimetres(), piece.height().length().toMillimetres(),
                    PieceDrawing.lines(piece, pattern)));
        }
        for (Ornament ornament : OrnamentDrawing.traced(plan)) {
            all.add(of("ornament-" + ornament.id(), ornament.form().width().toMillimetres(),
                    ornament.form().height().toMillimetres(), OrnamentDrawing.lines(ornament)));
        }
        int sheet = 1;
        for (SheetLayout layout : plan.layout().sheets()) {
            all.add(sheet("sheet-" + sheet++, plan, layout));
        }
        return all;
    }

    private static PlotLines sheet(String name, Plan plan, SheetLayout layout) {
        List<Shape> shapes = new ArrayList<>();
        double width = layout.stock().width().toMillimetres();
        double height = layout.stock().height().toMillimetres();
        shapes.add(closed(0, 0, width, height));
        for (Placement placement : layout.placements()) {
            shapes.addAll(placed(plan, placement));
        }
        return of(name, width, height, shapes);
    }

    private static Shape.Path closed(double x, double y, double width, double height) {
        return new Shape.Path("outline", Ink.CUT,
                List.of(new Shape.Spot(x, y), new Shape.Spot(x + width, y), new Shape.Spot(x + width, y + height),
                        new Shape.Spot(x, y + height), new Shape.Spot(x, y)));
    }

    /** A piece with its lines, turned a quarter to the right where it lies so; a layer's outline otherwise. */
    private static List<Shape> placed(Plan plan, Placement placement) {
        double x = placement.x().toMillimetres();
        double y = placement.y().toMillimetres();
        if (!plan.pieces().containsKey(placement.piece())) {
            return List.of(closed(x, y, placement.width().toMillimetres(), placement.height().toMillimetres()));
        }
        List<Shape> moved = new ArrayList<>();
        for (Shape shape : PieceDrawing.lines(plan.design().piece(placement.piece()),
                plan.pieces().get(placement.piece()).pattern())) {
            Shape.Path path = (Shape.Path) shape;
            moved.add(new Shape.Path(path.id(), path.ink(), path.points().stream().map(point -> placement.turned()
                    ? new Shape.Spot(x + placement.width().toMillimetres() - point.y(), y + point.x())
                    : point.plus(x, y)).toList()));
        }
        return moved;
    }

    private static PlotLines of(String name, double width, double height, List<Shape> shapes) {
        Map<String, List<Shape.Path>> layers = new LinkedHashMap<>();
        LAYERS.forEach((ink, layer) -> layers.put(layer,
                shapes.stream().filter(shape -> shape.ink() == ink).map(Shape.Path.class::cast).toList()));
        return new PlotLines(name, width, height, layers);
    }

    /** The ink of a layer. */
    static Ink ink(String layer) {
        return LAYERS.entrySet().stream().filter(entry -> entry.getValue().equals(layer)).findFirst().orElseThrow()
                .getKey();
    }
}
