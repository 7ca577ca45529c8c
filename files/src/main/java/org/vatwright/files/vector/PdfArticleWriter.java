package org.vatwright.files.vector;

import java.awt.Color;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.io.IOException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDFormContentStream;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDPatternContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.color.PDColor;
import org.apache.pdfbox.pdmodel.graphics.color.PDPattern;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.pattern.PDTilingPattern;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.apache.pdfbox.util.Matrix;
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
import org.vatwright.files.picture.Pictures;

/** A dressed article as a page of its true size: each piece a shape filled with a tiling pattern, outlines as lines. */
public final class PdfArticleWriter {

    private static final int ROUND = 1;
    private static final int BUTT = 0;

    private final PDDocument document;
    private final ArticleContent of;
    private final PdfTileWriter tiles;
    private final PDResources resources = new PDResources();
    private final Map<Cloth, PDFormXObject> cloths = new HashMap<>();
    private final Map<ArticleContent.Worn, PDColor> lays = new HashMap<>();

    private PdfArticleWriter(PDDocument document, ArticleContent of) {
        this.document = document;
        this.of = of;
        tiles = new PdfTileWriter(document);
    }

    public static void write(ArticleContent article, Path file) {
        Disk.writeWhole(file, out -> {
            try (PDDocument document = new PDDocument()) {
                document.getDocumentInformation().setTitle(article.cut().article().name());
                document.getDocumentInformation().setCreator("Vatwright");
                new PdfArticleWriter(document, article).page();
                document.save(out);
            }
        });
    }

    private void page() throws IOException {
        float scale = PdfTileWriter.POINTS_PER_MM;
        float w = (float) of.cut().widthMm();
        float h = (float) of.cut().heightMm();
        PDPage page = new PDPage(new PDRectangle(w * scale, h * scale));
        document.addPage(page);
        PDFormXObject whole = new PDFormXObject(document);
        whole.setBBox(new PDRectangle(w, h));
        whole.setResources(resources);
        try (PDFormContentStream content = new PDFormContentStream(whole)) {
            Optional<Raster> flattened = of.flattened();
            if (flattened.isPresent()) {
                image(content, flattened.get());
            } else {
                parts(content);
            }
        }
        try (PDPageContentStream content = new PDPageContentStream(document, page)) {
            // From mm, y down, to points, y up.
            content.transform(new Matrix(scale, 0, 0, -scale, 0, h * scale));
            content.drawForm(whole);
        }
    }

    private void parts(PDFormContentStream content) throws IOException {
        if (of.picture().isPresent()) {
            image(content, of.picture().get());
        }
        for (Piece piece : of.pieces()) {
            of.work().goOn();
            piece(content, piece);
        }
        for (Article.Line line : of.cut().lines()) {
            line(content, line.outline().path(), line.stroke());
        }
    }

    private void piece(PDFormContentStream content, Piece piece) throws IOException {
        Optional<ArticleContent.Worn> worn = of.worn(piece);
        Optional<ArticleContent.Pixels> pixels = of.pixels(piece);
        if (piece.fill().isPresent()) {
            content.setNonStrokingColor(new Color(piece.fill().get().argb()));
            fill(content, piece);
        }
        if (pixels.isPresent()) {
            content.saveGraphicsState();
            laid(content, pixels.get().laid());
            image(content, pixels.get().raster());
            content.restoreGraphicsState();
        } else if (worn.isPresent()) {
            content.saveGraphicsState();
            laid(content, worn.get().lay());
            content.setNonStrokingColor(pattern(worn.get()));
            fill(content, piece);
            content.restoreGraphicsState();
        }
        for (Stitching how : of.cut().dressing(piece).stitches()) {
            stitches(content, how, how.along(SewnWay.of(piece, of.cut().dressing(piece), how)));
        }
        if (piece.stroke().isPresent()) {
            line(content, piece.seen().path(), piece.stroke().get());
        }
    }

    private static void fill(PDFormContentStream content, Piece piece) throws IOException {
        Path2D path = piece.seen().path();
        PdfTileWriter.path(content, path);
        if (path.getWindingRule() == Path2D.WIND_EVEN_ODD) {
            content.fillEvenOdd();
        } else {
            content.fill();
        }
    }

    /** A picture of all the article; pictures stand upright in points, y up. */
    private void image(PDFormContentStream content, Raster pixels) throws IOException {
        float h = (float) of.cut().heightMm();
        content.saveGraphicsState();
        content.transform(new Matrix(1, 0, 0, -1, 0, h));
        content.drawImage(LosslessFactory.createFromImage(document, Pictures.image(pixels)), 0, 0,
                (float) of.cut().widthMm(), h);
        content.restoreGraphicsState();
    }

    private static void laid(PDFormContentStream content, Lay lay) throws IOException {
        if (lay.opacity() == 1 && lay.mode() == BlendMode.NORMAL) {
            return;
        }
        PDExtendedGraphicsState state = new PDExtendedGraphicsState();
        state.setNonStrokingAlphaConstant((float) lay.opacity());
        if (lay.mode() != BlendMode.NORMAL) {
            state.setBlendMode(org.apache.pdfbox.pdmodel.graphics.blend.BlendMode
                    .getInstance(PdfTileWriter.name(lay.mode())));
        }
        content.setGraphicsStateParameters(state);
    }

    /** A cloth is written once; each way it lies is a pattern that draws it. */
    private PDColor pattern(ArticleContent.Worn worn) throws IOException {
        PDColor known = lays.get(worn);
        if (known != null) {
            return known;
        }
        PDFormXObject cloth = cloths.get(worn.cloth());
        if (cloth == null) {
            cloth = tiles.tile(worn.cloth(), of.tileDensity(worn), of.work());
            cloths.put(worn.cloth(), cloth);
        }
        Tile tile = worn.cloth().design().repeat().tile();
        PDTilingPattern pattern = new PDTilingPattern();
        pattern.setPaintType(PDTilingPattern.PAINT_COLORED);
        pattern.setTilingType(PDTilingPattern.TILING_CONSTANT_SPACING);
        pattern.setBBox(new PDRectangle((float) tile.widthMm(), (float) tile.heightMm()));
        pattern.setXStep((float) tile.widthMm());
        pattern.setYStep((float) tile.heightMm());
        AffineTransform place = worn.place();
        pattern.setMatrix(place);
        pattern.setResources(new PDResources());
        try (PDPatternContentStream content = new PDPatternContentStream(pattern)) {
            content.drawForm(cloth);
        }
        PDColor colour = new PDColor(resources.add(pattern), new PDPattern(null));
        lays.put(worn, colour);
        return colour;
    }

    /** Threads are lines over their shadows; their roundness and twist are not drawn. */
    private static void stitches(PDFormContentStream content, Stitching how, List<Stitch> all) throws IOException {
        content.saveGraphicsState();
        content.setLineWidth((float) how.thickMm());
        content.setLineCapStyle(ROUND);
        if (how.relief() > 0) {
            content.saveGraphicsState();
            float away = (float) (how.thickMm() * Threads.SHADOW);
            PDExtendedGraphicsState state = new PDExtendedGraphicsState();
            state.setStrokingAlphaConstant((float) (Threads.DARKEST * how.relief()));
            content.setGraphicsStateParameters(state);
            content.transform(Matrix.getTranslateInstance(away, away));
            content.setStrokingColor(Color.BLACK);
            threads(content, all);
            content.restoreGraphicsState();
        }
        content.setStrokingColor(new Color(how.thread().argb()));
        threads(content, all);
        content.restoreGraphicsState();
    }

    private static void threads(PDFormContentStream content, List<Stitch> all) throws IOException {
        for (Stitch s : all) {
            content.moveTo((float) s.x1(), (float) s.y1());
            content.lineTo((float) s.x2(), (float) s.y2());
        }
        content.stroke();
    }

    private static void line(PDFormContentStream content, Shape shape, Pen pen) throws IOException {
        content.saveGraphicsState();
        if (pen.side() != Pen.Side.MIDDLE) {
            PdfTileWriter.path(content, pen.side() == Pen.Side.INSIDE ? shape : VectorSides.outside(shape, pen));
            if (VectorSides.evenOdd(shape, pen)) {
                content.clipEvenOdd();
            } else {
                content.clip();
            }
        }
        content.setStrokingColor(new Color(pen.colour().argb()));
        content.setLineWidth((float) pen.drawnMm());
        content.setLineJoinStyle(ROUND);
        if (pen.dashesMm().isEmpty()) {
            content.setLineCapStyle(ROUND);
        } else {
            float[] dashes = new float[pen.dashesMm().size()];
            for (int i = 0; i < dashes.length; i++) {
                dashes[i] = pen.dashesMm().get(i).floatValue();
            }
            content.setLineCapStyle(BUTT);
            content.setLineDashPattern(dashes, 0);
        }
        PdfTileWriter.path(content, shape);
        content.stroke();
        content.restoreGraphicsState();
    }
}
