package org.vatwright.core.pattern.motif;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.repeat.Repeat;

/** Motifs in rows and on rings. */
final class Layouts {

    private Layouts() {}

    static List<Instance> rows(List<Motif> motifs, Placing.Rows rows, Repeat repeat) {
        double w = repeat.widthMm() / rows.across();
        double h = repeat.heightMm() / rows.down();
        List<Instance> all = new ArrayList<>();
        for (int row = 0; row < rows.down(); row++) {
            for (int column = 0; column < rows.across(); column++) {
                double x = (column + 0.5 + rows.arrangement().shift(row)) * w;
                double y = (row + 0.5 + rows.arrangement().drop(column)) * h;
                all.add(nth(motifs, row * rows.across() + column, x, y, rows.turnStep() * (row + column))
                        .withFlip(rows.flipEverySecond() && (row + column) % 2 == 1));
            }
        }
        return all;
    }

    private static Instance nth(List<Motif> motifs, int n, double x, double y, double turn) {
        return new Instance(motifs.get(n % motifs.size()).id(), x, y).withTurn(turn);
    }

    static List<Instance> rings(List<Motif> motifs, Placing.Rings rings, Repeat repeat) {
        List<Instance> all = new ArrayList<>();
        for (int ring = 0; ring < rings.rings(); ring++) {
            int count = rings.first() + ring * rings.more();
            double r = rings.radiusMm() + ring * rings.stepMm();
            for (int i = 0; i < count; i++) {
                double a = 360.0 * i / count;
                double x = repeat.widthMm() / 2 + r * Math.sin(Math.toRadians(a));
                double y = repeat.heightMm() / 2 - r * Math.cos(Math.toRadians(a));
                all.add(nth(motifs, i + ring, x, y, rings.outward() ? -a : 0));
            }
        }
        return all;
    }
}
