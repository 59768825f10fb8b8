package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.Face;
import cufflink.design.Ornament;
import cufflink.design.Ornament.Anchor;
import cufflink.design.OrnamentShape;
import cufflink.design.PanelRef;
import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.Stepper;
import cufflink.desktop.work.Workspace;
import cufflink.measure.Length;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
import javafx.event.ActionEvent;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.FileChooser;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Ornaments are laid on the closed card with the mouse, the keys and by numbers, and say what they do. */
class OrnamentsWindowTest extends WindowDriver {
    @BeforeEach
    void openHalfFold() throws TimeoutException {
        choose("half-fold");
        press(KeyCode.O);
        waitFor(() -> ornaments().size() == 1 && robot.lookup("#ornament-line").tryQuery().isPresent());
    }

    private Workspace work() {
        return app.screens().work();
    }

    private List<Ornament> ornaments() {
        return work().project().ornaments();
    }

    private Ornament ornament() {
        return ornaments().get(0);
    }

    private String line() {
        return robot.lookup("#ornament-line").queryAs(Fractions.class).getAccessibleText();
    }

    /** Drags from the middle of the picture, where the new ornament lies. */
    private void drag(double right, double down) {
        Node picture = robot.lookup("#closed-picture").query();
        Point2D middle = picture.localToScreen(picture.getBoundsInLocal().getCenterX(),
                picture.getBoundsInLocal().getCenterY());
        robot.drag(middle, MouseButton.PRIMARY).moveTo(middle.add(right / 2, down / 2)).dropTo(middle.add(right, down));
        settle();
    }

    @Test
    void newOrnament_liesInTheMiddleOfTheFront() {
        assertEquals(new PanelRef("base", "front"), ornament().on());
        assertEquals(Face.OUTSIDE, ornament().face());
        assertEquals(Ornament.Along.CENTRED, ornament().put().across());
        assertTrue(line().contains("stays inside"), line());
        assertEquals("Ornament 1", robot.lookup("#ornament1-name").queryAs(TextField.class).getText());
    }

    @Test
    void drag_movesIt_asOneStepToUndo_andSaysWhenItPokesOut() {
        drag(0, -60);
        assertEquals(Ornament.Along.CENTRED, ornament().put().across(), "a straight way up stays in the middle");
        assertEquals(Anchor.START, ornament().put().down().from());
        assertTrue(work().project().step().has(ornament().put().down().by()));
        press(KeyCode.CONTROL, KeyCode.Z);
        assertEquals(Ornament.Along.CENTRED, ornament().put().down());
        drag(110, 0);
        assertTrue(line().contains("stands out of the closed card") && line().contains("at the right"), line());
        assertEquals(1, work().plan().checks().stream()
                .filter(check -> check.id().equals("ornament-ornament1")).count());
        press(KeyCode.CONTROL, KeyCode.Z);
        press(KeyCode.CONTROL, KeyCode.Z);
        assertEquals(List.of(), ornaments());
        assertFalse(robot.lookup("#ornament-line").tryQuery().isPresent());
    }

    @Test
    void arrowKeys_moveItByAStepOfTheRuler() {
        robot.clickOn("#closed-picture");
        press(KeyCode.RIGHT);
        press(KeyCode.DOWN);
        press(KeyCode.DOWN);
        Length step = work().project().step().length();
        assertEquals(new Ornament.Along(Anchor.MIDDLE, step), ornament().put().across());
        assertEquals(new Ornament.Along(Anchor.MIDDLE, step.times(2)), ornament().put().down());
    }

    /** What lies inside is laid on the flat piece of its step; there, and only there, the arrow keys are its own. */
    @Test
    void ornamentInside_isLaidOnThePieceOfItsStep() {
        robot.interact(() -> work().change(project -> project
                .withOrnament(ornament().on(new PanelRef("base", "front"), Face.INSIDE))));
        int step = work().plan().run().size() - 2;
        robot.interact(() -> work().goTo(step));
        Ornament before = ornament();
        Node picture = robot.lookup("#bench-picture").query();
        Point2D middle = picture.localToScreen(picture.getBoundsInLocal().getCenterX(),
                picture.getBoundsInLocal().getCenterY());
        double panel = picture.getBoundsInLocal().getWidth() / 4.5;
        robot.drag(middle.subtract(panel, 0), MouseButton.PRIMARY).moveTo(middle.subtract(panel, 30))
                .dropTo(middle.subtract(panel, 70));
        settle();
        assertEquals(Anchor.START, ornament().put().down().from(), before + " " + ornament());
        press(KeyCode.CONTROL, KeyCode.Z);
        assertEquals(before, ornament());
        press(KeyCode.DOWN);
        assertEquals(work().project().step().length(), ornament().put().down().by());
        robot.interact(() -> work().goTo(0));
        press(KeyCode.RIGHT);
        assertEquals(Ornament.Along.CENTRED, ornament().put().across());
    }

    private void type(String stepper, String text) {
        Stepper field = robot.lookup(stepper).queryAs(Stepper.class);
        robot.interact(field::edit);
        robot.write(text).type(KeyCode.ENTER);
        settle();
    }

    @SuppressWarnings("unchecked")
    private <T> void pick(String box, T value) {
        ComboBox<T> combo = (ComboBox<T>) robot.lookup(box).queryComboBox();
        robot.interact(() -> combo.setValue(value));
    }

    @Test
    void numbers_layIt_andKeepItsPlaceUnderAnotherEdge() {
        type("#ornament1-width", "2 in");
        assertEquals(Length.ofInches(2), ornament().form().height(), "a circle stays round");
        pick("#ornament1-across-from", Anchor.END);
        Length side = work().plan().closedWidth().orElseThrow().minus(Length.ofInches(2));
        assertEquals(Length.ofNanometres(side.nanometres() / 2), ornament().put().across().by());
        type("#ornament1-across", "-1/4 in");
        assertTrue(line().contains("1/4 in at the right"), line());
        type("#ornament1-turn", "15");
        assertEquals(15, ornament().put().turn(), 1e-9);
        type("#ornament1-high", "1.2");
        assertEquals(Length.ofMicrometres(1200), ornament().height());
        assertTrue(ornament().isRaised());
        type("#ornament1-turn", "round");
        assertTrue(work().messageProperty().get().contains("number of degrees"));
        assertEquals(15, ornament().put().turn(), 1e-9);
    }

    @Test
    void shapes_areChosen_orReadFromADrawing(@TempDir Path folder) throws IOException {
        pick("#ornament1-shape", OrnamentShape.BANNER);
        assertTrue(ornament().form().width().isLongerThan(ornament().form().height()));
        Path good = Files.writeString(folder.resolve("leaf.svg"),
                "<svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0 Q 20 0 20 10 Q 0 10 0 0 z'/></svg>");
        Path bad = Files.writeString(folder.resolve("broken.svg"), "<svg><path d='M0 0 L'/></svg>");
        answerWith(bad);
        pick("#ornament1-shape", OrnamentShape.PATH);
        assertEquals(OrnamentShape.BANNER, ornament().form().shape());
        assertTrue(work().messageProperty().get().contains("broken.svg"), work().messageProperty().get());
        answerWith(good);
        pick("#ornament1-shape", OrnamentShape.PATH);
        assertEquals(OrnamentShape.PATH, ornament().form().shape());
        assertEquals(0.5, ornament().form().height().toMillimetres() / ornament().form().width().toMillimetres(), 1e-4);
    }

    private void answerWith(Path file) {
        app.screens().dialogs().askFilesBy(new FileQuestions() {
            @Override
            public Optional<Path> open(FileChooser chooser) {
                return Optional.of(file);
            }

            @Override
            public Optional<Path> save(FileChooser chooser) {
                return Optional.empty();
            }
        });
    }

    @Test
    void name_mustBeItsOwn() {
        robot.interact(() -> robot.lookup("#add-ornament").queryAs(Hyperlink.class).fire());
        TextField name = robot.lookup("#ornament2-name").queryAs(TextField.class);
        robot.interact(() -> {
            name.setText("Ornament 1");
            name.fireEvent(new ActionEvent());
        });
        assertTrue(work().messageProperty().get().contains("Another ornament"));
        robot.interact(() -> {
            name.setText("Star");
            name.fireEvent(new ActionEvent());
        });
        assertEquals("Star", ornaments().get(1).label());
        robot.interact(() -> robot.lookup("#remove-ornament1").queryButton().fire());
        assertEquals(List.of("Star"), ornaments().stream().map(Ornament::label).toList());
    }
}
