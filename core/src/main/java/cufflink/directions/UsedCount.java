package cufflink.directions;

import cufflink.directions.Phrase.Kind;
import java.util.List;

/**
 * How many of the pieces that were cut something is done with: "glue the four mats", "a hole in each of the 22 tags".
 */
final class UsedCount {
    private UsedCount() {
    }

    /** Claims what a clause says of that; tells whether it does. */
    static boolean claim(ReadingState state, Clause clause) {
        List<Phrase> body = clause.body();
        for (int i = 0; i + 1 < body.size(); i++) {
            Phrase count = body.get(i);
            boolean counts = count.mayCount() && count.count() > 0;
            Phrase name = body.get(i + 1);
            if (counts && (name.is(Kind.NAME) || name.is(Kind.WORD) || name.is(Kind.MATERIAL))
                    && !state.allNamed(name.detail()).isEmpty()) {
                state.take(count);
                state.claims.add(new Claim.CountAgain(name.detail(), count.count(), isAll(body, i), count.span()));
                return true;
            }
        }
        return false;
    }

    /** "The four mats", "all four mats". */
    private static boolean isAll(List<Phrase> body, int count) {
        return count > 0 && body.get(count - 1).is(Kind.WORD, "the", "all", "your");
    }
}
