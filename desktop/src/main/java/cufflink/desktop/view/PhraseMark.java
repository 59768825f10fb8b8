package cufflink.desktop.view;

import cufflink.directions.Phrase;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What phrases of directions are marked as: each kind has a letter, a line of its own pattern and a colour. */
enum PhraseMark {
    PIECE("P", "piece", "phrase-piece", Phrase.Kind.NAME, Phrase.Kind.CUT, Phrase.Kind.NEED, Phrase.Kind.COUNT,
            Phrase.Kind.MATERIAL, Phrase.Kind.SHEET, Phrase.Kind.SHARE),
    SIZE("S", "size", "phrase-size", Phrase.Kind.SIZE, Phrase.Kind.RANGE, Phrase.Kind.TWO_UNITS, Phrase.Kind.LESS,
            Phrase.Kind.LENGTH),
    SCORE("F", "score and fold", "phrase-score", Phrase.Kind.SCORE, Phrase.Kind.FOLD, Phrase.Kind.CREASE,
            Phrase.Kind.SIDE, Phrase.Kind.FROM_EDGE, Phrase.Kind.CORNER, Phrase.Kind.TURN, Phrase.Kind.ALL_OVER),
    GLUE("G", "glue and knife", "phrase-glue", Phrase.Kind.GLUE, Phrase.Kind.SLIT, Phrase.Kind.PUNCH, Phrase.Kind.EDGE,
            Phrase.Kind.LEAVES, Phrase.Kind.CLOSED),
    LOST("?", "not understood", "phrase-lost");

    private final String letter;
    private final String words;
    private final String style;
    private final Set<Phrase.Kind> kinds;

    PhraseMark(String letter, String words, String style, Phrase.Kind... kinds) {
        this.letter = letter;
        this.words = words;
        this.style = style;
        this.kinds = Set.copyOf(List.of(kinds));
    }

    /** That of a kind of phrase; none for words that only join others. */
    static Optional<PhraseMark> of(Phrase.Kind kind) {
        return Arrays.stream(values()).filter(mark -> mark.kinds.contains(kind)).findFirst();
    }

    String letter() {
        return letter;
    }

    String words() {
        return words;
    }

    String style() {
        return style;
    }
}
