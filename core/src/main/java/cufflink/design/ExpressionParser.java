package cufflink.design;

import cufflink.design.Expression.Binary;
import cufflink.design.Expression.Call;
import cufflink.design.Expression.Conditional;
import cufflink.design.Expression.Function;
import cufflink.design.Expression.Literal;
import cufflink.design.Expression.Name;
import cufflink.design.Expression.Operator;
import cufflink.design.Expression.Quoted;
import cufflink.design.Expression.Unary;
import cufflink.design.Value.Kind;
import cufflink.words.FormulaWords;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Reads expressions such as {@code underlap + width}, {@code max(width * 7/12, 1/2 in)} or
 * {@code if fold = 'side' then 2 * width else width}. A number with a unit ({@code 4 1/4 in}, {@code 3 mm},
 * {@code 45 deg}) is one literal. Recursive descent; texts over 400 characters and more than 40 levels are refused.
 */
public final class ExpressionParser {
    private static final int LONGEST = 400;
    private static final int DEEPEST = 40;
    private static final Pattern TOKEN = Pattern.compile("\\s*(?:"
            + "(?<measured>(?:\\d{1,6} \\d{1,4}/\\d{1,4}|\\d{1,6}/\\d{1,4}|\\d{1,6}(?:\\.\\d{1,9})?) "
            + "?(?<unit>in|mm|cm|deg)\\b)"
            + "|(?<number>\\d{1,9}(?:\\.\\d{1,9})?)"
            + "|(?<word>[A-Za-z][A-Za-z0-9]*(?:\\.[A-Za-z][A-Za-z0-9]*)*)"
            + "|'(?<quoted>[^']*)'"
            + "|(?<sign><=|>=|!=|[-+*/()<>=,]))");

    private record Token(int position, String kind, String text) {
    }

    private final List<Token> tokens = new ArrayList<>();
    private int next;
    private int depth;

    private ExpressionParser(String text) throws ExpressionFault {
        if (text.length() > LONGEST) {
            throw new ExpressionFault(LONGEST, FormulaWords.TOO_LONG.of("most", LONGEST));
        }
        Matcher matcher = TOKEN.matcher(text);
        int at = 0;
        while (at < text.stripTrailing().length()) {
            matcher.region(at, text.length());
            if (!matcher.lookingAt()) {
                throw new ExpressionFault(at, FormulaWords.NOT_UNDERSTOOD.of("text", text.substring(at).strip()));
            }
            for (String kind : List.of("measured", "number", "word", "quoted", "sign")) {
                if (matcher.group(kind) != null) {
                    tokens.add(new Token(matcher.start(kind), kind, matcher.group(kind)));
                }
            }
            at = matcher.end();
        }
        tokens.add(new Token(text.length(), "end", ""));
    }

    /** The expression written in a text; the whole text must be used. */
    public static Expression parse(String text) throws ExpressionFault {
        ExpressionParser parser = new ExpressionParser(text);
        Expression expression = parser.expression();
        Token rest = parser.peek();
        if (!rest.kind.equals("end")) {
            throw new ExpressionFault(rest.position, FormulaWords.NOT_EXPECTED.of("text", rest.text));
        }
        return expression;
    }

    private Token peek() {
        return tokens.get(next);
    }

    private boolean accept(String text) {
        Token token = peek();
        if ((token.kind.equals("sign") || token.kind.equals("word")) && token.text.equals(text)) {
            next++;
            return true;
        }
        return false;
    }

    private void expect(String text) throws ExpressionFault {
        if (!accept(text)) {
            throw new ExpressionFault(peek().position, FormulaWords.EXPECTED.of("text", text));
        }
    }

    private Expression expression() throws ExpressionFault {
        if (++depth > DEEPEST) {
            throw new ExpressionFault(peek().position, FormulaWords.TOO_DEEP.of());
        }
        int position = peek().position;
        Expression result;
        if (accept("if")) {
            Expression condition = expression();
            expect("then");
            Expression then = expression();
            expect("else");
            result = new Conditional(position, condition, then, expression());
        } else {
            result = operation(1);
        }
        depth--;
        return result;
    }

    /** Operators of at least this strength, by precedence climbing; comparisons do not chain. */
    private Expression operation(int strength) throws ExpressionFault {
        Expression left = operand();
        while (true) {
            Operator operator = binaryAt(strength);
            if (operator == null) {
                return left;
            }
            int position = tokens.get(next - 1).position;
            left = new Binary(position, operator, left, operation(operator.strength() + 1));
        }
    }

    private Operator binaryAt(int strength) {
        for (Operator operator : Operator.values()) {
            boolean binary = operator != Operator.NOT && operator != Operator.NEGATIVE;
            if (binary && operator.strength() >= strength && accept(operator.sign())) {
                return operator;
            }
        }
        return null;
    }

    private Expression operand() throws ExpressionFault {
        Token token = peek();
        if (accept("-")) {
            return new Unary(token.position, Operator.NEGATIVE, operation(Operator.NEGATIVE.strength()));
        }
        if (accept("not")) {
            return new Unary(token.position, Operator.NOT, operation(Operator.NOT.strength()));
        }
        if (accept("(")) {
            Expression inner = expression();
            expect(")");
            return inner;
        }
        next++;
        return switch (token.kind) {
            case "measured" -> measured(token);
            case "number" ->
                new Literal(token.position, new Value.Quantity(decimal(token.text), Kind.NUMBER), token.text);
            case "quoted" -> new Quoted(token.position, token.text);
            case "word" -> peek().text.equals("(") && peek().kind.equals("sign") ? call(token)
                    : new Name(token.position, token.text);
            default -> throw new ExpressionFault(token.position, FormulaWords.VALUE_EXPECTED.of());
        };
    }

    private Expression call(Token word) throws ExpressionFault {
        for (Function function : Function.values()) {
            if (function.word().equals(word.text)) {
                List<Expression> arguments = new ArrayList<>();
                expect("(");
                do {
                    arguments.add(expression());
                } while (accept(","));
                expect(")");
                if (function.arity() >= 0 && arguments.size() != function.arity()) {
                    throw new ExpressionFault(word.position,
                            FormulaWords.TAKES_VALUES.of("function", function.word(), "count", function.arity()));
                }
                return new Call(word.position, function, arguments);
            }
        }
        throw new ExpressionFault(word.position, FormulaWords.NO_FUNCTION.of("function", word.text));
    }

    private static Literal measured(Token token) throws ExpressionFault {
        String number = token.text.replaceAll(" ?[a-z]+$", "");
        String unit = token.text.replaceAll("^.*?([a-z]+)$", "$1");
        String[] words = number.split(" ");
        BigFraction amount = BigFraction.ZERO;
        for (String word : words) {
            amount = amount.add(word.contains("/") ? fraction(token.position, word) : decimal(word));
        }
        if (unit.equals("deg")) {
            return new Literal(token.position, new Value.Quantity(amount, Kind.ANGLE), token.text);
        }
        long nanometres = switch (unit) {
            case "in" -> 25_400_000L;
            case "cm" -> 10_000_000L;
            default -> 1_000_000L;
        };
        return new Literal(token.position, new Value.Quantity(amount.multiply(nanometres), Kind.LENGTH), token.text);
    }

    private static BigFraction fraction(int position, String word) throws ExpressionFault {
        String[] parts = word.split("/");
        if (parts[1].matches("0+")) {
            throw new ExpressionFault(position, FormulaWords.NOUGHT_BELOW.of());
        }
        return BigFraction.of(Long.parseLong(parts[0]), Long.parseLong(parts[1]));
    }

    private static BigFraction decimal(String text) {
        int point = text.indexOf('.');
        int digits = point < 0 ? 0 : text.length() - point - 1;
        return BigFraction.of(new BigInteger(text.replace(".", "")), BigInteger.TEN.pow(digits));
    }
}
