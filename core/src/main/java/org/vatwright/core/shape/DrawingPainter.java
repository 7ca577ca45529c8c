package org.vatwright.core.shape;

import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.colour.LightMix;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.Compositor;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.TileGrid;

/**
 * Paints a drawing by the exact area each shape has in each pixel. Shapes of a group that share a pixel are summed there in
 * linear light before the sum is laid over what is below.
 */
public final class DrawingPainter implements Painter {

    /** A pixel filled this far is filled: coverage is summed in floats. */
    private static final float FULL = 0.9995f;
    private static final float DONE = 9;
    private static final int BAND_ROWS = 32;
    /** Shapes that one thread flattens before it asks whether to go on; fewer are not shared out. */
    private static final int AT_ONCE = 200;

    /** @param turn how many tiles lower than drawn it shows */
    private record Place(int shape, int turn) {}

    /** @param alone whether it is one shape, which needs no sum */
    private record Layer(int rest, boolean alone) {}

    private final TileGrid grid;
    /** How often shapes may lie over each other, over the whole tile. */
    private static final int MOST_COVERED = 1000;

    private final List<Layer> layers = new ArrayList<>();
    private final List<FlatShape> shapes = new ArrayList<>();
    private int[] layerOf = new int[16];
    private int[] argb = new int[16];
    /** By shape; null where it has one colour. */
    private final List<Shade> shades = new ArrayList<>();
    /** For each band of rows the shapes that show in it, in their order. */
    private final List<List<Place>> bands = new ArrayList<>();
    private final boolean opaque;

    /** @param work under which its shapes are made ready */
    public DrawingPainter(Drawing drawing, TileGrid grid, InkColours inks, Work work) {
        this.grid = grid;
        for (int i = 0; i * BAND_ROWS < grid.heightPx(); i++) {
            bands.add(new ArrayList<>());
        }
        List<Seen> seen = new ArrayList<>();
        for (Group asked : drawing.groups()) {
            Group group = asked;
            if (inks.fill(group.rest()).isPresent()) {
                layers.add(new Layer(0, true));
                see(new VectorMark(new Rectangle2D.Double(0, 0, grid.widthMm(), grid.heightMm()), group.rest()), inks,
                        seen);
                group = new Group(group.marks(), Ink.CLEAR, group.seams());
            }
            boolean alone = group.marks().size() == 1 && group.rest() instanceof Ink.Clear;
            layers.add(new Layer(inks.argb(group.rest()), alone));
            for (VectorMark mark : group.marks()) {
                see(mark, inks, seen);
            }
        }
        AffineTransform toPx = AffineTransform.getScaleInstance(1 / grid.mmPerPxX(), 1 / grid.mmPerPxY());
        // Only this is shared out: a fill may paint a design of its own, which takes the same threads.
        List<Optional<FlatShape>> flat = Rows.map(seen, AT_ONCE, work, s -> FlatShape.of(s.mark.shape(), toPx));
        checkCovered(flat);
        for (int i = 0; i < flat.size(); i++) {
            Seen mark = seen.get(i);
            flat.get(i).ifPresent(f -> {
                add(f, mark.layer, mark.colour);
                shades.add(mark.shade);
            });
        }
        opaque = !layers.isEmpty() && layers.getFirst().rest >>> 24 == 255
                && Arrays.stream(argb, 0, shapes.size()).allMatch(c -> c >>> 24 == 255)
                && shades.stream().allMatch(s -> s == null || s.opaque());
    }

    /** Shapes many times as large as the tile lie over each other without end; painting them all would take minutes. */
    private void checkCovered(List<Optional<FlatShape>> flat) {
        double px = (double) grid.widthPx() * grid.heightPx();
        double covered = 0;
        for (Optional<FlatShape> shape : flat) {
            covered += shape.map(f -> Math.min((double) f.width() * f.height() / px, 1e9)).orElse(0.0);
        }
        // Shapes finer than a pixel count as one.
        if (covered > MOST_COVERED + flat.size() * 9 / px) {
            throw new Refusal(
                    "the shapes of a layer would cover its cloth %,.0f times over; %,d times are the most: make the cell larger, or the shapes smaller or fewer"
                            .formatted(covered, MOST_COVERED));
        }
    }

    /** A mark of one of the layers. @param shade null where it has one colour */
    private record Seen(VectorMark mark, int layer, int colour, Shade shade) {}

    /** Notes a mark of the last layer, unless it shows nothing. */
    private void see(VectorMark mark, InkColours inks, List<Seen> seen) {
        int colour = inks.argb(mark);
        Shade shade = Shade.of(mark, grid, inks).orElse(null);
        if (colour != 0 || shade != null || !layers.getLast().alone) {
            seen.add(new Seen(mark, layers.size() - 1, colour, shade));
        }
    }

    private void add(FlatShape flat, int layer, int colour) {
        int number = shapes.size();
        if (number == argb.length) {
            argb = Arrays.copyOf(argb, 2 * number);
            layerOf = Arrays.copyOf(layerOf, 2 * number);
        }
        shapes.add(flat);
        layerOf[number] = layer;
        argb[number] = colour;
        int h = grid.heightPx();
        int bottom = flat.top() + flat.height() - 1;
        for (int turn = Math.floorDiv(flat.top(), h); turn <= Math.floorDiv(bottom, h); turn++) {
            int first = Math.max(0, flat.top() - turn * h) / BAND_ROWS;
            int last = Math.min(h - 1, bottom - turn * h) / BAND_ROWS;
            for (int band = first; band <= last; band++) {
                bands.get(band).add(new Place(number, turn));
            }
        }
    }

    @Override
    public boolean opaque() {
        return opaque;
    }

    @Override
    public void paint(int[] out, int at, int from, int to) {
        paint(out, at, from, to, 0, grid.widthPx());
    }

    /** Whole bands of rows, with what shows in the columns only. */
    @Override
    public void paint(int[] out, int at, int from, int to, int width, int left, int right) {
        int[] rows = new int[BAND_ROWS * width];
        for (int row = from; row < to;) {
            int end = Math.min(to, (row / BAND_ROWS + 1) * BAND_ROWS);
            paint(rows, 0, row, end, left, right);
            for (int y = row; y < end; y++) {
                System.arraycopy(rows, (y - row) * width + left, out, at + (y - from) * (right - left), right - left);
            }
            row = end;
        }
    }

    private void paint(int[] out, int at, int from, int to, int left, int right) {
        Strip strip = new Strip(out, at, from, to, left, right);
        for (int row = from; row < to;) {
            int end = Math.min(to, (row / BAND_ROWS + 1) * BAND_ROWS);
            strip.band(row / BAND_ROWS, row, end);
            row = end;
        }
    }

    /** The rows being painted, and the sums of the group in work. */
    private final class Strip {
        private final int[] out;
        private final int at;
        private final int from;
        private final int left;
        private final int right;
        private final int w = grid.widthPx();
        private final Coverage coverage = new Coverage();
        private final float[] cover;
        private final float[][] sums;
        private final int[] touched;
        private int count;

        Strip(int[] out, int at, int from, int to, int left, int right) {
            this.out = out;
            this.at = at;
            this.from = from;
            this.left = left;
            this.right = right;
            int widest = 0;
            for (int band = from / BAND_ROWS; band * BAND_ROWS < to; band++) {
                for (Place place : bands.get(band)) {
                    widest = Math.max(widest, shapes.get(place.shape).width());
                }
            }
            cover = new float[widest];
            int size = layers.stream().allMatch(Layer::alone) ? 0 : w * Math.min(BAND_ROWS, to - from);
            sums = new float[5][size];
            touched = new int[size];
        }

        void band(int band, int first, int end) {
            int next = 0;
            List<Place> places = bands.get(band);
            Arrays.fill(out, at + (first - from) * w, at + (end - from) * w, 0);
            for (int layer = 0; layer < layers.size(); layer++) {
                boolean alone = layers.get(layer).alone;
                int rest = layers.get(layer).rest;
                if (rest != 0) {
                    Arrays.fill(out, at + (first - from) * w, at + (end - from) * w, rest);
                }
                for (; next < places.size() && layerOf[places.get(next).shape] == layer; next++) {
                    shape(places.get(next), alone, first, end);
                }
                if (!alone) {
                    mix(rest, first);
                }
            }
        }

        private void shape(Place place, boolean alone, int first, int end) {
            FlatShape flat = shapes.get(place.shape);
            int top = flat.top() - place.turn * grid.heightPx();
            int begin = Math.max(first, top);
            int stop = Math.min(end, top + flat.height());
            if (begin >= stop || outside(flat)) {
                return;
            }
            coverage.of(flat, begin - top, stop - top);
            int colour = argb[place.shape];
            float[] light = alone ? null : LightMix.linear(colour);
            int begins = Math.floorMod(flat.left(), w);
            Shade shade = shades.get(place.shape);
            for (int y = begin; y < stop; y++) {
                coverage.row(y - begin, cover);
                if (shade != null) {
                    shaded(shade, flat, y - top, alone, at + (y - from) * w, (y - first) * w);
                } else if (alone) {
                    over(colour, at + (y - from) * w, begins, flat.width());
                } else {
                    sum(colour, light, at + (y - from) * w, (y - first) * w, begins, flat.width());
                }
            }
        }

        /** @return whether it shows in none of the columns, wherever it comes round */
        private boolean outside(FlatShape flat) {
            int begin = Math.floorMod(flat.left(), w);
            return begin >= right && begin + flat.width() <= left + w
                    || begin < left && begin + flat.width() <= left;
        }

        private void shaded(Shade shade, FlatShape flat, int inside, boolean alone, int row, int sumRow) {
            int x = Math.floorMod(flat.left(), w);
            for (int i = 0; i < flat.width(); i++) {
                if (cover[i] > 0) {
                    int colour = shade.argb(flat.left() + i, flat.top() + inside);
                    if (alone) {
                        out[row + x] = Compositor.normal(out[row + x], colour, (int) (cover[i] * 256 + 0.5f));
                    } else {
                        pixel(colour, LightMix.linear(colour), cover[i], row + x, sumRow + x);
                    }
                }
                x = x + 1 == w ? 0 : x + 1;
            }
        }

        private void over(int colour, int row, int left, int width) {
            int x = left;
            for (int i = 0; i < width; i++) {
                int share = (int) (cover[i] * 256 + 0.5f);
                if (share > 0) {
                    out[row + x] = Compositor.normal(out[row + x], colour, share);
                }
                x = x + 1 == w ? 0 : x + 1;
            }
        }

        private void sum(int colour, float[] light, int row, int sumRow, int left, int width) {
            int x = left;
            for (int i = 0; i < width; i++) {
                if (cover[i] > 0) {
                    pixel(colour, light, cover[i], row + x, sumRow + x);
                }
                x = x + 1 == w ? 0 : x + 1;
            }
        }

        private void pixel(int colour, float[] light, float share, int place, int sumPlace) {
            if (share >= FULL) {
                out[place] = colour >>> 24 == 255 ? colour : full(out[place], colour, sumPlace);
                sums[0][sumPlace] = DONE;
            } else {
                add(sumPlace, share, light);
            }
        }

        /** A partly clear shape that fills a pixel; between filled shapes nothing of the rest remains. */
        private int full(int under, int colour, int place) {
            if (sums[0][place] == 0) {
                touched[count++] = place;
            }
            return layers.getFirst().rest != 0 ? colour : Compositor.normal(under, colour, 256);
        }

        private void add(int place, float c, float[] light) {
            if (sums[0][place] == DONE) {
                return;
            }
            if (sums[0][place] == 0) {
                touched[count++] = place;
            }
            sums[0][place] += c;
            for (int k = 0; k < 4; k++) {
                sums[k + 1][place] += c * light[k];
            }
        }

        /** Turns the sums of a group into colours, and clears them. */
        private void mix(int rest, int first) {
            float[] fill = LightMix.linear(rest);
            int base = at + (first - from) * w;
            for (int i = 0; i < count; i++) {
                int place = touched[i];
                float c = sums[0][place];
                if (c != DONE) {
                    float left = rest == 0 ? 0 : Math.max(0, 1 - c);
                    // Shapes that fill a pixel together fill it whole, whatever the rounding.
                    float by = c > 1 || rest == 0 && c > 0.998f ? 1 / c : 1;
                    int colour = LightMix.encode(by * sums[1][place] + left * fill[0],
                            by * sums[2][place] + left * fill[1], by * sums[3][place] + left * fill[2],
                            by * sums[4][place] + left * fill[3]);
                    out[base + place] = rest != 0 ? colour : Compositor.normal(out[base + place], colour, 256);
                }
                for (float[] sum : sums) {
                    sum[place] = 0;
                }
            }
            count = 0;
            // Filled pixels left their mark in the first sums.
            Arrays.fill(sums[0], 0);
        }
    }
}
