package pebblestep.app.storage;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import org.h2.store.fs.FileBaseDefault;
import org.h2.store.fs.FilePath;
import org.h2.store.fs.FilePathWrapper;

/** A disk that can be full: every write to a file under {@code full:} fails then, as the system says it does. */
public final class FullDisk extends FilePathWrapper {
    private static volatile boolean full;

    static void register() {
        FilePath.register(new FullDisk());
    }

    static void isFull(boolean now) {
        full = now;
    }

    @Override
    public String getScheme() {
        return "full";
    }

    @Override
    public FileChannel open(String mode) throws IOException {
        return new Channel(super.open(mode));
    }

    private static void write() throws IOException {
        if (full) throw new IOException("No space left on device");
    }

    private static final class Channel extends FileBaseDefault {
        private final FileChannel file;

        Channel(FileChannel file) {
            this.file = file;
        }

        @Override
        public long size() throws IOException {
            return file.size();
        }

        @Override
        public int read(ByteBuffer into, long position) throws IOException {
            return file.read(into, position);
        }

        @Override
        public int write(ByteBuffer from, long position) throws IOException {
            FullDisk.write();
            return file.write(from, position);
        }

        @Override
        public void force(boolean metaData) throws IOException {
            file.force(metaData);
        }

        @Override
        protected void implTruncate(long size) throws IOException {
            file.truncate(size);
        }

        @Override
        public java.nio.channels.FileLock tryLock(long position, long size, boolean shared) throws IOException {
            return file.tryLock(position, size, shared);
        }

        @Override
        protected void implCloseChannel() throws IOException {
            file.close();
        }
    }
}
