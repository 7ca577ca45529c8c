package org.vatwright.files.disk;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;

/** A lock on a file that goes with the program, however that ends. */
public final class HeldLock implements AutoCloseable {

    private final FileChannel channel;

    private HeldLock(FileChannel channel) {
        this.channel = channel;
    }

    /** @return nothing when another program, or another window of this one, holds it */
    public static Optional<HeldLock> take(Path file) throws IOException {
        FileChannel channel = FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        HeldLock held = new HeldLock(channel);
        try {
            if (channel.tryLock() != null) {
                return Optional.of(held);
            }
        } catch (OverlappingFileLockException e) {
            // Held by another window of this program.
        } catch (IOException e) {
            held.close();
            throw e;
        }
        held.close();
        return Optional.empty();
    }

    @Override
    public void close() {
        try {
            channel.close();
        } catch (IOException e) {
            System.getLogger(HeldLock.class.getName()).log(System.Logger.Level.WARNING, "lock not closed", e);
        }
    }
}
