package cufflink.paper;

import cufflink.measure.Length;
import java.util.List;

/**
 * A size known by name: a sheet, a finished card or an envelope.
 *
 * @param kind    what it is a size of
 * @param name    as shown, for example {@code A4}
 * @param width   the shorter side as usually named, portrait
 * @param height  the other side
 * @param aliases other names that are understood, in lower case
 * @param source  where the size is published
 */
public record NamedSize(Kind kind, String name, Length width, Length height, List<String> aliases, String source) {
    /** The source of a size that the maker measured. */
    public static final String MEASURED = "measured by the maker";

    /** What a named size is for. */
    public enum Kind { SHEET, CARD, ENVELOPE }

    public NamedSize {
        aliases = List.copyOf(aliases);
        if (!width.isPositive() || !height.isPositive()) {
            throw new IllegalArgumentException("width and height must be positive: " + width + ", " + height);
        }
    }
}
