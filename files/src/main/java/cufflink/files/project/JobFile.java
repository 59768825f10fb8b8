package cufflink.files.project;

import cufflink.files.json.JsonDocument;
import cufflink.files.json.JsonFields;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import cufflink.files.AtomicFile;
import cufflink.job.Job;
import cufflink.job.JobCutting;
import cufflink.job.JobSheet;
import cufflink.job.JobStrand;
import cufflink.plan.Project;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.ProjectWords;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Jobs as JSON files, written whole or not at all and read back equal; see {@code docs/job.schema.json}. A file that is
 * wrong anywhere is not opened and stays as it is.
 */
public final class JobFile {
    /** The schema written. */
    public static final int VERSION = 1;
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final JsonDocument DOCUMENT = new JsonDocument("job", "cufflinkJob", VERSION, 50_000_000);

    private JobFile() {
    }

    /** Writes the file whole or leaves it as it was. */
    public static void write(KeptJob job, Path file) throws IOException {
        AtomicFile.keep(file, text(job).getBytes(StandardCharsets.UTF_8));
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
        job.packing().ifPresent(packing -> {
            ObjectNode node = root.putObject("packing").put("kits", packing.kits()).put("scored", packing.scored())
                    .put("directions", packing.directions()).put("byKit", packing.byKit()).put("at", packing.at());
            packing.names().forEach(node.putArray("names")::add);
        });
        job.cutting().ifPresent(cutting -> {
            root.put("cutting", cutting.id()).put("sheet", job.sheet()).put("cut", job.cut());
            ArrayNode sheets = root.putArray("sheets");
            for (int i = 0; i < cutting.sheets().size(); i++) {
                ObjectNode node = sheets.addObject().put("done", cutting.done().get(i)).put("taken",
                        cutting.taken().get(i));
                SheetJson.write(node, cutting.sheets().get(i));
            }
            ArrayNode strands = root.putArray("strands");
            cutting.strands().forEach(strand -> StrandJson.write(strands.addObject(), strand));
        });
        try {
            return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(root) + "\n";
        } catch (JsonProcessingException impossible) {
            throw new IllegalStateException("a tree of texts and numbers could not be written", impossible);
        }
    }

    /** The job in a file, or every mistake in it. */
    public static Outcome<KeptJob> read(Path file) {
        return DOCUMENT.read(file).then(root -> job(root, String.valueOf(file.getFileName())));
    }

    private static Outcome<KeptJob> job(JsonNode root, String file) {
        List<Problem> problems = new ArrayList<>();
        JsonFields fields = new JsonFields(root, file + ": ", problems);
        List<KeptJob.KeptKit> kits = fields.each("kits").stream()
                .map(kit -> new KeptJob.KeptKit(kit.text("project"), kit.count("copies", 1, Project.MOST_COPIES)))
                .toList();
        KeptJob job = new KeptJob(fields.text("name"), kits, fields.lists("alternatives"),
                fields.count("spare", 0, Job.MOST_SPARE), Optional.empty(), 0, 0,
                fields.has("packing") ? Optional.of(packing(fields.in("packing"))) : Optional.empty());
        if (fields.has("sheets")) {
            job = cutting(fields, job);
        }
        return problems.isEmpty() ? Outcome.of(job) : Outcome.failed(problems);
    }

    private static KeptPacking packing(JsonFields fields) {
        return new KeptPacking(fields.count("kits", 1, Project.MOST_COPIES), fields.yes("scored"),
                fields.list("names"), fields.yes("directions"), fields.yes("byKit"),
                fields.count("at", 0, Integer.MAX_VALUE));
    }

    private static KeptJob cutting(JsonFields fields, KeptJob job) {
        List<JobSheet> sheets = new ArrayList<>();
        List<Boolean> done = new ArrayList<>();
        List<Boolean> taken = new ArrayList<>();
        for (JsonFields sheet : fields.each("sheets")) {
            sheets.add(SheetJson.read(sheet));
            done.add(sheet.yes("done"));
            taken.add(sheet.yes("taken"));
        }
        int sheet = fields.count("sheet", 0, Math.max(0, sheets.size() - 1));
        int cuts = sheets.isEmpty() ? 0 : sheets.get(sheet).layout().cuts().size();
        return job
                .withCutting(Optional.of(new JobCutting(fields.has("cutting") ? fields.text("cutting") : "", sheets,
                        done, taken, strands(fields))))
                .at(sheet, fields.count("cut", 0, cuts));
    }

    /** Ribbon was not always written; each material and width stands once. */
    private static List<JobStrand> strands(JsonFields fields) {
        List<JobStrand> strands = new ArrayList<>();
        for (JsonFields entry : fields.has("strands") ? fields.each("strands") : List.<JsonFields>of()) {
            JobStrand strand = StrandJson.read(entry);
            if (strands.stream().anyMatch(other -> other.need().id().equals(strand.need().id()))) {
                entry.problem("material", ProjectWords.STRAND_TWICE.of("material", strand.need().material()));
            }
            strands.add(strand);
        }
        return strands;
    }
}
