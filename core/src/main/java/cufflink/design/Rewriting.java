package cufflink.design;

import cufflink.design.Expression.Binary;
import cufflink.design.Expression.Call;
import cufflink.design.Expression.Conditional;
import cufflink.design.Expression.Literal;
import cufflink.design.Expression.Name;
import cufflink.design.Expression.Quoted;
import cufflink.design.Expression.Unary;
import java.util.List;
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

    DesignDefinition.Spot spot(DesignDefinition.Spot spot) {
        return new DesignDefinition.Spot(formula(spot.x()), formula(spot.y()));
    }

    DesignDefinition.Placing placing(DesignDefinition.Placing at) {
        return new DesignDefinition.Placing(spot(at.at()), formula(at.turn()), at.turned(),
                at.whole().map(whole -> new DesignDefinition.Whole(spot(whole.inset()), formula(whole.width()),
                        formula(whole.height()))));
    }

    DesignDefinition.Said said(DesignDefinition.Said said) {
        return new DesignDefinition.Said(said.title().map(this::template), template(said.all()));
    }

    Optional<Occurs.Repeat> repeat(Optional<Occurs.Repeat> counted) {
        return counted.map(
                repeat -> new Occurs.Repeat(repeat.variable(), formula(repeat.from()), formula(repeat.to())));
    }

    /** Things that occur, with their conditions and repeats. */
    <T> List<Occurs<T>> all(List<Occurs<T>> things, Function<T, T> made) {
        return things.stream().map(thing -> new Occurs<>(made.apply(thing.what()), formula(thing.when()),
                repeat(thing.repeat())))
                .toList();
    }

    PieceDefinition.Marks marks(PieceDefinition.Marks marks) {
        return new PieceDefinition.Marks(
                all(marks.scores(), this::score),
                all(marks.slits(),
                        slit -> new PieceDefinition.Slit(template(slit.id()), line(slit.line()),
                                formula(slit.width()), slit.joint())),
                all(marks.cutOuts(),
                        cut -> new PieceDefinition.CutOut(template(cut.id()), cut.shape(),
                                cut.numbers().stream().map(this::formula).toList(), cut.outside(), cut.through())),
                all(marks.panels(), panel -> new PieceDefinition.PanelName(template(panel.id()),
                        template(panel.label()), panel.at().map(this::spot))),
                all(marks.laps(), lap -> new PieceDefinition.Lap(formula(lap.from()), formula(lap.to()))));
    }

    PieceDefinition.Score score(PieceDefinition.Score score) {
        return new PieceDefinition.Score(template(score.id()), line(score.line()), formula(score.fold()),
                formula(score.pinched()), score.bent(), formula(score.width()));
    }

    private PieceDefinition.Line line(PieceDefinition.Line line) {
        return line.accept(new PieceDefinition.Line.Cases<PieceDefinition.Line>() {
            @Override
            public PieceDefinition.Line upright(PieceDefinition.AtX at) {
                return new PieceDefinition.AtX(formula(at.x()), formula(at.from()), formula(at.to()));
            }

            @Override
            public PieceDefinition.Line level(PieceDefinition.AtY at) {
                return new PieceDefinition.AtY(formula(at.y()), formula(at.from()), formula(at.to()));
            }

            @Override
            public PieceDefinition.Line between(PieceDefinition.Between ends) {
                return new PieceDefinition.Between(formula(ends.x1()), formula(ends.y1()), formula(ends.x2()),
                        formula(ends.y2()));
            }
        });
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
