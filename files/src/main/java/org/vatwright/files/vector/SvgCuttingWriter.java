package org.vatwright.files.vector;

import static org.vatwright.files.vector.XmlOut.data;
import static org.vatwright.files.vector.XmlOut.number;

import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.nio.file.Path;

import javax.xml.stream.XMLStreamException;

import org.vatwright.core.dress.CuttingLines;
import org.vatwright.core.dress.Cut;
import org.vatwright.files.disk.Disk;

/** Cutting lines as a drawing of true size: hairlines, nothing filled, as a cutter wants them. */
public final class SvgCuttingWriter {

    private static final double MARGIN_MM = 2;

    private SvgCuttingWriter() {}

    /** @param offsetMm outside the outlines */
    public static void write(Cut cut, double offsetMm, Path file) {
        var lines = CuttingLines.of(cut, offsetMm);
        Rectangle2D box = lines.bounds();
        AffineTransform place = AffineTransform.getTranslateInstance(MARGIN_MM - box.getX(), MARGIN_MM - box.getY());
        String w = number(box.getWidth() + 2 * MARGIN_MM);
        String h = number(box.getHeight() + 2 * MARGIN_MM);
        Disk.writeWhole(file, out -> {
            try {
                XmlOut xml = new XmlOut(out);
                xml.start("svg", "xmlns", "http://www.w3.org/2000/svg", "width", w + "mm", "height", h + "mm",
                        "viewBox", "0 0 " + w + " " + h);
                xml.text("title", cut.article().name() + ", cutting lines");
                xml.empty("path", "d", data(lines.path(place)), "fill", "none", "stroke", "#000000", "stroke-width",
                        "0.1");
                xml.close();
            } catch (XMLStreamException e) {
                throw new IOException(e);
            }
        });
    }
}
