package org.vatwright.files.vector;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.effect.CastShadow;
import org.vatwright.core.drape.Place;
import org.vatwright.core.dress.Whole;
import org.vatwright.core.dress.Ground;
import org.vatwright.core.dress.Finishes;
import org.vatwright.core.dress.Fade;
import org.vatwright.core.dress.Dressing;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.ArticleRenderer;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Dressings;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Pen;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.TileSource;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.stitch.Stitching;
import org.vatwright.files.demo.DemoCommission;
import org.vatwright.files.type.ShippedTypefaces;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;

/** Dressed articles as files of shapes, drawn by programs that know nothing of ours, beside our own picture of them. */
class VectorArticlesTest {

    private static final Density DPI = new Density(50.8);
    private static Project demo;

    @TempDir
    private Path folder;

    @BeforeAll
    static void readTheDemo() {
        demo = DemoCommission.load();
    }

    private static ArticleContent content(Article article) {
        return new ArticleContent(Cut.of(article, new ShippedTypefaces()), demo::design, Optional.empty(), Phase.OWN,
                DPI, Work.on(2));
    }

    private static Raster painted(ArticleContent content) {
        Raster clear = new ArticleRenderer(demo::design, TileSource.PAINTED, Optional.empty()).render(content.cut(),
                DPI, Work.on(2));
        BufferedImage over = new BufferedImage(clear.width(), clear.height(), BufferedImage.TYPE_INT_RGB);
        Graphics2D g = over.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, clear.width(), clear.height());
        g.drawImage(org.vatwright.files.picture.Pictures.image(clear), 0, 0, null);
        return new Raster(clear.width(), clear.height(),
                over.getRGB(0, 0, clear.width(), clear.height(), null, 0, clear.width()));
    }

    private BufferedImage svg(ArticleContent content, Raster like) throws IOException {
        Path file = folder.resolve("a.svg");
        SvgArticleWriter.write(content, file);
        SVGDocument drawing = new SVGLoader().load(Files.newInputStream(file), null, LoaderContext.createDefault());
        BufferedImage drawn = new BufferedImage(like.width(), like.height(), BufferedImage.TYPE_INT_RGB);
        Graphics2D g = drawn.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, like.width(), like.height());
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        drawing.render((java.awt.Component) null, g, new ViewBox(like.width(), like.height()));
        return drawn;
    }

    private BufferedImage pdf(ArticleContent content) throws IOException {
        Path file = folder.resolve("a.pdf");
        PdfArticleWriter.write(content, file);
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            return new PDFRenderer(document).renderImageWithDPI(0, (float) DPI.dpi());
        }
    }

    /** @return mean difference of a channel, of 255, over blocks of 4 x 4 px: renderers differ about single edges */
    private static double apart(Raster painted, BufferedImage drawn) {
        double sum = 0;
        int blocks = 0;
        for (int top = 0; top + 4 <= painted.height(); top += 4) {
            for (int left = 0; left + 4 <= painted.width(); left += 4) {
                for (int shift = 0; shift < 24; shift += 8) {
                    int difference = 0;
                    for (int i = 0; i < 16; i++) {
                        int x = Math.min(left + i % 4, drawn.getWidth() - 1);
                        int y = Math.min(top + i / 4, drawn.getHeight() - 1);
                        difference += (drawn.getRGB(x, y) >> shift & 255)
                                - (painted.at(left + i % 4, top + i / 4) >> shift & 255);
                    }
                    sum += Math.abs(difference) / 16.0 / 3;
                }
                blocks++;
            }
        }
        return sum / blocks;
    }

    @ParameterizedTest
    @ValueSource(strings = {"Crew apron", "Saloon cushion", "Tea towel", "Tote", "Floor mat", "Ship's name"})
    void theDemoLooksAlikeAsAPage(String name) throws IOException {
        ArticleContent content = content(article(name));
        // The piping of the cushion is narrower than what its renderer makes one picture of.
        assertThat(apart(painted(content), pdf(content))).isLessThan(name.equals("Saloon cushion") ? 5 : 2);
    }

    /** What blends is left out: the program that draws it does not know blend modes. */
    @ParameterizedTest
    @ValueSource(strings = {"Crew apron", "Tea towel", "Tote"})
    void theDemoLooksAlikeAsADrawing(String name) throws IOException {
        ArticleContent content = content(article(name));
        Raster painted = painted(content);
        assertThat(apart(painted, svg(content, painted))).isLessThan(3);
    }

    private static Article article(String name) {
        return demo.articles().stream().filter(a -> a.name().equals(name)).findFirst().orElseThrow();
    }

    /** @return two overlapping pieces, the lower one bare, the upper one as it is laid */
    private static Article.Flat flat(Lay lay) {
        Pen pen = new Pen(Rgb.parse("#aa0000"), 3);
        Piece lower = new Piece(new Id("lower"), "Lower", Outline.of(new Rectangle2D.Double(10, 10, 80, 60)),
                Optional.of(pen));
        Piece upper = new Piece(new Id("upper"), "Upper", Outline.of(new java.awt.geom.Ellipse2D.Double(40, 30, 120,
                80)), Optional.empty());
        return new Article.Flat(new Id("trial"), "Trial", 180, 130, List.of(lower, upper), List.of(new Article.Line(
                Outline.of(new java.awt.geom.Line2D.Double(20, 120, 160, 118)), pen)), Dressings.of(upper.id(),
                        Optional.of(lay)));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 17, 45, 90, -120})
    void aLayLiesAsItWasLaid(double grain) throws IOException {
        Lay lay = new Lay(new Id("gangway"), "Morning").with().grainDeg(grain).scale(0.37).startX(33).startY(-12)
                .opacity(0.6).build();
        ArticleContent content = content(flat(lay));
        Raster painted = painted(content);
        assertThat(apart(painted, svg(content, painted))).as("drawing").isLessThan(2.5);
        assertThat(apart(painted, pdf(content))).as("page").isLessThan(4);
        ArticleContent elsewhere = content(flat(lay.withStart(33 + 15, -12 + 7)));
        assertThat(apart(painted, svg(elsewhere, painted))).as("beside that place it shows").isGreaterThan(5);
    }

    /** Outlines on either side and with dashes, stitches with their shadows: drawn by others as we do, and seen at all. */
    @ParameterizedTest
    @EnumSource(Pen.Side.class)
    void outlinesAndStitchesLookAlike(Pen.Side side) throws IOException {
        Lay lay = new Lay(new Id("gangway"), "Morning").with().scale(0.37).build();
        Pen pen = new Pen(new Rgb(20, 30, 90), 6, List.of(15.0, 9.0), side);
        Article.Flat plain = flat(lay);
        Article.Flat finished = plain.editPieces(Set.of(new Id("upper"), new Id("lower")), p -> p.withStroke(
                Optional.of(pen)));
        finished = (Article.Flat) finished.withDressing(new Id("upper"), List.of(), d -> d.withStitches(List.of(
                Stitching.fresh(Stitching.Kind.BLANKET, new Rgb(250, 240, 10)).with().insetMm(8).thickMm(3).build())));
        ArticleContent content = content(finished);
        Raster painted = painted(content);
        assertThat(apart(painted, svg(content, painted))).as("drawing").isLessThan(4);
        // The roundness of the thread is ours alone, and the page's renderer leaves clips unsoftened.
        assertThat(apart(painted, pdf(content))).as("page").isLessThan(6);
        ArticleContent without = content(plain);
        assertThat(apart(painted, svg(without, painted))).as("without them").isGreaterThan(9);
    }

    /** Without figures, and without what is done to all of it. */
    private static Article.Flat plain(String name) {
        Article.Flat flat = (Article.Flat) article(name);
        return flat
                .withDressings(flat.dressings().withWhole(w -> Whole.PLAIN).eachDressing(d -> d.withPrints(List.of())));
    }

    /** Twice the same cloth is written once. */
    @Test
    void aClothStandsInTheFileOnce() throws IOException {
        Path file = folder.resolve("apron.svg");
        SvgArticleWriter.write(content(plain("Crew apron")), file);
        String text = Files.readString(file);
        int cloths = text.split("id=\"cloth-", -1).length - 1;
        int lays = text.split("<pattern ", -1).length - 1;
        assertThat(cloths).isEqualTo(3);
        assertThat(lays).as("left and right tie lie otherwise than the bib").isEqualTo(7);
        assertThat(text).contains("width=\"760mm\"").contains("<title>left pocket</title>")
                .contains("stroke-linejoin=\"round\"");
    }

    @Test
    void whatIsNoShapeIsTold() {
        assertThat(content(article("Crew apron")).embedded())
                .contains("bib is embedded as pixels at 50.8 dpi, for figures are laid on it once");
        assertThat(content(plain("Crew apron")).embedded()).singleElement().asString()
                .isEqualTo("Twill, painted in Dungaree is no shape (painted); its pixels are embedded at 50.8 dpi");
        assertThat(content(article("Lifejacket cover")).embedded())
                .anyMatch(t -> t.contains("is embedded as pixels at 50.8 dpi, for the gradient"));
    }

    /** What is bent, has a figure or hangs in the light goes as pixels; the drawing's own colours stay shapes. */
    @Test
    void drapedPiecesAreEmbeddedAndLookAsTheyAreDrawn() throws IOException {
        for (String name : List.of("Mug", "Notice panel", "Crew smock")) {
            ArticleContent content = content(plain(name));
            Path file = folder.resolve("bent.svg");
            SvgArticleWriter.write(content, file);
            String text = Files.readString(file);
            assertThat(text.split("<image ", -1).length - 1).as(name).isEqualTo(switch (name) {
                case "Mug" -> 1;
                // The picture it hangs in, and the panel.
                case "Notice panel" -> 2;
                default -> 2;
            });
            assertThat(content.embedded()).as(name).anyMatch(t -> t.contains("its cloth is draped"));
        }
        Article.Flat mug = (Article.Flat) article("Mug");
        Article.Flat coloured = mug.editPiece(mug.pieces().getFirst().id(), p -> p.withFill(Optional.of(
                new org.vatwright.core.colour.Rgb(1, 2, 200))).withHidden(false));
        Path file = folder.resolve("coloured.svg");
        SvgArticleWriter.write(content(coloured), file);
        assertThat(Files.readString(file)).contains("fill=\"#0102c8\"");
        Path hidden = folder.resolve("hidden.svg");
        SvgArticleWriter.write(content(coloured.editPiece(mug.pieces().getFirst().id(), p -> p.withHidden(true))),
                hidden);
        assertThat(Files.readString(hidden)).doesNotContain("#0102c8").doesNotContain("<title>handle</title>");
    }

    private static final Design BARS = demoDesign();

    private static Design demoDesign() {
        return DemoCommission.load().design(new Id("gangway")).orElseThrow();
    }

    private static Article.Flat square(Dressing worn, Whole whole) {
        Piece piece = new Piece(new Id("p"), "square", Outline.of(new Rectangle2D.Double(20, 20, 60, 60)),
                Optional.empty());
        return new Article.Flat(new Id("a"), "Square", 100, 100, List.of(piece), List.of(), new Dressings(
                java.util.Map.of(piece.id(), worn), whole));
    }

    /** What leaves no shapes is one picture, told with its reasons; the outline is kept as a path without fill. */
    @Test
    void aFinishedArticleIsOnePictureWithItsOutlines() throws IOException {
        Lay lay = new Lay(BARS.id(), "Morning");
        Dressing worn = Dressing.of(lay).withEffects(List.of(new CastShadow(6, 0, 0, 1, Finishes.ink(new Rgb(200, 16,
                32)))));
        Article article = square(worn, Whole.PLAIN.withGround(new Ground.OneInk(new Rgb(250, 250, 240))));
        ArticleContent content = content(article);
        assertThat(content.embedded()).singleElement().asString().contains("effects, its ground", "50.8 dpi",
                "kept as paths");
        Path file = folder.resolve("finished.svg");
        SvgArticleWriter.write(content, file);
        String svg = Files.readString(file);
        assertThat(svg.split("<image", -1)).hasSize(2);
        assertThat(svg).contains("<title>square</title>", "fill=\"none\"").doesNotContain("<pattern");
        Path pdf = folder.resolve("finished.pdf");
        PdfArticleWriter.write(content, pdf);
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            BufferedImage page = new PDFRenderer(document).renderImageWithDPI(0, 50.8f);
            Color beside = new Color(page.getRGB(34, 100));
            assertThat(List.of(beside.getRed(), beside.getGreen(), beside.getBlue())).as("the shadow beside the piece")
                    .containsExactly(200, 16, 32);
        }
    }

    @Test
    void fadedClothAndThreadsAreTold() {
        Fade fade = new Fade(Fade.Way.ALONG, new Place(50, 20), new Place(50, 80));
        Dressing worn = Dressing.of(new Lay(BARS.id(), "Morning").withFade(Optional.of(fade)))
                .withStitches(List.of(Stitching.fresh(Stitching.Kind.RUNNING, new Rgb(1, 2, 3))));
        assertThat(content(square(worn, Whole.PLAIN)).embedded()).anyMatch(t -> t.contains("its cloth fades out"))
                .anyMatch(t -> t.contains("threads are lines over their shadow"));
        assertThat(content(square(Dressing.of(new Lay(BARS.id(), "Morning")), Whole.PLAIN)).embedded()).isEmpty();
    }
}
