package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.Listening;
import cufflink.desktop.work.JobWork;
import cufflink.desktop.work.StashWork;
import cufflink.job.JobPlan;
import cufflink.job.WhatIf;
import cufflink.measure.LengthFormat;
import cufflink.plan.Plan;
import cufflink.problem.Outcome;
import cufflink.stash.Stash;
import cufflink.stash.StashPaper;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.layout.VBox;

/** Questions about the stash for the first project of a job; each is answered beside the window. */
final class WhatIfPane extends VBox {
    private final JobWork work;
    private final StashWork stash;
    private final LengthFormat format;
    private final VBox lines = new VBox();
    private final Fractions answer = new Fractions("", "step-text");

    WhatIfPane(JobWork work, StashWork stash, Listening listening, LengthFormat format) {
        this.work = work;
        this.stash = stash;
        this.format = format;
        answer.setId("what-if-answer");
        getChildren().addAll(lines, answer);
        listening.to(work.planProperty(), change -> build());
        listening.to(stash.stashProperty(), change -> build());
        build();
    }

    private void build() {
        lines.getChildren().clear();
        work.planProperty().get().ifPresent(plan -> {
            String name = plan.job().kits().get(0).project().name();
            lines.getChildren().add(Rows.heading("What if"));
            lines.getChildren()
                    .add(question("How many “" + name + "” are in the stash?", "what-if-many", () -> howMany(plan)));
            lines.getChildren()
                    .add(question("Which papers can make the card?", "what-if-papers", () -> whichPapers(plan)));
            lines.getChildren().add(offcuts(plan));
        });
    }

    private Hyperlink question(String text, String id, Supplier<String> found) {
        Hyperlink link = new Hyperlink(text);
        link.setId(id);
        link.getStyleClass().add("more");
        link.setWrapText(true);
        link.setOnAction(click -> ask(found));
        return link;
    }

    private void ask(Supplier<String> found) {
        answer.setText("Working it out …");
        CompletableFuture.supplyAsync(found).whenComplete((text, fault) -> Platform.runLater(() -> {
            answer.setText(fault == null ? text : "");
            if (fault != null) {
                throw new IllegalStateException("a question about the stash failed", fault);
            }
        }));
    }

    private String howMany(JobPlan plan) {
        int copies = WhatIf.howMany(plan.plans().get(0), plan.stash(), plan.job().tools());
        return copies == 0 ? "Not one: some paper of it is missing."
                : "At least " + copies + ", each with all its layers.";
    }

    private String whichPapers(JobPlan plan) {
        List<WhatIf.Gives> papers = WhatIf.whichPapers(plan.plans().get(0), plan.stash(), plan.job().tools());
        return papers.isEmpty() ? "None of them is large enough."
                : papers.stream().map(gives -> gives.paper() + ": " + gives.copies()).collect(Collectors.joining("\n"));
    }

    private ComboBox<StashPaper> offcuts(JobPlan plan) {
        Stash now = stash.stash();
        ComboBox<StashPaper> box = new ComboBox<>();
        box.setId("what-if-size");
        box.setPromptText("What size out of one …");
        box.getItems().setAll(now.papers().stream().filter(paper -> paper.count() > 0).toList());
        box.setConverter(new Words<>(paper -> paper.name() + ", "
                + format.size(paper.size().width(), paper.size().height()) + (paper.offcut() ? ", offcut" : "")));
        box.setMaxWidth(Double.MAX_VALUE);
        box.valueProperty().addListener((property, was, is) -> ask(() -> size(plan, is)));
        return box;
    }

    private String size(JobPlan plan, StashPaper paper) {
        Outcome<Plan> fitted = WhatIf.sizeFrom(plan.job().kits().get(0).project(), paper);
        return fitted.value().filter(found -> found.stack().isPresent())
                .map(found -> "Closed "
                        + format.size(found.closedWidth().orElseThrow(), found.closedHeight().orElseThrow()) + ".")
                .orElseGet(() -> fitted.problems().stream().map(problem -> problem.text())
                        .collect(Collectors.joining(" ")));
    }
}
