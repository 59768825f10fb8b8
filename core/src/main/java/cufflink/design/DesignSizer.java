package cufflink.design;

import cufflink.design.PieceDefinition.AtX;
import cufflink.design.PieceDefinition.AtY;
import cufflink.design.PieceDefinition.Between;
import cufflink.design.SizedDesign.Along;
import cufflink.design.SizedDesign.Figure;
import cufflink.design.SizedDesign.Line;
import cufflink.measure.Length;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.DesignWords;
import cufflink.words.FormulaWords;
import cufflink.words.Message;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * Works a design out for what the maker gives. The one way from a {@link DesignDefinition} to a {@link SizedDesign}.
 */
public final class DesignSizer {
    /** Of a line with both its ends. */
    private static final Line NOWHERE = new Line(Along.LINE, Optional.empty(), Length.ZERO, Length.ZERO, Length.ZERO,
            Length.ZERO);

    private final DesignDefinition definition;
    private final Given given;
    private final List<Problem> problems = new ArrayList<>();
    private Worksheet sheet;
    private PageSizer pages;

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
        List<SizedDesign.Piece> pieces = sheet.all(definition.pieces(), this::piece);
        Set<String> known = ids(piece -> true);
        pages = new PageSizer(sheet, pieces, problems);
        List<Page> leafed = sheet.all(definition.claims().pages(), pages::page);
        SizedDesign design = new SizedDesign(definition, measures, pieces, making(left(known, pieces)), pockets(),
                new SizedDesign.Opening(poses(left(known, pieces)), leafed), judgements(measureSizer));
        if (problems.stream().noneMatch(Problem::isError)) {
            problems.addAll(new Consistency(design, known, ids(piece -> piece.lying().loose())).problems());
        }
        return problems.stream().anyMatch(Problem::isError) ? Outcome.failed(problems) : Outcome.of(design, problems);
    }

    /** The pieces that a condition leaves out. */
    private static Set<String> left(Set<String> known, List<SizedDesign.Piece> pieces) {
        Set<String> left = new HashSet<>(known);
        pieces.forEach(piece -> left.remove(piece.id()));
        return left;
    }

    /** Ids of pieces, those included that a condition leaves out. */
    private Set<String> ids(Predicate<PieceDefinition> wanted) {
        Set<String> ids = new HashSet<>();
        definition.pieces().stream().filter(piece -> wanted.test(piece.what()))
                .forEach(piece -> sheet.repeat(piece.repeat(), () -> ids.add(sheet.text(piece.what().id()))));
        return ids;
    }

    private SizedDesign.Piece piece(PieceDefinition piece) {
        String label = sheet.text(piece.label());
        Figure width = sheet.figure(label + " width", piece.width());
        Figure height = sheet.figure(label + " height", piece.height());
        for (Figure side : List.of(width, height)) {
            if (!side.length().isPositive() || side.length().isLongerThan(Length.ofMillimetres(10_000))) {
                problems.add(Problem.error(label,
                        DesignWords.PIECE_WITHOUT_SIZE.of("size", side.derivation().text(given.format()))));
            }
        }
        Line whole = new Line(Along.LINE, Optional.empty(), Length.ZERO, Length.ZERO, width.length(), height.length());
        return new SizedDesign.Piece(sheet.text(piece.id()), label, piece.source(),
                new SizedDesign.Lying(piece.up(), piece.lying().rests().map(sheet::text),
                        piece.lying().lean().map(sheet::degrees).orElse(0.0),
                        piece.lying().reversed().map(sheet::truth).orElse(false)),
                width, height,
                marks(piece.marks(), whole));
    }

    /** {@code whole} runs from corner to corner of the piece. */
    private SizedDesign.Marks marks(PieceDefinition.Marks marks, Line whole) {
        return new SizedDesign.Marks(
                sheet.all(marks.scores(), score -> score(score, whole)),
                sheet.all(marks.slits(),
                        slit -> new SizedDesign.Slit(sheet.text(slit.id()),
                                line(slit.line(), "slit " + sheet.text(slit.id()), whole),
                                slit.width().map(sheet::length).orElse(Length.ZERO), slit.joint())),
                sheet.all(marks.cutOuts(),
                        cut -> new SizedDesign.CutOut(sheet.text(cut.id()), cut.shape(),
                                cut.numbers().stream().map(sheet::length).toList(), cut.outside(), cut.through())),
                sheet.all(marks.panels(), panel -> new SizedDesign.PanelName(sheet.text(panel.id()),
                        sheet.text(panel.label()), panel.at().map(this::offset))),
                sheet.all(marks.laps(), lap -> new SizedDesign.Lap(sheet.length(lap.from()), sheet.length(lap.to()))));
    }

    private Score score(PieceDefinition.Score score, Line whole) {
        String id = sheet.text(score.id());
        return new Score(id, line(score.line(), "score " + id, whole), fold(score.fold()), making(score),
                score.second().filter(second -> isWide(score.width().orElseThrow()))
                        .map(second -> line(second, "score " + Score.second(id), whole)));
    }

    private Score.Making making(PieceDefinition.Score score) {
        return score.bent() ? Score.Making.BENT
                : score.pinched().map(sheet::truth).orElse(false) ? Score.Making.PINCHED : Score.Making.SCORED;
    }

    /** Whether a spine has a width; nothing makes it one line. */
    private boolean isWide(Formula width) {
        Length length = sheet.length(width);
        if (length.isNegative()) {
            sheet.problem(width, FormulaWords.SPINE_BELOW_NOTHING.of("width", given.format().text(length)));
        }
        return length.isPositive();
    }

    private SizedDesign.Offset offset(DesignDefinition.Spot spot) {
        return new SizedDesign.Offset(sheet.length(spot.x()), sheet.length(spot.y()));
    }

    private PanelRef panel(DesignDefinition.PanelPlace place) {
        return pages.panel(place);
    }

    private Line line(PieceDefinition.Line line, String label, Line whole) {
        return line.accept(new PieceDefinition.Line.Cases<>() {
            @Override
            public Line upright(AtX upright) {
                Figure at = sheet.figure(label, upright.x());
                return new Line(Along.X, Optional.of(at), at.length(),
                        upright.from().map(sheet::length).orElse(whole.y1()), at.length(),
                        upright.to().map(sheet::length).orElse(whole.y2()));
            }

            @Override
            public Line level(AtY level) {
                Figure at = sheet.figure(label, level.y());
                return new Line(Along.Y, Optional.of(at), level.from().map(sheet::length).orElse(whole.x1()),
                        at.length(), level.to().map(sheet::length).orElse(whole.x2()), at.length());
            }

            @Override
            public Line between(Between between) {
                return new Line(Along.LINE, Optional.empty(), sheet.length(between.x1()), sheet.length(between.y1()),
                        sheet.length(between.x2()), sheet.length(between.y2()));
            }
        });
    }

    private Fold fold(Formula formula) {
        String word = sheet.word(formula);
        for (Fold fold : Fold.values()) {
            if (fold.word().equals(word)) {
                return fold;
            }
        }
        problems.add(new Causes(definition, given).problem(formula,
                FormulaWords.NO_FOLD.of("word", word)));
        return Fold.DECORATIVE;
    }

    private SizedDesign.Making making(Set<String> left) {
        DesignDefinition.Making making = definition.making();
        return new SizedDesign.Making(sheet.all(making.mats(), this::mat),
                sheet.all(making.folding(), step -> step.opens() ? creasing(step) : List.of(folding(step))).stream()
                        .flatMap(List::stream).toList(),
                sheet.all(making.glue(), this::glue), sheet.all(making.stack(),
                        layers -> new SizedDesign.Layers(panel(layers.front()), panel(layers.behind()))),
                puts(), trim(making.trim(), left), sheet.all(making.finish(), this::said));
    }

    /** What lies on a piece that is left out is left out with it. */
    private SizedDesign.Trim trim(DesignDefinition.Trim trim, Set<String> left) {
        SoftSizer sizer = new SoftSizer(sheet, this::panel, this::said);
        return new SizedDesign.Trim(
                sheet.all(trim.soft(), sizer::soft).stream().filter(
                        soft -> soft.stays().stream().noneMatch(stay -> left.contains(stay.panel().piece()))).toList(),
                sheet.all(trim.fixings(), sizer::fixing).stream()
                        .filter(fixing -> !left.contains(fixing.panel().piece())).toList(),
                sheet.all(trim.ornaments(), new OrnamentSizer(sheet, this::panel)::ornament).stream()
                        .filter(ornament -> !left.contains(ornament.on().piece())).toList(),
                sheet.all(trim.scoring(), this::panelScore).stream()
                        .filter(scored -> !left.contains(scored.on().piece())).toList(),
                sheet.all(trim.laid(), this::laid).stream().filter(laid -> !left.contains(laid.on().piece()))
                        .toList());
    }

    private LaidContents laid(DesignDefinition.Laying laying) {
        return new LaidContents(laying.holds(), panel(laying.on()), laying.face(),
                laying.turned().map(sheet::truth).orElse(false));
    }

    private PanelScore panelScore(PanelScoring scoring) {
        PanelRef on = panel(scoring.on());
        return new PanelScore(on, scoring.face().orElseGet(() -> up(on.piece())), score(scoring.score(), NOWHERE));
    }

    /** How many parts by themselves a part is in, one in the other. */
    private int level(PartDefinition part) {
        return definition.container(part).map(container -> 1 + level(container)).orElse(0);
    }

    /**
     * What lies in something is put there before that goes anywhere, and before anything goes round it; what it is
     * posted in goes round it last.
     */
    private List<SizedDesign.PutStep> puts() {
        return definition.parts().stream().filter(PartDefinition::isApart).filter(part -> sheet.wanted(part.when()))
                .sorted(Comparator.comparingInt(this::level).reversed()
                        .thenComparing(PartDefinition::isAround).thenComparing(PartDefinition::isPosted))
                .map(part -> new SizedDesign.PutStep(part, part.seat().said().map(this::said))).toList();
    }

    /** On the face that lies up unless it says otherwise. */
    private SizedDesign.Mat mat(DesignDefinition.Mat mat) {
        PanelRef on = panel(mat.on());
        return new SizedDesign.Mat(on, mat.face().orElseGet(() -> up(on.piece())), sheet.text(mat.label()),
                mat.last());
    }

    private Face up(String id) {
        return definition.pieces().stream().filter(piece -> isNamed(piece, id)).map(piece -> piece.what().up())
                .findFirst().orElse(Face.INSIDE);
    }

    /** Whether a piece, or one of its repeats, has the id. */
    private boolean isNamed(Occurs<PieceDefinition> piece, String id) {
        boolean[] found = {false};
        sheet.repeat(piece.repeat(), () -> found[0] |= sheet.text(piece.what().id()).equals(id));
        return found[0];
    }

    private SizedDesign.FoldStep folding(DesignDefinition.FoldStep step) {
        return new SizedDesign.FoldStep(sheet.text(step.piece()), creases(step),
                step.to().map(sheet::degrees).orElse(180.0), said(step.said()), step.through(), false,
                step.tucks().stream()
                        .map(pair -> new SizedDesign.FoldStep.Tuck(sheet.text(pair.get(0)), sheet.text(pair.get(1))))
                        .toList());
    }

    private List<String> creases(DesignDefinition.FoldStep step) {
        List<String> creases = new ArrayList<>();
        sheet.repeat(step.together(), () -> step.creases().forEach(crease -> creases.add(sheet.text(crease))));
        return creases;
    }

    /** Each crease folded flat and opened again. */
    private List<SizedDesign.FoldStep> creasing(DesignDefinition.FoldStep step) {
        String piece = sheet.text(step.piece());
        SizedDesign.Said said = said(step.said());
        return creases(step).stream().flatMap(crease -> Stream.of(
                new SizedDesign.FoldStep(piece, List.of(crease), 180, said, false, false, List.of()),
                new SizedDesign.FoldStep(piece, List.of(crease), 0, said, false, true, List.of()))).toList();
    }

    private SizedDesign.Said said(DesignDefinition.Said said) {
        String all = sheet.text(said.all());
        return said.title().map(title -> new SizedDesign.Said(sheet.text(title), all))
                .orElseGet(() -> SizedDesign.Said.of(all));
    }

    private SizedDesign.Glue glue(DesignDefinition.Glue glue) {
        DesignDefinition.Host host = glue.host();
        Optional<SizedDesign.Placing> placing = host.placing()
                .map(placed -> new SizedDesign.Placing(offset(placed.at()),
                        placed.turn().map(sheet::degrees).orElse(0.0), placed.turned(),
                        placed.whole().map(whole -> new SizedDesign.Whole(offset(whole.inset()),
                                sheet.length(whole.width()), sheet.length(whole.height())))));
        Optional<Face> ofPage = pages.face(host.panel());
        return new SizedDesign.Glue(sheet.text(glue.id()), glue.way(), panel(glue.part()),
                new SizedDesign.Host(panel(host.panel()), host.face().or(() -> ofPage).orElse(Face.INSIDE), placing),
                glue.edges(),
                new SizedDesign.Passing(glue.passing().over().stream().map(this::panel).toList(),
                        glue.passing().under().stream().map(this::panel).toList(), glue.passing().slit()),
                said(glue.said()));
    }

    private List<SizedDesign.Pocket> pockets() {
        return sheet.all(definition.claims().pockets(), pocket -> new SizedDesign.Pocket(pocket,
                panel(pocket.front()), panel(pocket.back()),
                sheet.figure(pocket.label() + " width", pocket.space().width()),
                sheet.figure(pocket.label() + " depth", pocket.space().depth()),
                sheet.figure("room", pocket.space().room()), sheet.figure("reach", pocket.reach().here()),
                sheet.length(pocket.reach().wanted()),
                pocket.space().turned().map(sheet::truth).orElse(false)));
    }

    private SizedDesign.Round round(DesignDefinition.Round round, Set<String> left) {
        return new SizedDesign.Round(sheet.degrees(round.turn()), sheet.length(round.hole()),
                round.hubs().stream().map(this::panel).filter(hub -> !left.contains(hub.piece())).toList());
    }

    private Map<String, SizedDesign.Pose> poses(Set<String> left) {
        Map<String, SizedDesign.Pose> poses = new LinkedHashMap<>();
        definition.claims().poses().forEach((name, pose) -> {
            if (!sheet.wanted(pose.when())) {
                return;
            }
            String main = sheet.text(definition.main().id());
            Map<CreaseRef, Double> angles = new LinkedHashMap<>();
            sheet.repeat(pose.repeat(), () -> pose.angles()
                    .forEach((crease, angle) -> angles.put(CreaseRef.read(sheet.text(crease), main),
                            sheet.degrees(angle))));
            poses.put(name, new SizedDesign.Pose(pose.after(), pose.others().map(sheet::degrees), angles, pose.built(),
                    Optional.empty(), pose.round().map(round -> round(round, left))));
        });
        poses.putAll(pages.spreads());
        return poses;
    }

    private List<SizedDesign.Judgement> judgements(MeasureSizer measures) {
        // What is left out is worked out, but nobody is told what is wrong with it.
        List<PartDefinition> absent = definition.parts().stream().filter(part -> !sheet.wanted(part.when())).toList();
        Predicate<String> there = measure -> absent.stream().noneMatch(part -> part.has(measure));
        List<SizedDesign.Judgement> judgements = new ArrayList<>(measures.conflicts().stream()
                .filter(conflict -> conflict.change().filter(there).isPresent()).toList());
        judgements.addAll(new NegativeResults(definition).judge(measures.measuresFound(), there, given.format()));
        for (DesignDefinition.Rule rule : definition.claims().checks()) {
            if (sheet.wanted(rule.when())) {
                boolean holds = sheet.truth(rule.that());
                judgements.add(new SizedDesign.Judgement(rule.id(), rule.bad(), rule.change(), holds,
                        sheet.margin(rule.that()),
                        Message.plain(sheet.text(holds ? rule.good() : rule.otherwise()), "")));
            }
        }
        return judgements;
    }
}
