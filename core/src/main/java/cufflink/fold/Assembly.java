package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.crease.Panel;
import cufflink.design.CreaseRef;
import cufflink.design.PanelRef;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * Pieces joined into one thing; a single piece is an assembly without joins.
 *
 * @param pieces the main piece first
 * @param joins  in the order in which they are made
 * @param anchor the panel that stays on the table
 * @param lean   degrees by which it is turned in its plane there
 */
public record Assembly(List<CreasePattern> pieces, List<Join> joins, PanelRef anchor, double lean) {
    public Assembly {
        pieces = List.copyOf(pieces);
        joins = List.copyOf(joins);
    }

    /** One piece by itself. */
    public static Assembly of(CreasePattern pattern, String anchor) {
        return new Assembly(List.of(pattern), List.of(), new PanelRef(pattern.piece(), anchor), 0);
    }

    /** The same assembly once it is closed: parts that folding brought together are joined there from now on. */
    public Assembly joinedAsIn(FoldedState closed) {
        List<Join> all = joins.stream().map(join -> join.place().isPresent() ? join
                : join.placed(closed.position().get(join.onto()).inverse().after(closed.position().get(join.part())))).toList();
        return new Assembly(pieces, all, anchor, lean);
    }

    public CreasePattern pattern(String piece) {
        return pieces.stream().filter(pattern -> pattern.piece().equals(piece)).findFirst().orElseThrow();
    }

    public Panel panel(PanelRef ref) {
        return pattern(ref.piece()).panel(ref.panel()).orElseThrow();
    }

    /** Every panel, piece by piece. */
    public List<PanelRef> panels() {
        List<PanelRef> panels = new ArrayList<>();
        pieces.forEach(pattern -> pattern.panels().forEach(panel -> panels.add(new PanelRef(pattern.piece(), panel.id()))));
        return panels;
    }

    /** Every crease that can turn, and every slot. */
    public Set<CreaseRef> creases() {
        Set<CreaseRef> creases = new TreeSet<>((a, b) -> a.toString().compareTo(b.toString()));
        for (CreasePattern pattern : pieces) {
            pattern.hinges().stream().filter(Hinge::folds).forEach(hinge -> creases.add(new CreaseRef(pattern.piece(), hinge.crease())));
        }
        joins.stream().filter(join -> join.axis().isPresent()).forEach(join -> creases.add(slot(join)));
        return creases;
    }

    /** The name of the angle at a slot. */
    static CreaseRef slot(Join join) {
        return new CreaseRef(join.part().piece(), join.id());
    }
}
