package cufflink.directions;

import cufflink.directions.grammar.DirectionsParser;
import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.antlr.v4.runtime.ParserRuleContext;
import org.antlr.v4.runtime.Token;
import org.antlr.v4.runtime.tree.TerminalNode;

/**
 * What tells a phrase from others of its kind: the words of a name as they stand in the text; of every other phrase its
 * words in lower case without articles and numbers.
 */
final class Detail {
    private final ParserRuleContext phrase;
    private final String text;

    Detail(ParserRuleContext phrase, String text) {
        this.phrase = phrase;
        this.text = text;
    }

    String of() {
        String written = text.substring(phrase.getStart().getStartIndex(), phrase.getStop().getStopIndex() + 1);
        return switch (phrase.getRuleIndex()) {
            case DirectionsParser.RULE_name, DirectionsParser.RULE_material, DirectionsParser.RULE_word ->
                written.toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
            case DirectionsParser.RULE_quoted -> written.substring(1, written.length() - 1);
            default -> words(phrase);
        };
    }

    private static String words(ParserRuleContext context) {
        return IntStream.range(0, context.getChildCount()).mapToObj(context::getChild)
                .map(child -> child instanceof TerminalNode leaf ? word(leaf.getSymbol())
                        : child instanceof DirectionsParser.AmountContext ? "" : words((ParserRuleContext) child))
                .filter(word -> !word.isEmpty()).collect(Collectors.joining(" "));
    }

    private static String word(Token token) {
        return switch (token.getType()) {
            case DirectionsParser.A, DirectionsParser.THE -> "";
            case DirectionsParser.INT -> token.getText();
            default -> token.getText().toLowerCase(Locale.ROOT);
        };
    }
}
