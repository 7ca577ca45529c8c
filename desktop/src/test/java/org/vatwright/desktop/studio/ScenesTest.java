package org.vatwright.desktop.studio;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;

import org.junit.jupiter.api.Test;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.TileCache;
import org.vatwright.core.render.TileSource;
import org.vatwright.files.demo.DemoCommission;

class ScenesTest {

    private static final double PX_PER_MM = 0.8;

    private final TileSource tiles = new TileCache(4_000_000, 4_000_000);
    private final Design gangway = DemoCommission.load().designs().getFirst();
    private final Colourway colours = gangway.palette().first();

    private static Scenes.Made made(Design of, Colourway colours) {
        return new Scenes.Made(List.of(of.layers(), of.ground()), colours, 40, 24, PX_PER_MM, 5, 9);
    }

    @Test
    void aDesignThatIsMadeLateIsDrawnAsIfItHadBeenThere() {
        AtomicInteger times = new AtomicInteger();
        LiveCloth.Subject late = made(gangway, colours).subject(tiles, () -> {
            times.incrementAndGet();
            return gangway;
        });
        assertThat(times).as("not before it is drawn").hasValue(0);
        Raster seen = late.draw(1, Work.on(1));
        assertThat(times).hasValue(1);
        Raster wanted = new Scenes.Field(gangway, colours, 5, 9, 40, 24, PX_PER_MM).subject(tiles).draw(1, Work.on(1));
        assertThat(seen.width()).isEqualTo(40);
        assertThat(seen.argb()).isEqualTo(wanted.argb());
        assertThat(Arrays.stream(seen.argb()).distinct().count()).isGreaterThan(2);
    }

    /** What is the same as a value is not drawn again; what goes into it makes it another. */
    @Test
    void whatGoesIntoItTellsItFromOthers() {
        Design hidden = gangway.replace(gangway.layers().getFirst().id(), l -> l.withVisible(false));
        assertThat(made(gangway, colours)).isEqualTo(made(gangway.withName("Brow"), colours));
        assertThat(made(gangway, colours)).isNotEqualTo(made(hidden, colours));
        assertThat(made(gangway, colours))
                .isNotEqualTo(made(gangway, gangway.palette().colourways().getLast()));
    }
}
