package cufflink.files.notebook;

import cufflink.files.database.DatabaseUnusable;
import cufflink.notebook.Make;
import cufflink.notebook.Photo;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.Message;
import cufflink.words.NotebookWords;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Takes makes over that were exported: all of a file or none; those that are there already are left out. */
public final class NotebookImport {
    private NotebookImport() {
    }

    /** What came in, or why nothing did. */
    public static Outcome<Message> read(Path file, NotebookDatabase notebook, NotebookExport exported)
            throws IOException, DatabaseUnusable {
        Outcome<List<Make>> read = NotebookJson.read(file);
        if (read.value().isEmpty()) {
            return Outcome.failed(read.problems());
        }
        List<Make> makes = read.value().get();
        List<Make> known = notebook.makes().value().orElseThrow();
        List<Make> fresh = new ArrayList<>();
        List<Problem> problems = new ArrayList<>();
        for (Make make : makes) {
            if (known.stream().noneMatch(one -> isSame(one, make))) {
                Outcome<List<Photo>> photos = exported.bringPictures(make, file);
                problems.addAll(photos.problems());
                photos.value().map(found -> make.with(make.learned().withPhotos(found))).ifPresent(fresh::add);
            }
        }
        if (!problems.isEmpty()) {
            return Outcome.failed(problems);
        }
        notebook.addAll(fresh);
        return Outcome.of(NotebookWords.IMPORTED.of("count", fresh.size(), "known", makes.size() - fresh.size()));
    }

    private static boolean isSame(Make one, Make other) {
        return one.at().equals(other.at()) && one.name().equals(other.name())
                && one.learned().notes().equals(other.learned().notes());
    }
}
