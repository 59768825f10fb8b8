package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.desktop.work.NotebookWork;
import cufflink.notebook.Make;
import cufflink.notebook.Photo;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Makes in order of time, the newest first, by month. */
public final class MakeTimeline extends VBox {
    private static final PseudoClass PICKED = PseudoClass.getPseudoClass("picked");
    private static final DateTimeFormatter MONTH = DateTimeFormatter.ofPattern("MMMM yyyy", Locale.ENGLISH);
    static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);
    private static final double WIDE = 56;
    private static final double HIGH = 42;

    private final NotebookWork work;
    private final Consumer<Make> pick;
    private List<Make> shown = List.of();
    private long picked;

    MakeTimeline(NotebookWork work, Consumer<Make> pick) {
        this.work = work;
        this.pick = pick;
        getStyleClass().add("timeline");
    }

    static LocalDate day(Make make, NotebookWork work) {
        return LocalDate.ofInstant(make.at(), work.clock().getZone());
    }

    void show(List<Make> makes, long now) {
        shown = makes;
        picked = now;
        getChildren().clear();
        String month = "";
        for (Make make : makes) {
            String its = MONTH.format(day(make, work));
            if (!its.equals(month)) {
                getChildren().add(Rows.heading(its));
                month = its;
            }
            getChildren().add(card(make));
        }
    }

    /** The make so many places further down, if there is one. */
    Optional<Make> beside(int by) {
        for (int i = 0; i < shown.size(); i++) {
            if (shown.get(i).id() == picked && i + by >= 0 && i + by < shown.size()) {
                return Optional.of(shown.get(i + by));
            }
        }
        return Optional.empty();
    }

    private Button card(Make make) {
        Fractions name = new Fractions(make.name(), "make-card-name");
        Label line = new Label(make.design() + ", " + DAY.format(day(make, work)).replace(' ', '\u00a0'));
        line.getStyleClass().add("kept-state");
        line.setWrapText(true);
        VBox words = new VBox(name, line);
        // A button asks its graphic how high it is without saying how wide it may be.
        words.prefWidthProperty().bind(widthProperty().subtract(WIDE + 24));
        words.minWidthProperty().bind(words.prefWidthProperty());
        Button card = new Button();
        card.setGraphic(new HBox(9, thumb(make), words));
        card.getStyleClass().addAll("kept", "make-card");
        card.setId("make-" + make.id());
        card.setMaxWidth(Double.MAX_VALUE);
        card.pseudoClassStateChanged(PICKED, make.id() == picked);
        card.setAccessibleText(make.name() + ", " + line.getText());
        card.setOnAction(press -> pick.accept(make));
        return card;
    }

    private StackPane thumb(Make make) {
        StackPane frame = new StackPane();
        frame.getStyleClass().add("make-thumb");
        frame.setMinSize(WIDE, HIGH);
        frame.setMaxSize(WIDE, HIGH);
        make.learned().photos().stream().findFirst().flatMap(photo -> preview(work, photo, WIDE, HIGH))
                .ifPresent(frame.getChildren()::add);
        return frame;
    }

    /** A picture's preview, read beside the window; none if its file is gone. */
    public static Optional<ImageView> preview(NotebookWork work, Photo photo, double wide, double high) {
        Path file = work.pictures().preview(photo);
        if (!Files.isRegularFile(file)) {
            return Optional.empty();
        }
        ImageView view = new ImageView(new Image(file.toUri().toString(), true));
        view.setPreserveRatio(true);
        view.setFitWidth(wide);
        view.setFitHeight(high);
        return Optional.of(view);
    }
}
