package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.files.design.BuiltInDesigns;
import cufflink.measure.RulerStep;
import cufflink.paper.Contents;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
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
}
