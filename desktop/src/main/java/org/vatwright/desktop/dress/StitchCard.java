package org.vatwright.desktop.dress;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Dressing;
import org.vatwright.core.sewing.SeamLine;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.stitch.Stitching;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.DressEdits;
import org.vatwright.desktop.studio.DressHand;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The stitches of the chosen pieces: lines of them beside the outline, the numbers of one at a time. */
final class StitchCard extends VBox {

    private final Studio studio;
    private final FlowPane list = new FlowPane(5, 5);
    private final InkPick ink;
    private final NumberRow inset;
    private final NumberRow length;
    private final NumberRow gap;
    private final NumberRow thick;
    private final NumberRow apart;
    private final NumberRow slant;
    private final NumberRow relief;
    private final Segments<Integer> rows;
    private final VBox numbers;
    private int at;

    StitchCard(Studio studio) {
        super(7);
        this.studio = studio;
        setId("stitches");
        MenuButton add = new MenuButton("Add stitches");
        add.setId("stitch-add");
        add.getStyleClass().addAll("pill", "small-pill");
        for (Stitching.Kind kind : Stitching.Kind.values()) {
            MenuItem item = new MenuItem(kind.keyword());
            item.setOnAction(e -> add(kind));
            add.getItems().add(item);
        }
        MenuItem line = new MenuItem("along a line of its own");
        line.setOnAction(e -> studio.holdDress(h -> h.withTool(DressHand.Tool.SEW_LINE)));
        MenuItem seam = new MenuItem("along its seams");
        seam.setOnAction(e -> alongSeams());
        add.getItems().addAll(line, seam);
        ink = new InkPick(studio, "thread", "thread", rgb -> set("ink of the thread", s -> s.withThread(rgb)));
        inset = NumberRow.length(studio, "Inset", "inset of the stitches",
                mm -> set("inset of the stitches", s -> s.withInsetMm(mm)));
        length = NumberRow.length(studio, "Length", "length of a stitch",
                mm -> set("length of a stitch", s -> s.withLengthMm(mm)));
        gap = NumberRow.length(studio, "Gap", "gap between stitches",
                mm -> set("gap between stitches", s -> s.withGapMm(mm)));
        thick = NumberRow.length(studio, "Thread", "thickness of the thread",
                mm -> set("thickness of the thread", s -> s.withThickMm(mm)));
        apart = NumberRow.length(studio, "Breadth", "breadth of the stitches",
                mm -> set("breadth of the stitches", s -> s.withApartMm(mm)));
        slant = NumberRow.number(studio, "Slant", "slant of the stitches", "\u00b0", 1, 5,
                n -> set("slant of the stitches", s -> s.withSlantDeg(n)));
        relief = NumberRow.number(studio, "Relief", "relief of the stitches", "%", 0, 10,
                n -> set("relief of the stitches", s -> s.withRelief(n / 100)));
        rows = new Segments<>(List.of(1, 2, 3), n -> n == 1 ? "one row" : n == 2 ? "two" : "three",
                n -> set(n == 1 ? "one row of stitches" : n + " rows of stitches", s -> s.withRows(n)));
        rows.getStyleClass().add("tight");
        for (int n = 1; n <= 3; n++) {
            rows.button(n).setId("stitch-rows-" + n);
        }
        var off = Ui.link("take them out", this::remove);
        off.setId("stitch-off");
        numbers = Ui.column(7, ink, Ui.pair(inset, thick), Ui.pair(length, gap), Ui.pair(apart, slant),
                Ui.pair(relief, rows), Ui.row(Ui.spring(), off));
        add.setMinWidth(USE_PREF_SIZE);
        HBox.setHgrow(list, Priority.ALWAYS);
        getChildren().addAll(Ui.row(list, add), numbers);
    }

    private void add(Stitching.Kind kind) {
        DressEdits.dressings(studio, "sew " + kind.keyword() + " stitches", d -> {
            List<Stitching> all = new ArrayList<>(d.stitches());
            all.add(Stitching.fresh(kind, InkPick.PAPER));
            at = all.size() - 1;
            return d.withStitches(all);
        });
    }

    /** One line of stitches beside each seam of the chosen pieces. */
    private void alongSeams() {
        studio.article().filter(Article.Flat.class::isInstance).map(Article.Flat.class::cast).ifPresent(flat -> {
            boolean any = DressEdits.each(studio, "sew along the seams", (piece, worn) -> {
                List<Stitching> all = new ArrayList<>(worn.stitches());
                for (Outline line : SeamLine.edges(flat, piece.id())) {
                    all.add(Stitching.fresh(Stitching.Kind.RUNNING, InkPick.PAPER).with().insetMm(0)
                            .line(Optional.of(line)).build());
                }
                return worn.withStitches(all.size() > Dressing.MOST_STITCHINGS
                        ? all.subList(0, Dressing.MOST_STITCHINGS)
                        : all);
            });
            if (!any) {
                studio.say(Message.hint("These pieces have no seams; find them in the chapter of seams."));
            }
        });
    }

    private void set(String name, UnaryOperator<Stitching> change) {
        DressEdits.dressings(studio, name, d -> d.editStitching(at, change));
    }

    private void remove() {
        DressEdits.dressings(studio, "take stitches out", d -> {
            List<Stitching> left = new ArrayList<>(d.stitches());
            if (at < left.size()) {
                left.remove(at);
            }
            return d.withStitches(left);
        });
    }

    void show(Article article) {
        List<Stitching> all = studio.selection().pieces().stream().findFirst().map(article::dressing)
                .map(Dressing::stitches).orElse(List.of());
        at = Math.max(0, Math.min(at, all.size() - 1));
        list.getChildren().clear();
        for (int i = 0; i < all.size(); i++) {
            int place = i;
            ToggleButton one = new ToggleButton("%d  %s".formatted(i + 1, all.get(i).kind().keyword()));
            one.getStyleClass().addAll("pill", "small-pill");
            one.setId("stitching-" + i);
            one.setSelected(i == at);
            one.setOnAction(e -> {
                at = place;
                studio.article().ifPresent(this::show);
            });
            list.getChildren().add(one);
        }
        Optional<Stitching> shown = all.isEmpty() ? Optional.empty() : Optional.of(all.get(at));
        Ui.show(numbers, shown.isPresent());
        shown.ifPresent(s -> {
            ink.show(article, s.thread());
            inset.show(s.insetMm());
            length.show(s.lengthMm());
            gap.show(s.gapMm());
            thick.show(s.thickMm());
            apart.show(s.apartMm());
            slant.show(s.slantDeg());
            relief.show(100 * s.relief());
            rows.show(s.rows());
            Ui.show(gap, s.kind() == Stitching.Kind.RUNNING);
        });
    }
}
