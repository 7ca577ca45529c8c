package org.vatwright.cli;

import java.util.concurrent.Callable;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.raster.Work;
import org.vatwright.files.produce.Producer;
import org.vatwright.files.project.ProjectFile;
import org.vatwright.files.type.ShippedTypefaces;

import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

@Command(name = "dress", mixinStandardHelpOptions = true, description = "Writes a dressed article.")
final class DressCommand implements Callable<Integer> {

    @Mixin
    private Options.Files files;

    @Option(names = "--article", required = true, paramLabel = "NAME", description = "which article")
    private String article;

    @Option(names = "--colourway", defaultValue = "", paramLabel = "NAME", description = "worn by every lay whose design has it")
    private String colourway;

    @ArgGroup(multiplicity = "1")
    private Options.Fineness fineness;

    @Mixin
    private Options.Moment moment;

    @Override
    public Integer call() {
        ShippedTypefaces faces = new ShippedTypefaces();
        Producer producer = new Producer(ProjectFile.read(files.project), faces);
        Article chosen = producer.article(article);
        producer.article(chosen, colourway, moment.phase(), fineness.of(Cut.of(chosen, faces).widthMm()), files.output,
                files.quality, Work.plain());
        return 0;
    }
}
