package cufflink.desktop.work;

import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.plan.RunStep;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * One open project: its plan, its undo history, and the place in the run sheet. Changes are planned beside the window,
 * in the order in which they come; what was planned last stays until the next is there. A change that cannot be planned
 * changes nothing and leaves its reasons in {@link #messageProperty()}. To be used on the window's thread.
 */
public final class Workspace {
    private static final int MOST_UNDO = 500;

    private final Deque<Project> undo = new ArrayDeque<>();
    private final Deque<Project> redo = new ArrayDeque<>();
    private final ReadOnlyObjectWrapper<Plan> plan = new ReadOnlyObjectWrapper<>(this, "plan");
    private final ReadOnlyObjectWrapper<String> message = new ReadOnlyObjectWrapper<>(this, "message", "");
    private final ReadOnlyIntegerWrapper step = new ReadOnlyIntegerWrapper(this, "step", 0);
    private final ReadOnlyIntegerWrapper reading = new ReadOnlyIntegerWrapper(this, "reading", 0);
    private final ReadOnlyBooleanWrapper canUndo = new ReadOnlyBooleanWrapper(this, "canUndo", false);
    private final ReadOnlyBooleanWrapper canRedo = new ReadOnlyBooleanWrapper(this, "canRedo", false);
    private final Optional<LayoutSearch> search;
    private final PlanQueue queue;
    private final Reports reports;
    private int gestures;
    private String lastGesture = "";

    /**
     * Opens a plan, at the first step, with nothing to undo; layouts are taken as they first come, and changes are
     * planned at once.
     */
    public Workspace(Plan opened, Reports reports) {
        this(opened, Optional.empty(), reports, Runnable::run, Runnable::run);
    }

    /**
     * As before.
     *
     * @param search     looks for better layouts beside the window
     * @param background plans changes
     * @param window     hands plans to the window's thread
     */
    public Workspace(Plan opened, Optional<LayoutSearch> search, Reports reports, Executor background,
            Executor window) {
        this.search = search;
        this.reports = reports;
        queue = new PlanQueue(background, window);
        plan.set(opened);
        showNotices(opened);
        improve(opened);
    }

    /**
     * Looks for a better layout of a plan. It is shown unless the maker has begun to cut: a sheet that is being cut
     * must not change.
     */
    private void improve(Plan shown) {
        search.ifPresent(beside -> {
            beside.stop();
            if (!shown.layout().isProved()) {
                beside.startAtRest(shown, Planner::improve, new LayoutSearch.Listener<Plan>() {
                    @Override
                    public void found(Plan better) {
                        if (step.get() == 0 && reading.get() == 0 && !better.layout().equals(plan().layout())) {
                            plan.set(better);
                        }
                    }

                    @Override
                    public void failed(List<Problem> reasons) {
                        message.set(text(reasons));
                    }

                    @Override
                    public void ended() {
                        // The plan shown is the best there is; nothing waits for it.
                    }
                });
            }
        });
    }

    public ReadOnlyObjectProperty<Plan> planProperty() {
        return plan.getReadOnlyProperty();
    }

    public Plan plan() {
        return plan.get();
    }

    public Project project() {
        return plan.get().project();
    }

    /** What the maker must know of the last change; empty if nothing. */
    public ReadOnlyObjectProperty<String> messageProperty() {
        return message.getReadOnlyProperty();
    }

    public ReadOnlyIntegerProperty stepProperty() {
        return step.getReadOnlyProperty();
    }

    /** Index of the number that is next in this step. */
    public ReadOnlyIntegerProperty readingProperty() {
        return reading.getReadOnlyProperty();
    }

    public ReadOnlyBooleanProperty canUndoProperty() {
        return canUndo.getReadOnlyProperty();
    }

    public ReadOnlyBooleanProperty canRedoProperty() {
        return canRedo.getReadOnlyProperty();
    }

    public RunStep currentStep() {
        return plan().run().get(step.get());
    }

    /** As {@link #change(String, UnaryOperator)}, as one step to undo. */
    public CompletableFuture<Boolean> change(UnaryOperator<Project> edit) {
        return change("", edit);
    }

    /**
     * Changes the project; changes of one gesture (a slider being dragged) are one step to undo, and of those that wait
     * to be planned only the newest is.
     *
     * @param edit is asked when everything that was wanted before is planned
     * @return completed on the window's thread: false if it could not be, and the message says why
     */
    public CompletableFuture<Boolean> change(String gestureName, UnaryOperator<Project> edit) {
        String gesture = gestureName.isEmpty() ? "" : gestureName + " " + gestures;
        return queue.add(new PlanQueue.Wanted(gesture, () -> {
            Project after = edit.apply(project());
            if (after.equals(project())) {
                message.set("");
                return Optional.empty();
            }
            return Optional.of(after);
        }, (after, planned) -> take(gesture, after, planned)));
    }

    private boolean take(String gesture, Project after, Outcome<Plan> planned) {
        if (planned.value().isEmpty()) {
            message.set(reports.text(planned.problems(), after));
            return false;
        }
        if (gesture.isEmpty() || !gesture.equals(lastGesture)) {
            undo.push(project());
            if (undo.size() > MOST_UNDO) {
                undo.removeLast();
            }
        }
        lastGesture = gesture;
        redo.clear();
        show(planned.value().get());
        return true;
    }

    /** Whether every change is planned. */
    public boolean isAtRest() {
        return queue.isAtRest();
    }

    /** Waits until every change is planned. */
    public void finish() {
        queue.finish();
    }

    /** As {@link #say}, for what is not changed because of it. */
    public CompletableFuture<Boolean> refuse(String text) {
        say(text);
        return CompletableFuture.completedFuture(false);
    }

    /** Says something without a change: a text that was not understood. */
    public void say(String text) {
        message.set(text);
    }

    /** Ends a gesture; the next change is a step of its own. */
    public void endGesture() {
        gestures++;
    }

    public void undo() {
        travel(undo, redo);
    }

    public void redo() {
        travel(redo, undo);
    }

    private void travel(Deque<Project> from, Deque<Project> to) {
        endGesture();
        queue.add(new PlanQueue.Wanted("", () -> Optional.ofNullable(from.peek()), (back, planned) -> {
            if (planned.value().isEmpty()) {
                message.set(reports.text(planned.problems(), back));
                return false;
            }
            to.push(project());
            from.pop();
            lastGesture = "";
            show(planned.value().get());
            return true;
        }));
    }

    private void show(Plan next) {
        int keptStep = Math.min(step.get(), next.run().size() - 1);
        int keptReading = Math.max(0, Math.min(reading.get(), next.run().get(keptStep).readings().size() - 1));
        step.set(keptStep);
        reading.set(keptReading);
        plan.set(next);
        canUndo.set(!undo.isEmpty());
        canRedo.set(!redo.isEmpty());
        showNotices(next);
        improve(next);
    }

    private void showNotices(Plan shown) {
        message.set(text(shown.notices()));
    }

    private String text(List<Problem> problems) {
        return reports.text(problems, project());
    }

    /** Goes to a step, at its first number. */
    public void goTo(int index) {
        if (index >= 0 && index < plan().run().size()) {
            reading.set(0);
            step.set(index);
        }
    }

    /** The next number of this step, or the next step. */
    public void next() {
        if (reading.get() + 1 < currentStep().readings().size()) {
            reading.set(reading.get() + 1);
        } else {
            goTo(step.get() + 1);
        }
    }

    /** The number before, or the last number of the step before. */
    public void previous() {
        if (reading.get() > 0) {
            reading.set(reading.get() - 1);
        } else if (step.get() > 0) {
            goTo(step.get() - 1);
            reading.set(Math.max(0, currentStep().readings().size() - 1));
        }
    }

    /** Makes the number with this id the current one, if this step has it. */
    public boolean pick(String id) {
        for (int i = 0; i < currentStep().readings().size(); i++) {
            if (currentStep().readings().get(i).id().equals(id)) {
                reading.set(i);
                return true;
            }
        }
        return false;
    }
}
