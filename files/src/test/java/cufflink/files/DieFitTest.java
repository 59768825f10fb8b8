package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.DesignDefinition;
import cufflink.design.PanelRef;
import cufflink.design.PunchedMeasures;
import cufflink.die.Die;
import cufflink.die.DieShape;
import cufflink.files.design.DesignLibrary;
import cufflink.files.design.SvgPaths;
import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import cufflink.paper.SheetSize;
import cufflink.plan.PanelFit;
import cufflink.plan.Plan;
import cufflink.stash.DieChart;
import cufflink.stash.StashPunch;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Measures from dies: panels that fit them, holes that punches cut. */
class DieFitTest {
    private static DesignDefinition design(String id) {
        return DesignLibrary.builtIn().find(id).orThrow();
    }

    /** As the design files have them. */
    @ParameterizedTest
    @CsvSource({"back-fold-holder, notch, 2", "strip-album, notch, 1", "insert, hole, 1", "turned-tag, hole, 1",
        "notch-sleeve, notchWidth, 1"})
    void roundHolesAndNotches_areFound(String id, String measure, int factor) {
        assertEquals(factor, PunchedMeasures.of(design(id)).get(measure));
    }

    @Test
    void designsWithoutAny_haveNone() {
        assertEquals(Map.of(), PunchedMeasures.of(design("half-fold")));
        assertFalse(PunchedMeasures.of(design("pleated-tree")).containsKey("radius"), "a disc is not punched out");
    }

    private static SheetSize size(double width, double height) {
        return new SheetSize(Length.nearestToMillimetres(width), Length.nearestToMillimetres(height));
    }

    /** Each is planned, and its panel is so large. */
    @ParameterizedTest
    @CsvSource({"half-fold, 0, 90, 140", "overlapping-gate, 1, 120, 150", "m-fold-holder, 0, 112, 152"})
    void panel_isBroughtToTheSize(String id, int which, double width, double height) {
        Plan plan = Plans.plan(Plans.metric(id));
        PanelRef panel = List.copyOf(PanelFit.panels(plan).keySet()).get(which);
        List<PanelFit.Offer> offers = PanelFit.offers(plan, panel, size(width, height));
        assertFalse(offers.isEmpty(), id + " " + PanelFit.panels(plan));
        for (PanelFit.Offer offer : offers) {
            SheetSize found = PanelFit.size(Plans.plan(offer.plan().project()), panel).orElseThrow();
            assertEquals(width, found.width().toMillimetres(), 0.02);
            assertEquals(height, found.height().toMillimetres(), 0.02);
        }
    }

    @Test
    void panelThatHasTheSize_needsNothing_andOneThatCannot_hasNoOffer() {
        Plan plan = Plans.plan(Plans.metric("half-fold"));
        PanelRef panel = PanelFit.panels(plan).keySet().iterator().next();
        SheetSize now = PanelFit.size(plan, panel).orElseThrow();
        assertEquals(Map.of(), PanelFit.offers(plan, panel, now).get(0).set());
        assertEquals(List.of(), PanelFit.offers(plan, new PanelRef("base", "nobody"), size(10, 10)));
    }

    /** A second road: outlines are inside their sizes, and what the chart says fits does. */
    @ParameterizedTest
    @EnumSource(LengthUnit.class)
    void startingSet_isTold_andFits(LengthUnit unit) {
        List<StashPunch> plain = DieChart.startingSet(unit);
        assertEquals(plain.size(), new HashSet<>(plain.stream().map(StashPunch::name).toList()).size());
        Length border = Length.ofMillimetres(3);
        for (DieChart.Line line : new DieChart(plain, border).lines("")) {
            line.rectangle()
                    .ifPresent(inside -> assertTrue(line.punch().die().holds(inside, border), line.toString()));
        }
        DieChart.Line large = new DieChart(plain, border).line(plain.get(3));
        assertEquals(3, large.reveals().size());
        assertEquals(unit == LengthUnit.INCH ? 6.35 : 6, large.reveals().get(0).sideways().toMillimetres(), 1e-9);
    }

    /** As an ornament it is what the die cuts. */
    @Test
    void drawnPath_isReadAgainAsTheSameOutline() {
        Die die = new Die(DieShape.SCALLOPED_CIRCLE, size(60, 60), 20, Optional.empty());
        double area = die.outline().orElseThrow().getArea();
        assertEquals(area, SvgPaths.read("die", die.drawn().orElseThrow().path()).orThrow().outline().getArea(),
                area / 500);
    }
}
