package cufflink.plan;

import cufflink.crease.RobustOverlay;
import cufflink.design.Fold;
import cufflink.design.SizedDesign;
import cufflink.mat.LayerForm;
import cufflink.mat.MatLayer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineSegment;

/**
 * What lies on the table after a step of a run sheet: what virtual hands have made by then, who know nothing but the
 * steps. One copy; what is still to come is not there.
 *
 * @param joints the ids of the joints that are made
 */
public record Tabletop(List<Lying> lying, List<String> joints) {
    private static final GeometryFactory FACTORY = new GeometryFactory();

    public Tabletop {
        lying = List.copyOf(lying);
        joints = List.copyOf(joints);
    }

    /**
     * A piece of paper, or a layer that is not on yet.
     *
     * @param piece  the id of the piece that it is, or that it goes on
     * @param layer  which layer it is, from 1; 0 for a piece
     * @param paper  as it lies flat, with what is cut out of it; millimetres from its top left corner
     * @param lines  that are pressed into it, seen on its face that lies up
     * @param slits  cut into it
     * @param uncut  the ids of its cut-outs that are still closed
     * @param folded the last of its own folds that is made, from 0
     */
    public record Lying(String piece, String label, int layer, Geometry paper, List<Line> lines,
            List<LineSegment> slits, List<String> uncut, OptionalInt folded) {
        public Lying {
            uncut = List.copyOf(uncut);
            lines = List.copyOf(lines);
            slits = List.copyOf(slits);
        }
    }

    /** A line that is pressed into paper, millimetres from its top left corner. */
    public record Line(LineSegment at, Fold fold) {
    }

    /** What lies there now. */
    static Tabletop of(HandTable table) {
        Workings plan = table.plan();
        List<Lying> lying = new ArrayList<>();
        for (SizedDesign.Piece piece : plan.design().pieces()) {
            table.lying(piece.id()).map(paper -> lying(table, piece, paper)).ifPresentOrElse(lying::add,
                    () -> CutPart.of(plan.project(), piece).forEach(part -> blank(table, part)
                            .ifPresent(paper -> lying.add(bare(piece.id(), part.label(), 0, paper)))));
            plan.mats().stream().filter(mat -> mat.on().on().piece().equals(piece.id()))
                    .forEach(mat -> layer(table, mat, lying));
        }
        return new Tabletop(lying, plan.design().glue().stream().map(SizedDesign.Glue::id)
                .filter(id -> table.isDone("glued " + id)).toList());
    }

    private static Lying lying(HandTable table, SizedDesign.Piece piece, HandPaper paper) {
        Geometry left = FACTORY.toGeometry(new Envelope(0, paper.width(), 0, paper.height()));
        for (HandPaper.Hole hole : paper.holes()) {
            left = RobustOverlay.difference(left, hole.shape());
        }
        return new Lying(piece.id(), piece.label(), 0, left,
                paper.creases().stream().map(crease -> new Line(crease.at(), crease.fold())).toList(),
                paper.slits().stream().map(HandPaper.Cut::at).toList(),
                piece.cutOuts().stream().map(SizedDesign.CutOut::id)
                        .filter(cut -> !table.isDone("punched " + piece.id() + " " + cut)).toList(),
                paper.folds() < 0 ? OptionalInt.empty() : OptionalInt.of(paper.folds()));
    }

    private static void layer(HandTable table, MatLayer mat, List<Lying> lying) {
        if (!table.isDone("on " + mat.id())) {
            CutPart.of(table.plan().project(), table.plan().design(), mat).forEach(part -> blank(table, part)
                    .map(paper -> isShaped(table, mat) ? mat.form().flat() : paper)
                    .ifPresent(paper -> lying.add(bare(mat.on().on().piece(), part.label(), mat.layer(), paper))));
        }
    }

    /** A triangle is cut on the sheet, any other shape when the layers are cut to theirs. */
    private static boolean isShaped(HandTable table, MatLayer mat) {
        return mat.form().kind() == LayerForm.Kind.TRIANGLE
                || mat.form().kind() == LayerForm.Kind.OUTLINE && table.isDone("cut " + mat.id());
    }

    /** What was cut for a part, its longer side where the plan has it. */
    private static Optional<Geometry> blank(HandTable table, CutPart part) {
        return table.blank(part).map(cut -> {
            boolean lies = (cut.width() >= cut.height()) == (part.width().compareTo(part.height()) >= 0);
            return FACTORY.toGeometry(new Envelope(0, lies ? cut.width() : cut.height(), 0,
                    lies ? cut.height() : cut.width()));
        });
    }

    private static Lying bare(String piece, String label, int layer, Geometry paper) {
        return new Lying(piece, label, layer, paper, List.of(), List.of(), List.of(), OptionalInt.empty());
    }
}
