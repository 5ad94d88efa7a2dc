package roundpocket.app.home;

import java.sql.Connection;
import java.sql.SQLException;

/** Refuses a backup in which something stands that this program could not have written, before anything of it is used. */
public interface RestoreCheck {
    /** Throws a refusal where something does. */
    void check(Connection backup) throws SQLException;
}
