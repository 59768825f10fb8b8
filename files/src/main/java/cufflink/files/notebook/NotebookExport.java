package cufflink.files.notebook;

import com.fasterxml.jackson.databind.ObjectMapper;
import cufflink.files.AtomicFile;
import cufflink.measure.LengthFormat;
import cufflink.notebook.Difference;
import cufflink.notebook.Make;
import cufflink.notebook.Measurement;
import cufflink.notebook.Photo;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.Message;
import cufflink.words.NotebookWords;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/**
 * Makes in a folder: a Markdown page for each, their pictures, and all of it as {@code notebook.json}, which can be
 * read again.
 */
public final class NotebookExport {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final String FILE = "notebook.json";
    private static final String PICTURES = "pictures";

    private final PictureFolder pictures;
    private final ZoneId zone;

    /** Days are those of a time zone. */
    public NotebookExport(PictureFolder pictures, ZoneId zone) {
        this.pictures = pictures;
        this.zone = zone;
    }

    /** Writes makes into a folder that is empty or not there yet; a picture that is missing is a notice. */
    public Outcome<Message> write(List<Make> makes, Path folder) throws IOException {
        if (Files.exists(folder)) {
            try (Stream<Path> lying = Files.isDirectory(folder) ? Files.list(folder) : Stream.of(folder)) {
                if (lying.findAny().isPresent()) {
                    return Outcome.failed(
                            Problem.error(folder.toString(), NotebookWords.FOLDER_NOT_EMPTY.of("folder", folder)));
                }
            }
        }
        Files.createDirectories(folder);
        List<Problem> missing = new ArrayList<>();
        for (Make make : makes) {
            AtomicFile.write(folder.resolve(page(make)), markdown(make).getBytes(StandardCharsets.UTF_8));
            for (Photo photo : make.learned().photos()) {
                copy(make, photo, folder, missing);
            }
        }
        AtomicFile.write(folder.resolve(FILE),
                JSON.writerWithDefaultPrettyPrinter().writeValueAsBytes(NotebookJson.of(makes)));
        return Outcome.of(NotebookWords.EXPORTED.of("count", makes.size(), "folder", folder), missing);
    }

    private void copy(Make make, Photo photo, Path folder, List<Problem> missing) throws IOException {
        if (Files.isRegularFile(pictures.file(photo))) {
            AtomicFile.write(folder.resolve(PICTURES).resolve(photo.file()), Files.readAllBytes(pictures.file(photo)));
        } else {
            missing.add(Problem.notice("",
                    NotebookWords.PICTURE_GONE.of("file", photo.file(), "id", make.id())));
        }
    }

    /** Day, number and name, in letters that every system takes. */
    private String page(Make make) {
        String name = make.name().toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-|-$", "");
        return day(make) + "-" + make.id() + (name.isEmpty() ? "" : "-" + name) + ".md";
    }

    private LocalDate day(Make make) {
        return LocalDate.ofInstant(make.at(), zone);
    }

    /** A make as a page. */
    public String markdown(Make make) {
        StringBuilder page = new StringBuilder();
        page.append("# ").append(line(make.name())).append("\n\n").append(day(make)).append(", ")
                .append(line(make.design())).append(", ").append(make.copies())
                .append(make.copies() == 1 ? " copy" : " copies").append("\n\n");
        make.learned().photos()
                .forEach(photo -> page.append("![").append(line(photo.caption())).append("](").append(PICTURES)
                        .append('/').append(photo.file()).append(")\n\n"));
        if (!make.learned().notes().isBlank()) {
            page.append(make.learned().notes().strip()).append("\n\n");
        }
        if (!make.learned().wrong().isEmpty()) {
            page.append("## What went wrong\n\n");
            make.learned().wrong().forEach(note -> page.append("- ")
                    .append(note.step() > 0 ? "Step " + note.step() + ", " + line(note.title()) + ": " : "")
                    .append(line(note.text())).append('\n'));
            page.append('\n');
        }
        if (!make.learned().next().isEmpty()) {
            page.append("## Next time\n\n");
            make.learned().next().forEach(one -> page.append("- ").append(line(one.said())).append(switch (one
                    .standing()) {
                case OFFERED -> "";
                case OWN -> " (my default)";
                case DROPPED -> " (dropped)";
            }).append('\n'));
            page.append('\n');
        }
        if (!make.learned().took().isEmpty()) {
            page.append("## Time\n\n");
            make.learned().took().forEach((phase, time) -> page.append("- ").append(phase.title()).append(": ")
                    .append(Difference.minutes(time.toSeconds())).append('\n'));
            page.append("- In all: ").append(Difference.minutes(make.learned().tookInAll().toSeconds())).append("\n\n");
        }
        if (!make.learned().measured().isEmpty()) {
            LengthFormat format = LengthFormat.of(make.unit());
            page.append("## Measurement\n\n");
            make.learned().measured()
                    .forEach(one -> page.append("- ").append(one.said(format).sentence()).append('\n'));
            Measurement.reasons(make.learned().measured(), format)
                    .forEach(reason -> page.append("- ").append(reason.sentence()).append('\n'));
            page.append('\n');
        }
        page.append("## As it was made\n\n");
        make.figures().forEach(figure -> page.append("- ").append(line(figure.what())).append(": ")
                .append(line(figure.value())).append('\n'));
        return page.toString();
    }

    /** In one line, nothing in it taken for a mark. */
    private static String line(String text) {
        return text.replaceAll("\\s+", " ").replaceAll("([\\\\`*_\\[\\]<>#])", "\\\\$1").strip();
    }

    /** The pictures of a folder that was exported, beside its {@code notebook.json}. */
    public Outcome<List<Photo>> bringPictures(Make make, Path file) throws IOException {
        List<Problem> problems = new ArrayList<>();
        List<Photo> photos = new ArrayList<>();
        for (Photo photo : make.learned().photos()) {
            Outcome<Photo> kept = pictures.keep(file.resolveSibling(PICTURES).resolve(photo.file()), photo.caption());
            kept.value().ifPresent(photos::add);
            problems.addAll(kept.problems());
        }
        return problems.isEmpty() ? Outcome.of(List.copyOf(photos)) : Outcome.failed(problems);
    }
}
