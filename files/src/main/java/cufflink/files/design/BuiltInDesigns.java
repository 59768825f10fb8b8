package cufflink.files.design;

import cufflink.design.DesignDefinition;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;

/** The designs that come with Cufflink. */
public final class BuiltInDesigns {
    private static final List<String> IDS = List.of("half-fold", "overlapping-gate", "accordion", "slim-tent", "m-fold-holder", "back-fold-holder",
            "belly-band");

    private BuiltInDesigns() {
    }

    /** Read once, on first use. */
    private static final class Loaded {
        private static final List<DesignDefinition> ALL = IDS.stream().map(BuiltInDesigns::load).toList();
    }

    /** All of them, in the order of the shelf. */
    public static List<DesignDefinition> all() {
        return Loaded.ALL;
    }

    public static Optional<DesignDefinition> named(String id) {
        return all().stream().filter(design -> design.id().equals(id)).findFirst();
    }

    /** The design with this id, or a problem that names those there are. */
    public static Outcome<DesignDefinition> find(String id) {
        return named(id).map(Outcome::of).orElseGet(() -> Outcome.failed(Problem.error(id, "There is no such design.",
                "The designs are " + String.join(", ", IDS) + ".")));
    }

    /** The text of a built-in design's file, to copy and change. */
    public static String text(String id) {
        try (InputStream stream = BuiltInDesigns.class.getResourceAsStream("/cufflink/files/designs/" + id + ".yaml")) {
            return new String(stream.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException fault) {
            throw new UncheckedIOException(fault);
        }
    }

    private static DesignDefinition load(String id) {
        return DesignFileReader.read(id + ".yaml", text(id)).orThrow();
    }
}
