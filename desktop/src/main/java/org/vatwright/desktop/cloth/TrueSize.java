package org.vatwright.desktop.cloth;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Unit;

import javafx.stage.Screen;

/** What true size is on this screen, and how a scale is put in words. */
public final class TrueSize {

    private TrueSize() {}

    /** @return window pixels in a mm of true size */
    public static double pxPerMm() {
        double dpi = Screen.getPrimary().getDpi() / Screen.getPrimary().getOutputScaleX();
        return (dpi > 40 && dpi < 400 ? dpi : 96) / Unit.MM_PER_INCH;
    }

    public static String words(double pxPerMm) {
        return Numbers.plain(100 * pxPerMm / pxPerMm(), pxPerMm / pxPerMm() < 0.1 ? 1 : 0) + " % of true size";
    }
}
