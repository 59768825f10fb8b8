/**
 * Typed directions and what they mean. {@link cufflink.directions.DirectionsReader} is the way in:
 * <ol>
 * <li>{@code PlainText} blanks out what says nothing (bullets, numbers of steps, signs that cannot be seen), so that
 * every place stays where it was;
 * <li>{@code PhraseReader} finds the phrases, by the grammar {@code Directions.g4};
 * <li>{@code Clauses} cuts the row of phrases into clauses of one verb each;
 * <li>{@code Interpreter} goes through the clauses in order and keeps what was spoken of last;
 * <li>{@link cufflink.directions.Directions} is what it came to: pieces, claims, questions, what was not understood.
 * </ol>
 * Nothing is guessed in silence: a number that no clause takes is listed as not understood.
 */
package cufflink.directions;
