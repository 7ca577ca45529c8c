package org.vatwright.files.picture;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
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
import org.vatwright.core.measure.Require;
import org.vatwright.core.project.Job.Format;
import org.vatwright.core.raster.Raster;
import org.vatwright.files.disk.Disk;

/** Pictures out: PNG, JPEG, TIFF, each with its density and the sRGB profile, replaced only whole. */
public final class PictureWriter {

    private static final int JPEG_SIDE = 65_500;
    private static final int ICC_PROFILE_TAG = 34675;
    private static final byte[] SRGB = ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData();

    private PictureWriter() {}

    /** @param quality of JPEG, 1 to 100; JPEG has no transparency and shows white there */
    public static void write(Raster raster, Density density, Format format, int quality, Path file) {
        if (format == Format.JPEG) {
            Require.that(raster.width() <= JPEG_SIDE && raster.height() <= JPEG_SIDE,
                    "JPEG holds %,d pixels a side; this has %,d x %,d: write PNG or TIFF".formatted(JPEG_SIDE,
                            raster.width(), raster.height()));
        }
        Disk.writeWhole(file, out -> {
            switch (format) {
                case PNG -> png(raster, density, out);
                case JPEG -> jpeg(raster, density, quality, out);
                default -> tiff(raster, density, out);
            }
        });
    }

    private static void png(Raster raster, Density density, OutputStream out) throws IOException {
        BufferedImage image = straight(raster, false);
        ImageWriter writer = ImageIO.getImageWritersByFormatName("png").next();
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

    private static void jpeg(Raster raster, Density density, int quality, OutputStream out) throws IOException {
        BufferedImage image = straight(raster, true);
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
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

    private static void tiff(Raster raster, Density density, OutputStream out) throws IOException {
        BufferedImage image = straight(raster, false);
        ImageWriter writer = ImageIO.getImageWritersByFormatName("tiff").next();
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

    private static IIOMetadataNode node(String name, String... attributes) {
        IIOMetadataNode node = new IIOMetadataNode(name);
        for (int i = 0; i < attributes.length; i += 2) {
            node.setAttribute(attributes[i], attributes[i + 1]);
        }
        return node;
    }

    private static void write(ImageWriter writer, BufferedImage image, IIOMetadata data, ImageWriteParam param,
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

    /**
     * Straight (not premultiplied) pixels; three channels where nothing is transparent.
     *
     * @param onWhite lays everything on white
     */
    static BufferedImage straight(Raster raster, boolean onWhite) {
        int[] source = raster.argb();
        boolean alpha = !onWhite && !opaque(source);
        BufferedImage image = new BufferedImage(raster.width(), raster.height(),
                alpha ? BufferedImage.TYPE_INT_ARGB : BufferedImage.TYPE_INT_RGB);
        int[] target = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        for (int i = 0; i < source.length; i++) {
            int a = source[i] >>> 24;
            if (a == 255) {
                target[i] = source[i];
            } else if (onWhite) {
                int white = 255 - a;
                target[i] = (source[i] & 0xFFFFFF) + (white << 16 | white << 8 | white);
            } else if (a != 0) {
                int r = ((source[i] >> 16 & 255) * 255 + a / 2) / a;
                int g = ((source[i] >> 8 & 255) * 255 + a / 2) / a;
                int b = ((source[i] & 255) * 255 + a / 2) / a;
                target[i] = a << 24 | Math.min(r, 255) << 16 | Math.min(g, 255) << 8 | Math.min(b, 255);
            }
        }
        return image;
    }

    private static boolean opaque(int[] argb) {
        int all = -1;
        for (int pixel : argb) {
            all &= pixel;
        }
        return all >>> 24 == 255;
    }
}
