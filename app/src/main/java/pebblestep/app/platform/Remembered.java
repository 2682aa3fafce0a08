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
 * What rows come to, remembered by their version. A writer's value is put here when its transaction is committed; a
 * reader's only where nothing newer is known, so that a reader who was overtaken by a writer never brings old things
 * back. A transaction that has written a row does not ask here about it: what it wrote may yet be taken back.
 *
 * <p>This process is the only one that writes to the database, so what was committed last is what is known last.
 *
 * @param <K> what a row is known by
 * @param <V> what it comes to
 */
public final class Remembered<K, V> {
    private final Cache<K, Entry<V>> entries;

    private record Entry<V>(long version, @Nullable V value) {}

    private Remembered(long most) {
        this.entries = Caffeine.newBuilder().maximumSize(most).build();
    }

    /** Remembers at most so many, those that are asked for most. */
    public static <K, V> Remembered<K, V> most(long most) {
        return new Remembered<>(most);
    }

    /** What is known; empty where nothing is, and in a transaction that has written it. */
    public Optional<V> get(K key) {
        if (written().contains(key)) return Optional.empty();
        return Optional.ofNullable(entries.getIfPresent(key)).map(Entry::value);
    }

    /** Remembers what was read. */
    public void read(K key, long version, V value) {
        if (!written().contains(key)) keep(key, version, value);
    }

    /**
     * Remembers what is being written, once it is committed.
     *
     * @param version the row's version, asked when it is committed
     * @param value what it comes to; null where that is to be read again
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

    /** A value that is not there makes way for one of its version; nothing makes way for an older one. */
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

    /** What this thread's transaction has written. */
    @SuppressWarnings("unchecked")
    private Set<K> written() {
        Set<K> keys = (Set<K>) TransactionSynchronizationManager.getResource(this);
        return keys == null ? Set.of() : keys;
    }

    /** The same, bound to the transaction until it is over. */
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
