package cufflink.cli;

import cufflink.files.DataFolder;
import cufflink.files.backup.DataBackup;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneId;
import picocli.CommandLine.Option;

/** Which data folder is meant, and how to answer. */
final class DataOptions {
    @Option(names = "--data", paramLabel = "FOLDER", description = "The data folder; the usual one if left out.")
    private Path data = DataFolder.usual();
    @Option(names = "--format", description = "text or json.", defaultValue = "TEXT")
    private Answers.Format format;

    DataBackup backup() {
        return new DataBackup(data, Clock.system(ZoneId.systemDefault()));
    }

    Answers.Format format() {
        return format;
    }
}
