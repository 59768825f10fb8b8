package cufflink.desktop.control;

import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.IntConsumer;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleAction;
import javafx.scene.AccessibleAttribute;
import javafx.scene.AccessibleRole;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;

/**
 * A value with a step down and a step up that can also be typed. The value shows its fractions set; a click or a key
 * opens it for typing. Enter or leaving takes what was typed, Escape leaves the value as it was. What cannot be
 * understood stays to be mended, marked {@code :wrong}. Assistive technology hears the name and the value, every new
 * value, and can step.
 */
public final class Stepper extends HBox {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final Fractions value = new Fractions("", "stepper-value");
    private final TextField field = new TextField();
    private final Middle middle;
    private final Function<String, CompletableFuture<Boolean>> typed;
    private String text = "";
    private String editText = "";
    private boolean taking;

    /** What the keyboard and assistive technology find: the value, or the field while it is typed into. */
    private final class Middle extends StackPane {
        private final String name;
        private final IntConsumer stepped;

        Middle(String name, IntConsumer stepped) {
            super(value);
            this.name = name;
            this.stepped = stepped;
            setFocusTraversable(true);
            setAccessibleRole(AccessibleRole.SPINNER);
        }

        @Override
        public Object queryAccessibleAttribute(AccessibleAttribute attribute, Object... parameters) {
            return attribute == AccessibleAttribute.TEXT ? name + ": " + text
                    : super.queryAccessibleAttribute(attribute, parameters);
        }

        @Override
        public void executeAccessibleAction(AccessibleAction action, Object... parameters) {
            switch (action) {
                case INCREMENT, BLOCK_INCREMENT -> stepped.accept(1);
                case DECREMENT, BLOCK_DECREMENT -> stepped.accept(-1);
                default -> super.executeAccessibleAction(action, parameters);
            }
        }
    }

    /**
     * @param name    for screen readers
     * @param stepped called with −1 or +1
     * @param typed   takes a typed text; completed on the window's thread, with false if it could not be taken
     */
    public Stepper(String name, IntConsumer stepped, Function<String, CompletableFuture<Boolean>> typed) {
        this.typed = typed;
        this.middle = new Middle(name, stepped);
        getStyleClass().add("stepper");
        Button less = button("−", "Less: " + name, () -> stepped.accept(-1));
        Button more = button("+", "More: " + name, () -> stepped.accept(1));
        middle.getStyleClass().add("stepper-middle");
        value.setMaxHeight(USE_PREF_SIZE);
        value.setMinWidth(USE_PREF_SIZE); // a number is never broken
        HBox.setHgrow(middle, Priority.ALWAYS);
        middle.setOnMouseClicked(click -> edit());
        middle.addEventHandler(KeyEvent.KEY_PRESSED, key -> onKey(key, stepped));
        field.setAccessibleText(name);
        field.focusedProperty().addListener((property, was, is) -> {
            if (!is) {
                take();
            }
        });
        field.setOnAction(enter -> take());
        field.addEventHandler(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.ESCAPE) {
                field.setText(editText);
                close();
                key.consume();
            }
        });
        getChildren().addAll(less, middle, more);
    }

    private static Button button(String sign, String words, Runnable action) {
        Button button = new Button(sign);
        button.setAccessibleText(words);
        button.getStyleClass().add("stepper-button");
        button.setFocusTraversable(false);
        button.setOnAction(press -> action.run());
        return button;
    }

    private void onKey(KeyEvent key, IntConsumer stepped) {
        if (field.isFocused()) {
            return;
        }
        if (key.getCode() == KeyCode.UP || key.getCode() == KeyCode.DOWN) {
            stepped.accept(key.getCode() == KeyCode.UP ? 1 : -1);
            key.consume();
        } else if (key.getCode() == KeyCode.ENTER || key.getCode() == KeyCode.F2) {
            edit();
            key.consume();
        }
    }

    /** Shows a value; {@code edit} is what typing starts from. */
    public void setValue(String shown, String edit) {
        text = shown;
        editText = edit;
        value.setText(shown);
        middle.notifyAccessibleAttributeChanged(AccessibleAttribute.TEXT);
        if (!field.isFocused()) {
            close();
        }
    }

    /** The value as shown. */
    public String shown() {
        return text;
    }

    /** Opens the value for typing. */
    public void edit() {
        if (middle.getChildren().contains(field)) {
            return;
        }
        field.setText(editText);
        middle.getChildren().setAll(field);
        field.requestFocus();
        field.selectAll();
    }

    private void take() {
        if (!middle.getChildren().contains(field) || taking) {
            return;
        } else if (field.getText().equals(editText)) {
            close();
            return;
        }
        taking = true;
        typed.apply(field.getText()).thenAccept(taken -> {
            taking = false;
            if (taken) {
                close();
            } else {
                // Escape may have closed it meanwhile.
                field.pseudoClassStateChanged(WRONG, middle.getChildren().contains(field));
            }
        });
    }

    private void close() {
        field.pseudoClassStateChanged(WRONG, false);
        boolean hadFocus = field.isFocused();
        middle.getChildren().setAll(value);
        if (hadFocus) {
            middle.requestFocus();
        }
    }

    /** Runs when the pointer or the keyboard comes to the value. */
    public void onPicked(Consumer<Stepper> action) {
        middle.focusedProperty().addListener((property, was, is) -> {
            if (is) {
                action.accept(this);
            }
        });
    }

    /** Brings the keyboard here. */
    public void focusValue() {
        middle.requestFocus();
    }
}
