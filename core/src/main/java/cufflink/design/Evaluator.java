package cufflink.design;

import cufflink.design.Expression.Binary;
import cufflink.design.Expression.Call;
import cufflink.design.Expression.Conditional;
import cufflink.design.Expression.Literal;
import cufflink.design.Expression.Name;
import cufflink.design.Expression.Operator;
import cufflink.design.Expression.Quoted;
import cufflink.design.Expression.Unary;
import cufflink.design.Value.Kind;
import cufflink.design.Value.Quantity;
import cufflink.design.Value.Truth;
import cufflink.design.Value.Word;
import cufflink.words.FormulaWords;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.RoundingMode;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Works expressions out, exactly but for roots and angles, which are taken to a billionth. Lengths, areas, numbers and
 * angles are never mixed. Values beyond 10^24 are refused and denominators over 256 bits rounded, which bounds the
 * work.
 */
public final class Evaluator implements Expression.Cases<Value, ExpressionFault> {
    private static final BigInteger LARGEST = BigInteger.TEN.pow(24);
    private static final int FINEST_BITS = 256;
    private static final int ROUNDED_BITS = 192;
    /** Decimals to which roots, sines and angles are known. */
    private static final int DECIMALS = 15;
    private static final double LARGEST_TANGENT = 1e12;

    private final Scope scope;

    private Evaluator(Scope scope) {
        this.scope = scope;
    }

    public static Value evaluate(Expression expression, Scope scope) throws ExpressionFault {
        return new Evaluator(scope).value(expression);
    }

    private Value value(Expression expression) throws ExpressionFault {
        return expression.accept(this);
    }

    @Override
    public Value literal(Literal literal) {
        return literal.value();
    }

    @Override
    public Value quoted(Quoted quoted) {
        return new Word(quoted.word());
    }

    @Override
    public Value name(Name name) throws ExpressionFault {
        return scope.value(name.name()).orElseThrow(() -> new ExpressionFault(name.position(),
                FormulaWords.UNKNOWN.of("name", name.name(), "known", scope.names())));
    }

    @Override
    public Value conditional(Conditional conditional) throws ExpressionFault {
        return value(truth(conditional.condition()) ? conditional.then() : conditional.otherwise());
    }

    /** Yes or no; a fault if it is something else. */
    static boolean truth(Expression expression, Scope scope) throws ExpressionFault {
        return new Evaluator(scope).truth(expression);
    }

    private boolean truth(Expression expression) throws ExpressionFault {
        if (value(expression) instanceof Truth truth) {
            return truth.holds();
        }
        throw new ExpressionFault(expression.position(), FormulaWords.COMPARISON_EXPECTED.of());
    }

    private Quantity quantity(Expression expression) throws ExpressionFault {
        Value value = value(expression);
        if (value instanceof Quantity quantity) {
            return quantity;
        }
        throw new ExpressionFault(expression.position(),
                FormulaWords.QUANTITY_EXPECTED.of("kind", value.kindInWords()));
    }

    @Override
    public Value unary(Unary unary) throws ExpressionFault {
        if (unary.operator() == Operator.NOT) {
            return new Truth(!truth(unary.operand()));
        }
        Quantity operand = quantity(unary.operand());
        return new Quantity(operand.amount().negate(), operand.kind());
    }

    @Override
    public Value binary(Binary binary) throws ExpressionFault {
        return switch (binary.operator()) {
            case AND -> new Truth(truth(binary.left()) && truth(binary.right()));
            case OR -> new Truth(truth(binary.left()) || truth(binary.right()));
            case EQUAL -> new Truth(same(binary));
            case UNEQUAL -> new Truth(!same(binary));
            case LESS -> new Truth(compare(binary) < 0);
            case AT_MOST -> new Truth(compare(binary) <= 0);
            case MORE -> new Truth(compare(binary) > 0);
            case AT_LEAST -> new Truth(compare(binary) >= 0);
            default -> arithmetic(binary);
        };
    }

    private boolean same(Binary binary) throws ExpressionFault {
        if (value(binary.left()) instanceof Word left && value(binary.right()) instanceof Word right) {
            return left.equals(right);
        }
        return compare(binary) == 0;
    }

    private int compare(Binary binary) throws ExpressionFault {
        Quantity left = quantity(binary.left());
        Quantity right = quantity(binary.right());
        requireSameKind(binary, left, right);
        return left.amount().compareTo(right.amount());
    }

    private static void requireSameKind(Binary binary, Quantity left, Quantity right) throws ExpressionFault {
        if (left.kind() != right.kind()) {
            throw new ExpressionFault(binary.position(),
                    FormulaWords.STANDS_BETWEEN.of("sign", binary.operator().sign(), "one", left.kind().words(),
                            "other", right.kind().words()));
        }
    }

    private Quantity arithmetic(Binary binary) throws ExpressionFault {
        Quantity left = quantity(binary.left());
        Quantity right = quantity(binary.right());
        BigFraction a = left.amount();
        BigFraction b = right.amount();
        return switch (binary.operator()) {
            case PLUS, MINUS, MOD -> {
                requireSameKind(binary, left, right);
                BigFraction amount = switch (binary.operator()) {
                    case PLUS -> a.add(b);
                    case MINUS -> a.subtract(b);
                    default -> a.subtract(b.multiply(Quantity.floor(quotient(binary, a, b))));
                };
                yield bounded(binary, amount, left.kind());
            }
            case TIMES -> bounded(binary, a.multiply(b), product(binary, left.kind(), right.kind()));
            default -> bounded(binary, quotient(binary, a, b), ratio(binary, left.kind(), right.kind()));
        };
    }

    private static BigFraction quotient(Binary binary, BigFraction a, BigFraction b) throws ExpressionFault {
        if (b.signum() == 0) {
            throw new ExpressionFault(binary.position(), FormulaWords.DIVIDES_BY_NOUGHT.of());
        }
        return a.divide(b);
    }

    private static Kind product(Binary binary, Kind left, Kind right) throws ExpressionFault {
        if (left == Kind.NUMBER) {
            return right;
        } else if (right == Kind.NUMBER) {
            return left;
        } else if (left == Kind.LENGTH && right == Kind.LENGTH) {
            return Kind.AREA;
        }
        throw new ExpressionFault(binary.position(),
                FormulaWords.CANNOT_MULTIPLY.of("one", left.words(), "other", right.words()));
    }

    private static Kind ratio(Binary binary, Kind left, Kind right) throws ExpressionFault {
        if (right == Kind.NUMBER) {
            return left;
        } else if (left == right) {
            return Kind.NUMBER;
        } else if (left == Kind.AREA && right == Kind.LENGTH) {
            return Kind.LENGTH;
        }
        throw new ExpressionFault(binary.position(),
                FormulaWords.CANNOT_DIVIDE.of("one", left.words(), "other", right.words()));
    }

    private static Quantity bounded(Expression at, BigFraction found, Kind kind) throws ExpressionFault {
        BigFraction amount = new Quantity(found, kind).amount();
        BigInteger limit = kind == Kind.AREA ? LARGEST.multiply(LARGEST) : LARGEST;
        boolean large = amount.getNumerator().abs().compareTo(limit.multiply(amount.getDenominator())) > 0;
        if (large) {
            throw new ExpressionFault(at.position(), FormulaWords.TOO_LARGE.of());
        }
        return new Quantity(amount.getDenominator().bitLength() > FINEST_BITS ? rounded(amount) : amount, kind);
    }

    /** To 2^-192: roots and angles are not exact either, and each division by one makes the denominator longer. */
    private static BigFraction rounded(BigFraction amount) {
        BigInteger scaled = amount.getNumerator().shiftLeft(ROUNDED_BITS).divide(amount.getDenominator());
        return BigFraction.of(scaled, BigInteger.ONE.shiftLeft(ROUNDED_BITS));
    }

    @Override
    public Quantity call(Call call) throws ExpressionFault {
        Quantity first = quantity(call.arguments().get(0));
        BigFraction amount = first.amount();
        return switch (call.function()) {
            case MIN, MAX -> extreme(call, first);
            case FLOOR -> wholeNumber(call, first, amount);
            case CEIL -> {
                Quantity floor = wholeNumber(call, first, amount.negate());
                yield new Quantity(floor.amount().negate(), Kind.NUMBER);
            }
            case ROUND -> wholeNumber(call, first, amount.add(BigFraction.of(1, 2)));
            case ABS -> new Quantity(amount.abs(), first.kind());
            case SQRT -> root(call, first);
            case SIN -> new Quantity(nearest(Math.sin(radians(call, first))), Kind.NUMBER);
            case COS -> new Quantity(nearest(Math.cos(radians(call, first))), Kind.NUMBER);
            case TAN -> new Quantity(nearest(tangent(call, first)), Kind.NUMBER);
            case ASIN -> degrees(call, Math.asin(plain(call, first)));
            case ACOS -> degrees(call, Math.acos(plain(call, first)));
            case ATAN -> degrees(call, Math.atan(plain(call, first)));
        };
    }

    private Quantity extreme(Call call, Quantity first) throws ExpressionFault {
        Quantity best = first;
        for (Expression argument : call.arguments()) {
            Quantity other = quantity(argument);
            if (other.kind() != first.kind()) {
                throw new ExpressionFault(argument.position(),
                        FormulaWords.COMPARES.of("function", call.function().word(), "one", first.kind().words(),
                                "other", other.kind().words()));
            }
            int order = other.amount().compareTo(best.amount());
            boolean better = call.function() == Expression.Function.MIN ? order < 0 : order > 0;
            best = better ? other : best;
        }
        return best;
    }

    private static Quantity wholeNumber(Call call, Quantity of, BigFraction amount) throws ExpressionFault {
        if (of.kind() != Kind.NUMBER) {
            throw new ExpressionFault(call.position(),
                    FormulaWords.TAKES_A_NUMBER.of("function", call.function().word()));
        }
        return new Quantity(BigFraction.of(Quantity.floor(amount)), Kind.NUMBER);
    }

    private static Quantity root(Call call, Quantity of) throws ExpressionFault {
        if (of.amount().signum() < 0 || of.kind() == Kind.LENGTH || of.kind() == Kind.ANGLE) {
            throw new ExpressionFault(call.position(), FormulaWords.ROOT_OF.of());
        }
        double root = Math.sqrt(of.amount().doubleValue());
        return of.kind() == Kind.AREA ? new Quantity(BigFraction.of(Math.round(root)), Kind.LENGTH)
                : new Quantity(nearest(root), Kind.NUMBER);
    }

    private static double radians(Call call, Quantity angle) throws ExpressionFault {
        if (angle.kind() != Kind.ANGLE) {
            throw new ExpressionFault(call.position(),
                    FormulaWords.TAKES_AN_ANGLE.of("function", call.function().word()));
        }
        return Math.toRadians(angle.amount().doubleValue());
    }

    private static double tangent(Call call, Quantity angle) throws ExpressionFault {
        double tangent = Math.tan(radians(call, angle));
        if (Math.abs(tangent) > LARGEST_TANGENT) {
            throw new ExpressionFault(call.position(), FormulaWords.NO_TANGENT.of());
        }
        return tangent;
    }

    private static double plain(Call call, Quantity number) throws ExpressionFault {
        if (number.kind() != Kind.NUMBER) {
            throw new ExpressionFault(call.position(),
                    FormulaWords.TAKES_PLAIN_NUMBER.of("function", call.function().word()));
        }
        return number.amount().doubleValue();
    }

    private static Quantity degrees(Call call, double radians) throws ExpressionFault {
        if (Double.isNaN(radians)) {
            throw new ExpressionFault(call.position(),
                    FormulaWords.NO_ANGLE.of("function", call.function().word().substring(1)));
        }
        return new Quantity(nearest(Math.toDegrees(radians)), Kind.ANGLE);
    }

    private static BigFraction nearest(double value) {
        BigDecimal decimal = new BigDecimal(value).setScale(DECIMALS, RoundingMode.HALF_EVEN);
        return BigFraction.of(decimal.unscaledValue(), BigInteger.TEN.pow(DECIMALS));
    }
}
