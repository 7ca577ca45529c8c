package org.vatwright.files.vector;

import java.awt.Color;
import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSBoolean;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDFormContentStream;
import org.apache.pdfbox.pdmodel.common.function.PDFunctionType0;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceRGB;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShading;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShadingType2;
import org.apache.pdfbox.pdmodel.graphics.shading.PDShadingType3;
import org.apache.pdfbox.util.Matrix;
import org.vatwright.core.pattern.Gradient;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.core.pattern.VectorMark;

/**
 * The gradients of one design in a PDF: axial and radial shadings (ISO 32000, 8.7.4.5), each seen through the marks that
 * have it. It is made once for all of them. The opacity of its inks is taken together.
 */
final class PdfShade {

    /** Colours on the way from one end to the other. */
    private static final int STEPS = 256;
    /** Beyond its ends a gradient that is repeated is drawn so many times. */
    private static final int REACH = 4;
    /** Over so long a way no change of colour is seen on a cloth. */
    private static final double FURTHEST_MM = 1e9;
    /** So finely numbers are written. */
    private static final double DECIMALS = 1e5;

    /** What is the same for all marks that have a gradient, wherever it lies on them. */
    private record Shade(boolean radial, double focusU, double focusV, List<Gradient.Stop> stops,
            Gradient.Spread spread) {}

    private final PDDocument document;
    private final InkColours inks;
    private final double tone;
    private final Map<Shade, PDShading> made = new HashMap<>();

    /** @param tone of all of it */
    PdfShade(PDDocument document, InkColours inks, double tone) {
        this.document = document;
        this.inks = inks;
        this.tone = tone;
    }

    /** @return the opacity of a shaded mark, 0 to 1 */
    static double opacity(VectorMark mark) {
        return mark.opacity() * mark.gradient().orElseThrow().stops().stream().mapToDouble(Gradient.Stop::opacity)
                .average().orElse(1);
    }

    /** Fills what is open to paint, which the mark has clipped. @param box all of the mark, in mm */
    void fill(PDFormContentStream content, Gradient gradient, Rectangle2D box) throws IOException {
        Optional<Matrix> toMark = toMark(gradient);
        if (toMark.isEmpty()) {
            content.setNonStrokingColor(new Color(middle(gradient, box)));
            content.addRect((float) box.getX(), (float) box.getY(), (float) box.getWidth(), (float) box.getHeight());
            content.fill();
            return;
        }
        Shade shade = new Shade(gradient.radial(), gradient.focusU(), gradient.focusV(), gradient.stops(),
                gradient.spread());
        PDShading shading = made.get(shade);
        if (shading == null) {
            shading = shading(gradient);
            made.put(shade, shading);
        }
        content.transform(toMark.get());
        content.shadingFill(shading);
    }

    /** @return from the gradient's own measure to mm; none when a PDF has no numbers so long or so short, and one colour is all that is seen */
    private static Optional<Matrix> toMark(Gradient gradient) {
        double[] m = new double[6];
        try {
            gradient.toUnit().createInverse().getMatrix(m);
        } catch (NoninvertibleTransformException e) {
            return Optional.empty();
        }
        double written = shortened(m[0]) * shortened(m[3]) - shortened(m[1]) * shortened(m[2]);
        boolean finite = Arrays.stream(m).allMatch(v -> Math.abs(v) <= FURTHEST_MM);
        return finite && written != 0 ? Optional.of(new Matrix(new AffineTransform(m))) : Optional.empty();
    }

    /** @return what is left of a number that is written */
    private static double shortened(double number) {
        return Math.rint(number * DECIMALS) / DECIMALS;
    }

    /** @return the colour in the middle of the box */
    private int middle(Gradient gradient, Rectangle2D box) {
        Point2D at = gradient.toUnit().transform(new Point2D.Double(box.getCenterX(), box.getCenterY()), null);
        return colour(ramp(gradient), gradient.place(at.getX(), at.getY()));
    }

    private int[] ramp(Gradient gradient) {
        return inks.ramp(gradient.stops().stream().map(s -> new Gradient.Stop(s.place(), s.ink(), 1)).toList(), STEPS,
                1);
    }

    private int colour(int[] ramp, double place) {
        return InkColours.toned(ramp[(int) Math.round(place * (STEPS - 1))], tone);
    }

    private PDShading shading(Gradient gradient) throws IOException {
        double to = gradient.spread() == Gradient.Spread.PAD ? 1 : REACH;
        double from = gradient.radial() || gradient.spread() == Gradient.Spread.PAD ? 0 : -REACH;
        PDShadingType2 shading;
        if (gradient.radial()) {
            PDShadingType3 radial = new PDShadingType3(new COSDictionary());
            radial.setShadingType(PDShading.SHADING_TYPE3);
            // Circles from the focus out to the rim, and on.
            radial.setCoords(numbers(gradient.focusU(), gradient.focusV(), 0, gradient.focusU() * (1 - to),
                    gradient.focusV() * (1 - to), to));
            shading = radial;
        } else {
            shading = new PDShadingType2(new COSDictionary());
            shading.setShadingType(PDShading.SHADING_TYPE2);
            shading.setCoords(numbers(from, 0, to, 0));
        }
        shading.setColorSpace(PDDeviceRGB.INSTANCE);
        shading.setDomain(numbers(from, to));
        COSArray both = new COSArray();
        both.add(COSBoolean.TRUE);
        both.add(COSBoolean.TRUE);
        shading.setExtend(both);
        shading.setFunction(new PDFunctionType0(colours(gradient, from, to)));
        return shading;
    }

    /** The colours from one end to the other, as a table. */
    private COSStream colours(Gradient gradient, double from, double to) throws IOException {
        int[] ramp = ramp(gradient);
        int count = (int) Math.round((to - from) * STEPS);
        byte[] table = new byte[3 * count];
        for (int i = 0; i < count; i++) {
            double t = from + (to - from) * i / (count - 1);
            double place = gradient.place(gradient.radial() ? gradient.focusU() + t * (1 - gradient.focusU()) : t,
                    gradient.radial() ? gradient.focusV() * (1 - t) : 0);
            int argb = colour(ramp, place);
            table[3 * i] = (byte) (argb >> 16);
            table[3 * i + 1] = (byte) (argb >> 8);
            table[3 * i + 2] = (byte) argb;
        }
        COSStream stream = document.getDocument().createCOSStream();
        stream.setInt(COSName.FUNCTION_TYPE, 0);
        stream.setItem(COSName.DOMAIN, numbers(from, to));
        stream.setItem(COSName.RANGE, numbers(0, 1, 0, 1, 0, 1));
        COSArray size = new COSArray();
        size.add(COSInteger.get(count));
        stream.setItem(COSName.SIZE, size);
        stream.setInt(COSName.BITS_PER_SAMPLE, 8);
        try (OutputStream out = stream.createOutputStream(COSName.FLATE_DECODE)) {
            out.write(table);
        }
        return stream;
    }

    private static COSArray numbers(double... numbers) {
        float[] floats = new float[numbers.length];
        for (int i = 0; i < floats.length; i++) {
            floats[i] = (float) numbers[i];
        }
        COSArray array = new COSArray();
        array.setFloatArray(floats);
        return array;
    }
}
