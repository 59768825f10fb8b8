package cufflink.desktop.view;

import cufflink.files.Exporter;
import cufflink.files.FileTrouble;
import cufflink.files.handout.HandOutOptions;
import cufflink.measure.LengthUnit;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.plan.Plan;
import java.io.File;
import java.io.IOException;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import javafx.collections.FXCollections;
import javafx.concurrent.Task;
import javafx.event.ActionEvent;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonType;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.stage.FileChooser;

/**
 * Writes the hand-out or the lines. Works in the background; stays open until it is done, so that a failure can be
 * mended.
 */
public final class ExportDialog extends Dialog<Path> {
    private final Plan plan;
    private final ComboBox<Exporter.Format> format = new ComboBox<>(
            FXCollections.observableArrayList(Exporter.Format.values()));
    private final ComboBox<String> page = new ComboBox<>(FXCollections.observableArrayList("A4", "Letter"));
    private final CheckBox derivations = new CheckBox("how every figure came about");
    private final CheckBox templates = new CheckBox("pieces true to size");
    private final TextField place = new TextField();
    private final Label state = new Label();
    private final ProgressBar progress = new ProgressBar(-1);
    private Task<List<Path>> task;

    public ExportDialog(Plan plan, Path folder) {
        this.plan = plan;
        setTitle("Hand-out");
        setHeaderText("Print or export “" + plan.project().name() + "”");
        format.setId("export-format");
        format.setValue(Exporter.Format.PDF);
        format.setConverter(new Words<>(value -> value.name() + ": " + value.words()));
        page.setValue(plan.project().unit() == LengthUnit.INCH ? "Letter" : "A4");
        place.setId("export-place");
        place.setPrefColumnCount(34);
        place.setText(usualPlace(folder).toString());
        format.valueProperty().addListener((property, was, is) -> {
            place.setText(usualPlace(folder).toString());
            List.of(page, derivations, templates).forEach(node -> node.setDisable(is != Exporter.Format.PDF));
        });
        Button choose = new Button("Choose…");
        choose.setOnAction(press -> choose());
        progress.setVisible(false);
        state.setId("export-state");
        state.setWrapText(true);
        GridPane grid = new GridPane();
        grid.getStyleClass().add("dialog-grid");
        grid.addRow(0, new Label("What"), format);
        grid.addRow(1, new Label("Page"), page);
        grid.addRow(2, new Label("With"), new HBox(12, templates, derivations));
        grid.addRow(3, new Label("To"), new HBox(6, place, choose));
        grid.addRow(4, progress, state);
        getDialogPane().setContent(grid);
        getDialogPane().getButtonTypes().setAll(ButtonType.APPLY, ButtonType.CLOSE);
        Button write = (Button) getDialogPane().lookupButton(ButtonType.APPLY);
        write.setText("Write");
        write.setId("export-write");
        write.addEventFilter(ActionEvent.ACTION, press -> {
            press.consume();
            write();
        });
        setOnCloseRequest(close -> {
            if (task != null) {
                task.cancel();
            }
        });
        setResultConverter(button -> null);
    }

    private Path usualPlace(Path folder) {
        String base = plan.project().name().replaceAll("[^\\p{L}\\p{N}]+", "-").toLowerCase(Locale.ROOT);
        String end = format.getValue().name().toLowerCase(Locale.ROOT);
        return folder.resolve(base + (Exporter.isOneFile(format.getValue()) ? "." : "-") + end);
    }

    private void choose() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Write to");
        File now = new File(place.getText());
        if (now.getParentFile() != null && now.getParentFile().isDirectory()) {
            chooser.setInitialDirectory(now.getParentFile());
        }
        chooser.setInitialFileName(now.getName());
        File chosen = chooser.showSaveDialog(getDialogPane().getScene().getWindow());
        if (chosen != null) {
            place.setText(chosen.toString());
        }
    }

    private void write() {
        NamedSize paper = PublishedSizes.named(NamedSize.Kind.SHEET, page.getValue()).orElseThrow();
        HandOutOptions options = new HandOutOptions(paper, derivations.isSelected(), templates.isSelected());
        if (place.getText().isBlank()) {
            state.setText("Say where to write it.");
            return;
        }
        Path out;
        try {
            out = Path.of(place.getText().strip());
        } catch (InvalidPathException wrong) {
            state.setText("This is not a place to write to: a character in it is not allowed there.");
            return;
        }
        Exporter.Format wanted = format.getValue();
        task = new Task<>() {
            @Override
            protected List<Path> call() throws Exception {
                return Exporter.export(plan, wanted, out, options);
            }
        };
        progress.visibleProperty().bind(task.runningProperty());
        task.setOnSucceeded(done -> state.setText(
                task.getValue().size() == 1 ? "Written: " + out : task.getValue().size() + " files written to " + out));
        task.setOnFailed(failed -> {
            state.setText("Not written: " + reason(task.getException())
                    + ". Choose another place; the project is as it was.");
            if (!(task.getException() instanceof IOException)) {
                throw new IllegalStateException("the export failed", task.getException());
            }
        });
        Thread thread = new Thread(task, "export");
        thread.setDaemon(true);
        thread.start();
    }

    private static String reason(Throwable fault) {
        return fault instanceof IOException disk ? FileTrouble.reason(disk).sentence()
                : "Cufflink met something that it did not expect, a fault of the program";
    }
}
