package org.vatwright.core.inspect;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.CheckLimit;
import org.vatwright.core.pattern.CheckLimits;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.FillClosing;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Finding.Severity;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Offer;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileSource;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.repeat.TileGrid;

/** Looks a design over and says what it found, worst first. */
public final class Inspection {

    private static final int LOOK_PX = 700;

    private Inspection() {}

    /** @param density at which the tile would be produced */
    public static List<Finding> of(Cloth cloth, Density density, CheckLimits limits, TileSource tiles, Work work) {
        Design design = cloth.design();
        Tile tile = design.repeat().tile();
        List<Finding> findings = new ArrayList<>();
        Raster look = tiles.tile(cloth, TileGrid.ofWidth(tile, lookWidth(tile)), work);
        findings.add(SeamCheck.of(look));
        for (Layer layer : design.layers()) {
            findings.addAll(of(layer, design));
        }
        findings.addAll(FillClosing.findings(design));
        findings.add(stretch("Width in whole pixels", tile.widthMm(), density));
        findings.add(stretch("Height in whole pixels", tile.heightMm(), density));
        findings.add(Finding.fine("Inks in use", "%d of %d slots".formatted(design.usedSlots().size(),
                design.palette().slots().size())));
        return findings.stream().map(f -> f.against(limits)).sorted(Comparator.comparing(Finding::severity)).toList();
    }

    /** What does not close has its cheapest closing as a cure. */
    private static List<Finding> of(Layer layer, Design design) {
        Optional<Offer> closing = layer.structure().closings(design.repeat()).stream().map(c -> c.on(layer.id()))
                .findFirst();
        return layer.structure().findings(design.repeat()).stream()
                .map(f -> f.withCheck(layer.name() + ": " + f.check())
                        .withCure(f.closesNearly() ? closing : f.cure()))
                .toList();
    }

    private static int lookWidth(Tile tile) {
        double longer = Math.max(tile.widthMm(), tile.heightMm());
        return (int) Math.max(8, Math.rint(LOOK_PX * tile.widthMm() / longer));
    }

    private static Finding stretch(String title, double mm, Density density) {
        double stretch = density.stretch(mm) - 1;
        return Finding.measured(title,
                "%d px, %s \u2030".formatted(density.wholePx(mm), Numbers.plain(1000 * stretch, 2)),
                new Finding.Measured(CheckLimit.STRETCH, 1000 * Math.abs(stretch), Severity.LOOK,
                        "At %s dpi the tile is drawn %s mm %s; a higher density or another cell size comes nearer."
                                .formatted(Numbers.plain(density.dpi()), Numbers.plain(Math.abs(stretch) * mm),
                                        stretch > 0 ? "too large" : "too small")));
    }
}
