package cufflink.directions;

import cufflink.directions.Phrase.Kind;
import cufflink.directions.grammar.DirectionsLexer;
import cufflink.directions.grammar.DirectionsParser;
import cufflink.directions.grammar.DirectionsParser.PhraseContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;
import org.antlr.v4.runtime.BaseErrorListener;
import org.antlr.v4.runtime.CharStreams;
import org.antlr.v4.runtime.CommonTokenStream;
import org.antlr.v4.runtime.ParserRuleContext;
import org.antlr.v4.runtime.RecognitionException;
import org.antlr.v4.runtime.Recognizer;
import org.antlr.v4.runtime.Token;
import org.antlr.v4.runtime.atn.PredictionMode;

/** Finds the phrases of a text by the grammar. */
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

    private final String text;

    private PhraseReader(String text) {
        this.text = text;
    }

    /** Every phrase in its order; the text is that of {@link PlainText}. */
    static List<Phrase> read(String text) {
        return new PhraseReader(text).phrases();
    }

    private List<Phrase> phrases() {
        DirectionsLexer lexer = new DirectionsLexer(CharStreams.fromString(text));
        DirectionsParser parser = new DirectionsParser(new CommonTokenStream(lexer));
        parser.getInterpreter().setPredictionMode(PredictionMode.LL);
        parser.removeErrorListeners();
        parser.addErrorListener(new BrokenGrammar());
        List<Phrase> phrases = new ArrayList<>();
        parser.text().phrase().forEach(context -> phrases.add(phrase(context)));
        return phrases;
    }

    private Phrase phrase(PhraseContext context) {
        ParserRuleContext what = (ParserRuleContext) context.getChild(0);
        Span span = span(what);
        Kind kind = KINDS.getOrDefault(what.getRuleIndex(), Kind.WORD);
        if (what.getRuleIndex() == DirectionsParser.RULE_verb) {
            kind = VERBS.get(what.getStart().getType());
        }
        List<Amount> amounts = amounts(what);
        boolean numberless = kind == Kind.LENGTH && amounts.isEmpty();
        return new Phrase(numberless ? Kind.WORD : kind, span, amounts, new Detail(what, text).of());
    }

    private List<Amount> amounts(ParserRuleContext what) {
        List<Amount> found = new ArrayList<>();
        if (what instanceof DirectionsParser.AmountContext || what instanceof DirectionsParser.APartContext
                || what instanceof DirectionsParser.WholeContext) {
            AmountReader.read(what, span(what)).ifPresent(found::add);
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
    private static final class BrokenGrammar extends BaseErrorListener {
        @Override
        public void syntaxError(Recognizer<?, ?> recognizer, Object symbol, int line, int column, String message,
                RecognitionException fault) {
            throw new IllegalStateException(
                    String.format(Locale.ROOT, "grammar of directions, line %d, column %d: %s", line, column, message));
        }
    }
}
