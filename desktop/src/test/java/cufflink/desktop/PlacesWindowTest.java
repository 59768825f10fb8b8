package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.desktop.demo.DemoStash;
import cufflink.desktop.work.JobWork;
import cufflink.stash.StashPaper;
import java.util.concurrent.TimeoutException;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;

/** The stash and the jobs in the real window. */
class PlacesWindowTest extends WindowDriver {
    private void fillStash() {
        robot.interact(() -> app.screens().stashWork().change(DemoStash.filled()));
    }

    private void go(String place) {
        robot.interact(() -> ((ToggleButton) robot.lookup("#place-" + place).query()).fire());
        settle();
    }

    private void fire(String id) {
        robot.interact(() -> ((Button) robot.lookup("#" + id).query()).fire());
        settle();
    }

    private void focus(String styleClass) {
        Node screen = robot.lookup("." + styleClass).query();
        robot.interact(screen::requestFocus);
    }

    private int offcuts() {
        return app.screens().stashWork().stash().papers().stream().filter(StashPaper::offcut)
                .mapToInt(StashPaper::count).sum();
    }

    @Test
    void offcut_isAddedFromTheKeyboard_andTakenBack() throws TimeoutException {
        fillStash();
        go("stash");
        focus("stash-screen");
        int before = offcuts();
        press(KeyCode.O);
        TextField line = robot.lookup("#offcut-line").query();
        waitFor(line::isFocused);
        robot.interact(() -> line.setText("moonlight 5 1/2 x 7 *2"));
        press(KeyCode.ENTER);
        assertEquals(before + 2, offcuts());
        press(KeyCode.ESCAPE);
        press(KeyCode.CONTROL, KeyCode.Z);
        assertEquals(before, offcuts());
    }

    @Test
    void filter_showsOnlyWhatFits() {
        fillStash();
        go("stash");
        int all = robot.lookup(".stash-card").queryAll().size();
        robot.interact(() -> ((TextField) robot.lookup("#stash-fits").query()).setText("11 1/2 x 11 1/2"));
        int large = robot.lookup(".stash-card").queryAll().size();
        assertTrue(large > 0 && large < all, large + " of " + all);
        robot.interact(() -> ((TextField) robot.lookup("#stash-fits").query()).setText("40 x 40"));
        assertEquals(0, robot.lookup(".stash-card").queryAll().size());
        assertTrue(robot.lookup(".empty").tryQuery().isPresent());
    }

    @Test
    void copiesOfAProject_becomeAJob_thatIsCutAndGoesOnAfterARestart() throws TimeoutException {
        fillStash();
        choose("half-fold");
        robot.interact(() -> app.screens().work().change(project -> project.withCopies(3)));
        robot.interact(() -> ((Hyperlink) robot.lookup("#edit-stash").query()).fire());
        JobWork work = app.screens().jobPlace().work().orElseThrow();
        waitFor(() -> work.planProperty().get().isPresent() && !work.searchingProperty().get());
        fire("job-begin");
        focus("jobs-screen");
        robot.interact(() -> {
            // A key that is held down repeats.
            for (int i = 0; i < 5; i++) {
                Event.fireEvent(robot.lookup(".jobs-screen").query(),
                        new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.X, false, false, false, false));
            }
            Event.fireEvent(robot.lookup(".jobs-screen").query(),
                    new KeyEvent(KeyEvent.KEY_RELEASED, "", "", KeyCode.X, false, false, false, false));
        });
        assertEquals(1, work.job().cutting().orElseThrow().doneCount());
        press(KeyCode.T);
        assertTrue(robot.lookup(".table-screen").tryQuery().isPresent());
        press(KeyCode.SPACE);
        int done = work.job().cutting().orElseThrow().doneCount();
        int cut = work.job().cut();
        int sheet = work.job().sheet();
        press(KeyCode.ESCAPE);
        assertTrue(robot.lookup(".jobs-screen").tryQuery().isPresent());

        FxToolkit.cleanupApplication(app);
        launch();
        go("jobs");
        JobWork again = app.screens().jobPlace().work().orElseThrow();
        assertEquals(done, again.job().cutting().orElseThrow().doneCount());
        assertEquals(sheet, again.job().sheet());
        assertEquals(cut, again.job().cut());
        assertFalse(again.searchingProperty().get());
    }

    @Test
    void jobsWithoutAny_sayHowToBegin() {
        go("jobs");
        assertTrue(robot.lookup(".empty").tryQuery().isPresent());
        fire("job-new");
        assertTrue(robot.lookup("#job-name").tryQuery().isPresent());
        go("shelf");
        assertTrue(robot.lookup(".shelf-screen").tryQuery().isPresent());
    }
}
