package cufflink.measure;

/** A unit that a maker reads and types. */
public enum LengthUnit {
    INCH("in", Length.ofInches(1)),
    MILLIMETRE("mm", Length.ofMillimetres(1));

    private final String symbol;
    private final Length length;

    LengthUnit(String symbol, Length length) {
        this.symbol = symbol;
        this.length = length;
    }

    /** What is written behind a number: {@code in} or {@code mm}. */
    public String symbol() {
        return symbol;
    }

    public Length length() {
        return length;
    }
}
