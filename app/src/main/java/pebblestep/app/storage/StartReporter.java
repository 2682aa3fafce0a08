package pebblestep.app.storage;

import org.springframework.boot.SpringBootExceptionReporter;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;

/** Says in two sentences why the application cannot start, without a trace of its inside. */
@Order(Ordered.HIGHEST_PRECEDENCE)
public final class StartReporter implements SpringBootExceptionReporter {
    @Override
    public boolean reportException(Throwable failure) {
        if (!(failure instanceof CannotStart why)) return false;
        System.err.println(why.getMessage());
        return true;
    }
}
