package cufflink.cli;

import cufflink.files.design.DesignLibrary;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** A design with the wishes for it, and how to answer. */
final class DesignRequest {
    @Parameters(paramLabel = "DESIGN",
            description = "A design's id (see cufflink designs) or a design file ending in .yaml.")
    private String design;

    @Mixin
    private PlanOptions options;

    @Option(names = "--format", description = "text or json.", defaultValue = "TEXT")
    private Answers.Format format;

    /** The plan, or everything that is wrong with the request. */
    Outcome<Plan> plan() {
        DesignLibrary library = DesignLibrary.builtIn();
        Outcome<Project> project = DesignFinder.find(design, library).then(found -> options.project(found, library));
        return project.then(Planner::plan);
    }

    Answers.Format format() {
        return format;
    }
}
