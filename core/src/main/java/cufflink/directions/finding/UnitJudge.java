package cufflink.directions.finding;

import cufflink.directions.Claim;
import cufflink.directions.Directions;
import cufflink.directions.finding.Finding.Grade;
import cufflink.measure.Length;
import cufflink.words.FindingWords;
import java.util.List;
import java.util.stream.Stream;

/** One length in two units that differ by more than rounding. */
final class UnitJudge {
    /** More than a sixteenth is a slip, less may be rounding to a ruler that is coarser than usual. */
    private static final Length SIXTEENTH = Length.ofInches(1, 16);

    private UnitJudge() {
    }

    static Stream<Finding> find(Directions directions) {
        return directions.claims().stream().filter(Claim.TwoUnits.class::isInstance).map(Claim.TwoUnits.class::cast)
                .filter(claim -> claim.one().unit() != claim.other().unit()
                        && !Near.same(claim.one(), claim.other()))
                .map(UnitJudge::finding);
    }

    private static Finding finding(Claim.TwoUnits claim) {
        boolean far = claim.one().length().minus(claim.other().length()).abs().isLongerThan(SIXTEENTH);
        return Finding.of(far ? Grade.CANNOT_BE : Grade.UNLIKELY, "two units",
                FindingWords.TWO_UNITS_DIFFER.of("one", Near.text(claim.one()), "other", Near.text(claim.other()),
                        "right", Near.like(claim.one().length(), claim.other())),
                List.of(claim.other().span(), claim.one().span()),
                List.of(Near.text(claim.one()), Near.text(claim.other())));
    }
}
