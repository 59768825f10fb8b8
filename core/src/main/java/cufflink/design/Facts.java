package cufflink.design;

import cufflink.measure.Length;
import cufflink.paper.Contents;
import cufflink.problem.Ordered;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
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
    /** Nothing is known. */
    public static final Facts NONE = new Facts(Map.of());

    private static final String CLOSED = "closed";
    private static final String WIDTH = ".width";
    private static final String HEIGHT = ".height";
    private static final String THICKNESS = ".thickness";
    private static final Length SOMETHING = Length.ofMillimetres(100);
    private static final Length SOME_LAYERS = Length.ofMillimetres(1);
    /** With a space, so that no file can write such names: whose panel is meant, a part says by where it sits. */
    /** Goes with the three lengths of something that lies in a pocket; no formula asks for it. */
    private static final String RIM = ".rim";
    private static final String PANEL = "panel ";
    private static final String INSIDE = "inside ";
    private static final String FOLDED = "folded ";
    private static final String STACK = "stack ";
    private static final List<String> WITH_A_SPACE = List.of(PANEL, INSIDE, FOLDED, STACK);

    public Facts {
        found = Ordered.map(found);
    }

    /** The closed card as it is held. */
    public static Facts closed(Length width, Length height, Length thickness) {
        return NONE.with(CLOSED, width, height, thickness);
    }

    /** What is taken before anything is known: two layers of paper. */
    static Facts guess(Length caliper) {
        return closed(SOMETHING, SOMETHING, caliper.times(2));
    }

    /** The name of a panel's width or height, which only a part may ask for. */
    static String ofPanel(PanelRef panel, boolean width) {
        return PANEL + panel + (width ? WIDTH : HEIGHT);
    }

    /**
     * The name of how thick the stack is at a crease or over a panel of the closed card, written as creases are; only a
     * measure of that kind asks for it.
     */
    public static String ofStack(CreaseRef at) {
        return STACK + at + THICKNESS;
    }

    /** What a part goes round: three lengths have this name in front. */
    static String inside(String part) {
        return INSIDE + part;
    }

    /** A part by itself, folded and with what it holds: three lengths have this name in front. */
    static String folded(String part) {
        return FOLDED + part;
    }

    /** What a fact that a part of its own asks for is called in the whole; absent for other names. */
    static Optional<String> ofPart(String name, String part) {
        return WITH_A_SPACE.stream().filter(name::startsWith).findFirst()
                .map(kind -> kind + part + "." + name.substring(kind.length()));
    }

    /** These facts and the size of a panel. */
    public Facts with(PanelRef panel, Length width, Length height) {
        Map<String, Length> more = new LinkedHashMap<>(found);
        more.put(ofPanel(panel, true), width);
        more.put(ofPanel(panel, false), height);
        return new Facts(more);
    }

    /** These facts and how thick a stack is. */
    public Facts withStack(CreaseRef at, Length thickness) {
        Map<String, Length> more = new LinkedHashMap<>(found);
        more.put(ofStack(at), thickness);
        return new Facts(more);
    }

    /** These facts and what a part goes round. */
    public Facts withInside(String part, Length width, Length height, Length thickness) {
        return with(inside(part), width, height, thickness);
    }

    /** These facts and how large a part is by itself. */
    public Facts withFolded(String part, Length width, Length height, Length thickness, Length rim) {
        Map<String, Length> more = new LinkedHashMap<>(with(folded(part), width, height, thickness).found);
        more.put(folded(part) + RIM, rim);
        return new Facts(more);
    }

    private Facts with(String name, Length width, Length height, Length thickness) {
        Map<String, Length> more = new LinkedHashMap<>(found);
        more.put(name + WIDTH, width);
        more.put(name + HEIGHT, height);
        more.put(name + THICKNESS, thickness);
        return new Facts(more);
    }

    /** Whether a name stands for the three lengths of something. */
    static boolean isSize(String name) {
        return (name.startsWith(INSIDE) || name.startsWith(FOLDED)) && List.of(WIDTH, HEIGHT, THICKNESS).stream()
                .noneMatch(name::endsWith);
    }

    /** Something whose three lengths are facts. */
    Contents contents(String name, DesignDefinition definition) {
        String called = name.startsWith(FOLDED) ? part(name.substring(FOLDED.length()), definition) : "closed card";
        return new Contents(called, found.get(name + WIDTH), found.get(name + HEIGHT), found.get(name + THICKNESS),
                found.getOrDefault(name + RIM, found.get(name + THICKNESS)));
    }

    /** These facts, those of others besides, and a guess for each that a design asks for and nobody knows. */
    Facts completed(DesignDefinition definition) {
        Map<String, Length> all = new LinkedHashMap<>(found);
        asked(definition).flatMap(Facts::lengths)
                .forEach(name -> all.putIfAbsent(name, name.endsWith(THICKNESS) ? SOME_LAYERS : SOMETHING));
        return new Facts(all);
    }

    private static Stream<String> lengths(String name) {
        return isSize(name)
                ? Stream.of(name + WIDTH, name + HEIGHT, name + THICKNESS) : Stream.of(name);
    }

    /** The measures of a design that ask for a fact. */
    public static Set<String> asking(DesignDefinition definition) {
        return Ordered.set(definition.measures().stream()
                .filter(measure -> measure.formulas()
                        .anyMatch(formula -> Names.in(formula.expression()).stream().anyMatch(Facts::isFact)))
                .map(Measure::name).collect(Collectors.toList()));
    }

    /** Whether a design asks for the closed card. */
    public static boolean areOfCard(DesignDefinition definition) {
        return asked(definition).anyMatch(name -> WITH_A_SPACE.stream().noneMatch(name::startsWith));
    }

    /** The panels whose size a design asks for. */
    public static Set<PanelRef> panels(DesignDefinition definition) {
        return Ordered.set(asked(definition).filter(name -> name.startsWith(PANEL))
                .map(name -> PanelRef.read(place(name)).orElseThrow()).collect(Collectors.toList()));
    }

    /** The creases and panels at which a design asks how thick the stack is. */
    public static Set<CreaseRef> stacks(DesignDefinition definition) {
        return Ordered.set(asked(definition).filter(name -> name.startsWith(STACK))
                .map(Facts::stack).collect(Collectors.toList()));
    }

    private static CreaseRef stack(String name) {
        return CreaseRef.read(place(name), "");
    }

    /** The measure that asks how thick the stack is at a crease. */
    public static Optional<Measure> measure(DesignDefinition definition, CreaseRef at) {
        return definition.measures().stream()
                .filter(measure -> measure.formulas()
                        .anyMatch(formula -> Names.in(formula.expression()).contains(ofStack(at))))
                .findFirst();
    }

    private static Stream<String> asked(DesignDefinition definition) {
        return definition.measures().stream().flatMap(Measure::formulas)
                .flatMap(formula -> Names.in(formula.expression()).stream()).filter(Facts::isFact).distinct();
    }

    private static boolean isFact(String name) {
        return WITH_A_SPACE.stream().anyMatch(name::startsWith)
                || List.of(WIDTH, HEIGHT, THICKNESS).stream().anyMatch(side -> name.equals(CLOSED + side));
    }

    /** The panel or crease in a name. */
    private static String place(String name) {
        return name.substring(name.indexOf(' ') + 1, name.lastIndexOf('.'));
    }

    /** A name in words: {@code thickness of the closed card}, {@code width of the back leaf}. */
    static String label(String name, DesignDefinition definition) {
        int dot = name.lastIndexOf('.');
        if (name.startsWith(STACK)) {
            CreaseRef at = stack(name);
            return isCrease(at, definition) ? "way round the stack at “" + at.crease() + "”"
                    : "thickness over the " + label(new PanelRef(at.piece(), at.crease()), definition);
        }
        String what = name.startsWith(PANEL)
                ? PanelRef.read(place(name)).map(panel -> label(panel, definition)).orElseThrow()
                : name.startsWith(FOLDED) ? part(name.substring(FOLDED.length(), dot), definition) : "closed card";
        return name.substring(dot + 1) + " of " + (name.startsWith(INSIDE) ? "what is in it" : "the " + what);
    }

    private static boolean isCrease(CreaseRef at, DesignDefinition definition) {
        return definition.pieces().stream().map(Occurs::what).filter(piece -> piece.id().isFixed(at.piece()))
                .flatMap(piece -> piece.marks().scores().stream())
                .anyMatch(score -> score.what().id().equals(Template.of(at.crease())));
    }

    private static String part(String name, DesignDefinition definition) {
        return definition.parts().stream().filter(part -> part.name().equals(name))
                .map(part -> part.label().toLowerCase(Locale.ROOT)).findFirst().orElse(name);
    }

    private static String label(PanelRef panel, DesignDefinition definition) {
        return definition.pieces().stream().map(Occurs::what).filter(piece -> piece.id().isFixed(panel.piece()))
                .flatMap(piece -> piece.marks().panels().stream()).map(Occurs::what)
                .filter(name -> name.id().isFixed(panel.panel())).findFirst()
                .flatMap(name -> name.label().fixed()).orElse("panel " + panel);
    }
}
