package cufflink.cli;

import cufflink.files.FileTrouble;
import cufflink.files.project.ProjectWriter;
import cufflink.plan.Plan;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.FileWords;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Plans a design. */
@Command(name = "plan", description = "Works a design out for a size, an envelope, a sheet or contents.",
        mixinStandardHelpOptions = true)
final class PlanCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private DesignRequest request;

    @Option(names = "--save", paramLabel = "PROJECT.json", description = "Keep it as a project, too.")
    private Path save;

    @Override
    public Integer call() {
        Outcome<Plan> plan = request.plan();
        if (save != null && plan.value().isPresent()) {
            try {
                ProjectWriter.write(plan.value().get().project(), save);
            } catch (IOException fault) {
                return Answers.failed(List.of(Problem.error(save.toString(),
                        FileWords.CANNOT_WRITE_THERE.of("reason", FileTrouble.reason(fault)))), request.format(),
                        spec.commandLine());
            }
        }
        return Answers.plan(plan, request.format(), spec.commandLine());
    }
}
