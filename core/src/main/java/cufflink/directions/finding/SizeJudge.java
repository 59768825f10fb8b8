package cufflink.directions.finding;

import cufflink.directions.Claim;
import cufflink.directions.Directions;
import cufflink.directions.ReadPiece;
import cufflink.directions.finding.Finding.Grade;
import cufflink.words.FindingWords;
import java.util.List;
import java.util.stream.Stream;

/** One piece at two sizes. */
final class SizeJudge {
    private SizeJudge() {
    }

    static Stream<Finding> find(Directions directions) {
        return directions.claims().stream().filter(Claim.SizeAgain.class::isInstance).map(Claim.SizeAgain.class::cast)
                .filter(again -> !agrees(directions.pieces().get(again.piece()), again))
                .map(again -> finding(directions.pieces().get(again.piece()), again));
    }

    /** Either way round, within what one unit says of the other. */
    private static boolean agrees(ReadPiece piece, Claim.SizeAgain again) {
        return Near.same(piece.width(), again.width()) && Near.same(piece.height(), again.height())
                || Near.same(piece.width(), again.height()) && Near.same(piece.height(), again.width());
    }

    private static Finding finding(ReadPiece piece, Claim.SizeAgain again) {
        String first = Near.size(piece.width(), piece.height());
        String second = Near.size(again.width(), again.height());
        return Finding.of(Grade.CANNOT_BE, "two sizes",
                FindingWords.TWO_SIZES.of("piece", piece.one(), "first", first, "second", second),
                List.of(again.span(), piece.span()), List.of(first, second));
    }
}
