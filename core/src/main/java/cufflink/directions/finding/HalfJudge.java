package cufflink.directions.finding;

import cufflink.directions.Claim;
import cufflink.directions.Directions;
import cufflink.directions.ReadPiece;
import cufflink.directions.Said;
import cufflink.directions.finding.Finding.Grade;
import cufflink.measure.Length;
import cufflink.words.FindingWords;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** A half that is not half. */
final class HalfJudge {
    /** Halving a sheet of ISO sizes goes down to the whole millimetre (ISO 216). */
    private static final Length ROUNDED = Length.ofMicrometres(500);

    private HalfJudge() {
    }

    static Stream<Finding> find(Directions directions) {
        return directions.claims().stream().filter(Claim.Half.class::isInstance).map(Claim.Half.class::cast)
                .flatMap(claim -> finding(directions.pieces().get(claim.piece()), claim));
    }

    private static Stream<Finding> finding(ReadPiece piece, Claim.Half claim) {
        Said whole = claim.whole().orElseGet(() -> Stream.of(piece.width(), piece.height())
                .min(Comparator.comparing(side -> off(side, claim.half()))).orElseThrow());
        if (!off(whole, claim.half()).isLongerThan(ROUNDED)) {
            return Stream.empty();
        }
        Length half = Length.ofNanometres(whole.length().nanometres() / 2);
        return Stream.of(Finding.of(Grade.CANNOT_BE, "half",
                FindingWords.NOT_HALF.of("said", Near.text(claim.half()), "whole", Near.text(whole), "half",
                        Near.like(half, claim.half())),
                List.of(claim.half().span(), whole.span()), List.of(Near.text(claim.half()), Near.text(whole)))
                .suggesting(claim.half().span(), Near.like(half, claim.half())));
    }

    private static Length off(Said whole, Said half) {
        return Length.ofNanometres(whole.length().nanometres() / 2).minus(half.length()).abs();
    }
}
