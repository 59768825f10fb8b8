package cufflink.desktop;

import cufflink.desktop.store.Background;
import cufflink.desktop.store.JobStore;
import cufflink.desktop.store.ProjectStore;
import cufflink.desktop.view.JobTable;
import cufflink.desktop.view.JobsScreen;
import cufflink.desktop.view.LabelsDialog;
import cufflink.desktop.view.PackScreen;
import cufflink.desktop.view.PackTable;
import cufflink.desktop.view.Places;
import cufflink.desktop.work.JobWork;
import cufflink.desktop.work.LayoutSearch;
import cufflink.desktop.work.StashWork;
import cufflink.files.AtomicFile;
import cufflink.files.FileTrouble;
import cufflink.files.handout.ClassSheet;
import cufflink.files.handout.JobHandOut;
import cufflink.files.handout.LabelPages;
import cufflink.files.handout.PackingHandOut;
import cufflink.files.packing.Evenings;
import cufflink.files.packing.KitLabels;
import cufflink.files.packing.NamesTable;
import cufflink.files.project.KeptJob;
import cufflink.job.Reserving;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.packing.Packing;
import cufflink.packing.PackingSteps;
import cufflink.paper.NamedSize;
import cufflink.paper.PublishedSizes;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.stage.FileChooser;

/** The place of the jobs: which one is open, and what it can be asked to do. */
final class JobPlace implements JobsScreen.Actions, PackScreen.Actions {
    /** Milliseconds without a change after which the bench looks for a better layout. */
    private static final int PAUSE = 400;
    /** Seconds until glue is dry (common practice, no source). */
    private static final double DRY = 1800;

    private final Screens screens;
    private final ProjectStore projects;
    private final JobStore jobs;
    private final StashWork stash;
    private final ExecutorService background = Background.thread("layout search");
    private final LayoutSearch search = new LayoutSearch(background,
            CompletableFuture.delayedExecutor(PAUSE, TimeUnit.MILLISECONDS, background), Platform::runLater);
    private Optional<JobStore.Kept> open = Optional.empty();
    private Optional<JobWork> work = Optional.empty();

    JobPlace(Screens screens, ProjectStore projects, StashWork stash) {
        this.screens = screens;
        this.projects = projects;
        this.jobs = projects.jobs();
        this.stash = stash;
    }

    /** Shows the job that is open, otherwise the newest. */
    void show() {
        List<Problem> problems = new ArrayList<>();
        List<JobStore.Kept> kept = jobs.jobs(problems);
        Optional<Path> wanted = open.map(JobStore.Kept::file);
        open = kept.stream().filter(job -> wanted.isEmpty() || wanted.get().equals(job.file())).findFirst()
                .or(() -> kept.stream().findFirst());
        show(kept, String.join(" ", problems.stream().map(Problem::text).toList()));
    }

    private void show(List<JobStore.Kept> kept, String message) {
        work.ifPresent(JobWork::close);
        work = open.map(job -> new JobWork(job.job(), projects::named, stash, search,
                changed -> jobs.saveSoon(changed, job.file()), screens.ruler().unit()));
        screens.showPlace(
                new JobsScreen(kept, open, work, projects.projects(new ArrayList<>()), stash, format(), message, this),
                open.map(job -> job.job().name()).orElse("Jobs"));
        work.filter(now -> !message.isEmpty()).ifPresent(now -> now.say(message));
    }

    private LengthFormat format() {
        return LengthFormat.of(screens.ruler().unit());
    }

    /** Opens the first job whose name begins so. */
    void open(String beginning) {
        jobs.jobs(new ArrayList<>()).stream().filter(kept -> kept.job().name().startsWith(beginning)).findFirst()
                .ifPresent(this::openJob);
    }

    /** Makes a job of a project, or opens the one that was made of it. */
    void of(String projectFile, String name, int copies) {
        Optional<JobStore.Kept> there = jobs.jobs(new ArrayList<>()).stream()
                .filter(kept -> kept.job().kits().equals(List.of(new KeptJob.KeptKit(projectFile, copies))))
                .findFirst();
        if (there.isPresent()) {
            openJob(there.get());
        } else {
            begin(KeptJob.of(copies + " × " + name, List.of(new KeptJob.KeptKit(projectFile, copies))));
        }
    }

    @Override
    public void newJob() {
        begin(KeptJob.of("New job", List.of()));
    }

    private void begin(KeptJob job) {
        Path file = jobs.newFile(job.name());
        List<JobStore.Kept> kept = new ArrayList<>(List.of(new JobStore.Kept(file, job)));
        kept.addAll(jobs.jobs(new ArrayList<>()));
        jobs.saveSoon(job, file);
        open = Optional.of(kept.get(0));
        show(kept, "");
    }

    @Override
    public void openJob(JobStore.Kept kept) {
        open = Optional.of(kept);
        show();
    }

    @Override
    public void deleteJob() {
        open.ifPresent(kept -> {
            if (screens.dialogs().confirm("Delete “" + work.orElseThrow().job().name() + "”?",
                    "Its list and its ticks are deleted, and nothing is set aside for it any more. Projects and stash "
                            + "stay as they are.",
                    "Delete")) {
                stash.change(Reserving.release(work.orElseThrow().job().name(), stash.stash()));
                jobs.delete(kept.file());
                List<JobStore.Kept> rest = jobs.jobs(new ArrayList<>()).stream()
                        .filter(job -> !job.file().equals(kept.file())).toList();
                open = rest.stream().findFirst();
                show(rest, "");
            }
        });
    }

    @Override
    public void jobTable() {
        work.filter(now -> now.sheet().isPresent())
                .ifPresent(now -> screens.table(new JobTable(now, format()), now::next, now::previous));
    }

    @Override
    public void packJob() {
        work.filter(now -> !now.job().kits().isEmpty())
                .ifPresent(now -> screens.showPlace(new PackScreen(now, format(), this), now.job().name()));
    }

    @Override
    public void job() {
        show();
    }

    @Override
    public Optional<List<String>> names() {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("A table with a column “name”");
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("Tables", "*.csv"));
        Optional<Outcome<List<String>>> read = screens.dialogs().files().open(chooser).map(NamesTable::read);
        read.ifPresent(names -> work.ifPresent(
                now -> now.say(String.join(" ", names.problems().stream().map(Problem::text).toList()))));
        return read.flatMap(Outcome::value);
    }

    @Override
    public void packingList(Packing packing, boolean byKit) {
        paper("packing-list.pdf", () -> PackingHandOut.write(packing, byKit, format(), page()));
    }

    @Override
    public void classSheet(Packing packing) {
        paper("class-sheet.pdf", () -> ClassSheet.write(packing, format(), page()));
    }

    @Override
    public List<String> evening(Packing packing) {
        List<String> lines = new ArrayList<>();
        Evenings.of(packing.plan(), screens.notebookWork().makes(), DRY).ifPresent(plan -> {
            lines.add(Evenings.said(plan, Evenings.USUAL, wantedBy()));
            plan.blocks().forEach(block -> lines.add(Evenings.line(block)));
        });
        return lines;
    }

    /** The day for which the job is set aside. */
    private Optional<LocalDate> wantedBy() {
        return work.flatMap(now -> stash.stash().reservations().stream()
                .filter(one -> one.job().equals(now.job().name()) && !one.by().isEmpty()).findFirst()
                .map(one -> LocalDate.parse(one.by())));
    }

    @Override
    public void labels(Packing packing) {
        screens.dialogs().dress(new LabelsDialog(screens.ruler().unit())).showAndWait().ifPresent(sheet -> {
            LabelPages.Printed printed = KitLabels.write(packing, sheet);
            paper("labels.pdf", printed::pdf);
            if (printed.withoutCode() > 0) {
                work.ifPresent(now -> now.say(now.messageProperty().get()
                        + " The labels are too small for a code that can be read; they have none."));
            }
        });
    }

    private NamedSize page() {
        return PublishedSizes.named(NamedSize.Kind.SHEET, screens.ruler().unit() == LengthUnit.INCH ? "Letter" : "A4")
                .orElseThrow();
    }

    private void paper(String name, Supplier<byte[]> pdf) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle("Write a PDF to print");
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("PDF", "*.pdf"));
        chooser.setInitialFileName(name);
        screens.dialogs().files().save(chooser).ifPresent(file -> work.ifPresent(now -> {
            try {
                AtomicFile.write(file, pdf.get());
                now.say("Written to " + file + ".");
            } catch (IOException fault) {
                now.say(file + " could not be written: " + FileTrouble.reason(fault) + ".");
            }
        }));
    }

    @Override
    public void packTable(PackingSteps steps) {
        work.ifPresent(now -> screens.table(new PackTable(now, steps, format()), () -> packMove(now, steps, 1),
                () -> packMove(now, steps, -1)));
    }

    private static void packMove(JobWork now, PackingSteps steps, int by) {
        now.packAt(Math.max(0, Math.min(steps.size(), now.job().packing().orElseThrow().at() + by)));
    }

    @Override
    public void jobHandOut() {
        work.filter(now -> now.sheet().isPresent()).ifPresent(now -> {
            FileChooser chooser = new FileChooser();
            chooser.setTitle("Write the cutting of the job");
            chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter("PDF", "*.pdf"));
            chooser.setInitialFileName(open.orElseThrow().file().getFileName().toString().replace(".json", ".pdf"));
            screens.dialogs().files().save(chooser).ifPresent(chosen -> handOut(now, chosen));
        });
    }

    /** Writes beside the window, and says how it went. */
    void handOut(JobWork now, Path to) {
        NamedSize page = page();
        JobHandOut.Content content = now.handOut();
        LengthFormat words = format();
        CompletableFuture.runAsync(() -> {
            try {
                AtomicFile.write(to, JobHandOut.write(content, words, page));
                Platform.runLater(() -> now.say("The cutting is written to " + to + "."));
            } catch (IOException fault) {
                Platform.runLater(() -> now
                        .say("The cutting could not be written to " + to + ": " + FileTrouble.reason(fault) + "."));
            }
        }).whenComplete((none, fault) -> {
            if (fault != null) {
                Platform.runLater(() -> {
                    throw new IllegalStateException("the hand-out of a job failed", fault);
                });
            }
        });
    }

    @Override
    public void goTo(Places place) {
        work.ifPresent(JobWork::close);
        work = Optional.empty();
        screens.goTo(place);
    }

    /** What looks for better layouts: of the job or the project that is open, whichever it is. */
    LayoutSearch search() {
        return search;
    }

    Optional<JobWork> work() {
        return work;
    }

    void end() {
        work.ifPresent(JobWork::close);
        search.stop();
        background.shutdown();
    }
}
