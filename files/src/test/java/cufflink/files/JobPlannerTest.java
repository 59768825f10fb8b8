package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.cut.CutJob;
import cufflink.cut.LayoutChecker;
import cufflink.cut.SheetLayout;
import cufflink.files.design.DesignLibrary;
import cufflink.files.handout.JobHandOut;
import cufflink.job.Job;
import cufflink.job.JobCutting;
import cufflink.job.JobMessages;
import cufflink.job.JobPlan;
import cufflink.job.JobPlanner;
import cufflink.job.JobTaking;
import cufflink.job.Kit;
import cufflink.job.Purchase;
import cufflink.job.StrandNeed;
import cufflink.job.WhatIf;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.paper.BenchTools;
import cufflink.paper.NamedSize;
import cufflink.paper.PaperRole;
import cufflink.paper.PublishedSizes;
import cufflink.paper.SheetSize;
import cufflink.paper.Stock;
import cufflink.paper.Weight;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.stash.Stash;
import cufflink.stash.StashChange;
import cufflink.stash.StashItem;
import cufflink.stash.StashPaper;
import cufflink.stash.StashRibbon;
import cufflink.stash.StashTaking;
import cufflink.stash.Taken;
import java.io.IOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Jobs of many copies from a stash. Half folds of 4¼ × 5½ in, of which a Letter sheet gives two (common practice), with
 * one layer of 4 × 5¼ in on each leaf.
 */
class JobPlannerTest {
    private static Stock letter(String name) {
        return paper(name, 17, 22);
    }

    /** A paper in half inches. */
    private static Stock paper(String name, int width, int height) {
        return new Stock(name, Length.ofInches(width, 2), Length.ofInches(height, 2), Weight.gsm(240), Optional.empty(),
                "#F4ECD2", "#FFFFFF", false, Stock.Grain.UNKNOWN);
    }

    private static Stash stash(StashPaper... papers) {
        List<StashItem> items = new ArrayList<>();
        for (StashPaper paper : papers) {
            items.add(paper.withId(items.size() + 1));
        }
        return new Stash(items);
    }

    private static Project halfFold() {
        Project project = Project.of(DesignLibrary.builtIn().find("half-fold").orThrow(), RulerStep.SIXTEENTH_INCH);
        return project.withMats(project.mats().withLayers(0))
                .withPaper(PaperRole.material("card"), letter("Moonlight 240"))
                .withPaper(PaperRole.layer(1), letter("Midnight 270"));
    }

    private static JobPlan plan(Job job, Stash stash) {
        JobPlan plan = JobPlanner.improve(JobPlanner.plan(job, stash).orThrow(), () -> false, better -> {});
        assertEquals(List.of(), LayoutChecker.faults(plan.work(), plan.layout()));
        return plan;
    }

    private static Job job(int copies) {
        return Job.of("Cards", List.of(new Kit(halfFold(), copies)), BenchTools.USUAL_INCH);
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 7, 24})
    void stashWithEnough_nothingIsBought_andFewestSheetsAreProved(int copies) {
        JobPlan plan = plan(job(copies), stash(StashPaper.sheets(letter("moonlight 240 "), 12)));
        assertTrue(plan.isFromStash());
        assertEquals((copies + 1) / 2, plan.layout().newSheets());
        assertTrue(plan.isProved());
        assertEquals(List.of(), plan.purchases());
    }

    @Test
    void offcuts_areUsedBeforeSheets() {
        StashPaper offcut = StashPaper.sheets(letter("Moonlight 240"), 0).offcut(Length.ofInches(9), Length.ofInches(6),
                3);
        JobPlan plan = plan(job(4), stash(StashPaper.sheets(letter("Moonlight 240"), 5), offcut));
        assertEquals(1, plan.layout().newSheets());
        assertEquals(3, plan.layout().sheets().stream().filter(sheet -> sheet.stock().offcut()).count());
    }

    @Test
    void whatTheStashLacks_isBought_withSparesAndCost() {
        StashPaper few = StashPaper.sheets(letter("Moonlight 240"), 3).withPrice(Optional.of(new BigDecimal("0.45")));
        Job job = new Job("Cards", List.of(new Kit(halfFold(), 24)), Map.of(), 20, BenchTools.USUAL_INCH);
        JobPlan plan = plan(job, stash(few));
        assertFalse(plan.isFromStash());
        assertEquals(List.of(new Purchase(letter("Moonlight 240"), 9, 3, Optional.of(new BigDecimal("0.45")))),
                plan.purchases());
        assertEquals(Optional.of(new BigDecimal("5.40")), plan.cost());
        assertTrue(plan.isProved());
    }

    /**
     * Three ties of 20 11/16 in from a reel of 45 in and one of 21: two from the first, one from the other, one lacks.
     */
    @Test
    void ribbons_comeFromReelsThatHaveThem_andTheRestIsBought() {
        Project tied = Plans.adding(halfFold(), "tie=ribbon-tie@base.back:outside").orThrow();
        List<StashItem> items = new ArrayList<>(stash(StashPaper.sheets(letter("Moonlight 240"), 20)).items());
        for (int left : new int[] {21, 45}) {
            items.add(new StashRibbon(items.size() + 1L, "Dusk", Length.ofInches(3, 8), Length.ofInches(left),
                    "#334455", ""));
        }
        items.add(new StashRibbon(9, "Wide", Length.ofInches(1), Length.ofInches(400), "#334455", ""));
        Job job = Job.of("Cards", List.of(new Kit(tied, 4)), BenchTools.USUAL_INCH);
        JobPlan plan = JobPlanner.plan(job, new Stash(items)).orThrow();
        StrandNeed need = plan.strands().get(0);
        Length tie = Plans.plan(tied).workings().soft().get(0).length();
        assertEquals(tie.times(4), need.total());
        assertEquals(tie, need.lacks());
        assertTrue(JobMessages.strands(plan.strands(), plan.stash(), LengthFormat.of(LengthUnit.INCH)).get(0)
                .contains("buy"));
        assertEquals(Length.ZERO, JobPlanner.plan(Job.of("Cards", List.of(new Kit(tied, 3)), BenchTools.USUAL_INCH),
                new Stash(items)).orThrow().strands().get(0).lacks());
    }

    @Test
    void papersThatMayTakeItsPlace_areUsed() {
        Job only = job(4);
        Job any = new Job("Cards", only.kits(), Map.of("moonlight 240", List.of("dusk 240", "dawn 240")), 0,
                BenchTools.USUAL_INCH);
        Stash stash = stash(StashPaper.sheets(letter("Dusk 240"), 1), StashPaper.sheets(letter("Dawn 240"), 1));
        assertEquals(2, plan(only, stash).bought());
        assertTrue(plan(any, stash).isFromStash());
    }

    @Test
    void kitsShareSheets_andTheirPiecesAreMarked() {
        Job job = Job.of("Cards", List.of(new Kit(halfFold(), 1), new Kit(halfFold().withName("The other"), 1)),
                BenchTools.USUAL_INCH);
        JobPlan plan = plan(job, stash(StashPaper.sheets(letter("Moonlight 240"), 2)));
        assertEquals(1, plan.layout().sheets().size());
        assertEquals(List.of("A Base", "B Base"), plan.layout().sheets().get(0).placements().stream()
                .map(placement -> placement.label()).sorted().toList());
    }

    @Test
    void measuredSize_isCutFrom_notThePackets() {
        Stock packet = letter("Moonlight 240");
        StashPaper smaller = new StashPaper(0, packet,
                Optional.of(new SheetSize(Length.ofInches(8), Length.ofInches(11))), false, 9,
                Optional.empty(), "");
        JobPlan plan = plan(job(2), stash(smaller));
        assertEquals(2, plan.layout().newSheets(),
                "8 in gives one of 8½ × 5½, where the packet's 8½ in would give two");
    }

    /** All sheets of a plan taken out of a stash. */
    private static StashChange taking(JobPlan plan, Stash stash) {
        List<Integer> all = IntStream.range(0, plan.sheets().size()).boxed().toList();
        return JobTaking.change("Cards", JobCutting.begin("cards", plan.sheets(), List.of()),
                new StashTaking("t", "cards", Taken.ofSheets(all), false), stash);
    }

    @Test
    void cutSheets_leaveTheStash_andOffcutsComeIn_asOneChange() {
        Stash stash = stash(StashPaper.sheets(letter("Moonlight 240"), 5));
        JobPlan plan = plan(job(1), stash);
        StashChange change = taking(plan, stash);
        StashPaper left = (StashPaper) change.edits().get(0).after().orElseThrow();
        StashPaper offcut = (StashPaper) change.edits().get(1).after().orElseThrow();
        assertEquals(4, left.count());
        assertTrue(offcut.offcut() && offcut.count() == 1);
        SheetLayout.Part part = plan.layout().sheets().get(0).offcuts().get(0);
        assertEquals(List.of(part.width(), part.height()), List.of(offcut.stock().width(), offcut.stock().height()));
    }

    @Test
    void sheetsTakenByOthersMeanwhile_neverMakeTheCountNegative() {
        JobPlan plan = plan(job(8), stash(StashPaper.sheets(letter("Moonlight 240"), 5)));
        Stash meanwhile = stash(StashPaper.sheets(letter("Moonlight 240"), 2));
        StashPaper left = (StashPaper) taking(plan, meanwhile).edits().get(0).after().orElseThrow();
        assertEquals(0, left.count());
    }

    @Test
    void howMany_andWhichPapers_andWhatSize() {
        Plan card = Planner.plan(halfFold()).orThrow();
        Stash stash = stash(StashPaper.sheets(letter("Moonlight 240"), 7),
                StashPaper.sheets(paper("Midnight 270", 24, 24), 3),
                StashPaper.sheets(letter("Midnight 270"), 0).offcut(Length.ofInches(5), Length.ofInches(6), 1));
        assertEquals(14, WhatIf.howMany(card, stash, BenchTools.USUAL_INCH));
        assertEquals(List.of(new WhatIf.Gives("Moonlight 240", 14), new WhatIf.Gives("Midnight 270", 6)),
                WhatIf.whichPapers(card, stash, BenchTools.USUAL_INCH));
        Plan small = WhatIf.sizeFrom(halfFold(), stash.papers().get(2)).orThrow();
        assertTrue(small.layout().unplaced().isEmpty());
        assertTrue(small.closedHeight().orElseThrow().compareTo(card.closedHeight().orElseThrow()) < 0);
    }

    @Test
    void handOut_namesWhatIsMadeAndBought_andEachKindOfSheetOnce() throws IOException {
        JobPlan plan = plan(job(24), stash(StashPaper.sheets(letter("Moonlight 240"), 10)));
        JobHandOut.Content content = new JobHandOut.Content("Spring cards", List.of("24 × Half fold"),
                JobMessages.headline(plan), plan.purchases(), List.of(), plan.sheets());
        byte[] pdf = JobHandOut.write(content, LengthFormat.of(LengthUnit.INCH),
                PublishedSizes.named(NamedSize.Kind.SHEET, "Letter").orElseThrow());
        try (PDDocument document = Loader.loadPDF(pdf)) {
            String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
            for (String part : List.of("Spring cards", "24 × Half fold", "Buy 2 sheets: 2 is the least possible.",
                    "To buy", "2 × Moonlight 240", "10 × Moonlight 240", "Gives 2 × Base.")) {
                assertTrue(text.contains(part), part + "\n" + text);
            }
        }
    }

    @Test
    void emptyJob_andProjectThatCannotBePlanned_sayWhy() {
        assertTrue(JobPlanner.plan(Job.of("Nothing", List.of(), BenchTools.USUAL_INCH), Stash.EMPTY).problems().get(0)
                .text().contains("Add a project"));
        Project broken = halfFold().withName("Broken").withSet("width", "nonsense");
        assertTrue(JobPlanner.plan(Job.of("Job", List.of(new Kit(broken, 2)), BenchTools.USUAL_INCH), Stash.EMPTY)
                .problems().get(0).text().startsWith("Broken"));
    }

    @Test
    void workWithoutABlade_isVerifiedToo() {
        JobPlan plan = plan(job(3), Stash.EMPTY);
        CutJob anyBlade = new CutJob(plan.work().pieces(), plan.work().stock(), plan.work().grain(), Optional.empty());
        assertEquals(List.of(), LayoutChecker.faults(anyBlade, plan.layout()));
        assertEquals(2, plan.bought());
    }
}
