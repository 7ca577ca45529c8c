package org.vatwright.files.vector;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import javax.xml.parsers.DocumentBuilderFactory;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.vatwright.core.family.block.Blocks;
import org.vatwright.core.family.block.Bond;
import org.vatwright.core.family.block.Inking;
import org.vatwright.core.family.block.Variety;
import org.vatwright.core.family.motif.Instance;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.motif.Form;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;
import org.vatwright.core.pattern.Course;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Gradient;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.raster.BlendMode;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.core.repeat.WallpaperGroup;
import org.vatwright.files.demo.DemoCommission;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;

/** What is rarely all in one design, written as shapes and drawn by renderers of others. */
class VectorTilesTest {

    private static final Density DPI = new Density(254);
    private static final double SIDE = 50.8;

    @TempDir
    private Path folder;
    private Design gangway;

    @BeforeEach
    void readTheDemo() {
        gangway = DemoCommission.load().design(new Id("gangway")).orElseThrow();
    }

    private Design design(Ink ground, List<Fill> fills, org.vatwright.core.pattern.Structure... structures) {
        List<Layer> layers = new ArrayList<>();
        for (org.vatwright.core.pattern.Structure s : structures) {
            layers.add(new Layer(layers.size() + 1, "Layer", s));
        }
        return new Design("Trial", new Repeat(SIDE, SIDE, Arrangement.STRAIGHT), Ink.CLEAR, List.of(),
                gangway.palette(),
                org.vatwright.core.pattern.Guides.NONE).with().ground(ground).layers(layers).fills(fills).build();
    }

    private static Motifs motifs(Part... parts) {
        return new Motifs(List.of(new Motif(1, "Trial", List.of(parts))), List.of(new Instance(1, 15, 14),
                new Instance(1, 44, 38).withTurnDeg(40)), new Placing.ByHand(), WallpaperGroup.P1);
    }

    private static Gradient gradient(boolean radial, Gradient.Spread spread) throws Exception {
        AffineTransform place = AffineTransform.getRotateInstance(0.4);
        place.scale(7, 7);
        return Gradient.of(radial, radial ? 0.3 : 0, 0, place.createInverse(), List.of(
                new Gradient.Stop(0, Ink.slot("Navy"), 1), new Gradient.Stop(0.6, Ink.slot("Weld"), 1),
                new Gradient.Stop(1, Ink.slot("Madder"), 1)), spread);
    }

    /** @return mean difference of a channel, of 255, of SVG and of PDF */
    private double[] apart(Design design) throws IOException {
        Raster painted = TileRenderer.render(new Cloth(design, design.palette().first()),
                TileGrid.at(design.repeat().tile(), DPI), Work.on(2));
        Path svg = folder.resolve("t.svg");
        SvgTileWriter.write(new Cloth(design, design.palette().first()), DPI, svg, Work.on(2));
        SVGDocument drawing = new SVGLoader().load(Files.newInputStream(svg), null, LoaderContext.createDefault());
        BufferedImage drawn = new BufferedImage(painted.width(), painted.height(), BufferedImage.TYPE_INT_RGB);
        Graphics2D g = drawn.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        drawing.render((java.awt.Component) null, g, new ViewBox(painted.width(), painted.height()));
        Path pdf = folder.resolve("t.pdf");
        PdfTileWriter.write(new Cloth(design, design.palette().first()), DPI, pdf, Work.on(2));
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            return new double[]{mean(painted, drawn),
                    mean(painted, new PDFRenderer(document).renderImageWithDPI(0, (float) DPI.dpi()))};
        }
    }

    private static double mean(Raster painted, BufferedImage drawn) {
        double sum = 0;
        for (int y = 0; y < painted.height(); y++) {
            for (int x = 0; x < painted.width(); x++) {
                int rgb = drawn.getRGB(Math.min(x, drawn.getWidth() - 1), Math.min(y, drawn.getHeight() - 1));
                for (int shift = 0; shift < 24; shift += 8) {
                    sum += Math.abs((rgb >> shift & 255) - (painted.at(x, y) >> shift & 255)) / 3.0;
                }
            }
        }
        return sum / painted.width() / painted.height();
    }

    @Test
    void gradientsOfAllKindsLookAlike() throws Exception {
        for (boolean radial : new boolean[]{false, true}) {
            for (Gradient.Spread spread : Gradient.Spread.values()) {
                Part part = new Part(new Form.Ellipse(26, 18), Ink.slot("Navy"))
                        .withGradient(Optional.of(gradient(radial, spread))).withShear(15);
                double[] apart = apart(design(Ink.slot("Linen"), List.of(), motifs(part)));
                assertThat(apart[0]).as("SVG, radial %s, %s", radial, spread).isLessThan(2);
                assertThat(apart[1]).as("PDF, radial %s, %s", radial, spread).isLessThan(2);
            }
        }
    }

    /** A PDF has no number for them: what is seen is one colour. */
    @Test
    void gradientsFarLongerThanTheClothOrFarShorterAreOneColour() throws Exception {
        AffineTransform shortly = AffineTransform.getScaleInstance(1e7, 1e7);
        shortly.translate(100, 100);
        for (AffineTransform toUnit : List.of(AffineTransform.getScaleInstance(1e-39, 1e-39),
                AffineTransform.getScaleInstance(1e-300, 1e-300), shortly, AffineTransform.getScaleInstance(0, 0))) {
            Gradient gradient = Gradient.of(false, 0, 0, toUnit, List.of(new Gradient.Stop(0, Ink.slot("Navy"), 1),
                    new Gradient.Stop(1, Ink.slot("Madder"), 1)), Gradient.Spread.PAD);
            Part part = new Part(new Form.Ellipse(26, 18), Ink.slot("Linen")).withGradient(Optional.of(gradient));
            assertThat(apart(design(Ink.slot("Linen"), List.of(), motifs(part)))[1]).as("PDF, %s", toUnit)
                    .isLessThan(2);
        }
    }

    /** Step by step it was a hundred areas for each of thousands of copies, and took minutes. */
    @Test
    void aShadedMarkFarLargerThanItsCellIsOneShadingForAllItsCopies() throws Exception {
        Part part = new Part(new Form.Ellipse(2400, 2400), Ink.slot("Navy"))
                .withGradient(Optional.of(gradient(true, Gradient.Spread.PAD))).withOpacity(0.8);
        Design design = design(Ink.slot("Linen"), List.of(), motifs(part));
        Path pdf = folder.resolve("large.pdf");
        PdfTileWriter.write(new Cloth(design, design.palette().first()), DPI, pdf, Work.on(2));
        assertThat(Files.size(pdf)).as("over four thousand copies").isLessThan(2_000_000);
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            assertThat(document.getDocument().getXrefTable().keySet().stream()
                    .map(key -> document.getDocument().getObjectFromPool(key).getObject())
                    .filter(o -> o instanceof COSDictionary d && d.containsKey(COSName.SHADING_TYPE)).count())
                    .isEqualTo(1);
        }
    }

    @Test
    void fillsWithTonesOpacitiesAndOpenPartsLookAlike() throws Exception {
        Raster check = new Raster(64, 64);
        for (int i = 0; i < 64 * 64; i++) {
            check.argb()[i] = (i % 64 < 32) == (i / 64 < 32) ? 0xFF2060A0 : i % 64 < 32 ? 0 : 0xFFE0C040;
        }
        Fill picture = new Fill("Photo", new Fill.OfPicture(new Picture(check, 203.2))).withScale(0.75, 0.75);
        Fill stripes = Fill.of("Deck", gangway).withScale(0.125, 0.125).withTurnDeg(90);
        Blocks blocks = new Blocks(new Bond.Stacked(), 11, 5, 1, stripes.ink(), new Inking(Inking.Way.BY_TURN,
                List.of(picture.ink(), Ink.slot("Madder")))).withVariety(new Variety(4, 0.15, false, 0, 0, 3));
        assertThat(apart(design(Ink.slot("Linen"), List.of(picture, stripes), blocks))).satisfies(a -> {
            assertThat(a[0]).as("SVG").isLessThan(10);
            assertThat(a[1]).as("PDF").isLessThan(10);
        });
        Motifs faded = motifs(new Part(new Form.Star(7, 24, 0.5), stripes.withAnew(true).ink()).withOpacity(0.6)
                .withEdge(Optional.of(new Part.Edge(Ink.slot("Navy"), 1.5, Part.Join.ROUND, Part.Cap.ROUND,
                        List.of(4.0, 3.0)))));
        Design multiplied = design(Ink.slot("Weld"), List.of(picture, stripes.withAnew(true)), faded)
                .replace(1, l -> l.withMode(BlendMode.MULTIPLY).withOpacity(0.8));
        double[] apart = apart(multiplied);
        assertThat(apart[1]).as("PDF").isLessThan(5);
        assertThat(Files.readString(folder.resolve("t.svg"))).contains("mix-blend-mode:multiply").contains("opacity=");
    }

    /** What no file of shapes blends is a picture with all below it; what lies above stays shapes. */
    @Test
    void aBlendThatFilesDoNotKnowIsOnePictureWithAllBelowIt() throws Exception {
        Part star = new Part(new Form.Star(5, 30, 0.5), Ink.slot("Navy"));
        Part leaf = new Part(new Form.Leaf(10, 30), Ink.slot("Weld"));
        Part disc = new Part(new Form.Ellipse(16, 16), Ink.slot("Madder"));
        Design design = design(Ink.slot("Linen"), List.of(), motifs(star), motifs(leaf), motifs(disc));
        for (BlendMode mode : new BlendMode[]{BlendMode.LINEAR_BURN, BlendMode.LINEAR_LIGHT, BlendMode.ADD}) {
            Design blended = design.replace(2, l -> l.withMode(mode).withOpacity(0.7));
            double[] apart = apart(blended);
            assertThat(apart[0]).as("SVG of %s", mode).isLessThan(2);
            assertThat(apart[1]).as("PDF of %s", mode).isLessThan(2.5);
            String svg = Files.readString(folder.resolve("t.svg"));
            assertThat(svg).doesNotContain("mix-blend-mode").doesNotContain(mode.keyword());
            assertThat(svg.split("<image", -1)).as("one picture").hasSize(2);
            assertThat(svg.indexOf("<image")).as("the disc lies over it").isLessThan(svg.lastIndexOf("<path"));
            assertThat(blended.layer(2).orElseThrow().shapeless().orElseThrow()).contains(mode.words());
            // Unseen, it is in nobody's way.
            apart(blended.replace(2, l -> l.withVisible(false)));
            assertThat(Files.readString(folder.resolve("t.svg"))).doesNotContain("<image");
        }
    }

    @Test
    void gradientsAsInksAreShadingsWhereTheFormatKnowsThemElsePixels() throws Exception {
        List<Gradient.Stop> stops = List.of(new Gradient.Stop(0, Ink.slot("Navy"), 1),
                new Gradient.Stop(0.4, Ink.slot("Weld"), 1), new Gradient.Stop(1, Ink.slot("Madder"), 1));
        for (Fill.Across across : new Fill.Across[]{Fill.Across.MARK, Fill.Across.TILE}) {
            for (Course.Kind kind : Course.Kind.values()) {
                Fill fill = Fill.of("Blend",
                        new Fill.OfGradient(new Course(kind, 0.1, 0.2, 0.9, 0.7, true), across, stops));
                Part part = new Part(new Form.Ellipse(26, 18), fill.ink()).withShear(15);
                Design design = design(Ink.slot("Linen"), List.of(fill), motifs(part));
                assertThat(apart(design)).as("%s across %s", kind, across).satisfies(a -> {
                    assertThat(a[0]).isLessThan(2);
                    assertThat(a[1]).isLessThan(2.5);
                });
                boolean pixels = Files.readString(folder.resolve("t.svg")).contains("<image");
                boolean known = kind == Course.Kind.LINEAR || kind == Course.Kind.RADIAL && across == Fill.Across.MARK;
                assertThat(pixels).as("%s across %s", kind, across).isEqualTo(!known);
                assertThat(design.shapeless(design.layers().getFirst()).isPresent()).isEqualTo(!known);
            }
        }
        Fill round = Fill.of("Rose", new Fill.OfGradient(new Course(Course.Kind.RADIAL, 0.5, 0.5, 1, 0.5),
                Fill.Across.TILE, stops));
        Part plain = new Part(new Form.Ellipse(26, 18), Ink.slot("Navy"));
        assertThat(apart(design(round.ink(), List.of(round), motifs(plain)))[0]).as("as the ground").isLessThan(2);
    }

    /** Each is filled twice by the next: 4,096 ways down to the twelfth. */
    @Test
    void whatIsNestedManyTimesOverIsInTheFileOnce() throws Exception {
        Design inner = gangway;
        for (int level = 0; level < 12; level++) {
            Fill one = Fill.of("One", inner).withScale(0.5, 0.5);
            Fill two = Fill.of("Two", inner).withScale(0.4, 0.4).withTurnDeg(90).withAnew(true);
            inner = design(one.ink(), List.of(one, two), motifs(new Part(new Form.Ellipse(9, 9), two.ink())));
        }
        Cloth cloth = new Cloth(inner, inner.palette().first());
        Path svg = folder.resolve("nested.svg");
        SvgTileWriter.write(cloth, DPI, svg, Work.on(1));
        assertThat(Files.readString(svg).split("<clipPath id=\"edge-fill", -1)).as("a copy of each, and what is before")
                .hasSize(13);
        Path pdf = folder.resolve("nested.pdf");
        PdfTileWriter.write(cloth, DPI, pdf, Work.on(1));
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            assertThat(document.getDocument().getXrefTable()).as("objects of a page and thirteen tiles")
                    .hasSizeLessThan(300);
        }
    }

    /** A tone upon a tone: two ways to the same design that differ in it are two copies. */
    @Test
    void theSameDesignInAnotherToneOrColourwayIsAnotherCopy() throws Exception {
        Fill bars = Fill.of("Bars", gangway).withScale(0.25, 0.25);
        Design bed = design(bars.ink(), List.of(bars));
        Fill day = new Fill(Id.fresh(), "Day", new Fill.OfDesign(gangway, Optional.of("Morning")), 0.25, 0.25, 0, 0, 0,
                false, false);
        Fill night = day.withName("Night").withSource(new Fill.OfDesign(gangway, Optional.of("Night Crossing")));
        Fill deep = Fill.of("Deep", bed);
        Blocks toned = new Blocks(new Bond.Stacked(), 11, 5, 1, deep.ink(), new Inking(Inking.Way.BY_TURN,
                List.of(day.ink(), night.ink()))).withVariety(new Variety(4, 0.3, false, 0, 0, 3));
        assertThat(apart(design(Ink.slot("Linen"), List.of(day, night, deep), toned))).satisfies(a -> {
            assertThat(a[0]).as("SVG").isLessThan(8);
            assertThat(a[1]).as("PDF").isLessThan(8);
        });
    }

    /** Names are people's and other programs' and hold what they hold; a drawing is read by all that read XML. */
    @Test
    void aNameMayHoldWhatXmlCannot() throws Exception {
        Design named = gangway.withName("Bell\u0007 nought\u0000 half \ud83c end\uffff wave \ud83c\udf0a <&\">");
        Path svg = folder.resolve("named.svg");
        SvgTileWriter.write(new Cloth(named, named.palette().first()), DPI, svg, Work.on(1));
        String title = DocumentBuilderFactory.newDefaultNSInstance().newDocumentBuilder().parse(svg.toFile())
                .getElementsByTagName("title").item(0).getTextContent();
        assertThat(title)
                .isEqualTo("Bell\ufffd nought\ufffd half \ufffd end\ufffd wave \ud83c\udf0a <&\">, Morning");
    }
}
