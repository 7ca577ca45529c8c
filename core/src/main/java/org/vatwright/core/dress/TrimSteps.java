package org.vatwright.core.dress;

import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Unit;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.raster.Bilinear;
import org.vatwright.core.raster.Compositor;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.FieldRenderer;
import org.vatwright.core.render.FieldSpec;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.stitch.TrimRun;

/** Draws trims: each repeat by itself, bent with the line or turned as a whole, four places a pixel. */
public final class TrimSteps {

    private static final int EACH_WAY = 2;
    private static final int STRIP_ROWS = 48;
    private static final double MARGIN_MM = 0.2;
    private static final int MOST_CELL_PX = 3000;

    private final Trim trim;
    private final TrimRun run;
    private final double px;
    private final Raster cell;
    private final Optional<Raster> turned;
    private final Raster out;
    private final int left;
    private final int top;
    private final List<Painter> painters = new ArrayList<>();

    private TrimSteps(Trim trim, TrimRun run, double px, Raster cell, Optional<Raster> turned, Frame frame) {
        this.trim = trim;
        this.run = run;
        this.px = px;
        this.cell = cell;
        this.turned = turned;
        left = frame.left();
        top = frame.top();
        out = new Raster(frame.width(), frame.height());
    }

    /** @return where the repeats of a trim lie; none when what it repeats or runs along is gone */
    public static Optional<TrimRun> run(Trim trim, Cut cut,
            Function<Id, Optional<Design>> designs) {
        return designs.apply(trim.figure().design()).flatMap(d -> trim.way(cut).map(way -> TrimRun.of(way, trim.form(),
                Trim.ratio(trim.figure().alone(d).repeat()))));
    }

    static Optional<Step.Made> of(Trim trim, Worn.Making making, Frame frame) {
        Optional<TrimRun> run = run(trim, making.cut(), making.how().designs());
        if (run.isEmpty() || run.get().repeats().isEmpty()) {
            return Optional.empty();
        }
        double px = making.density().px(1);
        double reach = trim.form().breadthMm() * (trim.form().rows() + 4) + MARGIN_MM;
        Rectangle2D box = null;
        for (TrimRun.Stretch s : run.get().stretches()) {
            for (int i = 0; i < s.x().length; i++) {
                Rectangle2D one = new Rectangle2D.Double((s.x()[i] - reach) * px, (s.y()[i] - reach) * px,
                        2 * reach * px,
                        2 * reach * px);
                box = box == null ? one : box.createUnion(one);
            }
        }
        Rectangle2D seen = box.createIntersection(new Rectangle2D.Double(frame.left(), frame.top(), frame.width(),
                frame.height()));
        if (seen.isEmpty()) {
            return Optional.empty();
        }
        Frame part = new Frame((int) Math.floor(seen.getMinX()), (int) Math.floor(seen.getMinY()),
                (int) Math.ceil(seen.getMaxX()), (int) Math.ceil(seen.getMaxY()));
        Raster cell = cell(trim.figure(), trim.form().breadthMm(), making);
        Optional<Raster> turned = run.get().corners().isEmpty()
                ? Optional.empty()
                : Optional.of(trim.corner().filter(c -> making.how().designs().apply(c.design()).isPresent())
                        .map(c -> cell(c, trim.form().breadthMm(), making)).orElse(cell));
        TrimSteps steps = new TrimSteps(trim, run.get(), px, cell, turned, part);
        for (TrimRun.Repeat r : run.get().seen()) {
            making.work().goOn();
            steps.repeat(r);
        }
        run.get().corners().forEach(steps::corner);
        steps.paint(making.work());
        return Optional.of(new Step.Made(part.left(), part.top(), steps.out, Optional.empty()));
    }

    /** @return one cell of what is repeated, so dense as it is looked at */
    private static Raster cell(Print figure, double broadMm, Worn.Making making) {
        Design of = making.how().designs().apply(figure.design()).orElseThrow();
        Design design = figure.alone(of);
        Tile cell = design.repeat().tile();
        double scale = broadMm / cell.heightMm();
        double dpi = making.density().dpi() * EACH_WAY * scale;
        double most = MOST_CELL_PX / Math.max(cell.widthMm(), cell.heightMm())
                * Unit.MM_PER_INCH;
        Density density = new Density(Math.max(1, Math.min(20_000, Math.min(dpi, most))));
        return FieldRenderer.render(new Cloth(design, making.worn(design, figure.colourway()), making.how().phase()),
                new FieldSpec(cell.widthMm(), cell.heightMm(), density), making.how().tiles(), making.work());
    }

    /** What the pixels of a place show. */
    @FunctionalInterface
    private interface Place {
        /** @return premultiplied */
        int at(double x, double y);
    }

    /** @param box in mm */
    private void fill(Rectangle2D box, Place place) {
        painters.add(new Painter(box, place));
    }

    private record Painter(Rectangle2D box, Place place) {}

    /** Strip by strip, with all that lies in it; parts of one pixel that neighbours share come together before they are rounded. */
    private void paint(Work work) {
        int wide = out.width() * EACH_WAY;
        Rows.each(out.height(), STRIP_ROWS, work.telling(share -> {}), (from, to) -> {
            int[] fine = new int[wide * (to - from) * EACH_WAY];
            for (Painter p : painters) {
                paint(p, fine, wide, (top + from) * EACH_WAY, (top + to) * EACH_WAY);
            }
            for (int y = from; y < to; y++) {
                for (int x = 0; x < out.width(); x++) {
                    out.argb()[y * out.width() + x] = mean(fine, (y - from) * EACH_WAY * wide + x * EACH_WAY, wide);
                }
            }
        });
    }

    private void paint(Painter p, int[] fine, int wide, int first, int end) {
        double each = px * EACH_WAY;
        int fromX = (int) Math.max(left * EACH_WAY, Math.floor(p.box.getMinX() * each));
        int fromY = (int) Math.max(first, Math.floor(p.box.getMinY() * each));
        int toX = (int) Math.min(left * EACH_WAY + wide, Math.ceil(p.box.getMaxX() * each));
        int toY = (int) Math.min(end, Math.ceil(p.box.getMaxY() * each));
        for (int y = fromY; y < toY; y++) {
            for (int x = fromX; x < toX; x++) {
                int argb = p.place.at((x + 0.5) / each, (y + 0.5) / each);
                if (argb != 0) {
                    int i = (y - first) * wide + x - left * EACH_WAY;
                    fine[i] = Compositor.normal(fine[i], argb, 256);
                }
            }
        }
    }

    private static int mean(int[] fine, int at, int wide) {
        int argb = 0;
        int n = EACH_WAY * EACH_WAY;
        for (int shift = 0; shift < 32; shift += 8) {
            int sum = 0;
            for (int k = 0; k < n; k++) {
                sum += fine[at + k / EACH_WAY * wide + k % EACH_WAY] >>> shift & 255;
            }
            argb |= (sum + n / 2) / n << shift;
        }
        return argb;
    }

    private int sample(Raster of, double u, double v) {
        double edge = 0.5 / of.height();
        return Bilinear.argb(of, u, Math.max(edge, Math.min(1 - edge, v)));
    }

    private void repeat(TrimRun.Repeat r) {
        TrimRun.Stretch s = run.stretches().get(r.stretch());
        if (trim.form().bent()) {
            bent(r, s);
        } else {
            double middle = (r.from() + r.to()) / 2;
            turned(r, s, middle);
            // In a mitre what is outside goes on beyond the corner.
            double step = r.longMm() + trim.form().gapMm();
            double reach = trim.form().breadthMm() * trim.form().rows();
            for (double far = step; far < reach + step; far += step) {
                if (begins(r, s)) {
                    turned(r, s, middle - far);
                }
                if (ends(r, s)) {
                    turned(r, s, middle + far);
                }
            }
        }
    }

    private boolean begins(TrimRun.Repeat r, TrimRun.Stretch s) {
        return s.begins() != null && r.from() <= trim.form().gapMm();
    }

    private boolean ends(TrimRun.Repeat r, TrimRun.Stretch s) {
        return s.ends() != null && r.to() >= s.length() - trim.form().gapMm() - 1e-6;
    }

    private void turned(TrimRun.Repeat r, TrimRun.Stretch s, double along) {
        double[] p = place(s, along);
        double[] way = s.at(along);
        turned(cell, p[0] + r.offMm() * way[3], p[1] - r.offMm() * way[2], way[2], way[3], r.longMm(), r.broadMm(), s);
    }

    private void corner(TrimRun.Turn t) {
        double side = trim.form().breadthMm() * trim.form().rows();
        turned(turned.orElse(cell), t.x(), t.y(), t.dx(), t.dy(), side, side, null);
    }

    /** A cell as a rectangle. @param s whose mitres cut it; none for no mitre */
    private void turned(Raster of, double midX, double midY, double dx, double dy, double wide, double high,
            TrimRun.Stretch s) {
        double reach = Math.hypot(wide, high) / 2;
        fill(new Rectangle2D.Double(midX - reach, midY - reach, 2 * reach, 2 * reach), (x, y) -> {
            double u = ((x - midX) * dx + (y - midY) * dy) / wide + 0.5;
            double v = (-(x - midX) * dy + (y - midY) * dx) / high + 0.5;
            boolean in = u >= 0 && u < 1 && v >= 0 && v < 1 && (s == null || within(s, x, y));
            return in ? sample(of, u, v) : 0;
        });
    }

    /** @return whether a place is on this side of the mitres that are near it */
    private boolean within(TrimRun.Stretch s, double x, double y) {
        double near = 3 * trim.form().breadthMm() * trim.form().rows();
        boolean afterBegin = s.begins() == null || Math.hypot(x - s.begins().x(), y - s.begins().y()) > near
                || s.begins().side(x, y) >= 0;
        boolean beforeEnd = s.ends() == null || Math.hypot(x - s.ends().x(), y - s.ends().y()) > near
                || s.ends().side(x, y) < 0;
        return afterBegin && beforeEnd;
    }

    private void bent(TrimRun.Repeat r, TrimRun.Stretch s) {
        double half = Math.abs(r.offMm()) + r.broadMm() / 2;
        // In a mitre what is outside goes on beyond the corner.
        double reach = trim.form().breadthMm() * trim.form().rows();
        boolean first = begins(r, s);
        boolean last = ends(r, s);
        double from = first ? -reach : s.closed() ? r.from() : Math.max(0, r.from());
        double to = last ? s.length() + reach : s.closed() ? r.to() : Math.min(s.length(), r.to());
        List<double[]> way = way(s, from, to);
        Rectangle2D box = null;
        for (double[] p : way) {
            Rectangle2D one = new Rectangle2D.Double(p[0] - half - MARGIN_MM, p[1] - half - MARGIN_MM,
                    2 * (half + MARGIN_MM), 2 * (half + MARGIN_MM));
            box = box == null ? one : box.createUnion(one);
        }
        fill(box, (x, y) -> {
            double best = Double.MAX_VALUE;
            double off = 0;
            double along = 0;
            for (int i = 0; i + 1 < way.size(); i++) {
                double[] a = way.get(i);
                double[] b = way.get(i + 1);
                double dx = b[0] - a[0];
                double dy = b[1] - a[1];
                double square = dx * dx + dy * dy;
                double t = square == 0 ? 0 : Math.max(0, Math.min(1, ((x - a[0]) * dx + (y - a[1]) * dy) / square));
                double offX = x - a[0] - t * dx;
                double offY = y - a[1] - t * dy;
                double far = offX * offX + offY * offY;
                if (far < best) {
                    best = far;
                    off = (x - a[0]) * dy - (y - a[1]) * dx > 0 ? Math.sqrt(far) : -Math.sqrt(far);
                    along = a[2] + t * (b[2] - a[2]);
                }
            }
            double v = 0.5 - (off - r.offMm()) / r.broadMm();
            boolean in = v >= 0 && v < 1 && along >= from && along < to && within(s, x, y);
            double u = (along - r.from()) / r.longMm();
            boolean gap = u < 0 || u >= 1;
            if (!in || gap && !first && !last || gap && (along >= 0 && along <= s.length())) {
                return 0;
            }
            return sample(cell, u, v);
        });
    }

    /** @return places with their lengths, with a little more at both ends, so that wedges at turns belong to one repeat */
    private static List<double[]> way(TrimRun.Stretch s, double from, double to) {
        List<double[]> way = new ArrayList<>();
        double more = Math.max(0.05, 0.02 * (to - from));
        double begin = from - more;
        double end = to + more;
        way.add(place(s, begin));
        int rounds = s.closed() ? 1 : 0;
        for (int round = -rounds; round <= rounds; round++) {
            for (int i = round == -rounds ? 0 : 1; i < s.s().length; i++) {
                double along = s.s()[i] + round * s.length();
                if (along > begin + 1e-9 && along < end - 1e-9) {
                    way.add(new double[]{s.x()[i], s.y()[i], along});
                }
            }
        }
        way.add(place(s, end));
        return way;
    }

    /** Beyond the ends of an open one straight on. */
    private static double[] place(TrimRun.Stretch s, double along) {
        double[] p = s.at(along);
        double over = s.closed() ? 0 : along < 0 ? along : along > s.length() ? along - s.length() : 0;
        return new double[]{p[0] + over * p[2], p[1] + over * p[3], along};
    }
}
