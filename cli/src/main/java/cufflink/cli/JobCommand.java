package cufflink.cli;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.files.AtomicFile;
import cufflink.files.design.DesignLibrary;
import cufflink.files.handout.JobHandOut;
import cufflink.files.layout.LayoutJson;
import cufflink.files.layout.LayoutText;
import cufflink.files.plan.PlanJson;
import cufflink.files.project.ProjectReader;
import cufflink.files.stash.StashCsv;
import cufflink.files.stash.StashDatabase;
import cufflink.files.database.DatabaseUnusable;
import cufflink.job.Job;
import cufflink.job.JobMessages;
import cufflink.job.JobPlan;
import cufflink.job.JobPlanner;
import cufflink.job.Kit;
import cufflink.job.Purchase;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.paper.BenchTools;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stash.Stash;
import cufflink.stash.StashItem;
import cufflink.words.CommandWords;
import cufflink.words.FileWords;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
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

    @Parameters(paramLabel = "PROJECT[*COPIES]", arity = "1..*",
            description = "Project files, and how many of each; without a number, the project's own copies.")
    private List<String> kits;
    @Option(names = "--stash", paramLabel = "FILE",
            description = "The stash: its database (.db) or a table (.csv). Without it, everything is bought.")
    private Path stash;
    @Option(names = "--instead", paramLabel = "PAPER=OTHER",
            description = "Another paper that may take a paper's place; may be repeated.")
    private List<String> instead = new ArrayList<>();
    @Option(names = "--spare", paramLabel = "PERCENT", defaultValue = "0",
            description = "Share of spare sheets to buy.")
    private int spare;
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
        List<Kit> read = kits.stream().flatMap(typed -> kit(typed).stream()).toList();
        Map<String, List<String>> alternatives = alternatives();
        Stash owned = stash();
        if (spare < 0 || spare > Job.MOST_SPARE) {
            problems.add(
                    Problem.error("--spare",
                            CommandWords.NOT_WHOLE.of("text", spare, "low", 0, "high", Job.MOST_SPARE)));
        }
        if (!problems.isEmpty()) {
            return Answers.failed(problems, format, spec.commandLine());
        }
        LengthUnit unit = read.get(0).project().unit();
        BenchTools tools = owned.tools().orElse(read.get(0).project().tools());
        long started = System.nanoTime();
        Outcome<JobPlan> planned = JobPlanner.plan(new Job("job", read, alternatives, spare, tools), owned);
        if (planned.value().isEmpty()) {
            return Answers.failed(planned.problems(), format, spec.commandLine());
        }
        JobPlan plan = seconds <= 0 ? planned.value().get() : JobPlanner.improve(planned.value().get(),
                () -> System.nanoTime() - started > seconds * 1e9, better -> {});
        if (pdf != null) {
            write(plan, unit);
        }
        print(plan, LengthFormat.of(unit));
        return plan.isFromStash() ? Main.GOOD : Main.BAD_CHECK;
    }

    private List<Kit> kit(String typed) {
        int star = typed.lastIndexOf('*');
        String count = star < 0 ? "" : typed.substring(star + 1).strip();
        Outcome<Project> project = ProjectReader.read(Path.of(star < 0 ? typed : typed.substring(0, star)),
                DesignLibrary.builtIn());
        project.problems().stream().filter(problem -> !problem.isError()).forEach(this::tell);
        project.problems().stream().filter(Problem::isError).forEach(problems::add);
        boolean counted = count.matches("\\d{1,3}") && Integer.parseInt(count) > 0;
        if (!count.isEmpty() && !counted) {
            problems.add(Problem.error(typed,
                    CommandWords.NO_COPIES.of("text", count, "most", Project.MOST_COPIES)));
            return List.of();
        }
        return project.value().map(found -> List.of(new Kit(found, counted ? Integer.parseInt(count) : found.copies())))
                .orElse(List.of());
    }

    private Map<String, List<String>> alternatives() {
        Map<String, List<String>> alternatives = new LinkedHashMap<>();
        for (String pair : instead) {
            String[] sides = Arrays.stream(pair.split("=", 2)).map(side -> side.strip().toLowerCase(Locale.ROOT))
                    .toArray(String[]::new);
            if (sides.length < 2 || sides[0].isEmpty() || sides[1].isEmpty()) {
                problems.add(Problem.error("--instead", CommandWords.NO_ALTERNATIVE.of("text", pair)));
            } else {
                alternatives.computeIfAbsent(sides[0], none -> new ArrayList<>()).add(sides[1]);
            }
        }
        return alternatives;
    }

    private Stash stash() {
        if (stash == null) {
            return Stash.EMPTY;
        }
        if (!Files.isRegularFile(stash)) {
            problems.add(Problem.error(stash.toString(), FileWords.NO_SUCH_FILE.of()));
            return Stash.EMPTY;
        }
        if (stash.toString().endsWith(".csv")) {
            Outcome<List<StashItem>> items = StashCsv.read(stash, LengthUnit.INCH);
            problems.addAll(items.problems());
            List<StashItem> numbered = new ArrayList<>();
            items.value().orElse(List.of()).forEach(item -> numbered.add(item.withId(numbered.size() + 1)));
            return new Stash(numbered);
        }
        try (StashDatabase database = StashDatabase.open(stash, Clock.systemUTC())) {
            Outcome<Stash> contents = database.contents();
            contents.problems().forEach(this::tell);
            return contents.orThrow();
        } catch (DatabaseUnusable refused) {
            problems.add(Problem.error(stash.toString(), refused.why()));
            return Stash.EMPTY;
        }
    }

    private void tell(Problem notice) {
        spec.commandLine().getErr().println(notice.text());
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
