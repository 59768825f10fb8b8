package cufflink.desktop.store;

import cufflink.files.AtomicFile;
import cufflink.design.DesignDefinition;
import cufflink.files.AtomicFile;
import cufflink.files.FileTrouble;
import cufflink.files.design.DesignLibrary;
import cufflink.files.project.ProjectReader;
import cufflink.files.project.ProjectWriter;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.util.Locale;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * The projects on the go: JSON files in a folder. Saving happens on a thread of its own, the newest state of a file
 * replacing one still waiting. A small marker names the project that is open; if it is still there at the next start,
 * the last one did not end well.
 */
public final class ProjectStore implements AutoCloseable {
    /** A project and where it is kept. */
    public record Kept(Path file, Project project) {
    }

    private final Path folder;
    private final KeptFiles files;
    private volatile DesignLibrary library;
    private final Consumer<String> onFailure;
    private final SaveQueue saver = new SaveQueue();

    /** {@code onFailure} is told, on the saver's thread, why a save failed. */
    public ProjectStore(Path folder, DesignLibrary library, Consumer<String> onFailure) {
        this.folder = folder;
        this.files = new KeptFiles(folder.resolve("projects"), "project");
        this.library = library;
        this.onFailure = onFailure;
    }

    /** Where the projects lie. */
    public Path projectFolder() {
        return folder.resolve("projects");
    }

    private Path marker() {
        return folder.resolve("open-project");
    }

    /** All projects, the newest first; files that cannot be read are reported, not touched. */
    public List<Kept> projects(List<Problem> problems) {
        saver.flush();
        List<Kept> kept = new ArrayList<>();
        files.read(this::read, problems, (file, project) -> kept.add(new Kept(file, project)));
        return kept;
    }

    /** The project in a file of this name; the reasons if it cannot be read. */
    public Outcome<Project> named(String file) {
        saver.flush();
        return read(files.named(file));
    }

    /** A file for a new project, named after it; never one that is there. */
    public Path newFile(String name) {
        return files.fresh(name);
    }

    /** Whether a file is one of the folder's own. */
    public boolean isOwn(Path file) {
        return file.toAbsolutePath().equals(files.named(file.getFileName().toString()).toAbsolutePath());
    }

    /** The jobs, kept beside the projects and saved by the same thread. */
    public JobStore jobs() {
        return new JobStore(folder.resolve("jobs"), saver, onFailure);
    }

    /** How the shelf was left, kept beside the projects and saved by the same thread. */
    public ShelfMemory shelf() {
        return new ShelfMemory(folder, saver);
    }

    /**
     * The shelves that were set out lately, kept beside the projects and written by the same thread.
     *
     * @param program {@link ShelfKeep#program} before the designs were read
     */
    public ShelfKeep shelves(String program) {
        return new ShelfKeep(folder, saver, program);
    }

    /** The directions that were worked on last, saved by the same thread. */
    public KeptDirections directions() {
        return new KeptDirections(folder, saver, onFailure);
    }

    /**
     * Keeps a design file of the maker's own among the designs; its projects can be read from now on.
     *
     * @param text of the file that the design was read from
     */
    public void keep(DesignDefinition design, String text) throws IOException {
        AtomicFile.keep(folder.resolve("designs").resolve(design.id() + ".yaml"),
                text.getBytes(StandardCharsets.UTF_8));
        library = library.with(design);
    }

    /** An id for a design of the maker's own that no other has. */
    public String freshDesign(String title) {
        String plain = title.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        String base = plain.isEmpty() ? "pieces" : plain.substring(0, Math.min(40, plain.length()));
        String id = base;
        for (int i = 2; library.designs().containsKey(id)
                || Files.exists(folder.resolve("designs").resolve(id + ".yaml")); i++) {
            id = base + "-" + i;
        }
        return id;
    }

    /** Writes now; for "save as" and the demo. */
    public void write(Project project, Path file) throws IOException {
        ProjectWriter.write(project, file);
    }

    public Outcome<Project> read(Path file) {
        return ProjectReader.read(file, library);
    }

    /** Saves soon, in the background; a newer state overtakes an older one. */
    public void saveSoon(Project project, Path file) {
        saver.soon(file, () -> write(project, file),
                fault -> onFailure.accept(
                        "“" + project.name() + "” could not be saved to " + file + ": " + FileTrouble.reason(fault)
                                + ". It is still open here; save a copy elsewhere."));
    }

    /** Notes which project is open. */
    public void markOpen(Path file) {
        saver.inOrder(() -> {
            try {
                Path named = isOwn(file) ? folder.relativize(projectFolder().resolve(file.getFileName()))
                        : file.toAbsolutePath();
                AtomicFile.keep(marker(), named.toString().getBytes(StandardCharsets.UTF_8));
            } catch (IOException fault) {
                onFailure.accept("The data folder cannot be written: " + FileTrouble.reason(fault) + ".");
            }
        });
    }

    /** Notes that no project is open: a good end. */
    public void markClosed() {
        saver.inOrder(() -> {
            try {
                Files.deleteIfExists(marker());
            } catch (IOException fault) {
                onFailure.accept("The data folder cannot be written: " + FileTrouble.reason(fault) + ".");
            }
        });
    }

    /** The project that was open when Cufflink was last ended without being closed. */
    public Optional<Path> leftOpen() {
        try {
            return Files.exists(marker())
                    ? Optional.of(folder.resolve(Files.readString(marker()))).filter(Files::isRegularFile)
                    : Optional.empty();
        } catch (IOException | InvalidPathException unreadable) {
            return Optional.empty();
        }
    }

    /** Waits until everything is written, at most a few seconds. */
    @Override
    public void close() {
        if (!saver.finish()) {
            onFailure.accept("The last changes are still being written.");
        }
    }
}
