package scree.app.web;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.transaction.CannotCreateTransactionException;

/** Tells a database that is away from a fault of our own. */
final class StoreTrouble {
    /** Deeper chains of causes are circles. */
    private static final int DEEPEST = 20;

    private StoreTrouble() {}

    /** Returns whether what went wrong comes from a database that cannot be reached or is going down. */
    static boolean away(Throwable trouble) {
        Throwable at = trouble;
        for (int i = 0; at != null && i < DEEPEST; i++, at = at.getCause()) {
            if (at instanceof SQLTransientConnectionException
                    || at instanceof CannotGetJdbcConnectionException
                    || at instanceof DataAccessResourceFailureException
                    || at instanceof CannotCreateTransactionException
                    || at instanceof SQLException sql && connectionGone(sql.getSQLState())) {
                return true;
            }
        }
        return false;
    }

    /** SQL states 08 (connection) and 57P (shutdown, crash, starting up) of PostgreSQL's appendix A. */
    private static boolean connectionGone(String state) {
        return state != null && (state.startsWith("08") || state.startsWith("57P"));
    }
}
