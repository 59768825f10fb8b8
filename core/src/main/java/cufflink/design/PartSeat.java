package cufflink.design;

import cufflink.design.DesignDefinition.Glue;
import cufflink.design.DesignDefinition.Pocket;
import cufflink.design.Expression.Name;
import cufflink.design.Measure.Role;
import cufflink.problem.Place;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What the place of a part brings into the whole: bindings, measures, joints, and what becomes of the host's pockets.
 */
abstract sealed class PartSeat permits PartOnPanel, PartInPocket, PartAround {
    final PartDefinition part;
    final PartNames names;

    PartSeat(PartDefinition part, PartNames names) {
        this.part = part;
        this.names = names;
    }

    static PartSeat of(DesignDefinition host, PartDefinition part, PartNames names) {
        return part.seat().accept(new PartDefinition.Seat.Cases<>() {
            @Override
            public PartSeat onPanel(PartDefinition.OnPanel on) {
                return new PartOnPanel(part, names, on);
            }

            @Override
            public PartSeat inPocket(PartDefinition.InPocket in) {
                return new PartInPocket(host, part, names, in);
            }

            @Override
            public PartSeat around(PartDefinition.Around around) {
                return new PartAround(part, names, around);
            }
        });
    }

    /** What a name stands for that only the bindings of a part may use; absent for any other. */
    abstract Optional<Expression> told(Name name);

    /** Formulas of the whole for measures of the part, by their own names. */
    abstract Map<String, Formula> bound();

    /** What a design says that it is sized by where it is put, in the words of the whole. */
    Map<String, Formula> bound(Map<String, Formula> said) {
        Rewriting own = new Rewriting(name -> told(name)
                .or(() -> names.measure(name.name()).map(other -> new Name(name.position(), other))));
        Map<String, Formula> bound = new LinkedHashMap<>();
        said.forEach((measure, formula) -> bound.put(measure, own.formula(formula)));
        return bound;
    }

    /** Measures of the whole that the part has for its place. */
    List<Measure> measures() {
        return List.of();
    }

    /** Joints that put it in its place, under the part's own conditions. */
    List<Occurs<Glue>> mountings() {
        return List.of();
    }

    /** What a joint of the part is made onto. */
    DesignDefinition.Host host(DesignDefinition.Host host) {
        return new DesignDefinition.Host(names.place(host.panel()), host.face(),
                host.placing().map(names.own()::placing));
    }

    /** The place as the whole knows it, what is said in its words. */
    abstract PartDefinition.Seat inWhole();

    /** The host's pockets, with the part where it lies. */
    List<Occurs<Pocket>> pockets(List<Occurs<Pocket>> hosts) {
        return hosts;
    }

    /** Where the panel's own stand-in lies on it, if not all over it. */
    Optional<DesignDefinition.Spot> at() {
        return Optional.empty();
    }

    /** An expression that no file has written. */
    Formula formula(Expression expression) {
        return new Formula(expression, new Place(part.design().id(), 1, 1));
    }

    /** The value of a measure that later stages find out. */
    Measure.Amount found(String fact) {
        return new Measure.Amount(Optional.of(formula(new Name(0, fact))), Optional.empty(), Rounding.EXACT,
                Optional.empty(), Optional.empty());
    }

    Measure measure(String name, String label, Role role, Measure.Amount amount) {
        return new Measure(names.id(name), new Measure.Shown(names.label(label), "", part.when()), role, amount,
                List.of(), Optional.empty(), Optional.empty());
    }
}
