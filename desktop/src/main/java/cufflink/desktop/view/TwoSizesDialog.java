package cufflink.desktop.view;

import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.paper.SheetSize;
import cufflink.stash.StashEnvelope;
import cufflink.stash.StashItem;
import java.math.BigDecimal;
import java.util.Optional;
import javafx.scene.control.TextField;

/** Edits an entry of the stash with one size that it has and one that the maker found: envelopes, punches and dies. */
public final class TwoSizesDialog extends FormDialog<StashItem> {
    private final StashItem before;
    private final LengthUnit unit;
    private final TextField name = new TextField();
    private final TextField size = new TextField();
    private final TextField found = new TextField();
    private final TextField count = new TextField();
    private final TextField price = new TextField();
    private final TextField notes = new TextField();

    public TwoSizesDialog(StashEnvelope envelope, LengthUnit unit) {
        this(envelope, "Envelopes of one kind", unit);
        rows("On the packet", envelope.size(), "Measured inside", "not measured yet", envelope.measured(),
                envelope.notes());
        count.setText(String.valueOf(envelope.count()));
        row("How many", count);
        price.setText(envelope.price().map(BigDecimal::toPlainString).orElse(""));
        price.setPromptText("not known");
        row("One costs", price);
        endRows();
    }

    private TwoSizesDialog(StashItem item, String header, LengthUnit unit) {
        super("Stash", header);
        this.before = item;
        this.unit = unit;
        name.setText(item.name());
    }

    private void rows(String sizeName, SheetSize first, String foundName, String without, Optional<SheetSize> second,
            String note) {
        LengthFormat format = LengthFormat.of(unit);
        size.setText(format.size(first.width(), first.height()));
        found.setText(second.map(known -> format.size(known.width(), known.height())).orElse(""));
        found.setPromptText(without);
        notes.setText(note);
        row("Name", name);
        row(sizeName, size);
        row(foundName, found);
        row("Notes", notes);
    }

    @Override
    Optional<StashItem> read() {
        Optional<String> called = name(name);
        Optional<SheetSize> has = called.isEmpty() ? Optional.empty() : sheetSize("Size", size, unit);
        if (has.isEmpty()) {
            return Optional.empty();
        }
        Optional<SheetSize> second = found.getText().isBlank() ? Optional.empty()
                : sheetSize("The size found", found, unit);
        if (second.isEmpty() && !found.getText().isBlank()) {
            return Optional.empty();
        }
        if (!isPrice("One costs", price)) {
            return Optional.empty();
        }
        return count("How many", count).map(number -> new StashEnvelope(before.id(), called.get(), has.get(), second,
                number, price(price), notes.getText().strip()));
    }
}
