package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import cufflink.desktop.demo.DemoStash;
import cufflink.desktop.work.JobWork;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ButtonType;
import javafx.scene.control.DialogPane;
import javafx.scene.control.Hyperlink;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;

/** Kits in the real window: shared out, ticked at the table, named, printed. */
class PackWindowTest extends WindowDriver {
    private final FileQuestions files = mock(FileQuestions.class);

    private JobWork job() {
        return app.screens().jobPlace().work().orElseThrow();
    }

    private boolean isReady() {
        return robot.lookup("#pack-list").tryQueryAs(Button.class).filter(button -> !button.isDisabled()).isPresent();
    }

    private void fire(String id) {
        robot.interact(() -> ((ButtonBase) robot.lookup("#" + id).query()).fire());
        settle();
    }

    /** A job of four half folds, packed. */
    private void pack() throws TimeoutException {
        robot.interact(() -> app.screens().dialogs().askFilesBy(files));
        robot.interact(() -> app.screens().stashWork().change(DemoStash.filled()));
        choose("half-fold");
        robot.interact(() -> app.screens().work().change(project -> project.withCopies(4)));
        robot.interact(() -> ((Hyperlink) robot.lookup("#edit-stash").query()).fire());
        waitFor(() -> robot.lookup("#job-pack").tryQuery().isPresent());
        fire("job-pack");
        waitFor(this::isReady);
    }

    @Test
    void kits_areTickedAtTheTable_andGoOnAfterARestart() throws TimeoutException {
        pack();
        Node screen = robot.lookup(".pack-screen").query();
        robot.interact(screen::requestFocus);
        press(KeyCode.SPACE);
        assertEquals(1, job().job().packing().orElseThrow().at());
        press(KeyCode.T);
        assertTrue(robot.lookup(".table-screen").tryQuery().isPresent());
        press(KeyCode.SPACE);
        press(KeyCode.SPACE);
        press(KeyCode.BACK_SPACE);
        assertEquals(2, job().job().packing().orElseThrow().at());
        press(KeyCode.ESCAPE);
        assertTrue(robot.lookup(".pack-screen").tryQuery().isPresent());
        FxToolkit.cleanupApplication(app);
        launch();
        robot.interact(() -> app.screens().jobPlace().show());
        assertEquals(2, job().job().packing().orElseThrow().at());
    }

    @Test
    void names_makeAsManyKits_andWhatCannotBeSharedIsSaid() throws Exception {
        pack();
        Path table = Files.writeString(data.resolve("names.csv"), "name\nAda\nBo\n");
        when(files.open(any())).thenReturn(Optional.of(table));
        fire("pack-names");
        waitFor(this::isReady);
        assertEquals(List.of("Ada", "Bo"), job().job().packing().orElseThrow().names());
        Files.writeString(table, "name\nAda\nBo\nCy\n");
        fire("pack-names");
        waitFor(() -> robot.lookup(".needs-short").tryQuery().isPresent());
        fire("pack-undo");
        waitFor(this::isReady);
        assertEquals(2, job().job().packing().orElseThrow().kits());
        Files.writeString(table, "names\nAda\n");
        fire("pack-names");
        assertTrue(robot.lookup("#message").tryQuery().filter(Node::isVisible).isPresent());
    }

    @Test
    void listAndLabels_areWritten() throws Exception {
        pack();
        Path list = data.resolve("list.pdf");
        when(files.save(any())).thenReturn(Optional.of(list));
        fire("pack-list");
        assertTrue(Files.size(list) > 1000);
        Path labels = data.resolve("labels.pdf");
        when(files.save(any())).thenReturn(Optional.of(labels));
        Platform.runLater(() -> robot.lookup("#pack-labels").queryButton().fire());
        waitFor(() -> robot.lookup(".dialog-pane").tryQuery().isPresent());
        DialogPane pane = robot.lookup(".dialog-pane").query();
        robot.interact(() -> ((Button) pane.lookupButton(ButtonType.OK)).fire());
        waitFor(() -> Files.exists(labels));
        fire("pack-by-kit");
        waitFor(this::isReady);
        fire("pack-back");
        assertTrue(robot.lookup(".jobs-screen").tryQuery().isPresent());
    }
}
