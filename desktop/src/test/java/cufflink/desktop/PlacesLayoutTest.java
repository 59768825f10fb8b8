package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;

import cufflink.desktop.demo.DemoNotebook;
import cufflink.desktop.demo.DemoProjects;
import cufflink.desktop.demo.DemoStash;
import cufflink.desktop.view.Places;
import cufflink.desktop.view.StashKind;
import cufflink.measure.RulerStep;
import cufflink.plan.Project;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/**
 * The notebook's, the stash's and the kits' screens with text at 100 and 125 % in a small window: no text is cut off or
 * hidden.
 */
class PlacesLayoutTest extends WindowDriver {
    private final List<String> faults = new ArrayList<>();

    @Test
    void nothingIsCutOff_hidden_orOverOneAnother() {
        robot.interact(() -> {
            DemoNotebook.fill(app.screens().notebookWork());
            app.screens().stashWork().change(DemoStash.filled());
        });
        Scene scene = robot.listWindows().get(0).getScene();
        robot.interact(() -> {
            Stage stage = (Stage) scene.getWindow();
            stage.setWidth(1280);
            stage.setHeight(800);
        });
        for (double text : new double[] {1, 1.25}) {
            robot.interact(() -> app.screens().scaleText(text));
            all(scene, "text " + text);
            for (RulerStep ruler : List.of(RulerStep.SIXTEENTH_INCH, RulerStep.MILLIMETRE)) {
                robot.interact(() -> app.screens().rulerChosen(ruler));
                stash(scene, ruler + ", text " + text);
                directions(scene, ruler + ", text " + text);
                kits(scene, ruler + ", text " + text);
            }
        }
        assertEquals("", String.join("\n", faults));
    }

    private void directions(Scene scene, String way) {
        robot.interact(() -> app.screens().goTo(Places.DIRECTIONS));
        robot.lookup("#directions-sample").tryQueryAs(Button.class).ifPresent(sample -> robot.interact(sample::fire));
        try {
            waitFor(120, () -> app.screens().directionsPlace().screen().isAtRest());
        } catch (TimeoutException late) {
            throw new AssertionError("the sample is not read", late);
        }
        look(scene, "directions, " + way);
        robot.interact(() -> robot.lookup("#directions-fit").<ToggleButton>query().fire());
        look(scene, "directions for my paper, " + way);
    }

    private void all(Scene scene, String way) {
        for (String make : List.of("Comet", "Speakers", "Night")) {
            robot.interact(() -> {
                app.screens().goTo(Places.NOTEBOOK);
                app.screens().notebookPlace().screen().pick(make);
            });
            look(scene, "notebook, " + make + ", " + way);
        }
        for (Project project : List.of(DemoProjects.wallet(), DemoProjects.guides())) {
            robot.interact(() -> app.screens().openFresh(project));
            look(scene, "offered, " + project.name() + ", " + way);
            robot.interact(() -> app.screens().table());
            press(KeyCode.N);
            look(scene, "noting, " + project.name() + ", " + way);
            press(KeyCode.ESCAPE);
            press(KeyCode.ESCAPE);
            robot.interact(app.screens()::made);
            robot.interact(() -> {
                scene.getRoot().applyCss();
                scene.getRoot().layout();
                for (String field : List.of("width", "height", "thickness")) {
                    TextField measured = robot.lookup("#measured-" + field).query();
                    measured.setText(measured.getPromptText().replaceFirst("^\\S+", "1"));
                }
            });
            look(scene, "made, " + project.name() + ", " + way);
        }
    }

    private void look(Scene scene, String where) {
        WaitForAsyncUtils.waitFor(WaitForAsyncUtils.asyncFx(() -> {
            scene.getRoot().applyCss();
            scene.getRoot().layout();
            scene.getRoot().layout();
            LayoutAudit.of(scene).forEach(fault -> faults.add(where + ": " + fault));
        }));
    }

    private void stash(Scene scene, String way) {
        for (StashKind kind : List.of(StashKind.PUNCH, StashKind.NEEDS, StashKind.ENVELOPE, StashKind.RIBBON)) {
            robot.interact(() -> {
                app.screens().stash();
                app.screens().stashScreen().show(kind);
                app.screens().stashScreen().pick(kind == StashKind.PUNCH ? "Circle die 2 1/2" : "");
            });
            waitForRest();
            look(scene, "stash, " + kind + ", " + way);
        }
    }

    /** What is worked out beside the window is shown. */
    private static void waitForRest() {
        WaitForAsyncUtils.sleep(300, TimeUnit.MILLISECONDS);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private void kits(Scene scene, String way) {
        robot.interact(() -> app.screens().openFresh(DemoProjects.invitation().withCopies(4)));
        robot.interact(app.screens()::cutFromStash);
        robot.interact(() -> app.screens().jobPlace().packJob());
        WaitForAsyncUtils.sleep(1, TimeUnit.SECONDS);
        WaitForAsyncUtils.waitForFxEvents();
        look(scene, "kits, " + way);
        robot.interact(() -> app.screens().jobPlace().show());
        look(scene, "job, " + way);
    }
}
