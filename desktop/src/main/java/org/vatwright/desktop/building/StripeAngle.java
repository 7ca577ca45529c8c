package org.vatwright.desktop.building;

import javafx.scene.control.Label;

import java.util.List;
import java.util.stream.IntStream;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.family.stripe.Waves;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.repeat.Tile;
import org.vatwright.desktop.control.GrainDial;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

/** The angle of stripes, and the ways to have it close. */
final class StripeAngle extends Chapter.Of<Stripes> {

    private static final double MARK_WITHIN = 0.03;

    private final GrainDial dial;
    private final NumberRow angle;
    private final Label drawn = Ui.prose("", "quiet");
    private final Offers offers;

    StripeAngle(Studio studio) {
        super(studio, Stripes.class);
        offers = new Offers(studio, "offer-");
        dial = new GrainDial(studio, "stripe angle", degrees -> edit("turn stripe", s -> s.withAngle(degrees)));
        angle = NumberRow.number(studio, "", "angle of the stripe", "\u00b0", 3, 1,
                degrees -> edit("turn stripe to %s\u00b0".formatted(Numbers.plain(degrees, 2)),
                        s -> s.withAngle(degrees)));
        hold(Ui.row(dial, Ui.column(4, angle, drawn)), offers);
    }

    @Override
    void show(Design design, Colourway colourway, Stripes stripes) {
        angle.show(stripes.angleDeg());
        dial.show(stripes.angleDeg(), closingAngles(stripes, design.repeat().tile()));
        Waves waves = Waves.of(stripes, design.repeat().tile());
        boolean exact = waves.exact(stripes);
        drawn.setText(exact
                ? "Closes: " + waves.words()
                : "Does not close; drawn at %s\u00b0, bands at %s %%".formatted(Numbers.plain(waves.angleDeg(), 2),
                        Numbers.plain(100 * waves.bandScale(stripes), 1)));
        drawn.getStyleClass().removeAll("fine", "look");
        drawn.getStyleClass().add(exact ? "fine" : "look");
        offers.show(stripes.closings(design.repeat()).stream().map(c -> c.on(studio.selection().layer())).toList());
    }

    /** @return the angles from -90 to 90 at which bands of nearly this width close */
    private static List<Double> closingAngles(Stripes stripes, Tile tile) {
        int mostI = (int) Math.min(40, tile.widthMm() / stripes.periodMm() * 1.1 + 1);
        int mostJ = (int) Math.min(40, tile.heightMm() / stripes.periodMm() * 1.1 + 1);
        return IntStream.rangeClosed(0, mostI).boxed()
                .flatMap(i -> IntStream.rangeClosed(-mostJ, mostJ).filter(j -> i != 0 || j > 0)
                        .mapToObj(j -> new Waves(i, j, tile.widthMm(), tile.heightMm())))
                .filter(w -> Math.abs(w.bandScale(stripes) - 1) < MARK_WITHIN).map(Waves::angleDeg).toList();
    }
}
