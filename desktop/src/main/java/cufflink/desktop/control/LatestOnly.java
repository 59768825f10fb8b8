package cufflink.desktop.control;

import java.util.Optional;
import javafx.application.Platform;

/**
 * Runs the latest of the actions that come in faster than they can be run: a slider that is dragged sends more places
 * than there is time to show, and none but the last is wanted. To be used on the window's thread.
 */
public final class LatestOnly {
    private Optional<Runnable> waiting = Optional.empty();

    /**
     * Runs an action as soon as everything that has happened in the window by now is handled, unless a later one takes
     * its place.
     */
    public void run(Runnable action) {
        if (waiting.isEmpty()) {
            Platform.runLater(this::finish);
        }
        waiting = Optional.of(action);
    }

    /** Runs what waits at once. */
    public void finish() {
        Optional<Runnable> last = waiting;
        waiting = Optional.empty();
        last.ifPresent(Runnable::run);
    }
}
