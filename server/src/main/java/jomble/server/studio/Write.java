package jomble.server.studio;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.lang.reflect.Method;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.resilience.annotation.Retryable;
import org.springframework.resilience.retry.MethodRetryPredicate;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * A writing transaction. When the database aborts it in favour of another (a deadlock, a lock timeout, a duplicate key
 * inserted concurrently), it is retried on the new state, at most {@value #RETRIES} times.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@Transactional
@Retryable(
        includes = {PessimisticLockingFailureException.class, DataIntegrityViolationException.class},
        predicate = Write.IsOutermost.class,
        maxRetries = Write.RETRIES,
        delay = 20,
        jitter = 20,
        multiplier = 2)
public @interface Write {
    int RETRIES = 5;

    /** A nested transaction is not retried by itself. */
    final class IsOutermost implements MethodRetryPredicate {
        @Override
        public boolean shouldRetry(Method method, Throwable failure) {
            return !TransactionSynchronizationManager.isActualTransactionActive();
        }
    }
}
