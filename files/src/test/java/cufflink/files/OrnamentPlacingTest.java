package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.design.Face;
import cufflink.design.Ornament;
import cufflink.design.PanelRef;
import cufflink.design.Side;
import cufflink.files.design.DesignLibrary;
import cufflink.measure.Length;
import cufflink.plan.OrnamentPlacing;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.stack.StackLayer;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;

/** Laying ornaments on the closed card by hand. */
class OrnamentPlacingTest {
    private static Project project(String design) {
        Project project = Plans.metric(design);
        return project.withMats(project.mats().withLayers(0));
    }

    private static Envelope box(Plan plan, String id) {
        return plan.stack().orElseThrow().layers().stream().filter(layer -> layer.kind() == StackLayer.Kind.ORNAMENT
                && layer.label().equals(id)).findFirst().orElseThrow().footprint().getEnvelopeInternal();
    }

    /** Moved so far on the closed card seen from the front. */
    private static Ornament moved(OrnamentPlacing placing, double right, double down) {
        Coordinate way = placing.onPanel(right, down);
        return placing.shifted(way.x, way.y);
    }

    private static Plan with(Plan plan, Ornament ornament) {
        return Plans.plan(plan.project().withOrnament(ornament));
    }

    /** Whatever way the panel lies in its piece: a hand to the right moves the ornament to the right. */
    @ParameterizedTest
    @MethodSource("cufflink.files.OrnamentPlacingTest#designs")
    void ornamentLaidOnAnyCard_isSeen_andFollowsTheHand(String design) {
        Plan bare = Plans.plan(project(design));
        for (boolean back : new boolean[] {false, true}) {
            var layers = bare.stack().orElseThrow().layers();
            StackLayer seen = layers.get(back ? layers.size() - 1 : 0);
            Coordinate place = seen.footprint().getInteriorPoint().getCoordinate();
            Optional<Ornament> fresh = OrnamentPlacing.fresh(bare, place, back, "new", "new");
            if (seen.panel().isEmpty()) {
                continue;
            }
            Plan laid = with(bare, fresh.orElseThrow());
            OrnamentPlacing placing = OrnamentPlacing.of(laid, fresh.get()).orElseThrow();
            assertEquals(back, placing.looksBack(), design);
            Envelope before = box(laid, "new");
            Envelope after = box(with(laid, moved(placing, 12, 7)), "new");
            // A leaning panel moves along its own ruler, so the ruler's step may be lost both ways.
            assertEquals(before.getMinX() + 12, after.getMinX(), 1.1, design);
            assertEquals(before.getMinY() + 7, after.getMinY(), 1.1, design);
            Ornament there = moved(placing, 12, 7);
            Ornament home = moved(OrnamentPlacing.of(with(laid, there), there).orElseThrow(), -12, -7);
            assertEquals(fresh.get().put(), home.put(), design + ": back in the middle");
        }
    }

    static List<String> designs() {
        return DesignLibrary.builtIn().designs().keySet().stream()
                .filter(id -> Plans.plan(project(id)).stack().isPresent()).toList();
    }

    @Test
    void upright_isAgainstTheTurnOfThePanel() {
        Plan tent = Plans.plan(project("slim-tent"));
        PanelRef panel = tent.stack().orElseThrow().layers().get(0).panel().orElseThrow();
        Ornament fresh = OrnamentPlacing.fresh(tent,
                tent.stack().get().layers().get(0).footprint().getInteriorPoint().getCoordinate(), false, "a", "a")
                .orElseThrow();
        assertEquals(panel, fresh.on());
        OrnamentPlacing placing = OrnamentPlacing.of(tent, fresh).orElseThrow();
        assertEquals(fresh.put().turn(), placing.upright(), 1e-9);
        assertEquals(Side.TOP, turned(placing, fresh.put().turn()), "its own top is seen at the top");
    }

    /** The side of the panel to which the top of something turned so far points, as it is seen. */
    private static Side turned(OrnamentPlacing placing, double turn) {
        return placing.seen(Side.towards(Math.sin(Math.toRadians(turn)), -Math.cos(Math.toRadians(turn))));
    }

    @Test
    void anotherAnchor_keepsThePlace() {
        Plan half = Plans.plan(project("half-fold"));
        Ornament strip = Plans.strip("strip", new PanelRef("base", "front"), Face.OUTSIDE, 10, 20, 30, 15);
        OrnamentPlacing placing = OrnamentPlacing.of(half, strip).orElseThrow();
        double width = half.pieces().get("base").pattern().panel("front").orElseThrow().width().toMillimetres();
        assertEquals(Length.ofMillimetres(Math.round(width) - 40), placing.across(Ornament.Anchor.END).by());
        assertEquals(Length.ofMillimetres(10), placing.across(Ornament.Anchor.START).by());
        assertTrue(OrnamentPlacing.at(half, new Coordinate(1, 1), false).isEmpty());
        Plan laid = with(half, strip);
        Coordinate on = box(laid, "strip").centre();
        assertEquals("strip", OrnamentPlacing.at(laid, on, false).orElseThrow().id());
        assertFalse(OrnamentPlacing.at(laid, on, true).isPresent(), "hidden from behind");
    }
}
