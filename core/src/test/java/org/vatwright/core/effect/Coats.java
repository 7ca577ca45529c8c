package org.vatwright.core.effect;

import java.util.Random;

import org.vatwright.core.Samples;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;

/** Coats to try effects on, and how they are asked. */
final class Coats {

    private Coats() {}

    static PaintRequest asked(TileGrid grid, int threads) {
        return new PaintRequest(new Repeat(grid.widthMm(), grid.heightMm(), Arrangement.STRAIGHT), grid,
                new InkColours(Samples.PALETTE, Samples.morning()), Phase.OWN, Work.on(threads));
    }

    /** Round marks of several colours and coverages, some of them over the edges; the same at every density. */
    static Raster marks(TileGrid grid, long seed) {
        Random random = new Random(seed);
        Raster coat = new Raster(grid.widthPx(), grid.heightPx());
        for (int n = 0; n < 9; n++) {
            double x = random.nextDouble() * grid.widthMm();
            double y = random.nextDouble() * grid.heightMm();
            double r = (0.06 + 0.12 * random.nextDouble()) * grid.widthMm();
            int alpha = n % 3 == 0 ? 180 : 255;
            int colour = alpha << 24 | random.nextInt(alpha + 1) << 16 | random.nextInt(alpha + 1) << 8
                    | random.nextInt(alpha + 1);
            for (int py = 0; py < grid.heightPx(); py++) {
                for (int px = 0; px < grid.widthPx(); px++) {
                    double dx = around((px + 0.5) * grid.mmPerPxX() - x, grid.widthMm());
                    double dy = around((py + 0.5) * grid.mmPerPxY() - y, grid.heightMm());
                    if (dx * dx + dy * dy < r * r) {
                        coat.argb()[py * grid.widthPx() + px] = colour;
                    }
                }
            }
        }
        return coat;
    }

    private static double around(double distance, double side) {
        return distance - side * Math.rint(distance / side);
    }

    /** @return moved on the torus by whole pixels */
    static Raster rolled(Raster coat, int dx, int dy) {
        Raster out = new Raster(coat.width(), coat.height());
        for (int y = 0; y < coat.height(); y++) {
            for (int x = 0; x < coat.width(); x++) {
                out.argb()[Math.floorMod(y + dy, coat.height()) * coat.width()
                        + Math.floorMod(x + dx, coat.width())] = coat.at(x, y);
            }
        }
        return out;
    }
}
