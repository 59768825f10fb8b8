package cufflink.directions;

import cufflink.directions.Phrase.Kind;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What is said of one thing done, or of one thing.
 *
 * @param label      what stands before a colon at the beginning of a line; may be empty
 * @param body       the rest
 * @param startsLine whether it is the first of its line
 * @param wholeLine  whether it is all of its line
 * @param sentence   number of the sentence that it is part of
 */
record Clause(List<Phrase> label, List<Phrase> body, boolean startsLine, boolean wholeLine, int sentence) {
    private static final Set<Kind> NUMBERS = EnumSet.of(Kind.SIZE, Kind.RANGE, Kind.TWO_UNITS, Kind.LENGTH, Kind.LESS);

    private static final Set<String> BEFORE_NOUNS = Set.of("the", "a", "an", "each", "every", "both", "all", "middle",
            "first", "second", "third", "last", "outer", "inner", "other", "back", "front", "straight", "long", "short",
            "diagonal", "these", "those", "notched", "centre", "center");

    Clause {
        label = List.copyOf(label);
        body = List.copyOf(body);
    }

    /** The same with a part of its body. */
    Clause only(List<Phrase> part) {
        return new Clause(label, part, startsLine, wholeLine, sentence);
    }

    Optional<Kind> verb() {
        Stream<Phrase> done = IntStream.range(0, body.size())
                .filter(i -> i == 0 || !isNoun(body.get(i - 1), body.get(i))
                        || i == 1 && body.get(0).is(Kind.CREASE))
                .mapToObj(body::get);
        List<Kind> own = done.map(Phrase::kind).filter(Kind::isVerb).toList();
        Stream<Kind> labelled = isVerbLabel() ? label.stream().map(Phrase::kind) : Stream.empty();
        // "Before we start: score the strips"
        return Stream.concat(labelled.filter(kind -> own.isEmpty() || kind != Kind.NEED), own.stream())
                .filter(Kind::isVerb).findFirst().or(this::scored);
    }

    /** "The scores come at 3 and 5", "first fold 52 mm": nothing else is done, and numbers behind it say where. */
    private Optional<Kind> scored() {
        int line = IntStream.range(0, body.size())
                .filter(i -> body.get(i).is(Kind.SCORE) || body.get(i).is(Kind.FOLD)).findFirst().orElse(body.size());
        boolean said = IntStream.range(line + 1, body.size()).filter(i -> body.get(i).is(Kind.LENGTH))
                .anyMatch(i -> !body.get(i).amounts().get(0).plain() || body.get(line).is(Kind.SCORE) && (i == line + 1
                        || Attributes.relation(body, i).filter("at"::equals).isPresent()));
        boolean creased = IntStream.range(1, body.size())
                .anyMatch(i -> body.get(i).is(Kind.LENGTH) && body.get(i - 1).is(Kind.CREASE)); // "valley 76"
        return said || creased ? Optional.of(Kind.SCORE) : Optional.empty();
    }

    /** "The middle score", "each fold": what was scored or folded, not what is done. */
    static boolean isNoun(Phrase before, Phrase phrase) {
        boolean may = phrase.kind().isVerb() && phrase.detail()
                .matches("scores?|(score|fold) +lines?|creases?|folds?|window|notch(es)?|holes?|slots?|slits?");
        boolean counted = may && before.is(Kind.LENGTH) && phrase.detail().matches(".*s");
        return counted || may
                && (before.is(Kind.NAME) || before.is(Kind.EDGE) || before.is(Kind.CREASE) || before.is(Kind.SHARE)
                        || before.is(Kind.WORD) && BEFORE_NOUNS.contains(before.detail()));
    }

    /**
     * Whether its label says what is done, not of what: "Score", "Cut the strip", "For the inside cut two", but not
     * "Folded half".
     */
    boolean isVerbLabel() {
        if (label.isEmpty()) {
            return false;
        }
        Phrase first = label.get(0);
        boolean done = first.kind().isVerb() && !first.detail().endsWith("ed") || first.is(Kind.CLOSED);
        return done || label.stream().dropWhile(phrase -> phrase.is(Kind.WORD) || phrase.is(Kind.RELATION)
                || phrase.is(Kind.LENGTH)).findFirst()
                .filter(phrase -> phrase.is(Kind.CUT) || phrase.is(Kind.NEED)).isPresent();
    }

    boolean has(Kind kind) {
        return body.stream().anyMatch(phrase -> phrase.is(kind));
    }

    boolean hasNumbers() {
        return Stream.concat(label.stream(), body.stream()).anyMatch(phrase -> NUMBERS.contains(phrase.kind()));
    }

    boolean bodyHasNumbers() {
        return body.stream().anyMatch(phrase -> NUMBERS.contains(phrase.kind()));
    }

    List<Phrase> of(Kind kind) {
        return body.stream().filter(phrase -> phrase.is(kind)).toList();
    }

    /** The one unit that is written in it. */
    Optional<WrittenUnit> unit() {
        List<WrittenUnit> units = body.stream().flatMap(phrase -> phrase.amounts().stream())
                .flatMap(amount -> amount.unit().stream()).distinct().toList();
        return units.size() == 1 ? Optional.of(units.get(0)) : Optional.empty();
    }

    Span span() {
        List<Phrase> all = new ArrayList<>(label);
        all.addAll(body);
        return all.get(0).span().through(all.get(all.size() - 1).span());
    }
}
