package app.frenum.server;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.lang.reflect.Method;
import org.springframework.context.annotation.Configuration;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.resilience.annotation.EnableResilientMethods;
import org.springframework.resilience.annotation.Retryable;
import org.springframework.resilience.retry.MethodRetryPredicate;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Marks a service whose requests may be sent twice at once. The one that loses the race is done again from its beginning,
 * in a new transaction: it then finds what the other stored, and answers like it where both said the same, or says what is
 * in the way where they did not.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.TYPE)
@Retryable(
        includes = {
            DataIntegrityViolationException.class,
            OptimisticLockingFailureException.class,
            PessimisticLockingFailureException.class
        },
        predicate = Raced.AtTheOutermost.class,
        maxRetries = 3,
        delay = 20,
        jitter = 15,
        multiplier = 2)
public @interface Raced {
    /** Only what began a transaction can do it again; within one there is nothing left to go on with. */
    class AtTheOutermost implements MethodRetryPredicate {
        @Override
        public boolean shouldRetry(Method method, Throwable problem) {
            return !TransactionSynchronizationManager.isActualTransactionActive();
        }
    }

    /** Puts the retries around the transactions. */
    @Configuration(proxyBeanMethods = false)
    @EnableResilientMethods
    class Retries {}
}
