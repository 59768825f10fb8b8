package cufflink.desktop.view;

import cufflink.cut.Cut;
import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.PicturePane;
import cufflink.desktop.store.JobStore;
import cufflink.desktop.store.ProjectStore;
import cufflink.desktop.work.JobWork;
import cufflink.desktop.work.StashWork;
import cufflink.drawing.SheetDrawing;
import cufflink.measure.LengthFormat;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;

/**
 * Jobs of many copies: what is made of what on the left, the sheet in hand on the bench, what to cut and to buy on the
 * right, every sheet in the strip below.
 */
public final class JobsScreen extends ListeningScreen {
    /** What the place asks its window to do. */
    public interface Actions extends Places.Actions {
        void newJob();

        void openJob(JobStore.Kept kept);

        /** Deletes the job that is open. */
        void deleteJob();

        void jobTable();

        /** Packs the job as kits. */
        void packJob();

        /** Writes the cutting of the job as a PDF. */
        void jobHandOut();
    }

    private final Optional<JobWork> work;
    private final Actions actions;
    private final LengthFormat format;
    private final PicturePane picture = new PicturePane(36, 4.2, 1.2);

    /**
     * @param jobs    to choose from
     * @param open    the one that is open; absent if there is none
     * @param work    its work; absent with it
     * @param message what is to be said if no job is open
     */
    public JobsScreen(List<JobStore.Kept> jobs, Optional<JobStore.Kept> open, Optional<JobWork> work,
            List<ProjectStore.Kept> projects, StashWork stash, LengthFormat format, String message, Actions actions) {
        this.work = work;
        this.actions = actions;
        this.format = format;
        getStyleClass().add("jobs-screen");
        List<Node> own = new ArrayList<>();
        if (!jobs.isEmpty()) {
            own.add(chooser(jobs, open));
        }
        own.add(button("New job", "job-new", actions::newJob));
        work.ifPresentOrElse(found -> {
            own.add(button("Undo", "job-undo", found::undo));
            own.add(button("Redo", "job-redo", found::redo));
            own.add(button("Hand-out", "job-hand-out", actions::jobHandOut));
            Button table = button("Table view", "job-table", actions::jobTable);
            table.getStyleClass().add("primary");
            own.add(table);
            setTop(Places.bar(Places.JOBS, actions, own));
            fill(found, projects, stash);
        }, () -> {
            setTop(Places.bar(Places.JOBS, actions, own));
            setCenter(MessageBar.over(empty(projects), message));
        });
    }

    private ComboBox<JobStore.Kept> chooser(List<JobStore.Kept> jobs, Optional<JobStore.Kept> open) {
        ComboBox<JobStore.Kept> box = new ComboBox<>();
        box.setId("job-chooser");
        box.setAccessibleText("Job");
        box.setConverter(new Words<>(kept -> kept.job().name()));
        box.getItems().setAll(jobs);
        box.setValue(open.orElse(null));
        box.valueProperty().addListener((property, was, is) -> actions.openJob(is));
        return box;
    }

    private static Button button(String text, String id, Runnable action) {
        Button button = new Button(text);
        button.setId(id);
        button.setMinWidth(USE_PREF_SIZE);
        button.setOnAction(press -> action.run());
        return button;
    }

    private static Node empty(List<ProjectStore.Kept> projects) {
        Fractions text = new Fractions(projects.isEmpty()
                ? "A job makes many copies of your projects from the paper in your stash. Start a project on the "
                        + "shelf first."
                : "A job makes many copies of your projects from the paper in your stash: what to cut from which "
                        + "sheet, in which order, and what to buy. Make a new job to begin.",
                "empty");
        text.setMaxWidth(520);
        return new StackPane(text);
    }

    private void fill(JobWork found, List<ProjectStore.Kept> projects, StashWork stash) {
        picture.setId("job-sheet");
        picture.describe("The sheet and its cuts");
        picture.show(point -> found.sheet()
                .map(sheet -> SheetDrawing.draw(sheet.layout(), cutNow(found), sheet.paper().face(), format, point)));
        picture.setOnMouseClicked(click -> picture.idAt(click.getX(), click.getY()).filter(id -> id.startsWith("cut "))
                .ifPresent(id -> found.pickCut(Integer.parseInt(id.substring(4)) - 1)));
        StackPane bench = new StackPane(picture);
        bench.getStyleClass().add("bench");
        setLeft(Rows.scroll(new JobKitsPane(found, listening, projects, stash, actions::deleteJob, actions::packJob),
                "left-scroll"));
        setCenter(MessageBar.over(bench, found.messageProperty(), listening, () -> found.say("")));
        setRight(Rows.scroll(new JobReadOutPane(found, stash, listening, format), "right-scroll"));
        setBottom(new JobStripPane(found, listening, format));
        listening.to(found.sheetsProperty(), change -> picture.repaint());
        listening.to(found.jobProperty(), change -> picture.repaint());
        WorkKeys.install(this, listening, found::next);
        addEventHandler(KeyEvent.KEY_PRESSED, this::onKey);
    }

    private static int cutNow(JobWork found) {
        List<Cut> cuts = found.sheet().orElseThrow().layout().cuts();
        return found.job().cut() < cuts.size() ? cuts.get(found.job().cut()).number() : 0;
    }

    private void onKey(KeyEvent key) {
        if (!(key.getTarget() instanceof TextInputControl)
                && (key.isShortcutDown() ? onShortcut(key) : onPlainKey(key.getCode()))) {
            key.consume();
        }
    }

    private boolean onShortcut(KeyEvent key) {
        if (key.getCode() == KeyCode.Y || key.getCode() == KeyCode.Z && key.isShiftDown()) {
            work.orElseThrow().redo();
        } else if (key.getCode() == KeyCode.Z) {
            work.orElseThrow().undo();
        } else if (key.getCode() == KeyCode.E || key.getCode() == KeyCode.P) {
            actions.jobHandOut();
        } else {
            return false;
        }
        return true;
    }

    private boolean onPlainKey(KeyCode code) {
        JobWork found = work.orElseThrow();
        switch (code) {
            case RIGHT -> found.next();
            case BACK_SPACE, LEFT -> found.previous();
            case X -> found.setDone(
                    found.job().cutting().map(cutting -> !cutting.done().get(found.job().sheet())).orElse(true));
            case T -> actions.jobTable();
            case HOME -> actions.goTo(Places.SHELF);
            default -> {
                return false;
            }
        }
        return true;
    }
}
