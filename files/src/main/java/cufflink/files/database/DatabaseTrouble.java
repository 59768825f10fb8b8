package cufflink.files.database;

import cufflink.files.FileTrouble;
import cufflink.words.FileWords;
import cufflink.words.Message;
import cufflink.words.DatabaseWords;
import java.io.IOException;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/** Why the database could not be used, in a few plain words that end a sentence. */
final class DatabaseTrouble {
    private DatabaseTrouble() {
    }

    static Message reason(Exception fault) {
        if (fault instanceof IOException disk) {
            return FileTrouble.reason(disk);
        }
        return fault instanceof SQLiteException sqlite
                ? reason(SQLiteErrorCode.getErrorCode(sqlite.getResultCode().code & 0xff))
                : DatabaseWords.NO_ANSWER.of();
    }

    private static Message reason(SQLiteErrorCode code) {
        return switch (code) {
            case SQLITE_BUSY, SQLITE_LOCKED -> DatabaseWords.IN_USE.of();
            case SQLITE_NOTADB -> DatabaseWords.NOT_A_DATABASE.of();
            case SQLITE_CORRUPT -> DatabaseWords.DAMAGED.of();
            case SQLITE_READONLY, SQLITE_PERM -> FileWords.FORBIDDEN.of();
            case SQLITE_CANTOPEN -> DatabaseWords.CANNOT_BE_OPENED.of();
            case SQLITE_FULL -> FileWords.DISK_FULL.of();
            case SQLITE_IOERR -> DatabaseWords.DISK_FAILED.of();
            case SQLITE_CONSTRAINT, SQLITE_MISMATCH -> DatabaseWords.DOES_NOT_FIT.of();
            default -> DatabaseWords.PART_MISSING.of();
        };
    }
}
