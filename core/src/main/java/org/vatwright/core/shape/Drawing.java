package org.vatwright.core.shape;

import java.awt.BasicStroke;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.repeat.Tile;

/**
 * Groups of shapes on the torus of a tile, lowest first, in mm, y down. Each shape stands once; what reaches over an edge
 * comes in again on the other side. Outlines do not cross themselves; holes run the other way round.
 */
public record Drawing(List<Group> groups) {

    /** So many more shapes there may be in a file because shapes reach over the edges of their cell. */
    private static final int MOST_COPIES = 100_000;

    /** Below what can be seen in print, and enough for a renderer's half-filled pixels. */
    private static final BasicStroke SEAM = new BasicStroke(0.06f, BasicStroke.CAP_BUTT, BasicStroke.JOIN_BEVEL);

    public Drawing {
        groups = List.copyOf(groups);
    }

    /**
     * A drawing that is seen alone and not repeated. On a torus of the frame's size what reaches over an edge would come in
     * again on the other side; so it is cut there.
     *
     * @param flatness of outlines that are cut, in mm
     */
    public static Drawing alone(List<VectorMark> marks, Rectangle2D frame, double flatness) {
        List<Group> shown = new ArrayList<>();
        for (VectorMark mark : marks) {
            if (frame.contains(mark.shape().getBounds2D())) {
                shown.add(Group.of(mark));
            } else if (mark.shape().getBounds2D().intersects(frame)) {
                shown.add(Group.of(mark.withShape(Plane.cut(mark.shape(), frame, flatness))));
            }
        }
        return new Drawing(shown);
    }

    /** @return the marks as they show in the tile: one that crosses an edge stands at each side */
    public List<VectorMark> onTile(Tile tile) {
        List<VectorMark> marks = new ArrayList<>();
        Rectangle2D whole = new Rectangle2D.Double(0, 0, tile.widthMm(), tile.heightMm());
        for (Group group : groups) {
            checkSize(group, tile);
            if (!(group.rest() instanceof Ink.Clear)) {
                marks.add(new VectorMark(whole, group.rest()));
            }
            group.below().forEach(mark -> around(mark, tile, marks));
            if (group.seams()) {
                group.marks().forEach(mark -> around(seam(mark), tile, marks));
            }
            group.marks().forEach(mark -> around(mark, tile, marks));
        }
        return marks;
    }

    /** Shapes many times as large as the tile would stand in a file as many times; and a file of shapes is to be opened. */
    private static void checkSize(Group group, Tile tile) {
        double more = 0;
        double points = 0;
        List<VectorMark> all = new ArrayList<>(group.below());
        all.addAll(group.marks());
        for (VectorMark mark : all) {
            Rectangle2D box = mark.shape().getBounds2D();
            double copies = Math.floor(box.getWidth() / tile.widthMm() + 1)
                    * Math.floor(box.getHeight() / tile.heightMm() + 1);
            more += copies - 1;
            points += copies * VectorMark.points(mark.shape());
        }
        if (more > MOST_COPIES) {
            throw new Refusal(
                    "the shapes of a layer reach so far over their cell that they would be written %,.0f times more; %,d times are the most: make the cell larger, or the shapes smaller or fewer"
                            .formatted(more, MOST_COPIES));
        }
        VectorMark.checkPoints(points);
    }

    /** A thin line of the mark's own fill along its edge, to lie below where shapes meet. */
    private static VectorMark seam(VectorMark mark) {
        return mark.withShape(SEAM.createStrokedShape(mark.shape()));
    }

    private static void around(VectorMark mark, Tile tile, List<VectorMark> marks) {
        if (mark.inks().stream().allMatch(Ink.Clear.class::isInstance)) {
            return;
        }
        Rectangle2D box = mark.shape().getBounds2D();
        double w = tile.widthMm();
        double h = tile.heightMm();
        for (double x = w * Math.ceil(-box.getMaxX() / w); box.getMinX() + x < w; x += w) {
            for (double y = h * Math.ceil(-box.getMaxY() / h); box.getMinY() + y < h; y += h) {
                marks.add(x == 0 && y == 0 ? mark : mark.moved(AffineTransform.getTranslateInstance(x, y)));
            }
        }
    }
}
