package cufflink.directions;

import cufflink.measure.LengthUnit;
import java.util.List;
import java.util.Optional;

/**
 * One phrase of a text.
 *
 * @param amounts the numbers in it, in their order
 * @param detail  what tells it from others of its kind, in lower case: {@code left}, {@code long}, {@code it}, a name
 */
public record Phrase(Kind kind, Span span, List<Amount> amounts, String detail) {
    /** What a phrase is. */
    public enum Kind {
        SIZE, RANGE, TWO_UNITS, LESS, LENGTH, COUNT, SHARE, SIDE, FROM_EDGE, CORNER, ALL_OVER, CREASE, TURN, CUT, NEED,
        SCORE, FOLD, GLUE, SLIT, PUNCH, CLOSED, LEAVES, REFERENCE, NAME, MATERIAL, SHEET, EDGE, RELATION, QUOTED,
        NEW_LINE, MARK, WORD;

        /** Whether it says what is done. */
        boolean isVerb() {
            return switch (this) {
                case CUT, NEED, SCORE, FOLD, GLUE, SLIT, PUNCH, CLOSED, LEAVES -> true;
                default -> false;
            };
        }

        /** Whether it says something that directions are made of, so that a window can mark it. */
        public boolean isMarked() {
            return switch (this) {
                case NEW_LINE, MARK, WORD, RELATION -> false;
                default -> true;
            };
        }
    }

    public Phrase {
        amounts = List.copyOf(amounts);
    }

    /** The same in a text with so many characters before it. */
    Phrase behind(int characters) {
        return new Phrase(kind, span.behind(characters),
                amounts.stream().map(amount -> amount.behind(characters)).toList(), detail);
    }

    /** Whether it may say how many: "two of", or a whole number without a unit. */
    boolean mayCount() {
        return kind == Kind.COUNT || kind == Kind.LENGTH && amounts.get(0).plain();
    }

    /** How many it says; two for "a pair". */
    int count() {
        return amounts.isEmpty() ? 2 : amounts.get(0).count();
    }

    /** A length that is both sides of a square. */
    Phrase square() {
        return new Phrase(Kind.SIZE, span, amounts, "square");
    }

    boolean is(Kind wanted) {
        return kind == wanted;
    }

    boolean is(Kind wanted, String... details) {
        return kind == wanted && List.of(details).contains(detail);
    }

    /** Whether it ends a clause whatever stands around it. */
    boolean endsClause() {
        return kind == Kind.NEW_LINE || is(Kind.MARK, ".", "!", "?", ";");
    }

    /** The unit that is written with it, if any. */
    Optional<LengthUnit> unit() {
        return amounts.stream().flatMap(amount -> amount.unit().stream()).map(WrittenUnit::ruler).findFirst();
    }
}
