package org.vatwright.core.drape;

/**
 * From one piece's box to another's, as for a partner.
 *
 * @param mirrored whether left becomes right
 */
public record Refit(Box from, Box to, boolean mirrored) {

    Place at(Place p) {
        double s = (p.x() - from.x()) / from.width();
        double t = (p.y() - from.y()) / from.height();
        return new Place(to.x() + (mirrored ? 1 - s : s) * to.width(), to.y() + t * to.height());
    }

    Box at(Box box) {
        Place a = at(box.at(0, 0));
        Place b = at(box.at(1, 1));
        return new Box(Math.min(a.x(), b.x()), a.y(), Math.abs(b.x() - a.x()), b.y() - a.y());
    }

    /** @return by how much lengths across grow */
    double wider() {
        return to.width() / from.width();
    }

    double higher() {
        return to.height() / from.height();
    }
}
