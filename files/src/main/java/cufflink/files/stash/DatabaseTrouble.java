package cufflink.files.stash;

import cufflink.files.FileTrouble;
import java.io.IOException;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/** Why the database could not be used, in a few plain words that end a sentence. */
final class DatabaseTrouble {
    private DatabaseTrouble() {
    }

    static String reason(Exception fault) {
        if (fault instanceof IOException disk) {
            return FileTrouble.reason(disk);
        }
        return fault instanceof SQLiteException sqlite
                ? reason(SQLiteErrorCode.getErrorCode(sqlite.getResultCode().code & 0xff))
                : "it does not answer as a stash does";
    }

    private static String reason(SQLiteErrorCode code) {
        return switch (code) {
            case SQLITE_BUSY, SQLITE_LOCKED -> "another program is using it";
            case SQLITE_NOTADB -> "it is not a stash, or it is damaged";
            case SQLITE_CORRUPT -> "it is damaged";
            case SQLITE_READONLY, SQLITE_PERM -> "the permissions forbid it";
            case SQLITE_CANTOPEN -> "it cannot be opened there";
            case SQLITE_FULL -> "the disk is full";
            case SQLITE_IOERR -> "the disk failed";
            case SQLITE_CONSTRAINT, SQLITE_MISMATCH -> "a value does not fit";
            default -> "a part of it is missing or damaged";
        };
    }
}
