package org.vatwright.core.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.vatwright.core.Samples;
import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.family.plaid.Plaid;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.Weave;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.FieldRenderer;
import org.vatwright.core.render.FieldSpec;
import org.vatwright.core.render.TileSource;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.TurnedLattice;
import org.vatwright.core.woven.ThreadMask;

class DesignTurnTest {

    private static final Plaid PLAID = new Plaid(new Fabric(
            new BandRun(List.of(new Band(Samples.NAVY, 12), new Band(Samples.LINEN, 20), new Band(Samples.MADDER, 8)),
                    false),
            Optional.empty(), Weave.parse("twill 2/2"), Look.WOVEN, 10, 10));

    /** The turned design, laid straight, is the design laid turned. */
    @ParameterizedTest
    @ValueSource(doubles = {45, 36.9, -26.6, 90, 63.4})
    void everyLayerTurnsWithTheWhole(double wanted) {
        Design design = Samples.design(40, 40, Arrangement.STRAIGHT, PLAID, Samples.stripes(45, 2, 12.142135623730951),
                Samples.dots(3, 37, 9));
        Design seen = design.replace(2, l -> l.withStructure(l.structure().withInks(
                i -> i.equals(Samples.LINEN) ? Ink.CLEAR : i)));
        TurnedLattice.Closing by = DesignTurn.closings(seen, wanted).getFirst();
        assertThat(by.exact()).isTrue();
        Design turned = DesignTurn.turn(seen, by);
        Density dpi = new Density(120);
        Raster straight = FieldRenderer.render(new Cloth(turned, Samples.morning()), new FieldSpec(90, 70, dpi),
                TileSource.PAINTED, Work.on(2));
        Raster leaning = FieldRenderer.render(new Cloth(seen, Samples.morning()),
                new FieldSpec(90, 70, dpi, 1, by.angleDeg(), 0, 0), TileSource.PAINTED, Work.on(2));
        double off = 0;
        for (int i = 0; i < straight.argb().length; i++) {
            off += Math.abs((straight.argb()[i] >> 8 & 255) - (leaning.argb()[i] >> 8 & 255));
        }
        // The same marks, sampled twice: only edges differ. Turned the wrong way it is above 40.
        assertThat(off / straight.argb().length).isLessThan(9);
        turned.layers().forEach(l -> assertThat(l.structure().findings(turned.repeat()))
                .allSatisfy(f -> assertThat(f.words()).isEmpty()));
    }

    @Test
    void whatCannotBeTurnedIsNamed() {
        Design design = Samples.design(40, 40, Arrangement.STRAIGHT, Samples.stripes(0, 4, 4));
        Design masked = design.replace(1,
                l -> l.withMask(Optional.of(new ThreadMask(Weave.plain(), true, 10, 10))));
        TurnedLattice.Closing by = DesignTurn.closings(masked, 45).getFirst();
        assertThatThrownBy(() -> DesignTurn.turn(masked, by)).isInstanceOf(Refusal.class)
                .hasMessageContaining("stripes 0").hasMessageContaining("everywhere");
    }
}
