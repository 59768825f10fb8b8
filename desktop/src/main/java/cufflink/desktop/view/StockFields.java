package cufflink.desktop.view;

import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthReading;
import cufflink.measure.LengthUnit;
import cufflink.paper.NamedSize;
import cufflink.paper.Print;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
import cufflink.paper.Weight;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.collections.FXCollections;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ColorPicker;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.paint.Color;

/** The fields of a paper in a dialog: name, sheet, weight with its basis, caliper, colours, direction, grain. */
final class StockFields {
    private final FormDialog<?> dialog;
    private final LengthUnit unit;
    private final TextField name = new TextField();
    private final ComboBox<String> sheet = new ComboBox<>();
    private final TextField weight = new TextField();
    private final ComboBox<Weight.Basis> basis = new ComboBox<>(
            FXCollections.observableArrayList(Weight.Basis.values()));
    private final TextField caliper = new TextField();
    private final ColorPicker face = new ColorPicker();
    private final ColorPicker back = new ColorPicker();
    private final CheckBox directional = new CheckBox("its pattern has an upright direction");
    private Print print = Print.NOTHING;
    private final ComboBox<Stock.Grain> grain = new ComboBox<>(FXCollections.observableArrayList(Stock.Grain.values()));

    /** Adds the rows to a dialog; sizes are read and shown in a unit. */
    StockFields(FormDialog<?> dialog, LengthUnit unit) {
        this.dialog = dialog;
        this.unit = unit;
        sheet.setEditable(true);
        PublishedSizes.of(NamedSize.Kind.SHEET).forEach(size -> sheet.getItems().add(size.name()));
        basis.setConverter(new Words<>(Weight.Basis::label));
        grain.setConverter(new Words<>(value -> value.name().toLowerCase(Locale.ROOT).replace('_', ' ')));
        dialog.row("Name", name);
        dialog.row("Sheet", sheet);
        dialog.row("Weight", new HBox(6, weight, basis));
        dialog.row("Caliper", caliper);
        dialog.row("", new Label("Measure ten sheets together and divide by ten."));
        dialog.row("Outside", face);
        dialog.row("Inside", back);
        dialog.row("Pattern", directional);
        dialog.row("Grain", grain);
    }

    /** Shows a paper; what is printed on it stays. */
    void show(Stock stock) {
        print = stock.print();
        name.setText(stock.name());
        sheet.setValue(sheetText(stock));
        weight.setText(String.format(Locale.ROOT, "%.0f", stock.weight().amount()));
        basis.setValue(stock.weight().basis());
        caliper.setText(stock.measuredCaliper().map(LengthFormat.of(LengthUnit.MILLIMETRE)::text).orElse(""));
        caliper.setPromptText(
                "estimated: " + LengthFormat.of(LengthUnit.MILLIMETRE).text(stock.weight().estimatedCaliper()));
        face.setValue(Color.web(stock.face()));
        back.setValue(Color.web(stock.back()));
        directional.setSelected(stock.directional());
        grain.setValue(stock.grain());
    }

    private String sheetText(Stock stock) {
        return PublishedSizes.of(NamedSize.Kind.SHEET).stream()
                .filter(size -> size.width().equals(stock.width()) && size.height().equals(stock.height()))
                .findFirst().map(NamedSize::name).orElse(LengthFormat.of(unit).size(stock.width(), stock.height()));
    }

    /** The paper that the fields describe, or nothing after the dialog has been told what is wrong. */
    Optional<Stock> read() {
        sheet.commitValue();
        Optional<NamedSize> named = PublishedSizes.named(NamedSize.Kind.SHEET, String.valueOf(sheet.getValue()));
        LengthReading<List<Length>> size = named.isPresent()
                ? new LengthReading.Understood<>(List.of(named.get().width(), named.get().height()))
                : LengthParser.readSize(String.valueOf(sheet.getValue()), unit);
        if (size.value().isEmpty()) {
            return dialog.fail("Sheet: " + size.message());
        }
        if (!size.value().get().stream().allMatch(Length::isPositive)) {
            return dialog.fail("Sheet: a size must be more than 0 each way.");
        }
        if (!weight.getText().strip().matches("\\d{1,4}([.,]\\d{1,2})?")
                || Double.parseDouble(weight.getText().strip().replace(',', '.')) <= 0) {
            return dialog.fail("Weight: type a number such as 270.");
        }
        Optional<Length> measured = Optional.empty();
        if (!caliper.getText().isBlank()) {
            measured = dialog.size("Caliper", caliper, LengthUnit.MILLIMETRE);
            if (measured.isEmpty()) {
                return Optional.empty();
            }
        }
        if (name.getText().isBlank()) {
            return dialog.fail("Name: give the paper a name.");
        }
        return Optional.of(new Stock(name.getText().strip(), size.value().get().get(0), size.value().get().get(1),
                new Weight(Double.parseDouble(weight.getText().strip().replace(',', '.')), basis.getValue()), measured,
                hex(face.getValue()), hex(back.getValue()),
                directional.isSelected(), grain.getValue(), print));
    }

    /** As papers keep their colours. */
    static String hex(Color color) {
        return String.format(Locale.ROOT, "#%02X%02X%02X", Math.round(color.getRed() * 255),
                Math.round(color.getGreen() * 255), Math.round(color.getBlue() * 255));
    }
}
