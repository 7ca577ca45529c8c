package org.vatwright.desktop.draft;

import java.util.Arrays;

import org.vatwright.core.draft.Draft;
import org.vatwright.core.draft.Squares;
import org.vatwright.desktop.draft.DraftGeometry.Box;

/** Draws the squares in view, pixel by pixel, since there may be a hundred thousand of them. */
final class DraftPicture {

    private static final int PAPER = 0xFFFFFDF9;
    private static final int LINE = 0xFFD9CFBF;
    private static final int STRONG = 0xFFA99C86;
    private static final int MARK = 0xFF2B2A33;
    private static final int AGAIN = 0xFF9A98A0;
    private static final int TIED = 0xFF26407A;
    /** Every so many squares a stronger line. */
    private static final int GROUP = 4;
    private static final int LINES_FROM = 5;

    private final DraftGeometry g;
    private final int w;
    private final int h;
    private final int[] out;

    DraftPicture(DraftGeometry g, int surround) {
        this.g = g;
        w = (int) Math.ceil(g.width());
        h = (int) Math.ceil(g.height());
        out = new int[w * h];
        Arrays.fill(out, surround);
    }

    /**
     * @param down the drawdown of one repeat
     * @param warp,weft colours of the shown ends and picks, ARGB
     * @param coloured whether the drawdown shows the threads' colours; else dark where the warp is up
     */
    int[] draw(Draft draft, Squares down, int[] warp, int[] weft, boolean coloured) {
        Box threading = g.threading();
        Box treadling = g.treadling();
        fill(threading, PAPER);
        fill(treadling, PAPER);
        int lastEnd = g.firstEnd() + g.endsInView();
        int lastPick = g.firstPick() + g.picksInView();
        for (int end = g.firstEnd(); end < lastEnd; end++) {
            int own = end % draft.ends();
            for (int shaft = 0; shaft < draft.shafts(); shaft++) {
                if (draft.threading().at(own, shaft)) {
                    fill(g.place(new DraftGeometry.Square(DraftPart.THREADING, end, shaft)),
                            end < draft.ends() ? MARK : AGAIN);
                }
            }
            fill(g.place(new DraftGeometry.Square(DraftPart.WARP_INKS, end, 0)), warp[end]);
        }
        for (int pick = g.firstPick(); pick < lastPick; pick++) {
            int own = pick % draft.picks();
            for (int tread = 0; tread < draft.treadling().columns(); tread++) {
                if (draft.treadling().at(tread, own)) {
                    fill(g.place(new DraftGeometry.Square(g.treadPart(), tread, pick)),
                            pick < draft.picks() ? MARK : AGAIN);
                }
            }
            fill(g.place(new DraftGeometry.Square(DraftPart.WEFT_INKS, 0, pick)), weft[pick]);
            for (int end = g.firstEnd(); end < lastEnd; end++) {
                boolean up = down.at(end % draft.ends(), own);
                fill(g.place(new DraftGeometry.Square(DraftPart.DRAWDOWN, end, pick)),
                        coloured ? up ? warp[end] : weft[pick] : up ? MARK : PAPER);
            }
        }
        draft.tieUp().ifPresent(this::tieUp);
        lines(threading, g.side(), g.shaftPx(), Integer.MAX_VALUE);
        lines(treadling, g.treadPx(), g.side(), Integer.MAX_VALUE);
        if (!coloured) {
            lines(g.drawdown(), g.side(), g.side(), GROUP);
        }
        lines(g.warpInks(), g.side(), g.warpInks().h(), Integer.MAX_VALUE);
        lines(g.weftInks(), g.weftInks().w(), g.side(), Integer.MAX_VALUE);
        return out;
    }

    private void tieUp(Squares tieUp) {
        fill(g.tieUp(), PAPER);
        for (int tread = 0; tread < tieUp.columns(); tread++) {
            for (int shaft = 0; shaft < tieUp.rows(); shaft++) {
                if (tieUp.at(tread, shaft)) {
                    fill(g.place(new DraftGeometry.Square(DraftPart.TIE_UP, tread, shaft)), TIED);
                }
            }
        }
        lines(g.tieUp(), g.treadPx(), g.shaftPx(), Integer.MAX_VALUE);
    }

    private void fill(Box box, int argb) {
        int left = Math.max(0, box.x());
        int right = Math.min(w, box.x() + box.w());
        for (int y = Math.max(0, box.y()); y < Math.min(h, box.y() + box.h()) && left < right; y++) {
            Arrays.fill(out, y * w + left, y * w + right, argb);
        }
    }

    private void lines(Box box, int stepX, int stepY, int group) {
        for (int i = 0; i * stepX <= box.w(); i++) {
            boolean edge = i == 0 || i * stepX == box.w();
            if (edge || stepX >= LINES_FROM || i % group == 0) {
                fill(new Box(box.x() + i * stepX, box.y(), 1, box.h() + 1), edge || i % group == 0 ? STRONG : LINE);
            }
        }
        for (int i = 0; i * stepY <= box.h(); i++) {
            boolean edge = i == 0 || i * stepY == box.h();
            if (edge || stepY >= LINES_FROM || i % group == 0) {
                fill(new Box(box.x(), box.y() + i * stepY, box.w() + 1, 1), edge || i % group == 0 ? STRONG : LINE);
            }
        }
    }

    int width() {
        return w;
    }

    int height() {
        return h;
    }
}
