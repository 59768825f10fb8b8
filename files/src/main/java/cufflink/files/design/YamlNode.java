package cufflink.files.design;

import cufflink.problem.Place;
import java.util.List;
import java.util.Map;

/** A YAML document with the place of each part. */
sealed interface YamlNode {
    Place place();

    /** Text; {@code place} is its first character, inside quotes if there are any. */
    record Scalar(String text, Place place) implements YamlNode {
    }

    record Sequence(List<YamlNode> items, Place place) implements YamlNode {
    }

    /** Keys in the order of the file. */
    record Mapping(Map<String, YamlNode> entries, Map<String, Place> keys, Place place) implements YamlNode {
    }
}
