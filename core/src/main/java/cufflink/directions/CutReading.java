package cufflink.directions;

import cufflink.directions.Phrase.Kind;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.words.ReadingWords;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
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
    /** Where each phrase stands in the clause: a list may be long. */
    private final IdentityHashMap<Phrase, Integer> places = new IdentityHashMap<>();

    CutReading(ReadingState state, Clause clause, Kind verb) {
        this(state, clause, verb, false);
    }

    /** {@code later}: under a heading of folding, gluing, punching, where a size tells which piece is meant. */
    CutReading(ReadingState state, Clause clause, Kind verb, boolean later) {
        this.state = state;
        this.clause = clause;
        this.verb = verb;
        this.later = later;
        IntStream.range(0, clause.body().size()).forEach(i -> places.put(clause.body().get(i), i));
    }

    void read() {
        if ((verb == Kind.LEAVES || saysPanels()) && panels()) {
            return;
        }
        int before = state.pieces.size();
        if (!clause.label().isEmpty()) {
            readSheet(clause.only(clause.label()));
        }
        List<List<Phrase>> parts = parts();
        Optional<Phrase> all = countOfAll(parts.size());
        all.ifPresent(state::take);
        for (int i = 0; i < parts.size(); i++) {
            // What stands before a colon is said of every part; how many, of the first alone.
            List<Phrase> label = clause.label().stream()
                    .filter(i == 0 ? phrase -> !all.filter(phrase::equals).isPresent() : phrase -> phrase.is(Kind.NAME))
                    .toList();
            List<Phrase> body = parts.get(i).stream().filter(phrase -> !all.filter(phrase::equals).isPresent())
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
        return words.subList(0, colon).stream()
                .filter(phrase -> phrase.is(Kind.COUNT) || phrase.is(Kind.LENGTH) && phrase.amounts().get(0).plain())
                .filter(phrase -> parts > 1 && number(phrase) == parts).findFirst();
    }

    /** A border that is said is that of the pieces of the clause, or of the last one. */
    private void border(int before) {
        List<PieceDraft> of = state.pieces.size() > before ? state.pieces.subList(before, state.pieces.size())
                : state.current.stream().toList();
        BorderWords.in(clause.body()).ifPresent(length -> of.forEach(piece -> state.claims
                .add(new Claim.Border(state.index(piece), state.said(length, 0, clause), length.span()))));
    }

    /** "Panels: 3, 4 and 3"; but "panels 2 and 3" are two of them. */
    private boolean saysPanels() {
        List<Phrase> words = new ArrayList<>(clause.label());
        words.addAll(clause.body());
        return IntStream.range(0, words.size()).filter(i -> words.get(i).is(Kind.NAME)
                && PieceName.of(words.get(i).detail()).head().equals("panel"))
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
        which.ifPresent(name -> state.claims.add(new Claim.EndPanel(state.index(state.current.orElseThrow()),
                name.startsWith("last"), state.said(length, 0, clause), length.span())));
        return which.isPresent();
    }

    /** The body in parts of one piece each, cut at the last comma or "and" before a further size. */
    private List<List<Phrase>> parts() {
        List<List<Phrase>> parts = new ArrayList<>();
        List<Phrase> part = new ArrayList<>();
        boolean sized = false;
        for (Phrase phrase : clause.body()) {
            boolean another = phrase.is(Kind.SIZE) && !isSheet(phrase);
            if (another && sized && !isInOtherUnit(part, phrase)) {
                int cut = lastMark(part);
                if (cut > 0) {
                    parts.add(new ArrayList<>(part.subList(0, cut)));
                    part = new ArrayList<>(part.subList(cut + 1, part.size()));
                }
            }
            sized |= another;
            part.add(phrase);
        }
        parts.add(part);
        return parts;
    }

    /** "11 x 4 in / 279 x 102 mm": the same size once more. */
    private static boolean isInOtherUnit(List<Phrase> part, Phrase size) {
        int last = part.size() - 1;
        boolean behind = last > 0 && part.get(last).is(Kind.MARK, "/", "=", "or") && part.get(last - 1).is(Kind.SIZE);
        return behind && size.unit().isPresent() && part.get(last - 1).unit().isPresent()
                && !size.unit().equals(part.get(last - 1).unit());
    }

    private static int lastMark(List<Phrase> part) {
        int size = -1;
        for (int i = 0; i < part.size(); i++) {
            size = part.get(i).is(Kind.SIZE) ? i : size;
        }
        int found = -1;
        for (int i = part.size() - 1; i > size && size >= 0; i--) {
            if (part.get(i).is(Kind.MARK, ",", "and", "&", "+", "plus", "|", "-", "–", "—", "/")) {
                // A comma right before the next size stands behind that one's name: "and a liner, 6 by 4".
                if (i < part.size() - 1) {
                    return i;
                }
                found = i;
            }
        }
        return found;
    }

    /** A size is that of a sheet behind "from" or "a sheet of", and before "sheet" or "cut in half". */
    private boolean isSheet(Phrase size) {
        List<Phrase> body = clause.body();
        int at = places.get(size);
        if (at + 1 < body.size() && body.get(at + 1).is(Kind.SHEET, "sheet", "sheets", "sheet of")) {
            return true;
        }
        for (int i = at - 1; i >= 0; i--) {
            Phrase phrase = body.get(i);
            if (phrase.is(Kind.SHEET)) {
                boolean half = body.subList(0, i).stream()
                        .anyMatch(one -> one.is(Kind.SHARE) && one.detail().contains("half"));
                return (phrase.detail().startsWith("sheet") || SheetWords.isPaperSize(phrase)) && !half;
            }
            if (phrase.is(Kind.SIZE) && i == at - 2 && body.get(at - 1).is(Kind.MARK, "(")) {
                return isSheet(phrase); // the same in the other unit
            }
            if (phrase.is(Kind.RELATION, "from", "out")) {
                return true;
            }
            if (phrase.is(Kind.SHARE)) {
                return !phrase.detail().matches("(the )?(middle|centre|center)") && !Attributes.isNumberOfParts(phrase);
            }
            if (!phrase.is(Kind.MATERIAL) && !phrase.is(Kind.RELATION, "of") && !phrase.is(Kind.WORD, "a", "an", "the")
                    && !phrase.is(Kind.MARK, ",", "(")) {
                return false;
            }
        }
        return false;
    }

    private void part(Clause part) {
        readSheet(part);
        List<Phrase> sizes = part.of(Kind.SIZE).stream().filter(size -> !isSheet(size)).toList();
        if (!sizes.isEmpty()) {
            piece(part, sizes);
        } else if (sides(part)) {
            twoUnits(part);
            return;
        } else if (part.has(Kind.LESS)) {
            smaller(part);
        } else if (part.has(Kind.SHARE)) {
            share(part);
        } else if (part.has(Kind.REFERENCE) && part.of(Kind.REFERENCE).get(0).detail().startsWith("same")) {
            same(part);
        } else if (!clause.label().isEmpty() && !clause.isVerbLabel()
                && part.body().stream().anyMatch(SheetWords::isNamedSize)) {
            ReadSheet size = state.sheet.orElseThrow();
            state.take(clause.label());
            add(part, Attributes.of(state, part), size.width(), size.height(), part.span());
        } else {
            count(part);
        }
        twoUnits(part);
    }

    private void readSheet(Clause part) {
        for (Phrase phrase : part.body()) {
            if (phrase.is(Kind.SHEET)) {
                SheetWords.paperSize(phrase).ifPresent(size -> state.sheet = Optional.of(new ReadSheet(size.name(),
                        SheetWords.side(size.width(), phrase), SheetWords.side(size.height(), phrase),
                        SheetWords.count(part, phrase))));
            } else if (phrase.is(Kind.SIZE) && isSheet(phrase) && !SheetWords.isInBrackets(part, phrase)) {
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
            state.sheet.ifPresent(sheet -> halfOf(sheet, width, height, size.span()));
        }
        if (isCardItself(part)) {
            cardAgain(part, width, height, size.span());
        } else if (known.isPresent()) {
            again(known.get(), said, width, height, size.span());
        } else {
            add(part, said, width, height, size.span());
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

    /** "Half a sheet of A4, 210 x 145 mm": one side is that of the sheet, the other must be half. */
    private void halfOf(ReadSheet sheet, Said width, Said height, Span span) {
        for (boolean turned : new boolean[] {false, true}) {
            Said one = turned ? height : width;
            Said other = turned ? width : height;
            Said whole = sheet.width().length().equals(one.length()) ? sheet.height()
                    : sheet.height().length().equals(one.length()) ? sheet.width() : null;
            if (whole != null && whole.length().isLongerThan(other.length())) {
                state.claims.add(new Claim.Half(Optional.of(whole), state.pieces.size(), other, span));
                return;
            }
        }
    }

    /** "270 mm (10 in) long, 105 mm high": two sides, each with what it is. */
    private boolean sides(Clause part) {
        Optional<Said> width = Optional.empty();
        Optional<Said> height = Optional.empty();
        Span span = part.span();
        for (int i = 0; i + 1 < part.body().size(); i++) {
            Phrase phrase = part.body().get(i);
            boolean measured = phrase.is(Kind.LENGTH) || phrase.is(Kind.TWO_UNITS);
            if (measured && part.body().get(i + 1).is(Kind.WORD, "wide", "long")) {
                width = width.or(() -> Optional.of(state.said(phrase, 0, part)));
            } else if (measured && part.body().get(i + 1).is(Kind.WORD, "high", "tall", "deep")) {
                height = height.or(() -> Optional.of(state.said(phrase, 0, part)));
            }
        }
        if (width.isEmpty() || height.isEmpty()) {
            return false;
        }
        state.take(clause.label());
        add(part, Attributes.of(state, part), width.get(), height.get(), span);
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
        if (said.name.isEmpty() || PieceName.of(said.name.get()).isCommon() && !isDefinite()) {
            return Optional.empty();
        }
        return state.named(said.name.get()).filter(piece -> piece.named
                && piece.called.isSame(PieceName.of(said.name.get())));
    }

    /** "The strip is", "the strip must be", "the strip to 11 x 4": the one that is known. */
    private boolean isDefinite() {
        List<Phrase> body = clause.body();
        boolean article = IntStream.range(1, body.size()).anyMatch(i -> body.get(i).is(Kind.NAME)
                && body.get(i - 1).is(Kind.WORD, "the", "your"));
        return article && body.stream().anyMatch(phrase -> phrase.is(Kind.RELATION, "is", "are", "measures", "to")
                || phrase.is(Kind.WORD, "be"));
    }

    private void again(PieceDraft piece, Attributes said, Said width, Said height, Span span) {
        state.current = Optional.of(piece);
        state.claims.add(new Claim.SizeAgain(state.index(piece), width, height, span));
        said.count.ifPresent(count -> {
            state.take(count);
            state.claims.add(new Claim.CountAgain(piece.name, number(count), true, count.span()));
        });
    }

    private PieceDraft add(Clause part, Attributes said, Said width, Said height, Span span) {
        Optional<String> name = said.name.or(() -> state.heading).or(() -> another(part));
        state.heading = Optional.empty();
        PieceDraft piece = new PieceDraft(name.orElse("Piece " + (state.pieces.size() + 1)), name.isPresent(), width,
                height, span);
        said.count.or(() -> state.each).ifPresent(count -> {
            state.take(count);
            piece.quantity = Math.max(1, number(count)) * forEach();
            piece.counted = Optional.of(count.span());
        });
        forEach(part, piece);
        piece.material = said.material;
        piece.on = said.on;
        piece.sheet = state.sheet.filter(sheet -> part.has(Kind.SHEET)
                || part.of(Kind.SIZE).stream().anyMatch(this::isSheet) || verb == Kind.LEAVES || sheet.count() > 0);
        state.add(piece);
        return piece;
    }

    /** "And another, 5 x 3 in": of the same name. */
    private Optional<String> another(Clause part) {
        return state.current.filter(piece -> piece.named
                && part.body().stream().anyMatch(phrase -> phrase.is(Kind.WORD, "another"))).map(piece -> piece.name);
    }

    /** "Two for each card": as many as there are cards, so many times. */
    private void forEach(Clause part, PieceDraft piece) {
        List<Phrase> body = part.body();
        for (int i = 0; i + 2 < body.size(); i++) {
            Phrase count = body.get(i);
            boolean each = (count.is(Kind.COUNT) || count.is(Kind.LENGTH) && count.amounts().get(0).plain())
                    && body.get(i + 1).is(Kind.RELATION, "for") && body.get(i + 2).is(Kind.WORD, "each", "every");
            if (each && !state.pieces.isEmpty()) {
                state.take(count);
                PieceDraft of = body.subList(i + 2, body.size()).stream().filter(phrase -> phrase.is(Kind.NAME))
                        .findFirst()
                        .flatMap(name -> state.named(name.detail())).orElse(state.pieces.get(0));
                state.claims.add(new Claim.CountAgain(piece.name, number(count) * of.quantity, true, count.span()));
            }
        }
    }

    /** "For each card cut two": as many times as there are of those; 1 where it is not said. */
    private int forEach() {
        List<Phrase> words = new ArrayList<>(clause.label());
        words.addAll(clause.body());
        boolean each = words.size() > 1 && words.get(0).is(Kind.RELATION, "for")
                && words.get(1).is(Kind.WORD, "each", "every");
        return each ? state.current.map(piece -> piece.quantity).orElse(1) : 1;
    }

    private static int number(Phrase count) {
        return count.amounts().isEmpty() ? 2 : count.amounts().get(0).count();
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

    /** A piece that is smaller by so much than the one it goes on, or than the last one. */
    private void smaller(Clause part) {
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
        add(part, said, lessened(from.width, off, by), lessened(from.height, off, by), less.span());
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

    /** A sheet, or the last piece, in half. */
    private void share(Clause part) {
        Phrase share = part.of(Kind.SHARE).get(0);
        state.take(share);
        Optional<ReadSheet> sheet = part.has(Kind.SHEET) || part.has(Kind.SIZE) ? state.sheet : Optional.empty();
        Optional<PieceDraft> whole = sheet.isPresent() ? Optional.empty() : state.current;
        if (sheet.isEmpty() && whole.isEmpty()) {
            sheet = state.sheet;
        }
        if (!share.detail().contains("half") || sheet.isEmpty() && whole.isEmpty()) {
            state.lose(share.span());
            return;
        }
        Said width = whole.map(piece -> piece.width).orElseGet(() -> state.sheet.orElseThrow().width());
        Said height = whole.map(piece -> piece.height).orElseGet(() -> state.sheet.orElseThrow().height());
        boolean across = width.length().isLongerThan(height.length());
        boolean lengthwise = part.of(Kind.SIDE).stream().anyMatch(side -> side.detail().matches("length(wise|ways)"));
        Said halfWidth = across != lengthwise ? halved(width, share) : width;
        Said halfHeight = across != lengthwise ? height : halved(height, share);
        if (part.of(Kind.SIDE).isEmpty()) {
            state.ask(ReadingWords.WHICH_HALF.of("text", state.written(share.span())),
                    List.of(Question.Answer.taken(size(halfWidth, halfHeight)),
                            Question.Answer.other(across ? size(width, halved(height, share))
                                    : size(halved(width, share), height), Edit.behind(share.span(), " lengthwise"))),
                    share.span());
        }
        Attributes said = Attributes.of(state, part);
        if (whole.isPresent()) {
            PieceDraft piece = whole.get();
            piece.sheet = Optional.of(new ReadSheet("", width, height, 0));
            piece.width = halfWidth;
            piece.height = halfHeight;
            piece.quantity = piece.quantity * 2;
            piece.halved = true;
            state.current = whole;
        } else {
            PieceDraft piece = add(part, said, halfWidth, halfHeight, share.span());
            piece.sheet = state.sheet;
            piece.halved = true;
        }
    }

    private static Said halved(Said side, Phrase share) {
        return new Said(Length.ofNanometres(side.length().nanometres() / 2), side.unit(), false, share.span());
    }

    private static String size(Said width, Said height) {
        return LengthFormat.of(width.unit()).size(width.length(), height.length());
    }

    /** The same again of another paper or under another name. */
    private void same(Clause part) {
        Attributes said = Attributes.of(state, part);
        Phrase reference = part.of(Kind.REFERENCE).get(0);
        state.current.ifPresent(like -> add(part, said, like.width, like.height, reference.span()));
    }

    /** "Cut two of these": how many of the last piece; "3 mats": how many of those. */
    private void count(Clause part) {
        Attributes said = Attributes.of(state, part);
        if (said.count.isEmpty()) {
            said.name.flatMap(state::named).ifPresent(piece -> {
                state.current = Optional.of(piece);
                if (part.body().stream().anyMatch(phrase -> phrase.is(Kind.WORD, GOES))) {
                    piece.on = piece.on.or(() -> said.on);
                }
            });
            return;
        }
        Phrase count = said.count.get();
        boolean counts = count.is(Kind.COUNT) || said.name.isPresent() || verb == Kind.CUT
                && part.body().stream()
                        .allMatch(phrase -> phrase.is(Kind.CUT) || phrase == count || phrase.is(Kind.MARK)
                                || phrase.is(Kind.REFERENCE) || phrase.is(Kind.RELATION, "of"));
        if (!counts || count.is(Kind.LENGTH) && part.has(Kind.CREASE)) {
            return; // "it takes 20 minutes", "the other two are valleys"
        }
        Optional<PieceDraft> piece = said.name.isPresent() ? said.name.flatMap(state::named) : state.current;
        boolean ofThese = said.name.isEmpty() && piece.isPresent();
        if (!ofThese && number(count) == 1) {
            return; // "add one layer to the front"
        }
        if (ofThese && piece.get().counted.isEmpty()) {
            state.take(count);
            piece.get().quantity = Math.max(1, number(count));
            piece.get().counted = Optional.of(count.span());
        } else if (piece.isPresent()) {
            state.take(count);
            state.claims
                    .add(new Claim.CountAgain(said.name.orElse(piece.get().name), number(count), true, count.span()));
        }
    }
}
