package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.desktop.view.NotebookScreen;
import cufflink.desktop.view.Places;
import cufflink.notebook.Correction;
import cufflink.notebook.Learned;
import cufflink.notebook.Make;
import cufflink.notebook.OfMeasure;
import cufflink.notebook.StepNote;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;

/** The notebook in the real window: noted at the table, put in, offered next time. */
class NotebookWindowTest extends WindowDriver {
    private List<Make> makes() {
        return app.screens().notebookWork().makes();
    }

    private <T extends Node> T find(Class<T> type, String id) {
        return type.cast(robot.lookup("#" + id).query());
    }

    private boolean isThere(String id) {
        return robot.lookup("#" + id).tryQuery().filter(Node::isVisible).isPresent();
    }

    private void fire(String id) throws TimeoutException {
        waitFor(() -> isThere(id));
        robot.interact(() -> find(ButtonBase.class, id).fire());
        settle();
    }

    private void type(String id, String text) throws TimeoutException {
        waitFor(() -> isThere(id));
        robot.interact(() -> find(TextField.class, id).setText(text));
    }

    private void made() throws TimeoutException {
        robot.interact(() -> app.screens().made());
        waitFor(() -> isThere("make-keep"));
    }

    private void correct(String change, String text) throws TimeoutException {
        type("next-change", change);
        type("next-text", text);
        fire("next-add");
    }

    /** A half fold that was made with one correction of its width. */
    private void learned(String change) throws TimeoutException {
        choose("half-fold");
        made();
        correct(change, "It stuck in the envelope");
        fire("make-keep");
        assertEquals(1, makes().size());
    }

    private String width() {
        return app.screens().work().plan().measures().get("width").orElseThrow()
                .text(app.screens().work().plan().format());
    }

    @Test
    void whatIsNotedAtTheTable_andTheTimeItTook_stayThroughAnEndOfTheProgram() throws TimeoutException {
        choose("half-fold");
        press(KeyCode.T);
        press(KeyCode.N);
        waitFor(() -> find(TextField.class, "table-note").isFocused());
        assertEquals("", find(TextField.class, "table-note").getText());
        robot.write("too short");
        press(KeyCode.ENTER);
        String cut = app.screens().work().currentStep().title();
        waitFor(() -> app.screens().notebookWork().making(file(), app.screens().work().plan()).learned()
                .tookInAll().toSeconds() > 0);
        press(KeyCode.ESCAPE);
        FxToolkit.cleanupApplication(app);
        launch();
        assertEquals(List.of(), makes());
        choose("half-fold");
        FxToolkit.cleanupApplication(app);
        launch();
        robot.interact(() -> app.screens().open(data.resolve("projects").resolve("half-fold.json")));
        settle();
        made();
        assertFalse(find(TextField.class, "took-cut").getText().isBlank());
        fire("make-keep");
        assertEquals(List.of(new StepNote(1, cut, "too short")), makes().get(0).learned().wrong());
    }

    private String file() {
        return "half-fold.json";
    }

    @Test
    void allThatIsNoted_standsInTheNotebook_andIsFound() throws TimeoutException, IOException {
        choose("half-fold");
        made();
        robot.interact(() -> find(TextArea.class, "make-notes").setText("For the dome keeper"));
        type("took-cut", "7.5");
        type("measured-width", "4 1/8");
        type("measured-height", "5 3/8");
        Path picture = data.resolve("photo.png");
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", picture.toFile());
        robot.interact(() -> app.screens().notebookPlace().making().addPictures(List.of(picture)));
        type("took-score", "soon");
        fire("make-keep");
        assertTrue(isThere("message"), "what is not understood is said");
        assertEquals(List.of(), makes());
        type("took-score", "");
        fire("make-keep");
        Make make = makes().get(0);
        assertEquals("For the dome keeper", make.learned().notes());
        assertEquals(450, make.learned().tookInAll().toSeconds());
        assertEquals(2, make.learned().measured().size());
        assertEquals(1, make.learned().photos().size());
        assertEquals(List.of("The trimmer cuts 1/8 in short"),
                make.learned().next().stream().map(Correction::text).toList());
        type("notebook-search", "dome keeper");
        assertTrue(isThere("make-1"));
        type("notebook-search", "dome moon");
        assertFalse(isThere("make-1"));
        fire("notebook-back");
        assertTrue(robot.lookup(".bench-screen").tryQuery().isPresent());
    }

    @Test
    void correction_isOfferedWithItsEffect_applied_andTakenBackByUndo() throws TimeoutException {
        learned("-1/8 in");
        fire("notebook-back");
        waitFor(() -> isThere("next-apply") && !find(Button.class, "next-apply").isDisabled());
        assertTrue(robot.lookup("#next-effect .next-line").queryAll().stream()
                .anyMatch(line -> line.getAccessibleText().equals("Width: 4 1/4 in → 4 1/8 in")));
        fire("next-apply");
        assertEquals("4 1/8 in", width());
        assertFalse(isThere("next-time"));
        robot.interact(() -> app.screens().work().undo());
        settle();
        assertEquals("4 1/4 in", width());
        assertTrue(isThere("next-time"));
    }

    @Test
    void reminder_isToldAtItsStep_andADroppedOneNoMore() throws TimeoutException {
        learned("");
        fire("notebook-back");
        waitFor(() -> isThere("next-remind"));
        fire("next-remind");
        assertTrue(app.screens().work().plan().run().get(0).text().endsWith("Remember: It stuck in the envelope"));
        assertFalse(isThere("next-time"));
        robot.interact(() -> app.screens().shelf());
        choose("half-fold");
        waitFor(() -> isThere("next-drop"));
        fire("next-drop");
        assertEquals(Correction.Standing.DROPPED, makes().get(0).learned().next().get(0).standing());
        robot.interact(() -> app.screens().shelf());
        choose("half-fold");
        assertFalse(isThere("next-time"));
    }

    @Test
    void ownDefault_isHowNewProjectsBegin() throws TimeoutException {
        learned("-1/8 in");
        fire("notebook-back");
        waitFor(() -> isThere("next-apply") && !find(Button.class, "next-apply").isDisabled());
        robot.interact(() -> find(CheckBox.class, "next-own").setSelected(true));
        fire("next-apply");
        assertEquals(Correction.Standing.OWN, makes().get(0).learned().next().get(0).standing());
        robot.interact(() -> app.screens().shelf());
        choose("half-fold");
        assertEquals("4 1/8 in", width());
        assertTrue(isThere("message"), "it is told");
        assertFalse(isThere("next-time"));
        robot.interact(() -> app.screens().shelf());
        choose("waterfall");
        assertFalse(isThere("next-time"));
    }

    /** What cannot be tied is said, and nothing is added. */
    @Test
    void correctionThatCannotBe_isRefused() throws TimeoutException {
        choose("half-fold");
        made();
        correct("-90 in", "Much smaller");
        assertFalse(find(Label.class, "next-problem").getText().isBlank());
        fire("make-keep");
        assertEquals(List.of(), makes());
        assertTrue(isThere("message"), "a correction that was typed is not lost in silence");
    }

    @Test
    void make_isChanged_takenOut_andBroughtBack() throws TimeoutException {
        learned("+1/8 in");
        fire("make-edit");
        type("make-name", "Better name");
        fire("make-keep");
        assertEquals("Better name", makes().get(0).name());
        assertTrue(makes().get(0).learned().next().get(0).target() instanceof OfMeasure);
        robot.interact(() -> app.screens().notebookWork().remove(makes().get(0)));
        assertTrue(robot.lookup(".make-page .empty").tryQuery().isPresent());
        fire("notebook-undo");
        assertEquals("Better name", makes().get(0).name());
    }

    @Test
    void make_isOpenedAgain_asItWas() throws TimeoutException {
        choose("half-fold");
        robot.interact(() -> app.screens().work().change(project -> project.withSet("width", "4 in")));
        settle();
        made();
        fire("make-keep");
        fire("make-open");
        assertEquals("4 in", width());
        assertEquals(2, files());
    }

    private int files() {
        return app.screens().store().projects(new ArrayList<>()).size();
    }

    @Test
    void twoOfADesign_standSideBySide() throws TimeoutException {
        choose("half-fold");
        made();
        fire("make-keep");
        fire("notebook-back");
        robot.interact(() -> app.screens().work().change(project -> project.withCopies(9)));
        settle();
        made();
        fire("make-keep");
        robot.interact(() -> {
            ComboBox<Make> other = robot.lookup("#compare-with").query();
            other.setValue(other.getItems().get(0));
        });
        assertEquals(1, robot.lookup("#differences .history-line").queryAll().size());
        assertTrue(robot.lookup(".compare-other").queryAll().stream()
                .anyMatch(line -> line.getAccessibleText().equals("other: 1")));
    }

    @Test
    void emptyNotebook_saysHowToBegin_andAShareComesIn() throws TimeoutException {
        robot.interact(() -> app.screens().goTo(Places.NOTEBOOK));
        assertTrue(robot.lookup(".make-page .empty").tryQuery().isPresent());
        robot.interact(() -> app.screens().notebookPlace().importMakes(data.resolve("none.json")));
        assertTrue(isThere("message"));
        Make make = new Make(0, Instant.parse("2026-01-01T10:00:00Z"), "Old one", "Half fold", 1, "{}",
                List.of(), Learned.NOTHING);
        robot.interact(() -> app.screens().notebookWork().finish("", make));
        robot.interact(() -> app.screens().notebookPlace().show(NotebookScreen.Wanted.ALL));
        fire("make-open");
        assertTrue(isThere("message"), "a project that cannot be read is named");
        assertEquals(Optional.empty(), Optional.ofNullable(app.screens().work()));
        assertEquals(Map.of(), make.learned().took());
    }

    @Test
    void links_leadThere() throws TimeoutException {
        choose("half-fold");
        robot.interact(() -> find(Hyperlink.class, "edit-made-before").fire());
        waitFor(() -> robot.lookup(".notebook-screen").tryQuery().isPresent());
        fire("notebook-back");
        robot.interact(() -> app.screens().work().goTo(app.screens().work().plan().run().size() - 1));
        fire("made-it");
        waitFor(() -> isThere("make-leave"));
        fire("make-leave");
        assertTrue(robot.lookup(".bench-screen").tryQuery().isPresent());
    }
}
