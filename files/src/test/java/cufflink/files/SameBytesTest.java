package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * Same project in, same bytes out, whichever process answers: each one shuffles the library's own sets and maps in its
 * own way.
 */
class SameBytesTest {
    private static List<String> answers() throws IOException, InterruptedException {
        Process process = new ProcessBuilder(Path.of(System.getProperty("java.home"), "bin", "java").toString(), "-cp",
                System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                Answers.class.getName()).redirectError(ProcessBuilder.Redirect.DISCARD).start();
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertEquals(0, process.waitFor());
        return said.lines().toList();
    }

    @Test
    void everythingWritten_isTheSameInEveryProcess() throws IOException, InterruptedException {
        List<String> first = answers();
        assertTrue(first.size() > 150, first.size() + " lines");
        assertEquals(first, answers());
    }
}
