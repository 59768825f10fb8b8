package cufflink.directions.finding;

import cufflink.directions.Directions;
import cufflink.directions.ReadPiece;
import cufflink.directions.ReadScore;
import cufflink.directions.Said;
import cufflink.directions.finding.Finding.Grade;
import cufflink.measure.Length;
import cufflink.words.FindingWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Scores past the piece, along the wrong side, out of order, twice in one place. */
final class ScoreJudge {
    private ScoreJudge() {
    }

    static Stream<Finding> find(Directions directions) {
        return directions.pieces().stream().flatMap(ScoreJudge::ofPiece);
    }

    private static Stream<Finding> ofPiece(ReadPiece piece) {
        List<Finding> findings = new ArrayList<>();
        for (int i = 0; i < piece.scores().size(); i++) {
            ReadScore score = piece.scores().get(i);
            Said side = piece.side(score.isAlongWidth());
            if (score.isSlanting()) {
                continue;
            }
            if (!side.length().isLongerThan(score.at().length()) || !score.at().length().isPositive()) {
                findings.add(past(piece, score, side));
            } else if (i > 0) {
                order(piece, piece.scores().get(i - 1), score, side).ifPresent(findings::add);
            }
        }
        return findings.stream();
    }

    private static Finding past(ReadPiece piece, ReadScore score, Said side) {
        Said other = piece.side(!score.isAlongWidth());
        boolean turned = other.length().isLongerThan(score.at().length()) && score.at().length().isPositive();
        List<String> values = List.of(Near.text(score.at()), Near.text(side));
        return turned
                ? Finding.of(Grade.CANNOT_BE, "wrong side",
                        FindingWords.WRONG_SIDE.of("piece", piece.name(), "at", Near.text(score.at()), "side",
                                Near.text(side), "other", Near.text(other)),
                        List.of(score.at().span(), side.span()), values)
                : Finding.of(Grade.CANNOT_BE, "past the piece",
                        FindingWords.PAST_PIECE.of("piece", piece.name(), "at", Near.text(score.at()), "side",
                                Near.text(side)),
                        List.of(score.at().span(), side.span()), values);
    }

    /** In one list positions go up, or all go down. */
    private static Optional<Finding> order(ReadPiece piece, ReadScore before, ReadScore score, Said side) {
        boolean oneList = before.from() == score.from() && before.at().span().to() <= score.at().span().from();
        Length step = score.at().length().minus(before.at().length());
        boolean parts = before.extent().isPresent() && score.extent().isPresent() && step.equals(Length.ZERO);
        if (!oneList || before.isSlanting() || parts || step.isPositive() || goesDown(piece, score)) {
            return Optional.empty();
        }
        boolean twice = step.equals(Length.ZERO);
        return Optional.of(Finding.of(Grade.UNLIKELY, twice ? "twice" : "out of order",
                (twice ? FindingWords.SCORE_TWICE : FindingWords.OUT_OF_ORDER).of("piece", piece.name(), "at",
                        Near.text(score.at()), "before", Near.text(before.at())),
                List.of(score.at().span(), before.at().span()),
                List.of(Near.text(before.at()), Near.text(score.at()), Near.text(side))));
    }

    private static boolean goesDown(ReadPiece piece, ReadScore score) {
        List<Length> along = piece.scores().stream().filter(other -> other.from() == score.from())
                .map(other -> other.at().length()).toList();
        for (int i = 1; i < along.size(); i++) {
            if (!along.get(i - 1).isLongerThan(along.get(i))) {
                return false;
            }
        }
        return along.size() > 2;
    }
}
