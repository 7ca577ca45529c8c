package org.vatwright.core.pattern;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.LightMix;
import org.vatwright.core.colour.Oklch;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;

/**
 * The colours of inks in one colourway, as premultiplied ARGB.
 *
 * @param fills by name; a fill that is not there is painted in one colour
 * @param plain the one colour of fills that have one, by name
 */
public record InkColours(Palette palette, Colourway colourway, Map<String, FillPaint> fills,
        Map<String, Integer> plain) {

    private static final int UNKNOWN = 0xFF808080;

    public InkColours(Palette palette, Colourway colourway) {
        this(palette, colourway, Map.of(), Map.of());
    }

    /** @return with every fill in one colour */
    public InkColours plain(Map<String, Integer> colours) {
        return new InkColours(palette, colourway, Map.of(), colours);
    }

    /** @return how an ink is painted when it is a fill */
    public Optional<FillPaint> fill(Ink ink) {
        return ink instanceof Ink.Filled(String name) ? Optional.ofNullable(fills.get(name)) : Optional.empty();
    }

    /** @return its colour; of a fill its mean */
    public int argb(Ink ink) {
        return switch (ink) {
            case Ink.Clear _ -> 0;
            case Ink.Filled(String name) -> {
                FillPaint fill = fills.get(name);
                yield fill != null ? fill.mean() : plain.getOrDefault(name, UNKNOWN);
            }
            case Ink.Slot(String name) -> colourway.colours().get(palette.slot(name)).argb();
        };
    }

    /** @return the colour of a mark without its gradient: two inks mixed in linear light, lightened or darkened */
    public int argb(VectorMark mark) {
        return faded(toned(LightMix.mix(argb(mark.from()), argb(mark.to()), (float) mark.share()), mark.tone()),
                mark.opacity());
    }

    private static int faded(int argb, double opacity) {
        if (opacity == 1) {
            return argb;
        }
        int share = (int) Math.round(opacity * 256);
        return (argb >>> 24) * share >> 8 << 24 | (argb >> 16 & 255) * share >> 8 << 16
                | (argb >> 8 & 255) * share >> 8 << 8 | (argb & 255) * share >> 8;
    }

    /**
     * @param opacity of the whole
     * @return the colours between inks, evenly spaced from the first to the last
     */
    public int[] ramp(List<Gradient.Stop> stops, int count, double opacity) {
        int[] ramp = new int[count];
        int next = 0;
        for (int i = 0; i < count; i++) {
            double place = (double) i / (count - 1);
            while (next < stops.size() && stops.get(next).place() <= place) {
                next++;
            }
            Gradient.Stop before = stops.get(Math.max(0, next - 1));
            Gradient.Stop after = stops.get(Math.min(stops.size() - 1, next));
            double span = after.place() - before.place();
            double t = span <= 0 ? 0 : Math.max(0, Math.min(1, (place - before.place()) / span));
            int a = argb(before.ink());
            int b = argb(after.ink());
            double alpha = opacity * ((a >>> 24) / 255.0 * before.opacity() * (1 - t)
                    + (b >>> 24) / 255.0 * after.opacity() * t);
            ramp[i] = (int) Math.round(255 * alpha) << 24 | mixed(a, b, t, 16, alpha) << 16
                    | mixed(a, b, t, 8, alpha) << 8 | mixed(a, b, t, 0, alpha);
        }
        return ramp;
    }

    private static int mixed(int a, int b, double t, int shift, double alpha) {
        // A clear ink has no colour of its own.
        double first = (a >>> 24) == 0 ? b >> shift & 255 : a >> shift & 255;
        double second = (b >>> 24) == 0 ? a >> shift & 255 : b >> shift & 255;
        return (int) Math.round((first + t * (second - first)) * alpha);
    }

    /** Lightened or darkened; clear stays clear, what is partly clear keeps its alpha. */
    public static int toned(int argb, double tone) {
        int alpha = argb >>> 24;
        if (tone == 0 || alpha == 0) {
            return argb;
        }
        Rgb straight = new Rgb(straight(argb >> 16, alpha), straight(argb >> 8, alpha), straight(argb, alpha));
        Oklch colour = Oklch.of(straight);
        int other = new Oklch(Math.max(0, Math.min(1, colour.lightness() + tone)), colour.chroma(), colour.hue())
                .toRgb().argb();
        return alpha << 24 | (other >> 16 & 255) * alpha / 255 << 16 | (other >> 8 & 255) * alpha / 255 << 8
                | (other & 255) * alpha / 255;
    }

    private static int straight(int argb, int alpha) {
        return Math.min(255, (argb & 255) * 255 / alpha);
    }
}
