package cufflink.desktop.view;

import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.stash.StashRibbon;
import java.math.BigDecimal;
import java.util.Optional;
import javafx.scene.control.ColorPicker;
import javafx.scene.control.TextField;
import javafx.scene.paint.Color;

/** Edits a ribbon in the stash. */
public final class RibbonDialog extends FormDialog<StashRibbon> {
    private final StashRibbon before;
    private final LengthUnit unit;
    private final TextField name = new TextField();
    private final TextField width = new TextField();
    private final TextField left = new TextField();
    private final TextField price = new TextField();
    private final ColorPicker colour = new ColorPicker();
    private final TextField notes = new TextField();

    public RibbonDialog(StashRibbon ribbon, LengthUnit unit) {
        super("Stash", "Ribbon");
        this.before = ribbon;
        this.unit = unit;
        LengthFormat format = LengthFormat.of(unit);
        name.setText(ribbon.name());
        width.setText(format.text(ribbon.width()));
        left.setText(format.text(ribbon.left()));
        colour.setValue(Color.web(ribbon.colour()));
        price.setText(ribbon.price().map(BigDecimal::toPlainString).orElse(""));
        price.setPromptText("not known");
        notes.setText(ribbon.notes());
        row("Name", name);
        row("Width", width);
        row("Left on the reel", left);
        row("A metre costs", price);
        row("Colour", colour);
        row("Notes", notes);
        endRows();
    }

    @Override
    Optional<StashRibbon> read() {
        Optional<String> called = name(name);
        Optional<Length> across = called.isEmpty() ? Optional.empty() : size("Width", width, unit);
        Optional<Length> along = across.isEmpty() ? Optional.empty() : size("Left on the reel", left, unit);
        if (along.isPresent() && !isPrice("A metre costs", price)) {
            return Optional.empty();
        }
        return along.map(rest -> new StashRibbon(before.id(), called.orElseThrow(), across.orElseThrow(), rest,
                StockFields.hex(colour.getValue()), price(price), notes.getText().strip()));
    }
}
