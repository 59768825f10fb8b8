package cufflink.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import cufflink.files.design.BuiltInDesigns;
import cufflink.files.design.DesignLibrary;
import cufflink.files.project.ProjectWriter;
import cufflink.measure.RulerStep;
import cufflink.plan.Project;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MainTest {
    private record Answer(int status, String out, String err) {
        JsonNode json() throws IOException {
            return new ObjectMapper().readTree(out);
        }
    }

    private static Answer run(String... arguments) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        int status = Main.commandLine(new PrintWriter(out, true), new PrintWriter(err, true)).execute(arguments);
        return new Answer(status, out.toString(), err.toString());
    }

    /** The fields of the JSON contract; nothing may be renamed. */
    @ParameterizedTest
    @ValueSource(strings = {"half-fold", "overlapping-gate", "accordion", "slim-tent", "m-fold-holder",
        "back-fold-holder", "belly-band"})
    void plan_json_keepsItsContract(String design) throws IOException {
        Answer answer = run("plan", design, "--format", "json", "--mats", "2", "--reveal", "1/8in");
        assertEquals(0, answer.status, answer.err);
        JsonNode root = answer.json();
        for (String field : List.of("design", "target", "measures", "pieces", "mats", "closed", "fold", "pockets",
                "checks", "layout", "run", "problems", "changed")) {
            assertTrue(root.has(field), field);
        }
        JsonNode piece = root.path("pieces").get(0);
        for (String field : List.of("id", "quantity", "width", "height", "material", "scores", "slits", "cutAways",
                "cutOuts")) {
            assertTrue(piece.has(field), field);
        }
        assertTrue(
                piece.path("width").path("mm").isNumber() && piece.path("width").path("text").asText().endsWith(" in"));
        for (JsonNode score : piece.path("scores")) {
            for (String field : List.of("id", "fold", "along", "at", "from", "to", "points")) {
                assertTrue(score.has(field), field);
            }
        }
        assertTrue(root.path("fold").path("flat").asBoolean());
        assertEquals(root.path("fold").path("panels").asInt(), root.path("fold").path("order").size());
        assertTrue(root.path("closed").path("thickness").path("mm").asDouble() > 0);
        for (JsonNode check : root.path("checks")) {
            assertTrue(List.of("good", "watch", "bad").contains(check.path("verdict").asText()));
            assertTrue(check.has("margin") && check.has("id") && check.has("text"));
        }
        JsonNode sheet = root.path("layout").path("sheets").get(0);
        assertTrue(sheet.has("stock") && sheet.has("cuts") && sheet.path("placements").get(0).has("turned"));
        for (String field : List.of("used", "waste", "bound")) {
            assertTrue(root.path("layout").path(field).isNumber(), field);
        }
        root.path("measures").forEach(measure -> assertTrue(measure.has("text") && measure.has("how")));
    }

    @Test
    void plan_json_documentedSchema_namesTheSameFields() throws IOException {
        JsonNode schema = new ObjectMapper().readTree(Path.of("..", "docs", "plan.schema.json").toFile());
        JsonNode answer = run("plan", "strip-album", "--format", "json").json();
        List<String> documented = new ArrayList<>();
        schema.path("properties").fieldNames().forEachRemaining(documented::add);
        List<String> given = new ArrayList<>();
        answer.fieldNames().forEachRemaining(given::add);
        assertEquals(given, documented);
        JsonNode pieceSchema = schema.path("properties").path("pieces").path("items").path("properties");
        answer.path("pieces").get(0).fieldNames().forEachRemaining(field -> assertTrue(pieceSchema.has(field), field));
        JsonNode layoutSchema = schema.path("properties").path("layout").path("properties");
        answer.path("layout").fieldNames().forEachRemaining(field -> assertTrue(layoutSchema.has(field), field));
    }

    @Test
    void plan_finish_givesTheFormulasOfTheDesign() throws IOException {
        JsonNode root = run("plan", "overlapping-gate", "--finish", "4 1/2x6 1/4", "--format", "json").json();
        assertEquals("10 7/8 in", root.path("pieces").get(0).path("width").path("text").asText());
        assertEquals(66.675, root.path("pieces").get(0).path("scores").get(0).path("at").path("mm").asDouble(), 1e-9);
        assertEquals("4 1/2 in", root.path("closed").path("width").path("text").asText());
    }

    /** All ways in, units and steps; common-practice yields among them. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "half-fold --sheet Letter --copies 2| 4 1/4 in| 5 1/2 in", "half-fold --finish A2| 4 1/4 in| 5 1/2 in",
        "half-fold --finish 105x148mm --unit mm| 105 mm| 148 mm",
        "half-fold --envelope C6 --unit mm| 111 mm| 159 mm", "overlapping-gate --envelope A6| 4 5/8 in| 6 3/8 in",
        "half-fold --finish 4x5in --step 1/8in| 4 in| 5 in",
        "m-fold-holder --hold gift-card --step 1mm| 102 mm| 55 mm",
        "half-fold --finish 4x5 --set height=100mm| 4 in| 3.937 in", "half-fold --sheet 6x8in| 4 in| 6 in",
        "half-fold --sheet 6x8in --use shape| 4 in| 5 3/16 in",
        "half-fold --sheet A4 --use 4 --unit mm| 74 mm| 105 mm"})
    void plan_waysIn(String arguments, String width, String height) throws IOException {
        List<String> line = new ArrayList<>(List.of("plan"));
        line.addAll(List.of(arguments.split(" ")));
        line.addAll(List.of("--format", "json", "--mats", "0"));
        Answer answer = run(line.toArray(String[]::new));
        JsonNode closed = answer.json().path("closed");
        assertEquals(width + " × " + height,
                closed.path("width").path("text").asText() + " × " + closed.path("height").path("text").asText(),
                answer.err);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "plan no-such| There is no such design. The designs are half-fold",
        "plan half-fold --finish four| is not a size", "plan half-fold --envelope Z9| Known are A2",
        "plan half-fold --sheet Z9| Known are A4", "plan half-fold --copies 0| whole number from 1 to 999",
        "plan half-fold --mats many| whole number from 0 to 5",
        "plan half-fold --set width| does not say measure=value", "plan half-fold --set depth=3| no such measure",
        "plan half-fold --set width=abc| does not start with a number",
        "plan half-fold --hold gift-card| has no pocket", "plan half-fold --unit ell| is not a unit",
        "plan half-fold --step 1/7in| is not a ruler step", "plan half-fold --finish 4x5 --sheet A4| Only one of these",
        "plan half-fold --reveal 0| must be more than 0", "plan belly-band --finish 4x5| follows what it holds",
        "check no-such-file.json| cannot be read", "plan half-fold --scoring both| Use one or own",
        "plan half-fold --finish 0x5| of more than 0", "plan my.yaml| cannot be read"})
    void mistakes_areToldOnStandardError_withStatus2(String arguments, String message) {
        Answer answer = run(arguments.split(" "));
        assertEquals(2, answer.status);
        assertTrue(answer.err.contains(message), answer.err);
        assertEquals("", answer.out);
    }

    @Test
    void mistakes_areAllTold() {
        Answer answer = run("plan", "half-fold", "--copies", "0", "--mats", "x", "--unit", "ell");
        assertEquals(3, answer.err.lines().count(), answer.err);
    }

    @Test
    void badCheck_isStatus1() {
        assertEquals(1, run("plan", "overlapping-gate", "--set", "underlap=1in", "--set", "cover=3in").status);
    }

    @Test
    void text_holdsDerivationsRunSheetAndChecks() {
        String text = run("plan", "overlapping-gate").out;
        for (String expected : List.of(
                "Narrow leaf = width × 7 / 12 = 4 1/4 × 7 / 12 = 2.4792 in, rounded to the nearest 1/16 in = 2 1/2 in",
                "Score", "✓ The leaves stay shut")) {
            assertTrue(text.contains(expected), expected + " in " + text);
        }
    }

    @Test
    void designs_listsThemAll() throws IOException {
        assertEquals(2L * BuiltInDesigns.all().size(), run("designs").out.lines().count());
        JsonNode list = run("designs", "--format", "json").json();
        assertEquals(BuiltInDesigns.all().size(), list.size());
        assertEquals("4 1/4 in", list.get(0).path("measures").get(0).path("default").asText());
    }

    @Test
    void checkAndExport_workOnFiles(@TempDir Path folder) throws IOException {
        Path project = folder.resolve("gate.json");
        ProjectWriter.write(
                Project.of(DesignLibrary.builtIn().find("overlapping-gate").orThrow(), RulerStep.SIXTEENTH_INCH),
                project);
        assertEquals(0, run("check", project.toString()).status);
        Path design = Files.writeString(folder.resolve("mine.yaml"), BuiltInDesigns.text("accordion"));
        assertTrue(run("check", design.toString()).out.contains("✓ Strip folds flat"));
        assertEquals(0, run("plan", design.toString()).status);
        for (String format : List.of("svg", "dxf", "csv", "pdf")) {
            Path out = format.equals("pdf") ? folder.resolve("out.pdf") : folder.resolve(format);
            Answer answer = run("export", project.toString(), "--to", format, "--out", out.toString());
            assertEquals(0, answer.status, answer.err);
            assertTrue(answer.out.lines().allMatch(line -> Files.exists(Path.of(line))), answer.out);
        }
        assertEquals(2, run("export", project.toString(), "--to", "pdf", "--out", folder.resolve("x.pdf").toString(),
                "--page", "A0").status);
        assertFalse(Files.exists(folder.resolve("x.pdf")));
    }

    /** A design is exported with the options of a plan; a project has its own measures and parts. */
    @Test
    void export_takesADesignWithItsOptions_andRefusesThemForAProject(@TempDir Path folder) throws IOException {
        Path lists = folder.resolve("lists");
        Answer answer = run("export", "half-fold", "--add", "tie=ribbon-tie@base.back:outside", "--set", "width=4 in",
                "--mats", "0", "--to", "csv", "--out", lists.toString());
        assertEquals(0, answer.status, answer.err);
        String cuts = Files.readString(Path.of(answer.out.lines().filter(line -> line.contains("cut")).findFirst()
                .orElseThrow()));
        assertTrue(cuts.contains("8 in") && cuts.contains("strand,ribbon"), cuts);
        Path project = folder.resolve("card.json");
        assertEquals(0, run("plan", "half-fold", "--save", project.toString()).status);
        Answer refused = run("export", project.toString(), "--set", "width=4 in", "--to", "csv", "--out",
                lists.toString());
        assertEquals(2, refused.status);
        assertTrue(refused.err.contains("--set cannot be given for a project"), refused.err);
        assertEquals(2, run("export", "no-such-design", "--to", "csv", "--out", lists.toString()).status);
    }

    /** The contract of the fold command: panels, order, loops, count, poses, pockets. */
    @Test
    void fold_answersWhatTheEngineProved() throws IOException {
        Answer answer = run("fold", "m-fold-holder", "--count", "--format", "json");
        assertEquals(0, answer.status);
        JsonNode fold = answer.json();
        assertTrue(fold.path("flat").asBoolean());
        assertEquals(4, fold.path("panels").size());
        assertEquals(2, fold.path("loops").asInt());
        assertEquals(1, fold.path("count").asLong());
        assertEquals("base.front", fold.path("order").get(0).asText());
        assertEquals(3, fold.path("steps").size());
        assertTrue(fold.path("poses").get(0).path("reached").asBoolean());
        assertEquals("top", fold.path("pockets").get(0).path("open").get(0).asText());
        assertEquals(0.76, fold.path("enclosed").path("base.middle").path("mm").asDouble(), 1e-9);
        assertEquals(0, fold.path("problems").size());
    }

    @Test
    void fold_ofALoopedDesign_countsItsLoops() throws IOException {
        assertEquals(3, run("fold", "squash-fold", "--format", "json").json().path("loops").asInt());
        assertTrue(run("plan", "squash-fold", "--format", "json").json().path("fold").path("flat").asBoolean());
    }

    @Test
    void fold_asText_andUnknownDesigns() {
        assertTrue(run("fold", "criss-cross-pocket").out
                .contains("Layers, front to back: left triangle, right triangle, inner back, back."));
        assertEquals(2, run("fold", "no-such-design").status);
    }

    /** A design that folds but does not close is status 1; the plan's pockets hold what the layers show. */
    @Test
    void plan_listsFoundPockets_andADesignThatCannotBeRefusesAPlan(@TempDir Path folder) throws IOException {
        JsonNode pockets = run("plan", "nested-diagonal-pockets", "--format", "json").json().path("pockets");
        assertEquals(List.of("large 4 in", "small 4 in", "found 3 3 1/2 in", "found 4 4 in", "found 5 4 in"),
                StreamSupport.stream(pockets.spliterator(), false).map(pocket -> pocket.path("id").asText() + " "
                        + pocket.path("width").path("text").asText()).toList(),
                "the two that the design names; then the space under the large corner and both again, from the front");
        Path wrong = Files.writeString(folder.resolve("wrong.yaml"), BuiltInDesigns.text("squash-fold")
                .replace("then 'mountain' else 'valley'\"}", "then 'valley' else 'mountain'\"}"));
        Answer answer = run("plan", wrong.toString());
        assertEquals(2, answer.status);
        assertTrue(answer.err.contains("there must be two more of one than of the other"), answer.err);
    }

    /** A number that was given and could not be used is told, and ends with 1. */
    @ParameterizedTest
    @CsvSource(delimiter = '|',
            value = {"half-fold|--finish|1/4x1/4in|finish|1/4 × 1/4 in|1/2 × 1/2 in",
                "diamond-tree|--finish|5x7in|finish|5 × 7 in|5 × 5 in", "accordion|--set|panels=90|panels|90|24",
                "half-fold|--set|width=1/4 in|width|1/4 in|1/2 in"})
    void plan_numberThatCannotBe_isReportedAsChanged(String design, String option, String value, String measure,
            String given, String used) throws IOException {
        Answer answer = run("plan", design, option, value, "--format", "json");
        assertEquals(1, answer.status, answer.err);
        JsonNode changed = answer.json().path("changed").get(0);
        assertEquals(List.of(measure, given, used), List.of(changed.path("measure").asText(),
                changed.path("given").asText(), changed.path("used").asText()));
        assertTrue(changed.path("why").asText().length() > 5);
        assertTrue(run("plan", design, option, value).out
                .contains("Changed: " + measure + ", " + given + " was given, " + used + " is used."));
    }

    @Test
    void plan_add_putsPartsOnPanels_andKeepsThemInAProject(@TempDir Path folder) throws IOException {
        Path kept = folder.resolve("kept.json");
        Answer answer = run("plan", "half-fold", "--add", "note=panel-pockets@base.back:inside", "--set",
                "note.kind=corner", "--mats", "0", "--save", kept.toString(), "--format", "json");
        assertEquals(0, answer.status, answer.err);
        JsonNode part = answer.json().path("parts").get(0);
        assertEquals(List.of("note", "panel-pockets", "base.back", "inside"),
                Stream.of("name", "design", "on", "face").map(field -> part.path(field).asText()).toList());
        assertEquals(List.of("base", "note.corner"),
                List.of(answer.json().path("pieces").get(0).path("id").asText(),
                        answer.json().path("pieces").get(1).path("id").asText()));
        Answer again = run("check", kept.toString());
        assertEquals(0, again.status, again.err);
        assertTrue(again.out.contains("The note is closed by folds and glue at the left and bottom"), again.out);
    }

    @Test
    void plan_add_putsPartsIntoPockets_andAround(@TempDir Path folder) throws IOException {
        Path kept = folder.resolve("kept.json");
        Answer answer = run("plan", "pocket-fold", "--add", "tag=turned-tag@pocket:pocket.pocket", "--add",
                "band=belly-band@around", "--set", "band.school=pinched", "--mats", "0", "--save", kept.toString(),
                "--format", "json");
        assertEquals(0, answer.status, answer.err);
        JsonNode parts = answer.json().path("parts");
        assertEquals(List.of("base.back", "pocket:pocket.pocket", "around"),
                Stream.of(0, 1, 2).map(part -> parts.get(part).path("on").asText()).toList());
        assertEquals("2 3/8 in", parts.get(1).path("closed").path("width").path("text").asText());
        Answer again = run("check", kept.toString());
        assertEquals(0, again.status, again.err);
        assertTrue(again.out.contains("Band · "), again.out);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"note| “note” does not say NAME=DESIGN@PLACE",
        "note=panel-pockets@back| “note=panel-pockets@back” does not say",
        "note=insert@around| “Insert” does not go round a card",
        "band=belly-band@around:inside| does not say", "note=insert@pocket:sleeve| “Half fold” has no pocket",
        "note=no-pockets@base.back| There is no such design",
        "width=panel-pockets@base.back| “width” cannot name a part",
        "note=panel-pockets@cover.back| It joins a piece “cover” that this design does not have",
        "note=panel-pockets@base.side| There is no panel base.side"})
    void plan_add_namesMistakes(String add, String said) {
        Answer answer = run("plan", "half-fold", "--add", add);
        assertEquals(2, answer.status);
        assertTrue(answer.err.contains(said), answer.err);
    }

    @Test
    void plan_result_isAnsweredWithWhatToSetInstead() {
        Answer answer = run("plan", "squash-fold", "--set", "cell=2in");
        assertEquals(2, answer.status);
        assertTrue(answer.err.contains("Set grid instead."), answer.err);
    }

    /** The examples of a practitioner's worked sizes: the closed side follows from the grid. */
    @ParameterizedTest
    @CsvSource({"Letter, in, 49.39", "12 in square, in, 53.88", "A4, mm, 52.33"})
    void squashFold_fromASheet_closesAtGridOverRootTwo(String sheet, String unit, double side) throws IOException {
        JsonNode answer = run("plan", "squash-fold", "--sheet", sheet, "--unit", unit, "--format", "json").json();
        assertEquals(side, answer.path("closed").path("width").path("mm").asDouble(), 0.01);
    }

    @Test
    void check_projectWithoutAPaper_saysWhatIsTaken(@TempDir Path folder) throws IOException {
        Project project = Project.of(DesignLibrary.builtIn().find("back-fold-holder").orThrow(),
                RulerStep.SIXTEENTH_INCH);
        Path file = Files.writeString(folder.resolve("holder.json"),
                ProjectWriter.text(project).replace("\"liner\" : {", "\"mat board\" : {"));
        Answer answer = run("check", file.toString());
        assertEquals(0, answer.status, answer.out);
        assertTrue(answer.err.contains("no paper for “liner”"), answer.err);
    }
}
