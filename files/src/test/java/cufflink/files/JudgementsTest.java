package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Check;
import cufflink.check.Verdict;
import cufflink.design.Face;
import cufflink.design.PanelRef;
import cufflink.design.PartAdding;
import cufflink.design.PartPlace;
import cufflink.design.Raise;
import cufflink.files.design.BuiltInDesigns;
import cufflink.files.design.DesignFileReader;
import cufflink.fit.Wish;
import cufflink.mat.MatSettings;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.BenchTools;
import cufflink.paper.GrainRule;
import cufflink.paper.Weight;
import cufflink.paper.PaperRole;
import cufflink.paper.NamedSize;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.words.CheckWords;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Whatever a judge can say is said of some card, good or bad as it should be, with something to do where it is bad. */
class JudgementsTest {
    /** A roll, a gate and a pocket in one, with a measure for each thing that can go wrong. */
    private static final String TRIAL = """
            id: trial
            title: Trial
            group: card base
            measures:
              width:  {is: finished width, default: 4 in}
              height: {is: finished height, default: 3 in}
              narrow: {default: 2 in, min: 0 mm}
              bend:   {is: angle, default: 180 deg}
              swing:  {is: angle, default: 180 deg}
              claim:  {default: 1 in}
              hole:   {default: 1/2 in}
              holds:  {is: contents, default: 1 x 1 in}
            pieces:
              base:
                size: [2 * width + narrow, height]
                scores:
                  - {id: left, x: narrow, fold: valley}
                  - {id: right, x: narrow + width, fold: valley}
                cutOuts: [{id: hole, circle: [narrow + width * 3/4, hole, 1/8 in]}]
                panels: [narrow, back, front]
              tag: {size: [2 in, 1 1/2 in], panels: [tag]}
            folding:
              - {fold: [left], say: Fold the narrow leaf.}
              - {fold: [right], to: bend, say: Fold the front.}
            glue:
              - {id: tag, glue: tag.tag, onto: base.back, face: inside, at: [1 in, 1 in], edges: [left, right, bottom], say: Glue it.}
            pockets:
              - {id: pocket, label: The pocket, between: [base.back, tag.tag], open: top, width: claim, depth: 1 in, holds: holds, reach: 1 in}
            poses:
              swung: {left: swing}
            checks: []
            """;

    private static Project banded(Project project) {
        return project.withPart(PartAdding.part(project.design(), "band",
                Plans.project("belly-band").design(), new PartPlace.Around()).orThrow());
    }

    private static Project trial() {
        return trial(TRIAL);
    }

    private static Project trial(String text) {
        return Project.of(DesignFileReader.read("trial.yaml", text).orThrow(), RulerStep.SIXTEENTH_INCH);
    }

    private static Project set(String design, String... settings) {
        return with(Plans.project(design), settings);
    }

    private static Project with(Project project, String... settings) {
        Project result = project;
        for (String setting : settings) {
            result = result.withSet(setting.split("=")[0], setting.split("=")[1]);
        }
        return result;
    }

    private static Project readyCut(String width) {
        Project card = set("half-fold");
        Length side = Plans.length(width);
        return card.withMats(card.mats().with(new PanelRef("base", "front"), new MatSettings.OnPanel(Optional.of(1),
                Optional.empty(), Optional.of(side), Optional.of(Length.ofInches(5)))));
    }

    /** With a string from leaf to leaf, something of it said otherwise. */
    private static Project strung(String other) {
        String at = other.contains("at:") ? "[9 in, 1 in]" : "[1 in, 1 in]";
        String on = other.contains("on:") ? "base.front, face: outside" : "base.back, face: inside";
        return trial(TRIAL + """
                soft:
                  - {id: string, of: string, width: 1 mm, thickness: 1 mm, say: Glue it.,
                     way: [{on: base.front, face: inside, at: [1 in, 1 in]}, {on: %s, at: %s}]%s}
                """.formatted(on, at, other.contains("length") ? other : ""));
    }

    private static Project inBoard(Project project) {
        return project.withPaper(project.cardRole(), Stock.plain("Board", Plans.sheet("Letter"), 700));
    }

    private static Project inEnvelope(String width, String height) {
        NamedSize envelope = new NamedSize(NamedSize.Kind.ENVELOPE, "trial", Plans.length(width), Plans.length(height),
                List.of(), "test");
        return set("half-fold").withEnvelope(Optional.of(envelope));
    }

    private static Project onBench(Project project, int trimmer, int board) {
        return project.withTools(new BenchTools(Length.ofInches(trimmer), Length.ofInches(board),
                Length.ofInches(board), Length.ofInches(1, 8), GrainRule.PREFER));
    }

    /** A whole sheet of card, whose fold runs along its height, and fibres that run along its width. */
    private static Project across(double weight, GrainRule rule) {
        Project whole = set("half-fold", "width=4 1/4 in", "height=11 in");
        Stock card = whole.card();
        return whole
                .withPaper(PaperRole.material("card"),
                        new Stock(card.name(), card.width(), card.height(), Weight.gsm(weight), Optional.empty(),
                                card.face(), card.back(), false, Stock.Grain.ALONG_WIDTH))
                .withTools(new BenchTools(Length.ofInches(12), Length.ofInches(12), Length.ofInches(12),
                        Length.ofInches(1, 8), rule));
    }

    /** From 200 g/m² on (common practice), and only where the fold lies across. */
    @Test
    void lightCard_foldsAcrossItsGrain_withoutAWord() {
        assertTrue(Plans.plan(across(160, GrainRule.PREFER)).checks().stream()
                .noneMatch(check -> check.id().equals("grain")));
        Project turned = across(250, GrainRule.PREFER).withSet("height", "5 in");
        assertTrue(Plans.plan(turned).checks().stream().noneMatch(check -> check.id().equals("grain")),
                "laid along it where that takes no more paper");
    }

    private static Arguments row(CheckWords code, Verdict verdict, Project project) {
        return Arguments.of(code, verdict, project);
    }

    private static Stream<Arguments> judgements() {
        List<Arguments> rows = new ArrayList<>();
        Project gate = set("overlapping-gate");
        Project half = set("half-fold");
        rows.addAll(List.of(row(CheckWords.FOLDS_FLAT, Verdict.GOOD, half), row(CheckWords.MOVES, Verdict.GOOD, half),
                row(CheckWords.SHEETS, Verdict.GOOD, half), row(CheckWords.LAYERS_SMALLER, Verdict.GOOD, half),
                row(CheckWords.THROUGH_THE_TRIMMER, Verdict.GOOD, half),
                row(CheckWords.EVERY_GROOVE, Verdict.GOOD, set("half-fold", "width=4 in")),
                row(CheckWords.NOTHING_STANDS_OUT, Verdict.GOOD, half),
                row(CheckWords.HIDDEN, Verdict.WATCH, set("half-fold", "ribs=1")),
                row(CheckWords.CROWDED, Verdict.BAD, set("half-fold", "ribs=4", "ribEdges=both", "ribPitch=11/16 in")),
                row(CheckWords.PIECES_NOT_GIVEN, Verdict.BAD, set("half-fold", "width=6 in")),
                row(CheckWords.LONGER_THAN_TRIMMER, Verdict.WATCH, onBench(half, 5, 12)),
                row(CheckWords.ACROSS_THE_GRAIN, Verdict.WATCH, across(250, GrainRule.IGNORE)),
                row(CheckWords.ACROSS_THE_GRAIN_ALL_THE_SAME, Verdict.WATCH, across(250, GrainRule.PREFER)),
                row(CheckWords.SCORE_BEYOND_BOARD, Verdict.BAD, onBench(half, 12, 1)),
                row(CheckWords.SCORE_PAST_BOARD, Verdict.WATCH, onBench(gate, 12, 5)),
                row(CheckWords.SCORES_BEYOND_BOARD, Verdict.BAD, set("rosette", "diameter=12 in")),
                row(CheckWords.SCORES_PAST_BOARD, Verdict.WATCH, set("rosette", "diameter=6 in")),
                row(CheckWords.SCORE_LONGER_THAN_BOARD, Verdict.WATCH, onBench(gate, 12, 5)),
                row(CheckWords.BETWEEN_GROOVES, Verdict.GOOD, set("half-fold", "width=4 1/16 in")),
                row(CheckWords.BETWEEN_GROOVES_ALL_THE_SAME, Verdict.WATCH,
                        with(half.withTools(half.tools().withOnGrooves(true)), "width=4 1/16 in")),
                row(CheckWords.LAYER_TOO_LARGE, Verdict.BAD, readyCut("4 1/2 in")),
                row(CheckWords.LAYER_TO_THE_EDGE, Verdict.WATCH, readyCut("4 1/4 in")),
                row(CheckWords.RULE, Verdict.GOOD, gate),
                row(CheckWords.RULE_TO_CHANGE, Verdict.BAD, set("overlapping-gate", "cover=2 in", "underlap=1 in")),
                row(CheckWords.OPENINGS_FREE, Verdict.GOOD, set("crossover")),
                row(CheckWords.STANDS_OUT, Verdict.BAD, set("centre-step", "step=2 in"))));
        rows.addAll(List.of(row(CheckWords.GOES_INTO, Verdict.GOOD, inEnvelope("4 1/2 in", "6 in")),
                row(CheckWords.GOES_TIGHTLY_INTO, Verdict.WATCH, inEnvelope("4 5/16 in", "5 9/16 in")),
                row(CheckWords.TOO_LARGE_FOR, Verdict.BAD, inEnvelope("4 in", "6 in")),
                row(CheckWords.TOO_LARGE_FOR_FITTED, Verdict.BAD,
                        with(half, "width=5 in", "height=7 in")
                                .withWish(new Wish.InEnvelope(Plans.envelope("A2"), Length.ofInches(1, 8)))),
                row(CheckWords.LETTER, Verdict.GOOD, inEnvelope("4 3/8 in", "5 3/4 in")),
                row(CheckWords.LETTER_OF_ODD_SHAPE, Verdict.WATCH, inEnvelope("6 in", "6 in")),
                row(CheckWords.NO_LETTER, Verdict.WATCH, inEnvelope("12 in", "9 in")),
                row(CheckWords.PART_HOLDS, Verdict.GOOD, set("crossover")),
                row(CheckWords.ALL_PARTS_HOLD, Verdict.GOOD, set("diamond-tree")),
                row(CheckWords.PART_BESIDE, Verdict.BAD, set("slot-concertina", "side=1/8 in")),
                row(CheckWords.PART_HARDLY_HELD, Verdict.BAD, set("crossover", "drop=1/8 in")),
                row(CheckWords.EDGE_HARDLY_HELD, Verdict.BAD, set("waterfall", "width=40 in")),
                row(CheckWords.PART_OVER_OPENING, Verdict.BAD, with(trial(), "hole=1 1/2 in")),
                row(CheckWords.DOES_NOT_CLOSE, Verdict.BAD, set("flip-flap", "flapWidth=1/8 in")),
                row(CheckWords.NOT_SIZED, Verdict.BAD, banded(set("flip-flap", "flapWidth=1/8 in"))),
                row(CheckWords.DOES_NOT_FOLD, Verdict.BAD, with(trial(), "narrow=5 in")),
                row(CheckWords.ENDS_NOT_FLAT, Verdict.WATCH, with(trial(), "bend=90 deg")),
                row(CheckWords.POSE_NOT_REACHED, Verdict.BAD, with(trial(), "swing=20 deg")),
                row(CheckWords.TOO_NARROW, Verdict.BAD, with(trial(), "narrow=1/32 in")),
                row(CheckWords.POCKET_SMALLER, Verdict.BAD, with(trial(), "claim=3 in"))));
        Project holder = set("m-fold-holder");
        rows.addAll(List.of(row(CheckWords.WIDE_ENOUGH, Verdict.GOOD, holder),
                row(CheckWords.ROOM_ENOUGH, Verdict.GOOD, holder), row(CheckWords.DEEP_ENOUGH, Verdict.GOOD, holder),
                row(CheckWords.CAN_BE_GRIPPED, Verdict.GOOD, holder),
                row(CheckWords.POCKET_MADE, Verdict.GOOD, holder),
                row(CheckWords.HELD_BY_GLUE, Verdict.GOOD, Plans.project("turned-tag")),
                row(CheckWords.NOT_WIDE_ENOUGH, Verdict.BAD, set("m-fold-holder", "contents=8 x 10 in")),
                row(CheckWords.NOT_ROOM_ENOUGH, Verdict.BAD, set("m-fold-holder", "contents=8 x 10 in")),
                row(CheckWords.NOT_DEEP_ENOUGH, Verdict.BAD, set("m-fold-holder", "contents=8 x 10 in")),
                row(CheckWords.HARD_TO_GRIP, Verdict.WATCH, set("m-fold-holder", "notch=1/8 in")),
                row(CheckWords.NO_POCKET, Verdict.BAD,
                        trial(TRIAL.replace("edges: [left, right, bottom]", "edges: [bottom]"))),
                row(CheckWords.GOES_ROUND, Verdict.WATCH, set("m-fold-holder", "contents=1 x 1 x 1/2 in"))));
        rows.addAll(List.of(row(CheckWords.SOFT_REACHES, Verdict.GOOD, strung("")),
                row(CheckWords.SOFT_REACHES_CLOSED, Verdict.GOOD, set("ribbon-tie")),
                row(CheckWords.SOFT_TOO_SHORT, Verdict.BAD, strung(", length: 1 in")),
                row(CheckWords.SOFT_BESIDE, Verdict.BAD, strung(", at: [9 in, 1 in]")),
                row(CheckWords.SOFT_NOT_MEASURED, Verdict.BAD,
                        Plans.adding(set("flip-flap", "flapWidth=1/8 in"), "tie=ribbon-tie@base.panel:outside")
                                .orThrow()),
                row(CheckWords.SOFT_NOT_COVERED, Verdict.BAD,
                        Plans.adding(half, "tie=ribbon-tie@base.back:inside").orThrow()),
                row(CheckWords.FIXING_BESIDE, Verdict.BAD, trial(TRIAL
                        + "hardware:\n  - {id: brad, on: base.front, at: [0 mm, 1 in], say: Put it in.}\n")),
                row(CheckWords.SOFT_PIERCES, Verdict.BAD, strung(", on: base.front"))));
        rows.addAll(List.of(row(CheckWords.CREEPS_A_LITTLE, Verdict.GOOD, set("nested-diagonal-pockets")),
                row(CheckWords.CREEPS, Verdict.WATCH, inBoard(set("nested-diagonal-pockets"))),
                row(CheckWords.SPINE_GOES_ROUND, Verdict.GOOD, set("spine-fold")),
                row(CheckWords.SPINE_HOLLOW, Verdict.WATCH, set("spine-fold", "spine=1 in")),
                row(CheckWords.SPINE_TOO_NARROW, Verdict.BAD,
                        with(Plans.adding(set("spine-fold"), "sleeve=notch-sleeve@base.back:inside").orThrow(),
                                "sleeve.holds=3 x 2 x 1/4 in", "spine=1/8 in"))));
        rows.addAll(ornaments(half));
        rows.add(row(CheckWords.POCKET_THE_OTHER_WAY, Verdict.BAD,
                trial(turnedRound(BuiltInDesigns.text("m-fold-holder")))));
        rows.addAll(pagesAndStanding());
        rows.add(row(CheckWords.MOUTH_CLOSED, Verdict.BAD, trial(TRIAL.replace("open: top", "open: bottom"))));
        return rows.stream();
    }

    /** The front of its pocket named last. */
    private static String turnedRound(String design) {
        return design.replaceAll("between: \\[([^,]+), ([^\\]]+)\\]", "between: [$2, $1]");
    }

    private static List<Arguments> pagesAndStanding() {
        Project purse = Plans.project("gusset-purse");
        return List.of(row(CheckWords.LAID_BEYOND, Verdict.BAD, set("ribbon-wallet", "holds=8 x 10 in", "width=5 in")),
                row(CheckWords.SCORED_PAST, Verdict.BAD,
                        Plans.adding(set("criss-cross-pocket"), "lines=scored-panel@outer.triangle:outside").orThrow()),
                row(CheckWords.STANDS, Verdict.GOOD, purse),
                row(CheckWords.STANDS_IN_NO_ENVELOPE, Verdict.BAD,
                        purse.withEnvelope(Optional.of(Plans.envelope("A2")))),
                row(CheckWords.REHEARSED, Verdict.GOOD, purse),
                row(CheckWords.REHEARSAL_FAILS, Verdict.BAD, Project.of(DesignFileReader.read("purse.yaml",
                        BuiltInDesigns.text("gusset-purse").replace("label: Holder\n", "label: Flap\n")).orThrow(),
                        RulerStep.SIXTEENTH_INCH)),
                row(CheckWords.LIES_ROUND, Verdict.GOOD, set("rosette")),
                row(CheckWords.ROUND_IN_NO_ENVELOPE, Verdict.BAD,
                        set("rosette").withEnvelope(Optional.of(Plans.envelope("A2")))),
                row(CheckWords.PAGES_UPRIGHT, Verdict.GOOD, set("strip-album")),
                row(CheckWords.COVERS_ALIKE, Verdict.GOOD, set("strip-album")),
                row(CheckWords.COVERS_DIFFER, Verdict.WATCH, set("strip-album", "panels=5")),
                row(CheckWords.CORNER_LARGE_ENOUGH, Verdict.GOOD, set("corner-note")),
                row(CheckWords.CORNER_TOO_SMALL, Verdict.BAD, set("corner-note", "corner.size=1 in")));
    }

    private static List<Arguments> ornaments(Project half) {
        PanelRef front = new PanelRef("base", "front");
        PanelRef back = new PanelRef("base", "back");
        Project past = half.withOrnament(Plans.strip("strip", front, Face.OUTSIDE, 90, 50, 40, 20));
        Project pads = half
                .withOrnament(Plans.strip("one", front, Face.INSIDE, 30, 50, 40, 20).withHeight(Raise.ONE_PAD.height()))
                .withOrnament(Plans.strip("two", back, Face.INSIDE, 30, 50, 60, 20).withHeight(Raise.ONE_PAD.height()));
        Project pocket = Plans.adding(half, "pocket=panel-pockets@base.back:inside").orThrow();
        return List.of(row(CheckWords.ORNAMENT_ON_NO_PANEL, Verdict.BAD,
                half.withOrnament(Plans.strip("strip", new PanelRef("base", "none"), Face.OUTSIDE, 0, 0, 9, 9))),
                row(CheckWords.ORNAMENT_IN_THE_WAY, Verdict.BAD,
                        half.withOrnament(Plans.strip("strip", front, Face.INSIDE, 90, 50, 40, 20))),
                row(CheckWords.ORNAMENT_CLOSES_MOUTH, Verdict.BAD,
                        pocket.withOrnament(Plans.strip("strip", back, Face.INSIDE, 30, 10, 40, 20))),
                row(CheckWords.ORNAMENT_HARDLY_HELD, Verdict.BAD,
                        half.withOrnament(Plans.strip("strip", front, Face.OUTSIDE, 105, 50, 40, 20))),
                row(CheckWords.ORNAMENT_POKES_OUT, Verdict.WATCH, past),
                row(CheckWords.ORNAMENT_REACHES_PAST, Verdict.GOOD, past),
                row(CheckWords.ORNAMENTS_LIE_WELL, Verdict.GOOD, pads),
                row(CheckWords.ORNAMENTS_MEET, Verdict.GOOD, pads),
                row(CheckWords.PADS_MEET, Verdict.WATCH, pads.withEnvelope(Optional.of(Plans.envelope("A2")))),
                row(CheckWords.WORDS_HAVE_A_PLACE, Verdict.GOOD, pads),
                row(CheckWords.NO_PLACE_FOR_WORDS, Verdict.WATCH,
                        half.withOrnament(Plans.strip("strip", front, Face.OUTSIDE, 0, 5, 107.95, 130))),
                row(CheckWords.ORNAMENT_KEEPS_DRY, Verdict.GOOD, Plans.project("overlapping-gate").withOrnament(
                        Plans.strip("strip", new PanelRef("base", "cover"), Face.OUTSIDE, -20, 0, 60, 20))));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("judgements")
    void isSaid(CheckWords code, Verdict verdict, Project project) {
        Plan plan = Planner.plan(project).orThrow();
        List<Check> found = plan.checks().stream().filter(check -> check.message().code() == code).toList();
        assertFalse(found.isEmpty(), plan.checks().toString());
        assertTrue(found.stream().allMatch(check -> check.verdict() == verdict), found.toString());
        assertTrue(verdict == Verdict.GOOD || found.stream().noneMatch(check -> check.remedy().isEmpty()),
                found.toString());
        assertTrue(verdict == Verdict.GOOD || plan.checks().indexOf(found.get(0)) <= plan.checks().stream()
                .filter(check -> check.verdict() != Verdict.GOOD).count(), "worst first");
    }

    /**
     * But for phrases, for what the sizer of layers never lets come about, and for what {@link PagesTest} sees said.
     */
    @Test
    void everyJudgement_isSaidOfSomeCard() {
        Set<CheckWords> said = EnumSet.noneOf(CheckWords.class);
        judgements().forEach(row -> said.add((CheckWords) row.get()[0]));
        assertEquals(EnumSet.of(CheckWords.PAST_THE_GROOVE, CheckWords.OPENING_CLOSED, CheckWords.PAGES_UPSIDE_DOWN,
                CheckWords.BY_AT_SIDE),
                EnumSet.copyOf(Arrays.stream(CheckWords.values()).filter(code -> !said.contains(code)).toList()));
    }
}
