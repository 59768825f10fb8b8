package cufflink.plan;

import cufflink.check.CheckSubject;
import cufflink.check.Checker;
import cufflink.cut.CutJob;
import cufflink.cut.CutPiece;
import cufflink.cut.GuillotinePlanner;
import cufflink.cut.LayoutPlan;
import cufflink.cut.LayoutPlanner;
import cufflink.cut.StockSheet;
import cufflink.design.Given;
import cufflink.design.MeasureReader;
import cufflink.design.SizedDesign;
import cufflink.fit.FitAnswer;
import cufflink.fit.FitContext;
import cufflink.fit.Fitter;
import cufflink.fit.Wish;
import cufflink.mat.MatLayer;
import cufflink.measure.Length;
import cufflink.paper.NamedSize;
import cufflink.paper.Stock;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.score.ScoreLister;
import cufflink.score.ScoreSetup;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/** The one door: works a project out. */
public final class Planner {
    private static final LayoutPlanner LAYOUTS = new GuillotinePlanner();

    private final Project project;
    private final List<Problem> problems = new ArrayList<>();

    private Planner(Project project) {
        this.project = project;
    }

    /** The plan, or every reason why there is none. The same project always gets an equal plan. */
    public static Outcome<Plan> plan(Project project) {
        return new Planner(project).plan();
    }

    private Outcome<Plan> plan() {
        Given given = given();
        if (problems.stream().anyMatch(Problem::isError)) {
            return Outcome.failed(problems);
        }
        FitContext context = new FitContext(given, project.copies(), !cardPaper().directional(), LAYOUTS, this::thickness);
        Outcome<FitAnswer> fitted = Fitter.fit(project.design(), project.wish(), context);
        if (fitted.value().isEmpty()) {
            return Outcome.failed(fitted.problems());
        }
        FitAnswer answer = fitted.value().get();
        Outcome<FoldedDesign> assembled = FoldedDesign.of(answer.design(), project);
        if (assembled.value().isEmpty()) {
            return Outcome.failed(assembled.problems());
        }
        List<Problem> notices = new ArrayList<>(answer.notices());
        notices.addAll(assembled.problems());
        return Outcome.of(complete(answer, assembled.value().get(), notices), notices);
    }

    private Given given() {
        Given given = Given.defaults(project.step(), cardPaper().caliper());
        for (Map.Entry<String, String> entry : project.set().entrySet()) {
            Outcome<Given> next = MeasureReader.set(project.design(), given, entry.getKey(), entry.getValue());
            problems.addAll(next.problems());
            given = next.value().orElse(given);
        }
        return given;
    }

    private Stock cardPaper() {
        return project.paper(project.design().pieces().get(0).material());
    }

    private Length thickness(SizedDesign design) {
        return FoldedDesign.of(design, project).value().flatMap(FoldedDesign::stack).map(stack -> stack.thickness()).orElse(Length.ZERO);
    }

    private Plan complete(FitAnswer answer, FoldedDesign folded, List<Problem> notices) {
        SizedDesign design = folded.design();
        List<ScoreSetup> scores = new ArrayList<>();
        design.pieces().forEach(piece -> scores.addAll(ScoreLister.list(piece, project.scoring())));
        LayoutPlan layout = LAYOUTS.plan(job(design, folded.mats()));
        CheckSubject subject = new CheckSubject(design, folded.pieces(), folded.closed(), folded.poses(), folded.stack(), folded.mats(), scores, layout, envelope(),
                project.tools(), project.step());
        Plan plan = new Plan(project, answer, folded, layout, scores, Checker.check(subject), List.of(), notices);
        return new Plan(project, answer, folded, layout, scores, plan.checks(), RunSheet.of(plan), notices);
    }

    private Optional<NamedSize> envelope() {
        return project.wish() instanceof Wish.InEnvelope in ? Optional.of(in.envelope()) : project.envelope();
    }

    private CutJob job(SizedDesign design, List<MatLayer> mats) {
        List<CutPiece> pieces = new ArrayList<>();
        Map<String, StockSheet> sheets = new LinkedHashMap<>();
        for (SizedDesign.Piece piece : design.pieces()) {
            if (piece.from().isPresent()) {
                continue;
            }
            StockSheet sheet = sheet(piece.material(), sheets);
            pieces.add(new CutPiece(piece.id(), piece.label(), project.copies(), piece.width().length(), piece.height().length(), sheet.material(),
                    !project.paper(piece.material()).directional()));
        }
        for (MatLayer mat : mats) {
            StockSheet sheet = sheet("mat " + mat.layer(), sheets);
            pieces.add(new CutPiece(mat.on().on() + " layer " + mat.layer(), mat.label(), project.copies(), mat.width(), mat.height(), sheet.material(), !project.paper("mat " + mat.layer()).directional()));
        }
        return new CutJob(pieces, List.copyOf(sheets.values()));
    }

    /** The sheets for a role; roles that use the same paper share them. */
    private StockSheet sheet(String role, Map<String, StockSheet> known) {
        Stock stock = project.paper(role);
        boolean fitted = project.wish() instanceof Wish.FromSheet && role.equals(project.design().pieces().get(0).material());
        String material = (fitted ? "fitted " : "") + stock.name() + " " + stock.width() + " " + stock.height();
        return known.computeIfAbsent(material, key -> project.wish() instanceof Wish.FromSheet sheet && fitted
                ? new StockSheet(stock.name(), material, sheet.width(), sheet.height(), OptionalInt.of(sheet.sheets()), false)
                : new StockSheet(stock.name(), material, stock.width(), stock.height(), OptionalInt.empty(), false));
    }
}
