package cufflink.files.design;

import cufflink.design.Face;
import cufflink.design.Formula;
import cufflink.design.Ornament;
import cufflink.design.OrnamentDefinition;
import cufflink.design.OrnamentShape;
import cufflink.design.Raise;
import cufflink.measure.ExactText;
import cufflink.words.DesignFileWords;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.Function;

/** Turns the trees of ornaments into their definitions. */
final class OrnamentParser {
    private static final String COLOUR = "#[0-9A-Fa-f]{6}";

    private OrnamentParser() {
    }

    static OrnamentDefinition ornament(Fields fields) {
        return new OrnamentDefinition(fields.requiredTemplate("id"),
                fields.has("label") ? fields.template("label") : fields.requiredTemplate("id"),
                DesignParser.place(fields, "on"), fields.word("face", Face.class, Face::word),
                new OrnamentDefinition.Put(along(fields, "across", Ornament.Anchor::across),
                        along(fields, "down", Ornament.Anchor::down),
                        fields.formula("turn")),
                form(fields), raised(fields), colour(fields));
    }

    private static OrnamentDefinition.Form form(Fields fields) {
        Optional<Ornament.Traced> traced = fields.node("path").flatMap(node -> {
            var read = SvgPaths.read("path", fields.requiredText("path"));
            read.problems().forEach(problem -> fields.problem(node.place(), problem.message()));
            return read.value();
        });
        OrnamentShape shape = fields.word("shape", OrnamentShape.class, OrnamentShape::word)
                .orElse(fields.has("path") ? OrnamentShape.PATH : OrnamentShape.RECTANGLE);
        return new OrnamentDefinition.Form(shape, fields.requiredFormula("width"), fields.formula("height"), traced);
    }

    /** Such as {@code left 12 mm}: where it is measured from, and how far; the middle if nothing is said. */
    private static OrnamentDefinition.Along along(Fields fields, String name,
            Function<Ornament.Anchor, String> words) {
        String text = fields.text(name).orElse("middle");
        String word = text.split(" ", 2)[0];
        Optional<Ornament.Anchor> anchor = Arrays.stream(Ornament.Anchor.values())
                .filter(one -> words.apply(one).equals(word)).findFirst();
        if (anchor.isEmpty()) {
            fields.problem(fields.node(name).orElseThrow().place(), DesignFileWords.NOT_ONE_OF.of("text", text,
                    "expected", Arrays.stream(Ornament.Anchor.values()).map(words).toList()));
            return new OrnamentDefinition.Along(Ornament.Anchor.MIDDLE, Optional.empty());
        }
        String by = text.substring(word.length()).strip();
        return new OrnamentDefinition.Along(anchor.get(),
                by.isEmpty() ? Optional.empty() : Optional.of(fields.formula(by,
                        fields.node(name).orElseThrow().place().after(text.indexOf(by, word.length())))));
    }

    private static Formula raised(Fields fields) {
        Raise raise = fields.text("raised").map(Raise::named).orElse(Optional.of(Raise.FLAT)).orElse(null);
        return raise == null ? fields.requiredFormula("raised")
                : fields.formula(ExactText.of(raise.height()), fields.place());
    }

    private static Optional<String> colour(Fields fields) {
        Optional<String> colour = fields.text("colour");
        colour.filter(text -> !text.matches(COLOUR))
                .ifPresent(text -> fields.problem(fields.node("colour").orElseThrow().place(),
                        DesignFileWords.NO_COLOUR.of("text", text)));
        return colour.filter(text -> text.matches(COLOUR));
    }
}
