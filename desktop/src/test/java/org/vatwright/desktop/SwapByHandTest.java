package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.project.Project;
import org.vatwright.core.project.Swap;

import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;

/** Another cloth in place of one that is worn, by mouse and keys in the window. */
@Timeout(120)
class SwapByHandTest extends AtTheDemo {

    @BeforeEach
    void openTheApron() throws Exception {
        hand.click("stage-dress");
        hand.click("article-Crew-apron");
        hand.until("its cloths are listed", () -> hand.showsNow("swap-gangway"));
    }

    private Design of(String id) {
        return hand.studio().project().design(new Id(id)).orElseThrow();
    }

    /** Opens the menu of a cloth and takes the entry that begins so. */
    private String swap(String worn, String other) throws Exception {
        MenuButton menu = (MenuButton) hand.node("swap-" + worn);
        hand.click(menu);
        hand.until("the menu is open", menu::isShowing);
        List<String> entries = Hand.onFx(() -> menu.getItems().stream().map(MenuItem::getText).toList());
        String chosen = entries.stream().filter(t -> t.startsWith(other)).findFirst().orElseThrow();
        for (int i = 0; i <= entries.indexOf(chosen); i++) {
            hand.press(KeyCode.DOWN);
        }
        hand.press(KeyCode.ENTER);
        hand.rest();
        return chosen;
    }

    @Test
    void hereItIsThisArticleAloneAndTheLayStays() throws Exception {
        Project before = hand.studio().project();
        Article apron = hand.studio().article().orElseThrow();
        assertThat(hand.shows("swap-buoys")).isTrue();
        swap("buoys", "Terns");
        assertThat(hand.text("undo")).isEqualTo("Undo: swap Buoys for Terns");
        Project expected = before.editArticle(apron.id(), new Swap(of("buoys"), of("terns"))::on);
        assertThat(hand.studio().project()).isEqualTo(expected).isNotEqualTo(before);
        assertThat(hand.shows("swap-terns")).isTrue();
        assertThat(hand.shows("swap-buoys")).isFalse();
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void everywhereItIsAllThatWearItInOneStepAndItIsToldBefore() throws Exception {
        Project before = hand.studio().project();
        hand.click("swap-everywhere");
        Swap change = new Swap(of("gangway"), of("skarholm"));
        int articles = change.touched(before).size();
        assertThat(articles).as("the demo wears it more than once").isGreaterThan(1);
        hand.until("it is told", () -> hand.showsNow("swap-gangway"));
        assertThat(hand.words("%d pieces of %d articles".formatted(before.articles().stream()
                .map(a -> hand.studio().cut(a)).mapToLong(cut -> cut.pieces().stream().filter(p -> cut.lay(p)
                        .filter(l -> l.design().equals(of("gangway").id())).isPresent()).count())
                .sum(), articles))).isNotNull();
        swap("gangway", "Skarholm");
        assertThat(hand.text("undo")).isEqualTo("Undo: swap Gangway for Skarholm everywhere");
        assertThat(hand.studio().project()).isEqualTo(change.everywhere(before));
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(hand.studio().project()).isEqualTo(before);
    }

    /** From the shelf, over the whole set: all cloths change, nothing else of the document does. */
    @Test
    void fromTheShelfEveryArticleWearsItAndNothingElseChanges() throws Exception {
        Project before = hand.studio().project();
        int worn = before.articles().stream().mapToInt(a -> laid(a).size()).sum();
        javafx.scene.Node shelf = hand.node("shelf-Terns");
        Hand.onFx(() -> {
            shelf.fireEvent(new javafx.scene.input.ContextMenuEvent(
                    javafx.scene.input.ContextMenuEvent.CONTEXT_MENU_REQUESTED, 5, 5, 5, 5, true, null));
            return null;
        });
        List<javafx.scene.control.Menu> menus = Hand.onFx(() -> javafx.stage.Window.getWindows().stream()
                .filter(javafx.scene.control.ContextMenu.class::isInstance)
                .flatMap(w -> ((javafx.scene.control.ContextMenu) w).getItems().stream())
                .filter(javafx.scene.control.Menu.class::isInstance).map(javafx.scene.control.Menu.class::cast)
                .toList());
        assertThat(menus).extracting(MenuItem::getText).containsExactly("Wear it all over Crew apron",
                "Wear it everywhere");
        MenuItem night = menus.getLast().getItems().stream()
                .filter(i -> i.getText().startsWith("all in Night Crossing"))
                .findFirst().orElseThrow();
        int there = (int) before.articles().stream().flatMap(a -> laid(a).stream())
                .filter(l -> l.design().equals(new Id("terns")) && l.colourway().equals("Night Crossing")).count();
        assertThat(night.getText()).contains("(%d pieces of ".formatted(worn - there));
        Hand.onFx(() -> {
            night.fire();
            return null;
        });
        hand.rest();
        Project after = hand.studio().project();
        for (Article article : after.articles()) {
            Article was = before.articles().stream().filter(a -> a.id().equals(article.id())).findFirst().orElseThrow();
            assertThat(laid(article)).as(article.name())
                    .allMatch(l -> l.design().equals(new Id("terns")) && l.colourway().equals("Night Crossing"));
            assertThat(withoutCloth(article)).as(article.name()).isEqualTo(withoutCloth(was));
        }
        assertThat(after.articles()).filteredOn(a -> !laid(a).isEmpty()).hasSizeGreaterThan(10)
                .doesNotContainAnyElementsOf(before.articles());
        assertThat(after.withArticles(before.articles())).isEqualTo(before);
        assertThat(hand.text("undo")).isEqualTo("Undo: Terns everywhere");
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(hand.studio().project()).isEqualTo(before);
    }

    private static List<Lay> laid(Article article) {
        return article.dressings().byPiece().values().stream().flatMap(d -> d.lay().stream()).toList();
    }

    private static Article withoutCloth(Article article) {
        return article.withDressings(article.dressings().each(l -> l.withDesign(new Id("any"), "any")));
    }
}
