package pebblestep.app.storage;

import java.sql.SQLException;
import java.util.Set;

/** Tells from an error what became of the database. */
public final class Databases {
    // H2, org.h2.api.ErrorCode: DATABASE_IS_CLOSED, DATABASE_CALLED_AT_SHUTDOWN, IO_EXCEPTION_1, IO_EXCEPTION_2,
    // FILE_CORRUPTED_1.
    private static final Set<Integer> GONE = Set.of(90098, 90121, 90028, 90031, 90030);
    private static final String STORE = "org.h2.mvstore.MVStoreException";
    private static final int DEEPEST = 20;

    private Databases() {}

    /** Whether an error comes from a database that closed itself because it could not write or read its file. */
    public static boolean isGone(Throwable error) {
        Throwable cause = error;
        for (int i = 0; cause != null && i < DEEPEST; i++, cause = cause.getCause()) {
            if (cause instanceof SQLException sql && GONE.contains(sql.getErrorCode())) return true;
            if (cause.getClass().getName().equals(STORE)) return true;
        }
        return false;
    }
}
