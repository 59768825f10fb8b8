package cufflink.fold;

import static java.util.stream.Collectors.toSet;

import cufflink.crease.CreasePattern;
import cufflink.crease.CreasedDesign;
import cufflink.crease.Panel;
import cufflink.design.DesignDefinition.Turned;
import cufflink.design.DesignDefinition.Way;
import cufflink.design.PanelRef;
import cufflink.design.SizedDesign;
import cufflink.design.SizedDesign.Glue;
import cufflink.design.SizedDesign.Placing;
import cufflink.design.SizedDesign.Slit;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.LayerWords;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;

/**
 * Joins the pieces of a design as its glue, weaving and slots say, to one thing or to several that nothing joins.
 */
final class AssemblyBuilder {
    private final SizedDesign design;
    private final Map<String, CreasePattern> patterns;
    private final List<Problem> problems = new ArrayList<>();

    private AssemblyBuilder(CreasedDesign creased) {
        this.design = creased.sized();
        this.patterns = creased.patterns();
    }

    /** The assembly around the main piece first, or the joints that name what is not there. */
    static Outcome<List<Assembly>> build(CreasedDesign creased) {
        AssemblyBuilder builder = new AssemblyBuilder(creased);
        List<Assembly> assemblies = builder.build();
        return builder.problems.isEmpty() ? Outcome.of(assemblies) : Outcome.failed(builder.problems);
    }

    private List<Assembly> build() {
        List<Join> joins = new ArrayList<>();
        design.glue().stream().filter(glue -> glue.way() != Way.LATER).filter(this::isKnown)
                .forEach(glue -> joins.add(join(glue)));
        List<Assembly> assemblies = new ArrayList<>();
        Set<String> left = new LinkedHashSet<>(patterns.keySet());
        while (!left.isEmpty()) {
            String root = left.iterator().next();
            Set<String> reached = reached(Set.of(root), joins);
            left.removeAll(reached);
            left.remove(root);
            assemblies.add(assembly(root, reached, joins));
            joins.stream()
                    .filter(join -> reached.contains(join.part().piece()) != reached.contains(join.onto().piece()))
                    .filter(join -> reached.contains(join.part().piece()))
                    .forEach(join -> problems.add(Problem.error("joint " + join.id(),
                            LayerWords.NEVER_TOGETHER.of("part", join.part(), "onto", join.onto()))));
        }
        return assemblies;
    }

    /** What is joined to a card later, with all that hangs on it; nothing where a joint does not say where. */
    static Later later(CreasedDesign creased, Assembly card) {
        AssemblyBuilder builder = new AssemblyBuilder(creased);
        List<String> flat = card.pieces().stream().map(CreasePattern::piece).toList();
        List<Join> joins = builder.design.glue().stream().filter(builder::isKnown)
                .filter(glue -> glue.way() != Way.LATER || glue.at().isPresent()).map(builder::join)
                .filter(join -> !flat.contains(join.part().piece()) || !flat.contains(join.onto().piece())).toList();
        Set<String> reached = reached(flat, joins);
        Set<String> placeless = builder.design.glue().stream().filter(glue -> glue.way() == Way.LATER)
                .map(glue -> glue.part().piece()).filter(piece -> !reached.contains(piece)).collect(toSet());
        return new Later(
                builder.patterns.values().stream().filter(
                        pattern -> reached.contains(pattern.piece()) && !flat.contains(pattern.piece())).toList(),
                joins.stream().filter(join -> reached.contains(join.part().piece())).toList(),
                builder.patterns.values().stream().filter(pattern -> placeless.contains(pattern.piece())).toList());
    }

    private static Set<String> reached(Collection<String> roots, List<Join> joins) {
        Set<String> reached = new LinkedHashSet<>(roots);
        boolean grew = true;
        while (grew) {
            grew = false;
            for (Join join : joins) {
                if (join.place().isPresent()
                        && reached.contains(join.onto().piece()) != reached.contains(join.part().piece())) {
                    reached.add(join.onto().piece());
                    reached.add(join.part().piece());
                    grew = true;
                }
            }
        }
        return reached;
    }

    private Assembly assembly(String root, Set<String> reached, List<Join> joins) {
        List<CreasePattern> pieces = new ArrayList<>();
        design.pieces().stream().filter(piece -> reached.contains(piece.id()))
                .forEach(piece -> pieces.add(patterns.get(piece.id())));
        List<Join> within = joins.stream()
                .filter(join -> reached.contains(join.part().piece()) && reached.contains(join.onto().piece()))
                .toList();
        List<Join> acting = new ArrayList<>();
        List<Join> others = new ArrayList<>();
        within.forEach(join -> (acting.stream().anyMatch(join::isInsteadOf) ? others : acting).add(join));
        return new Assembly(pieces, acting, others, new PanelRef(root, Anchor.of(design, patterns.get(root))),
                design.piece(root).lying().lean());
    }

    private boolean isKnown(Glue glue) {
        List<PanelRef> named = new ArrayList<>(List.of(glue.part(), glue.onto()));
        named.addAll(glue.passing().all());
        for (PanelRef ref : named) {
            if (!patterns.containsKey(ref.piece()) || patterns.get(ref.piece()).panel(ref.panel()).isEmpty()) {
                problems.add(Problem.error("joint " + glue.id(), LayerWords.NO_PANEL.of("panel", ref)));
                return false;
            }
        }
        if (glue.way() == Way.SLOT && slit(glue).isEmpty()) {
            problems.add(
                    Problem.error("joint " + glue.id(), LayerWords.NO_SLIT.of("piece", glue.onto().piece())));
            return false;
        }
        return true;
    }

    private Optional<Slit> slit(Glue glue) {
        return design.piece(glue.onto().piece()).slits().stream()
                .filter(slit -> glue.passing().slit().filter(slit.id()::equals).isPresent()).findFirst();
    }

    private Join join(Glue glue) {
        boolean onUpFace = glue.face() == patterns.get(glue.onto().piece()).up();
        Join.Way way = switch (glue.way()) {
            case GLUE, LATER -> Join.Way.GLUED;
            case WEAVE -> Join.Way.WOVEN;
            case SLOT -> Join.Way.SLOTTED;
            case SLIDE -> Join.Way.SLIDING;
            case TIED -> Join.Way.TIED;
        };
        Optional<RigidMotion> place = glue.at().map(at -> lay(glue, at, onUpFace));
        return new Join(glue.id(), way, glue.part(), glue.onto(),
                new Join.Seat(place, onUpFace, axis(glue, place)),
                glue.way() == Way.GLUE || glue.way() == Way.LATER ? glued(glue) : List.of(),
                glue.passing());
    }

    /** All edges hold a part all over; along fewer each has its strip of glue, and something may lie between. */
    private List<Polygon> glued(Glue glue) {
        Panel part = patterns.get(glue.part().piece()).panel(glue.part().panel()).orElseThrow();
        return glue.edges().glued().size() > 3 ? List.of(part.outline())
                : glue.edges().glued().stream().flatMap(edge -> GluePatch.strip(part, edge).stream()).toList();
    }

    /** Slotted parts turn about their slit; a part glued along one edge only can be lifted about that edge. */
    private Optional<LineSegment> axis(Glue glue, Optional<RigidMotion> place) {
        if (glue.way() == Way.SLOT) {
            return slit(glue).map(slit -> new LineSegment(slit.line().x1().toMillimetres(),
                    slit.line().y1().toMillimetres(), slit.line().x2().toMillimetres(),
                    slit.line().y2().toMillimetres()));
        } else if ((glue.way() == Way.GLUE || glue.way() == Way.TIED) && glue.edges().glued().size() == 1
                && place.isPresent()) {
            Envelope box = patterns.get(glue.part().piece()).panel(glue.part().panel()).orElseThrow().bounds();
            return Optional.of(Footprints.of(Footprints.side(box, glue.edges().glued().get(0)), place.get()));
        }
        return Optional.empty();
    }

    /**
     * From the part's coordinates to those of the panel that it lies on: on its up face as it is, on its other face as
     * seen from there.
     */
    private RigidMotion lay(Glue glue, Placing placing, boolean onUpFace) {
        Panel host = patterns.get(glue.onto().piece()).panel(glue.onto().panel()).orElseThrow();
        Panel guest = patterns.get(glue.part().piece()).panel(glue.part().panel()).orElseThrow();
        Coordinate centre = guest.bounds().centre();
        RigidMotion turned = turnedOver(placing.turned(), centre);
        RigidMotion spun = placing.turn() == 0 ? RigidMotion.STAY : RigidMotion.spin(centre, placing.turn());
        RigidMotion motion = spun.after(turned);
        Polygon whole = placing.whole().map(all -> Footprints.of(box(guest, all), spun))
                .orElseGet(() -> Footprints.of(guest.outline(), motion));
        Envelope lying = whole.getEnvelopeInternal();
        RigidMotion laid = RigidMotion
                .shift(host.bounds().getMinX() + placing.at().x().toMillimetres() - lying.getMinX(),
                        host.bounds().getMinY() + placing.at().y().toMillimetres() - lying.getMinY())
                .after(motion);
        return onUpFace ? laid : RigidMotion.mirrorAt(host.bounds().centre().x).after(laid);
    }

    /** All of what is put on, about the panel that is joined as it lies before it is turned in its plane. */
    private static Polygon box(Panel guest, SizedDesign.Whole whole) {
        double x = guest.bounds().getMinX() - whole.inset().x().toMillimetres();
        double y = guest.bounds().getMinY() - whole.inset().y().toMillimetres();
        return (Polygon) guest.outline().getFactory().toGeometry(
                new Envelope(x, x + whole.width().toMillimetres(), y, y + whole.height().toMillimetres()));
    }

    private static RigidMotion turnedOver(Turned turned, Coordinate centre) {
        return switch (turned) {
            case NO -> RigidMotion.STAY;
            case OVER -> RigidMotion.mirrorAt(centre.x);
            case TUMBLED -> RigidMotion.about(new LineSegment(0, centre.y, 1, centre.y), Math.PI);
        };
    }
}
