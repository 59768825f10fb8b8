package cufflink.desktop.view;

import cufflink.desktop.control.Listening;
import cufflink.drawing.Picture;
import java.util.List;

/** What the table view shows: one step of a project, or one sheet of a job. */
public interface TableSource {
    /**
     * A number to be read from a metre away.
     *
     * @param isSize whether it is a width and a height
     */
    record Number(String label, String figure, boolean isSize) {
    }

    /** What is being done. */
    String head();

    /** Where one is in all of it. */
    String count();

    String text();

    /** What comes after this. */
    String then();

    /** The number that is next, and those after it. */
    List<Number> numbers();

    /** Drawn for a point of so many millimetres. */
    Picture picture(double point);

    /** Whether something can be noted of what is being done. */
    default boolean takesNotes() {
        return false;
    }

    /** Notes what went wrong at what is being done; false if that cannot be kept, which is said elsewhere. */
    default boolean note(String text) {
        return false;
    }

    /** Asks to be told of every change until the listening ends. */
    void onChange(Listening listening, Runnable listener);
}
