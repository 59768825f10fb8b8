package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.Listening;
import cufflink.desktop.control.NewestAnswer;
import cufflink.desktop.store.Background;
import cufflink.desktop.control.Stepper;
import cufflink.desktop.work.StashWork;
import cufflink.files.stash.StashDatabase;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.stash.DieChart;
import cufflink.stash.StashChange;
import cufflink.stash.StashEdit;
import cufflink.stash.StashItem;
import cufflink.stash.StashEnvelope;
import cufflink.stash.StashLimit;
import cufflink.stash.StashPaper;
import cufflink.stash.StashPunch;
import cufflink.stash.StashRibbon;
import cufflink.stash.Ware;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The entry that is picked, with what can be done to it; below it the history of the stash. */
final class StashDetailPane extends VBox {
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("d MMM, HH:mm", Locale.ENGLISH);

    private final StashWork work;
    private final StashWords words;
    private final StashScreen.Actions actions;
    private final NewestAnswer chart;
    private final VBox entry = new VBox();
    private final VBox history = new VBox();

    StashDetailPane(StashWork work, Listening listening, LengthUnit unit, StashScreen.Actions actions) {
        this.work = work;
        this.words = new StashWords(LengthFormat.of(unit));
        this.actions = actions;
        ExecutorService background = Background.thread("die chart");
        listening.atEnd(background::shutdownNow);
        this.chart = new NewestAnswer(background);
        getStyleClass().add("read-out");
        getChildren().addAll(entry, Rows.heading("What was done"), history);
        listening.to(work.historyProperty(), change -> showHistory());
        showHistory();
    }

    void show(Optional<StashItem> picked) {
        entry.getChildren().clear();
        if (picked.isEmpty()) {
            entry.getChildren().add(new Fractions("Pick an entry to see all that is known of it.", "empty"));
            return;
        }
        StashItem item = picked.get();
        entry.getChildren().add(new Fractions(item.name(), "step-title"));
        if (item instanceof StashPaper paper) {
            entry.getChildren().add(count(paper));
        }
        words.facts(item)
                .forEach((what, text) -> entry.getChildren().add(Rows.row(what, new Fractions(text, "stash-fact"))));
        limit(item).ifPresent(entry.getChildren()::add);
        VBox inside = new VBox();
        inside.setId("stash-inside");
        entry.getChildren().add(inside);
        chart.forget();
        if (item instanceof StashPunch punch && punch.die().shape().holdsSomething()) {
            List<StashPunch> all = work.stash().punches();
            chart.ask(() -> new DieChart(all, words.border()).line(punch), line -> words.chart(line)
                    .forEach((what, text) -> inside.getChildren()
                            .add(Rows.row(what, new Fractions(text, "stash-fact")))));
        }
        Button edit = new Button("Change");
        edit.setId("stash-edit");
        edit.setOnAction(press -> actions.edit(item));
        Button remove = new Button("Take out");
        remove.setId("stash-remove");
        remove.setOnAction(press -> work.change(StashChange.of("Took out " + item.name(), StashEdit.removed(item))));
        HBox buttons = new HBox(edit, remove);
        buttons.getStyleClass().add("stash-buttons");
        entry.getChildren().add(buttons);
    }

    /** From how much on down the maker wants to be told. */
    private Optional<Node> limit(StashItem item) {
        Ware ware = item instanceof StashRibbon ? Ware.RIBBON : item instanceof StashEnvelope ? Ware.ENVELOPES
                : Ware.SHEETS;
        if (!(item instanceof StashPaper paper ? !paper.offcut() : ware != Ware.SHEETS)) {
            return Optional.empty();
        }
        Optional<StashLimit> now = work.stash().limits().stream()
                .filter(one -> one.ware() == ware && one.name().equalsIgnoreCase(item.name())).findFirst();
        TextField field = new TextField(now.map(one -> ware.isMeasured() ? words.text(one.length())
                : String.valueOf(one.count())).orElse(""));
        field.setId("stash-limit");
        field.setPrefColumnCount(6);
        field.setMaxWidth(USE_PREF_SIZE);
        field.setPromptText("never");
        field.setAccessibleText("Tell me when there is less than");
        field.setOnAction(enter -> limit(item.name(), ware, now, field.getText().strip()));
        return Optional.of(Rows.row("Tell me below", field));
    }

    private void limit(String name, Ware ware, Optional<StashLimit> now, String typed) {
        if (typed.isEmpty()) {
            now.ifPresent(one -> work.change(StashChange.of("No limit for " + name, StashEdit.removed(one))));
            return;
        }
        Optional<Length> length = ware.isMeasured() ? words.length(typed).filter(Length::isPositive) : Optional.empty();
        if (ware.isMeasured() ? length.isEmpty() : !typed.matches("[1-9]\\d{0,4}")) {
            work.say(ware.isMeasured() ? "Type a length of more than 0, or nothing."
                    : "Type a whole number, or nothing.");
            return;
        }
        StashLimit next = new StashLimit(0, name, ware, ware.isMeasured() ? 0 : Integer.parseInt(typed),
                length.orElse(Length.ZERO));
        work.change(StashChange.of("Tell me when there is less than " + typed + " of " + name,
                now.map(one -> StashEdit.altered(one, next.withId(one.id()))).orElseGet(() -> StashEdit.added(next))));
    }

    private Node count(StashPaper paper) {
        Stepper stepper = new Stepper("Sheets", by -> count(paper, paper.count() + by),
                text -> CompletableFuture.completedFuture(
                        text.strip().matches("\\d{1,5}") && count(paper, Integer.parseInt(text.strip()))));
        stepper.setId("stash-count");
        stepper.setValue(String.valueOf(paper.count()), String.valueOf(paper.count()));
        return Rows.row(paper.offcut() ? "Offcuts" : "Sheets", stepper);
    }

    private boolean count(StashPaper paper, int count) {
        if (count < 0) {
            work.say("There are no fewer than none.");
            return false;
        }
        return count == paper.count() || work.change(StashChange.of("Counted " + count + " × " + paper.name(),
                StashEdit.altered(paper, paper.withCount(count))));
    }

    private void showHistory() {
        history.getChildren().setAll(work.historyProperty().get().stream().map(StashDetailPane::line).toList());
        if (history.getChildren().isEmpty()) {
            history.getChildren().add(new Fractions("Nothing yet.", "empty"));
        }
    }

    private static Node line(StashDatabase.Entry entry) {
        Label time = new Label(
                entry.at().map(at -> TIME.format(at.atZone(ZoneId.systemDefault()))).orElse("time unknown")
                        + (entry.undone() ? ", taken back" : ""));
        time.getStyleClass().add("history-time");
        Fractions words = new Fractions(entry.words(), "history-words");
        if (entry.undone()) {
            words.getStyleClass().add("history-undone");
        }
        VBox line = new VBox(words, time);
        line.getStyleClass().add("history-line");
        return line;
    }
}
