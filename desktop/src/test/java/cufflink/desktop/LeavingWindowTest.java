package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.desktop.view.Places;
import java.lang.ref.WeakReference;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A screen that is left lets go of everything. */
class LeavingWindowTest extends WindowDriver {
    private final List<WeakReference<Parent>> screens = new ArrayList<>();

    @BeforeEach
    void keepNoEvents() {
        forgetEvents();
    }

    private void visit(Runnable going) {
        robot.interact(going);
        settle();
        screens.add(new WeakReference<>(robot.window(0).getScene().getRoot()));
    }

    /** How many of each kind of screen are still there. */
    private Map<String, Integer> alive() throws InterruptedException {
        Map<String, Integer> alive = Map.of();
        for (int i = 0; i < 20; i++) {
            System.gc();
            Thread.sleep(100);
            Map<String, Integer> now = new TreeMap<>();
            screens.stream().map(WeakReference::get).filter(screen -> screen != null).distinct()
                    .forEach(screen -> now.merge(screen.getClass().getSimpleName(), 1, Integer::sum));
            alive = now;
            if (now.values().stream().allMatch(count -> count == 1)) {
                break;
            }
        }
        return alive;
    }

    /**
     * Megabytes in use when what is kept softly has been given back, which takes some seconds; waits until no more than
     * {@code enough} are.
     */
    private static long used(long enough) throws InterruptedException {
        long used = Long.MAX_VALUE;
        for (int i = 0; i < 20 && used > enough; i++) {
            Thread.sleep(500);
            System.gc();
            used = (Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory()) / 1_000_000;
        }
        return used;
    }

    @Test
    void placesVisitedTwentyTimes_leaveOneScreenOfEachKind() throws Exception {
        robot.interact(() -> app.screens().jobPlace().newJob());
        for (int i = 0; i < 20; i++) {
            visit(() -> app.screens().goTo(Places.STASH));
            visit(() -> app.screens().goTo(Places.JOBS));
            if (i % 10 == 0) {
                visit(() -> app.screens().goTo(Places.SHELF));
            }
        }
        assertTrue(alive().values().stream().allMatch(count -> count == 1), alive().toString());
    }

    @Test
    void projectOpenedAndLeftEightTimes_keepsNothing() throws Exception {
        choose("half-fold");
        robot.interact(() -> app.screens().shelf());
        long before = used(0);
        for (int i = 0; i < 8; i++) {
            visit(() -> ((Button) robot.lookup(".kept").query()).fire());
            visit(() -> app.screens().shelf());
        }
        assertTrue(alive().values().stream().allMatch(count -> count == 1), alive().toString());
        assertEquals(before, Math.max(before, used(before + 50) - 50), "megabytes in use, 50 allowed");
    }

    @Test
    void projectThatWasOnlyLookedAt_isNotWritten() throws Exception {
        choose("half-fold");
        robot.interact(() -> app.screens().shelf());
        Path kept;
        try (Stream<Path> files = Files.list(data.resolve("projects"))) {
            kept = files.findFirst().orElseThrow();
        }
        FileTime old = FileTime.from(Instant.parse("2030-01-01T00:00:00Z"));
        Files.setLastModifiedTime(kept, old);
        robot.interact(() -> ((Button) robot.lookup(".kept").query()).fire());
        robot.interact(() -> app.screens().work().next());
        robot.interact(() -> app.screens().shelf());
        assertEquals(old, Files.getLastModifiedTime(kept));
    }
}
