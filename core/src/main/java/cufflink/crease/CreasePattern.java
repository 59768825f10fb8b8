package cufflink.crease;

import cufflink.design.Face;
import cufflink.design.Fold;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.LineSegment;
import org.locationtech.jts.geom.Polygon;

/**
 * A piece's panels and hinges.
 *
 * @param piece   the piece's id
 * @param up      the face that lies up
 * @param outline what is left of the piece after cutting, millimetres
 * @param panels  in reading order: by x, then by y
 * @param hinges  in the order of the score lines
 * @param slits   that have no width
 * @param bends   creases that end inside a panel
 */
public record CreasePattern(String piece, Face up, Polygon outline, List<Panel> panels, List<Hinge> hinges,
        List<LineSegment> slits, List<Bend> bends) {
    /**
     * A crease that ends inside a panel, where the paper bends: of the hands, not of the proof, in which the panel is
     * flat.
     *
     * @param at from end to end, millimetres
     */
    public record Bend(String crease, String panel, Fold fold, LineSegment at) {
    }

    public CreasePattern {
        panels = List.copyOf(panels);
        hinges = List.copyOf(hinges);
        slits = List.copyOf(slits);
        bends = List.copyOf(bends);
    }

    public Optional<Panel> panel(String id) {
        return panels.stream().filter(panel -> panel.id().equals(id)).findFirst();
    }

    /** The same with other hinges. */
    public CreasePattern withHinges(List<Hinge> others) {
        return new CreasePattern(piece, up, outline, panels, others, slits, bends);
    }

    /** The creases that end inside a panel. */
    public List<Bend> bends(String panel) {
        return bends.stream().filter(bend -> bend.panel().equals(panel)).toList();
    }

    /** Whether all creases run the same way. */
    public boolean isParallel() {
        return hinges.stream().allMatch(hinge -> {
            double turn = Math.abs(Math.sin(hinge.at().angle() - hinges.get(0).at().angle()));
            return turn < 1e-9;
        });
    }
}
