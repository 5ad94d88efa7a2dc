package roundpocket.app.store;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** What is acknowledged outlives a power cut: a commit alone is safe from a killed process, this waits for the disk as well. */
@Component
public class WriteThrough {
    private final JdbcTemplate store;

    WriteThrough(JdbcTemplate store) {
        this.store = store;
    }

    /** Has whoever commits the present transaction wait until it is on the disk. */
    public void onCommit() {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                store.execute("CHECKPOINT SYNC");
            }
        });
    }
}
