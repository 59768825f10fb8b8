package cufflink.cli;

import cufflink.files.design.DesignLibrary;
import cufflink.files.project.ProjectReader;
import cufflink.files.stash.StashCsv;
import cufflink.files.stash.StashDatabase;
import cufflink.files.database.DatabaseUnusable;
import cufflink.job.Job;
import cufflink.job.JobPlan;
import cufflink.job.JobPlanner;
import cufflink.job.Kit;
import cufflink.measure.LengthUnit;
import cufflink.paper.BenchTools;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stash.Stash;
import cufflink.stash.StashItem;
import cufflink.words.CommandWords;
import cufflink.words.FileWords;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import java.io.PrintWriter;

/** What is made of which paper, as typed. */
final class JobOptions {
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

    private List<Problem> problems;
    private PrintWriter err;

    /** The first plan of the job, or nothing with every mistake named; notices go to {@code told}. */
    Optional<JobPlan> plan(List<Problem> mistakes, PrintWriter told) {
        problems = mistakes;
        err = told;
        List<Kit> read = kits.stream().flatMap(typed -> kit(typed).stream()).toList();
        Map<String, List<String>> alternatives = alternatives();
        Stash owned = stash();
        if (spare < 0 || spare > Job.MOST_SPARE) {
            problems.add(Problem.error("--spare",
                    CommandWords.NOT_WHOLE.of("text", spare, "low", 0, "high", Job.MOST_SPARE)));
        }
        if (!problems.isEmpty()) {
            return Optional.empty();
        }
        BenchTools tools = owned.tools().orElse(read.get(0).project().tools());
        Outcome<JobPlan> planned = JobPlanner.plan(new Job("job", read, alternatives, spare, tools), owned);
        problems.addAll(planned.value().isEmpty() ? planned.problems() : List.of());
        return planned.value();
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
        err.println(notice.text());
    }
}
