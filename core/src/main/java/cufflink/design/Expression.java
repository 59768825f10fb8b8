package cufflink.design;

import java.util.List;

/**
 * An expression of a design file, as a tree. It has no loops and calls only the functions listed in {@link Function},
 * so that working it out always ends. {@code position} is the index in the text where the part starts.
 */
public sealed interface Expression {
    /** What to do with each kind of part; {@code X} is what may go wrong, {@code RuntimeException} if nothing can. */
    interface Cases<R, X extends Exception> {
        R literal(Literal literal) throws X;

        R quoted(Quoted quoted) throws X;

        R name(Name name) throws X;

        R unary(Unary unary) throws X;

        R binary(Binary binary) throws X;

        R conditional(Conditional conditional) throws X;

        R call(Call call) throws X;
    }

    int position();

    <R, X extends Exception> R accept(Cases<R, X> cases) throws X;

    /** A number, a length or an angle as written. */
    record Literal(int position, Value.Quantity value, String written) implements Expression {
        @Override
        public <R, X extends Exception> R accept(Cases<R, X> cases) throws X {
            return cases.literal(this);
        }
    }

    /** A word in quotes. */
    record Quoted(int position, String word) implements Expression {
        @Override
        public <R, X extends Exception> R accept(Cases<R, X> cases) throws X {
            return cases.quoted(this);
        }
    }

    /** A measure, or a part of one such as {@code contents.width}. */
    record Name(int position, String name) implements Expression {
        @Override
        public <R, X extends Exception> R accept(Cases<R, X> cases) throws X {
            return cases.name(this);
        }
    }

    /** Minus, or not. */
    record Unary(int position, Operator operator, Expression operand) implements Expression {
        @Override
        public <R, X extends Exception> R accept(Cases<R, X> cases) throws X {
            return cases.unary(this);
        }
    }

    /** Two operands. */
    record Binary(int position, Operator operator, Expression left, Expression right) implements Expression {
        @Override
        public <R, X extends Exception> R accept(Cases<R, X> cases) throws X {
            return cases.binary(this);
        }
    }

    /** One of two values. */
    record Conditional(int position, Expression condition, Expression then,
            Expression otherwise) implements Expression {
        @Override
        public <R, X extends Exception> R accept(Cases<R, X> cases) throws X {
            return cases.conditional(this);
        }
    }

    /** A function of one or more values. */
    record Call(int position, Function function, List<Expression> arguments) implements Expression {
        public Call {
            arguments = List.copyOf(arguments);
        }

        @Override
        public <R, X extends Exception> R accept(Cases<R, X> cases) throws X {
            return cases.call(this);
        }
    }

    /** Operators with their binding strength: a greater one binds tighter. */
    enum Operator {
        OR("or", 1), AND("and", 2), NOT("not", 3), EQUAL("=", 4), UNEQUAL("!=", 4), LESS("<", 4), AT_MOST("<=", 4),
        MORE(">", 4),
        AT_LEAST(">=", 4), PLUS("+", 5), MINUS("-", 5), TIMES("*", 6), OVER("/", 6), MOD("mod", 6), NEGATIVE("-", 7);

        private final String sign;
        private final int strength;

        Operator(String sign, int strength) {
            this.sign = sign;
            this.strength = strength;
        }

        String sign() {
            return sign;
        }

        int strength() {
            return strength;
        }

        boolean compares() {
            return strength == 4;
        }
    }

    /** The functions of the language, with the number of arguments each takes (-1: one or more). */
    enum Function {
        MIN("min", -1), MAX("max", -1), FLOOR("floor", 1), CEIL("ceil", 1), ROUND("round", 1), ABS("abs", 1),
        SQRT("sqrt", 1), SIN("sin", 1),
        COS("cos", 1), TAN("tan", 1), ASIN("asin", 1), ACOS("acos", 1), ATAN("atan", 1);

        private final String word;
        private final int arity;

        Function(String word, int arity) {
            this.word = word;
            this.arity = arity;
        }

        String word() {
            return word;
        }

        int arity() {
            return arity;
        }
    }
}
