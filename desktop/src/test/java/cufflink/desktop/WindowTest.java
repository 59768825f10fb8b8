package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.Stepper;
import cufflink.desktop.work.Workspace;
import cufflink.files.design.BuiltInDesigns;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.plan.Phase;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.AccessibleAction;
import javafx.scene.AccessibleAttribute;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;

/** Drives the real window, as a maker would. */
class WindowTest extends WindowDriver {
    private Workspace work() {
        return app.screens().work();
    }

    private void type(String measure, String text) {
        Stepper stepper = robot.lookup("#measure-" + measure).query();
        robot.interact(stepper::edit);
        TextField field = robot.from(stepper).lookup(".text-field").query();
        robot.interact(() -> field.setText(text));
        robot.press(KeyCode.ENTER).release(KeyCode.ENTER);
        settle();
    }

    private void focusBench() {
        Node bench = robot.lookup(".bench-screen").query();
        robot.interact(bench::requestFocus);
    }

    @Test
    void shelf_isEmptyOfProjects_andShowsEveryDesign() throws TimeoutException {
        waitFor(() -> robot.lookup(".shelf-card").queryAll().size() == BuiltInDesigns.all().size());
        assertTrue(robot.lookup(".empty").tryQuery().isPresent());
    }

    @Test
    void pickResizeWalkExportReopenUndo() throws Exception {
        choose("overlapping-gate");
        type("width", "4 1/2");
        assertEquals(Length.ofInches(9, 2), work().plan().measures().length("width"));
        type("cover", "98 mm");
        assertEquals(Length.ofMillimetres(98), work().plan().measures().length("cover"));

        focusBench();
        int steps = 0;
        while (work().stepProperty().get() + 1 < work().plan().run().size() && steps++ < 60) {
            press(KeyCode.SPACE);
        }
        assertEquals(Phase.CHECK, work().currentStep().phase());
        press(KeyCode.BACK_SPACE);
        assertEquals(Phase.GLUE, work().currentStep().phase());

        Path pdf = data.resolve("out").resolve("gate.pdf");
        robot.interact(() -> ((Button) robot.lookup("#export").query()).fire());
        robot.interact(() -> ((TextField) robot.lookup("#export-place").query()).setText(pdf.toString()));
        robot.interact(() -> ((Button) robot.lookup("#export-write").query()).fire());
        waitFor(() -> ((Label) robot.lookup("#export-state").query()).getText().startsWith("Written"));
        assertTrue(Files.size(pdf) > 5000);
        press(KeyCode.ESCAPE);

        robot.interact(() -> app.screens().shelf());
        waitFor(() -> data.resolve("projects").toFile().list().length == 1);
        robot.interact(() -> app.screens().shelf());
        robot.interact(() -> ((Button) robot.lookup(".kept").query()).fire());
        assertEquals(Length.ofMillimetres(98), work().plan().measures().length("cover"));

        type("cover", "3 in");
        robot.interact(() -> work().undo());
        assertEquals(Length.ofMillimetres(98), work().plan().measures().length("cover"));
    }

    @Test
    void keyboard_undoRedo() throws TimeoutException {
        choose("half-fold");
        type("width", "5 in");
        focusBench();
        press(KeyCode.CONTROL, KeyCode.Z);
        waitFor(() -> work().plan().measures().length("width").equals(Length.ofInches(17, 4)));
        press(KeyCode.CONTROL, KeyCode.Y);
        waitFor(() -> work().plan().measures().length("width").equals(Length.ofInches(5)));
    }

    @Test
    void wrongText_saysWhat_andChangesNothing() throws TimeoutException {
        choose("half-fold");
        var before = work().plan();
        type("width", "wide");
        assertTrue(robot.lookup("#message").query().isVisible());
        assertTrue(work().messageProperty().get().contains("“wide” does not start with a number"),
                work().messageProperty().get());
        assertEquals(before, work().plan());
    }

    @Test
    void impossibleSize_isTheNearest_andSaysSo() throws TimeoutException {
        choose("half-fold");
        type("width", "1/4 in");
        assertEquals(Length.ofInches(1, 2), work().plan().measures().length("width"));
        assertTrue(work().messageProperty().get().contains("nearest possible, 1/2 in"), work().messageProperty().get());
    }

    /** The sheet used whole, in the design's shape, or for so many cards, which are then made. */
    @Test
    void fitToSheet_inThreeWays() throws TimeoutException {
        choose("half-fold");
        robot.interact(() -> ((ToggleButton) robot.lookup("#fit-sheet").query()).fire());
        assertEquals(List.of(Length.ofInches(11, 2), Length.ofInches(17, 2)),
                List.of(work().plan().measures().length("width"), work().plan().measures().length("height")));
        robot.interact(() -> robot.lookup("#fit-use").queryComboBox().getSelectionModel().select(1));
        assertEquals(Length.ofInches(57, 8), work().plan().measures().length("height"));
        robot.interact(() -> robot.lookup("#fit-use").queryComboBox().getSelectionModel().select(2));
        assertEquals(2, work().project().copies());
        assertEquals(List.of(Length.ofInches(17, 4), Length.ofInches(11, 2)),
                List.of(work().plan().measures().length("width"), work().plan().measures().length("height")));
        robot.interact(work()::undo);
        assertEquals(1, work().project().copies());
    }

    /** One click puts on the ruler what was set between its marks. */
    @Test
    void numberBetweenTheMarks_isRoundedByOneClick() throws TimeoutException {
        choose("overlapping-gate");
        type("cover", "88 mm");
        Button round = robot.lookup("#round-cover").queryButton();
        assertTrue(round.isVisible());
        robot.interact(round::fire);
        assertEquals(Length.ofInches(55, 16), work().plan().measures().length("cover"));
        assertTrue(!round.isVisible());
    }

    /** What was never set follows the unit. */
    @Test
    void fromInchesToMillimetres_theBorderFollows() throws TimeoutException {
        choose("half-fold");
        robot.interact(() -> work().change(project -> project.withStep(RulerStep.MILLIMETRE)));
        assertEquals(List.of(Length.ofMillimetres(105), Length.ofMillimetres(148), Length.ofMillimetres(3)),
                List.of(work().plan().measures().length("width"), work().plan().measures().length("height"),
                        work().project().mats().reveal()));
    }

    @Test
    void fitToEnvelope_changesTheSize_andTellsTheLimit() throws TimeoutException {
        choose("half-fold");
        robot.interact(() -> ((ToggleButton) robot.lookup("#fit-envelope").query()).fire());
        assertEquals(Length.ofInches(45, 8), work().plan().measures().length("height"));
        assertTrue(robot.lookup(".limit").tryQuery().isPresent());
    }

    @Test
    void impossibleFit_leavesEverythingAsItWas() throws TimeoutException {
        choose("half-fold");
        robot.interact(() -> ((ToggleButton) robot.lookup("#fit-contents").query()).fire());
        assertTrue(work().messageProperty().get().contains("has no pocket"), work().messageProperty().get());
        assertTrue(((ToggleButton) robot.lookup("#fit-finished").query()).isSelected());
    }

    @Test
    void failingCheck_offersAChangeThatMendsIt() throws TimeoutException {
        choose("overlapping-gate");
        type("underlap", "1 in");
        type("cover", "3 in");
        assertTrue(robot.lookup(".chip-bad").tryQuery().isPresent());
        robot.interact(() -> ((Hyperlink) robot.lookup(".check-change").query()).fire());
        settle();
        assertFalse(robot.lookup(".chip-bad").tryQuery().isPresent());
    }

    /** What holds is one line, told in full on request; what does not is always told. */
    @Test
    void goodChecks_areOneLine_untilTheyAreAskedFor() throws TimeoutException {
        choose("overlapping-gate");
        Hyperlink holds = robot.lookup("#good-checks").query();
        assertEquals("✓ " + work().plan().checks().size() + " checks hold", holds.getText());
        long shown = robot.lookup(".check").queryAll().stream().filter(row -> row.getParent().isVisible()).count();
        assertEquals(0, shown);
        robot.interact(holds::fire);
        assertEquals(work().plan().checks().size(),
                robot.lookup(".check").queryAll().stream().filter(row -> row.getParent().isVisible()).count());
        type("underlap", "1 in");
        type("cover", "3 in");
        assertTrue(robot.lookup(".check .check-bad").tryQuery().isPresent());
    }

    @Test
    void lastStep_tellsWhatShows_closedAndInEachPose() throws TimeoutException {
        choose("half-fold");
        assertFalse(robot.lookup("#what-shows").query().isVisible());
        robot.interact(() -> work().goTo(work().plan().run().size() - 1));
        waitFor(() -> robot.lookup("#what-shows").query().isVisible());
        List<String> told = robot.lookup("#what-shows").<VBox>query().getChildren().stream()
                .filter(Fractions.class::isInstance).map(line -> ((Fractions) line).getAccessibleText()).toList();
        assertEquals("Closed", told.get(0));
        assertEquals("Back: 100 % outside of the back leaf", told.get(2));
        assertEquals("Half open", told.get(3));
        assertEquals(6, told.size());
    }

    @Test
    void tableView_goesOnWithOneKey_andComesBack() throws TimeoutException {
        choose("m-fold-holder");
        focusBench();
        press(KeyCode.T);
        waitFor(() -> robot.lookup(".table-screen").tryQuery().isPresent());
        int reading = work().readingProperty().get() + work().stepProperty().get();
        press(KeyCode.SPACE);
        waitFor(() -> work().readingProperty().get() + work().stepProperty().get() > reading);
        press(KeyCode.ESCAPE);
        waitFor(() -> robot.lookup(".bench-screen").tryQuery().isPresent());
    }

    @Test
    void unitSwitch_keepsWhatWasSetByHand() throws TimeoutException {
        choose("half-fold");
        type("width", "5 in");
        robot.interact(() -> work().change(project -> project.withStep(RulerStep.MILLIMETRE)));
        assertEquals(Length.ofInches(5), work().plan().measures().length("width"));
        assertEquals("127", ((Stepper) robot.lookup("#measure-width").query()).shown());
    }

    /** A kill leaves the marker and the saved state; the next start opens the project where it was. */
    @Test
    void afterAKill_theProjectIsBack() throws Exception {
        choose("accordion");
        type("panels", "6");
        waitFor(() -> {
            try (Stream<Path> files = Files.list(data.resolve("projects"))) {
                return files.anyMatch(WindowTest::holdsSixPanels);
            }
        });
        waitFor(() -> Files.exists(data.resolve("open-project")));
        data = asAfterAKill();
        launch();
        assertEquals("6", work().project().set().get("panels"));
        assertTrue(work().messageProperty().get().contains("ended unexpectedly"));
    }

    /** What a killed program leaves: the files as they are, and nobody who owns them. */
    private Path asAfterAKill() throws IOException {
        Path left = Files.createDirectory(data.resolve("left"));
        Files.createDirectory(left.resolve("projects"));
        Files.copy(data.resolve("open-project"), left.resolve("open-project"));
        try (Stream<Path> files = Files.list(data.resolve("projects"))) {
            for (Path file : files.toList()) {
                Files.copy(file, left.resolve("projects").resolve(file.getFileName()));
            }
        }
        return left;
    }

    private static boolean holdsSixPanels(Path file) {
        try {
            return Files.readString(file).contains("\"panels\" : \"6\"");
        } catch (IOException stillBeingWritten) {
            return false;
        }
    }

    private void goTo(Phase phase) {
        robot.interact(() -> work().goTo(
                work().plan().run().stream().filter(step -> step.phase() == phase).findFirst().orElseThrow().number()
                        - 1));
        settle();
    }

    /** A fold can be dragged to any point, turned about from the keyboard, and tried the wrong way round. */
    @Test
    void foldStep_isDraggedTurnedAndTriedTheWrongWay() throws TimeoutException {
        choose("squash-fold");
        goTo(Phase.FOLD);
        Slider slider = robot.lookup("#fold-slider").query();
        robot.interact(() -> app.screens().benchScreen().stopFoldAt(0.5));
        assertEquals(0.5, slider.getValue(), 1e-9);
        WritableImage before = picture("#motion-picture");
        focusBench();
        press(KeyCode.A);
        waitFor(() -> !same(before, picture("#motion-picture")));
        ToggleButton wrong = robot.lookup("#wrong-way").query();
        robot.interact(wrong::fire);
        Label verdict = robot.lookup("#trial-verdict").query();
        assertTrue(verdict.isVisible() && verdict.getText().startsWith("✕"), verdict.getText());
        robot.interact(wrong::fire);
        assertFalse(verdict.isVisible());
    }

    private WritableImage picture(String id) {
        WritableImage[] image = new WritableImage[1];
        robot.interact(() -> image[0] = robot.lookup(id).query().snapshot(null, null));
        return image[0];
    }

    private static boolean same(WritableImage a, WritableImage b) {
        for (int y = 0; y < a.getHeight(); y += 3) {
            for (int x = 0; x < a.getWidth(); x += 3) {
                if (a.getPixelReader().getArgb(x, y) != b.getPixelReader().getArgb(x, y)) {
                    return false;
                }
            }
        }
        return true;
    }

    /** The finished card shows its layers where it is tapped, and moves into its poses. */
    @Test
    void finishedCard_showsLayersWhereTapped_andMovesIntoItsPoses() throws TimeoutException {
        choose("back-fold-holder");
        goTo(Phase.CHECK);
        int thickest = robot.lookup(".layer-row").queryAll().size();
        assertEquals(4, thickest);
        Node card = robot.lookup("#closed-picture").query();
        robot.clickOn(robot.point(card).atPosition(Pos.CENTER).atOffset(0, 60));
        settle();
        assertTrue(robot.lookup(".layer-title").queryAllAs(Label.class).stream()
                .anyMatch(label -> label.getText().equals("Where you tapped")));
        ToggleButton pose = robot.lookup(".pose-choices .toggle-button").queryAllAs(ToggleButton.class).stream()
                .filter(button -> button.getText().equals("half open")).findFirst().orElseThrow();
        robot.interact(pose::fire);
        assertTrue(robot.lookup("#motion-picture").tryQuery().isPresent());
        robot.interact(() -> app.screens().benchScreen().stopFoldAt(1));
        assertEquals(1, ((Slider) robot.lookup("#fold-slider").query()).getValue(), 1e-9);
    }

    /** Names, values and steps of our own controls, as assistive technology asks for them. */
    @Test
    void valuesAndPictures_areTold() throws TimeoutException {
        choose("half-fold");
        Node width = robot.lookup("#measure-width").lookup(".stepper-middle").query();
        assertEquals(AccessibleRole.SPINNER, width.getAccessibleRole());
        assertEquals("Width: 4 1/4", width.queryAccessibleAttribute(AccessibleAttribute.TEXT));
        robot.interact(() -> width.executeAccessibleAction(AccessibleAction.INCREMENT));
        assertEquals("Width: 4 5/16", width.queryAccessibleAttribute(AccessibleAttribute.TEXT));
        robot.interact(() -> width.executeAccessibleAction(AccessibleAction.DECREMENT));
        assertEquals(Length.ofInches(17, 4), work().plan().measures().length("width"));
        Node picture = robot.lookup("#bench-picture").query();
        assertEquals(AccessibleRole.IMAGE_VIEW, picture.getAccessibleRole());
        assertTrue(picture.queryAccessibleAttribute(AccessibleAttribute.TEXT).toString()
                .startsWith("Step 1: Plain card 250. Cut"), picture.getAccessibleText());
    }
}
