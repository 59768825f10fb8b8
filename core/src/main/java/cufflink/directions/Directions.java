package cufflink.directions;

import cufflink.measure.LengthUnit;
import java.util.List;

/**
 * What a text of directions came to.
 *
 * @param text          as typed; every span counts in it
 * @param unit          in which bare numbers are read
 * @param phrases       in the order of the text
 * @param pieces        in the order in which they are first spoken of
 * @param notUnderstood numbers, and what is told to be done with them, that nothing was made of
 */
public record Directions(String text, LengthUnit unit, List<Phrase> phrases, List<ReadPiece> pieces, List<Claim> claims,
        List<Question> questions, List<Span> notUnderstood) {
    public Directions {
        phrases = List.copyOf(phrases);
        pieces = List.copyOf(pieces);
        claims = List.copyOf(claims);
        questions = List.copyOf(questions);
        notUnderstood = List.copyOf(notUnderstood);
    }
}
