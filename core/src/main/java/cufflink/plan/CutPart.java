package cufflink.plan;

import cufflink.design.Fold;
import cufflink.design.PieceParts;
import cufflink.design.SizedDesign;
import cufflink.mat.MatLayer;
import cufflink.measure.Length;
import cufflink.paper.PaperRole;
import java.util.ArrayList;
import java.util.List;

/**
 * What is cut in one piece: a piece or a layer, or one of the parts of what is too long for its sheet.
 *
 * @param id    of the piece or layer; of a part with its number
 * @param label as shown
 */
public record CutPart(String id, String label, Length width, Length height) {
    /** A piece of a project, or its parts. */
    public static List<CutPart> of(Project project, SizedDesign.Piece piece) {
        return all(piece.id(), piece.label(), parts(project, piece), piece.height().length());
    }

    /** A layer of a project, or its parts. */
    public static List<CutPart> of(Project project, SizedDesign design, MatLayer mat) {
        return all(mat.id(), mat.label(), parts(project, design, mat), mat.height());
    }

    /** The parts of a piece. */
    static PieceParts parts(Project project, SizedDesign.Piece piece) {
        return PieceParts.of(piece, project.sheets().of(piece.material()).longest());
    }

    /** The parts of a layer over a whole piece, which meet at its creases; of any other, it alone. */
    static PieceParts parts(Project project, SizedDesign design, MatLayer mat) {
        List<Length> creases = mat.on().isWhole() ? design.piece(mat.on().on().piece()).lines().stream()
                .filter(score -> score.fold() != Fold.DECORATIVE && score.line().along() == SizedDesign.Along.X)
                .map(score -> score.line().x1().minus(Length.nearestToMillimetres(mat.form().at().x)))
                .filter(Length::isPositive).toList() : List.of();
        return PieceParts.meeting(mat.width(), creases, project.paper(PaperRole.layer(mat.layer())).longest());
    }

    private static List<CutPart> all(String id, String label, PieceParts parts, Length height) {
        if (!parts.isJoined()) {
            return List.of(new CutPart(id, label, parts.parts().get(0).width(), height));
        }
        List<CutPart> all = new ArrayList<>();
        for (int i = 0; i < parts.parts().size(); i++) {
            all.add(new CutPart(id + " part " + (i + 1), label + ", part " + (i + 1), parts.parts().get(i).width(),
                    height));
        }
        return all;
    }
}
