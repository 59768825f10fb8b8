package cufflink.plan;

import cufflink.design.DesignDefinition;
import cufflink.design.Ornament;
import cufflink.design.PartDefinition;
import cufflink.design.SizedDesign;
import cufflink.fit.Wish;
import cufflink.mat.MatSettings;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.paper.BenchTools;
import cufflink.paper.NamedSize;
import cufflink.paper.PaperRole;
import cufflink.paper.Papers;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
import cufflink.score.ScoringStyle;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A design with the maker's own sizes, papers and notes.
 *
 * @param name   as the maker calls it
 * @param papers one for every material of the design, and for layers
 * @param mats   the layers on its panels
 * @param copies 1 to 999
 * @param noted  notes, and what is told at a step
 */
public record Project(String name, Wanted wanted, Bench bench, Papers papers, MatSettings mats, int copies,
        Noted noted) {
    public static final int MOST_COPIES = 999;

    public Project {
        if (copies < 1 || copies > MOST_COPIES) {
            throw new IllegalArgumentException("copies must lie between 1 and " + MOST_COPIES + ": " + copies);
        }
    }

    /** A new project with the design's defaults, on plain card of the usual sheet. */
    public static Project of(DesignDefinition design, RulerStep step) {
        Stock plain = Stock.plain("Plain paper 120", usualSheet(step), 120);
        Papers papers = Papers.completed(Map.of(), design.materials(), plainCard(step))
                .with(PaperRole.layer(1), plain).with(PaperRole.layer(2), plain);
        return new Project(design.title(),
                Wanted.of(design, List.of(), new Wish.AsDesigned(), Map.of(), Optional.empty()),
                new Bench(step, BenchTools.usual(step.unit()), ScoringStyle.ONE_FACE), papers,
                MatSettings.usual(step.unit()), 1, Noted.NOTHING);
    }

    /** What a material without a paper is made of: plain card in the usual sheet of the ruler's unit. */
    public static Stock plainCard(RulerStep step) {
        return Stock.plain("Plain card 250", usualSheet(step), 250);
    }

    private static NamedSize usualSheet(RulerStep step) {
        return PublishedSizes.named(NamedSize.Kind.SHEET, step.unit() == LengthUnit.INCH ? "Letter" : "A4")
                .orElseThrow();
    }

    public DesignDefinition design() {
        return wanted.design();
    }

    public Wish wish() {
        return wanted.wish();
    }

    /** Measures set by hand, as typed. */
    public Map<String, String> set() {
        return wanted.set();
    }

    public Optional<NamedSize> envelope() {
        return wanted.envelope();
    }

    public RulerStep step() {
        return bench.step();
    }

    public LengthUnit unit() {
        return step().unit();
    }

    public BenchTools tools() {
        return bench.tools();
    }

    public ScoringStyle scoring() {
        return bench.scoring();
    }

    public Stock paper(PaperRole role) {
        return papers.of(role);
    }

    /** Its papers in the sheets that it is cut from: those of its wish, where it is fitted to some. */
    public Papers sheets() {
        return wish() instanceof Wish.FromSheet from
                ? papers.with(cardRole(), card().inSheets(from.width(), from.height())) : papers;
    }

    /** The paper of a piece, its face as the piece's outside. */
    public Stock paper(SizedDesign.Piece piece) {
        Stock stock = paper(piece.material());
        return piece.lying().reversed() ? stock.turnedOver() : stock;
    }

    /** The role of the paper that the main piece is cut from. */
    public PaperRole cardRole() {
        return design().main().material();
    }

    /** The paper that the main piece is cut from. */
    public Stock card() {
        return paper(cardRole());
    }

    public Project withName(String value) {
        return new Project(value, wanted, bench, papers, mats, copies, noted);
    }

    public Project withWish(Wish value) {
        return with(wanted.with(value));
    }

    /** Sets a measure by hand, as typed. */
    public Project withSet(String measure, String typed) {
        Map<String, String> more = new LinkedHashMap<>(set());
        more.put(measure, typed);
        return withSet(more);
    }

    /** Gives a measure back to the design. */
    public Project withoutSet(String measure) {
        Map<String, String> fewer = new LinkedHashMap<>(set());
        fewer.remove(measure);
        return withSet(fewer);
    }

    public Project withSet(Map<String, String> value) {
        return with(wanted.with(value));
    }

    /** With a part that the maker adds; materials of its own are plain card first. */
    public Project withPart(PartDefinition part) {
        return withMaterials(wanted.with(part));
    }

    /** Without a part that the maker added, and without what was set for it. */
    public Project withoutPart(String name) {
        return withMaterials(wanted.without(name));
    }

    private Project withMaterials(Wanted value) {
        return with(value).withPapers(
                Papers.completed(papers.chosen(), value.design().materials(), plainCard(step())));
    }

    /** Ornaments that the maker added, the lowest first. */
    public List<Ornament> ornaments() {
        return wanted.ornaments();
    }

    /** The ornament of this id that the maker added. */
    public Optional<Ornament> ornament(String id) {
        return ornaments().stream().filter(one -> one.id().equals(id)).findFirst();
    }

    /** With an ornament that the maker adds, or in the place of the one with its id. */
    public Project withOrnament(Ornament ornament) {
        List<Ornament> all = new ArrayList<>(ornaments());
        all.replaceAll(one -> one.id().equals(ornament.id()) ? ornament : one);
        if (!all.contains(ornament)) {
            all.add(ornament);
        }
        return with(wanted.withOrnaments(all));
    }

    /** Without an ornament that the maker added. */
    public Project withoutOrnament(String id) {
        return with(wanted.withOrnaments(ornaments().stream().filter(one -> !one.id().equals(id)).toList()));
    }

    public Project withEnvelope(Optional<NamedSize> value) {
        return with(wanted.with(value));
    }

    private Project with(Wanted value) {
        return new Project(name, value, bench, papers, mats, copies, noted);
    }

    /** On another ruler; where its unit is another, what was never set becomes what is usual there. */
    public Project withStep(RulerStep value) {
        return UnitChange.to(this, value);
    }

    Project onRuler(RulerStep value) {
        return with(new Bench(value, tools(), scoring()));
    }

    public Project withTools(BenchTools value) {
        return with(new Bench(step(), value, scoring()));
    }

    public Project withScoring(ScoringStyle value) {
        return with(new Bench(step(), tools(), value));
    }

    private Project with(Bench value) {
        return new Project(name, wanted, value, papers, mats, copies, noted);
    }

    public Project withPaper(PaperRole role, Stock stock) {
        return withPapers(papers.with(role, stock));
    }

    Project withPapers(Papers value) {
        return new Project(name, wanted, bench, value, mats, copies, noted);
    }

    public Project withMats(MatSettings value) {
        return new Project(name, wanted, bench, papers, value, copies, noted);
    }

    public Project withCopies(int value) {
        return new Project(name, wanted, bench, papers, mats, value, noted);
    }

    /** The maker's notes; may be empty. */
    public String notes() {
        return noted.text();
    }

    public Project withNotes(String value) {
        return with(noted.withText(value));
    }

    public Project with(Noted value) {
        return new Project(name, wanted, bench, papers, mats, copies, value);
    }
}
