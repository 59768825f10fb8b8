package cufflink.desktop.work;

import cufflink.check.Verdict;
import cufflink.design.DesignDefinition;
import cufflink.files.design.DesignLibrary;
import cufflink.fit.Wish;
import cufflink.measure.RulerStep;
import cufflink.paper.Contents;
import cufflink.paper.NamedSize;
import cufflink.paper.PaperRole;
import cufflink.paper.PublishedSizes;
import cufflink.paper.Stock;
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
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.Executor;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The shelf beside the window: every design planned as a new project on the maker's ruler, and how the projects on the
 * go stand. What was planned lately is kept. A new look at the shelf ends the one before; nothing more is heard of it.
 */
public final class ShelfWork {
    private static final List<String> GROUPS = List.of("card base", "gift card holder", "pocket", "folio", "set",
            "finishing");

    /** All designs from every sheet that the shelf asks for, and some tries more. */
    private static final int MOST = 400;

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
    public record Shelf(List<ShelfCard> found, List<Refused> refused, int made, boolean complete) {
        public static final Shelf EMPTY = new Shelf(List.of(), List.of(), 0, false);

        public Shelf {
            found = List.copyOf(found);
            refused = List.copyOf(refused);
        }

        /** The same designs in another order. */
        private Shelf inOrder(List<String> ids) {
            return new Shelf(found.stream().sorted(Comparator.comparing(card -> ids.indexOf(card.head().id())))
                    .toList(), refused, made, complete);
        }
    }

    /** Where whole shelves are kept from one look to the next, and from one start to the next. */
    public interface Keep {
        /** Keeps nothing. */
        Keep NOTHING = new Keep() {
            @Override
            public Optional<Shelf> read(RulerStep ruler, Wanted wanted) {
                return Optional.empty();
            }

            @Override
            public void keep(RulerStep ruler, Wanted wanted, Shelf shelf) {
                // Nothing is kept.
            }
        };

        /** What stood on the shelf for the same wish, if nothing that matters has changed since. */
        Optional<Shelf> read(RulerStep ruler, Wanted wanted);

        void keep(RulerStep ruler, Wanted wanted, Shelf shelf);
    }

    /**
     * What the maker looks for: designs for all uses that come out of one of the sheets, any if there are none.
     *
     * @param holds what their pockets must hold
     * @param into  the envelope that they must go into
     * @param dress the papers that they are shown in
     */
    public record Wanted(List<String> uses, List<String> sheets, Optional<Contents> holds, Optional<NamedSize> into,
            Dress dress) {
        public static final Wanted ANYTHING = new Wanted(List.of(), List.of(), Optional.empty(), Optional.empty(),
                Dress.PLAIN);

        private boolean isKept(Plan plan) {
            return holds.filter(item -> plan.verdict() == Verdict.BAD || !plan.design().isMadeFor(item)).isEmpty()
                    && (into.isEmpty() || plan.checks().stream()
                            .anyMatch(check -> check.id().equals("envelope") && check.verdict() != Verdict.BAD));
        }

        /** A project in each of the ways that would do, the likeliest first. */
        List<Project> ways(Project project) {
            return fitted(project).stream().flatMap(fitted -> sheets.isEmpty() ? Stream.of(fitted)
                    : sheets.stream().map(sheet -> from(sheet, fitted))).toList();
        }

        private List<Project> fitted(Project project) {
            Project posted = into.isPresent() ? project.withEnvelope(into) : project;
            return holds.isPresent() ? List.of(posted.withWish(new Wish.Holding(holds.get())))
                    : into.isPresent()
                            ? List.of(project.withWish(
                                    new Wish.InEnvelope(into.get(), Wish.InEnvelope.usualEase(project.unit()))), posted)
                    : List.of(project);
        }
    }

    /** Papers that are tried on all designs: one for what they are cut from, one for their layers. */
    public record Dress(Optional<Stock> card, Optional<Stock> layers) {
        public static final Dress PLAIN = new Dress(Optional.empty(), Optional.empty());

        private Project on(Project project) {
            Project dressed = project;
            for (PaperRole role : project.design().materials()) {
                dressed = card.isPresent() ? dressed.withPaper(role, card.get()) : dressed;
            }
            for (PaperRole role : project.papers().layers()) {
                dressed = layers.isPresent() ? dressed.withPaper(role, layers.get()) : dressed;
            }
            return dressed;
        }
    }

    /** Is told of the shelf on the window's thread, as it fills. */
    public interface Listener {
        void shown(Shelf shelf);

        /** So many checks of a project are bad; one if it cannot be planned at all. */
        void stands(Project project, long bad);
    }

    private final DesignLibrary library;
    private final Keep keep;
    private final Executor background;
    private final Executor window;
    private final List<DesignDefinition> designs;
    private final AtomicInteger current = new AtomicInteger();
    private Wanted lately = Wanted.ANYTHING;
    private BiConsumer<RulerStep, Wanted> told = (ruler, wanted) -> {};
    /** These three are the background's own; {@code worked} counts what had to be planned. */
    private int worked;
    private final Map<Project, Outcome<Plan>> plans = new LinkedHashMap<>();
    private final Map<Project, Long> bad = new LinkedHashMap<>();

    /**
     * The shelf of a library.
     *
     * @param keep       where whole shelves are kept; asked and told in the background
     * @param background runs one look at the shelf after the other
     * @param window     hands what is found to the window's thread
     */
    public ShelfWork(DesignLibrary library, Keep keep, Executor background, Executor window) {
        this.library = library;
        this.keep = keep;
        this.background = background;
        this.window = window;
        designs = library.designs().values().stream()
                .sorted(Comparator.comparing((DesignDefinition design) -> order(design.head().group()))).toList();
    }

    private static int order(String group) {
        int place = GROUPS.indexOf(group);
        return place < 0 ? Integer.MAX_VALUE : place;
    }

    /** Every use that a design says it has; what it holds is worked out instead. */
    public Collection<String> uses() {
        Set<String> held = Contents.known().stream().map(item -> "hold a " + item.name()).collect(Collectors.toSet());
        TreeSet<String> uses = new TreeSet<>();
        designs.forEach(design -> uses.addAll(design.head().uses()));
        uses.removeAll(held);
        return uses;
    }

    /** Begins where the shelf was left; {@code kept} is told whenever it is looked at anew. */
    public void goOn(Wanted left, BiConsumer<RulerStep, Wanted> kept) {
        lately = left;
        told = kept;
    }

    /** What was looked for last. */
    public Wanted lately() {
        return lately;
    }

    /**
     * Looks at the shelf; the listener is told at least once, at last of all of it.
     *
     * @param projects the latest first: their designs stand first in their sections
     * @return by which it is left again
     */
    public int look(RulerStep ruler, Wanted wanted, List<Project> projects, Listener listener) {
        lately = wanted;
        told.accept(ruler, wanted);
        int own = current.incrementAndGet();
        List<String> made = projects.stream().map(project -> project.design().id()).toList();
        List<DesignDefinition> ordered = designs.stream()
                .sorted(Comparator.comparing((DesignDefinition design) -> order(design.head().group()))
                        .thenComparing(design -> made.contains(design.id()) ? made.indexOf(design.id()) : made.size()))
                .toList();
        background.execute(() -> {
            fill(own, ordered, ruler, wanted, listener);
            projects.forEach(project -> {
                if (own == current.get()) {
                    long count = bad.computeIfAbsent(project, ShelfWork::bad);
                    tell(own, () -> listener.stands(project, count));
                }
            });
        });
        return own;
    }

    /** Nobody looks any more; nothing changes if somebody looks anew already, as the next screen does. */
    public void leave(int look) {
        current.compareAndSet(look, look + 1);
    }

    /** Does something on the window's thread when all that was asked for so far has been looked at. */
    public void afterwards(Runnable action) {
        background.execute(() -> window.execute(action));
    }

    /**
     * The project that a design on the shelf stands for.
     *
     * @param wanted what was looked for when it was set out
     */
    public Project asShown(ShelfCard card, RulerStep ruler, Wanted wanted) {
        return wanted.ways(asked(library.designs().get(card.head().id()), ruler, wanted)).get(card.way());
    }

    private static Project asked(DesignDefinition design, RulerStep ruler, Wanted wanted) {
        return wanted.dress().on(Project.of(design, ruler));
    }

    private void fill(int own, List<DesignDefinition> ordered, RulerStep ruler, Wanted wanted, Listener listener) {
        if (own != current.get()) {
            return;
        }
        Optional<Shelf> known = keep.read(ruler, wanted);
        if (known.isPresent()) {
            tell(own, listener, known.get().inOrder(ordered.stream().map(DesignDefinition::id).toList()));
            return;
        }
        List<ShelfCard> found = new ArrayList<>();
        List<Refused> refused = new ArrayList<>();
        int made = 0;
        library.refused().forEach((file, problems) -> refused.add(new Refused(file, reason(problems))));
        for (DesignDefinition design : ordered) {
            if (own != current.get()) {
                return;
            }
            Project project = asked(design, ruler, wanted);
            int before = worked;
            Outcome<Plan> planned = planned(project);
            planned.value().flatMap(plan -> asWanted(plan, wanted)).ifPresent(found::add);
            if (planned.value().isEmpty()) {
                refused.add(new Refused(design.title(), reason(planned.problems())));
                continue;
            }
            made++;
            if (worked > before) {
                tell(own, listener, new Shelf(found, refused, made, false));
            }
        }
        Shelf all = new Shelf(found, refused, made, true);
        keep.keep(ruler, wanted, all);
        tell(own, listener, all);
    }

    /** The plan of a project; the latest {@link #MOST} are kept, whatever papers and sheets were tried before. */
    private Outcome<Plan> planned(Project project) {
        Outcome<Plan> known = plans.remove(project);
        Outcome<Plan> planned = known == null ? Planner.plan(project) : known;
        worked += known == null ? 1 : 0;
        plans.put(project, planned);
        if (plans.size() > MOST) {
            plans.remove(plans.keySet().iterator().next());
        }
        return planned;
    }

    /** The design as it is wanted, in the first of the ways that gives it; absent where none does. */
    private Optional<ShelfCard> asWanted(Plan plan, Wanted wanted) {
        if (!plan.project().design().head().uses().containsAll(wanted.uses())) {
            return Optional.empty();
        }
        List<Project> ways = wanted.ways(plan.project());
        return IntStream.range(0, ways.size()).boxed()
                .flatMap(way -> planned(ways.get(way)).value().stream()
                        .filter(found -> wanted.sheets().isEmpty() || found.layout().unplaced().isEmpty())
                        .filter(wanted::isKept)
                        .map(found -> ShelfCard.of(found, plan.project().step()).at(way)))
                .findFirst();
    }

    /** Everything from sheets of one size. */
    private static Project from(String sheet, Project project) {
        NamedSize size = PublishedSizes.named(NamedSize.Kind.SHEET, sheet).orElseThrow();
        Project sized = project;
        for (PaperRole role : project.design().materials()) {
            sized = sized.withPaper(role, project.paper(role).inSheets(size.width(), size.height()));
        }
        return sized;
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
