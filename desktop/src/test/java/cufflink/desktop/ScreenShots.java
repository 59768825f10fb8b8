package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.desktop.store.ProjectStore;
import cufflink.desktop.view.Places;
import cufflink.desktop.view.StashKind;
import cufflink.desktop.work.JobWork;
import cufflink.desktop.work.Workspace;
import cufflink.drawing.PoseDrawing;
import cufflink.files.design.DesignLibrary;
import cufflink.measure.RulerStep;
import cufflink.plan.Phase;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javafx.stage.Window;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/**
 * Pictures of the application with its demo data. Not run with the tests; {@code docs/shoot FILE.png=VIEW ...} takes
 * them.
 */
class ScreenShots {
    /** The views by name. */
    private static final List<String> VIEWS = List.of("shelf", "shelf-holds", "cut", "score", "mat", "fold", "glue",
            "check", "layers",
            "pose", "collapse", "wrong-way", "table", "failing", "parts", "ornaments", "metric", "large-text", "stash",
            "offcuts",
            "ribbons",
            "punches", "job", "job-to-buy", "job-large-text", "job-cutting", "job-table", "notebook", "notebook-metric",
            "made", "next-time", "table-note", "notebook-large-text",
            "made-large-text", "fit-die", "punch-dialog", "needs", "use-up", "pack", "pack-table", "directions",
            "directions-empty", "directions-fit", "directions-metric", "directions-large-text");

    /** A design in a pose, from the front or from behind. */
    private static final String POSE = "pose:";
    private static final String BEHIND = "pose-behind:";
    private static final String STEP = "step:";
    private static final String HANDS = "hands:";

    /** Milliseconds until a view has come to rest, and until a job is laid out. */
    private static final int REST = 900;
    private static final int SEARCH = 6000;

    private final FxRobot robot = new FxRobot();
    private Screens screens;
    private ProjectStore store;
    private Scene scene;

    private static Stream<Arguments> asked() {
        return Stream.of(System.getProperty("shots", "").split(",")).filter(shot -> shot.contains("="))
                .map(shot -> Arguments.of(Path.of(shot.split("=")[0]), shot.split("=")[1]));
    }

    /** Goes to the view, waits until it has come to rest, and writes a PNG. */
    @ParameterizedTest
    @MethodSource("asked")
    void take(Path file, String view, @TempDir Path data) throws Exception {
        assertTrue(VIEWS.contains(view) || isOfDesign(view) || isStep(view), "There is no view “" + view
                + "”. The views are " + String.join(", ", VIEWS) + ", " + POSE + "DESIGN:NAME, " + BEHIND
                + "DESIGN:NAME, " + STEP
                + "PROJECT or DESIGN:NUMBER, with what lies on the table " + HANDS + "PROJECT or DESIGN:NUMBER.");
        Stage stage = FxToolkit.registerPrimaryStage();
        CufflinkApp app = (CufflinkApp) FxToolkit.setupApplication(CufflinkApp.class, "--demo", "--data=" + data);
        WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS,
                () -> WaitForAsyncUtils.asyncFx(() -> app.screens() != null
                        && robot.lookup("#shelf-count").<Label>tryQuery()
                                .filter(count -> count.getText().endsWith("designs")).isPresent())
                        .get());
        screens = app.screens();
        store = screens.store();
        scene = stage.getScene();
        goTo(view);
        rest(view.startsWith("job") || view.equals("shelf") ? SEARCH : REST);
        robot.interact(() -> atRest(view));
        rest(REST / 3);
        robot.interact(() -> write(shown().snapshot(null), file));
        FxToolkit.cleanupApplication(app);
        FxToolkit.cleanupStages();
    }

    /** A dialog that lies over the window, otherwise the window. */
    private Scene shown() {
        return robot.listWindows().stream().filter(window -> window.isShowing() && window.getScene() != scene)
                .map(Window::getScene).findFirst().orElse(scene);
    }

    private static void rest(int milliseconds) {
        WaitForAsyncUtils.sleep(milliseconds, TimeUnit.MILLISECONDS);
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** What is only to be seen once a view has come to rest. */
    private void atRest(String view) {
        if (view.equals("job-cutting") || view.equals("job-table")) {
            halfCut();
            if (view.equals("job-table")) {
                screens.jobPlace().jobTable();
            }
        }
        if (List.of("fold", "collapse", "wrong-way", "pose").contains(view) || isOfDesign(view)) {
            screens.benchScreen().stopFoldAt(
                    view.equals("fold") || view.equals("wrong-way") ? 0.4 : view.equals("collapse") ? 0.55 : 1);
        }
    }

    /** A step of a project, or of a new project of a design: {@code step:Meteor:4}, {@code step:waterfall:6}. */
    private void step(String[] parts) {
        resume(parts[1]);
        if (screens.work() == null) {
            DesignLibrary.builtIn().find(parts[1]).value()
                    .ifPresent(design -> open(() -> screens.start(design, RulerStep.SIXTEENTH_INCH)));
        }
        assertNotNull(screens.work(), "There is no project and no design “" + parts[1] + "”.");
        robot.interact(() -> {
            screens.work().goTo(Integer.parseInt(parts[2]) - 1);
            if ((parts[0] + ":").equals(HANDS)) {
                ((ToggleButton) scene.lookup("#on-the-table")).fire();
            }
        });
    }

    private static boolean isStep(String view) {
        return view.matches("(" + STEP + "|" + HANDS + ")[^:]+:[1-9]\\d?");
    }

    private static boolean isOfDesign(String view) {
        return view.startsWith(POSE) || view.startsWith(BEHIND);
    }

    private void design(String id, String pose, boolean behind) {
        DesignLibrary.builtIn().find(id).value().ifPresent(design -> {
            open(() -> screens.start(design, RulerStep.SIXTEENTH_INCH));
            robot.interact(() -> {
                lastStep();
                screens.benchScreen().pose(pose, behind);
            });
        });
    }

    private void directions(String view) {
        robot.interact(() -> {
            if (view.endsWith("metric")) {
                screens.rulerChosen(RulerStep.MILLIMETRE);
            }
            screens.goTo(Places.DIRECTIONS);
            screens.scaleText(view.endsWith("large-text") ? 1.25 : 1);
        });
        rest(REST);
        if (!view.endsWith("empty")) {
            robot.interact(() -> robot.lookup("#directions-sample").queryButton().fire());
            rest(SEARCH);
        }
        if (view.endsWith("fit")) {
            robot.interact(() -> robot.lookup("#directions-fit").<ToggleButton>query().fire());
            rest(REST);
            robot.interact(() -> robot.lookup("#fit-sheet").<ToggleButton>query().fire());
            rest(REST);
        }
    }

    private void goTo(String view) {
        if (isOfDesign(view)) {
            design(view.split(":")[1], view.split(":")[2], view.startsWith(BEHIND));
            return;
        } else if (isStep(view)) {
            step(view.split(":"));
            return;
        }
        switch (view) {
            case "shelf" -> {
                dress("#shelf-card-paper", "Moonlight 240");
                dress("#shelf-layer-paper", "Comet trail 120");
            }
            case "shelf-holds" -> dress("#shelf-holds", "gift card");
            case "layers" -> card("Volunteers' thank");
            case "pose" -> {
                card("Telescope");
                robot.interact(() -> screens.benchScreen().pose(PoseDrawing.HALF_OPEN, false));
            }
            case "collapse" -> {
                resume("Meteor");
                phase(Phase.FOLD);
            }
            case "wrong-way" -> {
                resume("Meteor");
                phase(Phase.FOLD);
                robot.interact(() -> screens.benchScreen().tryWrongWay());
            }
            case "job", "job-cutting", "job-table" -> robot.interact(() -> screens.jobPlace().open("Comet"));
            case "job-to-buy" -> robot.interact(() -> screens.jobPlace().open("Volunteers"));
            case "job-large-text" -> {
                robot.interact(() -> screens.jobPlace().open("Comet"));
                robot.interact(() -> screens.scaleText(1.25));
            }
            case "stash" -> robot.interact(() -> stash(StashKind.PAPER, "Starfield"));
            case "pack", "pack-table" -> {
                robot.interact(() -> screens.jobPlace().open("Comet"));
                rest(REST);
                robot.interact(() -> screens.jobPlace().packJob());
                rest(SEARCH);
                for (int i = 0; i < 29; i++) {
                    robot.push(KeyCode.SPACE);
                }
                if (view.equals("pack-table")) {
                    robot.push(KeyCode.T);
                }
            }
            case "directions", "directions-empty", "directions-fit", "directions-metric", "directions-large-text" ->
                directions(view);
            case "needs" -> robot.interact(() -> stash(StashKind.NEEDS, ""));
            case "use-up" -> {
                robot.interact(() -> stash(StashKind.USE_UP, ""));
                rest(SEARCH * 3);
            }
            case "offcuts" -> robot.interact(() -> stash(StashKind.OFFCUT, "Midnight"));
            case "punches" -> robot.interact(() -> stash(StashKind.PUNCH, "Moon"));
            case "ribbons" -> robot.interact(() -> stash(StashKind.RIBBON, "Dusk"));
            case "notebook", "notebook-metric", "notebook-large-text" -> robot.interact(() -> {
                screens.goTo(Places.NOTEBOOK);
                screens.notebookPlace().screen().pick(view.equals("notebook-metric") ? "Night" : "Speakers");
                screens.scaleText(view.endsWith("large-text") ? 1.25 : 1);
            });
            case "made", "made-large-text" -> {
                card("Comet");
                robot.interact(screens::made);
                robot.interact(() -> {
                    scene.getRoot().applyCss();
                    scene.getRoot().layout();
                    robot.lookup("#measured-width").<TextField>query().setText("4 7/16");
                    robot.lookup("#measured-height").<TextField>query().setText("6 3/16");
                    robot.lookup("#measured-thickness").<TextField>query().setText("3 mm");
                    screens.scaleText(view.endsWith("large-text") ? 1.25 : 1);
                });
            }
            case "next-time" -> card("Night");
            case "table-note" -> {
                resume("Comet");
                phase(Phase.SCORE);
                robot.interact(() -> screens.table());
                robot.push(KeyCode.N);
            }
            case "fit-die", "punch-dialog" -> {
                if (view.equals("fit-die")) {
                    card("Comet");
                    Platform.runLater(screens::fitDie);
                } else {
                    robot.interact(() -> stash(StashKind.PUNCH, "Moon"));
                    Platform.runLater(() -> robot.lookup("#stash-edit").queryButton().fire());
                }
                rest(REST * 4);
            }
            case "failing" -> resume("Visitors");
            case "parts" -> {
                resume("Night");
                robot.interact(() -> {
                    screens.work().goTo(screens.work().plan().run().size() - 4);
                    screens.benchScreen().addPart();
                });
            }
            case "ornaments" -> {
                card("Comet");
                robot.interact(() -> {
                    scene.getRoot().applyCss();
                    scene.getRoot().layout();
                    ((Hyperlink) scene.lookup("#ornament-moon .part-name")).fire();
                });
            }
            case "large-text" -> {
                resume("Comet");
                phase(Phase.SCORE);
                robot.interact(() -> screens.scaleText(1.25));
            }
            case "metric" -> {
                resume("Volunteers' thank");
                phase(Phase.SCORE);
            }
            case "table" -> {
                resume("Comet");
                phase(Phase.SCORE);
                robot.interact(() -> screens.table());
            }
            default -> {
                resume("Comet");
                phase(Phase.valueOf(view.toUpperCase(Locale.ROOT)));
                if (view.equals("fold")) {
                    robot.interact(() -> screens.work().goTo(screens.work().stepProperty().get() + 1));
                }
            }
        }
    }

    /** Chooses a paper for the designs on the shelf. */
    private void dress(String box, String choice) {
        robot.interact(() -> choose(robot.lookup(box).query(), choice));
    }

    private static <T> void choose(ComboBox<T> box, String choice) {
        box.getItems().stream().filter(item -> box.getConverter().toString(item).equals(choice)).findFirst()
                .ifPresent(box::setValue);
    }

    private void stash(StashKind kind, String picked) {
        screens.stash();
        screens.stashScreen().show(kind);
        screens.stashScreen().pick(picked);
    }

    /** Half of the job's sheets are ticked, and the next one is begun. */
    private void halfCut() {
        JobWork work = screens.jobPlace().work().orElseThrow();
        work.beginCutting();
        for (int i = 0; i < work.sheetsProperty().get().size() / 2; i++) {
            work.setDone(true);
        }
        work.next();
    }

    private void resume(String name) {
        open(() -> store.projects(new ArrayList<>()).stream()
                .filter(kept -> kept.project().name().startsWith(name)).findFirst().ifPresent(screens::resume));
    }

    /** Opens something and waits until it is planned. */
    private void open(Runnable action) {
        robot.interact(action);
        try {
            WaitForAsyncUtils.waitFor(15, TimeUnit.SECONDS,
                    () -> WaitForAsyncUtils.asyncFx(() -> screens.isAtRest()).get());
        } catch (TimeoutException late) {
            throw new AssertionError("a project is not planned", late);
        }
        WaitForAsyncUtils.waitForFxEvents();
    }

    private void card(String name) {
        resume(name);
        robot.interact(this::lastStep);
    }

    private void lastStep() {
        screens.work().goTo(screens.work().plan().run().size() - 1);
    }

    private void phase(Phase phase) {
        Workspace work = screens.work();
        robot.interact(() -> work.goTo(work.plan().run().stream().filter(step -> step.phase() == phase).findFirst()
                .map(step -> step.number() - 1).orElse(0)));
    }

    private static void write(WritableImage image, Path file) {
        int width = (int) image.getWidth();
        int height = (int) image.getHeight();
        BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        PixelReader pixels = image.getPixelReader();
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                picture.setRGB(x, y, pixels.getArgb(x, y));
            }
        }
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            ImageIO.write(picture, "png", file.toFile());
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }
}
