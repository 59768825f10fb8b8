package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.crease.Panel;
import cufflink.crease.RobustOverlay;
import cufflink.design.Face;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign.Passing;
import cufflink.problem.Ordered;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.locationtech.jts.geom.Polygon;

/**
 * A closed card with ornaments on it. Each is a stiff panel of its own that moves with the one it is laid on, so that
 * what proves paper proves ornaments: that no fold and no glue runs through them closed, and that nothing meets them on
 * the way to a pose.
 *
 * @param flat     with these ornaments; the order of the card's own panels is as it was
 * @param laid     the ornaments that nothing runs through
 * @param inTheWay by ornament: what would have to pass through it
 */
public record Decoration(FlatFoldedState flat, List<Laid> laid, Map<String, Problem> inTheWay) {
    private static final String PIECE = "ornament ";
    private static final String PANEL = "face";

    public Decoration {
        laid = List.copyOf(laid);
        inTheWay = Ordered.map(inTheWay);
    }

    /**
     * An ornament.
     *
     * @param above   whether it lies on the face of its panel that is up as the piece lies flat
     * @param outline in the coordinates of the panel's piece, millimetres; may reach past the panel
     */
    public record Laid(String id, String label, PanelRef on, boolean above, Polygon outline) {
        /** The panel that it is in a decorated card. */
        public PanelRef panel() {
            return new PanelRef(PIECE + id, PANEL);
        }

        private CreasePattern pattern() {
            return new CreasePattern(panel().piece(), above ? Face.OUTSIDE : Face.INSIDE, outline,
                    List.of(new Panel(PANEL, label, outline)), List.of(), List.of(), List.of());
        }

        private Join join() {
            return new Join(panel().piece(), Join.Way.LAID, panel(), on,
                    new Join.Seat(Optional.of(RigidMotion.STAY), above, Optional.empty()), List.of(), Passing.NOTHING);
        }

        private boolean isFaceToFace(Laid other) {
            return on.equals(other.on) && above == other.above;
        }
    }

    /** The ornaments laid on, the later on the earlier; none of their panels may be missing. */
    public static Decoration of(FlatFoldedState bare, List<Laid> ornaments) {
        if (ornaments.isEmpty()) {
            return new Decoration(bare, List.of(), Map.of());
        }
        Outcome<FlatFoldedState> all = new Laying(bare, ornaments).proved();
        if (all.value().isPresent()) {
            return new Decoration(all.value().get(), ornaments, Map.of());
        }
        List<Laid> free = new ArrayList<>();
        Map<String, Problem> inTheWay = new LinkedHashMap<>();
        FlatFoldedState flat = bare;
        for (Laid ornament : ornaments) {
            free.add(ornament);
            Outcome<FlatFoldedState> proved = new Laying(bare, free).proved();
            if (proved.value().isEmpty()) {
                free.remove(ornament);
                inTheWay.put(ornament.id(), proved.problems().get(0));
            }
            flat = proved.value().orElse(flat);
        }
        return new Decoration(flat, free, inTheWay);
    }

    /** Finds where each ornament lies among the layers: as far out on its side as its panel lets it. */
    private static final class Laying {
        private final FoldedState state;
        private final List<Laid> ornaments;
        private final List<PanelRef> panels;
        private final Polygon[] footprint;
        private final byte[][] above;

        Laying(FlatFoldedState bare, List<Laid> ornaments) {
            this.ornaments = ornaments;
            Assembly assembly = bare.state().assembly().with(ornaments.stream().map(Laid::pattern).toList(),
                    ornaments.stream().map(Laid::join).toList());
            Map<PanelRef, RigidMotion> position = new LinkedHashMap<>(bare.state().position());
            ornaments.forEach(ornament -> position.put(ornament.panel(), position.get(ornament.on())));
            state = new FoldedState(assembly, bare.state().angles(), position);
            panels = assembly.panels();
            footprint = panels.stream().map(state::footprint).toArray(Polygon[]::new);
            int count = bare.relation().panels().size();
            above = new byte[panels.size()][panels.size()];
            for (PanelRef one : bare.relation().panels()) {
                for (PanelRef other : bare.relation().panels()) {
                    above[panels.indexOf(one)][panels.indexOf(other)] = (byte) bare.relation().side(one, other);
                }
            }
            for (int i = 0; i < ornaments.size(); i++) {
                lay(i, count);
            }
        }

        Outcome<FlatFoldedState> proved() {
            return LayerOrderVerifier.verify(state, new LayerRelation(panels, above));
        }

        /** What lies on the ornament's side of its panel, with all that lies or is laid on that, goes over it. */
        private void lay(int number, int first) {
            Laid ornament = ornaments.get(number);
            int me = first + number;
            int host = panels.indexOf(ornament.on());
            int out = ornament.above() != state.position().get(ornament.on()).turnsOver() ? 1 : -1;
            Set<Integer> over = new HashSet<>();
            for (int other = 0; other < me; other++) {
                if (above[other][host] * out > 0
                        && !(other >= first && ornaments.get(other - first).isFaceToFace(ornament))) {
                    over.add(other);
                }
            }
            boolean grew = true;
            while (grew) {
                grew = false;
                for (int other = 0; other < me; other++) {
                    grew |= !over.contains(other) && other != host && goesWith(other, over, out, first)
                            && over.add(other);
                }
            }
            for (int other = 0; other < me; other++) {
                if (RobustOverlay.intersection(footprint[me], footprint[other]).getArea() > Overlay.SPECK) {
                    above[me][other] = (byte) (over.contains(other) ? -out : out);
                    above[other][me] = (byte) -above[me][other];
                }
            }
        }

        private boolean goesWith(int other, Set<Integer> over, int out, int first) {
            return over.stream().anyMatch(one -> above[other][one] * out > 0)
                    || other >= first && over.contains(panels.indexOf(ornaments.get(other - first).on()));
        }
    }
}
