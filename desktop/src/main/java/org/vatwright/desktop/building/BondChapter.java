package org.vatwright.desktop.building;

import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.util.List;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.block.Blocks;
import org.vatwright.core.family.block.Bond;
import org.vatwright.core.family.block.Inking;
import org.vatwright.core.laid.LaidClosing;
import org.vatwright.core.measure.Fraction;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.raster.Work;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.TurnedLattice;
import org.vatwright.desktop.cloth.AwtShapes;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Path;
import javafx.scene.shape.Rectangle;

/** How blocks are laid and how large they are. */
final class BondChapter extends Chapter.Of<Blocks> {

    private static final double SIDE = 26;

    private final Segments<String> bond;
    private final NumberRow share;
    private final NumberRow count;
    private final NumberRow slope;
    private final Label rule = Ui.prose("", "quiet");
    private final NumberRow length;
    private final NumberRow breadth;
    private final NumberRow jointWidth;
    private final NumberRow radius;
    private final Segments<Boolean> sizes;
    private boolean together;

    BondChapter(Studio studio) {
        super(studio, Blocks.class);
        List<String> names = Bond.EXAMPLES.stream().map(Bond::name).toList();
        bond = new Segments<>(names, n -> n, n -> drawing(example(n)),
                n -> edit("lay " + n, b -> b.withBond(example(n))));
        names.forEach(n -> bond.button(n).setId("bond-" + n));
        bond.getStyleClass().add("drawings");
        FlowPane flow = new FlowPane(0, 3);
        flow.getStyleClass().addAll("segments", "drawings", "drawings-flow");
        flow.getChildren().addAll(List.copyOf(bond.getChildren()));
        share = NumberRow.number(studio, "Shifted by", "shift of a course", "% of a block", 4, 5,
                n -> edit("shift courses", b -> b.withBond(new Bond.Running(fraction(n / 100)))));
        count = NumberRow.number(studio, "", "breadths in a length", "", 0, 1, n -> edit("count blocks",
                b -> b.withBond(counted(b.bond(), (int) Math.rint(n)))));
        slope = NumberRow.number(studio, "Slope", "slope of the blocks", "\u00b0", 2, 5,
                n -> edit("slope %s\u00b0".formatted(Numbers.plain(n)), b -> b.withBond(new Bond.Chevron(n))));
        length = size("Length", "block length", Blocks::lengthMm, Blocks::withLength);
        breadth = size("Breadth", "block breadth", Blocks::breadthMm, Blocks::withBreadth);
        jointWidth = size("Joint", "joint width", Blocks::jointMm, Blocks::withJointWidth);
        radius = NumberRow.length(studio, "Corner", "corner radius",
                mm -> edit("round corners", b -> b.withRadiusMm(mm)));
        sizes = new Segments<>(List.of(false, true), t -> t ? "All together" : "Each alone", t -> together = t);
        sizes.button(true).setId("sizes-together");
        rule.setId("bond-rule");
        hold(flow, share, count, slope, rule, Ui.pair(length, breadth), Ui.pair(jointWidth, radius),
                Ui.labelled("Sizes", sizes));
    }

    private NumberRow size(String word, String what, java.util.function.ToDoubleFunction<Blocks> now,
            java.util.function.BiFunction<Blocks, Double, Blocks> change) {
        return NumberRow.length(studio, word, what, mm -> edit("%s %s mm".formatted(what, Numbers.plain(mm)),
                b -> together && now.applyAsDouble(b) > 0 && mm > 0
                        ? b.scaled(mm / now.applyAsDouble(b))
                        : change.apply(b, mm)));
    }

    private static Bond example(String name) {
        return Bond.EXAMPLES.stream().filter(l -> l.name().equals(name)).findFirst().orElseThrow();
    }

    private static Bond counted(Bond bond, int n) {
        return switch (bond) {
            case Bond.Halves _ -> new Bond.Halves(n);
            case Bond.Herringbone _ -> new Bond.Herringbone(n);
            case Bond.Basket _ -> new Bond.Basket(n);
            default -> bond;
        };
    }

    /** @return the share nearest to a number, with a divisor of at most 12 */
    private static Fraction fraction(double share) {
        Fraction best = new Fraction(1, 2);
        for (int d = 2; d <= 12; d++) {
            int n = (int) Math.rint(share * d);
            if (n > 0 && n < d && Math.abs((double) n / d - share) < Math.abs(best.value() - share) - 1e-9) {
                best = new Fraction(n, d);
            }
        }
        return best;
    }

    @Override
    void show(Design design, Colourway colourway, Blocks blocks) {
        bond.show(blocks.bond().name());
        Ui.show(share, blocks.bond() instanceof Bond.Running);
        if (blocks.bond() instanceof Bond.Running(Fraction shift)) {
            share.show(100 * shift.value());
            share.trail(shift.toString());
        }
        int times = blocks.bond() instanceof Bond.Halves(int every) ? every : blocks.bond().breadthsInLength();
        Ui.show(count, times > 0);
        count.show(times);
        count.trail(blocks.bond() instanceof Bond.Halves ? "courses, the last of halves" : "breadths in a length");
        Ui.show(slope, blocks.bond() instanceof Bond.Chevron);
        if (blocks.bond() instanceof Bond.Chevron(double degrees)) {
            slope.show(degrees);
        }
        boolean ruled = blocks.bond().breadthsInLength() > 0;
        Ui.show(rule, ruled);
        rule.setText("Length + joint = %d x (breadth + joint), so the length is %s mm".formatted(times,
                Numbers.plain(blocks.lengthMm(), 4)));
        length.show(blocks.lengthMm());
        breadth.show(blocks.breadthMm());
        jointWidth.show(blocks.jointMm());
        radius.show(blocks.radiusMm());
        Ui.show(radius, !(blocks.bond() instanceof Bond.Scales));
        sizes.show(together);
    }

    /** A few blocks of the bond, small. */
    private static Node drawing(Bond bond) {
        int times = bond.breadthsInLength();
        double breadth = bond instanceof Bond.Hexagons || bond instanceof Bond.Triangles
                || bond instanceof Bond.Diamonds || bond instanceof Bond.Argyle ? 9 : 4;
        Blocks blocks = new Blocks(new Bond.Stacked(), times == 0 ? 9 : times * 5 - 1, breadth, 1, Ink.CLEAR,
                new Inking(Inking.Way.BY_TURN, List.of(Ink.slot("drawn")))).withBond(bond);
        TurnedLattice.Closing own = LaidClosing.tile(blocks).orElseThrow();
        Repeat repeat = new Repeat(own.widthMm() * Math.ceil(SIDE / own.widthMm()),
                own.heightMm() * Math.ceil(SIDE / own.heightMm()), Arrangement.STRAIGHT);
        Pane pane = new Pane();
        pane.setMinSize(SIDE, SIDE);
        pane.setPrefSize(SIDE, SIDE);
        pane.setClip(new Rectangle(SIDE, SIDE));
        Path2D all = new Path2D.Double();
        for (VectorMark mark : blocks.drawing(repeat, Phase.OWN, Work.on(1)).onTile(repeat.tile())) {
            all.append(mark.shape(), false);
        }
        Path path = AwtShapes.path(all, new AffineTransform());
        path.getStyleClass().add("block-drawn");
        pane.getChildren().add(path);
        if (bond instanceof Bond.Argyle) {
            for (int i = -1; i < 3; i++) {
                javafx.scene.shape.Line falling = new javafx.scene.shape.Line(i * 10 - 5, -5, i * 10 + 31, 31);
                javafx.scene.shape.Line rising = new javafx.scene.shape.Line(i * 10 - 5, 31, i * 10 + 31, -5);
                falling.getStyleClass().add("block-line");
                rising.getStyleClass().add("block-line");
                pane.getChildren().addAll(falling, rising);
            }
        }
        return pane;
    }
}
