package cufflink.fold;

import cufflink.crease.RobustOverlay;
import cufflink.design.PanelRef;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineSegment;

/**
 * What passes through what on the way of a motion. For every two panels that move against each other the way is halved
 * until it is decided: over a stretch of it in which no point can move farther than the two are apart nothing happens
 * (conservative advancement; Mirtich 1996, from memory); stretches too short to matter are looked at from end to end,
 * corner against face and edge against edge, and what comes out on the other side by more than {@link #GRAZE} has
 * passed through.
 * <p>
 * How far a point moves: one crease turning between two panels leads it along an arc, so that it is never farther from
 * the middle of a stretch than at its ends. Where several turn evenly, it may be farther by as much as their speeds and
 * reach bend its way. Where loops make them turn unevenly, that is read off the way itself, four times as much as its
 * halves bend if it bends evenly, after a first division that leaves no whole turn unseen.
 */
final class Sweep {
    /** Paper that goes less far through other paper, or passes it nearer to its edge, only touches it, millimetres. */
    static final double GRAZE = 0.3;
    /**
     * A stretch in which nothing moves farther than this is looked at whole, millimetres; less than twice a graze, so
     * that nothing goes round an edge in it.
     */
    static final double SHORT = 0.5;
    /** Coordinates of one line differ by no more, millimetres. */
    private static final double SAME = 1e-9;
    /** Panels that lie beside each other on a shorter stretch are looked at in full, millimetres. */
    private static final double SIDE_BY_SIDE = 4 * GRAZE;
    private static final int DEEPEST = 12;
    /** Stretches into which a way with loops is divided before anything is read off it. */
    private static final int FIRST_STRETCHES = 4;

    /**
     * In the shortest stretch of a way with loops nothing gets farther than this, millimetres; what does has jumped.
     */
    private static final double JUMP = 5;

    /**
     * Where the way ends.
     *
     * @param share of the way, 0 to 1
     * @param pair  the panels of which the first passes through the second; absent where stiff panels do not get on,
     *              since their loops close no more
     */
    record Hit(double share, Optional<Pair> pair) {
    }

    /** Two panels, whichever comes first. */
    record Pair(PanelRef one, PanelRef other) {
        static Pair of(PanelRef a, PanelRef b) {
            return a.toString().compareTo(b.toString()) < 0 ? new Pair(a, b) : new Pair(b, a);
        }
    }

    private final FoldMotion motion;
    private final List<PanelRef> panels;
    private final List<PanelShape> shapes;
    /** Without a margin, so that paper which shares an edge with other paper does not hide behind it. */
    private final List<PanelShape> inner;
    /** By panel: what turns between it and the first one; a crease in several stretches is as many links. */
    private final List<Set<Linkage.Link>> turning;
    private final Map<Integer, Optional<RigidMotion[]>> states = new HashMap<>();
    private final Optional<FlatFoldedState> layers;
    private final Optional<Travel> sinceLayers;

    private Sweep(FoldMotion motion, Optional<FlatFoldedState> layers) {
        this.motion = motion;
        this.panels = motion.from().assembly().panels();
        this.shapes = motion.from().assembly().shapes();
        this.inner = motion.from().assembly().innerShapes();
        this.layers = layers;
        this.turning = panels.stream().map(panel -> motion.between(panels.get(0), panel).stream()
                .map(Linkage.Branch::link).filter(motion::turns).collect(Collectors.toSet()))
                .toList();
        this.sinceLayers = layers.map(flat -> Travel.between(flat.state(), motion.from()));
    }

    /**
     * The first panels that pass through each other on the way.
     *
     * @param layers of a flat state; panels that have moved as one from there to the start still lie as they lay
     * @param apart  pairs that need not be looked at
     */
    static Optional<Hit> first(FoldMotion motion, Optional<FlatFoldedState> layers, Set<Pair> apart) {
        return new Sweep(motion, layers).first(apart);
    }

    private Optional<Hit> first(Set<Pair> apart) {
        Optional<Hit> first = Optional.empty();
        Set<Pair> hinged = hinged();
        BitSet hidden = hidden(apart);
        for (int a = 0; a < panels.size(); a++) {
            for (int b = a + 1; b < panels.size(); b++) {
                Pair pair = Pair.of(panels.get(a), panels.get(b));
                boolean looked = !hidden.get(a) && !hidden.get(b) && !isTogether(a, b)
                        && !apart.contains(pair) && !hinged.contains(pair);
                Optional<Hit> hit = looked
                        ? new Meeting(a, b, motion.between(panels.get(a), panels.get(b))).first() : Optional.empty();
                if (hit.isPresent() && (first.isEmpty() || hit.get().share() < first.get().share())) {
                    first = hit;
                }
            }
        }
        return first;
    }

    /**
     * Panels of a flat start that lie all on another which moves as one with them, with nothing that moves otherwise
     * between the two: what comes through them comes through the other, too. So a part glued on a panel costs no look.
     * A panel that may come past others hides nothing.
     */
    private BitSet hidden(Set<Pair> apart) {
        BitSet hidden = new BitSet();
        Optional<FlatFoldedState> flat = layers.filter(known -> sinceLayers.filter(Travel::isStill).isPresent());
        for (int a = 0; flat.isPresent() && a < panels.size(); a++) {
            for (int b = 0; b < panels.size() && !hidden.get(a); b++) {
                PanelRef other = panels.get(b);
                boolean passes = apart.stream()
                        .anyMatch(pair -> pair.one().equals(other) || pair.other().equals(other));
                if (a != b && !passes && !hidden.get(b) && isBehind(a, b, flat.get())) {
                    hidden.set(a);
                }
            }
        }
        return hidden;
    }

    private boolean isBehind(int a, int b, FlatFoldedState flat) {
        PanelRef one = panels.get(a);
        PanelRef other = panels.get(b);
        return flat.relation().side(one, other) != 0 && isTogether(one, other)
                && panels.stream().filter(third -> !third.equals(one) && !third.equals(other))
                        .filter(third -> flat.relation().side(third, one) != 0)
                        .allMatch(third -> flat.relation().side(third, one) == flat.relation().side(third, other)
                                || isTogether(third, one))
                && RobustOverlay.difference(flat.state().footprint(one), flat.state().footprint(other))
                        .getArea() < Overlay.SPECK;
    }

    private boolean isTogether(PanelRef one, PanelRef other) {
        return isTogether(panels.indexOf(one), panels.indexOf(other));
    }

    /** Whether nothing turns between two panels: the same links do on the ways from them to a third. */
    private boolean isTogether(int a, int b) {
        return turning.get(a).equals(turning.get(b));
    }

    /**
     * Panels on the two sides of one crease, neither of which reaches over the line of it: they only ever meet shut.
     */
    private Set<Pair> hinged() {
        Set<Pair> hinged = new HashSet<>();
        motion.from().assembly().pieces().forEach(pattern -> pattern.hinges().forEach(hinge -> {
            PanelRef first = new PanelRef(pattern.piece(), hinge.first());
            PanelRef second = new PanelRef(pattern.piece(), hinge.second());
            if (shapes.get(panels.indexOf(first)).isBeside(hinge.at())
                    && shapes.get(panels.indexOf(second)).isBeside(hinge.beyond())) {
                hinged.add(Pair.of(first, second));
            }
        }));
        return hinged;
    }

    private static double share(int step) {
        return (double) step / (1 << DEEPEST);
    }

    private Optional<RigidMotion[]> state(int step) {
        return states.computeIfAbsent(step, at -> motion.positions(share(at)));
    }

    /**
     * How far a point gets at most from where it is in the middle of a stretch, in millimetres.
     *
     * @param bend how much farther than at the ends; below 0 to read it off the three places
     */
    static double way(Point3 start, Point3 half, Point3 end, double bend) {
        double farthest = Math.max(half.distance(start), half.distance(end));
        return farthest + (bend >= 0 ? bend : start.plus(end).times(0.5).distance(half));
    }

    /** Two panels on the way. */
    private final class Meeting {
        private final int a;
        private final int b;
        private final List<Linkage.Branch> links;
        /**
         * The largest acceleration of any point, in millimetres by the square of the whole way; 0 for one crease, below
         * 0 for loops.
         */
        private final double bending;
        private final int coarsest;
        private final Map<Integer, Relative> known = new HashMap<>();
        /** What may come together; none before the two come near each other. */
        private List<Contact> all = List.of();
        private boolean wasClear;
        private Optional<Hit> hit = Optional.empty();

        Meeting(int a, int b, List<Linkage.Branch> links) {
            this.a = a;
            this.b = b;
            this.links = links;
            this.bending = bending(links);
            this.coarsest = (1 << DEEPEST) / (motion.turnsEvenly() ? 1 : FIRST_STRETCHES);
        }

        /** What may come together, on the sides on which it is at the start. */
        private List<Contact> contacts() {
            List<Contact> contacts = level().orElseGet(this::everyContact);
            int above = wasClear ? 0 : lying();
            if (above != 0) {
                Relative start = relative(0);
                contacts.forEach(contact -> contact.lies(start, above));
            }
            return contacts;
        }

        /**
         * Of rectangles in a chain whose creases all run in one direction, as their sides do: two lines in a plane
         * across it, which pass through each other at an end of one of them. Absent for others, and where the two are
         * hardly side by side.
         */
        private Optional<List<Contact>> level() {
            boolean upright = links.stream().map(Linkage.Branch::link).filter(Linkage.Link::turns)
                    .allMatch(link -> Math.abs(link.axis().p0.x - link.axis().p1.x) < SAME);
            boolean flat = links.stream().map(Linkage.Branch::link).filter(Linkage.Link::turns)
                    .allMatch(link -> Math.abs(link.axis().p0.y - link.axis().p1.y) < SAME);
            boolean inOnePiece = links.stream().allMatch(branch -> branch.link().place() == RigidMotion.STAY);
            Optional<Envelope> one = inner.get(a).rectangle();
            Optional<Envelope> other = inner.get(b).rectangle();
            if (!inOnePiece || upright == flat || one.isEmpty() || other.isEmpty()
                    || shapes.get(a).rectangle().isEmpty() || shapes.get(b).rectangle().isEmpty()) {
                return Optional.empty();
            }
            double low = upright ? Math.max(one.get().getMinY(), other.get().getMinY())
                    : Math.max(one.get().getMinX(), other.get().getMinX());
            double high = upright ? Math.min(one.get().getMaxY(), other.get().getMaxY())
                    : Math.min(one.get().getMaxX(), other.get().getMaxX());
            List<Contact> contacts = new ArrayList<>();
            ends(one.get(), upright, (low + high) / 2)
                    .forEach(end -> contacts.add(new CornerOnFace(end, shapes.get(b), true)));
            ends(other.get(), upright, (low + high) / 2)
                    .forEach(end -> contacts.add(new CornerOnFace(end, shapes.get(a), false)));
            return high - low > SIDE_BY_SIDE ? Optional.of(contacts) : Optional.empty();
        }

        private static List<Coordinate> ends(Envelope box, boolean upright, double at) {
            return upright ? List.of(new Coordinate(box.getMinX(), at), new Coordinate(box.getMaxX(), at))
                    : List.of(new Coordinate(at, box.getMinY()), new Coordinate(at, box.getMaxY()));
        }

        /** Every corner against the other's face, every edge against the other's edges. */
        private List<Contact> everyContact() {
            List<Contact> contacts = new ArrayList<>();
            PanelShape one = inner.get(a);
            PanelShape other = inner.get(b);
            for (int corner = 0; corner < one.corners(); corner++) {
                contacts.add(new CornerOnFace(one.corner(corner), shapes.get(b), true));
            }
            for (int corner = 0; corner < other.corners(); corner++) {
                contacts.add(new CornerOnFace(other.corner(corner), shapes.get(a), false));
            }
            for (int from = 0; from < one.corners(); from++) {
                MovingEdge edge = new MovingEdge(one.corner(from), one.after(from));
                for (int across = 0; across < shapes.get(b).corners(); across++) {
                    contacts.add(new EdgeOnEdge(edge, shapes.get(b), across));
                }
            }
            return contacts;
        }

        /**
         * 1 if the first lies above the second, seen from the second's up face, −1 if below, 0 if that is not known.
         */
        private int lying() {
            PanelRef one = panels.get(a);
            PanelRef other = panels.get(b);
            boolean known = sinceLayers.filter(travel -> travel.together(one, other)).isPresent();
            return known ? layers.get().relation().side(one, other)
                    * (layers.get().state().position().get(other).turnsOver() ? -1 : 1) : 0;
        }

        Optional<Hit> first() {
            search(0, 1 << DEEPEST, List.of());
            return hit;
        }

        private Relative relative(int step) {
            return known.computeIfAbsent(step, at -> {
                return state(at).map(state -> Relative.of(state[a], state[b])).orElse(null);
            });
        }

        /** Decides about contacts from one step of the way to another; about all of them if none are named. */
        private void search(int from, int to, List<Contact> some) {
            int middle = (from + to) / 2;
            Relative start = relative(from);
            Relative half = relative(middle);
            Relative end = relative(to);
            if (hit.isPresent()) {
                return;
            } else if (start == null || half == null || end == null) {
                hit = Optional.of(new Hit(share(start == null ? from : half == null ? middle : to), Optional.empty()));
                return;
            }
            if (to - from > coarsest) {
                search(from, middle, some);
                search(middle, to, some);
                return;
            }
            double share = (double) (to - from) / (1 << DEEPEST);
            double bend = bending < 0 ? -1 : bending * share * share / 32;
            boolean last = to - from <= 2;
            boolean apart = clear(start, half, end, bend);
            if (apart && all.isEmpty()) {
                wasClear = true;
                return;
            } else if (all.isEmpty()) {
                all = contacts();
            }
            List<Contact> open = some.isEmpty() ? all : some;
            if (apart) {
                open.forEach(contact -> contact.passes(half, end));
                open.stream().filter(Contact::isThrough).findFirst().ifPresent(contact -> found(to));
                return;
            }
            List<Contact> near = new ArrayList<>();
            for (Contact contact : open) {
                double moves = contact.undecided(start, half, end, bend);
                if (last && moves > JUMP && !motion.turnsEvenly()) {
                    hit = Optional.of(new Hit(share(middle), Optional.empty()));
                    return;
                } else if (moves == 0) {
                    contact.passes(half, end);
                } else if (moves < SHORT || last) {
                    contact.touches(start, half, end);
                } else {
                    near.add(contact);
                }
                if (contact.isThrough()) {
                    found(to);
                    return;
                }
            }
            if (!near.isEmpty()) {
                search(from, middle, near);
                search(middle, to, near);
            }
        }

        private void found(int step) {
            hit = Optional.of(new Hit(share(step), Optional.of(new Pair(panels.get(a), panels.get(b)))));
        }

        /** Whether one panel stays on one side of the other's plane, or beside it, all the time. */
        private boolean clear(Relative start, Relative half, Relative end, double bend) {
            return inner.get(a).isClearOf(shapes.get(b), start.toSecond(), half.toSecond(), end.toSecond(), bend)
                    || inner.get(b).isClearOf(shapes.get(a), start.toFirst(), half.toFirst(), end.toFirst(), bend);
        }

        /**
         * A stretch of h of the way bends by h²/8 times the largest acceleration, each half of it by a quarter of that.
         */
        private double bending(List<Linkage.Branch> links) {
            long turning = links.stream().map(Linkage.Branch::link).filter(motion::turns).count();
            return !motion.turnsEvenly() ? -1 : turning == 1 ? 0 : acceleration(links);
        }

        /**
         * Of a chain of links that turn evenly: the sum over its panels of the square of the panel's own speed of
         * turning and of how that speed turns, times its size. Speeds about parallel axes take each other away; others
         * are added up whatever their directions.
         */
        private double acceleration(List<Linkage.Branch> links) {
            List<Linkage.Branch> turning = links.stream().filter(branch -> motion.turns(branch.link())).toList();
            LineSegment first = turning.get(0).link().axis();
            boolean parallel = links.stream().allMatch(branch -> branch.link().place() == RigidMotion.STAY)
                    && turning.stream().allMatch(branch -> isParallel(branch.link().axis(), first));
            double signed = 0;
            double speed = 0;
            double change = 0;
            double sum = 0;
            for (Linkage.Branch branch : links) {
                Linkage.Link link = branch.link();
                if (motion.turns(link)) {
                    double turned = Math.toRadians(motion.turned(link.angle()));
                    signed += turned * link.sense() * (branch.forward() ? 1 : -1)
                            * (isAlike(link.axis(), first) ? 1 : -1);
                    change += parallel ? 0 : Math.abs(turned) * speed;
                    speed = parallel ? Math.abs(signed) : speed + Math.abs(turned);
                }
                sum += (speed * speed + change) * shapes.get(branch.to()).reach();
            }
            return sum;
        }
    }

    private static boolean isParallel(LineSegment one, LineSegment other) {
        double across = (one.p1.x - one.p0.x) * (other.p1.y - other.p0.y)
                - (one.p1.y - one.p0.y) * (other.p1.x - other.p0.x);
        return Math.abs(across) < 1e-9 * one.getLength() * other.getLength();
    }

    private static boolean isAlike(LineSegment one, LineSegment other) {
        return (one.p1.x - one.p0.x) * (other.p1.x - other.p0.x) + (one.p1.y - one.p0.y) * (other.p1.y - other.p0.y)
                > 0;
    }
}
