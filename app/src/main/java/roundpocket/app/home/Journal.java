package roundpocket.app.home;

import jakarta.persistence.EntityManager;
import jakarta.persistence.EntityManagerFactory;
import java.io.IOException;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.support.DataAccessUtils;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.orm.jpa.EntityManagerFactoryInfo;
import org.springframework.orm.jpa.EntityManagerFactoryUtils;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionExecution;
import org.springframework.transaction.TransactionExecutionListener;
import roundpocket.app.home.JournalFile.Entry;
import roundpocket.app.home.Tables.Table;
import tools.jackson.databind.JsonNode;

/**
 * Writes down beside the store that something was acknowledged, before whoever asked for it is told; of presses, what. A
 * file that has come to less than was acknowledged has fallen back, and presses outlive it.
 */
@Component
public class Journal implements TransactionExecutionListener {
    private static final Logger LOG = LoggerFactory.getLogger(Journal.class);

    private final HomeKeeper home;
    private final ObjectProvider<JdbcTemplate> store;
    private final ObjectProvider<EntityManagerFactory> entities;
    private final ThreadLocal<Change> changes = new ThreadLocal<>();

    Journal(HomeKeeper home, ObjectProvider<JdbcTemplate> store, ObjectProvider<EntityManagerFactory> entities) {
        this.home = home;
        this.store = store;
        this.entities = entities;
    }

    private record Wanted(String table, String column, UUID id) {}

    /** What one transaction changes. */
    private static final class Change {
        private final List<Wanted> wanted = new ArrayList<>();
        private boolean more;
        private boolean derived;
        private long mark;
        private Map<String, List<JsonNode>> rows = Map.of();
    }

    private Change change() {
        Change change = changes.get();
        if (change == null) {
            change = new Change();
            changes.set(change);
        }
        return change;
    }

    /** Has the journal keep a row that the present transaction puts in, found by one of its columns. */
    public void keep(String table, String column, UUID id) {
        change().wanted.add(new Wanted(table, column, id));
    }

    /** That the present transaction only writes down what can be made from what is there. */
    public void changesNothingOfItsOwn() {
        change().derived = true;
    }

    /** That the present transaction changes more than what is kept of it. */
    public void changesMore() {
        change().more = true;
    }

    @Override
    public void afterBegin(TransactionExecution transaction, @Nullable Throwable failure) {
        changes.remove();
    }

    /** Last of all in a transaction: nobody waits for another who waits here. */
    @Override
    public void beforeCommit(TransactionExecution transaction) {
        if (transaction.isReadOnly()) {
            return;
        }
        flush();
        Change change = change();
        store.getObject().execute((ConnectionCallback<Void>) connection -> {
            note(connection, change);
            return null;
        });
    }

    private void flush() {
        EntityManagerFactory factory = entities.getObject();
        EntityManager open = EntityManagerFactoryUtils.getTransactionalEntityManager(factory);
        if (open == null) {
            return;
        }
        try {
            open.flush();
        } catch (RuntimeException refused) {
            var dialect = factory instanceof EntityManagerFactoryInfo info ? info.getJpaDialect() : null;
            throw dialect == null ? refused : DataAccessUtils.translateIfNecessary(refused, dialect);
        }
    }

    private static void note(Connection store, Change change) throws SQLException {
        try (Statement statement = store.createStatement();
                ResultSet row = statement.executeQuery(Mark.ON)) {
            change.mark = row.next() ? row.getLong(1) : 0;
        }
        if (change.mark > 0 && !change.wanted.isEmpty()) {
            change.rows = rows(store, change.wanted);
        }
    }

    private static Map<String, List<JsonNode>> rows(Connection store, List<Wanted> wanted) throws SQLException {
        Map<String, List<JsonNode>> rows = new LinkedHashMap<>();
        for (Wanted each : wanted) {
            Table table = KeptTables.of(store, each.table());
            try (PreparedStatement asked = store.prepareStatement(
                    "select " + table.names() + " from " + each.table() + " where " + each.column() + " = ?")) {
                asked.setObject(1, each.id());
                try (ResultSet row = asked.executeQuery()) {
                    while (row.next()) {
                        rows.computeIfAbsent(each.table(), none -> new ArrayList<>())
                                .add(BackupWriter.json(row, table));
                    }
                }
            }
        }
        return rows;
    }

    @Override
    public void afterCommit(TransactionExecution transaction, @Nullable Throwable failure) {
        Change change = changes.get();
        changes.remove();
        if (failure == null && change != null && change.mark > 0) {
            boolean whole = (change.derived || !change.wanted.isEmpty()) && !change.more;
            write(new Entry(change.mark, whole, change.rows));
        }
    }

    @Override
    public void afterRollback(TransactionExecution transaction, @Nullable Throwable failure) {
        changes.remove();
    }

    private void write(Entry entry) {
        try {
            home.journal().write(entry);
        } catch (IOException cannot) {
            if (!entry.rows().isEmpty()) {
                // It is stored, and not acknowledged: it will be sent again.
                throw new DataAccessResourceFailureException("not written down", cannot);
            }
            LOG.warn("What was stored can’t be written down beside: {}", cannot.getMessage());
        }
    }
}
