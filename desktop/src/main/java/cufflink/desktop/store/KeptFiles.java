package cufflink.desktop.store;

import cufflink.files.FileTrouble;
import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.FileWords;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.stream.Stream;

/** A folder of JSON files, each named after what is in it. */
final class KeptFiles {
    private final Path folder;
    private final String fallback;

    /** {@code fallback} names a file whose content has no usable name. */
    KeptFiles(Path folder, String fallback) {
        this.folder = folder;
        this.fallback = fallback;
    }

    /** Reads all, the newest first; files that cannot be read are reported, not touched. */
    <T> void read(Function<Path, Outcome<T>> reader, List<Problem> problems, BiConsumer<Path, T> found) {
        if (!Files.isDirectory(folder)) {
            return;
        }
        List<Path> paths = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder)) {
            files.filter(path -> path.toString().endsWith(".json")).sorted(
                    Comparator.comparing(KeptFiles::changed).reversed().thenComparing(Comparator.naturalOrder()))
                    .forEach(paths::add);
        } catch (IOException fault) {
            problems.add(Problem.notice(folder.toString(),
                    FileWords.FOLDER_UNREADABLE.of("reason", FileTrouble.reason(fault))));
        }
        for (Path path : paths) {
            Outcome<T> outcome = reader.apply(path);
            problems.addAll(outcome.problems());
            outcome.value().ifPresent(value -> found.accept(path, value));
        }
    }

    private static long changed(Path file) {
        try {
            return Files.getLastModifiedTime(file).toMillis();
        } catch (IOException gone) {
            return 0;
        }
    }

    /** A file of the folder by its name. */
    Path named(String name) {
        return folder.resolve(name);
    }

    /** A file for something new, named after it; never one that is there. */
    Path fresh(String name) {
        String plain = name.strip().toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-|-$",
                "");
        String base = plain.isEmpty() ? fallback : plain;
        Path file = folder.resolve(base + ".json");
        for (int i = 2; Files.exists(file); i++) {
            file = folder.resolve(base + "-" + i + ".json");
        }
        return file;
    }
}
