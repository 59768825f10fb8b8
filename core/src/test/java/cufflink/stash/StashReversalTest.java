package cufflink.stash;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.measure.Length;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
import cufflink.problem.Outcome;
import cufflink.words.SupplyWords;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

/** Taking changes of the stash back, at once and after others came between. */
class StashReversalTest {
    private static final NamedSize LETTER = PublishedSizes.named(NamedSize.Kind.SHEET, "Letter").orElseThrow();

    private static StashPaper paper(long id, int count) {
        return StashPaper.sheets(Stock.plain("Paper " + id, LETTER, 120), count).withId(id);
    }

    private static StashRibbon ribbon(long id, int millimetres) {
        return new StashRibbon(id, "Ribbon " + id, Length.ofMillimetres(10), Length.ofMillimetres(millimetres),
                "#2B3454", "");
    }

    /** The stash after edits, as the database makes them: what is new gets the next id. */
    private static Stash made(Stash stash, List<StashEdit> edits) {
        List<StashItem> items = new ArrayList<>(stash.items());
        for (StashEdit edit : edits) {
            edit.before().ifPresent(before -> assertTrue(items.remove(before), "no " + before));
            edit.after().ifPresent(after -> items.add(after.id() > 0 ? after : after.withId(items.size() + 100)));
        }
        return new Stash(items);
    }

    private static List<StashItem> sorted(Stash stash) {
        return stash.items().stream().sorted(Comparator.comparing(StashItem::name)).toList();
    }

    private static StashEdit counted(StashPaper paper, int count) {
        return StashEdit.altered(paper, paper.withCount(count));
    }

    private static Outcome<List<StashEdit>> back(StashEdit made, StashItem... now) {
        return StashReversal.of(List.of(made), new Stash(List.of(now)));
    }

    @RepeatedTest(200)
    void whatIsTakenBackAtOnce_leavesTheStashAsItWas(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        List<StashItem> items = new ArrayList<>();
        for (int id = 1; id <= 1 + random.nextInt(6); id++) {
            items.add(random.nextBoolean() ? paper(id, random.nextInt(9)) : ribbon(id, 1 + random.nextInt(900)));
        }
        Stash stash = new Stash(items);
        List<StashEdit> edits = new ArrayList<>();
        for (StashItem item : items) {
            switch (random.nextInt(4)) {
                case 0 -> edits.add(StashEdit.removed(item));
                case 1 -> edits.add(item instanceof StashPaper paper ? counted(paper, random.nextInt(9))
                        : StashEdit.altered(item, ribbon(item.id(), 1 + random.nextInt(900))));
                case 2 -> edits.add(StashEdit.added(paper(50 + item.id(), 1 + random.nextInt(9))));
                default -> {}
            }
        }
        Stash then = made(stash, edits);
        assertEquals(sorted(stash), sorted(made(then, StashReversal.of(edits, then).orThrow())));
    }

    /** A sheet used meanwhile stays used, one bought meanwhile stays bought. */
    @RepeatedTest(200)
    void counts_goBackByWhatTheChangeMoved(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        int before = random.nextInt(12);
        int after = random.nextInt(12);
        int now = random.nextInt(12);
        Outcome<List<StashEdit>> reversed = back(counted(paper(1, before), after), paper(1, now));
        int expected = now - (after - before);
        if (expected < 0) {
            assertEquals(SupplyWords.USED, reversed.problems().get(0).code());
        } else {
            assertEquals(List.of(counted(paper(1, now), expected)), reversed.orThrow());
        }
    }

    @Test
    void lengthOnAReel_goesBackByWhatTheChangeMoved() {
        StashEdit cut = StashEdit.altered(ribbon(1, 300), ribbon(1, 250));
        assertEquals(List.of(StashEdit.altered(ribbon(1, 100), ribbon(1, 150))), back(cut, ribbon(1, 100)).orThrow());
        StashEdit wound = StashEdit.altered(ribbon(1, 100), ribbon(1, 300));
        assertEquals(SupplyWords.USED, back(wound, ribbon(1, 150)).problems().get(0).code());
    }

    @Test
    void newEntry_goesAway_unlessSheetsCameToIt() {
        StashEdit added = StashEdit.added(paper(1, 4));
        assertEquals(List.of(StashEdit.removed(paper(1, 4))), back(added, paper(1, 4)).orThrow());
        assertEquals(List.of(counted(paper(1, 7), 3)), back(added, paper(1, 7)).orThrow());
        assertEquals(SupplyWords.USED, back(added, paper(1, 3)).problems().get(0).code());
    }

    @Test
    void entryThatIsGone_cannotBeChangedBack() {
        assertEquals(SupplyWords.GONE, back(counted(paper(1, 4), 3), paper(2, 4)).problems().get(0).code());
    }

    @Test
    void entryTakenOut_comesBack_unlessItIsThereAgain() {
        StashEdit removed = StashEdit.removed(ribbon(1, 300));
        assertEquals(List.of(StashEdit.added(ribbon(1, 300))), back(removed).orThrow());
        assertEquals(SupplyWords.THERE_AGAIN, back(removed, ribbon(1, 200)).problems().get(0).code());
    }

    /** A ribbon and a paper may have the same id: they stand in different tables. */
    @Test
    void idOfAnotherKind_isAnotherEntry() {
        assertEquals(List.of(StashEdit.added(ribbon(1, 300))),
                back(StashEdit.removed(ribbon(1, 300)), paper(1, 2)).orThrow());
    }

    @Test
    void whatWasChangedSince_staysAsItIs() {
        StashEdit cut = StashEdit.altered(ribbon(1, 300), ribbon(1, 250));
        StashRibbon renamed = new StashRibbon(1, "Dusk", Length.ofMillimetres(10), Length.ofMillimetres(250), "#2B3454",
                "");
        assertEquals(SupplyWords.CHANGED, back(cut, renamed).problems().get(0).code());
        StashPaper priced = paper(1, 3).withPrice(Optional.of(BigDecimal.ONE));
        assertEquals(SupplyWords.CHANGED, back(counted(paper(1, 4), 3), priced).problems().get(0).code());
    }

    @Test
    void everythingThatStandsInTheWay_isNamed() {
        List<StashEdit> edits = List.of(counted(paper(1, 4), 3), counted(paper(2, 4), 3), counted(paper(3, 1), 5));
        Outcome<List<StashEdit>> reversed = StashReversal.of(edits, new Stash(List.of(paper(2, 3), paper(3, 2))));
        assertEquals(List.of(SupplyWords.GONE, SupplyWords.USED),
                reversed.problems().stream().map(problem -> problem.code()).toList());
        assertEquals("Paper 1", reversed.problems().get(0).message().argument("item"));
    }
}
