package cufflink.desktop;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import cufflink.check.Check;
import cufflink.check.Verdict;
import cufflink.desktop.demo.DemoProjects;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.plan.Remedies;
import java.util.List;
import org.junit.jupiter.api.Test;

class DemoProjectsTest {
    private static List<Check> bad(Project project) {
        return Planner.plan(project).orThrow().checks().stream().filter(check -> check.verdict() == Verdict.BAD).toList();
    }

    @Test
    void onlyThePassHolder_hasAProblem_andItCanBeMended() {
        for (Project project : DemoProjects.all()) {
            assertEquals(project.name().startsWith("Visitors") ? 1 : 0, bad(project).size(), project.name() + bad(project));
        }
        Plan plan = Planner.plan(DemoProjects.passHolder()).orThrow();
        Project mended = Remedies.offer(plan, bad(DemoProjects.passHolder()).get(0)).orElseThrow().project();
        assertTrue(bad(mended).isEmpty());
    }

    @Test
    void invitation_isFor24Copies() {
        assertEquals(24, DemoProjects.invitation().copies());
    }
}
