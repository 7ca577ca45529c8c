package org.vatwright.core.colour;

import org.vatwright.core.measure.Require;

/**
 * Plain process shares in percent, without a press profile: black is what the lightest channel lacks, the others share
 * out the rest. Good for typing a colour somebody gave in shares; a press needs its own profile.
 */
public record CmykShares(double cyan, double magenta, double yellow, double black) {

    public CmykShares {
        Require.within("cyan", cyan, 0, 100, "%");
        Require.within("magenta", magenta, 0, 100, "%");
        Require.within("yellow", yellow, 0, 100, "%");
        Require.within("black", black, 0, 100, "%");
    }

    public static CmykShares of(Rgb rgb) {
        double most = Math.max(rgb.red(), Math.max(rgb.green(), rgb.blue()));
        if (most == 0) {
            return new CmykShares(0, 0, 0, 100);
        }
        return new CmykShares(100 * (1 - rgb.red() / most), 100 * (1 - rgb.green() / most),
                100 * (1 - rgb.blue() / most), 100 * (1 - most / 255));
    }

    public Rgb toRgb() {
        double light = 255 * (1 - black / 100);
        return new Rgb((int) Math.round(light * (1 - cyan / 100)), (int) Math.round(light * (1 - magenta / 100)),
                (int) Math.round(light * (1 - yellow / 100)));
    }
}
