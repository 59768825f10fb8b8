package cufflink.files.handout;

import cufflink.cut.CutList;
import cufflink.cut.FenceSetting;
import cufflink.cut.LayoutMessages;
import cufflink.design.Fixing;
import cufflink.design.Ornament;
import cufflink.design.SizedDesign;
import cufflink.drawing.Picture;
import cufflink.drawing.RulerDrawing;
import cufflink.drawing.Shape;
import cufflink.drawing.SheetDrawing;
import cufflink.drawing.StepDrawing;
import cufflink.drawing.View;
import cufflink.mat.MatLayer;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.paper.PaperRole;
import cufflink.plan.CutPart;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Reading;
import cufflink.plan.RunStep;
import cufflink.plan.StepSubject;
import cufflink.score.ScoreSetup;
import cufflink.score.Slant;
import cufflink.stack.SoftWay;
import cufflink.words.Message;
import cufflink.words.Numbered;
import cufflink.words.StepWords;
import cufflink.words.Vocabulary;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Envelope;

/** What is cut, from which sheet, with the fence where; and what is scored where. Alike things are one line. */
final class HandOutLists {
    private final Plan plan;
    private final PageFlow flow;
    private final LengthFormat format;
    private final double size;
    private final double text;

    HandOutLists(Plan plan, PageFlow flow, double size) {
        this.plan = plan;
        this.flow = flow;
        this.format = plan.format();
        this.size = size;
        this.text = 9.4 * size;
    }

    /** What of one size comes from one paper: how many, and what they are called. */
    private record Row(String size, String from) {
    }

    void cuts() throws IOException {
        flow.heading(Phase.CUT.heading(), text * 1.33, 60);
        double[] starts = {0, 26 * size, 0.44 * flow.width(), 0.7 * flow.width()};
        flow.row(List.of("Cut", "Piece", "Size", "From"), starts, text, true);
        for (Map.Entry<Row, List<String>> row : rows().entrySet()) {
            flow.row(List.of(row.getValue().size() * plan.project().copies() + " ×", called(row.getValue()),
                    row.getKey().size(), row.getKey().from()), starts, text, false);
        }
        flow.skip(4);
        for (RunStep step : steps(Phase.CUT)) {
            if (step.subject() instanceof StepSubject.OfSheet sheet) {
                sheet(step, sheet);
            } else {
                flow.text(step.title() + ". " + Vocabulary.sentences(step.told()), text, 0, false);
            }
        }
    }

    private Map<Row, List<String>> rows() {
        Map<Row, List<String>> rows = new LinkedHashMap<>();
        for (SizedDesign.Piece piece : plan.design().pieces()) {
            CutPart.of(plan.project(), piece)
                    .forEach(part -> add(rows, part.label(), format.size(part.width(), part.height()),
                            plan.project().paper(piece.material()).name()));
        }
        for (MatLayer mat : plan.mats()) {
            List<CutPart> parts = CutPart.of(plan.project(), plan.design(), mat);
            parts.forEach(part -> add(rows, part.label(),
                    parts.size() > 1 ? format.size(part.width(), part.height()) : mat.form().text(format),
                    plan.project().paper(PaperRole.layer(mat.layer())).name()));
        }
        for (SoftWay way : plan.workings().soft()) {
            add(rows, way.soft().label(), format.text(way.length()),
                    way.soft().strand().material() + ", " + format.text(way.soft().strand().width()) + " wide");
        }
        for (Fixing fixing : plan.design().fixings()) {
            add(rows, fixing.label(), "", fixing.kind().word());
        }
        for (Ornament ornament : plan.design().ornaments()) {
            add(rows, ornament.label(), ornament.form().text(format),
                    ornament.form().shape().word() + ", an ornament");
        }
        return rows;
    }

    private static void add(Map<Row, List<String>> rows, String label, String size, String from) {
        rows.computeIfAbsent(new Row(size, from), key -> new ArrayList<>()).add(label);
    }

    /** What only a number tells apart has one name. */
    private static String called(List<String> labels) {
        return labels.size() == 1 ? labels.get(0)
                : labels.stream().map(Numbered::without).distinct()
                        .collect(Collectors.joining("; "));
    }

    /** The sheet with its cuts numbered, and beside it what is cut at which setting of the fence. */
    private void sheet(RunStep step, StepSubject.OfSheet sheet) throws IOException {
        double width = sheet.layout().stock().width().toMillimetres();
        double height = sheet.layout().stock().height().toMillimetres();
        double scale = Math.min(0.56 * flow.width() / width, 170 * size / height);
        Picture drawn = SheetDrawing.draw(sheet.layout(), 0, "#FFFFFF", format, 0.72 * size / scale);
        double indent = Math.max(width, furthestMark(drawn)) * scale + 12;
        List<String> fence = FenceSetting.of(CutList.of(sheet.layout()), format::number).stream()
                .map(HandOutLists::fence).toList();
        double beside = flow.height(step.title(), text * 1.05, indent, true) + text * 1.6;
        for (String line : fence) {
            beside += text * 0.3 + flow.height(line, text, indent, false);
        }
        for (Message more : told(step)) {
            beside += flow.height(more.sentence(), text, indent, false);
        }
        flow.ensure(Math.max(height * scale, beside) + 12);
        flow.skip(6);
        double top = flow.y();
        flow.picture(drawn, 0, scale);
        flow.text(step.title(), text * 1.05, indent, true);
        if (!fence.isEmpty()) {
            flow.text("Fence: cuts", text, indent, false);
        }
        for (String line : fence) {
            flow.text(line, text, indent, true);
        }
        for (Message more : LayoutMessages.diagonals(sheet.layout())) {
            flow.text(more.sentence(), text, indent, false);
        }
        for (Message more : told(step)) {
            flow.text(more.sentence(), text, indent, false);
        }
        flow.skip(Math.max(0, height * scale + 6 - (top - flow.y())));
    }

    /** What of a cutting step does not show in the picture. */
    private static List<Message> told(RunStep step) {
        return step.told().stream().filter(message -> message.code() == StepWords.TRIMMER_SHORT
                || message.code() == StepWords.TRIMMER_LONG || message.code() == StepWords.REMEMBER).toList();
    }

    /** How far to the right the numbers of the cuts reach, millimetres. */
    private static double furthestMark(Picture drawn) {
        return drawn.shapes().stream().filter(Shape.Mark.class::isInstance).map(Shape.Mark.class::cast)
                .mapToDouble(mark -> mark.at().x() + mark.radius() * drawn.point()).max().orElse(0);
    }

    /** One setting in a line: the cuts' numbers, each with the part that it divides. */
    private static String fence(FenceSetting setting) {
        return setting.number() + (setting.again() ? " again" : "") + ":  " + setting.cuts().stream()
                .map(line -> line.cut().number()
                        + (line.part().equals(CutList.SHEET) ? "" : " (" + line.part() + ")"))
                .collect(Collectors.joining(", "));
    }

    private List<RunStep> steps(Phase phase) {
        return plan.run().stream().filter(step -> step.phase() == phase).toList();
    }

    /** {@code others} tells what is done before a piece is scored. */
    void scores(HandOutSteps others) throws IOException {
        List<RunStep> steps = steps(Phase.SCORE);
        if (!steps.isEmpty()) {
            // A heading stays with its first step.
            flow.heading(Phase.SCORE.heading(), text * 1.33,
                    steps.get(0).subject() instanceof StepSubject.OfScores scored
                            ? scored(steps.get(0), scored.setup()).height()
                            : others.height(steps.get(0)));
        }
        for (RunStep step : steps) {
            if (step.subject() instanceof StepSubject.OfScores scored) {
                scores(step, scored.setup(), scored(step, scored.setup()));
            } else {
                others.write(step);
            }
        }
    }

    /**
     * The picture of a score step.
     *
     * @param scale  points a millimetre
     * @param height points that the step takes with its words
     */
    private record Scored(Picture picture, double scale, double height) {
    }

    private Scored scored(RunStep step, ScoreSetup setup) throws IOException {
        DoubleFunction<Picture> drawn = setup.slants().isEmpty() ? point -> ruler(step, setup, point)
                : point -> StepDrawing.draw(plan, step, new StepDrawing.Moment(-1, 1, View.TILTED, true), point);
        Picture first = drawn.apply(0.5);
        double scale = Math.min(flow.width() / first.width(), 120 * size / first.height());
        Picture fitted = drawn.apply(size / scale);
        double fits = Math.min(flow.width() / fitted.width(), scale);
        return new Scored(fitted, fits, fitted.height() * fits + flow.height(title(step), text * 1.1, 0, true)
                + flow.height(step.text(), text, 0, false) + text * 3);
    }

    private static String title(RunStep step) {
        return step.number() + ". " + step.title();
    }

    private void scores(RunStep step, ScoreSetup setup, Scored scored) throws IOException {
        flow.ensure(scored.height());
        flow.skip(4);
        flow.text(title(step), text * 1.1, 0, true);
        flow.text(step.text(), text, 0, false);
        flow.skip(6);
        flow.picture(scored.picture(), 0, scored.scale());
        flow.skip(scored.picture().height() * scored.scale() + 2);
        flow.ticks(setup.slants().isEmpty()
                ? step.readings().stream().map(reading -> reading.number(format) + " " + reading.label()).toList()
                : setup.slants().stream().map(slant -> slant(slant, step)).toList(), text, 0);
        flow.skip(4);
    }

    /** From mark to mark: {@code fold1: top 4 to right 1 11/16, valley}. */
    private String slant(Slant slant, RunStep step) {
        return slant.score() + ": " + slant.from().edge().word() + " " + mark(slant, step, 0) + " to "
                + slant.to().edge().word() + " " + mark(slant, step, 1) + ", " + slant.fold().word();
    }

    private String mark(Slant slant, RunStep step, int end) {
        Optional<Reading> reading = step.readings().stream()
                .filter(read -> read.id().startsWith(slant.score() + " ")).skip(end).findFirst();
        return reading.map(read -> read.number(format)).orElse("");
    }

    private Picture ruler(RunStep step, ScoreSetup setup, double point) {
        Picture lying = StepDrawing.lying(plan, step, setup, point);
        List<Length> pins = setup.positions().stream().map(ScoreSetup.Position::at).toList();
        List<Shape> shapes = new ArrayList<>(lying.shapes());
        shapes.addAll(RulerDrawing.draw(plan.project().step(), false, lying.width(), pins, point));
        shapes.addAll(RulerDrawing.pins(setup.positions(), -1, format, point));
        Envelope bounds = new Envelope(lying.bounds());
        bounds.expandToInclude(-4 * point, -(RulerDrawing.depth() + 6) * point);
        return new Picture(bounds, point, shapes);
    }
}
