package cufflink.files;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;

/**
 * Keeps what the program did not expect: a text file for those who mend the program, and one sentence for the maker.
 */
public final class FaultReport {
    private static final DateTimeFormatter NAME = DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss-SSS")
            .withZone(ZoneOffset.UTC);

    private final Path folder;
    private final Clock clock;

    /** Reports go into {@code folder}, which need not be there. */
    public FaultReport(Path folder, Clock clock) {
        this.folder = folder;
        this.clock = clock;
    }

    /** Reports beside the maker's data. */
    public static FaultReport in(Path data) {
        return new FaultReport(data.resolve("reports"), Clock.systemUTC());
    }

    /**
     * Writes a report.
     *
     * @param doing what was being done, with what it was done to
     * @return where it lies, or that it could not be written, as a sentence
     */
    public String write(String doing, Throwable fault) {
        Path file = folder.resolve(NAME.format(clock.instant()) + ".txt");
        StringWriter text = new StringWriter();
        PrintWriter lines = new PrintWriter(text);
        lines.println(doing);
        lines.println("Java " + System.getProperty("java.version") + ", " + System.getProperty("os.name"));
        fault.printStackTrace(lines);
        try {
            AtomicFile.keep(file, text.toString().getBytes(StandardCharsets.UTF_8));
            return "A report lies in " + file + ".";
        } catch (IOException full) {
            return "No report could be written to " + file + ": " + FileTrouble.reason(full) + ".";
        }
    }
}
