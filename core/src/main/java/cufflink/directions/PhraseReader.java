package cufflink.directions;

import cufflink.directions.Phrase.Kind;
import cufflink.directions.grammar.DirectionsLexer;
import cufflink.directions.grammar.DirectionsParser;
import cufflink.directions.grammar.DirectionsParser.PhraseContext;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.antlr.v4.runtime.BaseErrorListener;
import org.antlr.v4.runtime.CharStreams;
import org.antlr.v4.runtime.CommonTokenStream;
import org.antlr.v4.runtime.ListTokenSource;
import org.antlr.v4.runtime.ParserRuleContext;
import org.antlr.v4.runtime.RecognitionException;
import org.antlr.v4.runtime.Recognizer;
import org.antlr.v4.runtime.Token;
import org.antlr.v4.runtime.atn.PredictionMode;

/**
 * Finds the phrases of a text by the grammar. Of a text that is read again with every key only the lines that are
 * others are parsed.
 */
final class PhraseReader {
    private static final Map<Integer, Kind> KINDS = Map.ofEntries(Map.entry(DirectionsParser.RULE_size, Kind.SIZE),
            Map.entry(DirectionsParser.RULE_range, Kind.RANGE), Map.entry(DirectionsParser.RULE_both, Kind.TWO_UNITS),
            Map.entry(DirectionsParser.RULE_less, Kind.LESS), Map.entry(DirectionsParser.RULE_amount, Kind.LENGTH),
            Map.entry(DirectionsParser.RULE_count, Kind.COUNT), Map.entry(DirectionsParser.RULE_share, Kind.SHARE),
            Map.entry(DirectionsParser.RULE_side, Kind.SIDE), Map.entry(DirectionsParser.RULE_fromEdge, Kind.FROM_EDGE),
            Map.entry(DirectionsParser.RULE_corner, Kind.CORNER),
            Map.entry(DirectionsParser.RULE_allOver, Kind.ALL_OVER),
            Map.entry(DirectionsParser.RULE_crease, Kind.CREASE), Map.entry(DirectionsParser.RULE_turn, Kind.TURN),
            Map.entry(DirectionsParser.RULE_reference, Kind.REFERENCE),
            Map.entry(DirectionsParser.RULE_name, Kind.NAME),
            Map.entry(DirectionsParser.RULE_material, Kind.MATERIAL),
            Map.entry(DirectionsParser.RULE_sheet, Kind.SHEET), Map.entry(DirectionsParser.RULE_edge, Kind.EDGE),
            Map.entry(DirectionsParser.RULE_relation, Kind.RELATION),
            Map.entry(DirectionsParser.RULE_quoted, Kind.QUOTED),
            Map.entry(DirectionsParser.RULE_newline, Kind.NEW_LINE), Map.entry(DirectionsParser.RULE_mark, Kind.MARK),
            Map.entry(DirectionsParser.RULE_word, Kind.WORD));
    private static final Map<Integer, Kind> VERBS = Map.of(DirectionsParser.CUT, Kind.CUT, DirectionsParser.NEED,
            Kind.NEED, DirectionsParser.SCORE, Kind.SCORE, DirectionsParser.FOLD, Kind.FOLD, DirectionsParser.GLUE,
            Kind.GLUE, DirectionsParser.SLIT, Kind.SLIT, DirectionsParser.PUNCH, Kind.PUNCH, DirectionsParser.CLOSED,
            Kind.CLOSED, DirectionsParser.LEAVES, Kind.LEAVES);

    /**
     * A line of more is read in parts, cut at a full stop, after as many again at a comma, after as many again there.
     */
    private static final int MOST_TOKENS = 80;

    /** The lines of the text that was read last, with their phrases as if each stood alone. */
    private Map<String, List<Phrase>> lines = Map.of();

    /** Every phrase in its order; the text is that of {@link PlainText}. */
    List<Phrase> read(String text) {
        Map<String, List<Phrase>> read = new HashMap<>();
        List<Phrase> phrases = new ArrayList<>();
        for (int from = 0; from < text.length();) {
            int end = text.indexOf('\n', from) + 1;
            String line = text.substring(from, end > 0 ? end : text.length());
            int before = from;
            read.computeIfAbsent(line, other -> lines.containsKey(other) ? lines.get(other) : line(other))
                    .forEach(phrase -> phrases.add(phrase.behind(before)));
            from += line.length();
        }
        lines = read;
        return phrases;
    }

    /** No phrase goes over the end of a line. */
    private static List<Phrase> line(String text) {
        DirectionsLexer lexer = new DirectionsLexer(CharStreams.fromString(text));
        List<Token> tokens = new ArrayList<>(lexer.getAllTokens());
        tokens.add(lexer.emitEOF());
        TokenSense.settle(tokens);
        Token end = tokens.get(tokens.size() - 1);
        List<Phrase> phrases = new ArrayList<>();
        int from = 0;
        for (int i = 0; i < tokens.size() - 1; i++) {
            int type = tokens.get(i).getType();
            boolean parts = i - from == 3 * MOST_TOKENS
                    || i - from >= 2 * MOST_TOKENS && type == DirectionsParser.COMMA
                    || i - from >= MOST_TOKENS && type == DirectionsParser.STOP;
            if (parts || i == tokens.size() - 2) {
                List<Token> part = new ArrayList<>(tokens.subList(from, i + 1));
                part.add(end);
                parsed(part).forEach(context -> phrases.add(phrase(context, text)));
                from = i + 1;
            }
        }
        return IntStream.range(0, phrases.size()).mapToObj(i -> isOfSquare(phrases, i) ? phrases.get(i).square()
                : phrases.get(i)).toList();
    }

    /** "Four squares of 2 1/4 in", "four 2 1/4 in squares". */
    private static boolean isOfSquare(List<Phrase> phrases, int at) {
        if (!phrases.get(at).is(Kind.LENGTH)) {
            return false;
        }
        boolean before = at > 1 && phrases.get(at - 1).is(Kind.RELATION, "of")
                && phrases.get(at - 2).detail().matches("(.* )?squares?");
        boolean behind = at + 1 < phrases.size() && phrases.get(at + 1).is(Kind.NAME)
                && phrases.get(at + 1).detail().startsWith("squares") && !phrases.get(at).amounts().get(0).plain();
        return before || behind;
    }

    /** Quickly where the order of the grammar's alternatives decides; with all their contexts where it does not. */
    private static List<PhraseContext> parsed(List<Token> tokens) {
        try {
            return parsed(tokens, PredictionMode.SLL);
        } catch (BrokenGrammar unclear) {
            return parsed(tokens, PredictionMode.LL);
        }
    }

    private static List<PhraseContext> parsed(List<Token> tokens, PredictionMode mode) {
        DirectionsParser parser = new DirectionsParser(new CommonTokenStream(new ListTokenSource(tokens)));
        parser.getInterpreter().setPredictionMode(mode);
        parser.removeErrorListeners();
        parser.addErrorListener(new Strict());
        return parser.text().phrase();
    }

    private static Phrase phrase(PhraseContext context, String text) {
        ParserRuleContext what = (ParserRuleContext) context.getChild(0);
        Span span = span(what);
        Kind kind = KINDS.getOrDefault(what.getRuleIndex(), Kind.WORD);
        if (what.getRuleIndex() == DirectionsParser.RULE_verb) {
            kind = VERBS.get(what.getStart().getType());
        }
        List<Optional<Amount>> amounts = amounts(what);
        boolean broken = amounts.stream().anyMatch(Optional::isEmpty);
        return broken ? new Phrase(Kind.WORD, span, List.of(), "")
                : new Phrase(kind, span, amounts.stream().flatMap(Optional::stream).toList(),
                        new Detail(what, text).of());
    }

    /** Each number in it; absent for one that is no length, such as 1/0. */
    private static List<Optional<Amount>> amounts(ParserRuleContext what) {
        List<Optional<Amount>> found = new ArrayList<>();
        if (what instanceof DirectionsParser.AmountContext || what instanceof DirectionsParser.APartContext
                || what instanceof DirectionsParser.WholeContext || what instanceof DirectionsParser.MeasuredContext
                || what instanceof DirectionsParser.UntilContext) {
            found.add(AmountReader.read(what, span(what)));
            return found;
        }
        IntStream.range(0, what.getChildCount()).mapToObj(what::getChild)
                .filter(child -> child instanceof ParserRuleContext)
                .forEach(child -> found.addAll(amounts((ParserRuleContext) child)));
        return found;
    }

    private static Span span(ParserRuleContext context) {
        Token last = context.getStop();
        return new Span(context.getStart().getStartIndex(), last.getStopIndex() + 1);
    }

    /** A text that the grammar refuses is a fault of the grammar: it ends with a rule that takes anything. */
    private static final class Strict extends BaseErrorListener {
        @Override
        public void syntaxError(Recognizer<?, ?> recognizer, Object symbol, int line, int column, String message,
                RecognitionException fault) {
            throw new BrokenGrammar(
                    String.format(Locale.ROOT, "grammar of directions, line %d, column %d: %s", line, column, message));
        }
    }

    private static final class BrokenGrammar extends IllegalStateException {
        private static final long serialVersionUID = 1;

        BrokenGrammar(String message) {
            super(message);
        }
    }
}
