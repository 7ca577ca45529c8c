package org.vatwright.desktop.building;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.cover.Cover;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.pattern.FillClosing;
import org.vatwright.core.pattern.Ink;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.ChosenInk;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.Label;

/** The ink that covers everything; of a picture, how it is made into a tile and what it really has at its size. */
final class CoverChapter extends Chapter.Of<Cover> {

    private static final int FEW = 2;

    private final InkChip ink = new InkChip("ink of the cover",
            i -> edit("cover with " + i.words(), c -> new Cover(i)));
    private final Label what = Ui.prose("", "quiet");
    private final PictureMaking making;
    private final Label closes = Ui.prose("", "look");
    private final Offers offers;
    private final Button lies = Ui.link("how it lies", this::openInk);

    CoverChapter(Studio studio) {
        super(studio, Cover.class);
        making = new PictureMaking(studio, (words, change) -> fill().ifPresent(
                f -> studio.editDesign(words, d -> d.editFill(f.name(), change))));
        offers = new Offers(studio, "cover-");
        closes.setId("cover-closes");
        lies.setId("cover-how-it-lies");
        what.setId("cover-picture");
        hold(Ui.row(ink, Ui.spring(), lies), what, making, closes, offers);
    }

    private Optional<Fill> fill() {
        return studio.design().flatMap(d -> studio.structure(Cover.class)
                .flatMap(c -> c.ink() instanceof Ink.Filled(String name) ? d.fill(name) : Optional.empty()));
    }

    /** A part that is taken has other sides than the cell; the best ways out stand here, the others with how it lies. */
    private void closing(Design design, Optional<Fill> fill) {
        Optional<Fill> open = fill.filter(f -> f.gradient().isEmpty()
                && !FillClosing.closes(f, design.repeat().tile()));
        Ui.show(closes, open.isPresent());
        open.ifPresent(f -> closes.setText(
                "Does not close; drawn at " + FillClosing.drawn(f, design.repeat().tile())));
        offers.show(open.map(f -> Stream.concat(FillClosing.cell(f, design.repeat()).stream(),
                FillClosing.offers(f, design.repeat()).stream()).limit(FEW).toList()).orElse(List.of()));
    }

    private void openInk() {
        studio.design().ifPresent(d -> fill().ifPresent(
                f -> studio.select(s -> s.withInk(new ChosenInk.Fill(d.fills().indexOf(f))))));
    }

    @Override
    void show(Design design, Colourway colourway, Cover cover) {
        ink.show(cover.ink(), design, colourway);
        Optional<Fill> fill = cover.ink() instanceof Ink.Filled(String name) ? design.fill(name) : Optional.empty();
        Optional<Fill> picture = fill.filter(f -> f.picture().isPresent());
        Ui.show(lies, fill.isPresent());
        Ui.show(what, picture.isPresent());
        closing(design, fill);
        Ui.show(making, picture.isPresent());
        picture.ifPresent(f -> {
            what.setText(PictureDensity.told(f, studio.project().density())
                    + PictureDensity.worn(studio.project(), design, f));
            making.show(design, colourway, f);
        });
    }
}
