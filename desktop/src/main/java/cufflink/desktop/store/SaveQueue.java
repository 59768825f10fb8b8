package cufflink.desktop.store;

import java.io.IOException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;

/** Writes files on a thread of its own, in order; the newest state of a file replaces one still waiting. */
public final class SaveQueue implements AutoCloseable {
    /** Writes one state of a file. */
    public interface Save {
        void write() throws IOException;
    }

    private record Waiting(Save save, Consumer<IOException> onFailure) {
    }

    private final Map<Path, Waiting> waiting = new LinkedHashMap<>();
    private final ExecutorService writer = Background.thread("saver");

    /** Writes soon; a failure is told on the saver's thread. */
    public void soon(Path file, Save save, Consumer<IOException> onFailure) {
        synchronized (waiting) {
            waiting.put(file, new Waiting(save, onFailure));
        }
        inOrder(() -> writeNewest(file));
    }

    private void writeNewest(Path file) {
        Waiting newest;
        synchronized (waiting) {
            newest = waiting.remove(file);
        }
        if (newest != null) {
            try {
                newest.save().write();
            } catch (IOException fault) {
                newest.onFailure().accept(fault);
            }
        }
    }

    /** Something else to do on the saver's thread; at once where that has already ended. */
    void inOrder(Runnable task) {
        try {
            writer.execute(task);
        } catch (RejectedExecutionException ended) {
            task.run();
        }
    }

    /** Waits until everything asked for so far is written, so that what is read now is not older. */
    void flush() {
        CompletableFuture<Void> reached = new CompletableFuture<>();
        inOrder(() -> reached.complete(null));
        reached.join();
    }

    /** Waits until everything is written, at most a few seconds; false if that was not enough. */
    boolean finish() {
        writer.shutdown();
        try {
            return writer.awaitTermination(5, TimeUnit.SECONDS);
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    @Override
    public void close() {
        finish();
    }
}
