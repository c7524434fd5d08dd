package org.leanlintel.server.api;

import java.sql.SQLException;
import java.sql.SQLTransientException;
import org.jspecify.annotations.Nullable;

/** Why the database could not do something it could do another time, by the SQLSTATE of ISO/IEC 9075 and PostgreSQL's own. */
enum DatabaseFault {
    AWAY("The database does not answer. What is sent again goes on where it was."),
    FULL("The database's disk is full. Nothing can be stored until there is room; what is on the page stays there."),
    BUSY("The database is busy with other work. What is sent again goes on where it was.");

    private final String sentence;

    DatabaseFault(String sentence) {
        this.sentence = sentence;
    }

    String sentence() {
        return sentence;
    }

    /** Null where the fault is of another kind. */
    static @Nullable DatabaseFault of(Throwable fault) {
        for (Throwable cause = fault; cause != null; cause = cause.getCause() == cause ? null : cause.getCause())
            if (cause instanceof SQLException sql && of(sql) instanceof DatabaseFault found) return found;
        return null;
    }

    private static @Nullable DatabaseFault of(SQLException sql) {
        String state = sql.getSQLState() == null ? "" : sql.getSQLState();
        if (state.equals("53100")) return FULL;
        if (state.startsWith("40") || state.equals("55P03") || state.equals("57014")) return BUSY;
        boolean away = state.startsWith("08")
                || state.startsWith("53")
                || state.startsWith("57P")
                || state.equals("55000")
                || sql instanceof SQLTransientException
                || "Connection is closed".equals(sql.getMessage());
        return away ? AWAY : null;
    }
}
