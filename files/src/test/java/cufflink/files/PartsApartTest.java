package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Check;
import cufflink.check.Verdict;
import cufflink.design.DesignDefinition;
import cufflink.design.SizedDesign;
import cufflink.files.design.BuiltInDesigns;
import cufflink.files.design.DesignFileReader;
import cufflink.fit.Wish;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.Contents;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.plan.RunStep;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stack.ClosedSize;
import cufflink.stack.PartSizes;
import cufflink.stack.StackLayer;
import cufflink.words.Code;
import cufflink.words.DesignFileWords;
import cufflink.words.DesignWords;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Parts that nothing joins to their host: in a pocket of it, or around it when it is closed. */
class PartsApartTest {
    private static DesignDefinition builtIn(String id) {
        return BuiltInDesigns.all().stream().filter(design -> design.id().equals(id)).findFirst().orElseThrow();
    }

    /** A project of a built-in design; each part as {@code name=design@place}. */
    private static Project project(String host, RulerStep step, String... parts) {
        Project project = Project.of(builtIn(host), step);
        project = project.withMats(project.mats().withLayers(0));
        for (String part : parts) {
            project = Plans.adding(project, part).orThrow();
        }
        return project;
    }

    private static Plan plan(Project project) {
        return Planner.plan(project).orThrow();
    }

    private static Plan plan(String host, String... parts) {
        return plan(project(host, RulerStep.SIXTEENTH_INCH, parts));
    }

    private static ClosedSize whole(Plan plan) {
        return PartSizes.of(plan.workings().stacked()).whole().orElseThrow();
    }

    private static Length thickness(Plan plan) {
        return plan.stack().orElseThrow().thickness();
    }

    private static List<String> put(Plan plan) {
        return plan.design().puts().stream().map(step -> step.part().name()).toList();
    }

    private static List<String> bad(Plan plan) {
        return plan.checks().stream().filter(check -> check.verdict() == Verdict.BAD).map(Check::text).toList();
    }

    /** Thickness of a part's caliper counts once in the pocket, in the card, and in what goes round the card. */
    @Test
    void tagInAPocket_liesThereInsteadOfWhatThePocketHolds() {
        Plan alone = plan("turned-tag");
        Plan empty = plan(project("pocket-fold", RulerStep.SIXTEENTH_INCH).withSet("pocket.holds", "1 x 1 x 0 in"));
        Plan plan = plan("pocket-fold", "tag=turned-tag@pocket:pocket.pocket");
        assertEquals(List.of(), plan.faults());
        assertEquals(List.of(), bad(plan));
        assertEquals(thickness(empty).plus(thickness(alone)), thickness(plan));
        assertEquals(List.of("tag"), plan.stack().orElseThrow().layers().stream()
                .filter(layer -> layer.kind() == StackLayer.Kind.CONTENTS).map(StackLayer::label).toList());
        Contents tag = plan.measures().get("tag.closed").orElseThrow().contents().orElseThrow();
        assertEquals(List.of(Length.ofInches(19, 8), Length.ofInches(15, 4), thickness(alone)),
                List.of(tag.width(), tag.height(), tag.thickness()));
    }

    @Test
    void tagTooWideForItsPocket_takesThePocketsWidth_andSaysWhatStandsOut() {
        Plan plan = plan(project("pocket-fold", RulerStep.SIXTEENTH_INCH, "tag=turned-tag@pocket:pocket.pocket")
                .withSet("tag.holds", "5 x 3 1/2 in").withSet("height", "7 in"));
        assertEquals(Length.ofInches(7, 2), plan.measures().length("tag.width"));
        assertTrue(plan.checks().stream().anyMatch(check -> check.id().equals("tag.stands-out")
                && check.verdict() == Verdict.GOOD), plan.checks().toString());
        Plan wider = plan(plan.project().withSet("tag.holds", "5 x 3 3/4 in"));
        assertEquals(Length.ofInches(15, 4),
                wider.measures().get("tag.closed").orElseThrow().contents().orElseThrow().width());
        assertTrue(wider.checks().stream().anyMatch(check -> check.id().equals("pocket.pocket-width")
                && check.verdict() == Verdict.BAD), wider.checks().toString());
    }

    @Test
    void twoPartsInOnePocket_lieThereTogether_andAreJudgedEach() {
        Plan one = plan("pocket-fold", "tag=turned-tag@pocket:pocket.pocket");
        Plan plan = plan("pocket-fold", "tag=turned-tag@pocket:pocket.pocket", "note=insert@pocket:pocket.pocket");
        assertEquals(List.of("turn", "pocket"), Stream.of("tag.turn", "pocket.pocket")
                .map(id -> id.substring(id.indexOf('.') + 1)).toList());
        assertEquals(List.of("pocket.pocket", "tag.turn", "pocket.pocket-note").stream().sorted().toList(),
                plan.design()
                        .pockets().stream().map(pocket -> pocket.definition().id()).sorted().toList());
        assertEquals(thickness(one).plus(plan.project().card().caliper()), thickness(plan));
        assertTrue(plan.checks().stream().anyMatch(check -> check.id().equals("pocket.pocket-note-width")));
    }

    /** The insert leaves its clearance and more than the play of the pocket, whatever the card's size. */
    @ParameterizedTest
    @CsvSource({"4 in", "4 1/16 in", "5 3/8 in"})
    void insert_isShorterThanItsPocket(String width) {
        Plan plan = plan(project("pocket-fold", RulerStep.SIXTEENTH_INCH, "note=insert@pocket:pocket.pocket")
                .withSet("width", width));
        assertEquals(List.of(), bad(plan));
        SizedDesign.Pocket pocket = plan.design().pockets().get(0);
        Length spare = pocket.width().length().minus(plan.measures().length("note.width"));
        assertFalse(Length.ofInches(1, 8).isLongerThan(spare), spare.toString());
        assertFalse(spare.isLongerThan(Length.ofInches(1, 4)), spare.toString());
    }

    /** What is glued on a tag, or lies in its turn, is the tag's: it is there before the tag is, and in its size. */
    @Test
    void whatIsGluedOnATag_orLiesInIt_belongsToTheTag() {
        Plan bare = plan("pocket-fold", "tag=turned-tag@pocket:pocket.pocket");
        Plan plan = plan(project("pocket-fold", RulerStep.SIXTEENTH_INCH, "tag=turned-tag@pocket:pocket.pocket",
                "flap=panel-pockets@tag.tag.face", "note=insert@pocket:tag.turn").withSet("flap.holds", "1 x 1 x 0 in")
                .withSet("flap.size", "1 in").withSet("tag.holds", "2 x 3 x 0 in"));
        Contents tag = plan.measures().get("tag.closed").orElseThrow().contents().orElseThrow();
        Length caliper = plan.project().card().caliper();
        assertEquals(caliper.times(4), tag.thickness(), "face, turned end, pocket on it, insert in it");
        assertEquals(List.of("note", "tag"), put(plan));
        assertTrue(plan.assembly().panels().stream().noneMatch(panel -> panel.piece().startsWith("flap")));
        assertEquals(List.of(), plan.faults());
        assertEquals(List.of("tag"), put(bare));
    }

    /** Without the pocket, the tag has no place; the band stays. */
    @Test
    void partTakenAway_takesWhatLiesInIt() {
        Project card = project("half-fold", RulerStep.SIXTEENTH_INCH, "pocket=panel-pockets@base.back",
                "tag=turned-tag@pocket:pocket.pocket", "band=belly-band@around").withSet("tag.turn", "2 in")
                .withSet("band.width", "1 in");
        Project without = card.withoutPart("pocket");
        assertEquals(List.of("band"), without.wanted().added().stream().map(part -> part.name()).toList());
        assertEquals(List.of("band.width"), List.copyOf(without.set().keySet()));
        assertEquals(List.of(), plan(without).faults());
    }

    /** A part under a condition leaves the pocket as it was where it is not there. */
    @Test
    void partThatIsNotThere_leavesThePocketToWhatItHeld(@TempDir Path folder) throws IOException {
        Plan with = plan(read(folder, "note: {design: insert, in: pocket.pocket, when: fold = 'side'}"));
        Plan without = plan(Project.of(with.project().design(), RulerStep.SIXTEENTH_INCH).withSet("fold", "top"));
        assertEquals(List.of("insert", "insert"), List.of(with.design().parts().get(1).design().id(), "insert"));
        assertTrue(
                without.stack().orElseThrow().layers().stream().anyMatch(layer -> layer.label().equals("gift card")));
        assertTrue(with.stack().orElseThrow().layers().stream().anyMatch(layer -> layer.label().equals("note")));
        assertEquals(List.of(), put(without));
    }

    private static Project read(Path folder, String part) throws IOException {
        DesignDefinition design = DesignFileReader.read(Files.writeString(folder.resolve("host.yaml"),
                "id: host\nof: pocket-fold\ntitle: Host\ngroup: test\nparts:\n  " + part + "\n")).orThrow();
        return Project.of(design, RulerStep.SIXTEENTH_INCH);
    }

    /** Two sides of the closed card with the way round its edge and slack each, and the overlap: the girth. */
    @ParameterizedTest
    @CsvSource({"scored", "pinched"})
    void band_goesRoundTheCardWithWhatLiesInIt(String school) {
        Plan plan = plan(project("pocket-fold", RulerStep.SIXTEENTH_INCH, "tag=turned-tag@pocket:pocket.pocket",
                "band=belly-band@around").withSet("band.school", school));
        Length square = thickness(plan);
        Length round = Length.nearestToMillimetres(
                Math.PI / 2 * square.plus(plan.project().card().caliper()).toMillimetres());
        Length turn = school.equals("scored") ? square : round;
        Length girth = plan.closedWidth().orElseThrow().plus(turn).plus(Length.ofInches(1, 16)).times(2);
        Length length = plan.measures().length("band.length").minus(Length.ofInches(1, 2));
        assertFalse(girth.isLongerThan(length), length.toString());
        assertFalse(length.isLongerThan(girth.plus(Length.ofInches(1, 8))), length.toString());
        assertEquals(thickness(plan).plus(plan.project().card().caliper().times(3)), whole(plan).thickness());
        assertEquals(school.equals("scored") ? 1 : 0,
                plan.scores().stream().filter(setup -> setup.piece().equals("band.band")).count());
    }

    /** What is pinched round the card is folded when the card is done; what is scored is folded with the rest. */
    @Test
    void pinchedBand_isFoldedRoundTheFinishedCard() {
        Plan plan = plan(project("pocket-fold", RulerStep.SIXTEENTH_INCH, "band=belly-band@around",
                "tag=turned-tag@pocket:pocket.pocket").withSet("band.school", "pinched"));
        List<String> glued = plan.run().stream().filter(step -> step.phase() == Phase.GLUE).map(RunStep::title)
                .toList();
        assertEquals(List.of("Tag · Into its pocket", "Wrap the first back part", "Wrap the second back part",
                "Band · Close the seam", "Band · In its place"), glued.subList(glued.size() - 5, glued.size()));
    }

    /** The envelope is made for the card in its band, whichever was added first. */
    @Test
    void envelope_goesRoundLast() {
        Plan bare = plan("half-fold", "cover=envelope@around");
        Plan plan = plan("half-fold", "cover=envelope@around", "band=belly-band@around");
        assertEquals(List.of("band", "cover"), put(plan));
        assertTrue(plan.measures().length("cover.thickness").isLongerThan(bare.measures().length("cover.thickness")));
        assertFalse(plan.measures().length("cover.long").isLongerThan(whole(plan).width()));
        assertTrue(plan.checks().stream().anyMatch(check -> check.id().equals("post")));
    }

    /** What goes round a part goes round it before the part is put in its place. */
    @Test
    void packetInItsBag_andABandRoundThat() {
        Plan plan = plan("squash-fold", "bag=little-bag@around", "band=belly-band@around");
        assertEquals(List.of(), plan.faults());
        assertEquals(List.of("bag", "band"), put(plan));
        assertFalse(plan.closedWidth().orElseThrow().plus(Length.ofInches(1, 8))
                .isLongerThan(plan.measures().length("bag.inside")));
        assertTrue(plan.measures().length("band.side").isLongerThan(plan.closedWidth().orElseThrow()));
    }

    @Test
    void partsOfAPart_arePutInThatFirst(@TempDir Path folder) throws IOException {
        Files.writeString(folder.resolve("tied.yaml"), """
                id: tied
                of: turned-tag
                title: Tied tag
                group: test
                parts:
                  band: {design: belly-band, around: yes, set: {width: closed.height / 3}}
                """);
        Plan plan = plan(read(folder, "tag: {design: tied, in: pocket.pocket, set: {turn: 1 1/2 in}}"));
        assertEquals(List.of("tag.band", "tag"), put(plan));
        assertEquals(Length.ofInches(5, 4), plan.measures().length("tag.band.width"));
        Contents tag = plan.measures().get("tag.closed").orElseThrow().contents().orElseThrow();
        assertTrue(tag.thickness().isLongerThan(plan.project().card().caliper().times(5)), tag.toString());
    }

    /** A wish for what it holds is for what the tag in its pocket carries. */
    @Test
    void wishForContents_isForThePartThatCarriesThem() {
        Plan plan = plan(project("pocket-fold", RulerStep.MILLIMETRE, "tag=turned-tag@pocket:pocket.pocket")
                .withWish(new Wish.Holding(Contents.NOTE)));
        assertEquals(Contents.NOTE, plan.measures().get("tag.holds").orElseThrow().contents().orElseThrow());
        assertEquals(List.of(), bad(plan));
    }

    @ParameterizedTest
    @CsvSource({"half-fold, tag=turned-tag@pocket:pocket, HAS_NO_POCKET",
        "pocket-fold, tag=turned-tag@pocket:sleeve, NO_SUCH_POCKET",
        "half-fold, tag=turned-tag@around, GOES_ROUND_NOTHING",
        "half-fold, width=turned-tag@around, NO_PART_NAME"})
    void misplacedPart_isRefusedWithTheReason(String host, String part, DesignWords code) {
        Outcome<Project> outcome = Plans.adding(project(host, RulerStep.SIXTEENTH_INCH), part);
        assertEquals(List.of(code), outcome.problems().stream().map(Problem::code).toList());
    }

    @Test
    void designWithSomethingRoundIt_cannotBeGluedOn(@TempDir Path folder) throws IOException {
        Files.writeString(folder.resolve("tied.yaml"), """
                id: tied
                of: half-fold
                title: Tied
                group: test
                parts:
                  band: {design: belly-band, around: yes}
                """);
        Outcome<DesignDefinition> host = DesignFileReader.read(Files.writeString(folder.resolve("host.yaml"),
                """
                id: host
                of: half-fold
                title: Host
                group: test
                parts:
                  small: {design: tied, on: base.back, face: inside}
                """));
        assertEquals(List.of(DesignWords.SOMETHING_GOES_ROUND_IT), codes(host));
    }

    private static List<Code> codes(Outcome<DesignDefinition> outcome) {
        return outcome.problems().stream().map(Problem::code).toList();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "inPocket: {set: {breadth: pocket.width}} | NO_MEASURE_TO_BIND",
        "inPocket: {set: {width: panel.width}}    | NAMES_UNKNOWN",
        "inPocket: {set: {width: height}}         | NAMES_UNKNOWN",
        "around: {holds: width}                   | ROUND_NO_CONTENTS",
        "around: {say: Put it on}                 | MISSING, ROUND_NO_CONTENTS"})
    void whatADesignSaysOfItselfAsAPart_isReadWithItsMistakes(String asPart, String expected) {
        Outcome<DesignDefinition> read = DesignFileReader.read("tag.yaml", """
                id: tag
                title: Tag
                group: test
                asPart: {%s}
                measures:
                  width:  {is: finished width, default: 2 in}
                  height: {is: finished height, default: 3 in}
                pieces:
                  strip: {up: outside, size: [width, height], panels: [{id: face, label: tag}]}
                """.formatted(asPart));
        assertEquals(Stream.of(expected.split(", ")).map(DesignFileWords::valueOf).toList(), codes(read));
    }

    @Test
    void partWithTwoPlaces_isRefused(@TempDir Path folder) throws IOException {
        Outcome<DesignDefinition> host = DesignFileReader.read(Files.writeString(folder.resolve("host.yaml"),
                """
                id: host
                of: pocket-fold
                title: Host
                group: test
                parts:
                  small: {design: insert, in: pocket.pocket, around: yes}
                """));
        assertTrue(codes(host).contains(DesignFileWords.ONE_PLACE_FOR_PART), host.problems().toString());
    }

    /** Every design goes into an envelope of its own and takes a band: both fold, and the card goes in. */
    @RepeatedTest(25)
    void anyDesign_takesABandAndAnEnvelope_orSaysWhy(RepetitionInfo run) {
        List<DesignDefinition> hosts = BuiltInDesigns.all();
        DesignDefinition host = hosts.get(run.getCurrentRepetition() % hosts.size());
        Random random = new Random(run.getCurrentRepetition());
        RulerStep step = random.nextBoolean() ? RulerStep.MILLIMETRE : RulerStep.SIXTEENTH_INCH;
        if (host.stands().isPresent()) {
            assertEquals(DesignWords.NOTHING_GOES_ROUND,
                    Plans.adding(Project.of(host, step), "band=belly-band@around").problems().get(0).code());
            return;
        }
        Plan bare = plan(Project.of(host, step));
        Plan plan = plan(project(host.id(), step, "band=belly-band@around", "posted=envelope@around")
                .withSet("band.school", random.nextBoolean() ? "scored" : "pinched")
                .withSet("posted.cut", random.nextBoolean() ? "straight" : "on point"));
        List<String> worse = plan.checks().stream()
                .filter(check -> check.verdict() == Verdict.BAD && check.id().startsWith("posted.")).map(Check::id)
                .toList();
        if (!worse.contains("posted.on-point")) {
            assertEquals(bare.faults(), plan.faults());
            assertEquals(List.of(), worse, host.id());
        }
    }
}
