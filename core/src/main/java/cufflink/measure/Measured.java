package cufflink.measure;

/**
 * A length as an argument, with how it is shown.
 *
 * @param text as it is read, with its unit
 */
public record Measured(Length length, String text) {
    /** Exactly. */
    public static Measured of(Length length, LengthFormat format) {
        return new Measured(length, format.text(length));
    }

    /** On the maker's ruler: the nearest division, marked as such, if it lies between two. */
    public static Measured of(Length length, RulerStep ruler) {
        return new Measured(length, ruler.text(length));
    }

    @Override
    public String toString() {
        return text;
    }
}
