package cufflink.desktop.view;

import cufflink.design.PanelRef;
import cufflink.mat.MatSettings;
import cufflink.measure.ExactText;
import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import cufflink.plan.Plan;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.collections.FXCollections;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;

/**
 * Layers panel by panel: where a panel takes more, fewer or none, or another border. Empty means: as for every panel.
 */
public final class LayersDialog extends FormDialog<MatSettings> {
    private static final String USUAL = "as for all";

    private record Row(PanelRef panel, ComboBox<String> layers, TextField reveal) {
    }

    private final MatSettings settings;
    private final LengthUnit unit;
    private final List<Row> rows = new ArrayList<>();

    public LayersDialog(Plan plan) {
        super("Layers", "Layers, panel by panel");
        settings = plan.project().mats();
        unit = plan.project().unit();
        row("Panel", new Label("Layers"), new Label("Border"));
        for (var mat : plan.design().mats()) {
            Optional<MatSettings.OnPanel> own = Optional.ofNullable(settings.byPanel().get(mat.on()));
            ComboBox<String> layers = new ComboBox<>(
                    FXCollections.observableArrayList(USUAL, "0", "1", "2", "3", "4", "5"));
            layers.setValue(own.flatMap(MatSettings.OnPanel::layers).map(String::valueOf).orElse(USUAL));
            TextField reveal = new TextField(own.flatMap(MatSettings.OnPanel::reveal).map(ExactText::of).orElse(""));
            reveal.setPromptText(plan.format().text(settings.reveal()));
            rows.add(new Row(mat.on(), layers, reveal));
            row(mat.label() + ", " + mat.face().word(), layers, reveal);
        }
        endRows();
    }

    @Override
    Optional<MatSettings> read() {
        Map<PanelRef, MatSettings.OnPanel> byPanel = new LinkedHashMap<>();
        for (Row row : rows) {
            Optional<Integer> layers = row.layers().getValue().equals(USUAL) ? Optional.empty()
                    : Optional.of(Integer.valueOf(row.layers().getValue()));
            Optional<Length> reveal = Optional.empty();
            if (!row.reveal().getText().isBlank()) {
                reveal = size("Border", row.reveal(), unit);
                if (reveal.isEmpty()) {
                    return Optional.empty();
                }
            }
            Optional<MatSettings.OnPanel> before = Optional.ofNullable(settings.byPanel().get(row.panel()));
            Optional<Length> width = before.flatMap(MatSettings.OnPanel::width);
            Optional<Length> height = before.flatMap(MatSettings.OnPanel::height);
            if (layers.isPresent() || reveal.isPresent() || width.isPresent()) {
                byPanel.put(row.panel(), new MatSettings.OnPanel(layers, reveal, width, height));
            }
        }
        return Optional.of(new MatSettings(settings.layers(), settings.reveal(), byPanel));
    }
}
