package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.crease.Panel;
import cufflink.design.CreaseRef;
import cufflink.design.PanelRef;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;

/** Pieces joined into one thing; a single piece is an assembly without joins. */
public final class Assembly {
    private final List<CreasePattern> pieces;
    private final List<Join> joins;
    private final List<Join> others;
    private final PanelRef anchor;
    private final double lean;
    private final Map<PanelRef, Panel> panels = new LinkedHashMap<>();
    private final List<PanelRef> order;
    private final Set<CreaseRef> creases;
    private List<PanelShape> shapes = List.of();
    private List<PanelShape> inner = List.of();

    /**
     * Joins pieces.
     *
     * @param pieces the main piece first
     * @param joins  in the order in which they are made
     * @param anchor the panel that stays on the table
     * @param lean   degrees by which it is turned in its plane there
     */
    public Assembly(List<CreasePattern> pieces, List<Join> joins, PanelRef anchor, double lean) {
        this(pieces, joins, List.of(), anchor, lean);
    }

    /** The same; {@code others} tie panels in the place of joins that do so. */
    Assembly(List<CreasePattern> pieces, List<Join> joins, List<Join> others, PanelRef anchor, double lean) {
        this.others = List.copyOf(others);
        this.pieces = List.copyOf(pieces);
        this.joins = List.copyOf(joins);
        this.anchor = anchor;
        this.lean = lean;
        pieces.forEach(pattern -> pattern.panels()
                .forEach(panel -> panels.put(new PanelRef(pattern.piece(), panel.id()), panel)));
        order = List.copyOf(panels.keySet());
        creases = turning();
    }

    /** One piece by itself. */
    public static Assembly of(CreasePattern pattern, String anchor) {
        return new Assembly(List.of(pattern), List.of(), new PanelRef(pattern.piece(), anchor), 0);
    }

    /** The same assembly once it is closed: parts that folding brought together are joined there from now on. */
    public Assembly joinedAsIn(FoldedState closed) {
        List<Join> all = joins.stream().map(join -> join.place().isPresent() ? join
                : join.placed(closed.position().get(join.onto()).inverse().after(closed.position().get(join.part()))))
                .toList();
        return all.equals(joins) ? this : new Assembly(pieces, all, others, anchor, lean);
    }

    /** The same assembly with the panels that a joint ties held by it; itself if none of that name waits to act. */
    Assembly tiedBy(CreaseRef slot) {
        Optional<Join> wanted = others.stream().filter(join -> slot(join).equals(slot)).findFirst();
        if (wanted.isEmpty()) {
            return this;
        }
        List<Join> acting = new ArrayList<>();
        List<Join> waiting = new ArrayList<>(others);
        waiting.remove(wanted.get());
        joins.forEach(join -> {
            boolean gives = join.isInsteadOf(wanted.get());
            acting.add(gives ? wanted.get() : join);
            if (gives) {
                waiting.add(join);
            }
        });
        return new Assembly(pieces, acting, waiting, anchor, lean);
    }

    /** The same assembly with more pieces, each held by its join. */
    Assembly with(List<CreasePattern> more, List<Join> held) {
        return new Assembly(Stream.concat(pieces.stream(), more.stream()).toList(),
                Stream.concat(joins.stream(), held.stream()).toList(), others, anchor, lean);
    }

    /** The same assembly without some pieces, the main one not among them. */
    Assembly without(Collection<String> fewer) {
        return new Assembly(pieces.stream().filter(pattern -> !fewer.contains(pattern.piece())).toList(),
                without(joins, fewer), without(others, fewer), anchor, lean);
    }

    private static List<Join> without(List<Join> joins, Collection<String> fewer) {
        return joins.stream().filter(join -> !fewer.contains(join.part().piece())
                && !fewer.contains(join.onto().piece())).toList();
    }

    private Set<CreaseRef> turning() {
        Set<CreaseRef> all = new TreeSet<>(Comparator.comparing(CreaseRef::toString));
        for (CreasePattern pattern : pieces) {
            pattern.hinges().stream().filter(Hinge::folds)
                    .forEach(hinge -> all.add(new CreaseRef(pattern.piece(), hinge.crease())));
        }
        joins.stream().filter(join -> join.axis().isPresent()).forEach(join -> all.add(slot(join)));
        return Collections.unmodifiableSet(all);
    }

    /** The pieces, the main one first. */
    public List<CreasePattern> pieces() {
        return pieces;
    }

    /** The joins in the order in which they are made. */
    public List<Join> joins() {
        return joins;
    }

    /** The panel that stays on the table. */
    public PanelRef anchor() {
        return anchor;
    }

    /** Degrees by which the anchor is turned in its plane. */
    public double lean() {
        return lean;
    }

    public CreasePattern pattern(String piece) {
        return pieces.stream().filter(pattern -> pattern.piece().equals(piece)).findFirst().orElseThrow();
    }

    /** A panel of one of the pieces; {@link NoSuchElementException} for any other. */
    public Panel panel(PanelRef ref) {
        Panel panel = panels.get(ref);
        if (panel == null) {
            throw new NoSuchElementException("no panel " + ref);
        }
        return panel;
    }

    /** Every panel, piece by piece. */
    public List<PanelRef> panels() {
        return order;
    }

    /** The panels as a sweep looks at them, in the order of {@link #panels}; worked out when first asked for. */
    synchronized List<PanelShape> shapes() {
        if (shapes.isEmpty()) {
            shapes = order.stream().map(panel -> PanelShape.of(panel(panel).outline())).toList();
        }
        return shapes;
    }

    /** The same without a margin along their edges. */
    synchronized List<PanelShape> innerShapes() {
        if (inner.isEmpty()) {
            inner = order.stream().map(panel -> PanelShape.within(panel(panel).outline(), 2 * Sweep.GRAZE)).toList();
        }
        return inner;
    }

    /** Every crease that can turn, and every slot, by name. */
    public Set<CreaseRef> creases() {
        return creases;
    }

    /** The name of the angle at a slot. */
    static CreaseRef slot(Join join) {
        return new CreaseRef(join.part().piece(), join.id());
    }

    /** Assemblies are equal if the same pieces are joined in the same way and stand alike. */
    @Override
    public boolean equals(Object other) {
        return other == this || other instanceof Assembly assembly && anchor.equals(assembly.anchor)
                && lean == assembly.lean && joins.equals(assembly.joins) && others.equals(assembly.others)
                && pieces.equals(assembly.pieces);
    }

    @Override
    public int hashCode() {
        return Objects.hash(order, anchor, lean);
    }
}
