package org.vatwright.core.brush;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.repeat.TileGrid;

/**
 * A stroke under the hand as it lies on a pane that shows some of the cloth: in every cell in view and every copy, and clear where
 * it is not. When the stroke goes on, only what is near its end is painted, so that it follows the hand at once.
 */
public final class StrokeOnPane {

    /** Of one dab; more of them a hand would wait for. */
    private static final int MOST_COPIES = 600;
    /** Of the pane and what lies around it: a broad brush seen from very near would take all memory. */
    private static final double MOST_PX = 16e6;

    /** Part of the pane, in its pixels. @param right,bottom excluded */
    public record Area(int left, int top, int right, int bottom) {
        private Area and(Area other) {
            return new Area(Math.min(left, other.left), Math.min(top, other.top), Math.max(right, other.right),
                    Math.max(bottom, other.bottom));
        }
    }

    /**
     * What of the cloth a pane shows.
     *
     * @param x,y of its upper left corner, in mm
     * @param width,height in pixels
     */
    public record Part(double x, double y, double pxPerMm, int width, int height) {}

    /** Which of all copies. */
    private record Copy(int own, int cell, int column, int row) {}

    /** A dab in one of the copies. */
    private record Laid(int dab, Copy copy, AffineTransform place, Area area) {}

    private final InkColours inks;
    private final Part part;
    private final Tile tile;
    private final List<Tile.Origin> cells;
    private final List<AffineTransform> own;
    /** So many pixels lie around the pane that dabs which reach into it have room there. */
    private final int margin;
    private final TileGrid grid;
    /** What stays as it is when the hand goes on. */
    private StrokeRows fixed;
    private StrokeRows all;
    private Dabs laid;
    private int count;
    private Collection<Area> end = List.of();
    private Area touched;
    private StrokeOnTile now;

    /** @param stroke as it begins */
    public StrokeOnPane(BrushStroke stroke, Repeat repeat, InkColours inks, Part part) {
        this.inks = inks;
        this.part = part;
        tile = repeat.tile();
        cells = tile.cells();
        own = stroke.symmetry().copies(repeat);
        margin = margin(stroke, part);
        int w = part.width + 2 * margin;
        int h = part.height + 2 * margin;
        grid = new TileGrid(w, h, w / part.pxPerMm, h / part.pxPerMm);
    }

    private static int margin(BrushStroke stroke, Part part) {
        return 4 + (int) Math.ceil(stroke.brush().sizeMm() * part.pxPerMm);
    }

    /** @return whether so few copies and so little around the pane are in view that they can be painted while a hand waits */
    public static boolean takes(BrushStroke stroke, Repeat repeat, Part part) {
        double inView = (part.width / part.pxPerMm / repeat.widthMm() + 1)
                * (part.height / part.pxPerMm / repeat.heightMm() + 1);
        double around = 2.0 * margin(stroke, part);
        return inView * stroke.symmetry().copies(repeat).size() <= MOST_COPIES
                && (part.width + around) * (part.height + around) <= MOST_PX;
    }

    /** @param stroke the same, gone on @return the parts of the pane that changed, which may lie over each other */
    public List<Area> go(BrushStroke stroke) {
        now = new StrokeOnTile(stroke, grid, List.of(), inks);
        Dabs dabs = now.dabs();
        List<Area> changed = new ArrayList<>();
        if (laid == null || !dabs.beginsAs(laid, count)) {
            fixed = new StrokeRows(grid.widthPx(), 0, grid.heightPx());
            all = new StrokeRows(grid.widthPx(), 0, grid.heightPx());
            count = 0;
            end = List.of();
            if (touched != null) {
                changed.add(touched);
            }
            touched = null;
        }
        int still = Math.max(count, dabs.settled());
        List<Laid> stays = laid(count, still);
        List<Laid> mayMove = laid(still, dabs.count());
        changed.addAll(end);
        changed.addAll(areas(stays));
        end = areas(mayMove);
        changed.addAll(end);
        stays.forEach(l -> now.dab(l.dab, l.place, fixed));
        changed.forEach(a -> all.take(fixed, a.left + margin, a.top + margin, a.right + margin, a.bottom + margin));
        mayMove.forEach(l -> now.dab(l.dab, l.place, all));
        changed.forEach(a -> touched = touched == null ? a : touched.and(a));
        laid = dabs;
        count = still;
        return changed;
    }

    /** @return a pixel of the pane, premultiplied; clear where the stroke is not */
    public int argb(int x, int y) {
        return all.over(0, (y + margin) * grid.widthPx() + x + margin, now.stroke, now.colours());
    }

    /** @return for each copy one that has all of its dabs in it */
    private static Collection<Area> areas(List<Laid> dabs) {
        Map<Copy, Area> areas = new HashMap<>();
        dabs.forEach(l -> areas.merge(l.copy, l.area, Area::and));
        return areas.values();
    }

    /** @return those of the dabs that are painted wherever they reach into the pane, in their order */
    private List<Laid> laid(int from, int to) {
        List<Laid> all = new ArrayList<>();
        for (int i = from; i < to; i++) {
            if (now.shows(i)) {
                for (int k = 0; k < own.size(); k++) {
                    for (int c = 0; c < cells.size(); c++) {
                        lay(i, k, c, all);
                    }
                }
            }
        }
        return all;
    }

    private void lay(int dab, int ownCopy, int cell, List<Laid> all) {
        AffineTransform copy = own.get(ownCopy);
        Dabs dabs = now.dabs();
        double far = now.reach(dab);
        double x = dabs.x(dab) * copy.getScaleX() + dabs.y(dab) * copy.getShearX() + copy.getTranslateX()
                + cells.get(cell).x() - part.x;
        double y = dabs.x(dab) * copy.getShearY() + dabs.y(dab) * copy.getScaleY() + copy.getTranslateY()
                + cells.get(cell).y() - part.y;
        double wide = part.width / part.pxPerMm;
        double high = part.height / part.pxPerMm;
        int lastColumn = (int) Math.floor((wide + far - x) / tile.widthMm());
        int lastRow = (int) Math.floor((high + far - y) / tile.heightMm());
        for (int column = (int) Math.ceil((-far - x) / tile.widthMm()); column <= lastColumn; column++) {
            for (int row = (int) Math.ceil((-far - y) / tile.heightMm()); row <= lastRow; row++) {
                double dx = column * tile.widthMm();
                double dy = row * tile.heightMm();
                Area area = area(x + dx, y + dy, far);
                if (area.left < area.right && area.top < area.bottom) {
                    AffineTransform place = AffineTransform.getTranslateInstance(
                            cells.get(cell).x() + dx - part.x + margin / part.pxPerMm,
                            cells.get(cell).y() + dy - part.y + margin / part.pxPerMm);
                    place.concatenate(copy);
                    all.add(new Laid(dab, new Copy(ownCopy, cell, column, row), place, area));
                }
            }
        }
    }

    /** What a dab may touch of the pane. */
    private Area area(double x, double y, double far) {
        return new Area(Math.max(0, (int) Math.floor((x - far) * part.pxPerMm)),
                Math.max(0, (int) Math.floor((y - far) * part.pxPerMm)),
                Math.min(part.width, (int) Math.ceil((x + far) * part.pxPerMm) + 1),
                Math.min(part.height, (int) Math.ceil((y + far) * part.pxPerMm) + 1));
    }
}
