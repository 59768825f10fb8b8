package cufflink.directions;

import java.util.List;
import java.util.Optional;

/** Something that directions say besides what is cut and scored, and that can be held against it. */
public sealed interface Claim {
    /** Where it stands. */
    Span span();

    /** A piece is spoken of again, with its size. {@code piece} is its place among the pieces. */
    record SizeAgain(int piece, Said width, Said height, Span span) implements Claim {
    }

    /**
     * So many things of this name are spoken of.
     *
     * @param isAll whether all of them are meant, as in "the four mats"
     */
    record CountAgain(String name, int count, boolean isAll, Span span) implements Claim {
    }

    /** A length or size that is said to be half of another: of a side of a piece if {@code whole} is absent. */
    record Half(Optional<Said> whole, int piece, Said half, Span span) implements Claim {
    }

    /** How wide the panels of a piece are said to be. */
    record Panels(int piece, List<Said> widths, Span span) implements Claim {
        public Panels {
            widths = List.copyOf(widths);
        }
    }

    /** A piece is said to leave so much of what it lies on, on each side. */
    record Border(int piece, Said border, Span span) implements Claim {
    }

    /** How wide one panel of a piece is said to be. */
    record OnePanel(int piece, Which which, Said width, Span span) implements Claim {
        /** Which of the panels. */
        public enum Which {
            FIRST, LAST, ANY
        }
    }

    /** Each piece of a name is said to be smaller than the one before it by so much in all, both ways. */
    record EachSmaller(String name, Said by, Span span) implements Claim {
    }

    /** One length in two units. */
    record TwoUnits(Said one, Said other, Span span) implements Claim {
    }

    /** The size of the closed card. */
    record Closed(Said width, Said height, Span span) implements Claim {
    }
}
