package cufflink.desktop.view;

import cufflink.desktop.control.Listening;
import cufflink.desktop.work.Workspace;
import cufflink.plan.StepSubject;
import javafx.animation.PauseTransition;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Region;
import javafx.util.Duration;

/**
 * Goes through the run sheet by itself, number by number: the maker watches the sheet become the card before any paper
 * is cut. From the last step it begins anew; it stops at the end, when it is pressed again, and when the table view
 * covers it.
 */
final class RehearseButton extends ToggleButton {
    /** Time to read a number; time to see a fold through; time to look at a step that has no numbers. */
    private static final Duration NUMBER = Duration.millis(900);
    private static final Duration FOLD = Duration.millis(2600);
    private static final Duration STEP = Duration.millis(2000);

    private final Workspace work;
    private final PauseTransition pause = new PauseTransition();

    RehearseButton(Workspace work, Listening listening) {
        this.work = work;
        setId("rehearse-all");
        getStyleClass().add("bench-button");
        setMinWidth(Region.USE_PREF_SIZE);
        setTooltip(new Tooltip("Watch every step in turn, before any paper is cut"));
        pause.setOnFinished(over -> goOn());
        selectedProperty().addListener((property, was, is) -> {
            if (is) {
                begin();
            } else {
                pause.stop();
                label();
            }
        });
        listening.atEnd(pause::stop);
        sceneProperty().addListener((property, was, is) -> setSelected(isSelected() && is != null));
        label();
    }

    private void label() {
        setText(isSelected() ? "Pause" : "Rehearse");
    }

    private void begin() {
        label();
        if (isAtEnd()) {
            work.goTo(0);
        }
        look();
    }

    private boolean isAtEnd() {
        return work.currentStep().number() == work.plan().run().size()
                && work.readingProperty().get() >= work.currentStep().readings().size() - 1;
    }

    private void look() {
        boolean last = work.readingProperty().get() >= work.currentStep().readings().size() - 1;
        pause.setDuration(work.currentStep().subject() instanceof StepSubject.OfFold ? FOLD : last ? STEP : NUMBER);
        pause.playFromStart();
    }

    private void goOn() {
        if (isAtEnd()) {
            setSelected(false);
        } else {
            work.next();
            look();
        }
    }
}
