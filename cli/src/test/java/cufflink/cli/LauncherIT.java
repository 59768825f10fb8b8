package cufflink.cli;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The launcher, called from elsewhere by a link and in a platform that knows no letters beyond ASCII. */
class LauncherIT {
    @TempDir
    private Path folder;
    private Path link;

    /** A tree like that of a checkout, built, with the packaged terminal program in its place. */
    @BeforeEach
    void layOut() throws IOException {
        Path top = Files.createDirectories(folder.resolve("app"));
        Path script = Files.copy(Path.of("..", "cufflink"), top.resolve("cufflink"));
        for (String module : List.of("core", "files", "cli", "desktop")) {
            Files.createDirectories(top.resolve(module).resolve("src").resolve("main"));
            Files.createFile(top.resolve(module).resolve("pom.xml"));
        }
        Files.createFile(top.resolve("pom.xml"));
        Files.createSymbolicLink(top.resolve("cli").resolve("target"), Path.of("target").toAbsolutePath());
        Files.createFile(Files.createDirectories(top.resolve("desktop").resolve("target")).resolve("built"));
        link = Files.createSymbolicLink(folder.resolve("linked"), script);
    }

    private String run(int status, String... arguments) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of(link.toString()));
        command.addAll(List.of(arguments));
        Path output = folder.resolve("output.txt");
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true).redirectOutput(output.toFile())
                .directory(folder.toFile());
        builder.environment().put("LC_ALL", "C");
        builder.environment().put("HOME", folder.toString());
        Process process = builder.start();
        assertTrue(process.waitFor(120, TimeUnit.SECONDS));
        String printed = Files.readString(output);
        assertEquals(status, process.exitValue(), printed);
        return printed;
    }

    @Test
    void linkedFromElsewhere_startsWithoutBuilding() throws IOException, InterruptedException {
        String printed = run(0, "designs");
        assertTrue(printed.contains("overlapping-gate") && !printed.contains("building"), printed);
    }

    @Test
    void outputIsUtf8_whateverThePlatformSays() throws IOException, InterruptedException {
        assertTrue(run(0, "plan", "half-fold").contains("4 1/4 × 5 1/2 in"));
        assertEquals("half-fold",
                new ObjectMapper().readTree(run(0, "plan", "half-fold", "--format", "json")).path("design").asText());
    }

    @Test
    void whatIsTyped_andFileNames_areUtf8Too() throws IOException, InterruptedException {
        assertTrue(run(0, "plan", "half-fold", "--set", "height=4½").contains("Height = 4 1/2 in"));
        assertTrue(run(2, "check", "hüllen.json").contains("hüllen.json"));
    }
}
