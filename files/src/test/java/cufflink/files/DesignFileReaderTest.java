package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.DesignDefinition;
import cufflink.files.design.BuiltInDesigns;
import cufflink.files.design.DesignFileReader;
import cufflink.files.design.DesignLibrary;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DesignFileReaderTest {
    private static final String GATE = BuiltInDesigns.text("overlapping-gate");

    private static List<String> problems(String text) {
        return DesignFileReader.read("my.yaml", text).problems().stream().map(Problem::text).toList();
    }

    private static void expectProblem(String text, String message) {
        List<String> problems = problems(text);
        assertTrue(problems.stream().anyMatch(problem -> problem.contains(message)),
                () -> "expected “" + message + "” in " + problems);
    }

    /** Each row changes a word of a good file; the message names the line, the column and what was expected. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "id: overlapping-gate| idd: overlapping-gate| “id” is missing",
        "is: finished width| is: finished with| my.yaml, line 9, column 18: “finished with” is not known here; "
                + "expected one of finished width",
        "width * 7/12| widht * 7/12| my.yaml, line 11, column 21: “widht” is not known here; known are "
                + "card.caliper, ruler.step, closed.width, closed.height, closed.thickness, width, height.",
        "width * 5/6| width * 5/| my.yaml, line 12, column 31: In “width * 5/”: a measure, a number or a length was "
                + "expected here.",
        "fold: valley}| fold: sideways}| “sideways” is not known",
        "x: underlap,| z: underlap,| A line needs x, or y, or line",
        "on: base.cover| on: base.lid| There is no panel “base.lid”",
        "round: nearest, min: 1/4 in| round: sometimes, min: 1/4 in| expected one of nearest, up, down, exact",
        "that: overlap >=| that: overlap + 3 >=| stands between a length and a number",
        "up: inside| up: upside| expected one of inside, outside",
        "pieces:| piecez:| A design needs at least one piece",
        "id: right, x: underlap + width| id: right, x: underlap + 99 in| lies beyond the piece",
        "title: Overlapping gate| 'title: [a, b'| This is not YAML"})
    void mistakes_areNamedWithTheirPlace(String good, String bad, String message) {
        assertTrue(GATE.contains(good), good);
        expectProblem(GATE.replace(good, bad), message);
    }

    @Test
    void allMistakes_areFoundInOnePass() {
        List<String> problems = problems(
                GATE.replace("is: finished width", "is: nothing").replace("up: inside", "up: upside")
                        .replace("cover + underlap", "x").replace("group: card base", "groop: card base"));
        assertTrue(problems.size() >= 3, problems.toString());
    }

    @Test
    void emptyAndForeignFiles_areRefused() {
        expectProblem("", "empty");
        expectProblem("just a text", "must be written as fields");
        expectProblem("- a\n- b\n", "must be written as fields");
    }

    /** Files from strangers: no alias bombs, no endless repeats, no deep nesting, no code. */
    @Test
    void hostileFiles_areRefusedQuickly() {
        assertTimeoutPreemptively(Duration.ofSeconds(20), () -> {
            expectProblem("a: &a [x, x]\nb: &b [*a, *a]\nc: [*b, *b]\n", "Anchors and aliases");
            expectProblem(GATE.replace("{id: left,  x: underlap,         fold: valley}",
                    "{id: \"s{i}\", repeat: {i: [1, 99999]}, x: 1 mm * i, fold: valley}"), "200 times at most");
            expectProblem("a: " + "[".repeat(500) + "]".repeat(500), "");
            expectProblem("x: " + "y".repeat(300_000), "too long");
            expectProblem("!!javax.script.ScriptEngineManager [x]", "must be written as fields");
        });
    }

    @Test
    void duplicateKeys_areNamed() {
        expectProblem(GATE.replace("group: card base", "group: card base\ngroup: folio"), "stands here twice");
    }

    @Test
    void everyBuiltInFile_isReadWithoutProblems() {
        for (String id : DesignLibrary.builtIn().designs().keySet()) {
            assertEquals(List.of(), problems(BuiltInDesigns.text(id)), id);
        }
    }

    @Test
    void library_takesAMakersOwnDesigns_andLeavesOutBrokenOnes(@TempDir Path folder) throws IOException {
        Files.writeString(folder.resolve("mine.yaml"), GATE.replace("id: overlapping-gate", "id: my-gate"));
        Files.writeString(folder.resolve("broken.yaml"), "id: [");
        DesignLibrary library = DesignLibrary.with(folder);
        assertTrue(library.designs().containsKey("my-gate"));
        assertEquals(BuiltInDesigns.all().size() + 1, library.designs().size());
        assertTrue(library.refused().get("broken.yaml").get(0).where().startsWith("broken.yaml"));
    }

    @Test
    void binaryAndMissingFiles_areReported(@TempDir Path folder) throws IOException {
        Path binary = Files.write(folder.resolve("x.yaml"), new byte[] {(byte) 0xff, (byte) 0xfe, 0, (byte) 0x80});
        assertTrue(DesignFileReader.read(binary).problems().get(0).text().contains("not a text file"));
        Outcome<DesignDefinition> missing = DesignFileReader.read(folder.resolve("none.yaml"));
        assertTrue(missing.problems().get(0).text().contains("cannot be read"));
    }
}
