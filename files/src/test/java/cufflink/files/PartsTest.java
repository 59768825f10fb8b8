package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Verdict;
import cufflink.design.DesignDefinition;
import cufflink.design.Face;
import cufflink.design.PanelRef;
import cufflink.design.PartAdding;
import cufflink.design.PartDefinition;
import cufflink.design.PartPlace;
import cufflink.design.Side;
import cufflink.design.SizedDesign;
import cufflink.files.design.BuiltInDesigns;
import cufflink.files.design.DesignFileReader;
import cufflink.fit.SheetUse;
import cufflink.fit.Wish;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.Contents;
import cufflink.plan.GlueScene;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.plan.RunStep;
import cufflink.plan.StepSubject;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stack.PocketSpace;
import cufflink.stack.StackLayer;
import cufflink.words.Code;
import cufflink.words.DesignFileWords;
import cufflink.words.DesignWords;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Polygon;

/** Designs made of designs: one assembly, sized by what its parts sit on. */
class PartsTest {
    private static final String TAG = """
            id: tag
            title: Tag
            group: pocket
            measures:
              width:  {is: finished width, default: 2 in, min: 1/2 in}
              height: {is: finished height, default: 3 in, min: 1/2 in}
              hole:   {is: allowance, default: 1/8 in}
            pieces:
              strip: {up: outside, size: [width, height], panels: [{id: face, label: tag}]}
            checks:
              - {id: tall, that: height >= width, good: "It is tall.", else: "It is wide.", change: height}
            """;

    /** A half fold with parts as listed. */
    private static String host(String parts) {
        return "id: host\nof: half-fold\ntitle: Host\ngroup: card base\nparts:\n" + parts.indent(2);
    }

    private static Outcome<DesignDefinition> read(String text, Path folder) throws IOException {
        Files.writeString(folder.resolve("tag.yaml"), TAG);
        return DesignFileReader.read(Files.writeString(folder.resolve("host.yaml"), text));
    }

    private static Plan plan(DesignDefinition design, String... set) {
        Project project = Project.of(design, RulerStep.SIXTEENTH_INCH);
        project = project.withMats(project.mats().withLayers(0));
        for (String entry : set) {
            project = project.withSet(entry.split("=")[0], entry.split("=")[1]);
        }
        return Planner.plan(project).orThrow();
    }

    private static DesignDefinition builtIn(String id) {
        return BuiltInDesigns.all().stream().filter(design -> design.id().equals(id)).findFirst().orElseThrow();
    }

    private static List<Code> codes(Outcome<DesignDefinition> outcome) {
        return outcome.problems().stream().map(Problem::code).toList();
    }

    @Test
    void partTakesTheSizeOfItsPanel_andGrowsWithTheCard() {
        for (String width : List.of("4 1/4 in", "6 in", "3 in")) {
            Plan plan = plan(builtIn("pocket-fold"), "width=" + width);
            assertEquals(plan.measures().length("width"), plan.measures().length("pocket.panelWidth"));
            assertEquals(plan.measures().length("width"), plan.design().piece("pocket.pocket").width().length());
            assertEquals(List.of(), plan.faults());
        }
    }

    @Test
    void whatWasSetByHand_staysSet() {
        Plan plan = plan(builtIn("pocket-fold"), "width=6 in", "pocket.size=2 in");
        assertEquals(Length.ofInches(2), plan.measures().length("pocket.size"));
        assertEquals(Length.ofInches(2), plan.design().piece("pocket.pocket").height().length());
    }

    @ParameterizedTest
    @CsvSource({"half, pocket.pocket", "full, pocket.pocket", "corner, pocket.corner"})
    void everyKindOfPocket_foldsCloses_andHasItsStep(String kind, String piece) {
        Plan plan = plan(builtIn("pocket-fold"), "pocket.kind=" + kind);
        assertEquals(List.of(), plan.faults());
        assertEquals(List.of("base", piece), plan.design().pieces().stream().map(cut -> cut.id()).toList());
        List<RunStep> glued = plan.run().stream().filter(step -> step.phase() == Phase.GLUE).toList();
        assertEquals(1, glued.size());
    }

    /** What the pocket of a part holds sizes the whole card; one sheet gives the whole card; so does an envelope. */
    @Test
    void wishes_areForTheWhole() {
        Project project = Project.of(builtIn("pocket-fold"), RulerStep.SIXTEENTH_INCH);
        Plan holding = Planner.plan(project.withWish(new Wish.Holding(Contents.PHOTOGRAPH))).orThrow();
        assertTrue(holding.measures().length("pocket.inside").isLongerThan(Contents.PHOTOGRAPH.width()));
        Plan sheet = Planner.plan(project.withMats(project.mats().withLayers(0))
                .withWish(Plans.fromSheet("A4", 1, new SheetUse.Whole()))).orThrow();
        assertEquals(List.of(), sheet.layout().unplaced());
        assertEquals(1, sheet.layout().sheets().size());
    }

    /** A host with contents of its own shares them: what is changed there is changed in its part. */
    @Test
    void partMayHoldWhatItsHostHolds(@TempDir Path folder) throws IOException {
        Files.writeString(folder.resolve("host.yaml"), """
                id: host
                of: m-fold-holder
                title: Host
                group: test
                parts:
                  second: {design: panel-pockets, on: base.front, face: inside, set: {holds: contents}}
                """);
        DesignDefinition design = DesignFileReader.read(folder.resolve("host.yaml")).orThrow();
        assertTrue(design.measure("second.holds").isEmpty());
        assertEquals(List.of("contents"), design.claims().pockets().stream()
                .map(pocket -> pocket.what().holds()).distinct().toList());
    }

    /** Half folds of 5 × 7 in with a sleeve for a gift card in the middle of the back, its mouth at the top. */
    @ParameterizedTest
    @CsvSource({"open, none", "open, front", "open, through", "wrapped, none", "wrapped, front", "wrapped, through",
        "cover, none", "cover, front", "cover, through"})
    void sleeve_isGluedOnByItsBack_howeverItEnds(String end, String notch) {
        Project card = Project.of(builtIn("half-fold"), RulerStep.SIXTEENTH_INCH);
        card = card.withMats(card.mats().withLayers(0)).withSet("width", "5 in").withSet("height", "7 in");
        Plan plan = Planner.plan(card.withPart(PartAdding.part(card.design(), "sleeve", builtIn("notch-sleeve"),
                new PartPlace.OnPanel(new PanelRef("base", "back"), Optional.of(Face.INSIDE))).orThrow())
                .withSet("sleeve.end", end)
                .withSet("sleeve.notch", notch)).orThrow();
        assertEquals(List.of(), plan.faults());
        List<PanelRef> order = plan.closed().orElseThrow().order();
        assertEquals(new PanelRef("base", "back"), order.get(order.size() - 1));
        PocketSpace space = plan.stack().orElseThrow().spaces().stream()
                .filter(found -> found.front().contains(new PanelRef("sleeve.strip", "front"))).findFirst()
                .orElseThrow();
        assertEquals(end.equals("open") ? Set.of(Side.LEFT, Side.RIGHT) : Set.of(Side.LEFT, Side.RIGHT, Side.BOTTOM),
                space.closed());
        assertTrue(space.open().contains(Side.TOP));
    }

    /** What it holds may stand: then its shorter side is across. */
    @Test
    void sleeve_holdsWhatStandsOrLies() {
        for (String way : List.of("lying", "upright")) {
            Plan plan = plan(builtIn("notch-sleeve"), "way=" + way);
            Length across = way.equals("lying") ? Contents.GIFT_CARD.width() : Contents.GIFT_CARD.height();
            assertTrue(plan.measures().length("front").isLongerThan(across));
            assertFalse(plan.measures().length("front").isLongerThan(across.plus(Length.ofMillimetres(6))));
            assertFalse(plan.checks().stream().anyMatch(check -> check.verdict() == Verdict.BAD),
                    plan.checks().toString());
        }
    }

    @Test
    void partThatAMakerAdds_goesAgainWithWhatWasSetForIt() {
        Project card = Project.of(builtIn("half-fold"), RulerStep.SIXTEENTH_INCH);
        PartDefinition pocket = PartAdding.part(card.design(), "pocket", builtIn("panel-pockets"),
                new PartPlace.OnPanel(new PanelRef("base", "back"), Optional.of(Face.INSIDE))).orThrow();
        Project more = card.withPart(pocket).withSet("pocket.size", "2 in").withSet("width", "5 in");
        assertEquals(List.of("base", "pocket.pocket"),
                Planner.plan(more).orThrow().design().pieces().stream().map(piece -> piece.id()).toList());
        assertEquals(card.withSet("width", "5 in"), more.withoutPart("pocket"));
        assertEquals(List.of(DesignWords.NO_PART_NAME), PartAdding.part(more.design(), "pocket",
                builtIn("panel-pockets"), new PartPlace.OnPanel(new PanelRef("base", "front"), Optional.empty()))
                .problems().stream()
                .map(Problem::code).toList());
    }

    /** An insert is short of its panel by its clearance, unless somebody says otherwise. */
    @Test
    void insertOnAPanel_isShortOfIt() {
        Project card = Plans.adding(Plans.metric("half-fold"), "note=insert@base.back:inside").orThrow();
        assertEquals(Length.ofMillimetres(102), Plans.plan(card).measures().get("note.width").orElseThrow().length());
        assertEquals(Length.ofMillimetres(40), Plans.plan(card.withSet("note.width", "40 mm")).measures()
                .get("note.width").orElseThrow().length());
    }

    /** Without a place of its own a part is put in the middle, and may be moved. */
    @Test
    void partIsPutInTheMiddle() {
        Project card = Project.of(builtIn("half-fold"), RulerStep.SIXTEENTH_INCH);
        Project more = card.withPart(PartAdding.part(card.design(), "small", builtIn("half-fold"),
                new PartPlace.OnPanel(new PanelRef("base", "back"), Optional.of(Face.INSIDE))).orThrow())
                .withSet("small.width", "2 in")
                .withSet("small.height", "3 in");
        assertEquals(Length.ofInches(9, 8), Planner.plan(more).orThrow().measures().length("small.fromLeft"));
        assertEquals(Length.ofInches(1), Planner.plan(more.withSet("small.fromTop", "1 in")).orThrow().measures()
                .length("small.fromTop"));
    }

    @Test
    void pieceThatIsNotThere_isNamed(@TempDir Path folder) throws IOException {
        assertEquals(List.of(DesignWords.GLUES_NO_PIECE), codes(
                read(host("tag: {design: tag, on: nothing.back, face: inside, glue: strip.face}"), folder)).stream()
                .distinct().toList());
    }

    @Test
    void partOfOnesOwn_isFoundBesideTheFile(@TempDir Path folder) throws IOException {
        Plan plan = plan(read(host("tag: {design: tag, on: base.back, face: inside, at: [1 in, 1 in], "
                + "glue: strip.face, edges: [left], set: {width: panel.width / 2, height: tag.width + 1 in}}"), folder)
                .orThrow());
        assertEquals(Length.ofInches(17, 8), plan.measures().length("tag.width"));
        assertEquals(Length.ofInches(25, 8), plan.measures().length("tag.height"));
        assertTrue(plan.closed().orElseThrow().order().contains(new PanelRef("tag.strip", "face")));
        assertTrue(plan.checks().stream().anyMatch(check -> check.id().equals("tag.tall")
                && check.text().equals("Tag · It is tall.")));
    }

    @Test
    void twoOfOneDesign_areToldApart(@TempDir Path folder) throws IOException {
        DesignDefinition design = read(host("""
                one: {design: tag, on: base.back, face: inside, glue: strip.face, set: {width: 1 in, height: 2 in}}
                two: {design: tag, label: Second, on: base.front, face: inside, glue: strip.face}
                """), folder).orThrow();
        Plan plan = plan(design, "two.width=1 1/2 in");
        assertEquals(List.of(Length.ofInches(1), Length.ofInches(3, 2)),
                List.of(plan.measures().length("one.width"), plan.measures().length("two.width")));
        assertEquals(List.of("Base", "One · strip", "Second · strip"),
                plan.design().pieces().stream().map(piece -> piece.label()).toList());
    }

    @Test
    void partThatIsLeftOut_leavesNothingBehind(@TempDir Path folder) throws IOException {
        DesignDefinition design = read(host(
                "tag: {design: tag, on: base.back, face: inside, glue: strip.face, when: fold = 'side'}"), folder)
                .orThrow();
        assertEquals(2, plan(design).design().pieces().size());
        Plan without = plan(design, "fold=top");
        assertEquals(1, without.design().pieces().size());
        assertFalse(without.checks().stream().anyMatch(check -> check.id().startsWith("tag.")));
    }

    @Test
    void partsLieInParts(@TempDir Path folder) throws IOException {
        Files.writeString(folder.resolve("carrier.yaml"), """
                id: carrier
                of: tag
                title: Carrier
                group: pocket
                parts:
                  small:
                    {design: tag, on: strip.face, face: outside, at: [1/4 in, 1/4 in], glue: strip.face,
                     set: {width: panel.width / 2, height: panel.height / 2}}
                """);
        Plan plan = plan(read(host("big: {design: carrier, on: base.back, face: inside, glue: strip.face}"), folder)
                .orThrow());
        assertEquals(List.of("base", "big.strip", "big.small.strip"),
                plan.design().pieces().stream().map(piece -> piece.id()).toList());
        assertEquals(List.of("big", "big.small"), plan.design().parts().stream().map(PartDefinition::name).toList());
        assertEquals(Length.ofInches(1), plan.measures().length("big.small.width"));
        assertEquals(List.of(), plan.faults());
    }

    /** Each lies in the one before; the host is not counted. */
    @ParameterizedTest
    @CsvSource({"4, true", "5, false"})
    void parts_lieFourDeep(int deep, boolean right, @TempDir Path folder) throws IOException {
        for (int i = 1; i <= deep; i++) {
            Files.writeString(folder.resolve("d" + i + ".yaml"), "id: d" + i + "\nof: tag\ntitle: D\ngroup: test\n"
                    + (i == deep ? "" : "parts:\n  in: {design: d" + (i + 1) + ", on: strip.face, face: outside, glue: "
                            + "strip.face, set: {width: panel.width - 1/8 in, height: panel.height - 1/8 in}}\n"));
        }
        Outcome<DesignDefinition> outcome = read(
                host("d: {design: d1, on: base.back, face: inside, glue: strip.face}").replace("of: tag",
                        "of: half-fold"),
                folder);
        assertEquals(right, !codes(outcome).contains(DesignFileWords.PARTS_TOO_DEEP), outcome.problems().toString());
    }

    /** Many parts of many parts of many parts: refused at the first that is too much, not after all of them. */
    @Test
    void tooManyParts_areRefusedAtTheFirstThatIsTooMuch(@TempDir Path folder) throws IOException {
        String next = "tag";
        for (int level = 1; level <= 3; level++) {
            StringBuilder text = new StringBuilder("id: many" + level + "\nof: tag\ntitle: M\ngroup: test\nparts:\n");
            for (int i = 0; i < 12; i++) {
                text.append("  p").append(i).append(": {design: ").append(next)
                        .append(", on: strip.face, face: outside, glue: strip.face}\n");
            }
            next = "many" + level;
            Files.writeString(folder.resolve(next + ".yaml"), text);
        }
        Outcome<DesignDefinition> outcome = read(host("many: {design: many3, on: base.back, glue: strip.face}"),
                folder);
        assertEquals(List.of(DesignWords.TOO_MANY_MEASURES), codes(outcome));
        assertTrue(outcome.problems().get(0).where().startsWith("many2.yaml"), outcome.problems().toString());
    }

    @Test
    void labelOfNothing_isTheName(@TempDir Path folder) throws IOException {
        Plan plan = plan(read(host("tag: {design: panel-pockets, label: \"\", on: base.back}"), folder).orThrow());
        assertEquals("Tag", plan.design().parts().get(0).label());
    }

    /** A part that is left out may come to any size: nobody is told. */
    @Test
    void partThatIsLeftOut_isNotJudged(@TempDir Path folder) throws IOException {
        DesignDefinition design = read(host("tag: {design: panel-pockets, on: base.back, face: inside, "
                + "when: fold = 'side', set: {gluing: \"if fold = 'side' then 1/4 in else 5 in\", size: "
                + "\"if fold = 'side' then 2 in else 1 in\"}}"), folder).orThrow();
        Plan without = plan(design, "fold=top");
        assertEquals(List.of(), without.design().parts());
        assertFalse(without.checks().stream().anyMatch(check -> check.verdict() == Verdict.BAD),
                without.checks().toString());
    }

    /** The hands lay a sleeve by its outline, not by the half of its back that takes the glue. */
    @Test
    void marks_areForWhatTheHandsSee() {
        Project card = Project.of(builtIn("half-fold"), RulerStep.SIXTEENTH_INCH).withSet("width", "5 in")
                .withSet("height", "7 in");
        Plan plan = Planner.plan(card.withPart(PartAdding.part(card.design(), "sleeve", builtIn("notch-sleeve"),
                new PartPlace.OnPanel(new PanelRef("base", "back"), Optional.of(Face.INSIDE))).orThrow())).orThrow();
        RunStep put = plan.run().stream().filter(step -> step.title().equals("Sleeve")).findFirst().orElseThrow();
        assertEquals(List.of(plan.measures().length("sleeve.fromLeft"), plan.measures().length("sleeve.fromTop")),
                put.readings().stream().map(reading -> reading.length()).toList());
        double left = plan.measures().length("width").toMillimetres()
                + plan.measures().length("sleeve.fromLeft").toMillimetres();
        StackLayer front = plan.stack().orElseThrow().layers().stream()
                .filter(layer -> layer.panel().filter(new PanelRef("sleeve.strip", "front")::equals).isPresent())
                .findFirst().orElseThrow();
        assertEquals(left, front.footprint().getEnvelopeInternal().getMinX(), 1e-6);
        List<Polygon> drawn = GlueScene.of(plan.workings(), ((StepSubject.OfGlue) put.subject()).glue()).orElseThrow()
                .covers();
        assertEquals(left, drawn.stream().mapToDouble(panel -> panel.getEnvelopeInternal().getMinX()).min()
                .orElseThrow(), 1e-6);
    }

    @Test
    void stepsOfAPart_beginWithItsName() {
        Plan plan = plan(builtIn("pocket-fold"));
        assertTrue(plan.run().stream().anyMatch(step -> step.title().equals("Pocket · Onto the panel")),
                plan.run().stream().map(RunStep::title).toList().toString());
    }

    @Test
    void designThatIsAPartOfItself_isRefused_withTheWay(@TempDir Path folder) throws IOException {
        Files.writeString(folder.resolve("ring.yaml"), host("r: {design: loop, on: base.back}").replace("id: host",
                "id: ring"));
        Files.writeString(folder.resolve("loop.yaml"), host("l: {design: ring, on: base.back}").replace("id: host",
                "id: loop"));
        Outcome<DesignDefinition> outcome = DesignFileReader.read(folder.resolve("ring.yaml"));
        Problem circle = outcome.problems().stream()
                .filter(problem -> problem.code() == DesignFileWords.PARTS_IN_A_CIRCLE).findFirst().orElseThrow();
        assertEquals("loop → ring → loop", circle.message().argument("path"));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "tag: {design: nothing, on: base.back, glue: strip.face}| NO_DESIGN_FOR_PART",
        "tag: {design: tag, on: back, glue: strip.face}| PANEL_EXPECTED",
        "tag: {design: tag, on: base.back}| MISSING",
        "tag: {design: tag, on: base.back, glue: strip.face, set: {depth: 1 in}}| NO_MEASURE_OF_PART",
        "tag: {design: panel-pockets, on: base.back, set: {panelWidth: 1 in}}| NO_MEASURE_OF_PART",
        "tag: {design: panel-pockets, on: base.back, set: {holds: 1 in}}| CONTENTS_OF_HOST",
        "tag: {design: panel-pockets, on: base.back, set: {holds: width}}| CONTENTS_OF_HOST",
        "tag: {design: panel-pockets, on: base.back, glue: pocket.front}| PART_HAS_ITS_PANEL",
        "tag: {design: ../tag, on: base.back, glue: strip.face}| NO_DESIGN_FOR_PART",
        "tag: {design: \"\\0\", on: base.back, glue: strip.face}| NO_DESIGN_FOR_PART",
        "tag: nothing| FIELDS_EXPECTED",
        "tag: {design: tag, on: base.back, glue: strip.face, colour: red}| FIELD_UNKNOWN"})
    void mistakes_areNamedWhereTheyStand(String part, DesignFileWords code, @TempDir Path folder) throws IOException {
        Outcome<DesignDefinition> outcome = read(host(part), folder);
        assertTrue(codes(outcome).contains(code), outcome.problems().toString());
        assertTrue(outcome.problems().get(0).where().startsWith("host.yaml, line 6"),
                outcome.problems().get(0).where());
    }

    @Test
    void partLargerThanItsPanel_isBad_withBothNames(@TempDir Path folder) throws IOException {
        Plan plan = plan(read(host("tag: {design: tag, on: base.back, face: inside, at: [0 mm, 0 mm], "
                + "glue: strip.face, set: {width: panel.width + 1 in}}"), folder).orThrow());
        assertTrue(
                plan.checks().stream().anyMatch(check -> check.verdict() == Verdict.BAD
                        && check.text().toLowerCase(Locale.ROOT).contains("tag") && check.text().contains("back leaf")),
                plan.checks().toString());
    }

    /** A whole card glued into the front leaf stays there: no leaf of it goes round the host's back. */
    @Test
    void cardInACard_liesTogetherWhereItIsGlued() {
        Project card = Project.of(builtIn("half-fold"), RulerStep.SIXTEENTH_INCH);
        Project one = card.withPart(PartAdding.part(card.design(), "pocket", builtIn("panel-pockets"),
                new PartPlace.OnPanel(new PanelRef("base", "back"), Optional.of(Face.INSIDE))).orThrow());
        Plan plan = Planner.plan(one.withPart(PartAdding.part(one.design(), "small", builtIn("half-fold"),
                new PartPlace.OnPanel(new PanelRef("base", "front"), Optional.of(Face.INSIDE))).orThrow())).orThrow();
        assertEquals(List.of("base.front", "small.base.back", "small.base.front", "pocket.pocket.front", "base.back"),
                plan.closed().orElseThrow().order().stream().map(PanelRef::toString).toList());
        assertEquals(List.of(), plan.faults());
    }

    /** One line of the file, as many pockets as the accordion has panels that want one, each with its number. */
    @Test
    void partsAreCounted(@TempDir Path folder) throws IOException {
        Files.writeString(folder.resolve("host.yaml"), """
                id: host
                of: accordion
                title: Host
                group: test
                parts:
                  pocket:
                    repeat: {k: [1, 6]}
                    when: k <= panels - 2 and k mod 2 = 1
                    design: panel-pockets
                    on: base.middle{k}
                    set: {size: 1 in + k / 2 * 1 in}
                """);
        DesignDefinition design = DesignFileReader.read(folder.resolve("host.yaml")).orThrow();
        Plan plan = plan(design, "width=6 in", "panels=7");
        assertEquals(List.of("pocket1", "pocket3", "pocket5"),
                plan.design().parts().stream().map(PartDefinition::name).toList());
        assertEquals(List.of("Pocket 1", "Pocket 3", "Pocket 5"),
                plan.design().parts().stream().map(PartDefinition::label).toList());
        assertEquals(Length.ofInches(5, 2), plan.measures().length("pocket3.size"));
        assertEquals(List.of(), plan.faults());
    }

    @ParameterizedTest
    @CsvSource({"'{k: [1, panels]}'", "'{k: [3, 1]}'", "'{k: [1, 99]}'", "'{k: [1]}'", "twice"})
    void partsAreCountedByNumbers(String repeat, @TempDir Path folder) throws IOException {
        assertEquals(List.of(DesignFileWords.PARTS_COUNTED), codes(read(
                host("tag: {repeat: " + repeat + ", design: tag, on: base.back, glue: strip.face}"), folder)));
    }

    /** A pocket on any panel of any design: it proves, or the reason is told in words. */
    @RepeatedTest(25)
    void anyHostAndPanel_provesOrSaysWhy(RepetitionInfo run, @TempDir Path folder) throws IOException {
        Random random = new Random(run.getCurrentRepetition());
        List<DesignDefinition> hosts = BuiltInDesigns.all().stream()
                .filter(design -> design.parts().isEmpty() && !design.id().equals("panel-pockets")).toList();
        DesignDefinition host = hosts.get(random.nextInt(hosts.size()));
        List<PanelRef> panels = new ArrayList<>();
        plan(host).pieces().forEach((id, piece) -> piece.pattern().panels()
                .forEach(panel -> panels.add(new PanelRef(id, panel.id()))));
        PanelRef on = panels.get(random.nextInt(panels.size()));
        String face = random.nextBoolean() ? "inside" : "outside";
        String kind = List.of("half", "full", "corner").get(random.nextInt(3));
        Files.writeString(folder.resolve("host.yaml"), "id: host\nof: " + host.id() + "\ntitle: Host\ngroup: test\n"
                + "parts:\n  pocket: {design: panel-pockets, on: " + on + ", face: " + face + "}\n");
        Outcome<DesignDefinition> read = DesignFileReader.read(folder.resolve("host.yaml"));
        assertTrue(read.problems().stream().allMatch(problem -> problem.fault().isEmpty()),
                host.id() + " " + on + " " + read.problems());
        read.value().ifPresent(design -> assertTrue(Planner
                .plan(Project.of(design, RulerStep.MILLIMETRE).withSet("pocket.kind", kind)).problems().stream()
                .allMatch(problem -> problem.fault().isEmpty())));
    }
}
