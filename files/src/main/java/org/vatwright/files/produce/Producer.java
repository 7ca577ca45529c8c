package org.vatwright.files.produce;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.ArticleRenderer;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Typeface;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.project.Embedded;
import org.vatwright.core.project.FileName;
import org.vatwright.core.project.Job;
import org.vatwright.core.project.Output;
import org.vatwright.core.project.Output.Format;
import org.vatwright.core.project.Project;
import org.vatwright.core.project.Task;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.FieldRenderer;
import org.vatwright.core.render.FieldSpec;
import org.vatwright.core.render.TileRenderer;
import org.vatwright.core.render.TileSource;
import org.vatwright.core.repeat.TileGrid;
import org.vatwright.files.picture.PictureWriter;
import org.vatwright.files.vector.ArticleContent;
import org.vatwright.files.vector.PdfArticleWriter;
import org.vatwright.files.vector.PdfTileWriter;
import org.vatwright.files.vector.SvgArticleWriter;
import org.vatwright.files.vector.SvgTileWriter;

/** Produces files from a project: tiles, fields, dressed articles. */
public final class Producer {

    private final Project project;
    private final Typeface.Case faces;

    public Producer(Project project, Typeface.Case faces) {
        this.project = project;
        this.faces = faces;
    }

    /** @return the kind of file its name asks for */
    public static Format format(Path file) {
        String name = String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT);
        return switch (name.substring(name.lastIndexOf('.') + 1)) {
            case "png" -> Format.PNG;
            case "jpg", "jpeg" -> Format.JPEG;
            case "tif", "tiff" -> Format.TIFF;
            case "svg" -> Format.SVG;
            case "pdf" -> Format.PDF;
            default ->
                throw new Refusal("%s: the kind of file follows its name; .png, .jpg, .tif, .svg and .pdf are known"
                        .formatted(file));
        };
    }

    /** @param asked a name or an id */
    public Design design(String asked) {
        return Named.one("design", asked, project.designs(), Design::name, Design::id);
    }

    /** @param asked a name or an id */
    public Article article(String asked) {
        return Named.one("article", asked, project.articles(), Article::name, Article::id);
    }

    private static String names(List<String> names) {
        return names.isEmpty() ? "none" : String.join(", ", names);
    }

    /** @param name empty for the first */
    public Colourway colourway(Design design, String name) {
        return name.isEmpty()
                ? design.palette().first()
                : design.palette().find(name)
                        .orElseThrow(() -> new Refusal("%s has no colourway %s; it has %s".formatted(
                                design.name(), name,
                                names(design.palette().colourways().stream().map(Colourway::name).toList()))));
    }

    public void tile(Cloth cloth, TileGrid grid, Path file, int quality, Work work) {
        switch (format(file)) {
            case SVG -> SvgTileWriter.write(cloth, density(grid), file, work);
            case PDF -> PdfTileWriter.write(cloth, density(grid), file, work);
            default -> PictureWriter.write(TileRenderer.rows(cloth, grid, work), density(grid), format(file), quality,
                    file, work);
        }
    }

    private static Density density(TileGrid grid) {
        return new Density(grid.widthPx() / (grid.widthMm() / 25.4));
    }

    /** @return what of a vector file would be pixels by nature, one sentence each */
    public static List<String> embedded(Design design, TileGrid grid) {
        return Embedded.of(design, density(grid));
    }

    public void field(Cloth cloth, FieldSpec spec, Path file, int quality, Work work) {
        Format format = pixels(file, "field");
        PictureWriter.write(FieldRenderer.rows(cloth, spec, work), spec.density(), format, quality, file, work);
    }

    /**
     * @param colourway worn by all lays whose design has it; empty for each its own
     * @param phase at which what moves is shown
     */
    public void article(Article article, String colourway, Phase phase, Density density, Path file, int quality,
            Work work) {
        Format format = format(file);
        if (!colourway.isEmpty()
                && project.designs().stream().noneMatch(d -> d.palette().find(colourway).isPresent())) {
            throw new Refusal("no design has a colourway %s".formatted(colourway));
        }
        ArticleContent content = content(article, colourway, phase, density, work);
        switch (format) {
            case SVG -> SvgArticleWriter.write(content, file);
            case PDF -> PdfArticleWriter.write(content, file);
            default -> PictureWriter.write(new ArticleRenderer(project::design, TileSource.PAINTED, content.colourway(),
                    phase).rows(content.cut(), density, work), density, format, quality, file, work);
        }
    }

    private ArticleContent content(Article article, String colourway, Phase phase, Density density, Work work) {
        return new ArticleContent(Cut.of(article, faces), project::design,
                colourway.isEmpty() ? Optional.empty() : Optional.of(colourway), phase, density, work);
    }

    /** @return what of a vector file of it would be pixels by nature, one sentence each */
    public List<String> embedded(Article article, String colourway, Density density) {
        return content(article, colourway, Phase.OWN, density, Work.plain()).embedded();
    }

    static Format pixels(Path file, String what) {
        Format format = format(file);
        if (format.vector()) {
            throw new Refusal("%s: a %s is written as .png, .jpg or .tif".formatted(file, what));
        }
        return format;
    }

    /** Does a job. @return the file it wrote */
    public Path run(Job job, Path folder, Work work) {
        Path file = folder.resolve(FileName.of(job, project.jobs()));
        Output output = job.output();
        switch (job.task()) {
            case Task.Tile(Id id, String colourway) -> {
                Design design = project.existingDesign(id);
                tile(new Cloth(design, colourway(design, colourway)),
                        TileGrid.at(design.repeat().tile(), output.density()), file, output.quality(), work);
            }
            case Task.Field(Id id, String colourway, double widthMm, double heightMm) -> {
                Design design = project.existingDesign(id);
                field(new Cloth(design, colourway(design, colourway)),
                        new FieldSpec(widthMm, heightMm, output.density()), file, output.quality(), work);
            }
            case Task.Dressed(Id id, Optional<String> colourway) -> article(project.existingArticle(id),
                    colourway.orElse(""), Phase.OWN, output.density(), file, output.quality(), work);
        }
        return file;
    }
}
