package cufflink.design;

import cufflink.problem.Ordered;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A design used as a part of another: on a panel of it, in one of its pockets, or around it when it is closed.
 *
 * @param name   stands before the names of its pieces and measures: {@code sleeve}
 * @param label  as shown: {@code Sleeve}
 * @param design what it is; its own parts are worked into it already
 * @param bound  formulas, in the host's measures and in what the seat tells, for measures of the part
 * @param when   whether it is there; always if absent
 */
public record PartDefinition(String name, String label, DesignDefinition design, Seat seat, Map<String, Formula> bound,
        Optional<Formula> when) {
    public PartDefinition {
        bound = Ordered.map(bound);
    }

    /** The same in another place. */
    PartDefinition with(Seat other) {
        return new PartDefinition(name, label, design, other, bound, when);
    }

    /**
     * One of several: the variable that counts them stands for its number in everything that is said of the part.
     *
     * @param variable the name that formulas use
     * @param number   from 1
     */
    public PartDefinition numbered(String variable, int number) {
        Rewriting counted = new Rewriting(name -> name.name().equals(variable) ? Optional.of(
                new Expression.Literal(name.position(), Value.number(number), Integer.toString(number)))
                : Optional.empty());
        Map<String, Formula> numbered = new LinkedHashMap<>();
        bound.forEach((measure, formula) -> numbered.put(measure, counted.formula(formula)));
        return new PartDefinition(name, label, design, seat.accept(new CountedSeat(counted)), numbered,
                counted.formula(when));
    }

    /** Whether a measure or a piece of the whole belongs to it, by its name. */
    public boolean has(String name) {
        return name.startsWith(this.name + ".");
    }

    /** Whether it is a thing by itself, joined to nothing of its host: it lies in a pocket or goes round the whole. */
    public boolean isApart() {
        return seat.on().isEmpty();
    }

    /** How many parts its name lies in. */
    public int depth() {
        return (int) name.chars().filter(letter -> letter == '.').count();
    }

    /** The name of the part that it is a part of; empty for a part of the card. */
    public String host() {
        return name.substring(0, Math.max(0, name.lastIndexOf('.')));
    }

    /** Whether it goes round its host. */
    public boolean isAround() {
        return seat instanceof Around;
    }

    /** Whether it goes round its host, and through the post as it is. */
    public boolean isPosted() {
        return seat instanceof Around around && around.posted();
    }

    /** The same seat with other expressions in the place of names. */
    private record CountedSeat(Rewriting counted) implements Seat.Cases<Seat> {
        @Override
        public Seat onPanel(OnPanel seat) {
            return new OnPanel(seat.panel(), seat.face(), seat.at().map(counted::spot), counted.formula(seat.turn()),
                    seat.mountings().stream().map(way -> new Occurs<>(mounting(way.what()), way.when(), way.repeat()))
                            .toList());
        }

        private Mounting mounting(Mounting way) {
            return new Mounting(way.panel(), way.turned(), way.inset(), way.edges(), way.said().map(counted::said));
        }

        @Override
        public Seat inPocket(InPocket seat) {
            return new InPocket(seat.pocket(), seat.said().map(counted::said));
        }

        @Override
        public Seat around(Around seat) {
            return new Around(seat.holds(), seat.posted(), seat.said().map(counted::said));
        }
    }

    /** Where a part sits. */
    public sealed interface Seat {
        /** What to do with each kind of seat. */
        interface Cases<R> {
            R onPanel(OnPanel seat);

            R inPocket(InPocket seat);

            R around(Around seat);
        }

        <R> R accept(Cases<R> cases);

        /** The panel that it sits on; absent for what lies in a pocket or goes round the whole. */
        default Optional<PanelRef> on() {
            return Optional.empty();
        }

        /** What the hands are told when it is put in its place; absent for what is always told, or if joints say so. */
        default Optional<DesignDefinition.Said> said() {
            return Optional.empty();
        }
    }

    /**
     * On a panel; formulas may ask for {@code panel.width} and {@code panel.height}.
     *
     * @param panel     of the host
     * @param face      of that panel; the one that the part's own joints name if absent
     * @param at        where its top left corner lies from the panel's; in the middle if absent, or where the piece
     *                  that stands for the panel has it
     * @param turn      degrees by which it is turned in its plane
     * @param mountings what of the part is put on the panel, one of them at a time; none for a design with a piece that
     *                  stands for the panel
     */
    public record OnPanel(PanelRef panel, Optional<Face> face, Optional<DesignDefinition.Spot> at,
            Optional<Formula> turn, List<Occurs<Mounting>> mountings) implements Seat {
        public OnPanel {
            mountings = List.copyOf(mountings);
        }

        @Override
        public Optional<PanelRef> on() {
            return Optional.of(panel);
        }

        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.onPanel(this);
        }
    }

    /**
     * Loose in a pocket; formulas may ask for {@code pocket.width}, {@code pocket.depth} and {@code pocket.room}.
     *
     * @param pocket id of the host's pocket
     * @param said   what the hands are told; absent for what is always told
     */
    public record InPocket(String pocket, Optional<DesignDefinition.Said> said) implements Seat {
        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.inPocket(this);
        }
    }

    /**
     * Around the closed host and whatever lies in it; the part's contents measure is what it goes round.
     *
     * @param holds  the name of that measure, in the whole with the part's name in front
     * @param posted whether it goes through the post as it is
     * @param said   what the hands are told; absent for what is always told
     */
    public record Around(String holds, boolean posted, Optional<DesignDefinition.Said> said) implements Seat {
        @Override
        public <R> R accept(Cases<R> cases) {
            return cases.around(this);
        }
    }

    /**
     * How a part without a piece that stands for its host's panel is put on it.
     *
     * @param panel  of the part
     * @param turned how the part is turned over, so that the right face of the panel lies down
     * @param inset  where the panel's top left corner lies from that of the part's outline, which is what the hands see
     *               and the file places; in the part's measures; in the same place if absent
     * @param edges  of the panel, those that take glue and those that must not
     * @param said   what the hands are told; absent for what is always told
     */
    public record Mounting(PanelRef panel, DesignDefinition.Turned turned, Optional<DesignDefinition.Spot> inset,
            DesignDefinition.Edges edges, Optional<DesignDefinition.Said> said) {
    }

    /**
     * What a design says of itself as a part of another.
     *
     * @param onPanel  how it is put on a panel; none for what is glued there all over by its first panel
     * @param ofPanel  formulas, in its own measures and what the panel tells, for measures of it
     * @param inPocket in a pocket; with its own measures if absent
     * @param around   what it is round; absent for a design that goes round nothing
     */
    public record Use(List<Occurs<Mounting>> onPanel, Map<String, Formula> ofPanel, Optional<Inside> inPocket,
            Optional<Around> around) {
        public static final Use UNSAID = new Use(List.of(), Map.of(), Optional.empty(), Optional.empty());

        public Use {
            ofPanel = Ordered.map(ofPanel);
            onPanel = List.copyOf(onPanel);
        }
    }

    /**
     * How a design lies in a pocket.
     *
     * @param bound formulas, in its own measures and what the pocket tells, for measures of it
     * @param said  what the hands are told; absent for what is always told
     */
    public record Inside(Map<String, Formula> bound, Optional<DesignDefinition.Said> said) {
        public Inside {
            bound = Ordered.map(bound);
        }
    }
}
