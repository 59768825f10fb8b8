package cufflink.files;

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
    public static String reason(IOException fault) {
        if (fault instanceof NoSuchFileException) {
            return "it is not there";
        } else if (fault instanceof AccessDeniedException) {
            return "the permissions forbid it";
        } else if (fault instanceof NotDirectoryException || fault instanceof FileAlreadyExistsException) {
            return "a file stands where a folder is needed";
        } else if (fault instanceof FileSystemLoopException) {
            return "links lead round in a circle";
        } else if (fault instanceof CharacterCodingException) {
            return "it is not a text in UTF-8";
        }
        String said = fault instanceof FileSystemException file ? file.getReason() : fault.getMessage();
        return said == null || said.isBlank() ? "the disk gave no reason" : plain(said);
    }

    /** What the platform says, in a maker's words where it is known. */
    private static String plain(String said) {
        String small = said.toLowerCase(Locale.ROOT);
        if (small.contains("no space left") || small.contains("quota")) {
            return "the disk is full";
        } else if (small.contains("read-only")) {
            return "the disk can only be read";
        } else if (small.contains("too long")) {
            return "the name is too long";
        } else if (small.contains("not a directory")) {
            return "a file stands where a folder is needed";
        } else if (small.contains("too many levels")) {
            return "links lead round in a circle";
        } else if (small.contains("permission denied") || small.contains("not permitted")) {
            return "the permissions forbid it";
        }
        return said.strip().replaceAll("\\.$", "");
    }
}
