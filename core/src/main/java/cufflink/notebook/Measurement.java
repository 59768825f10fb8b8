package cufflink.notebook;

import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.words.Message;
import cufflink.words.NotebookWords;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a maker measured of a finished card, against what was planned.
 *
 * @param planned  positive
 * @param measured positive
 */
public record Measurement(What what, Length planned, Length measured) {
    /** One cut and one score may be off by half a millimetre each (common practice, no source). */
    private static final Length SIDE = Length.ofMillimetres(1);
    /**
     * Paper swells, burnishing presses: a stack may be off by so much of its thickness (common practice, no source).
     */
    private static final double STACK = 0.15;
    /** Millimetres, and the share, within which two sides are off alike. */
    private static final double ALIKE = 0.3;
    private static final double ALIKE_SHARE = 0.004;
    /** Millimetres, and the share, from which on that is worth a word. */
    private static final double WORTH = 0.4;
    private static final double WORTH_SHARE = 0.008;

    /** What can be measured of it. */
    public enum What {
        WIDTH("Closed width"), HEIGHT("Closed height"), THICKNESS("Thickness");

        private final String label;

        What(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    public Measurement {
        if (!planned.isPositive() || !measured.isPositive()) {
            throw new IllegalArgumentException("a card measures more than 0: " + planned + ", " + measured);
        }
    }

    /** Whether it is off by no more than trimming and scoring usually give. */
    public boolean isUsual() {
        return what == What.THICKNESS ? Math.abs(share() - 1) <= STACK : !off().abs().isLongerThan(SIDE);
    }

    /** How much more it is than planned; negative if less. */
    public Length off() {
        return measured.minus(planned);
    }

    private double share() {
        return (double) measured.nanometres() / planned.nanometres();
    }

    /** In a sentence: how far it is off, and whether that is usual. */
    public Message said(LengthFormat format) {
        LengthFormat shown = what == What.THICKNESS ? LengthFormat.of(LengthUnit.MILLIMETRE) : format;
        NotebookWords words = off().equals(Length.ZERO) ? NotebookWords.AS_PLANNED
                : off().isNegative() ? isUsual() ? NotebookWords.LESS : NotebookWords.LESS_THAN_USUAL
                : isUsual() ? NotebookWords.MORE : NotebookWords.MORE_THAN_USUAL;
        return off().equals(Length.ZERO)
                ? words.of("what", what.label(), "measured", shown.text(measured))
                : words.of("what", what.label(), "measured", shown.text(measured), "planned", shown.text(planned), "by",
                        shown.text(off().abs()));
    }

    /** What would explain it: each with what to do. */
    public static List<Message> reasons(List<Measurement> all, LengthFormat format) {
        List<Message> reasons = new ArrayList<>();
        Optional<Measurement> width = find(all, What.WIDTH);
        Optional<Measurement> height = find(all, What.HEIGHT);
        if (width.isPresent() && height.isPresent()) {
            sides(width.get(), height.get(), format, reasons);
        }
        find(all, What.THICKNESS).filter(thick -> !thick.isUsual()).ifPresent(thick -> reasons
                .add(NotebookWords.CALIPER.of("share", rounded(thick.share(), 2))));
        return reasons;
    }

    private static void sides(Measurement width, Measurement height, LengthFormat format, List<Message> reasons) {
        double across = width.off().toMillimetres();
        double down = height.off().toMillimetres();
        if (Math.abs(across - down) <= ALIKE && Math.abs(across) >= WORTH && Math.abs(down) >= WORTH) {
            Length by = Length.ofNanometres((width.off().nanometres() + height.off().nanometres()) / 2);
            reasons.add((by.isNegative() ? NotebookWords.CUT_SHORT : NotebookWords.CUT_LONG).of("by",
                    format.text(by.abs())));
        }
        double share = (width.share() + height.share()) / 2;
        if (Math.abs(width.share() - height.share()) <= ALIKE_SHARE && Math.abs(share - 1) >= WORTH_SHARE) {
            reasons.add(NotebookWords.PRINTED_AT.of("percent", rounded(100 * share, 1)));
        }
    }

    private static Optional<Measurement> find(List<Measurement> all, What what) {
        return all.stream().filter(one -> one.what() == what).findFirst();
    }

    private static String rounded(double number, int places) {
        return BigDecimal.valueOf(number).setScale(places, RoundingMode.HALF_UP).stripTrailingZeros().toPlainString();
    }
}
