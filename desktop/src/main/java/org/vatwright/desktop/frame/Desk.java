package org.vatwright.desktop.frame;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.dress.Article;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.MotifsFrom;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.project.FileName;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Stage;
import org.vatwright.desktop.studio.Studio;
import org.vatwright.files.demo.DemoCommission;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.picture.Pictures;
import org.vatwright.files.project.ProjectFile;
import org.vatwright.files.recovery.LeftBehind;
import org.vatwright.files.svg.FlatReader;
import org.vatwright.files.wif.WifFile;

import javafx.application.Platform;

/** Opens, saves and reads files for the studio. Whatever goes wrong is said, and nothing is lost. */
public final class Desk {

    private static final Outside.FileKind PROJECT = new Outside.FileKind("Vatwright project or design", "*.vatwright",
            "*.json");
    private static final Outside.FileKind DRAWING = new Outside.FileKind("SVG drawing", "*.svg");

    private static final Outside.FileKind PICTURE = new Outside.FileKind("Picture", "*.png", "*.jpg", "*.jpeg", "*.tif",
            "*.tiff", "*.bmp", "*.gif");
    private static final int PICTURE_SIDE = 500;

    private final Studio studio;
    private final Outside outside;
    private final Settings settings;
    private final WeavingFiles weavings;
    private final MotifFiles motifs;
    private final Saver saver = new Saver(Platform::runLater);
    private final Keeper keeper;
    private Path file;

    public Desk(Studio studio, Outside outside, Settings settings) {
        this.studio = studio;
        this.outside = outside;
        this.settings = settings;
        weavings = new WeavingFiles(studio, outside);
        motifs = new MotifFiles(studio, outside);
        keeper = new Keeper(studio, this::file, settings.recovery(), Platform::runLater);
    }

    public WeavingFiles weavings() {
        return weavings;
    }

    public MotifFiles motifs() {
        return motifs;
    }

    public Outside outside() {
        return outside;
    }

    public Optional<Path> file() {
        return Optional.ofNullable(file);
    }

    /** @return the refused attempt's sentence is said, and nothing comes back */
    public <T> Optional<T> attempt(Supplier<T> work) {
        try {
            return Optional.ofNullable(work.get());
        } catch (Refusal e) {
            studio.say(Message.refused(e.getMessage()));
            return Optional.empty();
        }
    }

    public void openDemo() {
        attempt(DemoCommission::load).ifPresent(project -> {
            file = null;
            studio.open(project);
        });
    }

    public void newProject() {
        if (mayLeave()) {
            file = null;
            studio.open(Project.empty("New commission"));
            addDesign();
            studio.markSaved(studio.history().present());
        }
    }

    /** Goes on with work that was not saved when the program ended. */
    public void takeUp(LeftBehind work) {
        file = null;
        keeper.takeUp(work).ifPresent(kept -> {
            file = kept;
            keeper.note();
        });
    }

    /** Lets go of what is kept for recovery: the window is closed on purpose. */
    public void end() {
        keeper.end();
    }

    public void open() {
        if (mayLeave()) {
            outside.askOpen("Open a project", PROJECT).ifPresent(this::open);
        }
    }

    public boolean open(Path path) {
        Optional<Project> read = attempt(() -> ProjectFile.read(path));
        read.ifPresent(project -> {
            file = path.toString().endsWith(ProjectFile.SUFFIX) ? path.toAbsolutePath() : null;
            studio.open(project);
            settings.lastProject(path);
        });
        return read.isPresent();
    }

    /** Saves beside the window's own work. */
    public void save() {
        place().ifPresent(this::saveTo);
    }

    public void saveAs() {
        askPlace().ifPresent(this::saveTo);
    }

    /** @return where the project is saved; asked for when it has no place yet, and empty when that is not told */
    private Optional<Path> place() {
        return file == null ? askPlace() : Optional.of(file);
    }

    private Optional<Path> askPlace() {
        return outside.askSave("Save the project",
                FileName.of(studio.project().name()).toLowerCase(Locale.ROOT) + ProjectFile.SUFFIX, PROJECT)
                .map(p -> p.toString().endsWith(ProjectFile.SUFFIX) ? p : Path.of(p + ProjectFile.SUFFIX));
    }

    private void saveTo(Path path) {
        Project saved = studio.history().present();
        saver.save(saved, path, problem -> {
            if (problem.isPresent()) {
                studio.say(Message.refused(problem.get()));
            } else {
                saved(saved, path);
                studio.say(Message.done("Saved as " + path.getFileName() + ".").offering("open folder",
                        () -> outside.showFolder(path.toAbsolutePath().getParent())));
            }
        });
    }

    private void saved(Project project, Path path) {
        file = path.toAbsolutePath();
        settings.lastProject(file);
        studio.markSaved(project);
    }

    /** @return whether the present project may be closed */
    public boolean mayLeave() {
        if (!studio.history().unsaved()) {
            return true;
        }
        return switch (outside.askUnsaved(studio.project().name())) {
            case SAVE -> place().filter(this::saveBeforeLeaving).isPresent();
            case DISCARD -> true;
            case STAY -> false;
        };
    }

    /** The window is about to show something else, so it waits. */
    private boolean saveBeforeLeaving(Path path) {
        Project project = studio.history().present();
        return attempt(() -> {
            saver.saveNow(project, path);
            saved(project, path);
            return true;
        }).orElse(false);
    }

    /** Adds a plain design to start from and brings it in view. */
    public void addDesign() {
        List<String> names = studio.project().designs().stream().map(Design::name).toList();
        String name = names.contains("New design") ? Palette.freeName("New design", names) : "New design";
        Palette palette = new Palette(List.of("Ground", "First", "Second"), List.of(new Colourway("First colours",
                List.of(new Rgb(241, 233, 216), new Rgb(32, 54, 95), new Rgb(171, 59, 44)))));
        Design design = new Design(name, new Repeat(100, 100, Arrangement.STRAIGHT), Ink.slot("Ground"), List.of(),
                palette, Guides.NONE);
        if (studio.edit("add design", p -> p.addDesign(design))) {
            studio.select(s -> s.withDesign(design));
        }
    }

    public void duplicateDesign() {
        studio.design().ifPresent(design -> {
            String name = Palette.freeName(design.name(),
                    studio.project().designs().stream().map(Design::name).toList());
            Design copy = design.with().id(Id.fresh()).name(name).build();
            if (studio.edit("duplicate " + design.name(), p -> p.addDesign(copy))) {
                studio.select(s -> s.withDesign(copy));
            }
        });
    }

    public void removeDesign() {
        studio.design().ifPresent(d -> studio.edit("remove " + d.name(), p -> p.removeDesign(d.id())));
    }

    /** @return a picture the user chose, small enough to be shown beside a colour */
    public Optional<Raster> askPicture() {
        return outside.askOpen("Take a colour from a picture", PICTURE)
                .flatMap(path -> attempt(() -> Pictures.smaller(Pictures.read(path, Limits.STANDARD), PICTURE_SIDE)));
    }

    /** Reads a picture to be used as an ink, at its true size. */
    public void readFill() {
        outside.askOpen("Use a picture as an ink", PICTURE).ifPresent(
                path -> attempt(() -> Pictures.sized(path, Limits.STANDARD)).ifPresent(
                        picture -> studio.addFill(bare(path), new Fill.OfPicture(picture))));
    }

    /** Reads a picture as a motif of its true size. */
    public void readMotifPicture() {
        outside.askOpen("Use a picture as a motif", PICTURE).ifPresent(
                path -> attempt(() -> Pictures.sized(path, Limits.STANDARD)).ifPresent(
                        picture -> studio.bringMotif("motif from " + bare(path),
                                (d, l) -> MotifsFrom.source(d, l, bare(path), new Fill.OfPicture(picture)))));
    }

    private static String bare(Path path) {
        String file = String.valueOf(path.getFileName());
        return file.contains(".") ? file.substring(0, file.lastIndexOf('.')) : file;
    }

    public void readFlat() {
        outside.askOpen("Read a flat", DRAWING).ifPresent(this::readFlat);
    }

    /** Reads a drawing as an article; each closed shape is a piece. */
    public void readFlat(Path path) {
        attempt(() -> FlatReader.read(path)).ifPresent(reading -> {
            Article.Flat flat = reading.article().withName(freeArticle(reading.article().name()));
            if (studio.edit("read " + flat.name(), p -> p.addArticle(flat))) {
                studio.select(s -> s.withStage(Stage.DRESS).withArticle(flat));
                String left = reading.notes().isEmpty() ? "" : " " + String.join("; ", reading.notes()) + ".";
                studio.say(Message.done("%s has %d %s.%s".formatted(flat.name(), flat.pieces().size(),
                        flat.pieces().size() == 1 ? "piece" : "pieces", left)));
            }
        });
    }

    public String freeArticle(String wanted) {
        List<String> names = studio.project().articles().stream().map(Article::name).toList();
        return names.contains(wanted) ? Palette.freeName(wanted, names) : wanted;
    }

    public void add(Article article) {
        if (studio.edit("add " + article.name(), p -> p.addArticle(article))) {
            studio.select(s -> s.withArticle(article));
        }
    }

    /** Adds the designs of a file; one whose name is taken gets another, so that they are told apart on the shelf. */
    private void takeDesigns(Project from, Path path) {
        List<Id> before = studio.project().designs().stream().map(Design::id).toList();
        List<String> names = new ArrayList<>(studio.project().designs().stream().map(Design::name).toList());
        boolean done = studio.edit("add designs from " + path.getFileName(), p -> {
            Project more = p.addDesigns(from.designs());
            for (Design design : more.designs()) {
                if (!before.contains(design.id())) {
                    String name = names.contains(design.name())
                            ? Palette.freeName(design.name(), names)
                            : design.name();
                    names.add(name);
                    more = more.edit(design.id(), d -> d.withName(name));
                }
            }
            return more;
        });
        List<Design> added = studio.project().designs().stream().filter(d -> !before.contains(d.id())).toList();
        if (done && !added.isEmpty()) {
            studio.select(s -> s.withDesign(added.getLast()));
            studio.say(Message.done("%s now on the shelf."
                    .formatted(String.join(", ", added.stream().map(Design::name).toList()))));
        }
    }

    /** Takes a file that was dropped on the window. */
    public void dropped(Path path) {
        String name = String.valueOf(path.getFileName()).toLowerCase(Locale.ROOT);
        boolean drawing = studio.selection().stage() == Stage.BUILD
                && studio.structure(Motifs.class).isPresent();
        if (name.endsWith(".svg") && drawing) {
            motifs.read(path);
        } else if (name.endsWith(".svg")) {
            readFlat(path);
        } else if (name.endsWith(WifFile.SUFFIX)) {
            weavings.read(path);
        } else if (name.endsWith(".json")) {
            attempt(() -> ProjectFile.read(path)).ifPresent(project -> takeDesigns(project, path));
        } else if (name.endsWith(ProjectFile.SUFFIX)) {
            if (mayLeave()) {
                open(path);
            }
        } else {
            studio.say(Message.wrong(
                    "%s cannot be taken in; projects, designs in JSON, weaving files and SVG drawings can."
                            .formatted(path.getFileName())));
        }
    }
}
