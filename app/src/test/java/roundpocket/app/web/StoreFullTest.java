package roundpocket.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.sql.SQLException;
import org.h2.api.ErrorCode;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Which failures mean that the disk is full; the failing store itself is tried by the browser tests. */
public class StoreFullTest {
    @DataProvider
    public Object[][] failures() {
        Exception closed = new SQLException("closed", "90098", ErrorCode.DATABASE_IS_CLOSED);
        Exception unwritable =
                new SQLException("general", "HY000", ErrorCode.GENERAL_ERROR_1, new IOException("too large"));
        return new Object[][] {
            {new IllegalStateException(closed), true},
            {new IllegalStateException(new RuntimeException(unwritable)), true},
            {new SQLException("busy", "HYT00", ErrorCode.LOCK_TIMEOUT_1), false},
            {new IOException("a page was closed"), false},
            {new IllegalStateException(), false},
        };
    }

    @Test(dataProvider = "failures")
    public void onlyAStoreThatCannotBeWrittenIsFull(Exception failure, boolean full) {
        assertThat(StoreFull.is(failure)).isEqualTo(full);
    }
}
