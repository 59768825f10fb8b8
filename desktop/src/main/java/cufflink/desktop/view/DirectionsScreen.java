package cufflink.desktop.view;

import cufflink.desktop.control.NewestAnswer;
import cufflink.desktop.store.Background;
import cufflink.desktop.store.KeptDirections;
import cufflink.desktop.work.Workspace;
import cufflink.directions.Directions;
import cufflink.directions.DirectionsReader;
import cufflink.directions.Edit;
import cufflink.directions.Said;
import cufflink.directions.Span;
import cufflink.directions.finding.Finding;
import cufflink.directions.finding.Findings;
import cufflink.directions.study.DirectionsStudy;
import cufflink.directions.writing.DirectionsWriter;
import cufflink.measure.LengthFormat;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Line;

/** Typed directions: their text on the left, what was found in it in the middle, on the right what they come to. */
public final class DirectionsScreen extends ListeningScreen {
    /** What the screen asks its window to do. */
    public interface Actions extends Places.Actions {
        /** A text that the maker chooses, if it can be read; why not is said. */
        Optional<String> openText();

        /** The text of a file that was dropped, if it can be read; why not is said. */
        Optional<String> openText(Path file);

        /** Directions with faults in them, to see what becomes of them. */
        String sample();

        /** What compares directions with the designs. */
        DirectionsStudy study();

        /** A plan to be fitted to something. */
        Workspace fitting(Plan plan);

        /** Begins a project. */
        void start(Project project);

        /** Begins a project of the pieces as they are written. */
        void startPieces(Directions directions, String title);

        /** Writes a plan as text or on paper. */
        void export(Plan plan);
    }

    /** Pixels that a pattern of the legend is long. */
    private static final double LEGEND = 44;

    private final Actions actions;
    private final KeptDirections kept;
    private final StringProperty message = new SimpleStringProperty("");
    private final DirectionsEditor editor;
    private final FindingsPane findings;
    private final VBox pieces = new VBox();
    private final List<ReadPieceCard> cards = new ArrayList<>();
    private final DirectionsReader reader = new DirectionsReader();
    private final NewestAnswer reading;
    private final NewestAnswer studying;
    private final ToggleButton asWritten = way("As it is written", "directions-written");
    private final ToggleButton forPaper = way("For my paper", "directions-fit");
    private final List<Button> ofPlan = new ArrayList<>();
    private final Button project = NotebookScreen.button("Make it a project", "directions-begin", this::makeProject);
    private final VBox right = new VBox();
    private boolean begun;
    private Optional<Directions> read = Optional.empty();
    private Optional<DirectionsStudy.Study> study = Optional.empty();
    private Optional<ForMyPaperPane> fitted = Optional.empty();

    public DirectionsScreen(KeptDirections kept, Actions actions) {
        this.kept = kept;
        this.actions = actions;
        reading = new NewestAnswer(thread("reading"));
        studying = new NewestAnswer(thread("studying"));
        editor = new DirectionsEditor(this::typed, this::pointed);
        findings = new FindingsPane(new FindingsPane.Asks(span -> light(span, true), this::write));
        getStyleClass().add("directions-screen");
        setTop(topBar());
        setLeft(left());
        pieces.getStyleClass().add("read-pieces");
        right.getStyleClass().addAll("bench", "directions-right");
        right.getChildren().setAll(ways());
        asWritten.setSelected(true);
        HBox middle = new HBox(Rows.scroll(findings, "findings-scroll"), right);
        HBox.setHgrow(right, Priority.ALWAYS);
        setCenter(MessageBar.over(middle, message, listening, () -> message.set("")));
        addEventHandler(KeyEvent.KEY_PRESSED, this::onKey);
        DroppedFile.on(this, file -> actions.openText(file).ifPresent(editor::setText));
        // Its text is styled when it stands in the window, where the palette is known.
        Platform.runLater(this::begin);
    }

    private HBox topBar() {
        project.getStyleClass().add("primary");
        return Places.bar(Places.DIRECTIONS, actions, List.of(project));
    }

    /** What is shown on the right, and what can be done with it. */
    private FlowPane ways() {
        ofPlan.add(NotebookScreen.button("Copy as text", "directions-copy", this::copy));
        ofPlan.add(NotebookScreen.button("Export", "directions-export", () -> plan().ifPresent(actions::export)));
        ofPlan.forEach(button -> button.getStyleClass().add("bench-button"));
        FlowPane ways = new FlowPane(asWritten, forPaper);
        ways.getChildren().addAll(ofPlan);
        ways.getStyleClass().add("directions-ways");
        return ways;
    }

    private VBox left() {
        FlowPane legend = new FlowPane();
        legend.getStyleClass().add("phrase-legend");
        for (PhraseMark mark : PhraseMark.values()) {
            Label label = new Label(mark.letter() + " " + mark.words());
            label.getStyleClass().add("legend-word");
            Line pattern = new Line(0, 0, LEGEND, 0);
            pattern.getStyleClass().add(mark.style() + "-legend");
            legend.getChildren().add(new VBox(label, pattern));
        }
        VBox.setVgrow(editor, Priority.ALWAYS);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Button open = NotebookScreen.button("Open a text", "directions-open",
                () -> actions.openText().ifPresent(editor::setText));
        Button undo = NotebookScreen.button("Undo", "directions-undo", editor::undo);
        List.of(open, undo).forEach(button -> button.getStyleClass().add("paper-button"));
        HBox head = new HBox(Rows.heading("Directions"), gap, open, undo);
        head.getStyleClass().add("directions-head");
        VBox left = new VBox(head, editor, legend);
        left.getStyleClass().add("directions-left");
        return left;
    }

    private ExecutorService thread(String name) {
        ExecutorService thread = Background.thread(name);
        listening.atEnd(thread::shutdownNow);
        return thread;
    }

    private ToggleButton way(String text, String id) {
        ToggleButton button = new ToggleButton(text);
        button.setId(id);
        button.getStyleClass().add("bench-button");
        button.setOnAction(press -> show(button == forPaper));
        return button;
    }

    /** Reads what is there now; what comes of it is shown when it is known. */
    private void typed() {
        String text = editor.text();
        kept.keep(text);
        studying.forget();
        reading.ask(() -> Read.of(reader, text), this::heard);
    }

    /** A text with what is found by itself. */
    private record Read(Outcome<Directions> directions, List<Finding> findings) {
        static Read of(DirectionsReader reader, String text) {
            Outcome<Directions> read = reader.read(text, Optional.empty());
            return new Read(read, read.value().map(Findings::of).orElse(List.of()));
        }
    }

    private void heard(Read found) {
        study = Optional.empty();
        fitted = Optional.empty();
        read = found.directions().value().filter(directions -> !directions.text().isBlank());
        if (read.isEmpty()) {
            message.set(found.directions().problems().stream().map(Problem::text).collect(Collectors.joining(" ")));
            editor.showNothing();
            findings.showNothing();
            cards.clear();
        } else {
            editor.show(read.get(), found.findings());
            findings.show(read.get(), found.findings(), Optional.empty());
            drawPieces();
            Directions directions = read.get();
            if (!directions.pieces().isEmpty()) {
                DirectionsStudy all = actions.study();
                studying.ask(() -> all.of(directions), this::studied);
            }
        }
        show(false);
    }

    private void studied(DirectionsStudy.Study found) {
        study = Optional.of(found);
        editor.show(found.directions(), found.findings());
        findings.show(found.directions(), found.findings(), study);
        show(forPaper.isSelected());
    }

    private void drawPieces() {
        cards.clear();
        double widest = read.orElseThrow().pieces().stream()
                .mapToDouble(piece -> piece.width().length().toMillimetres()).max().orElse(1);
        double scale = Math.min(1.6, 330 / widest);
        ReadPieceCard.Asks asks = new ReadPieceCard.Asks(span -> light(span, false), this::write, message::set);
        read.orElseThrow().pieces().stream().filter(piece -> piece.width().length().isPositive()
                && piece.height().length().isPositive())
                .forEach(piece -> cards.add(new ReadPieceCard(piece, scale, asks)));
    }

    /** As it is written, or for the maker's own paper. */
    private void show(boolean fit) {
        boolean canFit = written().isPresent();
        forPaper.setDisable(!canFit);
        forPaper.setSelected(fit && canFit);
        asWritten.setSelected(!forPaper.isSelected());
        project.setDisable(read.isEmpty() || cards.isEmpty() || study.isEmpty());
        ofPlan.forEach(button -> button.setDisable(!canFit));
        Node shown;
        if (forPaper.isSelected()) {
            if (fitted.isEmpty()) {
                Plan plan = written().orElseThrow();
                fitted = Optional.of(new ForMyPaperPane(plan, actions.fitting(plan), listening));
            }
            shown = Rows.scroll(fitted.get(), "right-wide");
        } else {
            pieces.getChildren().setAll(cards.isEmpty() ? List.of(empty()) : cards);
            shown = Rows.scroll(pieces, "pieces-scroll");
        }
        VBox.setVgrow(shown, Priority.ALWAYS);
        right.getChildren().setAll(right.getChildren().get(0), shown);
    }

    private VBox empty() {
        Label title = new Label(read.isEmpty() ? "Paste directions here" : "No piece yet");
        title.getStyleClass().addAll("shelf-title", "bench-caption");
        Label about = new Label(read.isEmpty()
                ? "Typed lists from a class, a friend, your own notes: what is cut and scored is drawn here as it is "
                        + "read, what cannot be stands between. Then make it for your paper. A text file can be "
                        + "dropped, too."
                : "A piece is a name and a size: “Base: 11 × 4 1/4 in”.");
        about.setWrapText(true);
        about.getStyleClass().add("bench-caption");
        VBox box = new VBox(title, about);
        if (read.isEmpty()) {
            Button sample = NotebookScreen.button("See a sample, with faults in it", "directions-sample",
                    () -> editor.setText(actions.sample()));
            sample.getStyleClass().add("bench-button");
            box.getChildren().add(sample);
        }
        box.getStyleClass().add("directions-empty");
        return box;
    }

    private void pointed(int place) {
        Optional<Span> found = cards.stream().flatMap(card -> card.figureAt(place).stream()).findFirst();
        found.ifPresentOrElse(span -> light(span, false), () -> lightNothing());
    }

    private void lightNothing() {
        editor.light(Optional.empty(), false);
        cards.forEach(card -> card.light(Optional.empty()));
    }

    private void light(Span span, boolean follow) {
        editor.light(Optional.of(span), follow);
        cards.forEach(card -> card.light(Optional.of(span)));
        cards.stream().filter(card -> card.has(span)).findFirst().ifPresent(Rows::reveal);
    }

    private void write(Edit edit) {
        message.set("");
        editor.write(edit);
    }

    /** A number that was typed over is written where it stands; one of a size that is told in one word, as a size. */
    private void write(Said said, String typed) {
        Optional<ReadPieceCard> whole = cards.stream().filter(card -> card.piece().width().span()
                .equals(card.piece().height().span()) && card.piece().width().span().equals(said.span())).findFirst();
        String unit = " " + said.unit().symbol();
        write(new Edit(said.span(), whole.map(card -> {
            boolean isWidth = card.piece().width() == said;
            String width = isWidth ? typed : text(card.piece().width());
            String height = isWidth ? text(card.piece().height()) : typed;
            return width + " × " + height + unit;
        }).orElse(typed)));
    }

    private static String text(Said said) {
        return LengthFormat.of(said.unit()).number(said.length());
    }

    private Optional<Plan> written() {
        return study.flatMap(DirectionsStudy.Study::plan).flatMap(Outcome::value);
    }

    private Optional<Plan> plan() {
        return forPaper.isSelected() ? fitted.map(ForMyPaperPane::plan) : written();
    }

    private void copy() {
        plan().ifPresent(plan -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(DirectionsWriter.write(plan));
            Clipboard.getSystemClipboard().setContent(content);
            message.set("The directions are on the clipboard, with every number as it is shown here.");
        });
    }

    private void begin() {
        editor.begin(kept.text());
        typed();
        begun = true;
        editor.focus();
    }

    private void makeProject() {
        if (study.isEmpty()) {
            return;
        }
        Optional<Plan> plan = plan();
        if (plan.isPresent()) {
            actions.start(plan.get().project().withName(title()));
        } else if (study.get().plan().isPresent()) {
            message.set("It cannot be planned as it is written: "
                    + study.get().plan().get().problems().stream().map(Problem::text)
                            .collect(Collectors.joining(" ")));
        } else {
            actions.startPieces(study.get().directions(), title());
        }
    }

    /** The first line if it is no list entry, else the design's title. */
    private String title() {
        Directions directions = read.orElseThrow();
        String first = directions.text().strip().lines().findFirst().orElse("").replaceAll("^[#*\\s]+|[*\\s:]+$", "");
        boolean heading = !first.isEmpty() && first.length() <= 60 && directions.pieces().stream()
                .noneMatch(piece -> piece.span().line(directions.text()) == 1)
                && !first.endsWith(".");
        return heading ? first
                : study.flatMap(DirectionsStudy.Study::design).map(match -> match.design().title())
                        .orElse("Typed directions");
    }

    private void onKey(KeyEvent key) {
        if (key.isShortcutDown() && key.getCode() == KeyCode.ENTER) {
            project.fire();
        } else if (key.isShortcutDown() && key.getCode() == KeyCode.Y) {
            editor.redo();
        } else if (key.getCode() == KeyCode.ESCAPE) {
            editor.focus();
        } else {
            return;
        }
        key.consume();
    }

    /** Says something to the maker. */
    public void say(String text) {
        message.set(text);
    }

    /** Whether all that was typed is read and studied, for tests that drive the window. */
    public boolean isAtRest() {
        return begun && !reading.isOpen() && !studying.isOpen();
    }
}
