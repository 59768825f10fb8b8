package cufflink.cli;

import cufflink.files.DataFolder;
import cufflink.files.database.DatabaseUnusable;
import cufflink.files.design.DesignLibrary;
import cufflink.files.notebook.NotebookDatabase;
import cufflink.files.notebook.NotebookExport;
import cufflink.files.notebook.NotebookImport;
import cufflink.files.notebook.NotebookJson;
import cufflink.files.notebook.PictureFolder;
import cufflink.files.project.ProjectReader;
import cufflink.files.project.ProjectWriter;
import cufflink.files.stash.StashDatabase;
import cufflink.notebook.Correction;
import cufflink.notebook.Difference;
import cufflink.notebook.Effect;
import cufflink.notebook.Learned;
import cufflink.notebook.Make;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stash.StashPaper;
import cufflink.words.Message;
import cufflink.words.NotebookWords;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneId;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ScopeType;
import picocli.CommandLine.Spec;

/** What was made, and what was learned. Exit status 0: done or found; 1: nothing found; 2: it cannot be done. */
@Command(name = "notebook", description = "Keeps what was made, and finds it again.", mixinStandardHelpOptions = true)
final class NotebookCommand implements Runnable {
    @Spec
    private CommandSpec spec;
    @Option(names = "--data", paramLabel = "FOLDER", scope = ScopeType.INHERIT,
            description = "The data folder; the usual one if left out.")
    private Path data = DataFolder.usual();
    @Option(names = "--format", scope = ScopeType.INHERIT, description = "text or json.", defaultValue = "TEXT")
    private Answers.Format format;

    private final Clock clock = Clock.system(ZoneId.systemDefault());

    @Override
    public void run() {
        spec.commandLine().usage(spec.commandLine().getOut());
    }

    /** What is done with the notebook while it is open. */
    private interface Work {
        int with(NotebookDatabase notebook) throws DatabaseUnusable, IOException;
    }

    private int open(Work work) throws IOException {
        try (NotebookDatabase notebook = NotebookDatabase.open(data.resolve("stash.db"), clock)) {
            return work.with(notebook);
        } catch (DatabaseUnusable fault) {
            return failed(List.of(Problem.error("", fault.why())));
        }
    }

    private int failed(List<Problem> problems) {
        return Answers.failed(problems, format, spec.commandLine());
    }

    private int done(Message said) {
        return Answers.done(Outcome.of(said), format, spec.commandLine());
    }

    private PictureFolder pictures() {
        return new PictureFolder(data);
    }

    private NotebookExport export() {
        return new NotebookExport(pictures(), clock.getZone());
    }

    @Command(name = "add", description = "Puts a project that was made into the notebook.",
            mixinStandardHelpOptions = true)
    int add(@Parameters(paramLabel = "PROJECT.json") Path project, @Mixin MakeOptions noted) throws IOException {
        Outcome<Plan> planned = Answers.planned(
                ProjectReader.read(project, DesignLibrary.with(data.resolve("designs"))), spec.commandLine());
        if (planned.value().isEmpty()) {
            return failed(planned.problems());
        }
        Plan plan = planned.value().get();
        Outcome<Learned> learned = noted.read(plan, pictures(), clock.instant(), this::paper);
        return learned.value().isEmpty() ? failed(learned.problems()) : open(notebook -> {
            Make added = notebook.add(Make.of(plan, ProjectWriter.text(plan.project()), clock.instant())
                    .with(learned.value().get()));
            return done(NotebookWords.ADDED.of("id", added.id(), "name", added.name()));
        });
    }

    /** A paper of the stash by its name, whatever its case. */
    private Optional<Stock> paper(String name) {
        try (StashDatabase stash = StashDatabase.open(data.resolve("stash.db"), clock)) {
            return stash.stash().papers().stream().filter(paper -> paper.name().equalsIgnoreCase(name)).findFirst()
                    .map(StashPaper::stock);
        } catch (DatabaseUnusable fault) {
            return Optional.empty();
        }
    }

    @Command(name = "list", description = "The makes, the newest first; those in which all words are found.",
            mixinStandardHelpOptions = true)
    int list(@Parameters(paramLabel = "WORDS", arity = "0..*") List<String> words) throws IOException {
        String wanted = words == null ? "" : String.join(" ", words);
        return open(notebook -> {
            Outcome<List<Make>> read = notebook.makes();
            read.problems().forEach(notice -> spec.commandLine().getErr().println(notice.text()));
            List<Make> all = read.value().orElseThrow();
            List<Make> found = all.stream().filter(make -> make.isFound(wanted)).toList();
            if (format == Answers.Format.JSON) {
                spec.commandLine().getOut().println(Answers.json(NotebookJson.of(found)));
            } else if (found.isEmpty()) {
                Message nothing = all.isEmpty() ? NotebookWords.EMPTY.of()
                        : NotebookWords.NOTHING_FOUND.of("words", wanted);
                spec.commandLine().getErr().println((nothing.sentence() + " " + nothing.remedy()).strip());
            }
            if (format == Answers.Format.TEXT) {
                found.forEach(make -> spec.commandLine().getOut()
                        .println(String.format(Locale.ROOT, "%4d  %s  %s, %s%s", make.id(), day(make), make.name(),
                                make.design(), make.copies() > 1 ? ", " + make.copies() + " copies" : "")));
            }
            return found.isEmpty() ? Main.BAD_CHECK : Main.GOOD;
        });
    }

    private LocalDate day(Make make) {
        return LocalDate.ofInstant(make.at(), clock.getZone());
    }

    /** What is done with a make that is there. */
    private interface Found {
        int with(NotebookDatabase notebook, Make make) throws DatabaseUnusable, IOException;
    }

    private int find(long id, Found found) throws IOException {
        return open(notebook -> {
            Optional<Make> make = notebook.find(id);
            return make.isPresent() ? found.with(notebook, make.get())
                    : failed(List.of(Problem.error("", NotebookWords.NO_MAKE.of("id", id))));
        });
    }

    @Command(name = "show", description = "All that is known of a make.", mixinStandardHelpOptions = true)
    int show(@Parameters(paramLabel = "ID") long id) throws IOException {
        return find(id, (notebook, make) -> {
            spec.commandLine().getOut().println(format == Answers.Format.JSON ? Answers.json(NotebookJson.of(make))
                    : export().markdown(make).stripTrailing());
            return Main.GOOD;
        });
    }

    @Command(name = "compare", description = "What two makes differ in.", mixinStandardHelpOptions = true)
    int compare(@Parameters(paramLabel = "ID") long one, @Parameters(paramLabel = "ID") long two) throws IOException {
        return find(one, (notebook, first) -> find(two, (again, second) -> {
            List<Difference> differences = Difference.of(first, second);
            if (format == Answers.Format.JSON) {
                spec.commandLine().getOut().println(Answers.json(NotebookJson.of(first, second, differences)));
            } else {
                differences.forEach(difference -> spec.commandLine().getOut().println(difference.what() + ": "
                        + shown(difference.one()) + " / " + shown(difference.two())));
            }
            return Main.GOOD;
        }));
    }

    private static String shown(String value) {
        return value.isEmpty() ? "–" : value;
    }

    @Command(name = "next", description = "What is to be different next time, of all designs or of one.",
            mixinStandardHelpOptions = true)
    int next(@Parameters(paramLabel = "DESIGN", arity = "0..1") String design) throws IOException {
        return open(notebook -> {
            List<Make> makes = notebook.makes().value().orElseThrow();
            List<String> lines = new ArrayList<>();
            for (Make make : makes) {
                for (int i = 0; i < make.learned().next().size(); i++) {
                    Correction one = make.learned().next().get(i);
                    if (design == null || one.design().equals(design)) {
                        lines.add(make.id() + "." + (i + 1) + "  " + one.design() + "  "
                                + one.standing().name().toLowerCase(Locale.ROOT) + "  " + one.said());
                    }
                }
            }
            if (format == Answers.Format.JSON) {
                spec.commandLine().getOut().println(Answers.json(NotebookJson.next(makes, design)));
            } else if (lines.isEmpty()) {
                spec.commandLine().getErr().println(NotebookWords.NO_CORRECTIONS.of().sentence());
            } else {
                lines.forEach(spec.commandLine().getOut()::println);
            }
            return lines.isEmpty() ? Main.BAD_CHECK : Main.GOOD;
        });
    }

    /** What is done with a correction that is there. */
    private interface Decided {
        int with(NotebookDatabase notebook, Correction correction) throws DatabaseUnusable, IOException;
    }

    /** {@code 3.1} is the first correction of make 3. */
    private int correction(String number, Decided decided) throws IOException {
        return open(notebook -> {
            Optional<Correction> found = number.matches("\\d{1,9}\\.\\d{1,4}")
                    ? notebook.find(Long.parseLong(number.substring(0, number.indexOf('.'))))
                            .flatMap(make -> make.learned().next().stream()
                                    .skip(Math.max(0, Long.parseLong(number.substring(number.indexOf('.') + 1)) - 1))
                                    .findFirst())
                    : Optional.empty();
            return found.isPresent() ? decided.with(notebook, found.get())
                    : failed(List.of(Problem.error("", NotebookWords.NO_CORRECTION.of("key", number))));
        });
    }

    @Command(name = "decide",
            description = "Makes a correction your own default (own), offers it (offered), or drops it (dropped).",
            mixinStandardHelpOptions = true)
    int decide(@Parameters(paramLabel = "MAKE.N") String number,
            @Parameters(paramLabel = "own|offered|dropped") Correction.Standing standing) throws IOException {
        return correction(number, (notebook, correction) -> {
            notebook.decide(correction.key(), standing);
            return done(NotebookWords.DECIDED.of("text", correction.text(), "standing",
                    standing.name().toLowerCase(Locale.ROOT)));
        });
    }

    @Command(name = "apply", description = "Applies a correction to a project, with what it changes.",
            mixinStandardHelpOptions = true)
    int apply(@Parameters(paramLabel = "MAKE.N") String number, @Parameters(paramLabel = "PROJECT.json") Path project,
            @Option(names = "--save", required = true, paramLabel = "FILE") Path save,
            @Option(names = "--remind", description = "Keeps it as a reminder at its step instead.") boolean remind)
            throws IOException {
        Outcome<Plan> planned = Answers.planned(
                ProjectReader.read(project, DesignLibrary.with(data.resolve("designs"))), spec.commandLine());
        if (planned.value().isEmpty()) {
            return failed(planned.problems());
        }
        Plan plan = planned.value().get();
        return correction(number, (notebook, correction) -> {
            if (!correction.design().equals(plan.design().definition().id())) {
                return failed(List.of(Problem.error("", NotebookWords.OTHER_DESIGN.of("design", correction.design()))));
            }
            Outcome<Effect> effect = remind ? Effect.of(plan, correction.kept(plan)) : Effect.of(plan, correction);
            if (effect.value().isEmpty()) {
                return failed(effect.problems());
            }
            ProjectWriter.write(effect.value().get().plan().project(), save);
            if (format == Answers.Format.JSON) {
                spec.commandLine().getOut().println(Answers.json(NotebookJson.of(effect.value().get())));
            } else {
                effect.value().get().lines().forEach(spec.commandLine().getOut()::println);
            }
            return Main.GOOD;
        });
    }

    @Command(name = "remove", description = "Takes a make out; it can be brought back.",
            mixinStandardHelpOptions = true)
    int remove(@Parameters(paramLabel = "ID") long id) throws IOException {
        return find(id, (notebook, make) -> {
            notebook.remove(id);
            return done(NotebookWords.REMOVED.of("id", id, "name", make.name()));
        });
    }

    @Command(name = "bring-back", description = "Brings back a make that was taken out.",
            mixinStandardHelpOptions = true)
    int bringBack(@Parameters(paramLabel = "ID") long id) throws IOException {
        return open(notebook -> {
            boolean back = notebook.bringBack(id);
            Optional<Make> make = notebook.find(id);
            return back && make.isPresent() ? done(NotebookWords.BACK.of("id", id, "name", make.get().name()))
                    : failed(List.of(Problem.error("", NotebookWords.NO_MAKE.of("id", id))));
        });
    }

    @Command(name = "export", description = "Writes makes into a folder: pages, pictures, and all as JSON.",
            mixinStandardHelpOptions = true)
    int export(@Parameters(paramLabel = "ID", arity = "0..*") List<Long> ids,
            @Option(names = "--out", required = true, paramLabel = "FOLDER") Path out) throws IOException {
        return open(notebook -> {
            List<Make> all = notebook.makes().value().orElseThrow();
            List<Problem> unknown = ids == null ? List.of()
                    : ids.stream().filter(id -> all.stream().noneMatch(make -> make.id() == id))
                            .map(id -> Problem.error("", NotebookWords.NO_MAKE.of("id", id))).toList();
            if (!unknown.isEmpty()) {
                return failed(unknown);
            }
            Outcome<Message> written = export()
                    .write(all.stream().filter(make -> ids == null || ids.contains(make.id())).toList(), out);
            written.problems().stream().filter(problem -> !problem.isError())
                    .forEach(notice -> spec.commandLine().getErr().println(notice.text()));
            return Answers.done(written, format, spec.commandLine());
        });
    }

    @Command(name = "import", description = "Reads makes that were exported; those it has already are left out.",
            mixinStandardHelpOptions = true)
    int read(@Parameters(paramLabel = "notebook.json") Path file) throws IOException {
        return open(notebook -> Answers.done(NotebookImport.read(file, notebook, export()), format,
                spec.commandLine()));
    }
}
