package org.vatwright.desktop.building;

import java.awt.geom.Point2D;
import java.util.List;
import java.util.Locale;

import javafx.scene.control.Label;

import org.vatwright.core.brush.Symmetry;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.brush.Brushwork;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.repeat.WallpaperGroup;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

/** What each stroke is painted again as: mirrored, turned about a point, by a group of the cell. */
final class MirrorsChapter extends Chapter.Of<Brushwork> {

    private enum Kind {
        NONE("Once"), AXES("Mirrored"), TURNS("Turned"), GROUP("By a group");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        static Kind of(Symmetry symmetry) {
            return switch (symmetry) {
                case Symmetry.None _ -> NONE;
                case Symmetry.Axes _ -> AXES;
                case Symmetry.Turns _ -> TURNS;
                case Symmetry.Group _ -> GROUP;
            };
        }
    }

    private static final int AXES = 3;
    private static final int TURNS = 5;

    private final BrushInHand hand;
    private final Segments<Kind> kinds;
    private final NumberRow count;
    private final NumberRow angle;
    private final NumberRow across;
    private final NumberRow down;
    private final GroupPicker groups;
    private final Label told = Ui.prose("", "quiet");

    MirrorsChapter(Studio studio) {
        super(studio, Brushwork.class);
        hand = new BrushInHand(studio);
        kinds = new Segments<>(List.of(Kind.values()), k -> k.words, this::take);
        kinds.getStyleClass().add("tight");
        for (Kind kind : Kind.values()) {
            kinds.button(kind).setId("mirrors-" + kind.words.toLowerCase(Locale.ROOT).replace(' ', '-'));
        }
        count = NumberRow.number(studio, "How many", "number of mirrors", "", 0, 1, n -> count((int) Math.rint(n)));
        angle = NumberRow.number(studio, "From", "angle of the mirrors", "\u00b0", 1, 5, n -> {
            if (hand.symmetry() instanceof Symmetry.Axes a) {
                hand.symmetry("mirrors from %s\u00b0".formatted(Numbers.plain(n)),
                        new Symmetry.Axes(a.count(), a.x(), a.y(), n));
            }
        });
        across = NumberRow.length(studio, "Across", "middle across", mm -> hand.symmetry("middle of the mirrors",
                hand.symmetry().about(mm, y())));
        down = NumberRow.length(studio, "Down", "middle down", mm -> hand.symmetry("middle of the mirrors",
                hand.symmetry().about(x(), mm)));
        groups = new GroupPicker(studio, "each stroke", (s, g) -> s instanceof Brushwork w
                ? w.withSymmetry(new Symmetry.Group(g))
                : s);
        told.setId("mirrors-told");
        hold(kinds, Ui.pair(count, angle), Ui.pair(across, down), groups, told);
    }

    private void take(Kind kind) {
        // About the point it was about, or else the middle of the cell.
        Point2D middle = hand.symmetry().middle().or(() -> studio.design().map(
                d -> new Point2D.Double(d.repeat().widthMm() / 2, d.repeat().heightMm() / 2))).orElseThrow();
        double x = middle.getX();
        double y = middle.getY();
        Symmetry next = switch (kind) {
            case NONE -> Symmetry.NONE;
            case AXES -> new Symmetry.Axes(AXES, x, y, 90);
            case TURNS -> new Symmetry.Turns(TURNS, x, y);
            case GROUP -> new Symmetry.Group(WallpaperGroup.P2);
        };
        hand.symmetry("strokes " + kind.words.toLowerCase(Locale.ROOT), next);
    }

    private void count(int n) {
        switch (hand.symmetry()) {
            case Symmetry.Axes a -> hand.symmetry("%d mirrors".formatted(n),
                    new Symmetry.Axes(n, a.x(), a.y(), a.angleDeg()));
            case Symmetry.Turns t -> hand.symmetry("%d turning copies".formatted(n),
                    new Symmetry.Turns(n, t.x(), t.y()));
            case Symmetry.None _,Symmetry.Group _ -> {
                // It has none.
            }
        }
    }

    private double x() {
        return hand.symmetry().middle().map(Point2D::getX).orElse(0.0);
    }

    private double y() {
        return hand.symmetry().middle().map(Point2D::getY).orElse(0.0);
    }

    @Override
    void show(Design design, Colourway colourway, Brushwork work) {
        Symmetry symmetry = hand.symmetry();
        Kind kind = Kind.of(symmetry);
        kinds.show(kind);
        boolean about = kind == Kind.AXES || kind == Kind.TURNS;
        Ui.show(count.getParent(), about);
        Ui.show(across.getParent(), about);
        angle.setVisible(kind == Kind.AXES);
        Ui.show(groups, kind == Kind.GROUP);
        switch (symmetry) {
            case Symmetry.Axes a -> {
                count.show(a.count());
                angle.show(a.angleDeg());
            }
            case Symmetry.Turns t -> count.show(t.count());
            case Symmetry.Group(WallpaperGroup g) -> groups.show(design, g);
            case Symmetry.None _ -> {
                // Nothing more to show.
            }
        }
        across.show(x());
        down.show(y());
        told.setText((hand.chosen().isEmpty() ? "The next strokes are" : "The chosen strokes are")
                + " painted " + times(symmetry.copies(design.repeat()).size()) + " in the cell"
                + (about ? "; the point is pulled on the cloth." : "."));
    }

    private static String times(int count) {
        return count == 1 ? "once" : Numbers.plain(count) + " times";
    }
}
