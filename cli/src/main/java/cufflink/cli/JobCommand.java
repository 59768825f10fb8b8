package cufflink.cli;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.files.AtomicFile;
import cufflink.files.handout.JobHandOut;
import cufflink.files.layout.LayoutJson;
import cufflink.files.layout.LayoutText;
import cufflink.files.plan.PlanJson;
import cufflink.job.JobMessages;
import cufflink.job.JobPlan;
import cufflink.job.JobPlanner;
import cufflink.job.Purchase;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.problem.Problem;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/**
 * Lays many copies of projects out on a stash. Exit status 0: the stash has it all; 1: something must be bought or fits
 * nowhere; 2: it cannot be planned.
 */
@Command(name = "job", description = "Lays many copies of projects out on the stash and says what to buy.",
        mixinStandardHelpOptions = true)
final class JobCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private JobOptions job;
    @Option(names = "--seconds", paramLabel = "S", defaultValue = "10",
            description = "How long to look for a better plan. 0: the first answer.")
    private double seconds;
    @Option(names = "--pdf", paramLabel = "PATH", description = "Also write the cutting as a PDF to print.")
    private Path pdf;
    @Option(names = "--format", description = "text or json.", defaultValue = "TEXT")
    private Answers.Format format;

    private final List<Problem> problems = new ArrayList<>();

    @Override
    public Integer call() throws IOException {
        long started = System.nanoTime();
        Optional<JobPlan> planned = job.plan(problems, spec.commandLine().getErr());
        if (planned.isEmpty()) {
            return Answers.failed(problems, format, spec.commandLine());
        }
        LengthUnit unit = planned.get().job().kits().get(0).project().unit();
        JobPlan plan = seconds <= 0 ? planned.get() : JobPlanner.improve(planned.get(),
                () -> System.nanoTime() - started > seconds * 1e9, better -> {});
        if (pdf != null) {
            write(plan, unit);
        }
        print(plan, LengthFormat.of(unit));
        return plan.isFromStash() ? Main.GOOD : Main.BAD_CHECK;
    }

    private void write(JobPlan plan, LengthUnit unit) throws IOException {
        NamedSize page = PublishedSizes.named(NamedSize.Kind.SHEET, unit == LengthUnit.INCH ? "Letter" : "A4")
                .orElseThrow();
        List<String> made = plan.job().kits().stream().map(kit -> kit.copies() + " × " + kit.project().name()).toList();
        AtomicFile.write(pdf, JobHandOut.write(new JobHandOut.Content(String.join(", ", made), made,
                JobMessages.headline(plan), plan.purchases(),
                JobMessages.strands(plan.strands(), plan.stash(), LengthFormat.of(unit)),
                plan.sheets()), LengthFormat.of(unit), page));
    }

    private void print(JobPlan plan, LengthFormat words) {
        if (format == Answers.Format.JSON) {
            ObjectNode answer = LayoutJson.of(plan.layout(), words);
            answer.put("fromStash", plan.isFromStash()).put("bought", plan.bought()).put("proved", plan.isProved());
            ArrayNode purchases = answer.putArray("purchases");
            plan.purchases().forEach(purchase -> {
                ObjectNode node = purchases.addObject().put("paper", purchase.stock().name())
                        .put("size", words.size(purchase.stock().width(), purchase.stock().height()))
                        .put("needed", purchase.needed()).put("spare", purchase.spare());
                purchase.cost().ifPresent(cost -> node.put("cost", cost));
            });
            ArrayNode strands = answer.putArray("strands");
            plan.strands().forEach(need -> strands.addObject().put("material", need.material())
                    .put("width", words.text(need.width())).put("total", words.text(need.total()))
                    .put("cuts", need.cuts().size()).put("lacks", words.text(need.lacks())));
            answer.set("problems", PlanJson.problems(problems));
            spec.commandLine().getOut().println(Answers.json(answer));
            return;
        }
        spec.commandLine().getOut().println(JobMessages.headline(plan));
        plan.purchases().forEach(purchase -> spec.commandLine().getOut().println("  Buy " + line(purchase, words)));
        plan.cost().ifPresent(cost -> spec.commandLine().getOut()
                .println("  " + cost.toPlainString() + " in all, as far as prices are known."));
        JobMessages.strands(plan.strands(), plan.stash(), words)
                .forEach(line -> spec.commandLine().getOut().println("  " + line));
        spec.commandLine().getOut().println(LayoutText.of(plan.layout(), words).stripTrailing());
    }

    private static String line(Purchase purchase, LengthFormat words) {
        return purchase.count() + " × " + purchase.stock().name() + ", "
                + words.size(purchase.stock().width(), purchase.stock().height())
                + (purchase.spare() > 0 ? " (" + purchase.spare() + " spare)" : "")
                + purchase.cost().map(cost -> ": " + cost.toPlainString()).orElse("");
    }
}
