package org.vatwright.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Path;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/** Verbs run on the demo, written anew for each test. */
abstract class OnTheDemo {

    @TempDir
    Path folder;
    String project;
    final StringWriter out = new StringWriter();
    final StringWriter err = new StringWriter();

    @BeforeEach
    void writeTheDemo() {
        project = folder.resolve("demo.vatwright").toString();
        assertThat(run("demo", "--write", project)).isZero();
    }

    final int run(String... args) {
        return Main.run(args, new PrintWriter(out, true), new PrintWriter(err, true));
    }

    final String file(String name) {
        return folder.resolve(name).toString();
    }
}
