package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.desktop.work.Workspace;
import cufflink.desktop.control.PicturePane;
import cufflink.fit.Wish;
import cufflink.paper.Contents;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** Hands that are busy: one key goes on wherever the keyboard was, and nothing moves away from under the pointer. */
class HandsWindowTest extends WindowDriver {
    @BeforeEach
    void openHolder() throws TimeoutException {
        choose("m-fold-holder");
    }

    private Workspace work() {
        return app.screens().work();
    }

    private int place() {
        return work().stepProperty().get() * 100 + work().readingProperty().get();
    }

    /** Space goes one number on, and stays in the project. */
    private void spaceGoesOn(String after) {
        robot.interact(() -> work().goTo(2));
        int before = place();
        press(KeyCode.SPACE);
        assertTrue(robot.lookup(".bench-screen").tryQuery().isPresent(), "out of the project after " + after);
        assertTrue(place() > before, "Space did not go on after " + after);
    }

    @Test
    void space_goesOn_afterEveryList() {
        for (String fit : List.of("#fit-finished", "#fit-envelope", "#fit-sheet", "#fit-contents")) {
            robot.interact(() -> ((ToggleButton) robot.lookup(fit).query()).fire());
            spaceGoesOn(fit);
            // All lists once; after that those that belong to what it is fitted to.
            String lists = fit.equals("#fit-finished") ? ".bench-screen .combo-box" : ".fit-details .combo-box";
            int count = robot.lookup(lists).queryAll().size();
            for (int i = 0; i < count; i++) {
                int index = i;
                List<Node> boxes = new ArrayList<>(robot.lookup(lists).queryAll());
                ComboBox<?> box = (ComboBox<?>) boxes.get(index);
                if (box.isDisabled() || box.getItems().isEmpty()) {
                    continue;
                }
                robot.interact(() -> {
                    box.requestFocus();
                    box.show();
                    box.getSelectionModel()
                            .select((box.getSelectionModel().getSelectedIndex() + 1) % box.getItems().size());
                    box.hide();
                });
                settle();
                if (!box.isEditable() || box.getScene() == null) {
                    spaceGoesOn(fit + " and list " + i + " " + box.getId());
                }
            }
        }
    }

    @Test
    void space_goesOn_afterEveryDialog() throws TimeoutException {
        for (String opener : List.of("#paper-card", "#edit-layers", "#edit-tools", "#export")) {
            Node node = robot.lookup(opener).query();
            robot.interact(() -> {
                node.requestFocus();
                Platform.runLater(() -> {
                    if (node instanceof Hyperlink link) {
                        link.fire();
                    } else {
                        ((Button) node).fire();
                    }
                });
            });
            waitFor(() -> robot.listWindows().size() > 1);
            press(KeyCode.ESCAPE);
            waitFor(() -> robot.listWindows().size() == 1);
            spaceGoesOn(opener);
        }
    }

    @Test
    void space_inAText_isASpace() {
        TextField name = robot.lookup("#project-name").query();
        robot.interact(() -> {
            name.requestFocus();
            name.setText("Pass");
            name.end();
        });
        press(KeyCode.SPACE);
        assertEquals("Pass ", name.getText());
    }

    private static Point2D at(Node node) {
        return node.localToScene(0, 0);
    }

    /** After every kind of edit, what was under the pointer is under it still. */
    @Test
    void nothingMoves_afterAnEdit() {
        List<Runnable> edits = List.of(() -> work().change(project -> project.withSet("front", "3 1/4 in")),
                () -> work().say("A message, long enough to need a second line. ".repeat(6)),
                () -> work().change(project -> project.withSet("pocket", "9 in")),
                () -> work().change(project -> project.withCopies(3)), () -> work().undo(), () -> work().redo(),
                () -> work().say(""),
                () -> work().change(project -> project.withMats(project.mats().withLayers(2))),
                () -> work().change(project -> project.withWish(new Wish.Holding(Contents.GIFT_CARD))),
                () -> work().change(project -> project.withSet("seam", "3/8 in")),
                () -> work().change(project -> project.withoutSet("seam")));
        for (int i = 0; i < edits.size(); i++) {
            boolean otherFit = i == 8;
            Node row = robot.lookup("#measure-seam").query();
            Node strip = robot.lookup(".run-strip").query();
            Point2D before = at(row);
            Point2D below = at(strip);
            robot.interact(edits.get(i));
            settle();
            if (!otherFit) {
                assertEquals(before, at(row), "edit " + i);
            }
            assertEquals(below, at(strip), "edit " + i);
        }
    }

    private ToggleButton rehearse() {
        return robot.lookup("#rehearse-all").query();
    }

    /** It goes on by itself, stops where it is told to, and begins anew from the end. */
    @Test
    void rehearsal_goesThroughTheStepsByItself() throws TimeoutException {
        robot.interact(() -> {
            work().goTo(work().plan().run().size() - 1);
            rehearse().fire();
        });
        assertEquals(0, place());
        waitFor(() -> place() > 0);
        robot.interact(() -> rehearse().fire());
        int stopped = place();
        WaitForAsyncUtils.sleep(1500, TimeUnit.MILLISECONDS);
        assertEquals(stopped, place());
        assertEquals("Rehearse", rehearse().getText());
    }

    /** What the hands have made by the current step, step by step; it comes with the rehearsal and stays. */
    @Test
    void table_showsWhatIsMadeSoFar() throws TimeoutException {
        assertFalse(robot.lookup("#table-pane").query().isVisible());
        robot.interact(() -> {
            work().goTo(0);
            rehearse().fire();
            rehearse().fire();
            work().goTo(1);
        });
        Node pane = robot.lookup("#table-pane").query();
        assertTrue(pane.isVisible());
        waitFor(() -> said().contains("layer 1"));
        robot.interact(() -> work().goTo(work().plan().run().size() - 1));
        assertFalse(said().contains("layer"), said());
        robot.interact(() -> robot.lookup("#on-the-table").<ToggleButton>query().fire());
        assertFalse(pane.isVisible());
    }

    private String said() {
        return robot.lookup("#table-pane").lookup((PicturePane one) -> true).query().getAccessibleText();
    }
}
