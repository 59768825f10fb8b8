package cufflink.desktop.view;

import cufflink.design.DesignDefinition;
import cufflink.design.PartPlace;
import cufflink.desktop.control.Listening;
import cufflink.desktop.control.PicturePane;
import cufflink.desktop.work.Workspace;
import cufflink.drawing.PartDrawing;
import cufflink.plan.PartOffers;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.plan.StepPiece;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;

/**
 * Adds a part: a place of the card, and the designs that go there, each drawn at the same scale with how it would fit,
 * best fit first. What fits is worked out beside the window.
 */
final class PartChooser extends VBox {
    /** Pixels a millimetre: a card of 105 × 148 mm is 58 × 81 pixels. */
    private static final double SCALE = 0.55;
    /** Pixels beside the picture, in which the words are broken into lines. */
    private static final double WORDS = 112;

    private final Workspace work;
    private final Supplier<List<DesignDefinition>> designs;
    private final Consumer<String> added;
    private final Hyperlink opener = new Hyperlink("Add a part");
    private final VBox choice = new VBox();
    private final ComboBox<PartPlace> places = new ComboBox<>();
    private final VBox offers = new VBox();
    /** The plan for which an answer is wanted; read beside the window, too, so that nothing old is worked out. */
    private volatile Plan asked;

    /**
     * @param designs what may be added
     * @param added   is told the name of each part that is added, before the plan is shown
     */
    PartChooser(Workspace work, Listening listening, Supplier<List<DesignDefinition>> designs, Consumer<String> added) {
        this.work = work;
        this.designs = designs;
        this.added = added;
        opener.setId("add-part");
        opener.getStyleClass().add("more");
        opener.setOnAction(click -> open());
        opener.managedProperty().bind(opener.visibleProperty());
        choice.managedProperty().bind(choice.visibleProperty());
        choice.setVisible(false);
        choice.getStyleClass().add("part-choice");
        places.setId("part-place");
        places.setMaxWidth(Double.MAX_VALUE);
        places.setAccessibleText("Where the part goes");
        places.setConverter(new Words<>(place -> PartOffers.words(work.plan(), place)));
        places.valueProperty().addListener((property, was, is) -> ask());
        offers.getStyleClass().add("offers");
        Hyperlink close = new Hyperlink("Add nothing");
        close.setId("add-nothing");
        close.getStyleClass().add("more");
        close.setOnAction(click -> close());
        choice.getChildren().addAll(places, offers, close);
        getChildren().addAll(opener, choice);
        addEventHandler(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.ESCAPE && choice.isVisible()) {
                close();
                key.consume();
            }
        });
        listening.to(work.planProperty(), change -> ask());
    }

    /** Opens at the piece that the current step is about. */
    void open() {
        List<PartPlace> all = PartOffers.places(work.plan());
        Optional<String> piece = work.currentStep().subject().accept(new StepPiece());
        open(all.stream().filter(place -> place instanceof PartPlace.OnPanel on
                && piece.filter(on.panel().piece()::equals).isPresent()).findFirst().orElse(all.get(0)));
    }

    /** Opens at a place. */
    void open(PartPlace place) {
        choice.setVisible(true);
        opener.setVisible(false);
        places.getItems().setAll(PartOffers.places(work.plan()));
        asked = null;
        places.setValue(null);
        places.setValue(place);
        Platform.runLater(() -> {
            places.requestFocus();
            Rows.reveal(choice);
        });
    }

    private void close() {
        choice.setVisible(false);
        opener.setVisible(true);
        offers.getChildren().clear();
    }

    /** Looks what fits the place; an answer for a plan that is no longer shown is dropped. */
    private void ask() {
        PartPlace place = places.getValue();
        if (!choice.isVisible() || place == null) {
            return;
        }
        Plan plan = work.plan();
        asked = plan;
        say("Looking what fits …");
        List<DesignDefinition> all = designs.get();
        CompletableFuture
                .supplyAsync(() -> asked == plan ? PartOffers.at(plan, place, all) : List.<PartOffers.Offer>of())
                .whenComplete((found, fault) -> Platform.runLater(() -> {
                    if (asked == plan && place.equals(places.getValue()) && choice.isVisible()) {
                        show(found == null ? List.of() : found);
                    }
                    if (fault != null) {
                        throw new IllegalStateException("looking for parts failed", fault);
                    }
                }));
    }

    private void say(String words) {
        Label label = new Label(words);
        label.getStyleClass().add("part-place");
        label.setWrapText(true);
        offers.getChildren().setAll(label);
    }

    private void show(List<PartOffers.Offer> found) {
        if (found.isEmpty()) {
            say("No design on the shelf goes there. Choose another place.");
            return;
        }
        offers.getChildren().setAll(found.stream().map(this::button).toList());
        Platform.runLater(() -> Rows.reveal(choice));
    }

    private Button button(PartOffers.Offer offer) {
        PicturePane picture = new PicturePane(2, SCALE);
        picture.setMinSize(86, 86);
        picture.setMaxSize(86, 86);
        picture.setMouseTransparent(true);
        picture.show(point -> PartDrawing.draw(offer.plan(), offer.part(), point));
        VBox said = new VBox(text(offer.design().title(), "offer-title"),
                text((offer.fits() ? "✓ " : "✕ ") + offer.verdict().sentence(),
                        offer.fits() ? "offer-good" : "offer-bad"));
        HBox.setHgrow(said, Priority.ALWAYS);
        HBox face = new HBox(picture, said);
        face.getStyleClass().add("offer-face");
        Button button = new Button();
        button.setGraphic(face);
        button.getStyleClass().add("offer");
        button.setId("offer-" + offer.design().id());
        button.setMaxWidth(Double.MAX_VALUE);
        button.setAccessibleText("Add " + offer.design().title() + ". " + offer.verdict().sentence());
        button.setOnAction(press -> add(offer));
        return button;
    }

    private static Text text(String words, String style) {
        Text text = new Text(words);
        text.setWrappingWidth(WORDS);
        text.getStyleClass().add(style);
        return text;
    }

    private void add(PartOffers.Offer offer) {
        close();
        added.accept(offer.name());
        Project shown = work.project();
        work.change(project -> project.equals(shown) ? offer.plan().project() : project);
    }
}
