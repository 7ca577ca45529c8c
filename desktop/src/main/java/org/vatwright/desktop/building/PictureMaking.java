package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.cover.Cover;
import org.vatwright.core.inspect.SeamCheck;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.picture.CutOut;
import org.vatwright.core.picture.Making;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Aside;
import org.vatwright.desktop.studio.Studio;

import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** How a picture becomes a tile: the ways side by side, each with the corner where four tiles meet in the middle, and its seam. */
final class PictureMaking extends VBox {

    private static final LivePicker.Shape SHAPE = new LivePicker.Shape(4, 66, 54);
    /** Of the picture's width, that a small picture shows. */
    private static final double SEEN = 0.5;
    private static final int SMALL_PX = 280;
    private static final int LOOKED_AT_PX = 900;
    private static final double BETWEEN = 7;
    private static final double PERCENT = 100;

    /** What can be chosen. */
    private enum Choice {
        AS_IT_IS("as it is", Optional.empty()), HEAL(Making.Way.HEAL), FADE(Making.Way.FADE), MIRROR(Making.Way.MIRROR);

        private final String words;
        private final Optional<Making.Way> way;

        Choice(Making.Way way) {
            this(way.title().toLowerCase(Locale.ROOT), Optional.of(way));
        }

        Choice(String words, Optional<Making.Way> way) {
            this.words = words;
            this.way = way;
        }

        Optional<Making> making(Making like) {
            return way.map(like::withWay);
        }

        static Choice of(Optional<Making> making) {
            return Arrays.stream(values()).filter(c -> c.way.equals(making.map(Making::way))).findFirst()
                    .orElseThrow();
        }
    }

    private record Seams(Raster of, Making like, Map<Choice, Double> ratios) {}

    private record Asked(Raster of, Making like) {}

    /** What a small picture is made of. */
    private record Looked(Raster whole, CutOut cut) {}

    private record Less(Looked of, Picture small) {}

    private final BiConsumer<String, UnaryOperator<Fill>> edit;
    private final LivePicker<Choice> ways;
    private final Map<Choice, Label> seams = new EnumMap<>(Choice.class);
    private final NumberRow margin;
    private final NumberRow even;
    private final Aside<Seams> measured = new Aside<>(Platform::runLater, this::tell);
    private final Aside<Less> lessened = new Aside<>(Platform::runLater, this::take);
    private Optional<Less> less = Optional.empty();
    private Looked wanted;
    private Runnable lookedAt = () -> {};
    /** Margin and even-out while the picture is as it is. */
    private Making last = Making.HEAL;

    /** @param edit changes the picture under a name */
    PictureMaking(Studio studio, BiConsumer<String, UnaryOperator<Fill>> edit) {
        super(6);
        this.edit = edit;
        ways = new LivePicker<>(studio, "", "making", List.of(Choice.values()), c -> c.words, SHAPE,
                c -> picture(c == Choice.AS_IT_IS ? "leave the picture as it is" : c.words + " the picture",
                        p -> p.withMaking(c.making(last))));
        HBox numbers = new HBox();
        for (Choice choice : Choice.values()) {
            Label seam = Ui.label(choice.words + "\n", "quiet", "seam");
            seam.setId("seam-" + choice.words.replace(' ', '-'));
            seam.setMinWidth(SHAPE.wide() + BETWEEN);
            seams.put(choice, seam);
            numbers.getChildren().add(seam);
        }
        margin = NumberRow.number(studio, "Margin", "margin of the picture", "%", 1, 1,
                n -> making("margin %s %%".formatted(Numbers.plain(n)), m -> m.withMargin(n / PERCENT)));
        even = NumberRow.number(studio, "Even out", "even-out of the picture", "%", 0, 5,
                n -> making("even out by %s %%".formatted(Numbers.plain(n)), m -> m.withEven(n / PERCENT)));
        getChildren().addAll(ways, numbers, Ui.pair(margin, even));
    }

    private void picture(String words, UnaryOperator<Fill.OfPicture> change) {
        edit.accept(words, f -> f.withPicture(change));
    }

    private void making(String words, UnaryOperator<Making> change) {
        picture(words, p -> p.withMaking(Optional.of(change.apply(p.making().orElse(last)))));
    }

    void show(Design design, Colourway colourway, Fill fill) {
        Fill.OfPicture of = fill.picture().orElseThrow();
        of.making().ifPresent(m -> last = m);
        Looked now = new Looked(of.picture().raster(), of.cut());
        wanted = now;
        lookedAt = () -> ways(design, colourway, of);
        if (less.isEmpty() || !less.get().of().equals(now)) {
            lessened.ask(now, work -> new Less(now, small(of, work)));
        } else {
            lookedAt.run();
        }
        Making shown = of.making().orElse(last);
        margin.show(PERCENT * shown.margin());
        even.show(PERCENT * shown.even());
        Ui.show(margin.getParent(), of.making().isPresent());
        Ui.show(margin, shown.way() != Making.Way.MIRROR);
    }

    /** Of a large picture it takes longer than a hand waits. */
    private static Picture small(Fill.OfPicture of, Work work) {
        Raster whole = of.picture().raster();
        Raster small = SmallPicture.of(of.cutOut(SmallPicture.of(whole, LOOKED_AT_PX), work), SMALL_PX);
        return new Picture(small, Math.max(1, of.picture().dpi() * small.width() / of.cut().width(whole.width())));
    }

    private void take(Less now) {
        less = Optional.of(now);
        if (now.of().equals(wanted)) {
            lookedAt.run();
        }
    }

    private void ways(Design design, Colourway colourway, Fill.OfPicture of) {
        Picture small = less.orElseThrow().small();
        double pxPerMm = SHAPE.wide() / (SEEN * small.widthMm());
        ways.show(Choice.of(of.making()), c -> alone(design, of, c, small), colourway, pxPerMm,
                -SHAPE.wide() / 2 / pxPerMm, -SHAPE.high() / 2 / pxPerMm);
        Making like = of.making().orElse(last);
        measured.ask(new Asked(small.raster(), like), work -> measure(small.raster(), like, work));
    }

    /** @return the small picture made that way, alone in a design whose cell it fills */
    private Design alone(Design design, Fill.OfPicture of, Choice choice, Picture small) {
        Fill.OfPicture made = new Fill.OfPicture(small, choice.making(last), of.reduced());
        Fill fill = new Fill("Made", made);
        return new Design("Made", new Repeat(made.widthMm(), made.heightMm(), Arrangement.STRAIGHT), Ink.CLEAR,
                List.of(), design.palette(), Guides.NONE).addFill(fill)
                .withLayers(List.of(new Layer(1, "Made", new Cover(fill.ink()))));
    }

    private static Seams measure(Raster picture, Making like, Work work) {
        Map<Choice, Double> ratios = new EnumMap<>(Choice.class);
        for (Choice choice : Choice.values()) {
            ratios.put(choice, SeamCheck.ratio(choice.making(like).map(m -> m.of(picture, work)).orElse(picture)));
        }
        return new Seams(picture, like, ratios);
    }

    /** A step over the edge, in steps inside. */
    private void tell(Seams found) {
        double least = found.ratios().values().stream().mapToDouble(d -> d).min().orElse(0);
        List<Choice> all = new ArrayList<>(found.ratios().keySet());
        for (Choice choice : all) {
            double ratio = found.ratios().get(choice);
            Label label = seams.get(choice);
            label.setText("%s\n%s x".formatted(choice.words, Numbers.plain(ratio, 1)));
            Ui.tip(label, "Step over the edge, in steps inside the picture; the least is %s"
                    .formatted(Numbers.plain(least, 1)));
            label.getStyleClass().removeAll("fine", "look");
            label.getStyleClass().add(ratio <= 1.5 ? "fine" : "look");
        }
    }
}
