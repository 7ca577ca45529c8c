package org.vatwright.desktop.building;

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

import javafx.scene.control.Button;
import javafx.scene.layout.VBox;

/** Where a layer shows: everywhere, in the marks of the layer below, or where the warp or the weft of a weave is on top. */
final class ShowsRow extends VBox {

    private enum Shown {
        ALL("Everywhere"), MARKS("Marks below"), WARP("Warp"), WEFT("Weft");

        private final String words;

        Shown(String words) {
            this.words = words;
        }
    }

    private final Studio studio;
    private final Consumer<Shows> take;
    private final Segments<Shown> shown;
    private final WeavePicker weave;
    private final NumberRow threads;
    private final Button together = Ui.link("", () -> {});
    private Optional<ThreadMask> now = Optional.empty();

    ShowsRow(Studio studio, Consumer<Shows> take) {
        super(6);
        this.studio = studio;
        this.take = take;
        shown = new Segments<>(java.util.List.of(Shown.values()), s -> s.words, this::choose);
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
        getChildren().addAll(Ui.label("Shown", "card-title"), shown, weave, threads, together);
    }

    /** The weave is that of the design's first cloth, so that layers are woven into it; else plain, ten a cm. */
    private void choose(Shown choice) {
        if (choice == Shown.ALL || choice == Shown.MARKS) {
            take.accept(choice == Shown.ALL ? Shows.EVERYWHERE : new Shows.InMarksBelow());
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

    /** @param lowest whether there is no layer below it */
    void show(Shows shows, boolean lowest) {
        now = shows instanceof Shows.Where(ThreadMask mask) ? Optional.of(mask) : Optional.empty();
        shown.show(now.map(m -> m.warp() ? Shown.WARP : Shown.WEFT)
                .orElse(shows instanceof Shows.InMarksBelow ? Shown.MARKS : Shown.ALL));
        shown.button(Shown.MARKS).setDisable(lowest);
        Ui.show(weave, now.isPresent());
        Ui.show(threads, now.isPresent());
        now.ifPresent(m -> {
            weave.show(m.weave().name());
            threads.show(m.endsPerCm());
        });
        offer();
    }
}
