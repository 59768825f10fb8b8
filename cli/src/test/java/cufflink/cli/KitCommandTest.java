package cufflink.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
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

/** Kits in the terminal. */
class KitCommandTest {
    @TempDir
    private Path folder;
    private StringWriter out = new StringWriter();
    private StringWriter err = new StringWriter();

    @BeforeEach
    void files() throws IOException {
        ProjectWriter.write(Project.of(DesignLibrary.builtIn().find("half-fold").orThrow(), RulerStep.SIXTEENTH_INCH),
                folder.resolve("card.json"));
        Files.writeString(folder.resolve("stash.csv"), """
                kind,name,width,height,count,price
                paper,Plain card 250,8 1/2 in,11 in,4,0.5
                paper,Other card,8 1/2 in,11 in,9,0.75
                paper,Plain paper 120,8 1/2 in,11 in,100,0.1
                """);
        Files.writeString(folder.resolve("names.csv"), "name\nAda\nBo\n");
    }

    private int run(String... typed) {
        out = new StringWriter();
        err = new StringWriter();
        List<String> arguments = new ArrayList<>(List.of("kit", folder.resolve("card.json") + "*12", "--data",
                folder.resolve("data").toString(), "--stash", folder.resolve("stash.csv").toString()));
        arguments.addAll(List.of(typed));
        return Main.commandLine(new PrintWriter(out, true), new PrintWriter(err, true))
                .execute(arguments.toArray(String[]::new));
    }

    @Test
    void paperThatRunsOut_isBought_orAnotherTakesItsPlace() {
        assertEquals(1, run());
        assertTrue(out.toString().contains("Plain card 250 is to be bought."), out.toString());
        assertEquals(0, run("--instead", "plain card 250=other card"));
        assertTrue(out.toString().contains(": Other card in place of Plain card 250."), out.toString());
    }

    @Test
    void names_makeTheKits() throws IOException {
        assertEquals(1, run("--names", folder.resolve("names.csv").toString(), "--format", "json"));
        JsonNode packed = new ObjectMapper().readTree(out.toString());
        assertEquals(2, packed.path("kits").asInt());
        assertEquals(6, packed.path("items").path(0).path("perKit").asInt());
        assertEquals(2, run("--names", folder.resolve("names.csv").toString(), "--kits", "3"));
    }

    @Test
    void timesThatNobodyTook_areSaid() {
        run("--evening", "60");
        assertTrue(out.toString().contains("The notebook has no times of these designs."), out.toString());
    }

    @ParameterizedTest
    @CsvSource({"--by, moon", "--ready, tomorrow", "--ready, 2026-13-01", "--dry, -3", "--kits, 5", "--kits, 0",
        "--names, none.csv"})
    void whatCannotBe_isNamed(String option, String typed) {
        assertEquals(2, run(option, typed));
        assertTrue(!err.toString().isBlank());
    }

    @ParameterizedTest
    @CsvSource({"--grid, 8by3", "--grid, 40x20", "--margins, wide", "--gaps, -1mm x 0mm"})
    void labelsThatCannotBe_areNamed_andNothingIsWritten(String option, String typed) {
        Path labels = folder.resolve("labels.pdf");
        assertEquals(2, run("--labels", labels.toString(), option, typed));
        assertTrue(Files.notExists(labels));
    }

    /** A day that is none in its month is found, too. */
    @Test
    void dayThatIsNone_isNamed() {
        assertEquals(2, run("--ready", "2026-02-30"));
    }
}
