package org.vatwright.files.produce;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.family.cover.Cover;
import org.vatwright.core.measure.Density;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.picture.Inks;
import org.vatwright.core.picture.Making;
import org.vatwright.core.project.Output;
import org.vatwright.core.project.Output.Format;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.FillTiles;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.picture.PictureWriter;
import org.vatwright.files.picture.Pictures;
import org.vatwright.files.project.ProjectFile;

/** One tile made of a picture's file: a design whose cell it fills at its true size. */
public final class SeamlessTile {

    private static final String GROUND = "Ground";
    private static final String INK = "Ink %d";

    private final String name;
    private final Fill.OfPicture source;
    private final Palette palette;

    private SeamlessTile(String name, Fill.OfPicture source, Palette palette) {
        this.name = name;
        this.source = source;
        this.palette = palette;
    }

    /** @param density that its pixels are to have; null for what its file tells */
    public SeamlessTile(Path file, Making making, Density density) {
        Picture read = Pictures.sized(file, Limits.STANDARD);
        Picture picture = density == null ? read : new Picture(read.raster(), density.dpi(), read.provenance());
        String full = String.valueOf(file.getFileName());
        name = full.contains(".") ? full.substring(0, full.lastIndexOf('.')) : full;
        source = new Fill.OfPicture(picture, Optional.of(making), List.of());
        palette = new Palette(List.of(GROUND), List.of(new Colourway("First colours",
                List.of(Inks.of(Pictures.smaller(picture.raster(), 64), 2, 1, Work.on(1)).colours().getFirst()))));
    }

    /** @return the same in so many inks, which become slots of its palette */
    public SeamlessTile reduced(int count, long seed, Work work) {
        Inks inks = Inks.of(raster(work), count, seed, work);
        List<Fill.Reduced> reduced = new ArrayList<>();
        List<String> slots = new ArrayList<>();
        for (int i = 0; i < inks.colours().size(); i++) {
            slots.add(INK.formatted(i + 1));
            reduced.add(new Fill.Reduced(inks.colours().get(i), Ink.slot(slots.getLast())));
        }
        return new SeamlessTile(name, source.withReduced(reduced),
                new Palette(slots, List.of(new Colourway("First colours", inks.colours()))));
    }

    private Raster raster(Work work) {
        return FillTiles.tile(source, new InkColours(palette, palette.first()), Phase.OWN, source.widthPx(),
                source.heightPx(), work);
    }

    public Design design() {
        Fill fill = new Fill(name, source);
        return new Design(name, new Repeat(source.widthMm(), source.heightMm(), Arrangement.STRAIGHT),
                Ink.slot(palette.slots().getFirst()), List.of(), palette, Guides.NONE).addFill(fill)
                .withLayers(List.of(new Layer(1, "Picture", new Cover(fill.ink()))));
    }

    /** Writes a picture of the tile, pixel by pixel, or a project that holds the design. */
    public void write(Path file, Work work) {
        if (String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT).endsWith(ProjectFile.SUFFIX)) {
            ProjectFile.write(Project.empty(name).withDesigns(List.of(design())), file);
            return;
        }
        Format format = Producer.pixels(file, "seamless tile");
        PictureWriter.write(raster(work), new Density(source.picture().dpi()), format, Output.QUALITY, file);
    }
}
