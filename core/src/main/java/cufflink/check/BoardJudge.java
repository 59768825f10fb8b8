package cufflink.check;

import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.measure.Measured;
import cufflink.score.ScoreLister;
import cufflink.score.ScoreSetup;
import cufflink.words.CheckWords;
import cufflink.words.Message;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** Can every score be made on the maker's board? */
final class BoardJudge implements Judge {
    private static final int MOST_TOLD = 6;

    @Override
    public List<Check> judge(CheckSubject subject) {
        List<Check> checks = new ArrayList<>();
        int positions = 0;
        List<Message> off = new ArrayList<>();
        for (ScoreSetup setup : subject.scores()) {
            for (ScoreSetup.Position position : setup.positions()) {
                positions++;
                reach(subject, setup, position).ifPresent(checks::add);
                if (position.at().nanometres() % subject.tools().grooveStep().nanometres() != 0) {
                    off.add(shifted(subject, position.at()));
                }
            }
        }
        if (positions > 0) {
            length(subject).ifPresent(checks::add);
            checks.add(grooves(subject, off));
        }
        return checks;
    }

    private static Optional<Check> reach(CheckSubject subject, ScoreSetup setup, ScoreSetup.Position position) {
        Length board = subject.tools().boardWidth();
        Length nearer = Length.shorter(position.at(), ScoreLister.mirrored(position.at(), setup.across()));
        if (nearer.isLongerThan(board)) {
            return Optional.of(Check.bad("board-" + position.score(), Optional.of(board.minus(nearer)),
                    CheckWords.SCORE_BEYOND_BOARD.of("score", position.score(), "at", subject.exact(nearer), "board",
                            subject.exact(board)),
                    Optional.empty()));
        }
        return !position.at().isLongerThan(board) ? Optional.empty()
                : Optional.of(Check.watch("board-" + position.score(), Optional.of(board.minus(position.at())),
                        CheckWords.SCORE_PAST_BOARD.of("score", position.score(), "at", subject.exact(position.at()),
                                "instead", subject.exact(nearer))));
    }

    /** A score longer than the bed cannot be made in one stroke. */
    private static Optional<Check> length(CheckSubject subject) {
        Length longest = subject.scores().stream().flatMap(setup -> setup.positions().stream())
                .map(position -> position.to().minus(position.from()))
                .max(Comparator.naturalOrder()).orElse(Length.ZERO);
        Length margin = subject.tools().boardHeight().minus(longest);
        return margin.isNegative()
                ? Optional.of(Check.watch("board-length", Optional.of(margin),
                        CheckWords.SCORE_LONGER_THAN_BOARD.of("score", subject.exact(longest), "board",
                                subject.exact(subject.tools().boardHeight()))))
                : Optional.empty();
    }

    /** Where a score lies against the groove before it: "2 3/16 is 1/16 past the groove at 2 1/8". */
    private static Message shifted(CheckSubject subject, Length at) {
        Length groove = at.downTo(subject.tools().grooveStep());
        return CheckWords.PAST_THE_GROOVE.of("at", subject.step().number(at), "past",
                subject.step().number(at.minus(groove)), "groove", Measured.of(groove, boardFormat(subject)));
    }

    /** Boards are ruled in their own unit. */
    private static LengthFormat boardFormat(CheckSubject subject) {
        return LengthFormat.of(LengthFormat.of(LengthUnit.INCH).isReadable(subject.tools().grooveStep())
                ? LengthUnit.INCH : LengthUnit.MILLIMETRE);
    }

    /** Scores between grooves are everyday work, with a shifted fence; only who asked for grooves is warned. */
    private static Check grooves(CheckSubject subject, List<Message> off) {
        Measured step = Measured.of(subject.tools().grooveStep(), boardFormat(subject));
        if (off.isEmpty()) {
            return Check.good("grooves", CheckWords.EVERY_GROOVE.of("step", step));
        }
        List<Message> distinct = off.stream().distinct().toList();
        String scores = distinct.stream().limit(MOST_TOLD).map(Message::sentence).collect(Collectors.joining("; "))
                + (distinct.size() > MOST_TOLD ? "; and others." : ".");
        return subject.tools().onGrooves()
                ? Check.watch("grooves", Optional.empty(),
                        CheckWords.BETWEEN_GROOVES_ALL_THE_SAME.of("step", step, "scores", scores))
                : Check.good("grooves", CheckWords.BETWEEN_GROOVES.of("step", step, "scores", scores));
    }
}
