package org.vatwright.desktop.frame;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Palette;
import org.vatwright.core.draft.Origin;
import org.vatwright.core.family.weave.Weaving;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.YarnLook;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Stage;
import org.vatwright.desktop.studio.Studio;
import org.vatwright.files.wif.WifDesign;
import org.vatwright.files.wif.WifFile;
import org.vatwright.files.wif.WifFinding;

import javafx.scene.input.Clipboard;
import javafx.scene.input.DataFormat;

/** Reads weaving files into the project and writes the chosen weave as one. */
public final class WeavingFiles {

    private static final Outside.FileKind KIND = new Outside.FileKind("Weaving file (WIF)", "*.wif", "*.WIF");
    /** So many findings are told at once; all can be copied. */
    private static final int TOLD = 3;

    private final Studio studio;
    private final Outside outside;
    private final Errands errands;

    WeavingFiles(Studio studio, Outside outside, Errands errands) {
        this.studio = studio;
        this.outside = outside;
        this.errands = errands;
    }

    public void read() {
        outside.askOpen("Read a weaving file", KIND).ifPresent(this::read);
    }

    private record Read(Design design, List<WifFinding> findings) {}

    /** Adds a design woven from the file; what was wrong in the file is said. */
    void read(Path path) {
        errands.read(path, () -> {
            WifFile file = WifFile.read(path);
            return new Read(WifDesign.design(file, Origin.USUAL, new Look.Yarns(YarnLook.named("cotton"))),
                    file.findings());
        }, read -> {
            List<String> names = studio.project().designs().stream().map(Design::name).toList();
            Design design = names.contains(read.design().name())
                    ? read.design().withName(Palette.freeName(read.design().name(), names))
                    : read.design();
            if (studio.edit("read " + path.getFileName(), p -> p.addDesign(design),
                    s -> s.withDesign(design).withStage(Stage.BUILD))) {
                tell(path, design, read.findings());
            }
        });
    }

    private void tell(Path path, Design design, List<WifFinding> findings) {
        if (findings.isEmpty()) {
            studio.say(Message.done("%s is on the shelf.".formatted(design.name())));
            return;
        }
        List<String> words = findings.stream().map(WifFinding::toString).toList();
        String first = String.join("; ", words.subList(0, Math.min(TOLD, words.size())));
        studio.say(Message.hint("%s is on the shelf. %d %s in %s: %s%s".formatted(design.name(), words.size(),
                words.size() == 1 ? "finding" : "findings", path.getFileName(), first,
                words.size() > TOLD ? "; and more." : "."))
                .offering("copy all", () -> Clipboard.getSystemClipboard()
                        .setContent(java.util.Map.of(DataFormat.PLAIN_TEXT, String.join("\n", words)))));
    }

    /** Writes the chosen weave, in the colourway in view. */
    public void write() {
        studio.design().ifPresent(design -> studio.layer().map(Layer::structure).filter(Weaving.class::isInstance)
                .map(Weaving.class::cast).ifPresent(weaving -> {
                    String proposal = design.name().toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-")
                            + WifFile.SUFFIX;
                    outside.askSave("Write a weaving file", proposal, KIND).ifPresent(path -> write(design, weaving,
                            path));
                }));
    }

    private void write(Design design, Weaving weaving, Path path) {
        Colourway colourway = studio.colourway(design);
        errands.run("Writing " + path.getFileName(), () -> {
            WifFile file = WifDesign.file(weaving, design.palette(), colourway);
            file.write(path);
            return "%s: %,d ends, %,d picks.".formatted(path.getFileName(), file.draft().ends(), file.draft().picks());
        }, words -> studio.say(Message.done(words).offering("open folder",
                () -> outside.showFolder(path.toAbsolutePath().getParent()))));
    }
}
