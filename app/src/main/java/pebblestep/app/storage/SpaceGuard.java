package pebblestep.app.storage;

import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionExecution;
import org.springframework.transaction.TransactionExecutionListener;

/** Refuses to begin what writes while there is too little space or the database could not be written; what only reads goes on. */
@Component
class SpaceGuard implements TransactionExecutionListener {
    private final Space space;
    private final DatabaseWatch watch;

    SpaceGuard(Space space, DatabaseWatch watch) {
        this.space = space;
        this.watch = watch;
    }

    @Override
    public void beforeBegin(TransactionExecution transaction) {
        if (!transaction.isReadOnly() && (space.isLow() || !watch.writes())) throw new NoRoom();
    }
}
