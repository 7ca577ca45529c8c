package org.vatwright.core.loom;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Locale;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;

/**
 * How threads look as threads: how much of the cloth they cover, how light falls on them.
 *
 * @param warpWidth,weftWidth share of the pitch that a thread covers, 0.05 to 1; the rest is open
 * @param rounding how much light falls off towards both sides of a thread, 0 (flat) to 1
 * @param depth how much a thread darkens where it dives below another, 0 to 1
 * @param twist how clearly the fibres' turn shows, -1 to 1; above 0 they rise to the right (Z), below to the left (S)
 * @param slub how much thicker a thread is at its thick places, 0 to 1
 * @param slubMm about how long those are, 0.5 to 200 mm
 * @param uneven how much thickness and tone vary between and along threads, 0 to 1
 * @param lightDeg from where the light comes, counter-clockwise from the right as seen, 0 to 360
 * @param seed another one lays the slubs elsewhere
 */
@RecordBuilder
public record YarnLook(double warpWidth, double weftWidth, double rounding, double depth, double twist, double slub,
        double slubMm, double uneven, double lightDeg, long seed) implements YarnLookBuilder.With {

    /** A look with the name of what it was measured after. */
    public record Named(String name, YarnLook look) {}

    /** From smooth to rough; the numbers are what was set by eye for each cloth, light from the upper left. */
    public static final List<Named> NAMED = List.of(
            new Named("cotton", new YarnLook(0.92, 0.92, 0.45, 0.4, 0.25, 0.06, 12, 0.15, 135, 1)),
            new Named("linen", new YarnLook(0.8, 0.8, 0.5, 0.45, 0.2, 0.55, 14, 0.5, 135, 1)),
            new Named("wool", new YarnLook(1, 1, 0.3, 0.3, 0.55, 0.1, 8, 0.55, 135, 1)),
            new Named("canvas", new YarnLook(0.96, 0.96, 0.75, 0.65, 0.45, 0.25, 20, 0.3, 135, 1)),
            new Named("denim", new YarnLook(1, 0.9, 0.6, 0.55, 0.6, 0.45, 30, 0.4, 135, 1)));

    public YarnLook {
        Require.within("width of the warp", warpWidth * 100, 5, 100, "%");
        Require.within("width of the weft", weftWidth * 100, 5, 100, "%");
        Require.within("rounding", rounding * 100, 0, 100, "%");
        Require.within("depth", depth * 100, 0, 100, "%");
        Require.within("twist", twist * 100, -100, 100, "%");
        Require.within("slubs", slub * 100, 0, 100, "%");
        Require.within("length of slubs", slubMm, 0.5, 200, "mm");
        Require.within("unevenness", uneven * 100, 0, 100, "%");
        Require.within("light", lightDeg, 0, 360, "degrees");
    }

    /** @return the look of that name */
    public static YarnLook named(String name) {
        return NAMED.stream().filter(n -> n.name().equals(name.strip().toLowerCase(Locale.ROOT))).findFirst()
                .map(Named::look).orElseThrow(() -> new Refusal("\"%s\" is no look of cloth; %s are".formatted(name,
                        String.join(", ", NAMED.stream().map(Named::name).toList()))));
    }

    public YarnLook withWidths(double warp, double weft) {
        return with().warpWidth(warp).weftWidth(weft).build();
    }

    public YarnLook withSlubs(double share, double mm) {
        return with().slub(share).slubMm(mm).build();
    }

    /** @return whether threads have one width all along */
    public boolean even() {
        return uneven == 0 && slub == 0;
    }

    /** @return whether nothing is open anywhere */
    public boolean covers() {
        return even() && Math.max(warpWidth, weftWidth) >= 1;
    }
}
