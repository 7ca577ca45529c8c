package org.vatwright.desktop.building;

import java.util.Optional;

import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.repeat.Lattice;
import org.vatwright.core.repeat.LatticeFit;
import org.vatwright.desktop.cloth.Viewport;
import org.vatwright.desktop.studio.Aside;
import org.vatwright.desktop.studio.Studio;

import javafx.application.Platform;
import javafx.scene.layout.Pane;
import javafx.scene.transform.Affine;
import javafx.scene.transform.Translate;

/**
 * While a picture is cut out the rest of it lies around the cloth that is made of it, where it would go on, and the frame is
 * pulled there. A hand within the frame moves the picture under it.
 */
final class CutOnCloth extends Pane {

    private static final int FINEST_PX = 900;

    private final Studio studio;
    private final CutEdit edit;
    private final CutPull pull;
    private final Aside<Raster> lessened = new Aside<>(Platform::runLater, this::take);
    private Raster whole;
    private Raster small;
    private Runnable again = () -> {};
    private boolean open;

    CutOnCloth(Studio studio) {
        this.studio = studio;
        edit = new CutEdit(studio);
        pull = new CutPull("cut-on-cloth", edit::take, true);
        // What lies beside the picture is the cloth's own.
        setPickOnBounds(false);
        getChildren().add(pull);
        setVisible(false);
    }

    /** @param now whether the open chapter is the one about cutting out @return whether that is new */
    boolean open(boolean now) {
        boolean other = open != now;
        open = now;
        return other;
    }

    private void take(Raster less) {
        small = less;
        again.run();
    }

    void show(Design design, Viewport view, boolean rolled) {
        Optional<Fill> cutFrom = open && !rolled ? edit.fill() : Optional.empty();
        again = () -> setVisible(
                cutFrom.flatMap(f -> f.picture().map(of -> show(f, of, design, view))).orElse(false));
        again.run();
    }

    /** @return whether it can be seen yet */
    private boolean show(Fill fill, Fill.OfPicture of, Design design, Viewport view) {
        if (whole != of.picture().raster()) {
            whole = of.picture().raster();
            small = null;
            Raster now = whole;
            lessened.ask(now, work -> SmallPicture.of(now, FINEST_PX));
        }
        if (small == null) {
            return false;
        }
        // As it is drawn, which is the nearest that closes.
        Lattice drawn = LatticeFit.of(fill.lattice(), design.repeat().tile()).drawn();
        double across = Math.hypot(drawn.ax(), drawn.ay());
        double down = Math.hypot(drawn.bx(), drawn.by());
        double wide = of.picture().widthMm() * across / of.widthMm() * view.pxPerMm();
        double high = of.picture().heightMm() * down / of.heightMm() * view.pxPerMm();
        pull.getTransforms().setAll(
                new Affine(drawn.ax() / across, drawn.bx() / down, view.pxX(fill.startX()), drawn.ay() / across,
                        drawn.by() / down, view.pxY(fill.startY())),
                new Translate(-of.cut().left() * wide, -of.cut().top() * high));
        pull.show(studio.cutHand(), of, small, wide, high);
        return true;
    }
}
