package cufflink.plan;

import cufflink.design.Face;
import cufflink.design.PanelRef;
import cufflink.design.Side;
import cufflink.design.SizedDesign;
import cufflink.design.SizedDesign.Glue;
import cufflink.fold.FlatFoldedState;
import cufflink.fold.Footprints;
import cufflink.fold.GluePatch;
import cufflink.fold.Join;
import cufflink.fold.Point3;
import cufflink.fold.RigidMotion;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Polygon;

/**
 * A glue step as it is drawn: the piece that lies on the table, the face of it that lies up, and the glue. Words and
 * picture are made from this one, so that an edge is called what it is in the picture.
 *
 * @param host     the piece that lies on the table
 * @param mirrored whether it lies turned over
 * @param place    how the part lies on it; absent for two panels of one piece
 * @param patch    in the coordinates of the host as its up face lies up
 * @param covers   what of a folded part lies over or beside the panel that takes the glue, in the same coordinates
 */
public record GlueScene(String host, boolean mirrored, Optional<RigidMotion> place, GluePatch patch,
        List<Polygon> covers) {
    public GlueScene {
        covers = List.copyOf(covers);
    }

    /** The scene of a joint; absent if the assembly has no such joint. */
    public static Optional<GlueScene> of(Workings plan, Glue glue) {
        String host = glue.at().isPresent() ? glue.onto().piece() : glue.part().piece();
        Face up = plan.pieces().get(host).pattern().up();
        Optional<Join> join = plan.stacked().assembly(glue).joins().stream()
                .filter(candidate -> candidate.id().equals(glue.id()))
                .findFirst();
        Face face = glue.at().isPresent() ? glue.face() : partsFace(plan, glue);
        return join.map(found -> new GlueScene(host, face != up, found.place(), plan.glued().get(glue.id()),
                covers(plan, glue)));
    }

    /** The panels of a part that is brought to its place by the outline of all of it, as they lie when it is closed. */
    private static List<Polygon> covers(Workings plan, Glue glue) {
        Optional<FlatFoldedState> flat = plan.stacked().flat(glue.onto().piece())
                .filter(closed -> glue.at().flatMap(SizedDesign.Placing::whole).isPresent());
        return flat.stream().flatMap(closed -> {
            Map<PanelRef, RigidMotion> places = closed.state().position();
            RigidMotion back = places.get(glue.onto()).inverse();
            String piece = glue.part().piece();
            return closed.state().assembly().pattern(piece).panels().stream()
                    .map(panel -> Footprints.of(panel.outline(),
                            back.after(places.get(new PanelRef(piece, panel.id())))));
        }).toList();
    }

    /**
     * The face of the part that takes the glue: the same as that of the panel it meets where the two lie face to face,
     * the other one where they look the same way, as the ends of a sleeve do that overlap.
     */
    private static Face partsFace(Workings plan, Glue glue) {
        boolean alike = plan.stacked().flat(glue.onto().piece())
                .filter(flat -> facing(flat, glue.part()).isPresent()
                        && facing(flat, glue.part()).equals(facing(flat, glue.onto())))
                .isPresent();
        return alike ? glue.face().other() : glue.face();
    }

    /** The face of a panel that looks to the front of the closed card. */
    private static Optional<Face> facing(FlatFoldedState flat, PanelRef panel) {
        return Optional.ofNullable(flat.state().position().get(panel)).map(place -> {
            Face up = flat.state().assembly().pattern(panel.piece()).up();
            return place.turnsOver() ? up.other() : up;
        });
    }

    /** Where an edge of the part lies in the picture. */
    public PictureEdge seen(Side edge) {
        RigidMotion motion = place.orElse(RigidMotion.STAY);
        Point3 from = motion.apply(new Coordinate(0, 0));
        Point3 to = motion.apply(new Coordinate(edge.x(), edge.y()));
        return PictureEdge.towards((mirrored ? -1 : 1) * (to.x() - from.x()), to.y() - from.y());
    }

    /** Several edges as the picture shows them, in a fixed order. */
    public List<PictureEdge> seen(List<Side> edges) {
        return edges.stream().map(this::seen).distinct().sorted().toList();
    }
}
