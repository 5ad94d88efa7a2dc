package roundpocket.app.home;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.sql.SQLException;
import org.h2.api.ErrorCode;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataAccessResourceFailureException;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What a failed write means; the failing store itself is tried by the browser tests. */
public class StoreTroubleTest {
    private static Exception general(String said) {
        return new SQLException("general", "HY000", ErrorCode.GENERAL_ERROR_1, new IOException(said));
    }

    @DataProvider
    public Object[][] failures() {
        Exception closed = new SQLException("closed", "90098", ErrorCode.DATABASE_IS_CLOSED);
        Exception constraint =
                new SQLException("Check constraint invalid", "23514", ErrorCode.CHECK_CONSTRAINT_INVALID, closed);
        return new Object[][] {
            {new IllegalStateException(general("File too large")), StoreTrouble.FULL},
            {general("No space left on device"), StoreTrouble.FULL},
            {new UncheckedIOException(new IOException("No space left on device")), StoreTrouble.FULL},
            {
                new DataAccessResourceFailureException("journal", new IOException("No space left on device")),
                StoreTrouble.FULL
            },
            {general("Read-only file system"), StoreTrouble.UNWRITABLE},
            {general("round-pocket.mv.db (Permission denied)"), StoreTrouble.UNWRITABLE},
            {new IllegalStateException(closed), StoreTrouble.CLOSED},
            {new IllegalStateException(constraint), StoreTrouble.CLOSED},
            {general("the cable"), StoreTrouble.CLOSED},
            {new SQLException("busy", "HYT00", ErrorCode.LOCK_TIMEOUT_1), null},
            {new IOException("a page was closed"), null},
            {new IllegalStateException(), null},
        };
    }

    /** A start writes small files before it opens the store. */
    @Test
    public void aHomeOnAFullDiskIsRefusedInWords() {
        HomeFolder home = new HomeFolder(Path.of("full"));
        Exception full = new UncheckedIOException(new IOException("No space left on device"));
        assertThat(HomeTrouble.ofTheDisk(home, full)).hasValueSatisfying(trouble -> {
            assertThat(trouble).hasMessageContaining("can’t write in its folder, full: the disk is full");
            assertThat(trouble.remedy()).startsWith("Make room");
        });
        assertThat(HomeTrouble.ofTheDisk(home, new IllegalStateException())).isEmpty();
    }

    @Test(dataProvider = "failures")
    public void onlyADiskWithoutRoomIsCalledFull(Exception failure, @Nullable StoreTrouble trouble) {
        assertThat(StoreTrouble.of(failure).orElse(null)).isEqualTo(trouble);
    }
}
