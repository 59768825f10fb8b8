package cufflink.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
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

/** The chart of dies in the terminal. */
class DiesCommandTest {
    @TempDir
    private Path folder;
    private StringWriter out = new StringWriter();
    private StringWriter err = new StringWriter();

    @BeforeEach
    void stash() throws IOException {
        Files.writeString(folder.resolve("stash.csv"), """
                kind,name,width,height,shape,set
                punch,Large circle,3,3,circle,Circles
                punch,Small circle,2,2,circle,Circles
                punch,Frame,4,6,rectangle,
                punch,Secret,1,1,,
                """);
    }

    private int run(String... typed) {
        out = new StringWriter();
        err = new StringWriter();
        List<String> arguments = new ArrayList<>(List.of("dies"));
        arguments.addAll(List.of(typed));
        if (!arguments.contains("--data")) {
            arguments.addAll(List.of("--stash", folder.resolve("stash.csv").toString()));
        }
        return Main.commandLine(new PrintWriter(out, true), new PrintWriter(err, true))
                .execute(arguments.toArray(String[]::new));
    }

    @Test
    void chart_tellsWhatFits_andWhatShows() throws IOException {
        assertEquals(0, run("--format", "json"));
        JsonNode dies = new ObjectMapper().readTree(out.toString()).path("dies");
        assertEquals(4, dies.size());
        JsonNode large = dies.get(2);
        assertEquals("Large circle", large.path("name").asText());
        assertEquals("3 1/4 in", large.path("around").path("width").asText());
        assertEquals("12.7 mm", large.path("reveals").get(0).path("sideways").asText());
        assertTrue(dies.get(0).path("rectangle").isMissingNode(), "nothing is said of a shape that is not told");
        assertEquals(0, run("circle"));
        assertEquals(2, out.toString().lines().count(), out.toString());
    }

    /** The square in a circle of 2 3/4 in is 1.94 in. */
    @ParameterizedTest
    @CsvSource({"1.9 x 1.9in, 2", "2 x 2in, 1", "5 x 3in, 1", "3 x 5 in, 1"})
    void holds_leavesOnlyThoseThatDo(String size, int count) {
        assertEquals(0, run("--holds", size));
        assertEquals(count, out.toString().lines().count(), out.toString());
    }

    @ParameterizedTest
    @CsvSource({"--border, much", "--border, -1mm", "--holds, 3", "--holds, 0 x 1", "--unit, ell"})
    void whatCannotBeRead_isNamed(String option, String typed) {
        assertEquals(2, run(option, typed));
        assertTrue(err.toString().contains(option), err.toString());
    }

    @Test
    void emptyStash_hasNone() {
        assertEquals(1, run("--data", folder.resolve("data").toString()));
        assertTrue(err.toString().contains("no such die"), err.toString());
    }
}
