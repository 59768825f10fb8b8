package cufflink.paper;

import cufflink.measure.Length;

/**
 * The weight of a paper: grams per square metre, or pounds with their basis.
 *
 * @param amount grams per square metre, or pounds a ream of 500 basic sheets; positive
 * @param basis  what the amount counts
 */
public record Weight(double amount, Basis basis) {
    private static final double GRAMS_PER_POUND = 453.59237;
    private static final int REAM = 500;
    /** Uncoated card, the middle of 1.2 to 1.4 cm³/g (common practice, from memory). */
    private static final double BULK = 1.3;

    /** The basic size whose ream weighs the stated pounds (trade standard); METRIC is g/m² itself. */
    public enum Basis {
        METRIC("g/m²", 0, 0), COVER("lb cover", 20, 26), TEXT("lb text", 25, 38), BOND("lb bond", 17, 22),
        INDEX("lb index", 25.5, 30.5), BRISTOL("lb bristol", 22.5, 28.5);

        private final String label;
        private final double squareMetres;

        Basis(String label, double inchesWide, double inchesHigh) {
            this.label = label;
            this.squareMetres = inchesWide * 0.0254 * inchesHigh * 0.0254;
        }

        public String label() {
            return label;
        }
    }

    public Weight {
        if (!(amount > 0 && amount < 10_000)) {
            throw new IllegalArgumentException("amount must lie between 0 and 10 000: " + amount);
        }
    }

    public static Weight gsm(double gramsPerSquareMetre) {
        return new Weight(gramsPerSquareMetre, Basis.METRIC);
    }

    /** Grams per square metre: lb × 453.59237 / (500 × area of the basic sheet in m²). */
    public double gramsPerSquareMetre() {
        return basis == Basis.METRIC ? amount : amount * GRAMS_PER_POUND / (REAM * basis.squareMetres);
    }

    /** The caliper to expect of uncoated card of this weight, to the micrometre. */
    public Length estimatedCaliper() {
        return Length.ofMicrometres(Math.round(gramsPerSquareMetre() * BULK));
    }
}
