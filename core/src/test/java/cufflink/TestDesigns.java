package cufflink;

import cufflink.design.DesignDefinition;
import cufflink.design.DesignSizer;
import cufflink.design.ExpressionFault;
import cufflink.design.ExpressionParser;
import cufflink.design.Face;
import cufflink.design.Formula;
import cufflink.design.Given;
import cufflink.design.Held;
import cufflink.design.Measure;
import cufflink.design.Measure.Role;
import cufflink.design.Occurs;
import cufflink.design.PartDefinition;
import cufflink.design.PieceDefinition;
import cufflink.design.PieceDefinition.AtX;
import cufflink.design.PieceDefinition.PanelName;
import cufflink.design.Rounding;
import cufflink.design.SizedDesign;
import cufflink.design.Template;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.PaperRole;
import cufflink.problem.Place;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Small designs for tests of the core, where there are no design files. */
public final class TestDesigns {
    private TestDesigns() {
    }

    public static Formula formula(String text) {
        try {
            return new Formula(ExpressionParser.parse(text), new Place("test", 1, 1));
        } catch (ExpressionFault fault) {
            throw new AssertionError(text + ": " + fault.getMessage(), fault);
        }
    }

    public static Measure measure(String name, Role role, String value, Rounding rounding, Optional<String> min,
            Optional<String> max) {
        Measure.Amount amount = new Measure.Amount(Optional.of(formula(value)), Optional.empty(), rounding,
                min.map(TestDesigns::formula), max.map(TestDesigns::formula));
        return new Measure(name, new Measure.Shown(name, "", Optional.empty()), role, amount, List.of(),
                Optional.empty(),
                Optional.empty());
    }

    /**
     * A strip 3 in high of panels with widths given as formulas; {@code folds} has one letter for each score between
     * them: v, m or d. The creases are c1, c2 ..., the panels p1, p2 ...; they are folded in the order of
     * {@code sequence}.
     */
    public static DesignDefinition strip(List<String> widths, String folds, List<String> sequence) {
        List<Measure> measures = List.of(
                measure("width", Role.FINISHED_WIDTH, "4 in", Rounding.NEAREST, Optional.of("1 in"), Optional.empty()),
                measure("height", Role.FINISHED_HEIGHT, "3 in", Rounding.NEAREST, Optional.of("1 in"),
                        Optional.empty()));
        List<Occurs<PieceDefinition.Score>> scores = new ArrayList<>();
        List<Occurs<PanelName>> panels = new ArrayList<>();
        StringBuilder x = new StringBuilder();
        for (int i = 0; i < widths.size(); i++) {
            x.append(i == 0 ? "" : " + ").append(widths.get(i));
            panels.add(Occurs.once(new PanelName(Template.of("p" + (i + 1)), Template.of("panel " + (i + 1)),
                    Optional.empty())));
            if (i < folds.length()) {
                String fold = Map.of('v', "valley", 'm', "mountain", 'd', "decorative").get(folds.charAt(i));
                scores.add(Occurs.once(new PieceDefinition.Score(Template.of("c" + (i + 1)),
                        new AtX(formula(x.toString()), Optional.empty(), Optional.empty()),
                        formula("'" + fold + "'"), Optional.empty(), false, Optional.empty())));
            }
        }
        PieceDefinition piece = new PieceDefinition(Template.of("base"), Template.of("Base"),
                new PieceDefinition.Source(PaperRole.material("card"), Optional.empty()),
                new PieceDefinition.Lying(Face.INSIDE, Optional.empty(), Optional.empty(), false, false,
                        Optional.empty()),
                formula(x.toString()),
                formula("height"), new PieceDefinition.Marks(scores, List.of(), List.of(),
                        folds.contains("d") ? List.of() : panels));
        List<Occurs<DesignDefinition.FoldStep>> steps = sequence.stream()
                .map(crease -> Occurs.once(new DesignDefinition.FoldStep(Template.of("base"),
                        List.of(Template.of(crease)), Optional.empty(), Optional.empty(),
                        new DesignDefinition.Said(Optional.empty(), Template.of("Fold " + crease + ".")), false,
                        false, List.of())))
                .toList();
        return new DesignDefinition(new DesignDefinition.Head("strip", "Strip", "test", "", "easy", List.of()),
                new DesignDefinition.Shown(Held.UPRIGHT, DesignDefinition.Angle.USUAL, Optional.empty()),
                measures,
                List.of(Occurs.once(piece)),
                new DesignDefinition.Making(List.of(), steps, List.of(), List.of(), DesignDefinition.Trim.NONE,
                        List.of()),
                new DesignDefinition.Claims(true, List.of(), Map.of(), List.of(), List.of()), List.of(),
                PartDefinition.Use.UNSAID);
    }

    /** The same, sized with its defaults. */
    public static SizedDesign sized(DesignDefinition definition) {
        return DesignSizer.size(definition, Given.defaults(RulerStep.SIXTEENTH_INCH, Length.ofMicrometres(300)))
                .orThrow();
    }
}
