package cufflink.desktop.store;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/** Threads beside the window; none of them keeps the program running. */
public final class Background {
    private Background() {
    }

    /** A thread that does one task after the other. */
    public static ExecutorService thread(String name) {
        return Executors.newSingleThreadExecutor(task -> {
            Thread thread = new Thread(task, name);
            thread.setDaemon(true);
            return thread;
        });
    }
}
