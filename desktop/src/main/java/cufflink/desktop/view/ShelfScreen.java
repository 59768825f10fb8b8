package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.desktop.store.ProjectStore.Kept;
import cufflink.desktop.work.ShelfCard;
import cufflink.desktop.work.ShelfWork;
import cufflink.desktop.work.ShelfWork.Refused;
import cufflink.desktop.work.ShelfWork.Shelf;
import cufflink.desktop.work.ShelfWork.Wanted;
import cufflink.measure.RulerStep;
import cufflink.paper.Contents;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
import cufflink.plan.Project;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/**
 * The shelf: every design drawn from its own geometry, sorted by what it is for; the projects on the go; filters by
 * paper and by use.
 */
public final class ShelfScreen extends ListeningScreen {
    /** Projects that stand on the shelf without being asked for. */
    private static final int LATEST = 5;
    private static final List<String> SHEETS = List.of("Letter", "A4", "12 in square", "8 in square");

    /** What the shelf asks its window to do. */
    public interface Actions extends Places.Actions {
        /** Begins a project as the shelf shows its design. */
        void start(Project asShown);

        void resume(Kept kept);

        void open();

        void rulerChosen(RulerStep ruler);
    }

    private final Actions actions;
    private final ShelfWork work;
    private final List<Project> projects;
    private final List<CheckBox> sheets = new ArrayList<>();
    private final List<CheckBox> uses = new ArrayList<>();
    private final Map<Project, Label> states = new HashMap<>();
    private final ShelfSections sections;
    private final ComboBox<Optional<Stock>> card = nothing();
    private final ComboBox<Optional<Stock>> layers = nothing();
    private final ComboBox<Optional<Contents>> holds = nothing();
    private final ComboBox<Optional<NamedSize>> into = nothing();
    private final TextField search = new TextField();
    private final Label count = new Label();
    private Shelf shown = Shelf.EMPTY;
    private Wanted shownFor = Wanted.ANYTHING;
    private int look;
    private final RulerStep ruler;

    /**
     * The shelf as it was left.
     *
     * @param papers  in which the designs can be shown
     * @param message shown on top if it is not empty
     */
    public ShelfScreen(ShelfWork work, ShelfCards cards, List<Kept> kept, List<Stock> papers, RulerStep ruler,
            String message, Actions actions) {
        this.actions = actions;
        this.work = work;
        this.ruler = ruler;
        Consumer<ShelfCard> chosen = this::start;
        cards.onChosen(chosen);
        sections = new ShelfSections(cards);
        projects = kept.stream().map(Kept::project).toList();
        getStyleClass().add("shelf-screen");
        setTop(topBar());
        setLeft(side(kept, papers));
        count.getStyleClass().add("shelf-count");
        count.setId("shelf-count");
        setCenter(MessageBar.over(middle(sections, new HBox(title(), count, searching())), message));
        listening.atEnd(() -> work.leave(look));
        listening.atEnd(() -> {
            cards.release(chosen);
            sections.empty();
        });
        look();
    }

    static Label title() {
        Label title = new Label("Choose a design");
        title.getStyleClass().add("shelf-title");
        return title;
    }

    /** The designs below their heading. */
    static VBox middle(ShelfSections sections, HBox heading) {
        ScrollPane scroll = new ScrollPane(sections);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("shelf-scroll");
        heading.getStyleClass().add("shelf-heading");
        VBox middle = new VBox(heading, scroll);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        middle.getStyleClass().add("shelf-middle");
        return middle;
    }

    /** Begins what is shown, for what was looked for when it was set out. */
    private void start(ShelfCard card) {
        actions.start(work.asShown(card, ruler, shownFor));
    }

    /** Asks for what the ticks say; the shelf fills as it is worked out. */
    private void look() {
        count.setText("Setting out …");
        Wanted wanted = new Wanted(ticked(uses), ticked(sheets), holds.getValue(), into.getValue(),
                new ShelfWork.Dress(card.getValue(), layers.getValue()));
        look = work.look(ruler, wanted, projects, new ShelfWork.Listener() {
            @Override
            public void shown(Shelf shelf) {
                shownFor = wanted;
                fill(shelf);
            }

            @Override
            public void stands(Project project, long bad) {
                state(states.get(project), project, bad);
            }
        });
    }

    private static List<String> ticked(List<CheckBox> boxes) {
        return boxes.stream().filter(CheckBox::isSelected).map(box -> (String) box.getUserData()).toList();
    }

    private void fill(Shelf shelf) {
        shown = shelf;
        sections.show(shelf, shelf.refused().stream().map(ShelfScreen::refusal).toList());
        count();
    }

    private void count() {
        int found = sections.found().size();
        count.setText(!shown.complete() ? "Setting out …"
                : found == shown.made() ? shown.made() + " designs" : found + " of " + shown.made() + " designs");
    }

    /** Typing leaves the designs alone in which the words are found; Enter takes the only one, Escape ends it. */
    private Node searching() {
        search.setId("shelf-search");
        search.setPromptText("Search (Ctrl+F)");
        search.setAccessibleText("Search the shelf");
        search.textProperty().addListener((property, was, is) -> {
            sections.search(is);
            count();
        });
        search.setOnAction(enter -> {
            if (sections.found().size() == 1) {
                start(sections.found().get(0));
            }
        });
        addEventFilter(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.F && key.isShortcutDown()) {
                search.requestFocus();
                key.consume();
            } else if (key.getCode() == KeyCode.ESCAPE && !search.getText().isEmpty()) {
                search.clear();
                key.consume();
            }
        });
        HBox right = new HBox(search);
        right.getStyleClass().add("shelf-search");
        HBox.setHgrow(right, Priority.ALWAYS);
        return right;
    }

    private Node topBar() {
        ComboBox<RulerStep> box = new ComboBox<>();
        box.setConverter(new RulerNames());
        box.getItems().setAll(RulerStep.values());
        box.setValue(ruler);
        box.setAccessibleText("Ruler step for new projects");
        box.setId("shelf-ruler");
        box.valueProperty().addListener((property, was, is) -> actions.rulerChosen(is));
        Button open = new Button("Open a project file");
        open.setId("open");
        open.setOnAction(press -> actions.open());
        return Places.bar(Places.SHELF, actions, List.of(box, open));
    }

    private Node side(List<Kept> kept, List<Stock> papers) {
        VBox side = new VBox();
        side.getStyleClass().add("shelf-side");
        side.getChildren().add(Rows.heading("On the go"));
        if (kept.isEmpty()) {
            side.getChildren().add(new Fractions("Nothing yet. Pick a design; it is saved as you go.", "empty"));
        }
        List<Node> made = kept.stream().map(this::project).toList();
        side.getChildren().addAll(made);
        if (made.size() > LATEST) {
            side.getChildren().add(older(made.subList(LATEST, made.size())));
        }
        side.getChildren().add(Rows.heading("What have you got?"));
        SHEETS.forEach(sheet -> side.getChildren().add(tick(sheet, sheets, work.lately().sheets())));
        if (!papers.isEmpty()) {
            side.getChildren().add(Rows.heading("Shown in"));
            side.getChildren().add(Rows.row("Card", choice(card, "shelf-card-paper", "plain", papers, Stock::name,
                    work.lately().dress().card())));
            side.getChildren().add(Rows.row("Layers", choice(layers, "shelf-layer-paper", "plain", papers, Stock::name,
                    work.lately().dress().layers())));
        }
        side.getChildren().add(Rows.heading("It should"));
        side.getChildren().add(Rows.row("Hold", choice(holds, "shelf-holds", "anything", Contents.known(),
                Contents::name, work.lately().holds())));
        side.getChildren().add(Rows.row("Go into", choice(into, "shelf-into", "any envelope",
                PublishedSizes.of(NamedSize.Kind.ENVELOPE), NamedSize::name, work.lately().into())));
        work.uses().forEach(use -> side.getChildren().add(tick(use, uses, work.lately().uses())));
        ScrollPane scroll = new ScrollPane(side);
        scroll.getStyleClass().addAll("side-scroll", "left-scroll");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        return scroll;
    }

    /** Older projects stay out of the way of the filters until they are asked for. */
    private static Node older(List<Node> projects) {
        Hyperlink more = new Hyperlink("All " + (LATEST + projects.size()) + " projects");
        more.setId("shelf-older");
        more.getStyleClass().add("more");
        projects.forEach(node -> {
            node.managedProperty().bind(node.visibleProperty());
            node.setVisible(false);
        });
        more.setOnAction(click -> {
            projects.forEach(node -> node.setVisible(true));
            more.setVisible(false);
        });
        more.managedProperty().bind(more.visibleProperty());
        return more;
    }

    private Node project(Kept kept) {
        Label name = new Label(kept.project().name());
        name.getStyleClass().add("kept-name");
        Label state = new Label();
        state(state, kept.project(), 0);
        states.put(kept.project(), state);
        Button button = new Button();
        button.setGraphic(new VBox(name, state));
        button.getStyleClass().add("kept");
        button.setMaxWidth(Double.MAX_VALUE);
        button.setAccessibleText(kept.project().name());
        button.setOnAction(press -> actions.resume(kept));
        return button;
    }

    /** What is to be fixed in a project, or what it is. */
    private static void state(Label state, Project project, long bad) {
        String copies = project.copies() > 1 ? ", " + project.copies() + " copies" : "";
        state.setText(bad > 0 ? bad + (bad == 1 ? " thing to fix" : " things to fix")
                : project.design().title() + copies);
        state.getStyleClass().setAll("label", bad > 0 ? "kept-bad" : "kept-state");
    }

    /** A choice of nothing; so a choice of papers stays where the stash has none. */
    private static <T> ComboBox<Optional<T>> nothing() {
        ComboBox<Optional<T>> box = new ComboBox<>();
        box.setValue(Optional.empty());
        return box;
    }

    /** One of some things or none, as it was chosen last. */
    private <T> Node choice(ComboBox<Optional<T>> box, String id, String none, List<T> things, Function<T, String> name,
            Optional<T> lately) {
        box.setId(id);
        box.setConverter(new Words<>(thing -> thing.map(name).orElse(none)));
        box.getItems().add(Optional.empty());
        things.forEach(thing -> box.getItems().add(Optional.of(thing)));
        box.setValue(lately.filter(things::contains));
        box.setMaxWidth(Double.MAX_VALUE);
        box.setOnAction(choice -> look());
        return box;
    }

    private CheckBox tick(String text, List<CheckBox> into, List<String> lately) {
        CheckBox box = new CheckBox(text);
        box.setSelected(lately.contains(text));
        box.setUserData(text);
        box.getStyleClass().add("shelf-tick");
        box.setOnAction(press -> look());
        into.add(box);
        return box;
    }

    private static Node refusal(Refused design) {
        Label title = new Label("✕ " + design.name());
        title.getStyleClass().add("shelf-card-title");
        Fractions why = new Fractions(design.reason() + " The file was left as it is.", "shelf-card-about");
        VBox card = new VBox(title, why);
        card.getStyleClass().addAll("shelf-card", "shelf-refused");
        card.setAccessibleText(design.name() + " cannot be made: " + design.reason());
        return card;
    }
}
