package cufflink.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.files.design.DesignLibrary;
import cufflink.files.project.ProjectWriter;
import cufflink.measure.RulerStep;
import cufflink.plan.Project;
import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * The packaged terminal program in a process of its own, from its modules, as it is started: what a class path hides
 * shows here.
 */
class PackagedProgramIT {
    private static final String VERSION = "0.1.0";

    @TempDir
    private Path folder;
    private Path project;

    @BeforeEach
    void writeProject() throws IOException {
        project = folder.resolve("card.json");
        ProjectWriter.write(Project.of(DesignLibrary.builtIn().find("half-fold").orThrow(), RulerStep.SIXTEENTH_INCH),
                project);
    }

    private String run(String... arguments) throws IOException, InterruptedException {
        return run(0, arguments);
    }

    private String run(int status, String... arguments) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-XX:TieredStopAtLevel=1", "-p",
                "target/lib" + File.pathSeparator + "target/cufflink-cli-" + VERSION + ".jar", "-m",
                "cufflink.cli/cufflink.cli.Main"));
        command.addAll(List.of(arguments));
        Path output = folder.resolve("output.txt");
        Process process = new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(output.toFile()).start();
        assertTrue(process.waitFor(60, TimeUnit.SECONDS));
        String printed = Files.readString(output);
        assertEquals(status, process.exitValue(), printed);
        return printed;
    }

    @Test
    void designsAreListed() throws IOException, InterruptedException {
        assertTrue(run("designs").contains("overlapping-gate"));
    }

    @Test
    void everyExportIsWritten() throws IOException, InterruptedException {
        for (String format : List.of("pdf", "svg", "dxf", "csv")) {
            Path out = folder.resolve("out." + format);
            for (String written : run("export", project.toString(), "--to", format, "--out", out.toString()).lines()
                    .toList()) {
                assertTrue(Files.size(Path.of(written)) > 0, written);
            }
        }
    }

    @Test
    void jobIsPlannedAndPrinted_fromAStashTable() throws IOException, InterruptedException {
        Files.writeString(folder.resolve("stash.csv"),
                "kind,name,width,height,count\npaper,Plain card 250,8 1/2,11,9\npaper,Plain paper 120,8 1/2,11,9\n");
        Path pdf = folder.resolve("job.pdf");
        assertTrue(
                run("job", project + "*4", "--stash", folder.resolve("stash.csv").toString(), "--pdf", pdf.toString())
                        .startsWith("The stash has it all"));
        assertEquals("%PDF", new String(Files.readAllBytes(pdf), 0, 4, StandardCharsets.US_ASCII));
    }

    @Test
    void jobIsPlanned_fromTheStashDatabase() throws IOException, InterruptedException {
        Path database = folder.resolve("stash.db");
        Files.createFile(database);
        assertTrue(run(1, "job", project + "*1", "--stash", database.toString()).startsWith("Buy 2 sheets"));
    }
}
