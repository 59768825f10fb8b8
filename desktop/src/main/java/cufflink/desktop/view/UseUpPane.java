package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.desktop.control.Listening;
import cufflink.desktop.control.PicturePane;
import cufflink.desktop.store.Background;
import cufflink.design.DesignDefinition;
import cufflink.drawing.CardDrawing;
import cufflink.job.UseUp;
import cufflink.measure.LengthFormat;
import cufflink.words.Message;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.ExecutorService;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** Which designs could be made out of offcuts alone, the largest of each; worked out beside the window, one by one. */
final class UseUpPane extends VBox {
    private final ExecutorService background = Background.thread("use up");
    private final UseUp offcuts;
    private final LengthFormat format;
    private final StashScreen.Actions actions;
    private final Label state = new Label();
    private final FlowPane cards = new FlowPane();
    private final List<UseUp.Answer> answers = new ArrayList<>();

    UseUpPane(UseUp offcuts, List<DesignDefinition> designs, LengthFormat format, Listening listening,
            StashScreen.Actions actions) {
        this.offcuts = offcuts;
        this.format = format;
        this.actions = actions;
        state.getStyleClass().add("shelf-count");
        state.setId("use-up-state");
        cards.getStyleClass().add("shelf-cards");
        getChildren().addAll(state, cards);
        if (!offcuts.hasOffcuts()) {
            state.setText("There are no offcuts to use up.");
            return;
        }
        listening.atEnd(this::stop);
        for (int i = 0; i < designs.size(); i++) {
            DesignDefinition design = designs.get(i);
            int left = designs.size() - i - 1;
            background.execute(() -> look(design, left));
        }
        state.setText("Looking through " + designs.size() + " designs …");
    }

    /** Looks no further. */
    void stop() {
        background.shutdownNow();
    }

    private void look(DesignDefinition design, int left) {
        var found = offcuts.largest(design);
        Platform.runLater(() -> {
            found.ifPresent(answer -> {
                answers.add(answer);
                answers.sort(Comparator.comparing(UseUp.Answer::area).reversed());
                cards.getChildren().add(answers.indexOf(answer), card(answer));
            });
            state.setText(left > 0 ? "Looking through " + left + " more …"
                    : answers.isEmpty() ? "None of the designs comes out of the offcuts."
                    : answers.size() + " designs come out of offcuts alone, the largest first. Without layers.");
        });
    }

    private Button card(UseUp.Answer answer) {
        PicturePane picture = new PicturePane(2, 3);
        picture.getStyleClass().add("shelf-picture");
        picture.setMouseTransparent(true);
        picture.show(point -> CardDrawing.draw(answer.plan(), point));
        Label title = new Label(answer.design().title());
        title.getStyleClass().add("shelf-card-title");
        Fractions size = new Fractions(answer.plan().size().map(Message::sentence).orElse(""));
        Fractions from = new Fractions("out of " + answer.offcut().name() + ", "
                + format.size(answer.offcut().size().width(), answer.offcut().size().height()), "field-note");
        Button card = new Button();
        card.setGraphic(new VBox(picture, title, size, from));
        card.getStyleClass().addAll("shelf-card", "use-up-card");
        card.setAccessibleText(answer.design().title());
        card.setOnAction(press -> actions.begin(answer.plan().project()));
        return card;
    }
}
