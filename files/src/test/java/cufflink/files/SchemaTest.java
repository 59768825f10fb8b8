package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.directions.Directions;
import cufflink.directions.DirectionsReader;
import cufflink.directions.study.DirectionsStudy;
import cufflink.files.directions.DirectionsJson;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import com.networknt.schema.ValidationMessage;
import cufflink.design.DesignDefinition;
import cufflink.files.design.BuiltInDesigns;
import cufflink.files.notebook.NotebookJson;
import cufflink.files.packing.PackingJson;
import cufflink.files.plan.PlanJson;
import cufflink.files.project.JobFile;
import cufflink.files.project.ProjectWriter;
import cufflink.files.stash.DieJson;
import cufflink.files.stash.ShoppingFile;
import cufflink.files.stash.StashCsv;
import cufflink.job.Job;
import cufflink.job.JobPlan;
import cufflink.job.JobPlanner;
import cufflink.job.Kit;
import cufflink.measure.Length;
import cufflink.measure.LengthUnit;
import cufflink.measure.RulerStep;
import cufflink.packing.EveningPlan;
import cufflink.packing.KitCost;
import cufflink.packing.PackWishes;
import cufflink.packing.Packing;
import cufflink.paper.BenchTools;
import cufflink.paper.SheetSize;
import cufflink.plan.Phase;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.stash.Availability;
import cufflink.stash.DieChart;
import cufflink.stash.Stash;
import cufflink.stash.StashReservation;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is written as JSON is what its schema says, no more and no less. */
class SchemaTest {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    /** A schema from the documentation, in which no object may have a field that is not documented. */
    private static JsonSchema schema(String name) throws IOException {
        JsonNode schema = MAPPER.readTree(Path.of("..", "docs", name + ".schema.json").toFile());
        close(schema);
        return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012).getSchema(schema);
    }

    private static void close(JsonNode schema) {
        if (schema instanceof ObjectNode object && object.path("properties").isObject()
                && !object.has("additionalProperties")) {
            object.put("additionalProperties", false);
        }
        schema.forEach(SchemaTest::close);
    }

    private static List<String> faults(JsonSchema schema, JsonNode written) {
        return schema.validate(written).stream().map(ValidationMessage::getMessage).toList();
    }

    static Stream<DesignDefinition> designs() {
        return BuiltInDesigns.all().stream();
    }

    @ParameterizedTest
    @MethodSource("designs")
    void plansAndProjects(DesignDefinition design) throws IOException {
        for (RulerStep step : List.of(RulerStep.SIXTEENTH_INCH, RulerStep.MILLIMETRE)) {
            Project project = Project.of(design, step).withCopies(7);
            Plan plan = Planner.plan(project).orThrow();
            assertEquals(List.of(), faults(schema("plan"), MAPPER.readTree(PlanJson.of(plan).toString())));
            assertEquals(List.of(), faults(schema("project"), MAPPER.readTree(ProjectWriter.text(project))));
        }
    }

    @Test
    void jobs() throws IOException {
        assertEquals(List.of(), faults(schema("job"), MAPPER.readTree(JobFile.text(JobFileTest.halfCut()))));
    }

    @Test
    void notebooks() throws IOException {
        JsonNode written = MAPPER
                .readTree(NotebookJson.of(List.of(NotebookDatabaseTest.whole().numbered(3))).toString());
        assertEquals(List.of(), faults(schema("notebook"), written));
        ((ObjectNode) written.path("makes").path(0)).putObject("took").put("nap", 3);
        assertFalse(faults(schema("notebook"), written).isEmpty());
    }

    @Test
    void directions() throws IOException {
        DirectionsStudy study = new DirectionsStudy(BuiltInDesigns.all());
        for (String text : List.of(
                "Strip 11 x 4 1/4 in. Score it from the left at 3, 5 1/2 and 18 in. Tag 6 x 5, scored at 2.",
                "Half a sheet of A4, 210 x 145 mm. Two of 9 frobs.")) {
            Directions read = new DirectionsReader().read(text, Optional.empty()).orThrow();
            assertEquals(List.of(), faults(schema("read"),
                    MAPPER.readTree(DirectionsJson.of(study.of(read)).toString())));
        }
    }

    @Test
    void kitsDiesAndShopping() throws IOException {
        Kit kit = new Kit(Plans.project("ribbon-wallet"), 4);
        JobPlan plan = JobPlanner.plan(Job.of("Class", List.of(kit), BenchTools.USUAL_INCH), new Stash(List.of()))
                .orThrow();
        Packing packing = Packing.of(plan, new PackWishes(2, false, List.of("Ada", "Bo"), true)).orThrow();
        EveningPlan work = EveningPlan.of(List.of(new EveningPlan.Work("A", Map.of(Phase.CUT, 60.0))), 0);
        assertEquals(List.of(), faults(schema("kits"), MAPPER
                .readTree(PackingJson.of(packing, KitCost.of(plan), Optional.of(work)).toString())));
        Length border = Length.ofMillimetres(3);
        assertEquals(List.of(), faults(schema("dies"), MAPPER.readTree(
                DieJson.of(new DieChart(DieChart.startingSet(LengthUnit.INCH), border).lines(""), border).toString())));
        Stash wanted = new Stash(List.of(
                StashReservation.sheets("Card", new SheetSize(border, border), 3, "Class", "2026-12-12").withId(1),
                StashReservation.ribbon("Silver", border, "Class", "").withId(2)));
        assertEquals(List.of(), faults(schema("shopping"),
                MAPPER.readTree(ShoppingFile.json(Availability.toBuy(wanted)).toString())));
    }

    /** The columns of a table are those that its schema names, in their order. */
    @Test
    void tables() throws IOException {
        assertEquals(columns("stash"), List.of(StashCsv.write(new Stash(List.of())).strip().split(",")));
        assertEquals(columns("shopping"),
                List.of(ShoppingFile.csv(List.of()).strip().split(",")));
    }

    private static List<String> columns(String name) throws IOException {
        List<String> columns = new ArrayList<>();
        MAPPER.readTree(Path.of("..", "docs", name + ".csvw.json").toFile()).path("tableSchema").path("columns")
                .forEach(column -> columns.add(column.path("titles").asText()));
        return columns;
    }

    /** The validator looks: another kind of value, or a field that nobody documented, is found. */
    @Test
    void otherwise_isFound() throws IOException {
        Project project = Project.of(BuiltInDesigns.all().iterator().next(), RulerStep.MILLIMETRE);
        ObjectNode written = (ObjectNode) MAPPER.readTree(ProjectWriter.text(project));
        assertFalse(faults(schema("project"), written.deepCopy().put("copies", "seven")).isEmpty());
        assertFalse(faults(schema("project"), written.deepCopy().put("colour", "blue")).isEmpty());
        written.remove("design");
        assertFalse(faults(schema("project"), written).isEmpty());
    }
}
