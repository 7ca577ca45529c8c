package org.vatwright.core.coat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.vatwright.core.colour.Light;
import org.vatwright.core.pattern.FillPaint;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Painter;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.repeat.TileGrid;

/**
 * Fills that run through a structure which knows only colours. It is painted with all fills black, and once for each fill
 * with that one white: the difference is the fill's share in each pixel, whatever the structure mixes and shades, and all
 * between follows in linear light. Where a fill is not opaque, what the structure shows with that ink clear comes in.
 */
final class FilledPainter implements Painter {

    private static final int BLACK = 0xFF000000;

    /** @param clear null when it is opaque */
    private record Part(FillPaint.Seeing laid, Painter white, Painter clear) {}

    private final Painter black;
    private final List<Part> parts = new ArrayList<>();
    private final int width;

    FilledPainter(Structure structure, PaintRequest asked) {
        TileGrid grid = asked.grid();
        InkColours inks = asked.inks();
        width = grid.widthPx();
        Map<String, Integer> dark = new HashMap<>();
        inks.fills().keySet().forEach(name -> dark.put(name, BLACK));
        black = structure.painter(asked.withInks(inks.plain(dark)));
        for (Ink ink : structure.inks().stream().distinct().toList()) {
            inks.fill(ink).ifPresent(fill -> {
                FillPaint.Seeing laid = fill.through(grid);
                parts.add(new Part(laid, with(structure, asked, dark, fill, 0xFFFFFFFF),
                        laid.opaque() ? null : with(structure, asked, dark, fill, 0)));
            });
        }
    }

    private static Painter with(Structure structure, PaintRequest asked, Map<String, Integer> dark, FillPaint fill,
            int colour) {
        Map<String, Integer> colours = new HashMap<>(dark);
        colours.put(fill.fill().name(), colour);
        return structure.painter(asked.withInks(asked.inks().plain(colours)));
    }

    /** @return whether a structure shows a fill */
    static boolean needed(Structure structure, InkColours inks) {
        return !inks.fills().isEmpty() && structure.inks().stream().anyMatch(i -> inks.fill(i).isPresent());
    }

    @Override
    public void paint(int[] out, int at, int from, int to) {
        int count = (to - from) * width;
        int[] base = new int[count];
        int[] white = new int[count];
        int[] clear = new int[count];
        black.paint(base, 0, from, to);
        System.arraycopy(base, 0, out, at, count);
        for (Part part : parts) {
            part.white.paint(white, 0, from, to);
            if (part.clear != null) {
                part.clear.paint(clear, 0, from, to);
            }
            for (int y = from; y < to; y++) {
                int row = (y - from) * width;
                for (int x = 0; x < width; x++) {
                    int i = row + x;
                    if (white[i] != base[i]) {
                        out[at + i] = lay(out[at + i], base[i], white[i], clear[i], part.laid.argb(x, y));
                    }
                }
            }
        }
    }

    /** @param base with the fill black, @param white with it white, @param clear without it; all at whole opacity */
    private static int lay(int out, int base, int white, int clear, int seen) {
        int alpha = seen >>> 24;
        return channel(out, base, white, clear, seen, alpha, 24) | channel(out, base, white, clear, seen, alpha, 16)
                | channel(out, base, white, clear, seen, alpha, 8) | channel(out, base, white, clear, seen, alpha, 0);
    }

    private static int channel(int out, int base, int white, int clear, int seen, int alpha, int shift) {
        int b = base >>> shift & 255;
        int o = out >>> shift & 255;
        int with = o;
        if (shift < 24) {
            int straight = alpha == 0 ? 0 : Math.min(255, (seen >>> shift & 255) * 255 / alpha);
            float share = Light.linear(white >>> shift & 255) - Light.linear(b);
            with = Light.channel(Light.linear(o) + share * Light.linear(straight));
        }
        int without = o - b + (clear >>> shift & 255);
        int value = alpha == 255 ? with : (with * alpha + without * (255 - alpha) + 127) / 255;
        return Math.max(0, Math.min(255, value)) << shift;
    }
}
