package cufflink.files;

import cufflink.words.FileWords;
import cufflink.words.Message;
import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.FileSystemLoopException;
import java.nio.file.NoSuchFileException;
import java.nio.file.NotDirectoryException;
import java.util.Locale;

/** Why a file could not be read or written, in a few plain words that end a sentence: "you may not write there". */
public final class FileTrouble {
    private FileTrouble() {
    }

    /** The reason, without the file's name and without a full stop. */
    public static Message reason(IOException fault) {
        if (fault instanceof NoSuchFileException) {
            return FileWords.NOT_THERE.of();
        } else if (fault instanceof AccessDeniedException) {
            return FileWords.FORBIDDEN.of();
        } else if (fault instanceof NotDirectoryException || fault instanceof FileAlreadyExistsException) {
            return FileWords.FOLDER_NEEDED.of();
        } else if (fault instanceof FileSystemLoopException) {
            return FileWords.ROUND_IN_A_CIRCLE.of();
        } else if (fault instanceof CharacterCodingException) {
            return FileWords.NOT_UTF8.of();
        }
        String said = fault instanceof FileSystemException file ? file.getReason() : fault.getMessage();
        return said == null || said.isBlank() ? FileWords.NO_REASON.of() : plain(said);
    }

    /** What the platform says, in a maker's words where it is known. */
    private static Message plain(String said) {
        String small = said.toLowerCase(Locale.ROOT);
        if (small.contains("no space left") || small.contains("quota")) {
            return FileWords.DISK_FULL.of();
        } else if (small.contains("read-only")) {
            return FileWords.READ_ONLY.of();
        } else if (small.contains("too long")) {
            return FileWords.NAME_TOO_LONG.of();
        } else if (small.contains("not a directory")) {
            return FileWords.FOLDER_NEEDED.of();
        } else if (small.contains("too many levels")) {
            return FileWords.ROUND_IN_A_CIRCLE.of();
        } else if (small.contains("permission denied") || small.contains("not permitted")) {
            return FileWords.FORBIDDEN.of();
        }
        return Message.plain(said.strip().replaceAll("\\.$", ""), "");
    }
}
