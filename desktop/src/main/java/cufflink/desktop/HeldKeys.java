package cufflink.desktop;

import java.util.EnumSet;
import java.util.Set;
import javafx.scene.Scene;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Window;

/**
 * A key that is held counts once: a hand that rests on X or Space ticks off one sheet or goes on one step, not all.
 * Arrows and what is typed into a field repeat as everywhere.
 */
final class HeldKeys {
    private final Set<KeyCode> down = EnumSet.noneOf(KeyCode.class);

    private HeldKeys() {
    }

    static void countOnce(Scene scene, Window window) {
        HeldKeys held = new HeldKeys();
        scene.addEventFilter(KeyEvent.KEY_PRESSED, held::press);
        scene.addEventFilter(KeyEvent.KEY_RELEASED, key -> held.down.remove(key.getCode()));
        // Another window gets the release of a key that was pressed here.
        window.focusedProperty().addListener((property, was, is) -> held.down.clear());
    }

    private void press(KeyEvent key) {
        boolean again = !down.add(key.getCode());
        boolean acts = key.getCode().isLetterKey() || key.getCode() == KeyCode.SPACE
                || key.getCode() == KeyCode.ENTER;
        if (again && acts && !(key.getTarget() instanceof TextInputControl)) {
            key.consume();
        }
    }
}
