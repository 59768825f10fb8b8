package cufflink.desktop.view;

import cufflink.desktop.control.Fractions;
import cufflink.directions.Directions;
import cufflink.directions.Edit;
import cufflink.directions.Question;
import cufflink.directions.Span;
import cufflink.directions.finding.Finding;
import cufflink.directions.match.DesignMatch;
import cufflink.directions.study.DirectionsStudy;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** What was found out about directions: their design, what cannot be, what may be read otherwise, what was not read. */
final class FindingsPane extends VBox {
    /** Other designs that are named. */
    private static final int MOST_OTHERS = 3;

    /** What the pane asks for. */
    record Asks(Consumer<Span> light, Consumer<Edit> write) {
    }

    private final Asks asks;

    FindingsPane(Asks asks) {
        this.asks = asks;
        getStyleClass().addAll("stash-side", "findings-pane");
        setId("findings");
    }

    /** Nothing to say. */
    void showNothing() {
        getChildren().clear();
    }

    /** What the text alone says; the study of it may still be to come. */
    void show(Directions read, List<Finding> findings, Optional<DirectionsStudy.Study> study) {
        getChildren().setAll(Rows.heading("Design"));
        if (read.pieces().isEmpty()) {
            getChildren()
                    .setAll(Rows.text("No piece with a size was found in it. Directions name what is cut, with its "
                            + "width and height.", "empty"));
        } else if (study.isEmpty()) {
            getChildren().add(Rows.text("Comparing it with every design …", "field-note"));
        } else {
            design(study.get());
        }
        getChildren().add(Rows.heading("Findings"));
        findings.forEach(finding -> getChildren().add(finding(finding)));
        if (findings.isEmpty()) {
            getChildren().add(Rows.text("✓ Nothing contradicts itself.", "finding-text"));
        }
        if (!read.questions().isEmpty()) {
            getChildren().add(Rows.heading("Questions"));
            read.questions().forEach(question -> getChildren().add(question(question)));
        }
        if (!read.notUnderstood().isEmpty()) {
            getChildren().add(Rows.heading("Not understood: " + read.notUnderstood().size()));
            read.notUnderstood().forEach(span -> getChildren().add(place(
                    "“" + span.in(read.text()).strip().replaceAll("\\s+", " ") + "”", span)));
        }
    }

    private void design(DirectionsStudy.Study study) {
        Optional<DesignMatch> match = study.design();
        if (match.isEmpty()) {
            getChildren().add(Rows.text("No design of the shelf has these pieces. They can be made as they stand, "
                    + "folded the first way in which the paper closes.", "finding-text"));
            return;
        }
        DesignMatch found = match.get();
        Label title = new Label(found.design().title());
        title.getStyleClass().add("step-title");
        title.setWrapText(true);
        int all = found.agrees().size() + found.differs().size();
        getChildren().addAll(title, Rows.text(found.agrees().size() + " of " + all + " numbers as the design has them",
                "finding-text"));
        found.set().forEach((name, value) -> getChildren().add(Rows.row(
                found.design().measure(name).map(measure -> measure.label()).orElse(name),
                new Fractions(value, "row-value"))));
        if (!found.only().inText().isEmpty()) {
            getChildren().add(Rows.text("Only in the text: " + String.join(", ", found.only().inText()), "field-note"));
        }
        if (!found.only().inDesign().isEmpty()) {
            getChildren().add(
                    Rows.text("Only in the design: " + String.join(", ", found.only().inDesign()), "field-note"));
        }
        String others = String.join(", ", study.designs().stream().skip(1).filter(DesignMatch::isConvincing)
                .limit(MOST_OTHERS).map(other -> other.design().title()).toList());
        if (!others.isEmpty()) {
            getChildren().add(Rows.text("Less likely: " + others, "field-note"));
        }
    }

    private Node finding(Finding finding) {
        VBox box = new VBox();
        box.getStyleClass().addAll("finding", "finding-" + finding.grade().name().toLowerCase(Locale.ROOT));
        String mark = switch (finding.grade()) {
            case CANNOT_BE -> "✕ cannot be";
            case UNLIKELY -> "▲ unlikely";
            case CHECK -> "● check";
        };
        Hyperlink grade = place(mark, finding.places().get(0));
        grade.getStyleClass().add("finding-grade");
        box.getChildren().addAll(grade, new Fractions(finding.text().sentence(), "finding-text"));
        finding.suggestion().ifPresent(edit -> {
            Button write = new Button("Write " + edit.text());
            write.getStyleClass().add("paper-button");
            write.setOnAction(press -> asks.write().accept(edit));
            box.getChildren().add(write);
        });
        box.setOnMouseClicked(click -> asks.light().accept(finding.places().get(0)));
        return box;
    }

    private Node question(Question question) {
        VBox box = new VBox(place(question.text().sentence(), question.span()));
        box.getStyleClass().add("finding");
        for (Question.Answer answer : question.answers()) {
            if (answer.says().isEmpty()) {
                box.getChildren().add(new Fractions("✓ " + answer.text(), "finding-text"));
            } else {
                Button write = new Button(answer.text());
                write.getStyleClass().add("paper-button");
                write.setOnAction(press -> asks.write().accept(answer.says().get()));
                box.getChildren().add(write);
            }
        }
        return box;
    }

    private Hyperlink place(String text, Span span) {
        Hyperlink link = new Hyperlink(text);
        link.getStyleClass().add("more");
        link.setWrapText(true);
        link.setOnAction(click -> asks.light().accept(span));
        return link;
    }
}
