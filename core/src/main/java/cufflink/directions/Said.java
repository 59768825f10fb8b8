package cufflink.directions;

import cufflink.measure.Length;
import cufflink.measure.LengthUnit;

/**
 * A length as directions say it.
 *
 * @param unit  in which it is read off a ruler
 * @param about whether it is said to be about so much
 * @param span  where it stands, or the words that it follows from
 */
public record Said(Length length, LengthUnit unit, boolean about, Span span) {
    /** The same words, said to mean another length. */
    Said meaning(Length other) {
        return new Said(other, unit, about, span);
    }
}
