package cufflink.check;

import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import cufflink.stack.ClosedSize;
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
        return subject.whole().filter(closed -> subject.design().definition().stands().isEmpty())
                .flatMap(closed -> posted(subject, closed)).map(posted -> {
                    Length longer = Length.longer(posted.width(), posted.height());
                    Length shorter = Length.shorter(posted.width(), posted.height());
                    return List.of(subject.step().unit() == LengthUnit.INCH ? american(longer, shorter, posted)
                            : british(longer, shorter, posted));
                }).orElse(List.of());
    }

    /** What goes through the post: the card in the envelope that it is to go into, or in one that is made for it. */
    private static Optional<ClosedSize> posted(CheckSubject subject, ClosedSize closed) {
        return subject.envelope().map(CheckSubject.Into::envelope)
                .map(envelope -> new ClosedSize(envelope.width(), envelope.height(), closed.thickness()))
                .or(() -> subject.posted().map(part -> closed));
    }

    private static Check american(Length longer, Length shorter, ClosedSize posted) {
        Length thick = Length.ofInches(1, 4).minus(posted.thickness());
        double ratio = longer.toMillimetres() / shorter.toMillimetres();
        boolean size = !longer.isLongerThan(Length.ofInches(23, 2)) && !shorter.isLongerThan(Length.ofInches(49, 8))
                && !Length.ofInches(7, 2).isLongerThan(shorter) && !Length.ofInches(5).isLongerThan(longer);
        boolean shape = ratio >= 1.3 && ratio <= 2.5;
        return verdict(size && !thick.isNegative(), shape, thick, "a US letter");
    }

    private static Check british(Length longer, Length shorter, ClosedSize posted) {
        Length thick = Length.ofMillimetres(5).minus(posted.thickness());
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
