package cufflink.files.project;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.files.AtomicFile;
import cufflink.job.Job;
import cufflink.job.JobCutting;
import cufflink.job.JobSheet;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Jobs as JSON files, written whole or not at all and read back equal; see {@code docs/job.schema.json}. A file that is wrong anywhere is not opened and stays as it is. */
public final class JobFile {
    /** The schema written. */
    public static final int VERSION = 1;
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final long LARGEST = 50_000_000;

    private JobFile() {
    }

    /** Writes the file whole or leaves it as it was. */
    public static void write(KeptJob job, Path file) throws IOException {
        AtomicFile.write(file, text(job).getBytes(StandardCharsets.UTF_8));
    }

    /** The JSON text, keys in a fixed order. */
    public static String text(KeptJob job) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("cufflinkJob", VERSION);
        root.put("name", job.name());
        ArrayNode kits = root.putArray("kits");
        job.kits().forEach(kit -> kits.addObject().put("project", kit.project()).put("copies", kit.copies()));
        ObjectNode alternatives = root.putObject("alternatives");
        new TreeMap<>(job.alternatives()).forEach((paper, others) -> others.forEach(alternatives.putArray(paper)::add));
        root.put("spare", job.sparePercent());
        job.cutting().ifPresent(cutting -> {
            root.put("sheet", job.sheet()).put("cut", job.cut());
            ArrayNode sheets = root.putArray("sheets");
            for (int i = 0; i < cutting.sheets().size(); i++) {
                ObjectNode node = sheets.addObject().put("done", cutting.done().get(i)).put("taken", cutting.taken().get(i));
                SheetJson.write(node, cutting.sheets().get(i));
            }
        });
        try {
            return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(root) + "\n";
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException("a tree of texts and numbers could not be written", impossible);
        }
    }

    /** The job in a file, or every mistake in it. */
    public static Outcome<KeptJob> read(Path file) {
        String name = String.valueOf(file.getFileName());
        try {
            if (Files.size(file) > LARGEST) {
                return Outcome.failed(Problem.error(name, "This file is too large for a job.", ""));
            }
            return job(MAPPER.readTree(Files.readString(file)), name);
        } catch (JsonProcessingException damaged) {
            return Outcome.failed(Problem.error(name, "This is not a job: the JSON breaks off or is damaged.", "Look for an older copy of the file."));
        } catch (IOException fault) {
            return Outcome.failed(Problem.error(file.toString(), "This file cannot be read.", "Is it still there, and may you read it?"));
        }
    }

    private static Outcome<KeptJob> job(JsonNode root, String file) {
        if (!root.path("cufflinkJob").isInt()) {
            return Outcome.failed(Problem.error(file, "This is not a Cufflink job.", "Choose a file that Cufflink saved."));
        }
        if (root.path("cufflinkJob").asInt() > VERSION) {
            return Outcome.failed(Problem.error(file, "A newer Cufflink wrote this job.", "Open it with that version."));
        }
        List<Problem> problems = new ArrayList<>();
        JsonFields fields = new JsonFields(root, file + ": ", problems);
        List<KeptJob.KeptKit> kits = fields.each("kits").stream().map(kit -> new KeptJob.KeptKit(kit.text("project"), kit.count("copies", 1, Project.MOST_COPIES))).toList();
        KeptJob job = new KeptJob(fields.text("name"), kits, alternatives(root), fields.count("spare", 0, Job.MOST_SPARE), Optional.empty(), 0, 0);
        if (fields.has("sheets")) {
            job = cutting(fields, job);
        }
        return problems.isEmpty() ? Outcome.of(job) : Outcome.failed(problems);
    }

    private static Map<String, List<String>> alternatives(JsonNode root) {
        Map<String, List<String>> alternatives = new LinkedHashMap<>();
        root.path("alternatives").fields().forEachRemaining(entry -> {
            List<String> others = new ArrayList<>();
            entry.getValue().forEach(other -> others.add(other.asText()));
            alternatives.put(entry.getKey(), List.copyOf(others));
        });
        return alternatives;
    }

    private static KeptJob cutting(JsonFields fields, KeptJob job) {
        List<JobSheet> sheets = new ArrayList<>();
        List<Boolean> done = new ArrayList<>();
        List<Boolean> taken = new ArrayList<>();
        for (JsonFields sheet : fields.each("sheets")) {
            sheets.add(SheetJson.read(sheet));
            done.add(sheet.raw("done").asBoolean());
            taken.add(sheet.raw("taken").asBoolean());
        }
        int sheet = fields.count("sheet", 0, Math.max(0, sheets.size() - 1));
        int cuts = sheets.isEmpty() ? 0 : sheets.get(sheet).layout().cuts().size();
        return job.withCutting(Optional.of(new JobCutting(sheets, done, taken))).at(sheet, fields.count("cut", 0, cuts));
    }
}
