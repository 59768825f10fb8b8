package cufflink.cli;

import cufflink.check.Check;
import cufflink.check.Verdict;
import cufflink.design.DesignDefinition;
import cufflink.files.design.DesignFileReader;
import cufflink.files.design.DesignLibrary;
import cufflink.files.project.ProjectReader;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Judges a project or a design file. */
@Command(name = "check", description = "Judges a project (.json) or a design file (.yaml).",
        mixinStandardHelpOptions = true)
final class CheckCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE")
    private Path file;

    @Option(names = "--format", description = "text or json.", defaultValue = "TEXT")
    private Answers.Format format;

    @Override
    public Integer call() {
        Outcome<Plan> plan = Answers.planned(project(), spec.commandLine());
        if (plan.value().isEmpty() || format == Answers.Format.JSON) {
            return Answers.plan(plan, format, spec.commandLine());
        }
        for (Check check : plan.value().get().checks()) {
            spec.commandLine().getOut().println(check.verdict().mark() + " " + check.text()
                    + (check.remedy().isEmpty() ? "" : " " + check.remedy()));
        }
        return plan.value().get().verdict() == Verdict.BAD ? Main.BAD_CHECK : Main.GOOD;
    }

    private Outcome<Project> project() {
        if (file.toString().endsWith(".yaml")) {
            Outcome<DesignDefinition> design = DesignFileReader.read(file);
            return design.map(definition -> Project.of(definition, RulerStep.SIXTEENTH_INCH));
        }
        return ProjectReader.read(file, DesignLibrary.builtIn());
    }
}
