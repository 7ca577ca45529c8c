package org.vatwright.desktop.building;

import java.util.Optional;

import javafx.application.Platform;
import javafx.scene.image.ImageView;
import javafx.scene.layout.Pane;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Underlay;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.cloth.Viewport;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Aside;
import org.vatwright.desktop.studio.Studio;

/** What is traced, over the cloth of the cell: as large as fits, in its middle. No hand takes hold of it. */
final class UnderlayView extends Pane {

    private static final int FINEST_PX = 1600;

    private final Studio studio;
    private final ImageView picture = new ImageView();
    private final ClothImage article = new ClothImage();
    private final Aside<Raster> smaller = new Aside<>(Platform::runLater, r -> picture.setImage(SmallPicture.image(r)));
    private Raster shown;

    UnderlayView(Studio studio) {
        this.studio = studio;
        setId("underlay");
        setMouseTransparent(true);
        picture.setPreserveRatio(false);
        getChildren().addAll(picture, article);
    }

    void show(Design design, Viewport view, boolean rolled) {
        Optional<Underlay> underlay = design.guides().underlay().filter(u -> !rolled);
        setVisible(underlay.isPresent());
        picture.setVisible(false);
        article.setVisible(false);
        underlay.ifPresent(u -> {
            setOpacity(u.opacity());
            switch (u.source()) {
                case Underlay.OfPicture(Picture traced) -> picture(traced, design, view);
                case Underlay.OfArticle(var id) ->
                    studio.project().article(id).ifPresent(a -> article(a, design, view));
            }
        });
    }

    private void picture(Picture traced, Design design, Viewport view) {
        if (shown != traced.raster()) {
            shown = traced.raster();
            picture.setImage(null);
            Raster whole = shown;
            smaller.ask(whole, work -> SmallPicture.of(whole, FINEST_PX));
        }
        double fit = fit(design, shown.width(), shown.height());
        place(picture, shown.width() * fit, shown.height() * fit, design, view);
        picture.setVisible(true);
    }

    private void article(Article traced, Design design, Viewport view) {
        Cut cut = studio.cut(traced);
        double fit = fit(design, cut.widthMm(), cut.heightMm());
        double pxPerMm = fit * view.pxPerMm();
        Scenes.Dressed dressed = new Scenes.Dressed(studio.project(), cut, Optional.empty(), pxPerMm);
        article.draw(dressed, dressed.subject(studio.tiles()), cut.widthMm() * pxPerMm, cut.heightMm() * pxPerMm);
        place(article, cut.widthMm() * fit, cut.heightMm() * fit, design, view);
        article.setVisible(true);
    }

    private static double fit(Design design, double wide, double high) {
        return Math.min(design.repeat().widthMm() / wide, design.repeat().heightMm() / high);
    }

    private static void place(ImageView image, double wideMm, double highMm, Design design, Viewport view) {
        image.setFitWidth(wideMm * view.pxPerMm());
        image.setFitHeight(highMm * view.pxPerMm());
        image.relocate(view.pxX((design.repeat().widthMm() - wideMm) / 2),
                view.pxY((design.repeat().heightMm() - highMm) / 2));
    }
}
