package cufflink.design;

import cufflink.design.DesignDefinition.Glue;
import cufflink.design.DesignDefinition.Host;
import cufflink.design.DesignDefinition.PanelPlace;
import cufflink.design.DesignDefinition.Placing;
import cufflink.design.DesignDefinition.Said;
import cufflink.design.DesignDefinition.Spot;
import cufflink.design.DesignDefinition.Whole;
import cufflink.design.Expression.Binary;
import cufflink.design.Expression.Name;
import cufflink.design.Expression.Operator;
import cufflink.design.Measure.Role;
import cufflink.measure.Length;
import cufflink.words.StepWords;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.numbers.fraction.BigFraction;

/** A part that is glued on a panel of its host. */
final class PartOnPanel extends PartSeat {
    private static final String LEFT = "fromLeft";
    private static final String TOP = "fromTop";
    private static final String WIDTH = "panel.width";
    private static final String HEIGHT = "panel.height";

    private final PartDefinition.OnPanel seat;

    PartOnPanel(PartDefinition part, PartNames names, PartDefinition.OnPanel seat) {
        super(part, names);
        this.seat = seat;
    }

    /**
     * The measures that size the piece that stands for the panel, each with the name by which a binding asks for it.
     */
    static Map<String, String> sides(DesignDefinition design) {
        Map<String, String> sides = new LinkedHashMap<>();
        design.pieces().stream().map(Occurs::what).filter(piece -> piece.lying().standIn()).forEach(piece -> {
            if (piece.width().expression() instanceof Name name) {
                sides.put(name.name(), WIDTH);
            }
            if (piece.height().expression() instanceof Name name) {
                sides.put(name.name(), HEIGHT);
            }
        });
        return sides;
    }

    @Override
    Optional<Expression> told(Name name) {
        return name.name().equals(WIDTH) || name.name().equals(HEIGHT)
                ? Optional.of(new Name(name.position(), Facts.ofPanel(seat.panel(), name.name().equals(WIDTH))))
                : Optional.empty();
    }

    @Override
    Map<String, Formula> bound() {
        Map<String, Formula> bound = bound(part.design().asPart().ofPanel());
        sides(part.design()).forEach((measure, side) -> bound.put(measure,
                formula(new Name(0, Facts.ofPanel(seat.panel(), side.equals(WIDTH))))));
        return bound;
    }

    @Override
    PartDefinition.Seat inWhole() {
        return seat;
    }

    @Override
    List<Measure> measures() {
        return seat.mountings().isEmpty() || seat.at().isPresent() ? List.of()
                : List.of(middle(LEFT, "From the left", Role.FINISHED_WIDTH),
                        middle(TOP, "From the top", Role.FINISHED_HEIGHT));
    }

    @Override
    Optional<Spot> at() {
        return seat.at();
    }

    /** Half of what the panel has more than the part; a maker may set it. */
    private Measure middle(String name, String label, Role side) {
        DesignDefinition design = part.design();
        Expression panel = new Name(0, Facts.ofPanel(seat.panel(), side == Role.FINISHED_WIDTH));
        Role other = side == Role.FINISHED_WIDTH ? Role.FINISHED_HEIGHT : Role.FINISHED_WIDTH;
        Expression left = design.measure(side).or(() -> design.measure(Role.FINISHED_WIDTH))
                .<Expression>map(size -> new Binary(0, Operator.MINUS, panel, across(new Name(0, names.id(size.name())),
                        design.measure(other).map(turned -> new Name(0, names.id(turned.name()))))))
                .orElse(panel);
        Expression half = new Binary(0, Operator.OVER, left, new Expression.Literal(0, Value.number(2), "2"));
        return measure(name, label, Role.PROPORTION, new Measure.Amount(Optional.of(formula(half)), Optional.empty(),
                Rounding.NEAREST, Optional.empty(), Optional.empty()));
    }

    /** What a side of the part lies along after it is turned: the other one after a quarter turn. */
    private Expression across(Expression side, Optional<Name> other) {
        if (seat.turn().isEmpty() || other.isEmpty()) {
            return side;
        }
        Expression quarter = new Binary(0, Operator.OR, isTurnedBy(90), new Binary(0, Operator.OR, isTurnedBy(270),
                isTurnedBy(-90)));
        try {
            return Evaluator.truth(quarter, Scope.empty()) ? other.get() : side;
        } catch (ExpressionFault dependsOnMeasures) {
            return new Expression.Conditional(0, quarter, other.get(), side);
        }
    }

    private Expression isTurnedBy(int degrees) {
        return new Binary(0, Operator.EQUAL, seat.turn().orElseThrow().expression(),
                new Expression.Literal(0, new Value.Quantity(BigFraction.of(degrees), Value.Kind.ANGLE),
                        degrees + " deg"));
    }

    @Override
    Host host(Host host) {
        return names.isStandIn(host.panel())
                ? new Host(PartNames.seat(seat.panel()), seat.face().or(host::face),
                        host.placing().map(names.own()::placing).map(this::shifted))
                : super.host(host);
    }

    /** What stands at a place of the panel's stand-in stands as far from where that lies on the panel. */
    private Placing shifted(Placing placing) {
        return seat.at()
                .map(by -> new Placing(sum(by, placing.at()), placing.turn(), placing.turned(), placing.whole()))
                .orElse(placing);
    }

    private static Spot sum(Spot one, Spot other) {
        return new Spot(sum(one.x(), other.x()), sum(one.y(), other.y()));
    }

    private static Formula sum(Formula one, Formula other) {
        return new Formula(new Binary(0, Operator.PLUS, one.expression(), other.expression()), other.place());
    }

    @Override
    List<Occurs<Glue>> mountings() {
        return seat.mountings().stream().map(way -> new Occurs<>(mounted(way.what()), way.when(), way.repeat()))
                .toList();
    }

    private Glue mounted(PartDefinition.Mounting way) {
        Said said = way.said().map(names::said).orElseGet(() -> new Said(Optional.of(Template.of(part.label())),
                Template.of(StepWords.PUT_IN_PLACE.of("part", part.label()).sentence())));
        Placing placing = new Placing(seat.at().orElseGet(this::middle), seat.turn(), way.turned(),
                way.inset().map(inset -> new Whole(names.own().spot(inset), side(Role.FINISHED_WIDTH),
                        side(Role.FINISHED_HEIGHT))));
        return new Glue(Template.of(part.name()), DesignDefinition.Way.GLUE,
                new DesignDefinition.PanelPlace(Template.of(names.id(way.panel().piece())),
                        Template.of(way.panel().panel())),
                new Host(PartNames.seat(seat.panel()), seat.face(), Optional.of(placing)), way.edges(),
                new DesignDefinition.Passing(List.of(), List.of(), Optional.empty()), said);
    }

    private Spot middle() {
        return new Spot(formula(new Name(0, names.id(LEFT))), formula(new Name(0, names.id(TOP))));
    }

    /** A finished side of the part; nothing for a part that has none. */
    private Formula side(Role role) {
        return formula(part.design().measure(role).<Expression>map(size -> new Name(0, names.id(size.name())))
                .orElseGet(() -> new Expression.Literal(0, Value.length(Length.ZERO), "0 mm")));
    }
}
