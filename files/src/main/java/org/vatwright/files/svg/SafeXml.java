package org.vatwright.files.svg;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

import javax.xml.XMLConstants;
import javax.xml.parsers.DocumentBuilder;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;

import org.vatwright.core.measure.Refusal;
import org.vatwright.files.disk.Limits;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.xml.sax.ErrorHandler;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;
import org.xml.sax.SAXParseException;

/** Parses XML that anybody may have made: no entities, nothing fetched, a limit on nesting and size. */
final class SafeXml {

    private static final int MOST_BYTES = 64 << 20;

    private SafeXml() {}

    private static Document parse(byte[] xml, String name, Limits limits) {
        if (xml.length > MOST_BYTES) {
            throw new Refusal("%s has %,d bytes; a drawing of %,d is the most that is read".formatted(name, xml.length,
                    MOST_BYTES));
        }
        refuseEntities(xml, name);
        try {
            DocumentBuilder builder = factory(limits).newDocumentBuilder();
            builder.setErrorHandler(new Strict());
            // A document type may be named, as older drawings do, but it is never fetched.
            builder.setEntityResolver((id, system) -> new InputSource(new StringReader("")));
            Document document = builder.parse(new ByteArrayInputStream(xml));
            if (document.getDoctype() != null && document.getDoctype().getEntities().getLength() > 0) {
                throw entities(name);
            }
            return document;
        } catch (SAXParseException e) {
            throw new Refusal("%s is no drawing that can be read: line %d: %s".formatted(name, e.getLineNumber(),
                    words(e)), e);
        } catch (SAXException | IOException e) {
            throw new Refusal("%s is no drawing that can be read: %s".formatted(name, words(e)), e);
        } catch (ParserConfigurationException e) {
            throw new IllegalStateException(e);
        }
    }

    /** @return the drawing's first element @throws Refusal when the file is no SVG drawing */
    static Element drawing(byte[] svg, String name, Limits limits) {
        Element root = parse(svg, name, limits).getDocumentElement();
        if (!"svg".equals(localName(root))) {
            throw new Refusal("%s is no SVG drawing: its first element is %s".formatted(name, root.getNodeName()));
        }
        return root;
    }

    /** @return where an element links to, by either of SVG's attributes; empty for nowhere */
    static String link(Element element) {
        return element.hasAttribute("href") ? element.getAttribute("href") : element.getAttribute("xlink:href");
    }

    private static String words(Exception e) {
        String message = String.valueOf(e.getMessage());
        return message.contains("maxElementDepth") ? "its elements are nested too deep" : message;
    }

    private static void refuseEntities(byte[] xml, String name) {
        // Names of entities are plain ASCII in every encoding a drawing comes in, two-byte ones with zeros between.
        String text = new String(xml, StandardCharsets.ISO_8859_1).replace("\0", "");
        if (text.toUpperCase(Locale.ROOT).contains("<!ENTITY")) {
            throw entities(name);
        }
    }

    private static Refusal entities(String name) {
        return new Refusal(
                "%s declares entities, which can hide what a drawing holds; save it as plain SVG".formatted(name));
    }

    private static DocumentBuilderFactory factory(Limits limits) throws ParserConfigurationException {
        DocumentBuilderFactory factory = DocumentBuilderFactory.newDefaultInstance();
        factory.setFeature(XMLConstants.FEATURE_SECURE_PROCESSING, true);
        factory.setFeature("http://xml.org/sax/features/external-general-entities", false);
        factory.setFeature("http://xml.org/sax/features/external-parameter-entities", false);
        factory.setFeature("http://apache.org/xml/features/nonvalidating/load-external-dtd", false);
        factory.setAttribute(XMLConstants.ACCESS_EXTERNAL_DTD, "");
        factory.setAttribute(XMLConstants.ACCESS_EXTERNAL_SCHEMA, "");
        factory.setAttribute("jdk.xml.maxElementDepth", String.valueOf(limits.depth() + 20));
        factory.setXIncludeAware(false);
        factory.setExpandEntityReferences(false);
        factory.setNamespaceAware(false);
        return factory;
    }

    static String localName(Node node) {
        String name = node.getNodeName();
        return name.substring(name.indexOf(':') + 1);
    }

    private static final class Strict implements ErrorHandler {
        @Override
        public void warning(SAXParseException e) {
            // A warning leaves the drawing readable.
        }

        @Override
        public void error(SAXParseException e) throws SAXException {
            throw e;
        }

        @Override
        public void fatalError(SAXParseException e) throws SAXException {
            throw e;
        }
    }
}
