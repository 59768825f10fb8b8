package cufflink.desktop.store;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.ArgumentMatchers.contains;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;

import cufflink.files.design.DesignLibrary;
import cufflink.measure.RulerStep;
import cufflink.plan.Project;
import cufflink.problem.Problem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ProjectStoreTest {
    private static final DesignLibrary LIBRARY = DesignLibrary.builtIn();

    @TempDir
    Path folder;

    @SuppressWarnings("unchecked")
    private final Consumer<String> told = mock(Consumer.class);

    private ProjectStore store() {
        return new ProjectStore(folder, LIBRARY, told);
    }

    private static Project project() {
        return Project.of(LIBRARY.find("half-fold").orThrow(), RulerStep.SIXTEENTH_INCH);
    }

    @Test
    void saveSoon_keepsTheNewestState() {
        Path file;
        try (ProjectStore store = store()) {
            file = store.newFile("Comet night!");
            for (int i = 1; i <= 200; i++) {
                store.saveSoon(project().withCopies(i), file);
            }
        }
        assertEquals("comet-night.json", file.getFileName().toString());
        assertEquals(200, store().read(file).orThrow().copies());
    }

    @Test
    void saveSoon_ofTwoFiles_losesNeither() {
        try (ProjectStore store = store()) {
            store.saveSoon(project().withCopies(2), folder.resolve("projects/a.json"));
            store.saveSoon(project().withCopies(3), folder.resolve("projects/b.json"));
        }
        List<ProjectStore.Kept> kept = store().projects(new ArrayList<>());
        assertEquals(2, kept.size());
    }

    @Test
    void newFile_neverTakesOneThatIsThere() throws IOException {
        ProjectStore store = store();
        store.write(project(), store.newFile("x"));
        assertEquals("x-2.json", store.newFile("x").getFileName().toString());
        assertEquals("project.json", store.newFile("///").getFileName().toString());
    }

    @Test
    void damagedFile_isReported_andStays() throws IOException {
        Path bad = folder.resolve("projects/bad.json");
        Files.createDirectories(bad.getParent());
        Files.writeString(bad, "{ half");
        List<Problem> problems = new ArrayList<>();
        assertTrue(store().projects(problems).isEmpty());
        assertTrue(problems.get(0).where().startsWith("bad.json"));
        assertEquals("{ half", Files.readString(bad));
    }

    @Test
    void marker_tellsAnUnexpectedEndFromAGoodOne() throws IOException {
        Path file = folder.resolve("projects/a.json");
        try (ProjectStore store = store()) {
            store.write(project(), file);
            store.markOpen(file);
        }
        assertEquals(file, store().leftOpen().orElseThrow());
        try (ProjectStore store = store()) {
            store.markClosed();
        }
        assertFalse(store().leftOpen().isPresent());
    }

    @Test
    void failedSave_isTold() throws IOException {
        Path blocked = folder.resolve("blocked.json");
        Files.createDirectories(blocked.resolve("inside"));
        try (ProjectStore store = store()) {
            store.saveSoon(project(), blocked);
        }
        verify(told).accept(contains("could not be saved"));
    }
}
