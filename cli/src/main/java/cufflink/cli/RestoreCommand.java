package cufflink.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Brings back what a backup has kept. Exit status 0: it is back; 2: it cannot be, and nothing was changed. */
@Command(name = "restore",
        description = "Puts a backup in the place of what is there, which is kept as a backup of its own.",
        mixinStandardHelpOptions = true)
final class RestoreCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;
    @Parameters(paramLabel = "FILE", description = "What “backup” has written.")
    private Path file;
    @Mixin
    private DataOptions options;

    @Override
    public Integer call() throws IOException {
        return Answers.done(options.backup().restore(file), options.format(), spec.commandLine());
    }
}
