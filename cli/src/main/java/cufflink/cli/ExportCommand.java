package cufflink.cli;

import cufflink.files.Exporter;
import cufflink.files.FileTrouble;
import cufflink.files.design.DesignLibrary;
import cufflink.files.handout.HandOutOptions;
import cufflink.files.project.ProjectReader;
import cufflink.measure.LengthUnit;
import cufflink.paper.NamedSize;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.CommandWords;
import cufflink.words.FileWords;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Writes a project, or a design with the options of a plan, out. */
@Command(name = "export",
        description = "Writes a project, or a design with the options of “plan”, as a hand-out (pdf), directions "
                + "as text (txt), lines (svg, dxf) or lists (csv).",
        mixinStandardHelpOptions = true)
final class ExportCommand implements Callable<Integer> {
    /** Options that are not those of a plan. */
    private static final Set<String> OWN = Set.of("--to", "--out", "--page", "--derivations",
            "--templates");

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "PROJECT.json|DESIGN",
            description = "A project file, or a design's id or file with the options of “plan”.")
    private String source;

    @Mixin
    private PlanOptions options;

    @Option(names = "--to", required = true, description = "pdf, txt, svg, dxf or csv.")
    private Exporter.Format to;

    @Option(names = "--out", required = true, paramLabel = "PATH",
            description = "The PDF or text file, or a folder for the others.")
    private Path out;

    @Option(names = "--page", paramLabel = "A4|Letter",
            description = "Paper of the hand-out; by the project's unit if left out.")
    private String page;

    @Option(names = "--derivations", description = "List how every figure came about.")
    private boolean derivations;
    @Option(names = "--templates", description = "Add every piece true to size.")
    private boolean templates;

    private Outcome<Plan> plan() {
        DesignLibrary library = DesignLibrary.builtIn();
        if (!source.endsWith(".json")) {
            return DesignFinder.find(source, library).then(found -> options.project(found, library))
                    .then(Planner::plan);
        }
        List<String> others = spec.commandLine().getParseResult().matchedOptions().stream()
                .map(option -> option.longestName()).filter(name -> !OWN.contains(name)).sorted().toList();
        return others.isEmpty() ? Answers.planned(ProjectReader.read(Path.of(source), library), spec.commandLine())
                : Outcome.failed(Problem.error(source, CommandWords.OPTIONS_OF_A_DESIGN.of("options", others)));
    }

    @Override
    public Integer call() {
        Outcome<Plan> plan = plan();
        if (plan.value().isEmpty()) {
            return Answers.failed(plan.problems(), Answers.Format.TEXT, spec.commandLine());
        }
        String paper = page != null ? page : plan.value().get().project().unit() == LengthUnit.INCH ? "Letter" : "A4";
        if (!paper.equalsIgnoreCase("A4") && !paper.equalsIgnoreCase("Letter")) {
            return Answers.failed(
                    List.of(Problem.error("--page", CommandWords.NO_PAGE.of("text", paper))),
                    Answers.Format.TEXT, spec.commandLine());
        }
        try {
            HandOutOptions usual = HandOutOptions.on(paper);
            NamedSize size = usual.page();
            for (Path written : Exporter.export(plan.value().get(), to, out,
                    new HandOutOptions(size, derivations, templates))) {
                spec.commandLine().getOut().println(written);
            }
            return Main.GOOD;
        } catch (IOException fault) {
            return Answers.failed(List.of(Problem.error(out.toString(),
                    FileWords.CANNOT_WRITE_THERE.of("reason", FileTrouble.reason(fault)))),
                    Answers.Format.TEXT, spec.commandLine());
        }
    }
}
