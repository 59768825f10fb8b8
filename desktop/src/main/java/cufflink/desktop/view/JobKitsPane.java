package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.Listening;
import cufflink.desktop.control.Stepper;
import cufflink.desktop.store.ProjectStore;
import cufflink.desktop.work.JobWork;
import cufflink.desktop.work.StashWork;
import cufflink.files.project.KeptJob;
import cufflink.files.project.KeptJob.KeptKit;
import cufflink.job.Job;
import cufflink.job.Reserving;
import cufflink.paper.Stock;
import cufflink.plan.PlanPapers;
import cufflink.plan.Project;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.CompletableFuture;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What a job makes, and of which papers. While it is being cut, nothing of this can be changed. */
final class JobKitsPane extends VBox {
    private static final int SPARE_STEP = 5;

    private final JobWork work;
    private final List<ProjectStore.Kept> projects;
    private final StashWork stash;
    private final Runnable delete;
    private final Runnable pack;
    private final TextField name = new TextField();
    private final VBox rows = new VBox();
    private KeptJob built;
    private Set<String> shown = Set.of();

    JobKitsPane(JobWork work, Listening listening, List<ProjectStore.Kept> projects, StashWork stash, Runnable delete,
            Runnable pack) {
        this.work = work;
        this.projects = projects;
        this.stash = stash;
        this.delete = delete;
        this.pack = pack;
        getStyleClass().add("size-pane");
        name.getStyleClass().add("project-name");
        name.setId("job-name");
        name.setAccessibleText("Name of the job");
        name.focusedProperty().addListener((property, was, is) -> {
            if (!is) {
                rename();
            }
        });
        name.setOnAction(enter -> requestFocus());
        getChildren().addAll(name, rows);
        listening.to(work.jobProperty(), is -> build());
        listening.to(work.planProperty(), change -> papersLater());
        build();
    }

    private void rename() {
        String typed = name.getText().strip();
        String before = work.job().name();
        if (!typed.isEmpty() && !typed.equals(before)) {
            work.change(job -> job.withName(typed));
            stash.change(Reserving.renamed(before, typed, stash.stash()));
        }
        name.setText(work.job().name());
    }

    /**
     * The papers of a job are known when it is planned. A better plan of the same papers leaves the rows alone:
     * something may be being typed.
     */
    private void papersLater() {
        if (!paperStocks().keySet().equals(shown)) {
            built = null;
            build();
        }
    }

    private Map<String, Stock> paperStocks() {
        Map<String, Stock> papers = new TreeMap<>();
        work.planProperty().get().ifPresent(plan -> plan.plans().forEach(each -> PlanPapers.of(each).values()
                .forEach(stock -> papers.putIfAbsent(PlanPapers.material(stock), stock))));
        return papers;
    }

    private void build() {
        KeptJob plain = work.job().at(0, 0);
        if (plain.equals(built)) {
            return;
        }
        built = plain;
        if (!name.isFocused()) {
            name.setText(work.job().name());
        }
        rows.getChildren().clear();
        rows.getChildren().add(Rows.heading("Make"));
        for (int i = 0; i < work.job().kits().size(); i++) {
            rows.getChildren().add(kit(i));
        }
        if (work.isCutting()) {
            rows.getChildren().add(new Fractions("The sheets are fixed since cutting began.", "field-note"));
            rows.getChildren().add(link("Lay out again …", "job-again", work::layOutAgain));
        } else {
            rows.getChildren().add(adder());
            papers();
        }
        if (!work.job().kits().isEmpty()) {
            rows.getChildren().add(link("Pack as kits …", "job-pack", pack));
        }
        rows.getChildren().add(link("Delete this job …", "job-delete", delete));
    }

    private Node kit(int index) {
        KeptKit kit = work.job().kits().get(index);
        String mark = work.job().kits().size() > 1 ? (char) ('A' + index % 26) + "  " : "";
        Label label = new Label(mark + work.project(index).map(Project::name).orElse(kit.project()));
        label.getStyleClass().add("kept-name");
        label.setWrapText(true);
        HBox.setHgrow(label, Priority.ALWAYS);
        label.setMaxWidth(Double.MAX_VALUE);
        Stepper copies = new Stepper("Copies", by -> copies(index, kit.copies() + by),
                text -> CompletableFuture.completedFuture(
                        text.strip().matches("\\d{1,3}") && copies(index, Integer.parseInt(text.strip()))));
        copies.setId("kit-copies-" + index);
        copies.setValue(String.valueOf(kit.copies()), String.valueOf(kit.copies()));
        copies.setDisable(work.isCutting());
        Button away = new Button("✕");
        away.getStyleClass().add("give-back");
        away.setAccessibleText("Take it out of the job");
        away.setMinWidth(USE_PREF_SIZE);
        away.setDisable(work.isCutting());
        away.setOnAction(press -> work.change(job -> job.withKits(without(job.kits(), index))));
        HBox row = new HBox(label, copies, away);
        row.getStyleClass().add("row");
        return row;
    }

    private static <T> List<T> without(List<T> list, int index) {
        List<T> rest = new ArrayList<>(list);
        rest.remove(index);
        return rest;
    }

    private boolean copies(int index, int count) {
        if (count < 1 || count > Project.MOST_COPIES) {
            return false;
        }
        work.change(job -> {
            List<KeptKit> kits = new ArrayList<>(job.kits());
            kits.set(index, new KeptKit(kits.get(index).project(), count));
            return job.withKits(kits);
        });
        return true;
    }

    private Node adder() {
        MenuButton menu = new MenuButton("Add a project");
        menu.setId("job-add");
        for (ProjectStore.Kept kept : projects) {
            MenuItem item = new MenuItem(kept.project().name());
            item.setOnAction(pick -> work.change(job -> {
                List<KeptKit> kits = new ArrayList<>(job.kits());
                kits.add(new KeptKit(kept.file().getFileName().toString(), kept.project().copies()));
                return job.withKits(kits);
            }));
            menu.getItems().add(item);
        }
        menu.setDisable(projects.isEmpty());
        return menu;
    }

    private void papers() {
        Map<String, Stock> papers = paperStocks();
        shown = papers.keySet();
        if (!papers.isEmpty()) {
            rows.getChildren().add(Rows.heading("Papers"));
            papers.forEach((material, stock) -> rows.getChildren().add(Rows.row(stock.name(), instead(material))));
        }
        Stepper spare = new Stepper("Spare sheets, per cent", by -> spare(work.job().sparePercent() + by * SPARE_STEP),
                text -> CompletableFuture.completedFuture(text.strip().replace("%", "").strip().matches("\\d{1,3}")
                        && spare(Integer.parseInt(text.strip().replace("%", "").strip()))));
        spare.setId("job-spare");
        spare.setValue(work.job().sparePercent() + " %", String.valueOf(work.job().sparePercent()));
        rows.getChildren().add(Rows.row("Spare sheets", spare));
    }

    private boolean spare(int percent) {
        if (percent < 0 || percent > Job.MOST_SPARE) {
            return false;
        }
        work.change(job -> job.withSparePercent(percent));
        return true;
    }

    /** Which papers of the stash may take a paper's place. */
    private Node instead(String material) {
        List<String> chosen = work.job().alternatives().getOrDefault(material, List.of());
        MenuButton menu = new MenuButton(
                chosen.isEmpty() ? "only this" : "or " + chosen.size() + (chosen.size() == 1 ? " other" : " others"));
        menu.getStyleClass().add("paper-button");
        menu.setId("instead-" + material.replace(' ', '-'));
        Map<String, String> others = new LinkedHashMap<>();
        stash.stash().papers().forEach(paper -> others.put(PlanPapers.material(paper.stock()), paper.name()));
        others.remove(material);
        others.forEach((other, called) -> {
            CheckMenuItem item = new CheckMenuItem("or " + called);
            item.setSelected(chosen.contains(other));
            item.setOnAction(
                    pick -> work.change(job -> job.withAlternatives(toggled(job.alternatives(), material, other))));
            menu.getItems().add(item);
        });
        menu.setDisable(others.isEmpty());
        return menu;
    }

    private static Map<String, List<String>> toggled(Map<String, List<String>> alternatives, String material,
            String other) {
        Map<String, List<String>> next = new LinkedHashMap<>(alternatives);
        List<String> others = new ArrayList<>(next.getOrDefault(material, List.of()));
        if (!others.remove(other)) {
            others.add(other);
        }
        next.put(material, List.copyOf(others));
        Optional.of(others).filter(List::isEmpty).ifPresent(none -> next.remove(material));
        return next;
    }

    private static Node link(String text, String id, Runnable action) {
        Hyperlink link = new Hyperlink(text);
        link.setId(id);
        link.getStyleClass().add("more");
        link.setOnAction(click -> action.run());
        return link;
    }
}
