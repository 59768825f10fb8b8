package cufflink.files.notebook;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.files.json.JsonDocument;
import cufflink.files.json.JsonFields;
import cufflink.measure.ExactText;
import cufflink.notebook.Correction;
import cufflink.notebook.Difference;
import cufflink.notebook.Effect;
import cufflink.notebook.Figure;
import cufflink.notebook.Learned;
import cufflink.notebook.Make;
import cufflink.notebook.Measurement;
import cufflink.notebook.Photo;
import cufflink.notebook.StepNote;
import cufflink.plan.Phase;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.NotebookWords;
import java.nio.file.Path;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Makes as JSON, written and read; see docs/notebook.md. */
public final class NotebookJson {
    private static final int VERSION = 1;
    /** A week. */
    private static final int MOST_SECONDS = 604_800;
    private static final int MOST_BYTES = 100_000_000;
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final JsonDocument DOCUMENT = new JsonDocument("notebook", "cufflinkNotebook", VERSION, MOST_BYTES);

    private NotebookJson() {
    }

    /** A notebook file. */
    public static ObjectNode of(List<Make> makes) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("cufflinkNotebook", VERSION);
        root.putArray("makes").addAll(makes.stream().map(NotebookJson::of).toList());
        return root;
    }

    /** One make. */
    public static ObjectNode of(Make make) {
        ObjectNode node = MAPPER.createObjectNode();
        node.put("id", make.id()).put("at", make.at().toString()).put("name", make.name()).put("design", make.design())
                .put("copies", make.copies()).put("notes", make.learned().notes());
        node.set("project", project(make));
        make.figures().forEach(
                figure -> node.withArray("figures").addObject().put("what", figure.what()).put("value",
                        figure.value()));
        make.learned().took()
                .forEach((phase, time) -> node.withObject("/took").put(phase.name().toLowerCase(Locale.ROOT),
                        time.toSeconds()));
        make.learned().wrong().forEach(note -> node.withArray("wrong").addObject().put("step", note.step())
                .put("title", note.title()).put("text", note.text()));
        make.learned().measured().forEach(one -> node.withArray("measured").addObject()
                .put("what", one.what().name().toLowerCase(Locale.ROOT)).put("label", one.label())
                .put("planned", ExactText.of(one.planned()))
                .put("measured", ExactText.of(one.measured())));
        make.learned().next().forEach(one -> node.withArray("next").add(CorrectionJson.of(one)));
        make.learned().photos().forEach(photo -> node.withArray("pictures").addObject().put("hash", photo.hash())
                .put("kind", photo.kind()).put("caption", photo.caption()));
        return node;
    }

    /** As it stands in a project file. */
    private static JsonNode project(Make make) {
        try {
            return MAPPER.readTree(make.project());
        } catch (JsonProcessingException text) {
            return MAPPER.getNodeFactory().textNode(make.project());
        }
    }

    /** What differs between two makes. */
    public static ObjectNode of(Make one, Make two, List<Difference> differences) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("one", one.id()).put("two", two.id());
        differences.forEach(difference -> root.withArray("differences").addObject().put("what", difference.what())
                .put("one", difference.one()).put("two", difference.two()));
        return root;
    }

    /** What is to be different next time; of one design, or of all where it is null. */
    public static ObjectNode next(List<Make> makes, String design) {
        ObjectNode root = MAPPER.createObjectNode();
        ArrayNode all = root.putArray("next");
        for (Make make : makes) {
            for (int i = 0; i < make.learned().next().size(); i++) {
                Correction one = make.learned().next().get(i);
                if (design == null || one.design().equals(design)) {
                    all.add(CorrectionJson.of(one).put("number", make.id() + "." + (i + 1)));
                }
            }
        }
        return root;
    }

    /** What a correction changes. */
    public static ObjectNode of(Effect effect) {
        ObjectNode root = MAPPER.createObjectNode();
        ArrayNode figures = root.putArray("figures");
        effect.figures().forEach(figure -> figures.addObject().put("what", figure.what()).put("now", figure.one())
                .put("then", figure.two()));
        ArrayNode checks = root.putArray("checks");
        effect.checks()
                .forEach(check -> checks.addObject().put("verdict", check.verdict().word()).put("text", check.text()));
        return root.put("same", effect.same());
    }

    /** The makes of a file that {@code notebook export} has written; all of them, or why not. */
    public static Outcome<List<Make>> read(Path file) {
        return DOCUMENT.read(file).then(root -> {
            List<Problem> problems = new ArrayList<>();
            JsonFields fields = new JsonFields(root, file.getFileName() + ": ", problems);
            List<Make> makes = new ArrayList<>();
            for (JsonFields make : fields.each("makes")) {
                make(make, root, makes.size(), problems).ifPresent(makes::add);
            }
            return problems.isEmpty() ? Outcome.of(List.copyOf(makes)) : Outcome.failed(problems);
        });
    }

    private static Optional<Make> make(JsonFields fields, JsonNode root, int index, List<Problem> problems) {
        try {
            List<Figure> figures = new ArrayList<>();
            each(fields, "figures").forEach(one -> figures.add(new Figure(one.text("what"), one.text("value"))));
            List<StepNote> wrong = new ArrayList<>();
            each(fields, "wrong").forEach(one -> wrong
                    .add(new StepNote(one.count("step", 0, 10_000), one.text("title"), one.text("text"))));
            List<Measurement> measured = new ArrayList<>();
            each(fields, "measured").forEach(one -> measured
                    .add(measurement(one)));
            List<Photo> photos = new ArrayList<>();
            each(fields, "pictures")
                    .forEach(one -> photos.add(new Photo(one.text("hash"), one.text("kind"), one.text("caption"))));
            List<Correction> next = each(fields, "next").stream().map(CorrectionJson::read).toList();
            Map<Phase, Duration> took = new EnumMap<>(Phase.class);
            JsonNode node = root.path("makes").path(index);
            if (fields.has("took")) {
                fields.in("took").counts(MOST_SECONDS).forEach((phase, seconds) -> took
                        .put(Phase.valueOf(phase.toUpperCase(Locale.ROOT)), Duration.ofSeconds(seconds)));
            }
            String project = MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(node.path("project"));
            return Optional.of(new Make(0, Instant.parse(fields.text("at")), fields.text("name"),
                    fields.text("design"), fields.count("copies", 1, Project.MOST_COPIES), project, figures,
                    new Learned(took, wrong, measured, photos, next, fields.text("notes"))));
        } catch (IllegalArgumentException | DateTimeException | JsonProcessingException wrong) {
            problems.add(Problem.error("", NotebookWords.ENTRY_LEFT_OUT.of("id", index + 1, "reason",
                    wrong.getMessage())));
            return Optional.empty();
        }
    }

    /** Files of the first version have no label. */
    private static Measurement measurement(JsonFields fields) {
        Measurement.What what = fields.word("what", Measurement.What.class, JsonFields.lower());
        return new Measurement(what, fields.has("label") ? fields.text("label") : what.label(),
                fields.size("planned"), fields.size("measured"));
    }

    private static List<JsonFields> each(JsonFields fields, String name) {
        return fields.has(name) ? fields.each(name) : List.of();
    }
}
