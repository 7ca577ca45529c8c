package org.vatwright.desktop.frame;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.function.Consumer;

import org.vatwright.core.brush.Brush;
import org.vatwright.core.brush.ShippedBrushes;
import org.vatwright.core.brush.TipForm;
import org.vatwright.core.measure.Refusal;
import org.vatwright.desktop.studio.BrushHand;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Studio;
import org.vatwright.files.disk.Limits;
import org.vatwright.files.picture.Pictures;
import org.vatwright.files.project.BrushFile;
import org.vatwright.files.project.TipPictures;

/** The user's own brushes: kept from one day to the next, handed on as files. */
public final class BrushFiles {

    private static final Outside.FileKind KIND = new Outside.FileKind("Brushes", "*.json");

    private final Studio studio;
    private final Outside outside;
    private final Errands errands;
    private final Path kept;
    private List<Brush> saved = List.of();

    BrushFiles(Studio studio, Outside outside, Errands errands, Path kept) {
        this.studio = studio;
        this.outside = outside;
        this.errands = errands;
        this.kept = kept;
        load();
        studio.watch(change -> save());
    }

    private void load() {
        if (Files.isRegularFile(kept)) {
            try {
                saved = BrushFile.read(kept);
                studio.holdBrush(h -> h.withOwn(saved));
            } catch (Refusal e) {
                aside(e);
            }
        }
    }

    /** What cannot be read is not written over. */
    private void aside(Refusal why) {
        Path other = kept.resolveSibling("brushes-not-read.json");
        try {
            Files.move(kept, other, StandardCopyOption.REPLACE_EXISTING);
            studio.say(Message.hint("Your own brushes were not read: %s. They are kept in %s.".formatted(
                    why.getMessage(), other)));
        } catch (IOException e) {
            System.getLogger(BrushFiles.class.getName()).log(System.Logger.Level.WARNING, "own brushes", e);
        }
    }

    private void save() {
        List<Brush> own = studio.brushHand().own();
        if (!own.equals(saved)) {
            saved = own;
            try {
                Files.createDirectories(kept.getParent());
                BrushFile.write(own, kept);
            } catch (Refusal | IOException e) {
                studio.say(Message.refused("your own brushes were not kept: " + e.getMessage()));
            }
        }
    }

    public void read() {
        outside.askOpen("Read brushes", KIND).ifPresent(path -> errands.read(path, () -> BrushFile.read(path),
                read -> studio.attempt(() -> {
                    studio.holdBrush(h -> taking(h, read));
                    studio.say(Message.done("%s: %d %s.".formatted(path.getFileName(), read.size(),
                            read.size() == 1 ? "brush" : "brushes")));
                })));
    }

    /** A name that is taken by one that came with the program gets a number. */
    private static BrushHand taking(BrushHand hand, List<Brush> read) {
        BrushHand now = hand;
        for (Brush brush : read) {
            String name = brush.name();
            for (int n = 2; shipped(name); n++) {
                name = brush.name() + " " + n;
            }
            now = now.keeping(brush.withName(name));
        }
        return now;
    }

    private static boolean shipped(String name) {
        return ShippedBrushes.ALL.stream().anyMatch(b -> b.name().equals(name));
    }

    /** Asks for a picture to be a tip. @param take is told what was read */
    public void readTip(Consumer<TipForm> take) {
        outside.askOpen("Read a picture as a tip", Desk.PICTURE).ifPresent(path -> errands.read(path,
                () -> TipPictures.of(Pictures.read(path, Limits.STANDARD)), take));
    }

    /** Writes the brush in hand. */
    public void writeOne() {
        Brush brush = studio.brushHand().brush();
        write("Write this brush", brush.name(), List.of(brush));
    }

    /** Writes all of the user's own. */
    public void writeOwn() {
        List<Brush> own = studio.brushHand().own();
        if (own.isEmpty()) {
            studio.say(Message.hint("There is no brush of your own yet: change one and keep it under a name."));
        } else {
            write("Write your own brushes", "Brushes", own);
        }
    }

    private void write(String title, String proposal, List<Brush> brushes) {
        outside.askSave(title, proposal + ".json", KIND).ifPresent(path -> studio.attempt(() -> {
            BrushFile.write(brushes, path);
            studio.say(Message.done("%s written: %d %s.".formatted(path.getFileName(), brushes.size(),
                    brushes.size() == 1 ? "brush" : "brushes")));
        }));
    }
}
