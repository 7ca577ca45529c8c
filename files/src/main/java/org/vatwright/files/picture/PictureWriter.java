package org.vatwright.files.picture;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.RenderedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.zip.DeflaterOutputStream;

import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOInvalidTreeException;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.plugins.tiff.BaselineTIFFTagSet;
import javax.imageio.plugins.tiff.TIFFDirectory;
import javax.imageio.plugins.tiff.TIFFField;
import javax.imageio.plugins.tiff.TIFFTag;
import javax.imageio.stream.ImageOutputStream;

import org.vatwright.core.measure.Density;
import org.vatwright.core.project.Output.Format;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.RowSource;
import org.vatwright.core.raster.Work;
import org.vatwright.files.disk.Disk;

/** Pictures out: PNG, JPEG, TIFF, each with its density and the sRGB profile, replaced only whole. */
public final class PictureWriter {

    private static final long AT_ONCE_PX = 64_000_000;
    private static final int ICC_PROFILE_TAG = 34675;
    private static final byte[] SRGB = ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData();

    private PictureWriter() {}

    /** @param quality of JPEG, 1 to 100; JPEG has no transparency and shows white there */
    public static void write(Raster raster, Density density, Format format, int quality, Path file) {
        write(RowSource.of(raster), density, format, quality, file, Work.plain());
    }

    /**
     * Writes a picture of any size, row by row; what its kind of file cannot hold is said.
     *
     * @param quality of JPEG, 1 to 100; JPEG has no transparency and shows white there
     * @param work told the share that is written; when it is stopped nothing is left behind
     */
    public static void write(RowSource rows, Density density, Format format, int quality, Path file, Work work) {
        format.checkHolds(rows.width(), rows.height());
        RenderedImage image = image(rows, format == Format.JPEG, work);
        Disk.writeWhole(file, out -> {
            switch (format) {
                case PNG -> png(image, density, out);
                case JPEG -> jpeg(image, density, quality, out);
                default -> tiff(image, density, out);
            }
        });
    }

    /** What fits into memory is looked over for transparency; of what does not its source has to know. */
    private static RenderedImage image(RowSource rows, boolean onWhite, Work work) {
        if ((long) rows.width() * rows.height() > AT_ONCE_PX) {
            return new RowImage(rows, !onWhite && !rows.opaque(), onWhite, work);
        }
        RowSource there = rows.opaque() && !onWhite ? rows : RowSource.of(rows.gathered(work));
        return new RowImage(there, !onWhite && !there.opaque(), onWhite, work);
    }

    private static void png(RenderedImage image, Density density, OutputStream out) throws IOException {
        ImageWriter writer = writer("png");
        IIOMetadata data = writer.getDefaultImageMetadata(new ImageTypeSpecifier(image), null);
        IIOMetadataNode root = new IIOMetadataNode("javax_imageio_png_1.0");
        String perMetre = String.valueOf(Math.round(density.dpi() / 0.0254));
        root.appendChild(node("pHYs", "pixelsPerUnitXAxis", perMetre, "pixelsPerUnitYAxis", perMetre, "unitSpecifier",
                "meter"));
        IIOMetadataNode profile = node("iCCP", "profileName", "sRGB", "compressionMethod", "deflate");
        profile.setUserObject(deflated(SRGB));
        root.appendChild(profile);
        data.mergeTree("javax_imageio_png_1.0", root);
        write(writer, image, data, writer.getDefaultWriteParam(), out);
    }

    private static byte[] deflated(byte[] bytes) throws IOException {
        ByteArrayOutputStream packed = new ByteArrayOutputStream();
        try (DeflaterOutputStream deflater = new DeflaterOutputStream(packed)) {
            deflater.write(bytes);
        }
        return packed.toByteArray();
    }

    private static void jpeg(RenderedImage image, Density density, int quality, OutputStream out) throws IOException {
        ImageWriter writer = writer("jpeg");
        ImageWriteParam param = writer.getDefaultWriteParam();
        param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        param.setCompressionQuality(quality / 100f);
        IIOMetadata data = writer.getDefaultImageMetadata(new ImageTypeSpecifier(image), param);
        String name = data.getNativeMetadataFormatName();
        IIOMetadataNode root = (IIOMetadataNode) data.getAsTree(name);
        IIOMetadataNode jfif = (IIOMetadataNode) root.getElementsByTagName("app0JFIF").item(0);
        String dpi = String.valueOf(Math.max(1, Math.min(65_535, Math.round(density.dpi()))));
        jfif.setAttribute("resUnits", "1");
        jfif.setAttribute("Xdensity", dpi);
        jfif.setAttribute("Ydensity", dpi);
        IIOMetadataNode profile = new IIOMetadataNode("app2ICC");
        profile.setUserObject(ICC_Profile.getInstance(SRGB));
        jfif.appendChild(profile);
        data.setFromTree(name, root);
        write(writer, image, data, param, out);
    }

    private static void tiff(RenderedImage image, Density density, OutputStream out) throws IOException {
        ImageWriter writer = writer("tiff");
        ImageWriteParam param = writer.getDefaultWriteParam();
        param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        param.setCompressionType("Deflate");
        IIOMetadata data = writer.getDefaultImageMetadata(new ImageTypeSpecifier(image), param);
        TIFFDirectory directory = TIFFDirectory.createFromMetadata(data);
        BaselineTIFFTagSet tags = BaselineTIFFTagSet.getInstance();
        long[][] dpi = {{Math.round(density.dpi() * 1000), 1000}};
        directory.addTIFFField(new TIFFField(tags.getTag(BaselineTIFFTagSet.TAG_X_RESOLUTION), TIFFTag.TIFF_RATIONAL, 1,
                dpi));
        directory.addTIFFField(new TIFFField(tags.getTag(BaselineTIFFTagSet.TAG_Y_RESOLUTION), TIFFTag.TIFF_RATIONAL, 1,
                dpi));
        directory.addTIFFField(new TIFFField(tags.getTag(BaselineTIFFTagSet.TAG_RESOLUTION_UNIT),
                BaselineTIFFTagSet.RESOLUTION_UNIT_INCH));
        directory.addTIFFField(new TIFFField(tags.getTag(ICC_PROFILE_TAG), TIFFTag.TIFF_UNDEFINED, SRGB.length, SRGB));
        write(writer, image, directory.getAsMetadata(), param, out);
    }

    /** The platform's own: writers that libraries bring want to be told in other ways what else goes into the file. */
    private static ImageWriter writer(String format) {
        Iterator<ImageWriter> writers = ImageIO.getImageWritersByFormatName(format);
        while (writers.hasNext()) {
            ImageWriter writer = writers.next();
            if (writer.getClass().getModule() == ImageIO.class.getModule()) {
                return writer;
            }
        }
        throw new IllegalStateException("the platform writes no " + format);
    }

    private static IIOMetadataNode node(String name, String... attributes) {
        IIOMetadataNode node = new IIOMetadataNode(name);
        for (int i = 0; i < attributes.length; i += 2) {
            node.setAttribute(attributes[i], attributes[i + 1]);
        }
        return node;
    }

    private static void write(ImageWriter writer, RenderedImage image, IIOMetadata data, ImageWriteParam param,
            OutputStream out) throws IOException {
        try (ImageOutputStream stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            writer.write(null, new IIOImage(image, null, data), param);
        } catch (IIOInvalidTreeException e) {
            throw new IllegalStateException(e);
        } finally {
            writer.dispose();
        }
    }
}
