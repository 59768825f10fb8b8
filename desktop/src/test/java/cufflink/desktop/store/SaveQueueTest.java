package cufflink.desktop.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.Test;

class SaveQueueTest {
    private final List<String> written = Collections.synchronizedList(new ArrayList<>());
    private final SaveQueue queue = new SaveQueue();

    private void soon(String file, String state) {
        queue.soon(Path.of(file), () -> written.add(file + " " + state), fault -> written.add("failed"));
    }

    @Test
    void newestState_replacesOneThatWaits_otherFilesAreKept() throws InterruptedException {
        CountDownLatch busy = new CountDownLatch(1);
        queue.inOrder(() -> {
            try {
                busy.await();
            } catch (InterruptedException stop) {
                Thread.currentThread().interrupt();
            }
        });
        soon("a", "1");
        soon("b", "1");
        soon("a", "2");
        busy.countDown();
        queue.flush();
        assertEquals(List.of("a 2", "b 1"), List.copyOf(written));
    }

    @Test
    void failure_isTold_andTheNextIsWritten() {
        queue.soon(Path.of("a"), () -> {
            throw new IOException("full");
        }, fault -> written.add(fault.getMessage()));
        soon("b", "1");
        assertTrue(queue.finish());
        assertEquals(List.of("full", "b 1"), written);
    }

    @Test
    void afterItsEnd_writingHappensAtOnce() {
        queue.close();
        soon("a", "1");
        assertEquals(List.of("a 1"), written);
    }
}
