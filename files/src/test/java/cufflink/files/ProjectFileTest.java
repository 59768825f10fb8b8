package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.Face;
import cufflink.design.Ornament;
import cufflink.design.OrnamentShape;
import cufflink.design.PanelRef;
import cufflink.design.PartAdding;
import cufflink.design.PartPlace;
import cufflink.design.Raise;
import cufflink.files.design.DesignLibrary;
import cufflink.files.design.SvgPaths;
import cufflink.files.project.ProjectReader;
import cufflink.files.project.ProjectWriter;
import cufflink.fit.SheetUse;
import cufflink.fit.Wish;
import cufflink.mat.MatSettings;
import cufflink.measure.Length;
import cufflink.paper.Contents;
import cufflink.paper.GrainRule;
import cufflink.paper.PaperRole;
import cufflink.paper.Stock;
import cufflink.paper.Weight;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.score.ScoringStyle;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class ProjectFileTest {
    private static final DesignLibrary LIBRARY = DesignLibrary.builtIn();

    static Stream<Project> projects() {
        Project gate = Plans.project("overlapping-gate");
        Stock lilac = new Stock("Lilac ½", Length.ofInches(12), Length.ofMillimetres(305),
                new Weight(80, Weight.Basis.COVER), Optional.of(Length.ofMicrometres(287)),
                "#AABBCC", "#112233", true, Stock.Grain.ALONG_WIDTH);
        return Stream.of(gate, gate.withName("“Quoted”, \\ and ü").withCopies(24).withNotes("line\nbreak"),
                gate.withSet("cover", "3 7/16 in").withSet("underlap", "61.3 mm"),
                gate.withWish(new Wish.FinishedSize(Length.ofInches(271, 64), Length.ofNanometres(123_456_789))),
                gate.withWish(new Wish.InEnvelope(Plans.envelope("C6"), Length.ofMillimetres(4))),
                gate.withWish(Plans.fromSheet("A4", 3)),
                Plans.metric("m-fold-holder").withWish(new Wish.Holding(Contents.PHOTOGRAPH)),
                gate.withPart(PartAdding.part(gate.design(), "pocket", LIBRARY.find("panel-pockets").orThrow(),
                        new PartPlace.OnPanel(new PanelRef("base", "centre"), Optional.of(Face.INSIDE))).orThrow())
                        .withSet("pocket.kind", "corner"),
                with(with(Plans.project("pocket-fold"), "tag", "turned-tag", "pocket:pocket.pocket"), "band",
                        "belly-band",
                        "around").withSet("band.school", "pinched"),
                adorned(gate), gate.withPaper(PaperRole.layer(3), lilac).withScoring(ScoringStyle.OWN_FACE),
                gate.withEnvelope(Optional.of(Plans.envelope("A6")))
                        .withMats(
                                new MatSettings(2, Length.ofInches(1, 16), Map.of()).with(new PanelRef("base", "cover"),
                                        new MatSettings.OnPanel(Optional.of(1), Optional.empty(),
                                                Optional.of(Length.ofInches(3)), Optional.of(Length.ofInches(4))))));
    }

    private static Project adorned(Project card) {
        PanelRef cover = new PanelRef("base", "cover");
        Ornament strip = Plans.strip("strip", cover, Face.OUTSIDE, -3.5, 12, 40, 1 / 3.0).withColour("#a0B1c2");
        Ornament.Traced leaf = SvgPaths.read("path", "M0 0 Q 20 0 20 10 Q 0 10 0 0 z").orThrow();
        Ornament traced = Plans.strip("leaf", cover, Face.INSIDE, 0, 0, 30, 15)
                .with(new Ornament.Form(OrnamentShape.PATH, Length.ofInches(1), Length.ofInches(1, 2),
                        Optional.of(leaf)))
                .with(new Ornament.Put(Ornament.Along.CENTRED,
                        new Ornament.Along(Ornament.Anchor.END, Length.ofInches(-1, 64)), -12.5))
                .withHeight(Raise.TWO_PADS.height());
        return card.withOrnament(strip).withOrnament(traced).withOrnament(strip.withHeight(Length.ofMicrometres(700)));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"\"id\" : \"leaf\"| \"id\" : \"strip\"| no name of its own for an ornament",
        "\"id\" : \"leaf\"| \"id\" : \"1 2\"| no name of its own for an ornament",
        "\"on\" : \"base.cover\"| \"on\" : \"cover\"| must name a panel",
        "\"shape\" : \"rectangle\"| \"shape\" : \"star\"| “star” is not known",
        "M0 0 Q 20| M0 0 Z 20| SVG path: it goes wrong", "\"width\" : \"40 mm\"| \"width\" : \"0\"| more than 0",
        "\"across\" : \"left -3.5 mm\"| \"across\" : \"east 3 mm\"| “east 3 mm” is not known",
        "\"across\" : \"left -3.5 mm\"| \"across\" : \"left far\"| does not start with a number",
        "\"turn\" : -12.5| \"turn\" : 720| number between",
        "\"raised\" : \"two pads\"| \"raised\" : \"-1 mm\"| 0 or more",
        "\"colour\" : \"#a0B1c2\"| \"colour\" : \"red\"| #RRGGBB"})
    void damagedOrnaments_areNamed(String good, String bad, String message) {
        String text = ProjectWriter.text(adorned(Plans.project("overlapping-gate")));
        assertTrue(text.contains(good), text);
        List<String> problems = problems(text.replace(good, bad));
        assertTrue(problems.stream().anyMatch(problem -> problem.contains(message)), problems.toString());
    }

    @Test
    void ornamentsOfAPart_goWithIt_othersStay() {
        Project card = Plans.adding(Plans.project("half-fold"), "pocket=panel-pockets@base.back:inside").orThrow();
        Ornament on = Plans.strip("one", new PanelRef("pocket.pocket", "front"), Face.OUTSIDE, 5, 5, 20, 10);
        Ornament off = Plans.strip("two", new PanelRef("base", "front"), Face.OUTSIDE, 5, 5, 20, 10);
        Project adorned = card.withOrnament(on).withOrnament(off);
        assertEquals(List.of(on, off), adorned.ornaments());
        assertEquals(List.of(off), adorned.withoutPart("pocket").ornaments());
        assertEquals(adorned.withoutPart("pocket"), Plans.project("half-fold").withOrnament(off));
        assertEquals(card, adorned.withoutOrnament("one").withoutOrnament("two"));
    }

    private static List<String> problems(String text) {
        return ProjectReader.read("p.json", text, LIBRARY).problems().stream().map(Problem::text).toList();
    }

    @ParameterizedTest
    @MethodSource("projects")
    void writingAndReading_areInverse(Project project) {
        assertEquals(project, ProjectReader.read("p.json", ProjectWriter.text(project), LIBRARY).orThrow());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "\"cufflinkProject\" : 1| \"cufflinkProject\" : 2| A newer Cufflink wrote this",
        "\"cufflinkProject\" : 1| \"somethingElse\" : 1| not a Cufflink project",
        "overlapping-gate| no-such-gate| There is no such design. The designs are half-fold",
        "\"1/16 in\"| \"1/7 in\"| p.json: ruler: This ruler step is not known",
        "\"copies\" : 1| \"copies\" : 0| whole number from 1 to 999",
        "\"layers\" : 1| \"layers\" : \"many\"| whole number from 0 to 5",
        "\"#FFFFFF\"| \"white\"| A colour is written #RRGGBB",
        "\"weight\" : 250.0| \"weight\" : -4| number between",
        "\"to\" : \"design\"| \"to\" : \"the moon\"| “the moon” is not known",
        "\"reveal\" : \"1/8 in\"| \"reveal\" : \"wide\"| does not start with a number"})
    void damagedFields_areNamed(String good, String bad, String message) {
        String text = ProjectWriter.text(Plans.project("overlapping-gate"));
        assertTrue(text.contains(good), text);
        List<String> problems = problems(text.replace(good, bad));
        assertTrue(problems.stream().anyMatch(problem -> problem.contains(message)), problems.toString());
    }

    /** As the first Cufflink wrote it: what it did not know yet is what was usual then. */
    @Test
    void projectOfTheFirstCufflink_opensAsItWasMeant_andIsWrittenInTodaysWords() throws IOException {
        String first = new String(getClass().getResourceAsStream("/projects/first.json").readAllBytes(),
                StandardCharsets.UTF_8);
        Outcome<Project> read = ProjectReader.read("first.json", first, LIBRARY);
        assertEquals(List.of(), read.problems());
        Project project = read.orThrow();
        assertEquals(new Wish.FromSheet("Letter", Length.ofInches(17, 2), Length.ofInches(11), 1, new SheetUse.Shape()),
                project.wish());
        assertEquals(List.of(GrainRule.PREFER, false), List.of(project.tools().grain(), project.tools().onGrooves()));
        assertEquals(List.of("Moonlight 240", "Dusk 120"),
                List.of(project.card().name(), project.paper(PaperRole.layer(2)).name()));
        assertEquals(project, ProjectReader.read("again.json", ProjectWriter.text(project), LIBRARY).orThrow());
        assertTrue(Planner.plan(project).orThrow().faults().isEmpty());
    }

    private static Project with(Project host, String name, String design, String place) {
        return host.withPart(PartAdding.part(host.design(), name, LIBRARY.find(design).orThrow(),
                PartPlace.read(place, Optional.empty()).orElseThrow()).orThrow());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"\"panel-pockets\"| \"no-pockets\"| There is no such design",
        "\"base.centre\"| \"centre\"| is no place for a part",
        "\"name\" : \"pocket\"| \"name\" : \"width\"| cannot name a part"})
    void damagedParts_areNamed(String good, String bad, String message) {
        Project gate = Plans.project("overlapping-gate");
        String text = ProjectWriter.text(gate.withPart(PartAdding.part(gate.design(), "pocket",
                LIBRARY.find("panel-pockets").orThrow(),
                new PartPlace.OnPanel(new PanelRef("base", "centre"), Optional.empty())).orThrow()));
        assertTrue(text.contains(good), text);
        List<String> problems = problems(text.replace(good, bad));
        assertTrue(
                problems.stream()
                        .anyMatch(problem -> problem.startsWith("p.json: parts 1 › ") && problem.contains(message)),
                problems.toString());
    }

    @Test
    void truncatedFile_isRefusedWithItsPlace() {
        String text = ProjectWriter.text(Plans.project("overlapping-gate"));
        assertTrue(problems(text.substring(0, text.length() / 2)).get(0).matches("p.json, line \\d+, column \\d+: .*"),
                problems(text.substring(0, text.length() / 2)).toString());
    }

    @Test
    void failedWrite_leavesTheOldFile(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("p.json");
        ProjectWriter.write(Plans.project("overlapping-gate"), file);
        byte[] before = Files.readAllBytes(file);
        Path blocked = Files.createDirectories(folder.resolve("blocked.json").resolve("inside"));
        assertThrows(IOException.class, () -> ProjectWriter.write(Plans.project("accordion"), blocked.getParent()));
        assertArrayEquals(before, Files.readAllBytes(file));
        try (Stream<Path> left = Files.list(folder)) {
            assertEquals(2, left.count(), "no half-written file stays behind");
        }
    }
}
