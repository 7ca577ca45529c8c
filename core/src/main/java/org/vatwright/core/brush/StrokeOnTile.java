package org.vatwright.core.brush;

import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.colour.LightMix;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.repeat.TileGrid;

/** A stroke made ready for a tile of pixels: its dabs in every cell and every copy, and its colours. */
final class StrokeOnTile {

    /** Dabs that are looked at together: those that follow each other lie near each other. */
    private static final int TOGETHER = 32;
    private static final int SHADES = 33;
    private static final double LIGHTER = 0.2;
    /** A dab narrower than this share of a pixel is painted so broad, and as much fainter. */
    private static final double LEAST_PX = 0.6;
    private static final double EDGE = 0.05;
    private static final double LEFT_OUT_PX = 0.04;
    /** Where a dab is larger its edge is little of it. */
    private static final double FEW_PX = 3;
    /** Over so many sizes a brush runs dry. */
    private static final double DRY_SIZES = 36;
    /** So many times its tooth keeps ink away at first, and once it is dry. */
    private static final double WET = 0.45;
    private static final double DRY = 1.5;

    final BrushStroke stroke;
    private final Dabs dabs;
    private final List<AffineTransform> copies;
    private final TileGrid grid;
    private final TipCover cover;
    private final Breaks breaks;
    private final int[] colours;
    /** Of each lot of dabs the middle and how far it reaches, in mm. */
    private final double[] lots;
    private final double px;
    /** Of so many dabs one is painted: at this density those between would show nothing. */
    private final int every;

    StrokeOnTile(BrushStroke stroke, PaintRequest asked) {
        this(stroke, asked.grid(), copies(stroke, asked.repeat()), asked.inks());
    }

    /** @param copies what becomes of the stroke as it was drawn wherever it lies, in mm of the grid */
    StrokeOnTile(BrushStroke stroke, TileGrid grid, List<AffineTransform> copies, InkColours inks) {
        this.stroke = stroke;
        this.grid = grid;
        this.copies = copies;
        Brush brush = stroke.brush();
        px = (grid.mmPerPxX() + grid.mmPerPxY()) / 2;
        dabs = Dabs.of(stroke);
        cover = TipCover.of(brush, brush.sizeMm() / px);
        breaks = brush.tip().breaks() && brush.tooth() > 0 ? Breaks.of(brush, brush.sizeMm() / px) : null;
        colours = colours(stroke, inks);
        lots = lots();
        every = every(brush);
    }

    /** What dabs leave out between them at their edges is a twenty-fifth of a pixel at most. */
    private int every(Brush brush) {
        if (brush.flow() < 1 || brush.tip() == Tip.SPRAY || brush.tip().formed()
                || !brush.jitter().equals(Brush.Jitter.NONE)) {
            return 1;
        }
        double bend = brush.sizeMm() / 2 * Math.min(brush.breadth(), brush.taper() > 0 ? 0.5 : 1) / px;
        double apart = Math.sqrt(8 * LEFT_OUT_PX * bend);
        return (int) Math.max(1, Math.min(TOGETHER, apart / (brush.spacing() * brush.sizeMm() / px)));
    }

    private static List<AffineTransform> copies(BrushStroke stroke, Repeat repeat) {
        List<AffineTransform> copies = new ArrayList<>();
        List<AffineTransform> own = stroke.symmetry().copies(repeat);
        for (Tile.Origin cell : repeat.tile().cells()) {
            for (AffineTransform copy : own) {
                AffineTransform toTile = AffineTransform.getTranslateInstance(cell.x(), cell.y());
                toTile.concatenate(copy);
                copies.add(toTile);
            }
        }
        return copies;
    }

    private static int[] colours(BrushStroke stroke, InkColours inks) {
        int own = inks.argb(stroke.ink());
        if (stroke.erases() || stroke.brush().jitter().ink() == 0) {
            return new int[]{own};
        }
        int[] shades = new int[SHADES];
        for (int i = 0; i < SHADES; i++) {
            double t = 2.0 * i / (SHADES - 1) - 1;
            shades[i] = stroke.other()
                    .map(o -> LightMix.mix(own, inks.argb(o), (float) Math.abs(t)))
                    .orElseGet(() -> InkColours.toned(own, LIGHTER * t));
        }
        return shades;
    }

    private double[] lots() {
        int n = (dabs.count() + TOGETHER - 1) / TOGETHER;
        double[] all = new double[3 * n];
        for (int k = 0; k < n; k++) {
            int end = Math.min(dabs.count(), (k + 1) * TOGETHER);
            double left = Double.MAX_VALUE;
            double top = left;
            double right = -left;
            double bottom = -left;
            for (int i = k * TOGETHER; i < end; i++) {
                double far = reach(i);
                left = Math.min(left, dabs.x(i) - far);
                right = Math.max(right, dabs.x(i) + far);
                top = Math.min(top, dabs.y(i) - far);
                bottom = Math.max(bottom, dabs.y(i) + far);
            }
            all[3 * k] = (left + right) / 2;
            all[3 * k + 1] = (top + bottom) / 2;
            all[3 * k + 2] = Math.hypot(right - left, bottom - top) / 2;
        }
        return all;
    }

    private double shown(int i) {
        return Math.max(dabs.half(i), LEAST_PX * px);
    }

    /** @return how far a dab reaches, in mm */
    double reach(int i) {
        return shown(i) + px;
    }

    /** @return one, or from the farthest shade to the other */
    int[] colours() {
        return colours;
    }

    Dabs dabs() {
        return dabs;
    }

    /** Lays the stroke on rows of the tile. @param at where in {@code out} the first of them begins */
    void paint(int[] out, int at, StrokeRows rows) {
        add(rows, 0, dabs.count());
        lay(out, at, rows);
        rows.clear();
    }

    /** Lays what is on the rows, which stays on them. */
    void lay(int[] out, int at, StrokeRows rows) {
        rows.lay(out, at, stroke, colours);
    }

    /**
     * Puts dabs on the rows: one after the other, each in all its copies, so that it is the same however they are shared out.
     *
     * @param from,to which of them, {@code to} excluded
     */
    void add(StrokeRows rows, int from, int to) {
        List<AffineTransform> meeting = new ArrayList<>(copies.size());
        for (int k = from / TOGETHER; k * TOGETHER < to; k++) {
            meeting.clear();
            for (AffineTransform copy : copies) {
                if (meets(copy, k, rows)) {
                    meeting.add(copy);
                }
            }
            int end = meeting.isEmpty() ? 0 : Math.min(to, (k + 1) * TOGETHER);
            for (int i = Math.max(from, k * TOGETHER); i < end; i++) {
                if (shows(i)) {
                    for (AffineTransform copy : meeting) {
                        dab(i, copy, rows);
                    }
                }
            }
        }
    }

    /** @return whether that dab is painted at this density */
    boolean shows(int i) {
        return i % every == 0 || i == dabs.count() - 1;
    }

    /** @return whether some of those dabs may reach the rows */
    boolean meets(StrokeRows rows, int from, int to) {
        for (AffineTransform copy : copies) {
            for (int k = from / TOGETHER; k * TOGETHER < to; k++) {
                if (meets(copy, k, rows)) {
                    return true;
                }
            }
        }
        return false;
    }

    private boolean meets(AffineTransform copy, int lot, StrokeRows rows) {
        double y = lots[3 * lot] * copy.getShearY() + lots[3 * lot + 1] * copy.getScaleY() + copy.getTranslateY();
        return meets(y, lots[3 * lot + 2], rows);
    }

    private boolean meets(double y, double far, StrokeRows rows) {
        int height = grid.heightPx();
        int first = (int) Math.floor((y - far) / grid.mmPerPxY());
        int last = (int) Math.ceil((y + far) / grid.mmPerPxY());
        int k = Math.floorDiv(last - rows.from, height);
        return rows.to - 1 + (long) k * height >= first;
    }

    /** Puts one dab in one copy on the rows. */
    void dab(int i, AffineTransform copy, StrokeRows rows) {
        double half = dabs.half(i);
        double r = shown(i);
        if (half < px / 1000) {
            return;
        }
        Brush brush = stroke.brush();
        double thin = brush.breadth() * r < LEAST_PX * px ? LEAST_PX * px / r : brush.breadth();
        double share = half / r;
        // A soft edge of a pixel covers a little more than a sharp one: the variance of its slope, 1/20.
        double alone = r > FEW_PX * px ? 1 : share * share / (1 + EDGE * px * px / (r * r));
        double amount = (stands() ? alone : share) * brush.breadth() / thin;
        double x = dabs.x(i) * copy.getScaleX() + dabs.y(i) * copy.getShearX() + copy.getTranslateX();
        double y = dabs.x(i) * copy.getShearY() + dabs.y(i) * copy.getScaleY() + copy.getTranslateY();
        double far = reach(i);
        int height = grid.heightPx();
        int first = (int) Math.ceil((y - far) / grid.mmPerPxY() - 0.5);
        int last = (int) Math.floor((y + far) / grid.mmPerPxY() - 0.5);
        Touch touch = new Touch(i, copy, x, y, r, thin, (float) amount);
        for (int k = Math.floorDiv(first - rows.to + 1, height); from(k, rows) <= last; k++) {
            int end = Math.min(last, rows.to - 1 + k * height);
            for (int row = Math.max(first, from(k, rows)); row <= end; row++) {
                touch.row(row, row - k * height - rows.from, rows);
            }
        }
    }

    private int from(int k, StrokeRows rows) {
        return rows.from + k * grid.heightPx();
    }

    /** Whether its dabs stand apart from each other. */
    private boolean stands() {
        return stroke.brush().tip() == Tip.SPRAY || stroke.brush().spacing() >= 1;
    }

    /** One dab in one copy. */
    private final class Touch {
        private final int dab;
        private final double x;
        private final double y;
        private final double r;
        private final double thin;
        private final float amount;
        // From pixels on the tile to the stroke as it was drawn, and from there to the tip.
        private final double xx;
        private final double xy;
        private final double yx;
        private final double yy;
        private final double cos;
        private final double sin;
        private final double away;
        // It lies within the ellipse bxx x^2 + 2 bxy x y + byy y^2 = 1.
        private final double bxx;
        private final double bxy;
        private final double byy;

        Touch(int dab, AffineTransform copy, double x, double y, double r, double thin, float amount) {
            this.dab = dab;
            this.x = x;
            this.y = y;
            this.r = r;
            this.thin = thin;
            this.amount = amount;
            xx = copy.getScaleX();
            xy = copy.getShearY();
            yx = copy.getShearX();
            yy = copy.getScaleY();
            cos = Math.cos(dabs.angle(dab));
            sin = Math.sin(dabs.angle(dab));
            // Where the tip's two sides lie on the tile.
            double ux = cos * xx + sin * yx;
            double uy = cos * xy + sin * yy;
            double vx = cos * yx - sin * xx;
            double vy = cos * yy - sin * xy;
            double longer = 1 / ((r + px) * (r + px));
            double shorter = 1 / ((thin * r + px) * (thin * r + px));
            bxx = ux * ux * longer + vx * vx * shorter;
            bxy = ux * uy * longer + vx * vy * shorter;
            byy = uy * uy * longer + vy * vy * shorter;
            double dry = Math.min(1, dabs.gone(dab) / (stroke.brush().sizeMm() * DRY_SIZES));
            away = Math.min(1, stroke.brush().tooth() * (WET + (DRY - WET) * dry));
        }

        /** @param row below the upper edge of the plane. @param line of the rows that are painted */
        void row(int row, int line, StrokeRows rows) {
            double dy = (row + 0.5) * grid.mmPerPxY() - y;
            double b = bxy * dy / bxx;
            double chord = b * b - (byy * dy * dy - 1) / bxx;
            if (chord <= 0) {
                return;
            }
            double wide = Math.sqrt(chord);
            int width = grid.widthPx();
            int first = (int) Math.ceil((x - b - wide) / grid.mmPerPxX() - 0.5);
            int last = (int) Math.floor((x - b + wide) / grid.mmPerPxX() - 0.5);
            double dx = grid.mmPerPxX();
            double du = (cos * xx + sin * yx) * dx / r;
            double dv = (cos * yx - sin * xx) * dx / r;
            for (int c = first; c <= last;) {
                int column = Math.floorMod(c, width);
                int count = Math.min(width - column, last - c + 1);
                double ox = (c + 0.5) * dx - x;
                double sx = xx * ox + xy * dy;
                double sy = yx * ox + yy * dy;
                double u = (cos * sx + sin * sy) / r;
                double v = (cos * sy - sin * sx) / r;
                float[] covered = rows.line(count);
                cover.row(u, v, du, dv, count, px / r, thin, covered);
                int at = rows.touch(line, column, count);
                if (breaks == null) {
                    rows.add(at, count, covered, amount, dabs.shade(dab), (float) stroke.brush().flow());
                } else {
                    broken(rows, at, count, covered, sx, sy);
                }
                c += count;
            }
        }

        /** Hairs leave their gaps along the way, grain where it lies on the cloth. */
        private void broken(StrokeRows rows, int at, int count, float[] covered, double sx, double sy) {
            double size = stroke.brush().sizeMm();
            boolean hairs = stroke.brush().tip() == Tip.BRISTLE;
            double wx = hairs ? Math.cos(dabs.way(dab)) : 1;
            double wy = hairs ? Math.sin(dabs.way(dab)) : 0;
            double gx = ((hairs ? dabs.gone(dab) : dabs.x(dab) - stroke.track().x(0)) + wx * sx + wy * sy) / size;
            double gy = ((hairs ? 0 : dabs.y(dab) - stroke.track().y(0)) + wx * sy - wy * sx) / size;
            double dx = (wx * xx + wy * yx) * grid.mmPerPxX() / size;
            double dy = (wx * yx - wy * xx) * grid.mmPerPxX() / size;
            rows.add(at, count, covered, amount, dabs.shade(dab), (float) stroke.brush().flow(),
                    (i, a) -> breaks.at(1 - a * (1 - away), gx + i * dx, gy + i * dy));
        }
    }
}
