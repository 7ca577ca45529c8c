package org.vatwright.desktop.frame;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.family.motif.Instance;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.repeat.WallpaperGroup;
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

    MotifFiles(Studio studio, Outside outside) {
        this.studio = studio;
        this.outside = outside;
    }

    public void read() {
        outside.askOpen("Read a drawing as a motif", KIND).ifPresent(this::read);
    }

    /** The motif stands in the middle of the cell, at its true size; its colours are slots of the palette. */
    void read(Path path) {
        try {
            MotifReader.Reading reading = MotifReader.read(path);
            int[] layer = {studio.selection().layer()};
            if (studio.editDesign("read motif " + reading.name(), d -> with(d, reading, layer))) {
                studio.select(s -> s.withLayer(layer[0]));
                tell(path, reading);
            }
        } catch (Refusal e) {
            studio.say(Message.refused("%s was not read: %s".formatted(path.getFileName(), e.getMessage())));
        }
    }

    private static Design with(Design design, MotifReader.Reading reading, int[] layer) {
        Motifs chosen = design.layer(layer[0]).map(Layer::structure).filter(Motifs.class::isInstance)
                .map(Motifs.class::cast).orElse(null);
        MotifDrawing.Brought brought = MotifDrawing.into(design, reading, chosen == null ? 1 : chosen.freeId());
        Motif motif = brought.motif();
        Instance middle = new Instance(motif.id(), design.repeat().widthMm() / 2, design.repeat().heightMm() / 2);
        Design inked = design.withPalette(brought.palette());
        if (chosen == null) {
            layer[0] = design.freeId();
            List<Layer> more = new ArrayList<>(design.layers());
            more.add(new Layer(layer[0], motif.name(), new Motifs(List.of(motif), List.of(middle),
                    new Placing.ByHand(), WallpaperGroup.P1)));
            return inked.withLayers(more);
        }
        List<Motif> motifs = new ArrayList<>(chosen.motifs());
        motifs.add(motif);
        List<Instance> byHand = new ArrayList<>(chosen.byHand());
        if (chosen.placing() instanceof Placing.ByHand) {
            byHand.add(middle);
        }
        return inked.replace(layer[0], l -> l.withStructure(chosen.withMotifs(motifs).withByHand(byHand)));
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
