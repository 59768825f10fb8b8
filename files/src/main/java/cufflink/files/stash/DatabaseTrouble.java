package cufflink.files.stash;

import cufflink.files.FileTrouble;
import cufflink.words.FileWords;
import cufflink.words.Message;
import cufflink.words.StashFileWords;
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
                : StashFileWords.NO_STASH.of();
    }

    private static Message reason(SQLiteErrorCode code) {
        return switch (code) {
            case SQLITE_BUSY, SQLITE_LOCKED -> StashFileWords.IN_USE.of();
            case SQLITE_NOTADB -> StashFileWords.NOT_A_DATABASE.of();
            case SQLITE_CORRUPT -> StashFileWords.DAMAGED.of();
            case SQLITE_READONLY, SQLITE_PERM -> FileWords.FORBIDDEN.of();
            case SQLITE_CANTOPEN -> StashFileWords.CANNOT_BE_OPENED.of();
            case SQLITE_FULL -> FileWords.DISK_FULL.of();
            case SQLITE_IOERR -> StashFileWords.DISK_FAILED.of();
            case SQLITE_CONSTRAINT, SQLITE_MISMATCH -> StashFileWords.DOES_NOT_FIT.of();
            default -> StashFileWords.PART_MISSING.of();
        };
    }
}
