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
import cufflink.measure.LengthFormat;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Map;
import java.util.stream.Collectors;

/** Writes an expression for people: once with the labels of its measures, once with their values. */
final class ExpressionWriter {
    private final Map<String, Value> bound;
    private final Map<String, String> labels;
    private final LengthFormat format;

    ExpressionWriter(Map<String, Value> bound, Map<String, String> labels, LengthFormat format) {
        this.bound = bound;
        this.labels = labels;
        this.format = format;
    }

    String inWords(Expression expression) {
        return write(expression, 0, false);
    }

    String inNumbers(Expression expression) {
        return write(expression, 0, true);
    }

    /** A value with its unit. */
    String value(Value value) {
        return value instanceof Quantity quantity && quantity.kind() == Kind.LENGTH ? format.text(quantity.toLength())
                : bare(value);
    }

    /** A length without its unit, anything else as {@link #value}. */
    String bare(Value value) {
        if (value instanceof Word word) {
            return word.text();
        } else if (value instanceof Truth truth) {
            return truth.holds() ? "yes" : "no";
        }
        Quantity quantity = (Quantity) value;
        return switch (quantity.kind()) {
            case LENGTH -> format.number(quantity.toLength());
            case ANGLE -> decimal(quantity, 1) + "°";
            case AREA -> decimal(new Quantity(quantity.amount().divide(1_000_000_000_000L), Kind.NUMBER), 2) + " mm²";
            case NUMBER -> decimal(quantity, 3);
        };
    }

    private static String decimal(Quantity quantity, int digits) {
        BigDecimal value = quantity.amount().bigDecimalValue(digits, RoundingMode.HALF_UP);
        return value.signum() == 0 ? "0" : value.stripTrailingZeros().toPlainString();
    }

    private String write(Expression expression, int strength, boolean numbers) {
        return expression.accept(new Expression.Cases<String, RuntimeException>() {
            @Override
            public String literal(Literal literal) {
                return bare(literal.value());
            }

            @Override
            public String quoted(Quoted quoted) {
                return quoted.word();
            }

            @Override
            public String name(Name name) {
                return numbers && bound.containsKey(name.name()) ? bare(bound.get(name.name()))
                        : labels.getOrDefault(name.name(), name.name().replace('.', ' '));
            }

            @Override
            public String unary(Unary unary) {
                return unary.operator().sign() + (unary.operator() == Operator.NOT ? " " : "")
                        + write(unary.operand(), unary.operator().strength(), numbers);
            }

            @Override
            public String binary(Binary binary) {
                return ExpressionWriter.this.binary(binary, strength, numbers);
            }

            @Override
            public String conditional(Conditional conditional) {
                return ExpressionWriter.this.conditional(conditional, strength, numbers);
            }

            @Override
            public String call(Call call) {
                return ExpressionWriter.this.call(call, numbers);
            }
        });
    }

    private String call(Call call, boolean numbers) {
        String arguments = call.arguments().stream().map(argument -> write(argument, 0, numbers))
                .collect(Collectors.joining(", "));
        return switch (call.function()) {
            case MIN -> "the least of " + arguments;
            case MAX -> "the greatest of " + arguments;
            default -> call.function().word() + "(" + arguments + ")";
        };
    }

    private String binary(Binary binary, int strength, boolean numbers) {
        Operator operator = binary.operator();
        String sign = switch (operator) {
            case TIMES -> "×";
            case MINUS -> "−";
            default -> operator.sign();
        };
        String text = write(binary.left(), operator.strength(), numbers) + " " + sign + " "
                + write(binary.right(), operator.strength() + 1, numbers);
        return operator.strength() < strength ? "(" + text + ")" : text;
    }

    /** With numbers, only the branch taken is of interest. */
    private String conditional(Conditional conditional, int strength, boolean numbers) {
        if (numbers) {
            Scope scope = Scope.empty();
            for (Map.Entry<String, Value> entry : bound.entrySet()) {
                scope = scope.with(entry.getKey(), entry.getValue());
            }
            try {
                boolean holds = ((Truth) Evaluator.evaluate(conditional.condition(), scope)).holds();
                return write(holds ? conditional.then() : conditional.otherwise(), strength, true);
            } catch (ExpressionFault fault) {
                throw new IllegalStateException("a derivation holds an expression that was never worked out", fault);
            }
        }
        String text = "if " + write(conditional.condition(), 0, false) + " then " + write(conditional.then(), 0, false)
                + " else "
                + write(conditional.otherwise(), 0, false);
        return strength > 0 ? "(" + text + ")" : text;
    }
}
