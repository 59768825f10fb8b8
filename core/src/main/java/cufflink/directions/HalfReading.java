package cufflink.directions;

import cufflink.directions.Phrase.Kind;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.words.ReadingWords;
import java.util.List;
import java.util.Optional;

/** Reads sheets and pieces that are cut in half. */
final class HalfReading {
    private final ReadingState state;
    private final NewPieces pieces;

    HalfReading(ReadingState state, NewPieces pieces) {
        this.state = state;
        this.pieces = pieces;
    }

    /** A sheet, or the last piece, in half. */
    void read(Clause part) {
        Phrase share = part.of(Kind.SHARE).get(0);
        state.take(share);
        Optional<ReadSheet> sheet = part.has(Kind.SHEET) || part.has(Kind.SIZE) ? state.sheet : Optional.empty();
        Optional<PieceDraft> whole = sheet.isPresent() ? Optional.empty() : state.current;
        if (sheet.isEmpty() && whole.isEmpty()) {
            sheet = state.sheet;
        }
        if (!share.detail().contains("half") || sheet.isEmpty() && whole.isEmpty()) {
            state.lose(share.span());
            return;
        }
        Said width = whole.map(piece -> piece.width).orElseGet(() -> state.sheet.orElseThrow().width());
        Said height = whole.map(piece -> piece.height).orElseGet(() -> state.sheet.orElseThrow().height());
        boolean across = width.length().isLongerThan(height.length());
        boolean lengthwise = part.of(Kind.SIDE).stream().anyMatch(side -> side.detail().matches("length(wise|ways)"));
        Said halfWidth = across != lengthwise ? halved(width, share) : width;
        Said halfHeight = across != lengthwise ? height : halved(height, share);
        if (!halfWidth.length().isPositive() || !halfHeight.length().isPositive()) {
            state.lose(share.span()); // halved so often that nothing is left
            return;
        }
        if (part.of(Kind.SIDE).isEmpty()) {
            state.ask(ReadingWords.WHICH_HALF.of("text", state.written(share.span())),
                    List.of(Question.Answer.taken(size(halfWidth, halfHeight)),
                            Question.Answer.other(across ? size(width, halved(height, share))
                                    : size(halved(width, share), height), Edit.behind(share.span(), " lengthwise"))),
                    share.span());
        }
        Attributes said = Attributes.of(state, part);
        if (whole.isPresent()) {
            PieceDraft piece = whole.get();
            piece.sheet = Optional.of(new ReadSheet("", width, height, 0));
            piece.width = halfWidth;
            piece.height = halfHeight;
            piece.quantity = (int) Math.min(NewPieces.MOST, 2L * piece.quantity);
            piece.halved = true;
            state.current = whole;
        } else {
            PieceDraft piece = pieces.add(part, said, halfWidth, halfHeight, share.span());
            piece.sheet = state.sheet;
            piece.halved = true;
        }
    }

    /** "Half a sheet of A4, 210 x 145 mm": one side is that of the sheet, the other must be half. */
    void claim(ReadSheet sheet, Said width, Said height, Span span) {
        for (boolean turned : new boolean[] {false, true}) {
            Said one = turned ? height : width;
            Said other = turned ? width : height;
            Said whole = sheet.width().length().equals(one.length()) ? sheet.height()
                    : sheet.height().length().equals(one.length()) ? sheet.width() : null;
            if (whole != null && whole.length().isLongerThan(other.length())) {
                state.claims.add(new Claim.Half(Optional.of(whole), state.pieces.size(), other, span));
                return;
            }
        }
    }

    private static Said halved(Said side, Phrase share) {
        return new Said(Length.ofNanometres(side.length().nanometres() / 2), side.unit(), false, share.span());
    }

    private static String size(Said width, Said height) {
        return LengthFormat.of(width.unit()).size(width.length(), height.length());
    }
}
