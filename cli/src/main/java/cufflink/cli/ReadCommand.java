package cufflink.cli;

import cufflink.directions.Directions;
import cufflink.directions.DirectionsReader;
import cufflink.directions.study.DirectionsStudy;
import cufflink.files.AtomicFile;
import cufflink.files.FileTrouble;
import cufflink.files.directions.DirectionsJson;
import cufflink.files.design.DesignLibrary;
import cufflink.files.directions.DirectionsReport;
import cufflink.files.directions.PlainPieces;
import cufflink.files.project.ProjectWriter;
import cufflink.measure.LengthUnit;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.CommandWords;
import cufflink.words.FileWords;
import cufflink.words.Message;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Reads typed directions. Exit status 0: nothing in them cannot be; 1: something cannot; 2: nothing was read. */
@Command(name = "read", description = "Reads typed directions: what is cut and scored, and what in them cannot be.",
        mixinStandardHelpOptions = true)
final class ReadCommand implements Callable<Integer> {
    /** Of a file no more is read than is needed to see that it is too long. */
    private static final int MOST_BYTES = 4 * DirectionsReader.MOST_CHARACTERS + 4;

    @Spec
    private CommandSpec spec;
    @Parameters(paramLabel = "FILE|-", description = "A text, or - for standard input.")
    private String file;
    @Option(names = "--unit", paramLabel = "in|mm", description = "The unit of numbers that have none.")
    private String unit;
    @Option(names = "--save", paramLabel = "PROJECT.json",
            description = "Keep it as a project at the written size; pieces of no design as a design file.")
    private Path save;
    @Option(names = "--format", description = "text or json.", defaultValue = "TEXT")
    private Answers.Format format;

    @Override
    public Integer call() {
        if (unit != null && !unit.matches("in|mm")) {
            return failed("--unit", CommandWords.NO_UNIT.of("text", unit));
        }
        String text;
        try {
            text = text();
        } catch (IOException fault) {
            return failed(file, FileWords.UNREADABLE.of("reason", FileTrouble.reason(fault)));
        }
        Outcome<Directions> read = new DirectionsReader().read(text, Optional.ofNullable(unit)
                .map(symbol -> symbol.equals("mm") ? LengthUnit.MILLIMETRE : LengthUnit.INCH));
        if (read.value().isEmpty()) {
            return Answers.failed(read.problems(), format, spec.commandLine());
        }
        Directions directions = read.value().get();
        if (directions.pieces().isEmpty()) {
            return failed(file, CommandWords.NOTHING_READ.of());
        }
        DirectionsStudy.Study study = new DirectionsStudy(DesignLibrary.builtIn().designs().values()).of(directions);
        spec.commandLine().getOut().println(format == Answers.Format.JSON
                ? Answers.json(DirectionsJson.of(study))
                : DirectionsReport.of(study).stripTrailing());
        if (save != null) {
            try {
                save(study);
            } catch (IOException fault) {
                return failed(save.toString(), FileWords.CANNOT_WRITE_THERE.of("reason", FileTrouble.reason(fault)));
            }
        }
        return study.hasImpossible() ? Main.BAD_CHECK : Main.GOOD;
    }

    /** As a project of its design; pieces of no design as a design file beside it. */
    private void save(DirectionsStudy.Study study) throws IOException {
        if (study.design().isPresent()) {
            ProjectWriter.write(study.design().get().project(), save);
            return;
        }
        String name = String.valueOf(save.getFileName()).replaceFirst("\\.\\w+$", "");
        Path design = save.resolveSibling(name + ".yaml");
        String id = name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        AtomicFile.keep(design, PlainPieces.text(study.directions(), id.isEmpty() ? "pieces" : id, name)
                .getBytes(StandardCharsets.UTF_8));
        Message kept = CommandWords.KEPT_AS_PIECES.of("file", design);
        spec.commandLine().getErr().println(kept.sentence() + " " + kept.remedy());
    }

    private int failed(String where, Message why) {
        return Answers.failed(List.of(Problem.error(where, why)), format, spec.commandLine());
    }

    private String text() throws IOException {
        try (InputStream in = file.equals("-") ? System.in : Files.newInputStream(Path.of(file))) {
            return new String(in.readNBytes(MOST_BYTES), StandardCharsets.UTF_8);
        }
    }
}
