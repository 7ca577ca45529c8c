package org.vatwright.desktop.draft;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.draft.Area;
import org.vatwright.core.draft.Draft;
import org.vatwright.core.draft.Floats;
import org.vatwright.core.draft.Squares;
import org.vatwright.core.family.weave.Weaving;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.InkColours;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.draft.DraftGeometry.Box;
import org.vatwright.desktop.draft.DraftGeometry.Square;

import javafx.geometry.Orientation;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollBar;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;

/** The draft as squares: clicked, painted by a drag, moved through with the keyboard; areas are chosen with Shift. */
final class DraftPane extends Pane {

    /** As many threads are shown at least, in whole repeats, so that a small weave can be judged. */
    private static final int SHOWN_THREADS = 24;
    private static final int USUAL_SIDE = 14;
    private static final int BAR = 12;

    private final DraftHand hand;
    private final ImageView view = new ImageView();
    private final Rectangle cursor = new Rectangle();
    private final Rectangle area = new Rectangle();
    private final Rectangle repeat = new Rectangle();
    private final Rectangle warpFloat = new Rectangle();
    private final Rectangle weftFloat = new Rectangle();
    private final List<Label> numbers = new ArrayList<>();
    private final ScrollBar across = new ScrollBar();
    private final ScrollBar down = new ScrollBar();
    private DraftGeometry geometry;
    private DraftGeometry labelled;
    private Weaving weaving;
    private Squares drawdown;
    private int[] warp = {};
    private int[] weft = {};
    private boolean coloured = true;
    private boolean floats;
    private boolean choosing;
    private boolean scrolling;
    private boolean stroke;
    private Consumer<Square> pointed = s -> {};

    DraftPane(DraftHand hand) {
        this.hand = hand;
        setId("draft");
        getStyleClass().add("surround");
        setFocusTraversable(true);
        setAccessibleText("Draft: arrow keys move, space marks, Shift and arrows choose an area");
        cursor.getStyleClass().add("draft-cursor");
        area.getStyleClass().add("draft-area");
        repeat.getStyleClass().add("draft-repeat");
        warpFloat.getStyleClass().add("draft-float");
        weftFloat.getStyleClass().add("draft-float");
        Pane over = new Pane(repeat, warpFloat, weftFloat, area, cursor);
        over.setMouseTransparent(true);
        down.setOrientation(Orientation.VERTICAL);
        getChildren().addAll(view, over, across, down);
        Ui.placedByHand(over, across, down);
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
        across.valueProperty().addListener((o, a, b) -> scrolledByBar());
        down.valueProperty().addListener((o, a, b) -> scrolledByBar());
        widthProperty().addListener((o, a, b) -> lay());
        heightProperty().addListener((o, a, b) -> lay());
        setOnScroll(e -> zoom(e.getDeltaY() > 0 ? 1 : -1));
        setOnMousePressed(this::pressed);
        setOnMouseDragged(this::dragged);
        setOnMouseReleased(e -> {
            if (stroke) {
                stroke = false;
                hand.release();
                lay();
            }
        });
        setOnMouseMoved(e -> at(e).ifPresent(pointed));
        new DraftKeys(this, hand);
        focusedProperty().addListener((o, a, b) -> marks());
    }

    void onPointed(Consumer<Square> listener) {
        pointed = listener;
    }

    // ---- what is shown

    void show(Weaving shown, Design design, Colourway colourway) {
        boolean other = weaving == null || !weaving.draft().equals(shown.draft());
        weaving = shown;
        if (other || drawdown == null) {
            drawdown = shown.draft().drawdown();
        }
        InkColours colours = new InkColours(design.palette(), colourway);
        Fabric cloth = shown.fabric();
        int ends = shownThreads(cloth.woven() ? cloth.endsInPeriod() : shown.draft().ends(), shown.draft().ends());
        int picks = shownThreads(cloth.woven() ? cloth.picksInPeriod() : shown.draft().picks(), shown.draft().picks());
        warp = inks(Fabric.threads(cloth.warp()), ends, shown.origin().right(), colours);
        weft = inks(Fabric.threads(cloth.weft()), picks, shown.origin().bottom(), colours);
        lay();
    }

    /** @return whole repeats of weave and colours, enough to be judged */
    private static int shownThreads(int period, int draft) {
        int unit = period <= Draft.MOST_THREADS ? period : draft;
        return unit * Math.max(1, (SHOWN_THREADS + unit - 1) / unit);
    }

    private static int[] inks(List<Ink> threads, int count, boolean lastFirst, InkColours colours) {
        int[] argb = new int[count];
        for (int i = 0; i < count; i++) {
            int ink = colours.argb(threads.get((lastFirst ? count - 1 - i : i) % threads.size()));
            argb[i] = ink >>> 24 == 0 ? 0xFFECE4D6 : ink;
        }
        return argb;
    }

    private void lay() {
        if (weaving == null || getWidth() < 20 || getHeight() < 20) {
            return;
        }
        Draft draft = weaving.draft();
        DraftGeometry before = geometry;
        DraftGeometry fresh = new DraftGeometry(getWidth(), getHeight(), warp.length, weft.length, draft.shafts(),
                draft.treadling().columns(), draft.tieUp().isEmpty(), weaving.origin(),
                before == null ? USUAL_SIDE : before.side(), 0, 0,
                stroke && before != null ? before.held().or(() -> Optional.of(before.room())) : Optional.empty());
        geometry = before == null ? fresh : fresh.scrolled(before.firstEnd(), before.firstPick());
        draw();
    }

    private void draw() {
        DraftPicture picture = new DraftPicture(geometry, surround());
        int[] argb = picture.draw(weaving.draft(), drawdown, warp, weft, coloured);
        if (!(view.getImage() instanceof WritableImage image) || image.getWidth() != picture.width()
                || image.getHeight() != picture.height()) {
            view.setImage(new WritableImage(picture.width(), picture.height()));
        }
        ((WritableImage) view.getImage()).getPixelWriter().setPixels(0, 0, picture.width(), picture.height(),
                PixelFormat.getIntArgbPreInstance(), argb, 0, picture.width());
        if (!geometry.equals(labelled)) {
            labelled = geometry;
            bars();
            labels();
        }
        marks();
    }

    private int surround() {
        return getBackground() != null && !getBackground().getFills().isEmpty()
                && getBackground().getFills().getFirst().getFill() instanceof javafx.scene.paint.Color c
                        ? 0xFF000000 | (int) Math.round(255 * c.getRed()) << 16
                                | (int) Math.round(255 * c.getGreen()) << 8 | (int) Math.round(255 * c.getBlue())
                        : 0xFFC9C9C9;
    }

    private void bars() {
        scrolling = true;
        Box d = geometry.drawdown();
        int moreEnds = geometry.ends() - geometry.endsInView();
        int morePicks = geometry.picks() - geometry.picksInView();
        across.setVisible(moreEnds > 0);
        down.setVisible(morePicks > 0);
        across.setMax(moreEnds);
        across.setVisibleAmount((double) geometry.endsInView() / geometry.ends() * moreEnds);
        across.setBlockIncrement(geometry.endsInView());
        across.setValue(geometry.origin().right() ? moreEnds - geometry.firstEnd() : geometry.firstEnd());
        down.setMax(morePicks);
        down.setVisibleAmount((double) geometry.picksInView() / geometry.picks() * morePicks);
        down.setBlockIncrement(geometry.picksInView());
        down.setValue(geometry.origin().bottom() ? morePicks - geometry.firstPick() : geometry.firstPick());
        across.resizeRelocate(d.x(), d.y() + d.h() + 5, d.w(), BAR);
        Box last = geometry.weftInks();
        down.resizeRelocate(last.x() + last.w() + 5, d.y(), BAR, d.h());
        scrolling = false;
    }

    private void scrolledByBar() {
        if (!scrolling && geometry != null) {
            int end = (int) Math.rint(across.getValue());
            int pick = (int) Math.rint(down.getValue());
            geometry = geometry.scrolled(geometry.origin().right() ? (int) across.getMax() - end : end,
                    geometry.origin().bottom() ? (int) down.getMax() - pick : pick);
            draw();
        }
    }

    /** Numbers of shafts and treadles, and of every so many threads. */
    private void labels() {
        getChildren().removeAll(numbers);
        numbers.clear();
        Box d = geometry.drawdown();
        Box t = geometry.threading();
        for (int shaft = 0; shaft < geometry.shafts(); shaft += step(geometry.shaftPx())) {
            number(shaft + 1, t.x() - 4, geometry.shaftY(shaft) + geometry.shaftPx() / 2.0, true);
        }
        for (int tread = 0; tread < geometry.treads(); tread += step(geometry.treadPx())) {
            number(tread + 1, geometry.treadX(tread) + geometry.treadPx() / 2.0, d.y() + d.h() + 10, false);
        }
        int every = 4 * step(4 * geometry.side() / 2);
        for (int end = geometry.firstEnd(); end < geometry.firstEnd() + geometry.endsInView(); end++) {
            if ((end + 1) % every == 0 || end == 0) {
                number(end + 1, geometry.endX(end) + geometry.side() / 2.0, geometry.warpInks().y() - 9, false);
            }
        }
        for (int pick = geometry.firstPick(); pick < geometry.firstPick() + geometry.picksInView(); pick++) {
            if ((pick + 1) % every == 0 || pick == 0) {
                number(pick + 1, t.x() - 4, geometry.pickY(pick) + geometry.side() / 2.0, true);
            }
        }
        getChildren().addAll(numbers);
    }

    /** @return so many numbers apart that they do not touch */
    private static int step(int px) {
        return px >= 12 ? 1 : px >= 6 ? 2 : px >= 3 ? 4 : 8;
    }

    private void number(int n, double x, double y, boolean before) {
        Label label = Ui.label(String.valueOf(n), "draft-number");
        label.setMouseTransparent(true);
        Ui.placedByHand(label);
        double w = 7.0 * String.valueOf(n).length();
        label.resizeRelocate(before ? x - w - 1 : x - w / 2, y - 7, w + 2, 14);
        numbers.add(label);
    }

    private void marks() {
        if (geometry == null) {
            return;
        }
        Square at = hand.cursor();
        boolean there = at.part() != DraftPart.TIE_UP || !geometry.planned();
        cursor.setVisible(isFocused() && there);
        if (there) {
            frame(cursor, geometry.place(at), geometry.place(at));
        }
        Optional<Area> chosen = hand.area();
        area.setVisible(chosen.isPresent());
        chosen.ifPresent(a -> frame(area, geometry.place(new Square(at.part(), a.column(), a.row())), geometry.place(
                new Square(at.part(), a.column() + a.columns() - 1, a.row() + a.rows() - 1))));
        Draft draft = weaving.draft();
        repeat.setVisible(geometry.ends() > draft.ends() || geometry.picks() > draft.picks());
        frame(repeat, geometry.place(new Square(DraftPart.DRAWDOWN, 0, 0)),
                geometry.place(new Square(DraftPart.DRAWDOWN, draft.ends() - 1, draft.picks() - 1)));
        floatMarks();
    }

    private void floatMarks() {
        Optional<Floats> found = floats ? Optional.of(Floats.of(drawdown)) : Optional.empty();
        show(warpFloat, found.flatMap(Floats::warpFace));
        show(weftFloat, found.flatMap(Floats::weftFace));
    }

    private void show(Rectangle box, Optional<Floats.Run> run) {
        box.setVisible(run.isPresent());
        run.ifPresent(r -> {
            int along = Math.min(r.along(), r.warp() ? geometry.picks() - r.pick() : geometry.ends() - r.end());
            Square last = r.warp()
                    ? new Square(DraftPart.DRAWDOWN, r.end(), r.pick() + along - 1)
                    : new Square(DraftPart.DRAWDOWN, r.end() + along - 1, r.pick());
            frame(box, geometry.place(new Square(DraftPart.DRAWDOWN, r.end(), r.pick())), geometry.place(last));
        });
    }

    private static void frame(Rectangle r, Box a, Box b) {
        int x = Math.min(a.x(), b.x());
        int y = Math.min(a.y(), b.y());
        r.setX(x + 0.5);
        r.setY(y + 0.5);
        r.setWidth(Math.max(a.x() + a.w(), b.x() + b.w()) - x);
        r.setHeight(Math.max(a.y() + a.h(), b.y() + b.h()) - y);
    }

    // ---- what is done

    private Optional<Square> at(MouseEvent e) {
        return geometry == null ? Optional.empty() : geometry.at(e.getX(), e.getY());
    }

    private void pressed(MouseEvent e) {
        requestFocus();
        if (e.getButton() != MouseButton.PRIMARY) {
            return;
        }
        at(e).ifPresent(square -> {
            if (e.isShiftDown()) {
                hand.moveTo(square, true);
            } else if (choosing) {
                hand.beginArea(square);
            } else {
                stroke = true;
                hand.press(square);
            }
        });
    }

    private void dragged(MouseEvent e) {
        if (geometry == null || e.getButton() != MouseButton.PRIMARY) {
            return;
        }
        Square square = geometry.in(hand.cursor().part(), e.getX(), e.getY());
        if (stroke) {
            hand.passOver(square);
        } else if (choosing || e.isShiftDown()) {
            hand.moveTo(square, true);
        }
    }

    /** Brings the cursor into view. */
    void follow() {
        if (geometry != null && weaving != null) {
            DraftGeometry moved = geometry.showing(hand.cursor());
            if (moved.equals(geometry)) {
                marks();
            } else {
                geometry = moved;
                draw();
            }
            pointed.accept(hand.cursor());
        }
    }

    void zoom(int by) {
        if (geometry != null) {
            int step = geometry.side() >= 16 ? 4 : geometry.side() >= 8 ? 2 : 1;
            geometry = geometry.zoomed(geometry.side() + by * step);
            draw();
        }
    }

    /** All threads, as large as they go. */
    void fit() {
        if (geometry != null) {
            int side = DraftGeometry.MOST_SIDE;
            while (side > DraftGeometry.LEAST_SIDE && (geometry.zoomed(side).endsInView() < geometry.ends()
                    || geometry.zoomed(side).picksInView() < geometry.picks())) {
                side--;
            }
            geometry = geometry.zoomed(Math.min(side, 20));
            draw();
        }
    }

    void coloured(boolean threads) {
        coloured = threads;
        lay();
    }

    void floats(boolean shown) {
        floats = shown;
        lay();
    }

    void choosing(boolean areas) {
        choosing = areas;
        if (!areas) {
            hand.dropArea();
        }
    }

    Optional<DraftGeometry> geometry() {
        return Optional.ofNullable(geometry);
    }
}
