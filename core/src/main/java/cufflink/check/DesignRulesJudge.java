package cufflink.check;

import cufflink.words.CheckWords;
import cufflink.words.Message;
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
            Message message = change.map(which -> CheckWords.RULE_TO_CHANGE.of("text", judgement.said(), "measure",
                    which.label().toLowerCase(Locale.ROOT)))
                    .orElseGet(() -> CheckWords.RULE.of("text", judgement.said()));
            return new Check(judgement.id(), verdict, judgement.margin(), message, change);
        }).toList();
    }
}
