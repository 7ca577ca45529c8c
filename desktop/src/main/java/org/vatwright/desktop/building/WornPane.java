package org.vatwright.desktop.building;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.TakenFrom.Area;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.cloth.ScaleBar;
import org.vatwright.desktop.cloth.TrueSize;
import org.vatwright.desktop.control.Choice;
import org.vatwright.desktop.control.Scroll;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.LiveCloth;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Stage;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;

/** A field or an article wearing the design, live; below it all that could be looked at instead. */
final class WornPane extends Pane {

    private static final double THUMB = 64;
    private static final double FIELD_CELLS = 4;
    private static final double BOTTOM = 158;
    private static final double TOP = 40;
    private static final double MARGIN = 14;

    /** One thing that can be looked at: the field when {@code article} is empty. */
    private record Thumb(Choice article, Button button, ClothImage image) {}

    private final Studio studio;
    private final Label title = Ui.label("", "pane-title");
    private final ClothImage cloth = new ClothImage();
    private final HBox thumbs = new HBox(8);
    private final List<Thumb> all = new ArrayList<>();
    private final ScaleBar bar = new ScaleBar();
    private final Label scale = Ui.label("", "on-cloth");
    private final ScrollPane strip = new Scroll(thumbs);
    private final TakeBar take;
    private final Rectangle taken = new Rectangle();
    private double takeX;
    private double takeY;
    private Id shown = Id.NONE;
    private double pxPerMm;

    WornPane(Studio studio, TakeBar take) {
        this.studio = studio;
        this.take = take;
        setId("worn");
        getStyleClass().add("surround");
        getStyleClass().add("surround-second");
        setMinSize(120, 60);
        strip.getStyleClass().add("bare-scroll");
        strip.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        strip.setFitToHeight(true);
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
        Ui.placedByHand(strip, bar, scale, title);
        title.setMouseTransparent(true);
        setOnMouseClicked(this::clicked);
        setOnMousePressed(e -> {
            takeX = mmX(e);
            takeY = mmY(e);
        });
        setOnMouseDragged(this::takeTo);
        taken.getStyleClass().add("take");
        taken.setManaged(false);
        taken.setMouseTransparent(true);
        getChildren().addAll(cloth, taken, strip, bar, scale, title);
        widthProperty().addListener((o, a, b) -> studio.design().ifPresent(d -> show(d, studio.colourway(d))));
        heightProperty().addListener((o, a, b) -> studio.design().ifPresent(d -> show(d, studio.colourway(d))));
    }

    private double mmX(MouseEvent e) {
        return (e.getX() - cloth.getLayoutX()) / pxPerMm;
    }

    private double mmY(MouseEvent e) {
        return (e.getY() - cloth.getLayoutY()) / pxPerMm;
    }

    /** While tiles are taken, an area of the article is drawn. */
    private void takeTo(MouseEvent e) {
        Id worn = studio.selection().worn();
        if (!take.open() || worn.equals(Id.NONE) || pxPerMm == 0) {
            return;
        }
        double wide = Math.rint(Math.abs(mmX(e) - takeX));
        double high = Math.rint(Math.abs(mmY(e) - takeY));
        if (Math.min(wide, high) >= Area.LEAST_MM) {
            take.draw(worn, new Area(Math.rint(Math.min(mmX(e), takeX)), Math.rint(Math.min(mmY(e), takeY)), wide,
                    high));
        }
    }

    private void showTaken(Id worn) {
        taken.setVisible(false);
        take.onWorn(worn).ifPresent(a -> {
            taken.setVisible(true);
            taken.setX(cloth.getLayoutX() + a.x() * pxPerMm);
            taken.setY(cloth.getLayoutY() + a.y() * pxPerMm);
            taken.setWidth(a.widthMm() * pxPerMm);
            taken.setHeight(a.heightMm() * pxPerMm);
        });
    }

    /** A double click on a piece goes to dress it; while tiles are taken it takes the whole article. */
    private void clicked(MouseEvent e) {
        if (e.getClickCount() == 2 && take.open()) {
            studio.project().article(studio.selection().worn()).map(studio::cut)
                    .ifPresent(c -> take.draw(studio.selection().worn(), new Area(0, 0, c.widthMm(), c.heightMm())));
            return;
        }
        if (e.getClickCount() != 2 || pxPerMm == 0) {
            return;
        }
        studio.project().article(studio.selection().worn()).ifPresent(article -> studio.cut(article)
                .pieceAt((e.getX() - cloth.getLayoutX()) / pxPerMm, (e.getY() - cloth.getLayoutY()) / pxPerMm)
                .ifPresent(piece -> studio.select(s -> s.withStage(Stage.DRESS).withArticle(article)
                        .withPieces(Set.of(piece.id())))));
    }

    /** @return whether what is worn is that design, in whatever state */
    boolean isShowing(Design design) {
        return design.id().equals(shown);
    }

    void show(Design design, Colourway colourway) {
        shown = design.id();
        if (getWidth() < 40 || getHeight() < BOTTOM + 60) {
            return;
        }
        Id worn = studio.selection().worn();
        double w = getWidth() - 2 * MARGIN;
        double h = getHeight() - BOTTOM - TOP;
        pxPerMm = draw(cloth, worn, design, colourway, MARGIN, TOP, w, h);
        showTaken(worn);
        title.setText("Worn   " + studio.project().article(worn).map(Article::name).orElse("field") + ", "
                + colourway.name());
        title.autosize();
        title.relocate(MARGIN, 12);
        thumbs(design, colourway);
        strip.resizeRelocate(MARGIN - 4, getHeight() - BOTTOM + 10, getWidth() - 2 * MARGIN + 8, THUMB + 44);
        bar.show(pxPerMm);
        bar.autosize();
        bar.relocate(MARGIN, getHeight() - bar.prefHeight(-1) - 8);
        scale.setText(TrueSize.words(pxPerMm));
        scale.autosize();
        scale.relocate(getWidth() - MARGIN - scale.prefWidth(-1), getHeight() - scale.prefHeight(-1) - 8);
        // In a narrow pane the bar alone says how large it is.
        scale.setVisible(bar.getLayoutX() + bar.prefWidth(-1) + MARGIN < scale.getLayoutX());
    }

    /** @return px a mm */
    private double draw(ClothImage image, Id worn, Design design, Colourway colourway, double x, double y, double w,
            double h) {
        Article article = studio.project().article(worn).orElse(null);
        image.of(List.of(design.id(), worn));
        if (article == null) {
            // So many whole pixels a cell: else one repeat lies on the screen's pixels and the next between them, and is softer.
            double cellPx = Math.max(1, Math.rint(Math.max(w, h) / FIELD_CELLS));
            double pxPerMm = cellPx / Math.max(design.repeat().widthMm(), design.repeat().heightMm());
            Scenes.Field field = new Scenes.Field(design, colourway, 0, 0, (int) w, (int) h, pxPerMm);
            image.draw(field, field.subject(studio.tiles()), (int) w, (int) h);
            image.relocate(x, y);
            return pxPerMm;
        }
        Cut cut = studio.cut(article);
        double pxPerMm = Scenes.fit(cut.widthMm(), cut.heightMm(), w, h, 0);
        Scenes.Wearing dressed = new Scenes.Wearing(studio.project(), article, design, colourway, studio.faces(),
                pxPerMm);
        LiveCloth.Subject subject = dressed.subject(studio.tiles());
        image.draw(dressed, subject, cut.widthMm() * pxPerMm, cut.heightMm() * pxPerMm);
        image.relocate(x + (w - cut.widthMm() * pxPerMm) / 2, y + (h - cut.heightMm() * pxPerMm) / 2);
        return pxPerMm;
    }

    private void thumbs(Design design, Colourway colourway) {
        List<Choice> names = new ArrayList<>(List.of(new Choice(Id.NONE, "field")));
        studio.project().articles().forEach(a -> names.add(new Choice(a.id(), a.name())));
        if (!names.equals(all.stream().map(Thumb::article).toList())) {
            Map<Choice, Thumb> before = all.stream().collect(Collectors.toMap(Thumb::article, t -> t));
            all.clear();
            names.forEach(n -> all.add(Objects.requireNonNullElseGet(before.get(n), () -> thumb(n))));
            Ui.arrange(thumbs, all.stream().map(Thumb::button).toList());
        }
        for (Thumb thumb : all) {
            draw(thumb.image(), thumb.article().id(), design, colourway, 0, 0, THUMB, THUMB);
            thumb.button().pseudoClassStateChanged(Styles.CHOSEN,
                    thumb.article().id().equals(studio.selection().worn()));
        }
    }

    private Thumb thumb(Choice article) {
        String words = article.name();
        Button button = new Button();
        button.getStyleClass().add("thumb");
        button.setId("worn-" + words.replaceAll("[^A-Za-z]+", "-"));
        button.setAccessibleText("Show " + words);
        ClothImage image = new ClothImage();
        StackPane frame = new StackPane(image);
        frame.setMinSize(THUMB, THUMB);
        frame.setMaxSize(THUMB, THUMB);
        Label name = Ui.label(words, "quiet", "small-name");
        name.setMaxWidth(THUMB + 6);
        VBox box = Ui.column(3, frame, name);
        button.setGraphic(box);
        button.setOnAction(e -> studio.select(s -> s.withWorn(article.id())));
        return new Thumb(article, button, image);
    }
}
