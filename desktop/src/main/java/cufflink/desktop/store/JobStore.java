package cufflink.desktop.store;

import cufflink.files.FileTrouble;
import cufflink.files.project.JobFile;
import cufflink.files.project.KeptJob;
import cufflink.problem.Problem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/** The jobs: JSON files in a folder beside the projects. */
public final class JobStore {
    /** A job and where it is kept. */
    public record Kept(Path file, KeptJob job) {
    }

    private final KeptFiles files;
    private final SaveQueue saver;
    private final Consumer<String> onFailure;

    /** {@code onFailure} is told, on the saver's thread, why a save failed. */
    JobStore(Path folder, SaveQueue saver, Consumer<String> onFailure) {
        this.files = new KeptFiles(folder, "job");
        this.saver = saver;
        this.onFailure = onFailure;
    }

    /** All jobs, the newest first; files that cannot be read are reported, not touched. */
    public List<Kept> jobs(List<Problem> problems) {
        saver.flush();
        List<Kept> kept = new ArrayList<>();
        files.read(JobFile::read, problems, (file, job) -> kept.add(new Kept(file, job)));
        return kept;
    }

    /** A file for a new job. */
    public Path newFile(String name) {
        return files.fresh(name);
    }

    /** Writes now. */
    public void write(KeptJob job, Path file) throws IOException {
        JobFile.write(job, file);
    }

    /** Saves soon, in the background. */
    public void saveSoon(KeptJob job, Path file) {
        saver.soon(file, () -> JobFile.write(job, file), fault -> onFailure
                .accept("“" + job.name() + "” could not be saved to " + file + ": " + FileTrouble.reason(fault) + "."));
    }

    /** Deletes a job's file, after everything that waits to be written. */
    public void delete(Path file) {
        saver.inOrder(() -> {
            try {
                Files.deleteIfExists(file);
            } catch (IOException fault) {
                onFailure.accept(file + " could not be deleted: " + FileTrouble.reason(fault) + ".");
            }
        });
    }
}
