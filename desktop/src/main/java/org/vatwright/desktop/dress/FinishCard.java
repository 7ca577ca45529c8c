package org.vatwright.desktop.dress;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;

import org.vatwright.core.dress.Article;
import org.vatwright.desktop.control.Late;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.layout.VBox;

/** How the edge of the chosen pieces is finished: by a line and stitches, or by a trim. */
final class FinishCard extends VBox {

    private enum Part {
        LINE, TRIM;

        String words() {
            return this == LINE ? "line and stitches" : "trim";
        }
    }

    private final Segments<Part> part;
    private final VBox line;
    private final OutlineCard outline;
    private final StitchCard stitches;
    private final TrimCard trim;
    private Part open = Part.LINE;

    /** @param opened told when another part is looked at */
    FinishCard(Studio studio, Consumer<Article> opened) {
        super(9);
        setId("edge");
        outline = new OutlineCard(studio);
        stitches = new StitchCard(studio);
        trim = new TrimCard(studio);
        part = new Segments<>(List.of(Part.values()), Part::words, p -> {
            open = p;
            studio.article().ifPresent(opened);
        });
        part.getStyleClass().add("tight");
        for (Part each : Part.values()) {
            part.button(each).setId("edge-" + each.name().toLowerCase(Locale.ROOT));
        }
        line = Ui.column(9, outline, stitches);
        getChildren().addAll(part, new Late(line), new Late(trim));
    }

    /** @return the name of what stands open, as the cloth asks for it */
    String chapter() {
        return open == Part.TRIM ? "trim" : "edge";
    }

    void show(Article article) {
        part.show(open);
        Ui.show(line, open == Part.LINE);
        Ui.show(trim, open == Part.TRIM);
        // A sheet has no outline.
        Ui.show(outline, !(article instanceof Article.Sheet));
        outline.show(article);
        stitches.show(article);
        trim.show(article);
    }
}
