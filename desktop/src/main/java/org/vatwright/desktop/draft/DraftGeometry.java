package org.vatwright.desktop.draft;

import java.util.Optional;

import org.vatwright.core.draft.Origin;

/**
 * Where the parts of a draft stand on the pane, in the trade's order: threading above, tie-up in the corner, treadling
 * at the side, drawdown below. Shaft 1 and treadle 1 lie next to the drawdown. Columns and rows are those of the draft,
 * counted from 0: ends, picks, shafts, treadles.
 *
 * @param ends,picks shown, which may be several repeats
 * @param treads columns of the treadling, or of the lift plan
 * @param planned whether there is a lift plan, and so no tie-up
 * @param side of a square in px, whole
 * @param firstEnd,firstPick the first that is in view
 * @param held while a stroke is under way, how much room threading and treadling have, so that the drawdown does not move
 *        under the hand when a shaft comes or goes
 */
record DraftGeometry(double width, double height, int ends, int picks, int shafts, int treads, boolean planned,
        Origin origin, int side, int firstEnd, int firstPick, Optional<Held> held) {

    /** Room in px. */
    record Held(int threading, int treading) {}

    static final int LEAST_SIDE = 3;
    static final int MOST_SIDE = 40;
    private static final int MARGIN = 26;
    private static final int GAP = 7;
    private static final int BAR = 11;
    /** No more of the pane than this goes to threading or treadling. */
    private static final double MOST_SHARE = 0.4;

    /** A square of a part. */
    record Square(DraftPart part, int column, int row) {}

    /** A rectangle on the pane. */
    record Box(int x, int y, int w, int h) {
        boolean holds(double px, double py) {
            return px >= x && px < x + w && py >= y && py < y + h;
        }
    }

    /** Height of a shaft, which is less than a square where there are many. */
    int shaftPx() {
        return held.map(room -> Math.max(1, Math.min(side, room.threading() / shafts)))
                .orElseGet(() -> Math.max(LEAST_SIDE, Math.min(side, (int) (MOST_SHARE * height / shafts))));
    }

    int treadPx() {
        return held.map(room -> Math.max(1, Math.min(side, room.treading() / treads)))
                .orElseGet(() -> Math.max(LEAST_SIDE, Math.min(side, (int) (MOST_SHARE * width / treads))));
    }

    private int rightBlock() {
        return GAP + held.map(Held::treading).orElseGet(() -> treads * treadPx()) + GAP + BAR + MARGIN;
    }

    private int topBlock() {
        return MARGIN + BAR + GAP + held.map(Held::threading).orElseGet(() -> shafts * shaftPx()) + GAP;
    }

    int endsInView() {
        return Math.max(1, Math.min(ends, (int) (width - MARGIN - rightBlock()) / side));
    }

    int picksInView() {
        return Math.max(1, Math.min(picks, (int) (height - MARGIN - topBlock()) / side));
    }

    Box drawdown() {
        return new Box(MARGIN, topBlock(), endsInView() * side, picksInView() * side);
    }

    Box threading() {
        int room = shafts * shaftPx();
        return new Box(MARGIN, topBlock() - GAP - room, endsInView() * side, room);
    }

    Box warpInks() {
        return new Box(MARGIN, threading().y() - GAP - BAR, endsInView() * side, BAR);
    }

    Box treadling() {
        Box d = drawdown();
        return new Box(d.x() + d.w() + GAP, d.y(), treads * treadPx(), d.h());
    }

    Box weftInks() {
        Box t = treadling();
        return new Box(t.x() + t.w() + GAP, t.y(), BAR, t.h());
    }

    Box tieUp() {
        return new Box(treadling().x(), threading().y(), treads * treadPx(), shafts * shaftPx());
    }

    Box box(DraftPart part) {
        return switch (part) {
            case WARP_INKS -> warpInks();
            case THREADING -> threading();
            case TIE_UP -> tieUp();
            case TREADLING, LIFT_PLAN -> treadling();
            case WEFT_INKS -> weftInks();
            case DRAWDOWN -> drawdown();
        };
    }

    DraftPart treadPart() {
        return planned ? DraftPart.LIFT_PLAN : DraftPart.TREADLING;
    }

    /** @return left edge of an end; may lie outside the view */
    int endX(int end) {
        int place = end - firstEnd;
        return MARGIN + (origin.right() ? endsInView() - 1 - place : place) * side;
    }

    int pickY(int pick) {
        int place = pick - firstPick;
        return topBlock() + (origin.bottom() ? picksInView() - 1 - place : place) * side;
    }

    int shaftY(int shaft) {
        return threading().y() + (shafts - 1 - shaft) * shaftPx();
    }

    int treadX(int tread) {
        return treadling().x() + tread * treadPx();
    }

    /** @return where a square stands */
    Box place(Square square) {
        Box box = box(square.part());
        return switch (square.part()) {
            case WARP_INKS -> new Box(endX(square.column()), box.y(), side, box.h());
            case THREADING -> new Box(endX(square.column()), shaftY(square.row()), side, shaftPx());
            case TIE_UP -> new Box(treadX(square.column()), shaftY(square.row()), treadPx(), shaftPx());
            case TREADLING, LIFT_PLAN -> new Box(treadX(square.column()), pickY(square.row()), treadPx(), side);
            case WEFT_INKS -> new Box(box.x(), pickY(square.row()), box.w(), side);
            case DRAWDOWN -> new Box(endX(square.column()), pickY(square.row()), side, side);
        };
    }

    private int end(double x) {
        int place = (int) Math.floor((x - MARGIN) / side);
        return firstEnd + (origin.right() ? endsInView() - 1 - place : place);
    }

    private int pick(double y) {
        int place = (int) Math.floor((y - topBlock()) / side);
        return firstPick + (origin.bottom() ? picksInView() - 1 - place : place);
    }

    Optional<Square> at(double x, double y) {
        for (DraftPart part : DraftPart.values()) {
            boolean there = switch (part) {
                case TIE_UP, TREADLING -> !planned;
                case LIFT_PLAN -> planned;
                default -> true;
            };
            if (there && box(part).holds(x, y)) {
                return Optional.of(in(part, x, y));
            }
        }
        return Optional.empty();
    }

    /** @return the square of a part that lies under a place, or nearest to it, for a drag that leaves the part */
    Square in(DraftPart part, double x, double y) {
        int end = clamp(end(x), firstEnd, firstEnd + endsInView() - 1);
        int pick = clamp(pick(y), firstPick, firstPick + picksInView() - 1);
        int shaft = clamp(shafts - 1 - (int) Math.floor((y - threading().y()) / shaftPx()), 0, shafts - 1);
        int tread = clamp((int) Math.floor((x - treadling().x()) / treadPx()), 0, treads - 1);
        return switch (part) {
            case WARP_INKS -> new Square(part, end, 0);
            case THREADING -> new Square(part, end, shaft);
            case TIE_UP -> new Square(part, tread, shaft);
            case TREADLING, LIFT_PLAN -> new Square(part, tread, pick);
            case WEFT_INKS -> new Square(part, 0, pick);
            case DRAWDOWN -> new Square(part, end, pick);
        };
    }

    private static int clamp(int value, int least, int most) {
        return Math.max(least, Math.min(most, value));
    }

    /** @return what threading and treadling take now, to be held */
    Held room() {
        return new Held(shafts * shaftPx(), treads * treadPx());
    }

    /** @return scrolled so that a thread is in view */
    DraftGeometry showing(Square square) {
        int end = firstEnd;
        int pick = firstPick;
        DraftPart part = square.part();
        if (part == DraftPart.WARP_INKS || part == DraftPart.THREADING || part == DraftPart.DRAWDOWN) {
            end = clamp(end, square.column() - endsInView() + 1, square.column());
        }
        if (part == DraftPart.WEFT_INKS || part == DraftPart.DRAWDOWN || part == treadPart()) {
            pick = clamp(pick, square.row() - picksInView() + 1, square.row());
        }
        return scrolled(end, pick);
    }

    DraftGeometry scrolled(int end, int pick) {
        return new DraftGeometry(width, height, ends, picks, shafts, treads, planned, origin, side,
                clamp(end, 0, ends - endsInView()), clamp(pick, 0, picks - picksInView()), held);
    }

    DraftGeometry zoomed(int newSide) {
        return new DraftGeometry(width, height, ends, picks, shafts, treads, planned, origin,
                clamp(newSide, LEAST_SIDE, MOST_SIDE), firstEnd, firstPick, held).scrolled(firstEnd, firstPick);
    }
}
