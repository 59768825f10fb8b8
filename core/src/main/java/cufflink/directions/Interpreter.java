package cufflink.directions;

import cufflink.directions.Phrase.Kind;
import cufflink.words.ReadingWords;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Goes through the clauses of a text in their order. A clause without a verb goes on with that of its sentence, at the
 * beginning of a line with that of the heading over it.
 */
final class Interpreter {
    private final String text;
    private final List<Phrase> phrases;
    private final UnitRule units;
    private final ReadingState state;
    private final Table table;
    private final KeyedReading keyed;
    private Optional<Kind> section = Optional.empty();
    private Optional<Kind> before = Optional.empty();
    private int sentence = -1;

    Interpreter(String text, List<Phrase> phrases, UnitRule units) {
        this.text = text;
        this.phrases = phrases;
        this.units = units;
        this.state = new ReadingState(text, units);
        this.table = new Table(state);
        this.keyed = new KeyedReading(state);
    }

    Directions directions() {
        Clauses.of(phrases).forEach(this::read);
        if (units.guessed() && !state.pieces.isEmpty()) {
            boolean inches = units.unit() == WrittenUnit.INCH;
            PieceDraft first = state.pieces.get(0);
            state.ask(ReadingWords.WHICH_UNIT.of(), List.of(Question.Answer.taken(inches ? "in" : "mm"),
                    Question.Answer.other(inches ? "cm" : "in",
                            Edit.behind(first.height.span(), inches ? " cm" : " in"))),
                    first.span);
        }
        List<Span> lost = new ArrayList<>(state.lost());
        phrases.stream().filter(phrase -> !phrase.amounts().isEmpty() && !state.isTaken(phrase)).map(Phrase::span)
                .filter(span -> lost.stream()
                        .noneMatch(other -> other.from() <= span.from() && span.to() <= other.to()))
                .forEach(lost::add);
        lost.sort(Comparator.comparing(Span::from));
        return new Directions(text, units.unit().ruler(), phrases,
                state.pieces.stream().map(PieceDraft::piece).toList(),
                state.claims, state.questions, lost);
    }

    private void read(Clause clause) {
        if (Table.isRow(clause.body())) {
            table.row(clause);
            return;
        }
        if (keyed.read(clause)) {
            return;
        }
        Optional<Kind> own = clause.verb();
        boolean goesOn = clause.sentence() == sentence && !clause.startsLine();
        Optional<Kind> verb = own.or(() -> goesOn ? before : section);
        sentence = clause.sentence();
        before = verb;
        if (isHeading(clause)) {
            head(clause, own);
            return;
        }
        if (isTitle(clause, verb)) {
            state.take(clause.body());
            return;
        }
        Kind what = isClosedSize(clause) ? Kind.CLOSED : verb.orElse(Kind.CUT);
        if (what == Kind.SCORE && new PanelReading(state, clause).inBrackets()) {
            return;
        }
        boolean later = section.filter(heading -> heading == Kind.FOLD || heading == Kind.GLUE || heading == Kind.SLIT
                || heading == Kind.PUNCH).isPresent();
        switch (what) {
            case SCORE, FOLD -> new ScoreReading(state, clause, what, later).read();
            case GLUE -> new GlueReading(state, clause).read();
            case SLIT, PUNCH -> new KnifeReading(state, clause).read();
            case CLOSED -> new ClosedReading(state, clause).read();
            default -> new CutReading(state, clause, what, later).read();
        }
    }

    /** "A 4 x 6 card" over a list with a base says how large it is when it is closed. */
    private boolean isClosedSize(Clause clause) {
        List<Phrase> said = clause.body().stream().filter(phrase -> !phrase.is(Kind.WORD)).toList();
        return clause.wholeLine() && clause.label().isEmpty() && state.pieces.isEmpty() && said.size() == 2
                && said.get(0).is(Kind.SIZE) && said.get(1).is(Kind.MATERIAL, "card", "cards")
                && phrases.stream().anyMatch(phrase -> phrase.is(Kind.NAME)
                        && Set.of("base", "cardbase").contains(PieceName.of(phrase.detail()).head()));
    }

    /** The first line may have a number that says nothing of paper: "A pocket with two tags". */
    private boolean isTitle(Clause clause, Optional<Kind> verb) {
        return clause.wholeLine() && clause.label().isEmpty() && state.pieces.isEmpty() && verb.isEmpty()
                && !clause.has(Kind.SIZE) && !clause.has(Kind.SHEET) && clause.of(Kind.LENGTH).stream()
                        .allMatch(length -> length.amounts().get(0).plain());
    }

    /** A line without numbers that is a name, a verb or a title says what the lines below it are about. */
    private boolean isHeading(Clause clause) {
        return clause.wholeLine() && !clause.hasNumbers() && clause.body().size() + clause.label().size() <= 6
                && !(clause.has(Kind.SHARE) && clause.verb().isPresent()) && !clause.has(Kind.REFERENCE)
                && !clause.has(Kind.CORNER)
                && !clause.has(Kind.SHEET);
    }

    /** Whether a heading says what is done below it, and nothing else: "Cut list", "To score", "Fold and glue:". */
    private static boolean isOfVerbs(Clause clause) {
        return !clause.label().isEmpty() || clause.body().stream().allMatch(phrase -> phrase.kind().isVerb()
                || phrase.is(Kind.MARK) || phrase.is(Kind.RELATION, "to", "for")
                || phrase.is(Kind.WORD, "list", "the", "you", "your", "it", "all", "pieces", "steps", "step", "first",
                        "then", "what", "how", "we", "i", "will", "up", "out", "knife", "and"));
    }

    private void head(Clause clause, Optional<Kind> verb) {
        List<Phrase> all = new ArrayList<>(clause.label());
        all.addAll(clause.body());
        state.take(all);
        all.stream().filter(phrase -> phrase.is(Kind.COUNT) && phrase.detail().endsWith("of each")).findFirst()
                .ifPresent(count -> state.each = Optional.of(count));
        Optional<Phrase> name = all.stream().filter(phrase -> phrase.is(Kind.NAME)).findFirst();
        boolean verbFirst = all.stream().filter(phrase -> !phrase.is(Kind.WORD)).findFirst()
                .map(phrase -> phrase.kind().isVerb()).orElse(false);
        if (verb.isPresent() && state.pieces.isEmpty() && !isOfVerbs(clause)) {
            return; // a title: "Notch sleeve", "Fold-over card"
        }
        if (verb.isPresent() && (verbFirst || name.isEmpty())) {
            section = verb;
            state.heading = Optional.empty();
        } else if (name.isPresent()) {
            Optional<PieceDraft> known = state.named(name.get().detail());
            known.ifPresent(piece -> state.current = known);
            state.heading = known.isPresent() ? Optional.empty() : Optional.of(name.get().detail());
        }
    }
}
