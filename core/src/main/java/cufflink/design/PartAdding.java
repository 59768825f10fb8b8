package cufflink.design;

import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.DesignWords;
import cufflink.words.Message;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Adds a design to a panel of another, as a maker does, with what is usual: in the middle, glued all round. */
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

    /** A name as it is shown. */
    public static String label(String name) {
        return Character.toUpperCase(name.charAt(0)) + name.substring(1);
    }

    /**
     * The part, not yet worked into the host.
     *
     * @param face of the panel; if absent the one that the part's own joints name, or else the inside
     */
    public static Outcome<PartDefinition> part(DesignDefinition host, String name, DesignDefinition design,
            PanelRef on, Optional<Face> face) {
        if (!isName(name, host)) {
            return Outcome.failed(Problem.error(name, DesignWords.NO_PART_NAME.of("name", name)));
        }
        Optional<Message> tooMuch = tooMuch(host, design);
        if (tooMuch.isPresent()) {
            return Outcome.failed(Problem.error(name, tooMuch.get()));
        }
        List<Occurs<PartDefinition.Mounting>> mountings = mountings(design);
        if (mountings.isEmpty() && !PartExpansion.hasStandIn(design)) {
            return Outcome.failed(Problem.error(name, DesignWords.NO_PANEL_TO_GLUE.of("design", design.title())));
        }
        return Outcome.of(new PartDefinition(name, label(name), design,
                new PartDefinition.Seat(on, face, Optional.empty(), mountings), Map.of(), Optional.empty()));
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
        if (PartExpansion.hasStandIn(design) || !design.asPart().isEmpty()) {
            return design.asPart();
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
