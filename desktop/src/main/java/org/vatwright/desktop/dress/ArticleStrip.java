package org.vatwright.desktop.dress;

import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.control.Choice;
import org.vatwright.desktop.control.Styles;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Studio;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** The articles of the project as small pictures of how they are dressed; two lines of them at most. */
final class ArticleStrip extends VBox {

    private static final double WIDE = 56;
    private static final double HIGH = 42;
    private static final double TWO_LINES = 152;

    /** What a picture depends on, so that it is drawn again only when that changes. */
    private record Seen(Article article, List<Design> designs) {}

    private record Item(Choice article, Button button, ClothImage image) {}

    private final Studio studio;
    private final FlowPane flow = new FlowPane(3, 2);
    private final Node last;
    private final List<Item> items = new ArrayList<>();

    /** @param last stands behind the last article */
    ArticleStrip(Studio studio, Node last) {
        this.studio = studio;
        this.last = last;
        getStyleClass().add("article-strip");
        flow.setRowValignment(VPos.CENTER);
        getChildren().add(Ui.capped(flow, TWO_LINES));
    }

    void show() {
        List<Choice> wanted = studio.project().articles().stream().map(a -> new Choice(a.id(), a.name())).toList();
        if (!wanted.equals(items.stream().map(Item::article).toList()) || flow.getChildren().isEmpty()) {
            Map<Choice, Item> before = items.stream().collect(Collectors.toMap(Item::article, i -> i));
            items.clear();
            wanted.forEach(w -> items.add(Objects.requireNonNullElseGet(before.get(w), () -> item(w))));
            List<Node> row = new ArrayList<>(items.stream().map(Item::button).toList());
            row.add(last);
            Ui.arrange(flow, row);
        }
        for (Item item : items) {
            item.button().pseudoClassStateChanged(Styles.CHOSEN,
                    studio.selection().article().equals(item.article().id()));
            // While a hand drags, the large picture is enough.
            if (!studio.dragging() || item.image().getImage() == null) {
                studio.project().article(item.article().id()).ifPresent(a -> draw(item.image(), a));
            }
        }
    }

    private void draw(ClothImage image, Article article) {
        Set<Id> worn = new LinkedHashSet<>();
        article.withEachLay(lay -> {
            worn.add(lay.design());
            return lay;
        });
        Seen seen = new Seen(article, worn.stream().map(studio.project()::design).flatMap(Optional::stream).toList());
        Cut cut = studio.cut(article);
        double pxPerMm = Scenes.fit(cut.widthMm(), cut.heightMm(), WIDE, HIGH, 0);
        Scenes.Dressed dressed = new Scenes.Dressed(studio.project(), cut, Optional.empty(), pxPerMm);
        image.draw(seen, dressed.subject(studio.tiles()), cut.widthMm() * pxPerMm, cut.heightMm() * pxPerMm);
    }

    private Item item(Choice article) {
        ClothImage image = new ClothImage();
        StackPane frame = new StackPane(image);
        frame.setMinSize(WIDE, HIGH);
        frame.setMaxSize(WIDE, HIGH);
        Label name = Ui.label(article.name(), "on-cloth", "small-name");
        name.setMaxWidth(WIDE);
        VBox box = Ui.column(1, frame, name);
        box.setAlignment(Pos.CENTER);
        Button button = new Button(null, box);
        button.getStyleClass().add("thumb");
        button.setId("article-" + article.name().replaceAll("[^A-Za-z0-9]+", "-"));
        button.setAccessibleText(article.name());
        Ui.tip(button, article.name());
        button.setOnAction(e -> studio.project().article(article.id())
                .ifPresent(a -> studio.select(s -> s.withArticle(a))));
        return new Item(article, button, image);
    }
}
