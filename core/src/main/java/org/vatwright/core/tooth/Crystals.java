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
        int[] cells = new int[count];
        float[] levels = new float[facets.cells()];
        float[] picks = new float[facets.cells()];
        Facets.Made made = (cell, id) -> {
            double share = Facets.share(id);
            // There and back: all levels stay as frequent as they are.
            levels[cell] = (float) (moving ? Math.abs(1 - 2 * fraction(share / 2 + phase + 0.5)) : share);
            picks[cell] = (float) Facets.share(Noise.mix(id + 5));
        };
        return (y, level, pick) -> {
            reader.row(y, made, cells);
            for (int x = 0; x < level.length; x++) {
                level[x] = levels[cells[x]];
            }
            for (int x = 0; x < pick.length; x++) {
                pick[x] = picks[cells[x]];
            }
        };
    }

    private static double fraction(double value) {
        return value - Math.floor(value);
    }
}
