package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Verdict;
import cufflink.design.Face;
import cufflink.design.Ornament;
import cufflink.design.PanelRef;
import cufflink.fold.Decoration;
import cufflink.fold.FlatFoldedState;
import cufflink.measure.Length;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.stack.ClosedStack;
import cufflink.stack.OrnamentLie;
import cufflink.stack.StackLayer;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;

/** Ornaments laid anywhere, on any design. */
class OrnamentLawsTest {
    private static final int ROUNDS = 4;

    private static Project strewn(Plan bare, Random random) {
        Project project = bare.project();
        List<PanelRef> panels = bare.assembly().panels();
        for (int i = 0; i < 3; i++) {
            PanelRef on = panels.get(random.nextInt(panels.size()));
            var panel = bare.assembly().panel(on);
            double w = 5 + random.nextInt(40);
            double h = 5 + random.nextInt(40);
            project = project.withOrnament(Plans.strip("strip" + i, on, Face.values()[random.nextInt(2)],
                    random.nextInt(1 + (int) panel.bounds().getWidth()) - w / 2,
                    random.nextInt(1 + (int) panel.bounds().getHeight()) - h / 2, w, h));
        }
        return project;
    }

    @ParameterizedTest
    @MethodSource("cufflink.files.OrnamentPlacingTest#designs")
    void ornamentsAnywhere_leaveThePaperAsItWas_andAreEitherProvedOrNamed(String design) {
        Project project = Plans.metric(design);
        Plan bare = Plans.plan(project.withMats(project.mats().withLayers(0)));
        FlatFoldedState flat = bare.closed().orElseThrow();
        for (int round = 0; round < ROUNDS; round++) {
            Plan plan = Plans.plan(strewn(bare, new Random(design.hashCode() * 31L + round)));
            Decoration worn = plan.workings().stacked().decoration().orElseThrow();
            assertEquals(flat.relation(), plan.closed().orElseThrow().relation());
            for (PanelRef one : flat.order()) {
                for (PanelRef other : flat.order()) {
                    assertEquals(flat.relation().above(one, other), worn.flat().relation().above(one, other));
                }
            }
            int own = bare.design().ornaments().size();
            assertEquals(own + 3, worn.laid().size() + worn.inTheWay().size());
            for (Ornament ornament : plan.project().ornaments()) {
                OrnamentLie lie = plan.workings().posed().adornment().lie(ornament.id()).orElseThrow();
                boolean named = plan.checks().stream().anyMatch(check -> check.verdict() == Verdict.BAD
                        && check.id().startsWith("ornament-" + ornament.id()));
                assertTrue(named || lie.inTheWay().isEmpty(), design + " " + ornament);
            }
            thickness(bare, plan);
        }
    }

    /** Where an ornament lies the card is thicker by it and nothing else, wherever it is looked at. */
    private static void thickness(Plan bare, Plan plan) {
        ClosedStack stack = plan.stack().orElseThrow();
        List<Coordinate> places = new ArrayList<>(List.of(stack.bounds().centre()));
        stack.layers().stream().filter(layer -> layer.kind() == StackLayer.Kind.ORNAMENT)
                .forEach(layer -> places.add(layer.footprint().getInteriorPoint().getCoordinate()));
        for (Coordinate place : places) {
            List<StackLayer> there = stack.at(place);
            Length ornaments = there.stream().filter(layer -> layer.kind() == StackLayer.Kind.ORNAMENT)
                    .map(StackLayer::thickness).reduce(Length.ZERO, Length::plus);
            Length paper = bare.stack().orElseThrow().at(place).stream()
                    .filter(layer -> layer.kind() != StackLayer.Kind.ORNAMENT).map(StackLayer::thickness)
                    .reduce(Length.ZERO, Length::plus);
            Length all = there.stream().map(StackLayer::thickness).reduce(Length.ZERO, Length::plus);
            assertEquals(paper.plus(ornaments), all);
            assertTrue(!all.isLongerThan(stack.thickness()));
        }
    }
}
