package cufflink.files.handout;

import cufflink.drawing.Picture;
import cufflink.drawing.StepDrawing;
import cufflink.measure.LengthFormat;
import cufflink.packing.PackItem;
import cufflink.packing.Packing;
import cufflink.packing.ToBring;
import cufflink.paper.NamedSize;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.RunStep;
import cufflink.words.Message;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.pdfbox.pdmodel.PDDocument;

/**
 * One page for each participant of a class: what to bring, what lies in the kit, and what is to be done, in pictures.
 * It is set as large as fits on the page.
 */
public final class ClassSheet {
    private static final double[] SIZES = {1.1, 1, 0.9, 0.8, 0.7, 0.6, 0.5, 0.42};
    private static final double TEXT = 9.6;

    private final Packing packing;
    private final List<Plan> plans;
    private final LengthFormat format;
    private final double size;
    private PageFlow flow;

    private ClassSheet(Packing packing, List<Plan> plans, LengthFormat format, double size) {
        this.packing = packing;
        this.plans = plans;
        this.format = format;
        this.size = size;
    }

    /** The PDF: one page, or, of many steps, as few as the smallest size takes. */
    public static byte[] write(Packing packing, LengthFormat format, NamedSize page) {
        List<Plan> plans = packing.ofOneKit();
        try {
            for (double size : SIZES) {
                try (PDDocument document = new PDDocument()) {
                    document.getDocumentInformation().setTitle("Class sheet");
                    document.getDocumentInformation().setCreator("Cufflink");
                    if (new ClassSheet(packing, plans, format, size).write(document, page) == 1
                            || size == SIZES[SIZES.length - 1]) {
                        return Typesetter.bytes(document);
                    }
                }
            }
            throw new IllegalStateException("no size was tried");
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    private int write(PDDocument document, NamedSize page) throws IOException {
        boolean scored = packing.wishes().scored();
        String foot = "The instructions of your tools' makers and local rules go first.";
        try (PageFlow opened = new PageFlow(document, new Typesetter(document), page.width(), page.height(), foot)) {
            flow = opened;
            flow.title(plans.stream().map(plan -> plan.project().name()).collect(Collectors.joining(", ")), 20 * size);
            String sizes = plans.stream().flatMap(plan -> plan.size().stream()).map(Message::sentence)
                    .collect(Collectors.joining("; "));
            if (!sizes.isEmpty()) {
                flow.text(sizes + ".", TEXT * size, 0, false);
            }
            flow.heading("Please bring", 12 * size, 30);
            flow.ticks(ToBring.of(plans, scored), TEXT * size, 0);
            flow.skip(4);
            flow.heading("In your kit", 12 * size, 30);
            flow.text(packing.items().stream().map((PackItem item) -> item.perKit() + " × " + item.text(format))
                    .collect(Collectors.joining("  ·  ")), TEXT * size, 0, false);
            flow.columns(3);
            for (Plan plan : plans) {
                steps(plan, ToBring.left(plan, scored));
            }
            return flow.pages();
        }
    }

    private void steps(Plan plan, List<RunStep> steps) throws IOException {
        Phase last = null;
        for (RunStep step : steps) {
            double box = 96 * size;
            Picture picture = draw(plan, step, 0.6);
            double scale = scale(picture, box);
            Picture fitted = draw(plan, step, 0.7 / scale);
            double fits = scale(fitted, box);
            List<String> words = new ArrayList<>(List.of(step.number() + ". " + step.title()));
            double height = fitted.height() * fits + flow.height(words.get(0), TEXT * size, 0, true)
                    + flow.height(step.text(), TEXT * 0.86 * size, 0, false) + 10;
            if (step.phase() != last) {
                flow.heading(step.phase().heading(), 12 * size, height);
                last = step.phase();
            }
            flow.ensure(height);
            flow.text(words.get(0), TEXT * size, 0, true);
            flow.skip(3);
            flow.picture(fitted, 0, fits);
            flow.skip(fitted.height() * fits + 2);
            flow.text(step.text(), TEXT * 0.86 * size, 0, false);
            flow.skip(4);
        }
    }

    private double scale(Picture picture, double box) {
        return Math.min(Math.min(flow.width(), box * 1.5) / picture.width(), box / picture.height());
    }

    private static Picture draw(Plan plan, RunStep step, double point) {
        return StepDrawing.draw(plan, step, StepDrawing.Moment.done(), point);
    }
}
