package cufflink.plan;

import cufflink.cut.Along;
import cufflink.cut.CutPiece;
import cufflink.cut.Half;
import cufflink.design.Fold;
import cufflink.design.Score;
import cufflink.design.SizedDesign;
import cufflink.mat.LayerForm;
import cufflink.mat.MatLayer;
import cufflink.measure.Length;
import cufflink.paper.PaperRole;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** What a project's copies are cut from: every piece and every layer, by the role of its paper. */
final class ProjectPieces {
    private final Project project;
    private final SizedDesign design;
    private final List<MatLayer> mats;
    private final Function<PaperRole, String> material;

    /** {@code material} names the paper of a role. */
    ProjectPieces(Project project, SizedDesign design, List<MatLayer> mats, Function<PaperRole, String> material) {
        this.project = project;
        this.design = design;
        this.mats = mats;
        this.material = material;
    }

    /** The material of every role that something is cut for. */
    Map<PaperRole, String> roles() {
        Map<PaperRole, String> roles = new LinkedHashMap<>();
        own().forEach(piece -> roles.put(piece.material(), material.apply(piece.material())));
        mats.forEach(mat -> roles.put(role(mat), material.apply(role(mat))));
        return roles;
    }

    /** The pieces for so many copies; their ids and labels begin with a prefix. */
    List<CutPiece> pieces(int copies, String prefix) {
        List<CutPiece> pieces = new ArrayList<>();
        for (SizedDesign.Piece piece : own()) {
            boolean shaped = !piece.cutOuts().isEmpty();
            CutPart.of(project, piece)
                    .forEach(part -> pieces.add(piece(prefix + part.id(), prefix + part.label(), copies,
                            cut(part.width(), shaped), cut(part.height(), shaped), piece.material())
                            .halved(Triangles.half(piece)).withFold(longFold(piece))));
        }
        for (MatLayer mat : mats) {
            CutPart.of(project, design, mat).forEach(part -> pieces.add(piece(prefix + part.id(), prefix + part.label(),
                    copies, part.width(), part.height(), role(mat)).halved(half(mat))
                    .withFold(mat.on().isWhole() ? longFold(design.piece(mat.on().on().piece()))
                            : Optional.empty())));
        }
        return pieces;
    }

    /** Where the outline is cut by hand anyhow, the rectangle around it is cut at the ruler's next mark. */
    private Length cut(Length side, boolean shaped) {
        return shaped ? project.step().up(side) : side;
    }

    private List<SizedDesign.Piece> own() {
        return design.pieces().stream().filter(piece -> piece.from().isEmpty()).toList();
    }

    private static PaperRole role(MatLayer mat) {
        return PaperRole.layer(mat.layer());
    }

    private CutPiece piece(String id, String label, int copies, Length width, Length height, PaperRole role) {
        return new CutPiece(id, label, copies, width, height, material.apply(role), !project.paper(role).directional());
    }

    /** The side along which the longest fold runs; absent without one, or if it is slanting. */
    static Optional<Along> longFold(SizedDesign.Piece piece) {
        return piece.scores().stream().filter(score -> score.fold() != Fold.DECORATIVE).map(Score::line)
                .max(Comparator.comparingDouble(ProjectPieces::length))
                .flatMap(line -> line.x1().equals(line.x2()) ? Optional.of(Along.HEIGHT)
                        : line.y1().equals(line.y2()) ? Optional.of(Along.WIDTH) : Optional.empty());
    }

    private static double length(SizedDesign.Line line) {
        return Math.hypot(line.x2().minus(line.x1()).toMillimetres(), line.y2().minus(line.y1()).toMillimetres());
    }

    /** A right triangle is half of its rectangle; on the face that lies down it is cut as its mirror image. */
    private Half half(MatLayer mat) {
        LayerForm form = mat.form();
        if (form.kind() != LayerForm.Kind.TRIANGLE) {
            return Half.WHOLE;
        }
        boolean mirrored = mat.on().face() != design.piece(mat.on().on().piece()).up();
        return form.width().equals(form.height()) || form.flipped() == mirrored ? Half.RISING : Half.FALLING;
    }
}
