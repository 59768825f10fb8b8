package cufflink.check;

import cufflink.paper.GrainRule;
import cufflink.words.CheckWords;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Does heavy card fold along its fibres? */
final class GrainJudge implements Judge {
    @Override
    public List<Check> judge(CheckSubject subject) {
        if (subject.across().isEmpty()) {
            return List.of();
        }
        List<String> pieces = subject.across().stream()
                .map(piece -> subject.design().piece(piece).label().toLowerCase(Locale.ROOT)).toList();
        CheckWords words = subject.tools().grain() == GrainRule.IGNORE ? CheckWords.ACROSS_THE_GRAIN
                : CheckWords.ACROSS_THE_GRAIN_ALL_THE_SAME;
        return List.of(Check.watch("grain", Optional.empty(), words.of("pieces", pieces)));
    }
}
