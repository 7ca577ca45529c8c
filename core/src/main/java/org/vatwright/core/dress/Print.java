package org.vatwright.core.dress;

import java.util.List;
import java.util.Optional;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import org.vatwright.core.family.motif.Instance;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Require;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.WallpaperGroup;

/**
 * One figure on a piece, laid once: a whole cell of a design or one of its motifs. It lies on the cloth and is bent with it.
 *
 * @param design that it is of
 * @param layer,motif of the figure; 0, 0 for all of the design
 * @param ground whether the design's ground comes with it
 * @param x,y of its middle, in mm of the article
 * @param scale 1 is true size; 0.01 to 100
 * @param turnDeg counter-clockwise as seen
 * @param opacity 0 to 1
 */
@RecordBuilder
public record Print(Id design, String colourway, int layer, int motif, boolean ground, double x, double y,
        double scale, double turnDeg, double opacity) implements PrintBuilder.With {

    /** Around a motif, so that soft edges and broad lines have room. */
    private static final double MARGIN = 0.06;

    public Print {
        colourway = Require.named("colourway", colourway);
        Require.within("place of the figure", x, -1e5, 1e5, "mm");
        Require.within("place of the figure", y, -1e5, 1e5, "mm");
        Require.within("scale", scale * 100, 1, 10_000, "%");
        Require.within("turn", turnDeg, -360, 360, "degrees");
        Require.within("opacity", opacity * 100, 0, 100, "%");
    }

    /** @return all of a design without its ground, once, in true size */
    public static Print whole(Design design, String colourway, double x, double y) {
        return new Print(design.id(), colourway, 0, 0, false, x, y, 1, 0, 1);
    }

    public Print at(double newX, double newY) {
        return with().x(newX).y(newY).build();
    }

    private Optional<Motif> figure(Design of) {
        return of.layer(layer).map(Layer::structure).filter(Motifs.class::isInstance).map(Motifs.class::cast)
                .flatMap(m -> m.motifs().stream().filter(one -> one.id() == motif).findFirst());
    }

    /** @return a design whose cell is the figure alone; all of the design when it has no such motif any more */
    public Design alone(Design of) {
        return figure(of).map(one -> alone(of, one)).orElseGet(() -> {
            Design all = of.withRepeat(of.repeat().withCells(1, 1));
            return ground ? all : all.withGround(Ink.CLEAR);
        });
    }

    private static Design alone(Design of, Motif one) {
        Rectangle2D box = one.bounds();
        double margin = MARGIN * Math.max(box.getWidth(), box.getHeight());
        double wide = Math.max(Repeat.LEAST_MM, box.getWidth() + 2 * margin);
        double high = Math.max(Repeat.LEAST_MM, box.getHeight() + 2 * margin);
        Motifs motifs = new Motifs(List.of(one), List.of(new Instance(one.id(), wide / 2 - box.getCenterX(),
                high / 2 - box.getCenterY())), new Placing.ByHand(), WallpaperGroup.P1);
        return of.with().repeat(new Repeat(wide, high, Arrangement.STRAIGHT)).ground(Ink.CLEAR)
                .layers(List.of(new Layer(1, one.name(), motifs))).build();
    }

    /** @return as a lay of {@link #alone} */
    Lay lay(Repeat cell) {
        double turn = Math.toRadians(turnDeg);
        double cos = Math.cos(turn);
        double sin = Math.sin(turn);
        double wide = cell.widthMm() * scale / 2;
        double high = cell.heightMm() * scale / 2;
        return new Lay(design, colourway).with().scale(scale).grainDeg(turnDeg)
                .startX(x - cos * wide - sin * high).startY(y + sin * wide - cos * high).opacity(opacity).build();
    }

    /** @return from the figure's own mm, from the upper left corner of its cell, to the article's */
    public AffineTransform place(Repeat cell) {
        return lay(cell).place();
    }
}
