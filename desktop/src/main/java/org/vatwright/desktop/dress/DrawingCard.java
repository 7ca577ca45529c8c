package org.vatwright.desktop.dress;

import java.util.List;
import java.util.Optional;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Backing;
import org.vatwright.core.dress.Cutting;
import org.vatwright.core.measure.Numbers;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.frame.Desk;
import org.vatwright.desktop.studio.DressEdits;
import org.vatwright.desktop.studio.DressHand.Tool;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The drawing of an article: its true size by one known measure, pieces drawn or closed, the picture it is drawn over. */
final class DrawingCard extends VBox {

    private final Studio studio;
    private final Label taken = Ui.prose("", "quiet");
    private final NumberRow truth;
    private final VBox open = new VBox(4);
    private final VBox over;
    private final Segments<Boolean> kept;
    private final NumberRow opacity;
    private final Button picture;

    DrawingCard(Studio studio, Desk desk) {
        super(8);
        this.studio = studio;
        setId("drawing");
        Button draw = Ui.button("Draw a piece", () -> studio.holdDress(h -> h.withTool(Tool.DRAW)));
        draw.setId("piece-draw");
        Button measure = Ui.link("measure the drawing", () -> studio.holdDress(h -> h.withTool(Tool.MEASURE)));
        measure.setId("article-measure");
        truth = NumberRow.length(studio, "In truth", "true length of the measure", this::measured);
        picture = Ui.link("over a picture\u2026", () -> desk.readUnderlay(p -> DressEdits.flat(studio,
                "draw over a picture", f -> over(f, new Backing(p, false, 1)))));
        picture.setId("article-picture");
        kept = new Segments<>(List.of(false, true), k -> k ? "the place it hangs" : "to trace",
                k -> backing(k ? "keep the picture" : "only trace the picture", b -> new Backing(b.picture(), k, b
                        .opacity())));
        kept.getStyleClass().add("tight");
        kept.button(true).setId("picture-kept");
        kept.button(false).setId("picture-traced");
        opacity = NumberRow.number(studio, "Opacity", "opacity of the picture", "%", 0, 5,
                n -> backing("opacity of the picture", b -> new Backing(b.picture(), b.kept(), n / 100)));
        Button off = Ui.link("take it away", () -> DressEdits.flat(studio, "take the picture away", f -> f.with()
                .backing(Optional.empty()).build()));
        off.setId("picture-off");
        over = Ui.column(6, Ui.row(kept, Ui.spring(), off), opacity);
        getChildren().addAll(Ui.row(draw, Ui.spring(), picture), over, Ui.row(measure), taken, truth, open);
    }

    /** The article takes the picture's shape; the drawing stays as wide as it is. */
    private static Article.Flat over(Article.Flat f, Backing backing) {
        double high = f.widthMm() * backing.picture().raster().height() / backing.picture().raster().width();
        return f.with().heightMm(Math.max(f.heightMm(), high)).backing(Optional.of(new Backing(backing.picture()
                .ofWidth(f.widthMm()), backing.kept(), backing.opacity()))).build();
    }

    private void backing(String name, java.util.function.UnaryOperator<Backing> change) {
        DressEdits.flat(studio, name, f -> f.with().backing(f.backing().map(change)).build());
    }

    private void measured(double mm) {
        double there = studio.dressHand().measuredMm();
        DressEdits.flat(studio, "make it as large as it is", f -> Cutting.measured(f, there, mm));
        studio.holdDress(h -> h.withMeasuredMm(0));
    }

    void show(Article article) {
        if (!(article instanceof Article.Flat flat)) {
            return;
        }
        double there = studio.dressHand().measuredMm();
        Ui.show(taken, there > 0);
        Ui.show(truth, there > 0);
        taken.setText("%s mm on the drawing. How long is it?".formatted(Numbers.plain(there, 1)));
        truth.show(there);
        Ui.show(over, flat.backing().isPresent());
        Ui.show(picture, flat.backing().isEmpty());
        flat.backing().ifPresent(b -> {
            kept.show(b.kept());
            opacity.show(100 * b.opacity());
        });
        open.getChildren().clear();
        List<Article.Line> lines = Cutting.closable(flat);
        for (int i = 0; i < Math.min(lines.size(), 6); i++) {
            Article.Line line = lines.get(i);
            int number = i + 1;
            Button close = Ui.link("close it", () -> DressEdits.flat(studio, "close a shape",
                    f -> Cutting.closed(f, line, "shape " + number)));
            close.setId("close-" + i);
            open.getChildren().add(Ui.row(Ui.label("Open shape, %s mm apart".formatted(Numbers.plain(line.outline()
                    .gapMm(), 1)), "quiet"), Ui.spring(), close));
        }
    }
}
