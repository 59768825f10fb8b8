package cufflink.desktop.control;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.beans.value.ChangeListener;
import javafx.beans.value.ObservableValue;

/**
 * What a screen listens to in things that outlive it; {@link #end} lets go of all of it, so that a screen that was left
 * can be forgotten.
 */
public final class Listening {
    private final List<Runnable> ends = new ArrayList<>();

    /** Calls {@code heard} with every new value. */
    public <T> void to(ObservableValue<T> value, Consumer<? super T> heard) {
        ChangeListener<T> listener = (property, was, is) -> heard.accept(is);
        value.addListener(listener);
        ends.add(() -> value.removeListener(listener));
    }

    /** Runs something at the end. */
    public void atEnd(Runnable action) {
        ends.add(action);
    }

    /** Lets go of everything; may be called more than once. */
    public void end() {
        List<Runnable> all = List.copyOf(ends);
        ends.clear();
        all.forEach(Runnable::run);
    }
}
