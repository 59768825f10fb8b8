package cufflink.plan;

import cufflink.design.DesignDefinition;
import cufflink.fit.Wish;
import cufflink.mat.MatRole;
import cufflink.mat.MatSettings;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.paper.BenchTools;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
import cufflink.problem.Ordered;
import cufflink.score.ScoringStyle;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * A design with the maker's own sizes, papers and notes.
 *
 * @param name     as the maker calls it
 * @param set      measures set by hand, as typed, with units
 * @param step     the ruler; its unit is the display unit
 * @param papers   by role: a piece's material, {@code mat 1}, {@code mat 2} ...
 * @param envelope the one it is to go into
 * @param copies   1 to 999
 */
public record Project(String name, DesignDefinition design, Wish wish, Map<String, String> set, RulerStep step,
        MatSettings mats,
        Map<String, Stock> papers, ScoringStyle scoring, Optional<NamedSize> envelope, BenchTools tools, int copies,
        String notes) {
    public static final int MOST_COPIES = 999;

    public Project {
        set = Ordered.map(set);
        papers = Ordered.map(papers);
        if (copies < 1 || copies > MOST_COPIES) {
            throw new IllegalArgumentException("copies must lie between 1 and " + MOST_COPIES + ": " + copies);
        }
    }

    /** A new project with the design's defaults, on plain card of the usual sheet. */
    public static Project of(DesignDefinition design, RulerStep step) {
        NamedSize sheet = usualSheet(step);
        Map<String, Stock> papers = new LinkedHashMap<>();
        design.pieces().forEach(piece -> papers.put(piece.material(), plainCard(step)));
        papers.put(MatRole.of(1), Stock.plain("Plain paper 120", sheet, 120));
        papers.put(MatRole.of(2), Stock.plain("Plain paper 120", sheet, 120));
        return new Project(design.title(), design, new Wish.AsDesigned(), Map.of(), step,
                MatSettings.usual(step.unit()), papers, ScoringStyle.ONE_FACE,
                Optional.empty(), BenchTools.usual(step.unit()), 1, "");
    }

    public LengthUnit unit() {
        return step.unit();
    }

    /**
     * The paper for a role; layers above those chosen take the nearest one below, whatever else has none a new
     * project's.
     */
    public Stock paper(String role) {
        if (papers.containsKey(role)) {
            return papers.get(role);
        }
        OptionalInt layer = MatRole.layer(role);
        if (layer.isPresent()) {
            return layer.getAsInt() > 1 ? paper(MatRole.of(layer.getAsInt() - 1)) : paper(cardRole());
        }
        return plainCard(step);
    }

    /** The role of the paper that the main piece is cut from. */
    public String cardRole() {
        return design.pieces().get(0).material();
    }

    /** The materials of the design that this project has no paper for; {@link #paper} answers a usual one. */
    public List<String> withoutPaper() {
        return design.pieces().stream().map(DesignDefinition.Piece::material).distinct()
                .filter(material -> !papers.containsKey(material)).toList();
    }

    private static Stock plainCard(RulerStep step) {
        return Stock.plain("Plain card 250", usualSheet(step), 250);
    }

    private static NamedSize usualSheet(RulerStep step) {
        return PublishedSizes.named(NamedSize.Kind.SHEET, step.unit() == LengthUnit.INCH ? "Letter" : "A4")
                .orElseThrow();
    }

    public Project withName(String value) {
        return new Project(value, design, wish, set, step, mats, papers, scoring, envelope, tools, copies, notes);
    }

    public Project withWish(Wish value) {
        return new Project(name, design, value, set, step, mats, papers, scoring, envelope, tools, copies, notes);
    }

    /** Sets a measure by hand, as typed. */
    public Project withSet(String measure, String typed) {
        Map<String, String> more = new LinkedHashMap<>(set);
        more.put(measure, typed);
        return withSet(more);
    }

    /** Gives a measure back to the design. */
    public Project withoutSet(String measure) {
        Map<String, String> fewer = new LinkedHashMap<>(set);
        fewer.remove(measure);
        return withSet(fewer);
    }

    public Project withSet(Map<String, String> value) {
        return new Project(name, design, wish, value, step, mats, papers, scoring, envelope, tools, copies, notes);
    }

    /** On another ruler; where its unit is another, what was never set becomes what is usual there. */
    public Project withStep(RulerStep value) {
        return UnitChange.to(this, value);
    }

    Project onRuler(RulerStep value) {
        return new Project(name, design, wish, set, value, mats, papers, scoring, envelope, tools, copies, notes);
    }

    Project withPapers(Map<String, Stock> value) {
        return new Project(name, design, wish, set, step, mats, value, scoring, envelope, tools, copies, notes);
    }

    public Project withMats(MatSettings value) {
        return new Project(name, design, wish, set, step, value, papers, scoring, envelope, tools, copies, notes);
    }

    public Project withPaper(String role, Stock stock) {
        Map<String, Stock> more = new LinkedHashMap<>(papers);
        more.put(role, stock);
        return new Project(name, design, wish, set, step, mats, more, scoring, envelope, tools, copies, notes);
    }

    public Project withScoring(ScoringStyle value) {
        return new Project(name, design, wish, set, step, mats, papers, value, envelope, tools, copies, notes);
    }

    public Project withEnvelope(Optional<NamedSize> value) {
        return new Project(name, design, wish, set, step, mats, papers, scoring, value, tools, copies, notes);
    }

    public Project withTools(BenchTools value) {
        return new Project(name, design, wish, set, step, mats, papers, scoring, envelope, value, copies, notes);
    }

    public Project withCopies(int value) {
        return new Project(name, design, wish, set, step, mats, papers, scoring, envelope, tools, value, notes);
    }

    public Project withNotes(String value) {
        return new Project(name, design, wish, set, step, mats, papers, scoring, envelope, tools, copies, value);
    }
}
