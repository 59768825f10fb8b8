package cufflink.desktop.view;

import cufflink.desktop.control.Listening;
import cufflink.desktop.control.NewestAnswer;
import cufflink.desktop.control.Stepper;
import cufflink.desktop.store.Background;
import cufflink.desktop.work.Workspace;
import cufflink.fit.Wish;
import cufflink.mat.MatSettings;
import cufflink.measure.Length;
import cufflink.paper.NamedSize;
import cufflink.paper.NamedSize.Kind;
import cufflink.paper.PaperRole;
import cufflink.paper.PublishedSizes;
import cufflink.paper.SheetSize;
import cufflink.paper.Stock;
import cufflink.plan.EnvelopeOffers;
import cufflink.plan.Project;
import cufflink.score.ScoringStyle;
import cufflink.stash.StashEnvelope;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.function.IntUnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.TextArea;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;

/** The rows about making: layers, papers, copies, envelope, scoring, notes. */
final class MakingRows {
    private static final String NO_ENVELOPE = "none chosen";

    private final NewestAnswer fitting;
    private final Workspace work;
    private final SizePane.Dialogs dialogs;
    private final LiveRows live;

    MakingRows(Workspace work, Listening listening, SizePane.Dialogs dialogs, LiveRows live) {
        ExecutorService background = Background.thread("envelopes");
        listening.atEnd(background::shutdownNow);
        this.fitting = new NewestAnswer(background);
        this.work = work;
        this.dialogs = dialogs;
        this.live = live;
    }

    Node layers() {
        Stepper stepper = new Stepper("Layers", by -> setLayers(layers -> layers + by),
                text -> live.typedCount(text, 0, MatSettings.MOST_LAYERS, typed -> setLayers(layers -> typed)));
        live.onPlan(plan -> stepper.setValue(String.valueOf(plan.project().mats().layers()),
                String.valueOf(plan.project().mats().layers())));
        return Rows.row("On each panel", stepper);
    }

    private CompletableFuture<Boolean> setLayers(IntUnaryOperator count) {
        return work.change(project -> project.withMats(project.mats().withLayers(
                Math.max(0, Math.min(MatSettings.MOST_LAYERS, count.applyAsInt(project.mats().layers()))))));
    }

    Node reveal() {
        Stepper stepper = new Stepper("Border showing", by -> work.change(project -> {
            Length next = project.mats().reveal().plus(project.step().length().times(by));
            return next.isPositive() ? project.withMats(project.mats().withReveal(next)) : project;
        }), text -> live.typedSize(text,
                length -> work.change(project -> project.withMats(project.mats().withReveal(length)))));
        live.onPlan(plan -> stepper.setValue(plan.format().number(plan.project().mats().reveal()),
                plan.format().text(plan.project().mats().reveal())));
        return Rows.row("Border showing", stepper);
    }

    Node paper(PaperRole role) {
        Button button = new Button();
        button.getStyleClass().add("paper-button");
        Region swatch = new Region();
        swatch.getStyleClass().add("paper-swatch");
        button.setGraphic(swatch);
        button.setId("paper-" + role.toString().replace(' ', '-'));
        button.setOnAction(press -> dialogs.editPaper(role));
        live.onPlan(plan -> {
            Stock stock = plan.project().paper(role);
            button.setText(stock.name());
            swatch.setBackground(javafx.scene.layout.Background.fill(Color.web(stock.face())));
            button.setAccessibleText("Paper for " + role + ": " + stock.name());
        });
        return Rows.row(role.title(), button);
    }

    static Node more(String text, String id, Runnable action) {
        Hyperlink link = new Hyperlink(text + " …");
        link.setId("edit-" + id);
        link.getStyleClass().add("more");
        link.setOnAction(click -> action.run());
        return link;
    }

    Node notes() {
        TextArea area = new TextArea();
        area.setId("notes");
        area.setWrapText(true);
        area.setPrefRowCount(4);
        area.setPromptText("What to change next time");
        area.setAccessibleText("Notes");
        live.onPlan(plan -> {
            if (!area.isFocused()) {
                area.setText(plan.project().notes());
            }
        });
        area.focusedProperty().addListener((property, was, is) -> {
            if (!is) {
                work.change(project -> project.withNotes(area.getText()));
            }
        });
        return area;
    }

    Node copies() {
        Stepper stepper = new Stepper("Copies", by -> setCopies(copies -> copies + by),
                text -> live.typedCount(text, 1, Project.MOST_COPIES, typed -> setCopies(copies -> typed)));
        stepper.setId("copies");
        live.onPlan(plan -> stepper.setValue(String.valueOf(plan.project().copies()),
                String.valueOf(plan.project().copies())));
        return Rows.row("Copies", stepper);
    }

    private CompletableFuture<Boolean> setCopies(IntUnaryOperator count) {
        return work.change(project -> project.withCopies(
                Math.max(1, Math.min(Project.MOST_COPIES, count.applyAsInt(project.copies())))));
    }

    /** Those of the stash that take the card come first, once the list is opened. */
    Node envelope() {
        ComboBox<Optional<NamedSize>> box = new ComboBox<>();
        box.setId("envelope");
        List<Optional<NamedSize>> published = PublishedSizes.of(Kind.ENVELOPE).stream().map(Optional::of).toList();
        Map<NamedSize, Integer> owned = new LinkedHashMap<>();
        dialogs.envelopes().forEach(one -> owned.merge(size(one), one.count(), Integer::sum));
        box.setConverter(new Words<>(one -> one.map(size -> size.name() + (owned.getOrDefault(size, 0) > 0
                ? ", " + owned.get(size) + " in the stash" : "")).orElse(NO_ENVELOPE)));
        box.getItems().add(Optional.empty());
        box.getItems().addAll(published);
        box.setOnShowing(opens -> fitting.ask(() -> EnvelopeOffers.fitting(work.plan(), owned.keySet()), found -> {
            List<Optional<NamedSize>> items = new ArrayList<>(List.of(Optional.empty()));
            found.forEach(size -> items.add(Optional.of(size)));
            published.stream().filter(one -> !items.contains(one)).forEach(items::add);
            if (!items.equals(box.getItems())) {
                live.quietly(() -> {
                    Optional<NamedSize> now = box.getValue();
                    box.getItems().setAll(items);
                    box.setValue(now);
                });
            }
        }));
        live.onPlan(plan -> {
            box.setValue(plan.project().wish() instanceof Wish.InEnvelope in ? Optional.of(in.envelope())
                    : plan.project().envelope());
            box.setDisable(plan.project().wish() instanceof Wish.InEnvelope);
        });
        box.valueProperty().addListener((property, was, is) -> live
                .edit(() -> work.change(project -> project.withEnvelope(is == null ? Optional.empty() : is))));
        return Rows.row("Goes into", box);
    }

    /** A published one is that as long as nobody measured it. */
    private static NamedSize size(StashEnvelope envelope) {
        SheetSize inside = envelope.measured().orElse(envelope.size());
        return PublishedSizes.named(Kind.ENVELOPE, envelope.name()).filter(published -> envelope.measured().isEmpty())
                .orElseGet(() -> new NamedSize(Kind.ENVELOPE, envelope.name(), inside.width(), inside.height(),
                        List.of(), NamedSize.MEASURED));
    }

    Node scoring() {
        ComboBox<String> box = new ComboBox<>();
        for (ScoringStyle style : ScoringStyle.values()) {
            box.getItems().add(style.words());
        }
        live.onPlan(plan -> box.setValue(plan.project().scoring().words()));
        box.valueProperty().addListener((property, was, is) -> live.edit(() -> {
            for (ScoringStyle style : ScoringStyle.values()) {
                if (style.words().equals(is)) {
                    work.change(project -> project.withScoring(style));
                }
            }
        }));
        return Rows.row("Score", box);
    }
}
