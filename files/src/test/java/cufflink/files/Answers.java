package cufflink.files;

import cufflink.files.design.BuiltInDesigns;
import cufflink.files.design.DesignFileReader;
import cufflink.files.drawing.DxfWriter;
import cufflink.files.drawing.PlotLines;
import cufflink.files.drawing.SvgWriter;
import cufflink.files.handout.HandOutOptions;
import cufflink.files.handout.HandOutWriter;
import cufflink.files.plan.FoldJson;
import cufflink.files.plan.ListCsv;
import cufflink.files.plan.PlanJson;
import cufflink.files.plan.PlanText;
import cufflink.files.project.ProjectWriter;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/**
 * A program that tells, line by line, the fingerprint of everything that is written about every design, and the
 * problems of files with many mistakes.
 */
public final class Answers {
    private Answers() {
    }

    /** Writes to standard output. */
    public static void main(String[] arguments) {
        BuiltInDesigns.all().forEach(design -> tell(design.id(),
                Planner.plan(Project.of(design, RulerStep.SIXTEENTH_INCH).withCopies(5)).orThrow()));
        for (String id : new String[] {"squash-fold", "waterfall", "slot-concertina"}) {
            String wrong = BuiltInDesigns.text(id).replace("valley", "valey").replace("glue: ", "glu: ")
                    .replace("width", "breadth");
            DesignFileReader.read(id, wrong).problems().forEach(problem -> System.out.println(problem.text()));
            DesignFileReader.read(id, BuiltInDesigns.text(id).replace("x: ", "x: 2 * ").replace("at: [", "at: [1 m + "))
                    .problems().forEach(problem -> System.out.println(problem.text()));
        }
    }

    private static void tell(String id, Plan plan) {
        tell(id, "plan", PlanJson.of(plan).toPrettyString());
        tell(id, "fold", FoldJson.of(plan, true).toPrettyString());
        tell(id, "text", PlanText.of(plan));
        tell(id, "lists", ListCsv.cutList(plan) + ListCsv.scoreList(plan));
        tell(id, "project", ProjectWriter.text(plan.project()));
        PlotLines.of(plan).forEach(lines -> tell(id, "plot", SvgWriter.write(lines) + DxfWriter.write(lines)));
        tell(id, "hand-out",
                new String(HandOutWriter.write(plan, HandOutOptions.on("A4")), StandardCharsets.ISO_8859_1));
    }

    private static void tell(String id, String what, String text) {
        try {
            System.out.println(id + " " + what + " " + HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8))));
        } catch (NoSuchAlgorithmException missing) {
            throw new IllegalStateException(missing);
        }
    }
}
