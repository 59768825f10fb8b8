package cufflink.cli;

import cufflink.files.design.DesignLibrary;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Plans a design. */
@Command(name = "plan", description = "Works a design out for a size, an envelope, a sheet or contents.", mixinStandardHelpOptions = true)
final class PlanCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "DESIGN", description = "A design's id (see cufflink designs) or a design file ending in .yaml.")
    private String design;

    @Mixin
    private PlanOptions options;

    @Option(names = "--format", description = "text or json.", defaultValue = "TEXT")
    private Answers.Format format;

    @Override
    public Integer call() {
        Outcome<Project> project = DesignFinder.find(design, DesignLibrary.builtIn()).then(options::project);
        return project.value().map(Planner::plan).map(plan -> Answers.plan(plan, format, spec.commandLine()))
                .orElseGet(() -> Answers.failed(project.problems(), format, spec.commandLine()));
    }
}
