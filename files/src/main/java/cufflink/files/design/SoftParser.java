package cufflink.files.design;

import cufflink.design.DesignDefinition;
import cufflink.design.Expression;
import cufflink.design.Face;
import cufflink.design.FixingKind;
import cufflink.design.Formula;
import cufflink.design.Soft;
import cufflink.design.SoftDefinition;
import cufflink.words.DesignFileWords;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Turns the trees of soft pieces and fixings into their definitions. */
final class SoftParser {
    private SoftParser() {
    }

    static DesignDefinition.Trim trim(Fields design) {
        return new DesignDefinition.Trim(design.all("soft", "A soft piece", SoftParser::soft),
                design.all("hardware", "A fixing", SoftParser::fixing),
                design.all("ornaments", "An ornament", OrnamentParser::ornament), List.of(),
                design.all("contents", "What lies on a panel", SoftParser::laid));
    }

    private static DesignDefinition.Laying laid(Fields fields) {
        return new DesignDefinition.Laying(fields.requiredText("holds"), DesignParser.place(fields, "on"),
                fields.word("face", Face.class, Face::word).orElse(Face.INSIDE), fields.formula("turned"));
    }

    private static SoftDefinition soft(Fields fields) {
        SoftDefinition.Ends ends = new SoftDefinition.Ends(fields.formula("tails"), fields.formula("bow"),
                fields.formula("length"), fields.flag("tied"));
        SoftDefinition soft = new SoftDefinition(fields.requiredTemplate("id"),
                fields.has("label") ? fields.template("label") : fields.requiredTemplate("id"),
                new SoftDefinition.Strand(material(fields), fields.requiredFormula("width"),
                        fields.requiredFormula("thickness")),
                new SoftDefinition.Ways(way(fields.list("way"), fields), inPose(fields)),
                fields.has("around")
                        ? Optional.of(new SoftDefinition.Wind(around(fields), DesignParser.places(fields, "under")))
                        : Optional.empty(),
                ends,
                DesignParser.said(fields, fields.requiredTemplate("say")));
        if (soft.ways().usual().size() < 2 && soft.wind().isEmpty() && ends.length().isEmpty()) {
            fields.problem(fields.place(), DesignFileWords.SOFT_WITHOUT_LENGTH.of());
        }
        return soft;
    }

    private static String material(Fields fields) {
        String of = fields.requiredText("of").strip();
        if (of.isEmpty() && fields.has("of")) {
            fields.problem(fields.node("of").map(YamlNode::place).orElse(fields.place()),
                    DesignFileWords.MISSING.of("field", "of"));
        }
        return of.isEmpty() ? "ribbon" : of;
    }

    /** One of two plain words, or a formula that gives one. */
    private static Formula around(Fields fields) {
        String text = fields.requiredText("around");
        return Arrays.stream(Soft.Round.values()).anyMatch(round -> round.word().equals(text))
                ? new Formula(new Expression.Quoted(0, text), fields.place()) : fields.requiredFormula("around");
    }

    private static List<SoftDefinition.Stay> way(List<YamlNode> stays, Fields fields) {
        return stays.stream().map(stay -> stay(stay, fields)).toList();
    }

    private static Map<String, List<SoftDefinition.Stay>> inPose(Fields fields) {
        Map<String, List<SoftDefinition.Stay>> ways = new LinkedHashMap<>();
        fields.entries("inPose").forEach((pose, node) -> ways.put(pose, way(fields.items(node), fields)));
        return ways;
    }

    private static SoftDefinition.Stay stay(YamlNode node, Fields parent) {
        return parent.occurs(node, "A point of the way", fields -> new SoftDefinition.Stay(
                DesignParser.place(fields, "on"), fields.word("face", Face.class, Face::word), spot(fields),
                fields.flag("slides"))).what();
    }

    private static SoftDefinition.Fixing fixing(Fields fields) {
        FixingKind kind = fields.word("kind", FixingKind.class, FixingKind::word).orElse(FixingKind.BRAD);
        return new SoftDefinition.Fixing(fields.requiredTemplate("id"),
                fields.has("label") ? fields.template("label") : fields.requiredTemplate("id"), kind,
                new SoftDefinition.Seat(DesignParser.place(fields, "on"),
                        fields.word("face", Face.class, Face::word), spot(fields)),
                new SoftDefinition.Sizes(fields.formula("hole"), fields.formula("head"), fields.formula("height"),
                        fields.formula("behind")),
                DesignParser.said(fields, fields.requiredTemplate("say")));
    }

    private static DesignDefinition.Spot spot(Fields fields) {
        return fields.spot().orElseGet(() -> {
            fields.problem(fields.place(), DesignFileWords.PLACE_NEEDS_TWO.of("field", "at"));
            return new DesignDefinition.Spot(fields.formula("0 mm", fields.place()),
                    fields.formula("0 mm", fields.place()));
        });
    }
}
