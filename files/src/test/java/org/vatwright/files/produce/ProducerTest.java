package org.vatwright.files.produce;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Iterator;

import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageInputStream;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.project.Job;
import org.vatwright.core.project.JobPlan;
import org.vatwright.core.project.Output;
import org.vatwright.core.project.Project;
import org.vatwright.core.project.Task;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.FieldRenderer;
import org.vatwright.core.render.FieldSpec;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.render.TileSource;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.files.demo.DemoCommission;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.picture.PictureWriter;
import org.vatwright.files.picture.Pictures;
import org.vatwright.files.type.ShippedTypefaces;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;

class ProducerTest {

    private static final Project DEMO = DemoCommission.load();
    private static final Producer PRODUCER = new Producer(DEMO, new ShippedTypefaces());

    @TempDir
    private Path folder;

    private Path tile(String name, String file, double dpi) {
        Design design = PRODUCER.design(name);
        Path path = folder.resolve(file);
        PRODUCER.tile(new Cloth(design, design.palette().first()),
                TileGrid.at(design.repeat().tile(), new Density(dpi)), path, 95, Work.on(2));
        return path;
    }

    @ParameterizedTest
    @ValueSource(strings = {"png", "jpg", "tif"})
    void picturesCarryTheirDensityAndTheirProfile(String suffix) throws IOException {
        Path file = tile("Gangway", "t." + suffix, 254);
        try (ImageInputStream in = ImageIO.createImageInputStream(file.toFile())) {
            ImageReader reader = ImageIO.getImageReaders(in).next();
            reader.setInput(in);
            assertThat(reader.getWidth(0)).isEqualTo(960);
            IIOMetadataNode root = (IIOMetadataNode) reader.getImageMetadata(0).getAsTree("javax_imageio_1.0");
            IIOMetadataNode size = (IIOMetadataNode) root.getElementsByTagName("HorizontalPixelSize").item(0);
            assertThat(Double.parseDouble(size.getAttribute("value"))).isEqualTo(0.1, within(0.0005));
        }
        byte[] bytes = Files.readAllBytes(file);
        byte[] profile = ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData();
        if (suffix.equals("png")) {
            assertThat(indexOf(bytes, "iCCP".getBytes())).isPositive();
        } else {
            assertThat(indexOf(bytes, java.util.Arrays.copyOf(profile, 200))).isPositive();
        }
    }

    private static int indexOf(byte[] all, byte[] part) {
        for (int i = 0; i + part.length <= all.length; i++) {
            if (java.util.Arrays.equals(all, i, i + part.length, part, 0, part.length)) {
                return i;
            }
        }
        return -1;
    }

    @Test
    void aPngComesBackAsItWasPaintedAndTheSurroundOfAnArticleIsClear() throws IOException {
        Design design = PRODUCER.design("foredeck");
        Raster painted = TileRenderer.render(new Cloth(design, design.palette().first()),
                TileGrid.at(design.repeat().tile(), new Density(100)), Work.on(1));
        assertThat(Pictures.read(tile("Foredeck", "f.png", 100), Limits.STANDARD).argb()).isEqualTo(painted.argb());

        Path words = folder.resolve("words.png");
        PRODUCER.article(PRODUCER.article("ferry-line"), "", Phase.OWN, new Density(20), words, 90, Work.on(2));
        BufferedImage image = ImageIO.read(words.toFile());
        assertThat(image.getRGB(1, 1) >>> 24).isZero();
        assertThat(image.getColorModel().hasAlpha()).isTrue();
    }

    /** The vector tile, drawn by another program part, shows what the painter shows. */
    @ParameterizedTest
    @ValueSource(strings = {"Gangway", "Foredeck", "Saloon Check", "Skarholm", "Buoys", "Quay", "Swell", "Mooring",
            "Portholes"})
    void thePdfTileShowsWhatIsPainted(String name) throws IOException {
        Design design = PRODUCER.design(name);
        // A small page is whole pixels, so that its many edges fall alike.
        int dpi = design.repeat().widthMm() < 60 || !design.fills().isEmpty() ? 254 : 150;
        Path file = tile(name, "t.pdf", dpi);
        Raster painted = TileRenderer.render(new Cloth(design, design.palette().first()),
                TileGrid.at(design.repeat().tile(), new Density(dpi)), Work.on(2));
        try (PDDocument document = Loader.loadPDF(file.toFile())) {
            assertThat(document.getPage(0).getMediaBox().getWidth())
                    .isEqualTo((float) (design.repeat().tile().widthMm() / 25.4 * 72), within(0.01f));
            BufferedImage drawn = new PDFRenderer(document).renderImageWithDPI(0, dpi);
            long far = 0;
            int w = Math.min(drawn.getWidth(), painted.width());
            int h = Math.min(drawn.getHeight(), painted.height());
            for (int i = 0; i < w * h; i++) {
                far += Math.abs((drawn.getRGB(i % w, i / w) >> 8 & 255) - (painted.at(i % w, i / w) >> 8 & 255)) > 90
                        ? 1
                        : 0;
            }
            assertThat((double) far / (w * h)).isLessThan(0.01);
        }
    }

    /** Drawn by a renderer of its own, 2.5 tiles wide, so that the pattern's edges are seen from both sides. */
    @ParameterizedTest
    @ValueSource(strings = {"Gangway", "Foredeck", "Saloon Check", "Skarholm", "Buoys", "Quay", "Swell", "Mooring",
            "Portholes"})
    void theSvgTileShowsWhatIsPaintedAlsoAcrossItsEdges(String name) throws IOException {
        Path file = tile(name, "t.svg", 1);
        Design design = PRODUCER.design(name);
        Density dpi = new Density(127);
        double w = 2.5 * design.repeat().tile().widthMm();
        double h = design.repeat().tile().heightMm();
        Raster painted = FieldRenderer.render(new Cloth(design, design.palette().first()), new FieldSpec(w, h, dpi),
                TileSource.PAINTED, Work.on(2));
        String wide = Files.readString(file).replaceFirst("width=\"[^\"]*mm\"", "width=\"" + w + "mm\"")
                .replaceFirst("viewBox=\"[^\"]*\"", "viewBox=\"0 0 %s %s\"".formatted(w, h));
        int last = wide.lastIndexOf("<rect");
        wide = wide.substring(0, last) + wide.substring(last).replaceFirst("width=\"[^\"]*\"", "width=\"" + w + "\"");
        SVGDocument drawing = new SVGLoader().load(
                new ByteArrayInputStream(wide.getBytes(StandardCharsets.UTF_8)), null, LoaderContext.createDefault());
        BufferedImage drawn = new BufferedImage(painted.width(), painted.height(), BufferedImage.TYPE_INT_RGB);
        Graphics2D g = drawn.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        drawing.render((java.awt.Component) null, g, new ViewBox(painted.width(), painted.height()));
        long far = 0;
        for (int i = 0; i < painted.argb().length; i++) {
            int green = drawn.getRGB(i % painted.width(), i / painted.width()) >> 8 & 255;
            far += Math.abs(green - (painted.argb()[i] >> 8 & 255)) > 90 ? 1 : 0;
        }
        assertThat((double) far / painted.argb().length).isLessThan(0.012);
    }

    @Test
    void theSvgTileIsAPatternOfTrueSize() throws IOException {
        String svg = Files.readString(tile("Buoys", "t.svg", 1));
        assertThat(svg).contains("<pattern id=\"tile\" width=\"96\" height=\"48\"").contains("width=\"96mm\"")
                .contains("url(#tile)").contains("#e2713c");
    }

    @Test
    void everyJobOfTheDemoSaysWhatItMakesAndMakesIt() {
        for (Job job : DEMO.jobs()) {
            Job small = job.withOutput(job.output().withDensity(new Density(20)));
            JobPlan plan = JobPlan.of(DEMO, small, new ShippedTypefaces());
            assertThat(plan.possible()).isTrue();
            Path file = PRODUCER.run(small, folder, Work.on(2));
            assertThat(file).isNotEmptyFile();
            if (!job.output().format().vector()) {
                Raster read = Pictures.read(file, Limits.STANDARD);
                assertThat(plan.sentence()).startsWith("%,d x %,d px".formatted(read.width(), read.height()));
            }
        }
        assertThat(JobPlan.of(DEMO, DEMO.jobs().getFirst().withTask(new Task.Tile(new Id("gone"), "")),
                new ShippedTypefaces()).warnings()).singleElement().asString()
                .contains("there is no design with the id gone");
        Job huge = DEMO.jobs().get(1).withTask(new Task.Field(new Id("foredeck"), "", 900_000, 900_000));
        assertThat(JobPlan.of(DEMO, huge, new ShippedTypefaces()).possible()).isFalse();
        assertThatThrownBy(() -> PRODUCER.run(huge, folder, Work.on(2))).isInstanceOf(Refusal.class);
    }

    @Test
    void picturesThatClaimTooMuchOrAreNoneAreRefused() throws IOException {
        Path bomb = folder.resolve("bomb.png");
        byte[] png = Files.readAllBytes(tile("Buoys", "b.png", 20));
        java.nio.ByteBuffer header = java.nio.ByteBuffer.wrap(png);
        header.putInt(16, 100_000).putInt(20, 100_000);
        java.util.zip.CRC32 crc = new java.util.zip.CRC32();
        crc.update(png, 12, 17);
        header.putInt(29, (int) crc.getValue());
        Files.write(bomb, png);
        assertThatThrownBy(() -> Pictures.read(bomb, Limits.STANDARD)).hasMessageContaining("claims 100,000 x 100,000");
        Path text = folder.resolve("no.png");
        Files.writeString(text, "no picture");
        assertThatThrownBy(() -> Pictures.read(text, Limits.STANDARD))
                .hasMessageContaining("no picture that can be read");
        Path cut = folder.resolve("cut.png");
        Files.write(cut, java.util.Arrays.copyOf(Files.readAllBytes(tile("Buoys", "c.png", 60)), 300));
        assertThatThrownBy(() -> Pictures.read(cut, Limits.STANDARD)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> PictureWriter.write(new Raster(70_000, 1), new Density(72), Output.Format.JPEG, 90,
                folder.resolve("wide.jpg"))).hasMessageContaining("65,500");
    }

    @Test
    void shippedFacesHaveRealLettersAndOneHeight() {
        ShippedTypefaces faces = new ShippedTypefaces();
        for (String name : faces.names()) {
            var face = faces.find(name);
            assertThat(face.name()).isEqualTo(name);
            assertThat(face.outline('H').orElseThrow().getBounds2D().getHeight()).isEqualTo(1, within(1e-6));
            assertThat(face.outline('H').orElseThrow().getBounds2D().getMinY()).isEqualTo(-1, within(0.05));
            assertThat(face.advance('M')).isGreaterThan(0.5);
            assertThat(face.outline(0x1F6A2)).isEmpty();
        }
    }

    @Test
    void nothingElseIsLeftInTheFolder() {
        tile("Buoys", "only.png", 20);
        File[] files = folder.toFile().listFiles();
        assertThat(files).hasSize(1);
        Iterator<ImageReader> readers = ImageIO.getImageReadersBySuffix("png");
        assertThat(readers.hasNext()).isTrue();
    }
}
