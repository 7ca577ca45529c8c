package org.vatwright.files.vector;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;

import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

import org.vatwright.core.measure.Numbers;

/** Elements of a drawing, one a line. */
final class XmlOut {

    private final XMLStreamWriter xml;

    XmlOut(OutputStream out) throws XMLStreamException {
        xml = XMLOutputFactory.newDefaultFactory().createXMLStreamWriter(out, StandardCharsets.UTF_8.name());
        xml.writeStartDocument("UTF-8", "1.0");
    }

    void start(String name, String... attributes) throws XMLStreamException {
        xml.writeCharacters("\n");
        xml.writeStartElement(name);
        attributes(attributes);
    }

    void empty(String name, String... attributes) throws XMLStreamException {
        xml.writeCharacters("\n");
        xml.writeEmptyElement(name);
        attributes(attributes);
    }

    void attribute(String name, String value) throws XMLStreamException {
        xml.writeAttribute(name, value);
    }

    private void attributes(String... attributes) throws XMLStreamException {
        for (int i = 0; i < attributes.length; i += 2) {
            switch (attributes[i]) {
                case "xmlns" -> xml.writeDefaultNamespace(attributes[i + 1]);
                case "xmlns:xlink" -> xml.writeNamespace("xlink", attributes[i + 1]);
                default -> xml.writeAttribute(attributes[i], attributes[i + 1]);
            }
        }
    }

    void text(String name, String words) throws XMLStreamException {
        xml.writeStartElement(name);
        xml.writeCharacters(words);
        xml.writeEndElement();
    }

    void end() throws XMLStreamException {
        xml.writeEndElement();
    }

    void close() throws XMLStreamException {
        xml.writeEndDocument();
        xml.flush();
    }

    static String number(double value) {
        return Numbers.plain(value, 6);
    }

    static String matrix(AffineTransform m) {
        return "matrix(%s %s %s %s %s %s)".formatted(number(m.getScaleX()), number(m.getShearY()),
                number(m.getShearX()), number(m.getScaleY()), number(m.getTranslateX()), number(m.getTranslateY()));
    }

    /** Path data to a tenth of a micrometre. */
    static String data(Shape shape) {
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
}
