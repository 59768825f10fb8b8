package cufflink.desktop.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.desktop.demo.DemoStash;
import cufflink.files.stash.StashDatabase;
import cufflink.files.database.DatabaseUnusable;
import cufflink.measure.LengthUnit;
import cufflink.stash.Stash;
import cufflink.stash.StashItem;
import cufflink.stash.StashPaper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class StashWorkTest {
    @TempDir
    private Path folder;
    private StashWork work;

    @BeforeEach
    void open() throws DatabaseUnusable {
        work = StashWork.of(StashDatabase.open(folder.resolve("stash.db"), Clock.systemUTC()));
        work.change(DemoStash.filled());
    }

    @AfterEach
    void close() throws DatabaseUnusable {
        work.close();
    }

    private int offcuts() {
        return work.stash().papers().stream().filter(StashPaper::offcut).mapToInt(StashPaper::count).sum();
    }

    @Test
    void offcutInOneLine_isAdded_andJoinsThoseAlike() {
        int before = offcuts();
        int entries = work.stash().papers().size();
        assertTrue(work.addOffcut("midnight 5 x 4 1/2 *2", LengthUnit.INCH));
        assertEquals(before + 2, offcuts());
        assertEquals(entries, work.stash().papers().size());
        assertTrue(work.addOffcut("moonlight 3 x 3", LengthUnit.INCH));
        assertEquals(entries + 1, work.stash().papers().size());
        work.undo();
        work.undo();
        assertEquals(before, offcuts());
    }

    @Test
    void lineThatIsNotUnderstood_saysWhy_andChangesNothing() {
        Stash before = work.stash();
        assertFalse(work.addOffcut("sunlight 3 x 3", LengthUnit.INCH));
        assertTrue(work.messageProperty().get().contains("No paper in the stash begins with “sunlight”"));
        assertEquals(before, work.stash());
    }

    @Test
    void exportedTable_isTakenOverAgain() {
        Path table = folder.resolve("stash.csv");
        work.exportTo(table);
        List<StashItem> before = work.stash().items();
        assertTrue(work.importFrom(table, LengthUnit.INCH));
        int notOwned = 1 + work.stash().reservations().size() + work.stash().limits().size();
        assertEquals(2 * before.size() - notOwned, work.stash().items().size(),
                "everything that is owned but the tools is there twice");
    }

    @Test
    void tableWithAMistake_isNotTakenOverAtAll() throws IOException {
        Path table = folder.resolve("more.csv");
        Files.writeString(table, "kind,name,width,height\npaper,Fine,8 1/2,11\npaper,Bad,none,11\n");
        Stash before = work.stash();
        assertFalse(work.importFrom(table, LengthUnit.INCH));
        assertEquals(before, work.stash());
        assertTrue(work.messageProperty().get().contains("more.csv, line 3"), work.messageProperty().get());
    }

    @Test
    void stashThatCannotBeOpened_saysSoAtEveryChange() {
        StashWork broken = StashWork.unusable("The stash cannot be opened.");
        assertFalse(broken.change(DemoStash.filled()));
        assertEquals("The stash cannot be opened.", broken.messageProperty().get());
        assertEquals(Stash.EMPTY, broken.stash());
    }
}
