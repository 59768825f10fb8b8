package cufflink.check;

import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.measure.Measured;
import cufflink.paper.NamedSize;
import cufflink.stack.ClosedSize;
import cufflink.stack.StandingSize;
import cufflink.words.CheckWords;
import cufflink.words.Message;
import java.util.List;
import java.util.Optional;

/** Does the closed card go into the chosen envelope, its thickness counted? */
final class EnvelopeJudge implements Judge {
    /** Less than this each way is a tight fit (common practice). */
    private static final Length COMFORT = Length.ofInches(1, 16);

    @Override
    public List<Check> judge(CheckSubject subject) {
        Optional<StandingSize> standing = StandingSize.of(subject.posed());
        if (standing.isPresent()) {
            return List.of(standing(subject, standing.get()));
        } else if (subject.whole().isEmpty() || subject.envelope().isEmpty()) {
            return List.of();
        }
        ClosedSize closed = subject.whole().get();
        NamedSize envelope = subject.envelope().get().envelope();
        LengthFormat format = subject.format();
        Length spareLong = Length.longer(envelope.width(), envelope.height())
                .minus(Length.longer(closed.width(), closed.height())).minus(closed.thickness());
        Length spareShort = Length.shorter(envelope.width(), envelope.height())
                .minus(Length.shorter(closed.width(), closed.height())).minus(closed.thickness());
        Length margin = Length.shorter(spareLong, spareShort);
        CheckWords code = !margin.isNegative()
                ? COMFORT.isLongerThan(margin) ? CheckWords.GOES_TIGHTLY_INTO : CheckWords.GOES_INTO
                : subject.envelope().get().fitted() ? CheckWords.TOO_LARGE_FOR_FITTED : CheckWords.TOO_LARGE_FOR;
        Message message = code.of("size", format.size(closed.width(), closed.height()), "thickness",
                Measured.of(closed.thickness(), LengthFormat.of(LengthUnit.MILLIMETRE)), "envelope", envelope.name(),
                "inside", format.size(envelope.width(), envelope.height()), "margin", subject.margin(margin));
        Verdict verdict = margin.isNegative() ? Verdict.BAD
                : COMFORT.isLongerThan(margin) ? Verdict.WATCH : Verdict.GOOD;
        return List.of(new Check("envelope", verdict, Optional.of(margin), message, Optional.empty()));
    }

    /** What has no flat form goes into none. */
    private static Check standing(CheckSubject subject, StandingSize standing) {
        String size = subject.step().size(standing.across(), standing.deep());
        Measured high = subject.onRuler(standing.high());
        CheckWords none = standing.round() ? CheckWords.ROUND_IN_NO_ENVELOPE : CheckWords.STANDS_IN_NO_ENVELOPE;
        CheckWords good = standing.round() ? CheckWords.LIES_ROUND : CheckWords.STANDS;
        return subject.envelope()
                .map(into -> Check.bad("envelope", Optional.empty(),
                        none.of("size", size, "high", high, "envelope", into.envelope().name()), Optional.empty()))
                .orElseGet(() -> Check.good("stands", good.of("size", size, "high", high)));
    }
}
