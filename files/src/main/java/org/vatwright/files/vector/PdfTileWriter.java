package org.vatwright.files.vector;

import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.io.IOException;
import java.nio.file.Path;

import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDFormContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.apache.pdfbox.util.Matrix;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.repeat.Tile;
import org.vatwright.files.disk.Disk;

/** The tile as a page of its true size, all marks as shapes; a layer is a transparency group. */
public final class PdfTileWriter {

    private static final float POINTS_PER_MM = 72f / 25.4f;

    private PdfTileWriter() {}

    public static void write(Design design, Colourway colourway, Path file) {
        Disk.writeWhole(file, out -> {
            try (PDDocument document = new PDDocument()) {
                document.getDocumentInformation().setTitle(design.name() + ", " + colourway.name());
                document.getDocumentInformation().setCreator("Vatwright");
                Tile tile = design.repeat().tile();
                PDPage page = new PDPage(new PDRectangle((float) tile.widthMm() * POINTS_PER_MM,
                        (float) tile.heightMm() * POINTS_PER_MM));
                document.addPage(page);
                try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                    draw(document, content, design, new InkColours(design.palette(), colourway));
                }
                document.save(out);
            }
        });
    }

    private static void draw(PDDocument document, PDPageContentStream content, Design design, InkColours inks)
            throws IOException {
        Tile tile = design.repeat().tile();
        // From mm, y down, to points, y up.
        content.transform(new Matrix(POINTS_PER_MM, 0, 0, -POINTS_PER_MM, 0, (float) tile.heightMm() * POINTS_PER_MM));
        if (!(design.ground() instanceof Ink.Clear)) {
            content.setNonStrokingColor(new java.awt.Color(inks.argb(design.ground())));
            content.addRect(0, 0, (float) tile.widthMm(), (float) tile.heightMm());
            content.fill();
        }
        for (Layer layer : design.layers()) {
            if (layer.visible()) {
                content.saveGraphicsState();
                PDExtendedGraphicsState state = new PDExtendedGraphicsState();
                state.setNonStrokingAlphaConstant((float) layer.opacity());
                if (layer.mode() != BlendMode.NORMAL) {
                    state.setBlendMode(
                            org.apache.pdfbox.pdmodel.graphics.blend.BlendMode.getInstance(name(layer.mode())));
                }
                content.setGraphicsStateParameters(state);
                content.drawForm(group(document, layer, design, inks));
                content.restoreGraphicsState();
            }
        }
    }

    /** PDF's names of the same blend modes, as in ColorDodge. */
    private static COSName name(BlendMode mode) {
        StringBuilder name = new StringBuilder();
        for (String word : mode.keyword().split("-")) {
            name.append(Character.toUpperCase(word.charAt(0))).append(word.substring(1));
        }
        return COSName.getPDFName(name.toString());
    }

    private static PDFormXObject group(PDDocument document, Layer layer, Design design, InkColours inks)
            throws IOException {
        Tile tile = design.repeat().tile();
        PDFormXObject form = new PDFormXObject(document);
        form.setBBox(new PDRectangle((float) tile.widthMm(), (float) tile.heightMm()));
        form.setResources(new PDResources());
        COSDictionary group = new COSDictionary();
        group.setItem(COSName.TYPE, COSName.GROUP);
        group.setItem(COSName.S, COSName.TRANSPARENCY);
        form.getCOSObject().setItem(COSName.GROUP, group);
        try (PDFormContentStream content = new PDFormContentStream(form)) {
            if (layer.mask().isPresent()) {
                path(content, layer.mask().get().outline(design.repeat()));
                content.clip();
            }
            for (VectorMark mark : layer.structure().outlines(design.repeat())) {
                if (mark.gradient().isPresent()) {
                    PdfShade.fill(content, mark, inks, PdfTileWriter::path);
                    continue;
                }
                MarkColour colour = MarkColour.of(mark, inks);
                PDExtendedGraphicsState state = new PDExtendedGraphicsState();
                state.setNonStrokingAlphaConstant((float) colour.opacity());
                if (colour.opacity() < 1) {
                    content.saveGraphicsState();
                    content.setGraphicsStateParameters(state);
                }
                content.setNonStrokingColor(new java.awt.Color(colour.rgb().argb()));
                path(content, mark.shape());
                content.fill();
                if (colour.opacity() < 1) {
                    content.restoreGraphicsState();
                }
            }
        }
        return form;
    }

    private static void path(PDFormContentStream content, Shape shape) throws IOException {
        float[] c = new float[6];
        float x = 0;
        float y = 0;
        for (PathIterator it = shape.getPathIterator(null); !it.isDone(); it.next()) {
            switch (it.currentSegment(c)) {
                case PathIterator.SEG_MOVETO -> content.moveTo(x = c[0], y = c[1]);
                case PathIterator.SEG_LINETO -> content.lineTo(x = c[0], y = c[1]);
                case PathIterator.SEG_QUADTO -> {
                    // A quadratic curve raised to a cubic one.
                    content.curveTo(x + 2f / 3 * (c[0] - x), y + 2f / 3 * (c[1] - y), c[2] + 2f / 3 * (c[0] - c[2]),
                            c[3] + 2f / 3 * (c[1] - c[3]), c[2], c[3]);
                    x = c[2];
                    y = c[3];
                }
                case PathIterator.SEG_CUBICTO -> content.curveTo(c[0], c[1], c[2], c[3], x = c[4], y = c[5]);
                default -> content.closePath();
            }
        }
    }
}
