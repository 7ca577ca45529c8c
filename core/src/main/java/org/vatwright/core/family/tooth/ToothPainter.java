package org.vatwright.core.family.tooth;

import java.util.Arrays;

import org.vatwright.core.colour.Packed;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.tooth.Glitter;
import org.vatwright.core.tooth.ToothKind;
import org.vatwright.core.tooth.ToothRows;

/** A tooth in its inks: what a pixel shows is the mean of its places, as the eye takes it. */
final class ToothPainter implements Painter {

    private static final int TONES = 64;
    /** Of glitter's one ink: from its shade to its light, and its sparks. */
    private static final double DARKEST = -0.34;
    private static final double LIGHTEST = 0.24;
    private static final double SPARK = 0.5;
    private static final float HALF = 0.5f;
    private static final int LEVELS = 255;

    private final ToothRows rows;
    private final int width;
    /** Of inks, or of glitter the shades of one and at last its spark. */
    private final int[] colours;
    private final boolean glitter;

    ToothPainter(Tooth tooth, PaintRequest asked) {
        width = asked.grid().widthPx();
        glitter = tooth.form().kind() == ToothKind.GLITTER;
        rows = new ToothRows(tooth.form(), asked.grid(), tooth.moving() ? asked.phase().orOwn(0) : 0, asked.work());
        InkColours inks = asked.inks();
        if (glitter) {
            int ink = inks.argb(tooth.inks().getFirst());
            colours = new int[TONES + 1];
            for (int i = 0; i < TONES; i++) {
                colours[i] = InkColours.toned(ink, DARKEST + (LIGHTEST - DARKEST) * i / (TONES - 1));
            }
            colours[TONES] = InkColours.toned(ink, SPARK);
        } else {
            colours = tooth.inks().stream().mapToInt(inks::argb).toArray();
        }
    }

    @Override
    public void paint(int[] out, int at, int from, int to) {
        ToothRows.Reader reader = rows.reader(!glitter && colours.length > 1);
        if (!glitter && colours.length == 1) {
            single(reader, out, at, from, to);
            return;
        }
        float[] sums = new float[4 * width];
        float share = 1f / reader.places();
        for (int y = from; y < to; y++) {
            Arrays.fill(sums, 0);
            reader.row(y, (x, cover, kind) -> {
                if (cover > 0) {
                    add(sums, 4 * x, cover * share, colours[index(kind)]);
                }
            });
            int row = at + (y - from) * width;
            for (int x = 0; x < width; x++) {
                out[row + x] = packed(sums, 4 * x);
            }
        }
    }

    private int index(float kind) {
        if (!glitter) {
            return Math.min(colours.length - 1, (int) (kind * colours.length));
        }
        return kind >= Glitter.SPARK ? TONES : (int) (kind * TONES);
    }

    private void single(ToothRows.Reader reader, int[] out, int at, int from, int to) {
        int[] shades = new int[LEVELS + 1];
        for (int i = 0; i <= LEVELS; i++) {
            shades[i] = Packed.times255(colours[0], i);
        }
        for (int y = from; y < to; y++) {
            reader.shades(y, shades, out, at + (y - from) * width);
        }
    }

    private static void add(float[] sums, int at, float cover, int colour) {
        sums[at] += cover * (colour >>> 24);
        sums[at + 1] += cover * (colour >> 16 & 255);
        sums[at + 2] += cover * (colour >> 8 & 255);
        sums[at + 3] += cover * (colour & 255);
    }

    private static int packed(float[] sums, int at) {
        return (int) (sums[at] + HALF) << 24 | (int) (sums[at + 1] + HALF) << 16 | (int) (sums[at + 2] + HALF) << 8
                | (int) (sums[at + 3] + HALF);
    }
}
