package cufflink.desktop.view;

import cufflink.desktop.work.NotebookWork;
import cufflink.notebook.Correction;
import cufflink.notebook.Make;
import cufflink.notebook.Photo;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/**
 * The notebook: what was made in order of time on the left, the page of one make, and beside it another of its design.
 */
public final class NotebookScreen extends ListeningScreen {
    /** What the notebook asks its window to do. */
    public interface Actions extends Places.Actions {
        /** Opens the project of a make as it was, as a project of its own. */
        void openAsItWas(Make make);

        void edit(Make make);

        /** Takes a make out after asking once. */
        void remove(Make make);

        void exportMakes(List<Make> makes);

        void importMakes();

        /** Opens a folder's {@code notebook.json} that was dropped. */
        void importMakes(Path file);

        /** Shows a picture as large as the window. */
        void look(Make make, Photo photo);

        /** Sets in the stash what a correction found. */
        void setInStash(Correction correction);

        /** Whether the stash has what {@link #setInStash} would set. */
        boolean isInStash(Correction correction);
    }

    /**
     * What the notebook is opened for.
     *
     * @param words  that are looked for at first; may be empty
     * @param picked the make to show; 0 for the newest
     * @param back   leads back to where the maker came from, with its name
     */
    public record Wanted(String words, long picked, Optional<Back> back) {
        /** All of it. */
        public static final Wanted ALL = new Wanted("", 0, Optional.empty());

        /** Where the maker came from. */
        public record Back(String name, Runnable go) {
        }
    }

    private final NotebookWork work;
    private final Actions actions;
    private final Wanted wanted;
    private final TextField search = new TextField();
    private final MakeTimeline timeline;
    private final VBox middle = new VBox();
    private final ComparePane compare = new ComparePane();
    private long picked;

    public NotebookScreen(NotebookWork work, Actions actions, Wanted wanted) {
        this.work = work;
        this.actions = actions;
        this.wanted = wanted;
        this.picked = wanted.picked();
        this.timeline = new MakeTimeline(work, make -> pick(make.id()));
        getStyleClass().add("notebook-screen");
        setTop(topBar());
        search.setId("notebook-search");
        search.setPromptText("13 × 18 envelope");
        search.setAccessibleText("Words to look for in everything that is known of a make");
        search.setText(wanted.words());
        search.textProperty().addListener(change -> show());
        VBox side = new VBox(Rows.heading("Look for (key F)"), search, timeline);
        side.getStyleClass().add("stash-side");
        setLeft(Rows.scroll(side, "left-scroll"));
        middle.getStyleClass().add("make-page");
        setCenter(MessageBar.over(Rows.scroll(middle, "make-scroll"), work.messageProperty(), listening,
                () -> work.say("")));
        setRight(Rows.scroll(compare, "right-scroll"));
        listening.to(work.makesProperty(), is -> show());
        addEventHandler(KeyEvent.KEY_PRESSED, this::onKey);
        DroppedFile.on(this, actions::importMakes);
        show();
    }

    private HBox topBar() {
        List<Node> own = new ArrayList<>();
        wanted.back().ifPresent(back -> {
            Button to = button("Back to “" + back.name() + "”", "notebook-back", back.go());
            to.getStyleClass().add("primary");
            own.add(to);
        });
        own.add(button("Undo", "notebook-undo", work::undo));
        own.add(button("Import", "notebook-import", actions::importMakes));
        own.add(button("Export all", "notebook-export", () -> actions.exportMakes(work.makes())));
        return Places.bar(Places.NOTEBOOK, actions, own);
    }

    static Button button(String text, String id, Runnable action) {
        Button button = new Button(text);
        button.setId(id);
        button.setOnAction(press -> action.run());
        return button;
    }

    private void show() {
        List<Make> found = work.makes().stream().filter(make -> make.isFound(search.getText())).toList();
        Optional<Make> shown = found.stream().filter(make -> make.id() == picked).findFirst()
                .or(() -> found.stream().findFirst());
        timeline.show(found, shown.map(Make::id).orElse(0L));
        middle.getChildren().clear();
        if (shown.isEmpty()) {
            empty();
        } else {
            MakePage.fill(middle, shown.get(), work, actions);
        }
        compare.show(shown, work.makes());
    }

    private void empty() {
        Label title = new Label(work.makes().isEmpty() ? "Nothing is noted yet" : "Nothing has all of these words");
        title.getStyleClass().add("shelf-title");
        middle.getChildren().addAll(title, Rows.text(work.makes().isEmpty()
                ? "Make a card, then choose “Made it” on its bench (key M). What was made stands here with its "
                        + "pictures, what went wrong and what to do otherwise next time. In table view, key N notes "
                        + "something at the step you are at."
                : "Take a word out of the search on the left.", "empty"));
    }

    private void pick(long id) {
        picked = id;
        show();
    }

    /** Shows the first make whose name begins so. */
    public void pick(String beginning) {
        work.makes().stream().filter(make -> make.name().startsWith(beginning)).findFirst()
                .ifPresent(make -> pick(make.id()));
    }

    private void onKey(KeyEvent key) {
        boolean typing = key.getTarget() instanceof TextInputControl;
        if (key.isShortcutDown() && key.getCode() == KeyCode.Z && !typing) {
            work.undo();
        } else if (key.getCode() == KeyCode.ESCAPE && typing) {
            requestFocus();
        } else if (key.getCode() == KeyCode.F && !typing && !key.isShortcutDown()) {
            search.requestFocus();
        } else if ((key.getCode() == KeyCode.DOWN || key.getCode() == KeyCode.UP) && !typing) {
            timeline.beside(key.getCode() == KeyCode.DOWN ? 1 : -1).ifPresent(make -> pick(make.id()));
        } else if (key.getCode() == KeyCode.HOME && !typing) {
            actions.goTo(Places.SHELF);
        } else {
            return;
        }
        key.consume();
    }
}
