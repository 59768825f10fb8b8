package cufflink.files.handout;

import cufflink.check.Check;
import cufflink.check.Verdict;
import cufflink.design.Measures;
import cufflink.drawing.CardDrawing;
import cufflink.drawing.Picture;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Reading;
import cufflink.plan.RunStep;
import cufflink.plan.StepSubject;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.pdfbox.pdmodel.PDDocument;

/**
 * Lays the hand-out of a plan on as few pages as can be read at arm's length: the finished card and what it measures,
 * the cut list with the sheets, a score list with a ruler for each setup, layers, folds, glue, the checks that matter;
 * then, if asked, how every figure came about, and template pages true to size.
 */
public final class HandOutWriter {
    /** Pages of one sheet. */
    private static final int SHEET = 2;
    /** How large everything is set, 1 for text of 9.4 points; the smallest is still read at arm's length. */
    private static final double SMALL = 0.8;
    private static final double GOOD = 0.88;
    private static final double[] LARGER = {1.15, 1.06, 0.97, GOOD};

    private final Plan plan;
    private final HandOutOptions options;
    private final LengthFormat format;
    private final double size;
    private PageFlow flow;

    private HandOutWriter(Plan plan, HandOutOptions options, double size) {
        this.plan = plan;
        this.options = options;
        this.format = plan.format();
        this.size = size;
    }

    /** The PDF: as large as it may be on as few pages as a good size takes, or a small one if those are too many. */
    public static byte[] write(Plan plan, HandOutOptions options) {
        int wanted = pages(plan, options, GOOD);
        wanted = wanted > SHEET ? Math.min(wanted, pages(plan, options, SMALL)) : wanted;
        double size = SMALL;
        for (double larger : LARGER) {
            if (pages(plan, options, larger) <= wanted) {
                size = larger;
                break;
            }
        }
        try (PDDocument document = new PDDocument()) {
            document.getDocumentInformation().setTitle(plan.project().name());
            document.getDocumentInformation().setCreator("Cufflink");
            new HandOutWriter(plan, options, size).write(document, true);
            return Typesetter.bytes(document);
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    /** How many pages the instructions take in a size, without what is added if asked. */
    private static int pages(Plan plan, HandOutOptions options, double size) {
        try (PDDocument trial = new PDDocument()) {
            return new HandOutWriter(plan, options, size).write(trial, false);
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    private int write(PDDocument document, boolean whole) throws IOException {
        String foot = "Sizes and scores belong together: do not mix hand-outs. " + plan.project().name() + ", "
                + plan.design().definition().title();
        try (PageFlow opened = new PageFlow(document, new Typesetter(document), options.page().width(),
                options.page().height(), foot)) {
            flow = opened;
            front();
            flow.columns(2);
            HandOutLists lists = new HandOutLists(plan, flow, size);
            HandOutSteps steps = new HandOutSteps(plan, flow, size);
            lists.cuts();
            lists.scores(steps);
            for (Phase phase : List.of(Phase.MAT, Phase.PUNCH, Phase.FOLD, Phase.GLUE)) {
                steps.write(phase);
            }
            checks(steps);
            if (whole) {
                more();
            }
            return flow.pages();
        }
    }

    private void more() throws IOException {
        if (options.derivations()) {
            derivations();
        }
        if (options.templates()) {
            flow.columns(1);
            new TemplatePages(plan, flow).write();
        }
    }

    /** What it is, how it looks, how large it is, and what the maker chose. */
    private void front() throws IOException {
        double text = 9.6 * size;
        double box = 132 * size;
        flow.title(plan.project().name(), 21 * size);
        double top = flow.y();
        Optional<Picture> card = CardDrawing.draw(plan, 0.4);
        double indent = 0;
        if (card.isPresent()) {
            double scale = Math.min(box / card.get().width(), box / card.get().height());
            flow.picture(CardDrawing.draw(plan, 0.8 / scale).orElseThrow(), 0, scale);
            indent = card.get().width() * scale + 20;
        }
        if (plan.size().isPresent()) {
            flow.text(plan.size().get().sentence() + thick(), 14 * size, indent, true);
        }
        flow.text(plan.design().definition().title() + ". " + plan.design().definition().head().about() + ".", text,
                indent, false);
        flow.text("Copies: " + plan.project().copies() + ". Sheets: " + plan.layout().sheets().size() + ". Ruler: "
                + plan.project().step().label() + ".", text, indent, false);
        flow.skip(4);
        flow.text(chosen(), text, indent, false);
        if (!plan.project().notes().isBlank()) {
            flow.skip(4);
            flow.text(plan.project().notes(), text, indent, true);
        }
        if (plan.checks().stream().anyMatch(check -> check.verdict() == Verdict.BAD)) {
            flow.skip(4);
            flow.text("Something does not work yet: read the checks before you cut.", text * 1.1, indent, true);
        }
        flow.skip(Math.max(0, (card.isPresent() ? box : 0) - (top - flow.y())));
    }

    private String thick() {
        return plan.workings().standing().isPresent() || plan.stack().isEmpty() ? ""
                : ", " + LengthFormat.of(LengthUnit.MILLIMETRE).text(plan.stack().get().thickness()) + " thick";
    }

    /** What can be set, and is: what follows from it stands in the lists. */
    private String chosen() {
        return plan.measures().shown().stream().filter(sized -> sized.definition().canBeSet())
                .filter(sized -> plan.design().parts().stream().noneMatch(part -> part.has(sized.definition().name())))
                .map(sized -> sized.definition().label() + " " + sized.text(format))
                .collect(Collectors.joining("  ·  "));
    }

    /** Bad ones and those to watch; the good ones are counted. */
    private void checks(HandOutSteps steps) throws IOException {
        double text = 9.4 * size;
        flow.heading(Phase.CHECK.heading(), 12.5 * size, 40);
        for (RunStep step : steps.of(Phase.CHECK)) {
            if (step.subject() instanceof StepSubject.OfPages) {
                steps.write(step);
            } else {
                flow.text(step.text(), text, 0, false);
            }
        }
        flow.skip(3);
        for (Check check : plan.checks()) {
            if (check.verdict() != Verdict.GOOD) {
                flow.row(List.of(check.verdict().word(),
                        check.text() + (check.remedy().isEmpty() ? "" : " " + check.remedy())),
                        new double[] {0, 42 * size}, text, false);
            }
        }
        long good = plan.checks().stream().filter(check -> check.verdict() == Verdict.GOOD).count();
        flow.text(good == 1 ? "1 check holds." : good + " checks hold.", text, 0, true);
        flow.skip(5);
        String cautions = Stream.concat(plan.run().stream().map(RunStep::caution).filter(caution -> !caution.isEmpty())
                .distinct(),
                Stream.of("The instructions of your tools' makers and local rules go first; posting sizes "
                        + "and prices are the operator's to say."))
                .collect(Collectors.joining(" "));
        flow.text(cautions, 8.4 * size, 0, false);
    }

    private void derivations() throws IOException {
        flow.heading("How every figure came about", 12.5 * size, 40);
        for (Measures.Sized sized : plan.measures().shown()) {
            flow.text(sized.derivation().text(format), 9 * size, 0, false);
        }
        for (RunStep step : plan.run()) {
            for (Reading reading : step.readings()) {
                if (!reading.how().isEmpty() && step.phase() != Phase.CUT) {
                    flow.text(reading.how(), 9 * size, 0, false);
                }
            }
        }
    }
}
