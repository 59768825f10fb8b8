package cufflink.directions.finding;

import cufflink.directions.Directions;
import cufflink.directions.ReadPiece;
import cufflink.directions.ReadScore;
import cufflink.directions.Said;
import cufflink.directions.Span;
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
        for (boolean alongWidth : new boolean[] {true, false}) {
            List<ReadScore> lost = piece.scores().stream().filter(score -> score.isAlongWidth() == alongWidth)
                    .filter(score -> isPast(piece, score)).toList();
            Said other = piece.side(!alongWidth);
            boolean turned = piece.scores().stream().filter(score -> score.isAlongWidth() == alongWidth)
                    .allMatch(score -> score.at().length().isPositive()
                            && other.length().isLongerThan(score.at().length()));
            if (!lost.isEmpty() && turned) {
                findings.add(wrongSide(piece, lost, piece.side(alongWidth), other));
            } else {
                lost.forEach(score -> findings.add(past(piece, score, piece.side(alongWidth))));
            }
        }
        for (int i = 1; i < piece.scores().size(); i++) {
            ReadScore score = piece.scores().get(i);
            if (!score.isSlanting() && !isPast(piece, score)) {
                order(piece, piece.scores().get(i - 1), score, piece.side(score.isAlongWidth()))
                        .ifPresent(findings::add);
            }
        }
        return findings.stream();
    }

    private static boolean isPast(ReadPiece piece, ReadScore score) {
        Length side = piece.side(score.isAlongWidth()).length();
        return !score.isSlanting()
                && (!side.isLongerThan(score.at().length()) || !score.at().length().isPositive());
    }

    /** All scores of one side fit the other: one fault, where the side is said if it is. */
    private static Finding wrongSide(ReadPiece piece, List<ReadScore> lost, Said side, Said other) {
        List<Span> places = new ArrayList<>();
        lost.get(0).side().ifPresent(places::add);
        lost.forEach(score -> places.add(score.at().span()));
        places.add(side.span());
        return Finding.of(Grade.CANNOT_BE, "wrong side",
                FindingWords.WRONG_SIDE.of("piece", piece.one(), "at",
                        lost.stream().map(score -> Near.text(score.at())).toList(), "side", Near.text(side), "other",
                        Near.text(other)),
                places, List.of(Near.text(lost.get(0).at()), Near.text(side)));
    }

    private static Finding past(ReadPiece piece, ReadScore score, Said side) {
        return Finding.of(Grade.CANNOT_BE, "past the piece",
                FindingWords.PAST_PIECE.of("piece", piece.one(), "at", Near.text(score.at()), "side",
                        Near.text(side)),
                List.of(score.at().span(), side.span()), List.of(Near.text(score.at()), Near.text(side)));
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
                (twice ? FindingWords.SCORE_TWICE : FindingWords.OUT_OF_ORDER).of("piece", piece.one(), "at",
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
