package cufflink.directions.finding;

import cufflink.directions.Claim;
import cufflink.directions.Directions;
import cufflink.directions.PieceName;
import cufflink.directions.ReadPiece;
import cufflink.directions.finding.Finding.Grade;
import cufflink.words.FindingWords;
import java.util.List;
import java.util.stream.Stream;

/** More things are used than are cut, or the same thing is counted twice, differently. */
final class CountJudge {
    private CountJudge() {
    }

    static Stream<Finding> find(Directions directions) {
        return directions.claims().stream().filter(Claim.CountAgain.class::isInstance)
                .map(Claim.CountAgain.class::cast).flatMap(claim -> finding(directions, claim));
    }

    private static Stream<Finding> finding(Directions directions, Claim.CountAgain claim) {
        PieceName name = PieceName.of(claim.name());
        List<ReadPiece> pieces = directions.pieces().stream().filter(piece -> name.means(PieceName.of(piece.name())))
                .toList();
        int cut = pieces.stream().mapToInt(ReadPiece::quantity).sum();
        boolean exact = pieces.size() == 1 && claim.isAll();
        if (pieces.isEmpty() || claim.count() == cut || claim.count() < cut && !exact) {
            return Stream.empty();
        }
        Finding finding = Finding.of(Grade.CANNOT_BE, "count",
                FindingWords.OTHER_COUNT.of("name", claim.name(), "cut", cut, "said", claim.count()),
                List.of(claim.span(), pieces.get(0).counted().orElse(pieces.get(0).span())),
                List.of(String.valueOf(cut), String.valueOf(claim.count())));
        return Stream.of(finding.suggesting(claim.span(), String.valueOf(cut)));
    }
}
