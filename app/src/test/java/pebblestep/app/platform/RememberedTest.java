package pebblestep.app.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.AbstractPlatformTransactionManager;
import org.springframework.transaction.support.DefaultTransactionStatus;
import org.springframework.transaction.support.TransactionTemplate;

/** What is remembered of rows follows what is committed, whoever comes first. */
class RememberedTest {
    private static final long ROW = 7;

    private final TransactionTemplate transaction = new TransactionTemplate(new NoDatabase());
    private Remembered<Long, String> remembered;
    private long version;

    @BeforeEach
    void nothing_is_known() {
        remembered = Remembered.most(10);
        version = 0;
    }

    /** A row is written: its version is known only when it is committed. */
    private void write(String value, boolean taken) {
        transaction.executeWithoutResult(status -> {
            remembered.write(ROW, () -> version, () -> value);
            version++;
            assertThat(remembered.get(ROW))
                    .as("what is being written is not known yet")
                    .isEmpty();
            if (!taken) {
                status.setRollbackOnly();
                version--;
            }
        });
    }

    @Test
    void what_was_read_is_known() {
        assertThat(remembered.get(ROW)).isEmpty();
        remembered.read(ROW, 1, "read");
        assertThat(remembered.get(ROW)).contains("read");
    }

    @Test
    void what_is_written_is_known_once_it_is_committed() {
        remembered.read(ROW, version, "before");
        write("after", true);
        assertThat(remembered.get(ROW)).contains("after");
    }

    @Test
    void what_is_taken_back_was_never_known() {
        remembered.read(ROW, version, "before");
        write("after", false);
        assertThat(remembered.get(ROW)).contains("before");
    }

    @Test
    void a_reader_that_was_overtaken_brings_nothing_old_back() {
        long seen = version;
        write("new", true);
        remembered.read(ROW, seen, "old");
        assertThat(remembered.get(ROW)).contains("new");
    }

    @Test
    void what_is_to_be_read_again_is_unknown_until_it_is() {
        remembered.read(ROW, version, "before");
        transaction.executeWithoutResult(status -> {
            remembered.write(ROW, () -> version, () -> null);
            version++;
        });
        assertThat(remembered.get(ROW)).isEmpty();
        remembered.read(ROW, version - 1, "old");
        assertThat(remembered.get(ROW)).as("read before it was written").isEmpty();
        remembered.read(ROW, version, "read again");
        assertThat(remembered.get(ROW)).contains("read again");
    }

    @Test
    void a_row_that_a_transaction_writes_is_not_remembered_from_its_own_reading() {
        transaction.executeWithoutResult(status -> {
            remembered.write(ROW, () -> version, () -> null);
            remembered.read(ROW, version + 5, "not committed");
            assertThat(remembered.get(ROW)).isEmpty();
            remembered.read(ROW + 1, 1, "another row");
            assertThat(remembered.get(ROW + 1)).contains("another row");
            status.setRollbackOnly();
        });
        assertThat(remembered.get(ROW)).isEmpty();
    }

    @Test
    void one_transaction_leaves_nothing_to_the_next() {
        write("first", true);
        transaction.executeWithoutResult(
                status -> assertThat(remembered.get(ROW)).contains("first"));
    }

    @Test
    void writing_needs_a_transaction() {
        assertThatThrownBy(() -> remembered.write(ROW, () -> 1L, () -> "x"))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("transaction");
    }

    /** Transactions around nothing. */
    private static final class NoDatabase extends AbstractPlatformTransactionManager {
        @Override
        protected Object doGetTransaction() {
            return new Object();
        }

        @Override
        protected void doBegin(Object transaction, TransactionDefinition definition) {}

        @Override
        protected void doCommit(DefaultTransactionStatus status) {}

        @Override
        protected void doRollback(DefaultTransactionStatus status) {}
    }
}
