package cufflink.check;

import cufflink.mat.MatLayer;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Is each layer smaller than what it lies on, and clear of the folds? */
final class LayerJudge implements Judge {
    /** A layer nearer to a fold than this cracks at its edge (common practice). */
    private static final Length CLEAR_OF_FOLD = Length.ofInches(1, 32);

    @Override
    public List<Check> judge(CheckSubject subject) {
        LengthFormat format = subject.format();
        List<Check> checks = new ArrayList<>();
        for (MatLayer layer : subject.mats()) {
            Length margin = border(layer);
            String what = layer.label() + ", " + format.size(layer.width(), layer.height());
            String under = format.size(layer.underArea().width(), layer.underArea().height());
            if (margin.isNegative()) {
                checks.add(Check.bad("layer-" + layer.on().on() + "-" + layer.layer(), Optional.of(margin),
                        what + ", is larger than what it lies on (" + under + ").", "Cut it down to leave a border.", Optional.empty()));
            } else if (CLEAR_OF_FOLD.isLongerThan(margin)) {
                checks.add(Check.watch("layer-" + layer.on().on() + "-" + layer.layer(), Optional.of(margin),
                        what + ", reaches the edge of what it lies on (" + under + "); next to a fold its edge cracks.", "Leave a border."));
            }
        }
        if (checks.isEmpty() && !subject.mats().isEmpty()) {
            Length least = subject.mats().stream().map(LayerJudge::border).min(Comparator.naturalOrder()).orElseThrow();
            checks.add(Check.good("layers", least, "Every layer is smaller than what it lies on: at least " + format.text(least) + " shows."));
        }
        return checks;
    }

    private static Length border(MatLayer layer) {
        Length spare = Length.shorter(layer.underArea().width().minus(layer.width()), layer.underArea().height().minus(layer.height()));
        return Length.ofNanometres(spare.nanometres() / 2);
    }
}
