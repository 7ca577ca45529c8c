package org.vatwright.files.fuzz;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;

import javax.xml.parsers.ParserConfigurationException;
import javax.xml.parsers.SAXParserFactory;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.draft.Origin;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.ArticleRenderer;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.inspect.Inspection;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.SettText;
import org.vatwright.core.loom.YarnLook;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.CheckLimits;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.render.TileSource;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.files.demo.DemoCommission;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.picture.Pictures;
import org.vatwright.files.project.ProjectFile;
import org.vatwright.files.svg.FlatReader;
import org.vatwright.files.svg.MotifDrawing;
import org.vatwright.files.svg.MotifReader;
import org.vatwright.files.type.ShippedTypefaces;
import org.vatwright.files.vector.ArticleContent;
import org.vatwright.files.vector.PdfArticleWriter;
import org.vatwright.files.vector.PdfTileWriter;
import org.vatwright.files.vector.SvgArticleWriter;
import org.vatwright.files.vector.SvgTileWriter;
import org.vatwright.files.wif.WifDesign;
import org.vatwright.files.wif.WifFile;
import org.xml.sax.SAXException;
import org.xml.sax.helpers.DefaultHandler;

/** Reads one input as its reader does; what is accepted has to stand all that is done with it. */
final class FuzzCheck {

    private static final int SMALL_PX = 48;
    private static final Density COARSE = new Density(20);

    private final Path folder;
    private final Set<Design> known;
    private final Runnable act;

    /** @param folder of its own, for what it writes @param act called before each thing that somebody would wait for */
    FuzzCheck(Path folder, Runnable act) {
        this.folder = folder;
        this.act = act;
        known = new HashSet<>(DemoCommission.load().designs());
    }

    /** @return whether the input was accepted; a refusal is as good, anything else is thrown */
    boolean check(FuzzInputs.Input input, Work work) throws IOException {
        Optional<Project> read;
        act.run();
        try {
            read = read(input);
        } catch (Refusal e) {
            sentence(e);
            return false;
        }
        if (read.isPresent()) {
            stands(read.get(), work);
        }
        return true;
    }

    private static void sentence(Refusal e) {
        if (e.getMessage() == null || e.getMessage().isBlank() || e.getMessage().contains("Exception")) {
            throw new AssertionError("no sentence: " + e.getMessage(), e);
        }
    }

    private Optional<Project> read(FuzzInputs.Input input) throws IOException {
        byte[] bytes = input.bytes();
        return switch (input.kind()) {
            case DESIGN -> Optional.of(ProjectFile.read(written("in.json", bytes)));
            case PROJECT -> Optional.of(ProjectFile.read(written("in.vatwright", bytes)));
            case MOTIF -> Optional.of(Project.empty("Motif").addDesign(MotifDrawing.into(blank(), 0,
                    MotifReader.read(bytes, "in.svg", Limits.STANDARD))));
            case FLAT -> Optional.of(Project.empty("Flat")
                    .addArticle(FlatReader.read(bytes, "in.svg", Limits.STANDARD).article()));
            case WEAVING -> {
                WifFile file = WifFile.parse(bytes);
                WifFile.parse(file.written().getBytes(StandardCharsets.UTF_8));
                yield Optional.of(Project.empty("Weave").addDesign(
                        WifDesign.design(file.title().isBlank() ? file.withTitle("Weave") : file, Origin.USUAL,
                                new Look.Yarns(YarnLook.named("cotton")))));
            }
            case PICTURE -> Optional.of(Project.empty("Picture").addDesign(blank().addFill(
                    new Fill("Paint", new Fill.OfPicture(Pictures.sized(written("in.png", bytes), Limits.STANDARD))))));
            case SETT -> {
                SettText.parse(new String(bytes, StandardCharsets.UTF_8)).run(letter -> Ink.slot("Ground"));
                yield Optional.empty();
            }
        };
    }

    private Path written(String name, byte[] bytes) throws IOException {
        return Files.write(folder.resolve(name), bytes);
    }

    private static Design blank() {
        return new Design("Blank", new Repeat(60, 40, Arrangement.STRAIGHT), Ink.slot("Ground"), List.of(),
                new Palette(List.of("Ground"), List.of(new Colourway("Day", List.of(new Rgb(240, 236, 228))))),
                Guides.NONE);
    }

    private void stands(Project project, Work work) throws IOException {
        Path saved = folder.resolve("out.vatwright");
        act.run();
        ProjectFile.write(project, saved);
        act.run();
        Project back = ProjectFile.read(saved);
        if (!back.equals(project)) {
            throw new AssertionError("came back as something else");
        }
        List<Design> changed = new ArrayList<>(project.designs());
        changed.removeIf(known::contains);
        for (Design design : changed.subList(0, Math.min(3, changed.size()))) {
            stands(design, work);
        }
        for (Article article : project.articles().subList(0, Math.min(2, project.articles().size()))) {
            allowed(() -> {
                Cut cut = Cut.of(article, new ShippedTypefaces());
                new ArticleRenderer(project::design, TileSource.PAINTED, Optional.empty()).render(cut, COARSE, work);
                ArticleContent content = new ArticleContent(cut, project::design, Optional.empty(), Phase.OWN, COARSE,
                        work);
                act.run();
                svg(file -> SvgArticleWriter.write(content, file));
                act.run();
                PdfArticleWriter.write(content, folder.resolve("out.pdf"));
            });
        }
    }

    private void stands(Design design, Work work) {
        Cloth cloth = new Cloth(design, design.palette().first());
        Tile tile = design.repeat().tile();
        double longer = Math.max(tile.widthMm(), tile.heightMm());
        allowed(() -> TileRenderer.render(cloth,
                TileGrid.ofWidth(tile, (int) Math.max(1, SMALL_PX * tile.widthMm() / longer)), work));
        allowed(() -> svg(file -> SvgTileWriter.write(cloth, COARSE, file, work)));
        allowed(() -> PdfTileWriter.write(cloth, COARSE, folder.resolve("out.pdf"), work));
        allowed(() -> Inspection.of(cloth, new Density(300), CheckLimits.USUAL, TileSource.PAINTED, work));
    }

    /** A drawing that others cannot read is no drawing: it is read once by the platform's own parser. */
    private void svg(Consumer<Path> write) {
        Path file = folder.resolve("out.svg");
        write.accept(file);
        try {
            SAXParserFactory.newDefaultNSInstance().newSAXParser().parse(file.toFile(), new DefaultHandler());
        } catch (SAXException | IOException | ParserConfigurationException e) {
            throw new AssertionError("a drawing was written that is none", e);
        }
    }

    /** What cannot be made of an accepted design may be refused, in a sentence. */
    private void allowed(Runnable work) {
        act.run();
        try {
            work.run();
        } catch (Refusal e) {
            sentence(e);
        }
    }
}
