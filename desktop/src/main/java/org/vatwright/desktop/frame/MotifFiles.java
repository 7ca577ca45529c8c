package org.vatwright.desktop.frame;

import java.nio.file.Path;
import java.util.List;

import org.vatwright.desktop.studio.Bringing;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Studio;
import org.vatwright.files.svg.MotifDrawing;
import org.vatwright.files.svg.MotifReader;

/** Reads drawings as motifs: into the chosen layer of motifs, else into a new one. */
public final class MotifFiles {

    private static final Outside.FileKind KIND = new Outside.FileKind("Drawing (SVG)", "*.svg", "*.SVG");
    private static final int TOLD = 3;

    private final Studio studio;
    private final Outside outside;
    private final Errands errands;

    MotifFiles(Studio studio, Outside outside, Errands errands) {
        this.studio = studio;
        this.outside = outside;
        this.errands = errands;
    }

    public void read() {
        outside.askOpen("Read a drawing as a motif", KIND).ifPresent(this::read);
    }

    /** The motif stands in the middle of the cell, at its true size; its colours are slots of the palette. */
    void read(Path path) {
        errands.read(path, () -> MotifReader.read(path), reading -> {
            if (new Bringing(studio).motif("read motif " + reading.name(),
                    (d, l) -> MotifDrawing.into(d, l, reading))) {
                tell(path, reading);
            }
        });
    }

    private void tell(Path path, MotifReader.Reading reading) {
        List<String> findings = reading.findings();
        String done = "%s: %d shapes, %d inks".formatted(path.getFileName(), reading.marks().size(),
                reading.palette().size());
        studio.say(findings.isEmpty()
                ? Message.done(done + ".")
                : Message.hint("%s; %s%s".formatted(done, String.join("; ",
                        findings.subList(0, Math.min(TOLD, findings.size()))),
                        findings.size() > TOLD ? "; and more." : ".")));
    }
}
