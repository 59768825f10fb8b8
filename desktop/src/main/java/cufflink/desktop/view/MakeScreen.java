package cufflink.desktop.view;

import cufflink.notebook.Learned;
import cufflink.notebook.Make;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.PauseTransition;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.RowConstraints;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

/**
 * What a maker notes of something that was made: notes, time, what went wrong, what is to be different, what was
 * measured, pictures. What is understood of it is kept as a draft while it is typed.
 */
public final class MakeScreen extends ListeningScreen {
    /** What the screen asks its window to do. */
    public interface Actions extends PhotoRows.Actions {
        /** Puts it into the notebook. */
        void keep(Make make);

        /** Keeps what is typed so far, for an unexpected end. */
        void draft(Make make);

        /** Leaves without putting it in. */
        void leave();

        /** The papers of the stash, by name. */
        List<Stock> papers();
    }

    private static final Duration PAUSE = Duration.millis(400);

    private final Make make;
    private final Actions actions;
    private final StringProperty message = new SimpleStringProperty("");
    private final TextField name = new TextField();
    private final TextField copies = new TextField();
    private final TextArea notes = new TextArea();
    private final TimeRows time;
    private final WrongRows wrong;
    private final NextRows next;
    private final MeasuredRows measured;
    private final PhotoRows photos;
    private final PauseTransition pause = new PauseTransition(PAUSE);

    /** {@code plan} of the project as it was; without one, steps and measures cannot be chosen. */
    public MakeScreen(Make make, Optional<Plan> plan, Actions actions) {
        this.make = make;
        this.actions = actions;
        Learned learned = make.learned();
        getStyleClass().add("make-screen");
        pause.setOnFinished(done -> actions.draft(read()));
        Runnable changed = pause::playFromStart;
        time = new TimeRows(plan, learned.took(), changed);
        wrong = new WrongRows(plan, learned.wrong(), changed);
        next = new NextRows(make, plan, actions::papers, changed);
        measured = new MeasuredRows(plan, make, next::offered, changed);
        photos = new PhotoRows(learned.photos(), actions, changed);
        name.setText(make.name());
        name.setId("make-name");
        copies.setText(String.valueOf(make.copies()));
        copies.setId("make-copies");
        copies.setPrefColumnCount(4);
        notes.setText(learned.notes());
        notes.setId("make-notes");
        notes.setWrapText(true);
        notes.setPrefRowCount(6);
        notes.setPromptText("How it went, what it was for, who has it");
        List.of(name, copies, notes)
                .forEach(field -> field.textProperty().addListener(change -> changed.run()));
        setTop(topBar());
        setCenter(MessageBar.over(columns(), message, listening, () -> message.set("")));
        listening.atEnd(() -> {
            if (pause.getStatus() == Animation.Status.RUNNING) {
                pause.stop();
                actions.draft(read());
            }
        });
        addEventHandler(KeyEvent.KEY_PRESSED, this::onKey);
    }

    private HBox topBar() {
        Label title = new Label(make.id() == 0 || make.learned().equals(Learned.NOTHING) ? "Made it" : make.name());
        title.getStyleClass().add("brand");
        Label design = new Label(make.design());
        design.getStyleClass().add("design-title");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Button leave = NotebookScreen.button("Back without it", "make-leave", actions::leave);
        Button keep = NotebookScreen.button("Into the notebook", "make-keep", this::keep);
        keep.getStyleClass().add("primary");
        HBox bar = new HBox(title, design, gap, leave, keep);
        bar.getStyleClass().add("top-bar");
        return bar;
    }

    private GridPane columns() {
        VBox first = column(Rows.heading("Called"), name, Rows.heading("Copies"), copies, Rows.heading("Notes"), notes,
                Rows.heading("How long it took, minutes"), time);
        VBox second = column(Rows.heading("What went wrong"), wrong, Rows.heading("Next time"), next);
        VBox third = column(Rows.heading("Measured, when it was done"), measured, Rows.heading("Pictures"), photos);
        GridPane grid = new GridPane();
        RowConstraints whole = new RowConstraints();
        whole.setVgrow(Priority.ALWAYS);
        grid.getRowConstraints().add(whole);
        double[] shares = {27, 40, 33};
        List<VBox> columns = List.of(first, second, third);
        for (int i = 0; i < shares.length; i++) {
            ColumnConstraints share = new ColumnConstraints();
            share.setPercentWidth(shares[i]);
            grid.getColumnConstraints().add(share);
            grid.add(Rows.scroll(columns.get(i), "make-column"), i, 0);
        }
        return grid;
    }

    private static VBox column(Node... rows) {
        VBox column = new VBox(rows);
        column.getStyleClass().add("read-out");
        return column;
    }

    /** What is filled in, without what is not understood. */
    private Make read() {
        int count = copies.getText().strip().matches("[1-9]\\d{0,2}") ? Integer.parseInt(copies.getText().strip())
                : make.copies();
        String called = name.getText().isBlank() ? make.name() : name.getText().strip();
        return new Make(make.id(), make.at(), called, make.design(), count, make.project(), make.figures(),
                new Learned(time.read(), wrong.read(), measured.read(), photos.read(), next.read(),
                        notes.getText().strip()));
    }

    private Optional<String> problem() {
        return Optional.<String>empty()
                .or(() -> name.getText().isBlank() ? Optional.of("Give it a name.") : Optional.empty())
                .or(() -> copies.getText().strip().matches("[1-9]\\d{0,2}") ? Optional.empty()
                        : Optional.of("Copies: type a whole number from 1 to " + Project.MOST_COPIES + "."))
                .or(time::problem).or(wrong::problem).or(next::problem).or(measured::problem);
    }

    private void keep() {
        Optional<String> problem = problem();
        if (problem.isPresent()) {
            message.set(problem.get());
            return;
        }
        pause.stop();
        actions.keep(read());
    }

    /** Keeps pictures that were chosen or dropped. */
    public void addPictures(List<Path> files) {
        photos.add(files);
    }

    /** Says something where the maker is. */
    public void say(String text) {
        message.set(text);
    }

    private void onKey(KeyEvent key) {
        boolean typing = key.getTarget() instanceof TextInputControl;
        if (key.getCode() == KeyCode.ENTER && key.isShortcutDown()) {
            keep();
        } else if (key.getCode() == KeyCode.ESCAPE && !typing) {
            actions.leave();
        } else if (key.getCode() == KeyCode.ESCAPE) {
            requestFocus();
        } else {
            return;
        }
        key.consume();
    }
}
