package org.vatwright.files.disk;

import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.nio.file.AccessDeniedException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.Optional;

import org.vatwright.core.measure.Refusal;

/** Reading with a limit, writing whole or not at all. */
public final class Disk {

    private static final int BUFFER = 1 << 16;

    private Disk() {}

    /** What fills a file. */
    @FunctionalInterface
    public interface Filler {
        void fill(OutputStream out) throws IOException;
    }

    /** What is done with a file that is written but not yet in its place. */
    @FunctionalInterface
    public interface Checker {
        void check(Path written) throws IOException;
    }

    public static void writeWhole(Path file, Filler filler) {
        writeWhole(file, filler, written -> {});
    }

    /**
     * Writes to a temporary file in the same folder and moves it in place when it is complete, so that an existing file
     * is replaced only whole. The new file has the rights of the old one; a link stays a link, and what it leads to is
     * replaced; what is read-only is refused.
     *
     * @param checker looks at the new file before it is moved; when it throws, the old one stays
     */
    public static void writeWhole(Path file, Filler filler, Checker checker) {
        Path temporary = null;
        try {
            Path target = Rights.meant(file.toAbsolutePath());
            if (target.getParent() != null) {
                Files.createDirectories(target.getParent());
            }
            if (Files.isDirectory(target)) {
                throw new Refusal("%s is a folder; name a file".formatted(file));
            }
            Optional<Rights> rights = Rights.of(target);
            Parts.tidy(target.getParent());
            temporary = Parts.beside(target);
            // Some writers hand over a byte at a time.
            try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(temporary,
                    StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE), BUFFER)) {
                filler.fill(out);
            }
            try (FileChannel channel = FileChannel.open(temporary, StandardOpenOption.WRITE)) {
                channel.force(true);
            }
            if (rights.isPresent()) {
                rights.get().give(temporary);
            }
            checker.check(temporary);
            move(temporary, target);
            temporary = null;
        } catch (IOException e) {
            throw new Refusal("%s could not be written: %s".formatted(file, why(e)), e);
        } finally {
            discard(temporary);
        }
    }

    private static void move(Path from, Path to) throws IOException {
        try {
            Files.move(from, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(from, to, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    private static void discard(Path temporary) {
        if (temporary != null) {
            try {
                Files.deleteIfExists(temporary);
            } catch (IOException e) {
                System.getLogger(Disk.class.getName()).log(System.Logger.Level.WARNING,
                        "left behind: " + temporary, e);
            }
        }
    }

    /** @return the whole file; refuses one that is missing or over the limit */
    public static byte[] read(Path file, Limits limits) {
        try {
            checkFile(file);
            long size = Files.size(file);
            if (size > limits.fileBytes()) {
                throw new Refusal("%s has %,d bytes; %,d are the most that is read".formatted(file, size,
                        limits.fileBytes()));
            }
            // A file may grow while it is read.
            try (InputStream in = Files.newInputStream(file)) {
                byte[] bytes = in.readNBytes((int) Math.min(Integer.MAX_VALUE - 16, limits.fileBytes() + 1));
                if (bytes.length > limits.fileBytes()) {
                    throw new Refusal("%s has more than %,d bytes, the most that is read".formatted(file,
                            limits.fileBytes()));
                }
                return bytes;
            }
        } catch (IOException e) {
            throw new Refusal("%s could not be read: %s".formatted(file, why(e)), e);
        }
    }

    /** Refuses a folder, and a device or pipe, which could be read for ever. What is not there is for the reader to say. */
    public static void checkFile(Path file) {
        if (Files.isDirectory(file)) {
            throw new Refusal("%s is a folder; name a file".formatted(file));
        }
        if (Files.exists(file) && !Files.isRegularFile(file)) {
            throw new Refusal("%s is no file but something of the system's own; name a file".formatted(file));
        }
    }

    /** @return what went wrong, in words */
    public static String why(IOException e) {
        return switch (e) {
            case NoSuchFileException _ -> "there is no such file";
            case AccessDeniedException _ -> "access is denied";
            case FileSystemException f when f.getReason() != null -> f.getReason();
            // Writers of pictures only say that they failed; why is below.
            case IOException _ when e.getCause() instanceof IOException cause -> why(cause);
            default -> e.getMessage() == null ? e.getClass().getSimpleName() : e.getMessage();
        };
    }
}
