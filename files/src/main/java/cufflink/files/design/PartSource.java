package cufflink.files.design;

import cufflink.design.DesignDefinition;
import cufflink.problem.Outcome;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * Where the designs are found that a design file uses as parts, or builds on. Each is read once, however often it is
 * used.
 */
final class PartSource {
    /** So many designs may lie in one another, the outermost not counted. */
    static final int DEEPEST = 4;
    /** So many designs may be read in one another, those that others build on counted. */
    private static final int LONGEST_PATH = 20;

    private final Function<String, Optional<String>> texts;
    private final List<String> path;
    private final int depth;
    private final Map<String, Outcome<DesignDefinition>> read;

    private PartSource(Function<String, Optional<String>> texts, List<String> path, int depth,
            Map<String, Outcome<DesignDefinition>> read) {
        this.texts = texts;
        this.path = List.copyOf(path);
        this.depth = depth;
        this.read = read;
    }

    /** The built-in designs only, for a file or design of this name. */
    static PartSource builtIn(String reader) {
        return new PartSource(PartSource::builtInText, List.of(reader), 0, new HashMap<>());
    }

    /** The built-in designs, and those in the files of a folder: {@code tag} in {@code tag.yaml}. */
    static PartSource in(Path folder, String reader) {
        return new PartSource(id -> builtInText(id).or(() -> textOf(folder, id)), List.of(reader), 0, new HashMap<>());
    }

    private static Optional<String> builtInText(String id) {
        return BuiltInDesigns.ids().contains(id) ? Optional.of(BuiltInDesigns.text(id)) : Optional.empty();
    }

    /** What is no id, or cannot be read, is not there; a file says itself what is wrong when it is opened. */
    private static Optional<String> textOf(Path folder, String id) {
        if (!id.matches(Fields.ID)) {
            return Optional.empty();
        }
        Path file = folder.resolve(id + ".yaml");
        try {
            return Files.isRegularFile(file) && Files.size(file) <= DesignFileReader.LARGEST_FILE
                    ? Optional.of(Files.readString(file)) : Optional.empty();
        } catch (IOException unreadable) {
            return Optional.empty();
        }
    }

    /** The way from the outermost design to an id that is being read already; empty if it is not. */
    List<String> round(String id) {
        int first = path.indexOf(id);
        List<String> round = new ArrayList<>(first < 0 ? List.of() : path.subList(first, path.size()));
        if (first >= 0) {
            round.add(id);
        }
        return round;
    }

    /** Whether nothing more may lie in what is being read. */
    boolean isTooDeep() {
        return depth >= DEEPEST;
    }

    /** Whether nothing more may be read for it. */
    boolean isTooLong() {
        return path.size() > LONGEST_PATH;
    }

    /**
     * The design of an id, or what is wrong with it; absent if there is none.
     *
     * @param inside whether it lies in what is being read, not under it
     */
    Optional<Outcome<DesignDefinition>> design(String id, boolean inside) {
        if (!read.containsKey(id)) {
            texts.apply(id).ifPresent(text -> {
                List<String> longer = new ArrayList<>(path);
                longer.add(id);
                Outcome<DesignDefinition> outcome = DesignFileReader.parse(id + ".yaml", text,
                        new PartSource(texts, longer, inside ? depth + 1 : depth, read));
                read.put(id, outcome);
            });
        }
        return Optional.ofNullable(read.get(id));
    }
}
