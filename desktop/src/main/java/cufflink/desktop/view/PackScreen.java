package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.NewestAnswer;
import cufflink.desktop.control.Stepper;
import cufflink.desktop.store.Background;
import cufflink.desktop.work.JobWork;
import cufflink.files.project.KeptPacking;
import cufflink.measure.LengthFormat;
import cufflink.packing.KitCost;
import cufflink.packing.PackItem;
import cufflink.packing.Packing;
import cufflink.packing.PackingSteps;
import cufflink.packing.Station;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** A job packed as kits: how many and for whom on the left, what goes into each in the middle, the step in hand. */
public final class PackScreen extends ListeningScreen {
    /** What the screen asks its window to do. */
    public interface Actions extends Places.Actions {
        /** Back to the job. */
        void job();

        /** Names of a table that the maker chooses; none if there are none, which is said. */
        Optional<List<String>> names();

        void packingList(Packing packing, boolean byKit);

        void labels(Packing packing);

        /** Writes the page for participants of a class. */
        void classSheet(Packing packing);

        /** How long it takes by the notebook's own times, a line each; empty while nothing was timed. */
        List<String> evening(Packing packing);

        /** Fills the window with the step in hand. */
        void packTable(PackingSteps steps);
    }

    private final JobWork work;
    private final LengthFormat format;
    private final Actions actions;
    private final VBox options = new VBox();
    private final VBox middle = new VBox();
    private final VBox right = new VBox();
    private final List<Button> onPaper = new ArrayList<>();
    private final NewestAnswer answer;
    private Optional<Packing> packing = Optional.empty();
    private KeptPacking built;

    public PackScreen(JobWork work, LengthFormat format, Actions actions) {
        this.work = work;
        this.format = format;
        this.actions = actions;
        ExecutorService background = Background.thread("packing");
        listening.atEnd(background::shutdownNow);
        answer = new NewestAnswer(background);
        getStyleClass().add("pack-screen");
        setTop(topBar());
        options.getStyleClass().add("stash-side");
        middle.getStyleClass().addAll("needs", "pack-middle");
        right.getStyleClass().add("read-out");
        setLeft(Rows.scroll(options, "left-scroll"));
        setCenter(MessageBar.over(Rows.scroll(middle, "shelf-scroll"), work.messageProperty(), listening,
                () -> work.say("")));
        setRight(Rows.scroll(right, "right-scroll"));
        if (work.job().packing().isEmpty()) {
            work.pack(KeptPacking.of(work.job().kits().get(0).copies()));
        }
        listening.to(work.jobProperty(), is -> show());
        addEventHandler(KeyEvent.KEY_PRESSED, this::onKey);
        show();
    }

    private KeptPacking kept() {
        return work.job().packing().orElseThrow();
    }

    private HBox topBar() {
        Button back = NotebookScreen.button("Back to the job", "pack-back", actions::job);
        onPaper.add(NotebookScreen.button("Packing list", "pack-list",
                () -> packing.ifPresent(found -> actions.packingList(found, kept().byKit()))));
        onPaper.add(NotebookScreen.button("Class sheet", "pack-class", () -> packing.ifPresent(actions::classSheet)));
        onPaper.add(NotebookScreen.button("Labels", "pack-labels", () -> packing.ifPresent(actions::labels)));
        Button table = NotebookScreen.button("Table view", "pack-table", this::table);
        table.getStyleClass().add("primary");
        onPaper.add(table);
        List<Node> own = new ArrayList<>(List.of(back, NotebookScreen.button("Undo", "pack-undo", work::undo)));
        own.addAll(onPaper);
        return Places.bar(Places.JOBS, actions, own);
    }

    private void table() {
        packing.ifPresent(found -> actions.packTable(new PackingSteps(found, kept().byKit())));
    }

    private void show() {
        if (work.job().packing().isEmpty()) {
            return;
        }
        KeptPacking now = kept();
        if (built == null || !now.at(0).equals(built.at(0))) {
            built = now;
            build(now);
            packing = Optional.empty();
            middle.getChildren().setAll(new Fractions("Sharing out the papers …", "field-note"));
            answer.ask(() -> work.planAnew().then(plan -> Packing.of(plan, now.wishes())), this::shared);
        }
        onPaper.forEach(button -> button.setDisable(packing.isEmpty()));
        packing.ifPresent(this::fill);
    }

    private void shared(Outcome<Packing> found) {
        packing = found.value();
        if (packing.isEmpty()) {
            middle.getChildren().setAll(new Fractions(found.problems().stream().map(Problem::text)
                    .collect(Collectors.joining("\n")), "needs-short"));
            right.getChildren().clear();
        }
        show();
    }

    private void build(KeptPacking now) {
        Stepper kits = new Stepper("Kits", by -> change(packed -> packed.withKits(Math.max(1, packed.kits() + by))),
                typed -> CompletableFuture.completedFuture(typed.strip().matches("[1-9]\\d{0,2}")
                        && change(packed -> packed.withKits(Integer.parseInt(typed.strip())))));
        kits.setId("pack-kits");
        kits.setValue(String.valueOf(now.kits()), String.valueOf(now.kits()));
        CheckBox scored = tick("Score and punch before packing", "pack-scored", now.scored(),
                is -> change(packed -> packed.withScored(is)));
        CheckBox directions = tick("The hand-out goes in", "pack-directions", now.directions(),
                is -> change(packed -> packed.withDirections(is)));
        ToggleGroup ways = new ToggleGroup();
        RadioButton station = way("Station by station", ways, !now.byKit(), false);
        RadioButton kit = way("Kit by kit", ways, now.byKit(), true);
        Button names = NotebookScreen.button("Names from a table", "pack-names",
                () -> actions.names().ifPresent(found -> change(packed -> packed.withNames(found))));
        names.getStyleClass().add("paper-button");
        options.getChildren().setAll(Rows.heading(work.job().name()), Rows.row("Kits", kits), scored, directions,
                Rows.heading("Pack"), station, kit, Rows.heading("For whom"));
        if (!now.names().isEmpty()) {
            Hyperlink none = new Hyperlink("Without names");
            none.getStyleClass().add("more");
            none.setOnAction(click -> change(packed -> packed.withNames(List.of())));
            options.getChildren().addAll(new Fractions(String.join(", ", now.names()), "step-text"), none);
        }
        options.getChildren().add(names);
    }

    private boolean change(UnaryOperator<KeptPacking> edit) {
        work.pack(edit.apply(kept()));
        return true;
    }

    private static CheckBox tick(String text, String id, boolean is, Consumer<Boolean> chosen) {
        CheckBox box = new CheckBox(text);
        box.setId(id);
        box.getStyleClass().add("shelf-tick");
        box.setWrapText(true);
        box.setSelected(is);
        box.setOnAction(press -> chosen.accept(box.isSelected()));
        return box;
    }

    private RadioButton way(String text, ToggleGroup group, boolean is, boolean byKit) {
        RadioButton button = new RadioButton(text);
        button.setId(byKit ? "pack-by-kit" : "pack-by-station");
        button.setToggleGroup(group);
        button.getStyleClass().add("shelf-tick");
        button.setSelected(is);
        button.setOnAction(press -> change(packed -> packed.withByKit(byKit)));
        return button;
    }

    private void fill(Packing found) {
        PackingSteps steps = new PackingSteps(found, kept().byKit());
        int at = kept().at();
        middle.getChildren().clear();
        found.substitutions().forEach(other -> middle.getChildren()
                .add(new Fractions("▲ " + other.sentence(), "needs-low")));
        for (Station station : Station.values()) {
            List<PackItem> items = found.items().stream().filter(item -> item.station() == station).toList();
            if (!items.isEmpty()) {
                middle.getChildren().add(Rows.heading(station.title()));
                items.forEach(item -> middle.getChildren().add(line(found, steps, item, at)));
            }
        }
        step(found, steps, at);
    }

    private VBox line(Packing found, PackingSteps steps, PackItem item, int at) {
        Fractions name = new Fractions(item.perKit() + " × " + item.text(format), "needs-name");
        HBox.setHgrow(name, Priority.ALWAYS);
        int kits = found.wishes().kits();
        int packed = steps.packed(item, at);
        Label count = new Label(packed == kits ? "✓ all packed" : packed + " of " + kits + " kits, "
                + steps.left(item, at) + " left");
        count.setMinWidth(USE_PREF_SIZE);
        HBox head = new HBox(name, count);
        head.getStyleClass().add("needs-head");
        VBox line = new VBox(head);
        if (!item.paper().isEmpty()) {
            line.getChildren().add(new Fractions(item.perKit() * kits + " in all, "
                    + found.called(item.paper()), "field-note"));
        }
        line.getStyleClass().add("needs-line");
        return line;
    }

    private void step(Packing found, PackingSteps steps, int at) {
        right.getChildren().clear();
        if (at >= steps.size()) {
            right.getChildren()
                    .add(new Fractions("✓ All " + found.wishes().kits() + " kits are packed.", "step-title"));
            about(found);
            return;
        }
        PackingSteps.Step now = steps.step(at);
        right.getChildren().addAll(Rows.heading("Now, " + (at + 1) + " of " + steps.size()),
                new Fractions(
                        "Kit " + now.kit() + (found.name(now.kit()).isEmpty() ? "" : ", " + found.name(now.kit())),
                        "step-title"));
        List<PackItem> items = now.item().map(List::of).orElse(found.items());
        items.forEach(item -> right.getChildren().add(new Fractions(item.perKit() + " × " + item.text(format)
                + found.paper(item, now.kit()).map(paper -> ", " + paper).orElse("") + ". Then "
                + steps.left(item, at + 1) + " must be left.", "step-text")));
        Button done = NotebookScreen.button("It is in (Space)", "pack-next", () -> move(1));
        done.getStyleClass().add("main-action");
        right.getChildren().add(done);
        about(found);
    }

    private void about(Packing found) {
        right.getChildren().addAll(Rows.heading("What it costs"),
                new Fractions(KitCost.of(found.plan()).said(found.wishes().kits()).sentence(), "step-text"));
        List<String> evening = actions.evening(found);
        right.getChildren().add(Rows.heading("How long it takes"));
        if (evening.isEmpty()) {
            right.getChildren().add(new Fractions("Nobody has timed these designs yet: the table view does while you "
                    + "make one.", "empty"));
        }
        evening.forEach(line -> right.getChildren().add(new Fractions(line, "make-line")));
    }

    /** Forward or back by a step. */
    private void move(int by) {
        packing.ifPresent(found -> work.packAt(
                Math.max(0, Math.min(new PackingSteps(found, kept().byKit()).size(), kept().at() + by))));
    }

    private void onKey(KeyEvent key) {
        if (key.getTarget() instanceof TextInputControl) {
            return;
        }
        if (key.isShortcutDown() && key.getCode() == KeyCode.Z) {
            work.undo();
        } else if (key.getCode() == KeyCode.RIGHT || key.getCode() == KeyCode.SPACE) {
            move(1);
        } else if (key.getCode() == KeyCode.LEFT || key.getCode() == KeyCode.BACK_SPACE) {
            move(-1);
        } else if (key.getCode() == KeyCode.T) {
            table();
        } else if (key.getCode() == KeyCode.ESCAPE) {
            actions.job();
        } else {
            return;
        }
        key.consume();
    }
}
