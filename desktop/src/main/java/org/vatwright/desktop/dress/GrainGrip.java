package org.vatwright.desktop.dress;

import java.util.Optional;
import java.util.Set;

import org.vatwright.core.dress.Piece;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.LengthText;
import org.vatwright.core.measure.Numbers;
import org.vatwright.desktop.cloth.HandNumber;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.shape.Circle;

/**
 * The grain line of the piece under the pointer, as on a paper pattern: an arrow along the warp in the middle of the piece. Its
 * head is pulled round, and the cloth turns about the arrow's middle; with Shift by steps of 15 degrees.
 */
final class GrainGrip extends ArticleGrips {

    private static final double STEP_DEG = 15;
    private static final double LONGEST_PX = 46;
    private static final double SHORTEST_PX = 14;
    private static final double BARB_PX = 7;

    private final HandNumber number;
    private Optional<Id> pointed = Optional.empty();
    private boolean shown;
    private Optional<Circle> head = Optional.empty();
    private boolean dragged;
    private Optional<Piece> held = Optional.empty();

    GrainGrip(Studio studio, HandNumber number) {
        super(studio);
        this.number = number;
    }

    /** @param open whether cloth is laid now: nothing is chosen, or the chapter of the lay stands open */
    void shown(boolean open) {
        shown = open;
    }

    void point(Optional<Piece> piece) {
        Optional<Id> now = piece.map(Piece::id);
        if (!now.equals(pointed)) {
            pointed = now;
            if (cut != null) {
                show(cut, view);
            }
        }
    }

    /** @return the piece that the arrow lies on; cloth that is bent has no one grain */
    private Optional<Piece> on() {
        if (!shown || cut == null) {
            return Optional.empty();
        }
        Optional<Piece> piece = held.or(() -> pointed.flatMap(cut::piece)).or(this::piece)
                .flatMap(p -> cut.piece(p.id()));
        return piece
                .filter(p -> !p.locked() && cut.lay(p).isPresent() && cut.dressing(p).drape().isEmpty())
                .filter(p -> length(p) >= SHORTEST_PX);
    }

    private double length(Piece piece) {
        var box = piece.seen().bounds();
        return Math.min(LONGEST_PX, 0.35 * view.pxPerMm() * Math.min(box.getWidth(), box.getHeight()));
    }

    private double middleX(Piece piece) {
        return view.pxX(piece.seen().bounds().getCenterX());
    }

    private double middleY(Piece piece) {
        return view.pxY(piece.seen().bounds().getCenterY());
    }

    @Override
    void draw() {
        head = on().map(p -> {
            double a = Math.toRadians(cut.lay(p).orElseThrow().grainDeg());
            double ux = -Math.sin(a) * length(p);
            double uy = -Math.cos(a) * length(p);
            double x = middleX(p);
            double y = middleY(p);
            line(new double[]{x - ux, y - uy, x + ux, y + uy}, "grain-line");
            // The tail's barbs; the head is the knob.
            double bx = ux * BARB_PX / length(p);
            double by = uy * BARB_PX / length(p);
            line(new double[]{x - ux + bx - by, y - uy + by + bx, x - ux, y - uy, x - ux + bx + by, y - uy + by - bx},
                    "grain-line");
            Circle knob = knob(x + ux, y + uy);
            named(knob, "grain-knob");
            return knob;
        });
    }

    @Override
    boolean press(MouseEvent e) {
        Optional<Piece> piece = on();
        if (piece.isEmpty() || e.getButton() != MouseButton.PRIMARY || head
                .filter(h -> Math.hypot(h.getCenterX() - e.getX(), h.getCenterY() - e.getY()) < REACH_PX).isEmpty()) {
            return false;
        }
        held = piece;
        dragged = false;
        if (!studio.selection().pieces().contains(piece.get().id())) {
            studio.select(s -> s.withPieces(Set.of(piece.get().id())));
        }
        return true;
    }

    @Override
    void drag(MouseEvent e) {
        held.ifPresent(p -> {
            if (!dragged) {
                dragged = true;
                studio.beginDrag("turn the grain");
            }
            double deg = Math.toDegrees(Math.atan2(middleX(p) - e.getX(), middleY(p) - e.getY()));
            double step = e.isShiftDown() ? STEP_DEG : 1;
            double to = Math.rint(deg / step) * step;
            turn(p, to);
            number.pulled(e, words(to));
        });
    }

    @Override
    void release(MouseEvent e) {
        Optional<Piece> piece = held;
        held = Optional.empty();
        if (dragged) {
            number.released(text -> piece.ifPresent(p -> turn(p, LengthText.parseNumber(text, "\u00b0"))));
        }
    }

    private static String words(double deg) {
        return Numbers.plain(deg == 0 ? 0 : deg, 2) + "\u00b0";
    }

    private void turn(Piece piece, double deg) {
        var box = piece.seen().bounds();
        // Several that are chosen turn together, as one cloth.
        double by = deg - cut.piece(piece.id()).flatMap(cut::lay).orElseThrow().grainDeg();
        studio.editLays("grain " + words(deg), l -> l.turnedAbout(box.getCenterX() - piece.asideX(),
                box.getCenterY() - piece.asideY(), by));
    }
}
