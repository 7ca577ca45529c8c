package org.vatwright.cli;

import java.util.concurrent.Callable;

import org.vatwright.core.pattern.Design;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.files.produce.Producer;
import org.vatwright.files.project.ProjectFile;
import org.vatwright.files.type.ShippedTypefaces;

import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(name = "tile", mixinStandardHelpOptions = true, description = "Writes the tile of a design.")
final class TileCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Mixin
    private Options.Files files;

    @Option(names = "--design", required = true, paramLabel = "NAME", description = "which design")
    private String design;

    @Option(names = "--colourway", defaultValue = "", paramLabel = "NAME", description = "the first when not given")
    private String colourway;

    @ArgGroup(multiplicity = "1")
    private Options.Fineness fineness;

    @Mixin
    private Options.Moment moment;

    @Override
    public Integer call() {
        Producer producer = new Producer(ProjectFile.read(files.project), new ShippedTypefaces());
        Design chosen = producer.design(design);
        TileGrid grid = fineness.grid(chosen.repeat().tile());
        producer.tile(new Cloth(chosen, producer.colourway(chosen, colourway), moment.phase()), grid, files.output,
                files.quality, Work.plain());
        if (Producer.format(files.output).vector()) {
            Producer.embedded(chosen, grid).forEach(spec.commandLine().getErr()::println);
        }
        return 0;
    }
}
