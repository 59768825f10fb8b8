package cufflink.check;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The checks that the design file itself asks for. */
final class DesignRulesJudge implements Judge {
    @Override
    public List<Check> judge(CheckSubject subject) {
        return subject.design().judgements().stream().map(judgement -> {
            Verdict verdict = judgement.holds() ? Verdict.GOOD : judgement.bad() ? Verdict.BAD : Verdict.WATCH;
            Optional<Check.Change> change = judgement.holds() ? Optional.empty()
                    : judgement.change().flatMap(subject::change);
            String remedy = change.map(which -> "Change " + which.label().toLowerCase(Locale.ROOT) + ".").orElse("");
            return new Check(judgement.id(), verdict, judgement.margin(), judgement.text(), remedy, change);
        }).toList();
    }
}
