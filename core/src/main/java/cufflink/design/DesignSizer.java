package cufflink.design;

import cufflink.design.DesignDefinition.AtX;
import cufflink.design.DesignDefinition.AtY;
import cufflink.design.DesignDefinition.Between;
import cufflink.design.SizedDesign.Along;
import cufflink.design.SizedDesign.Figure;
import cufflink.design.SizedDesign.Line;
import cufflink.measure.Length;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/**
 * Works a design out for what the maker gives. The one way from a {@link DesignDefinition} to a {@link SizedDesign}.
 */
public final class DesignSizer {
    private final DesignDefinition definition;
    private final Given given;
    private final List<Problem> problems = new ArrayList<>();
    private Worksheet sheet;

    private DesignSizer(DesignDefinition definition, Given given) {
        this.definition = definition;
        this.given = given;
    }

    /** The sized design with notices about changed wishes, or all the problems found. */
    public static Outcome<SizedDesign> size(DesignDefinition definition, Given given) {
        return new DesignSizer(definition, given).size();
    }

    private Outcome<SizedDesign> size() {
        MeasureSizer measureSizer = new MeasureSizer(definition, given, problems);
        Measures measures = measureSizer.measures();
        if (problems.stream().anyMatch(Problem::isError)) {
            return Outcome.failed(problems);
        }
        sheet = new Worksheet(measureSizer.scope(), measureSizer.labels(), definition, given, problems);
        SizedDesign design = new SizedDesign(definition, measures, pieces(), mats(), folding(), glue(), pockets(),
                stack(), poses(), definition.lean().map(sheet::degrees).orElse(0.0), judgements(measureSizer));
        if (problems.stream().noneMatch(Problem::isError)) {
            problems.addAll(new Consistency(design, ids(piece -> true), ids(DesignDefinition.Piece::loose)).problems());
        }
        return problems.stream().anyMatch(Problem::isError) ? Outcome.failed(problems) : Outcome.of(design, problems);
    }

    /** Ids of pieces, those included that a condition leaves out. */
    private Set<String> ids(Predicate<DesignDefinition.Piece> wanted) {
        Set<String> ids = new HashSet<>();
        definition.pieces().stream().filter(wanted)
                .forEach(piece -> sheet.repeat(piece.repeat(), () -> ids.add(sheet.text(piece.id()))));
        return ids;
    }

    private List<SizedDesign.Piece> pieces() {
        List<SizedDesign.Piece> pieces = new ArrayList<>();
        definition.pieces().forEach(piece -> repeat(piece.repeat(), piece.when(), () -> pieces.add(piece(piece))));
        return pieces;
    }

    private SizedDesign.Piece piece(DesignDefinition.Piece piece) {
        String label = sheet.text(piece.label());
        Figure width = sheet.figure(label + " width", piece.width());
        Figure height = sheet.figure(label + " height", piece.height());
        for (Figure side : List.of(width, height)) {
            if (!side.length().isPositive() || side.length().isLongerThan(Length.ofMillimetres(10_000))) {
                problems.add(Problem.error(label,
                        side.derivation().text(given.format()) + ": a piece must be more than 0 and at most 10 m.",
                        "Change the measures it is made of."));
            }
        }
        Line all = new Line(Along.LINE, Optional.empty(), Length.ZERO, Length.ZERO, width.length(), height.length());
        List<SizedDesign.Score> scores = new ArrayList<>();
        piece.scores().forEach(score -> repeat(score.repeat(), score.when(), () -> scores.add(new SizedDesign.Score(
                sheet.text(score.id()), line(score.line(), "score " + sheet.text(score.id()), all),
                fold(score.fold())))));
        List<SizedDesign.Slit> slits = new ArrayList<>();
        piece.slits()
                .forEach(slit -> repeat(slit.repeat(), slit.when(),
                        () -> slits.add(new SizedDesign.Slit(sheet.text(slit.id()),
                                line(slit.line(), "slit " + sheet.text(slit.id()), all),
                                slit.width().map(sheet::length).orElse(Length.ZERO), slit.joint()))));
        List<SizedDesign.CutOut> cutOuts = new ArrayList<>();
        piece.cutOuts().forEach(cut -> repeat(cut.repeat(), cut.when(), () -> cutOuts.add(new SizedDesign.CutOut(
                sheet.text(cut.id()), cut.shape(), cut.numbers().stream().map(sheet::length).toList(), cut.outside(),
                cut.through()))));
        List<SizedDesign.PanelName> names = new ArrayList<>();
        piece.panels()
                .forEach(panel -> repeat(panel.repeat(), panel.when(),
                        () -> names.add(new SizedDesign.PanelName(sheet.text(panel.id()),
                                sheet.text(panel.label()), panel.at().map(this::offset)))));
        return new SizedDesign.Piece(sheet.text(piece.id()), label, piece.material(), piece.from(),
                piece.rests().map(sheet::text), piece.up(), width, height, scores, slits, cutOuts, names);
    }

    private SizedDesign.Offset offset(DesignDefinition.Spot spot) {
        return new SizedDesign.Offset(sheet.length(spot.x()), sheet.length(spot.y()));
    }

    private PanelRef panel(DesignDefinition.PanelPlace place) {
        return new PanelRef(sheet.text(place.piece()), sheet.text(place.panel()));
    }

    /** Whether a piece, or one of its repeats, has the id. */
    private boolean isNamed(DesignDefinition.Piece piece, String id) {
        boolean[] found = {false};
        sheet.repeat(piece.repeat(), () -> found[0] |= sheet.text(piece.id()).equals(id));
        return found[0];
    }

    private Line line(DesignDefinition.Line line, String label, Line all) {
        if (line instanceof AtX upright) {
            Figure at = sheet.figure(label, upright.x());
            return new Line(Along.X, Optional.of(at), at.length(), upright.from().map(sheet::length).orElse(all.y1()),
                    at.length(), upright.to().map(sheet::length).orElse(all.y2()));
        } else if (line instanceof AtY level) {
            Figure at = sheet.figure(label, level.y());
            return new Line(Along.Y, Optional.of(at), level.from().map(sheet::length).orElse(all.x1()), at.length(),
                    level.to().map(sheet::length).orElse(all.x2()), at.length());
        }
        Between between = (Between) line;
        return new Line(Along.LINE, Optional.empty(), sheet.length(between.x1()), sheet.length(between.y1()),
                sheet.length(between.x2()),
                sheet.length(between.y2()));
    }

    private Fold fold(Formula formula) {
        String word = sheet.word(formula);
        for (Fold fold : Fold.values()) {
            if (fold.word().equals(word)) {
                return fold;
            }
        }
        problems.add(new Causes(definition, given).problem(formula,
                "fold must be valley, mountain or decorative, not “" + word + "”"));
        return Fold.DECORATIVE;
    }

    private List<SizedDesign.Mat> mats() {
        List<SizedDesign.Mat> mats = new ArrayList<>();
        for (DesignDefinition.Mat mat : definition.mats()) {
            repeat(mat.repeat(), mat.when(), () -> {
                PanelRef on = new PanelRef(sheet.text(mat.piece()), sheet.text(mat.panel()));
                Face up = definition.pieces().stream().filter(piece -> isNamed(piece, on.piece()))
                        .map(DesignDefinition.Piece::up).findFirst()
                        .orElse(Face.INSIDE);
                mats.add(new SizedDesign.Mat(on, mat.face().orElse(up), sheet.text(mat.label())));
            });
        }
        return mats;
    }

    private List<SizedDesign.FoldStep> folding() {
        List<SizedDesign.FoldStep> steps = new ArrayList<>();
        for (DesignDefinition.FoldStep step : definition.folding()) {
            repeat(step.repeat(), step.when(),
                    () -> steps.addAll(step.opens() ? creasing(step) : List.of(folding(step))));
        }
        return steps;
    }

    private SizedDesign.FoldStep folding(DesignDefinition.FoldStep step) {
        return new SizedDesign.FoldStep(sheet.text(step.piece()), step.creases().stream().map(sheet::text).toList(),
                step.to().map(sheet::degrees).orElse(180.0), sheet.text(step.say()), step.through(),
                step.tucks().stream()
                        .map(pair -> new SizedDesign.FoldStep.Tuck(sheet.text(pair.get(0)), sheet.text(pair.get(1))))
                        .toList());
    }

    /** Each crease folded flat and opened again. */
    private List<SizedDesign.FoldStep> creasing(DesignDefinition.FoldStep step) {
        List<SizedDesign.FoldStep> steps = new ArrayList<>();
        step.creases().stream().map(sheet::text).forEach(crease -> {
            steps.add(new SizedDesign.FoldStep(sheet.text(step.piece()), List.of(crease), 180, sheet.text(step.say()),
                    false, List.of()));
            steps.add(new SizedDesign.FoldStep(sheet.text(step.piece()), List.of(crease), 0, sheet.text(step.say()),
                    false, true, List.of()));
        });
        return steps;
    }

    private List<SizedDesign.Glue> glue() {
        List<SizedDesign.Glue> glue = new ArrayList<>();
        for (DesignDefinition.Glue part : definition.glue()) {
            repeat(part.repeat(), part.when(),
                    () -> glue.add(new SizedDesign.Glue(sheet.text(part.id()), part.way(), panel(part.part()),
                            panel(part.onto()),
                            part.face().orElse(Face.INSIDE),
                            part.at()
                                    .map(at -> new SizedDesign.Placing(offset(at),
                                            part.turn().map(sheet::degrees).orElse(0.0), part.turned())),
                            part.edges(), part.free(), part.overhang(), part.over().stream().map(this::panel).toList(),
                            part.under().stream().map(this::panel).toList(), part.slit(),
                            sheet.text(part.say()))));
        }
        return glue;
    }

    private List<SizedDesign.Layers> stack() {
        List<SizedDesign.Layers> stack = new ArrayList<>();
        definition.stack().forEach(layers -> repeat(layers.repeat(), layers.when(),
                () -> stack.add(new SizedDesign.Layers(panel(layers.front()), panel(layers.behind())))));
        return stack;
    }

    private List<SizedDesign.Pocket> pockets() {
        return definition.pockets().stream()
                .map(pocket -> new SizedDesign.Pocket(pocket, sheet.figure(pocket.label() + " width", pocket.width()),
                        sheet.figure(pocket.label() + " depth", pocket.depth()), sheet.figure("room", pocket.room()),
                        sheet.figure("reach", pocket.reach()), sheet.length(pocket.reachWanted())))
                .toList();
    }

    private Map<String, SizedDesign.Pose> poses() {
        Map<String, SizedDesign.Pose> poses = new LinkedHashMap<>();
        definition.poses().forEach((name, pose) -> {
            if (!sheet.wanted(pose.when())) {
                return;
            }
            String main = sheet.text(definition.main().id());
            Map<CreaseRef, Double> angles = new LinkedHashMap<>();
            sheet.repeat(pose.repeat(), () -> pose.angles()
                    .forEach((crease, angle) -> angles.put(CreaseRef.read(sheet.text(crease), main), sheet.degrees(angle))));
            poses.put(name, new SizedDesign.Pose(pose.after(), pose.others().map(sheet::degrees), angles));
        });
        return poses;
    }

    private List<SizedDesign.Judgement> judgements(MeasureSizer measures) {
        List<SizedDesign.Judgement> judgements = new ArrayList<>(measures.conflicts());
        judgements.addAll(new NegativeResults(definition).judge(measures.measuresFound(), given.format()));
        for (DesignDefinition.Rule rule : definition.checks()) {
            if (sheet.wanted(rule.when())) {
                boolean holds = sheet.truth(rule.that());
                judgements.add(new SizedDesign.Judgement(rule.id(), rule.bad(), rule.change(), holds,
                        sheet.margin(rule.that()), sheet.text(holds ? rule.good() : rule.otherwise())));
            }
        }
        return judgements;
    }

    private void repeat(Optional<DesignDefinition.Repeat> repeat, Optional<Formula> when, Runnable each) {
        sheet.repeat(repeat, () -> {
            if (sheet.wanted(when)) {
                each.run();
            }
        });
    }
}
