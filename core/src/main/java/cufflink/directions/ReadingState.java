package cufflink.directions;

import cufflink.words.Message;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/** What has been read so far, and what was spoken of last. */
final class ReadingState {
    private final String text;
    private final UnitRule units;
    private final Set<Phrase> taken = Collections.newSetFromMap(new IdentityHashMap<>());
    private final List<Span> lost = new ArrayList<>();
    final List<PieceDraft> pieces = new ArrayList<>();
    final List<Claim> claims = new ArrayList<>();
    final List<Question> questions = new ArrayList<>();
    /** The piece that "it" is; absent before the first. */
    Optional<PieceDraft> current = Optional.empty();
    /** A sheet that is being cut up. */
    Optional<ReadSheet> sheet = Optional.empty();
    /** The sentence that begins with the sheet that its pieces are cut from. */
    int fromSheet = -1;
    /** How many sheets were counted last; 0 where none were. */
    int sheets;
    /** What several pieces that were announced are, one of them: "layer". */
    Optional<String> family = Optional.empty();
    /** How many there are of each piece that is not counted. */
    Optional<Phrase> each = Optional.empty();
    /** What a heading says the next lines are about. */
    Optional<String> heading = Optional.empty();

    ReadingState(String text, UnitRule units) {
        this.text = text;
        this.units = units;
    }

    /** Takes a number of a phrase for a length. A unit that stands last in the phrase is that of all its numbers. */
    Said said(Phrase phrase, int index, Clause clause) {
        taken.add(phrase);
        Amount amount = phrase.amounts().get(index);
        WrittenUnit unit = phrase.amounts().stream().skip(index).flatMap(one -> one.unit().stream()).findFirst()
                .or(() -> phrase.amounts().stream().flatMap(one -> one.unit().stream()).findFirst())
                .or(clause::unit).orElse(units.unit());
        return new Said(amount.length(unit), unit.ruler(), amount.about(),
                phrase.is(Phrase.Kind.SIZE) ? amount.span() : phrase.span());
    }

    /** As before, of a number under a heading that says its unit. */
    Said said(Phrase phrase, int index, WrittenUnit heading) {
        taken.add(phrase);
        Amount amount = phrase.amounts().get(index);
        WrittenUnit unit = amount.unit().orElse(heading);
        return new Said(amount.length(unit), unit.ruler(), amount.about(),
                phrase.is(Phrase.Kind.SIZE) ? amount.span() : phrase.span());
    }

    String written(Span span) {
        return span.in(text);
    }

    /** Something was made of a phrase. */
    void take(Phrase phrase) {
        taken.add(phrase);
    }

    void take(Collection<Phrase> phrases) {
        taken.addAll(phrases);
    }

    boolean isTaken(Phrase phrase) {
        return taken.contains(phrase);
    }

    void lose(Span span) {
        lost.add(span);
    }

    List<Span> lost() {
        return lost;
    }

    void ask(Message text, List<Question.Answer> answers, Span span) {
        questions.add(new Question(text, answers, span));
    }

    int index(PieceDraft piece) {
        return pieces.indexOf(piece);
    }

    void add(PieceDraft piece) {
        pieces.add(piece);
        current = Optional.of(piece);
    }

    /** The piece that a name means: one that is called so, else the latest of which it says nothing untrue. */
    Optional<PieceDraft> named(String text) {
        PieceName name = PieceName.of(text);
        List<PieceDraft> may = new ArrayList<>();
        for (PieceDraft piece : pieces) {
            if (piece.name.equalsIgnoreCase(text)) {
                return Optional.of(piece);
            }
        }
        for (PieceDraft piece : pieces) {
            PieceName other = piece.called;
            if (other.isSame(name)) {
                return Optional.of(piece);
            }
            if (name.means(other)) {
                may.add(piece);
            }
        }
        return may.isEmpty() ? Optional.empty() : Optional.of(may.get(may.size() - 1));
    }

    /**
     * The piece all words of whose name are said in a clause; of several the one with most words, then the first said.
     */
    Optional<PieceDraft> spokenOf(Clause clause) {
        String said = " " + written(clause.span()).toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{Nd}]+", " ") + " ";
        Set<String> words = new HashSet<>(PieceName.of(said).words());
        words.addAll(List.of(said.strip().split(" "))); // "the kraft piece"
        Optional<PieceDraft> best = Optional.empty();
        for (PieceDraft piece : pieces) {
            PieceName name = piece.called;
            if (!piece.named || !words.containsAll(name.words())) {
                continue;
            }
            boolean better = best.isEmpty();
            if (!better) {
                int most = best.get().called.words().size();
                better = name.words().size() > most
                        || name.words().size() == most
                                && place(said, name) < place(said, best.get().called);
            }
            best = better ? Optional.of(piece) : best;
        }
        // "A strip for the base" is the base where nothing else is.
        return best
                .or(() -> pieces.stream()
                        .filter(piece -> piece.on.filter(on -> words.containsAll(PieceName.of(on).words()))
                                .isPresent())
                        .filter(piece -> !piece.called.words().contains("mat")).findFirst());
    }

    /** "The card" is the one called so, or the base; "both pieces" are the last of which there are two. */
    Optional<PieceDraft> meant(Clause clause) {
        List<Phrase> body = clause.body();
        boolean card = IntStream.range(0, body.size()).anyMatch(i -> body.get(i).is(Phrase.Kind.MATERIAL, "card")
                && Attributes.relation(body, i).filter(word -> word.equals("of") || word.equals("from")).isEmpty());
        if (card) {
            return pieces.stream().filter(piece -> Set.of("card", "base", "cardbase").contains(piece.called.head()))
                    .findFirst();
        }
        boolean both = body.stream().anyMatch(phrase -> phrase.is(Phrase.Kind.WORD, "both"));
        boolean all = body.stream().anyMatch(phrase -> phrase.is(Phrase.Kind.WORD, "pieces", "cards"));
        List<PieceDraft> several = pieces.stream()
                .filter(piece -> both ? piece.quantity == 2 : all && piece.quantity > 1)
                .toList();
        return several.isEmpty() ? Optional.empty() : Optional.of(several.get(several.size() - 1));
    }

    private static int place(String said, PieceName name) {
        return name.words().stream().mapToInt(word -> said.indexOf(" " + word)).max().orElse(-1);
    }

    /** All pieces that a name may mean. */
    List<PieceDraft> allNamed(String text) {
        PieceName name = PieceName.of(text);
        return pieces.stream().filter(piece -> name.means(piece.called)).toList();
    }

    Optional<PieceDraft> ofSize(Said width, Said height) {
        return pieces.stream().filter(piece -> piece.isOfSize(width, height)).findFirst();
    }
}
