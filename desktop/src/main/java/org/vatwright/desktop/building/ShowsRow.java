package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

import org.vatwright.core.loom.Weave;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Layer;
import org.vatwright.core.pattern.Shows;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.woven.FabricStructure;
import org.vatwright.core.woven.FabricTogether;
import org.vatwright.core.woven.ThreadMask;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.VBox;

/** Where a layer shows: everywhere, in or outside the marks of a lower layer, or where the warp or the weft of a weave is on top. */
final class ShowsRow extends VBox {

    private enum Shown {
        ALL("All over"), MARKS("In marks"), OUTSIDE("Outside"), WARP("Warp"), WEFT("Weft");

        private final String words;

        Shown(String words) {
            this.words = words;
        }
    }

    private final Studio studio;
    private final Consumer<Shows> take;
    private final Segments<Shown> shown;
    private final ComboBox<Choice> of = new ComboBox<>();
    private final WeavePicker weave;
    private final NumberRow threads;
    private final Button together = Ui.link("", () -> {});
    private Optional<ThreadMask> now = Optional.empty();
    private Optional<Shows.InMarks> marks = Optional.empty();
    private boolean showing;

    /** A lower layer, by its number. */
    private record Choice(int layer, String words) {
        @Override
        public String toString() {
            return words;
        }
    }

    /** @param beside its title */
    ShowsRow(Studio studio, Node beside, Consumer<Shows> take) {
        super(6);
        this.studio = studio;
        this.take = take;
        shown = new Segments<>(List.of(Shown.values()), s -> s.words, this::choose);
        for (Shown s : Shown.values()) {
            shown.button(s).setId("shown-" + s.name().toLowerCase(java.util.Locale.ROOT));
        }
        weave = WeavePicker.ofWeaves(studio, "mask-weave",
                w -> now.ifPresent(m -> show(new ThreadMask(w, m.warp(), m.endsPerCm(), m.picksPerCm()))));
        threads = NumberRow.number(studio, "Threads", "threads of the mask", "per cm", 2, 1,
                n -> now.ifPresent(m -> show(new ThreadMask(m.weave(), m.warp(), n, n))));
        together.setId("weaves-together");
        together.setWrapText(true);
        together.setMinWidth(0);
        of.setId("shown-of");
        of.setAccessibleText("The layer by whose marks it shows");
        of.setOnAction(e -> {
            if (!showing && of.getValue() != null) {
                marks.ifPresent(m -> take.accept(new Shows.InMarks(of.getValue().layer(), m.outside())));
            }
        });
        getChildren().addAll(Ui.row(Ui.label("Shown", "card-title"), Ui.spring(), beside), shown,
                Ui.labelled("Marks of", of), weave, threads, together);
    }

    /** The weave is that of the design's first cloth, so that layers are woven into it; else plain, ten a cm. */
    private void choose(Shown choice) {
        if (choice == Shown.ALL) {
            take.accept(Shows.EVERYWHERE);
            return;
        }
        if (choice == Shown.MARKS || choice == Shown.OUTSIDE) {
            take.accept(new Shows.InMarks(marks.map(Shows.InMarks::of).orElse(Shows.InMarks.BELOW),
                    choice == Shown.OUTSIDE));
            return;
        }
        ThreadMask like = now.orElseGet(() -> studio.design().flatMap(ShowsRow::clothOf)
                .map(c -> new ThreadMask(c.fabric().weave(), true, c.fabric().endsPerCm(), c.fabric().picksPerCm()))
                .orElse(new ThreadMask(Weave.plain(), true, 10, 10)));
        show(new ThreadMask(like.weave(), choice == Shown.WARP, like.endsPerCm(), like.picksPerCm()));
    }

    private void show(ThreadMask mask) {
        take.accept(new Shows.Where(mask));
    }

    private static Optional<FabricStructure> clothOf(Design design) {
        return design.layers().stream().map(Layer::structure).filter(FabricStructure.class::isInstance)
                .map(FabricStructure.class::cast).findFirst();
    }

    /** Offers the cell that holds whole repeats of all weaves of the design. */
    private void offer() {
        Optional<Repeat> cell = now.isEmpty() ? Optional.empty() : studio.design().flatMap(FabricTogether::repeat);
        Ui.show(together, cell.isPresent());
        cell.ifPresent(c -> {
            String size = "%s x %s mm".formatted(Numbers.plain(c.widthMm(), 2), Numbers.plain(c.heightMm(), 2));
            together.setText("All weaves begin anew together in a cell of " + size + ": use it");
            together.setOnAction(e -> studio.editDesign("cell " + size, d -> d.withRepeat(c)));
        });
    }

    /** @return whether more than the choice stands there */
    boolean hasRows() {
        return weave.isVisible() || of.getParent().isVisible();
    }

    void show(Design design, Layer layer) {
        Shows shows = layer.shows();
        int at = design.layers().indexOf(layer);
        now = shows instanceof Shows.Where(ThreadMask mask) ? Optional.of(mask) : Optional.empty();
        marks = shows instanceof Shows.InMarks m ? Optional.of(m) : Optional.empty();
        shown.show(now.map(m -> m.warp() ? Shown.WARP : Shown.WEFT)
                .or(() -> marks.map(m -> m.outside() ? Shown.OUTSIDE : Shown.MARKS)).orElse(Shown.ALL));
        shown.button(Shown.MARKS).setDisable(at == 0);
        shown.button(Shown.OUTSIDE).setDisable(at == 0);
        Ui.show(of.getParent(), marks.isPresent() && at > 1);
        marks.ifPresent(m -> {
            showing = true;
            List<Choice> all = new ArrayList<>(List.of(new Choice(Shows.InMarks.BELOW, "the layer below")));
            design.layers().subList(0, at).reversed().forEach(l -> all.add(new Choice(l.id(), l.name())));
            of.getItems().setAll(all);
            of.setValue(all.stream().filter(c -> c.layer() == m.of()).findFirst().orElse(all.getFirst()));
            showing = false;
        });
        Ui.show(weave, now.isPresent());
        Ui.show(threads, now.isPresent());
        now.ifPresent(m -> {
            weave.show(m.weave().name());
            threads.show(m.endsPerCm());
        });
        offer();
    }
}
