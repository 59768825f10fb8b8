package cufflink.files.design;

import cufflink.design.DesignDefinition;
import cufflink.files.FileTrouble;
import cufflink.problem.Ordered;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.DesignFileWords;
import cufflink.words.FileWords;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * The built-in designs and those in a maker's folder. A maker's design with a built-in id takes its place.
 *
 * @param designs by id, in the order of the shelf
 * @param refused the maker's files that are left out, with the mistakes in each
 */
public record DesignLibrary(Map<String, DesignDefinition> designs, Map<String, List<Problem>> refused) {
    public DesignLibrary {
        designs = Ordered.map(designs);
        refused = Ordered.map(refused);
    }

    /** Only the built-in designs. */
    public static DesignLibrary builtIn() {
        Map<String, DesignDefinition> designs = new LinkedHashMap<>();
        BuiltInDesigns.all().forEach(design -> designs.put(design.id(), design));
        return new DesignLibrary(designs, Map.of());
    }

    /** With the {@code .yaml} files of a folder, in the order of their names; a folder that is not there is empty. */
    public static DesignLibrary with(Path folder) {
        DesignLibrary builtIn = builtIn();
        Map<String, DesignDefinition> designs = new LinkedHashMap<>(builtIn.designs);
        Map<String, List<Problem>> refused = new LinkedHashMap<>();
        if (Files.isDirectory(folder)) {
            try (Stream<Path> files = Files.list(folder)) {
                for (Path file : files.filter(path -> path.toString().endsWith(".yaml")).sorted().toList()) {
                    Outcome<DesignDefinition> design = DesignFileReader.read(file);
                    design.value().ifPresentOrElse(read -> designs.put(read.id(), read),
                            () -> refused.put(String.valueOf(file.getFileName()), design.problems()));
                }
            } catch (IOException fault) {
                refused.put(folder.toString(), List.of(Problem.error(folder.toString(),
                        FileWords.FOLDER_UNREADABLE.of("reason", FileTrouble.reason(fault)))));
            }
        }
        return new DesignLibrary(designs, refused);
    }

    /** These and one more. */
    public DesignLibrary with(DesignDefinition design) {
        Map<String, DesignDefinition> more = new LinkedHashMap<>(designs);
        more.put(design.id(), design);
        return new DesignLibrary(more, refused);
    }

    /** The design with this id, or a problem that names those there are. */
    public Outcome<DesignDefinition> find(String id) {
        return designs.containsKey(id) ? Outcome.of(designs.get(id))
                : Outcome.failed(
                        Problem.error(id, DesignFileWords.NO_SUCH_DESIGN.of("designs", List.copyOf(designs.keySet()))));
    }
}
