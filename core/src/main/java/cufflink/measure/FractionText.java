package cufflink.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Splits a text into plain runs and fractions, so that every device sets {@code 2 5/8} as 2⅝ in the same way. */
public final class FractionText {
    private static final Pattern FRACTION = Pattern.compile("(?<![\\d/.])(?:(\\d+) )?(\\d{1,3})/(\\d{1,3})(?![\\d/])");

    private FractionText() {
    }

    /** A stretch of text, or a fraction to set. */
    public sealed interface Run {
    }

    /** Text set as it stands. */
    public record Plain(String text) implements Run {
    }

    /** A numerator over a denominator, set small. */
    public record Fraction(String numerator, String denominator) implements Run {
    }

    /** The runs of a text, in order. The space between a whole number and its fraction is left out. */
    public static List<Run> runs(String text) {
        List<Run> runs = new ArrayList<>();
        Matcher matcher = FRACTION.matcher(text);
        int from = 0;
        while (matcher.find()) {
            String before = text.substring(from, matcher.start()) + (matcher.group(1) == null ? "" : matcher.group(1));
            if (!before.isEmpty()) {
                runs.add(new Plain(before));
            }
            runs.add(new Fraction(matcher.group(2), matcher.group(3)));
            from = matcher.end();
        }
        if (from < text.length()) {
            runs.add(new Plain(text.substring(from)));
        }
        return List.copyOf(runs);
    }
}
