package org.vatwright.desktop.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.project.Project;
import org.vatwright.files.demo.DemoCommission;
import org.vatwright.files.project.ProjectFile;

class SaverTest {

    @TempDir
    Path folder;

    private final BlockingQueue<Optional<String>> told = new LinkedBlockingQueue<>();
    private final Saver saver = new Saver(Runnable::run);

    private Optional<String> next() throws InterruptedException {
        Optional<String> one = told.poll(20, TimeUnit.SECONDS);
        assertThat(one).as("it is told how it went").isNotNull();
        return one;
    }

    @Test
    void whatIsSavedTwiceInARowStandsAsItWasLast() throws Exception {
        Path file = folder.resolve("ferry.vatwright");
        Project first = DemoCommission.load();
        for (int i = 1; i <= 4; i++) {
            saver.save(first.withName("Ferry " + i), file, told::add);
        }
        for (int i = 1; i <= 4; i++) {
            assertThat(next()).isEmpty();
        }
        assertThat(ProjectFile.read(file)).isEqualTo(first.withName("Ferry 4"));
    }

    @Test
    void savingNowComesAfterWhatWasBegun() {
        Path file = folder.resolve("ferry.vatwright");
        Project demo = DemoCommission.load();
        saver.save(demo.withName("begun"), file, told::add);
        saver.saveNow(demo.withName("now"), file);
        assertThat(ProjectFile.read(file).name()).isEqualTo("now");
        assertThat(told).hasSize(1);
    }

    @Test
    void whatGoesWrongIsASentenceAndTheNextOneIsSaved() throws Exception {
        Project demo = DemoCommission.load();
        Path sub = Files.createDirectory(folder.resolve("jetty"));
        saver.save(demo, sub, told::add);
        assertThat(next().orElseThrow()).contains("jetty").contains("is a folder");
        assertThatThrownBy(() -> saver.saveNow(demo, sub)).isInstanceOf(Refusal.class).hasMessageContaining("folder");
        Path file = folder.resolve("ferry.vatwright");
        saver.save(demo, file, told::add);
        assertThat(next()).isEmpty();
        assertThat(ProjectFile.read(file)).isEqualTo(demo);
    }

    @Test
    void aFileThatCannotBeReplacedStaysAsItWas() throws Exception {
        Path inner = folder.resolve("full");
        Files.writeString(inner, "no folder");
        saver.save(DemoCommission.load(), inner.resolve("ferry.vatwright"), told::add);
        assertThat(next().orElseThrow()).contains("ferry.vatwright");
        assertThat(Files.readString(inner)).isEqualTo("no folder");
        try (var files = Files.list(folder)) {
            assertThat(files).containsExactly(inner);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }
}
