package cufflink.fold;

import cufflink.design.PanelRef;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;

/** How every panel of an assembly has moved in space from one of its states to another. */
final class Travel {
    private static final double STILL = 1e-9;
    private static final double TOGETHER = 1e-6;
    private static final double ROUNDED = 1e-4;

    private final List<PanelRef> panels;
    private final Map<PanelRef, RigidMotion> moves = new HashMap<>();

    private Travel(FoldedState from, FoldedState to) {
        panels = from.assembly().panels();
        panels.forEach(panel -> moves.put(panel, to.position().get(panel).after(from.position().get(panel).inverse())));
    }

    /** The way between two states of one assembly. */
    static Travel between(FoldedState from, FoldedState to) {
        return new Travel(from, to);
    }

    /** Where a panel has gone, in space. */
    RigidMotion of(PanelRef panel) {
        return moves.get(panel);
    }

    /** The panels that have moved. */
    Set<PanelRef> moved() {
        Set<PanelRef> moved = new LinkedHashSet<>();
        panels.stream().filter(panel -> moves.get(panel).difference(RigidMotion.STAY) > STILL).forEach(moved::add);
        return moved;
    }

    /** Whether no panel has moved by more than what rounding explains. */
    boolean isStill() {
        return moves.values().stream().allMatch(move -> move.difference(RigidMotion.STAY) < ROUNDED);
    }

    /** Whether two panels moved as one. */
    boolean together(PanelRef a, PanelRef b) {
        return moves.get(a).difference(moves.get(b)) < TOGETHER;
    }

    /**
     * From a flat state: how much higher than panel b panel a has come to lie at a place of that state, millimetres.
     */
    double rise(PanelRef a, PanelRef b, Coordinate place) {
        return moves.get(a).apply(place).z() - moves.get(b).apply(place).z();
    }
}
