package cufflink.directions;

import cufflink.directions.Phrase.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Reads what a clause says of the panels that a piece is scored into. */
final class PanelReading {
    private final ReadingState state;
    private final Clause clause;

    PanelReading(ReadingState state, Clause clause) {
        this.state = state;
        this.clause = clause;
    }

    /** Tells whether it does; {@code verb} is what the clause is read by. */
    boolean read(Kind verb) {
        return (verb == Kind.LEAVES || saysPanels()) && panels();
    }

    /** "(Panels of 3, 4 and 3)" behind scores: begins with what it is about. */
    boolean inBrackets() {
        return clause.label().isEmpty() && isPanels(clause.body().get(0)) && panels();
    }

    /** Where lengths behind a bracket are those of panels, another clause begins. */
    static boolean isPanels(Phrase phrase) {
        return phrase.is(Kind.NAME) && phrase.detail().matches("panels");
    }

    /** "Panels: 3, 4 and 3"; but "panels 2 and 3" are two of them. */
    private boolean saysPanels() {
        List<Phrase> words = new ArrayList<>(clause.label());
        words.addAll(clause.body());
        return IntStream.range(0, words.size()).filter(i -> words.get(i).is(Kind.WORD, "parts", "sections")
                || words.get(i).is(Kind.NAME) && PieceName.of(words.get(i).detail()).head().equals("panel"))
                .anyMatch(i -> i + 1 >= words.size() || !words.get(i + 1).is(Kind.LENGTH)
                        || !words.get(i + 1).amounts().get(0).plain() || i == clause.label().size() - 1);
    }

    /** "That leaves panels of 3, 2 1/2 and 3": a list of lengths without a size. */
    private boolean panels() {
        List<Phrase> lengths = clause.of(Kind.LENGTH);
        if (clause.has(Kind.SIZE) || lengths.isEmpty() || state.current.isEmpty()) {
            return false;
        }
        if (lengths.size() == 1) {
            return endPanel(lengths.get(0));
        }
        state.claims.add(new Claim.Panels(state.index(state.current.get()),
                lengths.stream().map(length -> state.said(length, 0, clause)).toList(), clause.span()));
        return true;
    }

    /** "A last panel of 4". */
    private boolean endPanel(Phrase length) {
        Optional<String> which = clause.of(Kind.NAME).stream().map(Phrase::detail)
                .filter(name -> name.matches("(first|last) panel")).findFirst();
        which.ifPresent(name -> state.claims.add(new Claim.OnePanel(state.index(state.current.orElseThrow()),
                name.startsWith("last") ? Claim.OnePanel.Which.LAST : Claim.OnePanel.Which.FIRST,
                state.said(length, 0, clause), length.span())));
        return which.isPresent();
    }
}
