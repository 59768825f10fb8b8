package cufflink.desktop.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.desktop.demo.DemoProjects;
import cufflink.files.project.KeptJob;
import cufflink.files.project.KeptJob.KeptKit;
import cufflink.files.stash.StashDatabase;
import cufflink.files.database.DatabaseUnusable;
import cufflink.job.JobCutting;
import cufflink.job.JobSheet;
import cufflink.measure.LengthUnit;
import cufflink.paper.PaperRole;
import cufflink.paper.Stock;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stash.StashChange;
import cufflink.stash.StashEdit;
import cufflink.stash.StashPaper;
import cufflink.words.FileWords;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A job from its plan to the last sheet, without a window; the search runs on the test's own thread. */
class JobWorkTest {
    private static final Project PROJECT = DemoProjects.passHolder();

    @TempDir
    private Path folder;
    private StashWork stash;
    private final List<KeptJob> saved = new ArrayList<>();

    @BeforeEach
    void fillStash() throws DatabaseUnusable {
        stash = StashWork.of(StashDatabase.open(folder.resolve("stash.db"), Clock.systemUTC()));
        Stock card = PROJECT.card();
        stash.change(StashChange.of("Filled", StashEdit.added(StashPaper.sheets(card, 6)),
                StashEdit.added(StashPaper.sheets(PROJECT.paper(PaperRole.layer(1)), 20))));
    }

    @AfterEach
    void close() throws DatabaseUnusable {
        stash.close();
    }

    private JobWork open(KeptJob job) {
        return new JobWork(job,
                file -> file.equals("holder.json") ? Outcome.of(PROJECT)
                        : Outcome.failed(Problem.error(file, FileWords.NO_SUCH_FILE.of())),
                stash,
                new LayoutSearch(Runnable::run, Runnable::run, Runnable::run), saved::add, LengthUnit.INCH);
    }

    private JobWork open(int copies) {
        return open(KeptJob.of("Holders", List.of(new KeptKit("holder.json", copies))));
    }

    private int cards() {
        return stash.stash().named(PROJECT.card().name()).stream().filter(paper -> !paper.offcut())
                .mapToInt(StashPaper::count).sum();
    }

    @Test
    void opened_isPlannedFromTheStash() {
        JobWork work = open(6);
        assertTrue(work.planProperty().get().orElseThrow().isFromStash());
        assertFalse(work.searchingProperty().get());
        assertFalse(work.sheetsProperty().get().isEmpty());
    }

    @Test
    void moreCopies_arePlannedAnew_andTakenBack() {
        JobWork work = open(6);
        int before = work.sheetsProperty().get().size();
        work.change(job -> job.withKits(List.of(new KeptKit("holder.json", 14))));
        assertTrue(work.sheetsProperty().get().size() > before);
        assertTrue(work.planProperty().get().orElseThrow().bought() > 0);
        work.undo();
        assertEquals(before, work.sheetsProperty().get().size());
        work.redo();
        assertEquals(14, work.job().kits().get(0).copies());
    }

    @Test
    void next_goesThroughEveryCutOfEverySheet_andTicksThem() {
        JobWork work = open(4);
        work.beginCutting();
        int cuts = work.sheetsProperty().get().stream().mapToInt(sheet -> Math.max(1, sheet.layout().cuts().size()))
                .sum();
        for (int i = 0; i < cuts; i++) {
            work.next();
        }
        assertEquals(work.sheetsProperty().get().size(), work.job().cutting().orElseThrow().doneCount());
        assertTrue(work.messageProperty().get().contains("Every sheet is cut"));
    }

    @Test
    void sheetsAreFixed_onceCuttingHasBegun() {
        JobWork work = open(4);
        work.beginCutting();
        var sheets = work.sheetsProperty().get();
        StashPaper card = stash.stash().papers().get(0);
        stash.change(StashChange.of("Used elsewhere", StashEdit.altered(card, card.withCount(0))));
        work.replan();
        assertEquals(sheets, work.sheetsProperty().get());
    }

    @Test
    void jobSavedInTheMiddle_goesOnWhereItWas() {
        JobWork work = open(4);
        work.beginCutting();
        work.setDone(true);
        work.next();
        JobWork again = open(saved.get(saved.size() - 1));
        assertEquals(work.job(), again.job());
        assertEquals(work.sheet(), again.sheet());
        assertTrue(again.isCutting());
    }

    @Test
    void whatIsCut_leavesTheStashOnce_andComesBackWithUndo() {
        JobWork work = open(4);
        int before = cards();
        work.beginCutting();
        IntStream.range(0, work.sheetsProperty().get().size()).forEach(i -> work.setDone(true));
        int cut = (int) work.sheetsProperty().get().stream()
                .filter(sheet -> sheet.paper().equals(PROJECT.card())).count();
        work.take();
        assertEquals(before - cut, cards());
        work.take();
        assertEquals(before - cut, cards());
        work.undo();
        assertEquals(before, cards());
        work.redo();
        assertEquals(before - cut, cards());
    }

    @Test
    void sheetThatLeftTheStash_keepsItsTick() {
        JobWork work = open(4);
        work.beginCutting();
        work.setDone(true);
        work.take();
        work.goTo(0);
        work.setDone(false);
        assertTrue(work.job().cutting().orElseThrow().done().get(0));
        assertTrue(work.messageProperty().get().contains("already left the stash"));
    }

    @Test
    void layOutAgain_givesTheSheetsUp_andCanBeTakenBack() {
        JobWork work = open(4);
        work.beginCutting();
        work.layOutAgain();
        assertFalse(work.isCutting());
        work.undo();
        assertTrue(work.isCutting());
    }

    /**
     * Every copy is made once: the pieces of the sheets that are done are not planned a second time, and the stash and
     * the job go on agreeing.
     */
    @Test
    void layOutAgain_keepsWhatIsCut() {
        JobWork work = open(4);
        work.beginCutting();
        Map<String, Integer> wanted = pieces(work.sheetsProperty().get());
        work.setDone(true);
        work.take();
        JobCutting before = work.job().cutting().orElseThrow();
        work.layOutAgain();
        JobCutting after = work.job().cutting().orElseThrow();
        assertEquals(before.id(), after.id());
        assertEquals(before.out(), after.out());
        assertEquals(before.sheets().get(0), after.sheets().get(0));
        assertEquals(wanted, pieces(after.sheets()));
        work.undo();
        assertEquals(before, work.job().cutting().orElseThrow());
    }

    private static Map<String, Integer> pieces(List<JobSheet> sheets) {
        Map<String, Integer> pieces = new TreeMap<>();
        sheets.forEach(sheet -> sheet.layout().placements()
                .forEach(placement -> placement.pieces().forEach(piece -> pieces.merge(piece, 1, Integer::sum))));
        return pieces;
    }

    @Test
    void projectThatIsGone_isNamed_andNothingIsLost() {
        KeptJob job = KeptJob.of("Gone", List.of(new KeptKit("gone.json", 3)));
        JobWork work = open(job);
        assertTrue(work.messageProperty().get().contains("gone.json"));
        assertEquals(job, work.job());
        work.next();
        work.beginCutting();
        assertFalse(work.isCutting());
    }

    @Test
    void stoppedSearch_keepsTheFirstPlan() {
        List<Runnable> waiting = new ArrayList<>();
        JobWork work = new JobWork(KeptJob.of("Holders", List.of(new KeptKit("holder.json", 6))),
                file -> Outcome.of(PROJECT), stash, new LayoutSearch(Runnable::run, Runnable::run, waiting::add),
                saved::add,
                LengthUnit.INCH);
        assertTrue(work.searchingProperty().get());
        waiting.get(0).run();
        work.stopSearch();
        waiting.forEach(Runnable::run);
        assertTrue(work.planProperty().get().isPresent());
        assertFalse(work.searchingProperty().get());
    }
}
