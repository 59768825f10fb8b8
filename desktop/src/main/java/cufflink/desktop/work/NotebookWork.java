package cufflink.desktop.work;

import cufflink.files.FileTrouble;
import cufflink.files.database.DatabaseUnusable;
import cufflink.files.notebook.NotebookDatabase;
import cufflink.files.notebook.NotebookExport;
import cufflink.files.notebook.NotebookImport;
import cufflink.files.notebook.PictureFolder;
import cufflink.files.project.ProjectWriter;
import cufflink.notebook.Correction;
import cufflink.notebook.Make;
import cufflink.notebook.Photo;
import cufflink.notebook.StepNote;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.Message;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * The notebook as the window works with it: every change is kept at once; what cannot be done leaves its reason in
 * {@link #messageProperty()}. To be used on one thread.
 */
public final class NotebookWork implements AutoCloseable {
    private final Optional<NotebookDatabase> database;
    private final PictureFolder pictures;
    private final Clock clock;
    private final String unusable;
    private final ReadOnlyObjectWrapper<List<Make>> makes = new ReadOnlyObjectWrapper<>(this, "makes", List.of());
    private final ReadOnlyObjectWrapper<String> message = new ReadOnlyObjectWrapper<>(this, "message", "");
    private final Deque<Make> removed = new ArrayDeque<>();

    private NotebookWork(Optional<NotebookDatabase> database, PictureFolder pictures, Clock clock, String unusable) {
        this.database = database;
        this.pictures = pictures;
        this.clock = clock;
        this.unusable = unusable;
        message.set(unusable);
        refresh();
    }

    /** A notebook that is kept in a database, its pictures beside it. */
    public static NotebookWork of(NotebookDatabase database, PictureFolder pictures, Clock clock) {
        return new NotebookWork(Optional.of(database), pictures, clock, "");
    }

    /** A notebook that could not be opened: it is empty and takes nothing. */
    public static NotebookWork unusable(String why, PictureFolder pictures) {
        return new NotebookWork(Optional.empty(), pictures, Clock.system(ZoneId.systemDefault()), why);
    }

    /** All makes, the newest first. */
    public ReadOnlyObjectProperty<List<Make>> makesProperty() {
        return makes.getReadOnlyProperty();
    }

    public List<Make> makes() {
        return makes.get();
    }

    /** What came of the last action; empty if nothing need be said. */
    public ReadOnlyObjectProperty<String> messageProperty() {
        return message.getReadOnlyProperty();
    }

    public void say(String text) {
        message.set(text);
    }

    public PictureFolder pictures() {
        return pictures;
    }

    /** When something is noted, and in whose days. */
    public Clock clock() {
        return clock;
    }

    /** One thing that the database may refuse. */
    private interface Work<T> {
        T run(NotebookDatabase database) throws DatabaseUnusable;
    }

    private <T> Optional<T> attempt(Work<T> work) {
        if (database.isEmpty()) {
            message.set(unusable);
            return Optional.empty();
        }
        try {
            return Optional.of(work.run(database.get()));
        } catch (DatabaseUnusable refused) {
            message.set(refused.getMessage());
            return Optional.empty();
        }
    }

    /** As {@link #attempt}; what is shown is read again. */
    private <T> Optional<T> change(Work<T> work) {
        Optional<T> done = attempt(work);
        refresh();
        return done;
    }

    private void refresh() {
        if (database.isPresent()) {
            attempt(NotebookDatabase::makes).ifPresent(read -> {
                makes.set(read.value().orElseThrow());
                if (!read.problems().isEmpty()) {
                    message.set(texts(read.problems()));
                }
            });
        }
    }

    private static String texts(List<Problem> problems) {
        return problems.stream().map(Problem::text).collect(Collectors.joining(" "));
    }

    /** What is being made of a plan, with all that was noted of it so far; {@code file} is the project's. */
    public Make making(String file, Plan plan) {
        Make now = Make.of(plan, ProjectWriter.text(plan.project()), clock.instant());
        Optional<Make> begun = attempt(open -> open.making(file)).flatMap(found -> found);
        return begun.map(make -> now.numbered(make.id()).with(make.learned())).orElse(now);
    }

    /** Keeps what is noted of something that is being made. */
    public boolean keep(String file, Make make) {
        return attempt(open -> open.keep(file, begun(open, file, make))).isPresent();
    }

    /** Under the number of what is noted already. */
    private static Make begun(NotebookDatabase open, String file, Make make) throws DatabaseUnusable {
        return open.making(file).map(before -> make.numbered(before.id())).orElse(make);
    }

    /** Notes what went wrong at a step of what is being made. */
    public boolean note(String file, Plan plan, StepNote note) {
        Make make = making(file, plan);
        return keep(file, make.with(make.learned().with(note)));
    }

    /** Notes time that a phase of what is being made took. */
    public void spent(String file, Plan plan, Phase phase, Duration time) {
        boolean added = attempt(open -> open.spent(file, phase, time)).orElse(true);
        if (!added) {
            Make make = making(file, plan);
            keep(file, make.with(make.learned().with(phase, time)));
        }
    }

    /** What was being made of a project file is made: it stands in the notebook under the number that is answered. */
    public Optional<Make> finish(String file, Make make) {
        return change(open -> open.finish(begun(open, file, make)));
    }

    /** Puts a make in the place of the one with its number; false with the reason in the message. */
    public boolean change(Make make) {
        return change(open -> {
            open.change(make);
            return make;
        }).isPresent();
    }

    /** Takes a make out; {@link #undo} brings it back. */
    public void remove(Make make) {
        if (change(open -> open.remove(make.id())).orElse(false)) {
            removed.push(make);
            message.set("“" + make.name() + "” is taken out. Undo brings it back.");
        }
    }

    /** Brings back what was taken out last. */
    public void undo() {
        if (removed.isEmpty()) {
            message.set("Nothing was taken out since the window opened.");
        } else if (change(open -> open.bringBack(removed.peek().id())).isPresent()) {
            message.set("“" + removed.pop().name() + "” is in the notebook again.");
        }
    }

    /** What is to be different next time a design is made. */
    public List<Correction> corrections(String design) {
        return attempt(open -> open.corrections(design)).orElse(List.of());
    }

    /** Notes what the maker decided of a correction. */
    public boolean decide(Correction correction, Correction.Standing standing) {
        return change(open -> open.decide(correction.key(), standing)).orElse(false);
    }

    /** Keeps a picture of a file beside the database; none with the reason in the message. */
    public Optional<Photo> picture(Path file) {
        try {
            Outcome<Photo> kept = pictures.keep(file, "");
            message.set(texts(kept.problems()));
            return kept.value();
        } catch (IOException fault) {
            message.set("“" + file.getFileName() + "” could not be kept: " + FileTrouble.reason(fault) + ".");
            return Optional.empty();
        }
    }

    private NotebookExport export() {
        return new NotebookExport(pictures, clock.getZone());
    }

    /** Writes makes into a folder that is empty or not there yet. */
    public void exportTo(Path folder, List<Make> wanted) {
        try {
            tell(export().write(wanted, folder));
        } catch (IOException fault) {
            message.set("The notebook could not be written: " + FileTrouble.reason(fault) + ".");
        }
    }

    /** Takes makes over that were exported. */
    public void importFrom(Path file) {
        change(open -> {
            try {
                tell(NotebookImport.read(file, open, export()));
            } catch (IOException fault) {
                message.set("“" + file.getFileName() + "” could not be read: " + FileTrouble.reason(fault) + ".");
            }
            return file;
        });
    }

    private void tell(Outcome<Message> done) {
        message.set((done.value().map(Message::sentence).orElse("") + " " + texts(done.problems())).strip());
    }

    /** The moment of now. */
    public Instant now() {
        return clock.instant();
    }

    @Override
    public void close() throws DatabaseUnusable {
        if (database.isPresent()) {
            database.get().close();
        }
    }
}
