package org.vatwright.core.dress;

import java.util.List;
import java.util.Optional;

import org.vatwright.core.band.Band;
import org.vatwright.core.band.BandMeasure;
import org.vatwright.core.band.BandRun;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;

/** Plain cloth in place of what is worn, so that a drape is judged by straight lines: never part of what is made. */
public enum Judge {

    NONE("as worn"), CHECK("a check"), STRIPE("a stripe");

    private static final double CELL_MM = 40;
    private static final String NAME = "Judge";

    private final String words;

    Judge(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    private Id id() {
        return new Id("judge-" + name().toLowerCase(java.util.Locale.ROOT));
    }

    /** @return black on white, a line each 20 mm, every second one broader; the check both ways, the stripe upright */
    public Design design() {
        Palette palette = new Palette(List.of("White", "Black"), List.of(new Colourway(NAME,
                List.of(new Rgb(250, 248, 242), new Rgb(38, 64, 122)))));
        Ink white = Ink.slot("White");
        Ink black = Ink.slot("Black");
        BandRun run = new BandRun(
                List.of(new Band(black, 4), new Band(white, 18), new Band(black, 1), new Band(white, 17)),
                false);
        Layer upright = new Layer(1, "upright", new Stripes(run, new BandMeasure.Millimetres(), 0, 1));
        Layer level = new Layer(2, "level", new Stripes(run, new BandMeasure.Millimetres(), 90, 1))
                .withMode(BlendMode.MULTIPLY);
        return new Design(NAME, new Repeat(CELL_MM, CELL_MM, Arrangement.STRAIGHT), white,
                this == CHECK ? List.of(upright, level) : List.of(upright), palette, Guides.NONE).with().id(id())
                .build();
    }

    /** @return with it instead of what is worn on the pieces that are bent; their lays else stay */
    public Article on(Article article) {
        return this == NONE
                ? article
                : article.withDressings(article.dressings().eachDressing(d -> d.drape().isEmpty()
                        ? d
                        : d.withLay(Optional.of(d.lay().orElseGet(() -> new Lay(id(), NAME)).withDesign(id(), NAME)
                                .withScale(1)))));
    }

}
