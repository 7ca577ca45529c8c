package org.vatwright.desktop.building;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import org.vatwright.core.family.motif.Instance;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.measure.LengthText;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.repeat.Tile;
import org.vatwright.desktop.cloth.AwtShapes;
import org.vatwright.desktop.cloth.HandNumber;
import org.vatwright.desktop.studio.ChosenPart;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;

/**
 * Motifs set by hand, on the cloth: taken hold of wherever they show, dragged over any edge, turned and scaled by a grip,
 * nudged by keys; with Ctrl a key moves by exactly one cell.
 */
final class MotifHandles extends ClothHandles {

    private static final double GRIP_PX = 8;
    private static final int MOST_BESIDE = 2000;

    /** @param spotX,spotY where the instance shows under the pointer, mm of the tile */
    private record Hold(Motifs from, int index, boolean turning, double spotX, double spotY) {}

    private final GuideLines guides;
    private final HandNumber number;
    private final PlacedMotifs framed = new PlacedMotifs();
    private final PlacedMotifs sought = new PlacedMotifs();
    private Hold hold;
    private double pressX;
    private double pressY;

    MotifHandles(Studio studio, CellPane pane, GuideLines guides, HandNumber number) {
        super(studio, pane);
        this.number = number;
        this.guides = guides;
    }

    private Optional<Motifs> motifs() {
        return studio.structure(Motifs.class);
    }

    private Optional<Instance> chosen(Motifs motifs) {
        int part = studio.selection().own();
        return part >= 0 && part < motifs.byHand().size() ? Optional.of(motifs.byHand().get(part)) : Optional.empty();
    }

    @Override
    void draw() {
        motifs().ifPresent(m -> {
            chosen(m).ifPresent(i -> frame(m, i, true));
            int placed = studio.selection().placed();
            if (placed >= 0) {
                framed.tell(m, design.repeat(), all -> framePlaced(m, all));
            }
        });
    }

    private void framePlaced(Motifs motifs, List<Instance> all) {
        int placed = studio.selection().placed();
        if (placed >= 0 && placed < all.size() && motifs().filter(motifs::equals).isPresent()) {
            frame(motifs, all.get(placed), false);
        }
    }

    @Override
    void release(MouseEvent e) {
        if (hold != null) {
            boolean turning = hold.turning();
            boolean pulled = studio.dragging();
            hold = null;
            studio.endDrag();
            if (pulled && turning) {
                number.released(text -> chosenOne(i -> i.withTurnDeg(LengthText.parseNumber(text, "\u00b0")),
                        "turn a motif"));
            } else if (pulled) {
                number.releasedPlace((x, y) -> chosenOne(i -> i.at(x, y), "place a motif"));
            }
        }
    }

    private void chosenOne(UnaryOperator<Instance> change, String name) {
        int own = studio.selection().own();
        motifs().flatMap(this::chosen).ifPresent(i -> studio.editStructure(name, Motifs.class,
                m -> m.with(own, change.apply(i))));
    }

    /** The motif's box as it stands, and a grip at its upper right corner that turns and scales it. */
    private void frame(Motifs motifs, Instance instance, boolean withGrip) {
        Rectangle2D box = motifs.motif(instance.motif()).map(Motif::bounds).orElse(new Rectangle2D.Double());
        Shape placed = instance.place().createTransformedShape(box);
        AffineTransform toPx = new AffineTransform(viewport.pxPerMm(), 0, 0, viewport.pxPerMm(), viewport.x(),
                viewport.y());
        for (String style : new String[]{"picked-under", "picked"}) {
            javafx.scene.shape.Path path = AwtShapes.path(placed, toPx);
            path.getStyleClass().add(style);
            getChildren().add(path);
        }
        if (!withGrip) {
            return;
        }
        Point2D corner = grip(instance, box);
        Circle knob = new Circle(viewport.pxX(corner.getX()), viewport.pxY(corner.getY()), 5);
        knob.getStyleClass().add("grip");
        knob.setId("grip-turn");
        getChildren().add(knob);
    }

    private static Point2D grip(Instance instance, Rectangle2D box) {
        return instance.place().transform(new Point2D.Double(instance.flip() ? box.getMinX() : box.getMaxX(),
                box.getMinY()), null);
    }

    @Override
    void press(MouseEvent e) {
        hold = null;
        if (e.getButton() != MouseButton.PRIMARY || design == null || motifs().isEmpty() || rolled) {
            return;
        }
        pane.requestFocus();
        Motifs motifs = motifs().get();
        pressX = viewport.mmX(e.getX());
        pressY = viewport.mmY(e.getY());
        Optional<Instance> now = chosen(motifs);
        if (now.isPresent()) {
            Rectangle2D box = motifs.motif(now.get().motif()).map(Motif::bounds).orElseThrow();
            Point2D corner = grip(now.get(), box);
            if (Math.hypot(viewport.pxX(corner.getX()) - e.getX(), viewport.pxY(corner.getY()) - e.getY()) < GRIP_PX) {
                hold = new Hold(motifs, studio.selection().own(), true, now.get().x(), now.get().y());
                return;
            }
        }
        int byHand = find(motifs, pressX, pressY);
        if (byHand >= 0) {
            studio.select(s -> s.withOwn(byHand));
        } else if (motifs.placing() instanceof Placing.Trim) {
            // Which repeat of the trim it is, is told by the line.
            studio.select(s -> s.withPart(ChosenPart.NONE));
        } else {
            double x = pressX;
            double y = pressY;
            sought.tell(motifs, design.repeat(),
                    all -> studio.select(s -> s.withPart(findPlaced(motifs, all, x, y))));
        }
    }

    /** @return the topmost placed one whose circle shows there */
    private ChosenPart findPlaced(Motifs motifs, List<Instance> all, double x, double y) {
        Tile tile = design.repeat().tile();
        for (int i = all.size() - 1; i >= 0; i--) {
            Instance instance = all.get(i);
            double r = motifs.motif(instance.motif()).map(Motif::radiusMm).orElse(0.0) * instance.scale();
            for (Tile.Origin cell : tile.cells()) {
                if (Math.hypot(around(x - cell.x() - instance.x(), tile.widthMm()),
                        around(y - cell.y() - instance.y(), tile.heightMm())) < r) {
                    return new ChosenPart.Placed(i);
                }
            }
        }
        return ChosenPart.NONE;
    }

    /** Where no guide holds it, a motif rests level with another one, or upright over it. */
    private GuideLines.Rest beside(double mm, boolean across) {
        Tile tile = design.repeat().tile();
        double near = GuideLines.SNAP_PX / viewport.pxPerMm();
        double side = across ? tile.widthMm() : tile.heightMm();
        for (int i = 0; i < hold.from().byHand().size() && i < MOST_BESIDE; i++) {
            Instance other = hold.from().byHand().get(i);
            for (Tile.Origin cell : i == hold.index() ? List.<Tile.Origin>of() : tile.cells()) {
                double off = around((across ? other.x() + cell.x() : other.y() + cell.y()) - mm, side);
                if (Math.abs(off) < near) {
                    String name = hold.from().motif(other.motif()).map(Motif::name).orElse("a motif");
                    return new GuideLines.Rest(mm + off, (across ? "upright over " : "level with ") + name);
                }
            }
        }
        return new GuideLines.Rest(mm, "");
    }

    /** @return the topmost instance set by hand that shows there, through any edge; -1 for none */
    private int find(Motifs motifs, double x, double y) {
        Tile tile = design.repeat().tile();
        for (int i = motifs.byHand().size() - 1; i >= 0; i--) {
            Instance instance = motifs.byHand().get(i);
            Shape box = instance.place().createTransformedShape(
                    motifs.motif(instance.motif()).map(Motif::bounds).orElseThrow());
            double slack = 3 / viewport.pxPerMm();
            for (Tile.Origin cell : tile.cells()) {
                double dx = cell.x();
                double dy = cell.y();
                double px = x - dx - tile.widthMm() * Math.rint((x - dx - instance.x()) / tile.widthMm());
                double py = y - dy - tile.heightMm() * Math.rint((y - dy - instance.y()) / tile.heightMm());
                if (box.intersects(px - slack, py - slack, 2 * slack, 2 * slack)) {
                    hold = new Hold(motifs, i, false, x - px + instance.x(), y - py + instance.y());
                    return i;
                }
            }
        }
        return -1;
    }

    @Override
    void drag(MouseEvent e) {
        if (hold == null) {
            return;
        }
        Instance from = hold.from().byHand().get(hold.index());
        if (!studio.dragging()) {
            studio.beginDrag(hold.turning() ? "turn a motif" : "move a motif");
        }
        double x = viewport.mmX(e.getX());
        double y = viewport.mmY(e.getY());
        if (hold.turning()) {
            turn(from, x, y, e.isShiftDown());
            motifs().flatMap(this::chosen).ifPresent(i -> number.pulled(e, "%s\u00b0, %s %%".formatted(
                    Numbers.plain(i.turnDeg(), 1), Numbers.plain(100 * i.scale(), 0))));
            return;
        }
        double toX = hold.spotX() + x - pressX;
        double toY = hold.spotY() + y - pressY;
        GuideLines.Rest across = e.isShiftDown() ? new GuideLines.Rest(toX, "") : guides.rest(toX, true);
        GuideLines.Rest down = e.isShiftDown() ? new GuideLines.Rest(toY, "") : guides.rest(toY, false);
        across = across.why().isEmpty() && !e.isShiftDown() ? beside(toX, true) : across;
        down = down.why().isEmpty() && !e.isShiftDown() ? beside(toY, false) : down;
        Instance moved = from.at(from.x() + across.mm() - hold.spotX(), from.y() + down.mm() - hold.spotY());
        set("move a motif", moved);
        number.pulledPlace(e, moved.x(), moved.y());
        String words = "motif at %s, %s mm %s".formatted(Numbers.plain(across.mm(), 1),
                Numbers.plain(down.mm(), 1), across.why().isEmpty() ? down.why() : across.why());
        studio.tellFoot(f -> f.withPlace(words, 0));
    }

    /** With the pointer the corner goes around the middle, and farther or nearer; with Shift by 15 degrees. */
    private void turn(Instance from, double x, double y, boolean stepped) {
        double before = Math.atan2(pressY - from.y(), pressX - from.x());
        double now = Math.atan2(y - from.y(), x - from.x());
        double turn = from.turnDeg() - Math.toDegrees(now - before);
        double scale = from.scale() * Math.hypot(x - from.x(), y - from.y())
                / Math.max(1e-6, Math.hypot(pressX - from.x(), pressY - from.y()));
        double rested = stepped ? 15 * Math.rint(turn / 15) : turn;
        set("turn a motif", from.withTurnDeg(rested).withScale(Math.max(0.01, Math.min(100, scale))));
        studio.tellFoot(f -> f.withPlace("turned %s\u00b0, %s %%".formatted(Numbers.plain(rested, 1),
                Numbers.plain(100 * scale, 0)), 0));
    }

    private void set(String name, Instance instance) {
        Motifs changed = hold.from().with(hold.index(), instance);
        studio.editStructure(name, Motifs.class, m -> changed);
    }

    @Override
    void key(KeyEvent e) {
        Optional<Motifs> motifs = motifs();
        int index = studio.selection().own();
        if (motifs.isEmpty() || chosen(motifs.get()).isEmpty()) {
            return;
        }
        if (e.getCode() == KeyCode.DELETE || e.getCode() == KeyCode.BACK_SPACE) {
            studio.editStructure("take a motif away", Motifs.class, m -> {
                List<Instance> fewer = new java.util.ArrayList<>(m.byHand());
                fewer.remove(index);
                return m.withByHand(fewer);
            });
            studio.select(s -> s.withPart(ChosenPart.NONE));
            e.consume();
            return;
        }
        double[] step = step(e);
        if (step == null) {
            return;
        }
        studio.editStructure(e.isShortcutDown() ? "move a motif by one cell" : "nudge a motif", Motifs.class,
                m -> m.with(index, m.byHand().get(index).at(m.byHand().get(index).x() + step[0],
                        m.byHand().get(index).y() + step[1])));
        e.consume();
    }
}
