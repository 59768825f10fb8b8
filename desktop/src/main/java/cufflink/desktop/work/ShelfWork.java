package cufflink.desktop.work;

import cufflink.check.Verdict;
import cufflink.design.DesignDefinition;
import cufflink.desktop.work.ShelfWork.OnShelf;
import cufflink.desktop.work.ShelfWork.Refused;
import cufflink.desktop.work.ShelfWork.Shelf;
import cufflink.files.design.DesignLibrary;
import cufflink.measure.RulerStep;
import cufflink.paper.NamedSize;
import cufflink.paper.PaperRole;
import cufflink.paper.PublishedSizes;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * The shelf beside the window: every design planned as a new project on the maker's ruler, and how the projects on the
 * go stand. What was planned once is kept. A new look at the shelf ends the one before; nothing more is heard of it.
 */
public final class ShelfWork {
    private static final List<String> GROUPS = List.of("card base", "gift card holder", "pocket", "folio", "finishing");

    /** A design with its plan as a new project. */
    public record OnShelf(DesignDefinition design, Plan plan) {
    }

    /** A design that cannot be made, and why. */
    public record Refused(String name, String reason) {
    }

    /**
     * What stands on the shelf.
     *
     * @param found    the designs that do what was asked for, in the order of the shelf
     * @param refused  whatever is asked for
     * @param made     how many designs there are that can be made
     * @param complete whether nothing more will come
     */
    public record Shelf(List<OnShelf> found, List<Refused> refused, int made, boolean complete) {
    }

    /** What the maker looks for: designs for all uses that come out of one of the sheets, any if there are none. */
    public record Wanted(List<String> uses, List<String> sheets) {
        public static final Wanted ANYTHING = new Wanted(List.of(), List.of());
    }

    /** Is told of the shelf on the window's thread, as it fills. */
    public interface Listener {
        void shown(Shelf shelf);

        /** So many checks of a project are bad; one if it cannot be planned at all. */
        void stands(Project project, long bad);
    }

    private record Fit(String sheet, Project project) {
    }

    private final DesignLibrary library;
    private final Executor background;
    private final Executor window;
    private final List<DesignDefinition> designs;
    private final AtomicInteger current = new AtomicInteger();
    /** These three are the background's own. */
    private final Map<Project, Outcome<Plan>> plans = new LinkedHashMap<>();
    private final Map<Fit, Boolean> fits = new LinkedHashMap<>();
    private final Map<Project, Long> bad = new LinkedHashMap<>();

    /**
     * The shelf of a library.
     *
     * @param background runs one look at the shelf after the other
     * @param window     hands what is found to the window's thread
     */
    public ShelfWork(DesignLibrary library, Executor background, Executor window) {
        this.library = library;
        this.background = background;
        this.window = window;
        designs = library.designs().values().stream()
                .sorted(Comparator.comparing((DesignDefinition design) -> order(design.head().group()))).toList();
    }

    private static int order(String group) {
        int place = GROUPS.indexOf(group);
        return place < 0 ? Integer.MAX_VALUE : place;
    }

    /** Every use that a design says it has. */
    public Collection<String> uses() {
        TreeSet<String> uses = new TreeSet<>();
        designs.forEach(design -> uses.addAll(design.head().uses()));
        return uses;
    }

    /** Looks at the shelf; the listener is told at least once, at last of all of it. */
    public void look(RulerStep ruler, Wanted wanted, List<Project> projects, Listener listener) {
        int own = current.incrementAndGet();
        background.execute(() -> {
            fill(own, ruler, wanted, listener);
            projects.forEach(project -> {
                if (own == current.get()) {
                    long count = bad.computeIfAbsent(project, ShelfWork::bad);
                    tell(own, () -> listener.stands(project, count));
                }
            });
        });
    }

    /** Nobody looks any more. */
    public void leave() {
        current.incrementAndGet();
    }

    /** Does something on the window's thread when all that was asked for so far has been looked at. */
    public void afterwards(Runnable action) {
        background.execute(() -> window.execute(action));
    }

    private void fill(int own, RulerStep ruler, Wanted wanted, Listener listener) {
        List<OnShelf> found = new ArrayList<>();
        List<Refused> refused = new ArrayList<>();
        int made = 0;
        library.refused().forEach((file, problems) -> refused.add(new Refused(file, reason(problems))));
        for (DesignDefinition design : designs) {
            if (own != current.get()) {
                return;
            }
            Project project = Project.of(design, ruler);
            boolean isNew = !plans.containsKey(project);
            Outcome<Plan> planned = plans.computeIfAbsent(project, Planner::plan);
            planned.value().filter(plan -> isWanted(project, wanted))
                    .ifPresent(plan -> found.add(new OnShelf(design, plan)));
            if (planned.value().isEmpty()) {
                refused.add(new Refused(design.title(), reason(planned.problems())));
                continue;
            }
            made++;
            if (isNew) {
                tell(own, listener, new Shelf(List.copyOf(found), List.copyOf(refused), made, false));
            }
        }
        tell(own, listener, new Shelf(found, refused, made, true));
    }

    private boolean isWanted(Project project, Wanted wanted) {
        return project.design().head().uses().containsAll(wanted.uses())
                && (wanted.sheets().isEmpty() || wanted.sheets().stream()
                        .anyMatch(sheet -> fits.computeIfAbsent(new Fit(sheet, project), ShelfWork::comesOut)));
    }

    /** Whether a design comes out of one sheet after the other of a size. */
    private static boolean comesOut(Fit fit) {
        NamedSize size = PublishedSizes.named(NamedSize.Kind.SHEET, fit.sheet()).orElseThrow();
        Project project = fit.project();
        for (PaperRole role : project.design().materials()) {
            project = project.withPaper(role, project.paper(role).inSheets(size.width(), size.height()));
        }
        return Planner.plan(project).value().map(plan -> plan.layout().unplaced().isEmpty()).orElse(false);
    }

    private static long bad(Project project) {
        return Planner.plan(project).value()
                .map(plan -> plan.checks().stream().filter(check -> check.verdict() == Verdict.BAD).count()).orElse(1L);
    }

    /** The first reason, and how many more there are. */
    private static String reason(List<Problem> problems) {
        return problems.get(0).text() + (problems.size() > 1 ? " And " + (problems.size() - 1) + " more." : "");
    }

    private void tell(int own, Listener listener, Shelf shelf) {
        tell(own, () -> listener.shown(shelf));
    }

    private void tell(int own, Runnable news) {
        window.execute(() -> {
            if (own == current.get()) {
                news.run();
            }
        });
    }
}
