package cufflink.check;

import cufflink.fold.PosedCard;
import cufflink.problem.Problem;
import cufflink.words.CheckWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Can the closed card be brought into each of its poses, with nothing in the way? */
final class PoseJudge implements Judge {
    @Override
    public List<Check> judge(CheckSubject subject) {
        List<Check> checks = new ArrayList<>();
        List<String> good = new ArrayList<>();
        for (PosedCard posed : subject.poses()) {
            Optional<Problem> problem = posed.state().problems().stream().filter(Problem::isError).findFirst()
                    .or(posed::obstacle);
            problem.ifPresentOrElse(
                    found -> checks.add(Check.bad("pose-" + posed.name().replace(' ', '-'), Optional.empty(),
                            CheckWords.POSE_NOT_REACHED.of("pose", posed.name(), "problem", found.message()),
                            Optional.empty())),
                    () -> good.add(posed.name()));
        }
        if (!good.isEmpty()) {
            checks.add(Check.good("moves", CheckWords.MOVES.of("poses", good)));
        }
        return checks;
    }
}
