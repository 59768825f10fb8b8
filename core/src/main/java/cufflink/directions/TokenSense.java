package cufflink.directions;

import cufflink.directions.grammar.DirectionsParser;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.antlr.v4.runtime.CommonToken;
import org.antlr.v4.runtime.Token;

/**
 * Settles by their neighbours what some tokens are, so that the grammar need not: a whole number and a fraction behind
 * it are one mixed number.
 */
final class TokenSense {
    private static final Set<Integer> NUMBERS = Set.of(DirectionsParser.INT, DirectionsParser.SLASHED,
            DirectionsParser.VULGAR, DirectionsParser.DECIMAL, DirectionsParser.PART, DirectionsParser.HALF,
            DirectionsParser.NUMBER_WORD, DirectionsParser.ONE, DirectionsParser.TWO, DirectionsParser.MIXED);
    private static final Set<Integer> WHOLE = Set.of(DirectionsParser.INT, DirectionsParser.NUMBER_WORD,
            DirectionsParser.ONE, DirectionsParser.TWO);
    private static final Set<Integer> UNITS = Set.of(DirectionsParser.INCH_MARK, DirectionsParser.INCH,
            DirectionsParser.IN, DirectionsParser.MM, DirectionsParser.CM);
    /** Behind these "x" stands between two sides. */
    private static final Set<Integer> MEASURES = Stream.of(NUMBERS, UNITS, Set.of(DirectionsParser.WIDE,
            DirectionsParser.HIGH, DirectionsParser.LONG)).flatMap(Set::stream).collect(Collectors.toUnmodifiableSet());
    private static final Set<Integer> PARTS = Set.of(DirectionsParser.PART, DirectionsParser.HALF);
    /** What paper can be cut "in": before these, "in" is no inch. */
    private static final Set<Integer> CUT_IN = Set.of(DirectionsParser.A, DirectionsParser.THE, DirectionsParser.THIS,
            DirectionsParser.THESE, DirectionsParser.HALF, DirectionsParser.PART, DirectionsParser.TWO,
            DirectionsParser.NUMBER_WORD, DirectionsParser.MATERIAL, DirectionsParser.COLOUR, DirectionsParser.PLACE,
            DirectionsParser.EACH, DirectionsParser.BOTH, DirectionsParser.ALL, DirectionsParser.MIDDLE);
    /** Behind a name and before these a number tells the piece from others of its name: "mat 2 is", "layer 1:". */
    private static final Set<Integer> BEHIND_NAME = Set.of(DirectionsParser.COLON, DirectionsParser.IS,
            DirectionsParser.STOP, DirectionsParser.NL, Token.EOF, DirectionsParser.ON, DirectionsParser.TO,
            DirectionsParser.GLUE, DirectionsParser.OPEN, DirectionsParser.BAR, DirectionsParser.FROM,
            DirectionsParser.CUT, DirectionsParser.SCORE, DirectionsParser.INT, DirectionsParser.MIXED,
            DirectionsParser.COMMA);

    /** Behind "in." these go on with the sentence. */
    private static final Set<Integer> GOES_ON = Set.of(DirectionsParser.TIMES, DirectionsParser.BY,
            DirectionsParser.COMMA, DirectionsParser.AND, DirectionsParser.OPEN, DirectionsParser.CLOSE,
            DirectionsParser.FROM, DirectionsParser.WIDE, DirectionsParser.HIGH, DirectionsParser.LONG);

    private static final Set<Integer> HEADS = Set.of(DirectionsParser.NOUN, DirectionsParser.STRIP);

    /** "One short end", "one edge": not how long, but which. */
    private static final Set<Integer> BEHIND_ARTICLE = Set.of(DirectionsParser.LONG, DirectionsParser.SHORT,
            DirectionsParser.EDGE, DirectionsParser.SIDE, DirectionsParser.EDGES);

    /** "The smaller one": not how many, but which. */
    private static final String WHICH_ONE = "(?i)smaller|larger|bigger|longer|shorter|wider|narrower|other|last|next";

    private static final Set<Integer> ENDS_ASIDE = Set.of(DirectionsParser.OPEN, DirectionsParser.CLOSE,
            DirectionsParser.COMMA, DirectionsParser.NL, DirectionsParser.STOP, Token.EOF);

    private TokenSense() {
    }

    /** Changes the types of tokens, the last of which is the end of the text. */
    static void settle(List<Token> tokens) {
        mix(tokens);
        for (int i = 0; i + 1 < tokens.size(); i++) {
            int before = i == 0 ? DirectionsParser.NL : tokens.get(i - 1).getType();
            int next = tokens.get(i + 1).getType();
            CommonToken token = (CommonToken) tokens.get(i);
            boolean named = HEADS.contains(before);
            boolean ofBase = next == DirectionsParser.MATERIAL && i + 2 < tokens.size()
                    && tokens.get(i + 2).getType() == DirectionsParser.NOUN; // "8 x 5 in card base"
            if (token.getType() == DirectionsParser.IN && NUMBERS.contains(before)
                    && (!CUT_IN.contains(next) || ofBase)) {
                token.setType(DirectionsParser.INCH);
                if (next == DirectionsParser.STOP && i + 2 < tokens.size()
                        && GOES_ON.contains(tokens.get(i + 2).getType())) {
                    ((CommonToken) tokens.get(i + 1)).setChannel(Token.HIDDEN_CHANNEL);
                }
            } else if (token.getType() == DirectionsParser.AND && WHOLE.contains(before) && isPart(tokens, i + 1)) {
                token.setType(DirectionsParser.JOIN);
            } else if (token.getType() == DirectionsParser.ONE && BEHIND_ARTICLE.contains(next)) {
                token.setType(DirectionsParser.A);
            } else if (token.getText().equalsIgnoreCase("s") && (next == DirectionsParser.AT || NUMBERS.contains(next))
                    || token.getText().equalsIgnoreCase("mark")
                            && (NUMBERS.contains(next) || next == DirectionsParser.AT)) {
                token.setType(DirectionsParser.SCORE);
            } else if (token.getType() == DirectionsParser.PART
                    && BorderWords.isBorder(tokens.get(i + 1).getText())) {
                token.setType(DirectionsParser.PART_ALONE);
            } else if (token.getText().equalsIgnoreCase("flip") && HEADS.contains(next)
                    && tokens.get(Math.min(i + 2, tokens.size() - 1)).getType() != DirectionsParser.OVER) {
                token.setType(DirectionsParser.DESCRIBING); // "a flip strip"
            } else if (token.getType() == DirectionsParser.PART && next == DirectionsParser.TURN) {
                token.setType(DirectionsParser.WORD);
            } else if (token.getType() == DirectionsParser.ONE
                    && (next == DirectionsParser.AT || before == DirectionsParser.EACH
                            || i > 0 && tokens.get(i - 1).getText().matches(WHICH_ONE))) {
                token.setType(DirectionsParser.WORD);
            } else if (token.getText().equalsIgnoreCase("make") && isScores(tokens, i + 1)) {
                token.setType(DirectionsParser.SCORE);
            } else if (i > 0 && token.getType() == DirectionsParser.TIMES && WHOLE.contains(next)
                    && !MEASURES.contains(before)
                    && !UNITS.contains(tokens.get(Math.min(i + 2, tokens.size() - 1)).getType())) {
                token.setType(DirectionsParser.AS_MANY); // "patch 1 1/4 square x 4", but "194 mm (7 5/8 in) x 60 mm"
            } else if (i > 0 && isAside(tokens, i)) {
                token.setType(DirectionsParser.COUNTING);
            } else if (token.getType() == DirectionsParser.INT && named && BEHIND_NAME.contains(next)) {
                token.setType(DirectionsParser.NAME_NUMBER);
            }
        }
    }

    /** "A half", "three quarters", "1/2": behind "five and" it belongs to that number. */
    private static boolean isPart(List<Token> tokens, int at) {
        int type = tokens.get(at).getType();
        boolean counted = type == DirectionsParser.A || WHOLE.contains(type);
        int part = counted && at + 1 < tokens.size() ? tokens.get(at + 1).getType() : type;
        return PARTS.contains(part) || !counted
                && (type == DirectionsParser.SLASHED || type == DirectionsParser.VULGAR);
    }

    /** "Handles (cut 2)", "mats, make 3": how many, not what is done next. */
    private static boolean isAside(List<Token> tokens, int at) {
        int type = tokens.get(at).getType();
        int before = tokens.get(at - 1).getType();
        return (type == DirectionsParser.CUT || type == DirectionsParser.NEED)
                && (before == DirectionsParser.OPEN || before == DirectionsParser.COMMA)
                && WHOLE.contains(tokens.get(at + 1).getType()) && at + 2 < tokens.size()
                && ENDS_ASIDE.contains(tokens.get(at + 2).getType());
    }

    /** Behind "make": "a score", "two score lines" say what is done. */
    private static boolean isScores(List<Token> tokens, int at) {
        int type = tokens.get(at).getType();
        boolean counted = (type == DirectionsParser.A || WHOLE.contains(type)) && at + 1 < tokens.size();
        return tokens.get(counted ? at + 1 : at).getType() == DirectionsParser.SCORE;
    }

    /** "5 1/2", "5-1/2", "5½". */
    private static void mix(List<Token> tokens) {
        List<Token> mixed = new ArrayList<>();
        for (int i = 0; i < tokens.size(); i++) {
            int part = i + 1 < tokens.size() && tokens.get(i + 1).getType() == DirectionsParser.DASH ? i + 2 : i + 1;
            boolean isMixed = tokens.get(i).getType() == DirectionsParser.INT && part < tokens.size()
                    && (tokens.get(part).getType() == DirectionsParser.SLASHED
                            || tokens.get(part).getType() == DirectionsParser.VULGAR);
            mixed.add(tokens.get(i));
            if (isMixed) {
                CommonToken whole = (CommonToken) tokens.get(i);
                whole.setType(DirectionsParser.MIXED);
                whole.setStopIndex(tokens.get(part).getStopIndex());
                i = part;
            }
        }
        tokens.clear();
        tokens.addAll(mixed);
    }
}
