package cufflink.design;

import cufflink.measure.Length;
import cufflink.problem.Ordered;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What later stages of a plan find out and measures may ask for by name. Sizing rests on them and they on sizing: the
 * stages run again until no measure changes.
 *
 * @param found lengths by name
 */
public record Facts(Map<String, Length> found) {
    public static final String CLOSED_WIDTH = "closed.width";
    public static final String CLOSED_HEIGHT = "closed.height";
    public static final String CLOSED_THICKNESS = "closed.thickness";
    private static final Length SOMETHING = Length.ofMillimetres(100);
    /** With a space, so that no file can write such a name: whose panel is meant, a part says by where it sits. */
    private static final String PANEL = "panel ";
    private static final String WIDTH = ".width";
    private static final String HEIGHT = ".height";

    public Facts {
        found = Ordered.map(found);
    }

    /** The closed card as it is held. */
    public static Facts closed(Length width, Length height, Length thickness) {
        Map<String, Length> found = new LinkedHashMap<>();
        found.put(CLOSED_WIDTH, width);
        found.put(CLOSED_HEIGHT, height);
        found.put(CLOSED_THICKNESS, thickness);
        return new Facts(found);
    }

    /** What is taken before anything is known: two layers of paper. */
    static Facts guess(Length caliper) {
        return closed(SOMETHING, SOMETHING, caliper.times(2));
    }

    /** The name of a panel's width or height, which only a part may ask for. */
    static String ofPanel(PanelRef panel, boolean width) {
        return PANEL + panel + (width ? WIDTH : HEIGHT);
    }

    /** What a part's fact of a panel of its own is called in the whole; absent for other names. */
    static Optional<String> ofPart(String name, String part) {
        return name.startsWith(PANEL) ? Optional.of(PANEL + part + "." + name.substring(PANEL.length()))
                : Optional.empty();
    }

    /** These facts and the size of a panel. */
    public Facts with(PanelRef panel, Length width, Length height) {
        Map<String, Length> more = new LinkedHashMap<>(found);
        more.put(ofPanel(panel, true), width);
        more.put(ofPanel(panel, false), height);
        return new Facts(more);
    }

    /** These facts, and a guess for each that a design asks for besides. */
    Facts completed(DesignDefinition definition) {
        Map<String, Length> all = new LinkedHashMap<>(found);
        asked(definition).forEach(name -> all.putIfAbsent(name, SOMETHING));
        return new Facts(all);
    }

    /** The measures of a design that ask for a fact. */
    public static Set<String> asking(DesignDefinition definition) {
        return Ordered.set(definition.measures().stream()
                .filter(measure -> measure.formulas()
                        .anyMatch(formula -> Names.in(formula.expression()).stream().anyMatch(Facts::isFact)))
                .map(Measure::name).collect(Collectors.toList()));
    }

    /** Whether a design asks for the closed card. */
    public static boolean areOfClosed(DesignDefinition definition) {
        return asked(definition).anyMatch(name -> !name.startsWith(PANEL));
    }

    /** The panels whose size a design asks for. */
    public static Set<PanelRef> panels(DesignDefinition definition) {
        return Ordered.set(asked(definition).filter(name -> name.startsWith(PANEL))
                .map(name -> PanelRef.read(panel(name)).orElseThrow()).collect(Collectors.toList()));
    }

    private static Stream<String> asked(DesignDefinition definition) {
        return definition.measures().stream().flatMap(Measure::formulas)
                .flatMap(formula -> Names.in(formula.expression()).stream()).filter(Facts::isFact).distinct();
    }

    private static boolean isFact(String name) {
        return name.startsWith(PANEL) || name.equals(CLOSED_WIDTH) || name.equals(CLOSED_HEIGHT)
                || name.equals(CLOSED_THICKNESS);
    }

    private static String panel(String name) {
        return name.substring(PANEL.length(), name.lastIndexOf('.'));
    }

    /** A name in words: {@code thickness of the closed card}, {@code width of the back leaf}. */
    static String label(String name, DesignDefinition definition) {
        return name.substring(name.lastIndexOf('.') + 1) + " of the " + (name.startsWith(PANEL)
                ? PanelRef.read(panel(name)).map(panel -> label(panel, definition)).orElseThrow() : "closed card");
    }

    private static String label(PanelRef panel, DesignDefinition definition) {
        return definition.pieces().stream().map(Occurs::what).filter(piece -> piece.id().isFixed(panel.piece()))
                .flatMap(piece -> piece.marks().panels().stream()).map(Occurs::what)
                .filter(name -> name.id().isFixed(panel.panel())).findFirst()
                .flatMap(name -> name.label().fixed()).orElse("panel " + panel);
    }
}
