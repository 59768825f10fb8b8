package cufflink.desktop.view;

import cufflink.design.PanelRef;
import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.NewestAnswer;
import cufflink.desktop.store.Background;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthParser;
import cufflink.notebook.Effect;
import cufflink.paper.SheetSize;
import cufflink.plan.PanelFit;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.stash.StashPunch;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.stream.Collectors;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ComboBox;
import javafx.scene.control.RadioButton;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.VBox;

/** Makes a panel as large as a die-cut layer with a border round it: the measures that do it, with what they change. */
public final class DieFitDialog extends FormDialog<Project> {
    private final Plan plan;
    private final LengthFormat format;
    private final ComboBox<Map.Entry<PanelRef, String>> panel = new ComboBox<>();
    private final ComboBox<StashPunch> die = new ComboBox<>();
    private final TextField border = new TextField();
    private final VBox ways = new VBox();
    private final ToggleGroup group = new ToggleGroup();
    private final ExecutorService background = Background.thread("panel fit");
    private final NewestAnswer answer = new NewestAnswer(background);
    private final List<StashPunch> dies;

    public DieFitDialog(Plan plan, List<StashPunch> dies) {
        super("A panel for a die", "Make a panel fit what a die cuts");
        this.plan = plan;
        this.dies = dies;
        this.format = plan.format();
        panel.setId("fit-panel");
        panel.getItems().setAll(PanelFit.panels(plan).entrySet());
        panel.setConverter(new Words<>(entry -> entry.getValue() + ", "
                + PanelFit.size(plan, entry.getKey()).map(this::text).orElse("")));
        die.setId("fit-die");
        die.setConverter(new Words<>(punch -> punch.name() + ", cuts " + text(punch.cuts())));
        border.setId("fit-border");
        border.setText(format.text(plan.project().mats().reveal()));
        ways.getStyleClass().add("form-rows");
        ways.setMinHeight(190);
        ways.setPrefWidth(440);
        panel.setOnAction(chosen -> nearest());
        die.setOnAction(chosen -> look());
        border.textProperty().addListener(change -> look());
        row("Panel", panel);
        row("Die", die);
        row("Border all round", border);
        row("", ways);
        endRows();
        setOnHidden(gone -> background.shutdownNow());
        panel.setValue(panel.getItems().stream().min(Comparator.comparing(this::leastOff)).orElseThrow());
        nearest();
    }

    private String text(SheetSize size) {
        return format.size(size.width(), size.height());
    }

    /** The dies in the order of how far the panel would have to move. */
    private void nearest() {
        Optional<SheetSize> size = PanelFit.size(plan, panel.getValue().getKey());
        Length by = plan.project().mats().reveal();
        List<StashPunch> order = new ArrayList<>(dies);
        size.ifPresent(now -> order.sort(Comparator.comparing(punch -> off(punch.die().around(by), now))));
        StashPunch kept = die.getValue();
        die.getItems().setAll(order);
        die.setValue(kept != null && order.contains(kept) && kept == order.get(0) ? kept : order.get(0));
        look();
    }

    private double leastOff(Map.Entry<PanelRef, String> entry) {
        return PanelFit.size(plan, entry.getKey())
                .map(now -> dies.stream()
                        .mapToDouble(punch -> off(punch.die().around(plan.project().mats().reveal()), now)).min()
                        .orElse(0))
                .orElse(Double.MAX_VALUE);
    }

    private static double off(SheetSize wanted, SheetSize now) {
        return wanted.width().minus(now.width()).abs().toMillimetres()
                + wanted.height().minus(now.height()).abs().toMillimetres();
    }

    /** A way with what it does. */
    private record Way(String title, Project project, List<String> lines) {
    }

    private void look() {
        Optional<Length> by = LengthParser.read(border.getText(), format.unit()).value()
                .filter(length -> !length.isNegative());
        group.getToggles().clear();
        if (die.getValue() == null || by.isEmpty()) {
            answer.forget();
            ways.getChildren().setAll(new Fractions("Type a border of 0 or more.", "field-note"));
            return;
        }
        ways.getChildren().setAll(new Fractions("Looking for measures that do it …", "field-note"));
        PanelRef wanted = panel.getValue().getKey();
        SheetSize size = die.getValue().die().around(by.get());
        answer.ask(() -> PanelFit.offers(plan, wanted, size).stream()
                .map(offer -> new Way(title(offer), offer.plan().project(),
                        Effect.of(plan, offer.plan().project()).orThrow().lines()))
                .toList(), found -> show(size, found));
    }

    private String title(PanelFit.Offer offer) {
        return offer.set().entrySet().stream().map(entry -> plan.measures().get(entry.getKey()).orElseThrow()
                .definition().label() + " " + format.text(entry.getValue())).collect(Collectors.joining(", "));
    }

    private void show(SheetSize size, List<Way> found) {
        group.getToggles().clear();
        ways.getChildren().setAll(new Fractions("The panel would be " + text(size) + ".", "field-note"));
        if (found.isEmpty()) {
            ways.getChildren().add(new Fractions("No measure of this design makes it so. Take another die or border, "
                    + "or lay what is cut on the panel as an ornament.", "step-text"));
        }
        for (Way way : found) {
            if (way.project().equals(plan.project())) {
                ways.getChildren().add(new Fractions("It is so large already.", "step-text"));
                continue;
            }
            RadioButton button = new RadioButton(way.title());
            button.setToggleGroup(group);
            button.setUserData(way.project());
            button.getStyleClass().add("shelf-tick");
            button.setSelected(group.getSelectedToggle() == null);
            VBox rest = new VBox(button);
            way.lines().forEach(line -> rest.getChildren().add(new Fractions(line, "field-note")));
            ways.getChildren().add(rest);
        }
        if (isShowing()) {
            getDialogPane().getScene().getWindow().sizeToScene();
        }
        getDialogPane().lookupButton(ButtonType.OK).setDisable(group.getSelectedToggle() == null);
    }

    @Override
    Optional<Project> read() {
        return group.getSelectedToggle() == null ? fail("Choose a way, or cancel.")
                : Optional.of((Project) group.getSelectedToggle().getUserData());
    }
}
