package cufflink.drawing;

import cufflink.crease.CreasePattern;
import cufflink.crease.Openings;
import cufflink.design.Score;
import cufflink.design.SizedDesign;
import cufflink.design.SizedDesign.Glue;
import cufflink.fold.FoldStage;
import cufflink.fold.GluePatch;
import cufflink.mat.LayerForm;
import cufflink.mat.MatLayer;
import cufflink.measure.Length;
import cufflink.paper.PaperRole;
import cufflink.plan.GlueScene;
import cufflink.plan.KnifeMark;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.RunStep;
import cufflink.plan.Slanting;
import cufflink.plan.StepSubject;
import cufflink.score.ScoreSetup;
import cufflink.score.Slant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;

/** Draws the paper as it lies on the bench in a step of the run sheet. */
public final class StepDrawing {
    /** The radius of a knife mark, points. */
    private static final double KNIFE_MARK = 8;
    private static final double SMALLEST_MARK = 5;
    private final Plan plan;
    private final RunStep step;
    private final Moment moment;
    private final double point;

    /**
     * What within the step is to be seen.
     *
     * @param reading index of the number that is next, −1 for none
     * @param folded  how far the fold of this step has gone, 0 to 1
     * @param view    for folds
     * @param rulers  whether it is shown on the bench: scoring with rulers and pins
     */
    public record Moment(int reading, double folded, View view, boolean rulers) {
        /** The step finished, seen a little from the side, for print. */
        public static Moment done() {
            return new Moment(-1, 0.72, View.TILTED, false);
        }
    }

    private StepDrawing(Plan plan, RunStep step, Moment moment, double point) {
        this.plan = plan;
        this.step = step;
        this.moment = moment;
        this.point = point;
    }

    /** The picture; {@code point} is millimetres a point. */
    public static Picture draw(Plan plan, RunStep step, Moment moment, double point) {
        return new StepDrawing(plan, step, moment, point).picture();
    }

    private Picture picture() {
        return step.subject().accept(new StepSubject.Cases<>() {
            @Override
            public Picture sheet(StepSubject.OfSheet sheet) {
                int now = moment.reading() < 0 || moment.reading() >= step.readings().size() ? 0
                        : sheet.layout().cuts().get(moment.reading()).number();
                return SheetDrawing.draw(sheet.layout(), now, colourOf(sheet), plan.format(), point);
            }

            @Override
            public Picture scores(StepSubject.OfScores scores) {
                return scored(scores.setup());
            }

            @Override
            public Picture layers(StepSubject.OfLayers layers) {
                return laid(layers.layers());
            }

            @Override
            public Picture mounted(StepSubject.OfMounted layers) {
                return layersOnPiece(layers);
            }

            @Override
            public Picture piece(StepSubject.OfPiece piece) {
                return withKnifeMarks(flat(piece.piece()));
            }

            @Override
            public Picture fold(StepSubject.OfFold fold) {
                return folded(fold);
            }

            @Override
            public Picture glue(StepSubject.OfGlue glue) {
                return glued(glue.glue());
            }

            @Override
            public Picture part(StepSubject.OfPart part) {
                String piece = plan.design().main(part.part()).orElseThrow().id();
                Optional<Picture> wrapped = WrappedDrawing.rounds(plan).contains(part.part())
                        ? WrappedDrawing.upTo(plan, part.part(), false, point) : Optional.empty();
                return wrapped.or(() -> ClosedDrawing.draw(plan, piece, point)).orElseGet(() -> flat(piece));
            }

            @Override
            public Picture strands(StepSubject.OfStrands strands) {
                return TrimDrawing.strands(strands.ways(), plan.format(), point);
            }

            @Override
            public Picture trim(StepSubject.OfTrim trim) {
                boolean mirrored = trim.face() != plan.design().piece(trim.panel().piece()).up();
                return TrimDrawing.on(plan, trim, flat(trim.panel().piece(), mirrored), mirrored);
            }

            @Override
            public Picture pages(StepSubject.OfPages pages) {
                return PagesDrawing.draw(plan, point).orElseGet(() -> flat(plan.design().main().id()));
            }

            @Override
            public Picture card(StepSubject.OfCard card) {
                return CardDrawing.draw(plan, point).orElseGet(() -> flat(plan.design().main().id()));
            }
        });
    }

    private String colourOf(StepSubject.OfSheet sheet) {
        return plan.project().papers().chosen().values().stream()
                .filter(stock -> stock.name().equals(sheet.layout().stock().name())).findFirst()
                .map(stock -> stock.face()).orElse("#FFFFFF");
    }

    /** A step of knife work with all its marks, for print. */
    public static Picture knifeWork(Plan plan, RunStep step, double point) {
        StepDrawing drawing = new StepDrawing(plan, step, Moment.done(), point);
        String piece = ((StepSubject.OfPiece) step.subject()).piece();
        return drawing.withKnifeMarks(drawing.flat(piece), KnifeMark.told(plan, step));
    }

    /** With the marks of what is cut away now. */
    private Picture withKnifeMarks(Picture flat) {
        List<KnifeMark.Told> marks = KnifeMark.told(plan, step);
        List<SizedDesign.CutOut> inHand = marks.stream().filter(mark -> isNow(mark.id())).map(KnifeMark.Told::cut)
                .toList();
        return withKnifeMarks(flat, marks.stream().filter(mark -> inHand.contains(mark.cut())).toList());
    }

    /** With marks, numbered as the knife comes to them. */
    private Picture withKnifeMarks(Picture flat, List<KnifeMark.Told> marks) {
        double radius = Math.max(SMALLEST_MARK, Math.min(KNIFE_MARK, closest(marks) / flat.point() / 2));
        return flat.with(marks.stream().<Shape>map(mark -> new Shape.Mark(mark.id(),
                isNow(mark.id()) ? Ink.TEXT : Ink.BLADE, spot(mark),
                String.valueOf(mark.number()), radius, isNow(mark.id()) ? Ink.NOW.colour() : Ink.PAPER.colour(),
                Ink.BLADE)).toList());
    }

    private static Shape.Spot spot(KnifeMark.Told mark) {
        return new Shape.Spot(mark.mark().x().toMillimetres(), mark.mark().y().toMillimetres());
    }

    /** How far apart the two marks are that lie closest, millimetres. */
    private static double closest(List<KnifeMark.Told> marks) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < marks.size(); i++) {
            for (KnifeMark.Told other : marks.subList(i + 1, marks.size())) {
                Shape.Spot one = spot(marks.get(i));
                double apart = Math.hypot(one.x() - spot(other).x(), one.y() - spot(other).y());
                least = apart > 0 ? Math.min(least, apart) : least;
            }
        }
        return least;
    }

    private Picture flat(String id) {
        return flat(id, false);
    }

    private Picture flat(String id, boolean mirrored) {
        SizedDesign.Piece piece = plan.design().piece(id);
        return PieceDrawing.draw(piece, plan.pieces().get(id).pattern(), plan.uncut(id, step.number()), mirrored, point,
                Optional.empty(), Optional.of(PieceDrawing.Naming.of(plan)));
    }

    /** A piece as it lies to be scored in a step, with the names of its panels. */
    public static Picture lying(Plan plan, RunStep step, ScoreSetup setup, double point) {
        Picture flat = PieceDrawing.draw(plan.design().piece(setup.piece()),
                plan.pieces().get(setup.piece()).pattern(), plan.uncut(setup.piece(), step.number()), setup.mirrored(),
                point, Optional.empty(), Optional.of(PieceDrawing.Naming.of(plan).turned(setup.turned())));
        return setup.turned() ? PictureTurn.quarter(flat) : flat;
    }

    private Picture scored(ScoreSetup setup) {
        Picture lying = lying(plan, step, setup, point);
        List<Shape> shapes = new ArrayList<>();
        if (!setup.slants().isEmpty()) {
            shapes.add(uncut(lying));
        }
        for (Shape shape : lying.shapes()) {
            if (shape instanceof Shape.Path path
                    && (isNow(shape.id()) || isNow(shape.id() + Slanting.FROM) || isNow(shape.id() + Slanting.TO))) {
                shapes.add(new Shape.Path(path.id(), Ink.HIGHLIGHT, path.points()));
            }
            shapes.add(shape);
        }
        setup.slants().stream()
                .filter(slant -> isNow(slant.score() + Slanting.FROM) || isNow(slant.score() + Slanting.TO))
                .forEach(slant -> shapes.addAll(marks(slant, lying, isNow(slant.score() + Slanting.FROM))));
        Envelope bounds = new Envelope(lying.bounds());
        if (moment.rulers()) {
            double width = lying.width() + 40 * point;
            double height = lying.height() + 16 * point;
            List<Length> pins = setup.positions().stream().map(ScoreSetup.Position::at).toList();
            shapes.addAll(0, RulerDrawing.draw(plan.project().step(), false, width, pins, point));
            shapes.addAll(0, RulerDrawing.draw(plan.project().step(), true, height, List.of(), point));
            shapes.addAll(RulerDrawing.pins(setup.positions(), moment.reading(), plan.format(), point));
            bounds.expandToInclude(-RulerDrawing.depth() * point, -(RulerDrawing.depth() + 6) * point);
            bounds.expandToInclude(width, height);
        }
        return new Picture(bounds, point, shapes);
    }

    /** The sheet before anything is cut away: its edges carry the marks. */
    private static Shape uncut(Picture lying) {
        return Shape.rectangle("sheet", Ink.WASTE, 0, 0, lying.width(), lying.height(), Optional.empty(),
                Optional.of(Ink.CUT));
    }

    /** The line from mark to mark, and the mark that is next. */
    private static List<Shape> marks(Slant slant, Picture lying, boolean first) {
        Shape.Spot from = spot(slant.from(), lying);
        Shape.Spot to = spot(slant.to(), lying);
        Shape.Spot now = first ? from : to;
        return List.of(new Shape.Path("", Ink.DIMENSION, List.of(from, to)),
                new Shape.Mark("", Ink.NOW, now, "", 5, Ink.NOW.colour(), Ink.CUT));
    }

    private static Shape.Spot spot(Slant.Mark mark, Picture lying) {
        double at = mark.at().toMillimetres();
        return switch (mark.edge()) {
            case LEFT -> new Shape.Spot(0, at);
            case RIGHT -> new Shape.Spot(lying.width(), at);
            case TOP -> new Shape.Spot(at, 0);
            case BOTTOM -> new Shape.Spot(at, lying.height());
        };
    }

    private boolean isNow(String id) {
        return moment.reading() >= 0 && moment.reading() < step.readings().size()
                && step.readings().get(moment.reading()).id().equals(id);
    }

    /** A layer before it is cut through together with what it lies on. */
    private Polygon uncut(MatLayer layer) {
        SizedDesign.Piece piece = plan.design().piece(layer.on().on().piece());
        return plan.uncut(piece.id(), step.number()).isEmpty() ? layer.outline()
                : Openings.closed(layer.outline(), piece);
    }

    private Picture laid(List<MatLayer> layers) {
        List<Shape> shapes = new ArrayList<>();
        Envelope bounds = new Envelope();
        AffineTransformation lying = LayerDrawing.lying(plan, layers.get(0));
        for (MatLayer layer : layers) {
            Polygon outline = (Polygon) lying.transform(uncut(layer));
            bounds.expandToInclude(outline.getEnvelopeInternal());
            String colour = plan.project().paper(PaperRole.layer(layer.layer())).face();
            shapes.add(new Shape.Area(layer.on().on() + " " + layer.layer(), Ink.MAT, Outlines.spots(outline),
                    Outlines.openings(outline), Optional.of(colour), Optional.of(Ink.CUT)));
        }
        MatLayer top = layers.get(layers.size() - 1);
        Ink ink = Colours.isLight(plan.project().paper(PaperRole.layer(top.layer())).face()) ? Ink.SOFT_TEXT
                : Ink.CAPTION;
        LayerForm form = layers.get(0).form();
        if (form.kind() != LayerForm.Kind.RECTANGLE) {
            shapes.addAll(EdgeLengths.of((Polygon) lying.transform(form.outline()), plan.project().step(), ink, point));
            return new Picture(bounds, point, shapes);
        }
        if (bounds.getWidth() > step.title().length() * 6.5 * point) {
            shapes.add(Shape.text("", ink, bounds.centre().x, bounds.centre().y - 14 * point, step.title(), 11));
        }
        String size = plan.format().size(form.width(), form.height());
        if (bounds.getWidth() > size.length() * 7 * point) {
            shapes.add(Shape.bold("", ink, bounds.centre().x, bounds.centre().y + 9 * point, size, 14));
        }
        return new Picture(bounds, point, shapes);
    }

    /** The piece with the panel's face up, the glue on the panel and the lowest layer in its place. */
    private Picture layersOnPiece(StepSubject.OfMounted layers) {
        String id = layers.panel().piece();
        CreasePattern pattern = plan.pieces().get(id).pattern();
        boolean mirrored = layers.layers().get(0).on().face() != pattern.up();
        Picture flat = flat(id, mirrored);
        List<Shape> shapes = new ArrayList<>();
        for (MatLayer layer : layers.layers()) {
            String colour = plan.project().paper(PaperRole.layer(layer.layer())).face();
            Polygon outline = uncut(layer);
            Shape.Area mat = new Shape.Area("mat", Ink.MAT, Outlines.spots(outline), Outlines.openings(outline),
                    Optional.of(colour), Optional.of(Ink.CUT));
            shapes.add(mirrored ? mat.moved(spot -> mirror(spot, flat)) : mat);
            if (layer.layer() == 1) {
                Shape.Area glue = new Shape.Area("mat", Ink.GLUE, mat.corners(), mat.holes(), Optional.empty(),
                        Optional.empty());
                shapes.add(mirrored ? glue.moved(spot -> mirror(spot, flat)) : glue);
            }
        }
        return flat.with(shapes);
    }

    private static Shape.Spot mirror(Shape.Spot spot, Picture flat) {
        return new Shape.Spot(flat.bounds().getMaxX() - spot.x(), spot.y());
    }

    private Picture folded(StepSubject.OfFold fold) {
        return foldScene(plan, fold.stage(), moment.folded())
                .map(scene -> FoldDrawing.draw(scene, moment.view(), point)).orElseGet(() -> flat(fold.piece()));
    }

    /**
     * A piece part of the way through a step, 0 to 1, with the step's creases marked; absent if its loops do not close
     * there.
     */
    public static Optional<FoldScene> foldScene(Plan plan, FoldStage stage, double share) {
        int last = plan.run().stream().filter(step -> step.phase() == Phase.FOLD).mapToInt(RunStep::number).max()
                .orElse(0);
        String piece = stage.step().piece();
        return stage.motion().at(share).value()
                .map(state -> FoldScene.of(plan, state, stage.after(), stage.order())
                        .before(plan.design().piece(piece), plan.uncut(piece, last))
                        .marking(stage.motion().changing()));
    }

    /** The unfolded piece of a fold step, with the creases of the step marked. */
    public static Picture flatWithCreases(Plan plan, StepSubject.OfFold fold, double point) {
        SizedDesign.Piece piece = plan.design().piece(fold.piece());
        Picture flat = PieceDrawing.draw(piece, plan.pieces().get(fold.piece()).pattern(), false, point,
                Optional.empty(), Optional.empty());
        List<Shape> shapes = new ArrayList<>();
        for (Shape shape : flat.shapes()) {
            if (shape instanceof Shape.Path path
                    && fold.stage().step().creases().contains(Score.crease(path.id()))) {
                shapes.add(new Shape.Path(path.id(), Ink.HIGHLIGHT, path.points()));
            }
            shapes.add(shape);
        }
        return new Picture(flat.bounds(), point, shapes);
    }

    /** What holds the middle of a pleated strip is shown there, the first from above, the second from behind. */
    private Optional<Picture> onMiddle(Glue glue) {
        return plan.design().poses().entrySet().stream()
                .filter(pose -> pose.getValue().round().filter(round -> round.hubs().contains(glue.part())).isPresent())
                .findFirst().flatMap(pose -> PoseDrawing.draw(plan, pose.getKey(),
                        pose.getValue().round().get().hubs().get(0).equals(glue.part()) ? View.ABOVE : View.BEHIND,
                        point));
    }

    private Picture glued(Glue glue) {
        Optional<GlueScene> scene = GlueScene.of(plan.workings(), glue);
        if (scene.isEmpty()) {
            return onMiddle(glue).orElseGet(() -> flat(glue.part().piece()));
        }
        boolean mirrored = scene.get().mirrored();
        GluePatch patch = scene.get().patch();
        Picture flat = flat(scene.get().host(), mirrored);
        List<Shape.Area> shapes = new ArrayList<>();
        if (glue.at().isPresent()) {
            String colour = plan.project().paper(plan.design().piece(glue.part().piece())).face();
            Stream.concat(scene.get().covers().stream(), Stream.of(patch.part()))
                    .forEach(panel -> shapes.add(new Shape.Area(glue.part().toString(), Ink.MAT,
                            Outlines.spots(panel), Optional.of(Colours.shade(colour, 0.97)), Optional.of(Ink.CUT))));
        }
        patch.glued().forEach(strip -> shapes.add(
                new Shape.Area(glue.id(), Ink.GLUE, Outlines.spots(strip), Optional.empty(), Optional.of(Ink.GLUE))));
        List<Shape> drawn = new ArrayList<>(flat.shapes());
        Envelope bounds = new Envelope(flat.bounds());
        for (Shape.Area shape : shapes) {
            Shape.Area lying = mirrored ? shape.moved(spot -> mirror(spot, flat)) : shape;
            lying.corners().forEach(corner -> bounds.expandToInclude(corner.x(), corner.y()));
            drawn.add(lying);
        }
        return new Picture(bounds, point, drawn);
    }
}
