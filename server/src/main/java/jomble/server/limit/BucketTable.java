package jomble.server.limit;

import io.github.bucket4j.distributed.proxy.ClientSideConfig;
import io.github.bucket4j.distributed.proxy.generic.select_for_update.AbstractSelectForUpdateBasedProxyManager;
import io.github.bucket4j.distributed.proxy.generic.select_for_update.LockAndGetResult;
import io.github.bucket4j.distributed.proxy.generic.select_for_update.SelectForUpdateBasedTransaction;
import io.github.bucket4j.distributed.remote.RemoteBucketState;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;

/** Token buckets in the database, shared by every instance. */
final class BucketTable extends AbstractSelectForUpdateBasedProxyManager<String> {
    private final DataSource database;

    BucketTable(DataSource database, ClientSideConfig config) {
        super(config);
        this.database = database;
    }

    @Override
    public void removeProxy(String id) {
        try (Connection connection = database.getConnection();
                PreparedStatement delete = connection.prepareStatement("delete from rate_bucket where id = ?")) {
            delete.setString(1, id);
            delete.executeUpdate();
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    @Override
    public boolean isExpireAfterWriteSupported() {
        return true;
    }

    @Override
    protected SelectForUpdateBasedTransaction allocateTransaction(String id, Optional<Long> timeoutNanos) {
        try {
            return new Row(id, database.getConnection());
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /** One use of a bucket: its row is locked, read and written in a separate transaction. */
    private final class Row implements SelectForUpdateBasedTransaction {
        private final String id;
        private final Connection connection;

        Row(String id, Connection connection) {
            this.id = id;
            this.connection = connection;
        }

        private interface Statement<T> {
            T run(PreparedStatement statement) throws SQLException;
        }

        private interface Use {
            void of(Connection connection) throws SQLException;
        }

        private void run(Use use) {
            try {
                use.of(connection);
            } catch (SQLException e) {
                throw new IllegalStateException(e);
            }
        }

        private <T> T run(String sql, Optional<Long> timeoutNanos, Statement<T> work) {
            try (PreparedStatement statement = connection.prepareStatement(sql)) {
                applyTimeout(statement, timeoutNanos);
                return work.run(statement);
            } catch (SQLException e) {
                throw new IllegalStateException(e);
            }
        }

        @Override
        public void begin(Optional<Long> timeoutNanos) {
            run(use -> {
                use.setAutoCommit(false);
                // Without a gap lock for missing rows: two concurrent inserts would deadlock.
                use.setTransactionIsolation(Connection.TRANSACTION_READ_COMMITTED);
            });
        }

        @Override
        public LockAndGetResult tryLockAndGet(Optional<Long> timeoutNanos) {
            return run("select state from rate_bucket where id = ? for update", timeoutNanos, select -> {
                select.setString(1, id);
                try (ResultSet rows = select.executeQuery()) {
                    return rows.next() ? LockAndGetResult.locked(rows.getBytes(1)) : LockAndGetResult.notLocked();
                }
            });
        }

        @Override
        public boolean tryInsertEmptyData(Optional<Long> timeoutNanos) {
            return run("insert ignore into rate_bucket (id) values (?)", timeoutNanos, insert -> {
                insert.setString(1, id);
                return insert.executeUpdate() > 0;
            });
        }

        @Override
        public void update(byte[] state, RemoteBucketState bucket, Optional<Long> timeoutNanos) {
            long now = System.currentTimeMillis();
            long livesMillis = getClientSideConfig()
                    .getExpirationAfterWriteStrategy()
                    .orElseThrow()
                    .calculateTimeToLiveMillis(bucket, TimeUnit.MILLISECONDS.toNanos(now));
            run("update rate_bucket set state = ?, expires_at = ? where id = ?", timeoutNanos, update -> {
                update.setBytes(1, state);
                update.setLong(2, now + livesMillis);
                update.setString(3, id);
                return update.executeUpdate();
            });
        }

        @Override
        public void commit(Optional<Long> timeoutNanos) {
            run(Connection::commit);
        }

        @Override
        public void rollback() {
            run(Connection::rollback);
        }

        @Override
        public void release() {
            run(use -> {
                use.setTransactionIsolation(Connection.TRANSACTION_REPEATABLE_READ);
                use.setAutoCommit(true);
                use.close();
            });
        }
    }
}
