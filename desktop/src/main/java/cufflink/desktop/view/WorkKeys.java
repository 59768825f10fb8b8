package cufflink.desktop.view;

import cufflink.desktop.control.Listening;
import javafx.application.Platform;
import javafx.event.EventTarget;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * At a work table one key goes on, wherever the keyboard was last: Space belongs to the work, not to the button that
 * happens to have the focus. Enter presses that button. Text that is being typed keeps both.
 */
final class WorkKeys {
    private WorkKeys() {
    }

    /**
     * Gives Space to {@code next} and Enter to the button in focus, before any control of the screen sees them. When
     * the control in focus goes away, because a change took it, the screen itself has the keyboard, not whatever
     * control comes first.
     */
    static void install(Node screen, Listening listening, Runnable next) {
        screen.sceneProperty().addListener((property, was, is) -> {
            if (is != null) {
                Node[] last = {null};
                listening.to(is.focusOwnerProperty(), now -> {
                    boolean gone = last[0] != null && last[0].getScene() == null;
                    last[0] = now;
                    if (gone && now != screen && screen.getScene() != null) {
                        Platform.runLater(screen::requestFocus);
                    }
                });
            }
        });
        screen.addEventFilter(KeyEvent.ANY, key -> {
            if (isTyping(key.getTarget()) || key.isShortcutDown() || key.isAltDown()) {
                return;
            }
            if (isSpace(key)) {
                if (key.getEventType() == KeyEvent.KEY_PRESSED) {
                    next.run();
                }
                key.consume();
            } else if (key.getEventType() == KeyEvent.KEY_PRESSED && key.getCode() == KeyCode.ENTER
                    && key.getTarget() instanceof ButtonBase button && !(button instanceof MenuButton)) {
                button.fire();
                key.consume();
            }
        });
    }

    private static boolean isSpace(KeyEvent key) {
        return key.getEventType() == KeyEvent.KEY_TYPED ? key.getCharacter().equals(" ")
                : key.getCode() == KeyCode.SPACE;
    }

    private static boolean isTyping(EventTarget target) {
        return target instanceof TextInputControl || target instanceof ComboBoxBase<?> box && box.isEditable();
    }
}
