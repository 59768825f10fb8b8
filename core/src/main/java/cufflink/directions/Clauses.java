package cufflink.directions;

import cufflink.directions.Phrase.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Cuts a row of phrases into clauses: at the end of a line or sentence, and before a further verb. */
final class Clauses {
    private static final int LONGEST_LABEL = 60;
    private final List<Clause> clauses = new ArrayList<>();
    private List<Phrase> label = List.of();
    private List<Phrase> body = new ArrayList<>();
    private boolean startsLine = true;
    private int sentence;

    private Clauses() {
    }

    static List<Clause> of(List<Phrase> phrases) {
        Clauses clauses = new Clauses();
        List<Phrase> line = new ArrayList<>();
        for (Phrase phrase : phrases) {
            if (phrase.is(Kind.NEW_LINE)) {
                clauses.line(line);
                line.clear();
            } else {
                line.add(phrase);
            }
        }
        clauses.line(line);
        return clauses.clauses;
    }

    private void line(List<Phrase> line) {
        if (line.isEmpty()) {
            return;
        }
        int before = clauses.size();
        startsLine = true;
        sentence++;
        if (Table.isRow(line)) {
            clauses.add(new Clause(List.of(), line, true, true, sentence));
            return;
        }
        int colon = labelled(line);
        label = colon < 0 ? List.of() : List.copyOf(line.subList(0, colon));
        for (Phrase phrase : line.subList(colon + 1, line.size())) {
            if (phrase.endsClause()) {
                close();
                sentence++;
            } else {
                if (startsClause(phrase)) {
                    close();
                }
                body.add(phrase);
            }
        }
        close();
        if (clauses.size() == before + 1) {
            Clause only = clauses.get(before);
            clauses.set(before, new Clause(only.label(), only.body(), true, true, only.sentence()));
        }
    }

    /** Where the label of a line ends; −1 without one. A size before the colon is no label but what is said. */
    private static int labelled(List<Phrase> line) {
        for (int i = 0; i < line.size(); i++) {
            Phrase phrase = line.get(i);
            if (phrase.is(Kind.MARK, ":")) {
                return phrase.span().from() - line.get(0).span().from() > LONGEST_LABEL ? -1 : i;
            }
            if (phrase.is(Kind.SIZE) || phrase.endsClause()) {
                return -1;
            }
        }
        return -1;
    }

    private boolean startsClause(Phrase phrase) {
        if (phrase.is(Kind.WORD, "then", "next", "now")) {
            return true;
        }
        if (PanelReading.isPanels(phrase) && body.stream().anyMatch(other -> other.is(Kind.LENGTH))) {
            Phrase last = body.get(body.size() - 1);
            return last.is(Kind.MARK, "(") || last.is(Kind.WORD, "the"); // "(panels of", "so the panels are"
        }
        if (phrase.is(Kind.TURN) && body.stream().anyMatch(other -> other.kind().isVerb())) {
            return true;
        }
        return phrase.kind().isVerb() && !(!body.isEmpty() && Clause.isNoun(body.get(body.size() - 1), phrase))
                && IntStream.range(0, body.size()).anyMatch(i -> saysEnough(i, phrase));
    }

    /** "Along the 11 in side" and "at the 4 in mark" begin what the verb goes on with. */
    private boolean saysEnough(int at, Phrase verb) {
        Phrase other = body.get(at);
        boolean mark = at + 1 < body.size() && body.get(at + 1).is(Kind.WORD, "mark", "marks");
        return other.kind().isVerb() || !other.amounts().isEmpty() && !other.is(Kind.SIDE) && !mark
                || other.is(Kind.SHEET) && (verb.is(Kind.FOLD) || verb.is(Kind.SCORE));
    }

    private void close() {
        if (!body.isEmpty() || !label.isEmpty()) {
            clauses.add(new Clause(label, body, startsLine, false, sentence));
            startsLine = false;
        }
        label = List.of();
        body = new ArrayList<>();
    }
}
