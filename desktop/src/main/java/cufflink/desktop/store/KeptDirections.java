package cufflink.desktop.store;

import cufflink.directions.DirectionsReader;
import cufflink.files.AtomicFile;
import cufflink.files.FileTrouble;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.Consumer;

/** The directions that were worked on last, as they were left. */
public final class KeptDirections {
    private final Path file;
    private final SaveQueue saver;
    private final Consumer<String> onFailure;

    KeptDirections(Path data, SaveQueue saver, Consumer<String> onFailure) {
        this.file = data.resolve("directions.txt");
        this.saver = saver;
        this.onFailure = onFailure;
    }

    /** As they were left; empty if there are none, or none that can be read. */
    public String text() {
        saver.flush();
        try {
            return Files.size(file) > 4L * DirectionsReader.MOST_CHARACTERS ? ""
                    : new String(Files.readAllBytes(file), StandardCharsets.UTF_8);
        } catch (IOException none) {
            return "";
        }
    }

    /** Keeps them soon. */
    public void keep(String text) {
        saver.soon(file, () -> AtomicFile.write(file, text.getBytes(StandardCharsets.UTF_8)), fault -> onFailure
                .accept("The directions could not be kept: " + FileTrouble.reason(fault) + ". Copy them elsewhere."));
    }
}
