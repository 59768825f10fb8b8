package cufflink.desktop;

import cufflink.design.DesignDefinition;
import cufflink.design.Ornament;
import cufflink.desktop.control.NewestAnswer;
import cufflink.desktop.store.Background;
import cufflink.desktop.store.ProjectStore;
import cufflink.desktop.store.ProjectStore.Kept;
import cufflink.desktop.store.ShelfKeep;
import cufflink.desktop.store.ShelfMemory;
import cufflink.desktop.view.BenchScreen;
import cufflink.desktop.view.DieFitDialog;
import cufflink.desktop.view.DirectionsScreen;
import cufflink.desktop.view.ExportDialog;
import cufflink.desktop.view.LayersDialog;
import cufflink.desktop.view.NextTimePane;
import cufflink.desktop.view.NotebookScreen;
import cufflink.desktop.view.OpeningScreen;
import cufflink.desktop.view.PaperDialog;
import cufflink.desktop.view.Places;
import cufflink.desktop.view.ProjectTable;
import cufflink.desktop.view.Screen;
import cufflink.desktop.view.ShelfCards;
import cufflink.desktop.view.ShelfScreen;
import cufflink.desktop.view.StashScreen;
import cufflink.desktop.view.TableScreen;
import cufflink.desktop.view.TableSource;
import cufflink.desktop.view.ToolsDialog;
import cufflink.desktop.work.NotebookWork;
import cufflink.desktop.work.Reports;
import cufflink.desktop.work.ShelfCard;
import cufflink.desktop.work.ShelfWork;
import cufflink.desktop.work.StashWork;
import cufflink.desktop.work.Workspace;
import cufflink.files.DataFolder;
import cufflink.files.FileTrouble;
import cufflink.files.design.DesignLibrary;
import cufflink.files.design.SvgDrawing;
import cufflink.files.database.DatabaseUnusable;
import cufflink.measure.RulerStep;
import cufflink.notebook.Correction;
import cufflink.notebook.OwnDefaults;
import cufflink.notebook.StepNote;
import cufflink.paper.PaperRole;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stash.StashEnvelope;
import cufflink.stash.StashPunch;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonType;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.FileChooser;
import javafx.stage.Stage;

/** Which screen the window shows, and how one leads to another. */
final class Screens implements ShelfScreen.Actions, BenchScreen.Actions {
    private static final double USUAL_TEXT = 14;

    private final Stage stage;
    private final WindowDialogs dialogs;
    private final Scene scene;
    private final ProjectStore store;
    private final DesignLibrary library;
    private final ShelfKeep shelves;
    private final ShelfWork shelfWork;
    private final ShelfCards cards;
    private final StashWork stash;
    private final Reports reports;
    private final StashPlace stashPlace;
    private final NotebookWork notebook;
    private final NotebookPlace notebookPlace;
    private final JobPlace jobPlace;
    private final DirectionsPlace directionsPlace;
    private StashScreen stashScreen;
    private Screen shown;
    private RulerStep ruler;
    private Workspace work;
    private Path file;
    private BenchScreen bench;
    private Optional<TableKeys> table = Optional.empty();
    private double textScale = 1;
    private final Executor planning = Background.thread("planning");
    private final NewestAnswer opening = new NewestAnswer(planning);

    Screens(Stage stage, Scene scene, StartUp.Things things, ShelfCards cards) {
        this.stage = stage;
        this.dialogs = new WindowDialogs(stage, scene);
        this.scene = scene;
        this.cards = cards;
        this.store = things.store();
        this.library = things.library();
        this.shelves = store.shelves(things.program());
        this.shelfWork = new ShelfWork(library, shelves, Background.thread("shelf"), Platform::runLater);
        this.stash = things.stash();
        this.reports = things.reports();
        this.stashPlace = new StashPlace(this, stash);
        this.notebook = things.notebook();
        this.notebookPlace = new NotebookPlace(this, notebook, stash, library, planning);
        this.jobPlace = new JobPlace(this, store, stash);
        this.directionsPlace = new DirectionsPlace(this, store, reports, planning);
        ShelfMemory memory = store.shelf();
        ShelfMemory.Left left = memory.read(papers());
        this.ruler = left.ruler();
        shelfWork.goOn(left.wanted(), memory::keep);
        HeldKeys.countOnce(scene, stage);
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::onTextSizeKey);
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::onTableKey);
    }

    /** Shows a screen; the one before it is let go of, unless the table view lies over it. */
    private void show(Screen screen) {
        Screen before = shown;
        shown = screen;
        screen.root().setStyle("-fx-font-size: " + Math.round(USUAL_TEXT * textScale) + "px;");
        scene.setRoot(screen.root());
        screen.root().requestFocus();
        if (before != null && before != screen && (table.isEmpty() || before != table.get().over())) {
            before.leave();
        }
    }

    @Override
    public List<DesignDefinition> designs() {
        return List.copyOf(library.designs().values());
    }

    @Override
    public List<StashEnvelope> envelopes() {
        return stash.stash().envelopes();
    }

    @Override
    public List<StashPunch> punches() {
        return stash.stash().punches();
    }

    @Override
    public Optional<Ornament.Traced> shapeFromFile() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("A shape from an SVG file");
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("SVG drawings", "*.svg"));
        Optional<Outcome<Ornament.Traced>> read = dialogs.files().open(chooser).map(SvgDrawing::read);
        read.ifPresent(outcome -> work.say(
                String.join(" ", outcome.problems().stream().map(Problem::text).toList())));
        return read.flatMap(Outcome::value);
    }

    @Override
    public void shelf() {
        leaveProject();
        shelf("");
    }

    /** What was changed is saved already; a project that was only looked at is not written. */
    private void leaveProject() {
        opening.forget();
        if (work != null) {
            work.finish();
            jobPlace.search().stop();
            store.markClosed();
        }
        work = null;
        bench = null;
    }

    void shelf(String message) {
        List<Problem> problems = new ArrayList<>();
        List<Kept> kept = store.projects(problems);
        problems.removeIf(problem -> !problem.isError());
        String notes = problems.isEmpty() ? ""
                : "Not every project could be read; the files lie in " + store.projectFolder() + " as they were. "
                        + String.join(" ", problems.stream().map(Problem::text).toList());
        stage.setTitle("Cufflink");
        show(new ShelfScreen(shelfWork, cards, kept, papers(), ruler, (message + " " + notes).strip(), this));
    }

    /** Does something when the shelf is set out. */
    void whenSetOut(Runnable action) {
        shelfWork.afterwards(action);
    }

    /** The projects, for tests that drive the window. */
    ProjectStore store() {
        return store;
    }

    @Override
    public void goTo(Places place) {
        switch (place) {
            case SHELF -> shelf("");
            case DIRECTIONS -> directionsPlace.show();
            case STASH -> stash();
            case JOBS -> jobPlace.show();
            case NOTEBOOK -> notebookPlace.show(NotebookScreen.Wanted.ALL);
        }
    }

    /** Shows a place beside the bench. */
    void showPlace(Screen screen, String title) {
        stage.setTitle(title + ", Cufflink");
        show(screen);
    }

    /** Shows the stash. */
    void stash() {
        stashScreen = new StashScreen(stash, ruler.unit(), stashPlace);
        showPlace(stashScreen, "Stash");
    }

    RulerStep ruler() {
        return ruler;
    }

    @Override
    public void rulerChosen(RulerStep step) {
        ruler = step;
        shelf("");
    }

    /** The maker's papers, each once, in the order of the stash. */
    List<Stock> papers() {
        Map<String, Stock> papers = new LinkedHashMap<>();
        stash.stash().papers().stream().filter(paper -> !paper.offcut())
                .forEach(paper -> papers.putIfAbsent(paper.name(),
                        paper.stock().inSheets(paper.size().width(), paper.size().height())));
        return List.copyOf(papers.values());
    }

    /** Begins a project of a design at its usual size. */
    public void start(DesignDefinition design, RulerStep step) {
        start(Project.of(design, step));
    }

    @Override
    public void start(Project usual) {
        Project project = stash.stash().tools().map(usual::withTools).orElse(usual);
        Path fresh = store.newFile(project.name());
        begin(project, fresh);
        store.saveSoon(project, fresh);
    }

    /** Begins with what the maker always does with this design. */
    private void begin(Project project, Path at) {
        List<Correction> learned = notebook.corrections(project.design().id());
        open(project, () -> OwnDefaults.begin(project, learned), at, "");
    }

    /** Opens a project as one of its own. */
    void openFresh(Project project) {
        Path fresh = store.newFile(project.name());
        open(project, fresh, "");
        store.saveSoon(project, fresh);
    }

    /** Begins what was taken from the shelf before all was read, if it is as it was then. */
    void start(ShelfCard taken) {
        if (shelves.isLast(ruler, shelfWork.lately())) {
            start(shelfWork.asShown(taken, ruler, shelfWork.lately()));
        } else {
            shelf("");
        }
    }

    @Override
    public void resume(Kept kept) {
        open(kept.file());
    }

    /** Opens the project that an unexpected end left open, if there is one. */
    boolean recover() {
        Optional<Path> left = store.leftOpen();
        Optional<Project> project = left.flatMap(path -> store.read(path).value());
        project.ifPresent(found -> open(found, left.get(),
                "Cufflink ended unexpectedly last time. “" + found.name() + "” is here as it was saved."));
        return project.isPresent();
    }

    /** Shows at once what it is, and the bench as soon as it is planned. */
    private void open(Project project, Path at, String message) {
        open(project, () -> Planner.plan(project), at, message);
    }

    private void open(Project project, Supplier<Outcome<Plan>> planned, Path at, String message) {
        leaveProject();
        stage.setTitle(project.name() + ", Cufflink");
        show(new OpeningScreen(project, this::shelf));
        opening.ask(planned, plan -> opened(project, plan, at, message));
    }

    private void opened(Project project, Outcome<Plan> plan, Path at, String message) {
        if (plan.value().isEmpty()) {
            shelf("“" + project.name() + "” cannot be opened; " + at + " was left as it is. "
                    + reports.text(plan.problems(), project));
            return;
        }
        work = new Workspace(plan.value().get(), Optional.of(jobPlace.search()), reports, planning, Platform::runLater);
        file = at;
        store.markOpen(at);
        Workspace opened = work;
        work.planProperty().addListener((property, was, is) -> {
            if (work == opened && !is.project().equals(was.project())) {
                store.saveSoon(is.project(), file);
                stage.setTitle(is.project().name() + ", Cufflink");
            }
        });
        bench = new BenchScreen(work, this);
        show(bench);
        String told = Stream.concat(Stream.of(message), plan.problems().stream()
                .filter(notice -> !work.plan().notices().contains(notice)).map(Problem::text))
                .filter(text -> !text.isEmpty()).collect(Collectors.joining(" "));
        if (!told.isEmpty()) {
            work.say((told + " " + work.messageProperty().get()).strip());
        }
    }

    /** What the keys of the table view do, and the screen that it lies over. */
    private record TableKeys(Runnable next, Runnable previous, Screen over, TableScreen screen,
            Optional<PhaseClock> clock) {
    }

    @Override
    public void table() {
        String called = file.getFileName().toString();
        Workspace now = work;
        table(new ProjectTable(now, note -> noted(called, now, note)), now::next, now::previous,
                Optional.of(new PhaseClock(notebook, now, called)));
    }

    private boolean noted(String called, Workspace now, StepNote note) {
        boolean kept = notebook.note(called, now.plan(), note);
        if (!kept) {
            now.say(notebook.messageProperty().get());
        }
        return kept;
    }

    @Override
    public void made() {
        work.finish();
        Path at = file;
        notebookPlace.made(at, work.plan(), back(at));
        leaveProject();
    }

    @Override
    public void madeBefore() {
        work.finish();
        Path at = file;
        notebookPlace.show(new NotebookScreen.Wanted(work.project().name(), 0, Optional.of(back(at))));
        leaveProject();
    }

    private NotebookScreen.Wanted.Back back(Path at) {
        return new NotebookScreen.Wanted.Back(work.project().name(), () -> open(at));
    }

    @Override
    public NextTimePane.Notebook learned() {
        return notebookPlace;
    }

    /** Fills the window with what is to be done now. */
    void table(TableSource source, Runnable next, Runnable previous) {
        table(source, next, previous, Optional.empty());
    }

    private void table(TableSource source, Runnable next, Runnable previous, Optional<PhaseClock> clock) {
        TableScreen screen = new TableScreen(source);
        table = Optional.of(new TableKeys(next, previous, shown, screen, clock));
        show(screen);
    }

    @Override
    public void cutFromStash() {
        work.finish();
        Project project = work.project();
        Path kept = store.isOwn(file) ? file : store.newFile(project.name());
        leaveProject();
        if (!kept.equals(file)) {
            store.saveSoon(project, kept);
        }
        jobPlace.of(kept.getFileName().toString(), project.name(), project.copies());
    }

    /** Text from 85 to 150 % of its usual size. */
    private void onTextSizeKey(KeyEvent key) {
        double next = switch (key.getCode()) {
            case PLUS, EQUALS, ADD -> Math.min(1.5, textScale + 0.125);
            case MINUS, SUBTRACT -> Math.max(0.85, textScale - 0.125);
            case DIGIT0, NUMPAD0 -> 1;
            default -> textScale;
        };
        if (key.isShortcutDown() && next != textScale) {
            scaleText(next);
            key.consume();
        }
    }

    void scaleText(double scale) {
        textScale = scale;
        scene.getRoot().setStyle("-fx-font-size: " + Math.round(USUAL_TEXT * textScale) + "px;");
    }

    private void onTableKey(KeyEvent key) {
        if (table.isEmpty() || key.getTarget() instanceof TextInputControl) {
            return;
        }
        table.get().clock().ifPresent(PhaseClock::touch);
        KeyCode code = key.getCode();
        if (code == KeyCode.SPACE || code == KeyCode.RIGHT) {
            table.get().next().run();
        } else if (code == KeyCode.BACK_SPACE || code == KeyCode.LEFT) {
            table.get().previous().run();
        } else if (code == KeyCode.ESCAPE) {
            Screen over = table.get().over();
            table.get().clock().ifPresent(PhaseClock::stop);
            table = Optional.empty();
            show(over);
        } else if (code == KeyCode.N) {
            table.get().screen().startNote();
        } else if (code == KeyCode.F11 || code == KeyCode.F) {
            stage.setFullScreen(!stage.isFullScreen());
        } else {
            return;
        }
        key.consume();
    }

    @Override
    public void export() {
        work.finish();
        dialogs.dress(new ExportDialog(work.plan(), DataFolder.home())).show();
    }

    @Override
    public void editPaper(PaperRole role) {
        dialogs.dress(new PaperDialog(role, work.project().paper(role), stash.stash().papers(), work.project().unit()))
                .showAndWait()
                .ifPresent(stock -> work.change(project -> project.withPaper(role, stock)));
    }

    @Override
    public void editLayers() {
        dialogs.dress(new LayersDialog(work.plan())).showAndWait()
                .ifPresent(mats -> work.change(project -> project.withMats(mats)));
    }

    @Override
    public void fitDie() {
        List<StashPunch> dies = stash.stash().punches().stream().filter(punch -> punch.die().shape().holdsSomething())
                .toList();
        if (dies.isEmpty()) {
            work.say("There is no die in the stash. Add one there, under Punches and dies.");
            return;
        }
        work.finish();
        dialogs.dress(new DieFitDialog(work.plan(), dies)).showAndWait()
                .ifPresent(fitted -> work.change(project -> fitted));
    }

    @Override
    public void editTools() {
        dialogs.dress(new ToolsDialog(work.project().tools(), work.project().unit())).showAndWait()
                .ifPresent(tools -> work.change(project -> project.withTools(tools)));
    }

    private static FileChooser chooser(String title) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("Cufflink projects", "*.json"));
        return chooser;
    }

    @Override
    public void open() {
        dialogs.files().open(chooser("Open a project")).ifPresent(this::open);
    }

    /** Opens a project file; a file from elsewhere is worked on where it lies. */
    void open(Path chosen) {
        Outcome<Project> project = store.read(chosen);
        if (project.value().isPresent()) {
            open(project.value().get(), chosen,
                    String.join(" ", project.problems().stream().map(Problem::text).toList()));
        } else {
            String text = String.join("\n", project.problems().stream().map(Problem::text).toList());
            Alert alert = dialogs
                    .dress(new Alert(Alert.AlertType.WARNING, text + "\n\nThe file stays as it is.", ButtonType.OK));
            alert.setHeaderText("“" + chosen.getFileName() + "” was not opened");
            alert.show();
        }
    }

    @Override
    public void saveCopy() {
        FileChooser chooser = chooser("Save a copy");
        chooser.setInitialFileName(file.getFileName().toString());
        dialogs.files().save(chooser).ifPresent(this::saveCopy);
    }

    /** Writes a copy elsewhere; work goes on in the project as it was. */
    void saveCopy(Path to) {
        work.finish();
        try {
            store.write(work.project(), to);
            work.say("A copy is saved as " + to + ".");
        } catch (IOException fault) {
            work.say("The copy could not be saved: " + FileTrouble.reason(fault) + ". The project itself is safe.");
        }
    }

    /** Tells of a failed save, from any thread. */
    void saveFailed(String text) {
        Platform.runLater(() -> tell(text));
    }

    /** Says something where the maker is. */
    void tell(String text) {
        if (work != null) {
            work.say(text);
        } else if (shown instanceof StashScreen) {
            stash.say(text);
        } else if (shown instanceof NotebookScreen) {
            notebook.say(text);
        } else if (shown instanceof DirectionsScreen directions) {
            directions.say(text);
        } else if (jobPlace.work().isPresent()) {
            jobPlace.work().get().say(text);
        } else {
            shelf(text);
        }
    }

    /** A good end: the open project is saved and no longer marked as open. */
    void end() {
        Optional.ofNullable(work).ifPresent(Workspace::finish);
        table.flatMap(TableKeys::clock).ifPresent(PhaseClock::stop);
        shown.leave();
        jobPlace.end();
        store.markClosed();
        store.close();
        try {
            stash.close();
            notebook.close();
        } catch (DatabaseUnusable late) {
            System.err.println(late.getMessage());
        }
    }

    /** What asks the maker something in a window of its own. */
    WindowDialogs dialogs() {
        return dialogs;
    }

    StashWork stashWork() {
        return stash;
    }

    NotebookPlace notebookPlace() {
        return notebookPlace;
    }

    NotebookWork notebookWork() {
        return notebook;
    }

    DirectionsPlace directionsPlace() {
        return directionsPlace;
    }

    JobPlace jobPlace() {
        return jobPlace;
    }

    StashScreen stashScreen() {
        return stashScreen;
    }

    /** Whether everything that was opened or changed is planned, for tests that drive the window. */
    boolean isAtRest() {
        return !opening.isOpen() && (work == null || work.isAtRest());
    }

    Workspace work() {
        return work;
    }

    BenchScreen benchScreen() {
        return bench;
    }
}
