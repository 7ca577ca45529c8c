package org.vatwright.desktop.dress;

import java.util.List;

import org.vatwright.core.drape.Place;
import org.vatwright.core.dress.Callout;
import org.vatwright.core.dress.CalloutSteps;
import org.vatwright.desktop.studio.DressEdits;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;

/** Callouts in the hand: the window is pulled where it is to lie, its spot where it is to look, the knob at its side to its size. */
final class CalloutGrips extends ArticleGrips {

    private enum Part {
        WINDOW, SPOT, SIZE
    }

    private boolean shown;
    private Part held;
    private int at;
    private Callout origin;
    private double startX;
    private double startY;

    CalloutGrips(Studio studio) {
        super(studio);
    }

    /** @param open whether their chapter stands open */
    void shown(boolean open) {
        shown = open;
    }

    private List<Callout> all() {
        return shown && cut != null ? cut.article().dressings().whole().callouts() : List.of();
    }

    @Override
    void draw() {
        List<Callout> all = all();
        for (int i = 0; i < all.size(); i++) {
            if (i == Math.min(studio.dressHand().callout(), all.size() - 1)) {
                Callout c = all.get(i);
                named(knob(view.pxX(c.spot().x()), view.pxY(c.spot().y()), "grip-taken"), "callout-spot");
                named(knob(view.pxX(c.middle().x() + c.sizeMm() / 2), view.pxY(c.middle().y()), "grip-turn"),
                        "callout-size");
            }
        }
    }

    private boolean near(double x, double y, MouseEvent e) {
        return Math.hypot(view.pxX(x) - e.getX(), view.pxY(y) - e.getY()) < REACH_PX;
    }

    @Override
    boolean press(MouseEvent e) {
        held = null;
        List<Callout> all = all();
        if (all.isEmpty() || e.getButton() != MouseButton.PRIMARY) {
            return false;
        }
        at = Math.min(studio.dressHand().callout(), all.size() - 1);
        Callout open = all.get(at);
        if (near(open.middle().x() + open.sizeMm() / 2, open.middle().y(), e)) {
            held = Part.SIZE;
        } else if (near(open.spot().x(), open.spot().y(), e)) {
            held = Part.SPOT;
        }
        for (int i = all.size() - 1; i >= 0 && held == null; i--) {
            Callout c = all.get(i);
            double x = view.mmX(e.getX());
            double y = view.mmY(e.getY());
            if (CalloutSteps.window(c).contains(x, y) || CalloutSteps.seen(c).contains(x, y)) {
                held = CalloutSteps.window(c).contains(x, y) ? Part.WINDOW : Part.SPOT;
                at = i;
            }
        }
        if (held != null) {
            int place = at;
            origin = all.get(at);
            startX = e.getX();
            startY = e.getY();
            studio.holdDress(h -> h.withCallout(place));
        }
        return held != null;
    }

    @Override
    void drag(MouseEvent e) {
        if (!studio.dragging() && Math.hypot(e.getX() - startX, e.getY() - startY) < 3) {
            return;
        }
        if (!studio.dragging()) {
            studio.beginDrag(held == Part.SIZE ? "size of the callout" : "move the callout");
        }
        double dx = (e.getX() - startX) / view.pxPerMm();
        double dy = (e.getY() - startY) / view.pxPerMm();
        Callout moved = switch (held) {
            case WINDOW -> origin.withMiddle(kept(origin.middle().moved(dx, dy), origin.sizeMm() / 2));
            case SPOT -> origin.withSpot(kept(origin.spot().moved(dx, dy), 0));
            case SIZE -> origin.withSizeMm(Math.max(1, Math.min(10_000, clean(origin.sizeMm() + 2 * dx))));
        };
        DressEdits.whole(studio, "move the callout", w -> w.editCallout(at, c -> c.map(x -> moved)));
    }

    /** The picture grows to the right and down; to the left and above it begins where it does. */
    private static Place kept(Place p, double half) {
        return new Place(clean(Math.max(half, p.x())), clean(Math.max(half, p.y())));
    }
}
