package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import cufflink.desktop.demo.DemoStash;
import cufflink.files.design.DesignLibrary;
import cufflink.files.project.ProjectReader;
import cufflink.files.project.ProjectWriter;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.plan.Project;
import cufflink.stash.Stash;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeoutException;
import javafx.scene.control.Button;
import javafx.scene.control.DialogPane;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Files from elsewhere, and to elsewhere: projects opened and copied, the stash as a table. */
class FilesWindowTest extends WindowDriver {
    private static final Project GATE = Project
            .of(DesignLibrary.builtIn().find("overlapping-gate").orThrow(), RulerStep.SIXTEENTH_INCH).withName("Gate")
            .withSet("cover", "3 in");

    @TempDir
    Path elsewhere;

    private final FileQuestions files = mock(FileQuestions.class);

    @BeforeEach
    void askOurselves() {
        app.screens().dialogs().askFilesBy(files);
    }

    private void fire(String id) {
        robot.interact(() -> robot.lookup("#" + id).<Button>query().fire());
        settle();
    }

    private Stash stash() {
        return app.screens().stashWork().stash();
    }

    private String said() {
        return app.screens().stashWork().messageProperty().get();
    }

    @Test
    void projectFromElsewhere_isWorkedOnWhereItLies() throws Exception {
        Path file = elsewhere.resolve("gate.json");
        ProjectWriter.write(GATE, file);
        when(files.open(any())).thenReturn(Optional.of(file));
        fire("open");
        assertEquals(GATE, app.screens().work().project());
        robot.interact(() -> app.screens().work().change(project -> project.withSet("cover", "3 1/4 in")));
        robot.interact(() -> app.screens().shelf());
        waitFor(() -> ProjectReader.read(file, DesignLibrary.builtIn()).orThrow().set().get("cover")
                .equals("3 1/4 in"));
        try (var own = Files.list(Files.createDirectories(data.resolve("projects")))) {
            assertEquals(List.of(), own.toList());
        }
    }

    @Test
    void damagedProject_isNotOpened_andStaysAsItIs() throws Exception {
        String text = ProjectWriter.text(GATE).replace("\"copies\" : 1", "\"copies\" : 0");
        Path file = Files.writeString(elsewhere.resolve("gate.json"), text);
        when(files.open(any())).thenReturn(Optional.of(file));
        fire("open");
        waitFor(() -> robot.lookup(".dialog-pane").tryQuery().isPresent());
        DialogPane told = robot.lookup(".dialog-pane").query();
        assertEquals("“gate.json” was not opened", told.getHeaderText());
        assertTrue(told.getContentText().contains("copies") && told.getContentText().contains("1 to 999"),
                told.getContentText());
        robot.interact(() -> ((Button) told.lookupButton(told.getButtonTypes().get(0))).fire());
        assertEquals(text, Files.readString(file));
        assertTrue(robot.lookup(".shelf-screen").tryQuery().isPresent());
    }

    @Test
    void nothingChosen_nothingHappens() throws TimeoutException {
        when(files.open(any())).thenReturn(Optional.empty());
        when(files.save(any())).thenReturn(Optional.empty());
        fire("open");
        assertTrue(robot.lookup(".shelf-screen").tryQuery().isPresent());
        choose("half-fold");
        Project before = app.screens().work().project();
        robot.interact(() -> app.screens().saveCopy());
        assertEquals(before, app.screens().work().project());
        assertEquals("", app.screens().work().messageProperty().get());
        robot.interact(() -> app.screens().stash());
        Stash kept = stash();
        fire("stash-import");
        fire("stash-export");
        assertEquals(kept, stash());
    }

    @Test
    void copy_isWritten_andWorkGoesOnInTheProject() throws Exception {
        Path copy = elsewhere.resolve("copy.json");
        when(files.save(any())).thenReturn(Optional.of(copy));
        choose("half-fold");
        robot.interact(() -> robot.lookup(".bench-screen").query().requestFocus());
        press(KeyCode.CONTROL, KeyCode.S);
        waitFor(() -> Files.exists(copy));
        assertEquals(app.screens().work().project(), ProjectReader.read(copy, DesignLibrary.builtIn()).orThrow());
        String written = Files.readString(copy);
        robot.interact(() -> app.screens().work().change(project -> project.withCopies(7)));
        robot.interact(() -> app.screens().shelf());
        assertEquals(written, Files.readString(copy));
    }

    @Test
    void copyThatCannotBeWritten_isSaid_andNothingIsLost() throws Exception {
        Path folder = Files.createDirectory(elsewhere.resolve("in the way.json"));
        when(files.save(any())).thenReturn(Optional.of(folder));
        choose("half-fold");
        robot.interact(() -> app.screens().saveCopy());
        assertTrue(app.screens().work().messageProperty().get().startsWith("The copy could not be saved:"),
                app.screens().work().messageProperty().get());
        assertTrue(Files.isDirectory(folder));
    }

    @Test
    void stash_goesOutAsATable_andComesBackAsOneStepToUndo() throws Exception {
        Path table = elsewhere.resolve("stash.csv");
        when(files.save(any())).thenReturn(Optional.of(table));
        when(files.open(any())).thenReturn(Optional.of(table));
        robot.interact(() -> app.screens().stashWork().change(DemoStash.filled()));
        robot.interact(() -> app.screens().stash());
        int entries = stash().items().size();
        fire("stash-export");
        waitFor(() -> Files.exists(table));
        String written = Files.readString(table);
        stash().papers().forEach(paper -> assertTrue(written.contains(paper.name()), paper.name()));
        int sheets = stash().papers().stream().mapToInt(paper -> paper.count()).sum();
        fire("stash-import");
        assertTrue(stash().papers().stream().mapToInt(paper -> paper.count()).sum() >= sheets, said());
        robot.interact(() -> app.screens().stashWork().undo());
        assertEquals(entries, stash().items().size());
        assertEquals(sheets, stash().papers().stream().mapToInt(paper -> paper.count()).sum());
    }

    @Test
    void tableWithAMistake_isNamedByItsLine_andNothingIsTaken() throws Exception {
        Path table = elsewhere.resolve("stash.csv");
        when(files.save(any())).thenReturn(Optional.of(table));
        when(files.open(any())).thenReturn(Optional.of(table));
        robot.interact(() -> app.screens().stashWork().change(DemoStash.filled()));
        robot.interact(() -> app.screens().stash());
        fire("stash-export");
        waitFor(() -> Files.exists(table));
        List<String> lines = Files.readAllLines(table);
        lines.set(1, lines.get(1).replaceFirst(",\\d[^,]*,", ",wide,"));
        Files.write(table, lines);
        Stash before = stash();
        fire("stash-import");
        assertEquals(before, stash());
        assertTrue(said().contains("line 2") && said().contains("wide"), said());
        assertFalse(said().contains("Exception"), said());
    }

    @Test
    void sizesFromElsewhere_areReadAsTheyWereMeant() throws Exception {
        Path file = elsewhere.resolve("old.json");
        ProjectWriter.write(GATE.withStep(RulerStep.MILLIMETRE), file);
        when(files.open(any())).thenReturn(Optional.of(file));
        fire("open");
        assertEquals(Length.ofInches(3), app.screens().work().plan().measures().length("cover"));
        assertEquals(RulerStep.MILLIMETRE, app.screens().work().project().step());
    }
}
