package org.vatwright.cli;

import java.util.concurrent.Callable;

import org.vatwright.core.measure.Density;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.FieldSpec;
import org.vatwright.files.produce.Producer;
import org.vatwright.files.project.ProjectFile;
import org.vatwright.files.type.ShippedTypefaces;

import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(name = "field", mixinStandardHelpOptions = true, description = "Writes a stretch of a design at true size.")
final class FieldCommand implements Callable<Integer> {

    @Mixin
    private Options.Files files;

    @Mixin
    private Options.Worn worn;

    @Option(names = "--size", required = true, paramLabel = "WxH", description = "such as 12inx12in", converter = Options.SizeReader.class)
    private Options.Pair size;

    @Option(names = "--dpi", required = true, paramLabel = "N", description = "pixels per inch", converter = Options.DensityReader.class)
    private Density density;

    @Option(names = "--scale", defaultValue = "100", paramLabel = "PERCENT", description = "100 is true size", converter = Options.PercentReader.class)
    private double scale;

    @Option(names = "--grain", defaultValue = "0", paramLabel = "DEG", description = "angle of the warp, counter-clockwise", converter = Options.DegreeReader.class)
    private double grain;

    @Option(names = "--start", defaultValue = "0,0", paramLabel = "X,Y", description = "where the design begins, mm from the upper left", converter = Options.StartReader.class)
    private Options.Pair start;

    @Override
    public Integer call() {
        Producer producer = new Producer(ProjectFile.read(files.project), new ShippedTypefaces());
        producer.field(worn.cloth(producer),
                new FieldSpec(size.first(), size.second(), density, scale, grain, start.first(), start.second()),
                files.output, files.quality, Work.plain());
        return 0;
    }
}
