package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.design.CreaseRef;
import cufflink.design.Fold;
import cufflink.design.PanelRef;
import cufflink.problem.Ordered;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * A state as the eye sees it: where the proof takes a spine for one line, its two panels are as far apart as it is
 * wide, each turned by half of the angle against it. A spine on a closed loop stays a line.
 *
 * @param spines the strips between the panels
 */
public record SpreadState(FoldedState state, List<Spine> spines) {
    private static final GeometryFactory FACTORY = new GeometryFactory();

    /**
     * A strip of paper.
     *
     * @param outline in the coordinates of its piece
     * @param place   where it went
     */
    public record Spine(String piece, Polygon outline, RigidMotion place) {
    }

    public SpreadState {
        spines = List.copyOf(spines);
    }

    /** A state with its spines; itself without any. */
    public static SpreadState of(FoldedState state) {
        Map<PanelRef, RigidMotion> places = new LinkedHashMap<>(state.position());
        Map<Hinge, String> strips = new LinkedHashMap<>();
        for (CreasePattern pattern : state.assembly().pieces()) {
            Set<String> done = new LinkedHashSet<>();
            for (Hinge hinge : pattern.hinges()) {
                if (hinge.width() > 0 && hinge.folds()
                        && (done.contains(hinge.crease()) || spread(state, pattern, hinge, places))) {
                    done.add(hinge.crease());
                    strips.put(hinge, pattern.piece());
                }
            }
        }
        List<Spine> spines = new ArrayList<>();
        strips.forEach((hinge, piece) -> spines.add(new Spine(piece, strip(hinge),
                places.get(new PanelRef(piece, hinge.first())).after(half(state, piece, hinge, true)))));
        return strips.isEmpty() ? new SpreadState(state, List.of())
                : new SpreadState(new FoldedState(state.assembly(), state.angles(), Ordered.map(places)), spines);
    }

    private static Polygon strip(Hinge hinge) {
        return FACTORY.createPolygon(new Coordinate[] {hinge.at().p0, hinge.at().p1, hinge.beyond().p1,
            hinge.beyond().p0, hinge.at().p0});
    }

    /** Half of the crease's angle about the line on the side of the first panel or of the second. */
    private static RigidMotion half(FoldedState state, String piece, Hinge hinge, boolean first) {
        double sense = hinge.fold() == Fold.VALLEY ? -1 : 1;
        double turned = Math.toRadians(state.angle(new CreaseRef(piece, hinge.crease()))) * sense;
        return RigidMotion.about(first ? hinge.at() : hinge.beyond(), turned / 2);
    }

    /** Moves what hangs on the second panel, or on the first if that is not the anchor's side; false on a loop. */
    private static boolean spread(FoldedState state, CreasePattern pattern, Hinge hinge,
            Map<PanelRef, RigidMotion> places) {
        PanelRef first = new PanelRef(pattern.piece(), hinge.first());
        PanelRef second = new PanelRef(pattern.piece(), hinge.second());
        Set<PanelRef> beyond = hanging(state.assembly(), second, new CreaseRef(pattern.piece(), hinge.crease()));
        if (beyond.contains(first)) {
            return false;
        }
        RigidMotion wanted = places.get(first).after(half(state, pattern.piece(), hinge, true))
                .after(half(state, pattern.piece(), hinge, false));
        RigidMotion more = wanted.after(places.get(second).inverse());
        boolean anchored = beyond.contains(state.assembly().anchor());
        places.replaceAll((panel, place) -> beyond.contains(panel) == anchored ? place
                : (anchored ? more.inverse() : more).after(place));
        return true;
    }

    /** The panels that hang together with one when a crease is cut through. */
    private static Set<PanelRef> hanging(Assembly assembly, PanelRef from, CreaseRef cut) {
        Set<PanelRef> reached = new LinkedHashSet<>(Set.of(from));
        Deque<PanelRef> open = new ArrayDeque<>(reached);
        while (!open.isEmpty()) {
            PanelRef here = open.remove();
            List<PanelRef> next = new ArrayList<>();
            assembly.pattern(here.piece()).hinges().stream()
                    .filter(hinge -> hinge.joins(here.panel())
                            && !cut.equals(new CreaseRef(here.piece(), hinge.crease())))
                    .forEach(hinge -> next.add(new PanelRef(here.piece(), hinge.across(here.panel()))));
            for (Join join : assembly.joins()) {
                if (join.part().equals(here)) {
                    next.add(join.onto());
                } else if (join.onto().equals(here)) {
                    next.add(join.part());
                }
            }
            next.stream().filter(reached::add).forEach(open::add);
        }
        return reached;
    }
}
