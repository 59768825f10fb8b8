package cufflink.desktop.view;

import cufflink.design.DesignDefinition;
import cufflink.desktop.control.Fractions;
import cufflink.desktop.work.StashWork;
import cufflink.job.UseUp;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.paper.BenchTools;
import cufflink.paper.SheetSize;
import cufflink.plan.Project;
import cufflink.stash.OffcutLine;
import cufflink.stash.Stash;
import cufflink.stash.StashEnvelope;
import cufflink.stash.StashItem;
import cufflink.stash.StashPaper;
import cufflink.stash.StashPunch;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/**
 * The stash: papers and offcuts drawn to one scale, filtered by kind, name and what fits; the entry picked and the
 * history on the right.
 */
public final class StashScreen extends ListeningScreen {
    /** What the stash asks its window to do. */
    public interface Actions extends Places.Actions {
        /** Opens an entry to be changed. */
        void edit(StashItem item);

        /** Opens an empty entry of a kind. */
        void add(StashKind kind);

        void importStash();

        void exportStash();

        /** Writes what to buy to a file that the maker chooses. */
        void shoppingList();

        /** The designs on the shelf. */
        List<DesignDefinition> designs();

        /** The ruler of the shelf. */
        RulerStep ruler();

        /** Begins a project. */
        void begin(Project project);

        /** Adds a few plain punches and dies to begin with. */
        void addPlainShapes();

        /** Opens the maker's trimmer and scoring board. */
        void editStashTools();
    }

    private final StashWork work;
    private final Actions actions;
    private final LengthUnit unit;
    private final FlowPane cards = new FlowPane();
    private final ScrollPane middle = new ScrollPane(cards);
    private final Label count = new Label();
    private final Label title = new Label("Stash");
    private final ToggleGroup kinds = new ToggleGroup();
    private final TextField name = new TextField();
    private final TextField fits = new TextField();
    private final Fractions fitsNote = new Fractions("", "field-note");
    private final TextField line = new TextField();
    private final Fractions lineNote = new Fractions("", "field-note");
    private final StashDetailPane detail;
    private long picked;
    private Stash usedUp = Stash.EMPTY;

    public StashScreen(StashWork work, LengthUnit unit, Actions actions) {
        this.work = work;
        this.unit = unit;
        this.actions = actions;
        this.detail = new StashDetailPane(work, listening, unit, actions);
        getStyleClass().add("stash-screen");
        setTop(topBar());
        setLeft(Rows.scroll(side(), "left-scroll"));
        setRight(Rows.scroll(detail, "right-scroll"));
        title.getStyleClass().add("shelf-title");
        count.getStyleClass().add("shelf-count");
        HBox heading = new HBox(title, count);
        heading.getStyleClass().add("shelf-heading");
        cards.getStyleClass().add("shelf-cards");
        middle.setFitToWidth(true);
        middle.getStyleClass().add("shelf-scroll");
        VBox centre = new VBox(heading, middle);
        VBox.setVgrow(middle, Priority.ALWAYS);
        centre.getStyleClass().add("shelf-middle");
        setCenter(MessageBar.over(centre, work.messageProperty(), listening, () -> work.say("")));
        listening.to(work.stashProperty(), is -> show());
        addEventHandler(KeyEvent.KEY_PRESSED, this::onKey);
        show();
    }

    private HBox topBar() {
        Button add = button("Add", "stash-add", () -> actions.add(kind()));
        add.getStyleClass().add("primary");
        return Places.bar(Places.STASH, actions,
                List.of(button("Undo", "stash-undo", work::undo), button("Redo", "stash-redo", work::redo),
                        button("Import", "stash-import", actions::importStash),
                        button("Export", "stash-export", actions::exportStash), add));
    }

    private static Button button(String text, String id, Runnable action) {
        Button button = new Button(text);
        button.setId(id);
        button.setOnAction(press -> action.run());
        return button;
    }

    private VBox side() {
        VBox side = new VBox();
        side.getStyleClass().add("stash-side");
        line.setId("offcut-line");
        line.setPromptText(unit == LengthUnit.INCH ? "moonlight 5 1/2 x 7" : "moonlight 140 x 180");
        line.setAccessibleText("An offcut in one line: the paper, then its size, then * and how many");
        line.textProperty().addListener((property, was, is) -> preview(is));
        line.setOnAction(enter -> {
            if (work.addOffcut(line.getText(), unit)) {
                line.clear();
            }
        });
        side.getChildren().addAll(Rows.heading("An offcut, in one line (key O)"), line, lineNote, Rows.heading("Show"));
        for (StashKind kind : StashKind.values()) {
            RadioButton radio = new RadioButton(kind.plural());
            radio.setUserData(kind);
            radio.setToggleGroup(kinds);
            radio.setSelected(kind == StashKind.PAPER);
            radio.getStyleClass().add("shelf-tick");
            radio.setId("show-" + kind.name().toLowerCase(Locale.ROOT));
            radio.setOnAction(press -> show());
            side.getChildren().add(radio);
        }
        name.setPromptText("Midnight");
        name.setId("stash-name");
        name.setAccessibleText("Part of the name");
        name.textProperty().addListener(change -> show());
        fits.setPromptText(unit == LengthUnit.INCH ? "4 1/4 x 5 1/2" : "105 x 148");
        fits.setId("stash-fits");
        fits.setAccessibleText("Only what gives a piece of this size");
        fits.textProperty().addListener(change -> show());
        side.getChildren().addAll(Rows.heading("Called"), name, Rows.heading("Large enough for"), fits, fitsNote,
                Rows.heading("Tools"));
        side.getChildren().add(tools());
        return side;
    }

    private Node tools() {
        Button tools = button("Trimmer and scoring board", "stash-tools", actions::editStashTools);
        tools.getStyleClass().add("paper-button");
        return tools;
    }

    private void preview(String typed) {
        lineNote.setText(typed.isBlank() ? "" : OffcutLine.read(typed, work.stash(), unit).value()
                .map(offcut -> "Enter adds " + offcut.count() + " × " + offcut.name() + ", "
                        + LengthFormat.of(unit).size(offcut.size().width(), offcut.size().height()) + ".")
                .orElseGet(() -> OffcutLine.read(typed, work.stash(), unit).problems().get(0).text()));
    }

    private StashKind kind() {
        return (StashKind) kinds.getSelectedToggle().getUserData();
    }

    /** The size that is to fit; absent while none is typed. */
    private Optional<SheetSize> wanted() {
        fitsNote.setText("");
        if (fits.getText().isBlank()) {
            return Optional.empty();
        }
        Optional<SheetSize> size = LengthParser.readSize(fits.getText(), unit).value()
                .filter(sides -> sides.size() == 2 && sides.stream().allMatch(side -> side.isPositive()))
                .map(sides -> new SheetSize(sides.get(0), sides.get(1)));
        if (size.isEmpty()) {
            fitsNote.setText("Type a width and a height with × between them.");
        }
        return size;
    }

    private void show() {
        Stash stash = work.stash();
        StashKind kind = kind();
        if (middle.getContent() instanceof UseUpPane before && (kind != StashKind.USE_UP || !stash.equals(usedUp))) {
            before.stop();
            middle.setContent(cards);
        }
        if (!kind.isOfEntries()) {
            workedOut(stash, kind);
            return;
        }
        middle.setContent(cards);
        Optional<SheetSize> wanted = wanted();
        String part = name.getText().strip().toLowerCase(Locale.ROOT);
        List<StashItem> found = kind.of(stash).stream()
                .filter(item -> item.name().toLowerCase(Locale.ROOT).contains(part))
                .filter(item -> wanted.isEmpty() || holds(item, wanted.get()))
                .toList();
        SheetSize room = largest(stash, kind);
        cards.getChildren()
                .setAll(found.stream().map(
                        item -> new StashCard(item, room, LengthFormat.of(unit), item.id() == picked, () -> pick(item)))
                        .toList());
        if (found.isEmpty()) {
            boolean none = kind.of(stash).isEmpty();
            cards.getChildren()
                    .add(new Fractions(none ? kind.empty() : "Nothing here is so called and so large.", "empty"));
            if (none && kind == StashKind.PUNCH) {
                cards.getChildren()
                        .add(button("Begin with plain shapes", "stash-plain-shapes", actions::addPlainShapes));
            }
        }
        title.setText(kind.plural());
        int sheets = found.stream().filter(StashPaper.class::isInstance).mapToInt(item -> ((StashPaper) item).count())
                .sum();
        count.setText(found.size() + (found.size() == 1 ? " entry" : " entries")
                + (sheets > 0 ? ", " + sheets + (sheets == 1 ? " sheet" : " sheets") : ""));
        detail.show(kind.of(stash).stream().filter(item -> item.id() == picked).findFirst());
    }

    private void workedOut(Stash stash, StashKind kind) {
        title.setText(kind.plural());
        count.setText("");
        detail.show(Optional.empty());
        if (kind == StashKind.NEEDS) {
            middle.setContent(new NeedsPane(work, LengthFormat.of(unit), actions));
        } else if (!(middle.getContent() instanceof UseUpPane)) {
            usedUp = stash;
            middle.setContent(new UseUpPane(
                    new UseUp(stash, actions.ruler(), stash.tools().orElse(BenchTools.usual(unit))),
                    actions.designs().stream().filter(design -> !design.head().group().equals("finishing")).toList(),
                    LengthFormat.of(unit), listening, actions));
        }
    }

    /** Whether it gives a piece of this size, or has room for it. */
    private static boolean holds(StashItem item, SheetSize wanted) {
        return item instanceof StashPaper paper ? paper.count() > 0 && paper.holds(wanted)
                : !(item instanceof StashPunch punch) || punch.die().holds(wanted, Length.ZERO)
                        || punch.die().holds(wanted.turned(), Length.ZERO);
    }

    /** All papers are drawn at the scale of the largest sheet, envelopes and punches at that of the largest of them. */
    private static SheetSize largest(Stash stash, StashKind kind) {
        Stream<SheetSize> sizes = switch (kind) {
            case PAPER, OFFCUT, RIBBON, NEEDS, USE_UP -> stash.papers().stream().map(StashPaper::size);
            case ENVELOPE -> stash.envelopes().stream().map(StashEnvelope::size);
            case PUNCH -> stash.punches().stream().map(StashPunch::cuts);
        };
        return sizes.max(Comparator.comparing(size -> Length.longer(size.width(), size.height())))
                .orElseGet(() -> new SheetSize(Length.ofInches(12), Length.ofInches(12)));
    }

    private void pick(StashItem item) {
        picked = item.id();
        show();
    }

    /** Shows the entries of a kind. */
    public void show(StashKind kind) {
        kinds.getToggles().stream().filter(toggle -> toggle.getUserData() == kind).findFirst()
                .ifPresent(kinds::selectToggle);
        show();
    }

    /** Picks the first entry whose name begins so. */
    public void pick(String beginning) {
        kind().of(work.stash()).stream().filter(item -> item.name().startsWith(beginning)).findFirst()
                .ifPresent(this::pick);
    }

    private void onKey(KeyEvent key) {
        boolean typing = key.getTarget() instanceof TextInputControl;
        if (key.isShortcutDown() && key.getCode() == KeyCode.Z && !typing) {
            if (key.isShiftDown()) {
                work.redo();
            } else {
                work.undo();
            }
        } else if (key.isShortcutDown() && key.getCode() == KeyCode.Y && !typing) {
            work.redo();
        } else if (key.getCode() == KeyCode.ESCAPE && typing) {
            requestFocus();
        } else if (key.getCode() == KeyCode.O && !typing && !key.isShortcutDown()) {
            line.requestFocus();
        } else if (key.getCode() == KeyCode.HOME && !typing) {
            actions.goTo(Places.SHELF);
        } else {
            return;
        }
        key.consume();
    }
}
