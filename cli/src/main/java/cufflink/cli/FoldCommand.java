package cufflink.cli;

import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Says what the fold engine proved of a design. */
@Command(name = "fold", description = "Proves how a design folds: panels, loops, order of layers, poses, pockets.",
        mixinStandardHelpOptions = true)
final class FoldCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Mixin
    private DesignRequest request;

    @Option(names = "--count", description = "Also count the orders in which the layers could lie.")
    private boolean count;

    @Override
    public Integer call() {
        return Answers.fold(request.plan(), count, request.format(), spec.commandLine());
    }
}
