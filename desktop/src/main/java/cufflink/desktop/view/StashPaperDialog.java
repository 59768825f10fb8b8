package cufflink.desktop.view;

import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.paper.Print;
import cufflink.paper.SheetSize;
import cufflink.paper.Stock;
import cufflink.paper.Swatch;
import cufflink.stash.StashPaper;
import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.stage.FileChooser;

/** Edits sheets or offcuts in the stash. */
public final class StashPaperDialog extends FormDialog<StashPaper> {
    private final StashPaper before;
    private final LengthUnit unit;
    private final StockFields stock;
    private final TextField measured = new TextField();
    private final ComboBox<Swatch> swatch = new ComboBox<>();
    private final CheckBox twoSided = new CheckBox("both sides are patterned");
    private final FacePictureRow picture;
    private final TextField count = new TextField();
    private final TextField price = new TextField();
    private final TextField notes = new TextField();

    /** {@code images} asks for the file of a picture. */
    public StashPaperDialog(StashPaper paper, LengthUnit unit, Function<FileChooser, Optional<Path>> images) {
        super("Stash", paper.offcut() ? "Offcuts of one paper and size" : "Sheets of one paper and size");
        this.before = paper;
        this.unit = unit;
        stock = new StockFields(this, unit);
        stock.show(paper.stock());
        measured.setText(
                paper.measured().map(size -> LengthFormat.of(unit).size(size.width(), size.height())).orElse(""));
        measured.setPromptText("as on the packet");
        swatch.getItems().setAll(Swatch.values());
        swatch.setConverter(new Words<>(Swatch::word));
        swatch.setValue(paper.stock().print().swatch());
        twoSided.setSelected(paper.stock().print().isOnBoth());
        picture = new FacePictureRow(this, unit, images, paper.stock().print().picture());
        count.setText(String.valueOf(paper.count()));
        count.setId("stash-paper-count");
        price.setText(paper.price().map(BigDecimal::toPlainString).orElse(""));
        price.setPromptText("not known");
        notes.setText(paper.notes());
        row("Measured", measured);
        row("Drawn as", swatch);
        row("", twoSided);
        row("Picture of it", picture.row());
        row("How many", count);
        row("A sheet costs", price);
        row("Notes", notes);
        endRows();
    }

    @Override
    Optional<StashPaper> read() {
        Optional<Stock> paper = stock.read();
        Optional<Integer> sheets = paper.isEmpty() ? Optional.empty() : count("How many", count);
        if (sheets.isEmpty()) {
            return Optional.empty();
        }
        if (!picture.isUnderstood()) {
            return Optional.empty();
        }
        Optional<SheetSize> found = measured.getText().isBlank() ? Optional.empty()
                : sheetSize("Measured", measured, unit);
        if (!measured.getText().isBlank() && found.isEmpty()) {
            return Optional.empty();
        }
        if (!isPrice("A sheet costs", price)) {
            return Optional.empty();
        }
        Print print = Print.of(swatch.getValue(), twoSided.isSelected()).withPicture(picture.picture());
        return Optional.of(new StashPaper(before.id(), paper.get().withPrint(print), found, before.offcut(),
                sheets.get(), price(price), notes.getText().strip()));
    }
}
