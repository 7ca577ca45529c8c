package org.vatwright.desktop.building;

import java.util.Optional;

import org.vatwright.core.family.motif.Crowding;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.cloth.Viewport;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.image.ImageView;
import javafx.scene.image.WritableImage;

/** Lies over the cell: red where motifs crowd, blue where there is room, nothing where it is as everywhere. */
final class CrowdingMap extends ImageView {

    private static final int COLUMNS = 56;
    private static final int FULL = 0xAB3B2C;
    private static final int EMPTY = 0x20365F;
    private static final int MOST_ALPHA = 170;

    private final Studio studio;
    private Motifs mapped;
    private boolean wanted;
    private Design shown;

    CrowdingMap(Studio studio) {
        this.studio = studio;
        setMouseTransparent(true);
        setPreserveRatio(false);
        setSmooth(true);
        setId("crowding-map");
        setVisible(false);
    }

    void want(boolean shownNow) {
        wanted = shownNow;
        mapped = null;
    }

    void show(Design design, Viewport view, boolean rolled) {
        Optional<Motifs> motifs = studio.layer().map(l -> l.structure()).filter(Motifs.class::isInstance)
                .map(Motifs.class::cast);
        setVisible(wanted && !rolled && motifs.isPresent());
        if (!isVisible()) {
            return;
        }
        setX(view.x());
        setY(view.y());
        setFitWidth(design.repeat().widthMm() * view.pxPerMm());
        setFitHeight(design.repeat().heightMm() * view.pxPerMm());
        if (motifs.get().equals(mapped) && shown.repeat().equals(design.repeat())) {
            return;
        }
        mapped = motifs.get();
        shown = design;
        Crowding map = Crowding.of(mapped, design.repeat(), COLUMNS);
        WritableImage image = new WritableImage(map.columns(), map.rows());
        for (int row = 0; row < map.rows(); row++) {
            for (int column = 0; column < map.columns(); column++) {
                double value = map.at(column, row);
                int alpha = (int) Math.round(MOST_ALPHA * Math.abs(value));
                image.getPixelWriter().setArgb(column, row, alpha << 24 | (value > 0 ? FULL : EMPTY));
            }
        }
        setImage(image);
        double[] range = map.range();
        studio.tellFoot(f -> f.withPlace("fullest %s %% over the mean, emptiest %s %% under it".formatted(
                Numbers.plain(100 * range[1], 0), Numbers.plain(-100 * range[0], 0)), 0));
    }
}
