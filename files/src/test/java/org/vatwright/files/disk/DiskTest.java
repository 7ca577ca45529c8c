package org.vatwright.files.disk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;

import javax.imageio.ImageIO;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.vatwright.core.measure.Refusal;

class DiskTest {

    @TempDir
    Path folder;

    private List<String> names() throws IOException {
        try (var files = Files.list(folder)) {
            return files.map(f -> f.getFileName().toString()).sorted().toList();
        }
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void aFileIsMadeWithItsFoldersAndReplacedWhole() throws IOException {
        Path file = folder.resolve("jetty/north/tile.txt");
        Disk.writeWhole(file, out -> out.write(bytes("first, and a good deal longer")));
        Disk.writeWhole(file, out -> out.write(bytes("second")));
        assertThat(Files.readString(file)).isEqualTo("second");
        try (var files = Files.list(file.getParent())) {
            assertThat(files).containsExactly(file);
        }
    }

    @Test
    void whileAFileIsWrittenTheOldOneStandsWhole() {
        Path file = folder.resolve("tile.txt");
        Disk.writeWhole(file, out -> out.write(bytes("old")));
        Disk.writeWhole(file, out -> {
            out.write(bytes("new"));
            out.flush();
            assertThat(Files.readString(file)).isEqualTo("old");
        }, written -> {
            assertThat(Files.readString(written)).isEqualTo("new");
            assertThat(Files.readString(file)).isEqualTo("old");
        });
        assertThat(Disk.read(file, Limits.STANDARD)).isEqualTo(bytes("new"));
    }

    @Test
    void whateverFailsOnTheWayLeavesTheOldFileAndNoRemains() throws IOException {
        Path file = folder.resolve("tile.txt");
        Disk.writeWhole(file, out -> out.write(bytes("old")));
        assertThatThrownBy(() -> Disk.writeWhole(file, out -> {
            out.write(bytes("half"));
            throw new IOException("no room left");
        })).isInstanceOf(Refusal.class).hasMessageContaining("tile.txt").hasMessageContaining("no room left");
        assertThatThrownBy(() -> Disk.writeWhole(file, out -> out.write(bytes("new")), written -> {
            throw new Refusal("it reads back otherwise");
        })).isInstanceOf(Refusal.class).hasMessage("it reads back otherwise");
        assertThatThrownBy(() -> Disk.writeWhole(file, out -> {
            throw new IllegalStateException("a fault of our own");
        })).isInstanceOf(IllegalStateException.class);
        assertThat(Files.readString(file)).isEqualTo("old");
        assertThat(names()).containsExactly("tile.txt");
    }

    /** Noise, so that much is written before the end. */
    @ParameterizedTest
    @ValueSource(strings = {"png", "jpg", "tif"})
    void ofAPictureItIsSaidWhyItCouldNotBeWritten(String format) {
        BufferedImage noise = new BufferedImage(400, 400, BufferedImage.TYPE_INT_RGB);
        noise.setRGB(0, 0, 400, 400, new Random(1).ints(400 * 400).toArray(), 0, 400);
        OutputStream full = new OutputStream() {
            @Override
            public void write(int b) throws IOException {
                throw new IOException("no room left");
            }
        };
        assertThatThrownBy(() -> Disk.writeWhole(folder.resolve("tile"), out -> ImageIO.write(noise, format, full)))
                .isInstanceOf(Refusal.class).hasMessageEndingWith("tile could not be written: no room left");
    }

    @Test
    void aFolderIsNoFile() throws IOException {
        Path sub = Files.createDirectory(folder.resolve("jetty"));
        assertThatThrownBy(() -> Disk.writeWhole(sub, out -> out.write(1))).hasMessageContaining("is a folder");
        assertThatThrownBy(() -> Disk.read(sub, Limits.STANDARD)).hasMessageContaining("is a folder");
        assertThat(names()).containsExactly("jetty");
    }

    @Test
    void whatIsMissingOrTooLargeIsRefusedBeforeItIsRead() throws IOException {
        assertThatThrownBy(() -> Disk.read(folder.resolve("gone.txt"), Limits.STANDARD)).isInstanceOf(Refusal.class)
                .hasMessageContaining("gone.txt").hasMessageContaining("there is no such file");
        Path large = Files.write(folder.resolve("large.txt"), new byte[2001]);
        Limits small = new Limits(2000, 1, 1, 1, 1, 1, 1);
        assertThatThrownBy(() -> Disk.read(large, small)).hasMessageContaining("2,001").hasMessageContaining("2,000");
        assertThat(Disk.read(Files.write(large, new byte[2000]), small)).hasSize(2000);
    }

    @Test
    void causesAreToldInWords() {
        assertThat(Disk.why(new NoSuchFileException("x"))).isEqualTo("there is no such file");
        assertThat(Disk.why(new AccessDeniedException("x"))).isEqualTo("access is denied");
        assertThat(Disk.why(new IOException("Broken pipe"))).isEqualTo("Broken pipe");
        assertThat(Disk.why(new IOException((String) null))).isEqualTo("IOException");
    }
}
