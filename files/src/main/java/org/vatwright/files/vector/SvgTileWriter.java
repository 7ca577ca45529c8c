package org.vatwright.files.vector;

import static org.vatwright.files.vector.XmlOut.data;
import static org.vatwright.files.vector.XmlOut.matrix;
import static org.vatwright.files.vector.XmlOut.number;

import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Base64;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

import javax.xml.stream.XMLStreamException;

import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Density;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Gradient;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.repeat.Tile;
import org.vatwright.files.disk.Disk;
import org.vatwright.files.picture.Pictures;

/**
 * The tile as a drawing: a {@code pattern} element in mm and a rectangle of one tile filled with it. Designs that serve as
 * inks are copies of their tiles, clipped by the marks; pictures are embedded.
 */
public final class SvgTileWriter {

    private final XmlOut xml;
    private final Work work;
    /** The ids of the copies of fills in the file. */
    private final Map<FillCopy, String> copies = new HashMap<>();
    private int ids;

    SvgTileWriter(XmlOut xml, Work work) {
        this.xml = xml;
        this.work = work;
    }

    /** @param density at which what is pixels by nature is embedded, at the most */
    public static void write(Cloth cloth, Density density, Path file, Work work) {
        Disk.writeWhole(file, out -> {
            try {
                new SvgTileWriter(new XmlOut(out), work).draw(cloth, density);
            } catch (XMLStreamException e) {
                throw new IOException(e);
            }
        });
    }

    private void draw(Cloth cloth, Density density) throws XMLStreamException {
        Tile tile = cloth.design().repeat().tile();
        String w = number(tile.widthMm());
        String h = number(tile.heightMm());
        xml.start("svg", "xmlns", "http://www.w3.org/2000/svg", "xmlns:xlink", "http://www.w3.org/1999/xlink", "width",
                w + "mm", "height", h + "mm", "viewBox", "0 0 " + w + " " + h);
        xml.text("title", cloth.design().name() + ", " + cloth.colourway().name());
        xml.start("defs");
        xml.start("pattern", "id", "tile", "width", w, "height", h, "patternUnits", "userSpaceOnUse");
        tile(cloth, density);
        xml.end();
        xml.end();
        xml.empty("rect", "width", w, "height", h, "fill", "url(#tile)");
        xml.close();
    }

    /** Writes one tile in mm into the element that is open. @param at density at which what is pixels by nature is embedded */
    void tile(Cloth cloth, Density at) throws XMLStreamException {
        new Content(TileContent.of(cloth, at, work)).draw();
    }

    /** The layers of one design, the outer one or one that serves as an ink. */
    private final class Content {
        private final TileContent of;

        Content(TileContent of) {
            this.of = of;
        }

        void draw() throws XMLStreamException {
            if (of.ground().isPresent()) {
                mark(of.ground().get());
            }
            for (Layer layer : of.layers()) {
                layer(layer);
            }
        }

        private void layer(Layer layer) throws XMLStreamException {
            String shown = "shown-" + ++ids;
            boolean clipped = layer.mask().isPresent() && of.design().shapeless(layer).isEmpty();
            if (clipped) {
                xml.start("clipPath", "id", shown);
                xml.empty("path", "d", data(layer.mask().get().outline(of.design().repeat())));
                xml.end();
            }
            xml.start("g");
            if (clipped) {
                xml.attribute("clip-path", "url(#" + shown + ")");
            }
            if (layer.opacity() < 1) {
                xml.attribute("opacity", number(layer.opacity()));
            }
            if (layer.mode() != BlendMode.NORMAL) {
                xml.attribute("style", "mix-blend-mode:" + layer.mode().keyword());
            }
            Optional<List<VectorMark>> marks = of.marks(layer);
            if (marks.isEmpty()) {
                pixels(layer);
            }
            for (VectorMark mark : marks.orElse(List.of())) {
                mark(mark);
            }
            xml.end();
        }

        /** What is no shape, as a picture at its place. */
        private void pixels(Layer layer) throws XMLStreamException {
            String data = embedded(of.pixels(layer));
            for (Point2D copy : of.copies()) {
                xml.empty("image", "x", number(copy.getX()), "y", number(copy.getY()), "width",
                        number(of.tile().widthMm()), "height", number(of.tile().heightMm()), "preserveAspectRatio",
                        "none", "xlink:href", data);
            }
        }

        private void mark(VectorMark mark) throws XMLStreamException {
            of.work().goOn();
            if (mark.gradient().isPresent()) {
                String id = "shade-" + ++ids;
                gradient(mark.gradient().get(), id);
                path(mark, "url(#" + id + ")", mark.opacity());
                return;
            }
            for (MarkCoats.Coat coat : of.coats(mark)) {
                if (coat.fill().isPresent()) {
                    fill(coat.fill().get(), mark, coat.tone(), coat.opacity());
                } else {
                    path(mark, coat.rgb().hex(), coat.opacity());
                }
            }
        }

        private void path(VectorMark mark, String paint, double opacity) throws XMLStreamException {
            xml.empty("path", "d", data(mark.shape()), "fill", paint);
            if (opacity < 1) {
                xml.attribute("fill-opacity", number(opacity));
            }
        }

        private void fill(Fill fill, VectorMark mark, double seenTone, double opacity) throws XMLStreamException {
            FillPlace place = FillPlace.of(fill, mark, of.tile());
            String copy = copy(fill, place.block(), seenTone);
            String clip = "mark-" + ++ids;
            xml.start("clipPath", "id", clip);
            xml.empty("path", "d", data(mark.shape()));
            xml.end();
            xml.start("g", "clip-path", "url(#" + clip + ")");
            if (opacity < 1) {
                xml.attribute("opacity", number(opacity));
            }
            for (AffineTransform each : place.copies()) {
                xml.empty("use", "xlink:href", "#" + copy, "transform", matrix(each));
            }
            xml.end();
        }

        private String copy(Fill fill, int block, double seenTone) throws XMLStreamException {
            FillCopy key = of.copyOf(fill, block, seenTone);
            String known = copies.get(key);
            if (known != null) {
                return known;
            }
            String one = block > 1 ? copy(fill, 1, seenTone) : "";
            String id = "fill-" + ++ids;
            copies.put(key, id);
            xml.start("defs");
            double w = fill.source().widthMm();
            double h = fill.source().heightMm();
            double over = FillPlace.bleed(fill.source());
            if (block > 1) {
                xml.start("g", "id", id);
                for (int n = 0; n < block * block; n++) {
                    xml.empty("use", "xlink:href", "#" + one, "transform",
                            "translate(%s %s)".formatted(number(n % block * w), number(n / block * h)));
                }
                xml.end();
            } else {
                xml.start("clipPath", "id", "edge-" + id);
                xml.empty("rect", "width", number(w + over), "height", number(h + over));
                xml.end();
                // Drawn as a whole before it is clipped, else the ground shows through at the edges.
                xml.start("g", "id", id, "clip-path", "url(#edge-" + id + ")", "style", "isolation:isolate");
                switch (fill.source()) {
                    case Fill.OfDesign inner -> new Content(of.within(inner, seenTone)).draw();
                    case Fill.OfPicture picture -> xml.empty("image", "width", number(w), "height", number(h),
                            "preserveAspectRatio", "none", "xlink:href",
                            embedded(FillPlace.pixels(fill, picture, of.inks(), seenTone, of.density())));
                    // What is no shape is among the pixels of its layer; else it was made a shading of its mark.
                    case Fill.OfGradient _ -> {
                    }
                }
                xml.end();
            }
            xml.end();
            return id;
        }

        /** A gradient in its own unit, moved into place. */
        private void gradient(Gradient gradient, String id) throws XMLStreamException {
            AffineTransform place = inverse(gradient.toUnit()).orElseGet(AffineTransform::new);
            String spread = gradient.spread().name().toLowerCase(Locale.ROOT);
            if (gradient.radial()) {
                xml.start("radialGradient", "id", id, "gradientUnits", "userSpaceOnUse", "cx", "0", "cy", "0", "r", "1",
                        "fx", number(gradient.focusU()), "fy", number(gradient.focusV()), "spreadMethod", spread,
                        "gradientTransform", matrix(place));
            } else {
                xml.start("linearGradient", "id", id, "gradientUnits", "userSpaceOnUse", "x1", "0", "y1", "0", "x2",
                        "1", "y2", "0", "spreadMethod", spread, "gradientTransform", matrix(place));
            }
            for (Gradient.Stop stop : gradient.stops()) {
                boolean clear = stop.ink() instanceof Ink.Clear;
                xml.empty("stop", "offset", number(stop.place()), "stop-color",
                        of.toned(Rgb.ofArgb(of.inks().argb(stop.ink()))).hex(), "stop-opacity",
                        number(clear ? 0 : stop.opacity()));
            }
            xml.end();
        }
    }

    static String embedded(Raster pixels) {
        return "data:image/png;base64," + Base64.getEncoder().encodeToString(Pictures.png(pixels));
    }

    private static Optional<AffineTransform> inverse(AffineTransform of) {
        try {
            return Optional.of(of.createInverse());
        } catch (NoninvertibleTransformException e) {
            return Optional.empty();
        }
    }
}
