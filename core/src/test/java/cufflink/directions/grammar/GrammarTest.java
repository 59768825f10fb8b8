package cufflink.directions.grammar;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.antlr.v4.runtime.CommonToken;
import org.antlr.v4.runtime.CommonTokenStream;
import org.antlr.v4.runtime.ListTokenSource;
import org.antlr.v4.runtime.Token;
import org.junit.jupiter.api.Test;

/** Whatever stands in a text is some phrase: no text is refused by the grammar. */
class GrammarTest {
    @Test
    void everyToken_isAPhraseByItself() {
        List<String> refused = IntStream.rangeClosed(1, DirectionsParser.VOCABULARY.getMaxTokenType())
                .filter(type -> type != DirectionsParser.SPACE).filter(type -> faults(type) > 0)
                .mapToObj(DirectionsParser.VOCABULARY::getSymbolicName).toList();
        assertEquals(List.of(), refused);
    }

    private static int faults(int type) {
        List<Token> tokens = new ArrayList<>(
                List.of(new CommonToken(type, "x"), new CommonToken(Token.EOF, "")));
        DirectionsParser parser = new DirectionsParser(new CommonTokenStream(new ListTokenSource(tokens)));
        parser.removeErrorListeners();
        parser.text();
        return parser.getNumberOfSyntaxErrors();
    }
}
