package cufflink.files.design;

import cufflink.design.Expression;
import cufflink.design.Face;
import cufflink.design.Fold;
import cufflink.design.Formula;
import cufflink.design.Occurs;
import cufflink.design.PieceDefinition;
import cufflink.design.PieceDefinition.CutOut;
import cufflink.design.PieceDefinition.CutShape;
import cufflink.design.PieceDefinition.Line;
import cufflink.design.PieceDefinition.PanelName;
import cufflink.design.PieceDefinition.Score;
import cufflink.design.PieceDefinition.Slit;
import cufflink.design.Template;
import cufflink.paper.PaperRole;
import cufflink.problem.Problem;
import cufflink.words.DesignFileWords;
import java.util.List;
import java.util.Optional;

/** Turns the tree of a piece into its definition: size, score lines, slits, cut-outs, names of panels. */
final class PieceParser {
    private PieceParser() {
    }

    private static PaperRole material(Fields fields) {
        PaperRole material = PaperRole.read(fields.text("material").orElse("card"));
        if (material instanceof PaperRole.OfLayer) {
            fields.problem(fields.place(),
                    DesignFileWords.PAPER_OF_A_LAYER.of("material", material));
        }
        return material;
    }

    /**
     * A piece under its id.
     *
     * @param lean degrees by which what is joined to it is turned as it is held
     */
    static Occurs<PieceDefinition> piece(String id, YamlNode node, Optional<Formula> lean, List<Problem> problems) {
        return Fields.occurs(node, "A piece", problems, fields -> piece(id, node, lean, fields));
    }

    private static PieceDefinition piece(String id, YamlNode node, Optional<Formula> lean, Fields fields) {
        List<YamlNode> size = fields.list("size");
        if (size.size() != 2) {
            fields.problem(fields.place(), DesignFileWords.SIZE_OF_TWO.of());
            size = List.of(new YamlNode.Scalar("1 mm", fields.place()), new YamlNode.Scalar("1 mm", fields.place()));
        }
        YamlNode where = new YamlNode.Scalar(id, node.place());
        PieceDefinition.Lying lying = new PieceDefinition.Lying(
                fields.word("up", Face.class, Face::word).orElse(Face.INSIDE),
                fields.has("rests") ? Optional.of(fields.template("rests")) : Optional.empty(), lean,
                fields.flag("loose"), fields.flag("standIn"), fields.formula("reversed"));
        return new PieceDefinition(fields.template(where),
                fields.has("label") ? fields.template("label") : fields.template(where),
                new PieceDefinition.Source(material(fields), fields.text("from")), lying, fields.formula(size.get(0)),
                fields.formula(size.get(1)),
                new PieceDefinition.Marks(fields.all("scores", "A score", PieceParser::score),
                        fields.all("slits", "A slit", PieceParser::slit),
                        fields.all("cutOuts", "A cut-out", PieceParser::cutOut),
                        fields.list("panels").stream().map(panel -> panelName(panel, fields)).toList(),
                        fields.all("joins", "A join", join -> new PieceDefinition.Lap(join.requiredFormula("from"),
                                join.requiredFormula("to")))));
    }

    private static Score score(Fields fields) {
        Line line = line(fields);
        Optional<Formula> width = fields.formula("width");
        if (width.isPresent() && line instanceof PieceDefinition.Between) {
            fields.problem(fields.place(), DesignFileWords.SPINE_ON_A_SLANT.of());
        }
        boolean bent = fields.flag("bent");
        if (bent && (width.isPresent() || fields.has("pinched"))) {
            fields.problem(fields.place(), DesignFileWords.BENT_ALONE.of());
        }
        return new Score(fields.requiredTemplate("id"), line, fold(fields), fields.formula("pinched"), bent, width);
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
            return new PieceDefinition.AtX(fields.requiredFormula("x"), from, to);
        } else if (fields.has("y")) {
            return new PieceDefinition.AtY(fields.requiredFormula("y"), from, to);
        }
        List<Formula> ends = fields.list("line").stream().flatMap(point -> fields.items(point).stream())
                .map(fields::formula).toList();
        if (ends.size() != 4) {
            fields.problem(fields.place(), DesignFileWords.NO_LINE.of());
            Formula nowhere = fields.formula("0 mm", fields.place());
            return new PieceDefinition.Between(nowhere, nowhere, nowhere, nowhere);
        }
        return new PieceDefinition.Between(ends.get(0), ends.get(1), ends.get(2), ends.get(3));
    }

    private static Slit slit(Fields fields) {
        return new Slit(fields.requiredTemplate("id"), line(fields), fields.formula("width"), fields.flag("joint"));
    }

    private static CutOut cutOut(Fields fields) {
        CutShape shape = fields.has("circle") ? CutShape.CIRCLE : fields.has("rounded") ? CutShape.ROUNDED
                : CutShape.POLYGON;
        List<YamlNode> numbers = switch (shape) {
            case CIRCLE -> fields.list("circle");
            case ROUNDED -> fields.list("rounded");
            case POLYGON -> fields.list("polygon").stream().flatMap(corner -> fields.items(corner).stream()).toList();
        };
        boolean right = switch (shape) {
            case CIRCLE -> numbers.size() == 3;
            case ROUNDED -> numbers.size() == 5;
            case POLYGON -> numbers.size() >= 6 && numbers.size() % 2 == 0;
        };
        if (!right) {
            fields.problem(fields.place(),
                    DesignFileWords.NO_SHAPE.of());
        }
        return new CutOut(fields.requiredTemplate("id"), shape, numbers.stream().map(fields::formula).toList(),
                fields.flag("outside"), fields.flag("through"));
    }

    /** A name alone, or with a label and a place. */
    private static Occurs<PanelName> panelName(YamlNode node, Fields parent) {
        if (node instanceof YamlNode.Scalar scalar) {
            return Occurs.once(new PanelName(Template.of(scalar.text()), Template.of(scalar.text()), Optional.empty()));
        }
        return parent.occurs(node, "A panel", fields -> {
            Template id = fields.requiredTemplate("id");
            return new PanelName(id, fields.has("label") ? fields.template("label") : id, fields.spot());
        });
    }
}
