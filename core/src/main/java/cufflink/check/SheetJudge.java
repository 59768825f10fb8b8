package cufflink.check;

import cufflink.cut.Cut;
import cufflink.cut.LayoutPlan;
import cufflink.cut.LayoutWords;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/** Does the paper give every piece, and does every cut go through the trimmer? */
final class SheetJudge implements Judge {
    @Override
    public List<Check> judge(CheckSubject subject) {
        LengthFormat format = subject.format();
        LayoutPlan layout = subject.layout();
        List<Check> checks = new ArrayList<>();
        if (layout.unplaced().isEmpty()) {
            checks.add(Check.good("sheets", LayoutWords.sheets(layout)));
        } else {
            checks.add(Check.bad("sheets", Optional.empty(),
                    "The paper does not give " + String.join(", ", new TreeSet<>(layout.unplaced()))
                            + ": too large, or too few sheets.",
                    "Take a larger sheet or more of them, or make the card smaller.", Optional.empty()));
        }
        Optional<Length> longest = layout.sheets().stream().flatMap(sheet -> sheet.cuts().stream()).map(Cut::length)
                .max(Comparator.naturalOrder());
        longest.ifPresent(cut -> {
            Length margin = subject.tools().trimmerLength().minus(cut);
            checks.add(margin.isNegative()
                    ? Check.watch("trimmer", Optional.of(margin),
                            "The longest cut is " + format.text(cut) + ", the trimmer "
                                    + format.text(subject.tools().trimmerLength()) + " long.",
                            "Make the long cuts with a knife and a metal rule.")
                    : Check.good("trimmer", margin,
                            "Every cut goes through the trimmer: the longest is " + format.text(cut) + "."));
        });
        return checks;
    }
}
