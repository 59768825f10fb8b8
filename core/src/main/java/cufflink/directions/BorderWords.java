package cufflink.directions;

import cufflink.directions.Phrase.Kind;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;

/** What border a layer is said to leave: "3 mm border", "1/8 in showing all round", "a margin of 1/4". */
final class BorderWords {
    private static final String[] BORDERS = {"border", "borders", "margin", "rim", "showing", "shows"};

    private BorderWords() {
    }

    /** The length that is said to be the border. */
    static Optional<Phrase> in(List<Phrase> body) {
        return IntStream.range(0, body.size()).filter(i -> body.get(i).is(Kind.LENGTH) && isBorder(body, i))
                .mapToObj(body::get).findFirst();
    }

    /** "An eighth showing": this word behind a number says what it measures. */
    static boolean isBorder(String word) {
        return List.of(BORDERS).contains(word.toLowerCase(Locale.ROOT));
    }

    private static boolean isBorder(List<Phrase> body, int at) {
        boolean before = at + 1 < body.size() && body.get(at + 1).is(Kind.WORD, BORDERS);
        boolean behind = at > 1 && body.get(at - 1).is(Kind.RELATION, "of") && body.get(at - 2).is(Kind.WORD, BORDERS);
        return before || behind;
    }
}
