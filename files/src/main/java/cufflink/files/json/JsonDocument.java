package cufflink.files.json;

import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import cufflink.files.TextFile;
import cufflink.problem.Outcome;
import cufflink.problem.Place;
import cufflink.problem.Problem;
import cufflink.words.ProjectWords;
import java.nio.file.Path;
import java.util.Optional;

/**
 * The JSON files that Cufflink writes, read strictly: one object, nothing after its end, no field twice, a version that
 * is known.
 *
 * @param kind    what the file is called in messages: "project"
 * @param marker  the field that holds the version
 * @param newest  the newest version that is known; the oldest is 1
 * @param largest bytes that are read at most
 */
public record JsonDocument(String kind, String marker, int newest, long largest) {
    private static final JsonMapper STRICT = JsonMapper.builder().enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS).build();

    /** The object in a file, or why there is none; the file stays as it is. */
    public Outcome<JsonNode> read(Path file) {
        return TextFile.read(file, kind, "JSON", largest)
                .then(text -> read(String.valueOf(file.getFileName()), text));
    }

    /** The object in a text; {@code name} is what messages call the file. */
    public Outcome<JsonNode> read(String name, String text) {
        try {
            JsonNode root = STRICT.readTree(text);
            return version(root, name).<Outcome<JsonNode>>map(Outcome::failed).orElseGet(() -> Outcome.of(root));
        } catch (JsonProcessingException fault) {
            JsonLocation at = fault.getLocation();
            String where = at == null ? name : new Place(name, at.getLineNr(), at.getColumnNr()).toString();
            String said = String.valueOf(fault.getOriginalMessage());
            if (said.startsWith("Duplicate field")) {
                return Outcome.failed(Problem.error(where, ProjectWords.FIELD_TWICE.of()));
            } else if (said.startsWith("Trailing token")) {
                return Outcome.failed(Problem.error(where, ProjectWords.AFTER_THE_END.of("kind", kind)));
            }
            return Outcome
                    .failed(Problem.error(where, ProjectWords.DAMAGED.of("kind", kind)));
        }
    }

    /** What is wrong with the version, if anything is. */
    private Optional<Problem> version(JsonNode root, String name) {
        JsonNode version = root.path(marker);
        if (!version.isInt() || version.asInt() < 1) {
            return Optional.of(
                    Problem.error(name, ProjectWords.NOT_OURS.of("kind", kind)));
        }
        return version.asInt() <= newest ? Optional.empty()
                : Optional.of(
                        Problem.error(name, ProjectWords.NEWER.of("kind", kind)));
    }
}
