package cufflink.design;

import cufflink.design.Expression.Binary;
import cufflink.design.Expression.Call;
import cufflink.design.Expression.Conditional;
import cufflink.design.Expression.Literal;
import cufflink.design.Expression.Name;
import cufflink.design.Expression.Quoted;
import cufflink.design.Expression.Unary;
import java.util.LinkedHashSet;
import java.util.Set;

/** The names that an expression refers to. */
public final class Names {
    private Names() {
    }

    /** In order of appearance. */
    public static Set<String> in(Expression expression) {
        Set<String> names = new LinkedHashSet<>();
        collect(expression, names);
        return names;
    }

    private static void collect(Expression expression, Set<String> names) {
        expression.accept(new Expression.Cases<Void, RuntimeException>() {
            @Override
            public Void literal(Literal literal) {
                return null;
            }

            @Override
            public Void quoted(Quoted quoted) {
                return null;
            }

            @Override
            public Void name(Name name) {
                names.add(name.name());
                return null;
            }

            @Override
            public Void unary(Unary unary) {
                return unary.operand().accept(this);
            }

            @Override
            public Void binary(Binary binary) {
                binary.left().accept(this);
                return binary.right().accept(this);
            }

            @Override
            public Void conditional(Conditional conditional) {
                conditional.condition().accept(this);
                conditional.then().accept(this);
                return conditional.otherwise().accept(this);
            }

            @Override
            public Void call(Call call) {
                call.arguments().forEach(argument -> argument.accept(this));
                return null;
            }
        });
    }
}
