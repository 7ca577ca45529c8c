package org.vatwright.core.render;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;

import org.junit.jupiter.api.Test;
import org.vatwright.core.map.Affine;
import org.vatwright.core.map.TorusSampler;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/** What is remembered of a stretch never shows: each picture is to the bit the one sampled from nothing. */
class FieldMemoryTest {

    private static Raster noise(Random random, int w, int h) {
        Raster tile = new Raster(w, h);
        for (int i = 0; i < tile.argb().length; i++) {
            tile.argb()[i] = 0xFF000000 | random.nextInt(1 << 24);
        }
        return tile;
    }

    private static Raster like(Raster tile) {
        Raster copy = new Raster(tile.width(), tile.height());
        System.arraycopy(tile.argb(), 0, copy.argb(), 0, copy.argb().length);
        return copy;
    }

    private static void same(FieldMemory memory, Raster tile, Affine map, int w, int h, Object of) {
        Raster whole = new Raster(w, h);
        TorusSampler.sample(tile, map, whole, Work.on(1));
        assertThat(memory.sampled(tile, map, w, h, Work.on(2)).argb()).as("%s", of).isEqualTo(whole.argb());
    }

    @Test
    void howeverTheTileChangesItIsAsIfSampledFromNothing() {
        Random random = new Random(4);
        for (int n = 0; n < 60; n++) {
            FieldMemory memory = new FieldMemory();
            Raster tile = noise(random, 20 + random.nextInt(60), 10 + random.nextInt(70));
            int w = 30 + random.nextInt(90);
            int h = 30 + random.nextInt(90);
            boolean whole = n % 6 == 0;
            Affine map = new Affine(random.nextDouble(), whole ? 1.0 / tile.width() : 0.02 * random.nextDouble(), 0,
                    random.nextDouble(), n % 5 == 4 ? 1e-4 : 0,
                    whole ? 1.0 / tile.height() : 0.03 * random.nextDouble());
            same(memory, tile, map, w, h, "first");
            for (int change = 0; change < 8; change++) {
                tile = like(tile);
                int rows = random.nextInt(1 + tile.height() / (change % 4 == 3 ? 1 : 4));
                int top = random.nextInt(tile.height());
                for (int r = 0; r < rows; r++) {
                    int y = (top + r) % tile.height();
                    tile.argb()[y * tile.width() + random.nextInt(tile.width())] = random.nextInt() | 0xFF000000;
                }
                same(memory, tile, map, w, h, "%d rows from %d, %s".formatted(rows, top, map));
            }
        }
    }

    @Test
    void anotherViewOrAnotherSizeIsNotMixedUpWithTheLast() {
        Random random = new Random(8);
        FieldMemory memory = new FieldMemory();
        Raster tile = noise(random, 40, 50);
        Affine map = new Affine(0.1, 0.021, 0, 0.3, 0, 0.017);
        same(memory, tile, map, 60, 70, "first");
        same(memory, tile, new Affine(0.1, 0.021, 0, 0.31, 0, 0.017), 60, 70, "moved");
        same(memory, tile, map, 61, 70, "wider");
        same(memory, noise(random, 40, 51), map, 61, 70, "of a higher tile");
        same(memory, noise(random, 50, 40), map, 61, 70, "of as many pixels in other rows");
    }

    @Test
    void whereLittleChangesLittleIsSampled() {
        FieldMemory memory = new FieldMemory();
        Raster tile = noise(new Random(1), 64, 640);
        Affine map = new Affine(0, 1.003 / 64, 0, 0, 0, 1.003 / 640);
        AtomicInteger asked = new AtomicInteger();
        Work counting = Work.on(1).stoppedBy(() -> asked.incrementAndGet() < 0);
        memory.sampled(tile, map, 64, 640, counting);
        int whole = asked.get();
        Raster next = like(tile);
        next.argb()[64 * 300 + 5] ^= 0xFFFFFF;
        asked.set(0);
        Raster seen = memory.sampled(next, map, 64, 640, counting);
        assertThat(asked.get()).as("one lot of rows in place of %d strips", whole).isEqualTo(1);
        assertThat(whole).isGreaterThan(5);
        assertThat(seen.argb()).isNotEqualTo(tile.argb());
    }
}
