package cufflink.files.design;

import cufflink.design.DesignDefinition;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * The built-in designs and those in a maker's folder. A maker's design with a built-in id takes its place.
 *
 * @param designs  by id, in the order of the shelf
 * @param problems mistakes in the maker's files; those files are left out
 */
public record DesignLibrary(Map<String, DesignDefinition> designs, List<Problem> problems) {
    public DesignLibrary {
        designs = Collections.unmodifiableMap(new LinkedHashMap<>(designs));
        problems = List.copyOf(problems);
    }

    /** Only the built-in designs. */
    public static DesignLibrary builtIn() {
        Map<String, DesignDefinition> designs = new LinkedHashMap<>();
        BuiltInDesigns.all().forEach(design -> designs.put(design.id(), design));
        return new DesignLibrary(designs, List.of());
    }

    /** With the {@code .yaml} files of a folder, in the order of their names; a folder that is not there is empty. */
    public static DesignLibrary with(Path folder) {
        DesignLibrary builtIn = builtIn();
        Map<String, DesignDefinition> designs = new LinkedHashMap<>(builtIn.designs);
        List<Problem> problems = new ArrayList<>();
        if (Files.isDirectory(folder)) {
            try (Stream<Path> files = Files.list(folder)) {
                for (Path file : files.filter(path -> path.toString().endsWith(".yaml")).sorted().toList()) {
                    Outcome<DesignDefinition> design = DesignFileReader.read(file);
                    problems.addAll(design.problems());
                    design.value().ifPresent(read -> designs.put(read.id(), read));
                }
            } catch (IOException fault) {
                problems.add(Problem.notice(folder.toString(), "This folder cannot be read: " + fault.getMessage() + ".", ""));
            }
        }
        return new DesignLibrary(designs, problems);
    }

    /** The design with this id, or a problem that names those there are. */
    public Outcome<DesignDefinition> find(String id) {
        return designs.containsKey(id) ? Outcome.of(designs.get(id))
                : Outcome.failed(Problem.error(id, "There is no such design.", "The designs are " + String.join(", ", designs.keySet()) + "."));
    }
}
