package cufflink.files;

import cufflink.directions.writing.DirectionsWriter;
import cufflink.files.drawing.DxfWriter;
import cufflink.files.drawing.PlotLines;
import cufflink.files.drawing.SvgWriter;
import cufflink.files.handout.HandOutOptions;
import cufflink.files.handout.HandOutWriter;
import cufflink.files.plan.ListCsv;
import cufflink.plan.Plan;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Writes a plan for use outside: one PDF, or a folder of SVG, DXF or CSV files. */
public final class Exporter {
    /** What can be written. */
    public enum Format {
        PDF("hand-out"), SVG("cutting and scoring lines"), DXF("cutting and scoring lines"),
        CSV("cut list and score list"), TXT("directions to send or paste");

        private final String words;

        Format(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    private Exporter() {
    }

    /** Whether it is one file, not several in a folder. */
    public static boolean isOneFile(Format format) {
        return format == Format.PDF || format == Format.TXT;
    }

    /**
     * Writes to {@code out}: the file itself for PDF and text, a folder for the others.
     *
     * @return the files written
     */
    public static List<Path> export(Plan plan, Format format, Path out, HandOutOptions options) throws IOException {
        return switch (format) {
            case PDF -> {
                AtomicFile.write(out, HandOutWriter.write(plan, options));
                yield List.of(out);
            }
            case SVG, DXF -> drawings(plan, format, out);
            case CSV -> List.of(text(out.resolve("cut-list.csv"), ListCsv.cutList(plan)),
                    text(out.resolve("score-list.csv"), ListCsv.scoreList(plan)));
            case TXT -> List.of(text(out, DirectionsWriter.write(plan)));
        };
    }

    private static List<Path> drawings(Plan plan, Format format, Path folder) throws IOException {
        List<Path> written = new ArrayList<>();
        for (PlotLines lines : PlotLines.of(plan)) {
            String content = format == Format.SVG ? SvgWriter.write(lines) : DxfWriter.write(lines);
            written.add(text(folder.resolve(lines.name() + "." + format.name().toLowerCase(Locale.ROOT)), content));
        }
        return written;
    }

    private static Path text(Path file, String content) throws IOException {
        AtomicFile.write(file, content.getBytes(StandardCharsets.UTF_8));
        return file;
    }
}
