package org.vatwright.desktop.effect;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.vatwright.core.effect.ToothWear;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.tooth.ToothForm;
import org.vatwright.core.tooth.ToothKind;
import org.vatwright.files.demo.DemoCommission;

class EdgeLookTest {

    private static boolean hasEdges(String design, Effect... worn) {
        Design all = DemoCommission.load().design(new Id(design)).orElseThrow();
        Design alone = all.alone(0).replace(all.layers().getFirst().id(), l -> l.withEffects(List.of(worn)));
        return EdgeLook.hasEdges(new Cloth(alone, alone.palette().first()), Work.plain());
    }

    @Test
    void stripesFromEdgeToEdgeHaveNoneAndMarksOnAGroundHave() {
        assertThat(hasEdges("gangway")).isFalse();
        assertThat(hasEdges("buoys")).isTrue();
    }

    @Test
    void whatWasDoneToItBeforeCounts() {
        assertThat(hasEdges("gangway", new ToothWear(ToothForm.of(ToothKind.PAPER, 2).withAmount(0.3)))).isTrue();
    }
}
