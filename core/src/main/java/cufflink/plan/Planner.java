package cufflink.plan;

import cufflink.check.Check;
import cufflink.check.CheckSubject;
import cufflink.check.Checker;
import cufflink.check.Verdict;
import cufflink.cut.Along;
import cufflink.cut.CutJob;
import cufflink.cut.CutPiece;
import cufflink.cut.GrainCost;
import cufflink.cut.GuillotinePlanner;
import cufflink.cut.LayoutPlan;
import cufflink.cut.LayoutPlanner;
import cufflink.cut.StockSheet;
import cufflink.cut.TrimmerThenKnife;
import cufflink.design.Facts;
import cufflink.design.Given;
import cufflink.design.MeasureReader;
import cufflink.design.SizedDesign;
import cufflink.fit.FitAnswer;
import cufflink.fit.Fitter;
import cufflink.fit.SheetUse;
import cufflink.fit.Wish;
import cufflink.fold.Assembly;
import cufflink.fold.GluePatch;
import cufflink.mat.MatLayer;
import cufflink.measure.Length;
import cufflink.paper.PaperRole;
import cufflink.paper.Stock;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.score.ScoreLister;
import cufflink.score.ScoreSetup;
import cufflink.stack.PosedDesign;
import cufflink.stack.StackedDesign;
import cufflink.words.CheckWords;
import cufflink.words.Message;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.Collectors;

/** The one door: works a project out. */
public final class Planner {
    /** Grams per square metre from which card may crack in a fold across its fibres (common practice). */
    private static final double HEAVY = 200;
    private static final LayoutPlanner LAYOUTS = new TrimmerThenKnife(new GuillotinePlanner());

    private final Project project;
    private final List<Problem> problems = new ArrayList<>();

    private Planner(Project project) {
        this.project = project;
    }

    /**
     * The plan, or every reason why there is none. The same project always gets an equal plan. A fault of the program
     * is such a reason, too.
     */
    public static Outcome<Plan> plan(Project project) {
        try {
            return new Planner(project).plan();
        } catch (RuntimeException | StackOverflowError fault) {
            return Outcome.failed(Problem.unforeseen(project.name(), fault));
        }
    }

    /**
     * What the later stages find out about a project at its own measures, whatever it is to be fitted to; nothing where
     * no measure asks for it, or where it cannot be made.
     */
    public static Facts facts(Project project) {
        Planner planner = new Planner(project);
        Given given = planner.given();
        if (Facts.asking(project.design()).isEmpty() || !planner.problems.isEmpty()) {
            return Facts.NONE;
        }
        Stages stages = new Stages(project);
        return stages.sized(given).value().map(stages::facts).orElse(Facts.NONE);
    }

    private Outcome<Plan> plan() {
        Given given = given();
        if (problems.stream().anyMatch(Problem::isError)) {
            return Outcome.failed(problems);
        }
        Stages stages = new Stages(project);
        Outcome<FitAnswer> fitted = Fitter.fit(project.design(), project.wish(),
                new ProjectFit(project, stages, given, LAYOUTS));
        if (fitted.value().isEmpty()) {
            return Outcome.failed(fitted.problems());
        }
        FitAnswer answer = fitted.value().get();
        Outcome<StackedDesign> stacked = stages.stacked(answer.design());
        if (stacked.value().isEmpty()) {
            return Outcome.failed(stacked.problems());
        }
        List<Problem> notices = new ArrayList<>(answer.notices());
        notices.addAll(stacked.problems());
        ChangeFinder.square(project, answer.design().measures()).ifPresent(notices::add);
        return Outcome.of(told(workings(answer, stacked.value().get()), notices), notices);
    }

    private Given given() {
        Map<String, Length> calipers = new LinkedHashMap<>();
        project.design().materials()
                .forEach(material -> calipers.put(material.toString(), project.paper(material).caliper()));
        Given given = Given.defaults(project.step(), project.card().caliper()).on(calipers);
        given = project.tools().onGrooves() ? given.onGrooves(project.tools().grooveStep()) : given;
        for (Map.Entry<String, String> entry : project.set().entrySet()) {
            Outcome<Given> next = MeasureReader.set(project.design(), given, entry.getKey(), entry.getValue());
            problems.addAll(next.problems());
            given = next.value().orElse(given);
        }
        return given;
    }

    private Workings workings(FitAnswer answer, StackedDesign stacked) {
        List<ScoreSetup> scores = stacked.design().pieces().stream().flatMap(piece -> ScoreLister
                .list(piece, stacked.pieces().get(piece.id()).pattern(), project.scoring()).stream()).toList();
        return new Workings(project, answer, PosedDesign.of(stacked, project.step()), glued(stacked),
                LAYOUTS.plan(job(stacked.design(), stacked.mats())),
                scores);
    }

    private static Map<String, GluePatch> glued(StackedDesign stacked) {
        Map<String, GluePatch> glued = new LinkedHashMap<>();
        stacked.design().glue().forEach(glue -> {
            Assembly assembly = stacked.assembly(glue);
            assembly.joins().stream().filter(join -> join.id().equals(glue.id())).findFirst()
                    .ifPresent(join -> glued.put(glue.id(), GluePatch.of(assembly, join, glue)));
        });
        return glued;
    }

    /** Judged, and told as steps. */
    private static Plan told(Workings workings, List<Problem> notices) {
        Project project = workings.project();
        List<Check> checks = Checker
                .check(new CheckSubject(workings.posed(), workings.glued(), workings.scores(),
                        workings.layout(), across(workings), into(project), project.tools(), project.step()));
        List<RunStep> run = RunSheet.of(workings);
        return new Plan(workings, rehearsed(workings, checks, run), run, notices);
    }

    /** The checks with one of the run sheet itself; none where something is not cut or does not fold anyhow. */
    private static List<Check> rehearsed(Workings workings, List<Check> checks, List<RunStep> run) {
        boolean whole = workings.layout().unplaced().isEmpty()
                && workings.pieces().values().stream().allMatch(piece -> piece.problems().isEmpty());
        if (!whole) {
            return checks;
        }
        List<Check> all = new ArrayList<>(checks);
        List<Message> faults = VirtualHands.faults(workings, run);
        Check check = new Check("rehearsed", faults.isEmpty() ? Verdict.GOOD : Verdict.BAD, Optional.empty(),
                faults.isEmpty() ? CheckWords.REHEARSED.of()
                        : CheckWords.REHEARSAL_FAILS.of("fault", faults.get(0)),
                Optional.empty());
        all.add(faults.isEmpty() ? all.size() : 0, check);
        return all;
    }

    /** Heavy card cracks where it is folded across its fibres. */
    private static Set<String> across(Workings workings) {
        Project project = workings.project();
        Set<String> heavy = workings.design().pieces().stream()
                .filter(piece -> project.paper(piece).weight().gramsPerSquareMetre() >= HEAVY)
                .map(SizedDesign.Piece::id).collect(Collectors.toCollection(LinkedHashSet::new));
        heavy.retainAll(GrainCost.piecesAcross(
                new Planner(project).job(workings.design(), workings.mats()), workings.layout()));
        return heavy;
    }

    private static Optional<CheckSubject.Into> into(Project project) {
        return project.wish() instanceof Wish.InEnvelope in
                ? Optional.of(new CheckSubject.Into(in.envelope(), true))
                : project.envelope().map(envelope -> new CheckSubject.Into(envelope, false));
    }

    /** What a plan's layout is to cut, and from what. */
    public static CutJob cutJob(Plan plan) {
        return new Planner(plan.project()).job(plan.design(), plan.mats());
    }

    /**
     * What copies of a plan are cut from: every piece and layer of its own, each of the paper that its role names,
     * known by {@link PlanPapers#material}.
     *
     * @param prefix before every id and label; may be empty
     */
    public static List<CutPiece> cutPieces(Plan plan, int copies, String prefix) {
        return new ProjectPieces(plan.project(), plan.design(), plan.mats(),
                role -> PlanPapers.material(plan.project().paper(role))).pieces(copies, prefix);
    }

    /** The sheets of the project as it is planned: those it is to be fitted to, otherwise as many as needed. */
    private CutJob job(SizedDesign design, List<MatLayer> mats) {
        ProjectPieces pieces = new ProjectPieces(project, design, mats, this::material);
        List<StockSheet> sheets = pieces.roles().entrySet().stream().map(role -> sheet(role.getKey(), role.getValue()))
                .distinct().toList();
        return new CutJob(pieces.pieces(project.copies(), ""), sheets, project.tools().grain(),
                Optional.of(project.tools().trimmerLength()));
    }

    /** Roles that use the same paper share its sheets. */
    private String material(PaperRole role) {
        Stock stock = project.paper(role);
        return (isFitted(role) ? "fitted " : "") + stock.name() + " " + stock.width() + " " + stock.height();
    }

    private boolean isFitted(PaperRole role) {
        return project.wish() instanceof Wish.FromSheet && role.equals(project.cardRole());
    }

    private StockSheet sheet(PaperRole role, String material) {
        Stock stock = project.paper(role);
        return project.wish() instanceof Wish.FromSheet sheet && isFitted(role)
                ? new StockSheet(material, stock.name(), material, sheet.width(), sheet.height(),
                        OptionalInt.of(sheets(sheet)), false, stock.directional(), Along.of(stock.grain()))
                : new StockSheet(material, stock.name(), material, stock.width(), stock.height(), OptionalInt.empty(),
                        false, stock.directional(), Along.of(stock.grain()));
    }

    /** So many cards from one sheet take as many sheets as the copies need. */
    private int sheets(Wish.FromSheet sheet) {
        return sheet.use() instanceof SheetUse.Cards cards ? (project.copies() + cards.count() - 1) / cards.count()
                : sheet.sheets();
    }

    /**
     * Looks for a better layout of a plan: what {@link LayoutPlanner#improve} does, with everything that follows from
     * the layout worked out again.
     *
     * @param stop   asked often; true ends the search
     * @param better told of every better plan
     */
    public static Plan improve(Plan plan, BooleanSupplier stop, Consumer<Plan> better) {
        LayoutPlan layout = LAYOUTS.improve(cutJob(plan), stop, found -> {
            if (LayoutPlan.BETTER.compare(found, plan.layout()) < 0) {
                better.accept(told(plan.workings().with(found), plan.notices()));
            }
        });
        boolean gained = LayoutPlan.BETTER.compare(layout, plan.layout()) < 0
                || layout.newSheets() == plan.layout().newSheets() && layout.bound() > plan.layout().bound();
        return gained ? told(plan.workings().with(layout), plan.notices()) : plan;
    }
}
