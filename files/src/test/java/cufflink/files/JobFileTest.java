package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.files.project.JobFile;
import cufflink.files.project.KeptJob;
import cufflink.files.project.KeptPacking;
import cufflink.job.Job;
import cufflink.job.JobCutting;
import cufflink.job.JobPlanner;
import cufflink.job.Kit;
import cufflink.job.StrandNeed;
import cufflink.measure.Length;
import cufflink.paper.BenchTools;
import cufflink.plan.Project;
import cufflink.stash.Stash;
import cufflink.stash.StashPaper;
import cufflink.stash.Taken;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Consumer;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class JobFileTest {
    @TempDir
    private Path folder;

    static KeptJob halfCut() {
        Project project = Plans.project("squash-fold");
        StashPaper sheets = StashPaper.sheets(project.card(), 2).withId(7);
        JobCutting cutting = JobCutting.begin("maps", JobPlanner
                .plan(Job.of("Maps", List.of(new Kit(project, 5)), BenchTools.USUAL_INCH), new Stash(List.of(sheets)))
                .orThrow().sheets(), List.of(ribbon()));
        return KeptJob.of("Maps", List.of(new KeptJob.KeptKit("maps.json", 5)))
                .withAlternatives(Map.of("plain card 250", List.of("moonlight 240"))).withSparePercent(10)
                .withPacking(Optional.of(KeptPacking.of(5).withNames(List.of("Ada", "Bo")).withScored(true).at(3)))
                .withCutting(
                        Optional.of(cutting.withDone(1, true).withTaken(new Taken(Set.of(0), Set.of(ribbon().id())))))
                .at(2, 1);
    }

    private static StrandNeed ribbon() {
        return new StrandNeed("ribbon", Length.ofMillimetres(6),
                List.of(new StrandNeed.StrandCut(Length.ofInches(8), OptionalLong.of(3)),
                        new StrandNeed.StrandCut(Length.ofInches(5), OptionalLong.empty())));
    }

    @Test
    void jobInTheMiddleOfCutting_isReadBackEqual() throws IOException {
        Path file = folder.resolve("maps.json");
        JobFile.write(halfCut(), file);
        assertEquals(halfCut(), JobFile.read(file).orThrow());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"\"material\" : \"ribbon\"|\"material\" : \" \"|strands 1 › material",
        "\"width\" : \"6 mm\"|\"width\" : \"0 mm\"|strands 1 › width",
        "\"reel\" : 3|\"reel\" : 0|strands 1 › cuts 1 › reel"})
    void strandThatIsWrong_isNotOpened_andSaysWhere(String was, String is, String where) throws IOException {
        Path file = folder.resolve("maps.json");
        JobFile.write(halfCut(), file);
        String text = Files.readString(file);
        assertTrue(text.contains(was), text);
        Files.writeString(file, text.replace(was, is));
        String problems = JobFile.read(file).problems().toString();
        assertTrue(problems.contains(where), problems);
    }

    @Test
    void strandOfWhichNothingIsCut_isNotOpened() throws IOException {
        String problems = problems(strands -> ((ObjectNode) strands.get(0)).putArray("cuts"));
        assertTrue(problems.contains("strands 1 › cuts"), problems);
    }

    @Test
    void strandThatStandsTwice_isNotOpened() throws IOException {
        String problems = problems(strands -> strands.add(strands.get(0).deepCopy()));
        assertTrue(problems.contains("strands 2 › material"), problems);
    }

    /** What is said of a job whose ribbons were changed in its file. */
    private String problems(Consumer<ArrayNode> change) throws IOException {
        Path file = folder.resolve("maps.json");
        JobFile.write(halfCut(), file);
        ObjectMapper mapper = new ObjectMapper();
        ObjectNode tree = (ObjectNode) mapper.readTree(file.toFile());
        change.accept(tree.withArray("strands"));
        mapper.writeValue(file.toFile(), tree);
        return JobFile.read(file).problems().toString();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"{\"name\": \"x\"}|not a Cufflink job", "{\"cufflinkJob\": 99}|newer Cufflink",
        "{\"cufflinkJob\": 1,|damaged",
        "{\"cufflinkJob\": 1, \"name\": \"x\", \"kits\": [{\"project\": \"a.json\", \"copies\": 0}], \"spare\": "
                + "0}|kits 1 › copies, message=A whole number from 1 to 999",
        "{\"cufflinkJob\": 1, \"name\": \"x\", \"kits\": [], \"spare\": 900}|spare, message=A whole number from 0 to 100"})
    void fileThatIsWrong_isNotOpened_andSaysWhere(String text, String reason) throws IOException {
        Path file = folder.resolve("job.json");
        Files.writeString(file, text);
        String problems = JobFile.read(file).problems().toString();
        assertTrue(problems.contains(reason), problems);
        assertEquals(text, Files.readString(file));
    }
}
