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

/** Says what the fold engine proved of a design. */
@Command(name = "fold", description = "Proves how a design folds: panels, loops, order of layers, poses, pockets.", mixinStandardHelpOptions = true)
final class FoldCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "DESIGN", description = "A design's id (see cufflink designs) or a design file ending in .yaml.")
    private String design;

    @Mixin
    private PlanOptions options;

    @Option(names = "--count", description = "Also count the orders in which the layers could lie.")
    private boolean count;

    @Option(names = "--format", description = "text or json.", defaultValue = "TEXT")
    private Answers.Format format;

    @Override
    public Integer call() {
        Outcome<Project> project = DesignFinder.find(design, DesignLibrary.builtIn()).then(options::project);
        return project.value().map(Planner::plan).map(plan -> Answers.fold(plan, count, format, spec.commandLine()))
                .orElseGet(() -> Answers.failed(project.problems(), format, spec.commandLine()));
    }
}
