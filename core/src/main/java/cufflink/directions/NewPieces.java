package cufflink.directions;

import cufflink.directions.Phrase.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Adds the pieces that a clause gives a size to, with how many there are of each. */
final class NewPieces {
    /** More of one piece are no directions any more. */
    static final long MOST = 999_999;
    private static final String ORDINAL = "first|second|third|fourth|fifth|sixth|next|last|other";

    private final ReadingState state;
    private final Clause clause;
    private final Kind verb;
    private final CutParts parts;

    NewPieces(ReadingState state, Clause clause, Kind verb, CutParts parts) {
        this.state = state;
        this.clause = clause;
        this.verb = verb;
        this.parts = parts;
    }

    /** Adds the piece of a part of the clause. */
    PieceDraft add(Clause part, Attributes said, Said width, Said height, Span span) {
        Optional<String> name = oneOf(part, said).or(() -> said.name).or(() -> state.heading).or(() -> another(part))
                .or(() -> ofPaper(said));
        state.heading = state.heading.filter(heading -> said.name.isEmpty() && isPlural(heading));
        PieceDraft piece = new PieceDraft(name.orElse("Piece " + (state.pieces.size() + 1)), name.isPresent(), width,
                height, span);
        Optional<Phrase> count = said.count.or(() -> state.each);
        piece.quantity = times(count.map(Phrase::count).map(number -> Math.max(1, number)).orElse(1), timesEach());
        piece.counted = count.map(Phrase::span);
        piece.quantity = count.isEmpty() && isTwo(part) ? 2 : piece.quantity;
        count.ifPresent(state::take);
        claimForEach(part, piece);
        piece.material = said.material;
        piece.on = said.on.or(() -> state.current.filter(under -> said.onTop).map(under -> under.name));
        boolean makes = verb == Kind.LEAVES && state.sheets > 0; // "one sheet makes 3 bases"
        piece.sheet = state.sheet.map(sheet -> makes ? sheet.counted(state.sheets) : sheet)
                .filter(sheet -> part.has(Kind.SHEET)
                        || part.of(Kind.SIZE).stream().anyMatch(parts::isSheet) || verb == Kind.LEAVES
                        || sheet.count() > 0
                        || state.fromSheet == clause.sentence());
        state.add(piece);
        return piece;
    }

    /** "Four layers: the first is 5 x 4, the second": of those that were announced. */
    private Optional<String> oneOf(Clause part, Attributes said) {
        boolean named = said.name.filter(name -> !name.matches(ORDINAL)).isPresent();
        return named ? Optional.empty() : state.family.flatMap(family -> part.body().stream()
                .filter(phrase -> phrase.is(Kind.WORD) && phrase.detail().matches(ORDINAL)).findFirst()
                .map(phrase -> phrase.detail() + " " + family));
    }

    /** "The second and third panel", "front and back mats": one size for two. */
    private static boolean isTwo(Clause part) {
        List<Phrase> body = part.body();
        return IntStream.range(0, body.size() - 1).takeWhile(i -> !body.get(i).is(Kind.SIZE))
                .anyMatch(i -> CutParts.joinsTwo(body, i)
                        || body.get(i).is(Kind.WORD, "both") && body.get(i + 1).is(Kind.NAME));
    }

    /** "Mats, largest first": what stands below without a name is one of them. */
    private static boolean isPlural(String heading) {
        return heading.endsWith("s") && !heading.endsWith("ss");
    }

    /** A piece without a name is called by its paper, "the kraft piece", unless another is. */
    private Optional<String> ofPaper(Attributes said) {
        return said.material.filter(paper -> paper.contains(" ") && state.pieces.stream()
                .noneMatch(piece -> piece.name.equalsIgnoreCase(paper)
                        || piece.material.filter(paper::equalsIgnoreCase).isPresent()));
    }

    /** "And another, 5 x 3 in": of the same name. */
    private Optional<String> another(Clause part) {
        return state.current.filter(piece -> piece.named
                && part.body().stream().anyMatch(phrase -> phrase.is(Kind.WORD, "another"))).map(piece -> piece.name);
    }

    /** "Two for each card": as many as there are cards, so many times. */
    private void claimForEach(Clause part, PieceDraft piece) {
        List<Phrase> body = part.body();
        for (int i = 0; i + 2 < body.size(); i++) {
            Phrase count = body.get(i);
            boolean each = count.mayCount()
                    && body.get(i + 1).is(Kind.RELATION, "for") && body.get(i + 2).is(Kind.WORD, "each", "every");
            if (each && !state.pieces.isEmpty()) {
                state.take(count);
                PieceDraft of = body.subList(i + 2, body.size()).stream().filter(phrase -> phrase.is(Kind.NAME))
                        .findFirst()
                        .flatMap(name -> state.named(name.detail())).orElse(state.pieces.get(0));
                state.claims
                        .add(new Claim.CountAgain(piece.name, times(count.count(), of.quantity), true, count.span()));
            }
        }
    }

    /** "For each card cut two": as many times as there are of those; 1 where it is not said. */
    private int timesEach() {
        List<Phrase> words = new ArrayList<>(clause.label());
        words.addAll(clause.body());
        boolean each = words.size() > 1 && words.get(0).is(Kind.RELATION, "for")
                && words.get(1).is(Kind.WORD, "each", "every");
        return each ? state.current.map(piece -> piece.quantity).orElse(1) : 1;
    }

    private static int times(int count, int each) {
        return (int) Math.min(MOST, (long) count * each);
    }
}
