package cufflink.files.corpus;

import cufflink.design.DesignDefinition;
import cufflink.design.Side;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** One set as one hand writes it; the words of its fault stand between ⟦ and ⟧ until it is done. */
final class Writing {
    private static final char BEGINS = '⟦';
    private static final char ENDS = '⟧';

    private final DesignDefinition design;
    private final RulerStep ruler;
    private final Writers.Hand hand;
    private final Optional<Fault> fault;
    private final StringBuilder text = new StringBuilder();
    private int step = 1;

    Writing(DesignDefinition design, RulerStep ruler, Writers.Hand hand, Optional<Fault> fault) {
        this.design = design;
        this.ruler = ruler;
        this.hand = hand;
        this.fault = fault;
    }

    CorpusSet set(List<CorpusSet.Piece> right, boolean aside) {
        List<CorpusSet.Piece> pieces = new ArrayList<>(right);
        CorpusSet.Piece main = Fault.main(pieces);
        int at = pieces.indexOf(main);
        Length big = ruler.unit() == LengthUnit.INCH ? Length.ofInches(1, 2) : Length.ofMillimetres(12);
        fault.ifPresent(kind -> faulty(kind, pieces, at, big));
        write(pieces, pieces.get(at), main, big);
        String marked = text.toString();
        String plain = marked.replace(String.valueOf(BEGINS), "").replace(String.valueOf(ENDS), "");
        Optional<CorpusSet.Planted> planted = fault.map(kind -> new CorpusSet.Planted(kind.name(),
                marked.indexOf(BEGINS), marked.indexOf(ENDS) - 1));
        return new CorpusSet(design.id() + "/" + hand.name().toLowerCase(Locale.ROOT)
                + fault.map(kind -> "/" + kind.name().toLowerCase(Locale.ROOT)).orElse(""), Optional.of(design.id()),
                hand.name().toLowerCase(Locale.ROOT), plain, pieces, planted, aside);
    }

    /** Faults in the pieces themselves. */
    private static void faulty(Fault kind, List<CorpusSet.Piece> pieces, int at, Length big) {
        CorpusSet.Piece main = pieces.get(at);
        List<CorpusSet.At> scores = new ArrayList<>(main.scores());
        int last = scores.size() - 1;
        switch (kind) {
            case PAST -> scores.set(last, new CorpusSet.At(scores.get(last).edge(), Fault.along(main).plus(big)));
            case ORDER -> scores.set(last, new CorpusSet.At(scores.get(last).edge(),
                    Length.ofNanometres(scores.get(last - 1).length().nanometres() - big.nanometres() / 2)));
            case SCORE -> scores.set(last, new CorpusSet.At(scores.get(last).edge(), scores.get(last).length()
                    .minus(Length.ofNanometres(big.nanometres() / 2))));
            case SIDE -> scores.replaceAll(score -> new CorpusSet.At(score.edge() == Side.LEFT ? Side.TOP : Side.LEFT,
                    score.length()));
            case HALF -> scores.set(last, new CorpusSet.At(scores.get(last).edge(),
                    scores.get(last).length().plus(Length.ofNanometres(big.nanometres() / 2))));
            default -> {
                // said besides, see write
            }
        }
        pieces.set(at, new CorpusSet.Piece(main.name(), main.quantity(), main.width(), main.height(), scores));
        if (kind == Fault.MAT || kind == Fault.NOT_SMALLER) {
            CorpusSet.Piece mat = pieces.stream().filter(piece -> piece.name().endsWith(" mat")).findFirst()
                    .orElseThrow();
            Length height = kind == Fault.MAT ? mat.height().minus(big) : mat.height().plus(big.times(20));
            pieces.set(pieces.indexOf(mat),
                    new CorpusSet.Piece(mat.name(), mat.quantity(), mat.width(), height, List.of()));
        }
    }

    private boolean is(Fault kind) {
        return fault.filter(kind::equals).isPresent();
    }

    private static String marked(String words) {
        return BEGINS + words + ENDS;
    }

    private void write(List<CorpusSet.Piece> pieces, CorpusSet.Piece main, CorpusSet.Piece right, Length big) {
        line(hand == Writers.Hand.DICTATED ? "this is how i make the " + design.title().toLowerCase(Locale.ROOT)
                : design.title());
        text.append('\n');
        if (hand == Writers.Hand.TERSE) {
            line("all in " + (ruler.unit() == LengthUnit.INCH ? "inches" : "mm"));
        }
        if (is(Fault.SHEET)) {
            CorpusSet.Piece large = pieces.stream().max((one, other) -> one.width().compareTo(other.width()))
                    .orElseThrow();
            line("All of it comes from one " + marked("sheet of "
                    + size(Length.ofNanometres(large.width().nanometres() / 2), large.height(), true)) + ".");
        }
        if (hand == Writers.Hand.TABLE) {
            line("Piece | Quantity | Width | Height");
        }
        pieces.forEach(piece -> cut(piece, piece.name().endsWith(" mat") && (is(Fault.MAT) || is(Fault.NOT_SMALLER))
                && piece.equals(pieces.stream().filter(one -> one.name().endsWith(" mat")).findFirst().orElseThrow())));
        if (hand == Writers.Hand.TABLE) {
            text.append('\n');
        }
        pieces.stream().filter(piece -> !piece.scores().isEmpty()).forEach(piece -> scores(piece, piece == main));
        besides(pieces, main, right, big);
        say("Fold on the scores and burnish the folds.");
    }

    private void cut(CorpusSet.Piece piece, boolean faulty) {
        String count = piece.quantity() == 1 ? "a " : piece.quantity() + " × ";
        String size = faulty ? number(piece.width(), false) + " x " + marked(number(piece.height(), true))
                : size(piece.width(), piece.height(), hand != Writers.Hand.TERSE);
        switch (hand) {
            case TERSE -> line((piece.quantity() == 1 ? "" : piece.quantity() + " × ") + piece.name() + " "
                    + (faulty ? number(piece.width(), false) + " x " + marked(number(piece.height(), false)) : size));
            case PROSE -> say("Cut " + count + piece.name() + ", " + size + ".");
            case STEPS -> say("Cut " + count + piece.name() + " " + size + ".");
            case DICTATED ->
                line("you cut " + (piece.quantity() == 1 ? "a " : Spoken.whole(piece.quantity()) + " of the ")
                        + piece.name() + " " + (faulty ? spoken(piece.width()) + " by " + marked(spoken(piece.height()))
                                : spoken(piece.width()) + " by " + spoken(piece.height()))
                        + unitWord());
            case TABLE -> line(piece.name() + " | " + piece.quantity() + " | " + number(piece.width(), true) + " | "
                    + (faulty ? marked(number(piece.height(), true)) : number(piece.height(), true)));
            case BOTH_UNITS -> line(piece.name() + ": " + size + (piece.quantity() == 1 ? "" : ", " + piece.quantity()
                    + " pieces"));
        }
    }

    private void scores(CorpusSet.Piece piece, boolean main) {
        for (Side edge : piece.scores().stream().map(CorpusSet.At::edge).distinct().toList()) {
            List<CorpusSet.At> along = piece.scores().stream().filter(one -> one.edge() == edge).toList();
            List<String> numbers = new ArrayList<>();
            for (int i = 0; i < along.size(); i++) {
                boolean last = i == along.size() - 1;
                boolean faulty = main && last && Stream.of(Fault.PAST, Fault.ORDER, Fault.SCORE, Fault.HALF)
                        .anyMatch(this::is);
                String number = hand == Writers.Hand.DICTATED ? spoken(along.get(i).length()) + (last ? unitWord() : "")
                        : number(along.get(i).length(), last && hand != Writers.Hand.TERSE);
                numbers.add(faulty ? marked(number) : number);
            }
            String from = main && is(Fault.SIDE) ? "along the " + marked(number(Fault.along(piece), true)) + " side"
                    : "from the " + edge.word() + (hand == Writers.Hand.PROSE ? " edge" : "");
            boolean half = main && is(Fault.HALF);
            switch (hand) {
                case TERSE -> line("score " + piece.name() + " " + from + (half ? " half way, at " : " ")
                        + String.join(" / ", numbers));
                case DICTATED -> line("then score the " + piece.name() + " " + from
                        + (half ? " half way that is at " : " at ") + Writers.joined(numbers));
                default -> say("Score the " + piece.name() + " " + from + (half ? " half way, at " : " at ")
                        + Writers.joined(numbers) + ".");
            }
        }
    }

    private void besides(List<CorpusSet.Piece> pieces, CorpusSet.Piece main, CorpusSet.Piece right, Length big) {
        if (is(Fault.TWO_SIZES)) {
            say("Before you fold, the " + main.name() + " is "
                    + marked(size(main.width().plus(big), main.height(), true)) + ".");
        }
        if (is(Fault.COUNT)) {
            CorpusSet.Piece several = pieces.stream().filter(piece -> piece.quantity() > 1).findFirst().orElseThrow();
            say("Glue on all " + marked(several.quantity() + 1 + " " + several.name() + "s") + ".");
        }
        if (is(Fault.PANELS)) {
            List<Length> at = new ArrayList<>(List.of(Length.ZERO));
            right.scores().forEach(score -> at.add(score.length()));
            at.add(Fault.along(right).plus(big));
            List<String> panels = new ArrayList<>();
            for (int i = 1; i < at.size(); i++) {
                panels.add(number(at.get(i).minus(at.get(i - 1)), i == at.size() - 1));
            }
            say("The scores of the " + main.name() + " give panels of " + marked(Writers.joined(panels)) + ".");
        }
        if (is(Fault.UNITS)) {
            LengthUnit other = ruler.unit() == LengthUnit.INCH ? LengthUnit.MILLIMETRE : LengthUnit.INCH;
            Length wrong = main.width().plus(big);
            String both = other == LengthUnit.MILLIMETRE ? Math.round(wrong.toMillimetres()) + " mm"
                    : RulerStep.SIXTEENTH_INCH.text(RulerStep.SIXTEENTH_INCH.nearest(wrong));
            say("The " + main.name() + " is " + marked(number(main.width(), true) + " (" + both + ")") + " wide.");
        }
    }

    private String unitWord() {
        return ruler.unit() == LengthUnit.INCH ? " inches" : " millimetres";
    }

    private String spoken(Length length) {
        return Spoken.of(length, ruler.unit());
    }

    private String number(Length length, boolean withUnit) {
        LengthFormat format = LengthFormat.of(ruler.unit());
        return withUnit ? format.text(length) : format.number(length);
    }

    private String size(Length width, Length height, boolean withUnit) {
        String by = hand == Writers.Hand.PROSE ? " by " : " x ";
        String size = number(width, false) + by + number(height, withUnit);
        if (hand == Writers.Hand.BOTH_UNITS && withUnit) {
            return size + " (" + other(width) + " x " + other(height)
                    + (ruler.unit() == LengthUnit.INCH ? " mm" : " in") + ")";
        }
        return size;
    }

    private String other(Length length) {
        return ruler.unit() == LengthUnit.INCH ? String.valueOf(Math.round(length.toMillimetres()))
                : LengthFormat.of(LengthUnit.INCH).number(RulerStep.SIXTEENTH_INCH.nearest(length));
    }

    private void say(String sentence) {
        switch (hand) {
            case STEPS -> line(step++ + ". " + sentence);
            case PROSE -> text.append(sentence).append(' ');
            case DICTATED -> line(sentence.toLowerCase(Locale.ROOT).replaceFirst("\\.$", ""));
            default -> line(sentence);
        }
    }

    private void line(String words) {
        text.append(words).append('\n');
    }
}
