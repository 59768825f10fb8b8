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
import picocli.CommandLine.Spec;

/** Keeps all that the maker has in one file. Exit status 0: kept; 2: it cannot be. */
@Command(name = "backup", description = "Keeps stash, projects, jobs and own designs in one file.",
        mixinStandardHelpOptions = true)
final class BackupCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;
    @Option(names = "--out", required = true, paramLabel = "FILE", description = "The backup; not there yet.")
    private Path out;
    @Option(names = "--data", paramLabel = "FOLDER", description = "The data folder; the usual one if left out.")
    private Optional<Path> data = Optional.empty();
    @Option(names = "--format", description = "text or json.", defaultValue = "TEXT")
    private Answers.Format format;

    @Override
    public Integer call() throws IOException {
        return Answers.done(
                new DataBackup(data.orElseGet(DataFolder::usual), Clock.system(ZoneId.systemDefault())).write(out),
                format, spec.commandLine());
    }
}
