package org.vatwright.files.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.project.Project;
import org.vatwright.files.demo.DemoCommission;
import org.vatwright.files.type.ShippedTypefaces;

/** A file that version 1 wrote, of the demo as it was then. */
class Version1Test {

    @TempDir
    private Path folder;

    private Project old() throws Exception {
        Path file = folder.resolve("version-1.vatwright");
        try (var in = Version1Test.class.getResourceAsStream("version-1.vatwright")) {
            Files.copy(in, file);
        }
        return ProjectFile.read(file);
    }

    /** The same things by the same names, linked alike; only their ids are others. */
    @Test
    void isTheDemoWithOtherIds() throws Exception {
        Project now = DemoCommission.load();
        Project old = old();
        assertThat(old.name()).isEqualTo(now.name());
        assertThat(old.density()).isEqualTo(now.density());
        Map<Id, String> designs = names(old.designs(), Design::id, Design::name);
        assertThat(designs.values()).containsExactlyElementsOf(now.designs().stream().map(Design::name)
                .filter(n -> !LATER.contains(n)).toList());
        for (Design design : old.designs()) {
            Design same = now.designs().stream().filter(d -> d.name().equals(design.name())).findFirst().orElseThrow();
            if (!CHANGED.contains(design.name())) {
                assertThat(design.layers()).isEqualTo(same.layers());
            }
            assertThat(design.palette()).isEqualTo(same.palette());
            assertThat(design.fills()).extracting(f -> f.design().map(Design::name))
                    .isEqualTo(same.fills().stream().map(f -> f.design().map(Design::name)).toList());
        }
        Map<Id, String> newDesigns = names(now.designs(), Design::id, Design::name);
        assertThat(worn(old, designs)).isEqualTo(worn(now, newDesigns));
        assertThat(old.jobs()).extracting(j -> j.name(), j -> j.task().kind(), j -> j.task().worn(), j -> j.output())
                .containsExactlyElementsOf(now.jobs().stream().filter(j -> !LATER_JOBS.contains(j.name())
                        && DRESSED_ANEW.stream().filter(a -> !old.articles().stream().anyMatch(o -> o.name().equals(a)))
                                .noneMatch(j.name()::startsWith))
                        .map(j -> org.assertj.core.groups.Tuple
                                .tuple(j.name(), j.task().kind(), j.task().worn(), j.output()))
                        .toList());
    }

    /** Laid anew since: as reliefs. */
    private static final Set<String> CHANGED = Set.of("Quay");
    private static final Set<String> LATER = Set.of("Spray", "Skarholm in wool", "Shoal", "Tarpaulin", "Old Chart",
            "Kelp", "Dungaree", "Pennants", "Galley letters", "Galley napkin");
    private static final Set<String> DRESSED_ANEW = Set.of("Saloon cushion", "Ship's name", "Tote", "Lifejacket cover",
            "Wrapping paper", "Crew apron", "Crew smock",
            "Deckchair", "Mug", "Notice panel", "Deck blanket", "Ferry line");
    private static final Set<String> LATER_JOBS = Set.of("Crew smock, Night Crossing");

    private static <T> Map<Id, String> names(List<T> all, Function<T, Id> id, Function<T, String> name) {
        return all.stream().collect(Collectors.toMap(id, name, (a, b) -> a, java.util.LinkedHashMap::new));
    }

    /** @return by article and piece what each wears, designs by their names */
    private static List<String> worn(Project project, Map<Id, String> designs) {
        // These are dressed in designs that came later.
        return project.articles().stream().filter(a -> !DRESSED_ANEW.contains(a.name()))
                .flatMap(a -> {
                    Cut cut = Cut.of(a, new ShippedTypefaces());
                    return cut.pieces().stream().map(p -> "%s / %s: %s".formatted(a.name(), p.name(), cut.lay(p).map(
                            l -> designs.get(l.design()) + l.withDesign(Id.NONE, l.colourway())).orElse("bare")));
                }).toList();
    }

    @Test
    void getsTheSameIdsEachTimeAndIsWrittenAsVersion2() throws Exception {
        Project old = old();
        Path again = folder.resolve("again.vatwright");
        ProjectFile.write(old, again);
        assertThat(ProjectFile.read(again)).isEqualTo(old);
        Files.delete(folder.resolve("version-1.vatwright"));
        assertThat(old()).isEqualTo(old);
        assertThat(old.articles()).extracting(Article::id).contains(new Id("article-1"));
        assertThat(old.designs().stream().flatMap(d -> d.fills().stream()).map(Fill::id)).isNotEmpty();
    }
}
