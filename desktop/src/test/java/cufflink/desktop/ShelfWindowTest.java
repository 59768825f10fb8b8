package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.DesignDefinition;
import cufflink.desktop.store.ShelfKeep;
import cufflink.desktop.view.ShelfCards;
import cufflink.desktop.view.ShelfFace;
import cufflink.desktop.work.ShelfCard;
import cufflink.desktop.work.ShelfWork;
import cufflink.files.design.BuiltInDesigns;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.Contents;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The shelf: sections by what a design is for, and search as one types. */
class ShelfWindowTest extends WindowDriver {
    @BeforeEach
    void wholeShelf() throws TimeoutException {
        waitFor(() -> cards() == BuiltInDesigns.all().size());
    }

    private int cards() {
        return robot.lookup(".shelf-card").queryAll().size();
    }

    private void search(String text) {
        TextField field = robot.lookup("#shelf-search").query();
        robot.interact(() -> field.setText(text));
    }

    private List<String> sections() {
        return robot.lookup(".shelf-section").queryAllAs(Labeled.class).stream().map(Labeled::getText).toList();
    }

    @Test
    void designs_standInSections() {
        assertEquals(List.of("Cards", "Gift card holders", "Pockets", "Folios", "Sets", "Finishing"), sections());
    }

    @Test
    void whatIsTyped_leavesTheDesignsInWhichItIsFound() {
        search("gift fold");
        assertTrue(cards() > 0 && cards() < BuiltInDesigns.all().size());
        assertTrue(robot.lookup("#design-m-fold-holder").tryQuery().isPresent());
        search("no such thing");
        assertEquals(0, cards());
        assertTrue(robot.lookup(".shelf-sections .empty").tryQuery().isPresent());
    }

    @Test
    void enter_takesTheOnlyDesign_escapeBringsAllBack() throws TimeoutException {
        press(KeyCode.CONTROL, KeyCode.F);
        assertTrue(robot.lookup("#shelf-search").<TextField>query().isFocused());
        search("belly");
        press(KeyCode.ESCAPE);
        assertEquals(BuiltInDesigns.all().size(), cards());
        search("belly");
        assertEquals(List.of("Finishing"), sections());
        press(KeyCode.ENTER);
        waitFor(() -> robot.lookup(".bench-screen").tryQuery().isPresent());
        assertEquals("belly-band", app.screens().work().plan().design().definition().id());
    }

    /** With another ruler the shelf is another screen; it is set out as the first one was. */
    @Test
    void otherRuler_setsTheShelfOutAnew() throws TimeoutException {
        robot.interact(() -> robot.lookup("#shelf-ruler").<ComboBox<RulerStep>>query().setValue(RulerStep.MILLIMETRE));
        waitFor(() -> robot.lookup("#shelf-count").<Labeled>query().getText().endsWith(" designs"));
        waitFor(() -> cards() == BuiltInDesigns.all().size());
        robot.interact(() -> robot.lookup("#shelf-ruler").<ComboBox<RulerStep>>query()
                .setValue(RulerStep.SIXTEENTH_INCH));
        waitFor(() -> robot.lookup("#shelf-count").<Labeled>query().getText().endsWith(" designs"));
        waitFor(() -> cards() == BuiltInDesigns.all().size());
    }

    /** The ruler, the ticks and what it should hold are as they were left, at the next start too. */
    @Test
    void shelf_isAsItWasLeft() throws TimeoutException {
        robot.interact(() -> robot.lookup("#shelf-ruler").<ComboBox<RulerStep>>query().setValue(RulerStep.MILLIMETRE));
        robot.interact(() -> robot.lookup("#shelf-holds").<ComboBox<Optional<Contents>>>query()
                .setValue(Optional.of(Contents.GIFT_CARD)));
        robot.interact(() -> robot.lookup("A4").<CheckBox>query().fire());
        end();
        start();
        assertEquals(RulerStep.MILLIMETRE, robot.lookup("#shelf-ruler").<ComboBox<RulerStep>>query().getValue());
        assertEquals(Optional.of(Contents.GIFT_CARD),
                robot.lookup("#shelf-holds").<ComboBox<Optional<Contents>>>query().getValue());
        assertTrue(robot.lookup("A4").<CheckBox>query().isSelected());
    }

    /** At the next start the shelf stands there as it was left, before anything is read; what is taken is opened. */
    @Test
    void lastShelf_isThereBeforeAllIsRead() throws TimeoutException {
        robot.interact(() -> robot.lookup("A4").<CheckBox>query().fire());
        waitFor(() -> !robot.lookup("#shelf-count").<Labeled>query().getText().startsWith("Setting"));
        ShelfWork.Shelf before = kept();
        assertTrue(before.found().size() > 0 && before.found().size() <= before.made());
        DesignDefinition.Head first = before.found().get(0).head();
        List<ShelfCard> taken = new ArrayList<>();
        robot.interact(() -> {
            ShelfFace face = new ShelfFace(before, new ShelfCards(), taken::add, place -> {});
            Scene scene = new Scene(face);
            face.applyCss();
            ((Button) scene.lookup("#design-" + first.id())).fire();
            assertEquals(first.title(), ((Labeled) face.lookup(".setting-out")).getText());
        });
        assertEquals(List.of(before.found().get(0)), taken);
        end();
        start();
        robot.interact(() -> app.screens().start(taken.get(0)));
        settle();
        assertEquals(first.id(), app.screens().work().plan().design().definition().id());
        assertEquals(Length.ofMillimetres(210), app.screens().work().project().card().width());
    }

    private ShelfWork.Shelf kept() throws TimeoutException {
        waitFor(() -> ShelfKeep.last(data).filter(shelf -> shelf.found().size() == cards()).isPresent());
        return ShelfKeep.last(data).orElseThrow();
    }
}
