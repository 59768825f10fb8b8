package cufflink.plan;

import cufflink.design.Face;
import cufflink.design.Side;
import cufflink.design.SizedDesign.Glue;
import cufflink.fold.GluePatch;
import cufflink.fold.Join;
import cufflink.fold.Point3;
import cufflink.fold.RigidMotion;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;

/**
 * A glue step as it is drawn: the piece that lies on the table, the face of it that lies up, and the glue. Words and
 * picture are made from this one, so that an edge is called what it is in the picture.
 *
 * @param host     the piece that lies on the table
 * @param mirrored whether it lies turned over
 * @param place    how the part lies on it; absent for two panels of one piece
 * @param patch    in the coordinates of the host as its up face lies up
 */
public record GlueScene(String host, boolean mirrored, Optional<RigidMotion> place, GluePatch patch) {
    /** The scene of a joint; absent if the assembly has no such joint. */
    public static Optional<GlueScene> of(Workings plan, Glue glue) {
        String host = glue.at().isPresent() ? glue.onto().piece() : glue.part().piece();
        Face up = plan.pieces().get(host).pattern().up();
        Optional<Join> join = plan.stacked().assembly().joins().stream()
                .filter(candidate -> candidate.id().equals(glue.id()))
                .findFirst();
        return join.map(found -> new GlueScene(host, glue.face() != up, found.place(), plan.glued().get(glue.id())));
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
