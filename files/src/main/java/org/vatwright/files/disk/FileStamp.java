package org.vatwright.files.disk;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.Optional;

/**
 * Tells whether a file is still the one that was seen.
 *
 * @param bytes its length
 * @param nanos when it was written, since 1970, as fine as the system keeps it
 */
public record FileStamp(long bytes, long nanos) {

    private static final long SECOND = 1_000_000_000;

    /** @return nothing when there is no such file */
    public static Optional<FileStamp> of(Path file) {
        try {
            BasicFileAttributes found = Files.readAttributes(file, BasicFileAttributes.class);
            var time = found.lastModifiedTime().toInstant();
            return Optional.of(new FileStamp(found.size(), time.getEpochSecond() * SECOND + time.getNano()));
        } catch (IOException e) {
            return Optional.empty();
        }
    }
}
