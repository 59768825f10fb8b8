package cufflink.desktop;

import java.nio.file.Path;
import java.util.Optional;
import javafx.stage.FileChooser;

/** Asks the maker for a file. */
interface FileQuestions {
    /** A file to read; empty if none is chosen. */
    Optional<Path> open(FileChooser chooser);

    /** A file to write; empty if none is chosen. */
    Optional<Path> save(FileChooser chooser);
}
