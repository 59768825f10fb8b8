package cufflink.check;

import cufflink.crease.Panel;
import cufflink.design.LaidContents;
import cufflink.measure.Length;
import cufflink.paper.Contents;
import cufflink.words.CheckWords;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Envelope;

/** Is what lies on a panel without a pocket larger than that? */
final class LaidContentsJudge implements Judge {
    @Override
    public List<Check> judge(CheckSubject subject) {
        return subject.design().laid().stream()
                .flatMap(laid -> subject.design().contents(laid).flatMap(item -> judge(subject, laid, item)).stream())
                .toList();
    }

    private static Optional<Check> judge(CheckSubject subject, LaidContents laid, Contents item) {
        Panel panel = subject.pieces().get(laid.on().piece()).pattern().panel(laid.on().panel()).orElseThrow();
        Envelope bounds = panel.outline().getEnvelopeInternal();
        Length by = Length.longer(item.width().minus(Length.nearestToMillimetres(bounds.getWidth())),
                item.height().minus(Length.nearestToMillimetres(bounds.getHeight())));
        return by.isPositive()
                ? Optional.of(Check.bad("laid-on-" + laid.on(), Optional.of(Length.ZERO.minus(by)),
                        CheckWords.LAID_BEYOND.of("item", item.name(), "panel", panel.label(), "by",
                                subject.onRuler(by)),
                        subject.change(laid.holds())))
                : Optional.empty();
    }
}
