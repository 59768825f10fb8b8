package cufflink.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Keeps all that the maker has in one file. Exit status 0: kept; 2: it cannot be. */
@Command(name = "backup", description = "Keeps stash, projects, jobs and own designs in one file.",
        mixinStandardHelpOptions = true)
final class BackupCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;
    @Option(names = "--out", required = true, paramLabel = "FILE", description = "The backup; not there yet.")
    private Path out;
    @Mixin
    private DataOptions options;

    @Override
    public Integer call() throws IOException {
        return Answers.done(options.backup().write(out), options.format(), spec.commandLine());
    }
}
