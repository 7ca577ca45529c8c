package org.vatwright.core.measure;

/**
 * Pixels per inch.
 *
 * @param dpi 0.5 to 20000
 */
public record Density(double dpi) {

    /** A side this near to whole pixels counts as whole. */
    public static final double WHOLE_PX = 1e-6;

    public Density {
        Require.within("density", dpi, 0.5, 20000, "dpi");
    }

    public double px(double mm) {
        return mm * dpi / Unit.MM_PER_INCH;
    }

    public double mm(double px) {
        return px * Unit.MM_PER_INCH / dpi;
    }

    /** @return the whole number of pixels nearest to that length, at least one */
    public int wholePx(double mm) {
        double px = Math.rint(px(mm));
        Require.that(px <= Integer.MAX_VALUE, "%s mm at %s dpi is more pixels than can be counted"
                .formatted(Numbers.plain(mm), Numbers.plain(dpi)));
        return Math.max(1, (int) px);
    }

    /** @return the stretch that whole pixels cost, as a factor; exactly 1 when the length is whole already */
    public double stretch(double mm) {
        double px = px(mm);
        int whole = wholePx(mm);
        return Math.abs(px - whole) <= WHOLE_PX ? 1 : whole / px;
    }
}
