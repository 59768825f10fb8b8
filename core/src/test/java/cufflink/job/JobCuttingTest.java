package cufflink.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.cut.CutJob;
import cufflink.cut.CutPiece;
import cufflink.cut.GuillotinePlanner;
import cufflink.cut.LayoutPlan;
import cufflink.cut.StockSheet;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
import cufflink.stash.Stash;
import cufflink.stash.StashChange;
import cufflink.stash.StashEdit;
import cufflink.stash.StashItem;
import cufflink.stash.StashPaper;
import cufflink.stash.StashRibbon;
import cufflink.stash.StashTaking;
import cufflink.stash.Taken;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** A job on the table: what is done, what is out of the stash, and what comes back to it. */
class JobCuttingTest {
    private static final NamedSize LETTER = PublishedSizes.named(NamedSize.Kind.SHEET, "Letter").orElseThrow();
    private static final Stock CARD = Stock.plain("Card", LETTER, 250);

    /** Sheets of Letter that each give one piece of 6 × 8 in, from an entry of the stash or to be bought. */
    private static List<JobSheet> sheets(int count, OptionalLong entry) {
        LayoutPlan plan = new GuillotinePlanner().plan(new CutJob(
                List.of(new CutPiece("base", "base", count, Length.ofInches(6), Length.ofInches(8), "card", true)),
                List.of(new StockSheet("card", "card", LETTER.width(), LETTER.height(), OptionalInt.empty(), false))));
        assertEquals(count, plan.sheets().size());
        return plan.sheets().stream().map(sheet -> new JobSheet(sheet, CARD, entry)).toList();
    }

    private static JobCutting random(Random random) {
        JobCutting cutting = JobCutting.begin("job", sheets(1 + random.nextInt(7), OptionalLong.of(1)), List.of());
        Set<Integer> out = new HashSet<>();
        for (int sheet = 0; sheet < cutting.sheets().size(); sheet++) {
            cutting = random.nextBoolean() ? cutting.withDone(sheet, true) : cutting;
            if (random.nextInt(3) == 0) {
                out.add(sheet);
            }
        }
        return cutting.withTaken(Taken.ofSheets(out));
    }

    @RepeatedTest(100)
    void whatIsOutOfTheStash_isDone_andNotTakenAgain(RepetitionInfo run) {
        JobCutting cutting = random(new Random(run.getCurrentRepetition()));
        Set<Integer> done = IntStream.range(0, cutting.sheets().size()).filter(cutting.done()::get).boxed()
                .collect(Collectors.toCollection(TreeSet::new));
        assertTrue(done.containsAll(cutting.out().sheets()));
        Set<Integer> both = new TreeSet<>(cutting.toTake().sheets());
        assertTrue(both.stream().noneMatch(cutting.out().sheets()::contains));
        both.addAll(cutting.out().sheets());
        assertEquals(done, both);
        assertEquals(done.size(), cutting.doneCount());
    }

    @RepeatedTest(100)
    void piecesMade_areThoseOfTheSheetsThatAreDone(RepetitionInfo run) {
        JobCutting cutting = random(new Random(run.getCurrentRepetition()));
        assertEquals(cutting.doneCount() == 0 ? Map.of() : Map.of("base", cutting.doneCount()), cutting.made());
    }

    /** A sheet out of the stash is known there by its place: no new plan for the rest may move it. */
    @RepeatedTest(200)
    void newPlanForTheRest_movesNoSheetThatIsOut(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        JobCutting before = random(random);
        List<JobSheet> rest = random.nextInt(4) == 0 ? List.of()
                : sheets(1 + random.nextInt(6), OptionalLong.of(2));
        Optional<JobCutting> next = before.withRest(rest, List.of());
        int lastOut = before.out().sheets().stream().max(Integer::compare).orElse(-1);
        int others = (int) before.done().stream().filter(done -> done).count() - before.out().sheets().size()
                + rest.size();
        assertEquals(lastOut + 1 - before.out().sheets().size() <= others, next.isPresent());
        next.ifPresent(after -> {
            assertEquals(before.out().sheets(), after.out().sheets());
            before.out().sheets().forEach(place -> assertEquals(before.sheets().get(place), after.sheets().get(place)));
            assertEquals(before.doneCount(), after.doneCount());
            assertEquals(before.doneCount() + rest.size(), after.sheets().size());
        });
    }

    @Test
    void nextOpenSheet_isLookedForRound() {
        JobCutting cutting = JobCutting.begin("job", sheets(4, OptionalLong.of(1)), List.of()).withDone(2, true)
                .withDone(3, true);
        assertEquals(1, cutting.nextOpen(0));
        assertEquals(0, cutting.nextOpen(1));
        assertEquals(0, cutting.nextOpen(2));
        JobCutting all = cutting.withDone(0, true).withDone(1, true);
        assertEquals(2, all.nextOpen(2));
    }

    @Test
    void statesOfOtherSheets_cannotBe() {
        List<JobSheet> two = sheets(2, OptionalLong.empty());
        List<Boolean> one = List.of(true);
        List<Boolean> both = List.of(true, false);
        assertThrows(IllegalArgumentException.class, () -> new JobCutting("job", two, one, both, List.of()));
        assertThrows(IllegalArgumentException.class, () -> new JobCutting("job", two, both, one, List.of()));
    }

    private static StashChange taken(int sheets, Stash stash, OptionalLong entry) {
        JobCutting cutting = JobCutting.begin("job", sheets(sheets, entry), List.of());
        return JobTaking.change("Cards", cutting,
                new StashTaking("taking", "job", Taken.ofSheets(IntStream.range(0, sheets).boxed().toList()), false),
                stash);
    }

    private static StashPaper only(List<StashEdit> edits, boolean offcut) {
        List<StashPaper> papers = edits.stream().flatMap(edit -> edit.after().stream()).map(StashPaper.class::cast)
                .filter(paper -> paper.offcut() == offcut).toList();
        assertEquals(1, papers.size(), edits.toString());
        return papers.get(0);
    }

    /** Letter less 6 × 8 in leaves strips of 2 1/2 in and of 3 in, which are worth keeping. */
    @Test
    void sheetsLeaveTheStash_andOffcutsAlikeComeToIt() {
        Stash stash = new Stash(List.of(StashPaper.sheets(CARD, 10).withId(1)));
        List<StashEdit> edits = taken(3, stash, OptionalLong.of(1)).edits();
        assertEquals(7, only(edits, false).count());
        assertTrue(only(edits, true).count() % 3 == 0 && only(edits, true).id() == 0, edits.toString());
    }

    @Test
    void offcutsAlike_lieWithThoseThatAreThere() {
        StashPaper kept = only(taken(1, new Stash(List.of(StashPaper.sheets(CARD, 10).withId(1))), OptionalLong.of(1))
                .edits(), true);
        Stash stash = new Stash(List.of(StashPaper.sheets(CARD, 10).withId(1), kept.withId(2)));
        StashPaper more = only(taken(2, stash, OptionalLong.of(1)).edits(), true);
        assertEquals(2, more.id());
        assertEquals(3 * kept.count(), more.count());
    }

    @Test
    void entryThatHoldsTooFew_goesToNothing_notBelow() {
        Stash stash = new Stash(List.of(StashPaper.sheets(CARD, 1).withId(1)));
        assertEquals(0, only(taken(3, stash, OptionalLong.of(1)).edits(), false).count());
    }

    @Test
    void offcutUsedUp_isNoEntryAnyMore() {
        StashItem offcut = StashPaper.sheets(CARD, 9).offcut(LETTER.width(), LETTER.height(), 1).withId(1);
        List<StashEdit> edits = taken(1, new Stash(List.of(offcut)), OptionalLong.of(1)).edits();
        assertTrue(edits.contains(StashEdit.removed(offcut)), edits.toString());
    }

    @Test
    void boughtSheets_leaveNothingInTheStashButTheirOffcuts() {
        List<StashEdit> edits = taken(2, Stash.EMPTY, OptionalLong.empty()).edits();
        assertTrue(edits.stream().allMatch(edit -> edit.before().isEmpty()), edits.toString());
        assertTrue(only(edits, true).offcut());
    }

    private static final Length REEL = Length.ofInches(30);

    private static StashRibbon reel(long id, Length left) {
        return new StashRibbon(id, "Dusk", Length.ofMillimetres(6), left, "#334455", "");
    }

    private static StrandNeed ribbon(int... inches) {
        return new StrandNeed("ribbon", Length.ofMillimetres(6), IntStream.of(inches).mapToObj(
                length -> new StrandNeed.StrandCut(Length.ofInches(length), OptionalLong.empty())).toList());
    }

    private static JobCutting ribbonCut(StrandNeed need) {
        return JobCutting.begin("job", List.of(), List.of(need)).withStrandDone(need.id(), true);
    }

    private static Stash less(Stash stash, JobCutting cutting) {
        return new Stash(JobTaking.change("Cards", cutting, new StashTaking("taking", "job", cutting.toTake(), false),
                stash).edits().stream().flatMap(edit -> edit.after().stream()).toList());
    }

    @Test
    void ribbonThatIsCut_comesOffItsReel_andNotTwice() {
        Stash stash = new Stash(List.of(reel(1, REEL)));
        JobCutting cutting = ribbonCut(ribbon(8, 8, 5).cutFrom(stash.ribbons()));
        assertEquals(List.of(reel(1, Length.ofInches(9))), less(stash, cutting).ribbons());
        assertTrue(cutting.withTaken(cutting.toTake()).toTake().isEmpty());
    }

    @Test
    void ribbonIsTaken_fromOneReelThatHasItAll_ifThereIsOne() {
        List<StashRibbon> reels = List.of(reel(1, Length.ofInches(9)), reel(2, REEL), reel(3, REEL.times(2)));
        assertEquals(List.of(2L), ribbon(8, 8, 5).cutFrom(reels).from());
        assertEquals(List.of(3L), ribbon(20, 20, 8).cutFrom(reels).from());
    }

    @Test
    void reelThatHoldsTooLittle_goesToNothing_notBelow() {
        JobCutting cutting = ribbonCut(ribbon(8, 8).cutFrom(List.of(reel(1, REEL))));
        assertEquals(List.of(reel(1, Length.ZERO)),
                less(new Stash(List.of(reel(1, Length.ofInches(3)))), cutting).ribbons());
    }

    @Test
    void boughtRibbon_isOnNoReelOfTheStash() {
        JobCutting cutting = ribbonCut(ribbon(8, 8).cutFrom(List.of(reel(1, Length.ofInches(9)))));
        assertEquals(List.of(reel(1, Length.ofInches(1))),
                less(new Stash(List.of(reel(1, Length.ofInches(9)))), cutting).ribbons());
        assertEquals(Length.ofInches(8), cutting.strands().get(0).need().lacks());
    }

    @Test
    void lineOfARibbon_saysLengthsAndReels_andWhatToBuy() {
        Stash stash = new Stash(List.of(reel(1, Length.ofInches(9)), reel(2, REEL)));
        StrandNeed need = ribbon(8, 8, 5);
        LengthFormat inches = LengthFormat.of(LengthUnit.INCH);
        String width = "Ribbon, " + inches.text(need.width()) + " wide: 2 × 8 in, 1 × 5 in, in all 21 in; ";
        assertEquals(width + "from “Dusk”.", JobMessages.strand(need.cutFrom(stash.ribbons()), stash, inches));
        assertEquals(width + "from “Dusk”, and buy 13 in.",
                JobMessages.strand(need.cutFrom(List.of(reel(1, Length.ofInches(9)))), stash, inches));
        assertEquals(width + "buy 21 in.", JobMessages.strand(need, stash, inches));
    }

    @Test
    void reelsOfRibbon_areChosenUntilItIsTaken() {
        StrandNeed need = ribbon(8, 8).cutFrom(List.of(reel(1, REEL)));
        JobCutting other = ribbonCut(need).withReels(need.id(), List.of(reel(2, REEL)));
        assertEquals(List.of(2L), other.strands().get(0).need().from());
        JobCutting taken = other.withTaken(other.toTake());
        assertEquals(taken, taken.withReels(need.id(), List.of(reel(1, REEL))));
    }

    @Test
    void newPlanForTheRest_keepsRibbonThatIsCut() {
        StrandNeed cut = ribbon(8, 8);
        StrandNeed string = new StrandNeed("string", Length.ofMillimetres(1), ribbon(9).cuts());
        JobCutting begun = JobCutting.begin("job", List.of(), List.of(cut, string)).withStrandDone(cut.id(), true);
        JobCutting next = begun.withRest(List.of(), List.of(ribbon(4, 4), string)).orElseThrow();
        assertEquals(List.of(cut, string), next.strands().stream().map(JobStrand::need).toList());
        assertEquals(List.of(true, false), next.strands().stream().map(JobStrand::done).toList());
    }

    @Test
    void marks_areAllDifferent() {
        List<Kit> kits = new ArrayList<>();
        Kit kit = JobPlannerLawsTest.kit(1);
        IntStream.range(0, 900).forEach(i -> kits.add(kit));
        Job job = Job.of("many", kits, kit.project().tools());
        List<String> marks = IntStream.range(0, 900).mapToObj(job::mark).toList();
        assertEquals(900, Set.copyOf(marks).size());
        assertEquals(List.of("A", "Z", "AA", "AZ", "BA", "ZZ", "AAA"),
                List.of(marks.get(0), marks.get(25), marks.get(26), marks.get(51), marks.get(52), marks.get(701),
                        marks.get(702)));
        assertEquals("", Job.of("one", List.of(kit), kit.project().tools()).mark(0));
    }
}
