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
import java.util.Locale;
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
            checks.addAll(reach(subject, setup));
            for (ScoreSetup.Position position : setup.positions()) {
                positions++;
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

    /** What lies past the end of the board as the piece lies, of one piece at the fence. */
    private static List<Check> reach(CheckSubject subject, ScoreSetup setup) {
        Length board = subject.tools().boardWidth();
        List<ScoreSetup.Position> past = setup.positions().stream()
                .filter(position -> position.at().isLongerThan(board))
                .toList();
        List<ScoreSetup.Position> beyond = past.stream()
                .filter(position -> nearer(setup, position).isLongerThan(board)).toList();
        List<ScoreSetup.Position> turned = past.stream().filter(position -> !beyond.contains(position)).toList();
        List<Check> checks = new ArrayList<>();
        if (!beyond.isEmpty()) {
            checks.add(beyond(subject, setup, beyond));
        }
        if (!turned.isEmpty()) {
            checks.add(turned(subject, setup, turned));
        }
        return checks;
    }

    private static Length nearer(ScoreSetup setup, ScoreSetup.Position position) {
        return Length.shorter(position.at(), ScoreLister.mirrored(position.at(), setup.across()));
    }

    private static Check beyond(CheckSubject subject, ScoreSetup setup, List<ScoreSetup.Position> beyond) {
        Length board = subject.tools().boardWidth();
        Length least = beyond.stream().map(position -> nearer(setup, position)).min(Comparator.naturalOrder())
                .orElseThrow();
        Length most = beyond.stream().map(position -> nearer(setup, position)).max(Comparator.naturalOrder())
                .orElseThrow();
        ScoreSetup.Position first = beyond.get(0);
        return Check.bad("board-" + (beyond.size() == 1 ? "" : "from-") + first.score(),
                Optional.of(board.minus(most)),
                beyond.size() == 1
                        ? CheckWords.SCORE_BEYOND_BOARD.of("score", first.score(), "at", subject.exact(least), "board",
                                subject.exact(board))
                        : CheckWords.SCORES_BEYOND_BOARD.of("count", beyond.size(), "piece", label(subject, setup),
                                "at", subject.exact(least), "board", subject.exact(board)),
                Optional.empty());
    }

    private static Check turned(CheckSubject subject, ScoreSetup setup, List<ScoreSetup.Position> turned) {
        ScoreSetup.Position first = turned.get(0);
        ScoreSetup.Position last = turned.get(turned.size() - 1);
        return Check.watch("board-" + (turned.size() == 1 ? "" : "from-") + first.score(),
                Optional.of(subject.tools().boardWidth().minus(last.at())),
                turned.size() == 1
                        ? CheckWords.SCORE_PAST_BOARD.of("score", first.score(), "at", subject.exact(first.at()),
                                "instead", subject.exact(nearer(setup, first)))
                        : CheckWords.SCORES_PAST_BOARD.of("count", turned.size(), "piece", label(subject, setup), "at",
                                subject.exact(first.at()), "board", subject.exact(subject.tools().boardWidth()),
                                "nearest", subject.exact(nearer(setup, last)), "furthest",
                                subject.exact(nearer(setup, first))));
    }

    private static String label(CheckSubject subject, ScoreSetup setup) {
        return subject.design().piece(setup.piece()).label().toLowerCase(Locale.ROOT);
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
