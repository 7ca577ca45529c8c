package org.vatwright.desktop.building;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.project.Project;
import org.vatwright.desktop.OnToolkit;
import org.vatwright.desktop.studio.Selection;
import org.vatwright.desktop.studio.Studio;
import org.vatwright.files.demo.DemoCommission;
import org.vatwright.files.type.ShippedTypefaces;

/** Chapters are filled with layers that are not the open one, whatever is open meanwhile, and change nothing by that. */
@Timeout(120)
class ChapterFurnishingTest {

    private final Studio studio = new Studio(DemoCommission.load(), new ShippedTypefaces());

    private void fillAll() throws Exception {
        Project before = studio.project();
        Selection chosen = studio.selection();
        List<String> failed = new ArrayList<>();
        Map<FamilyChapters.Entry, Chapter> made = new HashMap<>();
        for (Design design : DemoCommission.load().designs()) {
            OnToolkit.run(() -> {
                design.layers().forEach(layer -> fill(design, layer, made, failed));
                return null;
            });
        }
        assertThat(failed).isEmpty();
        assertThat(studio.project()).isSameAs(before);
        assertThat(studio.selection()).isEqualTo(chosen);
    }

    private void fill(Design design, Layer layer, Map<FamilyChapters.Entry, Chapter> made, List<String> failed) {
        for (FamilyChapters.Entry entry : FamilyChapters.of(layer.structure().family())) {
            Chapter chapter = made.computeIfAbsent(entry, e -> e.make().apply(studio));
            try {
                chapter.furnishing(design, studio.colourway(design), layer).forEach(Runnable::run);
            } catch (RuntimeException e) {
                failed.add("%s, %s, %s: %s".formatted(design.name(), layer.name(), entry.title(), e));
            }
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"Gangway", "Skarholm", "Tarpaulin", "Shoal", "Galley letters"})
    void whicheverDesignIsInView(String name) throws Exception {
        Design design = studio.project().designs().stream().filter(d -> d.name().equals(name)).findFirst()
                .orElseThrow();
        OnToolkit.run(() -> {
            studio.select(s -> s.withDesign(design));
            return null;
        });
        fillAll();
    }

    @Test
    void whenADesignWithoutLayersIsInView() throws Exception {
        OnToolkit.run(() -> {
            studio.editDesign("delete all layers", d -> d.withLayers(List.of()));
            return null;
        });
        assertThat(studio.layer()).isEmpty();
        fillAll();
    }

    @Test
    void whenTheProjectHasNothing() throws Exception {
        OnToolkit.run(() -> {
            studio.edit("delete all", p -> Project.empty("Refit"));
            return null;
        });
        assertThat(studio.design()).isEmpty();
        fillAll();
    }
}
