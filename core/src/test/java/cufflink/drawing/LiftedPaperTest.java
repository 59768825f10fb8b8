package cufflink.drawing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.TestDesigns;
import cufflink.crease.Hinge;
import cufflink.design.PanelRef;
import cufflink.fold.FoldStage;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;

/** Layers are drawn apart where they lie on each other, and paper stays in one piece at its creases. */
class LiftedPaperTest {
    private static final Plan ROLL = Planner.plan(
            Project.of(TestDesigns.strip(List.of("3 in", "3 in", "3 in", "3 in"), "vmv", List.of("c1", "c2", "c3")),
                    RulerStep.SIXTEENTH_INCH))
            .orThrow();
    private static final List<FoldStage> STAGES = ROLL.pieces().get("base").stages();

    private static FoldScene scene(int stage, double share) {
        return StepDrawing.foldScene(ROLL, STAGES.get(stage), share).orElseThrow();
    }

    @Property(tries = 60, seed = "5")
    void bothSidesOfACrease_meetThere(@ForAll @IntRange(max = 2) int stage,
            @ForAll @DoubleRange(min = 0, max = 1) double share) {
        LiftedPaper paper = new LiftedPaper(scene(stage, share));
        for (Hinge hinge : ROLL.pieces().get("base").pattern().hinges()) {
            for (Coordinate end : List.of(hinge.at().p0, hinge.at().p1)) {
                assertEquals(0, paper.at(new PanelRef("base", hinge.first()), end)
                        .distance(paper.at(new PanelRef("base", hinge.second()), end)), 1e-9, hinge.crease());
            }
        }
    }

    @Test
    void closedStack_liesApart_inItsOrder() {
        FoldStage last = STAGES.get(2);
        Map<PanelRef, Double> lift = scene(2, 1).lift();
        double above = Double.MAX_VALUE;
        for (PanelRef panel : last.order()) {
            double height = last.after().position().get(panel).apply(0, 0, lift.get(panel)).z()
                    - last.after().position().get(panel).apply(0, 0, 0).z();
            assertTrue(height < above - 0.3, panel + " at " + height + " below " + above);
            above = height;
        }
    }

    @Test
    void paperThatStandsAway_isNotMoved() {
        FoldScene half = scene(0, 0.5);
        half.lift().forEach((panel, lift) -> assertEquals(0, lift, 1e-9, panel.toString()));
    }

    /** While the motion is dragged no layer jumps: two places a thousandth of the way apart differ by a hair. */
    @Property(tries = 100, seed = "6")
    void lift_growsSmoothly(@ForAll @IntRange(max = 2) int stage,
            @ForAll @DoubleRange(min = 0, max = 0.99) double share) {
        Map<PanelRef, Double> now = scene(stage, share).lift();
        Map<PanelRef, Double> next = scene(stage, share + 0.001).lift();
        now.forEach((panel, lift) -> assertEquals(lift, next.get(panel), 0.05, panel.toString()));
    }
}
