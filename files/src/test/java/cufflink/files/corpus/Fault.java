package cufflink.files.corpus;

import cufflink.measure.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A fault that a writer makes. */
enum Fault {
    PAST, ORDER, TWO_SIZES, COUNT, PANELS, UNITS, HALF, SHEET, SCORE, MAT, SIDE, NOT_SMALLER;

    /** One that can be made in these pieces; the next where one cannot. */
    static Optional<Fault> forSet(int number, List<CorpusSet.Piece> pieces) {
        for (int k = 0; k < values().length; k++) {
            Fault fault = values()[(number + k) % values().length];
            if (fault.canBeMade(pieces)) {
                return Optional.of(fault);
            }
        }
        return Optional.empty();
    }

    private boolean canBeMade(List<CorpusSet.Piece> pieces) {
        CorpusSet.Piece main = main(pieces);
        boolean oneWay = main.scores().stream().map(CorpusSet.At::edge).distinct().count() == 1;
        return switch (this) {
            case PAST, PANELS -> oneWay;
            case ORDER, SCORE -> oneWay && main.scores().size() >= 2;
            case COUNT -> pieces.stream().anyMatch(piece -> piece.quantity() > 1);
            case HALF -> oneWay && main.scores().size() == 1 && half(main).equals(main.scores().get(0).length());
            case MAT, NOT_SMALLER -> pieces.stream().anyMatch(piece -> piece.name().endsWith(" mat"));
            case SIDE -> oneWay && along(main).isLongerThan(across(main))
                    && last(main).isLongerThan(across(main));
            case TWO_SIZES, UNITS, SHEET -> true;
        };
    }

    /** The piece that is scored most. */
    static CorpusSet.Piece main(List<CorpusSet.Piece> pieces) {
        List<CorpusSet.Piece> sorted = new ArrayList<>(pieces);
        sorted.sort((one, other) -> Integer.compare(other.scores().size(), one.scores().size()));
        return sorted.get(0);
    }

    static Length along(CorpusSet.Piece piece) {
        return piece.scores().get(0).edge() == cufflink.design.Side.LEFT ? piece.width() : piece.height();
    }

    static Length across(CorpusSet.Piece piece) {
        return piece.scores().get(0).edge() == cufflink.design.Side.LEFT ? piece.height() : piece.width();
    }

    static Length last(CorpusSet.Piece piece) {
        return piece.scores().get(piece.scores().size() - 1).length();
    }

    private static Length half(CorpusSet.Piece piece) {
        return Length.ofNanometres(along(piece).nanometres() / 2);
    }
}
