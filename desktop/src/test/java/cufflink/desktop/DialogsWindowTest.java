package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import cufflink.desktop.demo.DemoStash;
import cufflink.desktop.work.Workspace;
import cufflink.measure.Length;
import cufflink.paper.FacePicture;
import cufflink.stash.Stash;
import cufflink.stash.StashPaper;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ButtonType;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.DialogPane;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every dialog: a wrong field is named and keeps it open, Cancel changes nothing, what is taken over can be undone. */
class DialogsWindowTest extends WindowDriver {
    private Workspace work() {
        return app.screens().work();
    }

    private Stash stash() {
        return app.screens().stashWork().stash();
    }

    /** Opens a dialog by its button or link, which does not come back before it is closed. */
    private DialogPane open(String id) throws TimeoutException {
        Node opener = robot.lookup("#" + id).query();
        Platform.runLater(() -> {
            if (opener instanceof Hyperlink link) {
                link.fire();
            } else {
                ((Button) opener).fire();
            }
        });
        waitFor(() -> robot.lookup(".dialog-pane").tryQuery().isPresent());
        settle();
        return robot.lookup(".dialog-pane").query();
    }

    private void close(DialogPane pane, ButtonType how) {
        robot.interact(() -> ((Button) pane.lookupButton(how)).fire());
        settle();
    }

    private boolean isOpen() {
        return robot.lookup(".dialog-pane").tryQuery().isPresent();
    }

    /** The first field in the row with a label. */
    private static <T extends Node> T field(DialogPane pane, String label, Class<T> type) {
        GridPane grid = (GridPane) pane.getContent();
        int row = grid.getChildren().stream().filter(node -> node instanceof Label text && text.getText().equals(label))
                .findFirst().map(GridPane::getRowIndex).orElseThrow();
        return grid.getChildren().stream().filter(node -> GridPane.getRowIndex(node) == row)
                .flatMap(node -> node instanceof HBox box ? box.getChildren().stream() : Stream.of(node))
                .filter(type::isInstance).map(type::cast).findFirst().orElseThrow();
    }

    private void type(DialogPane pane, String label, String text) {
        robot.interact(() -> field(pane, label, TextField.class).setText(text));
    }

    private void refuses(DialogPane pane, String label, String wrong, String right, String message) {
        type(pane, label, wrong);
        close(pane, ButtonType.OK);
        assertTrue(isOpen(), "closed in spite of " + wrong);
        String said = ((Label) pane.lookup("#dialog-problem")).getText();
        assertTrue(said.startsWith(message), said);
        type(pane, label, right);
    }

    private void fillStash(String kind) {
        robot.interact(() -> app.screens().stashWork().change(DemoStash.filled()));
        robot.interact(() -> ((ToggleButton) robot.lookup("#place-stash").query()).fire());
        robot.interact(() -> ((RadioButton) robot.lookup("#show-" + kind).query()).fire());
        robot.interact(() -> robot.lookup(".stash-card").queryAllAs(ButtonBase.class).iterator().next().fire());
        settle();
    }

    @Test
    void tools_ofAProject() throws TimeoutException {
        choose("half-fold");
        DialogPane pane = open("edit-tools");
        refuses(pane, "Longest cut of the trimmer", "-3", "12", "Trimmer: ");
        robot.interact(() -> ((CheckBox) pane.getContent().lookup("#on-grooves")).setSelected(true));
        close(pane, ButtonType.OK);
        assertEquals(Length.ofInches(12), work().project().tools().trimmerLength());
        assertTrue(work().project().tools().onGrooves());
        robot.interact(work()::undo);
        assertEquals(false, work().project().tools().onGrooves());
    }

    @Test
    void cancel_changesNothing() throws TimeoutException {
        choose("half-fold");
        var before = work().project();
        DialogPane pane = open("edit-tools");
        type(pane, "A groove every", "5 mm");
        close(pane, ButtonType.CANCEL);
        assertEquals(before, work().project());
    }

    @Test
    void layers_panelByPanel() throws TimeoutException {
        choose("half-fold");
        DialogPane pane = open("edit-layers");
        String panel = work().plan().design().mats().get(0).label() + ", "
                + work().plan().design().mats().get(0).face().word();
        refuses(pane, panel, "none", "1/4", "Border: ");
        robot.interact(() -> field(pane, panel, ComboBox.class).getSelectionModel().select(3));
        close(pane, ButtonType.OK);
        var mats = work().project().mats().byPanel();
        assertEquals(1, mats.size());
        assertEquals(Optional.of(2), mats.values().iterator().next().layers());
        assertEquals(Optional.of(Length.ofInches(1, 4)), mats.values().iterator().next().reveal());
        robot.interact(work()::undo);
        assertTrue(work().project().mats().byPanel().isEmpty());
    }

    @Test
    void paper_typedAnew_orFromTheStash() throws TimeoutException {
        robot.interact(() -> app.screens().stashWork().change(DemoStash.filled()));
        choose("half-fold");
        DialogPane pane = open("paper-card");
        refuses(pane, "Weight", "heavy", "300", "Weight: ");
        robot.interact(() -> field(pane, "Sheet", ComboBox.class).getEditor().setText("8 x 10"));
        close(pane, ButtonType.OK);
        assertEquals(Length.ofInches(10), work().project().card().height());
        DialogPane again = open("paper-card");
        StashPaper own = stash().papers().get(0);
        robot.interact(() -> field(again, "From the stash", ComboBox.class).getSelectionModel().select(0));
        close(again, ButtonType.OK);
        assertEquals(own.name(), work().project().card().name());
        robot.interact(work()::undo);
        robot.interact(work()::undo);
        assertEquals(Length.ofInches(11), work().project().card().height());
    }

    @ParameterizedTest
    @CsvSource({"paper, How many, few, 7", "paper, A sheet costs, dear, 0.45", "offcut, Measured, 3, 3 x 4",
        "ribbon, Left on the reel, 0, 90", "envelope, Measured inside, 4 x, 4 x 6",
        "punch, What it cuts, round, 2 x 2", "punch, What it cuts, 2 x 3, 2 x 2",
        "punch, 'Copes with, g/m²', heavy, 250", "punch, Name, ' ', Oval"})
    void stashEntries(String kind, String label, String wrong, String right) throws TimeoutException {
        fillStash(kind);
        Stash before = stash();
        DialogPane pane = open("stash-edit");
        refuses(pane, label, wrong, right,
                label.equals("Measured inside") ? "The size found: " : label.replace(", g/m²", "") + ": ");
        close(pane, ButtonType.OK);
        assertTrue(!isOpen());
        assertTrue(!before.equals(stash()), "nothing changed");
        robot.interact(() -> ((Button) robot.lookup("#stash-undo").query()).fire());
        assertEquals(before, stash());
    }

    /** What is offered has been planned; undo takes it back. */
    @Test
    void panel_isMadeToFitADie() throws TimeoutException {
        robot.interact(() -> app.screens().stashWork().change(DemoStash.filled()));
        choose("half-fold");
        DialogPane pane = open("edit-fit-die");
        waitFor(() -> pane.lookup(".radio-button") != null);
        type(pane, "Border all round", "wide");
        assertTrue(pane.lookup(".radio-button") == null);
        type(pane, "Border all round", "1/4 in");
        waitFor(() -> pane.lookup(".radio-button") != null);
        var before = work().project();
        close(pane, ButtonType.OK);
        assertTrue(!before.equals(work().project()));
        robot.interact(work()::undo);
        settle();
        assertEquals(before, work().project());
    }

    /** A notch takes the size of a punch, and any size when it is cut with the knife. */
    @Test
    void notch_isCutWithAPunchThatIsOwned() throws TimeoutException {
        robot.interact(() -> app.screens().stashWork().change(DemoStash.filled()));
        choose("strip-album");
        ComboBox<String> with = robot.lookup("#punch-notch").query();
        robot.interact(() -> with.setValue("1 in circle punch"));
        settle();
        assertEquals(Length.ofInches(1), work().plan().measures().length("notch"));
        Node stepper = robot.lookup("#measure-notch").query();
        assertTrue(stepper.isDisabled());
        robot.interact(() -> with.setValue("the knife"));
        assertTrue(!stepper.isDisabled());
        robot.interact(() -> work().change(project -> project.withSet("notch", "7/8 in")));
        settle();
        assertEquals("the knife", with.getValue());
    }

    /** What is no image is named and keeps the dialog open; a picture goes onto the paper, and off again. */
    @Test
    void pictureOfAPaper() throws TimeoutException, IOException {
        FileQuestions files = mock(FileQuestions.class);
        app.screens().dialogs().askFilesBy(files);
        fillStash("paper");
        DialogPane pane = open("stash-edit");
        when(files.open(any())).thenReturn(Optional.of(Files.writeString(data.resolve("notes.txt"), "no image")));
        fire(pane, "#face-picture-choose");
        String said = ((Label) pane.lookup("#dialog-problem")).getText();
        assertTrue(said.contains("notes.txt") && isOpen(), said);
        Path image = data.resolve("leaf.png");
        ImageIO.write(new BufferedImage(60, 30, BufferedImage.TYPE_INT_RGB), "png", image.toFile());
        when(files.open(any())).thenReturn(Optional.of(image));
        fire(pane, "#face-picture-choose");
        robot.interact(() -> ((TextField) pane.lookup("#face-picture-wide")).setText("6"));
        close(pane, ButtonType.OK);
        FacePicture picture = stash().papers().get(0).stock().print().picture().orElseThrow();
        assertEquals(Length.ofInches(6), picture.width());
        assertEquals(Length.ofInches(3), picture.height());
        DialogPane again = open("stash-edit");
        fire(again, "#face-picture-remove");
        close(again, ButtonType.OK);
        assertEquals(Optional.empty(), stash().papers().get(0).stock().print().picture());
    }

    private void fire(DialogPane pane, String button) {
        robot.interact(() -> ((Button) pane.lookup(button)).fire());
        settle();
    }

    @Test
    void exportToAFolderThatIsNot_saysSo_andStaysOpen() throws TimeoutException, IOException {
        Path inTheWay = Files.writeString(data.resolve("file.txt"), "in the way");
        choose("half-fold");
        robot.interact(() -> ((Button) robot.lookup("#export").query()).fire());
        robot.interact(() -> ((TextField) robot.lookup("#export-place").query())
                .setText(inTheWay.resolve("card.pdf").toString()));
        robot.interact(() -> ((Button) robot.lookup("#export-write").query()).fire());
        waitFor(() -> !((Label) robot.lookup("#export-state").query()).getText().isEmpty()
                && !((Label) robot.lookup("#export-state").query()).getText().startsWith("Writing"));
        String state = ((Label) robot.lookup("#export-state").query()).getText();
        assertTrue(!state.startsWith("Written"), state);
    }
}
