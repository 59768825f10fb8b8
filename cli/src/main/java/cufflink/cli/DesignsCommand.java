package cufflink.cli;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.design.DesignDefinition;
import cufflink.design.Measure;
import cufflink.files.design.DesignLibrary;
import cufflink.measure.LengthFormat;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import java.util.Collection;
import java.util.Locale;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Lists the designs. */
@Command(name = "designs", description = "Lists the designs with their measures.", mixinStandardHelpOptions = true)
final class DesignsCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec;

    @Option(names = "--format", description = "text or json.", defaultValue = "TEXT")
    private Answers.Format format;

    @Override
    public Integer call() {
        Collection<DesignDefinition> designs = DesignLibrary.builtIn().designs().values();
        if (format == Answers.Format.JSON) {
            spec.commandLine().getOut().println(Answers.json(json(designs)));
        } else {
            designs.forEach(design -> spec.commandLine().getOut().println(line(design)));
        }
        return Main.GOOD;
    }

    private static String line(DesignDefinition design) {
        String measures = String.join(" ", design.measures().stream().filter(Measure::canBeSet)
                .map(Measure::name).toList());
        return String.format(Locale.ROOT, "%-18s %-18s %s%n%37s%s", design.id(), design.head().group(),
                design.head().about(), "",
                measures);
    }

    private static ArrayNode json(Collection<DesignDefinition> designs) {
        ArrayNode list = new ObjectMapper().createArrayNode();
        for (DesignDefinition design : designs) {
            ObjectNode node = list.addObject().put("id", design.id()).put("title", design.title())
                    .put("group", design.head().group()).put("about", design.head().about())
                    .put("difficulty", design.head().difficulty());
            design.head().uses().forEach(node.putArray("uses")::add);
            Plan usual = Planner.plan(Project.of(design, RulerStep.SIXTEENTH_INCH)).orThrow();
            ArrayNode measures = node.putArray("measures");
            design.measures().forEach(measure -> {
                ObjectNode entry = measures.addObject().put("name", measure.name()).put("label", measure.label())
                        .put("role", measure.role().words())
                        .put("canBeSet", measure.canBeSet()).put("about", measure.about());
                entry.put("default",
                        usual.measures().get(measure.name()).orElseThrow().text(LengthFormat.of(LengthUnit.INCH)));
                measure.choices().forEach(entry.withArray("choices")::add);
            });
        }
        return list;
    }
}
