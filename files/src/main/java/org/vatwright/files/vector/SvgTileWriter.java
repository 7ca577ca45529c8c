package org.vatwright.files.vector;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.PathIterator;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;

import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Gradient;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.repeat.Tile;
import org.vatwright.files.disk.Disk;

/** The tile as a drawing: a {@code pattern} element in mm and a rectangle of one tile filled with it. */
public final class SvgTileWriter {

    private SvgTileWriter() {}

    public static void write(Design design, Colourway colourway, Path file) {
        Disk.writeWhole(file, out -> {
            try {
                draw(design, colourway, out);
            } catch (XMLStreamException e) {
                throw new IOException(e);
            }
        });
    }

    private static void draw(Design design, Colourway colourway, OutputStream out) throws XMLStreamException {
        Tile tile = design.repeat().tile();
        String w = number(tile.widthMm());
        String h = number(tile.heightMm());
        XMLStreamWriter xml = XMLOutputFactory.newDefaultFactory().createXMLStreamWriter(out,
                StandardCharsets.UTF_8.name());
        xml.writeStartDocument("UTF-8", "1.0");
        start(xml, "svg", "xmlns", "http://www.w3.org/2000/svg", "width", w + "mm", "height", h + "mm", "viewBox",
                "0 0 " + w + " " + h);
        xml.writeStartElement("title");
        xml.writeCharacters(design.name() + ", " + colourway.name());
        xml.writeEndElement();
        start(xml, "defs");
        start(xml, "pattern", "id", "tile", "width", w, "height", h, "patternUnits", "userSpaceOnUse");
        InkColours inks = new InkColours(design.palette(), colourway);
        if (!(design.ground() instanceof Ink.Clear)) {
            empty(xml, "rect", "width", w, "height", h, "fill",
                    org.vatwright.core.colour.Rgb.ofArgb(inks.argb(design.ground())).hex());
        }
        for (Layer layer : design.layers()) {
            if (layer.visible()) {
                layer(xml, layer, design, inks);
            }
        }
        xml.writeEndElement();
        xml.writeEndElement();
        empty(xml, "rect", "width", w, "height", h, "fill", "url(#tile)");
        xml.writeEndDocument();
        xml.flush();
    }

    private static void layer(XMLStreamWriter xml, Layer layer, Design design, InkColours inks)
            throws XMLStreamException {
        if (layer.mask().isPresent()) {
            start(xml, "clipPath", "id", "shown-" + layer.id());
            empty(xml, "path", "d", data(layer.mask().get().outline(design.repeat())));
            xml.writeEndElement();
        }
        start(xml, "g");
        if (layer.mask().isPresent()) {
            xml.writeAttribute("clip-path", "url(#shown-" + layer.id() + ")");
        }
        if (layer.opacity() < 1) {
            xml.writeAttribute("opacity", number(layer.opacity()));
        }
        if (layer.mode() != BlendMode.NORMAL) {
            xml.writeAttribute("style", "mix-blend-mode:" + layer.mode().keyword());
        }
        int shaded = 0;
        for (VectorMark mark : layer.structure().outlines(design.repeat())) {
            if (mark.gradient().isPresent()) {
                String id = "shade-%d-%d".formatted(layer.id(), ++shaded);
                gradient(xml, mark.gradient().get(), id, inks);
                empty(xml, "path", "d", data(mark.shape()), "fill", "url(#" + id + ")");
                if (mark.opacity() < 1) {
                    xml.writeAttribute("fill-opacity", number(mark.opacity()));
                }
                continue;
            }
            MarkColour colour = MarkColour.of(mark, inks);
            empty(xml, "path", "d", data(mark.shape()), "fill", colour.rgb().hex());
            if (colour.opacity() < 1) {
                xml.writeAttribute("fill-opacity", number(colour.opacity()));
            }
        }
        xml.writeEndElement();
    }

    /** A gradient in its own unit, moved into place. */
    private static void gradient(XMLStreamWriter xml, Gradient gradient, String id, InkColours inks)
            throws XMLStreamException {
        AffineTransform place;
        try {
            place = gradient.toUnit().createInverse();
        } catch (NoninvertibleTransformException e) {
            place = new AffineTransform();
        }
        String matrix = "matrix(%s %s %s %s %s %s)".formatted(number(place.getScaleX()), number(place.getShearY()),
                number(place.getShearX()), number(place.getScaleY()), number(place.getTranslateX()),
                number(place.getTranslateY()));
        String spread = gradient.spread().name().toLowerCase(java.util.Locale.ROOT);
        if (gradient.radial()) {
            start(xml, "radialGradient", "id", id, "gradientUnits", "userSpaceOnUse", "cx", "0", "cy", "0", "r", "1",
                    "fx", number(gradient.focusU()), "fy", number(gradient.focusV()), "spreadMethod", spread,
                    "gradientTransform", matrix);
        } else {
            start(xml, "linearGradient", "id", id, "gradientUnits", "userSpaceOnUse", "x1", "0", "y1", "0", "x2", "1",
                    "y2", "0", "spreadMethod", spread, "gradientTransform", matrix);
        }
        for (Gradient.Stop stop : gradient.stops()) {
            boolean clear = stop.ink() instanceof Ink.Clear;
            empty(xml, "stop", "offset", number(stop.place()), "stop-color",
                    org.vatwright.core.colour.Rgb.ofArgb(inks.argb(stop.ink())).hex(), "stop-opacity",
                    number(clear ? 0 : stop.opacity()));
        }
        xml.writeEndElement();
    }

    /** Path data to a tenth of a micrometre. */
    private static String data(Shape shape) {
        StringBuilder data = new StringBuilder();
        double[] c = new double[6];
        for (PathIterator it = shape.getPathIterator(null); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            data.append("MLQCZ".charAt(kind));
            int numbers = kind == PathIterator.SEG_CLOSE ? 0 : kind <= PathIterator.SEG_LINETO ? 2 : 2 * kind;
            for (int i = 0; i < numbers; i++) {
                data.append(i == 0 ? "" : " ").append(Numbers.plain(c[i], 4));
            }
        }
        return data.toString();
    }

    private static void start(XMLStreamWriter xml, String name, String... attributes) throws XMLStreamException {
        xml.writeCharacters("\n");
        xml.writeStartElement(name);
        attributes(xml, attributes);
    }

    private static void empty(XMLStreamWriter xml, String name, String... attributes) throws XMLStreamException {
        xml.writeCharacters("\n");
        xml.writeEmptyElement(name);
        attributes(xml, attributes);
    }

    private static void attributes(XMLStreamWriter xml, String... attributes) throws XMLStreamException {
        for (int i = 0; i < attributes.length; i += 2) {
            if (attributes[i].equals("xmlns")) {
                xml.writeDefaultNamespace(attributes[i + 1]);
            } else {
                xml.writeAttribute(attributes[i], attributes[i + 1]);
            }
        }
    }

    private static String number(double value) {
        return Numbers.plain(value, 6);
    }
}
