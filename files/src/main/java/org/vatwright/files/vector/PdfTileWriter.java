package org.vatwright.files.vector;

import java.awt.Color;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDFormContentStream;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.graphics.state.PDExtendedGraphicsState;
import org.apache.pdfbox.util.Matrix;
import org.vatwright.core.measure.Density;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.repeat.Tile;
import org.vatwright.files.disk.Disk;
import org.vatwright.files.picture.Pictures;

/**
 * The tile as a page of its true size, all marks as shapes; a layer is a transparency group. Designs that serve as inks are
 * copies of their tiles, clipped by the marks; pictures are embedded.
 */
public final class PdfTileWriter {

    static final float POINTS_PER_MM = 72f / 25.4f;

    private final PDDocument document;
    /** The copies of fills in the file. */
    private final Map<FillCopy, PDFormXObject> copies = new HashMap<>();

    PdfTileWriter(PDDocument document) {
        this.document = document;
    }

    /** @param density at which what is pixels by nature is embedded, at the most */
    public static void write(Cloth cloth, Density density, Path file, Work work) {
        Disk.writeWhole(file, out -> {
            try (PDDocument document = new PDDocument()) {
                document.getDocumentInformation().setTitle(cloth.design().name() + ", " + cloth.colourway().name());
                document.getDocumentInformation().setCreator("Vatwright");
                Tile tile = cloth.design().repeat().tile();
                PDPage page = new PDPage(new PDRectangle((float) tile.widthMm() * POINTS_PER_MM,
                        (float) tile.heightMm() * POINTS_PER_MM));
                document.addPage(page);
                PDFormXObject whole = new PdfTileWriter(document).tile(cloth, density, work);
                try (PDPageContentStream content = new PDPageContentStream(document, page)) {
                    // From mm, y down, to points, y up.
                    content.transform(new Matrix(POINTS_PER_MM, 0, 0, -POINTS_PER_MM, 0,
                            (float) tile.heightMm() * POINTS_PER_MM));
                    content.drawForm(whole);
                }
                document.save(out);
            }
        });
    }

    /** @param at density at which what is pixels by nature is embedded @return one tile, in mm, y down */
    PDFormXObject tile(Cloth cloth, Density at, Work work) throws IOException {
        return new Content(TileContent.of(cloth, at, work)).form();
    }

    /** PDF's names of the same blend modes, as in ColorDodge. */
    static COSName name(BlendMode mode) {
        StringBuilder name = new StringBuilder();
        for (String word : mode.keyword().split("-")) {
            name.append(Character.toUpperCase(word.charAt(0))).append(word.substring(1));
        }
        return COSName.getPDFName(name.toString());
    }

    /** The layers of one design, the outer one or one that serves as an ink, in mm, y down. */
    private final class Content {
        private final TileContent of;
        private final Map<Float, PDExtendedGraphicsState> faded = new HashMap<>();
        private final PdfShade shades;

        Content(TileContent of) {
            this.of = of;
            shades = new PdfShade(document, of.inks(), of.tone());
        }

        PDFormXObject form() throws IOException {
            PDFormXObject form = blank(of.widthMm(), of.heightMm(), false);
            try (PDFormContentStream content = new PDFormContentStream(form)) {
                if (of.ground().isPresent()) {
                    mark(content, of.ground().get());
                }
                for (Layer layer : of.layers()) {
                    content.saveGraphicsState();
                    PDExtendedGraphicsState state = new PDExtendedGraphicsState();
                    state.setNonStrokingAlphaConstant((float) layer.opacity());
                    if (layer.mode() != BlendMode.NORMAL) {
                        state.setBlendMode(org.apache.pdfbox.pdmodel.graphics.blend.BlendMode
                                .getInstance(name(layer.mode())));
                    }
                    content.setGraphicsStateParameters(state);
                    content.drawForm(layer(layer));
                    content.restoreGraphicsState();
                }
            }
            return form;
        }

        private PDFormXObject layer(Layer layer) throws IOException {
            PDFormXObject form = blank(of.widthMm(), of.heightMm(), true);
            try (PDFormContentStream content = new PDFormContentStream(form)) {
                if (layer.mask().isPresent() && of.design().shapeless(layer).isEmpty()) {
                    path(content, layer.mask().get().outline(of.design().repeat()));
                    content.clip();
                }
                Optional<List<VectorMark>> marks = of.marks(layer);
                if (marks.isEmpty()) {
                    pixels(content, layer);
                }
                for (VectorMark mark : marks.orElse(List.of())) {
                    mark(content, mark);
                }
            }
            return form;
        }

        /** What is no shape, as a picture at its place. */
        private void pixels(PDFormContentStream content, Layer layer) throws IOException {
            PDImageXObject image = LosslessFactory.createFromImage(document, Pictures.image(of.pixels(layer)));
            float w = (float) of.tile().widthMm();
            float h = (float) of.tile().heightMm();
            for (Point2D copy : of.copies()) {
                content.saveGraphicsState();
                // Pictures stand upright in points, y up.
                content.transform(new Matrix(1, 0, 0, -1, (float) copy.getX(), (float) copy.getY() + h));
                content.drawImage(image, 0, 0, w, h);
                content.restoreGraphicsState();
            }
        }

        private void mark(PDFormContentStream content, VectorMark mark) throws IOException {
            of.work().goOn();
            if (mark.gradient().isPresent()) {
                content.saveGraphicsState();
                content.setGraphicsStateParameters(faded(PdfShade.opacity(mark)));
                path(content, mark.shape());
                content.clip();
                shades.fill(content, mark.gradient().get(), mark.shape().getBounds2D());
                content.restoreGraphicsState();
                return;
            }
            for (MarkCoats.Coat coat : of.coats(mark)) {
                if (coat.opacity() < 1) {
                    content.saveGraphicsState();
                    content.setGraphicsStateParameters(faded(coat.opacity()));
                }
                if (coat.fill().isPresent()) {
                    content.drawForm(filled(coat.fill().get(), mark, coat.tone(), coat.opacity() < 1));
                } else {
                    content.setNonStrokingColor(new Color(coat.rgb().argb()));
                    path(content, mark.shape());
                    content.fill();
                }
                if (coat.opacity() < 1) {
                    content.restoreGraphicsState();
                }
            }
        }

        /** One for all that is as faded: each further one of a form is looked for among all those before. */
        private PDExtendedGraphicsState faded(double opacity) {
            return faded.computeIfAbsent((float) opacity, alpha -> {
                PDExtendedGraphicsState state = new PDExtendedGraphicsState();
                state.setNonStrokingAlphaConstant(alpha);
                return state;
            });
        }

        /** @param group whether it is faded as one, so that what lies under the next copy does not show */
        private PDFormXObject filled(Fill fill, VectorMark mark, double seenTone, boolean group) throws IOException {
            FillPlace place = FillPlace.of(fill, mark, of.tile());
            PDFormXObject copy = copy(fill, place.block(), seenTone);
            PDFormXObject form = blank(0, 0, group);
            Rectangle2D box = mark.shape().getBounds2D();
            form.setBBox(new PDRectangle((float) box.getX(), (float) box.getY(), (float) box.getWidth(),
                    (float) box.getHeight()));
            try (PDFormContentStream content = new PDFormContentStream(form)) {
                path(content, mark.shape());
                content.clip();
                for (AffineTransform each : place.copies()) {
                    content.saveGraphicsState();
                    content.transform(new Matrix(each));
                    content.drawForm(copy);
                    content.restoreGraphicsState();
                }
            }
            return form;
        }

        private PDFormXObject copy(Fill fill, int block, double seenTone) throws IOException {
            FillCopy key = of.copyOf(fill, block, seenTone);
            PDFormXObject known = copies.get(key);
            if (known != null) {
                return known;
            }
            double w = fill.source().widthMm();
            double h = fill.source().heightMm();
            double over = FillPlace.bleed(fill.source());
            PDFormXObject form;
            if (block == 1 && fill.source() instanceof Fill.OfDesign inner) {
                form = new Content(of.within(inner, seenTone)).form();
            } else {
                form = blank(block * w + over, block * h + over, false);
                try (PDFormContentStream content = new PDFormContentStream(form)) {
                    if (block > 1) {
                        PDFormXObject one = copy(fill, 1, seenTone);
                        for (int n = 0; n < block * block; n++) {
                            content.saveGraphicsState();
                            content.transform(Matrix.getTranslateInstance((float) (n % block * w),
                                    (float) (n / block * h)));
                            content.drawForm(one);
                            content.restoreGraphicsState();
                        }
                    } else if (fill.source() instanceof Fill.OfPicture picture) {
                        PDImageXObject image = LosslessFactory.createFromImage(document,
                                Pictures.image(FillPlace.pixels(fill, picture, of.inks(), seenTone, of.density())));
                        // Pictures stand upright in points, y up.
                        content.transform(new Matrix(1, 0, 0, -1, 0, (float) h));
                        content.drawImage(image, 0, 0, (float) w, (float) h);
                    }
                }
            }
            copies.put(key, form);
            return form;
        }
    }

    private PDFormXObject blank(double widthMm, double heightMm, boolean group) {
        PDFormXObject form = new PDFormXObject(document);
        form.setBBox(new PDRectangle((float) widthMm, (float) heightMm));
        form.setResources(new PDResources());
        if (group) {
            COSDictionary transparency = new COSDictionary();
            transparency.setItem(COSName.TYPE, COSName.GROUP);
            transparency.setItem(COSName.S, COSName.TRANSPARENCY);
            form.getCOSObject().setItem(COSName.GROUP, transparency);
        }
        return form;
    }

    static void path(PDFormContentStream content, Shape shape) throws IOException {
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
