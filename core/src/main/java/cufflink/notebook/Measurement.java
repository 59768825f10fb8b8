package cufflink.notebook;

import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.plan.Plan;
import cufflink.words.Message;
import cufflink.words.NotebookWords;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a maker measured of a finished card, against what was planned.
 *
 * @param label    as shown; of a measure its own
 * @param planned  positive
 * @param measured positive
 */
public record Measurement(What what, String label, Length planned, Length measured) {
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
        WIDTH("Closed width"), HEIGHT("Closed height"), THICKNESS("Thickness"),
        /** A measure of the design, such as the width of a panel. */
        MEASURE("");

        private final String label;

        What(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    public Measurement {
        if (what == What.MEASURE ? label.isBlank() : !label.equals(what.label)) {
            throw new IllegalArgumentException("“" + label + "” is not what is measured as " + what);
        }
        if (!planned.isPositive() || !measured.isPositive()) {
            throw new IllegalArgumentException("a card measures more than 0: " + planned + ", " + measured);
        }
    }

    /** Of the closed card. */
    public static Measurement of(What what, Length planned, Length measured) {
        return new Measurement(what, what.label(), planned, measured);
    }

    /**
     * Of a plan: {@code width}, {@code height} or {@code thickness} of the closed card, or the name of a measure that
     * is a length; none if the plan has no such thing.
     */
    public static Optional<Measurement> of(Plan plan, String what, Length measured) {
        for (What one : List.of(What.WIDTH, What.HEIGHT, What.THICKNESS)) {
            if (what.equalsIgnoreCase(one.name())) {
                return plan.workings().closedSize().map(size -> of(one, switch (one) {
                    case WIDTH -> size.width();
                    case HEIGHT -> size.height();
                    default -> size.thickness();
                }, measured));
            }
        }
        return plan.measures().get(what).filter(sized -> sized.isLength() && sized.length().isPositive())
                .map(sized -> new Measurement(What.MEASURE, sized.definition().label(), sized.length(), measured));
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
                ? words.of("what", label, "measured", shown.text(measured))
                : words.of("what", label, "measured", shown.text(measured), "planned", shown.text(planned), "by",
                        shown.text(off().abs()));
    }

    /** What would explain it: each with what to do. */
    public static List<Message> reasons(List<Measurement> all, LengthFormat format) {
        List<Message> reasons = new ArrayList<>();
        offAlike(all).ifPresent(by -> reasons.add((by.isNegative() ? NotebookWords.CUT_SHORT : NotebookWords.CUT_LONG)
                .of("by", format.text(by.abs()))));
        DoubleSummaryStatistics shares = sides(all).mapToDouble(Measurement::share).summaryStatistics();
        if (shares.getCount() > 1 && shares.getMax() - shares.getMin() <= ALIKE_SHARE
                && Math.abs(shares.getAverage() - 1) >= WORTH_SHARE) {
            reasons.add(NotebookWords.PRINTED_AT.of("percent", rounded(100 * shares.getAverage(), 1)));
        }
        thicker(all).ifPresent(share -> reasons.add(NotebookWords.CALIPER.of("share", rounded(share, 2))));
        return reasons;
    }

    /** By how much all sides are off alike, two or more; none if they are not, or by next to nothing. */
    public static Optional<Length> offAlike(List<Measurement> all) {
        DoubleSummaryStatistics off = sides(all).mapToDouble(one -> one.off().toMillimetres()).summaryStatistics();
        return Optional.of(off)
                .filter(found -> found.getCount() > 1 && found.getMax() - found.getMin() <= ALIKE
                        && Math.abs(found.getAverage()) >= WORTH)
                .map(found -> Length.nearestToMillimetres(found.getAverage()));
    }

    /** How many times as thick as planned it is, where that is more than usual. */
    public static Optional<Double> thicker(List<Measurement> all) {
        return all.stream().filter(one -> one.what() == What.THICKNESS && !one.isUsual()).findFirst()
                .map(Measurement::share);
    }

    private static Stream<Measurement> sides(List<Measurement> all) {
        return all.stream().filter(one -> one.what() != What.THICKNESS);
    }

    private static String rounded(double number, int places) {
        return BigDecimal.valueOf(number).setScale(places, RoundingMode.HALF_UP).stripTrailingZeros().toPlainString();
    }
}
