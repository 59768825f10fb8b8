package cufflink.desktop;

import cufflink.desktop.control.NewestAnswer;
import cufflink.desktop.view.MakeScreen;
import cufflink.desktop.view.MakeTimeline;
import cufflink.desktop.view.NextTimePane;
import cufflink.desktop.view.NotebookScreen;
import cufflink.desktop.view.PictureDialog;
import cufflink.desktop.view.Places;
import cufflink.desktop.work.NotebookWork;
import cufflink.desktop.work.StashWork;
import cufflink.files.design.DesignLibrary;
import cufflink.files.project.ProjectReader;
import cufflink.notebook.Correction;
import cufflink.notebook.Make;
import cufflink.notebook.OfPaper;
import cufflink.notebook.OfTrimmer;
import cufflink.notebook.Photo;
import cufflink.paper.BenchTools;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stash.StashChange;
import cufflink.stash.StashEdit;
import cufflink.stash.StashTools;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.image.ImageView;
import javafx.stage.FileChooser;

/** The notebook's place: its screens, and what they can be asked to do. */
final class NotebookPlace implements NotebookScreen.Actions, NextTimePane.Notebook {
    private final Screens screens;
    private final NotebookWork work;
    private final StashWork stash;
    private final DesignLibrary library;
    private final NewestAnswer planning;
    private NotebookScreen.Wanted lately = NotebookScreen.Wanted.ALL;
    private NotebookScreen screen;
    private MakeScreen making;

    NotebookPlace(Screens screens, NotebookWork work, StashWork stash, DesignLibrary library, Executor background) {
        this.screens = screens;
        this.work = work;
        this.stash = stash;
        this.library = library;
        this.planning = new NewestAnswer(background);
    }

    void show(NotebookScreen.Wanted wanted) {
        lately = wanted;
        screen = new NotebookScreen(work, this, wanted);
        screens.showPlace(screen, "Notebook");
    }

    /** The screen, for tests that drive the window. */
    NotebookScreen screen() {
        return screen;
    }

    /** The form of something that was made, for tests that drive the window. */
    MakeScreen making() {
        return making;
    }

    /** Asks what is worth noting of a project that was made; {@code back} leads to its bench. */
    void made(Path file, Plan plan, NotebookScreen.Wanted.Back back) {
        String called = file.getFileName().toString();
        form(work.making(called, plan), Optional.of(plan), new Form(make -> work.finish(called, make)
                .ifPresentOrElse(kept -> show(new NotebookScreen.Wanted("", kept.id(), Optional.of(back))),
                        () -> making.say(work.messageProperty().get())),
                make -> work.keep(called, make), back.go()));
    }

    /** What becomes of a form. */
    private record Form(Consumer<Make> keep, Consumer<Make> draft, Runnable leave) {
    }

    private void form(Make make, Optional<Plan> plan, Form form) {
        making = new MakeScreen(make, plan, new MakeScreen.Actions() {
            @Override
            public void keep(Make made) {
                form.keep().accept(made);
            }

            @Override
            public void draft(Make made) {
                form.draft().accept(made);
            }

            @Override
            public void leave() {
                form.leave().run();
            }

            @Override
            public List<Stock> papers() {
                return screens.papers();
            }

            @Override
            public List<Path> choosePictures() {
                FileChooser chooser = new FileChooser();
                chooser.setTitle("A picture of it");
                chooser.getExtensionFilters()
                        .add(new FileChooser.ExtensionFilter("Pictures", "*.png", "*.jpg", "*.jpeg"));
                return screens.dialogs().files().open(chooser).map(List::of).orElse(List.of());
            }

            @Override
            public Optional<Photo> picture(Path file) {
                Optional<Photo> kept = work.picture(file);
                making.say(work.messageProperty().get());
                return kept;
            }

            @Override
            public Optional<ImageView> preview(Photo photo, double wide, double high) {
                return MakeTimeline.preview(work, photo, wide, high);
            }
        });
        screens.showPlace(making, make.name());
    }

    @Override
    public void edit(Make make) {
        planning.ask(() -> project(make).then(Planner::plan), planned -> form(make, planned.value(),
                new Form(changed -> {
                    if (work.change(changed)) {
                        show(new NotebookScreen.Wanted("", make.id(), lately.back()));
                    } else {
                        making.say(work.messageProperty().get());
                    }
                }, draft -> {
                    // What is in the notebook stays as it was until the maker is done.
                }, () -> show(new NotebookScreen.Wanted("", make.id(), lately.back())))));
    }

    private Outcome<Project> project(Make make) {
        return ProjectReader.read(make.name(), make.project(), library);
    }

    @Override
    public void goTo(Places place) {
        screens.goTo(place);
    }

    @Override
    public void openAsItWas(Make make) {
        Outcome<Project> project = project(make);
        if (project.value().isPresent()) {
            screens.openFresh(project.value().get());
        } else {
            work.say("“" + make.name() + "” cannot be opened. "
                    + project.problems().stream().map(Problem::text).collect(Collectors.joining(" ")));
        }
    }

    @Override
    public void remove(Make make) {
        if (screens.dialogs().confirm("Take “" + make.name() + "” out of the notebook?",
                "Its pictures stay beside the database. Undo brings it back.", "Take out")) {
            work.remove(make);
        }
    }

    @Override
    public void exportMakes(List<Make> makes) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("A new folder for pages, pictures and notebook.json");
        chooser.setInitialFileName("notebook");
        screens.dialogs().files().save(chooser).ifPresent(folder -> work.exportTo(folder, makes));
    }

    @Override
    public void importMakes() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Makes that were exported");
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("notebook.json", "*.json"));
        screens.dialogs().files().open(chooser).ifPresent(this::importMakes);
    }

    @Override
    public void importMakes(Path file) {
        work.importFrom(file);
    }

    @Override
    public void look(Make make, Photo photo) {
        screens.dialogs().dress(new PictureDialog(work.pictures().file(photo),
                photo.caption().isBlank() ? make.name() : photo.caption())).show();
    }

    @Override
    public List<Correction> corrections(String design) {
        return work.corrections(design);
    }

    @Override
    public boolean decide(Correction correction, Correction.Standing standing) {
        return work.decide(correction, standing);
    }

    @Override
    public boolean isInStash(Correction correction) {
        return edit(correction).isPresent();
    }

    @Override
    public void setInStash(Correction correction) {
        edit(correction).ifPresent(change -> work.say(stash.change(change) ? change.words() + ", in the stash."
                : stash.messageProperty().get()));
    }

    /** What would be set in the stash: the caliper of a paper that it has, its trimmer. */
    private Optional<StashChange> edit(Correction correction) {
        if (correction.target() instanceof OfTrimmer trimmer) {
            return stash.stash().tools().filter(tools -> !tools.cutsShort().equals(trimmer.cutsShort()))
                    .map(tools -> changed(correction, tools, tools.withCutsShort(trimmer.cutsShort())));
        }
        if (correction.target() instanceof OfPaper paper && paper.stock().isPresent()) {
            String name = paper.stock().get().name();
            return paper
                    .stock().get().measuredCaliper().map(caliper -> StashChange.of("Set " + correction.target().said(),
                            stash.stash().papers().stream().filter(one -> one.name().equals(name))
                                    .map(one -> StashEdit.altered(one, one.withCaliper(caliper))).toList()))
                    .filter(change -> !change.edits().isEmpty());
        }
        return Optional.empty();
    }

    private static StashChange changed(Correction correction, BenchTools before, BenchTools after) {
        return StashChange.of("Set: " + correction.target().said(),
                StashEdit.altered(new StashTools(before), new StashTools(after)));
    }
}
