package cufflink.desktop;

import cufflink.design.DesignDefinition;
import cufflink.files.design.DesignLibrary;
import cufflink.measure.RulerStep;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.control.Slider;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/**
 * How long the window's thread is held up while a project is opened and while a slider is dragged through its range:
 * the longest wait of a task that is handed to it every two milliseconds. Not run with the tests; see
 * {@code docs/benchmarks.md}.
 */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class WindowBlocks {
    private static final int PLACES = 60;
    private static final int FRAME = 16;

    private final FxRobot robot = new FxRobot();
    private CufflinkApp app;

    private static Stream<String> designs() {
        String asked = System.getProperty("designs", "");
        return asked.isEmpty() ? DesignLibrary.builtIn().designs().values().stream().map(DesignDefinition::id)
                : Stream.of(asked.split(","));
    }

    @BeforeAll
    void start(@TempDir Path data) throws Exception {
        FxToolkit.registerPrimaryStage();
        app = (CufflinkApp) FxToolkit.setupApplication(CufflinkApp.class, "--data=" + data);
        WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> app.screens() != null);
        // What is loaded once is not a design's doing.
        for (String design : List.of("half-fold", "overlapping-gate", "half-fold")) {
            open(design);
            drag();
        }
        System.out.println("design                          opened   block  drag block  pictures   (milliseconds)");
    }

    @AfterAll
    void end() throws Exception {
        FxToolkit.cleanupApplication(app);
        FxToolkit.cleanupStages();
    }

    @ParameterizedTest
    @MethodSource("designs")
    void hold(String design) throws Exception {
        long began = System.nanoTime();
        long opening = longest(() -> open(design));
        double opened = (System.nanoTime() - began) / 1e6;
        AtomicLong shown = new AtomicLong();
        robot.interact(() -> app.screens().work().planProperty()
                .addListener((property, was, is) -> shown.incrementAndGet()));
        long dragging = longest(this::drag);
        System.out.printf(Locale.ROOT, "%-30s %7.0f %7.1f %11.1f %9d%n", design, opened, opening / 1e6, dragging / 1e6,
                shown.get());
    }

    private interface Deed {
        void run() throws Exception;
    }

    /** Nanoseconds that a task waited at most while something was done. */
    private static long longest(Deed deed) throws Exception {
        AtomicLong longest = new AtomicLong();
        AtomicBoolean over = new AtomicBoolean();
        Thread asking = new Thread(() -> {
            while (!over.get()) {
                long sent = System.nanoTime();
                Platform.runLater(() -> longest.accumulateAndGet(System.nanoTime() - sent, Math::max));
                try {
                    Thread.sleep(2);
                } catch (InterruptedException ended) {
                    return;
                }
            }
        });
        asking.start();
        deed.run();
        over.set(true);
        asking.join();
        WaitForAsyncUtils.waitForFxEvents();
        return longest.get();
    }

    private void open(String design) throws Exception {
        Platform.runLater(() -> app.screens().start(DesignLibrary.builtIn().find(design).orThrow(),
                RulerStep.SIXTEENTH_INCH));
        rest();
    }

    private void rest() throws Exception {
        WaitForAsyncUtils.waitForFxEvents(1);
        WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS,
                () -> WaitForAsyncUtils.asyncFx(() -> app.screens().isAtRest() && app.screens().work() != null).get());
    }

    private void drag() throws Exception {
        List<Slider> sliders = robot.lookup(".measure-slider").queryAllAs(Slider.class).stream().toList();
        if (sliders.isEmpty()) {
            return;
        }
        Slider slider = sliders.get(0);
        Platform.runLater(() -> slider.setValueChanging(true));
        for (int place = 1; place <= PLACES; place++) {
            double share = 0.2 + 0.6 * place / PLACES;
            Platform.runLater(() -> slider.setValue(slider.getMin() + share * (slider.getMax() - slider.getMin())));
            Thread.sleep(FRAME);
        }
        Platform.runLater(() -> slider.setValueChanging(false));
        rest();
    }
}
