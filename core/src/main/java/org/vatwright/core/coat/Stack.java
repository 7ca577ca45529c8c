package org.vatwright.core.coat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;

import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Shows;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.raster.Compositor;

/** Coats in their order, laid over what is there, whatever rows are asked for. Safe to use from several threads. */
public final class Stack {

    /**
     * A coat and how it is laid.
     *
     * @param seen whether it is laid at all; one that is not may still be what another one shows in
     * @param within place among the coats of the one to whose marks it is confined; -1 for none
     */
    private record Laid(Coat coat, Layer layer, boolean seen, int within) {

        boolean covers() {
            return seen && within < 0 && coat.opaque() && layer.opacity() == 1 && layer.mode() == BlendMode.NORMAL;
        }

        boolean outside() {
            return layer.shows() instanceof Shows.InMarks marks && marks.outside();
        }
    }

    private final List<Laid> coats;
    /** By coat, whether another one is confined to its marks. */
    private final boolean[] asked;
    private final int width;

    private Stack(List<Laid> coats, int width) {
        this.coats = coats;
        this.width = width;
        asked = new boolean[coats.size()];
        coats.stream().filter(l -> l.within >= 0).forEach(l -> asked[l.within] = true);
    }

    /**
     * @param first number of the lowest layer that is to be laid; no layer from there on is confined to one below it
     * @param coat makes or finds the coat of a layer, under the request's work
     */
    public static Stack of(List<Layer> layers, int first, PaintRequest request,
            BiFunction<Layer, PaintRequest, Coat> coat) {
        boolean[] needed = needed(layers);
        int[] place = new int[layers.size()];
        List<Laid> coats = new ArrayList<>();
        for (int i = first; i < layers.size(); i++) {
            if (needed[i]) {
                request.work().goOn();
                Layer layer = layers.get(i);
                int to = Shows.confinedTo(layers, i);
                place[i] = coats.size();
                coats.add(new Laid(coat.apply(layer, request), layer, seen(layer), to < first ? -1 : place[to]));
            }
        }
        return new Stack(coats, request.grid().widthPx());
    }

    private static boolean seen(Layer layer) {
        return layer.visible() && layer.opacity() > 0;
    }

    /** @return by layer whether it is seen, or gives its marks to one that is */
    public static boolean[] needed(List<Layer> layers) {
        boolean[] needed = new boolean[layers.size()];
        for (int i = layers.size() - 1; i >= 0; i--) {
            needed[i] |= seen(layers.get(i));
            int to = Shows.confinedTo(layers, i);
            if (needed[i] && to >= 0) {
                needed[to] = true;
            }
        }
        return needed;
    }

    /** @return the lowest coat, when it covers all below it and nothing is confined to it: what lies below need not be painted */
    public Optional<Coat> bottom() {
        return coats.stream().findFirst().filter(l -> !asked[0] && l.covers()).map(Laid::coat);
    }

    /** @return without its lowest coat */
    public Stack withoutBottom() {
        return new Stack(coats.stream().skip(1)
                .map(l -> new Laid(l.coat, l.layer, l.seen, l.within < 0 ? -1 : l.within - 1)).toList(), width);
    }

    /** Lays whole rows over those that are there. @param at where in {@code out} the first begins */
    public void over(int[] out, int at, int from, int to) {
        over(out, at, from, to, 0, width);
    }

    /** Lays a part of the rows over those that are there. @param left,right columns, {@code right} excluded */
    public void over(int[] out, int at, int from, int to, int left, int right) {
        if (coats.isEmpty()) {
            return;
        }
        int count = (to - from) * (right - left);
        int[] scratch = new int[count];
        int[][] marks = new int[coats.size()][];
        for (int i = 0; i < coats.size(); i++) {
            Laid laid = coats.get(i);
            if (laid.seen) {
                light(laid, out, at, from, to, left, right, marks);
            }
            if (laid.within < 0 && !asked[i] && right - left == width) {
                laid.coat.lay(out, at, from, to, laid.layer.opacity(), laid.layer.mode(), scratch);
                continue;
            }
            int[] pixels = asked[i] ? new int[count] : scratch;
            laid.coat.paint(pixels, 0, from, to, width, left, right);
            confine(laid, pixels, marks);
            if (laid.seen) {
                Compositor.lay(out, at, pixels, 0, count, laid.layer.opacity(), laid.layer.mode());
            }
            marks[i] = pixels;
        }
    }

    /** Adds what a coat adds to what lies below it, before it is laid itself. */
    private void light(Laid laid, int[] out, int at, int from, int to, int left, int right, int[][] marks) {
        laid.coat.light().ifPresent(light -> {
            int[] pixels = new int[(to - from) * (right - left)];
            light.paint(pixels, 0, from, to, width, left, right);
            confine(laid, pixels, marks);
            Compositor.lay(out, at, pixels, 0, pixels.length, laid.layer.opacity(), BlendMode.ADD);
        });
    }

    private static void confine(Laid laid, int[] pixels, int[][] marks) {
        if (laid.within >= 0 && laid.outside()) {
            Compositor.keepOutside(pixels, 0, marks[laid.within]);
        } else if (laid.within >= 0) {
            Compositor.keep(pixels, 0, marks[laid.within]);
        }
    }
}
