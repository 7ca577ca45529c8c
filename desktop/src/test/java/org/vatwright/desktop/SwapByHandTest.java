package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.dress.Article;
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
        assertThat(hand.words("%d pieces of %d articles".formatted(before.articles().stream().mapToInt(change::count)
                .sum(), articles))).isNotNull();
        swap("gangway", "Skarholm");
        assertThat(hand.text("undo")).isEqualTo("Undo: swap Gangway for Skarholm everywhere");
        assertThat(hand.studio().project()).isEqualTo(change.everywhere(before));
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(hand.studio().project()).isEqualTo(before);
    }
}
