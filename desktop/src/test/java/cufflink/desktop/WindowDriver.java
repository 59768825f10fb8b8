package cufflink.desktop;

import java.nio.file.Path;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/** Starts the real application on a folder of its own before each test, and ends it after. */
abstract class WindowDriver {
    @TempDir
    Path data;

    final FxRobot robot = new WindowRobot() {
        @Override
        public FxRobot interact(Runnable action) {
            super.interact(action);
            settle();
            return this;
        }
    };
    CufflinkApp app;

    @BeforeEach
    void start() throws TimeoutException {
        Stage stage = FxToolkit.registerPrimaryStage();
        launch();
        robot.interact(() -> {
            stage.setX(0);
            stage.setY(0);
            stage.toFront();
            stage.requestFocus();
        });
        waitFor(stage::isFocused);
    }

    final void launch() throws TimeoutException {
        app = (CufflinkApp) FxToolkit.setupApplication(CufflinkApp.class, "--data=" + data);
        waitFor(() -> app.screens() != null && (robot.lookup(".shelf-screen").tryQuery().isPresent()
                || robot.lookup(".bench-screen").tryQuery().isPresent()));
    }

    /** Starts a project of a design, as soon as its card stands on the shelf. */
    final void choose(String design) throws TimeoutException {
        waitFor(() -> robot.lookup("#design-" + design).tryQuery().isPresent());
        robot.interact(() -> robot.lookup("#design-" + design).<Button>query().fire());
        settle();
    }

    @AfterEach
    void end() throws TimeoutException {
        FxToolkit.cleanupApplication(app);
        forgetEvents();
        FxToolkit.cleanupStages();
    }

    /**
     * The robot keeps every event of its stage, and with it what the event was for; it is given another stage to listen
     * to.
     */
    final void forgetEvents() {
        robot.interact(() -> FxToolkit.toolkitContext().setRegisteredStage(new Stage()));
    }

    final void press(KeyCode... keys) {
        robot.press(keys).release(keys);
        settle();
    }

    /** Waits until the window has answered to everything, and what was changed is planned. */
    final void settle() {
        WaitForAsyncUtils.waitForFxEvents();
        try {
            waitFor(() -> app == null || app.screens() == null || app.screens().isAtRest());
        } catch (TimeoutException late) {
            throw new AssertionError("a change is not planned", late);
        }
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Looks on the window's own thread: a list of nodes that is read while it changes is none. */
    final void waitFor(Callable<Boolean> condition) throws TimeoutException {
        waitFor(15, condition);
    }

    /** As before, for what takes long where two processes share two cores. */
    final void waitFor(int seconds, Callable<Boolean> condition) throws TimeoutException {
        WaitForAsyncUtils.waitFor(seconds, TimeUnit.SECONDS, () -> WaitForAsyncUtils.asyncFx(condition).get());
    }
}
