package cufflink.files;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import com.networknt.schema.ValidationMessage;
import cufflink.design.DesignDefinition;
import cufflink.files.design.BuiltInDesigns;
import cufflink.files.notebook.NotebookJson;
import cufflink.files.plan.PlanJson;
import cufflink.files.project.JobFile;
import cufflink.files.project.ProjectWriter;
import cufflink.files.stash.ShoppingFile;
import cufflink.files.stash.StashCsv;
import cufflink.measure.RulerStep;
import cufflink.plan.Plan;
import cufflink.plan.Planner;
import cufflink.plan.Project;
import cufflink.stash.Stash;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
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
