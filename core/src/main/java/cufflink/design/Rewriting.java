package cufflink.design;

import cufflink.design.Expression.Binary;
import cufflink.design.Expression.Call;
import cufflink.design.Expression.Conditional;
import cufflink.design.Expression.Literal;
import cufflink.design.Expression.Name;
import cufflink.design.Expression.Quoted;
import cufflink.design.Expression.Unary;
import java.util.Optional;
import java.util.function.Function;

/** Puts other expressions in the place of names, in whatever holds formulas. */
final class Rewriting implements Expression.Cases<Expression, RuntimeException> {
    private final Function<Name, Optional<Expression>> instead;

    /** @param instead what stands for a name; absent for one that stays */
    Rewriting(Function<Name, Optional<Expression>> instead) {
        this.instead = instead;
    }

    Formula formula(Formula formula) {
        return new Formula(formula.expression().accept(this), formula.place());
    }

    Optional<Formula> formula(Optional<Formula> formula) {
        return formula.map(this::formula);
    }

    Template template(Template template) {
        return new Template(template.parts().stream().map(part -> part instanceof Template.Insert insert
                ? new Template.Insert(formula(insert.formula())) : part).toList());
    }

    @Override
    public Expression literal(Literal literal) {
        return literal;
    }

    @Override
    public Expression quoted(Quoted quoted) {
        return quoted;
    }

    @Override
    public Expression name(Name name) {
        return instead.apply(name).orElse(name);
    }

    @Override
    public Expression unary(Unary unary) {
        return new Unary(unary.position(), unary.operator(), unary.operand().accept(this));
    }

    @Override
    public Expression binary(Binary binary) {
        return new Binary(binary.position(), binary.operator(), binary.left().accept(this),
                binary.right().accept(this));
    }

    @Override
    public Expression conditional(Conditional conditional) {
        return new Conditional(conditional.position(), conditional.condition().accept(this),
                conditional.then().accept(this), conditional.otherwise().accept(this));
    }

    @Override
    public Expression call(Call call) {
        return new Call(call.position(), call.function(),
                call.arguments().stream().map(argument -> argument.accept(this)).toList());
    }
}
