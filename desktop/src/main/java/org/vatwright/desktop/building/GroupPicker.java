package org.vatwright.desktop.building;

import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.util.List;
import java.util.function.BiFunction;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.WallpaperGroup;
import org.vatwright.desktop.cloth.AwtShapes;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Path;
import javafx.scene.shape.Rectangle;

/** The 17 groups, each as a small drawing of what it does to a flag; a cell that does not fit is made to. */
final class GroupPicker extends VBox {

    private static final double SIDE = 30;

    private final Studio studio;
    private final String what;
    private final BiFunction<Structure, WallpaperGroup, Structure> with;
    private final Segments<WallpaperGroup> groups;
    private final Label words = Ui.prose("", "quiet");

    /**
     * @param what is repeated by it, as in "each motif"
     * @param with the structure with another group
     */
    GroupPicker(Studio studio, String what, BiFunction<Structure, WallpaperGroup, Structure> with) {
        super(4);
        this.studio = studio;
        this.what = what;
        this.with = with;
        groups = new Segments<>(List.of(WallpaperGroup.values()), g -> "%s (%s)".formatted(g.words(), g.sign()),
                GroupPicker::drawing, this::take);
        List.of(WallpaperGroup.values()).forEach(g -> groups.button(g).setId("group-" + g.sign()));
        FlowPane flow = new FlowPane(0, 3);
        flow.getStyleClass().addAll("segments", "drawings", "drawings-flow");
        flow.getChildren().addAll(List.copyOf(groups.getChildren()));
        words.setId("group-words");
        getChildren().addAll(flow, words);
    }

    private void take(WallpaperGroup group) {
        studio.editOpen("group " + group.sign(), (d, layer) -> {
            double high = group.heightFor(d.repeat().widthMm(), d.repeat().heightMm());
            Arrangement arrangement = group == WallpaperGroup.P1 ? d.repeat().arrangement() : Arrangement.STRAIGHT;
            Repeat repeat = new Repeat(d.repeat().widthMm(), high, arrangement);
            Design freed = d.replace(layer,
                    l -> l.withStructure(with.apply(l.structure(), WallpaperGroup.P1)));
            return freed.withRepeat(repeat)
                    .replace(layer, l -> l.withStructure(with.apply(l.structure(), group)));
        });
    }

    void show(Design design, WallpaperGroup group) {
        groups.show(group);
        int count = group.operations(design.repeat().widthMm(), design.repeat().heightMm()).size();
        words.setText("%s, %s: %s %s in the cell".formatted(group.sign(), group.words(), what,
                count == 1 ? "once" : Numbers.plain(count) + " times"));
    }

    private static Node drawing(WallpaperGroup group) {
        Pane pane = new Pane();
        pane.setMinSize(SIDE, SIDE);
        pane.setPrefSize(SIDE, SIDE);
        pane.setClip(new Rectangle(SIDE, SIDE));
        double w = group.cell() == WallpaperGroup.Cell.HEXAGONAL ? 17 : 20;
        double h = group.heightFor(w, 20);
        Path2D flag = new Path2D.Double();
        flag.moveTo(1.5, 1.2);
        flag.lineTo(w * 0.42, h * 0.1 + 1);
        flag.lineTo(1.5, h * 0.24 + 1);
        flag.closePath();
        Path2D all = new Path2D.Double();
        for (AffineTransform operation : group.operations(w, h)) {
            for (int column = -1; column <= 2; column++) {
                for (int row = -1; row <= 2; row++) {
                    AffineTransform place = AffineTransform.getTranslateInstance(column * w + 5, row * h + 5);
                    place.concatenate(operation);
                    all.append(flag.getPathIterator(place), false);
                }
            }
        }
        Path path = AwtShapes.path(all, new AffineTransform());
        path.getStyleClass().add("block-drawn");
        pane.getChildren().add(path);
        return pane;
    }
}
