package cufflink.check;

import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.paper.NamedSize;
import cufflink.stack.ClosedStack;
import java.util.List;
import java.util.Optional;

/** Does the closed card go into the chosen envelope, its thickness counted? */
final class EnvelopeJudge implements Judge {
    /** Less than this each way is a tight fit (common practice). */
    private static final Length COMFORT = Length.ofInches(1, 16);

    @Override
    public List<Check> judge(CheckSubject subject) {
        if (subject.stack().isEmpty() || subject.envelope().isEmpty()) {
            return List.of();
        }
        ClosedStack stack = subject.stack().get();
        NamedSize envelope = subject.envelope().get().envelope();
        LengthFormat format = subject.format();
        Length spareLong = Length.longer(envelope.width(), envelope.height())
                .minus(Length.longer(stack.width(), stack.height())).minus(stack.thickness());
        Length spareShort = Length.shorter(envelope.width(), envelope.height())
                .minus(Length.shorter(stack.width(), stack.height())).minus(stack.thickness());
        Length margin = Length.shorter(spareLong, spareShort);
        String text = format.size(stack.width(), stack.height()) + ", "
                + LengthFormat.of(LengthUnit.MILLIMETRE).text(stack.thickness())
                + " thick, " + (margin.isNegative() ? "does not go into " : "goes into ") + "the " + envelope.name()
                + " envelope ("
                + format.size(envelope.width(), envelope.height()) + ")";
        if (margin.isNegative()) {
            return List
                    .of(Check
                            .bad("envelope", Optional.of(margin),
                                    text + ": " + format.text(subject.step().up(margin.abs())) + " too little.",
                                    subject.envelope().get().fitted() ? "Choose a larger envelope."
                                            : "Fit the card to the envelope, or choose a larger one.",
                                    Optional.empty()));
        }
        String spare = text + ": " + format.text(subject.step().down(margin)) + " to spare.";
        return List.of(COMFORT.isLongerThan(margin)
                ? Check.watch("envelope", Optional.of(margin), spare,
                        "It will be tight. Measure the envelope; the packet's size is nominal.")
                : Check.good("envelope", margin, spare));
    }
}
