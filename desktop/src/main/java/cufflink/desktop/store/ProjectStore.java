package cufflink.desktop.store;

import cufflink.files.AtomicFile;
import cufflink.files.design.DesignLibrary;
import cufflink.files.project.ProjectReader;
import cufflink.files.project.ProjectWriter;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import java.util.stream.Stream;

/**
 * The projects on the go: JSON files in a folder. Saving happens on a thread of its own, the newest state of a file replacing one still
 * waiting. A small marker names the project that is open; if it is still there at the next start, the last one did not end well.
 */
public final class ProjectStore implements AutoCloseable {
    /** A project and where it is kept. */
    public record Kept(Path file, Project project) {
    }

    private record Waiting(Path file, Project project) {
    }

    private final Path folder;
    private final DesignLibrary library;
    private final Consumer<String> onFailure;
    private final AtomicReference<Waiting> waiting = new AtomicReference<>();
    private final ExecutorService writer = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "project saver");
        thread.setDaemon(true);
        return thread;
    });

    /** {@code onFailure} is told, on the saver's thread, why a save failed. */
    public ProjectStore(Path folder, DesignLibrary library, Consumer<String> onFailure) {
        this.folder = folder;
        this.library = library;
        this.onFailure = onFailure;
    }

    /** The maker's own folder: {@code $XDG_DATA_HOME/cufflink} or {@code ~/.local/share/cufflink}. */
    public static Path usualFolder() {
        String data = System.getenv("XDG_DATA_HOME");
        Path base = data == null || data.isBlank() ? Path.of(System.getProperty("user.home"), ".local", "share") : Path.of(data);
        return base.resolve("cufflink");
    }

    private Path marker() {
        return folder.resolve("open-project");
    }

    /** All projects, the newest first; files that cannot be read are reported, not touched. */
    public List<Kept> projects(List<Problem> problems) {
        List<Kept> kept = new ArrayList<>();
        if (!Files.isDirectory(folder.resolve("projects"))) {
            return kept;
        }
        try (Stream<Path> files = Files.list(folder.resolve("projects"))) {
            for (Path file : files.filter(path -> path.toString().endsWith(".json")).sorted(Comparator.comparing(ProjectStore::changed).reversed()).toList()) {
                Outcome<Project> project = ProjectReader.read(file, library);
                problems.addAll(project.problems());
                project.value().ifPresent(read -> kept.add(new Kept(file, read)));
            }
        } catch (IOException fault) {
            problems.add(Problem.notice(folder.toString(), "The projects cannot be listed: " + fault.getMessage() + ".", ""));
        }
        return kept;
    }

    private static long changed(Path file) {
        try {
            return Files.getLastModifiedTime(file).toMillis();
        } catch (IOException gone) {
            return 0;
        }
    }

    /** A file for a new project, named after it; never one that is there. */
    public Path newFile(String name) {
        String base = name.strip().toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-|-$", "");
        Path file = folder.resolve("projects").resolve((base.isEmpty() ? "project" : base) + ".json");
        for (int i = 2; Files.exists(file); i++) {
            file = folder.resolve("projects").resolve((base.isEmpty() ? "project" : base) + "-" + i + ".json");
        }
        return file;
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
        Waiting before = waiting.getAndSet(new Waiting(file, project));
        if (before != null && !before.file().equals(file)) {
            inOrder(() -> write(before));
        }
        inOrder(() -> {
            Waiting newest = waiting.getAndSet(null);
            if (newest != null) {
                write(newest);
            }
        });
    }

    /** On the saver's thread; at once where that has already ended. */
    private void inOrder(Runnable task) {
        try {
            writer.execute(task);
        } catch (RejectedExecutionException ended) {
            task.run();
        }
    }

    private void write(Waiting state) {
        try {
            write(state.project(), state.file());
        } catch (IOException fault) {
            onFailure.accept("“" + state.project().name() + "” could not be saved to " + state.file() + ": " + fault.getMessage()
                    + ". It is still open here; save a copy elsewhere.");
        }
    }

    /** Notes which project is open. */
    public void markOpen(Path file) {
        inOrder(() -> {
            try {
                AtomicFile.write(marker(), file.toString().getBytes(StandardCharsets.UTF_8));
            } catch (IOException fault) {
                onFailure.accept("The data folder cannot be written: " + fault.getMessage() + ".");
            }
        });
    }

    /** Notes that no project is open: a good end. */
    public void markClosed() {
        inOrder(() -> {
            try {
                Files.deleteIfExists(marker());
            } catch (IOException fault) {
                onFailure.accept("The data folder cannot be written: " + fault.getMessage() + ".");
            }
        });
    }

    /** The project that was open when Cufflink was last ended without being closed. */
    public Optional<Path> leftOpen() {
        try {
            return Files.exists(marker()) ? Optional.of(Path.of(Files.readString(marker()))).filter(Files::exists) : Optional.empty();
        } catch (IOException unreadable) {
            return Optional.empty();
        }
    }

    /** Waits until everything is written, at most a few seconds. */
    @Override
    public void close() {
        writer.shutdown();
        try {
            if (!writer.awaitTermination(5, TimeUnit.SECONDS)) {
                onFailure.accept("The last changes are still being written.");
            }
        } catch (InterruptedException stop) {
            Thread.currentThread().interrupt();
        }
    }
}
