package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.DesignDefinition;
import cufflink.files.design.DesignLibrary;
import cufflink.files.stash.ShoppingFile;
import cufflink.files.stash.StashDatabase;
import cufflink.job.Job;
import cufflink.job.JobCutting;
import cufflink.job.JobPlan;
import cufflink.job.JobPlanner;
import cufflink.job.JobTaking;
import cufflink.job.Kit;
import cufflink.job.Reserving;
import cufflink.job.UseUp;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.paper.BenchTools;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.paper.SheetSize;
import cufflink.paper.Stock;
import cufflink.plan.Project;
import cufflink.stash.Availability;
import cufflink.stash.Availability.Line;
import cufflink.stash.Availability.Purchase;
import cufflink.stash.Stash;
import cufflink.stash.StashChange;
import cufflink.stash.StashEdit;
import cufflink.stash.StashEnvelope;
import cufflink.stash.StashItem;
import cufflink.stash.StashLimit;
import cufflink.stash.StashPaper;
import cufflink.stash.StashReservation;
import cufflink.stash.StashRibbon;
import cufflink.stash.StashTaking;
import cufflink.stash.Ware;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is set aside, what is short from when, what is to be bought, what offcuts give. */
class ReservationTest {
    private static final NamedSize LETTER = PublishedSizes.named(NamedSize.Kind.SHEET, "Letter").orElseThrow();
    private static final SheetSize SHEET = new SheetSize(LETTER.width(), LETTER.height());
    private static final Stock CARD = Stock.plain("Plain card 250", LETTER, 250);
    private static final Stock PAPER = Stock.plain("Plain paper 120", LETTER, 120);

    @TempDir
    private Path folder;
    private Stash stash;

    @BeforeEach
    void fill() throws Exception {
        stash = with(StashPaper.sheets(CARD, 10).withPrice(Optional.of(new BigDecimal("0.50"))),
                StashPaper.sheets(PAPER, 9),
                new StashRibbon(0, "Silver", Length.ofInches(1, 4), Length.ofInches(40), "#C0C7CC", ""),
                new StashEnvelope(0, "A2", new SheetSize(Length.ofInches(23, 4), Length.ofInches(35, 8)),
                        Optional.empty(), 5, ""));
    }

    private Stash with(StashItem... items) throws Exception {
        try (StashDatabase database = StashDatabase.open(folder.resolve("stash.db"), Clock.systemUTC())) {
            database.apply(StashChange.of("More", List.of(items).stream().map(StashEdit::added).toList()));
            return database.stash();
        }
    }

    private Stash after(StashChange change) throws Exception {
        try (StashDatabase database = StashDatabase.open(folder.resolve("stash.db"), Clock.systemUTC())) {
            database.apply(change);
            return database.stash();
        }
    }

    private static Line line(Stash stash, String name) {
        return Availability.of(stash).stream().filter(line -> line.thing().name().equals(name)).findFirst()
                .orElseThrow();
    }

    private JobPlan job(int copies) {
        Project project = Plans.project("half-fold")
                .withEnvelope(PublishedSizes.named(NamedSize.Kind.ENVELOPE, "A2"));
        return JobPlanner.plan(Job.of("Comet night", List.of(new Kit(project, copies)), BenchTools.USUAL_INCH), stash)
                .orThrow();
    }

    @Test
    void whatIsWantedFirst_isServedFirst_andTheRestIsShortFromThen() throws Exception {
        stash = with(StashReservation.sheets("Plain card 250", SHEET, 6, "Late", "2026-12-20"),
                StashReservation.sheets("Plain card 250", SHEET, 6, "Early", "2026-12-05"),
                StashReservation.sheets("plain CARD 250", SHEET, 2, "Some day", ""));
        Line card = line(stash, "Plain card 250");
        assertEquals(List.of("Early", "Late", "Some day"), card.by().stream().map(StashReservation::job).toList());
        assertEquals(10, card.has().value());
        assertEquals(-4, card.free().value());
        assertEquals("Late", card.shortOf().orElseThrow().job());
        assertEquals("Plain card 250", Availability.of(stash).get(0).thing().name());
        assertTrue(line(stash, "Plain paper 120").shortOf().isEmpty());
    }

    @Test
    void limit_isTold_evenIfNothingIsSetAside() throws Exception {
        stash = with(new StashLimit(0, "Plain paper 120", Ware.SHEETS, 12, Length.ZERO),
                new StashLimit(0, "Silver", Ware.RIBBON, 0, Length.ofInches(30)),
                StashReservation.ribbon("Silver", Length.ofInches(20), "Comet night", ""));
        assertTrue(line(stash, "Plain paper 120").isLow());
        assertEquals(3, line(stash, "Plain paper 120").toBuy().value());
        assertEquals(Length.ofInches(10), line(stash, "Silver").toBuy().length());
        assertFalse(line(stash, "Plain card 250").isLow());
    }

    @Test
    void job_isSetAside_onceOnly_andGivenFree() throws Exception {
        JobPlan plan = job(8);
        stash = after(Reserving.change(plan, "2026-12-12", stash));
        int sheets = plan.layout().sheets().size();
        assertEquals(sheets, stash.reservations().stream().filter(one -> one.ware() == Ware.SHEETS)
                .mapToInt(StashReservation::count).sum());
        assertEquals(8, line(stash, "A2").reserved().value());
        assertEquals(3, line(stash, "A2").toBuy().value());
        Stash again = after(Reserving.change(plan, "2026-12-13", stash));
        assertEquals(stash.reservations().size(), again.reservations().size());
        assertEquals(List.of(), after(Reserving.release("Comet night", again)).reservations());
    }

    @Test
    void sheetsThatAreCut_areSetAsideNoMore() throws Exception {
        JobPlan plan = job(8);
        stash = after(Reserving.change(plan, "", stash));
        JobCutting cutting = JobCutting.begin("one", plan.sheets(), plan.strands());
        for (int i = 0; i < cutting.sheets().size(); i++) {
            cutting = cutting.withDone(i, true);
        }
        StashTaking taking = new StashTaking("t", "one", cutting.toTake(), false);
        stash = after(JobTaking.change("Comet night", cutting, taking, stash));
        assertEquals(List.of(Ware.ENVELOPES), stash.reservations().stream().map(StashReservation::ware).toList());
    }

    @Test
    void shoppingList_isTextTableAndPage() throws Exception {
        stash = with(StashReservation.sheets("Plain card 250", SHEET, 14, "Comet night", "2026-12-12"),
                new StashLimit(0, "Silver", Ware.RIBBON, 0, Length.ofInches(50)));
        List<Purchase> purchases = Availability.toBuy(stash);
        LengthFormat format = LengthFormat.of(LengthUnit.INCH);
        assertEquals("""
                4 × Plain card 250, 8 1/2 × 11 in, 2.00 (for Comet night by 2026-12-12)
                10 in of Silver (to have enough)
                In all 2.00, as far as prices are known
                """, ShoppingFile.text(purchases, format));
        assertEquals("""
                what,name,width,height,count,length,cost,for
                sheet,Plain card 250,215.9 mm,279.4 mm,4,,2.00,Comet night
                ribbon,Silver,,,,254 mm,,
                """, ShoppingFile.csv(purchases).replace("\r\n", "\n"));
        Path pdf = folder.resolve("list.pdf");
        ShoppingFile.write(purchases, format, LETTER, pdf);
        try (var document = Loader.loadPDF(Files.readAllBytes(pdf))) {
            String text = new PDFTextStripper().getText(document);
            assertTrue(text.contains("Plain card 250") && text.contains("Silver"), text);
        }
    }

    @Test
    void whatNobodyCanSetAside_isRefused() {
        assertThrows(IllegalArgumentException.class,
                () -> StashReservation.sheets("Card", SHEET, -1, "Job", ""));
        assertThrows(IllegalArgumentException.class,
                () -> StashReservation.ribbon("Silver", Length.ofInches(1), "Job", "soon"));
    }

    /** What is answered lies on the offcut, and on offcuts alone. */
    @Test
    void useUp_givesTheLargestOutOfOffcuts() throws Exception {
        DesignDefinition fold = DesignLibrary.builtIn().find("half-fold").orThrow();
        assertFalse(new UseUp(stash, RulerStep.SIXTEENTH_INCH, BenchTools.USUAL_INCH).hasOffcuts());
        stash = with(StashPaper.sheets(CARD, 0).offcut(Length.ofInches(6), Length.ofInches(8), 1),
                StashPaper.sheets(PAPER, 0).offcut(Length.ofInches(3), Length.ofInches(2), 4));
        UseUp.Answer answer = new UseUp(stash, RulerStep.SIXTEENTH_INCH, BenchTools.USUAL_INCH).largest(fold)
                .orElseThrow();
        assertEquals(CARD.name(), answer.offcut().name());
        assertTrue(answer.plan().layout().unplaced().isEmpty());
        double side = answer.plan().design().piece("base").width().length().toMillimetres()
                * answer.plan().design().piece("base").height().length().toMillimetres();
        assertTrue(side <= 6 * 8 * 645.17 && side > 0.7 * 6 * 8 * 645.16, "of " + side);
        DesignDefinition large = DesignLibrary.builtIn().find("strip-album").orThrow();
        new UseUp(stash, RulerStep.SIXTEENTH_INCH, BenchTools.USUAL_INCH).largest(large)
                .ifPresent(found -> assertTrue(found.plan().stack().isPresent()));
    }
}
