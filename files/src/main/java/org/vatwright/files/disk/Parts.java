package org.vatwright.files.disk;

import java.io.IOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.concurrent.atomic.AtomicLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Files that are being written, beside those whose place they take. */
final class Parts {

    private static final String PATTERN = ".vatwright-*.part";
    private static final Pattern NAME = Pattern.compile("\\.vatwright-(\\d{1,18})-\\d+\\.part");
    /** A program on another machine, whose number says nothing here, writes more often than that. */
    private static final Duration SILENT = Duration.ofMinutes(2);
    private static final Duration OLD = Duration.ofDays(1);
    private static final AtomicLong COUNT = new AtomicLong(System.nanoTime());

    private Parts() {}

    /** @return a name that nobody has, however long that of the target is */
    static Path beside(Path target) {
        return target.resolveSibling(
                ".vatwright-%d-%d.part".formatted(ProcessHandle.current().pid(), COUNT.incrementAndGet()));
    }

    /** Removes what programs that are gone left half written. */
    static void tidy(Path folder) {
        try (DirectoryStream<Path> parts = Files.newDirectoryStream(folder, PATTERN)) {
            for (Path part : parts) {
                if (abandoned(part)) {
                    Files.deleteIfExists(part);
                }
            }
        } catch (IOException e) {
            System.getLogger(Parts.class.getName()).log(System.Logger.Level.DEBUG, "not tidied", e);
        }
    }

    private static boolean abandoned(Path part) throws IOException {
        Matcher name = NAME.matcher(part.getFileName().toString());
        Duration silent = Duration.between(Files.getLastModifiedTime(part).toInstant(), Instant.now());
        return name.matches() && (silent.compareTo(OLD) > 0 || silent.compareTo(SILENT) > 0
                && ProcessHandle.of(Long.parseLong(name.group(1))).isEmpty());
    }
}
