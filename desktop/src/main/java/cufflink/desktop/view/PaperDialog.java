package cufflink.desktop.view;

import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.paper.PaperRole;
import cufflink.paper.Stock;
import cufflink.stash.StashPaper;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;

/**
 * Edits the paper of one role in a project; it may be taken from the stash. Nothing is taken over until every field is
 * understood.
 */
public final class PaperDialog extends FormDialog<Stock> {
    private final StockFields fields;

    /** {@code stash} is what can be chosen from; it may be empty. */
    public PaperDialog(PaperRole role, Stock stock, List<StashPaper> stash, LengthUnit unit) {
        super("Paper", "Paper for " + role);
        if (!stash.isEmpty()) {
            ComboBox<StashPaper> own = new ComboBox<>();
            own.setId("paper-from-stash");
            own.setPromptText("choose one");
            own.getItems().setAll(stash);
            own.setConverter(new Words<>(paper -> paper.name() + ", "
                    + LengthFormat.of(unit).size(paper.size().width(), paper.size().height()) + " (" + paper.count()
                    + ")"));
            row("From the stash", own);
            fields = new StockFields(this, unit);
            own.valueProperty().addListener(
                    (property, was, is) -> fields.show(is.stock().inSheets(is.size().width(), is.size().height())));
        } else {
            fields = new StockFields(this, unit);
        }
        fields.show(stock);
        endRows();
    }

    @Override
    Optional<Stock> read() {
        return fields.read();
    }
}
