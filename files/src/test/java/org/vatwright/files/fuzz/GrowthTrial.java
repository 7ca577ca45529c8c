package org.vatwright.files.fuzz;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.function.IntConsumer;

import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileCache;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.files.demo.DemoCommission;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.project.ProjectFile;
import org.vatwright.files.svg.MotifReader;

/**
 * Time against size: each kind of input at four sizes, every one twice the one before, and the exponent that fits. Three
 * runs each, the best counts.
 */
public final class GrowthTrial {

    private static final int RUNS = 3;
    private static final int SIZES = 4;

    private GrowthTrial() {}

    public static void main(String[] args) throws IOException {
        Path folder = Files.createTempDirectory("vatwright-growth");
        growth("drawing by paths", 2000, GrowthTrial::paths);
        growth("drawing by digits", 40_000, GrowthTrial::digits);
        growth("drawing by points of a path", 10_000, GrowthTrial::points);
        growth("clips by shapes in the clip", 100, GrowthTrial::clipShapes);
        growth("clips by shapes clipped", 200, n -> clipped(n, 1));
        growth("clips by shapes clipped by as many", 400, n -> clipped(n, n));
        // So many lines cross as many others: the size counts the crossings.
        growth("crossing outlines by crossings", 1000, n -> crossing((int) Math.round(Math.sqrt(n))));
        growth("nested designs by depth", 16, n -> nested(n, 1, folder));
        growth("nested designs, two by two, by depth", 8, n -> nested(n, 2, folder));
        growth("designs filled by one, by number", 50, n -> wide(n, folder));
        growth("scatter by count", 1500, GrowthTrial::scatter);
        System.exit(0);
    }

    private static void growth(String what, int first, IntConsumer work) {
        work.accept(first);
        double[] x = new double[SIZES];
        double[] y = new double[SIZES];
        StringBuilder times = new StringBuilder();
        for (int i = 0; i < SIZES; i++) {
            int size = first << i;
            double best = Double.MAX_VALUE;
            for (int run = 0; run < RUNS; run++) {
                long begun = System.nanoTime();
                work.accept(size);
                best = Math.min(best, (System.nanoTime() - begun) / 1e6);
            }
            x[i] = Math.log(size);
            y[i] = Math.log(best);
            times.append("%9.1f".formatted(best));
        }
        System.out.printf(Locale.ROOT, "%-40s from %6d %s ms   exponent %.2f%n", what, first, times, slope(x, y));
    }

    private static double slope(double[] x, double[] y) {
        double mx = 0;
        double my = 0;
        for (int i = 0; i < x.length; i++) {
            mx += x[i] / x.length;
            my += y[i] / x.length;
        }
        double up = 0;
        double down = 0;
        for (int i = 0; i < x.length; i++) {
            up += (x[i] - mx) * (y[i] - my);
            down += (x[i] - mx) * (x[i] - mx);
        }
        return up / down;
    }

    private static void read(String inside) {
        try {
            MotifReader.read(
                    ("<svg xmlns='http://www.w3.org/2000/svg' width='1000mm' height='1000mm' viewBox='0 0 1000 1000'>"
                            + inside + "</svg>").getBytes(StandardCharsets.UTF_8),
                    "growth", Limits.STANDARD);
        } catch (Refusal e) {
            // As good as read, and timed as well.
        }
    }

    private static void paths(int count) {
        Random random = new Random(1);
        StringBuilder svg = new StringBuilder();
        for (int i = 0; i < count; i++) {
            svg.append("<path d='M%d %dc4-3 8-3 12 0s4 8-6 9z' fill='#%06x'/>".formatted(
                    random.nextInt(900), random.nextInt(900), random.nextInt(0x40) * 0x40404));
        }
        read(svg.toString());
    }

    private static void digits(int count) {
        read("<path d='M0 0L10 0.%sL5 5Z'/>".formatted("12345678 1".repeat(count / 10)));
    }

    private static void points(int count) {
        StringBuilder d = new StringBuilder("M0 0");
        Random random = new Random(2);
        for (int i = 0; i < count; i++) {
            d.append('L').append(random.nextInt(1000)).append(' ').append(i * 1000 / count);
        }
        read("<path d='%sZ' stroke='#333'/>".formatted(d));
    }

    private static void clipShapes(int count) {
        StringBuilder clip = new StringBuilder("<clipPath id='c'>");
        Random random = new Random(3);
        for (int i = 0; i < count; i++) {
            clip.append("<circle cx='%d' cy='%d' r='6'/>".formatted(random.nextInt(1000), random.nextInt(1000)));
        }
        read(clip + "</clipPath><rect width='1000' height='1000' clip-path='url(#c)'/>");
    }

    private static void clipped(int count, int clips) {
        Random random = new Random(4);
        StringBuilder svg = new StringBuilder("<clipPath id='c'>");
        // As crowded at every count.
        int side = clips == 1 ? 1000 : (int) Math.sqrt(10_000.0 * count);
        for (int i = 0; i < clips; i++) {
            svg.append("<circle cx='%d' cy='%d' r='%d'/>".formatted(random.nextInt(side), random.nextInt(side),
                    clips == 1 ? 400 : 8));
        }
        svg.append("</clipPath><g clip-path='url(#c)'>");
        for (int i = 0; i < count; i++) {
            svg.append("<circle cx='%d' cy='%d' r='9'/>".formatted(random.nextInt(side), random.nextInt(side)));
        }
        read(svg + "</g>");
    }

    /** So many upright and as many level bars, clipped by a disc. */
    private static void crossing(int bars) {
        StringBuilder d = new StringBuilder();
        for (int i = 0; i < bars; i++) {
            double at = 1000.0 * i / bars;
            d.append("M%s 0h%s v1000h-%sz M0 %sv%sh1000v-%sz ".formatted(at, 300.0 / bars, 300.0 / bars, at,
                    300.0 / bars,
                    300.0 / bars));
        }
        read("<clipPath id='c'><path d='%s'/></clipPath><circle cx='500' cy='500' r='480' clip-path='url(#c)'/>"
                .formatted(d));
    }

    private static void nested(int depth, int fills, Path folder) {
        Design below = DemoCommission.load().design(new Id("gangway")).orElseThrow();
        Project project = Project.empty("Decks").addDesign(below);
        for (int i = 0; i < depth; i++) {
            Design next = below.with().id(new Id("deck-" + i)).name("Deck " + i).ground(Ink.CLEAR).layers(List.of())
                    .fills(List.of()).build();
            for (int f = 0; f < fills; f++) {
                next = next.addFill(Fill.of("Fill " + f, below).withScale(0.5, 0.5));
            }
            next = next.withGround(next.fills().getLast().ink());
            project = project.addDesign(next);
            below = project.design(new Id("deck-" + i)).orElseThrow();
        }
        whole(project, below, folder);
    }

    private static void wide(int count, Path folder) {
        Design base = DemoCommission.load().design(new Id("gangway")).orElseThrow();
        Project project = Project.empty("Decks").addDesign(base);
        java.util.ArrayList<Design> all = new java.util.ArrayList<>(project.designs());
        for (int i = 0; i < count; i++) {
            all.add(base.with().id(new Id("deck-" + i)).name("Deck " + i).ground(Ink.CLEAR).layers(List.of())
                    .fills(List.of()).build().addFill(Fill.of("Fill", base)));
        }
        project = project.withDesigns(all);
        whole(project, project.designs().getLast(), folder);
    }

    /** Saved, read, compared, hashed, drawn small. */
    private static void whole(Project project, Design shown, Path folder) {
        Path file = folder.resolve("growth.vatwright");
        ProjectFile.write(project, file);
        Project read = ProjectFile.read(file);
        if (!read.equals(project) || read.hashCode() != project.hashCode()) {
            throw new UncheckedIOException(new IOException("came back as something else"));
        }
        new TileCache(1_000_000, 0).tile(new Cloth(shown, shown.palette().first()),
                TileGrid.ofWidth(shown.repeat().tile(), 32), Work.on(1));
    }

    private static void scatter(int count) {
        Design terns = DemoCommission.load().design(new Id("terns")).orElseThrow();
        Motifs motifs = terns.layers().stream().map(l -> l.structure()).filter(Motifs.class::isInstance)
                .map(Motifs.class::cast).filter(m -> m.placing() instanceof Placing.Scattered).findFirst()
                .orElseThrow();
        Placing.Scattered how = (Placing.Scattered) motifs.placing();
        // As crowded at every count: the cell grows with it.
        double side = Math.sqrt(count) * 30;
        motifs.withPlacing(how.with().count(count).build())
                .placed(terns.repeat().withSize(side, side), Work.on(1));
    }
}
