package org.vatwright.core.map;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/**
 * A tile at its own size, half of it, a quarter, and so on down to one pixel, each averaged by area in linear light. Made
 * when first asked for. Safe to use from several threads.
 */
final class Levels {

    private final List<Raster> levels = new ArrayList<>();

    Levels(Raster tile) {
        levels.add(tile);
    }

    /** @return how many there are: the last has one pixel */
    int count() {
        Raster tile = levels.getFirst();
        int longer = Math.max(tile.width(), tile.height());
        return longer == 1 ? 1 : 33 - Integer.numberOfLeadingZeros(longer - 1);
    }

    /** @param level 0 is the tile itself; beyond the last it is the last */
    private synchronized Raster at(int level, Work work) {
        int wanted = Math.min(level, count() - 1);
        while (levels.size() <= wanted) {
            Raster finer = levels.getLast();
            levels.add(Resized.of(finer, half(finer.width()), half(finer.height()), work));
        }
        return levels.get(wanted);
    }

    /** @return all of them, the tile first */
    Raster[] all(Work work) {
        at(count() - 1, work.telling(share -> {}));
        synchronized (this) {
            return levels.toArray(Raster[]::new);
        }
    }

    private static int half(int px) {
        return Math.max(1, (px + 1) / 2);
    }
}
