package cufflink.directions;

import cufflink.directions.grammar.DirectionsParser;
import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.antlr.v4.runtime.ParserRuleContext;
import org.antlr.v4.runtime.Token;
import org.antlr.v4.runtime.tree.TerminalNode;

/**
 * What number the words and signs of an amount make: wholes, halves and quarters are added up, so that 2 3 8th, three
 * and a quarter, 5-1/2 and 5½ are read by one rule.
 */
final class AmountReader {
    /** Figures of a number that are read; a longer one is no length. */
    private static final int MOST_FIGURES = 6;
    private static final List<String> WORDS = List.of("nought", "one", "two", "three", "four", "five", "six", "seven",
            "eight", "nine", "ten", "eleven", "twelve", "thirteen", "fourteen", "fifteen", "sixteen", "seventeen",
            "eighteen", "nineteen", "twenty");
    private static final Map<String, Integer> PARTS = Map.of("hal", 2, "thi", 3, "qua", 4, "4th", 4, "eig", 8, "8th",
            8, "six", 16, "16t", 16, "32n", 32);

    private long numerator;
    private long denominator = 1;
    /** The last whole number, not yet known to count parts. */
    private long whole;
    private Optional<WrittenUnit> unit = Optional.empty();
    private boolean about;
    private boolean broken;
    private boolean plain = true;
    private boolean article;

    private AmountReader() {
    }

    /** The amount; absent for what is no length, such as 1/0 or a number of seven figures. */
    static Optional<Amount> read(ParserRuleContext context, Span span) {
        AmountReader reader = new AmountReader();
        reader.walk(context);
        reader.add(reader.whole, 1);
        if (reader.broken) {
            return Optional.empty();
        }
        return Optional.of(new Amount(span, reader.numerator, reader.denominator, reader.unit, reader.about,
                reader.plain && reader.unit.isEmpty()));
    }

    private void walk(ParserRuleContext context) {
        IntStream.range(0, context.getChildCount()).mapToObj(context::getChild).forEach(child -> {
            if (child instanceof TerminalNode leaf) {
                take(leaf.getSymbol());
            } else {
                walk((ParserRuleContext) child);
            }
        });
    }

    private void take(Token token) {
        String text = token.getText().toLowerCase(Locale.ROOT);
        switch (token.getType()) {
            case DirectionsParser.INT -> whole(figures(text));
            case DirectionsParser.NUMBER_WORD, DirectionsParser.ONE, DirectionsParser.TWO -> whole(WORDS.indexOf(text));
            case DirectionsParser.MIXED -> {
                int end = (int) text.chars().takeWhile(sign -> sign >= '0' && sign <= '9').count();
                whole(figures(text.substring(0, end)));
                slashed(text.substring(end).replaceFirst("^[\\s\\p{Z}\\-–—]+", ""));
            }
            case DirectionsParser.SLASHED, DirectionsParser.VULGAR -> slashed(text);
            case DirectionsParser.DECIMAL -> decimal(text.replace(',', '.'));
            case DirectionsParser.PART, DirectionsParser.PART_ALONE, DirectionsParser.HALF -> part(text);
            case DirectionsParser.INCH, DirectionsParser.INCH_MARK, DirectionsParser.IN ->
                unit = Optional.of(WrittenUnit.INCH);
            case DirectionsParser.MM -> unit = Optional.of(WrittenUnit.MILLIMETRE);
            case DirectionsParser.CM -> unit = Optional.of(WrittenUnit.CENTIMETRE);
            case DirectionsParser.ABOUT -> about = true;
            case DirectionsParser.A -> article = true;
            default -> {
                // a hyphen, "and": they join what stands around them
            }
        }
    }

    private void whole(long value) {
        add(whole, 1);
        whole = value;
        article = false;
    }

    /** So many of these parts, three quarters; behind an article it is one, three and a quarter. */
    private void part(String text) {
        plain = false;
        int parts = PARTS.get(text.substring(0, 3));
        if (whole > 0 && !article && !text.equals("half")) {
            add(whole, parts);
        } else {
            add(whole, 1);
            add(1, parts);
        }
        whole = 0;
    }

    private void slashed(String text) {
        plain = false;
        String[] sides = Normalizer.normalize(text, Normalizer.Form.NFKC).replaceAll("[⁄∕]", "/").split("/", 2);
        add(whole, 1);
        whole = 0;
        long below = figures(sides[1]);
        if (below == 0) {
            broken = true;
            return;
        }
        add(figures(sides[0]), below);
    }

    private void decimal(String text) {
        plain = false;
        int point = text.indexOf('.');
        String after = text.substring(point + 1);
        add(point == 0 ? 0 : figures(text.substring(0, point)), 1);
        if (after.length() <= MOST_FIGURES) {
            add(figures(after), Math.round(Math.pow(10, after.length())));
        } else {
            broken = true;
        }
    }

    private long figures(String text) {
        if (text.length() > MOST_FIGURES) {
            broken = true;
            return 0;
        }
        return Long.parseLong(text);
    }

    private void add(long more, long below) {
        long common = denominator * below;
        numerator = numerator * below + more * denominator;
        long divisor = gcd(Math.max(numerator, 1), common);
        denominator = common / divisor;
        numerator = numerator / divisor;
    }

    private static long gcd(long a, long b) {
        return b == 0 ? a : gcd(b, a % b);
    }
}
