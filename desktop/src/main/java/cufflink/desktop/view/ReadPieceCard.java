package cufflink.desktop.view;

import cufflink.design.Side;
import cufflink.desktop.control.PicturePane;
import cufflink.directions.ReadPiece;
import cufflink.directions.ReadScore;
import cufflink.directions.Said;
import cufflink.directions.Span;
import cufflink.drawing.DirectionsDrawing;
import cufflink.measure.LengthFormat;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** A piece as directions say it: drawn to scale, with its numbers, which can be typed over. */
final class ReadPieceCard extends VBox {
    /** Pixels round the drawing for its numbers. */
    private static final double ROOM = 64;
    private static final double LEAST = 70;
    private static final PseudoClass LIT = PseudoClass.getPseudoClass("lit");

    private final ReadPiece piece;
    private final PicturePane picture = new PicturePane(4, 6);
    private final List<FigureField> fields = new ArrayList<>();

    /** What the card asks for. */
    record Asks(Consumer<Span> light, BiConsumer<Said, String> write, Consumer<String> refused) {
    }

    /** @param scale pixels a millimetre, the same for all pieces */
    ReadPieceCard(ReadPiece piece, double scale, Asks asks) {
        this.piece = piece;
        getStyleClass().add("read-piece");
        Label name = new Label(piece.quantity() + " × " + piece.name()
                + piece.material().map(material -> ", " + material).orElse("")
                + piece.on().map(on -> ", on the " + on).orElse(""));
        name.getStyleClass().add("read-piece-name");
        name.setWrapText(true);
        Label times = new Label("×");
        times.getStyleClass().add("read-piece-word");
        Label unit = new Label(piece.width().unit().symbol());
        unit.getStyleClass().add("read-piece-word");
        HBox size = new HBox(field(piece.width(), piece.name() + ", width", asks), times,
                field(piece.height(), piece.name() + ", height", asks), unit);
        size.getStyleClass().add("read-piece-size");
        getChildren().addAll(name, size);
        for (Side edge : Side.values()) {
            scores(edge, asks).ifPresent(getChildren()::add);
        }
        picture.setPrefHeight(Math.max(LEAST, piece.height().length().toMillimetres() * scale + ROOM));
        picture.setMinHeight(USE_PREF_SIZE);
        picture.setPrefWidth(piece.width().length().toMillimetres() * scale + ROOM * 1.4);
        picture.describe(described());
        picture.setOnMouseClicked(click -> picture.idAt(click.getX(), click.getY()).flatMap(this::said)
                .ifPresent(said -> asks.light().accept(said.span())));
        light(Optional.empty());
        getChildren().add(picture);
    }

    private String described() {
        LengthFormat format = LengthFormat.of(piece.width().unit());
        return piece.name() + ", " + format.size(piece.width().length(), piece.height().length()) + ", "
                + (piece.scores().isEmpty() ? "no scores" : piece.scores().size() + " scores");
    }

    private Optional<FlowPane> scores(Side edge, Asks asks) {
        List<ReadScore> scores = piece.scores().stream().filter(score -> score.from() == edge).toList();
        if (scores.isEmpty()) {
            return Optional.empty();
        }
        Label from = new Label("Score from the " + edge.word() + " at");
        from.getStyleClass().add("read-piece-word");
        FlowPane row = new FlowPane(from);
        row.getStyleClass().add("read-piece-scores");
        for (ReadScore score : scores) {
            row.getChildren().add(field(score.at(), piece.name() + ", score from the " + edge.word(), asks));
            score.to().ifPresent(mark -> {
                Label to = new Label("to");
                to.getStyleClass().add("read-piece-word");
                row.getChildren().addAll(to,
                        field(mark.at(), piece.name() + ", score to the " + mark.edge().word(), asks));
            });
        }
        return Optional.of(row);
    }

    private FigureField field(Said said, String name, Asks asks) {
        FigureField field = new FigureField(said, name, asks.light(), asks.write(), asks.refused());
        fields.add(field);
        return field;
    }

    private Optional<Said> said(String id) {
        return figures().filter(said -> DirectionsDrawing.id(said).equals(id)).findFirst();
    }

    private Stream<Said> figures() {
        return fields.stream().map(FigureField::said);
    }

    ReadPiece piece() {
        return piece;
    }

    /** The figure at a place of the text, if it is one of this piece. */
    Optional<Span> figureAt(int place) {
        return figures().map(Said::span).filter(span -> span.from() <= place && place <= span.to()).findFirst();
    }

    /** Marks the figure that stands there. */
    void light(Optional<Span> span) {
        picture.show(point -> Optional.of(DirectionsDrawing.draw(piece, span, point)));
        fields.forEach(field -> field.pseudoClassStateChanged(LIT,
                span.filter(field.said().span()::equals).isPresent()));
    }

    /** Whether a word of these is a figure of the piece. */
    boolean has(Span span) {
        return figures().map(Said::span).anyMatch(span::equals);
    }
}
