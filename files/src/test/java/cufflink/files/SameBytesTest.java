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
    private static Process asked() throws IOException {
        return new ProcessBuilder(Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1", "-cp",
                System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                Answers.class.getName()).redirectError(ProcessBuilder.Redirect.DISCARD).start();
    }

    private static List<String> answers(Process process) throws IOException, InterruptedException {
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertEquals(0, process.waitFor());
        return said.lines().toList();
    }

    @Test
    void everythingWritten_isTheSameInEveryProcess() throws IOException, InterruptedException {
        Process one = asked();
        Process other = asked();
        List<String> first = answers(one);
        assertTrue(first.size() > 150, first.size() + " lines");
        assertEquals(first, answers(other));
    }
}
