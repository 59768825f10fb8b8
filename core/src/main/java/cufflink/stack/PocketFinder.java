package cufflink.stack;

import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.design.CreaseRef;
import cufflink.design.PanelRef;
import cufflink.design.Side;
import cufflink.design.SizedDesign.Glue;
import cufflink.fold.FlatFoldedState;
import cufflink.fold.Footprints;
import cufflink.fold.Overlay;
import cufflink.fold.Places;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineSegment;

/**
 * Finds pockets in a closed card. At every place there is a gap below each layer but the last; gaps of neighbouring
 * places are one space unless a wall stands between them: a folded crease of which one panel lies before the gap and
 * the other behind it, or a glued edge. A space with walls on at least two sides and a side where it can be entered is
 * a pocket.
 */
final class PocketFinder {
    /** Smaller spaces hold nothing, millimetres. */
    private static final double LEAST = 10;
    /** A side counts as closed if walls take up this share of it. */
    private static final double MOSTLY = 0.7;
    /** And this share of how far the space reaches there: beside slanting mouths a short wall closes nothing. */
    private static final double ENOUGH = 0.25;

    /** What holds layers together. */
    private interface Hold {
        /** Whether it closes the gap below a layer, counted from the front of a stack, where it stands. */
        boolean closes(List<PanelRef> stack, int layer);
    }

    /** A fold closes every gap between its two panels. */
    private record Fold(PanelRef one, PanelRef other) implements Hold {
        @Override
        public boolean closes(List<PanelRef> stack, int layer) {
            int first = stack.indexOf(one);
            int second = stack.indexOf(other);
            return first >= 0 && second >= 0 && Math.min(first, second) <= layer && Math.max(first, second) > layer;
        }
    }

    /** Glue on a part sticks to whatever lies next to it on the side of what the part is glued onto. */
    private record Stuck(PanelRef part, PanelRef onto) implements Hold {
        Optional<PanelRef> other(PanelRef one) {
            return one.equals(part) ? Optional.of(onto) : one.equals(onto) ? Optional.of(part) : Optional.empty();
        }

        @Override
        public boolean closes(List<PanelRef> stack, int layer) {
            return stack.get(layer).equals(part) && stack.indexOf(onto) > layer
                    || stack.get(layer + 1).equals(part) && stack.subList(0, layer + 1).contains(onto);
        }
    }

    private record Wall(LineSegment at, Hold hold) {
    }

    private final FlatFoldedState flat;
    private final Set<PanelRef> flaps;
    private final Overlay overlay;
    private final List<List<PanelRef>> stacks = new ArrayList<>();
    private final List<Wall> walls = new ArrayList<>();
    private final Set<Set<PanelRef>> folded = new HashSet<>();
    private final List<Stuck> sealed = new ArrayList<>();
    private final List<Stuck> glued = new ArrayList<>();
    private final Map<PanelRef, List<PanelRef>> beside = new HashMap<>();
    /** By cell: the number of the gap behind its first layer; the gaps of a cell are numbered from the front on. */
    private final int[] first;
    /** By gap: another one of the same space, or itself; below 0 where glue closes it. */
    private final int[] parent;
    private final List<Boundary> boundary = new ArrayList<>();

    /** A side of a gap, along an edge between two cells: a wall, or where the gap can be entered. */
    private record Boundary(int gap, Overlay.Edge edge, boolean wall) {
    }

    private PocketFinder(FlatFoldedState flat, List<Glue> glue, Set<PanelRef> flaps) {
        this.flat = flat;
        this.flaps = flaps;
        Places places = flat.places();
        overlay = places.overlay();
        for (int cell = 0; cell < overlay.cells().size(); cell++) {
            stacks.add(flat.relation().sorted(overlay.faces(cell).stream().mapToObj(places.panels()::get).toList()));
        }
        first = new int[stacks.size() + 1];
        for (int cell = 0; cell < stacks.size(); cell++) {
            first[cell + 1] = first[cell] + Math.max(0, stacks.get(cell).size() - 1);
        }
        parent = new int[first[stacks.size()]];
        flat.state().assembly().pieces().forEach(this::addFolds);
        glue.forEach(this::addGlue);
    }

    /**
     * The pockets, the one nearest to the front first.
     *
     * @param flaps panels that can be opened: their folds close nothing
     */
    static List<PocketSpace> find(FlatFoldedState flat, List<Glue> glue, Set<PanelRef> flaps) {
        return new PocketFinder(flat, glue, flaps).find();
    }

    private void addFolds(CreasePattern pattern) {
        for (Hinge hinge : pattern.hinges()) {
            if (hinge.folds() && Math.abs(flat.state().angle(new CreaseRef(pattern.piece(), hinge.crease()))) > 90) {
                PanelRef first = new PanelRef(pattern.piece(), hinge.first());
                PanelRef second = new PanelRef(pattern.piece(), hinge.second());
                if (!flaps.contains(first) && !flaps.contains(second)) {
                    walls.add(new Wall(placed(first, hinge.at()), new Fold(first, second)));
                }
                folded.add(Set.of(first, second));
            }
        }
    }

    private LineSegment placed(PanelRef panel, LineSegment line) {
        return Footprints.of(line, flat.state().position().get(panel));
    }

    /** Glue all round seals the gap between two panels; glue along some edges is a wall there. */
    private void addGlue(Glue glue) {
        if (!flat.state().position().containsKey(glue.part()) || !flat.state().position().containsKey(glue.onto())) {
            return;
        }
        Stuck stuck = new Stuck(glue.part(), glue.onto());
        if (!glue.edges().glued().isEmpty()) {
            glued.add(stuck);
        }
        if (glue.edges().glued().containsAll(List.of(Side.values()))) {
            sealed.add(stuck);
        }
        Envelope box = flat.state().assembly().panel(glue.part()).bounds();
        for (Side side : glue.edges().glued()) {
            walls.add(new Wall(placed(glue.part(), Footprints.side(box, side)), stuck));
        }
    }

    private int gap(int cell, int layer) {
        return first[cell] + layer;
    }

    private List<PocketSpace> find() {
        for (int cell = 0; cell < stacks.size(); cell++) {
            for (int layer = 0; layer + 1 < stacks.get(cell).size(); layer++) {
                parent[gap(cell, layer)] = isClosed(sealed, stacks.get(cell), layer) ? -1 : gap(cell, layer);
            }
        }
        overlay.edges().forEach(this::cross);
        Map<Integer, Space> spaces = new TreeMap<>();
        for (int cell = 0; cell < stacks.size(); cell++) {
            for (int layer = 0; layer + 1 < stacks.get(cell).size(); layer++) {
                if (parent[gap(cell, layer)] >= 0) {
                    spaces.computeIfAbsent(root(gap(cell, layer)), key -> new Space()).add(overlay.cells().get(cell),
                            stacks.get(cell).get(layer), stacks.get(cell).get(layer + 1));
                }
            }
        }
        boundary.forEach(side -> spaces.get(root(side.gap())).sides.add(side));
        List<PocketSpace> pockets = new ArrayList<>();
        spaces.values().forEach(space -> describe(space, pockets));
        pockets.sort(Comparator
                .comparingInt(pocket -> pocket.behind().stream().mapToInt(flat.order()::indexOf).min().orElseThrow()));
        return pockets;
    }

    private int root(int gap) {
        if (parent[gap] != gap) {
            parent[gap] = root(parent[gap]);
        }
        return parent[gap];
    }

    private void cross(Overlay.Edge edge) {
        List<Hold> here = walls.stream().filter(wall -> Overlay.runsAlong(edge, wall.at())).map(Wall::hold).toList();
        for (int cell : new int[] {edge.left(), edge.right()}) {
            if (cell < 0) {
                continue;
            }
            List<PanelRef> stack = stacks.get(cell);
            for (int layer = 0; layer + 1 < stack.size(); layer++) {
                if (parent[gap(cell, layer)] >= 0) {
                    boolean wall = isClosed(here, stack, layer);
                    boolean mouth = !wall && !joinAcross(cell, layer, edge.across(cell));
                    if (wall || mouth) {
                        boundary.add(new Boundary(gap(cell, layer), edge, wall));
                    }
                }
            }
        }
    }

    private static boolean isClosed(List<? extends Hold> holds, List<PanelRef> stack, int layer) {
        return holds.stream().anyMatch(hold -> hold.closes(stack, layer));
    }

    /**
     * Joins a gap with the one beyond the edge between the same two layers; what is glued or folded onto one of them
     * counts as part of it. False if beyond the edge one of them ends or something else begins: there the gap can be
     * entered.
     */
    private boolean joinAcross(int cell, int layer, int beyond) {
        if (beyond < 0) {
            return false;
        }
        List<PanelRef> stack = stacks.get(cell);
        List<PanelRef> next = stacks.get(beyond);
        List<Integer> befores = continued(stack.get(layer), next);
        if (befores.isEmpty() && layer > 0 && isFlap(stack.get(layer), stack.get(layer - 1))) {
            befores = continued(stack.get(layer - 1), next);
        }
        List<Integer> afters = continued(stack.get(layer + 1), next);
        if (afters.isEmpty() && layer + 2 < stack.size() && isFlap(stack.get(layer + 1), stack.get(layer + 2))) {
            afters = continued(stack.get(layer + 2), next);
        }
        boolean isOneItself = alone(stack.get(layer), next) >= 0 || alone(stack.get(layer + 1), next) >= 0;
        // Where both only go on as what is glued to them, that may be two things with another space between.
        for (int before : isOneItself ? befores : befores.stream().limit(1).toList()) {
            for (int after : isOneItself ? afters : afters.stream().limit(1).toList()) {
                int same = same(before, after, next);
                if (same >= 0 && parent[gap(beyond, same)] >= 0) {
                    parent[root(gap(cell, layer))] = root(gap(beyond, same));
                    return true;
                }
            }
        }
        return false;
    }

    /**
     * Behind which layer the gap between two layers goes on: they lie on each other, or what lies between them belongs
     * to one of them. Below 0 where it does not go on.
     */
    private int same(int before, int after, List<PanelRef> next) {
        if (after == before + 1) {
            return before;
        } else if (after != before + 2) {
            return -1;
        }
        PanelRef between = next.get(before + 1);
        if (isGlued(between, next.get(after))) {
            return before;
        } else if (isGlued(next.get(before), between) || isFlap(between, next.get(before))) {
            return before + 1;
        }
        return isFlap(between, next.get(after)) ? before : -1;
    }

    private boolean isGlued(PanelRef one, PanelRef other) {
        return glued.stream().anyMatch(stuck -> stuck.other(one).filter(other::equals).isPresent());
    }

    /** Whether two panels are the two sides of a folded crease. */
    private boolean isFlap(PanelRef one, PanelRef other) {
        return folded.contains(Set.of(one, other));
    }

    /** Where a layer goes on in the next place: itself, or what is glued to it, over whose edge nothing gets lost. */
    private List<Integer> continued(PanelRef panel, List<PanelRef> next) {
        int alone = alone(panel, next);
        return alone >= 0 ? List.of(alone)
                : glued.stream().flatMap(stuck -> stuck.other(panel).stream()).map(other -> alone(other, next))
                        .filter(place -> place >= 0).toList();
    }

    /** Where a layer goes on by itself, or as a panel that it is joined to by a flat crease. */
    private int alone(PanelRef panel, List<PanelRef> next) {
        int same = next.indexOf(panel);
        if (same >= 0) {
            return same;
        }
        for (PanelRef other : beside.computeIfAbsent(panel, this::beside)) {
            int place = next.indexOf(other);
            if (place >= 0) {
                return place;
            }
        }
        return -1;
    }

    /** The panels across creases that are flat. */
    private List<PanelRef> beside(PanelRef panel) {
        return flat.state().assembly().pattern(panel.piece()).hinges().stream()
                .filter(hinge -> hinge.joins(panel.panel())
                        && Math.abs(flat.state().angle(new CreaseRef(panel.piece(), hinge.crease()))) < 90)
                .map(hinge -> new PanelRef(panel.piece(), hinge.across(panel.panel()))).toList();
    }

    /** Gaps that hang together. */
    private static final class Space {
        private final Envelope bounds = new Envelope();
        private final Set<PanelRef> front = new LinkedHashSet<>();
        private final Set<PanelRef> behind = new LinkedHashSet<>();
        private final List<Boundary> sides = new ArrayList<>();

        void add(Overlay.Cell cell, PanelRef before, PanelRef after) {
            bounds.expandToInclude(cell.outline().getEnvelopeInternal());
            front.add(before);
            behind.add(after);
        }
    }

    private static void describe(Space space, List<PocketSpace> pockets) {
        Envelope bounds = space.bounds;
        if (bounds.getWidth() < LEAST || bounds.getHeight() < LEAST) {
            return;
        }
        Map<Side, List<double[]>> walls = new EnumMap<>(Side.class);
        Map<Side, List<double[]>> all = new EnumMap<>(Side.class);
        List<Overlay.Edge> slanting = new ArrayList<>();
        for (Boundary one : space.sides) {
            if (!one.wall() && isSlanting(one.edge())) {
                slanting.add(one.edge());
            } else {
                Side side = side(one.edge(), bounds, Set.of());
                all.computeIfAbsent(side, key -> new ArrayList<>()).add(along(side, one.edge()));
                if (one.wall()) {
                    walls.computeIfAbsent(side, key -> new ArrayList<>()).add(along(side, one.edge()));
                }
            }
        }
        Set<Side> closed = EnumSet.noneOf(Side.class);
        Set<Side> open = EnumSet.noneOf(Side.class);
        // Where one layer of the space has a wall, a slit beside it lets nothing out.
        all.forEach((side, stretches) -> {
            double wall = length(walls.getOrDefault(side, List.of()));
            double whole = side.y() != 0 ? bounds.getWidth() : bounds.getHeight();
            if (wall > MOSTLY * length(stretches) && wall > ENOUGH * whole) {
                closed.add(side);
            } else if (length(stretches) > wall) {
                open.add(side);
            }
        });
        // A V between two closed sides opens neither of them.
        slanting.forEach(edge -> open.add(side(edge, bounds, closed)));
        open.removeAll(closed);
        if (closed.size() >= 2 && !open.isEmpty()) {
            pockets.add(new PocketSpace(List.copyOf(space.front), List.copyOf(space.behind), bounds, closed, open));
        }
    }

    /** The stretch of a side that an edge takes up. */
    private static double[] along(Side side, Overlay.Edge edge) {
        double from = side.y() != 0 ? edge.from().x : edge.from().y;
        double to = side.y() != 0 ? edge.to().x : edge.to().y;
        return new double[] {Math.min(from, to), Math.max(from, to)};
    }

    /** What stretches of a line take up together. */
    private static double length(List<double[]> stretches) {
        double length = 0;
        double reached = Double.NEGATIVE_INFINITY;
        for (double[] stretch : stretches.stream().sorted(Comparator.comparingDouble(one -> one[0])).toList()) {
            length += Math.max(0, stretch[1] - Math.max(stretch[0], reached));
            reached = Math.max(reached, stretch[1]);
        }
        return length;
    }

    private static boolean isSlanting(Overlay.Edge edge) {
        double along = Math.abs(edge.to().x - edge.from().x);
        double up = Math.abs(edge.to().y - edge.from().y);
        return up >= along / 2 && along >= up / 2;
    }

    /**
     * The side of the space to which an edge belongs: the one towards which it faces if it is rather level or upright,
     * of a slanting one the side that its middle is nearest to, but for some; any if all are left out.
     */
    private static Side side(Overlay.Edge edge, Envelope bounds, Set<Side> but) {
        double along = Math.abs(edge.to().x - edge.from().x);
        double up = Math.abs(edge.to().y - edge.from().y);
        double x = up < along / 2 ? 0 : (edge.middle().x - bounds.centre().x) / bounds.getWidth();
        double y = along < up / 2 ? 0 : (edge.middle().y - bounds.centre().y) / bounds.getHeight();
        return Stream.of(Side.TOP, Side.BOTTOM, Side.LEFT, Side.RIGHT).filter(side -> !but.contains(side))
                .max(Comparator.comparingDouble(side -> side.x() * x + side.y() * y)).orElse(Side.towards(x, y));
    }
}
