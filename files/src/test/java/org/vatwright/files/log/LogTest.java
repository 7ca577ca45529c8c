package org.vatwright.files.log;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.logging.Handler;
import java.util.logging.Logger;
import java.util.stream.Stream;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.vatwright.core.measure.Refusal;

class LogTest {

    private final Logger root = Logger.getLogger("");
    private final List<Handler> before = List.of(root.getHandlers());

    @TempDir
    Path folder;

    @AfterEach
    void restore() {
        for (Handler handler : root.getHandlers()) {
            root.removeHandler(handler);
            handler.close();
        }
        before.forEach(root::addHandler);
    }

    private List<Path> files(Path in) throws IOException {
        try (Stream<Path> all = Files.list(in)) {
            return all.filter(p -> p.toString().endsWith(".log")).toList();
        }
    }

    @Test
    void theUserGetsALineAndTheLogGetsTheTrace() throws IOException {
        Path logs = folder.resolve("100% cotton");
        Log.start(logs);
        assertThat(Fault.told(new Refusal("width 0 mm\n must be above 0"))).isEqualTo("width 0 mm must be above 0");
        assertThat(logs).as("a refusal is no fault").doesNotExist();
        assertThat(Fault.told(new IllegalStateException("a seam\n  undone")))
                .isEqualTo("this should not have happened: java.lang.IllegalStateException: a seam undone");
        assertThat(files(logs)).hasSize(1);
        assertThat(Files.readString(files(logs).getFirst())).contains("a seam").contains("at org.vatwright.files.log");
    }

    @Test
    void memoryAndDepthAreSaidInTheUsersWords() {
        Log.start(folder);
        assertThat(Fault.told(new OutOfMemoryError("Java heap space"))).contains("not enough memory")
                .doesNotContain("Java");
        assertThat(Fault.told(new StackOverflowError())).contains("nested too deep");
    }

    @Test
    void withoutAPlaceForItTheProgramGoesOn() throws IOException {
        Path file = Files.writeString(folder.resolve("no-folder"), "x");
        Log.start(file);
        assertThat(Fault.told(new IllegalStateException("once"))).contains("once");
        assertThat(Fault.told(new IllegalStateException("twice"))).contains("twice");
        assertThat(Files.readString(file)).isEqualTo("x");
    }
}
