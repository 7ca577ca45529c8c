package org.vatwright.core.yarn;

import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.YarnLook;

import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.yarn.FabricOutlines.Colour;
import org.vatwright.core.yarn.FabricOutlines.Part;

/**
 * Threads with gaps as flat shapes: picks lie whole below, over them the ends wherever no pick is on top. Light, slubs
 * and twist are left to pictures.
 */
final class YarnOutlines {

    private YarnOutlines() {}

    static List<Part> onePeriod(Fabric fabric, YarnLook look) {
        int ends = fabric.endsInPeriod();
        int picks = fabric.picksInPeriod();
        Require.that((long) ends * picks <= FabricOutlines.MOST_RECTANGLES,
                "this cloth has more than %,d crossings to draw as shapes; write it as a picture"
                        .formatted(FabricOutlines.MOST_RECTANGLES));
        List<Ink> warp = Fabric.threads(fabric.warp());
        List<Ink> weft = Fabric.threads(fabric.weft());
        Map<Ink, Path2D> below = new LinkedHashMap<>();
        Map<Ink, Path2D> above = new LinkedHashMap<>();
        double halfWarp = look.warpWidth() / 2;
        double halfWeft = look.weftWidth() / 2;
        for (int pick = 0; pick < picks; pick++) {
            FabricOutlines.rectangle(below.computeIfAbsent(weft.get(pick % weft.size()), i -> new Path2D.Double()), 0,
                    (pick + 0.5 - halfWeft) / picks, 1, (pick + 0.5 + halfWeft) / picks);
        }
        for (int end = 0; end < ends; end++) {
            Path2D path = above.computeIfAbsent(warp.get(end % warp.size()), i -> new Path2D.Double());
            double from = 0;
            for (int pick = 0; pick <= picks; pick++) {
                boolean last = pick == picks;
                if (last || !fabric.weave().warpOnTop(end, pick)) {
                    double to = last ? picks : pick + 0.5 - halfWeft;
                    if (to > from) {
                        FabricOutlines.rectangle(path, (end + 0.5 - halfWarp) / ends, from / picks,
                                (end + 0.5 + halfWarp) / ends, to / picks);
                    }
                    from = pick + 0.5 + halfWeft;
                }
            }
        }
        List<Part> parts = new ArrayList<>();
        below.forEach((ink, path) -> add(parts, ink, path));
        above.forEach((ink, path) -> add(parts, ink, path));
        return parts;
    }

    private static void add(List<Part> parts, Ink ink, Path2D path) {
        if (!(ink instanceof Ink.Clear)) {
            parts.add(new Part(new Colour(ink, ink, 0), path));
        }
    }
}
