package cufflink.desktop.view;

import cufflink.desktop.control.Listening;
import cufflink.desktop.control.NewestAnswer;
import cufflink.desktop.control.PicturePane;
import cufflink.desktop.store.Background;
import cufflink.desktop.work.Workspace;
import cufflink.drawing.TableDrawing;
import cufflink.plan.Plan;
import cufflink.plan.Tabletop;
import cufflink.plan.VirtualHands;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.layout.BorderPane;

/**
 * What lies on the table after the current step, made by virtual hands that follow the run sheet; shown while the run
 * sheet is rehearsed.
 */
final class TablePane extends BorderPane {
    private static final double HEIGHT = 170;
    private static final double LEAST = 60;

    private final Workspace work;
    private final NewestAnswer answer;
    private final PicturePane picture = new PicturePane(10, 2);
    private List<Tabletop> tables = List.of();
    private Plan rehearsed;

    TablePane(Workspace work, Listening listening) {
        this.work = work;
        ExecutorService background = Background.thread("hands");
        listening.atEnd(background::shutdownNow);
        this.answer = new NewestAnswer(background);
        setId("table-pane");
        getStyleClass().add("table-pane");
        Label title = new Label("On the table after this step");
        title.getStyleClass().add("table-pane-title");
        setTop(title);
        setCenter(picture);
        setPrefHeight(HEIGHT);
        setMaxHeight(HEIGHT);
        setMinHeight(LEAST);
        managedProperty().bind(visibleProperty());
        picture.show(point -> now().flatMap(table -> TableDrawing.draw(work.plan(), table,
                Math.max(1, picture.getWidth() / Math.max(1, picture.getHeight())), point)));
        setVisible(false);
        visibleProperty().addListener((property, was, is) -> look());
        listening.to(work.planProperty(), change -> look());
        listening.to(work.stepProperty(), change -> look());
        listening.atEnd(answer::forget);
    }

    private void look() {
        if (!isVisible()) {
            answer.forget();
        } else if (work.plan() == rehearsed) {
            show();
        } else {
            Plan plan = work.plan();
            answer.ask(() -> VirtualHands.rehearse(plan.workings(), plan.run()), all -> {
                rehearsed = plan;
                tables = all;
                show();
            });
        }
    }

    private void show() {
        picture.describe("On the table: " + now().map(table -> table.lying().stream().map(Tabletop.Lying::label)
                .collect(Collectors.joining(", "))).orElse("nothing"));
        picture.repaint();
    }

    private Optional<Tabletop> now() {
        int step = work.currentStep().number() - 1;
        return step < tables.size() && work.plan() == rehearsed ? Optional.of(tables.get(step))
                : Optional.empty();
    }
}
