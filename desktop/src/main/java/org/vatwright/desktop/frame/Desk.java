package org.vatwright.desktop.frame;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.dress.Article;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.MotifsFrom;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.Guides;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.project.Project;
import org.vatwright.core.raster.Picture;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.desktop.studio.Bringing;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Stage;
import org.vatwright.desktop.studio.Studio;
import org.vatwright.files.demo.DemoCommission;
import org.vatwright.files.disk.FileStamp;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.picture.Pictures;
import org.vatwright.files.picture.PixelBudget;
import org.vatwright.files.project.ProjectFile;
import org.vatwright.files.recovery.LeftBehind;
import org.vatwright.files.svg.FlatReader;
import org.vatwright.files.wif.WifFile;

import javafx.application.Platform;

/** Opens, saves and reads files for the studio. Whatever goes wrong is said, and nothing is lost. */
public final class Desk {

    static final Outside.FileKind PROJECT = new Outside.FileKind("Vatwright project or design", "*.vatwright",
            "*.json");
    private static final Outside.FileKind DRAWING = new Outside.FileKind("SVG drawing", "*.svg");

    static final Outside.FileKind PICTURE = new Outside.FileKind("Picture", "*.png", "*.jpg", "*.jpeg", "*.tif",
            "*.tiff", "*.bmp", "*.gif");
    private static final int PICTURE_SIDE = 500;

    private final Studio studio;
    private final Outside outside;
    private final WeavingFiles weavings;
    private final MotifFiles motifs;
    private final BrushFiles brushes;
    private final Takings takings;
    private final Keeper keeper;
    private final Errands errands;
    private final ProjectPlace standing;
    private Optional<Path> produced = Optional.empty();

    public Desk(Studio studio, Outside outside, Settings settings) {
        this.studio = studio;
        this.outside = outside;
        errands = new Errands(studio::say, Platform::runLater);
        standing = new ProjectPlace(studio, outside, settings);
        weavings = new WeavingFiles(studio, outside, errands);
        motifs = new MotifFiles(studio, outside, errands);
        brushes = new BrushFiles(studio, outside, errands, settings.folder().brushes());
        takings = new Takings(studio, errands);
        keeper = new Keeper(studio, standing, settings.recovery(), Platform::runLater);
    }

    public Errands errands() {
        return errands;
    }

    public WeavingFiles weavings() {
        return weavings;
    }

    public MotifFiles motifs() {
        return motifs;
    }

    public BrushFiles brushes() {
        return brushes;
    }

    public Takings takings() {
        return takings;
    }

    public Outside outside() {
        return outside;
    }

    /** @return where the project stands, when it was saved */
    public Optional<Path> file() {
        return standing.file();
    }

    /** @return the folder for what is produced: the chosen one, else beside the project, else in the user's own */
    public Path producedFolder() {
        return produced.orElseGet(() -> file().map(Path::getParent).orElse(Path.of(System.getProperty("user.home")))
                .resolve("produced"));
    }

    public void produceInto(Path folder) {
        produced = Optional.of(folder);
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
            standing.leave();
            studio.open(project);
        });
    }

    public void newProject() {
        if (mayLeave()) {
            standing.leave();
            studio.open(Project.empty("New commission"));
            addDesign();
            studio.markSaved(studio.history().present());
        }
    }

    /** Goes on with work that was not saved when the program ended. @param done called when it is there */
    public void takeUp(LeftBehind work, Runnable done) {
        errands.run("Taking up what was left", work::take, taken -> {
            keeper.takeUp(taken);
            done.run();
        });
    }

    /** Lets go of what is kept for recovery: the window is closed on purpose. */
    public void end() {
        keeper.end();
        standing.leave();
    }

    public void open() {
        if (mayLeave()) {
            outside.askOpen("Open a project", PROJECT).ifPresent(this::open);
        }
    }

    public void open(Path path) {
        open(path, () -> {});
    }

    private record Opened(Project project, Optional<FileStamp> stamp) {}

    /** @param otherwise called when it cannot be read, after that was said */
    public void open(Path path, Runnable otherwise) {
        Project before = studio.history().present();
        errands.run("Opening " + path.getFileName(), () -> {
            Optional<FileStamp> stamp = FileStamp.of(path);
            return new Opened(ProjectFile.read(path), stamp);
        }, read -> {
            // Whoever edited while it was being read is asked again.
            if (studio.history().present() == before || mayLeave()) {
                boolean whole = PROJECT.ends(path);
                standing.at(whole ? Optional.of(path) : Optional.empty(), read.stamp().filter(s -> whole));
                studio.open(read.project());
            }
        }, otherwise);
    }

    /** Saves beside the window's own work. */
    public void save() {
        standing.save();
    }

    public void saveAs() {
        standing.saveAs();
    }

    /** @return whether the present project may be closed */
    public boolean mayLeave() {
        return standing.mayLeave();
    }

    /** Adds a plain design to start from and brings it in view. */
    public void addDesign() {
        List<String> names = studio.project().designs().stream().map(Design::name).toList();
        String name = names.contains("New design") ? Palette.freeName("New design", names) : "New design";
        Palette palette = new Palette(List.of("Ground", "First", "Second"), List.of(new Colourway("First colours",
                List.of(new Rgb(241, 233, 216), new Rgb(32, 54, 95), new Rgb(171, 59, 44)))));
        Design design = new Design(name, new Repeat(100, 100, Arrangement.STRAIGHT), Ink.slot("Ground"), List.of(),
                palette, Guides.NONE);
        studio.edit("add design", p -> p.addDesign(design), s -> s.withDesign(design));
    }

    public void duplicateDesign() {
        studio.design().ifPresent(design -> {
            String name = Palette.freeName(design.name(),
                    studio.project().designs().stream().map(Design::name).toList());
            Design copy = design.with().id(Id.fresh()).name(name).build();
            studio.edit("duplicate " + design.name(), p -> p.addDesign(copy), s -> s.withDesign(copy));
        });
    }

    public void removeDesign() {
        studio.design().ifPresent(d -> studio.edit("remove " + d.name(), p -> p.removeDesign(d.id())));
    }

    /** @param then takes a picture the user chose, small enough to be shown beside a colour */
    public void askPicture(Consumer<Raster> then) {
        outside.askOpen("Take a colour from a picture", PICTURE).ifPresent(path -> errands.read(path,
                () -> Pictures.smaller(
                        Pictures.fitting(path, new PixelBudget(Limits.STANDARD)).picture().raster(), PICTURE_SIDE),
                then));
    }

    /** Reads a picture to be used as an ink, at its true size. */
    public void readFill() {
        outside.askOpen("Use a picture as an ink", PICTURE).ifPresent(path -> readPicture(path,
                picture -> studio.addFill(bare(path), new Fill.OfPicture(picture))));
    }

    /** Asks for a picture to trace. @param take is told what was read */
    public void readUnderlay(Consumer<Picture> take) {
        outside.askOpen("Trace a picture", PICTURE).ifPresent(path -> readPicture(path, take));
    }

    /** Reads a picture to lie over everything, healed, on a layer of its own. */
    public void readCover() {
        outside.askOpen("Use a picture as a layer", PICTURE).ifPresent(this::readCover);
    }

    private void readCover(Path path) {
        readPicture(path, picture -> {
            if (new Bringing(studio).cover(bare(path), picture)) {
                studio.select(s -> s.withStage(Stage.BUILD));
            }
        });
    }

    /** Reads a picture as a motif of its true size. */
    public void readMotifPicture() {
        outside.askOpen("Use a picture as a motif", PICTURE).ifPresent(this::readMotifPicture);
    }

    private void readMotifPicture(Path path) {
        readPicture(path, picture -> new Bringing(studio).motif("motif from " + bare(path),
                (d, l) -> MotifsFrom.source(d, l, bare(path), new Fill.OfPicture(picture))));
    }

    /** @return what more pictures may have: what is brought in must be there again when the project is opened */
    private PixelBudget room() {
        return new PixelBudget(Limits.STANDARD, studio.history().present().picturePixels());
    }

    private void readPicture(Path path, Consumer<Picture> then) {
        PixelBudget room = room();
        errands.read(path, () -> Pictures.fitting(path, room), brought -> {
            then.accept(brought.picture());
            if (brought.part() > 1) {
                studio.say(Message.hint(
                        "%s has more pixels than there is memory for: it was taken at 1/%d of its density, %s dpi."
                                .formatted(path.getFileName(), brought.part(),
                                        Numbers.plain(brought.picture().dpi(), 1))));
            }
        });
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
        errands.run("Reading " + path.getFileName(), () -> FlatReader.read(path), reading -> {
            Article.Flat flat = reading.article().withName(freeArticle(reading.article().name()));
            if (studio.edit("read " + flat.name(), p -> p.addArticle(flat),
                    s -> s.withStage(Stage.DRESS).withArticle(flat))) {
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
        studio.edit("add " + article.name(), p -> p.addArticle(article), s -> s.withArticle(article));
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
            studio.say(Message.done("%s now on the shelf."
                    .formatted(String.join(", ", added.stream().map(Design::name).toList()))));
            // After what waits meanwhile: that they are here has been much work for the window already.
            Platform.runLater(() -> studio.project().design(added.getLast().id())
                    .ifPresent(d -> studio.select(s -> s.withDesign(d))));
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
        } else if (PICTURE.has(path) && drawing) {
            readMotifPicture(path);
        } else if (PICTURE.has(path)) {
            readCover(path);
        } else if (name.endsWith(WifFile.SUFFIX)) {
            weavings.read(path);
        } else if (name.endsWith(".json")) {
            PixelBudget room = room();
            errands.run("Reading " + name, () -> {
                Project project = ProjectFile.read(path);
                room.take(name, project.picturePixels());
                return project;
            }, project -> takeDesigns(project, path));
        } else if (name.endsWith(ProjectFile.SUFFIX)) {
            if (mayLeave()) {
                open(path);
            }
        } else {
            studio.say(Message.wrong(
                    "%s cannot be taken in; projects, designs in JSON, pictures, weaving files and SVG drawings can."
                            .formatted(path.getFileName())));
        }
    }
}
