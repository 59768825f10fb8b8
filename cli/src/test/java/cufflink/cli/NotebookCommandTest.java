package cufflink.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
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
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The notebook in the terminal. */
class NotebookCommandTest {
    @TempDir
    private Path folder;
    private StringWriter out = new StringWriter();
    private StringWriter err = new StringWriter();

    @BeforeEach
    void project() throws IOException {
        ProjectWriter.write(Project.of(DesignLibrary.builtIn().find("half-fold").orThrow(), RulerStep.SIXTEENTH_INCH),
                folder.resolve("card.json"));
    }

    private int run(String... typed) {
        out = new StringWriter();
        err = new StringWriter();
        List<String> arguments = new ArrayList<>(List.of("notebook"));
        arguments.addAll(List.of(typed));
        arguments.addAll(List.of("--data", folder.resolve("data").toString()));
        return Main.commandLine(new PrintWriter(out, true), new PrintWriter(err, true))
                .execute(arguments.toArray(String[]::new));
    }

    private String card() {
        return folder.resolve("card.json").toString();
    }

    @Test
    void whatWasMade_isFoundByItsWords_andShown() throws IOException {
        assertEquals(1, run("list"));
        assertTrue(err.toString().startsWith("The notebook is empty."), err.toString());
        assertEquals(0, run("add", card(), "--note", "Too tight", "--wrong", "3=It cracked", "--took", "Cut=1.5"));
        assertEquals(0, run("add", card(), "--note", "Better"));
        assertEquals(0, run("list", "tight", "cracked"));
        assertEquals(1, out.toString().lines().count(), out.toString());
        assertEquals(1, run("list", "tight", "better"));
        assertEquals(0, run("show", "1", "--format", "json"));
        JsonNode make = new ObjectMapper().readTree(out.toString());
        assertEquals(90, make.path("took").path("cut").asInt());
        assertEquals("half-fold", make.path("project").path("design").asText());
        assertEquals(0, run("compare", "1", "2"));
        assertEquals("Time, Cut: 2 min / –", out.toString().strip());
    }

    @Test
    void whatIsTakenOut_isAskedForByItsNumber_andComesBack() {
        run("add", card());
        assertEquals(0, run("remove", "1"));
        assertTrue(out.toString().contains("bring-back 1"), out.toString());
        assertEquals(2, run("show", "1"));
        assertEquals(0, run("bring-back", "1"));
        assertEquals(0, run("show", "1"));
        assertEquals(2, run("bring-back", "1"));
    }

    /** What is wrong is named, and nothing is put in. */
    @ParameterizedTest
    @CsvSource({"--wrong, 99=too far, There is no step 99", "--wrong, cracked, is not a step's number",
        "--wrong, '3= ', is not a step's number", "--took, nap=3, is not a phase", "--took, cut=-3, is not a phase",
        "--picture, none.png, is no picture"})
    void mistakes_areNamed(String option, String value, String said) {
        assertEquals(2, run("add", card(), option, value));
        assertTrue(err.toString().contains(said), err.toString());
        assertEquals(1, run("list"));
    }

    @Test
    void whatIsToldTwice_isRefused() {
        assertEquals(2, run("add", card(), "--took", "cut=3", "--took", "cut=4"));
        assertTrue(err.toString().contains("“cut” is told twice."), err.toString());
        assertEquals(2, run("add", card(), "--measured", "width=4in", "--measured", "width=3in"));
        assertTrue(err.toString().contains("“closed width” is told twice."), err.toString());
    }

    @Test
    void folderThatWasExported_isReadElsewhere_once() {
        run("add", card(), "--note", "one");
        run("add", card(), "--note", "two");
        Path exported = folder.resolve("out");
        assertEquals(2, run("export", "7", "--out", exported.toString()));
        assertFalse(Files.exists(exported));
        assertEquals(0, run("export", "--out", exported.toString()));
        assertEquals(0, run("import", exported.resolve("notebook.json").toString()));
        assertTrue(out.toString().startsWith("0 makes are new in the notebook; it had 2 already."), out.toString());
        run("remove", "1");
        assertEquals(0, run("import", exported.resolve("notebook.json").toString()));
        assertTrue(out.toString().startsWith("1 make is new"), out.toString());
    }

    /** Closed 4 1/4 × 5 1/2 in: both sides too short by the same. */
    @Test
    void whatWasMeasured_isHeldAgainstThePlan_withWhatExplainsIt() {
        assertEquals(0, run("add", card(), "--measured", "width=4 1/8", "--measured", "height=5 3/8 in",
                "--measured", "thickness=1 mm"));
        assertEquals(0, run("show", "1"));
        String page = out.toString();
        assertTrue(page.contains("Closed width: 4 1/8 in, 1/8 in less than the 4 1/4 in"), page);
        assertTrue(page.contains("Thickness: 1 mm, 0.038 mm more than the 0.962 mm"), page);
        assertTrue(page.contains("All sides are 1/8 in short"), page);
        assertFalse(page.contains("templates"), page);
        assertEquals(0, run("next", "half-fold"));
        assertEquals("1.1  half-fold  offered  The trimmer cuts 1/8 in short", out.toString().strip());
    }

    @Test
    void correction_isAppliedToAProject_orKeptInMind_orDropped() throws IOException {
        assertEquals(0, run("add", card(), "--next", "width -1/8 in: it stuck in the envelope", "--next",
                "step 3: score it twice"));
        assertEquals(0, run("next"));
        assertEquals(List.of("1.1  half-fold  offered  Width, 1/8 in less: it stuck in the envelope",
                "1.2  half-fold  offered  " + "Base at 4 1/4: score it twice"), out.toString().lines().toList());
        String saved = folder.resolve("next.json").toString();
        assertEquals(0, run("apply", "1.1", card(), "--save", saved));
        assertTrue(out.toString().contains("Width: 4 1/4 in → 4 1/8 in"), out.toString());
        assertEquals(0, run("apply", "1.2", saved, "--remind", "--save", saved, "--format", "json"));
        String kept = Files.readString(Path.of(saved));
        assertTrue(kept.contains("\"width\" : \"4 1/8 in\"") && kept.contains("score it twice"), kept);
        assertEquals(2, run("apply", "1.3", card(), "--save", saved));
        assertEquals(0, run("decide", "1.1", "dropped"));
        assertEquals(0, run("next", "--format", "json"));
        assertEquals("dropped", new ObjectMapper().readTree(out.toString()).path("next").path(0).path("standing")
                .asText());
        assertEquals(1, run("next", "waterfall"));
        assertEquals(2, run("decide", "one", "own"));
    }

    @ParameterizedTest
    @CsvSource({"width -1/8 in, is not what is to be different", "'moon +1 mm: x', to tie a correction to",
        "'paper card = None such: x', There is no paper", "'step 99: x', There is no step 99"})
    void correctionThatIsTiedToNothing_isRefused(String typed, String said) {
        assertEquals(2, run("add", card(), "--next", typed));
        assertTrue(err.toString().contains(said), err.toString());
    }
}
