package cufflink.directions;

import cufflink.directions.Phrase.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/** What the words around a size say of the piece: its name, how many, of what, and what it goes on. */
final class Attributes {
    private static final int MOST_PIECES = 999;
    private static final Pattern PAPER_FOR = Pattern
            .compile("(?i)(?:[\\p{L}]+ )*(?:paper|card|cardstock) for (?:an? |the )?(.+?)(?: on (?:the )?(.+))?");
    Optional<String> name = Optional.empty();
    Optional<Phrase> count = Optional.empty();
    Optional<String> material = Optional.empty();
    Optional<String> on = Optional.empty();
    /** Whether it lies on the piece that was told before it: "on top". */
    boolean onTop;
    private final String label;

    private Attributes(String label) {
        this.label = label;
    }

    static Attributes of(ReadingState state, Clause clause) {
        Attributes found = new Attributes(clause.isVerbLabel() ? "" : label(clause, state));
        List<Phrase> said = new ArrayList<>(clause.label().stream()
                .filter(phrase -> clause.isVerbLabel() || isCount(clause.label(), phrase)).toList());
        said.addAll(clause.body());
        int size = firstSize(clause.body());
        Optional<Span> named = size < 0 ? Optional.empty() : NounPhrase.before(clause.body(), size);
        if (clause.body().stream().limit(1).anyMatch(phrase -> phrase.is(Kind.WORD, "inside"))) {
            found.on = Optional.of("inside"); // "inside at the bottom sits a pocket"
        }
        found.take(said, named);
        found.labelled(clause);
        boolean nameless = named.isPresent()
                && clause.label().stream().noneMatch(phrase -> phrase.is(Phrase.Kind.NAME));
        found.name = !found.label.isEmpty() && !nameless ? Optional.of(found.label)
                : named.map(state::written).map(found::forWhat).or(() -> pieceFor(clause.body(), size))
                        .or(() -> found.name).or(() -> card(said)).or(() -> opening(clause.body()))
                        .or(() -> clause.body().stream().limit(1).filter(SheetWords::isNamedSize)
                                .filter(sheet -> size > 0).map(sheet -> state.written(sheet.span())).findFirst());
        if (found.on.filter(on -> found.name.filter(on::equalsIgnoreCase).isPresent()).isPresent()) {
            found.on = Optional.empty(); // "For the envelope:" is the envelope
        }
        return found;
    }

    /** "1 card, 8 1/2 x 5 1/2", "four papers": what is counted is called so. */
    private static Optional<String> card(List<Phrase> said) {
        return IntStream.range(1, said.size())
                .filter(i -> said.get(i).is(Kind.MATERIAL) && said.get(i).detail().matches("card|(.* )?papers"))
                .filter(i -> said.get(i - 1).is(Kind.COUNT) && !said.get(i - 1).detail().contains("of")
                        || said.get(i - 1).is(Kind.LENGTH) && said.get(i - 1).amounts().get(0).plain())
                .mapToObj(i -> said.get(i).detail()).findFirst();
    }

    /** "Paper for a mat on the base" is a mat. */
    private String forWhat(String written) {
        Matcher paper = PAPER_FOR.matcher(written);
        if (!paper.matches()) {
            return written;
        }
        on = Optional.ofNullable(paper.group(2));
        return paper.group(1);
    }

    /** "An 11 x 4 piece for the fan" is the fan. */
    private static Optional<String> pieceFor(List<Phrase> body, int size) {
        boolean of = size >= 0 && size + 4 < body.size() && body.get(size + 1).is(Kind.WORD, "piece", "bit")
                && body.get(size + 2).is(Kind.RELATION, "for") && body.get(size + 3).is(Kind.WORD, "the", "a")
                && (body.get(size + 4).is(Kind.NAME) || body.get(size + 4).is(Kind.WORD));
        return of ? Optional.of(body.get(size + 4).detail()) : Optional.empty();
    }

    /** "And for the pocket I've got 4 x 2": what it is for is what it is. */
    private static Optional<String> opening(List<Phrase> body) {
        return IntStream.range(2, Math.min(5, body.size())).filter(i -> body.get(i).is(Kind.NAME)
                && body.get(i - 1).is(Kind.WORD, "the", "your") && body.get(i - 2).is(Kind.RELATION, "for")
                && body.subList(0, i - 2).stream().noneMatch(phrase -> phrase.kind().isMarked()))
                .mapToObj(i -> body.get(i).detail()).findFirst();
    }

    private static int firstSize(List<Phrase> body) {
        for (int i = 0; i < body.size(); i++) {
            if (body.get(i).is(Phrase.Kind.SIZE) || body.get(i).is(Phrase.Kind.LESS)) {
                return i;
            }
        }
        return -1;
    }

    /** "Mat on the base:" goes on the base. */
    private void labelled(Clause clause) {
        List<Phrase> words = clause.label();
        for (int i = 1; i < words.size(); i++) {
            if (words.get(i).is(Phrase.Kind.NAME)
                    && relation(words, i).filter(word -> word.matches("for|on|onto|into|in")).isPresent()) {
                String named = words.get(i).detail();
                on = on.or(() -> Optional.of(named));
            }
        }
    }

    /** The words before a colon without what counts. */
    private static String label(Clause clause, ReadingState state) {
        StringBuilder name = new StringBuilder();
        Phrase before = null;
        for (Phrase phrase : clause.label()) {
            if (!name.isEmpty() && phrase.is(Kind.RELATION, "is", "are")) {
                break; // "The base is half a sheet:"
            }
            if (!isCount(clause.label(), phrase)) {
                boolean apart = before != null && phrase.span().from() > before.span().to();
                name.append(apart ? " " : "").append(state.written(phrase.span()));
            }
            before = phrase;
        }
        return name.toString().strip().replaceFirst("\\s*,$", "")
                .replaceFirst("(?i)^((cut|finished )?size|dimensions|measures)$", "")
                .replaceFirst("(?i)^(for|cut|on|the)\\s+(the\\s+)?", "");
    }

    private static boolean isCount(List<Phrase> label, Phrase phrase) {
        int last = label.size() - 1;
        boolean ofThem = last > 1 && label.get(last).is(Kind.RELATION, "of") && phrase.mayCount()
                && phrase == label.get(last - 1); // "Squares, 4 of:"
        boolean behind = last > 1 && phrase == label.get(last) && phrase.is(Kind.LENGTH)
                && phrase.amounts().get(0).plain() && label.get(last - 1).is(Kind.MARK, ","); // "Mats, 2:"
        return ofThem || behind || phrase.is(Kind.COUNT)
                || phrase == label.get(0) && phrase.is(Kind.LENGTH) && label.size() > 1;
    }

    /** A number in a name tells it from others. */
    private void take(List<Phrase> said, Optional<Span> named) {
        Optional<Phrase> border = BorderWords.in(said);
        for (int i = 0; i < said.size(); i++) {
            Phrase phrase = said.get(i);
            Optional<String> relation = relation(said, i);
            switch (phrase.kind()) {
                case NAME, QUOTED -> name(said, i, relation);
                case MATERIAL -> {
                    String paper = called(said, i, named) + phrase.detail();
                    material = material.or(() -> Optional.of(paper));
                }
                case COUNT -> {
                    if (!isOfSheet(said, i)) {
                        count(phrase);
                    }
                }
                case EDGE -> onTop |= phrase.detail().equals("top") && relation.filter("on"::equals).isPresent()
                        && said.stream().skip(i + 1L).limit(3).noneMatch(next -> next.is(Kind.NAME));
                case SHARE -> {
                    if (isNumberOfParts(phrase)) {
                        count(phrase);
                    }
                }
                case LENGTH -> {
                    boolean inName = named.filter(name -> name.from() <= phrase.span().from()
                            && phrase.span().to() <= name.to()).isPresent();
                    if (!inName && !isOfSheet(said, i) && !border.filter(phrase::equals).isPresent()
                            && phrase.amounts().get(0).plain() && phrase.amounts().get(0).count() <= MOST_PIECES) {
                        count(phrase);
                    }
                }
                case WORD -> {
                    boolean which = phrase.detail().matches("first|second|last|front|inside|back|outside")
                            && (i + 1 == said.size() || !said.get(i + 1).is(Kind.NAME)
                                    && !isOfNamed(said, i + 1));
                    if (which && relation.filter(word -> word.matches("for|on|onto|into|in")).isPresent()) {
                        on = on.or(() -> Optional.of(phrase.detail()));
                    }
                }
                default -> {
                    // the rest is read where it matters
                }
            }
        }
    }

    /** "From one 12 x 12 sheet": so many sheets. */
    private static boolean isOfSheet(List<Phrase> said, int index) {
        int next = index + 1 < said.size() && said.get(index + 1).is(Phrase.Kind.SIZE) ? index + 2 : index + 1;
        return next < said.size() && said.get(next).is(Phrase.Kind.SHEET)
                && said.get(next).detail().startsWith("sheet") && relation(said, index).isPresent();
    }

    /** "Midnight card", "star paper": words right before a material that are no part of a name. */
    private static String called(List<Phrase> said, int index, Optional<Span> named) {
        StringBuilder words = new StringBuilder();
        for (int i = index - 1; i >= Math.max(0, index - 2); i--) {
            Phrase phrase = said.get(i);
            boolean inName = named.filter(name -> phrase.span().from() < name.to()).isPresent();
            if (inName || !phrase.is(Phrase.Kind.WORD) || !phrase.detail().matches("\\p{L}{4,}")
                    || phrase.detail().matches("each|every|from|this|that|with|your|some|same|more|then|also|both")) {
                break;
            }
            words.insert(0, phrase.detail() + " ");
        }
        return words.toString();
    }

    /** "Into three": so many pieces, not a share of one. */
    static boolean isNumberOfParts(Phrase share) {
        return share.detail().matches("into (two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|\\d+)");
    }

    private void count(Phrase phrase) {
        if (count.isEmpty()) {
            count = Optional.of(phrase);
        }
    }

    /** "Of the base". */
    private static boolean isOfNamed(List<Phrase> said, int at) {
        return said.get(at).is(Kind.RELATION, "of") && said.stream().skip(at + 1L).limit(2)
                .anyMatch(phrase -> phrase.is(Kind.NAME));
    }

    /** "On the inside of the base". */
    private static boolean isInside(List<Phrase> said, int index) {
        for (int i = index - 1; i > 0; i--) {
            if (said.get(i).is(Kind.RELATION, "of")) {
                return said.get(i - 1).is(Kind.WORD, "inside", "outside", "front", "back")
                        && relation(said, i - 1).filter(word -> word.matches("on|onto|to|into|in")).isPresent();
            }
        }
        return false;
    }

    private void name(List<Phrase> said, int index, Optional<String> relation) {
        Phrase phrase = said.get(index);
        if (relation.filter("of"::equals).isPresent() && isInside(said, index)) {
            on = on.or(() -> Optional.of(phrase.detail()));
            return;
        }
        boolean goesOn = relation.filter(word -> List.of("for", "on", "onto", "into", "in", "over", "to", "behind")
                .contains(word)).isPresent();
        if (relation.filter(word -> List.of("from", "out", "than", "with").contains(word)).isPresent()) {
            material = phrase.is(Kind.QUOTED) ? material.or(() -> Optional.of(phrase.detail())) : material;
        } else if (goesOn) {
            on = on.or(() -> Optional.of(phrase.detail()));
        } else {
            name = name.or(() -> Optional.of(phrase.detail()));
            if (material.isEmpty()) {
                material = paperIn(phrase.detail());
            }
        }
    }

    private static Optional<String> paperIn(String name) {
        List<String> paper = new ArrayList<>();
        for (String word : List.of(name.toLowerCase(Locale.ROOT).split(" "))) {
            if (List.of("patterned", "plain", "printed", "vellum", "kraft", "paper", "cardstock").contains(word)) {
                paper.add(word);
            }
        }
        return paper.isEmpty() ? Optional.empty() : Optional.of(String.join(" ", paper));
    }

    /** The word that stands before a phrase, articles left out, if it says how the two go together. */
    static Optional<String> relation(List<Phrase> said, int index) {
        for (int i = index - 1; i >= 0; i--) {
            Phrase phrase = said.get(i);
            if (phrase.is(Kind.RELATION)) {
                return Optional.of(phrase.detail());
            }
            if (!phrase.is(Kind.WORD, "a", "an", "the", "your", "each", "its", "both", "all", "this")) {
                return Optional.empty();
            }
        }
        return Optional.empty();
    }
}
