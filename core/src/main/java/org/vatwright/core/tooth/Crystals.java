package org.vatwright.core.tooth;

import org.vatwright.core.measure.Noise;

/** Cells of one shade each. With the phase each goes up and down at its own time. */
final class Crystals implements ToothField {

    private final Facets facets;
    private final int count;
    private final double phase;
    private final boolean moving;

    Crystals(ToothForm form, Samples across, Samples down, double phase) {
        facets = new Facets(form.seed(), form.sizeMm(), across, down);
        count = across.count();
        this.phase = phase;
        moving = phase != 0;
    }

    @Override
    public Reader reader() {
        Facets.Reader reader = facets.reader();
        long[] cells = new long[count];
        return (y, level, pick) -> {
            reader.row(y, cells);
            for (int x = 0; x < level.length; x++) {
                double share = Facets.share(cells[x]);
                // There and back: all levels stay as frequent as they are.
                double now = moving ? Math.abs(1 - 2 * fraction(share / 2 + phase + 0.5)) : share;
                level[x] = (float) now;
            }
            for (int x = 0; x < pick.length; x++) {
                pick[x] = (float) Facets.share(Noise.mix(cells[x] + 5));
            }
        };
    }

    private static double fraction(double value) {
        return value - Math.floor(value);
    }
}
