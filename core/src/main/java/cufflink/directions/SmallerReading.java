package cufflink.directions;

import cufflink.directions.Phrase.Kind;
import cufflink.measure.Length;
import cufflink.words.ReadingWords;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Reads pieces that are told to be smaller than others by so much. */
final class SmallerReading {
    private final ReadingState state;
    private final NewPieces pieces;

    SmallerReading(ReadingState state, NewPieces pieces) {
        this.state = state;
        this.pieces = pieces;
    }

    /** A piece that is smaller by so much than the one it goes on, or than the last one. */
    void read(Clause part) {
        Phrase less = part.of(Kind.LESS).get(0);
        if (eachSmaller(part, less)) {
            return;
        }
        Attributes said = Attributes.of(state, part);
        Optional<PieceDraft> than = than(part).or(() -> said.on.flatMap(state::named)).or(() -> state.current);
        if (than.isEmpty()) {
            return;
        }
        Said by = state.said(less, 0, part);
        boolean each = less.detail().matches(".*(on|each|all \\w*|both) ?(the )?(side|sides|edge|edges)\\b.*")
                && !less.detail().contains("way");
        if (less.detail().contains("round") || less.detail().contains("around")) {
            String text = state.written(less.span());
            state.ask(ReadingWords.ALL_ROUND.of("text", text),
                    List.of(Question.Answer.taken(ReadingWords.IN_ALL.of().sentence()),
                            Question.Answer.other(ReadingWords.ON_EACH_SIDE.of().sentence(),
                                    new Edit(less.span(), text.replaceAll("(?i)\\b(all )?a?round\\b",
                                            ReadingWords.ON_EACH_SIDE.of().sentence())))),
                    less.span());
        }
        Length off = by.length().times(each ? 2 : 1);
        PieceDraft from = than.get();
        pieces.add(part, said, lessened(from.width, off, by), lessened(from.height, off, by), less.span());
    }

    /** "Each layer is 1/4 in smaller than the one below it": of pieces that have their sizes. */
    private boolean eachSmaller(Clause part, Phrase less) {
        List<Phrase> body = part.body();
        boolean is = body.stream().anyMatch(phrase -> phrase.is(Kind.RELATION, "is", "are"));
        Optional<String> name = IntStream.range(1, body.size()).filter(i -> body.get(i).is(Kind.NAME)
                && body.get(i - 1).is(Kind.WORD, "each", "every", "all", "the")).mapToObj(i -> body.get(i).detail())
                .findFirst().filter(known -> is && state.allNamed(known).size() > 1);
        name.ifPresent(known -> {
            state.take(body);
            state.claims.add(new Claim.EachSmaller(known, state.said(less, 0, part), less.span()));
        });
        return name.isPresent();
    }

    private static Said lessened(Said side, Length off, Said by) {
        return new Said(side.length().minus(off), side.unit(), false, by.span());
    }

    private Optional<PieceDraft> than(Clause part) {
        for (int i = 0; i < part.body().size(); i++) {
            Phrase phrase = part.body().get(i);
            boolean behind = i > 0 && part.body().subList(0, i).stream().anyMatch(one -> one.is(Kind.LESS)
                    && (one.detail().endsWith("than") || one.detail().endsWith("of")));
            if (phrase.is(Kind.NAME) && behind) {
                return state.named(phrase.detail());
            }
        }
        return Optional.empty();
    }
}
