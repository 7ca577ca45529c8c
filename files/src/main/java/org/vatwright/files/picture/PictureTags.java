package org.vatwright.files.picture;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;

import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.metadata.IIOMetadataFormatImpl;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;

import org.vatwright.core.measure.Unit;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

import com.twelvemonkeys.imageio.metadata.Entry;
import com.twelvemonkeys.imageio.metadata.jpeg.JPEG;
import com.twelvemonkeys.imageio.metadata.jpeg.JPEGSegment;
import com.twelvemonkeys.imageio.metadata.jpeg.JPEGSegmentUtil;
import com.twelvemonkeys.imageio.metadata.tiff.TIFF;
import com.twelvemonkeys.imageio.metadata.tiff.TIFFReader;

/** What a picture's file tells about its pixels. */
final class PictureTags {

    private static final double USUAL_DPI = 300;
    private static final String JPEG_EXIF = "Exif";

    private PictureTags() {}

    /** @return dpi, 1 to 100,000; the usual one when the file tells none that can be */
    static double density(byte[] bytes) {
        return found(USUAL_DPI, () -> dpi(bytes));
    }

    /** @return how the stored rows stand to what is seen, 1 to 8 as EXIF and TIFF number it */
    static int turned(byte[] bytes) {
        return found(1, () -> orientation(bytes));
    }

    private interface Looking<T> {
        Optional<T> look() throws IOException;
    }

    /** What else a file says about itself may be broken; its pixels count. */
    private static <T> T found(T usual, Looking<T> looking) {
        try {
            return looking.look().orElse(usual);
        } catch (IOException | RuntimeException e) {
            return usual;
        }
    }

    private static ImageInputStream stream(byte[] bytes) throws IOException {
        return ImageIO.createImageInputStream(new ByteArrayInputStream(bytes));
    }

    /** The standard metadata tell mm a pixel. */
    private static Optional<Double> dpi(byte[] bytes) throws IOException {
        try (ImageInputStream in = stream(bytes)) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                return Optional.empty();
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, false);
                Element root = (Element) reader.getImageMetadata(0)
                        .getAsTree(IIOMetadataFormatImpl.standardMetadataFormatName);
                NodeList sizes = root.getElementsByTagName("HorizontalPixelSize");
                return sizes.getLength() == 0 ? Optional.empty() : dpi((Element) sizes.item(0));
            } finally {
                reader.dispose();
            }
        }
    }

    private static Optional<Double> dpi(Element pixelSize) {
        double dpi = Unit.MM_PER_INCH / Double.parseDouble(pixelSize.getAttribute("value"));
        // A value that is whole but for rounding in the file's own units is whole.
        double whole = Math.rint(dpi);
        double told = Math.abs(dpi - whole) < 0.02 ? whole : dpi;
        return told >= 1 && told <= 100_000 ? Optional.of(told) : Optional.empty();
    }

    /** From the tag itself: readers do not agree on the words of the standard metadata for turned and mirrored at once. */
    private static Optional<Integer> orientation(byte[] bytes) throws IOException {
        if (bytes.length > 3 && (bytes[0] == 'I' && bytes[1] == 'I' || bytes[0] == 'M' && bytes[1] == 'M')) {
            return orientation(stream(bytes));
        }
        if (bytes.length < 3 || (bytes[0] & 255) != 0xFF || (bytes[1] & 255) != 0xD8) {
            return Optional.empty();
        }
        List<JPEGSegment> segments = JPEGSegmentUtil.readSegments(stream(bytes), JPEG.APP1, JPEG_EXIF);
        if (segments.isEmpty()) {
            return Optional.empty();
        }
        InputStream exif = segments.getFirst().data();
        exif.skipNBytes(1);
        return orientation(new MemoryCacheImageInputStream(exif));
    }

    private static Optional<Integer> orientation(ImageInputStream tiff) throws IOException {
        try (tiff) {
            Entry entry = new TIFFReader().read(tiff).getEntryById(TIFF.TAG_ORIENTATION);
            return entry != null && entry.getValue() instanceof Number n && n.intValue() >= 1 && n.intValue() <= 8
                    ? Optional.of(n.intValue())
                    : Optional.empty();
        }
    }
}
