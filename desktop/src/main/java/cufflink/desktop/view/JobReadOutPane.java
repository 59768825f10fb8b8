package cufflink.desktop.view;

import cufflink.cut.Cut;
import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.Listening;
import cufflink.desktop.work.JobWork;
import cufflink.desktop.work.StashWork;
import cufflink.job.AlikeSheets;
import cufflink.job.JobCutting;
import cufflink.job.JobMessages;
import cufflink.job.JobPlan;
import cufflink.job.JobSheet;
import cufflink.job.Purchase;
import cufflink.job.Reserving;
import cufflink.measure.LengthFormat;
import cufflink.stash.Availability;
import cufflink.stash.StashReservation;
import cufflink.stash.Taken;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.DatePicker;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The sheet in hand with its numbers, big; what the job takes and what to buy; questions about the stash. */
final class JobReadOutPane extends VBox {
    private static final int MANY = 6;
    /** Letters of a decimal figure above which it is not set very large. */
    private static final int LONG = 5;

    private final JobWork work;
    private final StashWork stash;
    private final LengthFormat format;
    private final SheetWords words;
    private final VBox sheet = new VBox();
    private final VBox job = new VBox();
    private final WhatIfPane questions;

    JobReadOutPane(JobWork work, StashWork stash, Listening listening, LengthFormat format) {
        this.work = work;
        this.stash = stash;
        this.format = format;
        this.words = new SheetWords(format);
        this.questions = new WhatIfPane(work, stash, listening, format);
        getStyleClass().add("read-out");
        job.getStyleClass().add("job-summary");
        getChildren().addAll(job, sheet, questions);
        listening.to(work.jobProperty(), change -> show());
        listening.to(work.planProperty(), change -> show());
        listening.to(work.searchingProperty(), change -> show());
        show();
    }

    private void show() {
        sheet.getChildren().clear();
        job.getChildren().clear();
        work.sheet().ifPresent(this::showSheet);
        work.job().cutting().ifPresentOrElse(this::showCutting, this::showPlan);
        getChildren().setAll(work.isCutting() ? List.of(sheet, job, questions) : List.of(job, questions, sheet));
        questions.setVisible(!work.isCutting());
        questions.setManaged(!work.isCutting());
    }

    private void showSheet(JobSheet now) {
        int sheets = work.sheetsProperty().get().size();
        AlikeSheets entry = AlikeSheets.of(work.sheetsProperty().get()).stream()
                .filter(each -> each.has(work.job().sheet())).findFirst().orElseThrow();
        // Each sheet is ticked by itself; until then those alike are one.
        boolean several = entry.count() > 1 && !work.isCutting();
        sheet.getChildren().add(Rows.heading(several ? "Sheets " + entry.numbers() + " of " + sheets + ", alike"
                : "Sheet " + (work.job().sheet() + 1) + " of " + sheets));
        sheet.getChildren().add(new Fractions(words.sheet(now), "step-title"));
        List<Cut> cuts = now.layout().cuts();
        FlowPane numbers = new FlowPane();
        numbers.getStyleClass().addAll("numbers",
                cuts.size() > MANY || cuts.stream().map(cut -> format.number(cut.at()))
                        .anyMatch(figure -> figure.contains(".") && figure.length() > LONG) ? "numbers-many"
                                : "numbers-few");
        for (int i = 0; i < cuts.size(); i++) {
            numbers.getChildren().add(number(now, i));
        }
        long alike = work.sheetsProperty().get().stream().filter(now::isAlike).count();
        String many = alike < 2 ? ""
                : " " + alike + " sheets are cut like this: cut all of them at each setting of the fence.";
        sheet.getChildren().addAll(numbers, new Fractions(words.gives(now) + many, "step-text"));
        cuts.stream().filter(
                cut -> cut.length().isLongerThan(work.tools().trimmerLength())).findFirst().ifPresent(
                        cut -> sheet.getChildren().add(new Fractions(
                                "▲ Cut " + cut.number() + " is " + format.text(cut.length())
                                        + " long, longer than the trimmer: knife and metal rule with a lip.",
                                "caution")));
        words.settings(now).forEach(setting -> sheet.getChildren().add(new Fractions(setting, "why")));
    }

    private Node number(JobSheet now, int index) {
        Cut cut = now.layout().cuts().get(index);
        String which = SheetWords.cut(now, index);
        Fractions value = new Fractions(format.number(cut.at()), "number-value");
        Label label = new Label(which);
        label.getStyleClass().add("number-label");
        label.setWrapText(true);
        VBox box = new VBox(value, label);
        box.getStyleClass().addAll("number", index == work.job().cut() ? "number-now" : "number-later");
        box.setAccessibleText(format.text(cut.at()) + ", " + which);
        box.setOnMouseClicked(click -> work.pickCut(index));
        return box;
    }

    private void showCutting(JobCutting cutting) {
        boolean done = cutting.done().get(work.job().sheet());
        Button tick = button(done ? "Not cut after all (X)" : "It is cut (X)", "sheet-done", () -> work.setDone(!done));
        tick.getStyleClass().add(done ? "plain-action" : "main-action");
        sheet.getChildren().add(tick);
        job.getChildren().add(Rows.heading("The job"));
        job.getChildren().add(new Fractions(cutting.doneCount() + " of " + cutting.sheets().size() + " sheets are cut.",
                "step-text"));
        if (!cutting.strands().isEmpty()) {
            job.getChildren().add(Rows.heading("Ribbon and string"));
            cutting.strands()
                    .forEach(strand -> job.getChildren().add(new JobStrandRow(strand, work, stash.stash(), format)));
        }
        Taken waiting = cutting.toTake();
        if (!waiting.isEmpty()) {
            int sheets = waiting.sheets().size();
            List<String> what = new ArrayList<>();
            if (sheets > 0) {
                what.add(sheets == 1 ? "1 sheet that is cut" : sheets + " sheets that are cut");
            }
            if (!waiting.strands().isEmpty()) {
                what.add("the ribbon or string that is cut");
            }
            job.getChildren().add(
                    new Fractions("Still counted in the stash: " + String.join(", ", what) + ".", "step-text"));
            job.getChildren().add(button("Take out of the stash", "job-take", work::take));
        }
    }

    private void showPlan() {
        job.getChildren().add(Rows.heading("The job"));
        if (work.searchingProperty().get()) {
            Label looking = new Label(
                    work.planProperty().get().isPresent() ? "Looking for fewer sheets …" : "Laying out …");
            HBox row = new HBox(looking, button("Stop", "job-stop", work::stopSearch));
            row.getStyleClass().add("job-searching");
            row.setId("job-searching");
            job.getChildren().add(row);
        }
        work.planProperty().get().ifPresentOrElse(this::showPlan, () -> {
            if (work.job().kits().isEmpty()) {
                job.getChildren().add(new Fractions("Add a project on the left, and how many of it.", "empty"));
            }
        });
    }

    private void showPlan(JobPlan plan) {
        Fractions headline = new Fractions(JobMessages.headline(plan), "step-title");
        headline.setId("job-headline");
        job.getChildren().add(headline);
        if (!plan.purchases().isEmpty()) {
            job.getChildren().add(Rows.heading("To buy"));
            plan.purchases().forEach(purchase -> job.getChildren().add(purchase(purchase)));
            plan.cost().ifPresent(cost -> job.getChildren().add(Rows.row("In all"
                    + (plan.purchases().stream().allMatch(each -> each.price().isPresent()) ? "" : ", as far as known"),
                    cost(cost.toPlainString()))));
        }
        List<String> strands = JobMessages.strands(plan.strands(), plan.stash(), format);
        if (!strands.isEmpty()) {
            job.getChildren().add(Rows.heading("Ribbon and string"));
            strands.forEach(line -> job.getChildren().add(new Fractions(line, "job-strand")));
        }
        if (plan.layout().unplaced().isEmpty()) {
            Button begin = button("Begin cutting", "job-begin", work::beginCutting);
            begin.getStyleClass().add("main-action");
            job.getChildren().add(begin);
            setAside(plan);
        }
    }

    /** What the job needs, set aside in the stash until it is cut. */
    private void setAside(JobPlan plan) {
        List<StashReservation> aside = stash.stash().reservations().stream()
                .filter(one -> one.job().equals(plan.job().name())).toList();
        DatePicker by = new DatePicker(aside.stream().map(StashReservation::by).filter(day -> !day.isEmpty())
                .findFirst().map(LocalDate::parse).orElse(null));
        by.setId("job-by");
        by.setPromptText("any day");
        by.setAccessibleText("Wanted by");
        by.setPrefWidth(150);
        Button set = button(aside.isEmpty() ? "Set it aside" : "Set aside anew", "job-set-aside", () -> {
            String day = by.getValue() == null ? "" : by.getValue().toString();
            stash.change(Reserving.change(plan, day, stash.stash()));
            show();
        });
        job.getChildren().addAll(Rows.heading("In the stash"), Rows.row("Wanted by", by));
        HBox row = new HBox(6, set);
        if (!aside.isEmpty()) {
            row.getChildren().add(button("Give it free", "job-release", () -> {
                stash.change(Reserving.release(plan.job().name(), stash.stash()));
                show();
            }));
            long lacking = Availability.of(stash.stash()).stream()
                    .filter(line -> line.by().stream().anyMatch(aside::contains) && line.shortOf().isPresent()).count();
            job.getChildren().add(new Fractions("✓ Set aside."
                    + (lacking == 0 ? "" : " Short: see the stash, under “Set aside and short”."), "step-text"));
        }
        job.getChildren().add(row);
    }

    private Node purchase(Purchase purchase) {
        String spare = purchase.spare() > 0 ? " (" + purchase.spare() + " spare)" : "";
        String text = purchase.count() + " × " + purchase.stock().name() + ", "
                + format.size(purchase.stock().width(), purchase.stock().height()) + spare;
        return Rows.row(text, cost(purchase.cost().map(cost -> cost.toPlainString()).orElse("no price")));
    }

    private static Label cost(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("job-cost");
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    private static Button button(String text, String id, Runnable action) {
        Button button = new Button(text);
        button.setId(id);
        button.setFocusTraversable(true);
        button.setMinWidth(USE_PREF_SIZE);
        button.setOnAction(press -> action.run());
        return button;
    }
}
