package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.FillClosing;
import org.vatwright.core.pattern.FillUse;
import org.vatwright.core.pattern.Offer;
import org.vatwright.core.pattern.TakenFrom;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** The design or picture chosen among the inks: how it lies, whether it closes, and the ways to have it close. */
final class FillCard extends VBox {

    private static final String AS_OUTER = "as this design's";

    private final Studio studio;
    private final FillName name;
    private final Label what = Ui.prose("", "quiet");
    private final ComboBox<String> colourway = new ComboBox<>();
    private final NumberRow wide;
    private final NumberRow high;
    private final NumberRow turn;
    private final NumberRow startX;
    private final NumberRow startY;
    private final Segments<Boolean> manner;
    private final CheckBox follows = new CheckBox("scaled and turned with it");
    private final Label closes = Ui.prose("", "quiet");
    private final Offers offers;
    private final PictureMaking making;
    private final Button again;
    private boolean showing;

    /** @param takeAgain takes the picture of that ink again from what it was taken from */
    FillCard(Studio studio, BiConsumer<String, TakenFrom> takeAgain) {
        super(4);
        this.studio = studio;
        offers = new Offers(studio, "fill-");
        setId("fill-card");
        name = new FillName(studio, "fill");
        what.setId("fill-what");
        colourway.setId("fill-colourway");
        colourway.setAccessibleText("Colourway it wears");
        colourway.setOnAction(e -> {
            if (!showing && colourway.getValue() != null) {
                String worn = colourway.getValue();
                edit("colourway of an ink", f -> f.source() instanceof Fill.OfDesign(Design d, var was)
                        ? f.withSource(new Fill.OfDesign(d,
                                worn.equals(AS_OUTER) ? Optional.empty() : Optional.of(worn)))
                        : f);
            }
        });
        wide = NumberRow.number(studio, "Wide", "scale of the fill", "%", 2, 5,
                n -> edit("scale an ink", f -> f.withScale(n / 100, f.high() / f.wide() * n / 100)));
        high = NumberRow.number(studio, "High", "scale of the fill down", "%", 2, 5,
                n -> edit("scale an ink", f -> f.withScale(f.wide(), n / 100)));
        turn = NumberRow.number(studio, "Turned", "turn of the fill", "\u00b0", 2, 5,
                n -> edit("turn an ink", f -> f.withTurnDeg(n)));
        startX = NumberRow.length(studio, "Across", "start of the fill across",
                mm -> edit("move an ink", f -> f.withStart(mm, f.startY())));
        startY = NumberRow.length(studio, "Down", "start of the fill down",
                mm -> edit("move an ink", f -> f.withStart(f.startX(), mm)));
        manner = new Segments<>(List.of(false, true), anew -> anew ? "Anew in each mark" : "Running through",
                anew -> edit(anew ? "start an ink anew" : "run an ink through", f -> f.withAnew(anew)));
        manner.button(true).setId("fill-anew");
        manner.button(false).setId("fill-through");
        follows.setId("fill-follows");
        follows.setOnAction(e -> edit(follows.isSelected() ? "let an ink follow" : "let an ink stay",
                f -> f.withFollows(follows.isSelected())));
        closes.setId("fill-closes");
        making = new PictureMaking(studio, this::edit);
        again = Ui.link("take it again from where it was taken", () -> studio.design()
                .map(d -> d.fills().get(studio.selection().fill())).ifPresent(f -> f.picture()
                        .flatMap(Fill.OfPicture::from).ifPresent(t -> takeAgain.accept(f.name(), t))));
        again.setId("take-again");
        getChildren().addAll(name, what, again, making,
                Ui.labelled("Colourway", colourway),
                manner, Ui.pair(wide, high), turn, Ui.pair(startX, startY), follows, closes, offers,
                name.removal("fill"));
    }

    private void edit(String words, UnaryOperator<Fill> change) {
        name.edit(words, change);
    }

    void show(Design design, Colourway shown) {
        int index = studio.selection().fill();
        boolean is = index >= 0 && index < design.fills().size()
                && design.fills().get(index).gradient().isEmpty();
        Ui.show(this, is);
        if (!is) {
            return;
        }
        showing(true);
        Fill fill = design.fills().get(index);
        name.show(fill);
        source(fill, shown);
        Ui.show(making, fill.picture().isPresent());
        Ui.show(again, fill.picture().flatMap(Fill.OfPicture::from).isPresent());
        fill.picture().ifPresent(p -> making.show(design, shown, fill));
        wide.show(100 * fill.wide());
        high.show(100 * fill.high());
        turn.show(fill.turnDeg());
        startX.show(fill.startX());
        startY.show(fill.startY());
        manner.show(fill.anew());
        follows.setSelected(fill.follows());
        closing(fill, design);
        showing(false);
    }

    private void showing(boolean is) {
        showing = is;
        name.showing(is);
    }

    private void source(Fill fill, Colourway shown) {
        String size = "%s x %s mm here".formatted(Numbers.plain(fill.wide() * fill.source().widthMm(), 2),
                Numbers.plain(fill.high() * fill.source().heightMm(), 2));
        switch (fill.source()) {
            case Fill.OfDesign(Design design, Optional<String> worn) -> {
                what.setText("The design %s, its tile %s".formatted(design.name(), size));
                List<String> choice = new java.util.ArrayList<>(List.of(AS_OUTER));
                design.palette().colourways().forEach(c -> choice.add(c.name()));
                if (!colourway.getItems().equals(choice)) {
                    colourway.getItems().setAll(choice);
                }
                colourway.setValue(worn.orElse(AS_OUTER));
                Ui.show(colourway.getParent(), true);
            }
            case Fill.OfPicture _ -> {
                what.setText("A picture of " + PictureDensity.told(fill, studio.project().density()));
                Ui.show(colourway.getParent(), false);
            }
            // It has a card of its own.
            case Fill.OfGradient _ -> {
            }
        }
    }

    private void closing(Fill fill, Design design) {
        List<Offer> all = new ArrayList<>(FillUse.offers(design, fill, studio.layer()));
        closes.getStyleClass().removeAll("fine", "look");
        if (fill.anew()) {
            closes.setText("Starts in the middle of each mark. Lines without ends have it run through.");
        } else {
            boolean exact = FillClosing.closes(fill, design.repeat().tile());
            closes.setText(exact
                    ? "Closes on this tile"
                    : "Does not close; drawn at " + FillClosing.drawn(fill, design.repeat().tile()));
            closes.getStyleClass().add(exact ? "fine" : "look");
            all.addAll(FillClosing.offers(fill, design.repeat()));
        }
        if (design.repeat().across() * design.repeat().down() > 1) {
            all.add(new Offer("least-tile", "Make the tile the least again", "it holds %d cells now".formatted(
                    design.repeat().tile().columns() * design.repeat().tile().rows()), 1,
                    d -> d.withRepeat(d.repeat().withCells(1, 1))));
        }
        offers.show(all);
    }
}
