package cufflink.files;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;

/**
 * Makes one window the owner of a data folder, so that no two write over each other. The lock is the operating system's
 * and goes with the process, however that ends. Another start that finds the folder owned leaves a call in it; the
 * owner answers by taking the call away and coming to the front.
 */
public final class FolderOwner implements AutoCloseable {
    private static final int LISTEN_MILLISECONDS = 200;

    private final FileChannel channel;
    private final FileLock lock;
    private final Path call;
    private final ScheduledExecutorService ear = Executors.newSingleThreadScheduledExecutor(task -> {
        Thread thread = new Thread(task, "calls to this window");
        thread.setDaemon(true);
        return thread;
    });

    private FolderOwner(FileChannel channel, FileLock lock, Path call) {
        this.channel = channel;
        this.lock = lock;
        this.call = call;
    }

    private static Path call(Path folder) {
        return folder.resolve("come-forward");
    }

    /** Claims a folder, made anew if it is not there; empty while another window owns it. */
    public static Optional<FolderOwner> claim(Path folder) throws IOException {
        Files.createDirectories(folder);
        FileChannel channel = FileChannel.open(folder.resolve("lock"), StandardOpenOption.CREATE,
                StandardOpenOption.WRITE);
        try {
            FileLock lock = channel.tryLock();
            if (lock != null) {
                Files.deleteIfExists(call(folder));
                return Optional.of(new FolderOwner(channel, lock, call(folder)));
            }
        } catch (OverlappingFileLockException ownWindow) {
            // Another window of this very process owns it.
        } catch (IOException fault) {
            channel.close();
            throw fault;
        }
        channel.close();
        return Optional.empty();
    }

    /** Runs {@code comeForward} whenever another start calls. */
    public void answer(Runnable comeForward) {
        ear.scheduleWithFixedDelay(() -> {
            try {
                if (Files.deleteIfExists(call)) {
                    comeForward.run();
                }
            } catch (IOException unanswered) {
                // The caller waits in vain and says so.
            }
        }, LISTEN_MILLISECONDS, LISTEN_MILLISECONDS, TimeUnit.MILLISECONDS);
    }

    /** Calls the owner of a folder; false if it does not answer in time. */
    public static boolean call(Path folder, Duration patience) throws IOException, InterruptedException {
        Path call = call(folder);
        Files.writeString(call, "");
        long end = System.nanoTime() + patience.toNanos();
        while (System.nanoTime() < end) {
            if (!Files.exists(call)) {
                return true;
            }
            Thread.sleep(LISTEN_MILLISECONDS / 4);
        }
        return !Files.deleteIfExists(call);
    }

    /** Gives the folder back. */
    @Override
    public void close() throws IOException {
        ear.shutdownNow();
        lock.release();
        channel.close();
    }
}
