package cufflink.cli;

import cufflink.files.DataFolder;
import cufflink.files.backup.DataBackup;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneId;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
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
    @Option(names = "--data", paramLabel = "FOLDER", description = "The data folder; the usual one if left out.")
    private Optional<Path> data = Optional.empty();
    @Option(names = "--format", description = "text or json.", defaultValue = "TEXT")
    private Answers.Format format;

    @Override
    public Integer call() throws IOException {
        return Answers.done(
                new DataBackup(data.orElseGet(DataFolder::usual), Clock.system(ZoneId.systemDefault())).restore(file),
                format,
                spec.commandLine());
    }
}
