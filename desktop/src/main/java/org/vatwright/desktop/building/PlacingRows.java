package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.motif.FreePath;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Lattice;
import org.vatwright.core.shape.Outline;
import org.vatwright.desktop.control.ArrangementPicker;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Pool;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** How motifs are placed: by hand alone, in rows, on rings, scattered. */
final class PlacingRows extends VBox {

    /** A number of the scatter, or of the rows or rings. */
    private record Line<P extends Placing>(NumberRow row, Class<P> type, ToDoubleFunction<P> now) {

        void show(Placing placing) {
            if (type.isInstance(placing)) {
                row.show(now.applyAsDouble(type.cast(placing)));
            }
        }
    }

    private static final List<String> KINDS = List.of("hand", "rows", "rings", "along", "trim", "scattered");

    private final Studio studio;
    private final PlacedMotifs placedOnes = new PlacedMotifs();
    private final Segments<String> kind;
    private final List<Line<?>> lines = new ArrayList<>();
    private final VBox rows = new VBox(4);
    private final ArrangementPicker arrangement;
    private final CheckBox flipEverySecond = new CheckBox("every second mirrored");
    private final VBox rings = new VBox(4);
    private final CheckBox outward = new CheckBox("turned to look outward");
    private final VBox along = new VBox(4);
    private final CheckBox turned = new CheckBox("turned with the line");
    private final TrimRows trim;
    private final VBox scattered = new VBox(4);
    private final VBox shares = new VBox(4);
    private final Pool<NumberRow> shareRows = new Pool<>(shares, this::shareRow);
    private final CheckBox even = new CheckBox("sizes and turns spread evenly");
    private InkList inks;
    private Button own;
    private final Label told = Ui.prose("", "quiet");

    PlacingRows(Studio studio) {
        super(6);
        this.studio = studio;
        kind = new Segments<>(KINDS, k -> switch (k) {
            case "hand" -> "By hand";
            case "along" -> "Line";
            case "trim" -> "Trim";
            case "rows" -> "Rows";
            case "rings" -> "Rings";
            default -> "Scattered";
        }, this::choose);
        kind.getStyleClass().add("tight");
        for (String k : KINDS) {
            kind.button(k).setId("place-" + k);
        }
        arrangement = new ArrangementPicker(studio, "row arrangement", a -> edit("rows " + a, Placing.Rows.class,
                r -> new Placing.Rows(r.across(), r.down(), a, r.turnStep(), r.flipEverySecond())));
        flipEverySecond.setOnAction(e -> edit("mirror every second", Placing.Rows.class, r -> new Placing.Rows(
                r.across(), r.down(), r.arrangement(), r.turnStep(), flipEverySecond.isSelected())));
        rows.getChildren().addAll(
                line(Placing.Rows.class, "Across", "motifs across", "", 1, Placing.Rows::across,
                        (r, v) -> new Placing.Rows((int) Math.rint(v), r.down(), r.arrangement(), r.turnStep(),
                                r.flipEverySecond())),
                line(Placing.Rows.class, "Down", "motifs down", "", 1, Placing.Rows::down,
                        (r, v) -> new Placing.Rows(r.across(), (int) Math.rint(v), r.arrangement(), r.turnStep(),
                                r.flipEverySecond())),
                arrangement,
                line(Placing.Rows.class, "Turn by", "turn from one to the next", "\u00b0", 5, Placing.Rows::turnStep,
                        (r, v) -> new Placing.Rows(r.across(), r.down(), r.arrangement(), v, r.flipEverySecond())),
                flipEverySecond);
        outward.setOnAction(e -> edit("look outward", Placing.Rings.class, r -> new Placing.Rings(r.rings(), r.first(),
                r.more(), r.radiusMm(), r.stepMm(), outward.isSelected())));
        rings.getChildren().addAll(
                line(Placing.Rings.class, "Rings", "rings", "", 1, Placing.Rings::rings,
                        (r, v) -> new Placing.Rings((int) Math.rint(v), r.first(), r.more(), r.radiusMm(), r.stepMm(),
                                r.outward())),
                line(Placing.Rings.class, "Innermost", "motifs on the first ring", "", 1, Placing.Rings::first,
                        (r, v) -> new Placing.Rings(r.rings(), (int) Math.rint(v), r.more(), r.radiusMm(), r.stepMm(),
                                r.outward())),
                line(Placing.Rings.class, "More", "more on each next ring", "", 1, Placing.Rings::more,
                        (r, v) -> new Placing.Rings(r.rings(), r.first(), (int) Math.rint(v), r.radiusMm(),
                                r.stepMm(), r.outward())),
                line(Placing.Rings.class, "Radius", "radius of the first ring", "mm", 1, Placing.Rings::radiusMm,
                        (r, v) -> new Placing.Rings(r.rings(), r.first(), r.more(), v, r.stepMm(), r.outward())),
                line(Placing.Rings.class, "Step", "step of rings", "mm", 1, Placing.Rings::stepMm,
                        (r, v) -> new Placing.Rings(r.rings(), r.first(), r.more(), r.radiusMm(), v, r.outward())),
                outward);
        along();
        trim = new TrimRows(studio);
        scattered();
        told.setId("placed");
        getChildren().addAll(kind, rows, rings, along, trim, scattered, told);
    }

    private void along() {
        Class<Placing.Along> a = Placing.Along.class;
        turned.setOnAction(e -> edit("turn with the line", a, p -> new Placing.Along(p.line(), p.count(), p.asideMm(),
                p.startShare(), turned.isSelected())));
        along.getChildren().addAll(
                line(a, "How many", "motifs along the line", "", 1, Placing.Along::count, (p, v) -> new Placing.Along(
                        p.line(), (int) Math.rint(v), p.asideMm(), p.startShare(), p.turned())),
                line(a, "Aside", "aside of the line", "mm", 1, Placing.Along::asideMm, (p, v) -> new Placing.Along(
                        p.line(), p.count(), v, p.startShare(), p.turned())),
                line(a, "Start", "start along the line", "%", 5, p -> 100 * p.startShare(), (p, v) -> new Placing.Along(
                        p.line(), p.count(), p.asideMm(), v / 100, p.turned())),
                turned, Ui.prose("Move its points on the cloth; a double click sets one more.", "quiet"));
    }

    private void scattered() {
        Class<Placing.Scattered> s = Placing.Scattered.class;
        even.setOnAction(e -> edit("spread evenly", s, p -> p.withEven(even.isSelected())));
        inks = new InkList("scatter", 24, all -> edit("inks of the scatter", s, p -> p.withInks(all)));
        own = Ui.link("vary the ink", () -> edit("vary the ink", s, p -> p.withInks(p.inks().isEmpty()
                ? studio.design().map(d -> List.of(Ink.slot(d.palette().slots().getLast()))).orElse(List.of())
                : List.of())));
        own.setId("vary-ink");
        Node anew = Ui.icon("refresh-cw", "Scatter anew",
                () -> edit("scatter anew", s, p -> p.withSeed(p.seed() + 1)));
        scattered.getChildren().addAll(
                Ui.pair(line(s, "How many", "scattered motifs", "", 1, Placing.Scattered::count,
                        (p, v) -> p.withCount((int) Math.rint(v))),
                        line(s, "Gap", "gap between motifs", "mm", 0.5, Placing.Scattered::gapMm,
                                Placing.Scattered::withGapMm)),
                Ui.pair(line(s, "Smallest", "smallest motif", "%", 5, p -> 100 * p.least(),
                        (p, v) -> p.withSizes(v / 100, Math.max(v / 100, p.most()))),
                        line(s, "Largest", "largest motif", "%", 5, p -> 100 * p.most(),
                                (p, v) -> p.withSizes(Math.min(v / 100, p.least()), v / 100))),
                Ui.pair(line(s, "Turned", "least turn", "\u00b0", 5, Placing.Scattered::turnFrom,
                        (p, v) -> p.withTurns(v, Math.max(v, p.turnTo()))),
                        line(s, "to", "most turn", "\u00b0", 5, Placing.Scattered::turnTo,
                                (p, v) -> p.withTurns(Math.min(v, p.turnFrom()), v))),
                Ui.pair(line(s, "Mirrored", "share of mirrored motifs", "%", 5, p -> 100 * p.flipped(),
                        (p, v) -> p.withFlipped(v / 100)), Ui.row(anew, own)),
                Ui.fold("scatter-more", "Shares, inks, evenness", Ui.column(4, Ui.capped(shares, 92), even,
                        Ui.pair(line(s, "Fill gaps", "motifs put into gaps", "", 1, Placing.Scattered::fill,
                                (p, v) -> p.withFill((int) Math.rint(v))),
                                line(s, "Even out", "steps apart", "", 1, Placing.Scattered::relax,
                                        (p, v) -> p.withRelax((int) Math.rint(v)))),
                        Ui.label("Inks in turn, instead of the first of each motif", "quiet"),
                        Ui.capped(inks, 92))));
    }

    private <P extends Placing> NumberRow line(Class<P> type, String word, String what, String sign, double step,
            ToDoubleFunction<P> now, BiFunction<P, Double, P> change) {
        NumberRow row = sign.equals("mm")
                ? NumberRow.length(studio, word, what, v -> edit("%s %s mm".formatted(what, Numbers.plain(v)), type,
                        p -> change.apply(p, v)))
                : NumberRow.number(studio, word, what, sign, 2, step,
                        v -> edit("%s %s".formatted(what, Numbers.plain(v)), type, p -> change.apply(p, v)));
        lines.add(new Line<>(row, type, now));
        return row;
    }

    private <P extends Placing> void edit(String name, Class<P> type, UnaryOperator<P> change) {
        studio.editStructure(name, Motifs.class, m -> type.isInstance(m.placing())
                ? m.withPlacing(change.apply(type.cast(m.placing())))
                : m);
    }

    private void choose(String wanted) {
        studio.design().ifPresent(d -> studio.editStructure("place " + wanted, Motifs.class, m -> {
            double side = Math.min(d.repeat().widthMm(), d.repeat().heightMm());
            return m.withPlacing(switch (wanted) {
                case "hand" -> new Placing.ByHand();
                case "rows" -> new Placing.Rows(4, 4, Arrangement.STRAIGHT, 0, false);
                case "rings" -> new Placing.Rings(2, 6, 6, side / 6, side / 6, true);
                case "along" -> new Placing.Along(wave(d), 8, 0, 0.5, true);
                case "trim" -> TrimRows.fresh(d, m);
                default -> Placing.Scattered.of(16, Math.max(0.1, Math.rint(side * 2) / 100), 1).withTurns(-180, 180);
            });
        }));
    }

    /** From edge to edge, so that its ends meet on the endless cloth. */
    static Outline wave(Design design) {
        double w = design.repeat().widthMm();
        double h = design.repeat().heightMm();
        double down = Lattice.of(design.repeat()).ay();
        return new FreePath(List.of(new FreePath.Run(List.of(
                FreePath.Point.smooth(0, h / 2, w / 8, h / 4),
                FreePath.Point.smooth(w / 2, h / 2 + down / 2, w * 5 / 8, h * 3 / 4 + down / 2),
                FreePath.Point.smooth(w, h / 2 + down, w * 9 / 8, h / 4 + down)), false))).outline();
    }

    void show(Design design, Colourway colourway, Motifs motifs) {
        Placing placing = motifs.placing();
        kind.show(switch (placing) {
            case Placing.ByHand _ -> "hand";
            case Placing.Rows _ -> "rows";
            case Placing.Rings _ -> "rings";
            case Placing.Along _ -> "along";
            case Placing.Trim _ -> "trim";
            case Placing.Scattered _ -> "scattered";
        });
        Ui.show(rows, placing instanceof Placing.Rows);
        Ui.show(rings, placing instanceof Placing.Rings);
        Ui.show(along, placing instanceof Placing.Along);
        Ui.show(trim, placing instanceof Placing.Trim);
        Ui.show(told, !(placing instanceof Placing.Trim));
        Ui.show(scattered, placing instanceof Placing.Scattered);
        if (placing instanceof Placing.Trim t) {
            trim.show(motifs, t);
        }
        if (placing instanceof Placing.Along a) {
            turned.setSelected(a.turned());
        }
        lines.forEach(l -> l.show(placing));
        if (placing instanceof Placing.Rows r) {
            arrangement.show(r.arrangement());
            flipEverySecond.setSelected(r.flipEverySecond());
        }
        if (placing instanceof Placing.Rings r) {
            outward.setSelected(r.outward());
        }
        if (placing instanceof Placing.Scattered s) {
            even.setSelected(s.even());
            inks.show(s.inks(), design, colourway);
            own.setText(s.inks().isEmpty() ? "vary the ink" : "leave each its own ink");
            shares(motifs, s);
        }
        placedOnes.tell(motifs, design.repeat(), all -> told(motifs, all.size()));
    }

    private void told(Motifs motifs, int placed) {
        boolean all = !(motifs.placing() instanceof Placing.Scattered s) || placed >= s.count() + s.fill();
        told.setText("%s%d set by hand".formatted(motifs.placing() instanceof Placing.ByHand
                ? ""
                : "%d placed%s, ".formatted(placed, all ? "" : ", for more there is no room"),
                motifs.byHand().size()));
        told.getStyleClass().removeAll("quiet", "look");
        told.getStyleClass().add(all ? "quiet" : "look");
    }

    private void shares(Motifs motifs, Placing.Scattered how) {
        Ui.show(shares, motifs.motifs().size() > 1);
        List<NumberRow> rows = shareRows.show(motifs.motifs().size());
        for (int i = 0; i < rows.size(); i++) {
            rows.get(i).show(i < how.shares().size() ? how.shares().get(i) : 1);
            rows.get(i).trail(motifs.motifs().get(i).name());
        }
    }

    private NumberRow shareRow(int index) {
        return NumberRow.number(studio, "Share", "share of motif " + (index + 1), "", 2, 0.1, n -> share(index, n));
    }

    private void share(int index, double share) {
        studio.editStructure("share of a motif", Motifs.class, m -> {
            if (!(m.placing() instanceof Placing.Scattered s)) {
                return m;
            }
            List<Double> all = new ArrayList<>();
            for (int i = 0; i < m.motifs().size(); i++) {
                all.add(i == index ? share : i < s.shares().size() ? s.shares().get(i) : 1);
            }
            return m.withPlacing(s.withShares(all));
        });
    }
}
