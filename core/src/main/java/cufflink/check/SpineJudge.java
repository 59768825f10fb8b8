package cufflink.check;

import cufflink.design.CreaseRef;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.measure.Measured;
import cufflink.stack.ClosedStack;
import cufflink.stack.StackLayer;
import cufflink.stack.Winding;
import cufflink.words.CheckWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Does a single score have to go round more than it can? A fold round a stack needs a spine about as wide as the stack
 * is thick (common practice).
 */
final class SpineJudge implements Judge {
    /** A single score of ordinary card closes round this much (common practice). */
    private static final Length SINGLE_SCORE = Length.ofMicrometres(2500);

    @Override
    public List<Check> judge(CheckSubject subject) {
        List<Check> checks = new ArrayList<>();
        LengthFormat millimetres = LengthFormat.of(LengthUnit.MILLIMETRE);
        subject.stacked().stacks().stream().flatMap(Optional::stream).forEach(stack -> {
            for (Map.Entry<CreaseRef, Length> entry : stack.enclosed().entrySet()) {
                if (entry.getValue().isLongerThan(SINGLE_SCORE)) {
                    checks.add(Check.watch("spine-" + entry.getKey(), Optional.of(SINGLE_SCORE.minus(entry.getValue())),
                            CheckWords.GOES_ROUND.of("crease", entry.getKey().crease(), "thickness",
                                    Measured.of(entry.getValue(), millimetres), "creep",
                                    subject.onRuler(Winding.creep(entry.getValue())), "apart",
                                    subject.exact(subject.step().up(Winding.spine(entry.getValue(),
                                            caliper(stack, entry.getKey().piece())))))));
                }
            }
        });
        return checks;
    }

    private static Length caliper(ClosedStack stack, String piece) {
        return stack.layers().stream().filter(layer -> layer.kind() == StackLayer.Kind.PANEL
                && layer.panel().filter(panel -> panel.piece().equals(piece)).isPresent()).findFirst()
                .map(StackLayer::thickness).orElse(Length.ZERO);
    }
}
