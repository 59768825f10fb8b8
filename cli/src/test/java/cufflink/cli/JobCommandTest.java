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
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Half folds of 4¼ × 5½ in on plain card: a Letter sheet gives two. */
class JobCommandTest {
    @TempDir
    private Path folder;
    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    @BeforeEach
    void write() throws IOException {
        Project project = Project.of(DesignLibrary.builtIn().find("half-fold").orThrow(), RulerStep.SIXTEENTH_INCH);
        ProjectWriter.write(project.withMats(project.mats().withLayers(0)), folder.resolve("card.json"));
    }

    private int run(String stash, String... more) throws IOException {
        Files.writeString(folder.resolve("stash.csv"), "kind,name,width,height,count,price\n" + stash);
        List<String> arguments = new ArrayList<>(List.of("job", "--stash", folder.resolve("stash.csv").toString()));
        arguments.addAll(List.of(more));
        return Main.commandLine(new PrintWriter(out, true), new PrintWriter(err, true))
                .execute(arguments.toArray(new String[0]));
    }

    private String kit(int copies) {
        return folder.resolve("card.json") + "*" + copies;
    }

    @Test
    void stashWithEnough_isAGoodAnswer() throws IOException {
        assertEquals(0, run("paper,Plain card 250,8 1/2,11,12,\n", kit(24)));
        assertTrue(out.toString().startsWith("The stash has it all: 12 sheets; 12 is the least possible."),
                out.toString());
    }

    @Test
    void whatIsLacking_isListedWithSparesAndCost() throws IOException {
        assertEquals(1, run("paper,Plain card 250,8 1/2,11,10,0.50\n", kit(24), "--spare", "25", "--format", "json"));
        JsonNode answer = new ObjectMapper().readTree(out.toString());
        assertEquals(2, answer.path("bought").asInt());
        assertEquals(3, answer.path("purchases").get(0).path("spare").asInt());
        assertEquals(2.5, answer.path("purchases").get(0).path("cost").asDouble());
        assertTrue(answer.path("proved").asBoolean());
    }

    @Test
    void anotherPaper_mayTakeItsPlace() throws IOException {
        assertEquals(0, run("paper,Dusk 240,8 1/2,11,1,\n", kit(2), "--instead", "Plain card 250=Dusk 240"));
    }

    @Test
    void pdf_isWrittenBesideTheAnswer() throws IOException {
        Path pdf = folder.resolve("cutting.pdf");
        assertEquals(0, run("paper,Plain card 250,8 1/2,11,12,\n", kit(24), "--pdf", pdf.toString()));
        assertEquals("%PDF", new String(Files.readAllBytes(pdf), 0, 4, StandardCharsets.US_ASCII));
    }

    @Test
    void everyMistake_isNamed() throws IOException {
        assertEquals(2, run("paper,Dusk 240,none,11,1,\n", folder.resolve("gone.json") + "*2", kit(0), "--instead", "x",
                "--spare", "900"));
        for (String part : List.of("gone.json", "“0” is not a number of copies", "“x” does not say PAPER=OTHER",
                "stash.csv, line 2: Width", "--spare: “900”")) {
            assertTrue(err.toString().contains(part), part + "\n" + err);
        }
    }
}
