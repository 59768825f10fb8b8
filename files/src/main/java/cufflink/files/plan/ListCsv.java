package cufflink.files.plan;

import cufflink.design.Ornament;
import cufflink.files.csv.CsvWriter;
import cufflink.mat.LayerForm;
import cufflink.mat.MatLayer;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.paper.PaperRole;
import cufflink.plan.CutPart;
import cufflink.plan.Plan;
import cufflink.score.ScoreSetup;
import cufflink.score.Slant;
import cufflink.stack.SoftWay;
import java.util.List;
import java.util.stream.Stream;

/** The cut list and the score list as CSV (RFC 4180): each length in millimetres and as the maker reads it. */
public final class ListCsv {
    private ListCsv() {
    }

    /** One line for each piece, layer, strand and ornament, with what it comes from. */
    public static String cutList(Plan plan) {
        LengthFormat format = plan.format();
        return CsvWriter.write(
                List.of("piece", "quantity", "width mm", "height mm", "width", "height", "shape", "stock"),
                Stream.of(
                        plan.design().pieces().stream().flatMap(piece -> CutPart.of(plan.project(), piece).stream()
                                .map(part -> row(format, part.label(), plan.project().copies(), part.width(),
                                        part.height(), LayerForm.Kind.RECTANGLE,
                                        plan.project().paper(piece.material()).name()))),
                        plan.mats().stream().flatMap(mat -> CutPart.of(plan.project(), plan.design(), mat).stream()
                                .map(part -> row(format, part.label(), plan.project().copies(), part.width(),
                                        part.height(), mat.form().kind(), matPaper(plan, mat)))),
                        plan.workings().soft().stream().map(way -> strand(plan, way)),
                        plan.design().ornaments().stream().map(ornament -> ornament(plan, ornament)))
                        .flatMap(rows -> rows).toList());
    }

    /** A ribbon or string has its length for a width. */
    private static List<Object> strand(Plan plan, SoftWay way) {
        Length width = way.soft().strand().width();
        return List.of(way.soft().label(), plan.project().copies(), way.length().toMillimetres(),
                width.toMillimetres(), plan.format().text(way.length()), plan.format().text(width), "strand",
                way.soft().strand().material());
    }

    /** An ornament is cut or bought as the maker likes: by size and shape. */
    private static List<Object> ornament(Plan plan, Ornament ornament) {
        Length width = ornament.form().width();
        Length height = ornament.form().height();
        return List.of(ornament.label(), plan.project().copies(), width.toMillimetres(), height.toMillimetres(),
                plan.format().text(width), plan.format().text(height), ornament.form().shape().word(), "ornament");
    }

    private static String matPaper(Plan plan, MatLayer mat) {
        return plan.project().paper(PaperRole.layer(mat.layer())).name();
    }

    private static List<Object> row(LengthFormat format, String label, int quantity, Length width, Length height,
            LayerForm.Kind shape, String stock) {
        return List.of(label, quantity, width.toMillimetres(), height.toMillimetres(), format.text(width),
                format.text(height), shape.word(), stock);
    }

    /** One line for each score, fence by fence. */
    public static String scoreList(Plan plan) {
        LengthFormat format = plan.format();
        List<List<Object>> rows = plan.scores().stream()
                .flatMap(setup -> Stream.concat(
                        setup.positions().stream().map(position -> scoreRow(plan, setup, position, format)),
                        setup.slants().stream().map(slant -> slantRow(plan, setup, slant))))
                .toList();
        return CsvWriter.write(List.of("piece", "face up", "turned over", "quarter turn", "score", "fold", "at mm",
                "at", "from mm", "to mm"), rows);
    }

    /** A slanting score has no place at the fence: where it is marked stands under "at". */
    private static List<Object> slantRow(Plan plan, ScoreSetup setup, Slant slant) {
        return List.of(plan.design().piece(setup.piece()).label(), setup.faceUp().word(),
                setup.mirrored() ? "yes" : "no", "no", slant.score(), slant.fold().word(), "",
                "from " + mark(plan, slant.from()) + " to " + mark(plan, slant.to()), "", "");
    }

    private static String mark(Plan plan, Slant.Mark mark) {
        return plan.project().step().text(mark.at()) + " on the " + mark.edge().word() + " edge";
    }

    private static List<Object> scoreRow(Plan plan, ScoreSetup setup, ScoreSetup.Position position,
            LengthFormat format) {
        return List.of(plan.design().piece(setup.piece()).label(), setup.faceUp().word(),
                setup.mirrored() ? "yes" : "no", setup.turned() ? "yes" : "no",
                position.score(), position.fold().word(), position.at().toMillimetres(), format.text(position.at()),
                position.from().toMillimetres(),
                position.to().toMillimetres());
    }
}
