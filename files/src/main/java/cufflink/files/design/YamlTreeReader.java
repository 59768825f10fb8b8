package cufflink.files.design;

import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonParseException;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.dataformat.yaml.YAMLFactory;
import com.fasterxml.jackson.dataformat.yaml.YAMLParser;
import cufflink.problem.Outcome;
import cufflink.problem.Place;
import cufflink.problem.Problem;
import cufflink.words.DesignFileWords;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Reads one YAML document into a tree that knows where everything stands. */
final class YamlTreeReader {
    private static final int LONGEST = 200_000;
    private static final int DEEPEST = 20;
    private static final YAMLFactory FACTORY = new YAMLFactory();

    private final String file;
    private final String[] lines;
    private final YAMLParser parser;
    private final List<Problem> problems = new ArrayList<>();

    private YamlTreeReader(String file, String text, YAMLParser parser) {
        this.file = file;
        this.lines = text.split("\n", -1);
        this.parser = parser;
    }

    static Outcome<YamlNode> read(String file, String text) {
        if (text.length() > LONGEST) {
            return Outcome
                    .failed(Problem.error(file, DesignFileWords.TOO_LONG.of("length", text.length(), "most", LONGEST)));
        }
        try (YAMLParser parser = FACTORY.createParser(text)) {
            YamlTreeReader reader = new YamlTreeReader(file, text, parser);
            if (parser.nextToken() == null) {
                return Outcome.failed(Problem.error(file, DesignFileWords.EMPTY.of()));
            }
            YamlNode root = reader.node(0);
            if (parser.nextToken() != null) {
                reader.problems.add(Problem.error(reader.here().toString(), DesignFileWords.SECOND_DOCUMENT.of()));
            }
            return reader.problems.isEmpty() ? Outcome.of(root) : Outcome.failed(reader.problems);
        } catch (JsonProcessingException fault) {
            JsonLocation at = fault.getLocation();
            String where = at == null ? file
                    : new Place(file, at.getLineNr(), Math.max(1, at.getColumnNr())).toString();
            return Outcome
                    .failed(Problem.error(where,
                            DesignFileWords.NOT_YAML.of("reason", firstLine(fault.getOriginalMessage()))));
        } catch (IOException impossible) {
            throw new IllegalStateException("reading from memory failed", impossible);
        }
    }

    private static String firstLine(String message) {
        return message.lines().findFirst().orElse("").replaceAll("\\.$", "");
    }

    private Place here() {
        JsonLocation at = parser.currentTokenLocation();
        Place place = new Place(file, at.getLineNr(), at.getColumnNr());
        String line = at.getLineNr() <= lines.length ? lines[at.getLineNr() - 1] : "";
        int index = at.getColumnNr() - 1;
        boolean quoted = index >= 0 && index < line.length()
                && (line.charAt(index) == '"' || line.charAt(index) == '\'');
        return quoted ? place.after(1) : place;
    }

    private YamlNode node(int depth) throws IOException {
        Place place = here();
        if (depth > DEEPEST) {
            throw new JsonParseException(parser, DesignFileWords.TOO_DEEP.of("most", DEEPEST).sentence());
        }
        if (parser.isCurrentAlias() || parser.getObjectId() != null) {
            problems.add(Problem.error(place.toString(), DesignFileWords.ALIASES.of()));
        }
        JsonToken token = parser.currentToken();
        if (token == JsonToken.START_ARRAY) {
            List<YamlNode> items = new ArrayList<>();
            while (parser.nextToken() != JsonToken.END_ARRAY) {
                items.add(node(depth + 1));
            }
            return new YamlNode.Sequence(items, place);
        }
        return token == JsonToken.START_OBJECT ? mapping(place, depth)
                : new YamlNode.Scalar(token == JsonToken.VALUE_NULL ? "" : parser.getText(), place);
    }

    private YamlNode mapping(Place place, int depth) throws IOException {
        Map<String, YamlNode> entries = new LinkedHashMap<>();
        Map<String, Place> keys = new LinkedHashMap<>();
        while (parser.nextToken() != JsonToken.END_OBJECT) {
            String key = parser.currentName();
            Place at = here();
            if (keys.putIfAbsent(key, at) != null) {
                problems.add(Problem.error(at.toString(), DesignFileWords.KEY_TWICE.of("key", key)));
            }
            parser.nextToken();
            entries.put(key, node(depth + 1));
        }
        return new YamlNode.Mapping(entries, keys, place);
    }
}
