package cufflink.directions;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.Fold;
import cufflink.design.Side;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Pieces and scores as people tell them. */
class PhrasesOfTheTradeTest {
    private static Directions read(String text) {
        return new DirectionsReader().read(text, Optional.empty()).orThrow();
    }

    /** {@code 2 × mat 4 × 5; strip 11 × 4 left 3 5} */
    private static String said(String text) {
        LengthFormat format = LengthFormat.of(LengthUnit.INCH);
        return read(text).pieces().stream().map(piece -> piece.quantity() + " × " + piece.name() + " "
                + format.number(piece.width().length()) + " × " + format.number(piece.height().length())
                + piece.scores().stream().map(score -> " " + score.from().word() + " "
                        + format.number(score.at().length())).collect(Collectors.joining()))
                .collect(Collectors.joining("; "));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "Cut a strip 11 x 4 in. Score the strip at 3 and 7 in from the left. | 1 × strip 11 × 4 left 3 left 7",
        "Cut a strip 11 x 4 in and a mat 2 x 3 in. Score the strip at 3 in. | 1 × strip 11 × 4 left 3; 1 × mat 2 × 3",
        "strip 11 x 4 in, scored along the 11 in side at 3 and 7 | 1 × strip 11 × 4 left 3 left 7",
        "Base: 8 x 6 in. Score on the long side at 3, then turn and score at 2 in. | 1 × Base 8 × 6 left 3 top 2",
        "Outer fold 8 x 5 in. Inner fold 8 x 5 in. Score the inner fold at 4 in from the left. | 1 × Outer fold 8 × 5; 1 × Inner fold 8 × 5 left 4",
        "Mats: 4 x 5 in, cut 3 | 3 × Mats 4 × 5", "Cut two mats 4 x 5 in | 2 × mats 4 × 5",
        "Mat 4 x 5 in. Cut two of these. | 2 × Mat 4 × 5",
        "Insert 6 x 4 in. Cut a tag, the same size. | 1 × Insert 6 × 4; 1 × tag 6 × 4",
        "Panel 5 x 7 in. Mat: 1/4 in smaller than the panel. | 1 × Panel 5 × 7; 1 × mat 4 3/4 × 6 3/4",
        "Base 8 x 5 in and liner 7 x 4 in. Score the base at 4 in and the liner at 3 in from the left. | 1 × Base 8 × 5 left 4; 1 × liner 7 × 4 left 3",
        "Strip: 9 in long, 4 in high | 1 × Strip 9 × 4"})
    void pieces(String text, String expected) {
        assertEquals(expected, said(text));
    }

    /** Hands unlike one another: lists, dictation, tables, notes under a name. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "1 card 8 x 5 in. 2 mats 3 x 4 in. Score the card at 4 in. | 1 × card 8 × 5 left 4; 2 × mats 3 × 4",
        "Cut 2 pieces 8 x 5 in and a tag 2 x 3 in. Score both pieces at 4 in. | 2 × Piece 1 8 × 5 left 4; 1 × tag 2 × 3",
        "Our base here, and that's 8 by 5 in. For the pocket I've got a piece that's 4 by 2 in. | 1 × base 8 × 5; 1 × pocket 4 × 2",
        "A strip 3 x 11 in. Then a flip strip, 4 x 2 in, scored at 1 1/2 in. | 1 × strip 3 × 11; 1 × flip strip 4 × 2 left 1 1/2",
        "A piece of kraft card 11 x 4 in. A piece of white card 6 x 4 in. Score the kraft piece at 3 in. | 1 × kraft card 11 × 4 left 3; 1 × white card 6 × 4",
        "2 strips of heavy card, 10 x 5 in | 2 × strips 10 × 5",
        "Stack four layers. The first is 6 x 4 in, the second 5 x 3 in. | 1 × first layer 6 × 4; 1 × second layer 5 × 3",
        "second and third panel 6 x 9 in, last panel 7 x 9 in | 2 × third panel 6 × 9; 1 × last panel 7 × 9",
        "Score strip 2 x 8 in at 2 in, then every 1/2 in until there are three score lines. | 1 × strip 2 × 8 top 2 top 2 1/2 top 3",
        "base 9 x 6 in, scored at 4 and 5 in, and two liners 4 x 5 in | 1 × base 9 × 6 left 4 left 5; 2 × liners 4 × 5",
        "four 2 1/4 in squares | 4 × squares 2 1/4 × 2 1/4", "patch 1 1/4 sq. x 4 | 4 × patch 1 1/4 × 1 1/4",
        "Paper for a mat on the base, 4 x 5 in | 1 × mat 4 × 5",
        "Take a whole sheet, 11 x 8 in, and score it at 5 in. | 1 × Piece 1 11 × 8 left 5",
        "strip 12 x 4 in, score every 3 in | 1 × strip 12 × 4 left 3 left 6 left 9",
        "Base 11 x 4 in. Put the left side at the fence and score at 3 in. | 1 × Base 11 × 4 left 3",
        "Base 11 x 4 in. With the short side at the fence score at 3 and 8 in. | 1 × Base 11 × 4 left 3 left 8",
        "Base 11 x 4 in. With the 11 in side at the top make two score lines, at 3 and 5 in. | 1 × Base 11 × 4 left 3 left 5",
        "Strip 2 x 8 in, scored from one short end at 2 and 3 in | 1 × Strip 2 × 8 top 2 top 3",
        "Cut two pieces: 4 x 5 in for the front and 3 x 5 in for the back | 1 × Piece 1 4 × 5; 1 × Piece 2 3 × 5",
        "4 cards 5 x 4 in. For each one cut a mat, 4 x 3 in. | 4 × cards 5 × 4; 4 × mat 4 × 3",
        "Handles (cut 2) 7 x 1 in | 2 × handles 7 × 1", "Band 7 x 1 in, make 3 | 3 × Band 7 × 1",
        "A base of 4 x 5 in, a pull strip of 2 x 8 and four squares of 2 in | 1 × base 4 × 5; 1 × pull strip 2 × 8; 4 × squares 2 × 2",
        "Strip 11 in x 4 in / 279 x 102 mm | 1 × Strip 11 × 4",
        "First fold of the sleeve 7 x 2 in. First score two inches. Second score 5 in. | 1 × sleeve 7 × 2 left 2 left 5",
        "Tags, 20 of each:~round tag 2 x 3 in~long tag 2 x 5 in | 20 × round tag 2 × 3; 20 × long tag 2 × 5",
        "Base~Width: 11 in~Height: 4 in~Scores: 3 in, 8 in | 1 × base 11 × 4 left 3 left 8",
        "part, how many, size, score at~strip, 2, 11 x 4 in, 3 / 8~mat, 1, 2 x 3 in, - | 2 × strip 11 × 4 left 3 left 8; 1 × mat 2 × 3",
        "0:40 base 8 x 5 in~1:15 score at 4 in | 1 × base 8 × 5 left 4",
        "square 6 x 6 in, score 1 in on all four sides | 1 × square 6 × 6 left 1 top 1 right 1 bottom 1",
        "Pocket 6 x 4 in, scored 1 in from left and right and 1/2 in from the bottom | 1 × Pocket 6 × 4 left 1 right 1 bottom 1/2"})
    void inManyHands(String text, String expected) {
        assertEquals(sorted(expected), sorted(said(text.replace("~", "\n"))));
    }

    /** The edges of one piece in any order. */
    private static String sorted(String said) {
        return List.of(said.split("(?= (?:left|right|top|bottom) )|(?<=;)")).stream().sorted()
                .collect(Collectors.joining());
    }

    @Test
    void foldsBehindPositions_areThoseOfThePositions() {
        List<ReadScore> scores = read(
                "Strip 11 x 4 in. Score at 3 (valley), 5 (mountain) and 8 (valley) from the left.")
                .pieces().get(0).scores();
        assertEquals(List.of(Fold.VALLEY, Fold.MOUNTAIN, Fold.VALLEY),
                scores.stream().map(score -> score.fold().orElseThrow()).toList());
    }

    @Test
    void whatIsNotUnderstood_isMarked_neverGuessed() {
        Directions read = read("Base 8 x 5 in.\nThe third 7 quux of 9 frobs.");
        assertEquals(1, read.pieces().size());
        assertTrue(read.pieces().get(0).scores().isEmpty());
    }

    @Test
    void phrases_lieInTheText_inOrder_withoutOverlap() {
        String text = "Cut a strip 11 x 4 1/4 in.\nScore it at 3, 5 1/2 and 8.";
        int before = 0;
        for (Phrase phrase : read(text).phrases()) {
            assertTrue(phrase.span().from() >= before, phrase.toString());
            before = phrase.span().to();
        }
        assertTrue(before <= text.length());
    }

    @Test
    void aPiece_hasASizeByName() {
        ReadPiece base = read("Card base: A5 folded in half").pieces().get(0);
        assertEquals(Length.ofMillimetres(148), base.width().length());
        assertEquals(Length.ofMillimetres(105), base.scores().get(0).at().length());
    }

    @Test
    void edgesThatAreOnlyCounted_areNotGuessed() {
        Directions read = read("Piece 5 x 4 in. Score at 1/2 in on three sides.");
        assertEquals(List.of("on three sides"),
                read.notUnderstood().stream().map(span -> span.in(read.text())).toList());
    }

    @Test
    void theOtherAnswer_isReadOnceItIsWritten() {
        Directions read = read("Card 6 x 5 in. Score at 2 and 3.");
        Edit edit = read.questions().get(0).answers().get(1).says().orElseThrow();
        Directions again = read(edit.in(read.text()));
        assertEquals(List.of(), again.questions());
        assertEquals(Side.TOP, again.pieces().get(0).scores().get(0).from());
    }

    @Test
    void theFirstLine_isATitle_whateverVerbsItHas() {
        ReadPiece piece = read("Notch sleeve\n\nSleeve 8 x 3 in. Score it from the left at 2 and 6 in.").pieces()
                .get(0);
        assertEquals(List.of(Length.ofInches(2), Length.ofInches(6)),
                piece.scores().stream().map(score -> score.at().length()).toList());
    }
}
