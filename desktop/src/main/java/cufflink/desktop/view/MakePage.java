package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.desktop.work.NotebookWork;
import cufflink.measure.LengthFormat;
import cufflink.notebook.Correction;
import cufflink.notebook.Difference;
import cufflink.notebook.Figure;
import cufflink.notebook.Learned;
import cufflink.notebook.Make;
import cufflink.notebook.Measurement;
import cufflink.notebook.Photo;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The page of one make, as on paper: pictures, notes, what went wrong, next time, time, measures. */
final class MakePage {
    private static final double PICTURE = 230;
    private static final double HIGH = 170;

    private final Make make;
    private final NotebookWork work;
    private final NotebookScreen.Actions actions;

    private MakePage(Make make, NotebookWork work, NotebookScreen.Actions actions) {
        this.make = make;
        this.work = work;
        this.actions = actions;
    }

    static void fill(VBox page, Make make, NotebookWork work, NotebookScreen.Actions actions) {
        page.getChildren().setAll(new MakePage(make, work, actions).all());
    }

    private Node[] all() {
        Learned learned = make.learned();
        VBox page = new VBox();
        page.getStyleClass().add("make-body");
        Fractions title = new Fractions(make.name(), "make-title");
        Label line = new Label(MakeTimeline.DAY.format(MakeTimeline.day(make, work)) + ", " + make.design() + ", "
                + make.copies() + (make.copies() == 1 ? " copy" : " copies"));
        line.getStyleClass().add("shelf-count");
        page.getChildren().addAll(title, line, buttons());
        if (!learned.photos().isEmpty()) {
            FlowPane pictures = new FlowPane();
            pictures.getStyleClass().add("make-pictures");
            learned.photos().forEach(photo -> pictures.getChildren().add(picture(photo)));
            page.getChildren().add(pictures);
        }
        if (!learned.notes().isBlank()) {
            page.getChildren().add(new Fractions(learned.notes(), "make-notes"));
        }
        section(page, "What went wrong", learned.wrong().stream().map(note -> (Node) new Fractions(
                (note.step() > 0 ? "Step " + note.step() + ", " + note.title() + ": " : "") + note.text(), "make-line"))
                .toList());
        section(page, "Next time", learned.next().stream().map(this::next).toList());
        LengthFormat format = LengthFormat.of(make.unit());
        section(page, "Measured", measured(learned, format));
        section(page, "Time", time(learned));
        section(page, "As it was made", make.figures().stream().map(MakePage::figure).toList());
        return new Node[] {page};
    }

    private static void section(VBox page, String heading, List<Node> rows) {
        if (!rows.isEmpty()) {
            page.getChildren().add(Rows.heading(heading));
            page.getChildren().addAll(rows);
        }
    }

    private HBox buttons() {
        Button open = NotebookScreen.button("Open it again", "make-open", () -> actions.openAsItWas(make));
        open.getStyleClass().add("main-action");
        HBox buttons = new HBox(open, NotebookScreen.button("Change", "make-edit", () -> actions.edit(make)),
                NotebookScreen.button("Export", "make-export", () -> actions.exportMakes(List.of(make))),
                NotebookScreen.button("Take out", "make-remove", () -> actions.remove(make)));
        buttons.getStyleClass().add("stash-buttons");
        return buttons;
    }

    private Node picture(Photo photo) {
        Button button = new Button();
        button.getStyleClass().add("make-picture");
        MakeTimeline.preview(work, photo, PICTURE, HIGH).ifPresentOrElse(button::setGraphic,
                () -> button.setText("This picture is missing beside the database"));
        button.setAccessibleText(photo.caption().isEmpty() ? "A picture of it" : photo.caption());
        button.setOnAction(press -> actions.look(make, photo));
        VBox framed = new VBox(button);
        if (!photo.caption().isBlank()) {
            framed.getChildren().add(new Fractions(photo.caption(), "field-note"));
        }
        return framed;
    }

    private Node next(Correction correction) {
        Fractions words = new Fractions(correction.said(), "make-line");
        if (correction.standing() == Correction.Standing.DROPPED) {
            words.getStyleClass().add("history-undone");
        }
        ComboBox<Correction.Standing> standing = new ComboBox<>();
        standing.getItems().setAll(Correction.Standing.values());
        standing.setConverter(new Words<>(one -> switch (one) {
            case OFFERED -> "offered";
            case OWN -> "my default";
            case DROPPED -> "dropped";
        }));
        standing.setValue(correction.standing());
        standing.setAccessibleText("What becomes of it");
        standing.setOnAction(chosen -> work.decide(correction, standing.getValue()));
        VBox all = new VBox(words);
        if (actions.isInStash(correction)) {
            Hyperlink set = new Hyperlink("Set it in the stash");
            set.getStyleClass().add("more");
            set.setOnAction(click -> actions.setInStash(correction));
            all.getChildren().add(set);
        }
        HBox.setHgrow(all, Priority.ALWAYS);
        standing.setMinWidth(ComboBox.USE_PREF_SIZE);
        HBox row = new HBox(all, standing);
        row.getStyleClass().add("make-next");
        return row;
    }

    private static List<Node> measured(Learned learned, LengthFormat format) {
        List<Node> rows = new ArrayList<>();
        learned.measured().forEach(one -> rows.add(new Fractions((one.isUsual() ? "✓ " : "▲ ")
                + one.said(format).sentence(), "make-line", one.isUsual() ? "make-usual" : "make-unusual")));
        Measurement.reasons(learned.measured(), format)
                .forEach(reason -> rows.add(new Fractions(reason.sentence(), "make-line")));
        return rows;
    }

    private static List<Node> time(Learned learned) {
        List<Node> rows = new ArrayList<>();
        learned.took().forEach((phase, time) -> rows
                .add(figure(new Figure(phase.title(), Difference.minutes(time.toSeconds())))));
        if (rows.size() > 1) {
            rows.add(figure(new Figure("In all", Difference.minutes(learned.tookInAll().toSeconds()))));
        }
        return rows;
    }

    private static Node figure(Figure figure) {
        return Rows.row(figure.what(), new Fractions(figure.value(), "make-figure"));
    }
}
