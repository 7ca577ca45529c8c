package org.vatwright.core.catalogue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.effect.Relief;
import org.vatwright.core.family.tooth.Tooth;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Provenance;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.core.tooth.ToothForm;
import org.vatwright.core.tooth.ToothKind;

/** Pictures of our own making that serve as inks; they close on themselves. Each is painted when first asked for. */
public enum Texture {
    /** Crumpled thin metal. */
    FOIL("Foil", 40) {
        @Override
        Design design(Drafted d) {
            return d.ground(0xB7BABF)
                    .tooth(ToothForm.of(ToothKind.MARBLE, 9).withAmount(0.5).withContrast(0).withSeed(4), 0xD2D5DA)
                    .with(1, BlendMode.NORMAL, new Relief(11, 0.35, 120, 50, 0.8, false, true))
                    .tooth(ToothForm.of(ToothKind.CLOUD, 5).withContrast(0).withSeed(9), 0xD0D3D8)
                    .with(0.45, BlendMode.OVERLAY, new Relief(22, 0.45, 70, 45, 0.8, false, true))
                    .tooth(ToothForm.of(ToothKind.FINE, 0.12).withAmount(0.3), 0xFFFFFF)
                    .with(0.1, BlendMode.OVERLAY).done("Foil");
        }
    },
    /** Boat paint rubbed down to what is under it. */
    WORN_PAINT("Worn paint", 60) {
        @Override
        Design design(Drafted d) {
            return d.ground(0x2F6A72).tooth(new ToothForm(ToothKind.CLOUD, 18, 0.5, 0, 0.1, 3, 0, 0), 0x3D7F86)
                    .with(0.8, BlendMode.NORMAL)
                    .tooth(new ToothForm(ToothKind.PAPER, 9, 0.24, 0, 0.86, 7, 0, 0), 0xCFC6B2)
                    .with(1, BlendMode.NORMAL, new Relief(0.25, 0.06, 135, 40, 0.1, true, false))
                    .tooth(new ToothForm(ToothKind.PAPER, 9, 0.15, 0, 0.9, 7, 0, 0), 0x7B4B31)
                    .with(1, BlendMode.NORMAL, new Relief(0.25, 0.06, 135, 40, 0, true, false))
                    .tooth(new ToothForm(ToothKind.SLUB, 9, 0.1, 12, 0.7, 5, 0, 0), 0xE6E0D2)
                    .with(0.35, BlendMode.NORMAL)
                    .tooth(new ToothForm(ToothKind.FINE, 0.25, 0.4, 0, 0.4, 2, 0, 0), 0x12282C)
                    .with(0.16, BlendMode.MULTIPLY).done("Worn paint");
        }
    },
    /** Quay stone. */
    STONE("Stone", 80) {
        @Override
        Design design(Drafted d) {
            return d.ground(0x9C978C).tooth(new ToothForm(ToothKind.CLOUD, 30, 0.5, 0, 0, 2, 0, 0), 0xB5AFA2)
                    .with(0.9, BlendMode.NORMAL)
                    .tooth(new ToothForm(ToothKind.MARBLE, 26, 0.12, 30, 0.5, 6, 0, 0), 0xD8D3C6)
                    .with(0.5, BlendMode.NORMAL)
                    .tooth(new ToothForm(ToothKind.PAPER, 4, 0.5, 0, 0, 8, 0, 0), 0x6F6A61)
                    .with(0.45, BlendMode.NORMAL, new Relief(0.5, 0.2, 135, 40, 0, false, true))
                    .tooth(new ToothForm(ToothKind.FINE, 0.6, 0.2, 0, 0.8, 4, 0, 0), 0x4A463F)
                    .with(0.5, BlendMode.NORMAL)
                    .tooth(new ToothForm(ToothKind.FINE, 0.4, 0.15, 0, 0.8, 11, 0, 0), 0xE8E3D6)
                    .with(0.5, BlendMode.NORMAL).done("Stone");
        }
    };

    private static final double DPI = 300;
    private static final Map<Texture, Picture> PAINTED = new ConcurrentHashMap<>();

    private final String words;
    private final double sideMm;

    Texture(String words, double sideMm) {
        this.words = words;
        this.sideMm = sideMm;
    }

    public String words() {
        return words;
    }

    /** @return the one of that name, as in "worn paint" */
    public static Texture named(String name) {
        return Arrays.stream(values()).filter(t -> t.words.equalsIgnoreCase(name)).findFirst()
                .orElseThrow(() -> new Refusal("there is no texture \"%s\"; %s are".formatted(name,
                        Arrays.stream(values()).map(t -> t.words.toLowerCase(Locale.ROOT))
                                .collect(Collectors.joining(", ")))));
    }

    abstract Design design(Drafted drafted);

    /** @return it at 300 dpi; the same one each time. @param work under which it is painted when it is first asked for */
    public Picture picture(Work work) {
        return PAINTED.computeIfAbsent(this, t -> {
            Design design = design(new Drafted(sideMm));
            TileGrid grid = TileGrid.at(design.repeat().tile(), new Density(DPI));
            return new Picture(TileRenderer.render(new Cloth(design, design.palette().first()), grid, work), DPI,
                    new Provenance("Vatwright", "comes with the program", "free to use"));
        });
    }

    public Fill fill(Work work) {
        return new Fill(words, new Fill.OfPicture(picture(work)));
    }

    /** A design of teeth, drafted from the ground up. */
    static final class Drafted {
        private final Repeat repeat;
        private final List<Layer> layers = new ArrayList<>();
        private final List<String> slots = new ArrayList<>();
        private final List<Rgb> colours = new ArrayList<>();

        Drafted(double sideMm) {
            repeat = new Repeat(sideMm, sideMm, Arrangement.STRAIGHT);
        }

        private Ink ink(int rgb) {
            slots.add("Ink " + (slots.size() + 1));
            colours.add(Rgb.ofArgb(0xFF000000 | rgb));
            return Ink.slot(slots.getLast());
        }

        Drafted ground(int rgb) {
            ink(rgb);
            return this;
        }

        Drafted tooth(ToothForm form, int... inks) {
            List<Ink> all = new ArrayList<>();
            for (int rgb : inks) {
                all.add(ink(rgb));
            }
            layers.add(new Layer(layers.size() + 1, "Tooth", new Tooth(form, all, false)));
            return this;
        }

        Drafted with(double opacity, BlendMode mode, Effect... effects) {
            layers.set(layers.size() - 1,
                    layers.getLast().withOpacity(opacity).withMode(mode).withEffects(List.of(effects)));
            return this;
        }

        Design done(String name) {
            return new Design(name, repeat, Ink.slot(slots.getFirst()), layers,
                    new Palette(slots, List.of(new Colourway("Own", colours))), Guides.NONE);
        }
    }
}
