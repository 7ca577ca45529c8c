package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.motif.MotifsFrom;
import org.vatwright.core.family.motif.TracedPicture;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.PictureInks;
import org.vatwright.core.picture.Inks;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Aside;
import org.vatwright.desktop.studio.Studio;
import org.vatwright.files.picture.Pictures;

import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** The few inks of a picture, with the share of each: how many, and which are shown as one. */
final class PictureInkRows extends VBox {

    private static final int USUAL = 5;
    /** Inks are looked for in a picture no larger: they are means, and no pixel makes a difference. */
    private static final int LOOKED_AT_PX = 700;
    private static final double MOST_HIGH = 150;
    private static final double PERCENT = 100;

    private record Asked(Fill.OfPicture of, String fill, int count) {}

    private record Found(Asked asked, Inks inks) {}

    private final Studio studio;
    private final Button few = Ui.link("show it in a few inks", () -> ask(USUAL));
    private final Button own = Ui.link("its own colours", this::giveBack);
    private final NumberRow count;
    private final FlowPane chips = new FlowPane(6, 4);
    private final ScrollPane list = Ui.capped(chips, MOST_HIGH);
    private final List<InkShare> shown = new ArrayList<>();
    private final Aside<Found> search = new Aside<>(Platform::runLater, this::take);
    private final Button shapes = Ui.link("turn it into shapes", this::trace);
    private final Aside<Motif> tracing = new Aside<>(Platform::runLater, this::traced);
    private String fill = "";
    private Fill.OfPicture picture;
    private int asks;

    PictureInkRows(Studio studio) {
        super(4);
        this.studio = studio;
        few.setId("picture-few-inks");
        own.setId("picture-own-colours");
        count = NumberRow.number(studio, "In", "inks of the picture", "inks", 0, 1, n -> ask((int) Math.rint(n)));
        shapes.setId("picture-shapes");
        Ui.tip(shapes, "Outlines that stay sharp at every size, on a layer of their own");
        getChildren().addAll(few, Ui.row(count, Ui.spring(), own), list, shapes);
    }

    private void ask(int wanted) {
        Asked asked = new Asked(picture, fill, Math.max(2, Math.min(Inks.MOST, wanted)));
        // Asked once more after an undo, too.
        search.ask(List.of(asked, asks++), work -> new Found(asked,
                Inks.of(part(asked.of()), asked.count(), 1, work)));
    }

    private static Raster part(Fill.OfPicture of) {
        return Pictures.smaller(of.cutOut(Work.plain()), LOOKED_AT_PX);
    }

    private void take(Found found) {
        count.showTaken(found.inks().colours().size());
        studio.editDesign("%s in %d inks".formatted(found.asked().fill(), found.inks().colours().size()),
                d -> PictureInks.into(d, found.asked().fill(), found.inks().colours()));
    }

    private void trace() {
        studio.design().flatMap(d -> d.fill(fill)).ifPresent(f -> tracing.ask(List.of(f, asks++),
                work -> TracedPicture.of(f, Pictures::smaller, work)));
    }

    private void traced(Motif motif) {
        if (studio.editDesign(motif.name() + " as shapes", d -> MotifsFrom.with(d, -1, motif))) {
            studio.design().ifPresent(d -> studio.select(s -> s.withLayer(d.layers().getLast().id())));
        }
    }

    private void giveBack() {
        String of = fill;
        studio.editDesign(of + " in its own colours", d -> PictureInks.into(d, of, List.of()));
    }

    void show(Design design, Colourway colourway, Fill shown) {
        Fill.OfPicture of = shown.picture().orElseThrow();
        fill = shown.name();
        picture = of;
        boolean reduced = !of.reduced().isEmpty();
        Ui.show(few, !reduced);
        Ui.show(count.getParent(), reduced);
        Ui.show(list, reduced);
        Ui.show(shapes, reduced);
        count.show(of.reduced().size());
        if (reduced) {
            chips(design, colourway, of);
        } else {
            chips.getChildren().clear();
        }
    }

    private void chips(Design design, Colourway colourway, Fill.OfPicture of) {
        while (shown.size() < of.reduced().size()) {
            shown.add(new InkShare(shown.size()));
        }
        List<Double> shares = PictureShares.of(of);
        for (int i = 0; i < of.reduced().size(); i++) {
            shown.get(i).chip.show(of.reduced().get(i).ink(), design, colourway);
            shown.get(i).share.setText(Numbers.plain(PERCENT * shares.get(i), 1) + " %");
        }
        List<InkShare> now = shown.subList(0, of.reduced().size());
        // A chip whose list is open stays where it is.
        if (!chips.getChildren().equals(now)) {
            chips.getChildren().setAll(now);
        }
    }

    /** One of the inks, with the share of the picture that it covers. */
    private final class InkShare extends VBox {
        private final InkChip chip;
        private final Label share = Ui.label("", "quiet");

        InkShare(int index) {
            super(1);
            chip = new InkChip("picture ink " + (index + 1), ink -> studio.editDesign(
                    "show ink %d of %s in %s".formatted(index + 1, fill, ink.words()),
                    d -> PictureInks.shownIn(d, fill, index, ink))).slotsOnly();
            share.setId("picture-share-" + (index + 1));
            getChildren().addAll(chip, share);
        }
    }
}
