package cufflink.desktop.view;

import cufflink.desktop.work.Workspace;
import cufflink.measure.Length;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthReading;
import cufflink.plan.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.IntFunction;

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

    /** Changes a control without it being the maker's doing. */
    void quietly(Runnable change) {
        boolean before = showing;
        showing = true;
        change.run();
        showing = before;
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
    CompletableFuture<Boolean> typedLength(String text, Function<Length, CompletableFuture<Boolean>> use) {
        return typedDistance(text, length -> length.isNegative() ? work.refuse("A length cannot be less than 0.")
                : use.apply(length));
    }

    /** As {@link #typedLength} for what is nothing without a size. */
    CompletableFuture<Boolean> typedSize(String text, Function<Length, CompletableFuture<Boolean>> use) {
        return typedDistance(text, length -> length.isPositive() ? use.apply(length)
                : work.refuse("This must be longer than 0."));
    }

    /** As {@link #typedLength} for a distance, which may be less than 0. */
    CompletableFuture<Boolean> typedDistance(String text, Function<Length, CompletableFuture<Boolean>> use) {
        LengthReading<Length> read = LengthParser.read(text, work.project().unit());
        return read.value().map(use).orElseGet(() -> work.refuse(read.message()));
    }

    /** As {@link #typedLength} for a whole number within bounds. */
    CompletableFuture<Boolean> typedCount(String text, int low, int high,
            IntFunction<CompletableFuture<Boolean>> use) {
        String digits = text.strip();
        if (!digits.matches("\\d{1,4}") || Integer.parseInt(digits) < low || Integer.parseInt(digits) > high) {
            return work.refuse("“" + digits + "” is not a whole number from " + low + " to " + high + ".");
        }
        return use.apply(Integer.parseInt(digits));
    }
}
