package cufflink.notebook;

import cufflink.paper.PaperRole;
import cufflink.paper.Stock;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.plan.RunStep;
import cufflink.plan.StepMark;
import cufflink.plan.StepSubject;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.NotebookWords;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The paper of a role.
 *
 * @param role  what it is used for
 * @param stock what to take in its place, or the same with the caliper that was measured; none if it is only to be kept
 *              in mind
 */
public record OfPaper(PaperRole role, Optional<Stock> stock) implements Target {
    @Override
    public <R> R accept(Cases<R> cases) {
        return cases.paper(this);
    }

    @Override
    public String said() {
        return stock.map(paper -> role.title() + ": " + paper.name()
                + paper.measuredCaliper().map(caliper -> ", " + caliper.toMillimetres() + " mm thick").orElse(""))
                .orElse(role.title());
    }

    @Override
    public boolean isChange() {
        return stock.isPresent();
    }

    /** In the sheets that the project's own paper comes in, where it is the same paper. */
    @Override
    public Outcome<Project> applied(Plan plan) {
        Map<PaperRole, Stock> chosen = plan.project().papers().chosen();
        if (!chosen.containsKey(role)) {
            return Outcome.failed(
                    Problem.error(role.toString(), NotebookWords.NO_PAPER_FOR.of("role", role.title())));
        }
        return Outcome.of(plan.project().withPaper(role, stock.map(paper -> paper.name().equals(chosen.get(role).name())
                ? paper.inSheets(chosen.get(role).width(), chosen.get(role).height()) : paper).orElseThrow()));
    }

    /** Where it is cut. */
    @Override
    public String step(Plan plan) {
        List<String> marks = StepMark.of(plan.run());
        String name = Optional.ofNullable(plan.project().papers().chosen().get(role)).map(Stock::name).orElse("");
        return marks.get(plan.run().stream()
                .filter(step -> step.subject() instanceof StepSubject.OfSheet sheet
                        && sheet.layout().stock().name().equals(name))
                .findFirst().map(RunStep::number).orElse(1) - 1);
    }
}
