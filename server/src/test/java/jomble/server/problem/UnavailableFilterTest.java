package jomble.server.problem;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import java.sql.SQLNonTransientConnectionException;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.transaction.TransactionSystemException;

class UnavailableFilterTest {
    private static final SQLException LOST =
            new SQLNonTransientConnectionException("unexpected end of stream", "08000");
    private static final SQLException KILLED = new SQLException("server shutdown in progress", "70100");
    private static final SQLException CLOSED = new SQLException("Connection is closed");
    private static final SQLException DUPLICATE = new SQLException("duplicate key", "23000");

    static Stream<Arguments> failures() {
        TransactionSystemException hiding = new TransactionSystemException("unable to rollback", DUPLICATE);
        hiding.initApplicationException(new IllegalStateException(KILLED));
        RuntimeException suppressing = new IllegalStateException("while closing");
        suppressing.addSuppressed(LOST);
        RuntimeException circular = new IllegalStateException("round");
        circular.initCause(new IllegalStateException(circular));
        return Stream.of(
                Arguments.of("lost", new IllegalStateException(LOST), true),
                Arguments.of("unable to rollback", new TransactionSystemException("unable to rollback", CLOSED), true),
                Arguments.of("what a failed rollback hides", hiding, true),
                Arguments.of("suppressed", suppressing, true),
                Arguments.of("a duplicate key", new DataIntegrityViolationException("busy", DUPLICATE), false),
                Arguments.of("its own cause", circular, false),
                Arguments.of("no database at all", new IllegalStateException("Connection is closed"), false));
    }

    @ParameterizedTest(name = "{0}: {2}")
    @MethodSource("failures")
    void knowsADatabaseThatIsAway(String what, Throwable failure, boolean isAway) {
        assertThat(UnavailableFilter.isDatabaseAway(failure)).isEqualTo(isAway);
    }
}
