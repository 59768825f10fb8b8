package cufflink.files.project;

import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.json.JsonMapper;
import cufflink.files.FileTrouble;
import cufflink.problem.Outcome;
import cufflink.problem.Place;
import cufflink.problem.Problem;
import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.Files;
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
record JsonDocument(String kind, String marker, int newest, long largest) {
    private static final JsonMapper STRICT = JsonMapper.builder().enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS).build();

    /** The object in a file, or why there is none; the file stays as it is. */
    Outcome<JsonNode> read(Path file) {
        String name = String.valueOf(file.getFileName());
        try {
            return Files.size(file) > largest
                    ? Outcome.failed(Problem.error(name, "This file is too large for a " + kind + ".", ""))
                    : read(name, Files.readString(file));
        } catch (CharacterCodingException fault) {
            return Outcome.failed(Problem.error(name, "This is not a text file.",
                    "A " + kind + " is a JSON file that Cufflink wrote."));
        } catch (IOException fault) {
            return Outcome.failed(
                    Problem.error(file.toString(), "This file cannot be read: " + FileTrouble.reason(fault) + ".",
                            "Is it still there, and may you read it?"));
        }
    }

    /** The object in a text; {@code name} is what messages call the file. */
    Outcome<JsonNode> read(String name, String text) {
        try {
            JsonNode root = STRICT.readTree(text);
            return version(root, name).<Outcome<JsonNode>>map(Outcome::failed).orElseGet(() -> Outcome.of(root));
        } catch (JsonProcessingException fault) {
            JsonLocation at = fault.getLocation();
            String where = at == null ? name : new Place(name, at.getLineNr(), at.getColumnNr()).toString();
            String said = String.valueOf(fault.getOriginalMessage());
            if (said.startsWith("Duplicate field")) {
                return Outcome.failed(Problem.error(where, "A field stands here twice.", "Keep one of the two."));
            } else if (said.startsWith("Trailing token")) {
                return Outcome.failed(Problem.error(where, "Something stands here after the end of the " + kind + ".",
                        "Delete it, or look for an older copy of the file."));
            }
            return Outcome
                    .failed(Problem.error(where, "This is not a " + kind + ": the JSON breaks off or is damaged here.",
                            "Look for an older copy of the file."));
        }
    }

    /** What is wrong with the version, if anything is. */
    private Optional<Problem> version(JsonNode root, String name) {
        JsonNode version = root.path(marker);
        if (!version.isInt() || version.asInt() < 1) {
            return Optional.of(
                    Problem.error(name, "This is not a Cufflink " + kind + ".", "Choose a file that Cufflink saved."));
        }
        return version.asInt() <= newest ? Optional.empty()
                : Optional.of(
                        Problem.error(name, "A newer Cufflink wrote this " + kind + ".", "Open it with that version."));
    }
}
