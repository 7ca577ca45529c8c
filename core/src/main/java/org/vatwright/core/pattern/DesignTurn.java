package org.vatwright.core.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.repeat.TurnedLattice;

/** A whole design turned or scaled, every layer with it; turned, onto the tile by which its lattice then recurs. */
public final class DesignTurn {

    private DesignTurn() {}

    /**
     * The lattice is that of the tile: stripes and cloths recur with it, not with the cells within.
     *
     * @return the nearest angles at which the design has a tile of a size that can be worked with, best first
     */
    public static List<TurnedLattice.Closing> closings(Design design, double angleDeg) {
        Tile tile = design.repeat().tile();
        return new TurnedLattice(new Repeat(tile.widthMm(), tile.heightMm(), Arrangement.STRAIGHT)).closings(angleDeg)
                .stream()
                .filter(c -> Math.min(c.widthMm(), c.heightMm()) >= Repeat.LEAST_MM
                        && Math.max(c.widthMm(), c.heightMm()) <= Repeat.MOST_MM)
                .toList();
    }

    /** @return the same as offers */
    public static List<Offer> offers(Design design, double angleDeg) {
        List<Offer> offers = new ArrayList<>();
        for (TurnedLattice.Closing c : closings(design, angleDeg)) {
            offers.add(new Offer("turn-all-" + (offers.size() + 1),
                    "Turn all by %s\u00b0".formatted(Numbers.plain(c.angleDeg(), 2)),
                    "cell %s x %s mm%s%s".formatted(Numbers.plain(c.widthMm(), 2), Numbers.plain(c.heightMm(), 2),
                            c.stretchX() == 1 ? "" : ", across " + mille(c.stretchX()),
                            c.stretchY() == 1 ? "" : ", down " + mille(c.stretchY())),
                    Offer.DEGREE * c.errorDeg() + Offer.scaled(c.stretchX(), c.stretchY()), d -> turn(d, c)));
        }
        return offers;
    }

    private static String mille(double stretch) {
        return (stretch > 1 ? "+" : "") + Numbers.plain(1000 * (stretch - 1), 1) + " \u2030";
    }

    /**
     * @return the turned design, its cell the closing's tile, laid straight
     * @throws Refusal naming the layer that cannot be turned
     */
    public static Design turn(Design design, TurnedLattice.Closing by) {
        Repeat repeat = new Repeat(by.widthMm(), by.heightMm(), Arrangement.STRAIGHT);
        List<Layer> layers = new ArrayList<>();
        for (Layer layer : design.layers()) {
            if (layer.mask().isPresent()) {
                throw new Refusal(("the layer %s shows only where threads lie on top, which stand upright; let it show "
                        + "everywhere first, or turn the other layers one by one").formatted(layer.name()));
            }
            Optional<Fade> fade = layer.fade()
                    .map(f -> f.withCourse(f.course().turned(by.angleDeg())));
            layers.add(layer.withFade(fade).withStructure(layer.structure().turned(design.repeat(), by)
                    .orElseThrow(() -> new Refusal(("the layer %s cannot be turned by that angle with that tile; "
                            + "choose an angle that closes without stretch and has a smaller tile")
                            .formatted(layer.name())))));
        }
        return design.with().repeat(repeat).layers(layers).guides(Guides.NONE)
                .fills(following(design, 1, by.angleDeg())).build();
    }

    /**
     * @return the whole design that many times as large: its cell, every layer, the fills that follow
     * @throws Refusal naming what would be too small or too large then
     */
    public static Design scale(Design design, double by) {
        Repeat repeat = design.repeat().withSize(design.repeat().widthMm() * by, design.repeat().heightMm() * by);
        return design.with().repeat(repeat).layers(design.layers().stream().map(l -> l.resized(by)).toList())
                .fills(following(design, by, 0)).build();
    }

    /** Fills in marks whose frames follow are scaled and turned by them already. */
    private static List<Fill> following(Design design, double scale, double degrees) {
        return design.fills().stream().map(f -> f.anew() && design.layers().stream().map(Layer::structure)
                .anyMatch(s -> s.framesFollow() && s.inks().contains(f.ink())) ? f : f.followed(scale, degrees))
                .toList();
    }
}
