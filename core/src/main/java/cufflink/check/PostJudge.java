package cufflink.check;

import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import cufflink.paper.NamedSize;
import cufflink.stack.ClosedStack;
import cufflink.words.CheckWords;
import java.util.List;
import java.util.Optional;

/**
 * Would it go as a letter? Limits from memory: US letter 3½ × 5 to 6⅛ × 11½ in, ¼ in thick, length to height 1.3 to
 * 2.5; UK letter 240 × 165 × 5 mm. Rules change: the operator's own are what counts, and the text says so.
 */
final class PostJudge implements Judge {
    @Override
    public List<Check> judge(CheckSubject subject) {
        if (subject.stack().isEmpty() || subject.envelope().isEmpty()) {
            return List.of();
        }
        NamedSize envelope = subject.envelope().get().envelope();
        Length longer = Length.longer(envelope.width(), envelope.height());
        Length shorter = Length.shorter(envelope.width(), envelope.height());
        ClosedStack stack = subject.stack().get();
        return List.of(subject.step().unit() == LengthUnit.INCH ? american(longer, shorter, stack)
                : british(longer, shorter, stack));
    }

    private static Check american(Length longer, Length shorter, ClosedStack stack) {
        Length thick = Length.ofInches(1, 4).minus(stack.thickness());
        double ratio = longer.toMillimetres() / shorter.toMillimetres();
        boolean size = !longer.isLongerThan(Length.ofInches(23, 2)) && !shorter.isLongerThan(Length.ofInches(49, 8))
                && !Length.ofInches(7, 2).isLongerThan(shorter) && !Length.ofInches(5).isLongerThan(longer);
        boolean shape = ratio >= 1.3 && ratio <= 2.5;
        return verdict(size && !thick.isNegative(), shape, thick, "a US letter");
    }

    private static Check british(Length longer, Length shorter, ClosedStack stack) {
        Length thick = Length.ofMillimetres(5).minus(stack.thickness());
        boolean size = !longer.isLongerThan(Length.ofMillimetres(240))
                && !shorter.isLongerThan(Length.ofMillimetres(165));
        return verdict(size && !thick.isNegative(), true, thick, "a UK letter");
    }

    private static Check verdict(boolean fits, boolean shape, Length thick, String what) {
        CheckWords code = !fits ? CheckWords.NO_LETTER : shape ? CheckWords.LETTER : CheckWords.LETTER_OF_ODD_SHAPE;
        return new Check("post", code == CheckWords.LETTER ? Verdict.GOOD : Verdict.WATCH, Optional.of(thick),
                code.of("letter", what), Optional.empty());
    }
}
