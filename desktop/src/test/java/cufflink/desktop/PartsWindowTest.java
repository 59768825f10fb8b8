package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.PartDefinition;
import cufflink.design.PartPlace;
import cufflink.desktop.work.Workspace;
import cufflink.plan.RunStep;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What a card is made of: parts are added where they go, opened, taken away and brought back. */
class PartsWindowTest extends WindowDriver {
    @BeforeEach
    void openHalfFold() throws TimeoutException {
        choose("half-fold");
    }

    private Workspace work() {
        return app.screens().work();
    }

    private List<String> parts() {
        return work().plan().design().parts().stream().map(PartDefinition::name).toList();
    }

    private boolean isThere(String id) {
        Node node = robot.lookup(id).tryQuery().orElse(null);
        for (Node above = node; above != null; above = above.getParent()) {
            if (!above.isVisible()) {
                return false;
            }
        }
        return node != null;
    }

    @SuppressWarnings("unchecked")
    private void place(String text) {
        ComboBox<PartPlace> box = (ComboBox<PartPlace>) (ComboBox<?>) robot.lookup("#part-place").queryComboBox();
        robot.interact(() -> box.setValue(box.getItems().stream().filter(place -> place.text().equals(text)
                && place.face().map(face -> face.word().equals("inside")).orElse(true)).findFirst().orElseThrow()));
    }

    private void add(String place, String design) throws TimeoutException {
        place(place);
        waitFor(() -> isThere("#offer-" + design));
        Button offer = robot.lookup("#offer-" + design).queryButton();
        robot.interact(offer::requestFocus);
        press(KeyCode.ENTER);
    }

    @Test
    void partIsAdded_openedUnderItsName_takenAwayAndBroughtBack() throws TimeoutException {
        press(KeyCode.P);
        assertTrue(isThere("#part-place"));
        press(KeyCode.ESCAPE);
        assertFalse(isThere("#part-place"));
        press(KeyCode.P);
        add("base.back", "panel-pockets");
        waitFor(() -> parts().equals(List.of("pocket")));
        assertTrue(isThere("#measure-pocket.size".replace(".", "\\.")) || robot.lookup(".stepper").queryAll().stream()
                .anyMatch(node -> "measure-pocket.size".equals(node.getId())));
        assertFalse(isThere("#part-place"), "the chooser stays open");
        Button remove = robot.lookup("#remove-pocket").queryButton();
        robot.interact(remove::fire);
        assertEquals(List.of(), parts());
        assertFalse(isThere("#part-pocket"));
        press(KeyCode.CONTROL, KeyCode.Z);
        assertEquals(List.of("pocket"), parts());
        assertTrue(isThere("#part-pocket"));
    }

    /**
     * A pocket that was added is a place itself; what goes round is offered round the whole. The part that the current
     * step is about is marked.
     */
    @Test
    void partsGoIntoPockets_andAround() throws TimeoutException {
        press(KeyCode.P);
        add("base.back", "panel-pockets");
        press(KeyCode.P);
        add("pocket:pocket.pocket", "turned-tag");
        press(KeyCode.P);
        add("around", "belly-band");
        waitFor(() -> parts().equals(List.of("pocket", "tag", "band")));
        assertEquals(3, robot.lookup(".part").queryAll().size());
        int glue = work().plan().run().stream().filter(step -> step.title().equals("Pocket · Onto the panel"))
                .findFirst().orElseThrow().number() - 1;
        robot.interact(() -> work().goTo(glue));
        assertTrue(marked());
        Node tag = robot.lookup("#part-tag").query();
        robot.interact(() -> Event.fireEvent(tag, new MouseEvent(MouseEvent.MOUSE_ENTERED, 1, 1, 1, 1,
                MouseButton.NONE, 0, false, false, false, false, false, false, false, true, false, true, null)));
        List<RunStep> run = work().plan().run();
        RunStep put = run.stream().filter(step -> step.title().equals("Tag · Into its pocket")).findFirst()
                .orElseThrow();
        assertTrue(lit("#step-" + put.number()));
        assertFalse(lit("#step-" + (glue + 1)), "a step of another part is lit");
        robot.interact(() -> work().goTo(0));
        assertFalse(marked());
    }

    @Test
    void whatDoesNotFit_isOfferedLast_withTheReason() throws TimeoutException {
        robot.interact(() -> work().change(project -> project.withSet("width", "2 in").withSet("height", "2 in")));
        press(KeyCode.P);
        place("base.back");
        waitFor(() -> isThere("#offer-notch-sleeve") && isThere(".offer-bad"));
        Hyperlink nothing = robot.lookup("#add-nothing").queryAs(Hyperlink.class);
        robot.interact(nothing::fire);
        assertTrue(isThere("#add-part"));
    }

    private boolean lit(String step) {
        return robot.lookup(step).query().getPseudoClassStates().stream()
                .anyMatch(state -> state.getPseudoClassName().equals("lit"));
    }

    private boolean marked() {
        return robot.lookup("#part-pocket").query().getPseudoClassStates().stream()
                .anyMatch(state -> state.getPseudoClassName().equals("now"));
    }

    /** A right click on the bench offers the places of the piece that lies there. */
    @Test
    void rightClickOnTheBench_offersItsPanels() throws TimeoutException {
        robot.rightClickOn("#bench-picture");
        waitFor(() -> robot.lookup(".context-menu").tryQuery().isPresent());
        Optional<MenuItem> item = robot.listWindows().stream()
                .filter(javafx.scene.control.ContextMenu.class::isInstance)
                .flatMap(menu -> ((javafx.scene.control.ContextMenu) menu).getItems().stream())
                .filter(offered -> offered.getText().equals("Add a part on the back leaf, inside")).findFirst();
        robot.interact(() -> item.orElseThrow().fire());
        press(KeyCode.ESCAPE);
        robot.clickOn("#project-name", MouseButton.PRIMARY);
        assertTrue(item.isPresent());
    }
}
