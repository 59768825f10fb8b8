package cufflink.desktop.work;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.DesignDefinition;
import cufflink.design.Face;
import cufflink.design.PartAdding;
import cufflink.design.PartPlace;
import cufflink.desktop.demo.DemoProjects;
import cufflink.files.design.BuiltInDesigns;
import cufflink.files.project.KeptJob;
import cufflink.files.project.KeptJob.KeptKit;
import cufflink.files.stash.StashDatabase;
import cufflink.files.database.DatabaseUnusable;
import cufflink.job.JobCutting;
import cufflink.job.JobSheet;
import cufflink.job.JobStrand;
import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import cufflink.paper.BenchTools;
import cufflink.paper.PaperRole;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.stash.StashChange;
import cufflink.stash.StashEdit;
import cufflink.stash.StashPaper;
import cufflink.stash.StashRibbon;
import cufflink.stash.StashTools;
import cufflink.stash.Taken;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Jobs and the stash never disagree about a sheet or a length of ribbon, in whatever order they are taken, added, taken
 * back and done again from either side.
 */
class JobAndStashTest {
    private static final Project PROJECT = tied();
    private static final String CARD = PROJECT.card().name();
    private static final int CARDS = 9;
    private static final String BACK = "base.back";
    private static final Length REEL = Length.ofInches(200);
    private static final Length ODD = Length.ofMillimetres(37);
    private static KeptJob begun;

    @TempDir
    private static Path folder;
    private static int files;
    private StashWork stash;
    private JobWork first;
    private JobWork second;
    private int rounds;

    /** What can be done, from both sides. */
    private enum Deed {
        TAKE, UNDO, REDO, ADD, STASH_UNDO, STASH_REDO, TAKE_SECOND, UNDO_SECOND
    }

    private static Project tied() {
        Project plain = DemoProjects.passHolder();
        DesignDefinition tie = BuiltInDesigns.all().stream()
                .filter(design -> design.id().equals("ribbon-tie")).findFirst().orElseThrow();
        PartPlace place = PartPlace.read(BACK, Optional.of(Face.OUTSIDE)).orElseThrow();
        return PartAdding.part(plain.design(), "tie", tie, place).map(plain::withPart).orThrow();
    }

    @BeforeAll
    static void planOnce() throws DatabaseUnusable {
        StashWork stash = filled();
        JobWork work = open(KeptJob.of("Holders", List.of(new KeptKit("holder.json", 4))), stash);
        work.beginCutting();
        IntStream.range(0, 2).forEach(i -> work.setDone(true));
        work.setStrandDone(strand(work), true);
        begun = work.job();
        stash.close();
    }

    private static StashWork filled() throws DatabaseUnusable {
        StashWork stash = StashWork
                .of(StashDatabase.open(folder.resolve("stash" + files++ + ".db"), Clock.systemUTC()));
        stash.change(StashChange.of("Filled", StashEdit.added(StashPaper.sheets(PROJECT.card(), CARDS)),
                StashEdit.added(StashPaper.sheets(PROJECT.paper(PaperRole.layer(1)), 20)),
                StashEdit.added(new StashRibbon(0, "Dusk", Length.ofInches(3, 8), REEL, "#4B5E86", ""))));
        return stash;
    }

    private static JobWork open(KeptJob job, StashWork stash) {
        return new JobWork(job, file -> Outcome.of(PROJECT), stash,
                new LayoutSearch(Runnable::run, Runnable::run, Runnable::run), kept -> {}, LengthUnit.INCH);
    }

    @BeforeEach
    void start() throws DatabaseUnusable {
        stash = filled();
        first = open(withId("first"), stash);
        second = open(withId("second"), stash);
    }

    private static KeptJob withId(String id) {
        JobCutting cutting = begun.cutting().orElseThrow();
        return begun.withName(id).withCutting(Optional.of(cutting.withId(id)));
    }

    @AfterEach
    void close() throws DatabaseUnusable {
        first.close();
        second.close();
        stash.close();
    }

    private void run(Deed deed) {
        switch (deed) {
            case TAKE -> first.take();
            case UNDO -> first.undo();
            case REDO -> first.redo();
            case ADD -> {
                StashPaper offcut = StashPaper.sheets(PROJECT.card(), 0).offcut(ODD, ODD, 1);
                stash.change(StashChange.of("Added an offcut", stash.stash().added(offcut)));
            }
            case STASH_UNDO -> stash.undo();
            case STASH_REDO -> stash.redo();
            case TAKE_SECOND -> second.take();
            case UNDO_SECOND -> second.undo();
        }
    }

    private int cards() {
        return stash.stash().named(CARD).stream().filter(paper -> !paper.offcut()).mapToInt(StashPaper::count).sum();
    }

    private static JobStrand strand(JobWork job) {
        return job.job().cutting().orElseThrow().strands().get(0);
    }

    private Length onReel() {
        return stash.stash().ribbons().get(0).left();
    }

    private static Length offReel(JobWork job) {
        return strand(job).taken() ? strand(job).need().total() : Length.ZERO;
    }

    private static int out(JobWork job) {
        List<JobSheet> sheets = job.job().cutting().map(JobCutting::sheets).orElse(List.of());
        return (int) job.job().cutting().map(JobCutting::out).orElseThrow().sheets().stream()
                .filter(sheet -> sheets.get(sheet).paper().name().equals(CARD)).count();
    }

    /** Every sheet of card lies in the stash or is out for a job, every length of ribbon is on its reel or off it. */
    private void agree(String after) {
        assertEquals(REEL, onReel().plus(offReel(first)).plus(offReel(second)), after);
        assertEquals(CARDS, cards() + out(first) + out(second), after);
        JobWork again = open(first.job(), stash);
        assertEquals(first.job(), again.job(), after);
        again.close();
    }

    @Test
    void takenForAJob_undoneInTheStash_isNotTakenForTheJob() {
        first.take();
        assertFalse(first.job().cutting().orElseThrow().out().isEmpty());
        stash.undo();
        assertTrue(first.job().cutting().orElseThrow().out().isEmpty());
        assertEquals(CARDS, cards());
    }

    @Test
    void ribbonOfAJob_comesOffTheReel_andGoesBackOnIt() {
        first.take();
        assertEquals(REEL.minus(strand(first).need().total()), onReel());
        first.setStrandDone(strand(first), false);
        assertTrue(strand(first).done(), "what has left the stash was cut");
        first.undo();
        assertEquals(REEL, onReel());
    }

    @Test
    void reelChosen_isTheOneThatRibbonComesFrom_andCanBeUndone() {
        stash.change(StashChange.of("Added a reel", StashEdit
                .added(new StashRibbon(0, "Silver", Length.ofInches(3, 8), REEL.times(2), "#A9B4B8", ""))));
        StashRibbon silver = stash.stash().ribbons().get(1);
        List<Long> before = strand(first).need().from();
        first.cutFrom(strand(first), List.of(silver));
        assertEquals(List.of(silver.id()), strand(first).need().from());
        first.take();
        assertEquals(REEL, onReel());
        first.undo();
        first.undo();
        assertEquals(before, strand(first).need().from());
    }

    @Test
    void undoInTheJob_leavesWhatWasAddedByHand() {
        first.take();
        run(Deed.ADD);
        first.undo();
        assertEquals(CARDS, cards());
        assertTrue(
                stash.stash().papers().stream().anyMatch(paper -> paper.offcut() && paper.stock().width().equals(ODD)));
        assertTrue(first.job().cutting().orElseThrow().out().isEmpty());
    }

    @Test
    void undoInStashAndJob_takesBackOnce() {
        first.take();
        stash.undo();
        first.undo();
        assertEquals(CARDS, cards());
        assertTrue(first.messageProperty().get().contains("already"), first.messageProperty().get());
    }

    @Test
    void undoOfOneJob_leavesTheOthersTaking() {
        first.take();
        second.take();
        first.undo();
        assertTrue(first.job().cutting().orElseThrow().out().isEmpty());
        assertFalse(second.job().cutting().orElseThrow().out().isEmpty());
        agree("undo of the first job");
    }

    @Test
    void offcutUsedSince_isNamed_andNothingChanges() {
        first.take();
        StashPaper offcut = stash.stash().papers().stream().filter(StashPaper::offcut).findFirst().orElseThrow();
        stash.change(StashChange.of("Used it", StashEdit.removed(offcut)));
        int before = cards();
        first.undo();
        assertEquals(before, cards());
        assertTrue(first.messageProperty().get().contains("no longer there"), first.messageProperty().get());
        assertFalse(first.job().cutting().orElseThrow().out().isEmpty());
        stash.undo();
        first.undo();
        assertEquals(CARDS, cards());
    }

    @Test
    void everyOrderOfThreeDeeds_agrees() {
        Deed[] deeds = {Deed.TAKE, Deed.UNDO, Deed.REDO, Deed.ADD, Deed.STASH_UNDO, Deed.STASH_REDO};
        for (int order = 0; order < Math.pow(deeds.length, 3); order++) {
            List<Deed> done = new ArrayList<>();
            for (int rest = order, i = 0; i < 3; i++, rest /= deeds.length) {
                done.add(deeds[rest % deeds.length]);
            }
            play(done);
        }
    }

    @Test
    void longOrders_ofTwoJobs_agree() {
        Random random = new Random(20);
        for (int round = 0; round < 60; round++) {
            play(random.ints(14, 0, Deed.values().length).mapToObj(i -> Deed.values()[i]).toList());
        }
    }

    /** From a fresh start; the same stash serves on, all its changes taken back. */
    private void play(List<Deed> deeds) {
        first.close();
        second.close();
        String round = String.valueOf(rounds++);
        first = open(withId("first " + round), stash);
        second = open(withId("second " + round), stash);
        StashTools tools = new StashTools(stash.stash().tools().orElse(BenchTools.USUAL_INCH));
        stash.change(StashChange.of("Round " + round,
                stash.stash().tools().isPresent() ? StashEdit.altered(tools, tools) : StashEdit.added(tools)));
        long start = stash.historyProperty().get().get(0).id();
        for (int i = 0; i < deeds.size(); i++) {
            if (deeds.get(i) != Deed.STASH_UNDO || isChangedSince(start)) {
                run(deeds.get(i));
                agree(deeds.subList(0, i + 1).toString());
            }
        }
        while (isChangedSince(start)) {
            stash.undo();
        }
        agree("everything taken back after " + deeds);
        assertEquals(CARDS, cards(), deeds.toString());
    }

    private boolean isChangedSince(long start) {
        return stash.historyProperty().get().stream().anyMatch(entry -> entry.id() > start && !entry.undone());
    }

    @Test
    void takingsOfAnOlderVersion_areKept() {
        JobCutting old = begun.cutting().orElseThrow().withTaken(Taken.ofSheets(Set.of(0))).withId("");
        JobWork work = open(begun.withCutting(Optional.of(old)), stash);
        assertEquals(Taken.ofSheets(Set.of(0)), work.job().cutting().orElseThrow().out());
        assertFalse(work.job().cutting().orElseThrow().id().isEmpty());
        work.close();
    }
}
