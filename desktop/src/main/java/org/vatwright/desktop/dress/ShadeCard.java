package org.vatwright.desktop.dress;

import java.util.List;
import java.util.Optional;

import org.vatwright.core.drape.Place;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Whole;
import org.vatwright.core.finish.Confine;
import org.vatwright.core.finish.ShadePlane;
import org.vatwright.core.finish.ShadeStroke;
import org.vatwright.core.measure.Id;
import org.vatwright.core.raster.Compositor;
import org.vatwright.core.raster.Raster;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.DressEdits;
import org.vatwright.desktop.studio.DressHand.Tool;
import org.vatwright.desktop.studio.ShadeHand;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Shading by hand: what the hand holds, as pictures of what it leaves on cloth; how broad, soft and strong; what it keeps to. */
final class ShadeCard extends VBox {

    private static final int WIDE = 48;
    private static final int HIGH = 38;
    private static final int CLOTH = 0xFFB7A98F;

    private final Studio studio;
    private final HBox kinds = new HBox(4);
    private final NumberRow width;
    private final NumberRow soft;
    private final NumberRow strength;
    private final NumberRow amount;
    private final Segments<ShadeHand.Keep> keep;
    private final CheckBox carried = new CheckBox("goes with the drape");
    private final Label told = Ui.label("", "quiet");
    private final Button last;
    private final HBox there;

    ShadeCard(Studio studio) {
        super(7);
        this.studio = studio;
        setId("shading");
        for (ShadeStroke.Kind kind : ShadeStroke.Kind.values()) {
            Button button = new Button(null, picture(kind));
            button.getStyleClass().add("effect");
            button.setId("shade-" + kind.keyword());
            button.setAccessibleText("shade " + kind.keyword());
            Ui.tip(button, kind.keyword());
            button.setOnAction(e -> hold(kind));
            kinds.getChildren().add(button);
        }
        width = NumberRow.length(studio, "Breadth", "breadth of the shading",
                mm -> studio.holdDress(h -> h.shading(s -> s.withWidthMm(Math.max(0.1, Math.min(5000, mm))))));
        soft = NumberRow.number(studio, "Soft", "softness of the shading", "%", 0, 10,
                n -> studio.holdDress(h -> h.shading(s -> s.withSoft(share(n, 1)))));
        strength = NumberRow.number(studio, "Strength", "strength of the shading", "%", 0, 5,
                n -> studio.holdDress(h -> h.shading(s -> s.withStrength(share(n, 1)))));
        amount = NumberRow.number(studio, "All of it", "amount of all shading", "%", 0, 10,
                n -> DressEdits.whole(studio, "amount of all shading", w -> w.withShading(share(n, 2))));
        keep = new Segments<>(List.of(ShadeHand.Keep.values()), ShadeHand.Keep::words, this::keep);
        keep.getStyleClass().add("tight");
        for (ShadeHand.Keep each : ShadeHand.Keep.values()) {
            keep.button(each).setId("shade-keep-" + each.name().toLowerCase(java.util.Locale.ROOT));
        }
        carried.setId("shade-carried");
        carried.setOnAction(e -> studio.holdDress(h -> h.shading(s -> s.withCarried(carried.isSelected()))));
        last = Ui.link("take the last off", () -> take(1));
        last.setId("shade-last");
        Button all = Ui.link("all", () -> take(Whole.MOST_SHADES));
        all.setId("shade-all");
        told.setId("shade-told");
        there = Ui.row(told, Ui.spring(), last, all);
        getChildren().addAll(kinds, Ui.pair(width, soft), Ui.pair(strength, amount), keep, carried, there);
    }

    private static double share(double percent, double most) {
        return Math.max(0, Math.min(most, percent / 100));
    }

    private void hold(ShadeStroke.Kind kind) {
        studio.holdDress(h -> h.shading(s -> s.withKind(s.kind().equals(Optional.of(kind))
                ? Optional.empty()
                : Optional.of(kind))));
    }

    private void keep(ShadeHand.Keep to) {
        studio.holdDress(h -> h.shading(s -> s.withKeep(to)));
        if (to == ShadeHand.Keep.PATH) {
            studio.holdDress(h -> h.withTool(Tool.LIMIT));
        }
    }

    /** @return a stroke of it on a bit of cloth */
    private static ImageView picture(ShadeStroke.Kind kind) {
        List<Place> line = switch (kind) {
            case GATHER -> List.of(new Place(4, 8), new Place(WIDE - 4.0, 8));
            case EDGE -> List.of(new Place(0, HIGH / 2.0), new Place(WIDE, HIGH / 2.0));
            default -> List.of(new Place(13, HIGH + 4.0), new Place(22, 18), new Place(36, -4));
        };
        ShadeStroke stroke = new ShadeStroke(kind, line, kind == ShadeStroke.Kind.GATHER ? 28 : 24, 0.7, 1,
                Confine.FREE,
                false);
        ShadePlane plane = ShadePlane.of(stroke, 1, new ShadePlane.Area(0, 0, WIDE, HIGH));
        Raster raster = new Raster(WIDE, HIGH);
        java.util.Arrays.fill(raster.argb(), CLOTH);
        for (int y = plane.area().top(); y < plane.area().bottom(); y++) {
            for (int x = plane.area().left(); x < plane.area().right(); x++) {
                raster.argb()[y * WIDE + x] = Compositor.normal(CLOTH, ShadePlane.argb(plane.at(x, y), 0.6), 256);
            }
        }
        WritableImage image = new WritableImage(WIDE, HIGH);
        image.getPixelWriter().setPixels(0, 0, WIDE, HIGH, PixelFormat.getIntArgbPreInstance(), raster.argb(), 0, WIDE);
        return new ImageView(image);
    }

    /** Off the chosen pieces, or off all of it. */
    private void take(int most) {
        DressEdits.whole(studio, most == 1 ? "take the last shading off" : "take the shading off", w -> {
            List<ShadeStroke> left = new java.util.ArrayList<>(w.shades());
            int gone = 0;
            for (int i = left.size() - 1; i >= 0 && gone < most; i--) {
                if (here(left.get(i))) {
                    left.remove(i);
                    gone++;
                }
            }
            return w.withShades(left);
        });
    }

    private boolean here(ShadeStroke stroke) {
        return studio.selection().pieces().isEmpty() || stroke.confine() instanceof Confine.OfPiece(Id piece, boolean _)
                && studio.selection().pieces().contains(piece);
    }

    void show(Article article) {
        ShadeHand hand = studio.dressHand().shade();
        for (ShadeStroke.Kind kind : ShadeStroke.Kind.values()) {
            kinds.getChildren().get(kind.ordinal()).pseudoClassStateChanged(Styles.CHOSEN,
                    hand.kind().equals(Optional.of(kind)));
        }
        var cut = studio.cut(article);
        width.show(hand.widthFor(Math.max(cut.widthMm(), cut.heightMm())));
        soft.show(100 * hand.soft());
        strength.show(100 * hand.strength());
        Whole whole = article.dressings().whole();
        amount.show(100 * whole.shading());
        boolean one = studio.selection().pieces().size() == 1;
        keep.show(one || hand.keep() == ShadeHand.Keep.PATH ? hand.keep() : ShadeHand.Keep.FREE);
        keep.button(ShadeHand.Keep.PIECE).setDisable(!one);
        keep.button(ShadeHand.Keep.BESIDE).setDisable(!one);
        boolean bent = studio.selection().pieces().stream().anyMatch(p -> article.dressing(p).drape().isPresent());
        Ui.show(carried, one && bent && hand.keep() == ShadeHand.Keep.PIECE);
        carried.setSelected(hand.carried());
        long count = whole.shades().stream().filter(this::here).count();
        told.setText(count == 1 ? "1 stroke" : count + " strokes");
        Ui.show(there, count > 0);
    }
}
