package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.desktop.view.Places;
import java.nio.file.Files;
import java.util.List;
import java.util.concurrent.TimeoutException;
import javafx.event.ActionEvent;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.Clipboard;
import javafx.scene.input.KeyCode;
import org.fxmisc.richtext.StyleClassedTextArea;
import org.junit.jupiter.api.Test;

/** Typed directions in the real window: read while they are typed, mended, made a project, kept. */
class DirectionsWindowTest extends WindowDriver {
    private static final String HOLDER = """
            Pass card holder
            Strip: 11 x 4 1/4 in
            Mat for the front: 2 3/4 x 4 in
            Score the strip from the left at 3, 5 1/2 and 18 in.
            """;

    private StyleClassedTextArea text() {
        return (StyleClassedTextArea) robot.lookup("#directions-text").query();
    }

    private void goThere() throws TimeoutException {
        robot.interact(() -> app.screens().goTo(Places.DIRECTIONS));
        rest();
    }

    private void rest() throws TimeoutException {
        settle();
        waitFor(120, () -> app.screens().directionsPlace().screen().isAtRest());
        settle();
    }

    private void type(String words) throws TimeoutException {
        robot.interact(() -> text().replaceText(words));
        rest();
    }

    private List<String> fields() {
        return robot.lookup(".figure-field").<TextField>queryAll().stream().map(TextField::getText).toList();
    }

    private void fire(String id) throws TimeoutException {
        robot.interact(() -> ((ButtonBase) robot.lookup("#" + id).query()).fire());
        rest();
    }

    @Test
    void whatCannotBe_isMendedByOneClick_andUndone() throws TimeoutException {
        goThere();
        type(HOLDER);
        assertTrue(fields().contains("18"), () -> fields().toString());
        Button write = robot.lookup(".finding .paper-button").<Button>queryAll().stream()
                .filter(button -> button.getText().equals("Write 8 in")).findFirst().orElseThrow();
        robot.interact(write::fire);
        rest();
        assertTrue(text().getText().contains("5 1/2 and 8 in"), text().getText());
        assertTrue(robot.lookup(".finding").queryAll().isEmpty());
        fire("directions-undo");
        assertTrue(text().getText().contains("18 in"), text().getText());
    }

    @Test
    void aNumberOfTheDrawing_isTypedOver_whereItStands() throws TimeoutException {
        goThere();
        type(HOLDER);
        TextField score = robot.lookup(".figure-field").<TextField>queryAll().stream()
                .filter(field -> field.getText().equals("5 1/2")).findFirst().orElseThrow();
        robot.interact(score::requestFocus);
        assertTrue(text().getStyleSpans(0, text().getLength()).stream()
                .anyMatch(span -> span.getStyle().contains("phrase-lit")), "the phrase is lit");
        robot.interact(() -> {
            score.setText("5 3/4");
            score.fireEvent(new ActionEvent());
        });
        rest();
        assertTrue(text().getText().contains("at 3, 5 3/4 and 18"), text().getText());
    }

    @Test
    void itBecomesAProject_ofItsDesign() throws TimeoutException {
        goThere();
        type(HOLDER.replace("18", "8"));
        fire("directions-begin");
        waitFor(60, () -> app.screens().work() != null);
        assertEquals("m-fold-holder", app.screens().work().project().design().id());
        assertEquals("Pass card holder", app.screens().work().project().name());
    }

    @Test
    void forOtherPaper_newNumbersStandBesideTheOld_andGoOutAsText() throws TimeoutException {
        goThere();
        type(HOLDER.replace("18", "8"));
        robot.interact(() -> ((ToggleButton) robot.lookup("#directions-fit").query()).fire());
        robot.interact(() -> ((ToggleButton) robot.lookup("#fit-sheet").query()).fire());
        rest();
        waitFor(60, () -> !robot.lookup(".side-after").queryAll().isEmpty());
        assertTrue(!robot.lookup(".side-reason").queryAll().isEmpty());
        fire("directions-copy");
        String[] copied = new String[1];
        robot.interact(() -> copied[0] = Clipboard.getSystemClipboard().getString());
        assertTrue(copied[0].contains("Strip: "), copied[0]);
    }

    @Test
    void piecesOfNoDesign_becomeOneOfTheirOwn() throws TimeoutException {
        goThere();
        type("My own leaf\nLeaf: 12 x 4 in. Score it at 3, 7 1/2 and 11 in from the left.");
        fire("directions-begin");
        waitFor(60, () -> app.screens().work() != null);
        assertEquals("my-own-leaf", app.screens().work().project().design().id());
        assertTrue(Files.exists(data.resolve("designs").resolve("my-own-leaf.yaml")));
    }

    @Test
    void whatWasTyped_isThereAfterARestart_andTheEmptyPlaceOffersASample() throws TimeoutException {
        goThere();
        fire("directions-sample");
        String sample = text().getText();
        assertTrue(sample.startsWith("Comet night"), sample);
        robot.interact(() -> app.screens().goTo(Places.SHELF));
        goThere();
        assertEquals(sample, text().getText());
        press(KeyCode.ESCAPE);
    }
}
