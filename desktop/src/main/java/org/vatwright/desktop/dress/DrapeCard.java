package org.vatwright.desktop.dress;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import org.vatwright.core.drape.Along;
import org.vatwright.core.drape.Box;
import org.vatwright.core.drape.Drape;
import org.vatwright.core.drape.Mesh;
import org.vatwright.core.drape.MeshHand;
import org.vatwright.core.drape.Panel;
import org.vatwright.core.drape.Place;
import org.vatwright.core.drape.Round;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Dressing;
import org.vatwright.core.dress.Judge;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.dress.PieceAxis;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.DressEdits;
import org.vatwright.desktop.studio.DressHand;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** How the cloth of the chosen pieces is bent: laid to the piece's own shape at once, then tuned by hand or by number. */
final class DrapeCard extends VBox {

    /** What a piece may be draped as. */
    private enum Kind {
        FLAT("flat"), MESH("mesh"), PANEL("corners"), ROUND("round"), ALONG("line");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        static Kind of(Optional<Drape> drape) {
            return drape.map(d -> switch (d) {
                case Mesh _ -> MESH;
                case Panel _ -> PANEL;
                case Round _ -> ROUND;
                case Along _ -> ALONG;
            }).orElse(FLAT);
        }
    }

    private static final int PATCHES = 3;

    private final Studio studio;
    private final Segments<Kind> kind;
    private final Label says = Ui.prose("", "quiet");
    private final MeshRows mesh;
    private final NumberRow wide;
    private final NumberRow high;
    private final VBox panel;
    private final NumberRow seen;
    private final NumberRow sag;
    private final NumberRow half;
    private final NumberRow endHalf;
    private final VBox round;
    private final VBox along;
    private final NumberRow shade;
    private final NumberRow light;
    private final Segments<Judge> judge;
    private final VBox bent;

    DrapeCard(Studio studio) {
        super(8);
        this.studio = studio;
        setId("drape");
        kind = new Segments<>(List.of(Kind.values()), k -> k.words, this::begin);
        kind.getStyleClass().add("tight");
        for (Kind k : Kind.values()) {
            kind.button(k).setId("drape-" + k.words);
        }
        mesh = new MeshRows(studio);
        wide = NumberRow.length(studio, "Wide", "panel width", mm -> panel(p -> p.withCloth(mm, p.cloth()
                .height())));
        high = NumberRow.length(studio, "High", "panel height", mm -> panel(p -> p.withCloth(p.cloth()
                .width(), mm)));
        panel = Ui.column(6, Ui.pair(wide, high), Ui.prose("The true size of the panel between its corners.", "quiet"));
        seen = NumberRow.number(studio, "Seen", "how much around is seen", "\u00b0", 1, 5,
                n -> round("what is seen around",
                        r -> r.withSeenDeg(n)));
        sag = NumberRow.length(studio, "Hangs", "how far lines around hang", mm -> round("how lines around hang",
                r -> r.withSagMm(mm)));
        half = NumberRow.length(studio, "Half", "half width at the start", mm -> round("width of what is round",
                r -> r.withHalfMm(mm)));
        endHalf = NumberRow.length(studio, "and", "half width at the end", mm -> round("width of what is round",
                r -> r.withEndHalfMm(mm)));
        round = Ui.column(6, Ui.pair(seen, sag), Ui.pair(half, endHalf));
        Button more = Ui.link("one more point", () -> points(1));
        more.setId("line-more");
        Button less = Ui.link("one less", () -> points(-1));
        less.setId("line-less");
        along = Ui.column(6, Ui.row(more, Ui.spring(), less));
        shade = NumberRow.number(studio, "Shade", "shade of the drape", "%", 0, 5,
                n -> worn("shade of the drape", d -> d.withShade(n / 100)));
        light = NumberRow.number(studio, "Light", "light of the picture", "%", 0, 5,
                n -> worn("light of the picture", d -> d.withLight(n / 100)));
        judge = new Segments<>(List.of(Judge.values()), Judge::words, j -> studio.holdDress(h -> h.withJudge(j)));
        judge.getStyleClass().add("tight");
        for (Judge j : Judge.values()) {
            judge.button(j).setId("judge-" + j.name().toLowerCase(java.util.Locale.ROOT));
        }
        bent = Ui.column(8, mesh, panel, round, along, Ui.pair(shade, light),
                Ui.labelled("Seen in", judge));
        Button take = Ui.link("take another piece's",
                () -> studio.holdDress(h -> h.withTool(DressHand.Tool.TAKE_DRAPE)));
        take.setId("drape-take");
        getChildren().addAll(kind, says, bent, Ui.row(take));
    }

    private void worn(String name, UnaryOperator<Dressing> change) {
        DressEdits.dressings(studio, name, change);
    }

    private void panel(UnaryOperator<Panel> change) {
        DressEdits.drapes(studio, "size of the panel's cloth", Panel.class, change);
    }

    private void round(String name, UnaryOperator<Round> change) {
        DressEdits.drapes(studio, name, Round.class, change);
    }

    private void points(int by) {
        DressEdits.drapes(studio, by > 0 ? "one more point of the line" : "one point of the line less", Along.class,
                a -> {
                    List<Place> points = new ArrayList<>(a.points());
                    int last = points.size() - 1;
                    if (by < 0) {
                        points.remove(Math.max(1, last - 1));
                    } else {
                        Place p = points.get(last - 1);
                        Place q = points.get(last);
                        points.add(last, new Place((p.x() + q.x()) / 2, (p.y() + q.y()) / 2));
                    }
                    return a.withPoints(points);
                });
    }

    /** Laid to each piece's own shape. */
    private void begin(Kind wanted) {
        studio.holdDress(h -> h.withPoints(Set.of()));
        DressEdits.each(studio, wanted == Kind.FLAT ? "lay the cloth flat" : "drape as " + wanted.words,
                (piece, worn) -> Kind.of(worn.drape()) == wanted ? worn : worn.withDrape(start(wanted, piece)));
    }

    private static Optional<Drape> start(Kind kind, Piece piece) {
        Box box = Box.of(piece.outline().bounds());
        return switch (kind) {
            case FLAT -> Optional.empty();
            case MESH -> Optional.of(Mesh.of(box, PATCHES, PATCHES));
            case PANEL -> Optional.of(Panel.of(box));
            case ROUND -> Optional.of(round(box, piece));
            case ALONG -> Optional.of(along(box, piece));
        };
    }

    /** The axis along which the piece is longest, through its middle. */
    private static Place[] axis(Box box, Piece piece) {
        double turn = Math.toRadians(PieceAxis.degrees(piece.outline()));
        double dx = Math.sin(turn);
        double dy = Math.cos(turn);
        Place middle = box.at(0.5, 0.5);
        double reach = Math.min(Math.abs(dx) < 1e-9 ? Double.MAX_VALUE : box.width() / 2 / Math.abs(dx),
                Math.abs(dy) < 1e-9 ? Double.MAX_VALUE : box.height() / 2 / Math.abs(dy));
        return new Place[]{middle.moved(-reach * dx, -reach * dy), middle, middle.moved(reach * dx, reach * dy)};
    }

    /** From side to side: no place of the outline lies beside it. */
    private static Drape round(Box box, Piece piece) {
        Place[] axis = axis(box, piece);
        double far = axis[0].far(axis[2]);
        double dx = (axis[2].x() - axis[0].x()) / far;
        double dy = (axis[2].y() - axis[0].y()) / far;
        double half = 1;
        double[] c = new double[6];
        for (var it = piece.outline().path().getPathIterator(null, 1); !it.isDone(); it.next()) {
            if (it.currentSegment(c) != java.awt.geom.PathIterator.SEG_CLOSE) {
                half = Math.max(half, Math.abs((c[0] - axis[0].x()) * dy - (c[1] - axis[0].y()) * dx));
            }
        }
        return new Round(axis[0], axis[2], half, half, 150, 0);
    }

    private static Drape along(Box box, Piece piece) {
        return new Along(List.of(axis(box, piece)), Math.hypot(box.width(), box.height()));
    }

    void show(Cut cut) {
        List<Piece> pieces = cut.pieces().stream().filter(p -> studio.selection().pieces().contains(p.id())).toList();
        if (pieces.isEmpty()) {
            return;
        }
        Dressing worn = cut.dressing(pieces.getFirst());
        Optional<Drape> drape = worn.drape();
        kind.show(Kind.of(drape));
        Ui.show(bent, drape.isPresent());
        says.setText(drape.map(d -> says(d, pieces.size())).orElse(
                "Flat, as it was cut. A drape begins as the piece is shaped."));
        Ui.show(mesh, drape.orElse(null) instanceof Mesh);
        Ui.show(panel, drape.orElse(null) instanceof Panel);
        Ui.show(round, drape.orElse(null) instanceof Round);
        Ui.show(along, drape.orElse(null) instanceof Along);
        drape.ifPresent(this::values);
        shade.show(100 * worn.shade());
        Ui.show(light, cut.backing().isPresent());
        light.show(100 * worn.light());
        judge.show(studio.dressHand().judge());
    }

    private String says(Drape drape, int pieces) {
        int chosen = studio.dressHand().points().size();
        String points = chosen == 0
                ? "Pull its points on the cloth; Shift takes several, a pull from beside the piece an area."
                : chosen == 1 ? "One point chosen." : chosen + " points chosen; the knob beside them turns and scales.";
        return pieces > 1
                ? pieces + " pieces, each with its own."
                : drape instanceof Mesh ? points : "Pull its points on the cloth.";
    }

    private void values(Drape drape) {
        switch (drape) {
            case Mesh m -> mesh.show(m);
            case Panel p -> {
                wide.show(p.cloth().width());
                high.show(p.cloth().height());
            }
            case Round r -> {
                seen.show(r.seenDeg());
                sag.show(r.sagMm());
                half.show(r.halfMm());
                endHalf.show(r.endHalfMm());
            }
            case Along _ -> {
                // Its points are pulled on the cloth.
            }
        }
    }

    /** The numbers of a mesh, and what is done to its chosen points. */
    private static final class MeshRows extends VBox {

        private final Studio studio;
        private final NumberRow columns;
        private final NumberRow rows;
        private final NumberRow reach;

        MeshRows(Studio studio) {
            super(6);
            this.studio = studio;
            columns = NumberRow.number(studio, "Across", "patches across", "", 0, 1,
                    n -> cut(m -> MeshHand.cut(m, (int) n, m.rows())));
            rows = NumberRow.number(studio, "Down", "patches down", "", 0, 1,
                    n -> cut(m -> MeshHand.cut(m, m.columns(), (int) n)));
            reach = NumberRow.length(studio, "Reach", "reach of a pull",
                    mm -> studio.holdDress(h -> h.withReachMm(Math.max(0, mm))));
            Button all = Ui.link("all", () -> studio.holdDress(h -> h.withPoints(every())));
            all.setId("points-all");
            Button smooth = Ui.link("smooth", () -> points("smooth points of the drape", MeshHand::smoothed));
            smooth.setId("points-smooth");
            Button pin = Ui.link("pin", () -> points("pin points of the drape", MeshHand::pinned));
            pin.setId("points-pin");
            Button flatten = Ui.link("flatten", () -> cut(m -> Mesh.of(m.rest(), m.columns(), m.rows())));
            flatten.setId("points-flatten");
            getChildren().addAll(Ui.pair(columns, rows), reach,
                    Ui.row(all, Ui.spring(), smooth, Ui.spring(), pin, Ui.spring(), flatten));
        }

        private Set<Integer> every() {
            return DressEdits.piece(studio).flatMap(p -> studio.article().orElseThrow().dressing(p).drape())
                    .filter(Mesh.class::isInstance).map(Mesh.class::cast)
                    .map(m -> IntStream.range(0, m.points().size()).boxed().collect(Collectors.toSet()))
                    .orElse(Set.of());
        }

        /** What is done to all when none is chosen. */
        private void points(String name, java.util.function.BiFunction<MeshHand, Mesh, Mesh> change) {
            Set<Integer> chosen = studio.dressHand().points();
            MeshHand hand = new MeshHand(chosen.isEmpty() ? every() : chosen, studio.dressHand().reachMm());
            DressEdits.drapes(studio, name, Mesh.class, m -> change.apply(hand, m));
        }

        private void cut(UnaryOperator<Mesh> change) {
            studio.holdDress(h -> h.withPoints(Set.of()));
            DressEdits.drapes(studio, "patches of the drape", Mesh.class, change);
        }

        void show(Mesh mesh) {
            columns.show(mesh.columns());
            rows.show(mesh.rows());
            reach.show(studio.dressHand().reachMm());
        }
    }
}
