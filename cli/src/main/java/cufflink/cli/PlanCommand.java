package cufflink.cli;

import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** Plans a design. */
@Command(name = "plan", description = "Works a design out for a size, an envelope, a sheet or contents.",
        mixinStandardHelpOptions = true)
final class PlanCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private DesignRequest request;

    @Override
    public Integer call() {
        return Answers.plan(request.plan(), request.format(), spec.commandLine());
    }
}
