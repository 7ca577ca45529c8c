package org.vatwright.desktop.building;

import java.util.List;

import javafx.scene.control.Label;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.zigzag.Zigzag;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.repeat.Tile;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

/** How a zigzag runs: its period, amplitude and spacing, its corners, how many fit the tile. */
final class ZigzagRun extends Chapter.Of<Zigzag> {

    private final NumberRow period;
    private final NumberRow amplitude;
    private final NumberRow spacing;
    private final Segments<Boolean> sizes;
    private final Segments<Zigzag.Corner> corner;
    private final NumberRow share;
    private final Label gap = Ui.prose("", "quiet");
    private final NumberRow across;
    private final NumberRow down;
    private final Label fits = Ui.label("In the tile, periods and sets of lines", "quiet");
    private boolean together;

    ZigzagRun(Studio studio) {
        super(studio, Zigzag.class);
        period = NumberRow.length(studio, "Period", "period", mm -> edit("period %s mm".formatted(Numbers.plain(mm)),
                z -> together && mm > 0 ? z.scaled(mm / z.periodMm()) : z.withPeriodMm(mm)));
        amplitude = NumberRow.length(studio, "Amplitude", "amplitude",
                mm -> edit("amplitude %s mm".formatted(Numbers.plain(mm)),
                        z -> together && mm > 0 && z.amplitudeMm() > 0
                                ? z.scaled(mm / z.amplitudeMm())
                                : z.withAmplitudeMm(mm)));
        spacing = NumberRow.length(studio, "Spacing", "spacing of lines",
                mm -> edit("spacing %s mm".formatted(Numbers.plain(mm)),
                        z -> together && mm > 0 ? z.scaled(mm / z.spacingMm()) : z.withSpacingMm(mm)));
        sizes = new Segments<>(List.of(false, true), t -> t ? "All together" : "Each alone", t -> together = t);
        sizes.button(true).setId("sizes-together");
        corner = new Segments<>(List.of(Zigzag.Corner.values()), c -> switch (c) {
            case SHARP -> "Sharp";
            case ROUND -> "Round";
            case CUT -> "Cut";
        }, c -> edit("corners " + c.words(), z -> z.withCorner(c, z.share())));
        for (Zigzag.Corner c : Zigzag.Corner.values()) {
            corner.button(c).setId("corner-" + c.words());
        }
        share = NumberRow.number(studio, "Corner", "share of the corner", "%", 1, 5,
                n -> edit("corner %s %%".formatted(Numbers.plain(n)), z -> z.withCorner(z.corner(), n / 100)));
        gap.setId("clear-gap");
        across = NumberRow.number(studio, "Across", "periods in the cell", "", 2, 1, n -> fit((int) Math.rint(n), 0));

        down = NumberRow.number(studio, "Down", "sets of lines in the cell", "", 2, 1,
                n -> fit(0, (int) Math.rint(n)));

        hold(Ui.pair(period, amplitude), Ui.pair(spacing, share), Ui.labelled("Sizes", sizes),
                Ui.labelled("Corners", corner), gap, fits, Ui.pair(across, down));
    }

    /** @param periods,sets whole numbers to fit; 0 leaves that way as it is */
    private void fit(int periods, int sets) {
        studio.design().ifPresent(d -> edit("fit to the tile", z -> {
            boolean upright = Math.abs(Math.abs(z.angleDeg()) - 90) < 1;
            Tile tile = d.repeat().tile();
            double wide = upright ? tile.heightMm() : tile.widthMm();
            double high = upright ? tile.widthMm() : tile.heightMm();
            return z.fittedTo(wide, high, Math.max(1, periods > 0 ? periods : count(wide, z.periodMm())),
                    Math.max(1, sets > 0 ? sets : count(high, z.spacingMm() * z.lines().size())));
        }));
    }

    private static int count(double side, double each) {
        return (int) Math.max(1, Math.rint(side / each));
    }

    @Override
    void show(Design design, Colourway colourway, Zigzag z) {
        period.show(z.periodMm());
        amplitude.show(z.amplitudeMm());
        spacing.show(z.spacingMm());
        sizes.show(together);
        corner.show(z.corner());
        Ui.show(share, z.corner() != Zigzag.Corner.SHARP);
        share.show(100 * z.share());
        double least = z.leastGapMm();
        gap.setText(least > 0
                ? "Clear gap %s mm, slope %s\u00b0".formatted(Numbers.plain(least, 2), Numbers.plain(z.slopeDeg(), 1))
                : "Lines touch: the clear gap is %s mm; more spacing or thinner lines open it"
                        .formatted(Numbers.plain(least, 2)));
        gap.getStyleClass().removeAll("fine", "look");
        gap.getStyleClass().add(least > 0 ? "fine" : "look");
        Tile tile = design.repeat().tile();
        boolean upright = Math.abs(Math.abs(z.angleDeg()) - 90) < 1;
        boolean level = Math.abs(z.angleDeg()) < 1;
        Ui.show(across, upright || level);
        Ui.show(down, upright || level);
        // As it is and not rounded: a whole number that is typed then always fits them.
        across.show((upright ? tile.heightMm() : tile.widthMm()) / z.periodMm());
        down.show((upright ? tile.widthMm() : tile.heightMm()) / (z.spacingMm() * z.lines().size()));
        Ui.show(fits, upright || level);
    }
}
