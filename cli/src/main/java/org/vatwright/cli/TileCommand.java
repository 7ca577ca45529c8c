package org.vatwright.cli;

import java.util.concurrent.Callable;

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
import picocli.CommandLine.Spec;

@Command(name = "tile", mixinStandardHelpOptions = true, description = "Writes the tile of a design.")
final class TileCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

    @Mixin
    private Options.Files files;

    @Mixin
    private Options.Worn worn;

    @ArgGroup(multiplicity = "1")
    private Options.Fineness fineness;

    @Override
    public Integer call() {
        Producer producer = new Producer(ProjectFile.read(files.project), new ShippedTypefaces());
        Cloth cloth = worn.cloth(producer);
        TileGrid grid = fineness.grid(cloth.design().repeat().tile());
        producer.tile(cloth, grid, files.output, files.quality, Work.plain());
        if (Producer.format(files.output).vector()) {
            Producer.embedded(cloth.design(), grid).forEach(spec.commandLine().getErr()::println);
        }
        return 0;
    }
}
