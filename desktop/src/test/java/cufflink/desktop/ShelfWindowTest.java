package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.files.design.BuiltInDesigns;
import java.util.List;
import java.util.concurrent.TimeoutException;
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
}
