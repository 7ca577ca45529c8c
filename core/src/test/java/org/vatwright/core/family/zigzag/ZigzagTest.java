package org.vatwright.core.family.zigzag;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.vatwright.core.Samples;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;

class ZigzagTest {

    private static Zigzag zigzag(Zigzag.Corner corner, double share) {
        return new Zigzag(40, 10, 20, List.of(new Zigzag.Line(Samples.NAVY, 8), new Zigzag.Line(Samples.MADDER, 4)),
                corner, share, 0);
    }

    /** Each column of pixels holds each line at its thickness, wherever the corners are. */
    @ParameterizedTest
    @EnumSource(Zigzag.Corner.class)
    void linesAreAsThickAsTypedInEveryColumn(Zigzag.Corner corner) {
        Design design = Samples.design(80, 80, Arrangement.STRAIGHT, zigzag(corner, 0.6)).withGround(Ink.CLEAR);
        Raster tile = TileRenderer.render(new Cloth(design, Samples.morning()), new TileGrid(320, 320, 80, 80),
                Work.on(2));
        for (int x = 0; x < 320; x++) {
            double inked = 0;
            for (int y = 0; y < 320; y++) {
                inked += (tile.at(x, y) >>> 24) / 255.0;
            }
            assertThat(inked).as("column %d", x).isEqualTo(2 * 12 * 4, within(0.5));
        }
        // A sharp tip reaches its amplitude; a round one half of what its corner takes, a cut one none of it.
        double tip = corner == Zigzag.Corner.SHARP ? 10 : corner == Zigzag.Corner.ROUND ? 7 : 4;
        int top = 0;
        while (tile.at(160 + 40, (top + 240) % 320) >>> 24 < 128) {
            top++;
        }
        assertThat((top + 240) % 320 / 4.0).isEqualTo(80 - tip - 4, within(0.3));
    }

    @Test
    void theClearGapIsMeasuredAcrossTheLinesAndWarnedOf() {
        Zigzag zigzag = zigzag(Zigzag.Corner.SHARP, 0);
        assertThat(zigzag.slopeDeg()).isEqualTo(45, within(1e-9));
        assertThat(zigzag.leastGapMm()).isEqualTo((20 - 6) * Math.sqrt(0.5), within(1e-9));
        Zigzag touching = zigzag.with(1, new Zigzag.Line(Samples.MADDER, 32));
        assertThat(touching.leastGapMm()).isEqualTo(0, within(1e-9));
        assertThat(touching.findings(new Repeat(80, 80, Arrangement.STRAIGHT)))
                .anyMatch(f -> f.severity() == Finding.Severity.LOOK && f.check().equals("Lines touch"));
    }

    @Test
    void whateverIsTypedClosesAndUprightIsLevelTurned() {
        Random random = new Random(6);
        for (int n = 0; n < 100; n++) {
            Zigzag any = new Zigzag(5 + random.nextInt(60), random.nextInt(30), 3 + random.nextInt(30),
                    List.of(new Zigzag.Line(Samples.NAVY, 1 + random.nextInt(5))), Zigzag.Corner.values()[n % 3],
                    random.nextDouble(), random.nextInt(360));
            Repeat repeat = new Repeat(30 + random.nextInt(90), 30 + random.nextInt(90), Arrangement.STRAIGHT);
            Zigzag fits = any.withAngle(0).fittedTo(repeat.widthMm(), repeat.heightMm(), 1 + random.nextInt(5),
                    1 + random.nextInt(5));
            assertThat(fits.closes(repeat)).isTrue();
            int count = any.fit(repeat).count();
            assertThat(any.drawing(repeat, Phase.OWN, Work.on(2)).groups().getFirst().marks()).hasSize(count);
        }
        Design level = Samples.design(80, 80, Arrangement.STRAIGHT, zigzag(Zigzag.Corner.SHARP, 0));
        Design upright = Samples.design(80, 80, Arrangement.STRAIGHT, zigzag(Zigzag.Corner.SHARP, 0).withAngle(90));
        TileGrid grid = new TileGrid(160, 160, 80, 80);
        Raster a = TileRenderer.render(new Cloth(level, Samples.morning()), grid, Work.on(1));
        Raster b = TileRenderer.render(new Cloth(upright, Samples.morning()), grid, Work.on(1));
        for (int i = 0; i < 160 * 160; i++) {
            // Counter-clockwise: what was at the right end of a row stands at the top of a column.
            assertThat(b.at(i / 160, 159 - i % 160) >> 8 & 255).isCloseTo(a.at(i % 160, i / 160) >> 8 & 255,
                    within(2));
        }
    }
}
