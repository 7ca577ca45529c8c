package org.vatwright.desktop.dress;

import org.vatwright.core.dress.Article;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.layout.VBox;

/** What a piece is finished with: its outline, its stitches. */
final class FinishCard extends VBox {

    private final OutlineCard outline;
    private final StitchCard stitches;

    FinishCard(Studio studio) {
        super(10);
        setId("edge");
        outline = new OutlineCard(studio);
        stitches = new StitchCard(studio);
        getChildren().addAll(stitches, outline);
    }

    void show(Article article) {
        Ui.show(outline, !(article instanceof Article.Sheet));
        outline.show(article);
        stitches.show(article);
    }
}
