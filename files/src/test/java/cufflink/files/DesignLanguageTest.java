package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.DesignDefinition;
import cufflink.files.design.BuiltInDesigns;
import cufflink.files.design.DesignFileReader;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.plan.RunStep;
import cufflink.problem.Problem;
import java.time.Duration;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The words of the design language for joints, poses, outlines and folds through layers. */
class DesignLanguageTest {
    private static final String CARD = """
            id: trial
            title: Trial
            group: card base
            measures:
              width:  {is: finished width, default: 4 in}
              height: {is: finished height, default: 3 in}
              tags:   {is: count, default: 2, min: 1, max: 3}
            pieces:
              base:
                size: [2 * width, height]
                scores:
                  - {id: spine, x: width, fold: valley}
                panels: [{id: back, at: [width * 3/2, height / 2]}, {id: front, at: [width / 2, height / 2]}]
              "tag{i}":
                repeat: {i: [1, tags]}
                label: "Tag {i}"
                size: [1 in, 1 in]
                panels: [tag]
            folding:
              - {fold: [spine], say: Fold it.}
            glue:
              - {id: "tag{i}", repeat: {i: [1, tags]}, glue: "tag{i}.tag", onto: base.front, face: outside, at: [i * 1/4 in, i * 1/4 in], turn: 90 deg * i, turned: over, edges: [left, right, top, bottom], say: "Glue tag {i} on."}
            poses:
              half open: {spine: 90 deg}
            checks: []
            """;

    private static final String BANDED = CARD.replace("folding:", """
              band:
                size: [2 * width + 1/2 in, 1 in]
                scores: [{id: left, x: width / 2, fold: valley}, {id: right, x: width * 3/2, fold: valley}]
                panels: [lap, front, overlap]
            folding:
              - {piece: band, fold: [left], say: Wrap it.}
              - {piece: band, fold: [right], say: Close it.}""").replace("poses:", """
              - {id: around, glue: band.front, onto: base.front, face: outside, at: [0 mm, 1 in], turned: over, edges: [], say: Wrap the band around.}
            stack:
              - {front: base.back, behind: band.lap}
            poses:""");

    private static Plan plan(String text) {
        DesignDefinition design = DesignFileReader.read("trial.yaml", text).orThrow();
        return Planner.plan(Project.of(design, RulerStep.SIXTEENTH_INCH)).orThrow();
    }

    private static List<String> problems(String text) {
        return DesignFileReader.read("trial.yaml", text).problems().stream().map(Problem::text).toList();
    }

    private static void expectProblem(String good, String wrong, String message) {
        assertTrue(CARD.contains(good), good);
        List<String> problems = problems(CARD.replace(good, wrong));
        assertTrue(problems.stream().anyMatch(problem -> problem.contains(message)),
                () -> "expected “" + message + "” in " + problems);
    }

    /**
     * Panels placed by a point keep their names whatever their order; repeated pieces are glued one on the other, the
     * later outside.
     */
    @Test
    void repeatedPieces_areJoinedInOrder() {
        Plan plan = plan(CARD);
        assertEquals(List.of("base", "tag1", "tag2"),
                plan.design().pieces().stream().map(piece -> piece.id()).toList());
        assertEquals(List.of("tag2.tag", "tag1.tag", "base.front", "base.back"),
                plan.closed().orElseThrow().order().stream().map(Object::toString).toList());
        assertEquals("Tag 2", plan.design().piece("tag2").label());
    }

    /** A loose band lies around the closed card: on its front, behind its back, its second end over the first. */
    @Test
    void band_goesAroundTheCard() {
        Plan plan = plan(BANDED.replace("  half open: {spine: 90 deg}", "  band open: {band.right: 90 deg}"));
        assertEquals(
                List.of("band.front", "tag2.tag", "tag1.tag", "base.front", "base.back", "band.lap", "band.overlap"),
                plan.closed().orElseThrow().order().stream().map(Object::toString).toList());
        assertEquals(List.of(), plan.faults());
    }

    /** What the band holds shut cannot be opened before it is taken off. */
    @Test
    void bandedCard_doesNotOpen() {
        assertTrue(problems(BANDED).stream().anyMatch(problem -> problem.contains("spine cannot be folded now")),
                problems(BANDED).toString());
    }

    @Test
    void held_leansTheClosedCard() {
        assertEquals(Length.ofInches(4), plan(CARD).closedWidth().orElseThrow());
        assertEquals(Length.ofInches(3),
                plan(CARD.replace("group: card base", "group: card base\nheld: 90 deg")).closedWidth().orElseThrow());
    }

    @Test
    void from_takesThePieceOutOfTheWaste() {
        Plan plan = plan(CARD.replace("label: \"Tag {i}\"", "label: \"Tag {i}\"\n    from: base"));
        assertTrue(plan.layout().sheets().stream().flatMap(sheet -> sheet.placements().stream())
                .noneMatch(placement -> placement.piece().startsWith("tag")));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "at: [width / 2, height / 2]}| at: [width * 5/4, height / 2]}| in one panel",
        "at: [width / 2, height / 2]}| at: [width * 3, height / 2]}| There is no panel where the file places “front”",
        "onto: base.front| onto: base.lid| There is no panel “base.lid”",
        "onto: base.front| onto: lid| must name a panel as piece.panel",
        "turned: over| turned: around| expected one of no, over, tumbled",
        "at: [i * 1/4 in, i * 1/4 in]| at: [i * 1/4 in]| “at” needs two values",
        "half open: {spine: 90 deg}| half open: {after: never, spine: 90 deg}| There is no pose “never” before it",
        "half open: {spine: 90 deg}| half open: {spin: 90 deg}| There is no crease “base.spin”",
        "half open: {spine: 90 deg}| half open: {spine: 90 deg, when: width}| must be yes or no",
        "half open: {spine: 90 deg}| half open: [90 deg]| A pose must name creases and angles",
        "half open: {spine: 90 deg}| half open: {repeat: 3, spine: 90 deg}| A repeat counts one variable",
        "say: Fold it.}| tuck: [[front]], say: Fold it.}| A tuck names two panels",
        "say: Fold it.}| through: perhaps, say: Fold it.}| must be yes or no",
        "checks: []| 'checks: []\\nstack: [{front: base.front}]'| “behind” is missing",
        "onto: base.front, face| onto: \"tag{i}.tag\", face| The panel tag1.tag is put on itself",
        "at: [i * 1/4 in, i * 1/4 in], turn| at: [10 in, 0 mm], turn| closed the two do not lie on each other",
        "checks: []| 'checks: []\\nstack: [{front: base.back, behind: tag1.tag}, {front: tag1.tag, behind: "
                + "base.back}]'| The layers cannot lie flat",
        "- {fold: [spine], say: Fold it.}| '- {fold: [spine], say: Fold it.}\\n  - {piece: lid, fold: [spine], say: "
                + "Fold it.}'| It folds a piece “lid” that this design does not have",
        "fold: valley}| 'fold: valley}\\n      - {id: other, y: height / 4, to: width, fold: valley}'| Crease other "
                + "is never folded",
        "fold: valley}| 'fold: valley}\\n      - {id: short, y: height / 2, to: width / 2, fold: valley}'| Score "
                + "short ends inside a panel",
        "fold: valley}| 'fold: valley}\\n      - {id: spine, y: height / 2, fold: decorative}'| There are two of "
                + "the score “spine”",
        "fold: valley}| 'fold: valley}\\n    slits: [{id: cut, x: 10 in}]'| Slit cut lies beyond the piece",
        "fold: valley}| 'fold: valley}\\n    slits: [{id: cut, x: 1 in, from: 1 in, to: 1 in}]'| Slit cut has no "
                + "length",
        "fold: valley}| 'fold: valley}\\n    cutOuts: [{id: hole, circle: [1 in, 1 in, 0 mm - 1 in]}]'| Cut-out "
                + "hole crosses itself or has no size",
        "fold: valley}| 'fold: valley}\\n    cutOuts: [{id: hole, circle: [20 in, 1 in, 1 in]}]'| Cut-out hole lies "
                + "beside the piece",
        "fold: valley}| 'fold: valley}\\n    cutOuts: [{id: bow, polygon: [[0 mm, 0 mm], [1 in, 1 in], [1 in, 0 "
                + "mm], [0 mm, 1 in]]}]'| Cut-out bow crosses itself",
        "{id: front, at: [width / 2, height / 2]}| {id: back, at: [width / 2, height / 2]}| There are two of the "
                + "panel “back”",
        "half open: {spine: 90 deg}| half open: {after: half open, spine: 90 deg}| There is no pose “half open” "
                + "before it",
        "half open: {spine: 90 deg}| 'half open: {after: open, spine: 90 deg}\\n  open: {after: half open, spine: 0 "
                + "deg}'| There is no pose “open” before it",
        "label: \"Tag {i}\"| 'label: \"Tag {i}\"\\n    joins: [{from: 1 in, to: 1/2 in}]'| from one place to another",
        "label: \"Tag {i}\"| 'label: \"Tag {i}\"\\n    joins: [{from: 1 in, to: 1 in}]'| from one place to another",
        "label: \"Tag {i}\"| 'label: \"Tag {i}\"\\n    loose: yes'| said to be loose, but glue joins it",
        "folding:| '  spare:\\n    size: [1 in, 1 in]\\n    panels: [spare]\\nfolding:'| Nothing joins this piece "
                + "to the others",
        "fold: [spine], say: Fold it.}| 'fold: [spine, spine], say: Fold it.}'| There are two of the crease “spine”",
        "half open: {spine: 90 deg}| half open: {spine: 200 deg}| Crease spine cannot stand at 200°",
        "say: Fold it.}| 'to: -181 deg, say: Fold it.}'| Crease spine cannot stand at -181°",
        "checks: []| 'checks: []\\n---\\nid: second'| A second document begins here"})
    void mistakes_areNamed(String good, String wrong, String message) {
        expectProblem(good, wrong.replace("\\n", "\n"), message);
    }

    /**
     * A quarter sheet folded once more, through all four layers: each new crease falls on every layer under it in one
     * stretch.
     */
    @Test
    void foldsThroughAllLayers_oneAcrossTheOther() {
        String eighth = CARD.substring(0, CARD.indexOf("pieces:")).replaceAll("  tags:.*\n", "") + """
                pieces:
                  base:
                    size: [2 * width, 2 * height]
                    scores:
                      - {id: upright, x: width, from: 0 mm, to: height, fold: valley}
                      - {id: level, y: height, fold: valley}
                      - {id: again, y: height / 2, from: width, to: 2 * width, fold: valley}
                    panels: [{id: back, at: [width * 3/2, height / 4]}, {id: front, at: [width / 2, height / 4]}]
                folding:
                  - {fold: [level], say: Fold the lower half up.}
                  - {fold: [upright], through: yes, say: Fold both.}
                  - {fold: [again], through: yes, say: Fold all.}
                checks: []
                """;
        Plan plan = plan(eighth);
        assertEquals(List.of(), plan.faults());
        assertEquals(8, plan.closed().orElseThrow().order().size());
        assertEquals(List.of(Length.ofInches(4), Length.ofInches(3, 2)),
                List.of(plan.closedWidth().orElseThrow(), plan.closedHeight().orElseThrow()));
    }

    /** What makes a formula impossible is named by the setting that does, where there is one. */
    @Test
    void settingThatMakesAFormulaImpossible_isNamed() {
        String parted = CARD.replace("tags:   {is: count, default: 2, min: 1, max: 3}",
                "tags:   {is: count, default: 2, min: 0, max: 3, label: Tags}\n  share: {is: result, value: width / "
                        + "tags}");
        DesignDefinition design = DesignFileReader.read("trial.yaml", parted).orThrow();
        List<Problem> problems = Planner.plan(Project.of(design, RulerStep.SIXTEENTH_INCH).withSet("tags", "0"))
                .problems();
        assertEquals("Trial: With Tags = 0 it cannot be worked out: this divides by 0. Change Tags.",
                problems.get(0).text());
        assertTrue(
                problems(parted.replace("default: 2, min: 0", "default: 0, min: 0")).get(0)
                        .startsWith("trial.yaml, line 8, column"),
                problems(parted.replace("default: 2, min: 0", "default: 0, min: 0")).toString());
    }

    /** A card glued shut by a part that lies on both leaves does not open: the pose is refused. */
    @Test
    void cardGluedShut_isRefused() {
        String tied = CARD.replace("poses:",
                "  - {id: shut, glue: base.back, onto: base.front, face: inside, edges: [left, right, top, bottom], "
                        + "say: Do not do this.}\nposes:");
        assertTrue(
                problems(tied).stream()
                        .anyMatch(problem -> problem.contains("stops at") || problem.contains("do not close")),
                problems(tied).toString());
    }

    /** A stranger's file with very many panels is refused at once, not proved for minutes. */
    @Test
    void tooManyPanels_areRefused() {
        String many = CARD.replace("- {id: spine, x: width, fold: valley}",
                "- {id: spine, x: width, fold: valley}\n      - {id: \"up{i}\", repeat: {i: [1, 14]}, x: i * width "
                        + "/ 7.5, fold: valley}\n"
                        + "      - {id: \"across{i}\", repeat: {i: [1, 15]}, y: i * height / 16, fold: valley}");
        assertTimeoutPreemptively(Duration.ofSeconds(20),
                () -> assertTrue(
                        problems(many).stream()
                                .anyMatch(problem -> problem
                                        .contains("This makes 256 panels; at most 200 can be proved to fold.")),
                        problems(many).toString()));
        String measures = CARD.replace("measures:", "measures:"
                + IntStream.range(0, 400).mapToObj(i -> "\n  m" + i + ": {value: 1 mm}").collect(Collectors.joining()));
        assertTrue(
                problems(measures).stream().anyMatch(
                        problem -> problem.contains("This design has 403 measures; at most 300 are worked out.")),
                problems(measures).toString());
    }

    /** Every built-in file can be read back through all its words, and its id is its file's name. */
    @Test
    void builtInFiles_areCalledByTheirIds() {
        BuiltInDesigns.all()
                .forEach(design -> assertTrue(BuiltInDesigns.text(design.id()).contains("id: " + design.id() + "\n")));
    }

    @Test
    void stepsAreCalledByTheirTitles_orByTheirFirstSentence() {
        String titled = CARD.replace("say: Fold it.", "title: \"Front over, {width} wide\", say: Fold it. Burnish it.")
                .replace("say: \"Glue tag {i} on.\"", "say: \"Glue tag {i} on, 1.5 mm in. Press it.\"");
        List<String> titles = plan(titled).run().stream().map(RunStep::title).toList();
        assertTrue(titles.containsAll(List.of("Front over, 4 in wide", "Glue tag 1 on, 1.5 mm in")), titles.toString());
    }

    @Test
    void turnWithoutAPlace_saysNothing() {
        String text = CARD.replace("at: [i * 1/4 in, i * 1/4 in], turn", "turn");
        assertTrue(problems(text).get(0).contains("say how a piece is laid at a place"), problems(text).toString());
    }
}
