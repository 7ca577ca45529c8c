package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.check.Checks;
import org.vatwright.core.family.plaid.Plaid;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.desktop.control.InkChip;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Pool;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;

/** A check as a few numbers. */
final class CheckChapter extends Chapter.Of<Checks> {

    private final ComboBox<String> kind = new ComboBox<>();
    private final FlowPane inks = new FlowPane(6, 4);
    private final Pool<InkChip> chips = new Pool<>(inks, this::chip);
    private final HBox more;
    private final NumberRow band;
    private final NumberRow line;
    private final NumberRow perCm;
    private final Label size = Ui.prose("", "quiet");
    private final Label pixels = Ui.prose("", "look");
    private final Button whole = Ui.link("", this::takeWhole);
    private boolean showing;

    CheckChapter(Studio studio) {
        super(studio, Checks.class);
        kind.setId("check-kind");
        kind.setAccessibleText("Kind of check");
        kind.getItems().setAll(List.of(Checks.Kind.values()).stream().map(Checks.Kind::words).toList());
        kind.setOnAction(e -> {
            if (!showing && kind.getValue() != null) {
                edit(kind.getValue(), c -> c.withKind(Checks.Kind.parse(kind.getValue())));
            }
        });
        more = Ui.row(Ui.icon("plus", "One more line ink", () -> edit("add a line ink", c -> {
            List<Ink> longer = new ArrayList<>(c.inks());
            longer.add(c.inks().getLast());
            return c.withInks(longer);
        })), Ui.icon("minus", "One line ink less",
                () -> edit("take a line ink out", c -> c.withInks(c.inks().subList(0, c.inks().size() - 1)))));
        band = NumberRow.number(studio, "Band", "threads of a band", "threads", 0, 1,
                n -> edit("band of %s threads".formatted(Numbers.plain(n)), c -> c.withBand((int) Math.rint(n))));
        line = NumberRow.number(studio, "Line", "threads of a line", "threads", 0, 1,
                n -> edit("line of %s threads".formatted(Numbers.plain(n)), c -> c.withLine((int) Math.rint(n))));
        perCm = NumberRow.number(studio, "Threads", "check threads per cm", "per cm", 3, 1,
                n -> edit("%s threads a cm".formatted(Numbers.plain(n, 2)), c -> c.withThreadsPerCm(n)));
        whole.setId("whole-pixels");
        pixels.setId("pixels-told");
        Button plaid = Ui.link("go on as a plaid", this::toPlaid);
        plaid.setId("to-plaid");
        hold(Ui.labelled("Check", kind), Ui.labelled("Inks", inks), more, Ui.pair(band, line), perCm, size, pixels,
                whole, Ui.row(Ui.spring(), plaid));
    }

    private InkChip chip(int at) {
        return new InkChip("check ink " + (at + 1), ink -> edit("ink check with " + ink.words(), c -> {
            List<Ink> changed = new ArrayList<>(c.inks());
            changed.set(at, ink);
            return c.withInks(changed);
        }));
    }

    private void toPlaid() {
        studio.editLayer("make the check a plaid", l -> l.structure() instanceof Checks c
                ? l.withStructure(new Plaid(c.fabric()).withAngle(c.angleDeg()))
                : l);
    }

    private void takeWhole() {
        Density density = studio.project().density();
        edit("whole pixels", c -> c.withThreadsPerCm(c.halvingThreadsPerCm(density)));
    }

    @Override
    void show(Design design, Colourway colourway, Checks checks) {
        showing = true;
        kind.setValue(checks.kind().words());
        List<InkChip> shown = chips.show(checks.inks().size());
        for (int i = 0; i < shown.size(); i++) {
            shown.get(i).show(checks.inks().get(i), design, colourway);
        }
        Ui.show(more, checks.kind().mostInks() > checks.kind().leastInks());
        band.show(checks.band());
        line.show(checks.line());
        Ui.show(line, checks.kind().lined());
        perCm.show(checks.threadsPerCm());
        size.setText("a band is %s mm, the check %s x %s mm".formatted(Numbers.plain(checks.bandMm(), 3),
                Numbers.plain(checks.fabric().periodWidthMm(), 2), Numbers.plain(checks.fabric().periodHeightMm(), 2)));
        Density density = studio.project().density();
        boolean halves = checks.kind().lined() || checks.halves(density);
        Ui.show(pixels, !halves);
        Ui.show(whole, !halves);
        if (!halves) {
            double nearest = checks.halvingThreadsPerCm(density);
            pixels.setText("At %s dpi a band is %s px, so two cannot be halved in whole pixels.".formatted(
                    Numbers.plain(density.dpi()), Numbers.plain(density.px(checks.bandMm()), 2)));
            whole.setText("Take %s mm, %s px".formatted(Numbers.plain(checks.band() * 10 / nearest, 3),
                    Numbers.plain(density.px(checks.band() * 10 / nearest), 2)));
        }
        showing = false;
    }
}
