package org.vatwright.files.disk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;
import org.vatwright.core.measure.Refusal;

/** A file that is replaced keeps what it is to the system. */
class ReplacingTest {

    @TempDir
    Path folder;

    private static void write(Path file, String words) {
        Disk.writeWhole(file, out -> out.write(words.getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    @DisabledOnOs(OS.WINDOWS)
    void itsRightsStay() throws IOException {
        Path file = Files.writeString(folder.resolve("quay.svg"), "old");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-rw-r-x"));
        write(file, "new");
        assertThat(file).hasContent("new");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file))).isEqualTo("rw-rw-r-x");
    }

    @Test
    @DisabledOnOs(OS.WINDOWS)
    void aLinkStaysALinkAndWhatItLeadsToIsReplaced() throws IOException {
        Path sub = Files.createDirectory(folder.resolve("shared"));
        Path file = Files.writeString(sub.resolve("quay.svg"), "old");
        Path inner = Files.createSymbolicLink(folder.resolve("inner.svg"), Path.of("shared", "quay.svg"));
        Path link = Files.createSymbolicLink(folder.resolve("link.svg"), Path.of("inner.svg"));
        write(link, "new");
        assertThat(Files.isSymbolicLink(link)).isTrue();
        assertThat(Files.isSymbolicLink(inner)).isTrue();
        assertThat(file).hasContent("new");
        Path dangling = Files.createSymbolicLink(folder.resolve("dangling.svg"), Path.of("shared", "berth.svg"));
        write(dangling, "there now");
        assertThat(sub.resolve("berth.svg")).hasContent("there now");
        Path round = Files.createSymbolicLink(folder.resolve("round.svg"), Path.of("round.svg"));
        assertThatThrownBy(() -> write(round, "x")).isInstanceOf(Refusal.class).hasMessageContaining("leads to itself");
        assertThat(Files.exists(round, LinkOption.NOFOLLOW_LINKS)).isTrue();
    }

    @Test
    @DisabledOnOs(OS.WINDOWS)
    void whatIsReadOnlyIsNotReplaced() throws IOException {
        Path file = Files.writeString(folder.resolve("quay.svg"), "signed off");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("r--r--r--"));
        assertThatThrownBy(() -> write(file, "new")).isInstanceOf(Refusal.class).hasMessageContaining("read-only");
        assertThat(file).hasContent("signed off");
    }

    @Test
    @DisabledOnOs(OS.WINDOWS)
    void whatIsNoFileIsNeitherReplacedNorReadForEver() {
        assertThatThrownBy(() -> write(Path.of("/dev/null"), "x")).isInstanceOf(Refusal.class)
                .hasMessageContaining("no file");
        assertThat(Files.isRegularFile(Path.of("/dev/null"))).isFalse();
        assertThatThrownBy(() -> Disk.read(Path.of("/dev/zero"), Limits.STANDARD)).isInstanceOf(Refusal.class)
                .hasMessageContaining("no file");
    }

    @Test
    void theLongestNameThatTheSystemTakesIsWritten() throws IOException {
        Path file = folder.resolve("q".repeat(251) + ".svg");
        write(file, "x");
        assertThat(file).hasContent("x");
        assertThatThrownBy(() -> write(folder.resolve("q".repeat(300) + ".svg"), "x")).isInstanceOf(Refusal.class)
                .hasMessageContaining("could not be written");
    }

    @Test
    void aWriterThatHandsOverSingleBytesDoesNotReachTheDiskWithEach() throws IOException {
        Path file = folder.resolve("quay.svg");
        long[] onDisk = new long[1];
        Disk.writeWhole(file, out -> {
            for (int i = 0; i < 1000; i++) {
                out.write('q');
            }
            try (Stream<Path> parts = Files.list(folder)) {
                onDisk[0] = Files.size(parts.findFirst().orElseThrow());
            }
        });
        assertThat(onDisk[0]).isZero();
        assertThat(file).hasSize(1000);
    }

    @Test
    void whatProgramsThatAreGoneLeftHalfWrittenIsTidied() throws IOException {
        FileTime hour = FileTime.from(Instant.now().minus(Duration.ofHours(1)));
        Path gone = Files.writeString(folder.resolve(".vatwright-999999999-1.part"), "x");
        Path alive = Files.writeString(folder.resolve(".vatwright-%d-1.part".formatted(ProcessHandle.current().pid())),
                "x");
        Path justNow = Files.writeString(folder.resolve(".vatwright-999999999-2.part"), "x");
        Path other = Files.writeString(folder.resolve(".vatwright-notes.part"), "of the user's own");
        for (Path old : new Path[]{gone, alive, other}) {
            Files.setLastModifiedTime(old, hour);
        }
        write(folder.resolve("quay.svg"), "x");
        try (Stream<Path> left = Files.list(folder)) {
            assertThat(left).containsExactlyInAnyOrder(alive, justNow, other, folder.resolve("quay.svg"));
        }
    }
}
