package org.vatwright.desktop.building;

import java.util.List;
import java.util.stream.IntStream;

import org.vatwright.core.pattern.Fill;
import org.vatwright.core.picture.InkMap;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;

/** How much of a picture each of its few inks covers. */
final class PictureShares {

    private static final int LOOKED_AT_PX = 200;
    private static final int MARK = 0xFF000000;

    private PictureShares() {}

    static List<Double> of(Fill.OfPicture of) {
        Raster small = of.cutOut(SmallPicture.of(of.picture().raster(), LOOKED_AT_PX), Work.on(1));
        int count = of.reduced().size();
        Raster map = InkMap.shown(small, of.reduced().stream().map(Fill.Reduced::found).toList(),
                IntStream.range(0, count).map(i -> MARK | i).toArray());
        double[] sums = new double[count];
        double all = 0;
        for (int argb : map.argb()) {
            int a = argb >>> 24;
            if (a == 255) {
                sums[argb & 255]++;
                all++;
            }
        }
        double whole = Math.max(1, all);
        return IntStream.range(0, count).mapToObj(i -> sums[i] / whole).toList();
    }
}
