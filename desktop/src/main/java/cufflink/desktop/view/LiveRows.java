package cufflink.desktop.view;

import cufflink.desktop.work.Workspace;
import cufflink.measure.Length;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthReading;
import cufflink.plan.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.IntPredicate;
import java.util.function.Predicate;

/**
 * What the rows of a pane share: they show every new plan, and while they do, a control that changes is not the maker's
 * doing.
 */
final class LiveRows {
    private final Workspace work;
    private final List<Consumer<Plan>> refreshers = new ArrayList<>();
    private boolean showing;

    LiveRows(Workspace work) {
        this.work = work;
    }

    /** Calls a row with every plan from the next on. */
    void onPlan(Consumer<Plan> refresher) {
        refreshers.add(refresher);
    }

    /** Forgets the rows. */
    void clear() {
        refreshers.clear();
    }

    void show(Plan plan) {
        showing = true;
        refreshers.forEach(refresher -> refresher.accept(plan));
        showing = false;
    }

    boolean isShowing() {
        return showing;
    }

    /** Runs what follows from the maker's hand, not from a plan that is being shown. */
    void edit(Runnable change) {
        if (!showing) {
            change.run();
        }
    }

    /** Reads a length that was typed, and says what is wrong with it if anything is. */
    boolean typedLength(String text, Predicate<Length> use) {
        return typedDistance(text, length -> {
            if (length.isNegative()) {
                work.say("A length cannot be less than 0.");
                return false;
            }
            return use.test(length);
        });
    }

    /** As {@link #typedLength} for a distance, which may be less than 0. */
    boolean typedDistance(String text, Predicate<Length> use) {
        LengthReading<Length> read = LengthParser.read(text, work.project().unit());
        if (read.value().isEmpty()) {
            work.say(read.message());
            return false;
        }
        return use.test(read.value().get());
    }

    /** As {@link #typedLength} for a whole number within bounds. */
    boolean typedCount(String text, int low, int high, IntPredicate use) {
        String digits = text.strip();
        if (!digits.matches("\\d{1,4}") || Integer.parseInt(digits) < low || Integer.parseInt(digits) > high) {
            work.say("“" + digits + "” is not a whole number from " + low + " to " + high + ".");
            return false;
        }
        return use.test(Integer.parseInt(digits));
    }
}
