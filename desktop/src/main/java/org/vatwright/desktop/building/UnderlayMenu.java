package org.vatwright.desktop.building;

import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;

import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;

import org.vatwright.core.dress.Article;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Underlay;
import org.vatwright.desktop.frame.Desk;
import org.vatwright.desktop.studio.Message;
import org.vatwright.desktop.studio.Studio;

/** What is traced: chosen, made fainter, taken away. */
final class UnderlayMenu {

    private UnderlayMenu() {}

    static List<MenuItem> items(Studio studio, Desk desk) {
        MenuItem picture = item("Trace a picture\u2026", () -> desk.readUnderlay(
                p -> set(studio, "trace a picture",
                        Optional.of(new Underlay(new Underlay.OfPicture(p), opacity(studio))))));
        Menu articles = new Menu("Trace an article");
        articles.getItems().add(new MenuItem(""));
        articles.setOnShowing(e -> articles.getItems().setAll(studio.project().articles().stream()
                .map(a -> article(studio, a)).toList()));
        Menu fainter = new Menu("How much of it is seen");
        DoubleStream.of(0.2, 0.4, 0.6, 0.8).forEach(share -> fainter.getItems().add(
                item("%s %%".formatted(Numbers.plain(100 * share)), () -> faint(studio, share))));
        MenuItem none = item("Trace nothing", () -> set(studio, "trace nothing", Optional.empty()));
        return Stream.of(picture, articles, fainter, none).toList();
    }

    private static MenuItem article(Studio studio, Article article) {
        return item(article.name(), () -> set(studio, "trace " + article.name(),
                Optional.of(new Underlay(new Underlay.OfArticle(article.id()), opacity(studio)))));
    }

    private static double opacity(Studio studio) {
        return studio.design().flatMap(d -> d.guides().underlay()).map(Underlay::opacity).orElse(Underlay.USUAL);
    }

    private static void faint(Studio studio, double share) {
        Optional<Underlay> now = studio.design().flatMap(d -> d.guides().underlay());
        if (now.isEmpty()) {
            studio.say(Message.hint("Nothing is traced yet: choose a picture or an article first."));
        } else {
            set(studio, "what is traced at %s %%".formatted(Numbers.plain(100 * share)),
                    now.map(u -> u.withOpacity(share)));
        }
    }

    private static void set(Studio studio, String name, Optional<Underlay> underlay) {
        studio.editDesign(name, d -> d.withGuides(d.guides().withUnderlay(underlay)));
    }

    private static MenuItem item(String words, Runnable action) {
        MenuItem item = new MenuItem(words);
        item.setOnAction(e -> action.run());
        return item;
    }
}
