package cufflink.files.design;

import cufflink.design.DesignDefinition;
import cufflink.design.DesignDefinition.FoldStep;
import cufflink.design.DesignDefinition.Glue;
import cufflink.design.DesignDefinition.Mat;
import cufflink.design.DesignDefinition.PanelPlace;
import cufflink.design.DesignDefinition.Pocket;
import cufflink.design.DesignDefinition.Pose;
import cufflink.design.DesignDefinition.Round;
import cufflink.design.DesignDefinition.Rule;
import cufflink.design.DesignDefinition.Turned;
import cufflink.design.DesignDefinition.Way;
import cufflink.design.Face;
import cufflink.design.Formula;
import cufflink.design.Held;
import cufflink.design.Measure;
import cufflink.design.Occurs;
import cufflink.design.Occurs.Repeat;
import cufflink.design.OrnamentDefinition;
import cufflink.design.PageDefinition;
import cufflink.design.PanelRef;
import cufflink.design.PartDefinition;
import cufflink.design.PieceDefinition;
import cufflink.design.Side;
import cufflink.design.SizedDesign;
import cufflink.design.Template;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.DesignFileWords;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Turns the tree of a design file into a definition. The fields it asks for are the language. */
final class DesignParser {
    private static final PanelPlace NOWHERE = new PanelPlace(Template.of("?"), Template.of("?"));

    private final List<Problem> problems = new ArrayList<>();
    private final PartParser parts;

    private Fields fields(YamlNode node, String what) {
        return new Fields(node, what, problems);
    }

    /** Reads a design; {@code source} has the designs that it is made of. */
    DesignParser(PartSource source) {
        this.parts = new PartParser(source, problems);
    }

    /** The design, or every mistake in its tree. */
    Outcome<DesignDefinition> design(YamlNode root) {
        Optional<DesignDefinition> design = read(root);
        return problems.isEmpty() ? Outcome.of(design.orElseThrow()) : Outcome.failed(problems);
    }

    /** Empty only with a problem. */
    private Optional<DesignDefinition> read(YamlNode root) {
        try (Fields fields = fields(root, "A design")) {
            if (fields.has("of")) {
                DesignDefinition.Head head = head(fields);
                Optional<DesignDefinition.Angle> seen = fields.has("shown") ? Optional.of(angle(fields))
                        : Optional.empty();
                Optional<DesignDefinition> base = parts.base(fields.requiredText("of"),
                        fields.node("of").orElseThrow(), fields);
                Map<String, YamlNode> listed = fields.entries("parts");
                Map<String, Measure.Usual> usual = base.map(of -> parts.usual(of, fields)).orElse(Map.of());
                List<Occurs<OrnamentDefinition>> ornaments = fields.all("ornaments", "An ornament",
                        OrnamentParser::ornament);
                return base.map(of -> parts.with(of.with(head, seen.orElse(of.shown().angle()), usual, ornaments),
                        listed, fields));
            }
            List<Measure> measures = new MeasureParser(problems).measures(fields);
            List<Occurs<PieceDefinition>> pieces = new ArrayList<>();
            Optional<Formula> lean = lean(fields);
            fields.entries("pieces")
                    .forEach((id, node) -> pieces.add(PieceParser.piece(id, node, lean, problems)));
            if (pieces.isEmpty()) {
                fields.problem(fields.place(), DesignFileWords.NO_PIECE.of());
            }
            DesignDefinition.Head head = head(fields);
            DesignDefinition.Shown shown = new DesignDefinition.Shown(held(fields), angle(fields),
                    fields.text("stands"));
            DesignDefinition.Making making = new DesignDefinition.Making(
                    fields.all("mats", "A mat", DesignParser::mat),
                    fields.all("folding", "A fold step", DesignParser::foldStep),
                    fields.all("glue", "Glue", DesignParser::glue),
                    fields.all("stack", "“stack”", DesignParser::layers), SoftParser.trim(fields),
                    fields.all("finish", "“finish”", end -> said(end, end.requiredTemplate("say"))));
            DesignDefinition.Claims claims = claims(fields);
            PartDefinition.Use asPart = fields.node("asPart").map(node -> new UseParser(problems, measures).use(node))
                    .orElse(PartDefinition.Use.UNSAID);
            Map<String, YamlNode> listed = fields.entries("parts");
            return pieces.isEmpty() ? Optional.empty()
                    : Optional.of(parts.with(new DesignDefinition(head, shown, measures, pieces, making, claims,
                            List.of(), asPart), listed, fields));
        }
    }

    private static DesignDefinition.Head head(Fields fields) {
        return new DesignDefinition.Head(fields.id("id"), fields.requiredText("title"), fields.requiredText("group"),
                fields.text("about").orElse(""), fields.text("difficulty").orElse("easy"), fields.texts("uses"));
    }

    private DesignDefinition.Claims claims(Fields fields) {
        Map<String, Pose> poses = new LinkedHashMap<>();
        fields.entries("poses").forEach((name, node) -> poses.put(name, pose(node, fields)));
        return new DesignDefinition.Claims(!fields.has("covered") || fields.flag("covered"),
                fields.list("pockets").stream().map(node -> Fields.occurs(node, "A pocket", problems, this::pocket))
                        .toList(),
                poses, fields.all("pages", "A page", DesignParser::page),
                fields.list("checks").stream().map(this::rule).toList());
    }

    private static Held held(Fields fields) {
        return heldWord(fields).orElse(Held.UPRIGHT);
    }

    private static Optional<Held> heldWord(Fields fields) {
        return fields.text("held")
                .flatMap(text -> Arrays.stream(Held.values()).filter(held -> held.word().equals(text)).findFirst());
    }

    /** The closed card is held upright, turned by a quarter, or leaning by an angle. */
    private static Optional<Formula> lean(Fields fields) {
        return fields.has("held") && heldWord(fields).isEmpty() ? fields.formula("held") : Optional.empty();
    }

    private static Pose pose(YamlNode node, Fields fields) {
        Optional<String> after = Optional.empty();
        Optional<Formula> others = Optional.empty();
        Optional<Formula> when = Optional.empty();
        Optional<Repeat> repeat = Optional.empty();
        Optional<Round> round = Optional.empty();
        boolean built = false;
        Map<Template, Formula> angles = new LinkedHashMap<>();
        if (node instanceof YamlNode.Mapping mapping) {
            for (Map.Entry<String, YamlNode> entry : mapping.entries().entrySet()) {
                if (entry.getKey().equals("after") && entry.getValue() instanceof YamlNode.Scalar scalar) {
                    after = Optional.of(scalar.text());
                } else if (entry.getKey().equals("others")) {
                    others = Optional.of(fields.formula(entry.getValue()));
                } else if (entry.getKey().equals("when")) {
                    when = Optional.of(fields.formula(entry.getValue()));
                } else if (entry.getKey().equals("built")) {
                    built = fields.flag(entry.getValue());
                } else if (entry.getKey().equals("round")) {
                    round = Optional.of(fields.within(entry.getValue(), "a round pose", DesignParser::round));
                } else if (entry.getKey().equals("repeat")) {
                    repeat = fields.repeat(entry.getValue());
                } else {
                    angles.put(fields.template(new YamlNode.Scalar(entry.getKey(), node.place())),
                            fields.formula(entry.getValue()));
                }
            }
        } else {
            fields.problem(node.place(), DesignFileWords.POSE_NAMES_NOTHING.of());
        }
        return new Pose(after, others, angles, when, repeat, built || round.isPresent(), round);
    }

    private static Round round(Fields fields) {
        return new Round(fields.requiredFormula("turn"), fields.requiredFormula("hole"),
                places(fields, "hubs"));
    }

    private static PageDefinition page(Fields fields) {
        List<YamlNode> names = fields.list("names");
        if (names.size() != 2) {
            fields.problem(fields.place(), DesignFileWords.PAGE_OF_TWO_SIDES.of());
            names = List.of(new YamlNode.Scalar("?", fields.place()), new YamlNode.Scalar("?", fields.place()));
        }
        return new PageDefinition(Template.of(PageDefinition.BOOK),
                new PageDefinition.Side(fields.template(names.get(0)), place(fields, "front")),
                new PageDefinition.Side(fields.template(names.get(1)), place(fields, "back")),
                fields.has("next") ? Optional.of(fields.template("next")) : Optional.empty());
    }

    private static DesignDefinition.Layers layers(Fields fields) {
        return new DesignDefinition.Layers(place(fields, "front"), place(fields, "behind"));
    }

    private DesignDefinition.Angle angle(Fields fields) {
        if (!fields.has("shown")) {
            return DesignDefinition.Angle.USUAL;
        }
        try (Fields shown = fields(fields.node("shown").orElseThrow(), "“shown”")) {
            return new DesignDefinition.Angle(degrees(shown, "tilt"), degrees(shown, "spin"), degrees(shown, "swing"));
        }
    }

    private static double degrees(Fields fields, String name) {
        String text = fields.text(name).orElse("0");
        if (!text.matches("-?\\d{1,3}")) {
            fields.problem(fields.place(), DesignFileWords.WHOLE_DEGREES.of("field", name));
            return 0;
        }
        return Integer.parseInt(text);
    }

    private static Mat mat(Fields fields) {
        if (fields.has("over")) {
            PanelPlace whole = new PanelPlace(fields.template("over"), Template.of(SizedDesign.Mat.WHOLE));
            return new Mat(whole, fields.word("face", Face.class, Face::word),
                    fields.has("label") ? fields.template("label") : whole.piece(), false);
        }
        PanelPlace on = place(fields, "on");
        return new Mat(on, fields.word("face", Face.class, Face::word),
                fields.has("label") ? fields.template("label") : on.panel(), fields.flag("last"));
    }

    private static FoldStep foldStep(Fields fields) {
        boolean opens = fields.has("crease");
        if (opens && fields.has("fold")) {
            fields.problem(fields.place(),
                    DesignFileWords.FOLD_OR_CREASE.of());
        }
        return new FoldStep(fields.has("piece") ? fields.template("piece") : Template.of("base"),
                fields.list(opens ? "crease" : "fold").stream().map(fields::template).toList(),
                fields.node("together").flatMap(fields::repeat), fields.formula("to"),
                said(fields, fields.template("say")),
                fields.flag("through"), opens, tucks(fields));
    }

    private static List<List<Template>> tucks(Fields fields) {
        List<List<Template>> tucks = new ArrayList<>();
        for (YamlNode pair : fields.list("tuck")) {
            List<Template> names = fields.items(pair).stream().map(fields::template).toList();
            if (names.size() == 2) {
                tucks.add(names);
            } else {
                fields.problem(pair.place(), DesignFileWords.TUCK_NAMES_TWO.of());
            }
        }
        return tucks;
    }

    static PanelPlace place(Fields fields, String name) {
        return fields.node(name).map(node -> place(fields, fields.requiredText(name), node)).orElseGet(() -> {
            fields.requiredText(name);
            return NOWHERE;
        });
    }

    private static PanelPlace place(Fields fields, String text, YamlNode node) {
        int dot = text.indexOf('{') < 0 ? text.lastIndexOf('.') : text.indexOf('.');
        if (dot < 1) {
            fields.problem(node.place(), DesignFileWords.PANEL_EXPECTED.of("text", text));
            return NOWHERE;
        }
        return new PanelPlace(fields.template(new YamlNode.Scalar(text.substring(0, dot), node.place())),
                fields.template(new YamlNode.Scalar(text.substring(dot + 1), node.place().after(dot + 1))));
    }

    static List<PanelPlace> places(Fields fields, String name) {
        return fields.list(name).stream()
                .map(node -> place(fields, node instanceof YamlNode.Scalar scalar ? scalar.text() : "", node)).toList();
    }

    private static PanelRef panel(Fields fields, String text) {
        return PanelRef.read(text).orElseGet(() -> {
            fields.problem(fields.place(), DesignFileWords.PANEL_EXPECTED.of("text", text));
            return new PanelRef(text, "");
        });
    }

    private static Glue glue(Fields fields) {
        Optional<Formula> turn = fields.formula("turn");
        Optional<Turned> turned = fields.word("turned", Turned.class, Turned::word);
        Optional<DesignDefinition.Placing> placing = fields.spot()
                .map(at -> new DesignDefinition.Placing(at, turn, turned.orElse(Turned.NO), Optional.empty()));
        if (placing.isEmpty() && (turn.isPresent() || turned.isPresent())) {
            fields.problem(fields.place(), DesignFileWords.TURN_WITHOUT_PLACE.of());
        }
        Way way = fields.word("way", Way.class, Way::word).orElse(Way.GLUE);
        if (way == Way.TIED && (placing.isEmpty() || fields.list("edges").size() != 1)) {
            fields.problem(fields.place(), DesignFileWords.TIED_AT_ONE_EDGE.of());
        }
        return new Glue(fields.requiredTemplate("id"), way, place(fields, "glue"),
                new DesignDefinition.Host(place(fields, "onto"), fields.word("face", Face.class, Face::word), placing),
                new DesignDefinition.Edges(sides(fields, "edges"), sides(fields, "free"), fields.flag("overhang")),
                new DesignDefinition.Passing(places(fields, "over"), places(fields, "under"), fields.text("slit")),
                said(fields, way == Way.TIED ? fields.template("say") : fields.requiredTemplate("say")));
    }

    static DesignDefinition.Said said(Fields fields, Template say) {
        return new DesignDefinition.Said(
                fields.has("title") ? Optional.of(fields.template("title")) : Optional.empty(), say);
    }

    static List<Side> sides(Fields fields, String name) {
        return fields.list(name).stream().flatMap(side -> fields.word(side, Side.class, Side::word).stream()).toList();
    }

    private Pocket pocket(Fields fields) {
        List<PanelPlace> between = places(fields, "between");
        if (between.size() != 2) {
            fields.problem(fields.place(),
                    DesignFileWords.POCKET_BETWEEN_TWO.of());
            between = List.of(NOWHERE, NOWHERE);
        }
        String id = fields.id("id");
        Formula depth = fields.requiredFormula("depth");
        DesignDefinition.Space space = new DesignDefinition.Space(
                fields.word("open", Side.class, Side::word).orElse(Side.TOP), fields.requiredFormula("width"),
                depth, fields.formula("room").orElse(depth), fields.formula("turned"),
                fields.text("flap").map(flap -> panel(fields, flap)), fields.flag("stuck"), fields.flag("corner"));
        DesignDefinition.Reach reach = new DesignDefinition.Reach(fields.requiredFormula("reach"),
                fields.formula("reachWanted").orElseGet(() -> fields.formula("3/4 in", fields.place())));
        return new Pocket(id, fields.text("label").orElse(id), between.get(0), between.get(1), space,
                fields.requiredText("holds"), reach,
                fields.text("change").orElse(""));
    }

    private Rule rule(YamlNode node) {
        try (Fields fields = fields(node, "A check")) {
            return new Rule(fields.id("id"), fields.requiredFormula("that"), fields.requiredTemplate("good"),
                    fields.requiredTemplate("else"),
                    fields.text("change"), !fields.text("verdict").orElse("bad").equals("watch"),
                    fields.formula("when"));
        }
    }
}
