package cufflink.check;

import cufflink.design.SizedDesign;
import cufflink.fold.FoldedPiece;
import cufflink.problem.Problem;
import cufflink.stack.PartSizes;
import cufflink.words.CheckWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Does every piece fold in the order given, and lie flat at the end? */
final class FoldingJudge implements Judge {
    @Override
    public List<Check> judge(CheckSubject subject) {
        List<Check> checks = new ArrayList<>();
        for (FoldedPiece piece : subject.pieces().values()) {
            String id = "folds-" + piece.pattern().piece();
            String label = subject.design().piece(piece.pattern().piece()).label();
            if (!piece.problems().isEmpty()) {
                Problem first = piece.problems().get(0);
                checks.add(Check.bad(id, Optional.empty(),
                        CheckWords.DOES_NOT_FOLD.of("piece", label, "problem", first.message()), Optional.empty()));
            } else if (!piece.pattern().hinges().isEmpty() && piece.flat().isPresent()) {
                checks.add(Check.good(id,
                        CheckWords.FOLDS_FLAT.of("piece", label, "panels", piece.flat().get().order().size(), "folds",
                                piece.folds())));
            } else if (!piece.pattern().hinges().isEmpty()) {
                checks.add(Check.watch(id, Optional.empty(), CheckWords.ENDS_NOT_FLAT.of("piece", label)));
            }
        }
        boolean eachFolds = subject.pieces().values().stream().allMatch(piece -> piece.problems().isEmpty());
        subject.stacked().closed().faults().stream().filter(problem -> eachFolds).findFirst()
                .ifPresent(problem -> checks.add(Check.bad("closes", Optional.empty(),
                        CheckWords.DOES_NOT_CLOSE.of("problem", problem.message()), Optional.empty())));
        sized(subject, checks);
        return checks;
    }

    /** What does not close has no size: what is made to go into it or round it is not made for it yet. */
    private static void sized(CheckSubject subject, List<Check> checks) {
        PartSizes sizes = PartSizes.of(subject.stacked());
        for (SizedDesign.PutStep put : subject.design().puts()) {
            boolean known = (put.part().isAround() ? sizes.inside(put.part()) : sizes.folded(put.part())).isPresent();
            if (!known) {
                checks.add(Check.bad("sized-" + put.part().name(), Optional.empty(),
                        CheckWords.NOT_SIZED.of("part", put.part().label()), Optional.empty()));
            }
        }
    }
}
