package cufflink.desktop;

import cufflink.desktop.work.NotebookWork;
import cufflink.desktop.work.Workspace;
import java.time.Duration;
import java.time.Instant;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;

/**
 * Counts how long each phase takes while the table view runs, second by second, and keeps it at once. Somebody who has
 * pressed no key for long is at lunch.
 */
final class PhaseClock {
    private static final Duration SECOND = Duration.ofSeconds(1);
    private static final Duration LUNCH = Duration.ofMinutes(20);

    private final NotebookWork notebook;
    private final Workspace work;
    private final String file;
    private final Timeline ticks = new Timeline(new KeyFrame(javafx.util.Duration.seconds(1), tick -> tick()));
    private Instant touched;

    /** {@code file} is the project's. */
    PhaseClock(NotebookWork notebook, Workspace work, String file) {
        this.notebook = notebook;
        this.work = work;
        this.file = file;
        this.touched = notebook.now();
        ticks.setCycleCount(Animation.INDEFINITE);
        ticks.play();
    }

    /** Somebody is there. */
    void touch() {
        touched = notebook.now();
    }

    void stop() {
        ticks.stop();
    }

    private void tick() {
        if (Duration.between(touched, notebook.now()).compareTo(LUNCH) < 0) {
            notebook.spent(file, work.plan(), work.currentStep().phase(), SECOND);
        }
    }
}
