package org.vatwright.desktop.dress;

import java.util.Optional;

import org.vatwright.core.drape.Place;
import org.vatwright.core.dress.Fade;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.measure.Refusal;
import org.vatwright.desktop.studio.DressEdits;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;

/** Where the cloth of the chosen piece fades: a full knob where it is whole, an empty one where it is gone. */
final class FadeGrips extends ArticleGrips {

    private boolean shown;
    private boolean holdsFull;
    private boolean dragged;

    FadeGrips(Studio studio) {
        super(studio);
    }

    /** @param open whether the chapter of the lay stands open */
    void shown(boolean open) {
        shown = open;
    }

    private Optional<Fade> fade() {
        return shown ? piece().flatMap(cut::lay).flatMap(Lay::fade) : Optional.empty();
    }

    @Override
    void draw() {
        fade().ifPresent(f -> {
            Piece piece = piece().orElseThrow();
            line(new double[]{px(piece, f.full()), py(piece, f.full()), px(piece, f.clear()), py(piece, f.clear())},
                    "drape-line");
            named(knob(px(piece, f.full()), py(piece, f.full()), "grip-taken"), "fade-full");
            named(knob(px(piece, f.clear()), py(piece, f.clear()), "grip-drape"), "fade-clear");
        });
    }

    @Override
    boolean press(MouseEvent e) {
        Optional<Fade> fade = fade();
        if (fade.isEmpty() || e.getButton() != MouseButton.PRIMARY) {
            return false;
        }
        Piece piece = piece().orElseThrow();
        double full = far(piece, fade.get().full(), e);
        double clear = far(piece, fade.get().clear(), e);
        holdsFull = full < clear;
        dragged = false;
        return Math.min(full, clear) < REACH_PX;
    }

    private double far(Piece piece, Place p, MouseEvent e) {
        return Math.hypot(px(piece, p) - e.getX(), py(piece, p) - e.getY());
    }

    @Override
    void drag(MouseEvent e) {
        if (!dragged) {
            dragged = true;
            studio.beginDrag("fade the cloth");
        }
        Place to = place(piece().orElseThrow(), e);
        DressEdits.dressings(studio, "fade the cloth", d -> d.withLay(d.lay().map(l -> l.withFade(l.fade()
                .map(f -> moved(f, to))))));
    }

    private Fade moved(Fade fade, Place to) {
        try {
            return holdsFull ? fade.withFull(to) : fade.withClear(to);
        } catch (Refusal tooNear) {
            // The two must not meet; the hand goes on past it.
            return fade;
        }
    }
}
