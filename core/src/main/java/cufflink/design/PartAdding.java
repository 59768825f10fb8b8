package cufflink.design;

import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.DesignWords;
import cufflink.words.Message;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Adds a design to another as a maker does, with what is usual: on a panel in its middle and glued all round, loose in
 * a pocket, or around the closed card.
 */
public final class PartAdding {
    /** So many pieces may be in one design, those of its parts counted. */
    public static final int MOST_PIECES = 200;
    /** So many measures. */
    public static final int MOST_MEASURES = 600;

    private PartAdding() {
    }

    /** Whether a part of a host may be called so: a measure's word that the host has not used. */
    public static boolean isName(String name, DesignDefinition host) {
        return name.matches("[a-z][A-Za-z0-9]{0,30}") && host.measure(name).isEmpty()
                && host.parts().stream().noneMatch(part -> part.name().equals(name));
    }

    /** A name as it is shown: {@code Sleeve}, {@code Sleeve 2}. */
    public static String label(String name) {
        return (Character.toUpperCase(name.charAt(0)) + name.substring(1)).replaceFirst("(?<=[A-Za-z])(\\d+)$", " $1");
    }

    /**
     * The part, not yet worked into the host.
     *
     * @param place where it goes
     */
    public static Outcome<PartDefinition> part(DesignDefinition host, String name, DesignDefinition design,
            PartPlace place) {
        if (!isName(name, host)) {
            return Outcome.failed(Problem.error(name, DesignWords.NO_PART_NAME.of("name", name)));
        }
        Optional<Message> trouble = tooMuch(host, design).or(() -> misplaced(host, design, place));
        if (trouble.isPresent()) {
            return Outcome.failed(Problem.error(name, trouble.get()));
        }
        if (place instanceof PartPlace.OnPanel && mountings(design).isEmpty() && !PartExpansion.hasStandIn(design)) {
            return Outcome.failed(Problem.error(name, DesignWords.NO_PANEL_TO_GLUE.of("design", design.title())));
        }
        PartDefinition.Use use = design.asPart();
        PartDefinition.Seat seat = place.accept(new PartPlace.Cases<>() {
            @Override
            public PartDefinition.Seat onPanel(PartPlace.OnPanel on) {
                return new PartDefinition.OnPanel(on.panel(), on.face(), Optional.empty(), Optional.empty(),
                        mountings(design));
            }

            @Override
            public PartDefinition.Seat inPocket(PartPlace.InPocket in) {
                return new PartDefinition.InPocket(in.pocket(), use.inPocket().flatMap(PartDefinition.Inside::said));
            }

            @Override
            public PartDefinition.Seat around() {
                return use.around().orElseThrow();
            }
        });
        return Outcome.of(new PartDefinition(name, label(name), design, seat, Map.of(), Optional.empty()));
    }

    /** Why a design cannot go to a place of a host. */
    public static Optional<Message> misplaced(DesignDefinition host, DesignDefinition design, PartPlace place) {
        if (host.stands().isPresent() && place instanceof PartPlace.Around) {
            return Optional.of(DesignWords.NOTHING_GOES_ROUND.of("design", host.title()));
        } else if (design.stands().isPresent()) {
            return Optional.of(DesignWords.STANDS_BY_ITSELF.of("design", design.title()));
        }
        return place.accept(new PartPlace.Cases<>() {
            @Override
            public Optional<Message> onPanel(PartPlace.OnPanel on) {
                Optional<PartDefinition> round = design.parts().stream()
                        .filter(part -> part.isAround() && part.depth() == 0).findFirst();
                return round.map(part -> DesignWords.SOMETHING_GOES_ROUND_IT.of("design", design.title(), "part",
                        part.label()));
            }

            @Override
            public Optional<Message> inPocket(PartPlace.InPocket in) {
                List<String> pockets = host.claims().pockets().stream().map(pocket -> pocket.what().id()).distinct()
                        .toList();
                return pockets.contains(in.pocket()) ? Optional.empty()
                        : Optional.of(pockets.isEmpty() ? DesignWords.HAS_NO_POCKET.of("design", host.title())
                                : DesignWords.NO_SUCH_POCKET.of("design", host.title(), "pocket", in.pocket(),
                                        "pockets", pockets));
            }

            @Override
            public Optional<Message> around() {
                return design.asPart().around().isPresent() ? Optional.empty()
                        : Optional.of(DesignWords.GOES_ROUND_NOTHING.of("design", design.title()));
            }
        });
    }

    /** Whether a host has a place: a pocket by its id, a piece for the panel. */
    public static boolean hasPlace(DesignDefinition host, PartPlace place) {
        return place.accept(new PartPlace.Cases<>() {
            @Override
            public Boolean onPanel(PartPlace.OnPanel on) {
                // A piece that is counted has its number in its name, which only sizing knows.
                return host.pieces().stream().map(piece -> piece.what().id())
                        .anyMatch(id -> id.isFixed(on.panel().piece()) || id.fixed().isEmpty());
            }

            @Override
            public Boolean inPocket(PartPlace.InPocket in) {
                return host.claims().pockets().stream().anyMatch(pocket -> pocket.what().id().equals(in.pocket()));
            }

            @Override
            public Boolean around() {
                return host.stands().isEmpty();
            }
        });
    }

    /** Why a host has no room for the pieces or measures of another design. */
    public static Optional<Message> tooMuch(DesignDefinition host, DesignDefinition more) {
        int pieces = host.pieces().size() + more.pieces().size();
        int measures = host.measures().size() + more.measures().size();
        return pieces > MOST_PIECES
                ? Optional.of(DesignWords.TOO_MANY_PIECES.of("count", pieces, "most", MOST_PIECES))
                : measures > MOST_MEASURES
                        ? Optional.of(DesignWords.TOO_MANY_MEASURES.of("count", measures, "most", MOST_MEASURES))
                : Optional.empty();
    }

    /** How a design is put on a panel: as it says itself, or all over by its first panel. */
    private static List<Occurs<PartDefinition.Mounting>> mountings(DesignDefinition design) {
        if (PartExpansion.hasStandIn(design) || !design.asPart().onPanel().isEmpty()) {
            return design.asPart().onPanel();
        }
        DesignDefinition.Edges all = new DesignDefinition.Edges(List.of(Side.values()), List.of(), false);
        return firstPanel(design).map(panel -> Occurs.once(new PartDefinition.Mounting(panel,
                DesignDefinition.Turned.NO, Optional.empty(), all, Optional.empty()))).stream().toList();
    }

    private static Optional<PanelRef> firstPanel(DesignDefinition design) {
        Optional<String> piece = design.main().id().fixed();
        return design.main().marks().panels().stream().findFirst().flatMap(panel -> panel.what().id().fixed())
                .flatMap(panel -> piece.map(id -> new PanelRef(id, panel)));
    }
}
