package org.vatwright.desktop.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.project.Wear;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;

/** From the shelf onto what is worn: a design on the chosen pieces, on the article or on all articles, told before it is done. */
final class WearMenu {

    private final Studio studio;
    private final Design design;

    WearMenu(Studio studio, Design design) {
        this.studio = studio;
        this.design = design;
    }

    List<MenuItem> items() {
        List<MenuItem> items = new ArrayList<>();
        List<Article> all = studio.project().articles();
        Set<Id> pieces = studio.selection().pieces();
        studio.article().ifPresent(article -> {
            if (!pieces.isEmpty()) {
                items.add(menu(pieces.size() == 1
                        ? "Wear it on the chosen piece"
                        : "Wear it on the %d chosen pieces".formatted(pieces.size()), List.of(),
                        wear -> studio.editArticle("lay " + design.name(), a -> wear.on(dressed(a, wear), pieces))));
            }
            items.add(menu("Wear it all over " + article.name(), List.of(article),
                    wear -> studio.editArticle("%s all over".formatted(design.name()), wear::on)));
        });
        if (all.size() > 1) {
            items.add(menu("Wear it everywhere", all,
                    wear -> studio.edit("%s everywhere".formatted(design.name()), wear::everywhere)));
        }
        items.removeIf(i -> ((Menu) i).getItems().isEmpty());
        return items;
    }

    /** Chosen pieces that are bare are laid with it first. */
    private Article dressed(Article article, Wear wear) {
        Article changed = article;
        String colourway = wear.colourway().orElse(design.palette().orFirst(studio.selection().colourway()).name());
        for (Id piece : studio.selection().pieces()) {
            if (changed.dressing(piece).lay().isEmpty()) {
                changed = changed.withDressings(changed.dressings().with(piece,
                        Optional.of(new Lay(design.id(), colourway))));
            }
        }
        return changed;
    }

    private interface Done {
        void with(Wear wear);
    }

    /** @param where what is counted; nothing when the name says it all */
    private Menu menu(String name, List<Article> where, Done done) {
        Menu menu = new Menu(name);
        Wear each = new Wear(design, Optional.empty());
        List<String> told = each.told(where, studio.project()::design);
        add(menu, "as each is now" + (told.isEmpty() ? "" : ", " + String.join(", ", told)), each, where, done);
        for (Colourway one : design.palette().colourways()) {
            add(menu, "all in " + one.name(), new Wear(design, Optional.of(one.name())), where, done);
        }
        return menu;
    }

    private void add(Menu menu, String name, Wear wear, List<Article> where, Done done) {
        int pieces = where.stream().mapToInt(wear::count).sum();
        if (!where.isEmpty() && pieces == 0) {
            return;
        }
        long articles = where.stream().filter(a -> wear.count(a) > 0).count();
        String told = where.isEmpty()
                ? ""
                : where.size() == 1
                        ? "   (%s)".formatted(counted(pieces, "piece"))
                        : "   (%s of %s)".formatted(counted(pieces, "piece"), counted(articles, "article"));
        MenuItem item = new MenuItem(name + told);
        item.setOnAction(e -> done.with(wear));
        menu.getItems().add(item);
    }

    private static String counted(long count, String word) {
        return count == 1 ? "1 " + word : "%d %ss".formatted(count, word);
    }
}
