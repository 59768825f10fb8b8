package cufflink.drawing;

import cufflink.design.Fold;
import cufflink.design.Side;
import cufflink.directions.ReadPiece;
import cufflink.directions.ReadScore;
import cufflink.directions.Said;
import cufflink.directions.Span;
import cufflink.drawing.Shape.Spot;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Envelope;

/**
 * Draws a piece of typed directions as they say it: its sides, its scores and where they lie. Each shape's id is the
 * place in the text where its figure stands.
 */
public final class DirectionsDrawing {
    /** Points round the piece for its numbers. */
    private static final double ROOM = 24;
    private static final double TEXT = 12;
    /** Points that a figure of a number takes, and that are kept free between two. */
    private static final double FIGURE = 6.6;
    private static final double APART = 6;
    private static final double MARK = 7.5;

    private final ReadPiece piece;
    private final Optional<Span> lit;
    private final double point;
    private final double width;
    private final double height;
    private final List<Shape> shapes = new ArrayList<>();

    private DirectionsDrawing(ReadPiece piece, Optional<Span> lit, double point) {
        this.piece = piece;
        this.lit = lit;
        this.point = point;
        this.width = piece.width().length().toMillimetres();
        this.height = piece.height().length().toMillimetres();
    }

    /**
     * The piece.
     *
     * @param lit   the place of the figure that is marked
     * @param point millimetres a point
     */
    public static Picture draw(ReadPiece piece, Optional<Span> lit, double point) {
        DirectionsDrawing drawing = new DirectionsDrawing(piece, lit, point);
        drawing.all();
        double room = ROOM * point;
        return new Picture(new Envelope(-room, drawing.width + room * 2.2, -room, drawing.height + room), point,
                drawing.shapes);
    }

    /** What the shapes of a figure are called. */
    public static String id(Said said) {
        return said.span().from() + "-" + said.span().to();
    }

    private void all() {
        shapes.add(Shape.rectangle("", Ink.PAPER, 0, 0, width, height, Optional.empty(), Optional.of(Ink.CUT)));
        if (isLit(piece.width())) {
            path("", Ink.HIGHLIGHT, new Spot(0, height), new Spot(width, height));
        }
        if (isLit(piece.height())) {
            path("", Ink.HIGHLIGHT, new Spot(width, 0), new Spot(width, height));
        }
        if (piece.diagonals() > 0) {
            path("", Ink.VALLEY, new Spot(0, 0), new Spot(width, height));
        }
        if (piece.diagonals() > 1) {
            path("", Ink.VALLEY, new Spot(width, 0), new Spot(0, height));
        }
        piece.scores().stream().filter(this::isOnPiece).forEach(this::score);
        numbers(true);
        numbers(false);
        label(piece.width(), width / 2, height + ROOM * point / 2, Shape.Anchor.MIDDLE);
        label(piece.height(), width + 6 * point, height / 2, Shape.Anchor.START);
    }

    /** One that lies past the piece cannot be drawn on it. */
    private boolean isOnPiece(ReadScore score) {
        Length at = fromStart(score);
        return score.isSlanting()
                || !at.isNegative() && !at.isLongerThan(piece.side(score.isAlongWidth()).length());
    }

    private boolean isLit(Said said) {
        return lit.filter(said.span()::equals).isPresent();
    }

    private void path(String id, Ink ink, Spot from, Spot to) {
        shapes.add(new Shape.Path(id, ink, List.of(from, to)));
    }

    private void score(ReadScore score) {
        List<Spot> ends = score.to().map(mark -> List.of(on(score.from(), score.at()), on(mark.edge(), mark.at())))
                .orElseGet(() -> straight(score));
        if (isLit(score.at())) {
            path("", Ink.HIGHLIGHT, ends.get(0), ends.get(1));
        }
        path(id(score.at()), score.fold().map(PieceDrawing::ink).orElse(Ink.DIMENSION), ends.get(0), ends.get(1));
        Spot end = ends.get(1);
        double inside = -2 * MARK * point;
        score.fold().map(Fold::letter).filter(letter -> !score.isSlanting())
                .ifPresent(letter -> shapes.add(new Shape.Mark(id(score.at()),
                        PieceDrawing.ink(score.fold().orElseThrow()),
                        end.plus(score.isAlongWidth() ? 0 : inside, score.isAlongWidth() ? inside : 0), letter, MARK,
                        Ink.PAPER.colour(), Ink.PAPER_EDGE)));
    }

    private List<Spot> straight(ReadScore score) {
        double at = fromStart(score).toMillimetres();
        double from = score.extent().map(extent -> extent.from().length().toMillimetres()).orElse(0.0);
        double to = score.extent().map(extent -> extent.to().length().toMillimetres())
                .orElse(score.isAlongWidth() ? height : width);
        return score.isAlongWidth() ? List.of(new Spot(at, from), new Spot(at, to))
                : List.of(new Spot(from, at), new Spot(to, at));
    }

    /** From the left or the top. */
    private Length fromStart(ReadScore score) {
        Length side = piece.side(score.isAlongWidth()).length();
        return score.from() == Side.RIGHT || score.from() == Side.BOTTOM ? side.minus(score.at().length())
                : score.at().length();
    }

    private Spot on(Side edge, Said at) {
        double along = at.length().toMillimetres();
        return switch (edge) {
            case TOP -> new Spot(along, 0);
            case BOTTOM -> new Spot(along, height);
            case LEFT -> new Spot(0, along);
            case RIGHT -> new Spot(width, along);
        };
    }

    /** Where scores lie, along the edge; a number that has no room beside the one before is left to the list. */
    private void numbers(boolean alongWidth) {
        List<ReadScore> scores = piece.scores().stream()
                .filter(score -> score.isAlongWidth() == alongWidth && !score.isSlanting() && isOnPiece(score))
                .sorted(Comparator.comparing(this::fromStart)).collect(Collectors.toList());
        double free = Double.NEGATIVE_INFINITY;
        for (ReadScore score : scores) {
            double at = fromStart(score).toMillimetres();
            double half = (alongWidth ? text(score.at()).length() * FIGURE : TEXT) * point / 2;
            if (at - half >= free || isLit(score.at())) {
                label(score.at(), alongWidth ? at : -4 * point, alongWidth ? -ROOM * point / 2 : at,
                        alongWidth ? Shape.Anchor.MIDDLE : Shape.Anchor.END);
                free = at + half + APART * point;
            }
        }
    }

    private static String text(Said said) {
        return LengthFormat.of(said.unit()).number(said.length());
    }

    private void label(Said said, double x, double y, Shape.Anchor anchor) {
        String text = text(said);
        if (isLit(said)) {
            double wide = (text.length() * FIGURE + APART) * point;
            double left = switch (anchor) {
                case START -> x - APART * point / 2;
                case MIDDLE -> x - wide / 2;
                case END -> x - wide + APART * point / 2;
            };
            shapes.add(Shape.rectangle("", Ink.NOW, left, y - TEXT * point * 0.75, wide, TEXT * point * 1.5,
                    Optional.empty(), Optional.empty()));
        }
        shapes.add(new Shape.Label(id(said), isLit(said) ? Ink.TEXT : Ink.CAPTION, new Spot(x, y), text, TEXT, anchor,
                false, false));
    }
}
