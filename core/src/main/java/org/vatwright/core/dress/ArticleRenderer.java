package org.vatwright.core.dress;

import java.util.Optional;
import java.util.function.Function;

import org.vatwright.core.drape.Drape;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.RowSource;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.SampledCloth;
import org.vatwright.core.render.TileSource;

/**
 * Draws dressed articles: each piece is one sampling of its design's torus, cut by the piece's outline; outlines lie
 * over the cloth; the surround stays transparent.
 *
 * @param designs by their ids
 * @param colourway worn by every lay whose design has it, instead of its own, when present
 * @param phase at which everything that moves is shown
 * @param wardrobe keeps pieces that do not change, for pictures that are looked at
 */
public record ArticleRenderer(Function<Id, Optional<Design>> designs, TileSource tiles,
        Optional<String> colourway, Phase phase, Optional<Wardrobe> wardrobe) {

    /** With nothing kept. */
    public ArticleRenderer(Function<Id, Optional<Design>> designs, TileSource tiles, Optional<String> colourway,
            Phase phase) {
        this(designs, tiles, colourway, phase, Optional.empty());
    }

    /** With everything that moves as it was set. */
    public ArticleRenderer(Function<Id, Optional<Design>> designs, TileSource tiles, Optional<String> colourway) {
        this(designs, tiles, colourway, Phase.OWN);
    }

    /** @return the same, for somebody who looks on */
    public ArticleRenderer keeping(Wardrobe pieces) {
        return new ArticleRenderer(designs, tiles, colourway, phase, Optional.of(pieces));
    }

    /** @param density of the picture; its size is the article's in whole pixels */
    public Raster render(Cut cut, Density density, Work work) {
        return render(cut, density, Drape.TRUE_PX, work);
    }

    /** @return the same. @param tolerancePx how far off draped cloth may be */
    public Raster render(Cut cut, Density density, double tolerancePx, Work work) {
        return new DressedRows(this, cut, density, Optional.empty(), SampledCloth.WHILE_LOOKING_PX, tolerancePx,
                work.telling(share -> {})).gathered(work);
    }

    /** @return the article row by row. @param density of the picture */
    public RowSource rows(Cut cut, Density density, Work work) {
        return new DressedRows(this, cut, density, Optional.empty(), Raster.MOST_PX, Drape.TRUE_PX,
                work.telling(share -> {}));
    }
}
