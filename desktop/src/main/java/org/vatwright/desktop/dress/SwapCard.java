package org.vatwright.desktop.dress;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.project.Project;
import org.vatwright.core.project.Swap;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Scenes;
import org.vatwright.desktop.studio.Studio;

/** The cloths that an article wears; each is swapped for another, here or wherever it is worn. How it lies stays. */
final class SwapCard extends VBox {

    private static final int WIDE = 46;
    private static final int HIGH = 26;
    private static final double SEEN_MM = 60;

    private final Studio studio;
    private final Segments<Boolean> scope;
    private final VBox lines = new VBox(5);
    private final List<Line> shown = new ArrayList<>();
    private boolean everywhere;

    /** @param row of one design that is worn */
    private record Line(Id design, HBox row, ClothImage strip, Label name, Label count, MenuButton swap) {}

    SwapCard(Studio studio) {
        super(6);
        this.studio = studio;
        setId("cloths");
        scope = new Segments<>(List.of(false, true), e -> e ? "everywhere" : "here", e -> {
            everywhere = e;
            studio.article().ifPresent(this::show);
        });
        scope.getStyleClass().add("tight");
        scope.button(false).setId("swap-here");
        scope.button(true).setId("swap-everywhere");
        getChildren().addAll(Ui.row(Ui.label("Cloths", "card-title"), Ui.spring(), scope), lines);
    }

    void show(Article article) {
        Set<Id> worn = new LinkedHashSet<>();
        for (Id piece : studio.cut(article).ids()) {
            article.dressing(piece).lay().map(Lay::design).filter(id -> studio.project().design(id).isPresent())
                    .ifPresent(worn::add);
        }
        Ui.show(this, !worn.isEmpty());
        scope.show(everywhere);
        if (!shown.stream().map(Line::design).toList().equals(List.copyOf(worn))) {
            shown.clear();
            worn.forEach(id -> shown.add(line(id)));
            lines.getChildren().setAll(shown.stream().map(Line::row).toList());
        }
        for (Line line : shown) {
            studio.project().design(line.design()).ifPresent(d -> show(line, d, article));
        }
    }

    private Line line(Id design) {
        ClothImage strip = new ClothImage();
        StackPane frame = new StackPane(strip);
        frame.getStyleClass().add("layer-strip");
        frame.setMinSize(WIDE, HIGH);
        frame.setMaxSize(WIDE, HIGH);
        Label name = Ui.label("");
        Label count = Ui.label("", "quiet");
        MenuButton swap = new MenuButton("swap");
        swap.setId("swap-" + design.text());
        swap.getStyleClass().addAll("pill", "small-pill");
        // A menu without entries does not open.
        swap.getItems().add(new MenuItem(""));
        swap.setOnShowing(e -> entries(swap, design));
        return new Line(design, Ui.row(frame, Ui.column(0, name, count), Ui.spring(), swap), strip, name, count, swap);
    }

    private void show(Line line, Design design, Article article) {
        line.name().setText(design.name());
        line.swap().setAccessibleText("Swap %s for another design".formatted(design.name()));
        line.count().setText(worn(design, article));
        Scenes.Field field = new Scenes.Field(design, studio.colourway(design), 0, 0, WIDE, HIGH, HIGH / Math.min(
                SEEN_MM, design.repeat().heightMm()));
        line.strip().draw(field, field.subject(studio.tiles()), WIDE, HIGH);
    }

    /** @return what a swap would change, before it does */
    private String worn(Design design, Article article) {
        List<Article> where = everywhere ? studio.project().articles() : List.of(article);
        int pieces = 0;
        int articles = 0;
        for (Article each : where) {
            Cut cut = studio.cut(each);
            int here = (int) cut.pieces().stream().filter(p -> cut.lay(p).filter(l -> l.design().equals(design.id()))
                    .isPresent()).count();
            pieces += here;
            articles += here > 0 ? 1 : 0;
        }
        String words = pieces == 1 ? "1 piece" : pieces + " pieces";
        return everywhere ? "%s of %s".formatted(words, articles == 1 ? "1 article" : articles + " articles") : words;
    }

    private void entries(MenuButton swap, Id worn) {
        swap.getItems().clear();
        Project project = studio.project();
        Optional<Design> from = project.design(worn);
        Optional<Article> article = studio.article();
        if (from.isEmpty() || article.isEmpty()) {
            return;
        }
        for (Design to : project.designs()) {
            if (!to.id().equals(worn)) {
                Swap change = new Swap(from.get(), to);
                MenuItem item = new MenuItem(to.name() + fallback(change, article.get()));
                item.setOnAction(e -> swap(change));
                swap.getItems().add(item);
            }
        }
    }

    /** @return the colourways that will be worn under another name, in words */
    private String fallback(Swap change, Article article) {
        Set<String> told = new TreeSet<>();
        List<Article> where = everywhere ? change.touched(studio.project()) : List.of(article);
        for (Article each : where) {
            each.dressings().byPiece().values().forEach(d -> d.lay().filter(l -> l.design().equals(change.from().id()))
                    .ifPresent(l -> change.otherColourway(l.colourway())
                            .ifPresent(c -> told.add("%s becomes %s".formatted(l.colourway(), c)))));
        }
        return told.isEmpty() ? "" : "   (" + String.join(", ", told) + ")";
    }

    private void swap(Swap change) {
        String words = "swap %s for %s".formatted(change.from().name(), change.to().name());
        if (everywhere) {
            studio.edit(words + " everywhere", change::everywhere);
        } else {
            studio.editArticle(words, change::on);
        }
    }
}
