package org.vatwright.desktop.dress;

import java.util.Optional;

import org.vatwright.core.dress.Trim;
import org.vatwright.core.dress.TrimSteps;
import org.vatwright.core.stitch.TrimForm.Touch;
import org.vatwright.core.stitch.TrimRun;
import org.vatwright.desktop.studio.DressEdits;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;

/** Single repeats of the open trim: taken by their middles, slid along the line; Delete leaves one out. */
final class TrimGrips extends ArticleGrips {

    private static final double CHOSEN_PX = 5;
    private static final double FREE_PX = 3;

    private boolean shown;
    private int held = -1;
    private Touch origin;
    private double startX;
    private double startY;
    private double wayX;
    private double wayY;

    TrimGrips(Studio studio) {
        super(studio);
    }

    /** @param open whether trims are looked at */
    void shown(boolean open) {
        shown = open;
    }

    private Optional<Trim> trim() {
        int at = studio.dressHand().trim();
        return shown && cut != null && at >= 0 && at < cut.article().dressings().whole().trims().size()
                ? Optional.of(cut.article().dressings().whole().trims().get(at))
                : Optional.empty();
    }

    private Optional<TrimRun> run() {
        return trim().flatMap(t -> TrimSteps.run(t, cut, studio.project()::design));
    }

    /** @return place and way of its middle, in mm */
    private static double[] middle(TrimRun run, TrimRun.Repeat r) {
        double[] p = run.stretches().get(r.stretch()).at((r.from() + r.to()) / 2);
        return new double[]{p[0] + r.offMm() * p[3], p[1] - r.offMm() * p[2], p[2], p[3]};
    }

    @Override
    void draw() {
        run().ifPresent(run -> run.repeats().forEach(r -> {
            double[] p = middle(run, r);
            boolean chosen = r.number() == studio.dressHand().repeat();
            Circle knob = knob(view.pxX(p[0]), view.pxY(p[1]), chosen ? "grip-taken" : "grip-drape");
            knob.setRadius(chosen ? CHOSEN_PX : FREE_PX);
            named(knob, "repeat-" + r.number());
        }));
    }

    @Override
    boolean press(MouseEvent e) {
        held = -1;
        Optional<TrimRun> run = run();
        if (run.isEmpty() || e.getButton() != MouseButton.PRIMARY) {
            return false;
        }
        double near = REACH_PX;
        for (TrimRun.Repeat r : run.get().repeats()) {
            double[] p = middle(run.get(), r);
            double far = Math.hypot(view.pxX(p[0]) - e.getX(), view.pxY(p[1]) - e.getY());
            if (far < near) {
                near = far;
                held = r.number();
                wayX = p[2];
                wayY = p[3];
            }
        }
        if (held >= 0) {
            int number = held;
            origin = trim().orElseThrow().form().touch(held);
            startX = e.getX();
            startY = e.getY();
            studio.holdDress(h -> h.withRepeat(number));
        }
        return held >= 0;
    }

    @Override
    void drag(MouseEvent e) {
        if (held < 0 || !studio.dragging() && Math.hypot(e.getX() - startX, e.getY() - startY) < 3) {
            return;
        }
        if (!studio.dragging()) {
            studio.beginDrag("slide a repeat");
        }
        double along = ((e.getX() - startX) * wayX + (e.getY() - startY) * wayY) / view.pxPerMm();
        touch("slide a repeat", new Touch(clean(origin.slideMm() + along), origin.size(), origin.out()));
    }

    private void touch(String name, Touch touch) {
        int at = studio.dressHand().trim();
        int number = studio.dressHand().repeat();
        DressEdits.whole(studio, name, w -> w.editTrim(at, t -> t.map(x -> x.withForm(x.form().touching(number,
                touch)))));
    }

    @Override
    boolean key(KeyEvent e) {
        boolean leaves = e.getCode() == KeyCode.DELETE || e.getCode() == KeyCode.BACK_SPACE;
        if (!leaves || trim().isEmpty() || studio.dressHand().repeat() < 0) {
            return false;
        }
        Touch was = trim().get().form().touch(studio.dressHand().repeat());
        touch("leave a repeat out", new Touch(was.slideMm(), was.size(), true));
        return true;
    }
}
