package org.vatwright.desktop.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;

import org.vatwright.core.draft.Area;
import org.vatwright.core.draft.Draft;
import org.vatwright.core.draft.NamedWeave;
import org.vatwright.core.draft.SquareFill;
import org.vatwright.core.draft.Squares;
import org.vatwright.core.family.weave.Weaving;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.Layer;
import org.vatwright.desktop.draft.DraftGeometry.Square;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Preview;
import org.vatwright.desktop.studio.Studio;

/**
 * What hand and keyboard do to the draft of the chosen layer: a cursor, an area, a copied piece, an ink to colour threads
 * with. Squares of repeats beyond the first stand for those of the first.
 */
final class DraftHand {

    private final Studio studio;
    private Square cursor = new Square(DraftPart.DRAWDOWN, 0, 0);
    private Optional<Square> anchor = Optional.empty();
    private Optional<Squares> copied = Optional.empty();
    private Optional<Ink> brush = Optional.empty();
    private boolean marking;
    private Runnable changed = () -> {};
    private final Preview<Weaving> preview = new Preview<>();

    DraftHand(Studio studio) {
        this.studio = studio;
    }

    void onChanged(Runnable listener) {
        changed = listener;
    }

    Optional<Weaving> weaving() {
        return studio.layer().map(Layer::structure).filter(Weaving.class::isInstance).map(Weaving.class::cast);
    }

    Square cursor() {
        return cursor;
    }

    /** @return the area between the square where it was begun and the cursor */
    Optional<Area> area() {
        return anchor.filter(a -> a.part() == cursor.part())
                .map(a -> Area.spanning(a.column(), a.row(), cursor.column(), cursor.row()));
    }

    Optional<Squares> copied() {
        return copied;
    }

    Ink brush(Weaving weaving) {
        return brush.orElseGet(() -> weaving.inks().getFirst());
    }

    void brush(Ink ink) {
        brush = Optional.of(ink);
        changed.run();
    }

    /** @param extend whether the area between is chosen */
    void moveTo(Square square, boolean extend) {
        if (!extend) {
            anchor = Optional.empty();
        } else if (anchor.isEmpty() || anchor.get().part() != square.part()) {
            anchor = Optional.of(cursor.part() == square.part() ? cursor : square);
        }
        cursor = square;
        changed.run();
    }

    void beginArea(Square square) {
        anchor = Optional.of(square);
        cursor = square;
        changed.run();
    }

    void dropArea() {
        anchor = Optional.empty();
        changed.run();
    }

    static Squares squares(Draft draft, DraftPart part) {
        return switch (part) {
            case THREADING -> draft.threading();
            case TIE_UP -> draft.tieUp().orElseThrow();
            case TREADLING, LIFT_PLAN -> draft.treadling();
            case DRAWDOWN -> draft.drawdown();
            case WARP_INKS, WEFT_INKS -> throw new IllegalArgumentException("inks are no marks");
        };
    }

    private static Draft with(Draft draft, DraftPart part, Squares squares) {
        return switch (part) {
            case THREADING -> draft.withThreading(squares);
            case TIE_UP -> draft.withTieUp(squares);
            case TREADLING, LIFT_PLAN -> draft.withTreadling(squares);
            case DRAWDOWN -> {
                Draft woven = Draft.weaving(squares);
                yield draft.tieUp().isPresent() ? woven : woven.withLiftPlan();
            }
            case WARP_INKS, WEFT_INKS -> throw new IllegalArgumentException("inks are no marks");
        };
    }

    /** A weave that is no longer what its name says is called a draft. */
    static Weaving drafted(Weaving weaving, Draft draft) {
        if (draft.equals(weaving.draft())) {
            return weaving;
        }
        boolean named;
        try {
            named = NamedWeave.parse(weaving.name()).name().equals(weaving.name());
        } catch (Refusal own) {
            named = false;
        }
        return weaving.withDraft(named ? "draft" : weaving.name(), draft);
    }

    boolean edit(String name, UnaryOperator<Draft> change) {
        return commit(name, w -> drafted(w, change.apply(w.draft())));
    }

    private boolean commit(String name, UnaryOperator<Weaving> change) {
        if (preview.instead().isPresent()) {
            weaving().map(change).ifPresent(preview.instead().get());
            return false;
        }
        return studio.editStructure(name, Weaving.class, change);
    }

    /** @param shown is given the cloth as it would be */
    void preview(Runnable act, Consumer<Weaving> shown) {
        preview.run(act, shown);
    }

    private void say(Message message) {
        if (preview.instead().isEmpty()) {
            studio.say(message);
        }
    }

    private boolean editSquares(String name, DraftPart part, UnaryOperator<Squares> change) {
        return edit(name, d -> with(d, part, change.apply(squares(d, part))));
    }

    private static Square home(Square s, Draft draft) {
        return switch (s.part()) {
            case WARP_INKS, THREADING -> new Square(s.part(), s.column() % draft.ends(), s.row());
            case TIE_UP -> s;
            case TREADLING, LIFT_PLAN, WEFT_INKS -> new Square(s.part(), s.column(), s.row() % draft.picks());
            case DRAWDOWN -> new Square(s.part(), s.column() % draft.ends(), s.row() % draft.picks());
        };
    }

    // ---- marking

    /** Begins a stroke: what the first square becomes, all others that are passed become too. */
    void press(Square square) {
        weaving().ifPresent(w -> {
            Square own = home(square, w.draft());
            marking = square.part().inks() || !squares(w.draft(), square.part()).at(own.column(), own.row())
                    || alone(square.part());
            studio.beginDrag(square.part().inks() ? "colour threads" : "mark " + square.part().words());
            moveTo(square, false);
            mark(square);
        });
    }

    void passOver(Square square) {
        if (!square.equals(cursor)) {
            moveTo(square, false);
            mark(square);
        }
    }

    void release() {
        studio.endDrag();
    }

    /** Marks or clears the square under the cursor, or colours its thread. */
    void toggle() {
        press(cursor);
        release();
    }

    /** An end is on one shaft and a pick treads one treadle: a mark moves there. */
    private static boolean alone(DraftPart part) {
        return part == DraftPart.THREADING || part == DraftPart.TREADLING;
    }

    private void mark(Square square) {
        weaving().ifPresent(w -> {
            Square s = home(square, w.draft());
            switch (square.part()) {
                case WARP_INKS -> ink(true, List.of(s.column()), w);
                case WEFT_INKS -> ink(false, List.of(s.row()), w);
                case THREADING -> editSquares("thread end %d".formatted(s.column() + 1), square.part(),
                        q -> q.only(s.column(), s.row()));
                case TREADLING -> editSquares("tread pick %d".formatted(s.row() + 1), square.part(),
                        q -> q.onlyInRow(s.column(), s.row()));
                default -> editSquares("mark " + square.part().words(), square.part(),
                        q -> q.with(s.column(), s.row(), marking));
            }
        });
    }

    private void ink(boolean warp, List<Integer> threads, Weaving weaving) {
        Ink ink = brush(weaving);
        commit("colour threads " + ink.words(), w -> w.inked(warp, threads, ink));
    }

    // ---- on the chosen area, or all of the part

    /** @return the chosen area within the first repeat, or all of the part the cursor is in */
    private Area within(Squares squares) {
        return area().map(a -> a.in(squares)).orElseGet(() -> Area.all(squares));
    }

    private boolean onSquares(String name, UnaryOperator<Squares> change) {
        if (cursor.part().inks()) {
            say(Message.refused("Choose squares of the threading, tie-up, treadling or drawdown first."));
            return false;
        }
        return editSquares(name, cursor.part(), change);
    }

    void change(String name, SquareFill.Change change) {
        onSquares(name + " " + cursor.part().words(), q -> SquareFill.change(q, within(q), change));
    }

    /** @param across,down as seen: 1 is to the right, and down */
    void shift(int across, int down) {
        weaving().ifPresent(w -> {
            boolean endsAcross = cursor.part() == DraftPart.THREADING || cursor.part() == DraftPart.DRAWDOWN;
            boolean picksDown = cursor.part() == DraftPart.DRAWDOWN || cursor.part() == DraftPart.TREADLING
                    || cursor.part() == DraftPart.LIFT_PLAN;
            int columns = endsAcross && w.origin().right() ? -across : across;
            // Shafts count upwards; picks too where the first lies at the bottom.
            int rows = !picksDown || w.origin().bottom() ? -down : down;
            change("shift", part -> part.shifted(columns, rows));
        });
    }

    void copy() {
        weaving().filter(w -> !cursor.part().inks()).ifPresent(w -> {
            Squares squares = squares(w.draft(), cursor.part());
            copied = Optional.of(squares.part(within(squares)));
            say(Message.hint("%d by %d squares copied; paste them at the cursor, or fill an area with them."
                    .formatted(copied.get().columns(), copied.get().rows())));
            changed.run();
        });
    }

    private Optional<Squares> motif() {
        if (copied.isEmpty()) {
            say(Message.refused("Nothing is copied yet; choose squares and copy them first."));
        }
        return copied;
    }

    void paste() {
        motif().ifPresent(m -> weaving().ifPresent(w -> {
            Square at = home(cursor, w.draft());
            onSquares("paste into " + cursor.part().words(), q -> q.pasted(at.column(), at.row(), m));
        }));
    }

    /** Repeats what was copied over the area, each copy moved on by the step. */
    void fill(int step) {
        motif().ifPresent(m -> {
            boolean alongEnds = cursor.part() != DraftPart.TREADLING && cursor.part() != DraftPart.LIFT_PLAN;
            onSquares(step == 0
                    ? "fill " + cursor.part().words()
                    : "advance %s by %d".formatted(
                            cursor.part().words(), step),
                    q -> SquareFill.advance(q, within(q), m, step, alongEnds));
        });
    }

    /** Colours all threads of the area, or every thread. */
    void inkArea() {
        weaving().ifPresent(w -> {
            boolean warp = cursor.part() != DraftPart.WEFT_INKS && cursor.part() != DraftPart.TREADLING
                    && cursor.part() != DraftPart.LIFT_PLAN;
            int count = warp ? w.draft().ends() : w.draft().picks();
            List<Integer> threads = new ArrayList<>();
            for (int i = 0; i < count; i++) {
                int thread = i;
                if (area().map(a -> warp
                        ? thread >= a.column() && thread < a.column() + a.columns()
                        : thread >= a.row() && thread < a.row() + a.rows()).orElse(true)) {
                    threads.add(i);
                }
            }
            ink(warp, threads, w);
        });
    }
}
