package cufflink.desktop.work;

import cufflink.files.handout.JobHandOut;
import cufflink.files.project.KeptJob;
import cufflink.files.project.KeptPacking;
import cufflink.job.Job;
import cufflink.job.JobCutting;
import cufflink.job.JobMessages;
import cufflink.job.JobPlan;
import cufflink.job.JobPlanner;
import cufflink.job.JobSheet;
import cufflink.job.JobStrand;
import cufflink.job.JobTaking;
import cufflink.job.Kit;
import cufflink.job.StrandNeed;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.paper.BenchTools;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.stash.Stash;
import cufflink.stash.StashRibbon;
import cufflink.stash.StashTaking;
import cufflink.words.SupplyWords;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.value.ChangeListener;

/**
 * One open job: its kits, its plan as far as the search has come, and, from the first cut on, its sheets and which of
 * them are done. Every change is saved at once. To be used on one thread; the search runs beside it.
 */
public final class JobWork {
    /** A state to go back to, and the paper that the step after it took out of the stash. */
    private record Step(KeptJob job, Optional<StashTaking> took) {
    }

    private final Function<String, Outcome<Project>> projects;
    private final StashWork stash;
    private final LayoutSearch search;
    private final Consumer<KeptJob> save;
    private final LengthUnit unit;
    private final Deque<Step> undo = new ArrayDeque<>();
    private final Deque<Step> redo = new ArrayDeque<>();
    private final ReadOnlyObjectWrapper<KeptJob> job = new ReadOnlyObjectWrapper<>(this, "job");
    private final ReadOnlyObjectWrapper<Optional<JobPlan>> plan = new ReadOnlyObjectWrapper<>(this, "plan",
            Optional.empty());
    private final ReadOnlyObjectWrapper<List<JobSheet>> sheets = new ReadOnlyObjectWrapper<>(this, "sheets", List.of());
    private final ReadOnlyBooleanWrapper searching = new ReadOnlyBooleanWrapper(this, "searching", false);
    private final ChangeListener<Stash> onStash;
    private final ReadOnlyObjectWrapper<String> message = new ReadOnlyObjectWrapper<>(this, "message", "");

    /**
     * Opens a job and plans it.
     *
     * @param projects finds a project by its file
     * @param save     keeps a new state
     * @param unit     of the maker's tools if the stash does not state them
     */
    public JobWork(KeptJob opened, Function<String, Outcome<Project>> projects, StashWork stash, LayoutSearch search,
            Consumer<KeptJob> save, LengthUnit unit) {
        this.projects = projects;
        this.stash = stash;
        this.search = search;
        this.save = save;
        this.unit = unit;
        this.onStash = (property, was, is) -> job.set(asStashed(job()));
        job.set(opened);
        adopt();
        job.set(asStashed(job()));
        stash.stashProperty().addListener(onStash);
        replan();
    }

    /** Lets go of the stash and ends the search; the job is not to be used any more. */
    public void close() {
        stash.stashProperty().removeListener(onStash);
        search.stop();
    }

    /** Tells the stash of sheets that were taken before it kept account of them. */
    private void adopt() {
        job().cutting().filter(cutting -> cutting.id().isEmpty()).ifPresent(cutting -> {
            JobCutting known = cutting.withId(newId());
            if (!cutting.out().isEmpty()) {
                stash.noteTaken(new StashTaking(newId(), known.id(), cutting.out(), false));
            }
            show(job().withCutting(Optional.of(known)));
        });
    }

    private static String newId() {
        return UUID.randomUUID().toString();
    }

    /** A job with its sheets out of the stash as the stash has them. */
    private KeptJob asStashed(KeptJob kept) {
        return kept.withCutting(
                kept.cutting().map(cutting -> stash.taken(cutting.id()).map(cutting::withTaken).orElse(cutting)));
    }

    public ReadOnlyObjectProperty<KeptJob> jobProperty() {
        return job.getReadOnlyProperty();
    }

    public KeptJob job() {
        return job.get();
    }

    /** The plan; empty while there is none. */
    public ReadOnlyObjectProperty<Optional<JobPlan>> planProperty() {
        return plan.getReadOnlyProperty();
    }

    /** The sheets to cut: those of the plan, or, once cutting has begun, those that were fixed then. */
    public ReadOnlyObjectProperty<List<JobSheet>> sheetsProperty() {
        return sheets.getReadOnlyProperty();
    }

    /** Whether a better plan is being looked for. */
    public ReadOnlyBooleanProperty searchingProperty() {
        return searching.getReadOnlyProperty();
    }

    public ReadOnlyObjectProperty<String> messageProperty() {
        return message.getReadOnlyProperty();
    }

    public void say(String text) {
        message.set(text);
    }

    /** The maker's tools, or usual ones if the stash does not state them. */
    public BenchTools tools() {
        return stash.stash().tools().orElse(BenchTools.usual(unit));
    }

    /** What is printed of the job as it stands. */
    public JobHandOut.Content handOut() {
        List<String> made = IntStream.range(0, job().kits().size()).mapToObj(kit -> job().kits().get(kit).copies()
                + " × " + project(kit).map(Project::name).orElse(job().kits().get(kit).project())).toList();
        return new JobHandOut.Content(job().name(), made,
                plan.get().map(JobMessages::headline).orElse(sheets.get().size() + " sheets"),
                plan.get().map(JobPlan::purchases).orElse(List.of()),
                JobMessages.strands(strands(), stash.stash(), LengthFormat.of(unit)),
                sheets.get());
    }

    /** Ribbon and string: of the plan, or, once cutting has begun, what was fixed then. */
    public List<StrandNeed> strands() {
        return job().cutting().map(cutting -> cutting.strands().stream().map(JobStrand::need).toList())
                .orElseGet(() -> plan.get().map(JobPlan::strands).orElse(List.of()));
    }

    public boolean isCutting() {
        return job().cutting().isPresent();
    }

    /** The sheet in hand; absent while there is no plan. */
    public Optional<JobSheet> sheet() {
        return job().sheet() < sheets.get().size() ? Optional.of(sheets.get().get(job().sheet())) : Optional.empty();
    }

    /** The project of a kit; absent if its file cannot be read. */
    public Optional<Project> project(int kit) {
        return projects.apply(job().kits().get(kit).project()).value();
    }

    /** Changes the job as one step to undo, and plans it anew. */
    public void change(UnaryOperator<KeptJob> edit) {
        KeptJob next = edit.apply(job());
        if (!next.equals(job())) {
            step(next, Optional.empty());
            replan();
        }
    }

    /** Packs the job otherwise, as one step to undo. */
    public void pack(KeptPacking packing) {
        KeptJob next = job().withPacking(Optional.of(packing));
        if (!next.equals(job())) {
            step(next, Optional.empty());
        }
    }

    /** Goes to a step of the packing. */
    public void packAt(int step) {
        show(job().withPacking(job().packing().map(packing -> packing.at(step))));
    }

    /**
     * The first plan of the whole job, whatever is cut of it, from the stash as it is now; to be asked beside the
     * window.
     */
    public Outcome<JobPlan> planAnew() {
        Stash from = stash.stash();
        return wanted().then(wanted -> JobPlanner.plan(wanted, from));
    }

    private void step(KeptJob next, Optional<StashTaking> took) {
        undo.push(new Step(job(), took));
        redo.clear();
        show(next);
    }

    private void show(KeptJob next) {
        KeptJob shown = asStashed(next);
        job.set(shown);
        save.accept(shown);
    }

    /**
     * Takes the last step back, with the paper that it took; if the stash refuses that, nothing changes and the message
     * says why.
     */
    public void undo() {
        travel(undo, redo, step -> step.took().map(stash::putBack).orElseGet(() -> keepsWhatIsOut(step.job())));
    }

    /** A cutting whose sheets are out of the stash is not given up by going back: they would belong to nothing. */
    private boolean keepsWhatIsOut(KeptJob next) {
        Optional<JobCutting> out = job().cutting().filter(cutting -> !cutting.out().isEmpty());
        boolean kept = out.isEmpty()
                || next.cutting().filter(cutting -> cutting.id().equals(out.get().id())).isPresent();
        if (!kept) {
            stash.say(
                    "This step cannot be taken back: sheets of this cutting are out of the stash. Put them back in "
                            + "the stash first (Undo there).");
        }
        return kept;
    }

    /**
     * Does again what was taken back, with the paper that it takes; if the stash refuses that, nothing changes and the
     * message says why.
     */
    public void redo() {
        travel(redo, undo, step -> step.took().isEmpty() || stash.takeAgain(step.took().get(),
                () -> JobTaking.change(job().name(), step.job().cutting().orElseThrow(), step.took().get(),
                        stash.stash())));
    }

    private void travel(Deque<Step> from, Deque<Step> to, Predicate<Step> inStash) {
        if (from.isEmpty()) {
            message.set("There is nothing to take back or to do again.");
            return;
        }
        Step step = from.peek();
        if (!inStash.test(step)) {
            message.set(stash.messageProperty().get());
            return;
        }
        from.pop();
        to.push(new Step(job(), step.took()));
        show(step.job());
        replan();
        if (step.took().isPresent()) {
            message.set(stash.messageProperty().get());
        }
    }

    /** Plans the job from the stash as it is now. */
    public void replan() {
        search.stop();
        if (job().cutting().isPresent()) {
            sheets.set(job().cutting().get().sheets());
            searching.set(false);
            return;
        }
        Outcome<Job> read = wanted();
        if (read.value().isEmpty()) {
            plan.set(Optional.empty());
            sheets.set(List.of());
            searching.set(false);
            message.set(job().kits().isEmpty() ? "" : text(read.problems()));
            return;
        }
        message.set("");
        searching.set(true);
        Job wanted = read.value().get();
        Stash from = stash.stash();
        search.start(() -> JobPlanner.plan(wanted, from), JobWork::improve, new LayoutSearch.Listener<JobPlan>() {
            @Override
            public void found(JobPlan better) {
                plan.set(Optional.of(better));
                sheets.set(better.sheets());
                job.set(job().at(Math.min(job().sheet(), Math.max(0, better.layout().sheets().size() - 1)), 0));
            }

            @Override
            public void failed(List<Problem> reasons) {
                plan.set(Optional.empty());
                sheets.set(List.of());
                message.set(text(reasons));
            }

            @Override
            public void ended() {
                searching.set(false);
            }
        });
    }

    /** The job with its projects as they are now, or why it cannot be planned. */
    private Outcome<Job> wanted() {
        List<Kit> kits = new ArrayList<>();
        List<Problem> problems = new ArrayList<>();
        for (KeptJob.KeptKit kit : job().kits()) {
            Outcome<Project> project = projects.apply(kit.project());
            project.value().ifPresent(found -> kits.add(new Kit(found, kit.copies())));
            project.problems().stream().filter(Problem::isError).forEach(problems::add);
        }
        if (job().kits().isEmpty()) {
            problems.add(Problem.error(job().name(), SupplyWords.EMPTY.of()));
        }
        return problems.isEmpty()
                ? Outcome.of(new Job(job().name(), kits, job().alternatives(), job().sparePercent(), tools()))
                : Outcome.failed(problems);
    }

    /** Tells of what changes the number of sheets or the bound; the finer points come at the end. */
    private static JobPlan improve(JobPlan known, BooleanSupplier stop, Consumer<JobPlan> better) {
        return JobPlanner.improve(known, stop, found -> {
            if (found.layout().sheets().size() < known.layout().sheets().size()
                    || found.layout().bound() > known.layout().bound()) {
                better.accept(found);
            }
        });
    }

    private static String text(List<Problem> problems) {
        return String.join(" ", problems.stream().map(Problem::text).toList());
    }

    /** Ends the search for a better plan; the best one so far stays. */
    public void stopSearch() {
        search.stop();
        searching.set(false);
    }

    /** Fixes the sheets of the plan and begins with the first. */
    public void beginCutting() {
        if (plan.get().isPresent() && !isCutting()) {
            stopSearch();
            step(job().withCutting(Optional.of(JobCutting.begin(newId(), sheets.get(), strands()))).at(0, 0),
                    Optional.empty());
        }
    }

    /**
     * Gives the sheets up that are not cut, and plans again what is still wanted from what the stash now gives; what is
     * cut stays cut.
     */
    public void layOutAgain() {
        Optional<JobCutting> begun = job().cutting().filter(cutting -> cutting.doneCount() > 0);
        if (begun.isEmpty()) {
            change(kept -> kept.withCutting(Optional.empty()).at(0, 0));
            return;
        }
        Outcome<JobPlan> rest = wanted()
                .then(wanted -> JobPlanner.plan(wanted.withMade(begun.get().made()), stash.stash()));
        Optional<JobCutting> next = rest.value()
                .flatMap(planned -> begun.get().withRest(planned.sheets(), planned.strands()));
        if (next.isEmpty()) {
            message.set(rest.value().isPresent()
                    ? "Fewer sheets are enough now than lie before one that is out of the stash. Put that one back "
                            + "first (Undo in the stash), or cut the sheets before it."
                    : text(rest.problems()));
            return;
        }
        step(job().withCutting(next).at(Math.max(0, next.get().nextOpen(-1)), 0), Optional.empty());
        message.set("What is cut stays cut: " + begun.get().doneCount()
                + (begun.get().doneCount() == 1 ? " sheet." : " sheets.") + " The rest is laid out anew.");
    }

    /** Looks at a sheet. */
    public void goTo(int sheet) {
        if (sheet >= 0 && sheet < sheets.get().size()) {
            show(job().at(sheet, 0));
        }
    }

    /**
     * The next cut; after the last one the sheet is done and the next open one comes. Before cutting has begun, the
     * next sheet.
     */
    public void next() {
        int cuts = sheet().map(sheet -> sheet.layout().cuts().size()).orElse(0);
        if (job().cut() + 1 < cuts) {
            show(job().at(job().sheet(), job().cut() + 1));
        } else if (isCutting()) {
            setDone(true);
        } else {
            goTo(job().sheet() + 1);
        }
    }

    /** The cut before, or the sheet before. */
    public void previous() {
        if (job().cut() > 0) {
            show(job().at(job().sheet(), job().cut() - 1));
        } else {
            goTo(job().sheet() - 1);
        }
    }

    /** Picks a cut of the sheet in hand. */
    public void pickCut(int cut) {
        show(job().at(job().sheet(), cut));
    }

    /** Ticks the sheet in hand and goes on to the next open one, or takes its tick away. */
    public void setDone(boolean done) {
        job().cutting().ifPresent(cutting -> {
            if (!done && cutting.taken().get(job().sheet())) {
                message.set("This sheet has already left the stash. Take that back first.");
                return;
            }
            JobCutting ticked = cutting.withDone(job().sheet(), done);
            step(job().withCutting(Optional.of(ticked)).at(done ? ticked.nextOpen(job().sheet()) : job().sheet(), 0),
                    Optional.empty());
            if (ticked.doneCount() == ticked.sheets().size()) {
                message.set("Every sheet is cut."
                        + (ticked.toTake().isEmpty() ? "" : " Take the paper out of the stash now."));
            }
        });
    }

    /** Ticks a kind of ribbon, all lengths of which are cut, or takes its tick away. */
    public void setStrandDone(JobStrand strand, boolean done) {
        if (!done && strand.taken()) {
            message.set("This has already left the stash. Take that back first.");
            return;
        }
        job().cutting().ifPresent(cutting -> step(
                job().withCutting(Optional.of(cutting.withStrandDone(strand.need().id(), done))), Optional.empty()));
    }

    /** Cuts a kind of ribbon from other reels of the stash. */
    public void cutFrom(JobStrand strand, List<StashRibbon> reels) {
        job().cutting().map(cutting -> cutting.withReels(strand.need().id(), reels))
                .filter(next -> !job().cutting().equals(Optional.of(next)))
                .ifPresent(next -> step(job().withCutting(Optional.of(next)), Optional.empty()));
    }

    /** Takes what is cut out of the stash, and puts the offcuts into it, as one change. */
    public void take() {
        job().cutting().filter(cutting -> !cutting.toTake().isEmpty()).ifPresent(cutting -> {
            KeptJob before = job();
            StashTaking taking = new StashTaking(newId(), cutting.id(), cutting.toTake(), false);
            if (stash.change(JobTaking.change(before.name(), cutting, taking, stash.stash()))) {
                undo.push(new Step(before, Optional.of(taking)));
                redo.clear();
                show(before);
            }
            message.set(stash.messageProperty().get());
        });
    }
}
