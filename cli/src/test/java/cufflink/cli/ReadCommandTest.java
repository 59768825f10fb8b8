package cufflink.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import cufflink.files.design.DesignLibrary;
import cufflink.files.project.ProjectReader;
import cufflink.plan.Project;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Typed directions in the terminal. */
class ReadCommandTest {
    private static final String HOLDER = """
            Pass card holder
            Strip: 11 x 4 1/4 in
            Mat for the front: 2 3/4 x 4 in
            Score the strip from the left at 3, 5 1/2 and %s in.
            """;

    @TempDir
    private Path folder;
    private StringWriter out = new StringWriter();
    private StringWriter err = new StringWriter();

    private int run(String text, String... typed) throws IOException {
        out = new StringWriter();
        err = new StringWriter();
        Path file = folder.resolve("directions.txt");
        Files.writeString(file, text);
        List<String> arguments = new ArrayList<>(List.of("read", file.toString()));
        arguments.addAll(List.of(typed));
        return Main.commandLine(new PrintWriter(out, true), new PrintWriter(err, true))
                .execute(arguments.toArray(String[]::new));
    }

    private JsonNode json() throws IOException {
        return new ObjectMapper().readTree(out.toString());
    }

    @Test
    void whatIsRight_endsWell_withItsDesign() throws IOException {
        assertEquals(0, run(HOLDER.formatted("8"), "--format", "json"), err::toString);
        JsonNode read = json();
        assertEquals("m-fold-holder", read.at("/design/id").asText());
        assertEquals(0, read.at("/design/differs").size());
        assertEquals("11 in", read.at("/pieces/0/width/text").asText());
        assertEquals(3, read.at("/pieces/0/scores").size());
        assertEquals(2, read.at("/pieces/0/source/line").asInt());
        assertEquals(0, read.at("/findings").size());
    }

    @Test
    void whatCannotBe_isTold_withTheDesignsValue() throws IOException {
        assertEquals(1, run(HOLDER.formatted("18"), "--format", "json"), err::toString);
        JsonNode finding = json().at("/findings/0");
        assertEquals("cannot be", finding.at("/grade").asText());
        assertEquals("8 in", finding.at("/suggestion/text").asText());
        assertEquals("18", finding.at("/lines/0/text").asText().replaceAll("\\D", ""));
    }

    @Test
    void textSaysTheSame_asJson() throws IOException {
        assertEquals(1, run(HOLDER.formatted("18")));
        assertTrue(out.toString().contains("line 4, cannot be: The Strip is 11 in along that side"), out.toString());
        assertTrue(out.toString().contains("Suggested: 8 in."), out.toString());
    }

    @Test
    void aProject_hasTheWrittenSize() throws IOException {
        Path file = folder.resolve("holder.json");
        assertEquals(0, run("Accordion\nStrip 11 x 4 1/4 in, scored at 2 3/4, 5 1/2 and 8 1/4 in from the left.",
                "--save", file.toString()), err::toString);
        Project project = ProjectReader.read(file, DesignLibrary.builtIn()).orThrow();
        assertEquals("accordion", project.design().id());
        assertEquals("2 3/4 in", project.set().get("width"));
    }

    @Test
    void piecesOfNoDesign_becomeADesignFile_thatPlanTakes() throws IOException {
        assertEquals(0, run("Cover 12 x 4 in. Score it at 3, 7 1/2 and 11 in from the left.", "--save",
                folder.resolve("mine.json").toString()), err::toString);
        assertTrue(err.toString().contains("mine.yaml"), err.toString());
        assertTrue(Files.exists(folder.resolve("mine.yaml")));
    }

    @Test
    void nothingToRead_isSaid() throws IOException {
        assertEquals(2, run("Dear Ottilie, thank you for the lovely card."));
        assertTrue(err.toString().contains("No piece with a size was found"), err.toString());
        assertEquals(2, run("", "--unit", "ft"));
    }
}
