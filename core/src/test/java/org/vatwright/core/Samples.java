package org.vatwright.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;

import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandMeasure;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.family.block.Blocks;
import org.vatwright.core.family.block.Bond;
import org.vatwright.core.family.block.Inking;
import org.vatwright.core.family.block.Variety;
import org.vatwright.core.family.dot.Dot;
import org.vatwright.core.family.dot.Dots;
import org.vatwright.core.family.flow.FlowLines;
import org.vatwright.core.family.flow.Knot;
import org.vatwright.core.family.flow.Ribbon;
import org.vatwright.core.family.flow.Sway;
import org.vatwright.core.family.interlace.Interlace;
import org.vatwright.core.family.interlace.Mesh;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.family.zigzag.Zigzag;
import org.vatwright.core.laid.LaidStructure;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.PaintRequest;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.pattern.Structure;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;

/** Designs to try things on. */
public final class Samples {

    public static final Ink NAVY = Ink.slot("Navy");
    public static final Ink LINEN = Ink.slot("Linen");
    public static final Ink MADDER = Ink.slot("Madder");
    public static final Palette PALETTE = new Palette(List.of("Navy", "Linen", "Madder"), List.of(
            new Colourway("Morning", List.of(Rgb.parse("#20365f"), Rgb.parse("#f1e9d8"), Rgb.parse("#ab3b2c"))),
            new Colourway("Night Crossing",
                    List.of(Rgb.parse("#5f7fa8"), Rgb.parse("#141b2c"), Rgb.parse("#7c2b33")))));

    private Samples() {}

    public static Colourway morning() {
        return PALETTE.first();
    }

    public static Stripes stripes(double angle, double... widths) {
        List<Band> bands = new ArrayList<>();
        for (int i = 0; i < widths.length; i++) {
            bands.add(new Band(Ink.slot(PALETTE.slots().get(i % 3)), widths[i]));
        }
        return new Stripes(new BandRun(bands, false), new BandMeasure.Millimetres(), angle, 3);
    }

    public static Dots dots(double x, double y, double diameter) {
        return new Dots(List.of(new Dot(x, y, diameter, MADDER)), 1, 1, Arrangement.STRAIGHT);
    }

    public static Design design(double width, double height, Arrangement arrangement, Structure... structures) {
        List<Layer> layers = new ArrayList<>();
        for (Structure s : structures) {
            layers.add(new Layer(layers.size() + 1, s.family() + " " + layers.size(), s));
        }
        return new Design("Trial", new Repeat(width, height, arrangement), LINEN, layers, PALETTE, Guides.NONE);
    }

    /** Stripes at any angle under dots that cross the edges, on any arrangement. */
    public static Design any(Random random, double width, double height) {
        Arrangement[] all = {Arrangement.STRAIGHT, Arrangement.HALF_DROP, Arrangement.HALF_BRICK,
                Arrangement.parse("drop 2/3"), Arrangement.parse("brick 1/4")};
        Stripes stripes = stripes(random.nextInt(360) - 179, 1 + random.nextInt(9), 2 + random.nextInt(9),
                0.5 + random.nextInt(5));
        return design(width, height, all[random.nextInt(all.length)], stripes,
                dots(random.nextDouble() * width, random.nextDouble() * height, 2 + random.nextInt(20)));
    }

    /** Blocks, a zigzag, interlace or flow lines at any angle, on a tile they do not close on by themselves. */
    public static Design anyLaid(Random random, double width, double height) {
        double angle = random.nextInt(360);
        LaidStructure laid = switch (random.nextInt(4)) {
            case 0 -> new Blocks(new Bond.Herringbone(3), 12, 4, 0, LINEN,
                    new Inking(Inking.Way.BY_TURN, List.of(NAVY, MADDER))).withVariety(
                            new Variety(5, 0.1, true, 0.3, 0.3, 4));
            case 1 -> new Zigzag(7, 2, 4, List.of(new Zigzag.Line(NAVY, 2)), Zigzag.Corner.ROUND, 0.5, 0);
            case 2 -> new Interlace(new Mesh.Rings(), 11, 8, 8, 1, 0.3, 0.1, List.of(MADDER, NAVY), 0, Set.of());
            default -> new FlowLines(20, 8, List.of(new Knot(0, 2, 4, -3, 1)), new FlowLines.Copies(2, 1, 3, 0),
                    new Ribbon(1.5, List.of(NAVY), List.of()), List.of(), List.of(), new Sway(1, 2, 3), 0, 0.3, 0);
        };
        return design(width, height, random.nextBoolean() ? Arrangement.STRAIGHT : Arrangement.HALF_DROP,
                laid.withAngle(angle));
    }

    /** @return the asking for a whole tile on one thread */
    public static PaintRequest asked(Repeat repeat, TileGrid grid, InkColours inks) {
        return new PaintRequest(repeat, grid, inks, Phase.OWN, Work.on(1));
    }

    /** @return the asking for a whole tile in the morning's colours */
    public static PaintRequest asked(Repeat repeat, TileGrid grid) {
        return asked(repeat, grid, new InkColours(PALETTE, morning()));
    }

    /** @return the design in the morning's colours */
    public static Cloth cloth(Design design) {
        return new Cloth(design, morning());
    }

    /** @return the largest difference in any channel, 0 to 255 */
    public static int difference(Raster a, Raster b) {
        int most = 0;
        for (int i = 0; i < a.argb().length; i++) {
            for (int shift = 0; shift < 32; shift += 8) {
                most = Math.max(most, Math.abs((a.argb()[i] >>> shift & 255) - (b.argb()[i] >>> shift & 255)));
            }
        }
        return most;
    }
}
