package cufflink.files.design;

import cufflink.design.DesignDefinition;
import cufflink.problem.Outcome;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * Where the designs are found that a design file uses as parts, or builds on.
 *
 * @param text the file of a design, by id; absent if there is none
 * @param path ids of the designs that are being read, the outermost first
 */
record PartSource(Function<String, Optional<String>> text, List<String> path) {
    /** So many designs may lie in one another. */
    static final int DEEPEST = 4;

    PartSource {
        path = List.copyOf(path);
    }

    /** The built-in designs only. */
    static PartSource builtIn() {
        return new PartSource(id -> BuiltInDesigns.ids().contains(id) ? Optional.of(BuiltInDesigns.text(id))
                : Optional.empty(), List.of());
    }

    /** The built-in designs, and those in the files of a folder: {@code tag} in {@code tag.yaml}. */
    static PartSource in(Path folder) {
        PartSource builtIn = builtIn();
        return new PartSource(id -> builtIn.text.apply(id).or(() -> textOf(folder.resolve(id + ".yaml"))), List.of());
    }

    /** What cannot be read is not there; the file says so itself when it is opened. */
    private static Optional<String> textOf(Path file) {
        try {
            return Files.isRegularFile(file) && Files.size(file) <= DesignFileReader.LARGEST_FILE
                    ? Optional.of(Files.readString(file)) : Optional.empty();
        } catch (IOException unreadable) {
            return Optional.empty();
        }
    }

    /** The same while the design of an id is being read. */
    PartSource reading(String id) {
        List<String> longer = new ArrayList<>(path);
        longer.add(id);
        return new PartSource(text, longer);
    }

    boolean isBeingRead(String id) {
        return path.contains(id);
    }

    /** A design that is there, read. */
    Outcome<DesignDefinition> design(String id) {
        return DesignFileReader.parse(id + ".yaml", text.apply(id).orElseThrow(), reading(id));
    }
}
