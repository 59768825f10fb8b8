package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

@SuppressWarnings("try")
class FolderOwnerTest {
    @TempDir
    private Path folder;

    /** Another program that owns a folder, says so, and waits to be ended. */
    static final class Holder {
        private Holder() {
        }

        public static void main(String[] arguments) throws IOException, InterruptedException {
            boolean owns = FolderOwner.claim(Path.of(arguments[0])).isPresent();
            System.out.println(owns ? "owned" : "refused");
            Thread.sleep(60_000);
        }
    }

    private Process holder() throws IOException {
        String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
        return new ProcessBuilder(
                List.of(java, "-cp", System.getProperty("java.class.path"), Holder.class.getName(), folder.toString()))
                .start();
    }

    private static String said(Process process) throws IOException {
        return process.inputReader().readLine();
    }

    @Test
    void folderIsOwnedOnce_andFreeAgainWhenGivenBack() throws IOException {
        FolderOwner first = FolderOwner.claim(folder).orElseThrow();
        assertEquals(Optional.empty(), FolderOwner.claim(folder));
        first.close();
        FolderOwner.claim(folder).orElseThrow().close();
    }

    @Test
    void killedOwner_leavesNoLock() throws Exception {
        Process other = holder();
        assertEquals("owned", said(other));
        assertEquals(Optional.empty(), FolderOwner.claim(folder));
        other.destroyForcibly().waitFor();
        FolderOwner.claim(folder).orElseThrow().close();
    }

    @Test
    void otherProcess_isRefused() throws Exception {
        try (FolderOwner mine = FolderOwner.claim(folder).orElseThrow()) {
            Process other = holder();
            assertEquals("refused", said(other));
            other.destroyForcibly().waitFor();
        }
    }

    @Test
    void owner_answersACall() throws Exception {
        CountDownLatch called = new CountDownLatch(1);
        try (FolderOwner mine = FolderOwner.claim(folder).orElseThrow()) {
            mine.answer(called::countDown);
            assertTrue(FolderOwner.call(folder, Duration.ofSeconds(20)));
            assertTrue(called.await(20, TimeUnit.SECONDS));
        }
    }

    @Test
    void hangingOwner_isNotTakenForAnAnswer_andTheCallIsTakenBack() throws Exception {
        try (FolderOwner mine = FolderOwner.claim(folder).orElseThrow()) {
            assertFalse(FolderOwner.call(folder, Duration.ofMillis(300)));
            assertFalse(Files.exists(folder.resolve("come-forward")));
        }
    }
}
