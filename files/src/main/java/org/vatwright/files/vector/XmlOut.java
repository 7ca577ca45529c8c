package org.vatwright.files.vector;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;

import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;

import org.vatwright.core.measure.Numbers;

/** Elements of a drawing, one a line. Names are people's: what XML cannot hold of them is written as U+FFFD. */
final class XmlOut {

    /** All but Char of XML 1.0, 2.2: control signs and halves of pairs. The platform's writer lets them pass. */
    private static final Pattern UNLAWFUL = Pattern.compile(
            "[^\\t\\n\\r\\x20-\\x{D7FF}\\x{E000}-\\x{FFFD}\\x{10000}-\\x{10FFFF}]");

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
        xml.writeAttribute(name, lawful(value));
    }

    private void attributes(String... attributes) throws XMLStreamException {
        for (int i = 0; i < attributes.length; i += 2) {
            switch (attributes[i]) {
                case "xmlns" -> xml.writeDefaultNamespace(attributes[i + 1]);
                case "xmlns:xlink" -> xml.writeNamespace("xlink", attributes[i + 1]);
                default -> attribute(attributes[i], attributes[i + 1]);
            }
        }
    }

    void text(String name, String words) throws XMLStreamException {
        xml.writeStartElement(name);
        xml.writeCharacters(lawful(words));
        xml.writeEndElement();
    }

    void end() throws XMLStreamException {
        xml.writeEndElement();
    }

    void close() throws XMLStreamException {
        xml.writeEndDocument();
        xml.flush();
    }

    private static String lawful(String words) {
        return UNLAWFUL.matcher(words).replaceAll("\uFFFD");
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
