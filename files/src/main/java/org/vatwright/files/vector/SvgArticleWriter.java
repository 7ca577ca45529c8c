package org.vatwright.files.vector;

import static org.vatwright.files.vector.XmlOut.data;
import static org.vatwright.files.vector.XmlOut.matrix;
import static org.vatwright.files.vector.XmlOut.number;

import java.awt.Shape;
import java.io.IOException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

import javax.xml.stream.XMLStreamException;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Pen;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.dress.SewnWay;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.stitch.Stitching;
import org.vatwright.core.stitch.Stitching.Stitch;
import org.vatwright.core.stitch.Threads;
import org.vatwright.files.disk.Disk;

/** A dressed article as a drawing of its true size: each piece a shape filled with a {@code pattern}, outlines as lines. */
public final class SvgArticleWriter {

    private final XmlOut xml;
    private final ArticleContent of;
    private final SvgTileWriter tiles;
    /** The cloths, and the patterns of them as they lie. */
    private final Map<Cloth, String> cloths = new HashMap<>();
    private final Map<ArticleContent.Worn, String> lays = new HashMap<>();
    /** How many clips there are for lines on one side. */
    private int sides;

    private SvgArticleWriter(XmlOut xml, ArticleContent of) {
        this.xml = xml;
        this.of = of;
        tiles = new SvgTileWriter(xml, of.work());
    }

    public static void write(ArticleContent article, Path file) {
        Disk.writeWhole(file, out -> {
            try {
                new SvgArticleWriter(new XmlOut(out), article).draw();
            } catch (XMLStreamException e) {
                throw new IOException(e);
            }
        });
    }

    private void draw() throws XMLStreamException {
        String w = number(of.cut().widthMm());
        String h = number(of.cut().heightMm());
        xml.start("svg", "xmlns", "http://www.w3.org/2000/svg", "xmlns:xlink", "http://www.w3.org/1999/xlink", "width",
                w + "mm", "height", h + "mm", "viewBox", "0 0 " + w + " " + h);
        xml.text("title", of.cut().article().name());
        Optional<Raster> flattened = of.flattened();
        if (flattened.isPresent()) {
            image(flattened.get());
            for (Piece piece : of.pieces()) {
                xml.start("g");
                xml.text("title", piece.name());
                xml.empty("path", "d", data(piece.seen().path()), "fill", "none");
                xml.end();
            }
            xml.close();
            return;
        }
        if (of.picture().isPresent()) {
            image(of.picture().get());
        }
        for (Piece piece : of.pieces()) {
            of.work().goOn();
            piece(piece);
        }
        for (Article.Line line : of.cut().lines()) {
            line(line.outline().path(), line.stroke());
        }
        xml.close();
    }

    private void piece(Piece piece) throws XMLStreamException {
        Optional<ArticleContent.Worn> worn = of.worn(piece);
        Optional<ArticleContent.Pixels> pixels = of.pixels(piece);
        xml.start("g");
        xml.text("title", piece.name());
        if (piece.fill().isPresent()) {
            xml.empty("path", "d", data(piece.seen().path()), "fill", piece.fill().get().hex(), "fill-rule",
                    rule(piece));
        }
        if (pixels.isPresent()) {
            image(pixels.get().raster());
            laid(pixels.get().laid());
        } else if (worn.isPresent()) {
            String pattern = pattern(worn.get());
            xml.empty("path", "d", data(piece.seen().path()), "fill", "url(#" + pattern + ")", "fill-rule",
                    rule(piece));
            laid(worn.get().lay());
        }
        for (Stitching how : of.cut().dressing(piece).stitches()) {
            stitches(how, how.along(SewnWay.of(piece, of.cut().dressing(piece), how)));
        }
        if (piece.stroke().isPresent()) {
            line(piece.seen().path(), piece.stroke().get());
        }
        xml.end();
    }

    /** A picture of all the article. */
    private void image(Raster pixels) throws XMLStreamException {
        xml.empty("image", "width", number(of.cut().widthMm()), "height", number(of.cut().heightMm()),
                "preserveAspectRatio", "none", "xlink:href", SvgTileWriter.embedded(pixels));
    }

    private static String rule(Piece piece) {
        return piece.outline().path().getWindingRule() == java.awt.geom.Path2D.WIND_EVEN_ODD ? "evenodd" : "nonzero";
    }

    /** How the lay is laid on, as attributes of the element that was begun. */
    private void laid(Lay lay) throws XMLStreamException {
        if (lay.opacity() < 1) {
            xml.attribute("opacity", number(lay.opacity()));
        }
        if (lay.mode() != BlendMode.NORMAL) {
            xml.attribute("style", "mix-blend-mode:" + lay.mode().keyword());
        }
    }

    /** A cloth is written once; how it lies is a pattern of its own that shows it. */
    private String pattern(ArticleContent.Worn worn) throws XMLStreamException {
        String known = lays.get(worn);
        if (known != null) {
            return known;
        }
        String id = "lay-" + (lays.size() + 1);
        lays.put(worn, id);
        xml.start("defs");
        String cloth = cloths.get(worn.cloth());
        if (cloth == null) {
            cloth = "cloth-" + (cloths.size() + 1);
            cloths.put(worn.cloth(), cloth);
            xml.start("g", "id", cloth);
            tiles.tile(worn.cloth(), of.tileDensity(worn));
            xml.end();
        }
        Tile tile = worn.cloth().design().repeat().tile();
        xml.start("pattern", "id", id, "width", number(tile.widthMm()), "height", number(tile.heightMm()),
                "patternUnits", "userSpaceOnUse", "patternTransform", matrix(worn.place()));
        xml.empty("use", "xlink:href", "#" + cloth);
        xml.end();
        xml.end();
        return id;
    }

    /** Threads are lines over their shadows; their roundness and twist are not drawn. */
    private void stitches(Stitching how, List<Stitch> all) throws XMLStreamException {
        StringBuilder path = new StringBuilder();
        for (Stitch s : all) {
            path.append('M').append(number(s.x1())).append(' ').append(number(s.y1())).append('L')
                    .append(number(s.x2()))
                    .append(' ').append(number(s.y2()));
        }
        double away = how.thickMm() * Threads.SHADOW;
        if (how.relief() > 0) {
            thread(path, "#000000", how);
            xml.attribute("transform", "translate(%s %s)".formatted(number(away), number(away)));
            xml.attribute("opacity", number(Threads.DARKEST * how.relief()));
        }
        thread(path, how.thread().hex(), how);
    }

    private void thread(CharSequence path, String colour, Stitching how) throws XMLStreamException {
        xml.empty("path", "d", path.toString(), "fill", "none", "stroke", colour, "stroke-width", number(how.thickMm()),
                "stroke-linecap", "round");
    }

    private void line(Shape shape, Pen pen) throws XMLStreamException {
        String clip = "side-" + (sides + 1);
        if (pen.side() != Pen.Side.MIDDLE) {
            sides++;
            xml.start("clipPath", "id", clip);
            xml.empty("path", "d", data(pen.side() == Pen.Side.INSIDE ? shape : VectorSides.outside(shape, pen)),
                    "clip-rule", VectorSides.evenOdd(shape, pen) ? "evenodd" : "nonzero");
            xml.end();
        }
        xml.empty("path", "d", data(shape), "fill", "none", "stroke", pen.colour().hex(), "stroke-width",
                number(pen.drawnMm()), "stroke-linejoin", "round", "stroke-linecap",
                pen.dashesMm().isEmpty() ? "round" : "butt");
        if (!pen.dashesMm().isEmpty()) {
            xml.attribute("stroke-dasharray", pen.dashesMm().stream().map(XmlOut::number)
                    .collect(Collectors.joining(" ")));
        }
        if (pen.side() != Pen.Side.MIDDLE) {
            xml.attribute("clip-path", "url(#" + clip + ")");
        }
    }
}
