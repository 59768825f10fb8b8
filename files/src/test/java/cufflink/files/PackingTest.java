package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.client.j2se.BufferedImageLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import cufflink.files.handout.ClassSheet;
import cufflink.files.handout.LabelPages;
import cufflink.files.handout.PackingHandOut;
import cufflink.files.packing.Evenings;
import cufflink.files.packing.KitLabels;
import cufflink.job.Job;
import cufflink.job.JobPlan;
import cufflink.job.JobPlanner;
import cufflink.job.Kit;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.notebook.Learned;
import cufflink.notebook.Make;
import cufflink.notebook.PhaseTimes;
import cufflink.packing.EveningPlan;
import cufflink.packing.KitCost;
import cufflink.packing.PackItem;
import cufflink.packing.PackWishes;
import cufflink.packing.Packing;
import cufflink.packing.PackingSteps;
import cufflink.packing.PaperRange;
import cufflink.packing.Station;
import cufflink.packing.ToBring;
import cufflink.paper.BenchTools;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.paper.SheetSize;
import cufflink.paper.Stock;
import cufflink.plan.CutPart;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.stash.Stash;
import cufflink.stash.StashEnvelope;
import cufflink.stash.StashPaper;
import java.awt.image.BufferedImage;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Kits: what goes into each, in which paper, how much is left; lists and labels on paper. */
class PackingTest {
    private static final NamedSize LETTER = PublishedSizes.named(NamedSize.Kind.SHEET, "Letter").orElseThrow();
    private static final LengthFormat FORMAT = LengthFormat.of(LengthUnit.INCH);

    private static StashPaper paper(long id, String name, int count) {
        return StashPaper.sheets(Stock.plain(name, LETTER, 250), count).withId(id);
    }

    private static JobPlan job(Map<String, List<String>> alternatives, Stash stash, Kit... kits) {
        return JobPlanner.plan(new Job("Class", List.of(kits), alternatives, 0, BenchTools.USUAL_INCH), stash)
                .orThrow();
    }

    private static PackWishes kits(int count) {
        return new PackWishes(count, false, List.of(), true);
    }

    /** A second road: the pieces of the plan itself, counted. */
    @ParameterizedTest
    @ValueSource(strings = {"overlapping-gate", "ribbon-wallet", "squash-fold", "waterfall", "tagged-pockets"})
    void everyPieceOfThePlan_isInTheKit(String design) {
        Project project = Plans.project(design);
        Packing packing = Packing.of(job(Map.of(), Stash.EMPTY, new Kit(project, 12)), kits(6)).orThrow();
        Plan plan = Plans.plan(project);
        int pieces = plan.design().pieces().stream().filter(piece -> piece.from().isEmpty())
                .mapToInt(piece -> CutPart.of(project, piece).size()).sum();
        int layers = plan.mats().stream().mapToInt(mat -> CutPart.of(project, plan.design(), mat).size()).sum();
        assertEquals(2 * pieces, count(packing, Station.PIECES));
        assertEquals(2 * layers, count(packing, Station.LAYERS));
        assertEquals(2 * plan.workings().soft().size(), count(packing, Station.RIBBON));
        assertEquals(1, count(packing, Station.DIRECTIONS));
        assertEquals(packing.items().size(), packing.items().stream().map(PackItem::id).distinct().count());
    }

    private static int count(Packing packing, Station station) {
        return packing.items().stream().filter(item -> item.station() == station).mapToInt(PackItem::perKit).sum();
    }

    /** Eight sheets give eight bases; then the other card follows, as far as it goes, and the rest is bought. */
    @Test
    void paperThatRunsOut_isFollowedByAnother_neverWithinAKit() {
        Stash stash = new Stash(List.of(paper(1, "Plain card 250", 8), paper(2, "Other card", 3),
                paper(3, "Plain paper 120", 99)));
        Packing packing = Packing.of(job(Map.of("plain card 250", List.of("other card")), stash,
                new Kit(Plans.project("overlapping-gate"), 12)), kits(12)).orThrow();
        assertEquals(List.of(new PaperRange("plain card 250", 1, 8, "plain card 250", true),
                new PaperRange("plain card 250", 9, 11, "other card", true),
                new PaperRange("plain card 250", 12, 12, "plain card 250", false)),
                packing.ranges().stream().filter(range -> range.own().equals("plain card 250")).toList());
        for (PackItem item : packing.items()) {
            List<PaperRange> its = packing.ranges().stream().filter(range -> range.own().equals(item.paper()))
                    .toList();
            assertTrue(item.paper().isEmpty() || IntStream.rangeClosed(1, 12)
                    .allMatch(kit -> its.stream().filter(range -> range.from() <= kit && kit <= range.to())
                            .count() == 1),
                    item.label());
        }
        assertEquals(List.of("Kits 9 to 11: Other card in place of Plain card 250.",
                "Kit 12: Plain card 250 is to be bought."),
                packing.substitutions().stream().map(message -> message.sentence()).toList());
    }

    /** A paper that is another's own is shared out only once. */
    @Test
    void paperOfTwoProjects_isSharedOnce() {
        Stash stash = new Stash(List.of(paper(1, "Plain card 250", 4), paper(3, "Plain paper 120", 99)));
        Kit gate = new Kit(Plans.project("overlapping-gate"), 4);
        Packing packing = Packing.of(job(Map.of(), stash, gate, gate), kits(4)).orThrow();
        PaperRange card = packing.ranges().stream().filter(range -> range.own().equals("plain card 250")).findFirst()
                .orElseThrow();
        assertEquals(2, card.to(), "four sheets give two kits of two");
    }

    @Test
    void left_isWhatTheKitsStillNeed() {
        Packing packing = Packing.of(job(Map.of(), Stash.EMPTY, new Kit(Plans.project("overlapping-gate"), 40)),
                kits(20)).orThrow();
        PackItem base = packing.items().get(0);
        assertEquals(2, base.perKit());
        assertEquals(16, base.left(20, 12));
        assertEquals(0, base.left(20, 20));
    }

    /** Both ways end with everything packed; on the way, what is packed and what is left is all there is. */
    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void steps_packEveryItemOnce(boolean byKit) {
        Packing packing = Packing.of(job(Map.of(), Stash.EMPTY, new Kit(Plans.project("overlapping-gate"), 10)),
                kits(5)).orThrow();
        PackingSteps steps = new PackingSteps(packing, byKit);
        for (PackItem item : packing.items()) {
            assertEquals(item.perKit() * 5, steps.left(item, 0));
            assertEquals(0, steps.left(item, steps.size()));
            for (int done = 1; done <= steps.size(); done++) {
                int moved = steps.left(item, done - 1) - steps.left(item, done);
                PackingSteps.Step step = steps.step(done - 1);
                boolean its = step.item().map(item::equals).orElse(true);
                assertEquals(its ? item.perKit() : 0, moved, item.label() + " " + done);
            }
        }
    }

    @ParameterizedTest
    @CsvSource({"0, 0", "5, 0", "12, 3"})
    void whatCannotBeShared_isNamed(int kits, int names) {
        PackWishes wishes = new PackWishes(kits, false, IntStream.range(0, names).mapToObj(i -> "N" + i).toList(),
                true);
        assertTrue(Packing.of(job(Map.of(), Stash.EMPTY, new Kit(Plans.project("half-fold"), 12)), wishes).value()
                .isEmpty());
    }

    @Test
    void lists_nameEveryItem_stationByStationAndKitByKit() throws Exception {
        Packing packing = Packing.of(job(Map.of(), Stash.EMPTY, new Kit(Plans.project("ribbon-wallet"), 7)),
                new PackWishes(7, true, List.of("Ada", "Bo", "Cy", "Di", "Ed", "Flo", "Gil"), true)).orThrow();
        for (boolean byKit : new boolean[] {true, false}) {
            String text = text(PackingHandOut.write(packing, byKit, FORMAT, LETTER));
            packing.items().forEach(item -> assertTrue(text.contains(item.label().split(",")[0]), item.label()));
            assertTrue(text.contains(byKit ? "Kit 7, Gil" : "after kit 5: "), text);
        }
    }

    private static String text(byte[] pdf) throws Exception {
        try (var document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document);
        }
    }

    private static LabelPages.Sheet sheet(int rows, int columns) {
        return new LabelPages.Sheet(LETTER, rows, columns, Length.ofMillimetres(5), Length.ofMillimetres(12),
                Length.ZERO, Length.ZERO);
    }

    /** Sheets used are 12 and 12 of the smaller price; a metre of ribbon at 2.00 gives 0.0508 for an inch. */
    @Test
    void cost_isThatOfWholeSheets_ribbonAndEnvelopes() {
        Project project = Plans.project("half-fold").withEnvelope(PublishedSizes.named(NamedSize.Kind.ENVELOPE, "A2"));
        Stash stash = new Stash(List.of(
                paper(1, "Plain card 250", 50).withPrice(Optional.of(new BigDecimal("0.50"))),
                paper(2, "Plain paper 120", 50).withPrice(Optional.of(new BigDecimal("0.10"))),
                new StashEnvelope(3, "A2", new SheetSize(LETTER.width(), LETTER.height()), Optional.empty(), 99,
                        Optional.of(new BigDecimal("0.25")), "")));
        JobPlan plan = job(Map.of(), stash, new Kit(project, 8));
        long card = plan.layout().sheets().stream().filter(one -> one.stock().name().startsWith("Plain card")).count();
        long paper = plan.layout().sheets().size() - card;
        KitCost cost = KitCost.of(plan);
        assertEquals(0, cost.paper().compareTo(new BigDecimal("0.50").multiply(BigDecimal.valueOf(card))
                .add(new BigDecimal("0.10").multiply(BigDecimal.valueOf(paper)))));
        assertEquals(0, cost.envelopes().compareTo(new BigDecimal("2.00")));
        assertEquals(List.of(), cost.unknown());
        assertEquals(cost.total().divide(BigDecimal.valueOf(4), 2, RoundingMode.HALF_UP), cost.perKit(4));
        KitCost none = KitCost.of(job(Map.of(), Stash.EMPTY, new Kit(project, 8)));
        assertEquals(List.of("Plain card 250", "Plain paper 120", "envelope A2"),
                none.unknown().stream().sorted((one, two) -> one.compareToIgnoreCase(two)).sorted().toList());
    }

    private static EveningPlan.Work work(String name, double cut, double glue, double check) {
        Map<Phase, Double> took = new EnumMap<>(Phase.class);
        took.putAll(Map.of(Phase.CUT, cut, Phase.GLUE, glue, Phase.CHECK, check));
        return new EveningPlan.Work(name, took);
    }

    /** While A dries, B is cut: 10 + 10, then B 20 + 5, A's check fits in between. */
    @Test
    void evening_usesTheTimeInWhichGlueDries() {
        EveningPlan plan = EveningPlan.of(List.of(work("A", 10, 10, 5), work("B", 20, 5, 5)), 30);
        assertTrue(plan.proved());
        // A first: 20, B until 45, A waited for until 50, B until 75. B first ends at 80, too.
        assertEquals(80, plan.seconds(), 1e-9);
        for (EveningPlan.Block block : plan.blocks()) {
            if (block.phase() == Phase.CHECK) {
                double glued = plan.blocks().stream()
                        .filter(one -> one.project().equals(block.project()) && one.phase() == Phase.GLUE)
                        .mapToDouble(one -> one.from() + one.seconds()).max().orElseThrow();
                assertTrue(block.from() >= glued + 30, block.toString());
            }
        }
        double end = 0;
        for (EveningPlan.Block block : plan.blocks()) {
            assertTrue(block.from() >= end, "two hands do one thing at a time");
            end = block.from() + block.seconds();
        }
    }

    @Test
    void evenings_areCountedBackFromTheDay() {
        EveningPlan plan = EveningPlan.of(List.of(work("A", 6000, 1200, 0)), 1800);
        assertEquals("150 minutes with drying, by your own times: 2 evenings of 120 minutes. Begin by 2026-12-10 to be "
                + "ready on 2026-12-12.", Evenings.said(plan, 120, Optional.of(LocalDate.of(2026, 12, 12))));
    }

    @Test
    void times_areSecondsACopy() {
        Plan plan = Plans.plan(Plans.project("half-fold"));
        Make one = Make.of(plan, "{}", Instant.EPOCH)
                .with(Learned.NOTHING.with(Phase.CUT, Duration.ofMinutes(1)));
        Make five = new Make(0, Instant.EPOCH, "Five", one.design(), 5, "{}", List.of(),
                Learned.NOTHING.with(Phase.CUT, Duration.ofMinutes(2)));
        assertEquals(Map.of(Phase.CUT, 30.0), PhaseTimes.perCopy(List.of(one, five), one.design()));
        assertEquals(Map.of(), PhaseTimes.perCopy(List.of(one), "Waterfall"));
    }

    /** One page for every design, whether packed loose or scored; nobody brings what is not needed. */
    @ParameterizedTest
    @ValueSource(strings = {"half-fold", "overlapping-gate", "waterfall", "ribbon-wallet", "m-fold-holder"})
    void classSheet_isOnePage_withWhatToBring(String design) throws Exception {
        JobPlan plan = job(Map.of(), Stash.EMPTY, new Kit(Plans.project(design), 2));
        for (boolean scored : new boolean[] {true, false}) {
            Packing packing = Packing.of(plan, new PackWishes(2, scored, List.of(), true)).orThrow();
            byte[] pdf = ClassSheet.write(packing, FORMAT, LETTER);
            try (var document = Loader.loadPDF(pdf)) {
                assertEquals(1, document.getNumberOfPages(), design);
            }
            String text = text(pdf).replaceAll("\\s+", " ");
            assertEquals(!scored && !design.equals("ribbon-wallet"), text.contains("A scoring board"), design);
            ToBring.left(plan.plans().get(0), scored)
                    .forEach(step -> assertTrue(text.contains(step.number() + ". "), step.title()));
        }
    }

    /** The code on the printed page is read by a reader of such codes, and says what the project says. */
    @Test
    void code_isReadFromThePage() throws Exception {
        JobPlan plan = job(Map.of(), Stash.EMPTY, new Kit(Plans.project("half-fold"), 3));
        Packing packing = Packing.of(plan, kits(3)).orThrow();
        LabelPages.Printed printed = KitLabels.write(packing, sheet(3, 1));
        assertEquals(0, printed.withoutCode());
        try (var document = Loader.loadPDF(printed.pdf())) {
            BufferedImage page = new PDFRenderer(document).renderImageWithDPI(0, 200);
            BufferedImage label = page.getSubimage(page.getWidth() / 2, 0, page.getWidth() / 2, page.getHeight() / 3);
            String read = new QRCodeReader()
                    .decode(new BinaryBitmap(new HybridBinarizer(new BufferedImageLuminanceSource(label)))).getText();
            assertEquals(KitLabels.summary(plan.plans().get(0), false), read);
            assertTrue(read.startsWith("Half fold: ") && !read.contains("http"), read);
        }
    }

    @Test
    void codeTooFineToRead_isLeftOut_andLabelsGoOnOnTheNextSheet() throws Exception {
        Packing packing = Packing.of(job(Map.of(), Stash.EMPTY, new Kit(Plans.project("tagged-pockets"), 30)),
                kits(30)).orThrow();
        LabelPages.Printed printed = KitLabels.write(packing, sheet(14, 2));
        assertEquals(30, printed.withoutCode());
        try (var document = Loader.loadPDF(printed.pdf())) {
            assertEquals(2, document.getNumberOfPages());
        }
        assertTrue(text(printed.pdf()).contains("Kit 30 of 30"));
    }
}
