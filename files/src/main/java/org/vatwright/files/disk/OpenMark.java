package org.vatwright.files.disk;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.UUID;

/** Says to other windows of the same user that a project is open here. It goes with the program, however that ends. */
public final class OpenMark implements AutoCloseable {

    private final Optional<HeldLock> lock;

    private OpenMark(Optional<HeldLock> lock) {
        this.lock = lock;
    }

    /** @return nothing when another window has the file open */
    public static Optional<OpenMark> take(UserFolder user, Path file) {
        try {
            Path marks = Files.createDirectories(user.path().resolve("open"));
            Path real = Files.exists(file) ? file.toRealPath() : file.toAbsolutePath();
            String name = UUID.nameUUIDFromBytes(real.toString().getBytes(StandardCharsets.UTF_8)).toString();
            return HeldLock.take(marks.resolve(name)).map(held -> new OpenMark(Optional.of(held)));
        } catch (IOException e) {
            // Where nothing can be marked nothing is known of others; what they change is found out when saving.
            System.getLogger(OpenMark.class.getName()).log(System.Logger.Level.WARNING, "not marked as open", e);
            return Optional.of(new OpenMark(Optional.empty()));
        }
    }

    @Override
    public void close() {
        lock.ifPresent(HeldLock::close);
    }
}
