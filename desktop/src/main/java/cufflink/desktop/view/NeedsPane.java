package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.desktop.work.StashWork;
import cufflink.measure.LengthFormat;
import cufflink.stash.Availability;
import cufflink.stash.Availability.Amount;
import cufflink.stash.Availability.Line;
import cufflink.stash.StashChange;
import cufflink.stash.StashEdit;
import cufflink.stash.StashReservation;
import java.util.List;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What is set aside for which job, what is short from when, what is running low. */
final class NeedsPane extends VBox {
    private final StashWork work;
    private final LengthFormat format;

    NeedsPane(StashWork work, LengthFormat format, StashScreen.Actions actions) {
        this.work = work;
        this.format = format;
        getStyleClass().add("needs");
        List<Line> lines = Availability.of(work.stash()).stream()
                .filter(line -> !line.by().isEmpty() || line.limit().isPresent()).toList();
        if (lines.isEmpty()) {
            getChildren()
                    .add(new Fractions("Nothing is set aside. A job sets aside what it needs (Jobs, “Set it aside”); "
                            + "an entry tells you when it runs low once you say how much you want to have.", "empty"));
            return;
        }
        Button list = NotebookScreen.button("Shopping list", "stash-shopping", actions::shoppingList);
        list.getStyleClass().add("main-action");
        list.setDisable(Availability.toBuy(work.stash()).isEmpty());
        getChildren().add(list);
        lines.forEach(line -> getChildren().add(line(line)));
    }

    private String amount(Amount amount) {
        return amount.ware().isMeasured() ? format.text(amount.length()) : String.valueOf(amount.value());
    }

    private VBox line(Line line) {
        Fractions name = new Fractions(line.thing().name()
                + line.thing().size().map(size -> ", " + format.size(size.width(), size.height())).orElse(""),
                "needs-name");
        HBox.setHgrow(name, Priority.ALWAYS);
        Fractions counts = new Fractions(amount(line.has()) + " there, " + amount(line.reserved()) + " set aside");
        HBox head = new HBox(name, counts);
        head.getStyleClass().add("needs-head");
        VBox box = new VBox(head);
        box.getStyleClass().add("needs-line");
        line.shortOf().ifPresent(first -> box.getChildren().add(new Fractions("✗ " + amount(positive(line)) + " short"
                + (first.by().isEmpty() ? "" : " from " + first.by()) + ", for " + first.job() + ".", "needs-short")));
        if (line.isLow() && line.shortOf().isEmpty()) {
            box.getChildren().add(new Fractions("▲ You want at least "
                    + line.limit().map(limit -> limit.ware().isMeasured() ? format.text(limit.length())
                            : String.valueOf(limit.count())).orElse("")
                    + "; " + amount(line.free()) + " are left.", "needs-low"));
        }
        line.by().forEach(one -> box.getChildren().add(reservation(one)));
        return box;
    }

    private static Amount positive(Line line) {
        return new Amount(line.free().ware(), Math.abs(line.free().value()));
    }

    private HBox reservation(StashReservation one) {
        Label words = new Label(one.job() + (one.by().isEmpty() ? "" : ", wanted by " + one.by()) + ": "
                + (one.ware().isMeasured() ? format.text(one.length()) : one.count()));
        words.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(words, Priority.ALWAYS);
        Button free = new Button("✕");
        free.getStyleClass().add("part-remove");
        free.setMinWidth(USE_PREF_SIZE);
        free.setAccessibleText("Give free what is set aside for " + one.job());
        free.setOnAction(press -> work.change(StashChange.of("No more set aside: " + one.name() + " for " + one.job(),
                StashEdit.removed(one))));
        HBox row = new HBox(words, free);
        row.getStyleClass().add("needs-by");
        return row;
    }
}
