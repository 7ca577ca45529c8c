package org.vatwright.desktop.dress;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.dress.Article;
import org.vatwright.core.measure.Refusal;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Swatch;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** One colour for a line or a thread: out of what the first chosen piece wears, ink, paper, or typed. */
final class InkPick extends VBox {

    static final Rgb INK = new Rgb(42, 38, 48);
    static final Rgb PAPER = new Rgb(250, 247, 240);
    private static final double SIDE = 20;

    private final Studio studio;
    private final String id;
    private final Consumer<Rgb> take;
    private final FlowPane inks = new FlowPane(5, 5);
    private final TextField hex = new TextField();
    private List<Rgb> shown = List.of();
    private Optional<Rgb> now = Optional.empty();

    /** @param id of its parts @param what it is the ink of, in words */
    InkPick(Studio studio, String id, String what, Consumer<Rgb> take) {
        super(5);
        this.studio = studio;
        this.id = id;
        this.take = take;
        hex.setId(id + "-ink");
        hex.setAccessibleText("Ink of the " + what);
        hex.setPrefColumnCount(8);
        hex.setMaxWidth(90);
        hex.setOnAction(e -> typed());
        getChildren().addAll(inks, Ui.labelled("Ink", hex));
    }

    private void typed() {
        try {
            take.accept(Rgb.parse(hex.getText().strip()));
        } catch (Refusal e) {
            hex.pseudoClassStateChanged(Styles.WRONG, true);
            studio.say(Message.wrong(e.getMessage()));
        }
    }

    void show(Article article, Rgb colour) {
        if (!hex.isFocused()) {
            hex.setText(colour.hex());
            hex.pseudoClassStateChanged(Styles.WRONG, false);
        }
        List<Rgb> all = new ArrayList<>();
        studio.selection().pieces().stream().findFirst().flatMap(piece -> article.dressing(piece).lay())
                .ifPresent(lay -> studio.project().design(lay.design())
                        .ifPresent(d -> all.addAll(d.palette().orFirst(lay.colourway()).colours())));
        all.add(INK);
        all.add(PAPER);
        List<Rgb> distinct = all.stream().distinct().toList();
        if (distinct.equals(shown) && now.equals(Optional.of(colour))) {
            return;
        }
        shown = distinct;
        now = Optional.of(colour);
        inks.getChildren().clear();
        for (Rgb rgb : distinct) {
            Swatch swatch = new Swatch(SIDE, SIDE).show(rgb, rgb.hex());
            swatch.setId(id + "-" + rgb.hex().substring(1));
            swatch.chosen(rgb.equals(colour));
            swatch.setOnAction(e -> take.accept(rgb));
            inks.getChildren().add(swatch);
        }
    }
}
