package cufflink.directions;

/**
 * Where something stands in a text.
 *
 * @param from index of the first character
 * @param to   behind the last one; not before {@code from}
 */
public record Span(int from, int to) {
    public Span {
        if (from < 0 || to < from) {
            throw new IllegalArgumentException("a span runs forward: " + from + " to " + to);
        }
    }

    /** From the beginning of one to the end of the other. */
    public Span through(Span other) {
        return new Span(Math.min(from, other.from), Math.max(to, other.to));
    }

    /** The same place in a text with so many characters before it. */
    Span behind(int characters) {
        return new Span(from + characters, to + characters);
    }

    /** The text that stands there. */
    public String in(String text) {
        return text.substring(from, to);
    }

    /** The line that it begins in, from 1. */
    public int line(String text) {
        return 1 + (int) text.substring(0, from).chars().filter(sign -> sign == '\n').count();
    }
}
