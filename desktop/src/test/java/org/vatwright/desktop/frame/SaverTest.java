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
import org.vatwright.files.disk.FileStamp;
import org.vatwright.files.project.ChangedMeanwhile;
import org.vatwright.files.project.ProjectFile;

class SaverTest {

    @TempDir
    Path folder;

    private final BlockingQueue<Saver.Outcome> told = new LinkedBlockingQueue<>();
    private final Saver saver = new Saver(Runnable::run);

    private Saver.Outcome next() throws InterruptedException {
        Saver.Outcome one = told.poll(20, TimeUnit.SECONDS);
        assertThat(one).as("it is told how it went").isNotNull();
        return one;
    }

    private void save(Project project, Path file, Optional<FileStamp> seen) {
        saver.save(project, file, seen, told::add);
    }

    @Test
    void whatIsSavedTwiceInARowStandsAsItWasLast() throws Exception {
        Path file = folder.resolve("ferry.vatwright");
        Project first = DemoCommission.load();
        for (int i = 1; i <= 4; i++) {
            save(first.withName("Ferry " + i), file, Optional.empty());
        }
        for (int i = 1; i <= 4; i++) {
            assertThat(next()).isInstanceOf(Saver.Outcome.Saved.class);
        }
        assertThat(ProjectFile.read(file)).isEqualTo(first.withName("Ferry 4"));
    }

    @Test
    void savingNowComesAfterWhatWasBegun() {
        Path file = folder.resolve("ferry.vatwright");
        Project demo = DemoCommission.load();
        save(demo.withName("begun"), file, Optional.empty());
        saver.saveNow(demo.withName("now"), file, Optional.empty());
        assertThat(ProjectFile.read(file).name()).isEqualTo("now");
        assertThat(told).hasSize(1);
    }

    @Test
    void whatGoesWrongIsASentenceAndTheNextOneIsSaved() throws Exception {
        Project demo = DemoCommission.load();
        Path sub = Files.createDirectory(folder.resolve("jetty"));
        save(demo, sub, Optional.empty());
        assertThat(next().toString()).startsWith("Failed").contains("jetty").contains("is a folder");
        assertThatThrownBy(() -> saver.saveNow(demo, sub, Optional.empty())).isInstanceOf(Refusal.class)
                .hasMessageContaining("folder");
        Path file = folder.resolve("ferry.vatwright");
        save(demo, file, Optional.empty());
        assertThat(next()).isInstanceOf(Saver.Outcome.Saved.class);
        assertThat(ProjectFile.read(file)).isEqualTo(demo);
    }

    @Test
    void aFileThatCannotBeReplacedStaysAsItWas() throws Exception {
        Path inner = folder.resolve("full");
        Files.writeString(inner, "no folder");
        save(DemoCommission.load(), inner.resolve("ferry.vatwright"), Optional.empty());
        assertThat(next().toString()).startsWith("Failed").contains("ferry.vatwright");
        assertThat(Files.readString(inner)).isEqualTo("no folder");
        try (var files = Files.list(folder)) {
            assertThat(files).containsExactly(inner);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }

    @Test
    void whatSomeoneElseWroteIsNotOverwritten() throws Exception {
        Path file = folder.resolve("ferry.vatwright");
        Project demo = DemoCommission.load();
        save(demo, file, Optional.empty());
        Optional<FileStamp> seen = ((Saver.Outcome.Saved) next()).stamp();
        assertThat(seen).isPresent();
        // Two saves in a row: the second one finds what the first one wrote, and knows it.
        save(demo.withName("second"), file, seen);
        save(demo.withName("third"), file, seen);
        assertThat(next()).isInstanceOf(Saver.Outcome.Saved.class);
        Saver.Outcome third = next();
        assertThat(third).isInstanceOf(Saver.Outcome.Saved.class);
        ProjectFile.write(demo.withName("of someone else, later"), file);
        save(demo.withName("fourth"), file, ((Saver.Outcome.Saved) third).stamp());
        assertThat(next()).isInstanceOf(Saver.Outcome.Changed.class);
        assertThat(ProjectFile.read(file).name()).isEqualTo("of someone else, later");
        assertThatThrownBy(() -> saver.saveNow(demo, file, ((Saver.Outcome.Saved) third).stamp()))
                .isInstanceOf(ChangedMeanwhile.class).hasMessageContaining("ferry.vatwright was changed");
        Files.delete(file);
        save(demo.withName("fifth"), file, ((Saver.Outcome.Saved) third).stamp());
        assertThat(next()).as("what is gone cannot be overwritten").isInstanceOf(Saver.Outcome.Saved.class);
        assertThat(ProjectFile.read(file).name()).isEqualTo("fifth");
    }
}
