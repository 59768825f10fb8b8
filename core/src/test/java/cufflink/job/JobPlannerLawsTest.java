package cufflink.job;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestDesigns;
import cufflink.cut.LayoutChecker;
import cufflink.measure.Length;
import cufflink.measure.RulerStep;
import cufflink.paper.Stock;
import cufflink.plan.PlanPapers;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.stash.Stash;
import cufflink.stash.StashItem;
import cufflink.stash.StashPaper;
import cufflink.words.SupplyWords;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Jobs of half folds, 8 × 3 in flat, from a stash and from the shop. */
class JobPlannerLawsTest {
    private static final Project CARD = Project
            .of(TestDesigns.strip(List.of("width", "width"), "v", List.of("c1")), RulerStep.SIXTEENTH_INCH);
    private static final Stock PAPER = CARD.card();

    static Kit kit(int copies) {
        return new Kit(CARD, copies);
    }

    private static StashPaper sheets(int count) {
        return StashPaper.sheets(PAPER, count);
    }

    private static Stash stash(StashPaper... papers) {
        List<StashItem> items = new ArrayList<>();
        for (StashPaper paper : papers) {
            items.add(paper.withId(items.size() + 1));
        }
        return new Stash(items);
    }

    private static JobPlan plan(Job job, Stash stash) {
        return JobPlanner.plan(job, stash).orThrow();
    }

    private static Job job(int copies, int spare) {
        return new Job("cards", List.of(kit(copies)), Map.of(), spare, CARD.tools());
    }

    /** Letter gives three half folds of 8 × 3 in: 8 1/2 × 11 is one strip of three. */
    private static int needed(int copies) {
        return (copies + 2) / 3;
    }

    @RepeatedTest(60)
    void everyPieceIsCut_fromWhatIsOwnedFirst_andTheRestBought(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        int copies = 1 + random.nextInt(20);
        int owned = random.nextInt(8);
        JobPlan plan = plan(job(copies, 0), stash(sheets(owned)));
        assertEquals(copies, plan.layout().sheets().stream()
                .mapToInt(sheet -> sheet.placements().stream().mapToInt(piece -> piece.pieces().size()).sum()).sum());
        assertEquals(Math.max(0, needed(copies) - owned), plan.bought());
        assertEquals(owned >= needed(copies), plan.isFromStash());
        assertTrue(plan.isProved());
        assertEquals(List.of(), LayoutChecker.faults(plan.work(), plan.layout()));
    }

    @ParameterizedTest
    @CsvSource({"9, 0, 0, 3, 0", "9, 10, 0, 3, 1", "9, 100, 0, 3, 3", "9, 34, 0, 3, 2", "9, 100, 1, 2, 3",
        "9, 100, 4, 0, 2", "9, 100, 9, 0, 0"})
    void spares_areAShareOfWhatIsUsed_lessWhatIsLeft(int copies, int spare, int owned, int needed, int spares) {
        List<Purchase> purchases = plan(job(copies, spare), stash(sheets(owned))).purchases();
        assertEquals(needed + spares == 0 ? List.of() : List.of(new Purchase(PAPER, needed, spares, Optional.empty())),
                purchases);
    }

    @Test
    void prices_areThoseOfTheSamePaperInTheSameSize() {
        StashPaper priced = sheets(0).withPrice(Optional.of(new BigDecimal("0.35")));
        JobPlan plan = plan(job(7, 0), stash(priced));
        assertEquals(Optional.of(new BigDecimal("1.05")), plan.cost());
        StashPaper other = StashPaper.sheets(PAPER.inSheets(Length.ofInches(12), Length.ofInches(12)), 0)
                .withPrice(Optional.of(BigDecimal.TEN));
        assertEquals(Optional.empty(), plan(job(7, 0), stash(other)).cost());
    }

    @Test
    void anotherPaper_isTakenOnlyWhereTheMakerSaysSo() {
        Stock night = new Stock("Night", PAPER.width(), PAPER.height(), PAPER.weight(), Optional.empty(), "#101030",
                "#FFFFFF", false, Stock.Grain.UNKNOWN);
        Stash stash = stash(StashPaper.sheets(night, 9));
        assertEquals(1, plan(job(3, 0), stash).bought());
        Job either = new Job("cards", List.of(kit(3)),
                Map.of(PlanPapers.material(PAPER), List.of(PlanPapers.material(night))), 0, CARD.tools());
        assertTrue(plan(either, stash).isFromStash());
    }

    @Test
    void whatIsMade_needsNoPaper() {
        Job job = job(9, 0);
        Map<String, Integer> made = plan(job, Stash.EMPTY).work().pieces().stream()
                .collect(Collectors.toMap(piece -> piece.id(), piece -> 4));
        assertEquals(2, plan(job.withMade(made), Stash.EMPTY).bought());
        made.replaceAll((piece, count) -> 12);
        assertTrue(plan(job.withMade(made), Stash.EMPTY).layout().sheets().isEmpty());
    }

    @Test
    void kitsShareSheets_andAreToldApart() {
        JobPlan plan = plan(Job.of("two", List.of(kit(2), kit(1)), CARD.tools()), Stash.EMPTY);
        assertEquals(1, plan.bought());
        assertEquals(List.of("A", "A", "B"), plan.layout().sheets().get(0).placements().stream()
                .map(placement -> placement.label().substring(0, 1)).sorted().toList());
    }

    @Test
    void emptyJob_andTooMuch_areRefused() {
        assertEquals(SupplyWords.EMPTY,
                JobPlanner.plan(Job.of("none", List.of(), CARD.tools()), Stash.EMPTY).problems().get(0).code());
        List<Kit> many = Collections.nCopies(21, kit(Project.MOST_COPIES));
        assertEquals(SupplyWords.TOO_MANY_PIECES,
                JobPlanner.plan(Job.of("many", many, CARD.tools()), Stash.EMPTY).problems().get(0).code());
        assertThrows(IllegalArgumentException.class, () -> kit(0));
        assertThrows(IllegalArgumentException.class, () -> job(1, 101));
    }

    @Test
    void headline_tellsWhatIsBought_orThatNothingIs() {
        assertEquals(List.of(SupplyWords.BUY_LEAST, SupplyWords.STASH_GIVES), codes(job(9, 0), stash(sheets(1))));
        assertEquals(List.of(SupplyWords.BUY_LEAST), codes(job(9, 0), Stash.EMPTY));
        assertEquals(List.of(SupplyWords.ALL_FROM_STASH_LEAST), codes(job(9, 0), stash(sheets(3))));
        StashPaper offcut = sheets(1).offcut(Length.ofInches(8), Length.ofInches(3), 2);
        assertEquals(List.of(SupplyWords.ALL_FROM_OFFCUTS), codes(job(2, 0), stash(offcut)));
    }

    private static List<?> codes(Job job, Stash stash) {
        return JobMessages.said(plan(job, stash)).stream().map(message -> message.code()).toList();
    }

    /** Three to a sheet; an offcut of one card's size gives one more. */
    @Test
    void howMany_andFromWhich() {
        StashPaper offcut = sheets(1).offcut(Length.ofInches(8), Length.ofInches(3), 1);
        Stash stash = stash(sheets(2), offcut);
        assertEquals(7, WhatIf.howMany(Planner.plan(CARD.withMats(CARD.mats().withLayers(0))).orThrow(), stash,
                CARD.tools()));
        assertEquals(List.of(new WhatIf.Gives(PAPER.name(), 7)),
                WhatIf.whichPapers(Planner.plan(CARD).orThrow(), stash, CARD.tools()));
        assertEquals(0, WhatIf.howMany(Planner.plan(CARD).orThrow(), Stash.EMPTY, CARD.tools()));
    }

    @Test
    void largestFromAnOffcut_orWhyNone() {
        StashPaper offcut = sheets(1).offcut(Length.ofInches(5), Length.ofInches(2), 1);
        assertFalse(WhatIf.sizeFrom(CARD, offcut).value().isEmpty());
        StashPaper strip = sheets(1).offcut(Length.ofInches(1), Length.ofInches(1, 2), 1);
        assertEquals(SupplyWords.TOO_SMALL_A_PIECE, WhatIf.sizeFrom(CARD, strip).problems().stream()
                .filter(problem -> problem.isError()).findFirst().orElseThrow().code());
    }
}
