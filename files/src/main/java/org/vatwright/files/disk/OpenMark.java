package org.vatwright.files.disk;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;
import java.util.UUID;

/** Says to other windows of the same user that a project is open here. It goes with the program, however that ends. */
public final class OpenMark implements AutoCloseable {

    private final FileChannel lock;

    private OpenMark(FileChannel lock) {
        this.lock = lock;
    }

    /** @return nothing when another window has the file open */
    public static Optional<OpenMark> take(UserFolder user, Path file) {
        FileChannel channel = null;
        try {
            Path marks = Files.createDirectories(user.path().resolve("open"));
            Path real = Files.exists(file) ? file.toRealPath() : file.toAbsolutePath();
            String name = UUID.nameUUIDFromBytes(real.toString().getBytes(StandardCharsets.UTF_8)).toString();
            channel = FileChannel.open(marks.resolve(name), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            if (channel.tryLock() != null) {
                return Optional.of(new OpenMark(channel));
            }
            channel.close();
            return Optional.empty();
        } catch (OverlappingFileLockException e) {
            quietly(channel);
            return Optional.empty();
        } catch (IOException e) {
            // Where nothing can be marked nothing is known of others; what they change is found out when saving.
            System.getLogger(OpenMark.class.getName()).log(System.Logger.Level.WARNING, "not marked as open", e);
            quietly(channel);
            return Optional.of(new OpenMark(null));
        }
    }

    private static void quietly(FileChannel channel) {
        try {
            if (channel != null) {
                channel.close();
            }
        } catch (IOException e) {
            System.getLogger(OpenMark.class.getName()).log(System.Logger.Level.WARNING, "mark not closed", e);
        }
    }

    @Override
    public void close() {
        quietly(lock);
    }
}
