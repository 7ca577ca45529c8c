package org.vatwright.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Unit;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.project.Output;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.FieldSpec;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.files.demo.DemoCommission;
import org.vatwright.files.produce.Producer;
import org.vatwright.files.project.ProjectFile;
import org.vatwright.files.type.ShippedTypefaces;

import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(name = "demo", mixinStandardHelpOptions = true, description = "Writes the demo project, or all that it makes.")
final class DemoCommand implements Callable<Integer> {

    private static final Density TILES = new Density(300);
    private static final Density FIELDS = new Density(150);
    private static final Density ARTICLES = new Density(100);
    private static final double FIELD_MM = 400;
    /** Large tiles and articles are written coarser: the demo is to be looked at, not printed. */
    private static final double MOST_PX = 2400;

    @Spec
    private CommandSpec spec;

    @Option(names = "--write", paramLabel = "FILE.vatwright", description = "only the project, as a file")
    private Path write;

    @Option(names = "--to", defaultValue = "out/demo", paramLabel = "FOLDER", description = "where tiles, fields and articles go")
    private Path folder;

    private record Step(String file, Runnable work) {}

    @Override
    public Integer call() {
        Project project = DemoCommission.load();
        PrintWriter out = spec.commandLine().getOut();
        if (write != null) {
            ProjectFile.write(project, write);
            return 0;
        }
        List<Step> steps = steps(project);
        for (int i = 0; i < steps.size(); i++) {
            out.println("%2d of %d  %s".formatted(i + 1, steps.size(), steps.get(i).file()));
            steps.get(i).work().run();
        }
        out.println("The demo commission's tiles, fields and dressed articles are in " + folder.toAbsolutePath());
        return 0;
    }

    private List<Step> steps(Project project) {
        ShippedTypefaces faces = new ShippedTypefaces();
        Producer producer = new Producer(project, faces);
        List<Step> steps = new ArrayList<>();
        steps.add(new Step("skarholm-ferry.vatwright",
                () -> ProjectFile.write(project, folder.resolve("skarholm-ferry.vatwright"))));
        for (Design design : project.designs()) {
            for (Colourway colourway : design.palette().colourways()) {
                String name = name(design.name() + "-" + colourway.name());
                add(steps, name + "-tile.png", file -> producer.tile(new Cloth(design, colourway),
                        TileGrid.at(design.repeat().tile(), within(TILES, design.repeat().tile().widthMm())), file,
                        Output.QUALITY, Work.plain()));
                add(steps, name + "-field.png", file -> producer.field(new Cloth(design, colourway),
                        new FieldSpec(FIELD_MM, FIELD_MM, FIELDS), file, Output.QUALITY, Work.plain()));
            }
        }
        for (Article article : project.articles()) {
            for (String colourway : List.of("Morning", "Night Crossing")) {
                add(steps, name(article.name() + "-" + colourway) + ".png",
                        file -> producer.article(article, colourway, Phase.OWN,
                                within(ARTICLES, Cut.of(article, faces).widthMm()), file, Output.QUALITY,
                                Work.plain()));
            }
        }
        return steps;
    }

    private static Density within(Density wanted, double widthMm) {
        return new Density(Math.min(wanted.dpi(), MOST_PX / widthMm * Unit.MM_PER_INCH));
    }

    private void add(List<Step> steps, String file, java.util.function.Consumer<Path> work) {
        steps.add(new Step(file, () -> work.accept(folder.resolve(file))));
    }

    private static String name(String text) {
        return text.toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z0-9]+", "-");
    }
}
