package cufflink.directions;

import cufflink.directions.Phrase.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Reads a clause that says what is cut, from what, and how many. */
final class CutReading {
    /** What a piece does on or in another. */
    private static final String[] GOES = {"goes", "go", "fits", "fit", "slides", "slips", "lies", "sits", "tucks"};

    private final ReadingState state;
    private final Clause clause;
    private final Kind verb;
    private final boolean later;
    private final CutParts parts;
    private final NewPieces pieces;
    private final HalfReading halves;

    CutReading(ReadingState state, Clause clause, Kind verb) {
        this(state, clause, verb, false);
    }

    /** {@code later}: under a heading of folding, gluing, punching, where a size tells which piece is meant. */
    CutReading(ReadingState state, Clause clause, Kind verb, boolean later) {
        this.state = state;
        this.clause = clause;
        this.verb = verb;
        this.later = later;
        this.parts = new CutParts(clause);
        this.pieces = new NewPieces(state, clause, verb, parts);
        this.halves = new HalfReading(state, pieces);
    }

    void read() {
        if (new PanelReading(state, clause).read(verb)) {
            return;
        }
        int before = state.pieces.size();
        if (!clause.label().isEmpty()) {
            readSheet(clause.only(clause.label()));
        }
        List<List<Phrase>> each = parts.parts();
        Optional<Phrase> all = countOfAll(each.size());
        all.ifPresent(state::take);
        for (int i = 0; i < each.size(); i++) {
            // What stands before a colon is said of every part; how many, of the first alone.
            List<Phrase> label = clause.label().stream()
                    .filter(i == 0 ? phrase -> !all.filter(phrase::equals).isPresent() : phrase -> phrase.is(Kind.NAME))
                    .toList();
            List<Phrase> body = each.get(i).stream().filter(phrase -> !all.filter(phrase::equals).isPresent())
                    .toList();
            Clause part = new Clause(label, body, i == 0 && clause.startsLine(), i == 0 && clause.wholeLine(),
                    clause.sentence());
            if (!part.body().isEmpty()) {
                part(part);
            }
        }
        border(before);
    }

    /** "Two pieces: one size, and another": so many in all, not of each. */
    private Optional<Phrase> countOfAll(int parts) {
        List<Phrase> words = new ArrayList<>(clause.label());
        boolean labelled = !words.isEmpty();
        words.addAll(clause.body());
        int colon = IntStream.range(0, words.size()).filter(i -> words.get(i).is(Kind.MARK, ":")).findFirst()
                .orElse(labelled ? clause.label().size() : 0);
        // "four mats: one of 4 x 5 and three of 2 x 3"
        int counted = words.subList(colon, words.size()).stream().filter(Phrase::mayCount).mapToInt(Phrase::count)
                .sum();
        return words.subList(0, colon).stream()
                .filter(Phrase::mayCount)
                .filter(phrase -> parts > 1 && (phrase.count() == parts || phrase.count() == counted)).findFirst();
    }

    /** A border that is said is that of the pieces of the clause, or of the last one. */
    private void border(int before) {
        List<PieceDraft> of = state.pieces.size() > before ? state.pieces.subList(before, state.pieces.size())
                : state.current.stream().toList();
        BorderWords.in(clause.body()).ifPresent(length -> of.forEach(piece -> state.claims
                .add(new Claim.Border(state.index(piece), state.said(length, 0, clause), length.span()))));
    }

    private void part(Clause part) {
        readSheet(part);
        List<Phrase> sizes = part.of(Kind.SIZE).stream().filter(size -> !parts.isSheet(size)).toList();
        if (!sizes.isEmpty()) {
            piece(part, sizes);
        } else if (sides(part)) {
            twoUnits(part);
            return;
        } else if (part.has(Kind.LESS)) {
            new SmallerReading(state, pieces).read(part);
        } else if (part.has(Kind.SHARE)) {
            halves.read(part);
        } else if (part.has(Kind.REFERENCE) && part.of(Kind.REFERENCE).get(0).detail().startsWith("same")) {
            same(part);
        } else if (!clause.label().isEmpty() && !clause.isVerbLabel()
                && part.body().stream().anyMatch(SheetWords::isNamedSize)) {
            ReadSheet size = state.sheet.orElseThrow();
            state.take(clause.label());
            pieces.add(part, Attributes.of(state, part), size.width(), size.height(), part.span());
        } else {
            count(part);
        }
        twoUnits(part);
    }

    private void readSheet(Clause part) {
        List<Phrase> body = part.body();
        state.sheets = body.size() > 1 && body.get(0).mayCount() && body.get(1).is(Kind.SHEET) ? body.get(0).count()
                : state.sheets;
        if (body.size() > 1 && body.get(0).is(Kind.RELATION, "from", "out")) {
            state.fromSheet = part.sentence(); // "from a sheet of 12 x 12 cut"
        }
        for (Phrase phrase : part.body()) {
            if (phrase.is(Kind.SHEET)) {
                SheetWords.paperSize(phrase).ifPresent(size -> state.sheet = Optional.of(new ReadSheet(size.name(),
                        SheetWords.side(size.width(), phrase), SheetWords.side(size.height(), phrase),
                        SheetWords.count(part, phrase))));
            } else if (phrase.is(Kind.SIZE) && parts.isSheet(phrase) && !SheetWords.isInBrackets(part, phrase)) {
                state.sheet = Optional.of(new ReadSheet("", state.said(phrase, 0, part),
                        state.said(phrase, phrase.amounts().size() > 1 ? 1 : 0, part), SheetWords.count(part, phrase)));
            }
        }
    }

    private void piece(Clause part, List<Phrase> sizes) {
        Phrase size = sizes.get(0);
        Attributes said = Attributes.of(state, part);
        Said first = state.said(size, 0, part);
        Said second = state.said(size, size.amounts().size() > 1 ? 1 : 0, part);
        boolean turned = size.detail().matches("(high|tall|deep|h|:? ?height).*") && size.amounts().size() > 1;
        Said width = turned ? second : first;
        Said height = turned ? first : second;
        if (sizes.size() > 1) {
            sameInOtherUnit(part, sizes, width, height);
        }
        state.take(clause.label());
        boolean half = part.of(Kind.SHARE).stream().anyMatch(share -> share.detail().contains("half"));
        Optional<PieceDraft> known = half ? state.current.filter(piece -> piece.halved)
                : known(said, width, height);
        if (half && known.isEmpty()) {
            state.take(part.of(Kind.SHARE));
            state.sheet.ifPresent(sheet -> halves.claim(sheet, width, height, size.span()));
        }
        if (isCardItself(part)) {
            cardAgain(part, width, height, size.span());
        } else if (known.isPresent()) {
            again(known.get(), said, width, height, size.span());
        } else {
            pieces.add(part, said, width, height, size.span());
        }
    }

    /** "The card is 5 x 7 in": no further piece. */
    private boolean isCardItself(Clause part) {
        List<Phrase> body = part.body();
        return !state.pieces.isEmpty() && body.size() > 2 && body.get(0).is(Kind.WORD, "the", "your")
                && body.get(1).is(Kind.MATERIAL, "card") && body.get(2).is(Kind.RELATION, "is", "measures");
    }

    /** Flat, it is its first piece; otherwise that is what it measures when it is closed. */
    private void cardAgain(Clause part, Said width, Said height, Span span) {
        boolean flat = part.body().stream().anyMatch(phrase -> phrase.is(Kind.WORD, "open", "flat", "unfolded"));
        state.claims.add(flat ? new Claim.SizeAgain(0, width, height, span) : new Claim.Closed(width, height, span));
    }

    private static boolean isMeasured(Phrase phrase) {
        return phrase.is(Kind.LENGTH) || phrase.is(Kind.TWO_UNITS);
    }

    /** "270 mm (10 in) long, 105 mm high", "194 mm (7 5/8 in) x 60 mm": two sides that are told apart. */
    private boolean sides(Clause part) {
        Optional<Said> width = Optional.empty();
        Optional<Said> height = Optional.empty();
        Span span = part.span();
        for (int i = 0; i + 1 < part.body().size(); i++) {
            Phrase phrase = part.body().get(i);
            boolean measured = isMeasured(phrase);
            boolean times = part.body().get(i + 1).is(Kind.MARK, "x", "×", "*")
                    || part.body().get(i + 1).is(Kind.WORD, "by");
            if (measured && times && i + 2 < part.body().size() && isMeasured(part.body().get(i + 2))) {
                width = Optional.of(state.said(phrase, 0, part));
                height = Optional.of(state.said(part.body().get(i + 2), 0, part));
            } else if (measured && part.body().get(i + 1).is(Kind.WORD, "wide", "long")) {
                width = width.or(() -> Optional.of(state.said(phrase, 0, part)));
            } else if (measured && part.body().get(i + 1).is(Kind.WORD, "high", "tall", "deep")) {
                height = height.or(() -> Optional.of(state.said(phrase, 0, part)));
            }
        }
        if (width.isEmpty() || height.isEmpty()) {
            return false;
        }
        state.take(clause.label());
        pieces.add(part, Attributes.of(state, part), width.get(), height.get(), span);
        return true;
    }

    /** A piece that is spoken of again by a name of its own, not a further one of its kind. */
    private Optional<PieceDraft> known(Attributes said, Said width, Said height) {
        if (later) {
            Optional<PieceDraft> sized = state.ofSize(width, height);
            if (sized.isPresent()) {
                said.count = Optional.empty();
                state.take(clause.body());
                return sized;
            }
        }
        if (said.name.isEmpty() || PieceName.of(said.name.get()).isCommon() && !isDefinite(said.name.get())) {
            return Optional.empty();
        }
        return state.named(said.name.get()).filter(piece -> piece.named
                && piece.called.isSame(PieceName.of(said.name.get())));
    }

    /** "The strip is", "the strip must be", "the strip to 11 x 4": the one that is known. */
    private boolean isDefinite(String name) {
        List<Phrase> body = clause.body();
        boolean article = IntStream.range(1, body.size()).anyMatch(i -> body.get(i).is(Kind.NAME)
                && body.get(i).detail().equalsIgnoreCase(name) && body.get(i - 1).is(Kind.WORD, "the", "your"));
        boolean bracketed = IntStream.range(2, body.size()).anyMatch(i -> body.get(i).is(Kind.SIZE)
                && body.get(i - 1).is(Kind.MARK, "(") && body.get(i - 2).is(Kind.NAME)); // "wrap the band (9 x 1)"
        return article && bracketed
                || article && body.stream().anyMatch(phrase -> phrase.is(Kind.RELATION, "is", "are", "measures", "to")
                        || phrase.is(Kind.WORD, "be"));
    }

    private void again(PieceDraft piece, Attributes said, Said width, Said height, Span span) {
        state.current = Optional.of(piece);
        state.claims.add(new Claim.SizeAgain(state.index(piece), width, height, span));
        said.count.ifPresent(count -> {
            state.take(count);
            state.claims.add(new Claim.CountAgain(piece.name, count.count(), true, count.span()));
        });
    }

    /** 5 1/2 × 4 1/4 in (140 × 108 mm). */
    private void sameInOtherUnit(Clause part, List<Phrase> sizes, Said width, Said height) {
        Phrase other = sizes.get(1);
        Said first = state.said(other, 0, part);
        Said second = state.said(other, other.amounts().size() > 1 ? 1 : 0, part);
        if (first.unit() == width.unit()) {
            return;
        }
        state.claims.add(new Claim.TwoUnits(width, first, other.span()));
        state.claims.add(new Claim.TwoUnits(height, second, other.span()));
    }

    private void twoUnits(Clause part) {
        for (Phrase phrase : part.of(Kind.TWO_UNITS)) {
            state.claims.add(new Claim.TwoUnits(state.said(phrase, 0, part), state.said(phrase, 1, part),
                    phrase.span()));
        }
    }

    /** The same again of another paper or under another name. */
    private void same(Clause part) {
        Attributes said = Attributes.of(state, part);
        Phrase reference = part.of(Kind.REFERENCE).get(0);
        state.current.ifPresent(like -> pieces.add(part, said, like.width, like.height, reference.span()));
    }

    /** "Cut two of these": how many of the last piece; "3 mats": how many of those. */
    private void count(Clause part) {
        Attributes said = Attributes.of(state, part);
        if (said.count.isEmpty()) {
            if (clause.wholeLine() && said.name.flatMap(state::named).isEmpty()) {
                state.heading = said.name; // "And the mats?"
            }
            said.name.flatMap(state::named).ifPresent(piece -> {
                state.current = Optional.of(piece);
                if (part.body().stream().anyMatch(phrase -> phrase.is(Kind.WORD, GOES))) {
                    piece.on = piece.on.or(() -> said.on);
                }
            });
            return;
        }
        Phrase count = said.count.get();
        if (UsedCount.claim(state, part)) {
            return; // "cover all three boards"
        }
        boolean counts = count.is(Kind.COUNT) || said.name.isPresent() || verb == Kind.CUT
                && part.body().stream()
                        .allMatch(phrase -> phrase.is(Kind.CUT) || phrase == count || phrase.is(Kind.MARK)
                                || phrase.is(Kind.REFERENCE) || phrase.is(Kind.RELATION, "of"));
        if (!counts || count.is(Kind.LENGTH) && part.has(Kind.CREASE)) {
            return; // "it takes 20 minutes", "the other two are valleys"
        }
        Optional<PieceDraft> piece = said.name.isPresent() ? said.name.flatMap(state::named) : state.current;
        boolean ofThese = said.name.isEmpty() && piece.isPresent();
        if (!ofThese && count.count() == 1) {
            return; // "add one layer to the front"
        }
        if (piece.isEmpty()) {
            state.family = said.name.map(PieceName::of).map(PieceName::head); // "stack four layers"
        }
        if (ofThese && piece.get().counted.isEmpty()) {
            state.take(count);
            piece.get().quantity = Math.max(1, count.count());
            piece.get().counted = Optional.of(count.span());
        } else if (piece.isPresent()) {
            state.take(count);
            state.claims
                    .add(new Claim.CountAgain(said.name.orElse(piece.get().name), count.count(), true,
                            count.span()));
        }
    }
}
