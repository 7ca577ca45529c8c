package org.vatwright.core.tooth;

/**
 * Places along one side of a tile at which a roughness is looked at: so many to a pixel, at even distances. A start by
 * whole pixels gives the very same numbers as a picture that is rolled.
 *
 * @param count of the whole side
 * @param shift of the start, in places; a whole number where the start is on a pixel
 * @param mm of the side
 * @param lead where the lattices begin, in shares of the side: noise is a little different at its knots, and none may lie
 *        just along the edge of every tile
 */
record Samples(int count, double shift, double mm, double lead) {

    private static final double WHOLE = 1e-6;

    static Samples of(int px, int each, double mm, double startMm, double lead) {
        double start = startMm / mm * px;
        double whole = Math.rint(start);
        return new Samples(px * each, (Math.abs(start - whole) < WHOLE ? whole : start) * each, mm, lead);
    }

    /** @return the place, in shares of the side, 0 to below 1 */
    double share(int at) {
        double from = at - shift;
        double in = from - count * Math.floor(from / count);
        double share = (in + 0.5) / count + lead;
        return share >= 1 ? share - 1 : share;
    }

    /**
     * @return cells of about that size that fill the side, at least one, and no more than two to a place: smaller ones could
     *         not be told apart, and all of a row are worked out for each row of places
     */
    int cells(double sizeMm) {
        return (int) Math.max(1, Math.min(2.0 * count, Math.rint(mm / sizeMm)));
    }
}
