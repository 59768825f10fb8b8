package cufflink.desktop;

import cufflink.desktop.demo.DemoJobs;
import cufflink.desktop.demo.DemoNotebook;
import cufflink.desktop.demo.DemoProjects;
import cufflink.desktop.demo.DemoStash;
import cufflink.files.FolderOwner;
import cufflink.desktop.store.ProjectStore;
import cufflink.desktop.store.ShelfKeep;
import cufflink.desktop.work.NotebookWork;
import cufflink.desktop.work.Reports;
import cufflink.desktop.work.StashWork;
import cufflink.files.FileTrouble;
import cufflink.files.design.DesignLibrary;
import cufflink.files.notebook.NotebookDatabase;
import cufflink.files.notebook.PictureFolder;
import cufflink.files.project.KeptJob;
import cufflink.files.stash.StashDatabase;
import cufflink.files.database.DatabaseUnusable;
import cufflink.plan.Project;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;

/**
 * Reads the maker's things for a window. What cannot be read is left as it is and told of; the window comes up with the
 * rest.
 */
final class StartUp {
    private static final Duration PATIENCE = Duration.ofSeconds(4);

    /**
     * What a window works with.
     *
     * @param owner    of the data folder; absent if the folder cannot be claimed at all, as on a disk that can only be
     *                 read
     * @param reports  keeps what the program does not expect
     * @param program  which designs there are of which program, for the shelves that are kept
     * @param troubles what could not be read or opened, a sentence or two each
     */
    record Things(Optional<FolderOwner> owner, DesignLibrary library, ProjectStore store, StashWork stash,
            NotebookWork notebook, Reports reports, String program, List<String> troubles) {
    }

    /** The folder belongs to another window. {@code answered}: that one has come to the front. */
    record Owned(boolean answered) {
    }

    private final Path data;
    private final Consumer<String> saveFailed;
    private final Reports reports;
    private final List<String> troubles = new ArrayList<>();

    /** {@code saveFailed} is told, on another thread, what could not be saved. */
    StartUp(Path data, Reports reports, Consumer<String> saveFailed) {
        this.data = data;
        this.saveFailed = saveFailed;
        this.reports = reports;
    }

    /** Claims the folder and reads what is in it; {@code owned} is told instead if another window has it. */
    Optional<Things> read(boolean demo, Consumer<Owned> owned) throws InterruptedException {
        Optional<FolderOwner> owner = Optional.empty();
        try {
            owner = FolderOwner.claim(data);
            if (owner.isEmpty()) {
                owned.accept(new Owned(FolderOwner.call(data, PATIENCE)));
                return Optional.empty();
            }
        } catch (IOException fault) {
            troubles.add("The data folder " + data + " cannot be written: " + FileTrouble.reason(fault)
                    + ". What you do now is not kept; save copies elsewhere.");
        }
        String program = ShelfKeep.program(data);
        DesignLibrary library = attempt("reading the designs", () -> DesignLibrary.with(data.resolve("designs")),
                DesignLibrary::builtIn);
        ProjectStore store = new ProjectStore(data, library, saveFailed);
        StashWork stash = attempt("opening the stash", this::stash, () -> StashWork
                .unusable("The stash in " + data.resolve("stash.db") + " cannot be opened. The file was not changed."));
        NotebookWork notebook = attempt("opening the notebook", this::notebook,
                () -> NotebookWork.unusable("The notebook in " + data.resolve("stash.db")
                        + " cannot be opened. The file was not changed.", new PictureFolder(data)));
        if (demo) {
            fill(store);
            stash.change(DemoStash.filled());
            stash.say("");
            DemoNotebook.fill(notebook);
        }
        if (!stash.messageProperty().get().isEmpty()) {
            troubles.add(stash.messageProperty().get());
        }
        return Optional.of(new Things(owner, library, store, stash, notebook, reports, program, List.copyOf(troubles)));
    }

    /**
     * What {@code first} gives; if the program meets something unforeseen there, a report, a sentence, and what
     * {@code otherwise} gives.
     */
    private <T> T attempt(String doing, Supplier<T> first, Supplier<T> otherwise) {
        try {
            return first.get();
        } catch (RuntimeException | StackOverflowError fault) {
            troubles.add(
                    "Cufflink met something that it did not expect while " + doing + "." + reports.keep(doing, fault));
            return otherwise.get();
        }
    }

    private StashWork stash() {
        try {
            return StashWork.of(StashDatabase.open(data.resolve("stash.db"), Clock.systemUTC()));
        } catch (DatabaseUnusable refused) {
            return StashWork.unusable(refused.getMessage());
        }
    }

    private NotebookWork notebook() {
        PictureFolder pictures = new PictureFolder(data);
        try {
            Clock clock = Clock.system(ZoneId.systemDefault());
            return NotebookWork.of(NotebookDatabase.open(data.resolve("stash.db"), clock), pictures, clock);
        } catch (DatabaseUnusable refused) {
            return NotebookWork.unusable(refused.getMessage(), pictures);
        }
    }

    private void fill(ProjectStore store) {
        try {
            for (Project project : DemoProjects.all()) {
                store.write(project, store.newFile(project.name()));
            }
            for (KeptJob job : DemoJobs.all()) {
                store.jobs().write(job, store.jobs().newFile(job.name()));
            }
        } catch (IOException fault) {
            troubles.add("The demo could not be written to " + data + ": " + FileTrouble.reason(fault) + ".");
        }
    }
}
