package org.vatwright.desktop.inspect;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.repeat.Tile;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.cloth.ClothPane;
import org.vatwright.desktop.cloth.ScaleBar;
import org.vatwright.desktop.cloth.Viewport;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Label;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;

/** The field over the whole middle; or the seams, with the four corners brought together under a loupe. */
final class InspectPane extends ClothPane {

    /** What is looked for. */
    enum Sight {
        PLAIN("Plain"), SEAMS("Seams");

        private final String words;

        Sight(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    private static final double LOUPE = 220;
    private static final double LOUPE_POWER = 5;

    private final Studio studio;
    private final ClothImage cloth = new ClothImage();
    private final ClothImage loupe = new ClothImage();
    private final Circle rim = new Circle(LOUPE / 2);
    private final Label power = Ui.label("", "on-cloth-note");
    private final Pane lines = new Pane();
    private final ScaleBar bar = new ScaleBar();
    private Design design;
    private Colourway colourway;
    private Sight sight = Sight.PLAIN;
    private double cells = 4;
    /** The middle of the loupe, in the view; not a number while it rests on the corner. */
    private double loupeX = Double.NaN;
    private double loupeY = Double.NaN;

    InspectPane(Studio studio) {
        this.studio = studio;
        setId("field");
        rim.getStyleClass().add("loupe-rim");
        rim.setMouseTransparent(true);
        lines.setMouseTransparent(true);
        power.setMouseTransparent(true);
        loupe.setClip(new Circle(LOUPE / 2, LOUPE / 2, LOUPE / 2));
        Ui.placedByHand(power, bar);
        getChildren().addAll(cloth, lines, loupe, rim, power, bar);
        setOnMouseMoved(this::look);
        setOnMouseDragged(this::look);
        setOnMouseExited(e -> {
            loupeX = Double.NaN;
            update();
        });
    }

    void show(Design shown, Colourway itsColourway, Sight wanted, double across) {
        boolean refit = design == null || !design.id().equals(shown.id()) || sight != wanted || cells != across;
        design = shown;
        colourway = itsColourway;
        sight = wanted;
        cells = across;
        if (refit) {
            fit();
        } else {
            update();
        }
    }

    private void look(MouseEvent e) {
        if (sight == Sight.SEAMS) {
            loupeX = e.getX();
            loupeY = e.getY();
            update();
        }
    }

    @Override
    protected Viewport fitting() {
        if (design == null) {
            return viewport();
        }
        Tile tile = design.repeat().tile();
        if (sight == Sight.SEAMS) {
            double scale = 0.8 * Math.min(getWidth() / tile.widthMm(), getHeight() / tile.heightMm());
            return new Viewport(getWidth() / 2, getHeight() / 2, scale);
        }
        return new Viewport(0, 0, getWidth() / (cells * design.repeat().widthMm()));
    }

    @Override
    protected void update() {
        if (design == null || getWidth() < 2 || getHeight() < 2) {
            return;
        }
        Viewport v = viewport();
        Scenes.Field field = field(v, (int) Math.ceil(getWidth()), (int) Math.ceil(getHeight()));
        cloth.of(design.id());
        cloth.draw(field, field.subject(studio.tiles()), field.widthPx(), field.heightPx());
        lines.getChildren().clear();
        if (sight == Sight.SEAMS) {
            seams(v);
        } else {
            outline(v);
        }
        boolean seams = sight == Sight.SEAMS;
        loupe.setVisible(seams);
        rim.setVisible(seams);
        power.setVisible(seams);
        if (seams) {
            loupe(v);
        }
        bar.show(v.pxPerMm());
        bar.autosize();
        bar.relocate(14, getHeight() - bar.prefHeight(-1) - 10);
    }

    private Scenes.Field field(Viewport v, int width, int height) {
        return new Scenes.Field(design, colourway, v.mmX(0), v.mmY(0), width, height, v.pxPerMm());
    }

    private void outline(Viewport v) {
        Tile tile = design.repeat().tile();
        double w = tile.widthMm() * v.pxPerMm();
        double h = tile.heightMm() * v.pxPerMm();
        double x = v.x() + Math.rint(((getWidth() - w) / 2 - v.x()) / w) * w;
        double y = v.y() + Math.rint(((getHeight() - h) / 2 - v.y()) / h) * h;
        for (String style : new String[]{"cell-border-under", "cell-border"}) {
            Rectangle r = new Rectangle(x, y, w, h);
            r.getStyleClass().add(style);
            lines.getChildren().add(r);
        }
    }

    private void seams(Viewport v) {
        Tile tile = design.repeat().tile();
        double w = tile.widthMm() * v.pxPerMm();
        double h = tile.heightMm() * v.pxPerMm();
        for (double x = v.x() + Math.ceil(-v.x() / w) * w; x < getWidth(); x += w) {
            edge(new Line(x, 0, x, 14), new Line(x, getHeight() - 14, x, getHeight()));
        }
        for (double y = v.y() + Math.ceil(-v.y() / h) * h; y < getHeight(); y += h) {
            edge(new Line(0, y, 14, y), new Line(getWidth() - 14, y, getWidth(), y));
        }
    }

    private void edge(Line... ends) {
        for (Line end : ends) {
            end.getStyleClass().add("seam-mark");
            lines.getChildren().add(end);
        }
    }

    /** Shows the cloth under its own middle, enlarged; at rest it lies where four tiles meet. */
    private void loupe(Viewport v) {
        boolean rests = Double.isNaN(loupeX);
        double x = rests ? v.x() : loupeX;
        double y = rests ? v.y() : loupeY;
        double scale = v.pxPerMm() * LOUPE_POWER;
        Scenes.Field near = new Scenes.Field(design, colourway, v.mmX(x) - LOUPE / 2 / scale,
                v.mmY(y) - LOUPE / 2 / scale, (int) LOUPE, (int) LOUPE, scale);
        loupe.draw(near, near.subject(studio.tiles()), LOUPE, LOUPE);
        loupe.relocate(x - LOUPE / 2, y - LOUPE / 2);
        rim.setCenterX(x);
        rim.setCenterY(y);
        power.setText(rests ? "four corners, 5 x" : "5 x");
        power.autosize();
        power.relocate(x - power.prefWidth(-1) / 2, y + LOUPE / 2 + 6);
    }
}
