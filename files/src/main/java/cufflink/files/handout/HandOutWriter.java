package cufflink.files.handout;

import cufflink.check.Check;
import cufflink.check.Verdict;
import cufflink.cut.LayoutMessages;
import cufflink.design.Fixing;
import cufflink.design.Measures;
import cufflink.design.Ornament;
import cufflink.design.SizedDesign;
import cufflink.drawing.CardDrawing;
import cufflink.drawing.Picture;
import cufflink.drawing.PictureTurn;
import cufflink.drawing.PieceDrawing;
import cufflink.drawing.RulerDrawing;
import cufflink.drawing.Shape;
import cufflink.drawing.SheetDrawing;
import cufflink.drawing.StepDrawing;
import cufflink.drawing.View;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.paper.PaperRole;
import cufflink.plan.CutPart;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Reading;
import cufflink.plan.RunStep;
import cufflink.plan.StepSubject;
import cufflink.score.ScoreSetup;
import cufflink.stack.SoftWay;
import cufflink.words.Vocabulary;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.stream.Stream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.locationtech.jts.geom.Envelope;

/**
 * Lays the hand-out of a plan: picture and facts, cut list with the sheets, score list with a ruler drawing for each
 * setup, layers, fold diagrams, glue order, checks, the derivations on request, and template pages true to size.
 */
public final class HandOutWriter {
    private static final double TEXT = 11;

    private final Plan plan;
    private final HandOutOptions options;
    private final LengthFormat format;
    private PageFlow flow;

    private HandOutWriter(Plan plan, HandOutOptions options) {
        this.plan = plan;
        this.options = options;
        this.format = plan.format();
    }

    /** The PDF. */
    public static byte[] write(Plan plan, HandOutOptions options) {
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(plan.project().name());
            document.getDocumentInformation().setCreator("Cufflink");
            new HandOutWriter(plan, options).write(document);
            return Typesetter.bytes(document);
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    private void write(PDDocument document) throws IOException {
        String foot = plan.project().name() + ", " + plan.design().definition().title()
                + ". Closed size, cut list and scores belong together: do not mix hand-outs.";
        try (PageFlow pages = new PageFlow(document, new Typesetter(document), options.page().width(),
                options.page().height(), foot)) {
            flow = pages;
            front();
            for (Phase phase : Phase.values()) {
                write(phase);
            }
            if (options.derivations()) {
                derivations();
            }
            if (options.templates()) {
                new TemplatePages(plan, flow).write();
            }
        }
    }

    private void write(Phase phase) throws IOException {
        switch (phase) {
            case CUT -> cutList();
            case SCORE -> scoreList();
            case MAT, PUNCH, FOLD, GLUE -> pictured(phase);
            case CHECK -> {
                pages();
                checks();
            }
        }
    }

    private void front() throws IOException {
        flow.title(plan.project().name());
        flow.text(plan.design().definition().title() + ". " + plan.design().definition().head().about() + ".", TEXT, 0,
                false);
        flow.skip(14);
        double box = 170;
        Optional<Picture> closed = CardDrawing.draw(plan, 0.4);
        if (closed.isPresent()) {
            double scale = Math.min(box / closed.get().width(), box / closed.get().height());
            flow.picture(closed.get(), 0, scale);
        }
        double top = flow.y();
        facts(box + 28);
        flow.skip(Math.max(0, box + 8 - (top - flow.y())));
        if (plan.checks().stream().anyMatch(check -> check.verdict() == Verdict.BAD)) {
            flow.text("Something does not work yet: read the checks before you cut.", TEXT, 0, true);
        }
        if (!plan.project().notes().isBlank()) {
            flow.heading("Notes", 20);
            flow.text(plan.project().notes(), TEXT, 0, false);
        }
    }

    private void facts(double indent) throws IOException {
        if (plan.size().isPresent()) {
            String thick = plan.workings().standing().isPresent() ? ""
                    : ", " + LengthFormat.of(LengthUnit.MILLIMETRE).text(plan.stack().orElseThrow().thickness())
                            + " thick";
            flow.text(plan.size().get().sentence() + thick, 15, indent, true);
        }
        flow.skip(6);
        flow.text("Copies: " + plan.project().copies() + ". Sheets: " + plan.layout().sheets().size() + ". Ruler: "
                + plan.project().step().label() + ".", TEXT, indent, false);
        // What parts come to stands in the cut list; how, with the other derivations.
        for (Measures.Sized sized : plan.measures().shown()) {
            if (plan.design().parts().stream().noneMatch(part -> part.has(sized.definition().name()))) {
                flow.text(sized.definition().label() + ": " + sized.text(format), TEXT, indent, false);
            }
        }
    }

    private void cutList() throws IOException {
        flow.heading(Phase.CUT.heading(), 60);
        double[] columns = {0, 40, 230, 380};
        flow.row(List.of("Cut", "Piece", "Size", "From"), columns, TEXT, true);
        int copies = plan.project().copies();
        for (SizedDesign.Piece piece : plan.design().pieces()) {
            for (CutPart part : CutPart.of(plan.project(), piece)) {
                flow.row(List.of(copies + " ×", part.label(), format.size(part.width(), part.height()),
                        plan.project().paper(piece.material()).name()), columns, TEXT, false);
            }
        }
        for (var mat : plan.mats()) {
            List<CutPart> parts = CutPart.of(plan.project(), plan.design(), mat);
            for (CutPart part : parts) {
                flow.row(List.of(copies + " ×", part.label(),
                        parts.size() > 1 ? format.size(part.width(), part.height()) : mat.form().text(format),
                        plan.project().paper(PaperRole.layer(mat.layer())).name()), columns, TEXT, false);
            }
        }
        for (SoftWay way : plan.workings().soft()) {
            flow.row(List.of(copies + " ×", way.soft().label(), format.text(way.length()),
                    way.soft().strand().material() + ", " + format.text(way.soft().strand().width()) + " wide"),
                    columns, TEXT, false);
        }
        for (Fixing fixing : plan.design().fixings()) {
            flow.row(List.of(copies + " ×", fixing.label(), "", fixing.kind().word()), columns, TEXT, false);
        }
        for (Ornament ornament : plan.design().ornaments()) {
            flow.row(List.of(copies + " ×", ornament.label(),
                    ornament.form().text(format),
                    ornament.form().shape().word() + ", an ornament"), columns, TEXT, false);
        }
        flow.text("Guard down, fingers behind it. Tick each sheet when it is cut.", 9.5, 0, false);
        flow.skip(8);
        sheets();
    }

    private void sheets() throws IOException {
        double column = flow.width() / 3;
        int place = 0;
        for (RunStep step : steps(Phase.CUT)) {
            if (!(step.subject() instanceof StepSubject.OfSheet subject)) {
                continue;
            }
            double width = subject.layout().stock().width().toMillimetres();
            double height = subject.layout().stock().height().toMillimetres();
            double scale = Math.min((column - 16) / width, 190 / height);
            if (place % 3 == 0) {
                flow.ensure(230);
            }
            Picture sheet = SheetDrawing.draw(subject.layout(), 0, "#FFFFFF", format, 0.75 / scale);
            flow.picture(sheet, place % 3 * column, scale);
            flow.textAt(step.title(), 9.5, flow.left() + place % 3 * column,
                    flow.pageHeight() - flow.y() + height * scale + 13);
            place++;
            if (place % 3 == 0) {
                flow.skip(222);
            }
        }
        if (place % 3 != 0) {
            flow.skip(222);
        }
        for (RunStep step : steps(Phase.CUT)) {
            flow.text(step.title() + ". " + Vocabulary.sentences(step.subject() instanceof StepSubject.OfSheet subject
                    ? Stream.concat(LayoutMessages.cuts(subject.layout(), format).stream(),
                            LayoutMessages.diagonals(subject.layout()).stream()).toList()
                    : step.told()), 10, 0, false);
            flow.skip(3);
        }
    }

    private List<RunStep> steps(Phase phase) {
        return plan.run().stream().filter(step -> step.phase() == phase).toList();
    }

    private void scoreList() throws IOException {
        if (plan.scores().isEmpty()) {
            return;
        }
        flow.heading(Phase.SCORE.heading(), 150);
        for (RunStep step : steps(Phase.SCORE)) {
            if (!(step.subject() instanceof StepSubject.OfScores scored)) {
                before(step);
                continue;
            }
            ScoreSetup setup = scored.setup();
            SizedDesign.Piece piece = plan.design().piece(setup.piece());
            DoubleFunction<Picture> drawn = setup.slants().isEmpty() ? point -> ruler(piece, setup, point)
                    : point -> StepDrawing.draw(plan, step, new StepDrawing.Moment(-1, 1, View.TILTED, true), point);
            wide(step, drawn);
            for (Reading reading : step.readings()) {
                flow.tickBox(12);
                flow.text(reading.text(format) + "   " + reading.label(), 12.5, 18, true);
            }
            flow.skip(8);
        }
    }

    /** What lies over a whole piece is made and glued on before that is scored. */
    private void before(RunStep step) throws IOException {
        flow.ensure(60);
        flow.text(step.title(), 12.5, 0, true);
        flow.text(step.text(), TEXT, 0, false);
        for (Reading reading : step.readings()) {
            flow.tickBox(12);
            flow.text(reading.text(format) + "   " + reading.label(), 12.5, 18, true);
        }
        flow.skip(8);
    }

    private Picture ruler(SizedDesign.Piece piece, ScoreSetup setup, double point) {
        Picture flat = PieceDrawing.draw(piece, plan.pieces().get(piece.id()).pattern(), setup.mirrored(), point,
                Optional.empty(), Optional.of(PieceDrawing.Naming.of(plan)));
        Picture lying = setup.turned() ? PictureTurn.quarter(flat) : flat;
        List<Length> pins = setup.positions().stream().map(ScoreSetup.Position::at).toList();
        List<Shape> shapes = new ArrayList<>(lying.shapes());
        shapes.addAll(RulerDrawing.draw(plan.project().step(), false, lying.width(), pins, point));
        shapes.addAll(RulerDrawing.pins(setup.positions(), -1, format, point));
        Envelope bounds = new Envelope(lying.bounds());
        bounds.expandToInclude(-4 * point, -(RulerDrawing.depth() + 6) * point);
        return new Picture(bounds, point, shapes);
    }

    /** Steps with a picture beside each. */
    private void pictured(Phase phase) throws IOException {
        List<RunStep> steps = steps(phase);
        if (steps.isEmpty()) {
            return;
        }
        flow.heading(phase.heading(), 130);
        double side = 118;
        for (RunStep step : steps) {
            flow.ensure(side + 14);
            flow.skip(8);
            double top = flow.y();
            Picture picture = StepDrawing.draw(plan, step, StepDrawing.Moment.done(), 0.6);
            double scale = Math.min(side / picture.width(), (side - 8) / picture.height());
            Picture fitted = StepDrawing.draw(plan, step, StepDrawing.Moment.done(), 0.8 / scale);
            flow.picture(fitted, 0, Math.min(side / fitted.width(), (side - 8) / fitted.height()));
            flow.text(step.number() + ". " + step.title(), 12.5, side + 20, true);
            flow.text(step.text(), TEXT, side + 20, false);
            for (Reading reading : step.readings()) {
                flow.text(reading.text(format) + "   " + reading.label(), 12, side + 20, true);
            }
            if (!step.caution().isEmpty()) {
                flow.text(step.caution(), 9.5, side + 20, false);
            }
            flow.skip(Math.max(0, side - (top - flow.y())));
        }
    }

    /** All pages of what is leafed through. */
    private void pages() throws IOException {
        for (RunStep step : steps(Phase.CHECK)) {
            if (step.subject() instanceof StepSubject.OfPages) {
                wide(step, point -> StepDrawing.draw(plan, step, StepDrawing.Moment.done(), point));
            }
        }
    }

    /** A step with its picture under it, as wide as the sheet allows. */
    private void wide(RunStep step, DoubleFunction<Picture> drawn) throws IOException {
        Picture first = drawn.apply(0.5);
        double scale = Math.min(flow.width() / first.width(), 190 / first.height());
        Picture fitted = drawn.apply(1 / scale);
        double fits = Math.min(flow.width() / fitted.width(), scale);
        flow.ensure(fitted.height() * fits + 60);
        flow.text(step.title(), 12.5, 0, true);
        flow.text(step.text(), TEXT, 0, false);
        flow.skip(10);
        flow.picture(fitted, 0, fits);
        flow.skip(fitted.height() * fits + 4);
    }

    private void checks() throws IOException {
        flow.heading(Phase.CHECK.heading(), 40);
        for (Check check : plan.checks()) {
            flow.row(
                    List.of(check.verdict().word(),
                            check.text() + (check.remedy().isEmpty() ? "" : " " + check.remedy())),
                    new double[] {0, 50}, 10.5, false);
        }
        flow.text(
                "The instructions of your tools' makers and local rules go first; posting sizes and prices are the "
                        + "operator's to say.",
                9.5, 0, false);
    }

    private void derivations() throws IOException {
        flow.heading("How every figure came about", 40);
        for (Measures.Sized sized : plan.measures().shown()) {
            flow.text(sized.derivation().text(format), 10, 0, false);
        }
        for (RunStep step : plan.run()) {
            for (Reading reading : step.readings()) {
                if (!reading.how().isEmpty() && step.phase() != Phase.CUT) {
                    flow.text(reading.how(), 10, 0, false);
                }
            }
        }
    }
}
