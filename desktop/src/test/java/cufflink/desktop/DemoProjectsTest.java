package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Check;
import cufflink.check.Verdict;
import cufflink.cut.CutJob;
import cufflink.cut.CutPiece;
import cufflink.cut.GuillotinePlanner;
import cufflink.cut.LayoutPlan;
import cufflink.cut.StockSheet;
import cufflink.desktop.demo.DemoProjects;
import cufflink.desktop.demo.DemoStash;
import cufflink.job.Job;
import cufflink.job.JobPlan;
import cufflink.job.JobPlanner;
import cufflink.job.Kit;
import cufflink.paper.BenchTools;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.plan.Remedies;
import cufflink.stash.Stash;
import cufflink.stash.StashItem;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

class DemoProjectsTest {
    private static List<Check> bad(Project project) {
        return Planner.plan(project).orThrow().checks().stream().filter(check -> check.verdict() == Verdict.BAD)
                .toList();
    }

    @Test
    void onlyThePassHolder_hasAProblem_andItCanBeMended() {
        for (Project project : DemoProjects.all()) {
            assertEquals(project.name().startsWith("Visitors") ? 1 : 0, bad(project).size(),
                    project.name() + bad(project));
        }
        Plan plan = Planner.plan(DemoProjects.passHolder()).orThrow();
        Project mended = Remedies.offer(plan, bad(DemoProjects.passHolder()).get(0)).orElseThrow().project();
        assertTrue(bad(mended).isEmpty());
    }

    @Test
    void invitation_isFor24Copies() {
        assertEquals(24, DemoProjects.invitation().copies());
    }

    private static Stash stash() {
        List<StashItem> items = new ArrayList<>();
        DemoStash.filled().edits().forEach(edit -> items.add(edit.after().orElseThrow().withId(items.size() + 1)));
        return new Stash(items);
    }

    /** The obvious plan: one layer after the other, each from sheets of its own. */
    @Test
    void obviousPlanOfTheInvitations_needsOneSheetMoreThanTheStashHas_andCufflinksDoesNot() {
        JobPlan plan = JobPlanner
                .plan(Job.of("Invitations", List.of(new Kit(DemoProjects.invitation(), 24)), BenchTools.USUAL_INCH),
                        stash())
                .orThrow();
        assertTrue(plan.isFromStash() && plan.isProved());
        List<StockSheet> left = new ArrayList<>(
                plan.work().stock().stream().filter(sheet -> sheet.count().isPresent()).toList());
        int lacking = 0;
        for (CutPiece layer : plan.work().pieces()) {
            LayoutPlan alone = new GuillotinePlanner().improve(new CutJob(List.of(layer), left), () -> false,
                    better -> {});
            int most = alone.sheets().stream().filter(sheet -> !sheet.stock().offcut())
                    .mapToInt(sheet -> sheet.placements().size()).max().orElse(1);
            lacking += (alone.unplaced().size() + most - 1) / most;
            left.replaceAll(
                    sheet -> new StockSheet(sheet.id(), sheet.name(), sheet.material(), sheet.width(), sheet.height(),
                            OptionalInt.of(sheet.count().orElse(0)
                                    - (int) alone.sheets().stream().filter(used -> used.stock().equals(sheet)).count()),
                            sheet.offcut(), sheet.directional(), sheet.grain()));
        }
        assertEquals(1, lacking);
    }
}
