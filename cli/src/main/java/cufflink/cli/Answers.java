package cufflink.cli;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.check.Verdict;
import cufflink.files.DataFolder;
import cufflink.files.FaultReport;
import cufflink.files.plan.FoldJson;
import cufflink.files.plan.FoldText;
import cufflink.files.plan.PlanJson;
import cufflink.files.plan.PlanText;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.Message;
import java.util.List;
import picocli.CommandLine;

/** How commands answer: a plan in the wanted format, or the problems on standard error. */
final class Answers {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    /** How to print. */
    enum Format { TEXT, JSON }

    private Answers() {
    }

    static int plan(Outcome<Plan> outcome, Format format, CommandLine line) {
        if (outcome.value().isEmpty()) {
            return failed(outcome.problems(), format, line);
        }
        Plan plan = outcome.value().get();
        line.getOut().println(format == Format.JSON ? json(PlanJson.of(plan)) : PlanText.of(plan).stripTrailing());
        return plan.verdict() == Verdict.BAD || !plan.changed().isEmpty() ? Main.BAD_CHECK : Main.GOOD;
    }

    /** What the fold engine proved; a design that does not fold is a bad check. */
    static int fold(Outcome<Plan> outcome, boolean counted, Format format, CommandLine line) {
        if (outcome.value().isEmpty()) {
            return failed(outcome.problems(), format, line);
        }
        Plan plan = outcome.value().get();
        line.getOut().println(
                format == Format.JSON ? json(FoldJson.of(plan, counted)) : FoldText.of(plan, counted).stripTrailing());
        return plan.faults().isEmpty() ? Main.GOOD : Main.BAD_CHECK;
    }

    /** What was done, in a sentence or two. */
    static int done(Outcome<Message> outcome, Format format, CommandLine line) {
        if (outcome.value().isEmpty()) {
            return failed(outcome.problems(), format, line);
        }
        Message said = outcome.value().get();
        String text = (said.sentence() + " " + said.remedy()).strip();
        line.getOut().println(format == Format.JSON ? json(MAPPER.createObjectNode().put("done", text)) : text);
        return Main.GOOD;
    }

    /**
     * The plan of a project; notices about reading it go to standard error, so that what was taken in place of
     * something missing is known.
     */
    static Outcome<Plan> planned(Outcome<Project> project, CommandLine line) {
        if (project.value().isPresent()) {
            project.problems().forEach(notice -> line.getErr().println(notice.text()));
        }
        return project.value().map(Planner::plan).orElseGet(() -> Outcome.failed(project.problems()));
    }

    /**
     * Problems go to standard error, one a line; with JSON as an object there. What the program did not expect is
     * reported in a file beside the maker's data.
     */
    static int failed(List<Problem> problems, Format format, CommandLine line) {
        List<String> reports = problems.stream().flatMap(problem -> problem.fault().stream()
                .map(fault -> FaultReport.in(DataFolder.usual()).write(problem.where(), fault))).toList();
        if (format == Format.JSON) {
            ObjectNode root = MAPPER.createObjectNode();
            root.set("problems", PlanJson.problems(problems));
            reports.forEach(root.withArray("reports")::add);
            line.getErr().println(json(root));
        } else {
            problems.forEach(problem -> line.getErr().println(problem.text()));
            reports.forEach(line.getErr()::println);
        }
        return Main.NO_PLAN;
    }

    static String json(JsonNode node) {
        try {
            return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(node);
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException("a tree of texts and numbers could not be written", impossible);
        }
    }
}
