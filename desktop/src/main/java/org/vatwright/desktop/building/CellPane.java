package org.vatwright.desktop.building;

import java.util.List;

import org.vatwright.core.brush.StrokeOnPane;
import org.vatwright.core.colour.Colourway;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.loom.FabricFit;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.render.FieldMemory;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.woven.FabricStructure;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.cloth.ClothPane;
import org.vatwright.desktop.cloth.HandNumber;
import org.vatwright.desktop.cloth.Ruler;
import org.vatwright.desktop.cloth.Viewport;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Group;
import javafx.scene.Node;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.shape.Rectangle;

/**
 * The repeat being worked on, its neighbours fainter around it, with rulers, guides, band rule and handles. Rolled, the
 * tile is shown moved by half its size each way, so that its seams cross in the middle.
 */
final class CellPane extends ClothPane {

    private static final double MARGIN = 46;

    private final Studio studio;
    private final ClothImage cloth = ClothImage.underTheHand();
    private final FieldMemory memory = new FieldMemory();
    private final Region[] shades = {shade(), shade(), shade(), shade()};
    private final Rectangle border = new Rectangle();
    private final Rectangle borderUnder = new Rectangle();
    private final Ruler across = new Ruler(true);
    private final Ruler down = new Ruler(false);
    private final Region corner = new Region();
    private final BandRules rules;
    private final GuideLines guides;
    private final DotHandles dots;
    private final DotSizeGrip dotSize;
    private final LightGrip light;
    private final CourseGrip courseTo;
    private final CourseGrip courseFrom;
    private final LaidHandles laid;
    private final MotifHandles motifs;
    private final LineHandles line;
    private final UnderlayView underlay;
    private final CutOnCloth cutOut;
    private final TakeArea takeArea;
    private final MirrorGrip mirror;
    private final StrokeHandles strokes;
    private final BrushHandles brush;
    private final CrowdingMap crowding;
    private final HandNumber number;
    private final CornerGrip size;
    private final TurnGrip turn;
    private final GapGrip gap;
    private final BreadthGrip breadth;
    /** Strokes that are painted or just have been, which the picture of the cell does not show yet. */
    private final Group wet = new Group();
    private Design held;
    private Viewport heldView;
    private boolean rolled;
    private boolean leftShown;
    private Design design;
    private Colourway colourway;

    CellPane(Studio studio, TakeBar take) {
        this.studio = studio;
        setId("cell");
        number = new HandNumber(studio, this);
        // Before all others: while an area is drawn nothing else is taken hold of.
        takeArea = new TakeArea(studio, this, take);
        size = new CornerGrip(studio, this, number);
        rules = new BandRules(studio, number);
        guides = new GuideLines(studio, this);
        // Before all others: it is there while its ink is open alone.
        CourseInHand inHand = new CourseInHand(studio, this::update);
        courseTo = new CourseGrip(studio, this, number, inHand, true);
        courseFrom = new CourseGrip(studio, this, number, inHand, false);
        // Before the dots themselves, over which its knob may lie.
        dotSize = new DotSizeGrip(studio, this, number);
        dots = new DotHandles(studio, this, guides, number);
        // Before the others: where grips lie over each other the turn is held.
        light = new LightGrip(studio, this, number);
        turn = new TurnGrip(studio, this, number);
        gap = new GapGrip(studio, this, number);
        breadth = new BreadthGrip(studio, this, number);
        laid = new LaidHandles(studio, this, number);
        motifs = new MotifHandles(studio, this, guides, number);
        line = new LineHandles(studio, this, guides);
        mirror = new MirrorGrip(studio, this, number);
        strokes = new StrokeHandles(studio, this);
        new AlongPull(studio, this);
        // After all others: what can be taken hold of on the cloth is not painted over.
        brush = new BrushHandles(studio, this);
        crowding = new CrowdingMap(studio);
        borderUnder.getStyleClass().add("cell-border-under");
        border.getStyleClass().add("cell-border");
        corner.getStyleClass().add("ruler");
        Pane over = new Pane(borderUnder, border);
        over.setMouseTransparent(true);
        underlay = new UnderlayView(studio);
        cutOut = new CutOnCloth(studio);
        wet.setId("wet-strokes");
        wet.setMouseTransparent(true);
        getChildren().addAll(cloth, wet, underlay);
        getChildren().addAll(shades);
        getChildren().addAll(cutOut, crowding, over, guides, dots, dotSize, laid, motifs, line, light, turn, gap,
                breadth, size,
                strokes, mirror, brush, takeArea, courseTo, courseFrom);
        getChildren().addAll(rules.nodes());
        getChildren().addAll(across, down, corner, number);
        Ui.placedByHand(shades);
        Ui.placedByHand(wet, underlay, cutOut, across, down, corner, guides, dots, dotSize, laid, motifs, line, light,
                turn,
                gap, breadth,
                strokes, mirror, brush, takeArea, crowding, courseTo, courseFrom);
        addEventHandler(MouseEvent.MOUSE_PRESSED, e -> number.hide());
        setOnMouseMoved(this::pointer);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::pointer);
        setOnMouseExited(e -> studio.tellFoot(f -> f.withPlace("", 0)));
        guides.listenTo(across, down);
    }

    private static Region shade() {
        Region shade = new Region();
        shade.getStyleClass().add("neighbour-shade");
        shade.setMouseTransparent(true);
        return shade;
    }

    /** @return steps that make what these designs will show beside the cell */
    List<Runnable> furnishing(List<Design> designs) {
        return rules.furnishing(designs);
    }

    void show(Design shown, Colourway itsColourway) {
        boolean other = design == null || !design.id().equals(shown.id())
                || design.repeat().widthMm() != shown.repeat().widthMm() && !studio.dragging()
                || design.repeat().heightMm() != shown.repeat().heightMm() && !studio.dragging()
                || rules.leftWanted() != leftShown;
        leftShown = rules.leftWanted();
        if (design == null || !design.id().equals(shown.id()) || !itsColourway.equals(colourway)) {
            wipe();
        }
        design = shown;
        colourway = itsColourway;
        if (other) {
            fit();
        } else {
            update();
        }
    }

    void roll(boolean half) {
        rolled = half;
        fit();
    }

    void crowding(boolean shown) {
        crowding.want(shown);
        update();
    }

    /** @param now whether a picture is being cut out, so that the rest of it is seen and its frame is pulled here */
    void cutting(boolean now) {
        if (cutOut.open(now)) {
            update();
        }
    }

    boolean rolled() {
        return rolled;
    }

    Design design() {
        return design;
    }

    Colourway colourway() {
        return colourway;
    }

    /** @return what of the design is in view */
    StrokeOnPane.Part part() {
        Viewport v = viewport();
        return new StrokeOnPane.Part(originX() + v.mmX(0), originY() + v.mmY(0), v.pxPerMm(),
                (int) Math.ceil(getWidth()), (int) Math.ceil(getHeight()));
    }

    /** Shows the cloth as it is now until {@link #letGo}, whatever becomes of the design. @param over what lies on it meanwhile */
    void hold(Node over) {
        held = design;
        heldView = viewport();
        wet.getChildren().add(over);
    }

    /** Shows the design again; what lies on it goes when its picture is there. */
    void letGo() {
        if (held == null || held == design) {
            wipe();
            return;
        }
        held = null;
        List<Node> there = List.copyOf(wet.getChildren());
        cloth.whenShown(() -> wet.getChildren().removeAll(there));
        update();
    }

    /** Shows the design again, and nothing on it. */
    void wipe() {
        held = null;
        wet.getChildren().clear();
    }

    /** @return mm of the design at the box's upper left corner */
    double originX() {
        return rolled ? design.repeat().tile().widthMm() / 2 : 0;
    }

    double originY() {
        return rolled ? design.repeat().tile().heightMm() / 2 : 0;
    }

    private double boxWidth() {
        return rolled ? design.repeat().tile().widthMm() : design.repeat().widthMm();
    }

    private double boxHeight() {
        return rolled ? design.repeat().tile().heightMm() : design.repeat().heightMm();
    }

    @Override
    protected Viewport fitting() {
        if (design == null) {
            return viewport();
        }
        double left = Ruler.BREADTH + MARGIN + (rules.leftWanted() ? BandRule.BREADTH : 0);
        double top = Ruler.BREADTH + MARGIN + BandRule.BREADTH;
        return Viewport.fitting(boxWidth(), boxHeight(), left, top, getWidth() - left - MARGIN,
                getHeight() - top - MARGIN);
    }

    @Override
    protected void update() {
        if (design == null || getWidth() < 2 || getHeight() < 2) {
            return;
        }
        Viewport v = viewport();
        int w = (int) Math.ceil(getWidth());
        int h = (int) Math.ceil(getHeight());
        if (!v.equals(heldView)) {
            wipe();
        }
        Scenes.Field field = new Scenes.Field(held == null ? design : held, colourway, originX() + v.mmX(0),
                originY() + v.mmY(0), w, h, v.pxPerMm());
        cloth.of(design.id());
        cloth.draw(field, field.subject(studio.tiles(), memory), w, h);
        underlay.show(design, v, rolled);
        cutOut.show(design, v, rolled);
        frame(v);
        across.resizeRelocate(Ruler.BREADTH, 0, getWidth() - Ruler.BREADTH, Ruler.BREADTH);
        down.resizeRelocate(0, Ruler.BREADTH, Ruler.BREADTH, getHeight() - Ruler.BREADTH);
        corner.resizeRelocate(0, 0, Ruler.BREADTH, Ruler.BREADTH);
        across.show(v.x() - Ruler.BREADTH, v.pxPerMm(), getWidth());
        down.show(v.y() - Ruler.BREADTH, v.pxPerMm(), getHeight());
        rules.show(design, colourway, v, rolled);
        guides.show(design, v, rolled);
        dots.show(design, v, rolled);
        dotSize.show(design, v, rolled);
        laid.show(design, v, rolled);
        motifs.show(design, v, rolled);
        line.show(design, v, rolled);
        light.show(design, v, rolled);
        turn.show(design, v, rolled);
        gap.show(design, v, rolled);
        breadth.show(design, v, rolled);
        strokes.show(design, v, rolled);
        mirror.show(design, v, rolled);
        brush.show(design, v, rolled);
        takeArea.show(design, v, rolled);
        courseTo.show(design, v, rolled);
        courseFrom.show(design, v, rolled);
        // The frame of a cut-out lies there, too.
        size.setVisible(!rolled && !cutOut.isVisible());
        border.setVisible(!cutOut.isVisible());
        borderUnder.setVisible(!cutOut.isVisible());
        size.setCenterX(v.pxX(design.repeat().widthMm()));
        size.setCenterY(v.pxY(design.repeat().heightMm()));
        crowding.show(design, v, rolled);
    }

    private void frame(Viewport v) {
        double x = v.x();
        double y = v.y();
        double w = boxWidth() * v.pxPerMm();
        double h = boxHeight() * v.pxPerMm();
        double right = Math.max(0, Math.min(getWidth(), x + w));
        double bottom = Math.max(0, Math.min(getHeight(), y + h));
        double left = Math.max(0, Math.min(getWidth(), x));
        double top = Math.max(0, Math.min(getHeight(), y));
        shades[0].resizeRelocate(0, 0, getWidth(), top);
        shades[1].resizeRelocate(0, bottom, getWidth(), getHeight() - bottom);
        shades[2].resizeRelocate(0, top, left, bottom - top);
        shades[3].resizeRelocate(right, top, getWidth() - right, bottom - top);
        for (Rectangle r : List.of(border, borderUnder)) {
            r.setX(x);
            r.setY(y);
            r.setWidth(w);
            r.setHeight(h);
        }
    }

    /** Says in the foot where the pointer is in the cell, and on which ink. */
    private void pointer(MouseEvent e) {
        if (design == null) {
            return;
        }
        across.point(e.getX() - Ruler.BREADTH);
        down.point(e.getY() - Ruler.BREADTH);
        Tile tile = design.repeat().tile();
        double x = wrap(originX() + viewport().mmX(e.getX()), tile.widthMm());
        double y = wrap(originY() + viewport().mmY(e.getY()), tile.heightMm());
        int argb = cloth.argb(e.getX(), e.getY());
        String threads = studio.structure(FabricStructure.class).map(c -> {
            FabricFit fit = c.fit(design.repeat());
            return "   end %d, pick %d".formatted(fit.end(c.fabric(), x, y), fit.pick(c.fabric(), x, y));
        }).orElse("");
        studio.tellFoot(f -> f.withPlace("%s, %s mm%s%s".formatted(Numbers.plain(x, 1), Numbers.plain(y, 1), threads,
                argb == 0 ? "" : "   " + inkWords(design, colourway, argb)), argb));
    }

    private static double wrap(double place, double side) {
        return place - side * Math.floor(place / side);
    }

    static String inkWords(Design design, Colourway colourway, int argb) {
        if (argb >>> 24 < 255) {
            return "partly clear";
        }
        int slot = colourway.colours().indexOf(Rgb.ofArgb(argb));
        return slot >= 0
                ? design.palette().slots().get(slot) + " " + Rgb.ofArgb(argb).hex()
                : "mixture " + Rgb.ofArgb(argb).hex();
    }
}
