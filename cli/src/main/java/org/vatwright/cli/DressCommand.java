package org.vatwright.cli;

import java.util.List;
import java.util.concurrent.Callable;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Require;
import org.vatwright.core.project.Swap;
import org.vatwright.core.raster.Work;
import org.vatwright.files.produce.Producer;
import org.vatwright.files.project.ProjectFile;
import org.vatwright.files.type.ShippedTypefaces;

import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

@Command(name = "dress", mixinStandardHelpOptions = true, description = "Writes a dressed article.")
final class DressCommand implements Callable<Integer> {

    @Spec
    private CommandSpec spec;

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

    @Option(names = "--swap", paramLabel = "OLD=NEW", description = "another design in place of one that is worn; may be given again")
    private List<String> swaps = List.of();

    @Option(names = "--piece", paramLabel = "NAME:grain=45,scale=60,startX=10,startY=5", description = "how one piece lies otherwise, in degrees, percent and mm; may be given again", converter = PieceLay.Reader.class)
    private List<PieceLay> pieces = List.of();

    @Override
    public Integer call() {
        ShippedTypefaces faces = new ShippedTypefaces();
        Producer producer = new Producer(ProjectFile.read(files.project), faces);
        Article chosen = producer.article(article);
        for (String swap : swaps) {
            chosen = swapped(chosen, swap, producer);
        }
        for (PieceLay piece : pieces) {
            chosen = piece.on(chosen, faces);
        }
        if (chosen instanceof Article.Lettering letters) {
            faces.missing(letters.typeface()).ifPresent(spec.commandLine().getErr()::println);
        }
        Density density = fineness.of(Cut.of(chosen, faces).widthMm());
        producer.article(chosen, colourway, moment.phase(), density, files.output, files.quality, Work.plain());
        if (Producer.format(files.output).vector()) {
            producer.embedded(chosen, colourway, density).forEach(spec.commandLine().getErr()::println);
        }
        return 0;
    }

    private static Article swapped(Article article, String asked, Producer producer) {
        int equals = asked.indexOf('=');
        Require.that(equals > 0 && equals < asked.length() - 1,
                "\"%s\" names no two designs; type OLD=NEW".formatted(asked));
        Swap swap = new Swap(producer.design(asked.substring(0, equals).strip()),
                producer.design(asked.substring(equals + 1).strip()));
        Require.that(swap.count(article) > 0,
                "%s does not wear %s, so there is nothing to swap".formatted(article.name(), swap.from().name()));
        return swap.on(article);
    }
}
