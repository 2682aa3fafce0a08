package pebblestep.app.platform;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.HashSet;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * A cache of values that are computed from rows, by the version of the row. A writer's value enters when its transaction is committed. A
 * reader's value enters only where nothing newer is known, so that a slow reader never brings an old value back. A transaction that has
 * written a row does not use the cache for it, because it may still be rolled back.
 *
 * <p>This process alone writes to the database, so the last commit it has seen is the last one.
 *
 * @param <K> the key of a row
 * @param <V> the computed value
 */
public final class Remembered<K, V> {
    private final Cache<K, Entry<V>> entries;

    private record Entry<V>(long version, @Nullable V value) {}

    private Remembered(long most) {
        this.entries = Caffeine.newBuilder().maximumSize(most).build();
    }

    /** A cache for at most so many values; it keeps those that are used most. */
    public static <K, V> Remembered<K, V> most(long most) {
        return new Remembered<>(most);
    }

    /** The value of a row; empty where none is cached, and in a transaction that has written the row. */
    public Optional<V> get(K key) {
        if (written().contains(key)) return Optional.empty();
        return Optional.ofNullable(entries.getIfPresent(key)).map(Entry::value);
    }

    /** Stores a value that was read. */
    public void read(K key, long version, V value) {
        if (!written().contains(key)) keep(key, version, value);
    }

    /**
     * Stores a value once the current transaction is committed.
     *
     * @param version gives the version of the row; called at the commit
     * @param value gives the value; null where it has to be read again
     */
    public void write(K key, Supplier<Long> version, Supplier<@Nullable V> value) {
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            throw new IllegalStateException("What is written is written in a transaction.");
        }
        bound().add(key);
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                keep(key, version.get(), value.get());
            }
        });
    }

    /** A missing value is replaced by one of the same version; nothing is replaced by an older version. */
    private void keep(K key, long version, @Nullable V value) {
        entries.asMap()
                .merge(
                        key,
                        new Entry<>(version, value),
                        (before, now) ->
                                now.version > before.version || now.version == before.version && now.value != null
                                        ? now
                                        : before);
    }

    /** The keys that this thread's transaction has written. */
    @SuppressWarnings("unchecked")
    private Set<K> written() {
        Set<K> keys = (Set<K>) TransactionSynchronizationManager.getResource(this);
        return keys == null ? Set.of() : keys;
    }

    /** The keys that this thread's transaction has written, created and bound to it where necessary. */
    private Set<K> bound() {
        Set<K> keys = written();
        if (!keys.isEmpty()) return keys;
        Set<K> first = new HashSet<>();
        TransactionSynchronizationManager.bindResource(this, first);
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                TransactionSynchronizationManager.unbindResourceIfPossible(Remembered.this);
            }
        });
        return first;
    }
}
