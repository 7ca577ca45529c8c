package org.vatwright.files.picture;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;

import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataFormatImpl;
import javax.imageio.stream.ImageInputStream;

import org.vatwright.core.measure.Unit;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** The density a picture's file tells. */
final class PictureDensity {

    private static final double USUAL_DPI = 300;

    private PictureDensity() {}

    /** @return dpi, 1 to 100,000; the usual one when the file tells none that can be */
    static double of(byte[] bytes) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                return USUAL_DPI;
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, false);
                return of(reader.getImageMetadata(0));
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            // What else a file says about itself may be broken; its pixels count.
            return USUAL_DPI;
        }
    }

    /** The standard metadata tell mm a pixel. */
    private static double of(IIOMetadata metadata) {
        Element root = (Element) metadata.getAsTree(IIOMetadataFormatImpl.standardMetadataFormatName);
        NodeList sizes = root.getElementsByTagName("HorizontalPixelSize");
        if (sizes.getLength() == 0) {
            return USUAL_DPI;
        }
        double dpi = Unit.MM_PER_INCH / Double.parseDouble(((Element) sizes.item(0)).getAttribute("value"));
        // A value that is whole but for rounding in the file's own units is whole.
        double whole = Math.rint(dpi);
        double told = Math.abs(dpi - whole) < 0.02 ? whole : dpi;
        return told >= 1 && told <= 100_000 ? told : USUAL_DPI;
    }
}
