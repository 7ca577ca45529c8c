package org.vatwright.desktop.board;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.motif.Arranging.GuideMarks;
import org.vatwright.core.motif.EdgeSight;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.cloth.AwtShapes;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.cloth.ClothPane;
import org.vatwright.desktop.cloth.Ruler;
import org.vatwright.desktop.cloth.Viewport;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.MotifScene;

import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.scene.shape.Line;
import javafx.scene.shape.Path;

/** The motif in hand, large, with rulers from its middle; a tool works on it. */
final class BoardPane extends ClothPane {

    private static final double MARGIN = 48;

    private final BoardHand hand;
    private final ClothImage picture = ClothImage.underTheHand();
    private final Pane lines = new Pane();
    private final Pane over = new Pane();
    private final Ruler across = new Ruler(true);
    private final Ruler down = new Ruler(false);
    private final Region corner = new Region();
    private final BoardGuides guides;
    private BoardTool tool;
    private Design design;
    private Colourway colourway;
    private Motif motif;
    private EdgeSight sight;
    private boolean outlines;

    BoardPane(BoardHand hand) {
        this.hand = hand;
        setId("board");
        corner.getStyleClass().add("ruler");
        across.setId("board-ruler");
        lines.setMouseTransparent(true);
        over.setMouseTransparent(true);
        guides = new BoardGuides(hand, this, across, down);
        getChildren().addAll(picture, lines, guides, over, across, down, corner);
        Ui.placedByHand(lines, guides, over, across, down, corner);
        addEventHandler(MouseEvent.MOUSE_PRESSED, e -> {
            if (e.getButton() == MouseButton.PRIMARY && motif != null) {
                requestFocus();
                tool.press(e, viewport().mmX(e.getX()), viewport().mmY(e.getY()));
                redraw();
            }
        });
        addEventHandler(MouseEvent.MOUSE_DRAGGED, e -> {
            if (motif != null) {
                tool.drag(e, viewport().mmX(e.getX()), viewport().mmY(e.getY()));
                redraw();
            }
        });
        addEventHandler(MouseEvent.MOUSE_RELEASED, e -> {
            if (motif != null) {
                tool.release(e, viewport().mmX(e.getX()), viewport().mmY(e.getY()));
                redraw();
            }
        });
        setOnMouseMoved(e -> {
            across.point(e.getX() - Ruler.BREADTH);
            down.point(e.getY() - Ruler.BREADTH);
            double x = viewport().mmX(e.getX());
            double y = viewport().mmY(e.getY());
            hand.tell("%s, %s mm from the motif's middle".formatted(Numbers.plain(x, 2), Numbers.plain(y, 2)));
            tool.move(e, x, y);
            redraw();
        });
        addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (motif != null && tool.key(e)) {
                e.consume();
                redraw();
            }
        });
    }

    void use(BoardTool other) {
        if (tool != null) {
            tool.leave();
        }
        tool = other;
        redraw();
    }

    GuideMarks guides() {
        return guides.marks();
    }

    void outlines(boolean shown) {
        outlines = shown;
        sight = null;
        update();
    }

    /** @return what the sight of outlines found; none while it is not shown */
    Optional<EdgeSight> sight() {
        return Optional.ofNullable(sight);
    }

    void show(Motif shown, Design itsDesign, Colourway itsColourway) {
        boolean other = motif == null || motif.id() != shown.id() || !design.id().equals(itsDesign.id());
        if (!shown.equals(motif)) {
            sight = null;
        }
        motif = shown;
        design = itsDesign;
        colourway = itsColourway;
        if (other) {
            fit();
        } else {
            update();
        }
    }

    @Override
    protected Viewport fitting() {
        if (motif == null) {
            return viewport();
        }
        Rectangle2D box = motif.bounds();
        double least = Math.max(0.5, Math.max(box.getWidth(), box.getHeight()));
        double w = Math.max(box.getWidth(), least / 4);
        double h = Math.max(box.getHeight(), least / 4);
        double left = Ruler.BREADTH + MARGIN;
        Viewport v = Viewport.fitting(w, h, left, left, getWidth() - left - MARGIN, getHeight() - left - MARGIN);
        return v.moved(-(box.getCenterX() - w / 2) * v.pxPerMm(), -(box.getCenterY() - h / 2) * v.pxPerMm());
    }

    @Override
    protected void update() {
        if (motif == null || getWidth() < 2 || getHeight() < 2) {
            return;
        }
        Viewport v = viewport();
        int w = (int) Math.ceil(getWidth());
        int h = (int) Math.ceil(getHeight());
        if (outlines) {
            picture.clear();
        } else {
            MotifScene scene = new MotifScene(design, colourway, motif, v.mmX(0), v.mmY(0), w, h, v.pxPerMm());
            picture.draw(scene, scene.subject(), w, h);
        }
        across.resizeRelocate(Ruler.BREADTH, 0, getWidth() - Ruler.BREADTH, Ruler.BREADTH);
        down.resizeRelocate(0, Ruler.BREADTH, Ruler.BREADTH, getHeight() - Ruler.BREADTH);
        corner.resizeRelocate(0, 0, Ruler.BREADTH, Ruler.BREADTH);
        across.show(v.x() - Ruler.BREADTH, v.pxPerMm(), getWidth());
        down.show(v.y() - Ruler.BREADTH, v.pxPerMm(), getHeight());
        drawLines();
        guides.show(motif.id());
        redraw();
    }

    /** The motif's middle; in the sight of outlines every part's edge, and where edges meet. */
    private void drawLines() {
        Viewport v = viewport();
        List<Node> nodes = new ArrayList<>();
        nodes.add(styled(new Line(v.pxX(0), 0, v.pxX(0), getHeight()), "board-axis"));
        nodes.add(styled(new Line(0, v.pxY(0), getWidth(), v.pxY(0)), "board-axis"));
        if (outlines) {
            if (sight == null) {
                sight = EdgeSight.of(motif);
            }
            for (Part part : motif.parts()) {
                nodes.add(shape(part.shape(), "board-outline"));
            }
            for (EdgeSight.Stretch s : sight.stretches()) {
                nodes.add(styled(new Line(v.pxX(s.x0()), v.pxY(s.y0()), v.pxX(s.x1()), v.pxY(s.y1())),
                        s.doubled() ? "board-doubled" : "board-gap"));
            }
        }
        lines.getChildren().setAll(nodes);
    }

    private void redraw() {
        over.getChildren().setAll(motif == null || tool == null ? List.of() : tool.overlay());
    }

    /** @return a shape in mm of the motif, in the window's pixels */
    Path shape(Shape shape, String style) {
        Viewport v = viewport();
        Path path = AwtShapes.path(shape, new AffineTransform(v.pxPerMm(), 0, 0, v.pxPerMm(), v.x(), v.y()));
        return styled(path, style);
    }

    static <N extends Node> N styled(N node, String style) {
        node.getStyleClass().add(style);
        return node;
    }
}
