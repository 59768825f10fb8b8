package cufflink.check;

import cufflink.cut.Cut;
import cufflink.cut.LayoutMessages;
import cufflink.cut.LayoutPlan;
import cufflink.measure.Length;
import cufflink.words.CheckWords;
import cufflink.words.Vocabulary;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Does the paper give every piece, and does every cut go through the trimmer? */
final class SheetJudge implements Judge {
    @Override
    public List<Check> judge(CheckSubject subject) {
        LayoutPlan layout = subject.layout();
        List<Check> checks = new ArrayList<>();
        if (layout.unplaced().isEmpty()) {
            checks.add(Check.good("sheets",
                    CheckWords.SHEETS.of("sheets", Vocabulary.sentences(LayoutMessages.sheets(layout)))));
        } else {
            checks.add(Check.bad("sheets", Optional.empty(),
                    CheckWords.PIECES_NOT_GIVEN.of("pieces", layout.unplaced().stream().distinct().sorted().toList()),
                    Optional.empty()));
        }
        Optional<Length> longest = layout.sheets().stream().flatMap(sheet -> sheet.cuts().stream()).map(Cut::length)
                .max(Comparator.naturalOrder());
        longest.ifPresent(cut -> {
            Length margin = subject.tools().trimmerLength().minus(cut);
            checks.add(margin.isNegative()
                    ? Check.watch("trimmer", Optional.of(margin),
                            CheckWords.LONGER_THAN_TRIMMER.of("cut", subject.exact(cut), "trimmer",
                                    subject.exact(subject.tools().trimmerLength())))
                    : Check.good("trimmer", margin,
                            CheckWords.THROUGH_THE_TRIMMER.of("cut", subject.exact(cut))));
        });
        return checks;
    }
}
