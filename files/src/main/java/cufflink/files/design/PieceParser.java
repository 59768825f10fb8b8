package cufflink.files.design;

import cufflink.paper.PaperRole;
import cufflink.design.DesignDefinition;
import cufflink.design.DesignDefinition.CutOut;
import cufflink.design.DesignDefinition.CutShape;
import cufflink.design.DesignDefinition.Line;
import cufflink.design.DesignDefinition.PanelName;
import cufflink.design.DesignDefinition.Piece;
import cufflink.design.DesignDefinition.Score;
import cufflink.design.DesignDefinition.Slit;
import cufflink.design.Expression;
import cufflink.design.Face;
import cufflink.design.Fold;
import cufflink.design.Formula;
import cufflink.design.Template;
import cufflink.problem.Problem;
import java.util.List;
import java.util.Optional;

/** Turns the tree of a piece into its definition: size, score lines, slits, cut-outs, names of panels. */
final class PieceParser {
    private final List<Problem> problems;

    PieceParser(List<Problem> problems) {
        this.problems = problems;
    }

    private Fields fields(YamlNode node, String what) {
        return new Fields(node, what, problems);
    }

    private static PaperRole material(Fields fields) {
        PaperRole material = PaperRole.read(fields.text("material").orElse("card"));
        if (material instanceof PaperRole.OfLayer) {
            fields.problem(fields.place(),
                    "“" + material + "” is the paper of a layer; a piece's material needs another name.");
        }
        return material;
    }

    /** A piece under its id. */
    Piece piece(String id, YamlNode node) {
        try (Fields fields = fields(node, "A piece")) {
            List<YamlNode> size = fields.list("size");
            if (size.size() != 2) {
                fields.problem(fields.place(), "A piece needs a size of two values: [width, height].");
                size = List.of(new YamlNode.Scalar("1 mm", fields.place()),
                        new YamlNode.Scalar("1 mm", fields.place()));
            }
            Face up = fields.word("up", Face.class, Face::word).orElse(Face.INSIDE);
            YamlNode where = new YamlNode.Scalar(id, node.place());
            return new Piece(fields.template(where),
                    fields.has("label") ? fields.template("label") : fields.template(where), material(fields),
                    fields.text("from"), fields.flag("loose"),
                    fields.has("rests") ? Optional.of(fields.template("rests")) : Optional.empty(), up,
                    fields.formula("when"), fields.repeat(), fields.formula(size.get(0)), fields.formula(size.get(1)),
                    fields.list("scores").stream().map(this::score).toList(),
                    fields.list("slits").stream().map(this::slit).toList(),
                    fields.list("cutOuts").stream().map(this::cutOut).toList(),
                    fields.list("panels").stream().map(this::panelName).toList());
        }
    }

    private Score score(YamlNode node) {
        try (Fields fields = fields(node, "A score")) {
            return new Score(fields.requiredTemplate("id"), line(fields), fold(fields), fields.formula("when"),
                    fields.repeat());
        }
    }

    /** A fold is one of three plain words, or a formula that gives one. */
    private static Formula fold(Fields fields) {
        String text = fields.requiredText("fold");
        for (Fold fold : Fold.values()) {
            if (fold.word().equals(text)) {
                return new Formula(new Expression.Quoted(0, text), fields.place());
            }
        }
        return fields.requiredFormula("fold");
    }

    private static Line line(Fields fields) {
        Optional<Formula> from = fields.formula("from");
        Optional<Formula> to = fields.formula("to");
        if (fields.has("x")) {
            return new DesignDefinition.AtX(fields.requiredFormula("x"), from, to);
        } else if (fields.has("y")) {
            return new DesignDefinition.AtY(fields.requiredFormula("y"), from, to);
        }
        List<Formula> ends = fields.list("line").stream().flatMap(point -> fields.items(point).stream())
                .map(fields::formula).toList();
        if (ends.size() != 4) {
            fields.problem(fields.place(), "A line needs x, or y, or line: [[x, y], [x, y]].");
            Formula nowhere = fields.formula("0 mm", fields.place());
            return new DesignDefinition.Between(nowhere, nowhere, nowhere, nowhere);
        }
        return new DesignDefinition.Between(ends.get(0), ends.get(1), ends.get(2), ends.get(3));
    }

    private Slit slit(YamlNode node) {
        try (Fields fields = fields(node, "A slit")) {
            return new Slit(fields.requiredTemplate("id"), line(fields), fields.formula("width"), fields.flag("joint"),
                    fields.formula("when"), fields.repeat());
        }
    }

    private CutOut cutOut(YamlNode node) {
        try (Fields fields = fields(node, "A cut-out")) {
            CutShape shape = fields.has("circle") ? CutShape.CIRCLE : fields.has("rounded") ? CutShape.ROUNDED
                    : CutShape.POLYGON;
            List<YamlNode> numbers = switch (shape) {
                case CIRCLE -> fields.list("circle");
                case ROUNDED -> fields.list("rounded");
                case POLYGON ->
                    fields.list("polygon").stream().flatMap(corner -> fields.items(corner).stream()).toList();
            };
            boolean right = switch (shape) {
                case CIRCLE -> numbers.size() == 3;
                case ROUNDED -> numbers.size() == 5;
                case POLYGON -> numbers.size() >= 6 && numbers.size() % 2 == 0;
            };
            if (!right) {
                fields.problem(fields.place(),
                        "A cut-out needs circle: [x, y, radius], rounded: [x, y, width, height, radius], or "
                                + "polygon: [[x, y], ...] with three corners or more.");
            }
            return new CutOut(fields.requiredTemplate("id"), shape, numbers.stream().map(fields::formula).toList(),
                    fields.flag("outside"), fields.flag("through"),
                    fields.formula("when"), fields.repeat());
        }
    }

    private PanelName panelName(YamlNode node) {
        if (node instanceof YamlNode.Scalar scalar) {
            return new PanelName(Template.of(scalar.text()), Template.of(scalar.text()), Optional.empty(),
                    Optional.empty(), Optional.empty());
        }
        try (Fields fields = fields(node, "A panel")) {
            Template id = fields.requiredTemplate("id");
            return new PanelName(id, fields.has("label") ? fields.template("label") : id, fields.spot(),
                    fields.formula("when"), fields.repeat());
        }
    }
}
