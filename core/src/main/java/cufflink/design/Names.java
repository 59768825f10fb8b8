package cufflink.design;

import cufflink.design.Expression.Binary;
import cufflink.design.Expression.Call;
import cufflink.design.Expression.Conditional;
import cufflink.design.Expression.Name;
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
        if (expression instanceof Name name) {
            names.add(name.name());
        } else if (expression instanceof Unary unary) {
            collect(unary.operand(), names);
        } else if (expression instanceof Binary binary) {
            collect(binary.left(), names);
            collect(binary.right(), names);
        } else if (expression instanceof Conditional conditional) {
            collect(conditional.condition(), names);
            collect(conditional.then(), names);
            collect(conditional.otherwise(), names);
        } else if (expression instanceof Call call) {
            call.arguments().forEach(argument -> collect(argument, names));
        }
    }
}
