package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.NewestAnswer;
import cufflink.drawing.Shown;
import cufflink.drawing.WhatShows;
import cufflink.plan.Plan;
import java.util.List;
import java.util.concurrent.Executor;
import javafx.scene.layout.VBox;

/** What shows of the finished card, closed and in each pose, from the front and from the back. */
final class ShowsPane extends VBox {
    private final NewestAnswer answer;

    /** {@code background} works it out. */
    ShowsPane(Executor background) {
        answer = new NewestAnswer(background);
        setId("what-shows");
        managedProperty().bind(visibleProperty());
        none();
    }

    /** Shows nothing. */
    void none() {
        answer.forget();
        setVisible(false);
    }

    /** Works it out beside the window, as it takes a while for many panels; what was shown stays until then. */
    void show(Plan plan) {
        answer.ask(() -> WhatShows.all(plan), this::fill);
    }

    private void fill(List<WhatShows> all) {
        getChildren().setAll(Rows.heading("What shows"));
        all.forEach(shows -> {
            getChildren().add(new Fractions(title(shows), "shows-pose"));
            line("Front", shows.front());
            line("Back", shows.back());
        });
        setVisible(!all.isEmpty());
    }

    private static String title(WhatShows shows) {
        String pose = shows.pose().orElse("closed");
        return Character.toUpperCase(pose.charAt(0)) + pose.substring(1);
    }

    private void line(String from, List<Shown> shown) {
        getChildren().add(new Fractions(from + ": " + WhatShows.words(shown), "step-text"));
    }
}
