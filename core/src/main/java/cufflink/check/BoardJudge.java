package cufflink.check;

import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.score.ScoreLister;
import cufflink.score.ScoreSetup;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Can every score be made on the maker's board? */
final class BoardJudge implements Judge {
    private static final int MOST_TOLD = 6;

    @Override
    public List<Check> judge(CheckSubject subject) {
        List<Check> checks = new ArrayList<>();
        int positions = 0;
        List<String> off = new ArrayList<>();
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
        LengthFormat format = subject.format();
        Length board = subject.tools().boardWidth();
        Length nearer = Length.shorter(position.at(), ScoreLister.mirrored(position.at(), setup.across()));
        if (nearer.isLongerThan(board)) {
            return Optional.of(Check.bad("board-" + position.score(), Optional.of(board.minus(nearer)),
                    "Score " + position.score() + " lies "
                            + format.text(nearer) + " from the nearer end; the board is " + format.text(board)
                            + " wide.",
                    "Mark it by hand and score it along a metal rule.", Optional.empty()));
        }
        return !position.at().isLongerThan(board) ? Optional.empty()
                : Optional.of(Check.watch("board-" + position.score(), Optional.of(board.minus(position.at())),
                        "Score " + position.score() + " at "
                                + format.text(position.at()) + " lies past the end of the board.",
                        "Turn the piece end for end and score at " + format.text(nearer) + "."));
    }

    /** A score longer than the bed cannot be made in one stroke. */
    private static Optional<Check> length(CheckSubject subject) {
        Length longest = subject.scores().stream().flatMap(setup -> setup.positions().stream())
                .map(position -> position.to().minus(position.from()))
                .max(Comparator.naturalOrder()).orElse(Length.ZERO);
        Length margin = subject.tools().boardHeight().minus(longest);
        return margin.isNegative()
                ? Optional.of(Check.watch("board-length", Optional.of(margin),
                        "The longest score is " + subject.format().text(longest)
                                + ", the board's grooves " + subject.format().text(subject.tools().boardHeight())
                                + " long.",
                        "Score it in two strokes, sliding the piece along the fence."))
                : Optional.empty();
    }

    /** Where a score lies against the groove before it: "2 3/16 is 1/16 past the groove at 2 1/8". */
    private static String shifted(CheckSubject subject, Length at) {
        Length groove = at.downTo(subject.tools().grooveStep());
        return subject.step().number(at) + " is " + subject.step().number(at.minus(groove)) + " past the groove at "
                + boardFormat(subject).text(groove);
    }

    /** Boards are ruled in their own unit. */
    private static LengthFormat boardFormat(CheckSubject subject) {
        return LengthFormat.of(LengthFormat.of(LengthUnit.INCH).isReadable(subject.tools().grooveStep())
                ? LengthUnit.INCH : LengthUnit.MILLIMETRE);
    }

    /** Scores between grooves are everyday work, with a shifted fence; only who asked for grooves is warned. */
    private static Check grooves(CheckSubject subject, List<String> off) {
        String step = boardFormat(subject).text(subject.tools().grooveStep());
        if (off.isEmpty()) {
            return Check.good("grooves", "Every score lies on a groove (every " + step + ").");
        }
        List<String> told = off.stream().distinct().limit(MOST_TOLD).toList();
        String text = "Between the grooves (every " + step + "): " + String.join("; ", told)
                + (off.stream().distinct().count() > MOST_TOLD ? "; and others." : ".");
        return subject.tools().onGrooves() ? Check.watch("grooves", Optional.empty(), text,
                "They follow from what was set by hand or from the shape: shift the fence by as much, or mark them.")
                : Check.good("grooves", text + " Shift the fence by as much, or mark them.");
    }
}
