package cufflink.cli;

import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.cut.CutJob;
import cufflink.cut.GuillotinePlanner;
import cufflink.cut.LayoutPlan;
import cufflink.cut.StockSheet;
import cufflink.files.layout.CutJobReader;
import cufflink.files.layout.LayoutJson;
import cufflink.files.layout.LayoutText;
import cufflink.files.plan.PlanJson;
import cufflink.measure.Length;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthParser;
import cufflink.measure.LengthReading;
import cufflink.measure.LengthUnit;
import cufflink.paper.GrainRule;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.CommandWords;
import cufflink.words.Message;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/**
 * Lays a bare list of pieces out on a bare list of sheets. Exit status 0: everything is placed; 1: something is not; 2:
 * the files cannot be read.
 */
@Command(name = "layout", description = "Lays out a list of pieces on a list of sheets, with edge-to-edge cuts.",
        mixinStandardHelpOptions = true)
final class LayoutCommand implements Callable<Integer> {
    private static final int MOST_COPIES = 999;
    private static final double MOST_SECONDS = 3600;

    @Spec
    private CommandSpec spec;

    @Option(names = "--pieces", paramLabel = "PIECES.csv", required = true,
            description = "id,quantity,width,height,material,direction (yes: may not turn).")
    private Path pieces;
    @Option(names = "--stock", paramLabel = "STOCK.csv", required = true,
            description = "id,material,width,height,count,offcut,direction (count empty: as many as needed).")
    private Path stock;
    @Option(names = "--copies", paramLabel = "N", defaultValue = "1",
            description = "How many times everything is wanted.")
    private int copies;
    @Option(names = "--grain", paramLabel = "must|prefer|ignore", defaultValue = "prefer",
            description = "How far the grain binds a long fold.")
    private GrainRule grain;
    @Option(names = "--seconds", paramLabel = "S", defaultValue = "10",
            description = "How long to look for a better plan; it ends sooner when the plan is proved. 0: the first "
                    + "answer.")
    private double seconds;
    @Option(names = "--blade", paramLabel = "12in", description = "The longest cut of the trimmer; without it, any.")
    private String blade;
    @Option(names = "--unit", paramLabel = "in|mm",
            description = "Unit of numbers without one, and of the answer; without it, told from the size of the "
                    + "stock.")
    private String unit;
    @Option(names = "--format", description = "text or json.", defaultValue = "TEXT")
    private Answers.Format format;

    @Override
    public Integer call() {
        Outcome<Request> request = request();
        if (request.value().isEmpty()) {
            return Answers.failed(request.problems(), format, spec.commandLine());
        }
        LengthFormat words = LengthFormat.of(request.value().get().unit());
        long started = System.nanoTime();
        LayoutPlan plan = planned(request.value().get().job(), started);
        double took = (System.nanoTime() - started) / 1e9;
        request.problems().forEach(problem -> spec.commandLine().getErr().println(problem.text()));
        if (format == Answers.Format.JSON) {
            ObjectNode answer = LayoutJson.of(plan, words);
            answer.put("seconds", Math.round(took * 1000) / 1000.0);
            answer.set("problems", PlanJson.problems(request.problems()));
            spec.commandLine().getOut().println(Answers.json(answer));
        } else {
            spec.commandLine().getOut().println(LayoutText.of(plan, words).stripTrailing());
            spec.commandLine().getOut().println(String.format(Locale.ROOT, "%nPlanned in %.1f s.", took));
        }
        return plan.unplaced().isEmpty() ? Main.GOOD : Main.BAD_CHECK;
    }

    private record Request(CutJob job, LengthUnit unit) {
    }

    private LayoutPlan planned(CutJob job, long started) {
        GuillotinePlanner planner = new GuillotinePlanner();
        return seconds <= 0 ? planner.plan(job)
                : planner.improve(job, () -> System.nanoTime() - started > seconds * 1e9, better -> {});
    }

    private Outcome<Request> request() {
        if (copies < 1 || copies > MOST_COPIES) {
            return wrong("--copies", CommandWords.NOT_WHOLE.of("text", copies, "low", 1, "high", MOST_COPIES));
        }
        if (!(seconds >= 0 && seconds <= MOST_SECONDS)) {
            return wrong("--seconds",
                    CommandWords.NOT_A_NUMBER.of("text", seconds, "low", 0, "high", (int) MOST_SECONDS));
        }
        if (unit != null && !unit.equals("in") && !unit.equals("mm")) {
            return wrong("--unit", CommandWords.NO_UNIT.of("text", unit));
        }
        Optional<LengthUnit> typed = Optional.ofNullable(unit)
                .map(word -> word.equals("mm") ? LengthUnit.MILLIMETRE : LengthUnit.INCH);
        LengthReading<Length> cut = blade == null ? new LengthReading.Understood<>(Length.ZERO)
                : LengthParser.read(blade, typed.orElse(LengthUnit.INCH));
        if (cut.value().isEmpty()) {
            return wrong("--blade", cut.trouble().orElseThrow());
        }
        if (blade != null && !cut.value().get().isPositive()) {
            return wrong("--blade", CommandWords.BLADE_OF_NOTHING.of("text", blade));
        }
        Optional<Length> longest = cut.value().filter(Length::isPositive);
        return CutJobReader.read(pieces, stock, copies, grain, typed)
                .map(job -> new Request(new CutJob(job.pieces(), job.stock(), job.grain(), longest),
                        typed.orElseGet(() -> unit(job.stock()))));
    }

    /** Answers in inches where every sheet is a whole number of sixteenths. */
    private static LengthUnit unit(List<StockSheet> stock) {
        long sixteenth = Length.ofInches(1, 16).nanometres();
        boolean inches = stock.stream().allMatch(
                sheet -> sheet.width().nanometres() % sixteenth == 0 && sheet.height().nanometres() % sixteenth == 0);
        return inches ? LengthUnit.INCH : LengthUnit.MILLIMETRE;
    }

    private static Outcome<Request> wrong(String option, Message what) {
        return Outcome.failed(Problem.error(option, what));
    }
}
