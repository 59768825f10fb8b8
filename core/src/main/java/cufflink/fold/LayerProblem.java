package cufflink.fold;

import cufflink.crease.CreasePattern;
import cufflink.crease.Hinge;
import cufflink.crease.RobustOverlay;
import cufflink.design.CreaseRef;
import cufflink.design.Fold;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign.Layers;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.LayerWords;
import cufflink.words.Message;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Supplier;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.Polygon;

/**
 * The order of the layers of an assembly folded flat, as constraints (Justin's conditions, local to each stretch
 * between two places of the stack):
 * <ol>
 * <li>a folded crease puts its far panel above or below, by mountain and valley;</li>
 * <li>taco and tortilla: paper that goes on across a folded crease does not lie between its two panels;</li>
 * <li>taco and taco: two folds on one line, opening to the same side, are nested or apart;</li>
 * <li>tortilla and tortilla: paper that goes on across a line keeps its order with other paper that does;</li>
 * <li>transitivity: at no place do three layers lie in a ring;</li>
 * <li>glue lets nothing come between, weaving goes over and under as stated.</li>
 * </ol>
 */
public final class LayerProblem {
    /** Millimetres about a point within which there is far more than a speck. */
    private static final double ROOM = 0.2;
    /** Places of a strip of glue, as shares of its length. */
    private static final List<Double> ALONG = List.of(0.5, 0.2, 0.8, 0.05, 0.95);

    /** Choices after which a search gives up; some seconds. */
    public static final long MOST_CHOICES = 4_000_000;

    /** A known order of two panels. */
    public record Known(PanelRef above, PanelRef below) {
    }

    private record Pair(int left, int right) {
    }

    private record Placed(Hinge hinge, CreaseRef crease, int first, int second, LineSegment at, boolean folded) {
    }

    private final FoldedState state;
    private final Places places;
    private final List<PanelRef> panels;
    private final Overlay overlay;
    private final LayerConstraints constraints;
    private final List<Placed> hinges = new ArrayList<>();
    private List<Layers> stated = List.of();

    private LayerProblem(FoldedState state, boolean creasesKnown) {
        this.state = state;
        this.places = new Places(state);
        this.panels = places.panels();
        this.overlay = places.overlay();
        constraints = new LayerConstraints(overlaps());
        state.assembly().pieces().forEach(this::placeHinges);
        if (creasesKnown) {
            hinges.stream().filter(Placed::folded).forEach(this::direction);
        }
        joins();
        overlay.edges().forEach(this::acrossEdge);
        transitivity();
    }

    /** The problem for creases that are folded as marked. */
    public static LayerProblem of(FoldedState flat) {
        return new LayerProblem(flat, true);
    }

    /** The problem for creases that may be folded either way. */
    public static LayerProblem anyWay(FoldedState flat) {
        return new LayerProblem(flat, false);
    }

    /** The same problem with the order of some pairs known; pairs that do not overlap are passed over. */
    LayerProblem knowing(List<Known> known) {
        for (Known order : known) {
            if (places.overlap(order.above(), order.below())) {
                constraints.above(places.index(order.above()), places.index(order.below()),
                        () -> LayerWords.LIES_BEFORE.of("front", label(order.above()), "behind", label(order.below())));
            }
        }
        return this;
    }

    /** The same problem with what the design says about which panel lies before which; the proof covers it. */
    LayerProblem stating(List<Layers> lines) {
        stated = List.copyOf(lines);
        return knowing(lines.stream().map(line -> new Known(line.front(), line.behind())).toList());
    }

    /**
     * One order that obeys everything, proved by {@link LayerOrderVerifier}; or the reason why there is none, or that
     * the search was stopped.
     */
    public Outcome<FlatFoldedState> solve() {
        LayerSearch.Result result = LayerSearch.first(constraints, MOST_CHOICES);
        if (result.any()) {
            return LayerOrderVerifier
                    .verify(state, new LayerRelation(panels, constraints.relation(result.first())), stated)
                    .map(flat -> flat.at(places));
        }
        String where = state.assembly().pieces().get(0).piece();
        if (!result.complete()) {
            return Outcome.failed(Problem.error(where, LayerWords.NOT_FOUND_IN_TIME.of("tries", MOST_CHOICES)));
        }
        return Outcome.failed(Problem.error(where,
                constraints.contradiction().map(reason -> LayerWords.CANNOT_LIE.of("reason", reason))
                        .orElseGet(() -> LayerWords.EVERY_ORDER_FAILS.of("tries", Math.max(1, result.choices())))));
    }

    /** How many orders there are; empty if the search was stopped before all were counted. */
    public OptionalLong count() {
        return count(MOST_CHOICES);
    }

    /** As {@link #count()}, with at most so many choices. */
    public OptionalLong count(long mostChoices) {
        LayerSearch.Result result = LayerSearch.count(constraints, mostChoices);
        return result.complete() ? OptionalLong.of(result.found()) : OptionalLong.empty();
    }

    /** The places of the flat state. */
    Places places() {
        return places;
    }

    private boolean[][] overlaps() {
        boolean[][] overlaps = new boolean[panels.size()][panels.size()];
        for (int i = 0; i < panels.size(); i++) {
            for (int j = i + 1; j < panels.size(); j++) {
                overlaps[i][j] = places.cellsOf(i).intersects(places.cellsOf(j));
            }
        }
        return overlaps;
    }

    private void placeHinges(CreasePattern pattern) {
        for (Hinge hinge : pattern.hinges()) {
            PanelRef first = new PanelRef(pattern.piece(), hinge.first());
            CreaseRef crease = new CreaseRef(pattern.piece(), hinge.crease());
            hinges.add(new Placed(hinge, crease, places.index(first),
                    places.index(new PanelRef(pattern.piece(), hinge.second())),
                    Footprints.of(hinge.at(), state.position().get(first)),
                    hinge.folds() && Math.abs(state.angle(crease)) > 90));
        }
    }

    private String label(PanelRef panel) {
        return state.assembly().panel(panel).label();
    }

    private String label(int panel) {
        return label(panels.get(panel));
    }

    private void direction(Placed placed) {
        if (!constraints.overlap(placed.first(), placed.second())) {
            return;
        }
        boolean turned = state.position().get(panels.get(placed.first())).turnsOver();
        boolean secondAbove = (placed.hinge().fold() == Fold.VALLEY) == state.angle(placed.crease()) > 0 != turned;
        constraints.above(secondAbove ? placed.second() : placed.first(),
                secondAbove ? placed.first() : placed.second(),
                () -> LayerWords.MARKED_OTHERWISE.of("crease", placed.crease().crease()));
    }

    private void joins() {
        for (Join join : state.assembly().joins()) {
            int part = places.index(join.part());
            int onto = places.index(join.onto());
            boolean turned = state.position().get(join.onto()).turnsOver();
            if (join.lies()) {
                LayerWords beyond = join.way() == Join.Way.SLIDING ? LayerWords.SLIDES_BEYOND : LayerWords.GLUED_BEYOND;
                order(part, onto, join.above() != turned,
                        () -> beyond.of("part", label(part), "onto", label(onto)));
            }
            join.passing().over().forEach(under -> order(part, places.index(under), !turned,
                    () -> LayerWords.GOES_OVER.of("part", label(part), "other", label(under))));
            join.passing().under().forEach(over -> order(part, places.index(over), turned,
                    () -> LayerWords.GOES_UNDER.of("part", label(part), "other", label(over))));
            if (join.way() == Join.Way.SLOTTED) {
                crossing(join);
            }
            if (constraints.overlap(part, onto)) {
                nothingBetween(join, part, onto);
            }
        }
    }

    /** Slotted panels cross: on the other side of the slot the other one lies above. */
    private void crossing(Join join) {
        for (int part : beside(join.part())) {
            for (int onto : beside(join.onto())) {
                if (constraints.overlap(part, onto)
                        && constraints.overlap(places.index(join.part()), places.index(join.onto()))) {
                    constraints.alike(places.index(join.part()), places.index(join.onto()), onto, part,
                            () -> LayerWords.DO_NOT_CROSS.of("joint", join.id()));
                }
            }
        }
    }

    /** The panels that stay flat beside a panel, across a joint slit. */
    private List<Integer> beside(PanelRef panel) {
        return state.assembly().pattern(panel.piece()).hinges().stream()
                .filter(hinge -> !hinge.folds() && hinge.joins(panel.panel()))
                .map(hinge -> places.index(new PanelRef(panel.piece(), hinge.across(panel.panel())))).toList();
    }

    private void order(int part, int other, boolean above, Supplier<Message> reason) {
        if (constraints.overlap(part, other)) {
            constraints.above(above ? part : other, above ? other : part, reason);
        }
    }

    private void nothingBetween(Join join, int part, int onto) {
        BitSet common = places.common(part, onto);
        Optional<List<Geometry>> glue = glue(join);
        for (int each = 0; each < panels.size(); each++) {
            int other = each;
            if (other != part && other != onto && places.cellsOf(other).intersects(common)
                    && !isGluedOn(panels.get(other), panels.get(onto)) && !isFlapOf(other, part, onto)
                    && glue.map(strips -> isOver(strips, state.footprint(panels.get(other)))).orElse(true)) {
                constraints.alike(part, other, onto, other, () -> LayerWords.LIES_IN_GLUE.of("other", label(other),
                        "part", label(part), "onto", label(onto)));
            }
        }
    }

    /** Where a piece is glued to itself, what folds over one of the two panels lies there before they come together. */
    private boolean isFlapOf(int other, int part, int onto) {
        return panels.get(part).piece().equals(panels.get(onto).piece()) && hinges.stream().filter(Placed::folded)
                .anyMatch(hinge -> hinge.first() == other && (hinge.second() == part || hinge.second() == onto)
                        || hinge.second() == other && (hinge.first() == part || hinge.first() == onto));
    }

    /** Where a joint has strips of glue; absent where it is glued wherever its two panels lie on each other. */
    private Optional<List<Geometry>> glue(Join join) {
        Polygon whole = state.assembly().panel(join.part()).outline();
        if (join.glued().stream().anyMatch(strip -> strip.equalsExact(whole))) {
            return Optional.empty();
        }
        Polygon onto = state.footprint(join.onto());
        return Optional.of(join.glued().stream().<Geometry>map(strip -> RobustOverlay
                .intersection(Footprints.of(strip, state.position().get(join.part())), onto)).toList());
    }

    private static boolean isOver(List<Geometry> glue, Polygon paper) {
        return glue.stream().anyMatch(strip -> strip.getEnvelopeInternal().intersects(paper.getEnvelopeInternal())
                && (!paper.isRectangle() && hasRoom(strip, paper)
                        || RobustOverlay.intersection(strip, paper).getArea() > Overlay.SPECK));
    }

    /** Whether more than a speck about a place of a strip lies on some paper: told without cutting one by the other. */
    private static boolean hasRoom(Geometry strip, Polygon paper) {
        Envelope box = strip.getEnvelopeInternal();
        return strip.isRectangle() && Math.min(box.getWidth(), box.getHeight()) > 2 * ROOM
                && ALONG.stream().map(share -> at(box, share)).anyMatch(place -> SimplePointInAreaLocator
                        .isContained(place, paper) && paper.getBoundary().distance(point(place, paper)) > ROOM);
    }

    private static Coordinate at(Envelope box, double share) {
        boolean wide = box.getWidth() > box.getHeight();
        return new Coordinate(box.getMinX() + box.getWidth() * (wide ? share : 0.5),
                box.getMinY() + box.getHeight() * (wide ? 0.5 : share));
    }

    private static Point point(Coordinate place, Polygon paper) {
        return paper.getFactory().createPoint(place);
    }

    private boolean isGluedOn(PanelRef part, PanelRef onto) {
        return state.assembly().joins().stream()
                .anyMatch(join -> join.way() == Join.Way.GLUED && join.part().equals(part) && join.onto().equals(onto));
    }

    private void acrossEdge(Overlay.Edge edge) {
        List<Pair> tacosLeft = new ArrayList<>();
        List<Pair> tacosRight = new ArrayList<>();
        List<Pair> tortillas = new ArrayList<>();
        BitSet left = overlay.faces(edge.left());
        BitSet right = overlay.faces(edge.right());
        BitSet through = (BitSet) left.clone();
        through.and(right);
        through.stream().forEach(face -> tortillas.add(new Pair(face, face)));
        Map<Pair, String> crease = new HashMap<>();
        for (Placed placed : hinges) {
            if (!Overlay.runsAlong(edge, placed.at())) {
                continue;
            }
            Pair pair = new Pair(placed.first(), placed.second());
            crease.put(pair, placed.crease().crease());
            if (!placed.folded()) {
                boolean firstLeft = left.get(placed.first());
                tortillas.add(firstLeft ? pair : new Pair(placed.second(), placed.first()));
            } else if (left.get(placed.first()) && left.get(placed.second())) {
                tacosLeft.add(pair);
            } else if (right.get(placed.first()) && right.get(placed.second())) {
                tacosRight.add(pair);
            }
        }
        tacosLeft.forEach(taco -> tortillas.forEach(tortilla -> tacoTortilla(taco, tortilla.left(), crease.get(taco))));
        tacosRight
                .forEach(taco -> tortillas.forEach(tortilla -> tacoTortilla(taco, tortilla.right(), crease.get(taco))));
        tacoTaco(tacosLeft);
        tacoTaco(tacosRight);
        for (int i = 0; i < tortillas.size(); i++) {
            for (int j = i + 1; j < tortillas.size(); j++) {
                tortillaTortilla(tortillas.get(i), tortillas.get(j));
            }
        }
    }

    private void tacoTortilla(Pair taco, int tortilla, String crease) {
        if (tortilla != taco.left() && tortilla != taco.right()) {
            constraints.alike(taco.left(), tortilla, taco.right(), tortilla,
                    () -> LayerWords.CREASE_THROUGH_PANEL.of("crease", crease, "panel", label(tortilla)));
        }
    }

    private void tacoTaco(List<Pair> tacos) {
        for (int i = 0; i < tacos.size(); i++) {
            for (int j = i + 1; j < tacos.size(); j++) {
                Pair a = tacos.get(i);
                Pair b = tacos.get(j);
                if (a.left() != b.left() && a.left() != b.right() && a.right() != b.left() && a.right() != b.right()) {
                    constraints.nestedOrApart(a.left(), a.right(), b.left(), b.right());
                }
            }
        }
    }

    private void tortillaTortilla(Pair a, Pair b) {
        boolean both = a.left() != b.left() && a.right() != b.right()
                && !(a.left() == a.right() && b.left() == b.right());
        if (both) {
            constraints.alike(a.left(), b.left(), a.right(), b.right(),
                    () -> LayerWords.PANELS_THROUGH_EACH_OTHER.of("one", label(a.left()), "other", label(b.left())));
        }
    }

    private void transitivity() {
        for (int i = 0; i < panels.size(); i++) {
            for (int j = i + 1; j < panels.size(); j++) {
                if (!constraints.overlap(i, j)) {
                    continue;
                }
                BitSet common = places.common(i, j);
                for (int k = j + 1; k < panels.size(); k++) {
                    if (places.cellsOf(k).intersects(common)) {
                        constraints.ordered(i, j, k);
                    }
                }
            }
        }
    }
}
