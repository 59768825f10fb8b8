package cufflink.plan;

import cufflink.cut.Half;
import cufflink.design.PieceDefinition.CutShape;
import cufflink.design.SizedDesign;
import cufflink.design.SizedDesign.CutOut;
import cufflink.measure.Length;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Pieces that are half of their rectangle: they are cut on its diagonal, two from one. */
final class Triangles {
    private Triangles() {
    }

    /** Which half of its rectangle a piece is; the whole where it is no such triangle, or not cut from a sheet. */
    static Half half(SizedDesign.Piece piece) {
        return piece.cutOuts().stream().filter(cut -> isDiagonal(piece, cut)).findFirst()
                .map(cut -> isFalling(piece, cut) ? Half.FALLING : Half.RISING).orElse(Half.WHOLE);
    }

    /** Whether a cut-away is the other half of the piece's rectangle, so that cutting the piece makes it. */
    static boolean isDiagonal(SizedDesign.Piece piece, CutOut cut) {
        if (cut.shape() != CutShape.POLYGON || cut.numbers().size() != 6 || cut.outside() || piece.from().isPresent()) {
            return false;
        }
        Set<List<Length>> corners = new HashSet<>();
        for (int i = 0; i < cut.numbers().size(); i += 2) {
            corners.add(cut.numbers().subList(i, i + 2));
        }
        return corners.size() == 3 && corners.stream().allMatch(corner -> isEnd(corner.get(0), piece.width().length())
                && isEnd(corner.get(1), piece.height().length()));
    }

    private static boolean isEnd(Length at, Length side) {
        return at.equals(Length.ZERO) || at.equals(side);
    }

    /** Both ends of the falling diagonal are cut away from; of a square, either diagonal will do. */
    private static boolean isFalling(SizedDesign.Piece piece, CutOut cut) {
        long falling = 0;
        for (int i = 0; i < cut.numbers().size(); i += 2) {
            falling += cut.numbers().get(i).equals(Length.ZERO) == cut.numbers().get(i + 1).equals(Length.ZERO) ? 1 : 0;
        }
        return falling == 2 && !piece.width().length().equals(piece.height().length());
    }
}
