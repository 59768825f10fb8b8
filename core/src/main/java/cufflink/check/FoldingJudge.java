package cufflink.check;

import cufflink.fold.FoldedPiece;
import cufflink.problem.Problem;
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
                checks.add(Check.bad(id, Optional.empty(), label + " does not fold: " + first.what(), first.remedy(),
                        Optional.empty()));
            } else if (!piece.pattern().hinges().isEmpty() && piece.flat().isPresent()) {
                checks.add(Check.good(id,
                        label + " folds flat: " + piece.flat().get().order().size() + " panels, " + piece.folds()
                                + (piece.folds() == 1 ? " fold" : " folds") + ", nothing in the way."));
            } else if (!piece.pattern().hinges().isEmpty()) {
                checks.add(Check.watch(id, Optional.empty(), label + " does not lie flat after its last fold.",
                        "Fold it shut to see its closed size."));
            }
        }
        boolean eachFolds = subject.pieces().values().stream().allMatch(piece -> piece.problems().isEmpty());
        subject.stacked().closed().closed().problems().stream().filter(problem -> eachFolds).findFirst()
                .ifPresent(problem -> checks.add(Check.bad("closes", Optional.empty(),
                        "Put together it does not close: " + problem.what(), problem.remedy(), Optional.empty())));
        return checks;
    }
}
