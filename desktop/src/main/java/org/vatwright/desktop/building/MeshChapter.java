package org.vatwright.desktop.building;

import java.util.List;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.interlace.Interlace;
import org.vatwright.core.family.interlace.Mesh;
import org.vatwright.core.loom.Weave;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.repeat.Tile;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Label;
import javafx.scene.layout.HBox;

/** What is interlaced, how large it is and how many there are. */
final class MeshChapter extends Chapter.Of<Interlace> {

    private final Segments<String> mesh;
    private final NumberRow strands;
    private final HBox turns;
    private final NumberRow turnsAcross;
    private final NumberRow turnsDown;
    private final WeavePicker weave;
    private final NumberRow size;
    private final NumberRow hole;
    private final NumberRow thickness;
    private final NumberRow gap;
    private final NumberRow spacing;
    private final NumberRow down;
    private final NumberRow countAcross;
    private final NumberRow countDown;
    private final Segments<Boolean> sizes;
    private final Label crowd = Ui.prose("Crossings run into each other; thinner lines or a larger size part them.",
            "look");
    private boolean together;

    MeshChapter(Studio studio) {
        super(studio, Interlace.class);
        mesh = new Segments<>(List.of("rings", "braid", "strips", "knots"), m -> switch (m) {
            case "rings" -> "Rings";
            case "braid" -> "Braid";
            case "strips" -> "Strips";
            default -> "Knots";
        }, m -> edit("interlace " + m, i -> i.withMesh(Mesh.parse(m))));
        for (String m : List.of("rings", "braid", "strips", "knots")) {
            mesh.button(m).setId("mesh-" + m);
        }
        strands = NumberRow.number(studio, "Strands", "strands of the braid", "", 0, 1,
                n -> edit("%s strands".formatted(Numbers.plain(n)),
                        i -> i.withMesh(new Mesh.Braid((int) Math.rint(n)))));
        turnsAcross = NumberRow.number(studio, "Turns", "turns across", "", 0, 1, n -> knots((int) Math.rint(n), 0));
        turnsDown = NumberRow.number(studio, "down", "turns down", "", 0, 1, n -> knots(0, (int) Math.rint(n)));
        turns = Ui.pair(turnsAcross, turnsDown);
        weave = WeavePicker.ofWeaves(studio, "strip-weave",
                w -> edit("strips " + w.name(), i -> i.withMesh(new Mesh.Strips(w))));
        size = length("Size", "ring size", Interlace::sizeMm, Interlace::withSizeMm);
        hole = NumberRow.length(studio, "Hole", "ring hole", mm -> edit("hole %s mm".formatted(Numbers.plain(mm)),
                i -> i.withThicknessMm((i.sizeMm() - mm) / 2)));
        thickness = length("Thickness", "line thickness", Interlace::thicknessMm, Interlace::withThicknessMm);
        gap = NumberRow.length(studio, "Gap", "gap at crossings",
                mm -> edit("gap %s mm".formatted(Numbers.plain(mm)), i -> i.withGapMm(mm)));
        spacing = length("Across", "spacing across", Interlace::spacingMm, (i, mm) -> i.withSpacing(mm, i.downMm()));
        down = length("Down", "spacing down", Interlace::downMm, (i, mm) -> i.withSpacing(i.spacingMm(), mm));
        countAcross = NumberRow.number(studio, "In the tile", "count across", "", 2, 1,
                n -> fit((int) Math.rint(n), 0));
        countDown = NumberRow.number(studio, "and", "count down", "", 2, 1, n -> fit(0, (int) Math.rint(n)));
        sizes = new Segments<>(List.of(false, true), t -> t ? "All together" : "Each alone", t -> together = t);
        sizes.button(true).setId("sizes-together");
        hold(mesh, strands, turns, weave, Ui.pair(size, hole), Ui.pair(thickness, gap),
                Ui.pair(spacing, down), Ui.label("How many of them in the tile", "quiet"),
                Ui.pair(countAcross, countDown), Ui.labelled("Sizes", sizes), crowd);
    }

    private NumberRow length(String word, String what, java.util.function.ToDoubleFunction<Interlace> now,
            java.util.function.BiFunction<Interlace, Double, Interlace> change) {
        return NumberRow.length(studio, word, what, mm -> edit("%s %s mm".formatted(what, Numbers.plain(mm)),
                i -> together && mm > 0 ? i.scaled(mm / now.applyAsDouble(i)) : change.apply(i, mm)));
    }

    private void knots(int across, int downwards) {
        edit("turns of the knot", i -> i.mesh() instanceof Mesh.Knots(int a, int d)
                ? i.withMesh(new Mesh.Knots(across > 0 ? across : a, downwards > 0 ? downwards : d))
                : i);
    }

    /** So many in the tile each way; the spacing follows. @param across,downwards 0 leaves that way as it is */
    private void fit(int across, int downwards) {
        studio.design().ifPresent(d -> edit("count lines in the tile", i -> {
            Tile tile = d.repeat().tile();
            return i.withSpacing(across > 0 ? tile.widthMm() / across : i.spacingMm(),
                    downwards > 0 ? tile.heightMm() / downwards : i.downMm());
        }));
    }

    @Override
    void show(Design design, Colourway colourway, Interlace i) {
        mesh.show(i.mesh().name());
        boolean strips = i.mesh() instanceof Mesh.Strips;
        boolean rings = i.mesh() instanceof Mesh.Rings;
        Ui.show(strands, i.mesh() instanceof Mesh.Braid);
        Ui.show(turns, i.mesh() instanceof Mesh.Knots);
        Ui.show(weave, strips);
        Ui.show(size, !strips);
        Ui.show(hole, rings);
        switch (i.mesh()) {
            case Mesh.Braid(int n) -> strands.show(n);
            case Mesh.Knots(int a, int d) -> {
                turnsAcross.show(a);
                turnsDown.show(d);
            }
            case Mesh.Strips(Weave w) -> weave.show(w.name());
            case Mesh.Rings _ -> hole.show(i.holeMm());
        }
        size.show(i.sizeMm());
        thickness.show(i.thicknessMm());
        gap.show(i.gapMm());
        spacing.show(i.spacingMm());
        down.show(i.downMm());
        Tile tile = design.repeat().tile();
        // As it is and not rounded: a whole number that is typed then always fits them.
        countAcross.show(tile.widthMm() / i.spacingMm());
        countDown.show(tile.heightMm() / i.downMm());
        sizes.show(together);
        boolean crowded = i.crowded(design.repeat());
        Ui.show(crowd, crowded);
    }
}
