package cufflink.desktop.view;

import cufflink.check.Verdict;
import cufflink.design.DesignDefinition;
import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.PicturePane;
import cufflink.desktop.store.ProjectStore.Kept;
import cufflink.drawing.PoseDrawing;
import cufflink.drawing.View;
import cufflink.files.design.DesignLibrary;
import cufflink.measure.RulerStep;
import cufflink.paper.NamedSize;
import cufflink.paper.PaperRole;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/**
 * The shelf: every design drawn from its own geometry, sorted by what it is for; the projects on the go; filters by
 * paper and by use.
 */
public final class ShelfScreen extends ListeningScreen {
    private static final List<String> SHEETS = List.of("Letter", "A4", "12 in square", "8 in square");

    /** What the shelf asks its window to do. */
    public interface Actions extends Places.Actions {
        void start(DesignDefinition design, RulerStep ruler);

        void resume(Kept kept);

        void open();

        void rulerChosen(RulerStep ruler);
    }

    private record OnShelf(DesignDefinition design, Plan plan) {
    }

    /** A design that cannot be made, and why. */
    private record Refused(String name, String reason) {
    }

    private final Actions actions;
    private final List<OnShelf> designs = new ArrayList<>();
    private final List<Refused> refused = new ArrayList<>();
    private final List<CheckBox> sheets = new ArrayList<>();
    private final List<CheckBox> uses = new ArrayList<>();
    private final FlowPane cards = new FlowPane();
    private final Label count = new Label();
    private RulerStep ruler;

    /** {@code message} is shown on top if it is not empty. */
    public ShelfScreen(DesignLibrary library, List<Kept> projects, RulerStep ruler, String message, Actions actions) {
        this.actions = actions;
        this.ruler = ruler;
        getStyleClass().add("shelf-screen");
        setTop(topBar());
        library.designs().values().forEach(this::keep);
        library.refused().forEach((file, problems) -> refused.add(new Refused(file, reason(problems))));
        designs.sort(Comparator.comparing((OnShelf item) -> order(item.design().head().group())));
        setLeft(side(projects));
        cards.getStyleClass().add("shelf-cards");
        ScrollPane scroll = new ScrollPane(cards);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("shelf-scroll");
        Label title = new Label("Choose a design");
        title.getStyleClass().add("shelf-title");
        count.getStyleClass().add("shelf-count");
        HBox heading = new HBox(title, count);
        heading.getStyleClass().add("shelf-heading");
        VBox middle = new VBox(heading, scroll);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        middle.getStyleClass().add("shelf-middle");
        setCenter(MessageBar.over(middle, message));
        filter();
    }

    private static int order(String group) {
        int place = List.of("card base", "gift card holder", "pocket", "folio", "finishing").indexOf(group);
        return place < 0 ? Integer.MAX_VALUE : place;
    }

    private void keep(DesignDefinition design) {
        Outcome<Plan> planned = Planner.plan(Project.of(design, ruler));
        planned.value().ifPresentOrElse(plan -> designs.add(new OnShelf(design, plan)),
                () -> refused.add(new Refused(design.title(), reason(planned.problems()))));
    }

    /** The first reason, and how many more there are. */
    private static String reason(List<Problem> problems) {
        return problems.get(0).text() + (problems.size() > 1 ? " And " + (problems.size() - 1) + " more." : "");
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

    private Node side(List<Kept> projects) {
        VBox side = new VBox();
        side.getStyleClass().add("shelf-side");
        side.getChildren().add(Rows.heading("On the go"));
        if (projects.isEmpty()) {
            side.getChildren().add(new Fractions("Nothing yet. Pick a design; it is saved as you go.", "empty"));
        }
        projects.forEach(kept -> side.getChildren().add(project(kept)));
        side.getChildren().add(Rows.heading("What have you got?"));
        SHEETS.forEach(sheet -> side.getChildren().add(tick(sheet, sheets)));
        side.getChildren().add(Rows.heading("It should"));
        TreeSet<String> words = new TreeSet<>();
        designs.forEach(item -> words.addAll(item.design().head().uses()));
        words.forEach(use -> side.getChildren().add(tick(use, uses)));
        ScrollPane scroll = new ScrollPane(side);
        scroll.getStyleClass().addAll("side-scroll", "left-scroll");
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        return scroll;
    }

    private Node project(Kept kept) {
        Label name = new Label(kept.project().name());
        name.getStyleClass().add("kept-name");
        var plan = Planner.plan(kept.project()).value();
        long bad = plan.map(found -> found.checks().stream().filter(check -> check.verdict() == Verdict.BAD).count())
                .orElse(1L);
        String copies = kept.project().copies() > 1 ? ", " + kept.project().copies() + " copies" : "";
        Label state = new Label(bad > 0 ? bad + (bad == 1 ? " thing to fix" : " things to fix")
                : kept.project().design().title() + copies);
        state.getStyleClass().add(bad > 0 ? "kept-bad" : "kept-state");
        Button button = new Button();
        button.setGraphic(new VBox(name, state));
        button.getStyleClass().add("kept");
        button.setMaxWidth(Double.MAX_VALUE);
        button.setAccessibleText(kept.project().name());
        button.setOnAction(press -> actions.resume(kept));
        return button;
    }

    private CheckBox tick(String text, List<CheckBox> into) {
        CheckBox box = new CheckBox(text);
        box.setUserData(text);
        box.getStyleClass().add("shelf-tick");
        box.setOnAction(press -> filter());
        into.add(box);
        return box;
    }

    private void filter() {
        List<String> wantedUses = uses.stream().filter(CheckBox::isSelected).map(box -> (String) box.getUserData())
                .toList();
        List<String> wantedSheets = sheets.stream().filter(CheckBox::isSelected).map(box -> (String) box.getUserData())
                .toList();
        List<OnShelf> found = designs.stream().filter(item -> item.design().head().uses().containsAll(wantedUses))
                .filter(item -> wantedSheets.isEmpty() || wantedSheets.stream().anyMatch(sheet -> fits(item, sheet)))
                .toList();
        cards.getChildren().setAll(found.stream().map(this::card).toList());
        if (found.isEmpty()) {
            cards.getChildren().add(new Fractions(
                    "No design does all of this from these sheets. Untick something, or size a design to your sheet "
                            + "on its bench.",
                    "empty"));
        }
        refused.forEach(design -> cards.getChildren().add(refusal(design)));
        count.setText(found.size() == designs.size() ? designs.size() + " designs"
                : found.size() + " of " + designs.size() + " designs");
    }

    private static boolean fits(OnShelf item, String sheet) {
        NamedSize size = PublishedSizes.named(NamedSize.Kind.SHEET, sheet).orElseThrow();
        Project project = item.plan().project();
        for (PaperRole role : item.design().materials()) {
            project = project.withPaper(role, project.paper(role).inSheets(size.width(), size.height()));
        }
        return Planner.plan(project).value().map(plan -> plan.layout().unplaced().isEmpty()).orElse(false);
    }

    private Node card(OnShelf item) {
        PicturePane picture = new PicturePane(10, 3);
        picture.getStyleClass().add("shelf-picture");
        picture.show(point -> PoseDrawing.draw(item.plan(), PoseDrawing.HALF_OPEN,
                View.of(item.design().shown().angle()),
                point));
        Label title = new Label(item.design().title());
        title.getStyleClass().add("shelf-card-title");
        Label about = new Label(item.design().head().about());
        about.getStyleClass().add("shelf-card-about");
        about.setWrapText(true);
        Plan plan = item.plan();
        String size = plan.stack().isPresent()
                ? ruler.size(plan.closedWidth().orElseThrow(), plan.closedHeight().orElseThrow()) : "";
        Fractions takes = new Fractions(size + " · " + sheets(plan) + " · " + item.design().head().difficulty(),
                "shelf-card-takes");
        VBox words = new VBox(title, about);
        Button card = new Button();
        card.setGraphic(new VBox(picture, words, takes));
        card.getStyleClass().add("shelf-card");
        card.setId("design-" + item.design().id());
        card.setAccessibleText(item.design().title() + ": " + item.design().head().about());
        card.setOnAction(press -> actions.start(item.design(), ruler));
        return card;
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

    private static String sheets(Plan plan) {
        Stock card = plan.project().card();
        long count = plan.layout().sheets().stream().filter(sheet -> sheet.stock().name().equals(card.name())).count();
        String name = PublishedSizes.of(NamedSize.Kind.SHEET).stream()
                .filter(size -> size.width().equals(card.width()) && size.height().equals(card.height()))
                .findFirst().map(NamedSize::name).orElse("sheet");
        return plan.layout().unplaced().isEmpty() ? count + " " + name : "larger than " + name;
    }
}
