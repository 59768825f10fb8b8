package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.DesignDefinition;
import cufflink.design.DesignDefinition.Way;
import cufflink.design.SizedDesign;
import cufflink.drawing.Picture;
import cufflink.drawing.Shape;
import cufflink.drawing.TableDrawing;
import cufflink.files.design.BuiltInDesigns;
import cufflink.measure.RulerStep;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.plan.Tabletop;
import cufflink.plan.Tabletop.Lying;
import cufflink.plan.VirtualHands;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** The sheet becomes the card, step by step. */
class TabletopTest {
    private static Stream<Arguments> designs() {
        return BuiltInDesigns.all().stream().map(design -> Arguments.of(design.id(), design));
    }

    private static List<Tabletop> tables(Plan plan) {
        return VirtualHands.rehearse(plan.workings(), plan.run());
    }

    private static Lying lying(Tabletop table, String piece) {
        return table.lying().stream().filter(one -> one.layer() == 0 && one.piece().equals(piece)).findFirst()
                .orElseThrow();
    }

    private static int last(Plan plan, Phase phase) {
        return IntStream.range(0, plan.run().size()).filter(i -> plan.run().get(i).phase() == phase).max()
                .orElseThrow();
    }

    @Test
    void halfFold_isCutScoredCoveredAndFolded() {
        Plan plan = Plans.plan(Plans.project("half-fold"));
        List<Tabletop> tables = tables(plan);
        Tabletop cut = tables.get(last(plan, Phase.CUT));
        assertEquals(List.of("base", "base", "base"), cut.lying().stream().map(Lying::piece).toList());
        assertEquals(List.of(0, 1, 1), cut.lying().stream().map(Lying::layer).toList());
        assertTrue(lying(cut, "base").lines().isEmpty());
        Tabletop scored = tables.get(last(plan, Phase.SCORE));
        assertEquals(1, lying(scored, "base").lines().size());
        assertTrue(lying(scored, "base").folded().isEmpty());
        assertEquals(0, lying(tables.get(last(plan, Phase.FOLD)), "base").folded().orElseThrow());
        assertEquals(1, tables.get(tables.size() - 1).lying().size());
    }

    /** A hole is there from the step on in which it is cut. */
    @Test
    void notchThroughTheLayer_isCutAfterItIsOn() {
        Plan plan = Plans.plan(Plans.project("m-fold-holder"));
        List<Tabletop> tables = tables(plan);
        List<Double> areas = tables.stream()
                .map(table -> lying(table, plan.design().main().id()).paper().getArea()).distinct().toList();
        assertEquals(3, areas.size());
        assertTrue(areas.get(0) > areas.get(1) && areas.get(1) > areas.get(2), areas.toString());
        assertEquals(1, lying(tables.get(last(plan, Phase.FOLD)), plan.design().main().id()).uncut().size());
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("designs")
    void nothingIsUndone_andAtTheEndAllIsMade(String id, DesignDefinition design) {
        Plan plan = Plans.plan(Project.of(design, RulerStep.SIXTEENTH_INCH));
        List<Tabletop> tables = tables(plan);
        assertEquals(plan.run().size(), tables.size());
        for (int i = 1; i < tables.size(); i++) {
            Tabletop before = tables.get(i - 1);
            Tabletop after = tables.get(i);
            assertTrue(after.joints().containsAll(before.joints()));
            for (Lying one : after.lying().stream().filter(lying -> lying.layer() == 0).toList()) {
                before.lying().stream().filter(lying -> lying.layer() == 0 && lying.label().equals(one.label()))
                        .forEach(was -> assertTrue(one.lines().size() >= was.lines().size()
                                && one.folded().orElse(-1) >= was.folded().orElse(-1)
                                && one.paper().getArea() <= was.paper().getArea() + 0.1, one.label()));
            }
        }
        Tabletop end = tables.get(tables.size() - 1);
        assertEquals(Set.of(0), end.lying().stream().map(Lying::layer).collect(Collectors.toSet()));
        assertEquals(plan.design().glue().stream().filter(glue -> glue.way() != Way.TIED).map(SizedDesign.Glue::id)
                .toList(), end.joints());
        for (SizedDesign.Piece piece : plan.design().pieces()) {
            Lying made = lying(end, piece.id());
            assertEquals(piece.lines().stream().filter(line -> !line.isPinched()).count(), made.lines().size(),
                    piece.id());
            assertEquals(piece.slits().size(), made.slits().size(), piece.id());
        }
    }

    /** Every table can be drawn; what has a name below it has room for it. */
    @ParameterizedTest(name = "{0}")
    @MethodSource("designs")
    void everyTable_isDrawn(String id, DesignDefinition design) {
        Plan plan = Plans.plan(Project.of(design, RulerStep.MILLIMETRE));
        for (Tabletop table : tables(plan)) {
            if (table.lying().isEmpty()) {
                assertTrue(TableDrawing.draw(plan, table, 5, 0.5).isEmpty());
                continue;
            }
            Picture picture = TableDrawing.draw(plan, table, 5, 0.5).orElseThrow();
            assertTrue(picture.width() > 0 && picture.height() > 0);
            picture.shapes().forEach(shape -> shape.moved(spot -> {
                assertTrue(Double.isFinite(spot.x()) && picture.bounds().getMinX() - 1 <= spot.x()
                        && spot.x() <= picture.bounds().getMaxX() + 1, shape.toString());
                return spot;
            }));
            List<Shape.Label> names = picture.shapes().stream().filter(Shape.Label.class::isInstance)
                    .map(Shape.Label.class::cast).toList();
            for (int i = 0; i < names.size(); i++) {
                for (int k = i + 1; k < names.size(); k++) {
                    assertFalse(Math.abs(names.get(i).at().y() - names.get(k).at().y()) < 2
                            && Math.abs(names.get(i).at().x() - names.get(k).at().x()) < 5, id);
                }
            }
        }
    }
}
