package cufflink.check;

import cufflink.measure.Length;
import cufflink.stack.ClosedStack;
import cufflink.stack.StackLayer;
import cufflink.words.CheckWords;
import cufflink.words.Message;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;

/**
 * Is any panel longer than the one that must cover it, or does a layer stand out of the closed card? Contents and
 * ornaments have judges of their own.
 */
final class OutlineJudge implements Judge {
    @Override
    public List<Check> judge(CheckSubject subject) {
        if (subject.stack().isEmpty() || !subject.design().definition().claims().covered()) {
            return List.of();
        }
        ClosedStack stack = subject.stack().get();
        StackLayer cover = stack.layers().stream().filter(layer -> layer.kind() == StackLayer.Kind.PANEL)
                .max(Comparator.comparingDouble(layer -> layer.footprint().getEnvelopeInternal().getArea()))
                .orElseThrow();
        Envelope covered = cover.footprint().getEnvelopeInternal();
        StackLayer worst = stack.layers().stream()
                .filter(layer -> layer.kind() != StackLayer.Kind.CONTENTS
                        && layer.kind() != StackLayer.Kind.ORNAMENT && layer.panel().isPresent())
                .max(Comparator.comparingDouble(layer -> beyond(layer, covered))).orElseThrow();
        Length by = Length.nearestToMillimetres(Math.max(0, beyond(worst, covered)));
        if (by.toMillimetres() < 1e-3) {
            return List.of(
                    Check.good("stays-inside", CheckWords.NOTHING_STANDS_OUT.of("cover", cover.label())));
        }
        Message message = CheckWords.STANDS_OUT.of("panel", worst.label(), "cover", cover.label(), "by",
                subject.onRuler(by));
        Optional<Check.Change> change = worst.panel().map(panel -> panel.panel()).flatMap(subject::change);
        return List.of(Check.bad("stays-inside", Optional.of(Length.ZERO.minus(by)), message, change));
    }

    private static double beyond(StackLayer layer, Envelope cover) {
        Envelope box = layer.footprint().getEnvelopeInternal();
        return Math.max(Math.max(cover.getMinX() - box.getMinX(), box.getMaxX() - cover.getMaxX()),
                Math.max(cover.getMinY() - box.getMinY(), box.getMaxY() - cover.getMaxY()));
    }
}
