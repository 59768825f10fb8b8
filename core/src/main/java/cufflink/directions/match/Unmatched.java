package cufflink.directions.match;

import cufflink.directions.ReadPiece;
import cufflink.directions.Said;
import cufflink.directions.finding.Near;
import cufflink.measure.Length;
import cufflink.words.ReadingWords;
import java.util.ArrayList;
import java.util.List;

/**
 * What only one of a text and a design has.
 *
 * @param text     pieces of the text that the design has not
 * @param design   pieces of the design that the text has not, by their labels
 * @param unsaid   scores of the design that the text leaves out though it scores the piece
 * @param extra    scores of the text that the design has not
 * @param unscored pieces of both that the text scores nowhere, by their labels
 */
public record Unmatched(List<ReadPiece> text, List<String> design, List<Line> unsaid, List<Line> extra,
        List<String> unscored) {
    public Unmatched {
        text = List.copyOf(text);
        design = List.copyOf(design);
        unsaid = List.copyOf(unsaid);
        extra = List.copyOf(extra);
        unscored = List.copyOf(unscored);
    }

    /**
     * A score.
     *
     * @param piece as the design calls it
     * @param at    where it is, measured as the text measures the others
     * @param said  itself, if the text has it; else the score before which it belongs, or the last one
     */
    public record Line(String piece, Length at, Said said) {
        /** As the text would write it. */
        public String written() {
            return Near.like(at, said);
        }

        /** Both scores as they belong into the text, in place of the one that it has. */
        public String inItsPlace() {
            String there = Near.text(said);
            return said.length().isLongerThan(at) ? written() + " and " + there : there + " and " + written();
        }
    }

    /** What only the text has, in words. */
    public List<String> inText() {
        List<String> only = new ArrayList<>(text.stream().map(ReadPiece::name).toList());
        extra.forEach(line -> only.add(score(line)));
        return only;
    }

    /** What only the design has, in words. */
    public List<String> inDesign() {
        List<String> only = new ArrayList<>(design);
        unsaid.forEach(line -> only.add(score(line)));
        unscored.forEach(piece -> only.add(ReadingWords.SCORES_OF.of("piece", piece).sentence()));
        return only;
    }

    private static String score(Line line) {
        return ReadingWords.SCORE_OF.of("piece", line.piece(), "at", line.written()).sentence();
    }
}
