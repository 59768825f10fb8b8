package cufflink.files;

import cufflink.problem.Outcome;
import cufflink.problem.Problem;
import cufflink.words.FileWords;
import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.Files;
import java.nio.file.Path;

/** Reads text files of a size that can be. */
public final class TextFile {
    private TextFile() {
    }

    /**
     * The text of a file, or why there is none; the file stays as it is.
     *
     * @param kind    what it holds, and in what format, as messages say it
     * @param largest bytes
     */
    public static Outcome<String> read(Path file, String kind, String format, long largest) {
        String name = String.valueOf(file.getFileName());
        try {
            return Files.size(file) > largest
                    ? Outcome.failed(Problem.error(name, FileWords.TOO_LARGE.of("kind", kind)))
                    : Outcome.of(Files.readString(file));
        } catch (CharacterCodingException fault) {
            return Outcome.failed(Problem.error(name, FileWords.NOT_TEXT.of("kind", kind, "format", format)));
        } catch (IOException fault) {
            return Outcome.failed(
                    Problem.error(file.toString(), FileWords.UNREADABLE.of("reason", FileTrouble.reason(fault))));
        }
    }
}
