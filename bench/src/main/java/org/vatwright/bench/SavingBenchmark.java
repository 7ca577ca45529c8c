package org.vatwright.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;

import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Provenance;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.files.demo.DemoCommission;
import org.vatwright.files.project.ProjectFile;

/** A project with 30 pictures of two million pixels each: saved for the first time, and again after a change. */
@BenchmarkMode(Mode.SingleShotTime)
@Warmup(iterations = 1)
@Measurement(iterations = 4)
public class SavingBenchmark extends Timed {

    private static final int PICTURES = 30;
    private static final int WIDTH = 1732;
    private static final int HEIGHT = 1155;
    private static final Id GANGWAY = new Id("gangway");

    private Path folder;
    private Project project;
    private int step;

    /** Paper with a grain, so that it neither packs to nothing nor not at all. */
    private static Raster paper(long seed) {
        Random random = new Random(seed);
        Raster raster = new Raster(WIDTH, HEIGHT);
        for (int y = 0; y < HEIGHT; y++) {
            for (int x = 0; x < WIDTH; x++) {
                int grey = 180 + (int) (40 * Math.sin(x / 90.0 + seed) * Math.cos(y / 70.0)) + random.nextInt(12);
                raster.argb()[y * WIDTH + x] = 0xFF000000 | grey << 16 | grey - 6 << 8 | grey - 20;
            }
        }
        return raster;
    }

    private static Project full() {
        Project full = DemoCommission.load();
        for (int i = 0; i < PICTURES; i++) {
            Picture picture = new Picture(paper(i), 150, Provenance.NONE);
            full = full.edit(GANGWAY, d -> d.addFill(new Fill("Paper", new Fill.OfPicture(picture))));
        }
        return full;
    }

    @Setup
    public void prepare() throws IOException {
        folder = Files.createTempDirectory("saving");
        project = full();
        ProjectFile.write(project, folder.resolve("again.vatwright"));
    }

    @TearDown
    public void clear() throws IOException {
        try (var files = Files.list(folder)) {
            for (Path file : files.toList()) {
                Files.delete(file);
            }
        }
        Files.delete(folder);
    }

    @Benchmark
    public Path first(Fresh fresh) {
        Path file = folder.resolve("first" + step++ + ".vatwright");
        ProjectFile.write(fresh.project, file);
        return file;
    }

    @Benchmark
    public Path again() {
        Path file = folder.resolve("again.vatwright");
        project = project.edit(GANGWAY, d -> d.withRepeat(d.repeat().withSize(100 + step++, d.repeat().heightMm())));
        ProjectFile.write(project, file);
        return file;
    }

    /** Pictures that no file holds yet. */
    @State(Scope.Thread)
    public static class Fresh {
        private Project project;

        @Setup(Level.Iteration)
        public void prepare() {
            project = full();
        }
    }
}
