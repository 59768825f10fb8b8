package cufflink.desktop.view;

import cufflink.design.CreaseRef;
import cufflink.design.Face;
import cufflink.drawing.LayerColours;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.stack.ClosedStack;
import cufflink.stack.StackLayer;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import org.locationtech.jts.geom.Coordinate;

/** The layers at a place of the closed card, front first, with their thicknesses, and what each fold goes round. */
final class LayersPane extends ScrollPane {
    private static final LengthFormat MILLIMETRES = LengthFormat.of(LengthUnit.MILLIMETRE);
    /** Less than this needs no room at a fold. */
    private static final Length NOTHING = Length.ofMicrometres(400);

    private final VBox rows = new VBox();

    LayersPane() {
        setId("layers-pane");
        getStyleClass().add("layers-pane");
        rows.getStyleClass().add("layer-rows");
        setContent(rows);
        setFitToWidth(true);
        setHbarPolicy(ScrollBarPolicy.NEVER);
    }

    /** Nothing closes, so nothing is shown. */
    void clear() {
        rows.getChildren().setAll(line("It does not close yet: see the checks.", "layer-note"));
    }

    /** The layers at a place; {@code thickest} says that it is the thickest one. */
    void show(Plan plan, Coordinate place, boolean thickest) {
        ClosedStack stack = plan.stack().orElseThrow();
        List<StackLayer> here = stack.at(place);
        rows.getChildren()
                .setAll(line(
                        thickest ? "At the thickest place" : here.isEmpty() ? "Beside the card" : "Where you tapped",
                        "layer-title"));
        rows.getChildren().add(line("Front first. Tap the card to look elsewhere.", "layer-note"));
        for (int i = 0; i < here.size(); i++) {
            rows.getChildren().add(row(plan, i + 1, here.get(i)));
        }
        Length sum = here.stream().map(StackLayer::thickness).reduce(Length.ZERO, Length::plus);
        rows.getChildren().add(line(MILLIMETRES.text(sum) + " thick", "layer-sum"));
        spines(stack);
    }

    private static HBox row(Plan plan, int number, StackLayer layer) {
        Region swatch = new Region();
        swatch.getStyleClass().add("paper-swatch");
        swatch.setStyle("-fx-background-color: " + LayerColours.of(plan, layer, Face.OUTSIDE) + ";");
        Label name = new Label(number + "  " + name(layer) + pattern(plan, layer));
        name.setWrapText(true);
        HBox.setHgrow(name, Priority.ALWAYS);
        name.setMaxWidth(Double.MAX_VALUE);
        Label thickness = new Label(MILLIMETRES.text(layer.thickness()));
        thickness.setMinWidth(Region.USE_PREF_SIZE);
        HBox row = new HBox(swatch, name, thickness);
        row.getStyleClass().add("layer-row");
        return row;
    }

    private static String name(StackLayer layer) {
        return layer.kind() == StackLayer.Kind.PANEL ? layer.label() + ", " + layer.facing().word() + " to the front"
                : layer.label().toLowerCase(Locale.ROOT);
    }

    /** Which way up a pattern with a direction stands. */
    private static String pattern(Plan plan, StackLayer layer) {
        if (LayerColours.paper(plan, layer).filter(Stock::directional).isEmpty()) {
            return "";
        }
        return switch (layer.turned()) {
            case 0 -> ", pattern upright";
            case 180 -> ", pattern upside down";
            default -> ", pattern turned by " + layer.turned() + "°";
        };
    }

    private void spines(ClosedStack stack) {
        List<Map.Entry<CreaseRef, Length>> wide = stack.enclosed().entrySet().stream()
                .filter(entry -> entry.getValue().isLongerThan(NOTHING)).toList();
        if (!wide.isEmpty()) {
            rows.getChildren().add(line("Folds that go round something", "layer-title"));
            wide.forEach(entry -> rows.getChildren().add(
                    line(entry.getKey().crease() + ": room for " + MILLIMETRES.text(entry.getValue()), "layer-note")));
        }
    }

    private static Label line(String text, String style) {
        Label label = new Label(text);
        label.getStyleClass().add(style);
        label.setWrapText(true);
        return label;
    }
}
